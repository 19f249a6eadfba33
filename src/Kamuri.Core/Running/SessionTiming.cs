using Kamuri.Core.Planning.Household;
using Kamuri.Core.Scheduling;

namespace Kamuri.Core.Running;

/// <summary>When a task really began or will begin, and end.</summary>
public sealed record TaskTimes(DateTimeOffset Start, DateTimeOffset End);

/// <summary>A wait that is counting, with its marks on the clock.</summary>
public sealed record Counting(
    SessionTask Task,
    DateTimeOffset Since,
    DateTimeOffset EarliestAt,
    DateTimeOffset UsualAt,
    DateTimeOffset LatestAt
);

/// <summary>What one pair of hands does at one moment, and what it comes to next.</summary>
/// <param name="Name">Whose they are; empty when one pair does everything.</param>
/// <param name="Doing">The task in hand; null when hands are free.</param>
/// <param name="Next">The next one; null when none is left.</param>
/// <param name="NextFrom">Not before this, because of a wait or of somebody who is not there yet; null when it can begin at once.</param>
/// <param name="RestUntil">A break that is due lasts until then; null when none is.</param>
/// <param name="Then">The tasks after that.</param>
/// <param name="WaitsFor">What other hands have to be done with before the next; null when nothing holds it up.</param>
public sealed record HandsMoment(
    string Name,
    SessionTask? Doing,
    SessionTask? Next,
    DateTimeOffset? NextFrom,
    DateTimeOffset? RestUntil,
    IReadOnlyList<SessionTask> Then,
    SessionTask? WaitsFor
)
{
    /// <summary>Who or what is away, so that the next has to wait for it; null when nobody is.</summary>
    public NotThere? Keeping { get; init; }

    /// <summary>No press has come for so long that it is asked about; null while it has not.</summary>
    public Silence? Silence { get; init; }
}

/// <summary>A session as it stands at one moment: what hands do, what is counting, what comes next, when it ends.</summary>
/// <param name="Now">The moment.</param>
/// <param name="Hands">Each pair of hands; never empty.</param>
/// <param name="Counting">Waits that are running, soonest mark first.</param>
/// <param name="EndsAt">When it will all be over.</param>
/// <param name="Ends">When each head will be done, by key.</param>
/// <param name="DriftMinutes">Against the length of the plan, wherever on the clock it began; positive is longer.</param>
/// <param name="AllDone">Nothing is left but to finish.</param>
/// <param name="Times">Real or projected times by task.</param>
public sealed record SessionMoment(
    DateTimeOffset Now,
    IReadOnlyList<HandsMoment> Hands,
    IReadOnlyList<Counting> Counting,
    DateTimeOffset EndsAt,
    IReadOnlyDictionary<string, DateTimeOffset> Ends,
    double DriftMinutes,
    bool AllDone,
    IReadOnlyDictionary<string, TaskTimes> Times
)
{
    /// <summary>Minutes by which each head is behind the plan at this moment, by key; below 0 it is ahead.</summary>
    public required IReadOnlyDictionary<string, double> Drifts { get; init; }

    /// <summary>
    /// Minutes by which what works on hair stays on past its latest as the order stands, added up; 0 where all of it comes off in time.
    /// </summary>
    public double OverMinutes { get; init; }

    /// <summary>Who is needed when they are away; empty when nobody is.</summary>
    public IReadOnlyList<NeededWhileAway> Beyond { get; init; } = [];
}

/// <summary>Times the rest of a running session again: order kept, one longest-path pass.</summary>
public static class SessionTiming
{
    /// <summary>A task, how it stands, and its times.</summary>
    private readonly record struct Standing(SessionTask Task, TaskState State, TaskTimes Times);

