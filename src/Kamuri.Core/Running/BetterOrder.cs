using Kamuri.Core.Planning;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Running;

/// <summary>Where a task stands in a new order.</summary>
/// <param name="Task">The task.</param>
/// <param name="Start">Minutes from the start of the plan.</param>
/// <param name="By">Whose hands do it.</param>
public sealed record Reordered(string Task, double Start, string? By)
{
    /// <summary>It begins the minute whoever does it gets up, and not before.</summary>
    public bool IsAfterSleep { get; init; }

    /// <summary>The task at its new place.</summary>
    internal SessionTask Of(SessionTask task, SessionPlan plan) =>
        task with
        {
            PlannedStart = Start,
            By = By ?? task.By,
            // Sessions of earlier versions know nobody who is away, only what had to wait for them.
            NotBefore =
                plan.NotThere.Count == 0 ? task.NotBefore
                : IsAfterSleep ? plan.PlannedStart.AddMinutes(Start)
                : null,
        };
}

/// <summary>What another order is better for.</summary>
public enum OrderGain
{
    /// <summary>All of it is over sooner.</summary>
    End,

    /// <summary>Heads are less late for their hours, added up.</summary>
    Hours,

    /// <summary>What works on hair stays on for less longer than its latest, added up.</summary>
    Waits,
}

/// <summary>A better order for the rest of a running session.</summary>
/// <param name="GainMinutes">How much it gains, of what <see cref="For"/> says.</param>
/// <param name="EndsAt">When it is over then.</param>
/// <param name="Order">What has not begun, in its new order.</param>
/// <param name="Gaps">The breaks of that order.</param>
public sealed record BetterOrder(double GainMinutes, DateTimeOffset EndsAt, IReadOnlyList<Reordered> Order, IReadOnlyList<Link> Gaps)
{
    /// <summary>Less than this is not worth changing for, in minutes (craft default).</summary>
    public const double Worth = 5;

    /// <summary>What gains.</summary>
    public OrderGain For { get; init; }

    /// <summary>Minutes by which all of it is over later for that; 0 when it is not.</summary>
    public double EndsLater { get; init; }

    /// <summary>
    /// Changes with each time a day, or the head of it that is furthest off, has drifted by what is worth changing for, and with what stays
    /// on too long: then it is worth asking again. 0 where it is not.
    /// </summary>
    public static int Asks(SessionMoment moment) =>
        (int)Math.Truncate(moment.Drifts.Values.Append(moment.DriftMinutes).MaxBy(Math.Abs) / Worth)
        + (int)(moment.OverMinutes / Worth) * Apart;

    /// <summary>More than any day drifts, so that the two are told apart.</summary>
    private const int Apart = 100_000;

