using System.Numerics;
using System.Runtime.CompilerServices;

namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>
/// A day in which hands have done some of their jobs, in some order. It keeps how far things are apart at least: from the start of the
/// day, from the end of each run's last job that must be followed soon, and from the beginning of the stretch without a break, to each
/// target (<see cref="HandsPuzzle.Targets"/>). All that can be said of the rest of the day follows from that.
/// </summary>
internal sealed partial class HandsMoment
{
    /// <summary>Nothing is said of how far apart.</summary>
    private const short None = -16_000;
    private const short Said = -8_000;

    private readonly HandsPuzzle _puzzle;
    private readonly int _width;
    private readonly short[] _apart;
    private readonly short[] _over;

    /// <summary>All that is said, added up: of two moments only the one with less can be as good in everything.</summary>
    public int Sum { get; private set; }

    /// <summary>A moment that is nothing yet.</summary>
    public HandsMoment(HandsPuzzle puzzle)
    {
        _puzzle = puzzle;
        _width = (puzzle.Targets + Vector<short>.Count - 1) / Vector<short>.Count * Vector<short>.Count;
        (_apart, _over, Done) = (new short[Rows * _width], new short[Rows], new byte[puzzle.Runs.Length]);
    }

    /// <summary>How many jobs of each run are done.</summary>
    public byte[] Done { get; }

    /// <summary>The moment it came from; null for the start of the day.</summary>
    public HandsMoment? Before { get; private set; }

    /// <summary>What was done last; null at the start of the day.</summary>
    public HandStep? Last { get; private set; }

    /// <summary>Hands rested before it.</summary>
    public bool AfterBreak { get; private set; }

    /// <summary>Minutes to the last end of all, at least.</summary>
    public int Ends { get; private set; }

    /// <summary>Another moment is as good in everything.</summary>
    public bool IsBeaten { get; set; }

    /// <summary>The only run that can go on, because nothing fits in before its next job is due; null where there is no such.</summary>
    public int? Must { get; private set; }

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

    private int Rows => _puzzle.Runs.Length + 2;

    private int Stretch => _puzzle.Runs.Length + 1;

    /// <summary>The start of the day.</summary>
    public static HandsMoment Start(HandsPuzzle puzzle)
    {
        var start = new HandsMoment(puzzle) { Left = puzzle.Work };
        Array.Fill(start._apart, None);
        Array.Fill(start._over, None);
        Array.Fill(start._apart, (short)0, 0, puzzle.Free + 1);
        start.Ends = start.AtLeast();
        return start;
    }

    /// <summary>The next job of a run is done, after a break or at once. Whether that can be, and what follows may be over in time.</summary>
    /// <param name="run">Which run.</param>
    /// <param name="afterBreak">Hands rest before it.</param>
    /// <param name="before">All has to be over before so many minutes.</param>
    /// <param name="next">Becomes what follows: most that does is not kept, so the same one is used again and again.</param>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    public bool Then(int run, bool afterBreak, int before, HandsMoment next)
    {
        var (steps, at) = (_puzzle.Runs[run], Done[run]);
        var step = steps[at];
        if (IsWaiting(step) || IsHeld(step, run) || (Must is { } must && must != run))
        {
            return false;
        }

        var isFresh = afterBreak || Last is null;
        var isGoingOn = !isFresh && InPiece is null;
        if (isGoingOn && step.IsLong)
        {
            return false;
        }

        Span<int> begins = stackalloc int[Rows];
        Begin(step, run, afterBreak, begins);
        var gap = at == 0 ? HandsPuzzle.Open : steps[at - 1].Gap;
        if (begins[0] > Math.Abs(Said) || begins[run + 1] > gap || (isGoingOn && begins[Stretch] + step.Minutes > (_puzzle.Rest?.GoesOn ?? int.MaxValue))
            || IsTooLateForAnother(run, begins, step.Minutes) || Runs(begins[0] + step.Minutes, run) >= before)
        {
            return false;
        }

        next.Follow(this, step, afterBreak);
        if (gap != HandsPuzzle.Open)
        {
            // What came before must not have been done so early that this is too late for it.
            next.Push(this, run + 1, begins, -gap);
        }

        if (isGoingOn && _puzzle.Rest is { } rest)
        {
            next.Push(this, Stretch, begins, step.Minutes - rest.GoesOn);
        }

        next.End(step, run, isFresh, begins);
        return next.Tidy() && next.Ends < before;
    }

