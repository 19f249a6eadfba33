using Kamuri.Core.Scheduling.Beam;

namespace Kamuri.Core.Scheduling;

/// <summary>The tries that build good days, where there are too many orders to look through.</summary>
internal sealed partial class Attempts
{
    /// <summary>Of the days that were built, the best so many are looked at closely.</summary>
    private const int Closely = 2;

    /// <summary>Of what a day takes at least, so many times as much is long.</summary>
    private const double Long = 1.2;

    /// <summary>Shares of what a day is longer than it has to be, by which it may begin later.</summary>
    private static readonly double[] Later = [0.75, 0.5, 0.25];

    /// <summary>Ways in which a long day is built once more from its beginning.</summary>
    private const int Fewer = 2;

    /// <summary>
    /// Builds days in several ways (<see cref="BeamSearch"/>) and takes the best. With waits as usual, and where that is not in time
    /// with all of them at their shortest: what can be longer is made so in its order. Where a day towards an hour may begin later, it
    /// is built from its end to its beginning; only what is late even so begins as soon as it may.
    /// </summary>
    /// <param name="beams">The ways.</param>
    /// <param name="backwards">Those for days that are built from their end.</param>
    /// <param name="asUsual">With waits as usual too; else only with them at their shortest.</param>
    public void TryBeams(IReadOnlyList<BeamWidth> beams, IReadOnlyList<BeamWidth> backwards, bool asUsual)
    {
        if (asUsual)
        {
            TryBeams(WithWaitsAsUsual(_ => true), beams, backwards);
        }

        if (_problem.MayShorten && !IsInTime)
        {
            TryBeams(_problem, beams, backwards);
            if (_problem.MayBeginLater && !IsInTime)
            {
                TryFromStart(_problem, beams);
                if (IsAny && _problem.Pairs.Count == 1 && _best!.Schedule.Placements[0].Start > 0)
                {
                    // Seen from a day before, much is done long before it has to be.
                    TryFromStart(_problem, beams, _best.Schedule.Placements[0].Start);
                }
                else if (IsAny && _problem.Pairs.Count > 1)
                {
                    TryLater(beams);
                }
            }
        }
    }

    /// <summary>
    /// Builds days for hours that are a little earlier than those the best so far was built for: with waits as usual where that has
    /// them so.
    /// </summary>
    /// <param name="beams">The ways.</param>
    /// <param name="backwards">Those for days that are built from their end.</param>
    public void TryBeamsAgain(IReadOnlyList<BeamWidth> beams, IReadOnlyList<BeamWidth> backwards) =>
        TryBeams(
            _problem.Known!.Placements.All(placed => placed.Minutes >= placed.Job.Usual) ? WithWaitsAsUsual(_ => true) : _problem,
            beams,
            backwards
        );

    /// <summary>Builds days from their beginning, as soon as they may begin.</summary>
    /// <param name="beams">The ways.</param>
    public void TryBeamsFromStart(IReadOnlyList<BeamWidth> beams) => TryFromStart(_problem, beams);

    /// <summary>Builds days from their beginning that are over by the hour of all.</summary>
    /// <param name="beams">The ways.</param>
    public void TryBeamsWithin(IReadOnlyList<BeamWidth> beams) =>
        TryClosely(Built(DayGraph.Of(_problem, _rests, latest: _problem.Deadline!.Value), beams).OrderBy(day => (Late(day), day.Span)));

