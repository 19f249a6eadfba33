using Kamuri.Core.Heads;
using Kamuri.Core.Physics;
using Kamuri.Core.Planning;
using Kamuri.Core.Running;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Learning;

/// <summary>One task of a past session: planned against real.</summary>
/// <param name="ActualMinutes">How long it took; null when it was not done, or ticked without being timed.</param>
public sealed record ReviewedTask(
    string Id,
    string Title,
    string Strand,
    bool IsHandsOn,
    double PlannedMinutes,
    double? ActualMinutes,
    DateTimeOffset? Start,
    DateTimeOffset? End,
    bool Skipped,
    string? Remark
)
{
    /// <summary>The head it was for; null when there was one.</summary>
    public string? HeadName { get; init; }
}

/// <summary>A past session, looked back on.</summary>
/// <param name="Sentence">The whole in one or two sentences.</param>
public sealed record SessionReview(
    IReadOnlyList<ReviewedTask> Tasks,
    double PlannedMinutes,
    double ActualMinutes,
    double HandsOnMinutes,
    string Sentence
);

/// <summary>A session in a few figures, as it stands in the list of days.</summary>
/// <param name="PlannedMinutes">Planned length.</param>
/// <param name="ActualMinutes">Real length; 0 while it runs.</param>
/// <param name="HandsOnMinutes">Minutes hands were really busy.</param>
/// <param name="Sentence">The whole in one or two sentences.</param>
/// <param name="Treatments">Treatments that were really done.</param>
/// <param name="Detangled">The hair was really combed through.</param>
public sealed record SessionSummary(
    Guid HeadId,
    string HeadName,
    string Aim,
    string Style,
    SessionStatus Status,
    DateTimeOffset StartedAt,
    DateTimeOffset? FinishedAt,
    double PlannedMinutes,
    double ActualMinutes,
    double HandsOnMinutes,
    Ratings Ratings,
    string? Note,
    string Sentence,
    IReadOnlyList<Treatment> Treatments,
    bool Detangled
)
{
    /// <summary>A cleanse was really done.</summary>
    public bool Washed { get; init; }
}

/// <summary>What a session did for the head's own record.</summary>
/// <param name="HeadId">The head.</param>
/// <param name="Washed">A cleanse was really done.</param>
/// <param name="Detangled">The hair was really combed through.</param>
/// <param name="Taken">What was taken from shelf and fridge, by the plan.</param>
/// <param name="Touched">Ingredients that ask for a patch test and were on the head.</param>
public sealed record SessionOutcome(
    Guid HeadId,
    bool Washed,
    bool Detangled,
    IReadOnlyList<SessionTaking> Taken,
    IReadOnlyList<string> Touched
)
{
    /// <summary>Ingredients a reaction was seen to.</summary>
    public IReadOnlyList<string> Reacted { get; init; } = [];

    /// <summary>The tension style that was put in; null when none was.</summary>
    public StyleMade? PutIn { get; init; }

    /// <summary>A style was really taken down.</summary>
    public bool TookDown { get; init; }

    /// <summary>How loose hair hangs since then; null in sessions of earlier versions.</summary>
    public WornAs? WornAs { get; init; }
}

/// <summary>Looks back on a finished session.</summary>
public static class LookBack
{
    public static SessionReview On(SessionPlan begun, SessionState state)
    {
        var plan = begun.With(state);
        var tasks = plan
            .Tasks.Select(task => Review(task, state) with { HeadName = plan.Heads.Count > 1 ? plan.HeadOf(task).Name : null })
            .ToList();
        var planned = (plan.PlannedEnd - plan.PlannedStart).TotalMinutes;
        var actual = state is { StartedAt: { } start, FinishedAt: { } end } ? (end - start).TotalMinutes - state.AwayBefore(end, end) : 0;
        var hands = tasks.Where(task => task.IsHandsOn).Sum(task => task.ActualMinutes ?? 0);
        return new SessionReview(tasks, planned, actual, hands, Sentence(tasks, planned, actual));
    }

    /// <summary>One summary for each head of the session; a head among several has its own hours.</summary>
    public static IReadOnlyList<SessionSummary> Sum(SessionPlan plan, SessionState state) =>
        [.. plan.Heads.Select(head => Sum(plan, state, head))];

    private static SessionSummary Sum(SessionPlan plan, SessionState state, SessionHead head)
    {
        var review = plan.Heads.Count == 1 ? On(plan, state) : Of(plan, state, head);
        var done = Done(plan, state, head).ToList();
        return new SessionSummary(
            head.HeadId,
            head.Name,
            head.Aim,
            head.Style,
            state.Status,
            state.StartedAt ?? plan.PlannedStart,
            state.FinishedAt,
            review.PlannedMinutes,
            review.ActualMinutes,
            review.HandsOnMinutes,
            state.RatingsOf(head.Key),
            state.ClosingNote,
            review.Sentence,
            [.. done.Select(step => step.Treatment).OfType<Treatment>().Distinct()],
            done.Exists(step => step.Detangles)
        )
        {
            Washed = HasWashed(done),
        };
    }

