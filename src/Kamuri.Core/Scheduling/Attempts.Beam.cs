using Kamuri.Core.Scheduling.Beam;

namespace Kamuri.Core.Scheduling;

/// <summary>The tries that build good days, where there are too many orders to look through.</summary>
internal sealed partial class Attempts
{
    /// <summary>Of the days that were built, the best so many are looked at closely.</summary>
    private const int Closely = 2;

    /// <summary>Hours from which a day is tried to be begun, each earlier than the one before.</summary>
    private const int MostBeginnings = 3;

    /// <summary>Minutes that it is begun earlier beyond what it was late: what lies elsewhere then may take a little longer.</summary>
    private const int Beside = 10;

    /// <summary>Minutes that a day is begun earlier where none could be built.</summary>
    private const int Earlier = 120;

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
        // Towards an hour a day begins as late as it may: as long before it as it takes at least, and earlier by what that is late.
        var from = problem is { MayBeginLater: true, MayShorten: true } ? Math.Max(0, problem.Deadlines.Values.Append(problem.Deadline ?? 0).Max() - new LeastEnd(problem, _rests).OfAll()) : 0;
        for (var tries = 0; tries < MostBeginnings; tries++)
        {
            var days = Built(problem.From(from), beams).OrderBy(day => (Late(day), day.Span)).Take(Closely).ToList();
            days.ForEach(day => TryOrder(day.Of(_problem)));
            if (from == 0 || (days.Count > 0 && LateBy(days[0], problem) == 0))
            {
                return;
            }

            from = Math.Max(0, from - (days.Count > 0 ? LateBy(days[0], problem) + Beside : Earlier));
        }

        IEnumerable<Schedule> Built(SchedulingProblem begun, IReadOnlyList<BeamWidth> beams)
        {
            if (DayGraph.Of(begun, _rests) is not { } graph)
            {
                return [];
            }

            var days = new Schedule?[beams.Count];
            Parallel.For(0, beams.Count, beam => days[beam] = new BeamSearch(graph, beams[beam]).Best());
            return days.OfType<Schedule>().Select(day => day with
            {
                Placements = [.. day.Placements.Select(placed => placed with { Start = placed.Start + from, End = placed.End + from })],
                Span = day.Span + from,
            });
        }
    }

    /// <summary>Minutes by which whoever is the latest is late.</summary>
    private static int LateBy(Schedule day, SchedulingProblem problem) => problem.Deadlines.Select(hour => day.Placements.Where(placed => placed.Job.With == hour.Key).Select(placed => placed.End - hour.Value).DefaultIfEmpty().Max())
        .Append(day.Span - (problem.Deadline ?? int.MaxValue)).Append(0).Max();
}
