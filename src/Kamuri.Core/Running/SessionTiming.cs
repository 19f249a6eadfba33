using Kamuri.Core.Scheduling;

namespace Kamuri.Core.Running;

/// <summary>When a task really began or will begin, and end.</summary>
public sealed record TaskTimes(DateTimeOffset Start, DateTimeOffset End);

/// <summary>A wait that is counting, with its marks on the clock.</summary>
public sealed record Counting(
    SessionTask Task, DateTimeOffset Since, DateTimeOffset EarliestAt, DateTimeOffset UsualAt, DateTimeOffset LatestAt);

/// <summary>A session as it stands at one moment: what hands do, what is counting, what comes next, when it ends.</summary>
/// <param name="Now">The moment.</param>
/// <param name="Doing">The hands-on task in hand; null when hands are free.</param>
/// <param name="Counting">Waits that are running, soonest mark first.</param>
/// <param name="Next">The next hands-on task; null when none is left.</param>
/// <param name="NextFrom">Not before this, because of a wait; null when it can begin at once.</param>
/// <param name="Then">The hands-on tasks after that.</param>
/// <param name="EndsAt">When it will all be over.</param>
/// <param name="DriftMinutes">Against the length of the plan, wherever on the clock it began; positive is longer.</param>
/// <param name="AllDone">Nothing is left but to finish.</param>
/// <param name="Times">Real or projected times by task.</param>
public sealed record SessionMoment(
    DateTimeOffset Now, SessionTask? Doing, IReadOnlyList<Counting> Counting, SessionTask? Next, DateTimeOffset? NextFrom,
    IReadOnlyList<SessionTask> Then, DateTimeOffset EndsAt, double DriftMinutes, bool AllDone, IReadOnlyDictionary<string, TaskTimes> Times);

/// <summary>Times the rest of a running session again: order kept, one longest-path pass.</summary>
public static class SessionTiming
{
    public static SessionMoment At(SessionPlan plan, SessionState state, DateTimeOffset now)
    {
        var zero = state.StartedAt ?? now;
        var times = Project(plan, state, zero, now);
        var doing = plan.Tasks.FirstOrDefault(task => task.IsHandsOn && state.Task(task.Id).Status == TaskStatus.Running);
        var waiting = plan.Tasks.Where(task => task.IsHandsOn && state.Task(task.Id).Status == TaskStatus.Waiting).ToList();
        var counting = plan.Tasks
            .Where(task => task.Window is not null && state.Task(task.Id).Status == TaskStatus.Running)
            .Select(task => Count(task, state.Task(task.Id)))
            .OrderBy(count => count.UsualAt)
            .ToList();
        var next = waiting.FirstOrDefault();
        var from = next is null ? null : counting
            .Where(count => plan.Links.Any(link => link.From == count.Task.Id && link.To == next.Id))
            .Select(count => (DateTimeOffset?)count.EarliestAt)
            .Max();
        // A finish is when the last thing ends; skipped work has no length and no say.
        var ends = state.FinishedAt ?? times.Where(pair => state.Task(pair.Key).Status != TaskStatus.Skipped)
            .Select(pair => pair.Value.End).DefaultIfEmpty(now).Max();
        var allDone = plan.Tasks.All(task => state.Task(task.Id).IsOver);
        return new SessionMoment(now, doing, counting, next, from > now ? from : null, [.. waiting.Skip(1).Take(3)], ends,
            (ends - zero).TotalMinutes - (plan.PlannedEnd - plan.PlannedStart).TotalMinutes, allDone, times);
    }

    private static Counting Count(SessionTask task, TaskState state)
    {
        var since = state.Start!.Value;
        var window = task.Window!;
        // More time is more of the usual, and never moves the latest: the window is the craft's, not the clock's.
        var usual = Math.Min(Math.Max(window.Usual, task.PlannedMinutes) + state.Extra, Math.Max(window.Latest, window.Usual));
        return new Counting(task, since, since.AddMinutes(window.Earliest), since.AddMinutes(usual), since.AddMinutes(window.Latest));
    }

    private static Dictionary<string, TaskTimes> Project(SessionPlan plan, SessionState state, DateTimeOffset zero, DateTimeOffset now)
    {
        var tasks = plan.Tasks;
        var sinceZero = (now - zero).TotalMinutes;
        var order = SettledOrder.Of([.. tasks.Select(task => (task.Id, task.PlannedStart, task.Uses))], plan.Links);
        var durations = new double[tasks.Count];
        var notBefore = new double[tasks.Count];
        var starts = new double[tasks.Count];
        var pinned = new bool[tasks.Count];
        for (var at = 0; at < tasks.Count; at++)
        {
            var task = state.Task(tasks[at].Id);
            var start = task.Start is { } began ? (began - zero).TotalMinutes : sinceZero;
            notBefore[at] = start;
            pinned[at] = task.Start is not null;
            durations[at] = task.Status switch
            {
                TaskStatus.Done => ((task.End ?? now) - (task.Start ?? now)).TotalMinutes,
                TaskStatus.Skipped => 0,
                TaskStatus.Running => Math.Max(sinceZero - start, tasks[at].PlannedMinutes + task.Extra + Stood(task, tasks[at], state, now)),
                _ => tasks[at].PlannedMinutes + task.Extra,
            };
        }

        order.Time(durations, starts, notBefore, pinned);
        return tasks.Select((task, at) => (task.Id, at)).ToDictionary(pair => pair.Id, pair =>
        {
            var real = state.Task(pair.Id);
            var start = real.Start ?? zero.AddMinutes(starts[pair.at]);
            return new TaskTimes(start, real.End ?? start.AddMinutes(durations[pair.at]));
        });
    }

    private static double Stood(TaskState task, SessionTask planned, SessionState state, DateTimeOffset now) =>
        planned.IsHandsOn ? task.Paused + (state.PausedAt is { } since ? (now - since).TotalMinutes : 0) : 0;
}