    /// <summary>One head among several, from the first thing done for it to the last.</summary>
    private static SessionReview Of(SessionPlan begun, SessionState state, SessionHead head)
    {
        var plan = begun.With(state);
        var own = plan.Tasks.Where(task => plan.HeadOf(task) == head).ToList();
        var tasks = own.Select(task => Review(task, state)).ToList();
        var planned = own.Max(task => task.PlannedStart + task.PlannedMinutes) - own.Min(task => task.PlannedStart);
        var (start, end) = (tasks.Min(task => task.Start), tasks.Max(task => task.End));
        double Away(DateTimeOffset? moment) => state.AwayBefore(moment!.Value, state.FinishedAt!.Value);
        var actual = state.FinishedAt is not null && end - start is { } took ? took.TotalMinutes - (Away(end) - Away(start)) : 0;
        return new SessionReview(
            tasks,
            planned,
            actual,
            tasks.Where(task => task.IsHandsOn).Sum(task => task.ActualMinutes ?? 0),
            Sentence(tasks, planned, actual)
        );
    }

    /// <summary>What it did for each head. Counts only what was done: a skipped cleanse is no wash.</summary>
    public static IReadOnlyList<SessionOutcome> Outcome(SessionPlan plan, SessionState state) =>
        [
            .. plan.Heads.Select(head =>
            {
                var done = Done(plan, state, head).ToList();
                return new SessionOutcome(
                    head.HeadId,
                    HasWashed(done),
                    done.Exists(step => step.Detangles),
                    [.. plan.Takings.Where(taking => done.Exists(step => step.Id == taking.StepId))],
                    [.. plan.Touches.Where(pair => done.Exists(step => step.Id == pair.Key)).SelectMany(pair => pair.Value).Distinct()]
                )
                {
                    Reacted = [.. state.Reactions.GetValueOrDefault(head.Key) ?? []],
                    PutIn = done.LastOrDefault(step => step.Treatment == Treatment.TensionStyle)?.After?.Hang switch
                    {
                        Hang.Braids => StyleMade.Braids,
                        Hang.Twists => StyleMade.Twists,
                        _ => null,
                    },
                    TookDown = done.Exists(step => step.Treatment == Treatment.TakeDown),
                    WornAs = plan.HangOf(head.HeadId, state)?.Worn(),
                };
            }),
        ];

    private static bool HasWashed(List<SessionStep> done) => done.Exists(step => step.IsCleanse || step.Treatment == Treatment.Wash);

    /// <summary>Steps on a head of which something was really done.</summary>
    private static IEnumerable<SessionStep> Done(SessionPlan plan, SessionState state, SessionHead head) =>
        plan.With(state)
            .Tasks.Where(task => state.Task(task.Id) is { Status: Running.TaskStatus.Done } or { IsLaidDown: true })
            .SelectMany(task => task.StepIds)
            .Select(plan.FindStep)
            .OfType<SessionStep>()
            .Where(step => step.Head == head.Key)
            .Distinct();

    private static ReviewedTask Review(SessionTask task, SessionState session)
    {
        var state = session.Task(task.Id);
        double? actual =
            state is { Start: { } start, End: { } end } ? (end - start).TotalMinutes - state.Paused + state.Spent
            : state.IsLaidDown ? state.Spent
            : null;
        var isTicked =
            task.IsHandsOn && state.Status == Running.TaskStatus.Done && actual is { } took && !WorkPace.IsTimed(task.PlannedMinutes, took);
        var remark =
            isTicked ? RecordWords.TickedNotTimed
            : state.Status == Running.TaskStatus.Skipped
                ? session.IsPutOff(task) ? RecordWords.PutOff
                    : RecordWords.LeftOut
            : actual is { } minutes && task.Window is { } window
                ? minutes > window.Latest + 0.5 ? RecordWords.LongerThanMinutes(Say.Minutes(window.Latest))
                    : minutes < window.Earliest - 0.5 ? RecordWords.ShorterThanMinutes(Say.Minutes(window.Earliest))
                    : null
            : state.IsLaidDown ? RecordWords.PutAsideAndNotResumed
            : state.Spent > 0 ? RecordWords.PutAsideAndResumedLater
            : null;
        return new ReviewedTask(
            task.Id,
            task.Title,
            task.Strand,
            task.IsHandsOn,
            task.PlannedMinutes,
            isTicked ? null : actual,
            state.FirstBegun ?? state.Start,
            state.End,
            state.Status == Running.TaskStatus.Skipped,
            remark
        );
    }

    private static string Sentence(List<ReviewedTask> tasks, double planned, double actual)
    {
        var timed = tasks.Where(task => task is { IsHandsOn: true, ActualMinutes: not null }).Sum(task => task.PlannedMinutes);
        var ticked = tasks.Where(task => task is { IsHandsOn: true, ActualMinutes: null, End: not null }).Sum(task => task.PlannedMinutes);
        if (ticked > timed)
        {
            return RecordWords.MostOfItWasTicked;
        }

        var drift = Math.Round(actual - planned);
        var whole = drift switch
        {
            0 => RecordWords.ItTookMinutesJustAsPlanned(Say.Minutes(actual)),
            > 0 => RecordWords.ItTookMinutesMinutes2LongerThan(Say.Minutes(actual), Say.Minutes(drift)),
            _ => RecordWords.ItTookMinutesMinutes2LessThan(Say.Minutes(actual), Say.Minutes(-drift)),
        };
        var slowest = tasks
            .Where(task => task.IsHandsOn && task.ActualMinutes is not null)
            .OrderByDescending(task => task.ActualMinutes - task.PlannedMinutes)
            .FirstOrDefault();
        return slowest is { ActualMinutes: { } minutes } && minutes - slowest.PlannedMinutes >= 3
            ? RecordWords.WholeSlowestRanOverTheMost(whole, slowest.Title, Say.Minutes(minutes - slowest.PlannedMinutes))
            : whole;
    }
}