    /// <summary>Whether another run would have to go on before hands are free again.</summary>
    private bool IsTooLateForAnother(int run, Span<int> begins, int minutes)
    {
        for (var other = 0; other < Done.Length; other++)
        {
            if (other != run && GapOf(other) < begins[other + 1] + minutes)
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>Minutes within which a run has to go on; open where it has not been begun, or is over.</summary>
    private int GapOf(int run) => Done[run] is > 0 and var done && _puzzle.Runs[run] is var steps && done < steps.Length ? steps[done - 1].Gap : HandsPuzzle.Open;

    /// <summary>Whether another run has to go on before it gives something back.</summary>
    private bool IsHeld(HandStep step, int run)
    {
        foreach (var thing in step.Needs)
        {
            for (var other = 0; other < Done.Length; other++)
            {
                if (other != run && Done[other] is > 0 and var done && _puzzle.Runs[other] is var steps && done < steps.Length
                    && steps[done - 1] is { Holds: true, Takes.Target: var held } && held == thing)
                {
                    return true;
                }
            }
        }

        return false;
    }

    private bool IsWaiting(HandStep step)
    {
        foreach (var target in step.WaitsFor)
        {
            if (_apart[target] <= Said)
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>The order that led here.</summary>
    public HandsOrder Order()
    {
        var jobs = new List<(HandStep, bool)>();
        for (var moment = this; moment.Last is not null; moment = moment.Before!)
        {
            jobs.Add((moment.Last, moment.AfterBreak));
        }

        jobs.Reverse();
        return new HandsOrder(jobs, Ends);
    }

    private void Follow(HandsMoment before, HandStep step, bool afterBreak)
    {
        before._apart.AsSpan().CopyTo(_apart);
        before._over.AsSpan().CopyTo(_over);
        before.Done.AsSpan().CopyTo(Done);
        (Before, Last, AfterBreak, Must, IsBeaten) = (before, step, afterBreak, null, false);
        Left = before.Left - step.Minutes;
        InPiece = step.IsLong ? (step.EndsPiece ? null : step.Piece) : before.InPiece;
        State = before.State + _puzzle.Places[step.RunNumber];
    }

    /// <summary>When a job begins at the earliest, seen from each row.</summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private void Begin(HandStep step, int run, bool afterBreak, Span<int> begins)
    {
        var pause = afterBreak ? _puzzle.Rest!.Minutes : 0;
        for (var row = 0; row < begins.Length; row++)
        {
            var apart = _apart.AsSpan(row * _width, _width);
            var begin = Math.Max(apart[run], apart[_puzzle.Free] + pause);
            foreach (var target in step.WaitsFor)
            {
                begin = Math.Max(begin, apart[target]);
            }

            foreach (var target in step.Needs)
            {
                begin = Math.Max(begin, apart[target]);
            }

            if (step.Takes is { } taken)
            {
                begin = Math.Max(begin, apart[taken.Target] - step.Minutes);
            }

            begins[row] = begin;
        }

        foreach (var (from, to) in step.Away)
        {
            if (begins[0] < to && begins[0] + step.Minutes > from)
            {
                begins[0] = to;
            }
        }
    }

    /// <summary>Moves what a row stands for, and all that follows it, to so many minutes beside where the next job begins, where it is earlier.</summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private void Push(HandsMoment from, int moved, Span<int> begins, int minutes)
    {
        for (var row = 0; row < begins.Length; row++)
        {
            var push = begins[row] + minutes;
            if (begins[row] <= Said || push <= Said)
            {
                continue;
            }

            for (var at = 0; at < _width; at += Vector<short>.Count)
            {
                var (follow, apart) = (new Vector<short>(from._apart, (moved * _width) + at), new Vector<short>(_apart, (row * _width) + at));
                var pushed = Vector.Max(apart, follow + new Vector<short>((short)push));
                Vector.ConditionalSelect(Vector.GreaterThan(follow, new Vector<short>(Said)), pushed, apart).CopyTo(_apart, (row * _width) + at);
            }

            if (from._over[moved] > Said)
            {
                _over[row] = (short)Math.Max(_over[row], push + from._over[moved]);
            }
        }
    }

    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private void End(HandStep step, int run, bool isFresh, Span<int> begins)
    {
        var isLast = step.At == _puzzle.Runs[run].Length - 1;
        Forget(run + 1);
        begins[run + 1] = step.Gap == HandsPuzzle.Open ? None : -step.Minutes;
        if (isFresh)
        {
            Forget(Stretch);
            begins[Stretch] = 0;
        }

        for (var row = 0; row < begins.Length; row++)
        {
            var apart = _apart.AsSpan(row * _width, _width);
            foreach (var target in step.WaitsFor)
            {
                apart[target] = None;
            }

            if (begins[row] <= Said)
            {
                continue;
            }

            var end = begins[row] + step.Minutes;
            apart[_puzzle.Free] = (short)Math.Max(apart[_puzzle.Free], end);
            apart[run] = isLast ? None : (short)(end + step.Wait);
            foreach (var (target, lag) in step.Frees)
            {
                apart[target] = (short)Math.Max(apart[target], end + lag);
            }

            if (step.Takes is { } taken)
            {
                apart[taken.Target] = (short)(end + taken.Minutes);
            }

            if (isLast && step.Frees.Length == 0)
            {
                _over[row] = (short)Math.Max(_over[row], end + step.Tail);
            }
        }

        if (step is { IsLong: true, EndsPiece: true })
        {
            // Nothing more fits into this stretch.
            _apart[(Stretch * _width) + _puzzle.Free] = (short)_puzzle.Rest!.GoesOn;
        }

        Done[run]++;
    }

    private void Forget(int row)
    {
        _apart.AsSpan(row * _width, _width).Fill(None);
        _over[row] = None;
    }
}