    public static SessionMoment At(SessionPlan begun, SessionState state, DateTimeOffset now)
    {
        var plan = begun.With(state);
        var zero = state.StartedAt ?? now;
        var all = Project(plan, state, zero, now);
        var times = all.ToDictionary(each => each.Task.Id, each => each.Times);
        var counting = all.Where(each => each is { Task.Window: not null, State.Status: TaskStatus.Running })
            .Select(each => Count(each.Task, each.State))
            .OrderBy(count => count.UsualAt)
            .ToList();
        // A finish is when the last thing ends; skipped work has no length and no say.
        DateTimeOffset End(IEnumerable<Standing> some) =>
            state.FinishedAt
            ?? some.Where(each => each.State.Status != TaskStatus.Skipped).Select(each => each.Times.End).DefaultIfEmpty(now).Max();
        var ends = End(all);
        var names = plan.Hands.Count == 0 ? [""] : plan.Hands;
        return new SessionMoment(
            now,
            [.. names.Select(name => Of(plan, state, now, name, counting, all))],
            counting,
            ends,
            plan.Heads.ToDictionary(head => head.Key, head => End(all.Where(each => each.Task.Strand == head.Key))),
            (ends - zero).TotalMinutes - state.AwayBefore(ends, now) - (plan.PlannedEnd - plan.PlannedStart).TotalMinutes,
            all.All(each => each.State.IsOver),
            times
        )
        {
            Drifts = plan.Heads.ToDictionary(
                head => head.Key,
                head => Drift([.. all.Where(each => each.Task.Strand == head.Key)], state, zero, now)
            ),
            OverMinutes = state.FinishedAt is null ? all.Sum(each => Over(plan, state, each.Task, times)) : 0,
            Beyond = state.FinishedAt is null ? SessionAbsences.Needed(plan, state, times, now) : [],
        };
    }

    /// <summary>What is going on against when it should end; between two tasks, the next one against when it should begin.</summary>
    private static double Drift(List<Standing> own, SessionState state, DateTimeOffset zero, DateTimeOffset now)
    {
        double Since(DateTimeOffset moment) => (moment - zero).TotalMinutes - state.AwayBefore(moment, now);
        double Ended(Standing each) => Since(each.Times.End) - each.Task.PlannedStart - each.Task.PlannedMinutes;
        // Work that was laid down is as far as if what was done of it had just been done.
        double Done(Standing each) => each.State.IsLaidDown ? each.Task.PlannedMinutes - WorkPace.Minutes(each.Task, each.State) : 0;
        return own.FindIndex(each => each.State.Status == TaskStatus.Running) is >= 0 and var running ? Ended(own[running])
            : own.FindIndex(each => each.State.Status == TaskStatus.Waiting) is >= 0 and var next
                ? Since(own[next].Times.Start) - own[next].Task.PlannedStart - Done(own[next])
            : own.FindLastIndex(each => each.State.Status == TaskStatus.Done) is >= 0 and var last ? Ended(own[last])
            : 0;
    }

    /// <summary>How far behind its latest the work comes that ends a wait on hair, in minutes; 0 where it comes in time.</summary>
    internal static double Over(SessionPlan plan, SessionState state, SessionTask wait, IReadOnlyDictionary<string, TaskTimes> times) =>
        wait is not { Substance: not null, Window: { } window } || state.Task(wait.Id).IsOver
            ? 0
            : plan
                .Links.Where(link => link.From == wait.Id && !state.Task(link.To).IsOver)
                .Select(link => Math.Max(0, (times[link.To].Start - times[wait.Id].Start).TotalMinutes - window.Latest))
                .DefaultIfEmpty(0)
                .Max();

    /// <summary>One pair of hands: what it holds, and what it comes to next in the settled order.</summary>
    private static HandsMoment Of(
        SessionPlan plan,
        SessionState state,
        DateTimeOffset now,
        string name,
        List<Counting> counting,
        List<Standing> all
    )
    {
        var own = all.Where(each => each.Task.IsHandsOn && (name.Length == 0 || each.Task.By is null || each.Task.By == name)).ToList();
        var waiting = own.Where(each => each.State.Status == TaskStatus.Waiting).ToList();
        var next = waiting.FirstOrDefault().Task;
        var before = next is null ? [] : plan.Links.Where(link => link.To == next.Id).ToList();
        var waits = counting
            .Where(count => before.Exists(link => link.From == count.Task.Id))
            .Select(count => (DateTimeOffset?)count.EarliestAt)
            .Max();
        var rest = before.Where(link => link.LeastGap > 0).Select(link => state.Task(link.From).End?.AddMinutes(link.LeastGap)).Max();
        var held = before
            .Where(link => link.LeastGap == 0)
            .Select(link => all.Find(each => each.Task.Id == link.From))
            .FirstOrDefault(each => each.Task.IsHandsOn && !each.State.IsOver && !own.Contains(each))
            .Task;
        // Whoever is away when it could begin is what it waits for, whatever else it waits for until then.
        var keeping = next is null ? null : SessionAbsences.Keeping(plan, next, waits > now ? waits.Value : now);
        // And what would stay on too long, because somebody or something is away at its end, is not begun before it need be.
        var begins =
            plan.NotThere.Count > 0 && waiting.FirstOrDefault().Times?.Start is { } projected && projected > now.AddMinutes(1)
                ? projected
                : (DateTimeOffset?)null;
        var from = held is null ? new[] { waits, next?.NotBefore, keeping?.To, begins }.Max() : waiting[0].Times.Start;
        var doing = own.FirstOrDefault(each => each.State.Status == TaskStatus.Running).Task;
        return new HandsMoment(
            name,
            doing,
            next,
            from > now ? from : null,
            rest > now ? rest : null,
            [.. waiting.Skip(1).Take(3).Select(each => each.Task)],
            held
        )
        {
            Keeping = held is null ? keeping : null,
            Silence = doing is null ? null : Silence.On(doing, state, now),
        };
    }

