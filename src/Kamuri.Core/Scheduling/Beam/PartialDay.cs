using System.Runtime.CompilerServices;

namespace Kamuri.Core.Scheduling.Beam;

/// <summary>
/// A day in which hands have begun some of their jobs. Every job of it, begun or not, has the minutes before which it cannot begin and
/// end with what has been decided so far: who does what in which order, who has which thing, and where somebody rests.
/// </summary>
internal sealed partial class PartialDay
{
    private const byte None = byte.MaxValue;

    // What is kept of a job that has been begun: who does it, what comes behind it for them, on its head and on each thing it uses, and
    // the first job of the stretch it is in, of the pair and of the head.
    private const int ByPair = 0;
    private const int NextOfPair = 1;
    private const int NextOnHead = 2;
    private const int FirstOfPair = 3;
    private const int FirstOnHead = 4;
    private const int NextOnThing = 5;
    private const int Kept = NextOnThing + DayGraph.MostThings;

    private readonly DayGraph _graph;
    private readonly Moment[] _begins;
    private readonly Moment[] _ends;
    private readonly (int To, int Minutes)[][] _behind;
    private readonly int[][] _followed;

    /// <summary>When the first moment of each group is at the earliest.</summary>
    private readonly int[] _times;
    private readonly byte[] _kept;

    /// <summary>By job whether its pair, and its head, rest behind it.</summary>
    private readonly bool[] _pairRests;
    private readonly bool[] _headRests;

    /// <summary>By job how many have to be begun before it.</summary>
    private readonly byte[] _left;
    private readonly byte[] _lastOfPair;
    private readonly byte[] _lastOnHead;
    private readonly byte[] _lastOnLane;

    /// <summary>A day that is nothing yet.</summary>
    public PartialDay(DayGraph graph)
    {
        (_graph, var moments, var jobs) = (graph, graph.Moments, graph.Jobs.Length);
        (_begins, _ends, _behind, _followed) = (moments.Begins, moments.Ends, moments.Behind, graph.Followed);
        (_times, _kept, _left) = (new int[moments.Count], new byte[Kept * jobs], new byte[jobs]);
        (_pairRests, _headRests) = (new bool[jobs], new bool[jobs]);
        (_lastOfPair, _lastOnHead, _lastOnLane) = (new byte[graph.Pairs.Length], new byte[graph.Heads.Length], new byte[graph.Lanes[^1]]);
        _moved = new ulong[(moments.Count + 63) / 64];
        _firstMoved = _moved.Length;
    }

    /// <summary>Which jobs have been begun, in one number.</summary>
    public ulong State { get; private set; }

    /// <summary>The same, with when hands are free and heads are over: days that are alike in that are one.</summary>
    public ulong Likeness { get; private set; }

    /// <summary>Which heads have been begun, in one number.</summary>
    public ulong Heads { get; private set; }

    /// <summary>How promising it is: less is more.</summary>
    public long Score { get; private set; }

    /// <summary>The start of the day; null when not even that can be.</summary>
    public static PartialDay? Start(DayGraph graph)
    {
        var day = new PartialDay(graph);
        foreach (var last in (byte[][])[day._kept, day._lastOfPair, day._lastOnHead, day._lastOnLane])
        {
            Array.Fill(last, None);
        }

        for (var job = 0; job < graph.Jobs.Length; job++)
        {
            day._left[job] = (byte)graph.Before[job].Length;
        }

        for (var group = 0; group < day._times.Length; group++)
        {
            day._times[group] = day.AfterAway(group, 0);
            day.Queue(group);
        }

        for (var job = 0; job < graph.Jobs.Length; job++)
        {
            day.Raise(graph.Moments.Begins[job], graph.NotBefore[job]);
        }

        if (day.Settle(-1) != Moved.All)
        {
            return null;
        }

        for (var job = 0; job < graph.Jobs.Length; job++)
        {
            if (
                !graph.Jobs[job].IsHandsOn
                && graph.Before[job].Length == 0
                && !graph.Ahead.Any(ahead => ahead.Contains(job))
                && !day.TakeThings(job)
            )
            {
                return null;
            }
        }

        return day;
    }

