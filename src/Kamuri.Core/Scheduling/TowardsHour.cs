namespace Kamuri.Core.Scheduling;

/// <summary>
/// One pair of hands that has to be through by an hour. In the order that is soonest with waits as usual, waits are shortened as far as the hour
/// asks for it. Where that is not enough, the order that is soonest with every wait at its shortest says how late the day is at least.
/// </summary>
/// <param name="problem">With one hour for all of it.</param>
/// <param name="rests">Everybody has their breaks.</param>
/// <param name="best">The best schedule of a problem without an hour, and what is certain of it.</param>
internal sealed class TowardsHour(SchedulingProblem problem, bool rests, Func<SchedulingProblem, Schedule?> best)
{
    /// <summary>Looks for the best day towards the hour, and takes over what is certain then.</summary>
    public void Try(Attempts attempts)
    {
        var usual = problem.Known ?? (problem.IsLateAsUsual(rests) ? null : best(problem.AsUsual()));
        attempts.TryOrder(usual);
        if (attempts.IsInTime)
        {
            attempts.LateAtLeast(0);
            if (attempts.Shortened == 0 && usual is { Proven: true } && attempts.Ends == usual.Span)
            {
                attempts.Settle();
            }
        }
        else if (best(problem.AtShortest() with { Known = usual }) is { } least)
        {
            attempts.TryOrder(least.Of(problem));
            attempts.LateAtLeast(Math.Max(0, least.LowerBound - problem.Deadline!.Value));
        }
    }
}
