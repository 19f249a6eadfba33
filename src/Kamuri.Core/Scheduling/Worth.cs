namespace Kamuri.Core.Scheduling;

/// <summary>Which of two schedules of one problem is the better one.</summary>
internal static class Worth
{
    /// <summary>The one with fewer breaks missing, then with fewer minutes late, then the shorter, where that counts nearer to when it should begin; what is known of either holds for both.</summary>
    public static Schedule? Better(Schedule? one, Schedule? other, SchedulingProblem problem)
    {
        if (one is null || other is null)
        {
            return one ?? other;
        }

        var better = Of(other).CompareTo(Of(one)) < 0 ? other : one;
        var bound = problem.MayBeginLater ? better.LowerBound : Math.Max(one.LowerBound, other.LowerBound);
        return better with { LowerBound = Math.Min(bound, better.Span), LeastLate = one.LeastLate is null ? other.LeastLate : Math.Max(one.LeastLate.Value, other.LeastLate ?? 0) };

        (int Missing, long Late, long Length) Of(Schedule schedule) => (Breaks.Missing(schedule, problem), Late(schedule, problem), Length(schedule, problem));
    }

    /// <summary>How long it is and, where it may begin later, how far from when it should.</summary>
    private static long Length(Schedule schedule, SchedulingProblem problem) => (schedule.Span * Weights.Total)
        + (problem.MayBeginLater ? schedule.Placements[0].Start * (-Weights.Total + (problem.MayShorten ? -Weights.Early : Weights.Soon)) : 0);

    /// <summary>Minutes late, of everybody together.</summary>
    public static long Late(Schedule schedule, SchedulingProblem problem) =>
        problem.Deadlines.Sum(pair => (long)Math.Max(0, schedule.Placements.Where(placed => placed.Job.With == pair.Key).Select(placed => placed.End).DefaultIfEmpty().Max() - pair.Value))
        + (problem.Deadline is { } all ? Math.Max(0, schedule.Span - all) : 0);
}