    /// <summary>
    /// Places what is left of a session anew, from this moment on, around who and what is away; null when that gains less than
    /// <see cref="Worth"/>, or makes somebody later for their hour or something stay on longer than it should. What has begun goes on
    /// as it is.
    /// </summary>
    public static BetterOrder? Of(SessionPlan begun, SessionState state, DateTimeOffset now, IScheduler scheduler, BreakFigures breaks)
    {
        var plan = begun.With(state);
        var moment = SessionTiming.At(begun, state, now);
        var waiting = plan.Tasks.Where(task => state.Task(task.Id).Status == TaskStatus.Waiting).ToList();
        if (waiting.Count(task => task.IsHandsOn) < 2)
        {
            return null;
        }

        var running = plan.Tasks.Where(task => state.Task(task.Id).Status == TaskStatus.Running).ToList();
        int Left(SessionTask task) => Math.Max(1, (int)Math.Ceiling((moment.Times[task.Id].End - now).TotalMinutes));
        var hands = Hands(plan);
        var ids = waiting.Concat(running).Select(task => task.Id).ToHashSet();
        var capacity = Enum.GetValues<Resource>()
            .ToDictionary(resource => resource, resource => plan.Capacity.GetValueOrDefault(resource, 1));
        var problem = new SchedulingProblem(
            [
                .. running.Select(task => new Job(task.Id, task.Strand, Left(task), Left(task), Left(task), [])),
                .. waiting.Select(task => Job(plan, state, task)),
            ],
            [
                .. plan
                    .Links.Where(link => link.LeastGap == 0 && ids.Contains(link.From) && ids.Contains(link.To))
                    // What has begun already may have waited longer than it should; that is no reason to find no order.
                    .Select(link => running.Exists(task => task.Id == link.From) ? link with { MostGap = null } : link),
            ],
            capacity
        )
        {
            Pairs = [.. hands.Select(name => new PairOfHands(name))],
            Absences =
            [
                .. running
                    .Where(task => task.IsHandsOn)
                    .SelectMany(task =>
                        new[] { new Absence(PairOf(plan, task) ?? hands[0], 0, Left(task)) }.Concat(
                            plan.FindHead(task.Strand) is { } head ? [new Absence(head.Key, 0, Left(task))] : []
                        )
                    ),
                .. Away(plan, state, moment, now),
                .. waiting
                    .Where(task => plan.NotThere.Count == 0 && task.NotBefore > now && plan.FindHead(task.Strand) is not null)
                    .Select(task => new Absence(task.Strand, 0, (int)Math.Ceiling((task.NotBefore!.Value - now).TotalMinutes))),
            ],
            Closures = Closure.Of(
                [
                    .. SessionAbsences
                        .Taken(plan, now)
                        .Select(each => (each.Resource, each.From, each.To, capacity[each.Resource] - each.Left)),
                    .. running.SelectMany(task => task.Uses.Where(each => each != Resource.Hands).Select(each => (each, 0, Left(task), 1))),
                ],
                capacity
            ),
            Rests = hands
                .Select(name => (name, new Rest(breaks.LongestAtWork, breaks.BreakMinutes)))
                .Concat(
                    plan.Heads.Where(head => head.PauseAfter is not null)
                        .Select(head => (head.Key, new Rest(head.PauseAfter!.Value, breaks.ChildPauseMinutes)))
                )
                .ToDictionary(pair => pair.Item1, pair => pair.Item2),
            Deadlines = plan
                .Heads.Where(head => head.ReadyBy is not null)
                .ToDictionary(head => head.Key, head => (int)Math.Max(0, Math.Floor((head.ReadyBy!.Value - now).TotalMinutes))),
        };
        // How long what counts may go on to count is not said in it: where it would be too long, what ends it is tried first of all.
        var off = plan
            .Links.Where(link =>
                ids.Contains(link.To)
                && running.Exists(task => task.Id == link.From && SessionTiming.Over(plan, state, task, moment.Times) > 0)
            )
            .Select(link => link.To);
        return off.Distinct()
            .Select(First)
            .Prepend(problem)
            .Select(Ordered)
            .OfType<Candidate>()
            .Where(each =>
                Late(plan, each.Moment) <= Late(plan, moment) + Instant
                && each.Moment.OverMinutes <= moment.OverMinutes + Minute
                && each.Moment.Beyond.Count <= moment.Beyond.Count
            )
            .OrderBy(each => Late(plan, each.Moment))
            .ThenBy(each => each.Moment.OverMinutes)
            .ThenBy(each => each.Moment.EndsAt)
            .Select(Gain)
            .FirstOrDefault(order => order is not null);

        BetterOrder? Gain(Candidate candidate)
        {
            var (sooner, inTime) = (
                (moment.EndsAt - candidate.Moment.EndsAt).TotalMinutes,
                Late(plan, moment) - Late(plan, candidate.Moment)
            );
            var less = moment.OverMinutes - candidate.Moment.OverMinutes;
            // An hour that is kept is worth whatever it makes the end later, and what comes off in time is worth as many minutes.
            (double Minutes, OrderGain For)? gain =
                sooner >= Worth ? (sooner, OrderGain.End)
                : inTime >= Worth ? (inTime, OrderGain.Hours)
                : less >= Worth && less > -sooner ? (less, OrderGain.Waits)
                : null;
            return gain is { } worth
                ? new BetterOrder(worth.Minutes, candidate.Moment.EndsAt, candidate.Order, candidate.Gaps)
                {
                    For = worth.For,
                    EndsLater = Math.Max(0, -sooner),
                }
                : null;
        }

        SchedulingProblem First(string next)
        {
            var before = Before(next);
            return problem with
            {
                Links =
                [
                    .. problem.Links,
                    .. problem
                        .Jobs.Where(job => job.IsHandsOn && job.Id != next && !before.Contains(job.Id))
                        .Select(job => new Link(next, job.Id)),
                ],
            };
        }

        HashSet<string> Before(string task)
        {
            HashSet<string> before = [];
            var open = new Stack<string>([task]);
            while (open.TryPop(out var each))
            {
                foreach (var from in problem.Links.Where(link => link.To == each && before.Add(link.From)))
                {
                    open.Push(from.From);
                }
            }

            return before;
        }

        Candidate? Ordered(SchedulingProblem asked)
        {
            if (scheduler.Solve(asked) is not { } schedule)
            {
                return null;
            }

            var order = schedule
                .Placements.Where(placed => waiting.Exists(task => task.Id == placed.Job.Id))
                .Select(placed => new Reordered(
                    placed.Job.Id,
                    placed.Start + (now - plan.PlannedStart).TotalMinutes,
                    plan.Hands.Count > 0 ? placed.By : null
                )
                {
                    IsAfterSleep = problem.HeldBackBySleep(placed),
                })
                .ToList();
            // What counts is when it is over by the run's own reckoning, not by the solver's.
            return new Candidate(
                order,
                schedule.Gaps,
                SessionTiming.At(begun, state with { Order = new NewOrder([.. order], [.. schedule.Gaps]) }, now)
            );
        }
    }

