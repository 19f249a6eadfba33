using Kamuri.Core.Scheduling.Beam;

namespace Kamuri.Core.Scheduling;

/// <summary>The tries that build good days, where there are too many orders to look through.</summary>
internal sealed partial class Attempts
{
    /// <summary>Of the days that were built, the best so many are looked at closely.</summary>
    private const int Closely = 2;

    /// <summary>
    /// Builds days in several ways (<see cref="BeamSearch"/>) and takes the best. With waits as usual, and where that is not in time with all of them at
    /// their shortest: what can be longer is made so in its order.
    /// </summary>
    /// <param name="beams">The ways.</param>
    public void TryBeams(IReadOnlyList<BeamWidth> beams)
    {
        // What was found with waits as usual is known then.
        if (!(_problem.HasOneHour && _problem.Known is not null))
        {
            TryBeams(_problem with { Jobs = [.. _problem.Jobs.Select(job => job with { Shortest = job.Usual })] }, beams);
        }

        if (_problem.MayShorten && !IsInTime)
        {
            TryBeams(_problem, beams);
        }
    }

    /// <summary>Takes over what is certain without looking for a day.</summary>
    public void TellLeast()
    {
        if (_problem.MayBeginLater || !_problem.HasEnd())
        {
            return;
        }

        var least = new LeastEnd(_problem, _rests);
        if (!_problem.MayShorten)
        {
            BoundBy(least.OfAll());
        }
        else
        {
            LateAtLeast(_problem.Deadlines.Sum(hour => (long)Math.Max(0, least.Of(hour.Key) - hour.Value)) + (_problem.Deadline is { } all ? Math.Max(0, least.OfAll() - all) : 0));
        }
    }

    private void TryBeams(SchedulingProblem problem, IReadOnlyList<BeamWidth> beams)
    {
        if (DayGraph.Of(problem, _rests) is not { } graph)
        {
            return;
        }

        var days = new Schedule?[beams.Count];
        Parallel.For(0, beams.Count, beam => days[beam] = new BeamSearch(graph, beams[beam]).Best());
        foreach (var day in days.OfType<Schedule>().OrderBy(day => (Late(day), day.Span)).Take(Closely))
        {
            TryOrder(day.Of(_problem));
        }
    }
}
