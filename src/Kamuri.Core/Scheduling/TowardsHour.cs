namespace Kamuri.Core.Scheduling;

/// <summary>
/// One pair of hands that has to be through by an hour. In the order that is soonest with waits as usual, waits are shortened as far as
/// the hour asks for it. Where that is not enough, the order that is soonest with every wait at its shortest says how late the day is
/// at least. Where it is in time only with waits shortened, none goes more than halfway to its shortest if there is an order for that.
/// </summary>
/// <param name="problem">With one hour for all of it.</param>
/// <param name="rests">Everybody has their breaks.</param>
/// <param name="effort">What it may take.</param>
/// <param name="best">The best schedule of a problem without an hour, and what is certain of it.</param>
internal sealed class TowardsHour(SchedulingProblem problem, bool rests, Effort effort, Func<SchedulingProblem, Schedule?> best)
{
    private readonly int _hour = problem.Deadline!.Value;
    private readonly SchedulingProblem _gently = problem.Gently();

    /// <summary>Looks for the best day towards the hour, and takes over what is certain then.</summary>
    /// <param name="attempts">At the problem.</param>
    /// <param name="gently">At the same with waits shortened gently at most (<see cref="SchedulingProblem.Gently"/>).</param>
    /// <param name="moments">Within which an order is looked for that is in time so.</param>
    /// <returns>Whether it is in time only with waits shortened, and gently so: then nothing else need be looked at.</returns>
    public bool Try(Attempts attempts, Attempts gently, (int Part, int Whole) moments)
    {
        var usual = problem.Known ?? (problem.IsLateAsUsual(rests) ? null : best(problem.AsUsual()));
        attempts.TryOrder(usual);
        if (attempts is { IsInTime: true, Shortened: 0 })
        {
            attempts.LateAtLeast(0);
            if (usual is { Proven: true } && attempts.Ends == usual.Span)
            {
                attempts.Settle();
            }

            return false;
        }

        var soonest = attempts.IsInTime ? usual : best(problem.AtShortest() with { Known = usual });
        if (!attempts.IsInTime && soonest is not null)
        {
            attempts.TryOrder(soonest.Of(problem));
            attempts.LateAtLeast(Math.Max(0, soonest.LowerBound - _hour));
        }

        return attempts.IsInTime && soonest is not null && HasBreaksGently() && IsGently(attempts, gently, usual, soonest, moments);
    }

    /// <summary>Whether nobody goes on for too long only because a wait between is not shortened further: breaks count for more.</summary>
    private bool HasBreaksGently() => !rests || Breaks.Whole(_gently).IsSubsetOf(Breaks.Whole(problem));

    private bool IsGently(Attempts attempts, Attempts gently, Schedule? usual, Schedule soonest, (int Part, int Whole) moments)
    {
        var isLateAsUsual = usual is null ? problem.IsLateAsUsual(rests) : usual.LowerBound > _hour;
        attempts.LateAtLeast(0);
        gently.TryOrder(usual?.Of(_gently));
        gently.TryOrder(soonest.Of(_gently));
        if (!gently.IsInTime)
        {
            var least = new Attempts(_gently.AtShortest(), rests, isLarge: true, effort);
            least.TryStagesBy(_hour, moments);
            gently.TryOrder(least.Rough()?.Of(_gently));
            attempts.IsGentlest = isLateAsUsual && least.AtLeast > _hour;
        }

        if (gently.IsInTime)
        {
            gently.LateAtLeast(0);
            gently.IsGentlest = isLateAsUsual;
        }

        return gently.IsInTime;
    }
}
