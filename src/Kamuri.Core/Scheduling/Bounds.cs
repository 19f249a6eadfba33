using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling;

/// <summary>What a bound on the hours says of the end of a day.</summary>
internal static class Bounds
{
    /// <summary>Bounds are whole numbers that the solver gives as rounded ones.</summary>
    public const double Close = 1e-6;

    /// <summary>A schedule of this problem, and what is proven of it.</summary>
    public static Schedule Judged(SchedulingProblem problem, Schedule schedule, double bound, bool proven)
    {
        // A bound on the hours is one on the end only where nothing else counts in them; else the longest chain is all that is sure.
        var isPure = IsPure(problem);
        var begin = schedule.Placements.Min(placement => placement.Start);
        var lower = proven ? schedule.Span
            : isPure ? Math.Clamp((int)Math.Ceiling((bound / Weights.Total) - Close), 0, schedule.Span)
            : Math.Min(schedule.Span, begin + Math.Max(LongestChain(problem, schedule.Placements), Work(problem)));
        return schedule with { LowerBound = lower, Proven = proven };
    }

    /// <summary>A bound on the hours as far as whole minutes go.</summary>
    public static double WholeMinutes(SchedulingProblem problem, double bound) =>
        IsPure(problem) && double.IsFinite(bound) ? Math.Ceiling((bound / Weights.Total) - Close) * Weights.Total : bound;

    /// <summary>Whether nothing counts in the hours but the end.</summary>
    private static bool IsPure(SchedulingProblem problem) => !problem.MayShorten && !problem.MayBeginLater;

    /// <summary>Minutes that all hands together are busy.</summary>
    private static int Work(SchedulingProblem problem)
    {
        var pairs = Math.Max(1, problem.Pairs.Count > 0 ? problem.Pairs.Count : problem.Capacity.GetValueOrDefault(Resource.Hands));
        return (problem.Jobs.Where(job => job.IsHandsOn).Sum(problem.Least) + pairs - 1) / pairs;
    }

    /// <summary>Minutes that follow one another whatever hands and things there are.</summary>
    private static int LongestChain(SchedulingProblem problem, IReadOnlyList<Placement> placements)
    {
        var chains = SettledOrder.Of([.. placements.Select(placed => new OrderedJob(placed.Job.Id, placed.Start, placed.End, []))], problem.Links, problem.Capacity);
        return (int)chains.Time([.. placements.Select(placed => (double)problem.Least(placed.Job))], new double[placements.Count]);
    }
}
