using Kamuri.Core.Planning;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Running;

/// <summary>Where a task stands in a new order.</summary>
/// <param name="Task">The task.</param>
/// <param name="Start">Minutes from the start of the plan.</param>
/// <param name="By">Whose hands do it.</param>
public sealed record Reordered(string Task, double Start, string? By);

/// <summary>A better order for the rest of a running session.</summary>
/// <param name="GainMinutes">By how much sooner all of it is over.</param>
/// <param name="EndsAt">When it is over then.</param>
/// <param name="Order">What has not begun, in its new order.</param>
/// <param name="Gaps">The breaks of that order.</param>
public sealed record BetterOrder(double GainMinutes, DateTimeOffset EndsAt, IReadOnlyList<Reordered> Order, IReadOnlyList<Link> Gaps)
{
    /// <summary>Less than this is not worth changing for, in minutes (craft default).</summary>
    public const double Worth = 5;

    /// <summary>How many times a day has drifted by what is worth changing for; with each it is worth asking again.</summary>
    public static int Asks(double driftMinutes) => (int)Math.Truncate(driftMinutes / Worth);

    /// <summary>
    /// Places what is left of a session anew, from this moment on; null when that gains less than <see cref="Worth"/>. What has begun
    /// goes on as it is.
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
        var hands = plan.Hands.Count > 0 ? plan.Hands : [Only];
        var ids = waiting.Concat(running).Select(task => task.Id).ToHashSet();
        var problem = new SchedulingProblem(
            [.. running.Select(task => new Job(task.Id, task.Strand, Left(task), Left(task), Left(task), [])), .. waiting.Select(task => Job(plan, state, task))],
            [.. plan.Links.Where(link => link.LeastGap == 0 && ids.Contains(link.From) && ids.Contains(link.To))
                // What has begun already may have waited longer than it should; that is no reason to find no order.
                .Select(link => running.Exists(task => task.Id == link.From) && !running.Exists(task => task.Id == link.From && !task.IsHandsOn) ? link with { MostGap = null } : link)],
            Enum.GetValues<Resource>().ToDictionary(resource => resource, resource => plan.Capacity.GetValueOrDefault(resource, 1)))
        {
            Pairs = [.. hands.Select(name => new PairOfHands(name))],
            Absences =
            [
                .. running.Where(task => task.IsHandsOn).SelectMany(task => new[] { new Absence(PairOf(plan, task) ?? hands[0], 0, Left(task)) }.Concat(plan.FindHead(task.Strand) is { } head ? [new Absence(head.Key, 0, Left(task))] : [])),
                .. waiting.Where(task => task.NotBefore > now && plan.FindHead(task.Strand) is not null).Select(task => new Absence(task.Strand, 0, (int)Math.Ceiling((task.NotBefore!.Value - now).TotalMinutes))),
            ],
            Closures = [.. running.SelectMany(task => task.Uses.Where(each => each != Resource.Hands && plan.Capacity.GetValueOrDefault(each, 1) == 1).Select(each => new Closure(each, 0, Left(task))))],
            Rests = hands.ToDictionary(name => name, _ => new Rest(breaks.LongestAtWork, breaks.BreakMinutes)),
        };
        if (scheduler.Solve(problem) is not { } schedule)
        {
            return null;
        }

        var order = schedule.Placements.Where(placed => waiting.Exists(task => task.Id == placed.Job.Id))
            .Select(placed => new Reordered(placed.Job.Id, placed.Start + (now - plan.PlannedStart).TotalMinutes, placed.By == Only ? null : placed.By)).ToList();
        // What counts is when it is over by the run's own reckoning, not by the solver's.
        var better = SessionTiming.At(begun, state with { Order = new NewOrder([.. order], [.. schedule.Gaps]) }, now);
        var gain = (moment.EndsAt - better.EndsAt).TotalMinutes;
        return gain >= Worth ? new BetterOrder(gain, better.EndsAt, order, schedule.Gaps) : null;
    }

    /// <summary>"Oil rinse on Ada first would end it 12 min sooner, at 19:40."</summary>
    /// <param name="plan">The day it is for.</param>
    /// <param name="now">When it is said.</param>
    public string Sentence(SessionPlan plan, DateTimeOffset now)
    {
        var first = Order.Select(each => plan.FindTask(each.Task)).First(task => task is { IsHandsOn: true })!;
        var on = plan.Heads.Count > 1 && plan.FindHead(first.Strand) is { } head ? $" on {head.Name}" : "";
        return $"Another order would end it {PlanWords.Spell(GainMinutes)} sooner, at {PlanWords.Clock(EndsAt, now)}: {first.Title.ToLowerInvariant()}{on} next.";
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
