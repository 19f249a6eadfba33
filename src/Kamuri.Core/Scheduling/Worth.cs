namespace Kamuri.Core.Scheduling;

/// <summary>Which of two schedules of one problem is the better one.</summary>
internal static class Worth
{
    /// <summary>The better one (<see cref="IsBetter"/>); what is known of either holds for both.</summary>
    public static Schedule? Better(Schedule? one, Schedule? other, SchedulingProblem problem)
    {
        if (one is null || other is null)
        {
            return one ?? other;
        }

        var better = IsBetter(other, one, problem) ? other : one;
        var proven = better.Proven || (other.Proven && !IsBetter(one, other, problem));
        var bound = problem.MayBeginLater ? better.LowerBound : Math.Max(one.LowerBound, other.LowerBound);
        var isLeast = (one.Proven && !one.MayBeCloser) || (other.Proven && !other.MayBeCloser);
        return better with
        {
            Proven = proven,
            MayBeCloser = proven && !isLeast && better.Shortened > 0,
            LowerBound = Math.Min(bound, better.Span),
            LeastLate = one.LeastLate is null ? other.LeastLate : Math.Max(one.LeastLate.Value, other.LeastLate ?? 0),
        };
    }

    /// <summary>
    /// Whether one has fewer breaks missing than the other, then fewer minutes late, then waits that are shortened less and none too
    /// much, then is the shorter and, where that counts, nearer to when it should begin.
    /// </summary>
    /// <param name="one">A schedule.</param>
    /// <param name="other">Another one.</param>
    /// <param name="problem">What both are schedules of.</param>
    /// <param name="breaks">Breaks count; else they are put in later.</param>
    public static bool IsBetter(Schedule one, Schedule other, SchedulingProblem problem, bool breaks = true)
    {
        return Of(one).CompareTo(Of(other)) < 0;

        (int Missing, long Late, long Hours) Of(Schedule schedule) =>
            (breaks ? Breaks.Missing(schedule, problem) : 0, Late(schedule, problem), Hours(schedule, problem));
    }

    /// <summary>
    /// By how much waits are shorter than usual, whether any is by more than halfway, how long it is and, where it may begin later, how
    /// far from when it should.
    /// </summary>
    private static long Hours(Schedule schedule, SchedulingProblem problem) =>
        (schedule.Shortened * Weights.Shortened)
        + (problem.IsGently || schedule.IsGentle ? 0 : Weights.NotGentle)
        + (schedule.Span * Weights.Total)
        + (
            problem.MayBeginLater
                ? schedule.Placements[0].Start * (-Weights.Total + (problem.MayShorten ? -Weights.Early : Weights.Soon))
                : 0
        );

    /// <summary>Minutes late, of everybody together.</summary>
    public static long Late(Schedule schedule, SchedulingProblem problem) =>
        problem.Deadlines.Sum(pair => (long)Math.Max(0, schedule.EndOf(pair.Key) - pair.Value))
        + (problem.Deadline is { } all ? Math.Max(0, schedule.Span - all) : 0);
}