    /// <summary>Builds days from the hour of all back to their beginning, each head ready by its own.</summary>
    /// <param name="backwards">The ways.</param>
    /// <param name="asUsual">Heads whose waits are as usual.</param>
    public void TryBeamsTowards(IReadOnlyList<BeamWidth> backwards, HashSet<string> asUsual) =>
        TryFromHour(WithWaitsAsUsual(job => job.With is { } head && asUsual.Contains(head)), _problem.Deadline!.Value, backwards);

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
            LateAtLeast(
                _problem.Deadlines.Sum(hour => (long)Math.Max(0, least.Of(hour.Key) - hour.Value))
                    + (_problem.Deadline is { } all ? Math.Max(0, least.OfAll() - all) : 0)
            );
        }
    }

    /// <summary>
    /// Where somebody is late whatever is done, nothing holds the others to their hours from the other side, and they may be done a day
    /// before. From a later beginning on all of it may lie closer together.
    /// </summary>
    private void TryLater(IReadOnlyList<BeamWidth> beams)
    {
        var least = new LeastEnd(_problem, _rests).OfAll();
        foreach (var share in Later)
        {
            if (_best!.Schedule.Minutes > Long * least)
            {
                TryFromStart(
                    _problem,
                    [.. beams.Take(Fewer)],
                    _best.Schedule.Placements[0].Start + (int)(share * (_best.Schedule.Minutes - least))
                );
            }
        }
    }

    private SchedulingProblem WithWaitsAsUsual(Func<Job, bool> of) =>
        _problem with
        {
            Jobs = [.. _problem.Jobs.Select(job => of(job) ? job with { Shortest = job.Usual } : job)],
        };

    private void TryBeams(SchedulingProblem problem, IReadOnlyList<BeamWidth> beams, IReadOnlyList<BeamWidth> backwards)
    {
        if (problem is { MayBeginLater: true, MayShorten: true })
        {
            TryFromHour(problem, beams, backwards);
        }
        else
        {
            TryFromStart(problem, beams);
        }
    }

    private void TryFromStart(SchedulingProblem problem, IReadOnlyList<BeamWidth> beams, int start = 0) =>
        TryClosely(
            Built(DayGraph.Of(problem.From(start), _rests), beams).Select(day => day.Later(start)).OrderBy(day => (Late(day), day.Span))
        );

    /// <summary>
    /// From the last hour back: the sooner such a day is over, the later it begins. Where some have to be ready long before others that
    /// makes a long day; with all of it before the first hour it may be shorter, or from its own beginning on.
    /// </summary>
    private void TryFromHour(SchedulingProblem problem, IReadOnlyList<BeamWidth> beams, IReadOnlyList<BeamWidth> backwards)
    {
        var least = new LeastEnd(problem, _rests).OfAll();
        var hours = problem
            .Deadlines.Values.Concat(problem.Deadline is { } all ? [all] : [])
            .Where(hour => hour >= least)
            .Distinct()
            .ToList();
        bool IsLong() => !IsAny || _best!.Schedule.Minutes > Long * least;
        if (hours.Count > 0)
        {
            TryFromHour(problem, hours.Max(), backwards);
        }

        if (hours.Count > 1 && IsLong())
        {
            TryFromHour(problem, hours.Min(), backwards);
        }

        if (IsInTime && IsLong())
        {
            TryFromStart(problem, [.. beams.Take(Fewer)], _best!.Schedule.Placements[0].Start);
        }
    }

    /// <summary>A day that would have to begin before the start is none.</summary>
    private void TryFromHour(SchedulingProblem problem, int hour, IReadOnlyList<BeamWidth> beams)
    {
        var over = problem.Deadlines.ToDictionary(each => each.Key, each => Math.Max(0, hour - each.Value));
        TryClosely(
            Built(DayGraph.Of(problem.Backwards(hour), _rests, over, hour), beams)
                .OrderBy(day => day.Span)
                .Select(day => day.Backwards(hour))
        );
    }

    private void TryClosely(IEnumerable<Schedule> days) => days.Take(Closely).ToList().ForEach(day => TryOrder(day.Of(_problem)));

    private IEnumerable<Schedule> Built(DayGraph? graph, IReadOnlyList<BeamWidth> beams)
    {
        var days = new Schedule?[graph is null ? 0 : beams.Count];
        var efforts = Array.ConvertAll(days, _ => Effort.Unlimited());
        // The widest come last among the ways, and nobody should wait for one of those alone.
        Parallel.For(1, days.Length + 1, way => days[^way] = new BeamSearch(graph!, beams[^way], efforts[^way]).Best());
        _effort.SpendBeside(efforts);
        return days.OfType<Schedule>();
    }
}
