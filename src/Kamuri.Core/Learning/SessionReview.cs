using Kamuri.Core.Planning;
using Kamuri.Core.Running;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Learning;

/// <summary>One task of a past session: planned against real.</summary>
public sealed record ReviewedTask(
    string Id, string Title, string Strand, bool IsHandsOn, double PlannedMinutes, double? ActualMinutes, DateTimeOffset? Start, DateTimeOffset? End,
    bool Skipped, string? Remark);

/// <summary>A past session, looked back on.</summary>
/// <param name="Sentence">The whole in one or two sentences.</param>
public sealed record SessionReview(
    IReadOnlyList<ReviewedTask> Tasks, double PlannedMinutes, double ActualMinutes, double HandsOnMinutes, string Sentence);

/// <summary>A session in a few figures, as it stands in the list of days.</summary>
/// <param name="PlannedMinutes">Planned length.</param>
/// <param name="ActualMinutes">Real length; 0 while it runs.</param>
/// <param name="HandsOnMinutes">Minutes hands were really busy.</param>
/// <param name="Sentence">The whole in one or two sentences.</param>
/// <param name="Treatments">Treatments that were really done.</param>
/// <param name="Detangled">The hair was really combed through.</param>
public sealed record SessionSummary(
    Guid HeadId, string HeadName, string Aim, string Style, SessionStatus Status, DateTimeOffset StartedAt, DateTimeOffset? FinishedAt,
    double PlannedMinutes, double ActualMinutes, double HandsOnMinutes, Ratings Ratings, string? Note, string Sentence,
    IReadOnlyList<Treatment> Treatments, bool Detangled);

/// <summary>What a session did for the head's own record.</summary>
/// <param name="Washed">A cleanse was really done.</param>
/// <param name="Detangled">The hair was really combed through.</param>
/// <param name="Taken">What was taken from shelf and fridge, by the plan.</param>
/// <param name="Touched">Ingredients that ask for a patch test and were on the head.</param>
public sealed record SessionOutcome(bool Washed, bool Detangled, IReadOnlyList<SessionTaking> Taken, IReadOnlyList<string> Touched);

/// <summary>Looks back on a finished session.</summary>
public static class LookBack
{
    public static SessionReview On(SessionPlan plan, SessionState state)
    {
        var tasks = plan.Tasks.Select(task => Review(task, state.Task(task.Id))).ToList();
        var planned = (plan.PlannedEnd - plan.PlannedStart).TotalMinutes;
        var actual = state is { StartedAt: { } start, FinishedAt: { } end } ? (end - start).TotalMinutes : 0;
        var hands = tasks.Where(task => task.IsHandsOn).Sum(task => task.ActualMinutes ?? 0);
        return new SessionReview(tasks, planned, actual, hands, Say(tasks, planned, actual));
    }

    public static SessionSummary Sum(SessionPlan plan, SessionState state)
    {
        var review = On(plan, state);
        return new SessionSummary(plan.HeadId, plan.HeadName, plan.Aim, plan.Style, state.Status, state.StartedAt ?? plan.PlannedStart, state.FinishedAt,
            review.PlannedMinutes, review.ActualMinutes, review.HandsOnMinutes, state.Ratings, state.ClosingNote, review.Sentence,
            [.. Done(plan, state).Select(step => step.Treatment).OfType<Treatment>().Distinct()], Done(plan, state).Any(step => step.Detangles));
    }

    /// <summary>Counts only what was done: a skipped cleanse is no wash.</summary>
    public static SessionOutcome Outcome(SessionPlan plan, SessionState state)
    {
        var done = Done(plan, state).ToList();
        return new SessionOutcome(done.Any(step => step.IsCleanse || step.Treatment == Treatment.Wash), done.Any(step => step.Detangles),
            [.. plan.Takings.Where(taking => done.Exists(step => step.Id == taking.StepId))],
            [.. plan.Touches.Where(pair => done.Exists(step => step.Id == pair.Key)).SelectMany(pair => pair.Value).Distinct()]);
    }

    /// <summary>Steps of which something was really done.</summary>
    private static IEnumerable<SessionStep> Done(SessionPlan plan, SessionState state) => plan.Tasks
        .Where(task => state.Task(task.Id).Status == Running.TaskStatus.Done)
        .SelectMany(task => task.StepIds).Select(plan.FindStep).OfType<SessionStep>().Distinct();

    private static ReviewedTask Review(SessionTask task, TaskState state)
    {
        double? actual = state is { Start: { } start, End: { } end } ? (end - start).TotalMinutes - state.Paused : null;
        var remark = state.Status == Running.TaskStatus.Skipped ? "left out"
            : actual is { } minutes && task.Window is { } window
                ? minutes > window.Latest + 0.5 ? $"past its latest of {window.Latest:0} min"
                : minutes < window.Earliest - 0.5 ? $"under its earliest of {window.Earliest:0} min" : null
            : null;
        return new ReviewedTask(task.Id, task.Title, task.Strand, task.IsHandsOn, task.PlannedMinutes, actual, state.Start, state.End,
            state.Status == Running.TaskStatus.Skipped, remark);
    }

    private static string Say(List<ReviewedTask> tasks, double planned, double actual)
    {
        var drift = Math.Round(actual - planned);
        var whole = drift switch
        {
            0 => $"It took {PlanWords.Spell(actual)}, just as planned.",
            > 0 => $"It took {PlanWords.Spell(actual)}, {PlanWords.Spell(drift)} longer than planned.",
            _ => $"It took {PlanWords.Spell(actual)}, {PlanWords.Spell(-drift)} less than planned.",
        };
        var slowest = tasks.Where(task => task.IsHandsOn && task.ActualMinutes is not null)
            .OrderByDescending(task => task.ActualMinutes - task.PlannedMinutes).FirstOrDefault();
        return slowest is { ActualMinutes: { } minutes } && minutes - slowest.PlannedMinutes >= 3
            ? $"{whole} {slowest.Title} ran over the most, by {PlanWords.Spell(minutes - slowest.PlannedMinutes)}."
            : whole;
    }
}
