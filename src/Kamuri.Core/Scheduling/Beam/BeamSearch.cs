namespace Kamuri.Core.Scheduling.Beam;

/// <summary>How a beam search goes on.</summary>
/// <param name="Width">Days gone on from.</param>
/// <param name="Alike">Of those in which the same has been begun, so many.</param>
/// <param name="Share">Of those in which the same heads have been begun, one in so many.</param>
/// <param name="More">Heads that have to go on soon at a time, beyond one for each pair of hands; less than 0 for fewer than those.</param>
/// <param name="Slack">Minutes that hands may wait for something, beyond what could be done meanwhile.</param>
/// <param name="AnyWay">Any way on is enough; else there has to be one with everything that may be begun.</param>
/// <param name="Tries">Ways on that are tried at each job, for each day that is gone on from, before fewer days have to do.</param>
public readonly record struct BeamWidth(int Width, int Alike, int Share, int More, int Slack, bool AnyWay = false, int Tries = 1000);

/// <summary>
/// A beam search: days are built a job at a time, and of all days in which as much has been begun the most promising are gone on from.
/// It says nothing of what is best, but soon has something good where there are too many orders to look through.
/// </summary>
public sealed class BeamSearch
{
    /// <summary>Days that turn out to lead nowhere, for each that is gone on from, before it is given up.</summary>
    private const int MostDoomed = 20;

    private readonly DayGraph _graph;
    private readonly BeamWidth _beam;
    private readonly Effort? _effort;
    private readonly PartialDay _next;
    private readonly Stack<PartialDay> _unused = [];
    private readonly List<NextJob> _ways = [];
    private readonly bool[] _can;
    private int _doomed;
    private int _tried;
    private int _looked;

    /// <param name="graph">The day.</param>
    /// <param name="beam">How it goes on.</param>
    /// <param name="effort">Where it is counted; null for nowhere.</param>
    internal BeamSearch(DayGraph graph, BeamWidth beam, Effort? effort = null) =>
        (_graph, _beam, _effort, _next, _can) = (graph, beam, effort, new PartialDay(graph), new bool[graph.Jobs.Length]);

    /// <summary>
    /// The search; null for a day that cannot be built a job at a time: one that lasts over a night, or lacks what it needs.
    /// </summary>
    /// <param name="problem">What is to be placed.</param>
    /// <param name="rests">With everybody's breaks.</param>
    /// <param name="beam">How it goes on.</param>
    public static BeamSearch? Of(SchedulingProblem problem, bool rests, BeamWidth beam) =>
        DayGraph.Of(problem, rests) is { } graph ? new BeamSearch(graph, beam) : null;

    /// <summary>A good day; null when all that were gone on from run into a wall.</summary>
    public Schedule? Best()
    {
        var (days, next) = (new List<PartialDay>(), new List<Next>());
        if (PartialDay.Start(_graph) is { } start && LookAhead(start, next))
        {
            days.Add(start);
        }

        for (var begun = 0; begun < _graph.Hands.Length && days.Count > 0; begun++)
        {
            var before = days;
            (days, next) = GoOn(next);
            _effort?.SpendOnBuilding(_tried + (3 * _looked), _graph.Jobs.Length);
            before.ForEach(_unused.Push);
        }

        return days.FirstOrDefault()?.Placed();
    }

    /// <summary>One way to go on from a day, and how promising that is.</summary>
    private readonly record struct Next(PartialDay Day, NextJob Way, int Number, long Score, ulong State, ulong Likeness, ulong Heads)
        : IComparable<Next>
    {
        public int CompareTo(Next other) => (Score, Number).CompareTo((other.Score, other.Number));
    }

    /// <summary>The most promising days in which one job more has been begun, and the ways to go on from those.</summary>
    private (List<PartialDay> Days, List<Next> Next) GoOn(List<Next> ways)
    {
        var (kept, next, seen) = (new List<PartialDay>(), new List<Next>(), new HashSet<ulong>());
        var (alike, heads) = (new Dictionary<ulong, int>(), new Dictionary<ulong, int>());
        ways.Sort();
        (_tried, _looked) = (0, 0);
        foreach (var way in ways)
        {
            if (kept.Count == _beam.Width || _doomed > MostDoomed * _beam.Width || _tried > _beam.Tries * _beam.Width)
            {
                break;
            }

            // Days that begin too many heads at once are promising for long, and then lead nowhere all of them.
            if (
                alike.GetValueOrDefault(way.State) >= _beam.Alike
                || heads.GetValueOrDefault(way.Heads) >= Math.Max(1, _beam.Width / _beam.Share)
                || !seen.Add(way.Likeness)
            )
            {
                continue;
            }

            var day = _unused.TryPop(out var unused) ? unused : new PartialDay(_graph);
            day.CopyFrom(way.Day);
            if (!day.Begin(way.Way) || !LookAhead(day, next))
            {
                _doomed++;
                _unused.Push(day);
                continue;
            }

            alike[way.State] = alike.GetValueOrDefault(way.State) + 1;
            heads[way.Heads] = heads.GetValueOrDefault(way.Heads) + 1;
            kept.Add(day);
        }

        return (kept, next);
    }

    /// <summary>
    /// Finds the ways to go on from a day. Whether there is one for everything that may be begun, for what cannot be begun now hardly
    /// can be later; or any, for one pair of hands mostly has to be done with one thing before another. Hands do not wait for something
    /// for longer than it takes to do something else.
    /// </summary>
    private bool LookAhead(PartialDay day, List<Next> next)
    {
        _looked++;
        day.Ways(_ways, _graph.Pairs.Length + _beam.More);
        Array.Clear(_can);
        var (first, soonest) = (next.Count, int.MaxValue);
        foreach (var way in _ways)
        {
            var isSoon = !way.MayWait && way.At - _beam.Slack < soonest;
            if (_can[way.Job] && !isSoon)
            {
                continue;
            }

            _tried++;
            _next.CopyFrom(day);
            if (_next.Begin(way))
            {
                _can[way.Job] = true;
                if (isSoon)
                {
                    soonest = Math.Min(soonest, way.At + _graph.Minutes[way.Job]);
                    next.Add(new Next(day, way, next.Count, _next.Score, _next.State, _next.Likeness, _next.Heads));
                }
            }
        }

        if (_beam.AnyWay)
        {
            return _ways.Count == 0 || next.Count > first;
        }

        foreach (var way in _ways)
        {
            if (!_can[way.Job])
            {
                next.RemoveRange(first, next.Count - first);
                return false;
            }
        }

        return true;
    }
}