    private static Counting Count(SessionTask task, TaskState state)
    {
        var since = state.Start!.Value;
        var window = task.Window!;
        // More time is more of the usual, and never moves the latest: the window is the craft's, not the clock's.
        var usual = Math.Min(Math.Max(window.Usual, task.PlannedMinutes) + state.Extra, Math.Max(window.Latest, window.Usual));
        return new Counting(task, since, since.AddMinutes(window.Earliest), since.AddMinutes(usual), since.AddMinutes(window.Latest));
    }

    private static List<Standing> Project(SessionPlan plan, SessionState state, DateTimeOffset zero, DateTimeOffset now)
    {
        var tasks = plan.Tasks;
        var states = tasks.Select(task => state.Task(task.Id)).ToList();
        var sinceZero = (now - zero).TotalMinutes;
        OrderedJob[] jobs = [.. tasks.Zip(states, (task, real) => Ordered(plan, task, real, zero))];
        var taken = SessionAbsences.Taken(plan, zero);
        var order = SettledOrder.Of(jobs, plan.Links, plan.Capacity, taken).Around(jobs, plan.Links, SessionAbsences.Of(plan, zero), taken);
        var durations = new double[tasks.Count];
        var notBefore = new double[tasks.Count];
        var starts = new double[tasks.Count];
        var pinned = new bool[tasks.Count];
        for (var at = 0; at < tasks.Count; at++)
        {
            var task = states[at];
            var start = task.Start is { } began
                ? (began - zero).TotalMinutes
                : Math.Max(sinceZero, tasks[at].NotBefore is { } there ? (there - zero).TotalMinutes : 0);
            notBefore[at] = start;
            pinned[at] = task.Start is not null;
            durations[at] = task.Status switch
            {
                TaskStatus.Done => ((task.End ?? now) - (task.Start ?? now)).TotalMinutes,
                TaskStatus.Skipped => 0,
                TaskStatus.Running => Running(task, tasks[at], state, now),
                _ => WorkPace.Minutes(tasks[at], task),
            };
        }

        order.Time(durations, starts, notBefore, pinned);
        return
        [
            .. tasks.Select(
                (task, at) =>
                {
                    var start = states[at].Start ?? zero.AddMinutes(starts[at]);
                    return new Standing(task, states[at], new TaskTimes(start, states[at].End ?? start.AddMinutes(durations[at])));
                }
            ),
        ];
    }

    /// <summary>
    /// A task as the rest is timed by: what has begun in the order it really began, in front of what waits, in the order of the
    /// plan. So work that was taken out of turn holds up what it holds up.
    /// </summary>
    private static OrderedJob Ordered(SessionPlan plan, SessionTask task, TaskState state, DateTimeOffset zero)
    {
        // What has begun comes before everything else, and has what it uses until it is over.
        var begins = state.Start is { } began ? (began - zero).TotalMinutes : task.PlannedStart;
        var ends = state.End is { } over ? (over - zero).TotalMinutes : begins + task.PlannedMinutes;
        return new OrderedJob(
            task.Id,
            state.Start is null ? begins : begins - Longest,
            ends,
            task.Uses,
            task.By,
            task.IsHandsOn ? plan.FindHead(task.Strand)?.Key : null,
            task.IsHandsOn ? 0 : task.Window?.Latest ?? 0
        );
    }

    /// <summary>Minutes that no session lasts.</summary>
    private const double Longest = 1e6;

    private static double Running(TaskState task, SessionTask planned, SessionState state, DateTimeOffset now)
    {
        var (elapsed, stood) = ((now - task.Start!.Value).TotalMinutes, Stood(task, planned, state, now));
        return Math.Max(elapsed, WorkPace.Minutes(planned, task, Math.Max(0, elapsed - stood)) + stood);
    }

    private static double Stood(TaskState task, SessionTask planned, SessionState state, DateTimeOffset now) =>
        planned.IsHandsOn ? task.Paused + (state.PausedAt is { } since ? (now - since).TotalMinutes : 0) : 0;
}