    private sealed record Candidate(IReadOnlyList<Reordered> Order, IReadOnlyList<Link> Gaps, SessionMoment Moment);

    /// <summary>The solver counts in whole ones.</summary>
    private const double Minute = 1;

    private const double Instant = 0.1;

    /// <summary>Minutes by which heads end behind their hours, added up.</summary>
    private static double Late(SessionPlan plan, SessionMoment moment) =>
        plan
            .Heads.Where(head => head.ReadyBy is not null)
            .Sum(head => Math.Max(0, (moment.Ends[head.Key] - head.ReadyBy!.Value).TotalMinutes));

    /// <summary>
    /// Pairs of hands by the names they have in the problem. Whose is told apart by nobody where there is one pair, but when they are away
    /// is said by name.
    /// </summary>
    private static IReadOnlyList<string> Hands(SessionPlan plan) =>
        plan.Hands.Count > 0
            ? plan.Hands
            : [plan.NotThere.Select(each => each.Who).FirstOrDefault(who => who is not null && plan.FindHead(who) is null) ?? Only];

    /// <summary>Who is away in what is left of the day. A head that cannot be done before it leaves stays until it is.</summary>
    private static IEnumerable<Absence> Away(SessionPlan plan, SessionState state, SessionMoment moment, DateTimeOffset now) =>
        SessionAbsences
            .Of(plan, now)
            .Where(each =>
                each.To != Absence.ForGood
                || !plan.Tasks.Any(task =>
                    task.IsHandsOn
                    && task.Strand == each.Who
                    && !state.Task(task.Id).IsOver
                    && moment.Times[task.Id].End > now.AddMinutes(each.From)
                )
            );

    /// <summary>
    /// "Another order would end it 12 min sooner, at 19:40: oil rinse on Ada next." Where hands do the same next, what comes sooner
    /// behind that: "... blot on Ada before cleanse on Bo."
    /// </summary>
    /// <param name="plan">The day it is for.</param>
    /// <param name="now">When it is said.</param>
    public string Sentence(SessionPlan plan, DateTimeOffset now)
    {
        var gain = For switch
        {
            OrderGain.Hours => RunWords.BeMinutesLessLate(Say.Minutes(GainMinutes)),
            OrderGain.Waits => RunWords.LeaveProductsOnMinutesLessBeyond(Say.Minutes(GainMinutes)),
            _ => RunWords.EndMinutesSoonerAtTime(Say.Minutes(GainMinutes), Say.Clock(EndsAt, now)),
        };
        var order =
            Other(plan) is { } other ? RunWords.AnotherOrder(gain, other)
            : IsSharedOtherwise(plan) ? RunWords.OtherHands(gain)
            : RunWords.OtherBreaks(gain);
        return EndsLater >= Minute ? RunWords.ButEndsLater(order, Say.Minutes(EndsLater)) : order;
    }

    /// <summary>Other hands do something than were to.</summary>
    private bool IsSharedOtherwise(SessionPlan plan) =>
        Order.Any(each => each.By is not null && plan.FindTask(each.Task) is { By: { } by } && by != each.By);

    /// <summary>The first thing hands do otherwise; null where they go by the same order.</summary>
    private string? Other(SessionPlan plan)
    {
        var order = Order.Select(each => plan.FindTask(each.Task)).OfType<SessionTask>().Where(task => task.IsHandsOn).ToList();
        var (first, second) = order.Zip(order.OrderBy(task => task.PlannedStart)).FirstOrDefault(pair => pair.First.Id != pair.Second.Id);
        return first is null ? null
            : first.Id == order[0].Id ? RunWords.NamedNext(Named(first))
            : RunWords.NamedBeforeNamed2(Named(first), Named(second));

        string Named(SessionTask task) =>
            plan.Heads.Count > 1 && plan.FindHead(task.Strand) is { } head
                ? RunWords.TitleOn(task.Title, head.Name)
                : RunWords.Title(task.Title);
    }

    private const string Only = "hands";

    /// <summary>Whose hands it has to be; null where there is one pair, whatever it was called in the plan.</summary>
    private static string? PairOf(SessionPlan plan, SessionTask task) => plan.Hands.Count > 0 ? task.By : null;

    private static Job Job(SessionPlan plan, SessionState state, SessionTask task)
    {
        var usual = Math.Max(1, (int)Math.Round(WorkPace.Minutes(task, state.Task(task.Id))));
        var longest = task.Window is { } window && !task.IsHandsOn ? Math.Max(usual, (int)window.Latest) : usual;
        return new Job(task.Id, task.Strand, usual, usual, longest, task.Uses)
        {
            By = task.IsHandsOn && PairOf(plan, task) is { } pair ? [pair] : null,
            With = plan.FindHead(task.Strand)?.Key,
        };
    }
}
