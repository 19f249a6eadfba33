namespace Kamuri.Core.Scheduling;

/// <summary>What a bound on the hours says of the end of a day.</summary>
internal static class Bounds
{
    /// <summary>Bounds are whole numbers that the solver gives as rounded ones.</summary>
    public const double Close = 1e-6;

    /// <summary>A schedule of this problem, and what is proven of it.</summary>
    public static Schedule Judged(SchedulingProblem problem, Schedule schedule, double bound, bool proven)
    {
        // A bound on the hours is one on the end only where nothing else counts in them; else only what is certain without a search.
        var isPure = IsPure(problem);
        var begin = schedule.Placements.Min(placement => placement.Start);
        var lower =
            proven ? schedule.Span
            : isPure ? Math.Clamp((int)Math.Ceiling((bound / Weights.Total) - Close), 0, schedule.Span)
            : Math.Min(schedule.Span, begin + new LeastEnd(problem, rests: false).OfAll());
        return schedule with { LowerBound = lower, Proven = proven };
    }

    /// <summary>A bound on the hours as far as whole minutes go.</summary>
    public static double WholeMinutes(SchedulingProblem problem, double bound) =>
        IsPure(problem) && double.IsFinite(bound) ? Math.Ceiling((bound / Weights.Total) - Close) * Weights.Total : bound;

    /// <summary>Whether nothing counts in the hours but the end.</summary>
    private static bool IsPure(SchedulingProblem problem) => !problem.MayShorten && !problem.MayBeginLater;
}