    public void CopyFrom(PartialDay other)
    {
        other._times.AsSpan().CopyTo(_times);
        other._kept.AsSpan().CopyTo(_kept);
        other._pairRests.AsSpan().CopyTo(_pairRests);
        other._headRests.AsSpan().CopyTo(_headRests);
        other._left.AsSpan().CopyTo(_left);
        other._lastOfPair.AsSpan().CopyTo(_lastOfPair);
        other._lastOnHead.AsSpan().CopyTo(_lastOnHead);
        other._lastOnLane.AsSpan().CopyTo(_lastOnLane);
        (State, Likeness, Heads, Score) = (other.State, other.Likeness, other.Heads, other.Score);
    }

    /// <summary>The day with the times it has.</summary>
    public Schedule Placed()
    {
        var placements = _graph
            .Jobs.Select(
                (job, at) => new Placement(job, BeginOf(at), EndOf(at)) { By = job.IsHandsOn ? _graph.Pairs[Of(at, ByPair)] : null }
            )
            .OrderBy(placed => placed.Start)
            .ThenBy(placed => placed.End)
            .ToList();
        return new Schedule(placements, placements.Max(placed => placed.End), 0, Proven: false);
    }

    private byte Of(int job, int what) => _kept[(Kept * job) + what];

    private void Keep(int job, int what, int value) => _kept[(Kept * job) + what] = (byte)value;

    private bool IsBegun(int job) => Of(job, ByPair) != None;

    private bool IsOpen(int job) => _left[job] == 0 && !IsBegun(job);

    private int BeginOf(int job) => At(_begins[job]);

    private int EndOf(int job) => At(_ends[job]);

    private int At(Moment moment) => _times[moment.Group] + moment.Minutes;

    private int FreeAt(byte last) => last == None ? 0 : EndOf(last);

    /// <summary>
    /// How promising the day is: what is late; when all of it is over at the earliest, as each head goes on and as all hands do
    /// together what is still to be done, breaks counted; then how much hands have been idle, and how soon each head is over. The
    /// minute before which it cannot be over.
    /// </summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private int Judge()
    {
        var (free, likeness) = (0, State);
        foreach (var last in _lastOfPair)
        {
            free += FreeAt(last);
            likeness += Mixed((ulong)FreeAt(last));
        }

        var (work, load, ends) = (0, 0.0, 0);
        foreach (var job in _graph.ByTail)
        {
            if (!IsBegun(job))
            {
                work += _graph.Minutes[job];
                load = Math.Max(load, (work * _graph.WorkCounts) + _graph.Tails[job]);
            }
        }

        Span<int> over = stackalloc int[_graph.Heads.Length];
        foreach (var job in _graph.Hands)
        {
            var end = EndOf(job) + _graph.Tails[job];
            ends = Math.Max(ends, end);
            if (_graph.HeadOf[job] is >= 0 and var head)
            {
                over[head] = Math.Max(over[head], end);
            }
        }

        var busy = (int)(load + (free / (double)_lastOfPair.Length));
        var (late, sum) = (Math.Max(0L, (long)ends - _graph.Hour), 0L);
        for (var head = 0; head < over.Length; head++)
        {
            late += Math.Max(0L, (long)over[head] - _graph.Wanted[head]);
            sum += over[head];
            likeness += Mixed(((ulong)over[head] << 8) + (ulong)head + 1);
        }

        // Each counts for more than what follows it, but for a minute of idle hands, which is little more than one of a head.
        (Likeness, Score) = (likeness, (late * 1_000_000) + (Math.Max(ends, busy) * 1000L) + (busy * 2L) + (sum / 4));
        return ends;
    }

    /// <summary>
    /// A number that says no more than another one, and in which all bits count; the same in every process, so that every search is.
    /// </summary>
    private static ulong Mixed(ulong value)
    {
        value += 0x9E3779B97F4A7C15;
        value = (value ^ (value >> 30)) * 0xBF58476D1CE4E5B9;
        value = (value ^ (value >> 27)) * 0x94D049BB133111EB;
        return value ^ (value >> 31);
    }
}
