using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;

namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>
/// A day in which hands have done some of their jobs, in some order. It keeps how far things are apart at least: from the start of the
/// day, from the end of each run's last job that must be followed soon, from the beginning of the stretch without a break, and of that
/// of each head without a pause, to each target (<see cref="HandsPuzzle.Targets"/>). All that can be said of the rest of the day
/// follows from that.
/// </summary>
internal sealed partial class HandsMoment
{
    /// <summary>Nothing is said of how far apart.</summary>
    private const short None = -16_000;
    internal const short Said = -8_000;
    private const int WordBits = 64;

    private readonly HandsPuzzle _puzzle;
    private readonly int _width;
    private short[] _apart;
    private JobsDone _done;
    private JobsLeft _left;

    /// <summary>All that is said, added up: of two moments only the one with less can be as good in everything.</summary>
    public int Sum { get; private set; }

    /// <summary>A moment that is nothing yet.</summary>
    /// <param name="puzzle">Of what day.</param>
    /// <param name="unused">What others have let go, to be used again.</param>
    public HandsMoment(HandsPuzzle puzzle, Stack<short[]>? unused = null)
    {
        _puzzle = puzzle;
        _width = puzzle.Width;
        _apart = unused is not null && unused.TryPop(out var apart) ? apart : new short[Rows * _width];
    }

    /// <summary>Nothing will be gone on from here, or held against it: what remains is how it came to be, and when that is over.</summary>
    /// <param name="unused">Receives what it lets go.</param>
    public void LetGo(Stack<short[]> unused)
    {
        unused.Push(_apart);
        _apart = [];
    }

    /// <summary>How many jobs of a run are done.</summary>
    public byte Done(int run) => _done[run];

    /// <summary>The moment it came from; null for the start of the day.</summary>
    public HandsMoment? Before { get; private set; }

    /// <summary>What was done last; null at the start of the day.</summary>
    public HandStep? Last { get; private set; }

    /// <summary>Hands rested before it.</summary>
    public bool AfterBreak { get; private set; }

    /// <summary>Its head, where that needs pauses, rested before it or was not worked on.</summary>
    public bool AfterPause { get; private set; }

    /// <summary>Minutes to the last end of all, at least.</summary>
    public int Ends { get; private set; }

    /// <summary>
    /// The minute to which it moved what was done before, because it has to follow that soon: somebody may not be there then any more.
    /// Null where it moved nothing.
    /// </summary>
    public int? MovedTo { get; private set; }

    /// <summary>Of all that are known it is one of the most promising.</summary>
    public bool IsGoneOnFrom { get; set; }

    /// <summary>Another moment is as good in everything.</summary>
    public bool IsBeaten => BeatenBy is not null;

    /// <summary>One that is as good in everything; null where none is known.</summary>
    public HandsMoment? BeatenBy { get; set; }

    /// <summary>The one that nothing beats, of this one and what beats it.</summary>
    public HandsMoment Best
    {
        get
        {
            var best = this;
            while (best.BeatenBy is { } better)
            {
                best = better;
            }

            return best;
        }
    }

    /// <summary>Minutes until hands are free, from the first places that are seen from.</summary>
    internal Vector256<short> FreeFrom { get; private set; }

    /// <summary>Minutes from the start of the day to each target at least.</summary>
    internal ReadOnlySpan<short> FromStart => _apart.AsSpan(0, _width);

    /// <summary>The only run that can go on, because nothing fits in before its next job is due; null where there is no such.</summary>
    public int? Must { get; private set; }

    /// <summary>Minutes from the start of the day to the end of what is over already.</summary>
    internal int Over => _apart[_puzzle.Over];

    /// <summary>It is known that no day that goes on from here is over before so many minutes.</summary>
    public void EndsAtLeast(int minutes) => Ends = Math.Max(Ends, minutes);

    /// <summary>Nothing is left to do.</summary>
    public bool IsComplete => Left == 0;

    /// <summary>Minutes from the start of the day until hands are free.</summary>
    public int FreeAt { get; private set; }

    /// <summary>Which jobs are done, in one number.</summary>
    public ulong State { get; private set; }

    /// <summary>Minutes hands are still busy.</summary>
    private int Left { get; set; }

    /// <summary>The piece that is longer than hands should go on and has been begun; null for none.</summary>
    private int? InPiece { get; set; }

    /// <summary>The runs whose jobs were done since hands rested last, a bit for each.</summary>
    internal int Stretch { get; private set; }

    /// <summary>The runs that have to go on soon, a bit for each.</summary>
    private int DueRuns { get; set; }

    /// <summary>
    /// The heads that need pauses and may be worked on without one, a bit for each. All others have rested as soon as anything can be
    /// done on them.
    /// </summary>
    private int HeldStill { get; set; }

    private int Rows => _puzzle.StretchRow + 2;

    private int StretchRow => _puzzle.StretchRow;

    /// <summary>The row of the stretch of what is done on a head.</summary>
    private int StretchOf(RestingHead head) => _puzzle.Runs.Length + 1 + (2 * head.Number);

    /// <summary>The start of the day.</summary>
    public static HandsMoment Start(HandsPuzzle puzzle)
    {
        var start = new HandsMoment(puzzle) { Left = puzzle.Work };
        Array.Fill(start._apart, None);
        Array.Fill(start._apart, (short)0, 0, puzzle.Free + 1);
        for (var place = 0; place < puzzle.ByTail.Length; place++)
        {
            start._left[place / WordBits] |= 1UL << (place % WordBits);
        }

        start.Ends = start.AtLeast();
        return start;
    }

    /// <summary>What may follow: the next job of a run, after a break or at once, and after a pause of its head or not.</summary>
    public IEnumerable<(int Run, bool AfterBreak, bool AfterPause)> Ways()
    {
        for (var run = 0; run < _puzzle.Runs.Length; run++)
        {
            if (_done[run] == _puzzle.Runs[run].Length)
            {
                continue;
            }

            var (mayBreak, head) = (_puzzle.Rest is not null && Last is not null, _puzzle.Runs[run][_done[run]].Head);
            if (head is null || IsHeldStill(head))
            {
                if (mayBreak)
                {
                    yield return (run, true, false);
                }

                yield return (run, false, false);
            }

            if (head is not null && !IsInPiece(head))
            {
                if (mayBreak)
                {
                    yield return (run, true, true);
                }

                yield return (run, false, true);
            }
        }
    }

    private bool IsHeldStill(RestingHead head) => (HeldStill & (1 << head.Number)) != 0;

    /// <summary>A piece that is longer than the head should hold still has been begun, and is not over.</summary>
    private bool IsInPiece(RestingHead head)
    {
        foreach (var run in head.Runs)
        {
            if (_done[run] is > 0 and var done && _puzzle.Runs[run][done - 1].Own is { IsLong: true, Ends: false })
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>The order that led here.</summary>
    public HandsOrder Order()
    {
        var jobs = new List<OrderedStep>();
        for (var moment = this; moment.Last is not null; moment = moment.Before!)
        {
            jobs.Add(new OrderedStep(moment.Last, moment.AfterBreak, moment.AfterPause));
        }

        jobs.Reverse();
        return new HandsOrder(jobs, Ends);
    }

    /// <summary>How many jobs of each run are done.</summary>
    [InlineArray(HandsPuzzle.MostRuns)]
    private struct JobsDone
    {
        private byte _first;
    }

    /// <summary>What is still to be done, a bit for each place in <see cref="HandsPuzzle.ByTail"/>.</summary>
    [InlineArray(HandsPuzzle.MostJobs / WordBits)]
    private struct JobsLeft
    {
        private ulong _first;
    }
}
