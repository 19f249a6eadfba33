using System.Numerics;
using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;

namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>How what is known of a moment is made alike, so that it can be held against another.</summary>
internal sealed partial class HandsMoment
{
    /// <summary>
    /// Says the same of what is the same, so that more moments can be held against one another. Whether the day can go on.
    /// </summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private bool Tidy()
    {
        var runs = _puzzle.Runs;
        Span<short> waits = stackalloc short[_width];
        for (var run = 0; run < runs.Length; run++)
        {
            waits[run] = (short)(_done[run] < runs[run].Length ? -1 : 0);
        }

        waits[_puzzle.Over] = -1;

        for (var row = 0; row < Rows; row++)
        {
            if (_apart[(row * _width) + _puzzle.Free] is > Said and var begins)
            {
                // Nothing begins before hands are free, and nothing is over.
                for (var at = 0; at < _width; at += Vector<short>.Count)
                {
                    var apart = new Vector<short>(_apart, (row * _width) + at);
                    var counts = new Vector<short>(waits[at..]) | Vector.GreaterThan(apart, new Vector<short>(Said));
                    Vector
                        .ConditionalSelect(counts, Vector.Max(apart, new Vector<short>(begins)), apart)
                        .CopyTo(_apart, (row * _width) + at);
                }
            }
        }

        TidyHeads();
        for (var due = DueRuns; due != 0; due &= due - 1)
        {
            var run = BitOperations.TrailingZeroCount(due);
            var gap = GapOf(run);
            var apart = _apart.AsSpan((run + 1) * _width, _width);
            if (apart[run] > gap || !TidyRun(run, gap, apart))
            {
                return false;
            }
        }

        FreeAt = _apart[_puzzle.Free];
        Span<short> free = stackalloc short[Vector256<short>.Count];
        for (var row = 0; row < Math.Min(free.Length, Rows); row++)
        {
            free[row] = _apart[(row * _width) + _puzzle.Free];
        }

        FreeFrom = Vector256.Create<short>(free);
        var sum = Vector<int>.Zero;
        for (var at = 0; at < _apart.Length; at += Vector<short>.Count)
        {
            Vector.Widen(new Vector<short>(_apart, at), out var low, out var high);
            sum += low + high;
        }

        Sum = Vector.Sum(sum);
        Ends = Math.Max(Before!.Ends, AtLeast());
        return true;
    }

    /// <summary>
    /// What is done on a head without a pause is a thing of the past once it has rested for whatever follows, or nothing does.
    /// </summary>
    private void TidyHeads()
    {
        foreach (var head in _puzzle.Heads)
        {
            if (!IsHeldStill(head) || IsInPiece(head))
            {
                continue;
            }

            var isOver = IsOver(head);
            if (!isOver && !HasRested(head))
            {
                continue;
            }

            Forget(StretchOf(head));
            Forget(StretchOf(head) + 1);
            HeldStill &= ~(1 << head.Number);
            for (var row = 0; isOver && row < Rows; row++)
            {
                _apart[(row * _width) + head.Target] = None;
            }
        }
    }

    private bool IsOver(RestingHead head)
    {
        foreach (var run in head.Runs)
        {
            if (_done[run] < _puzzle.Runs[run].Length)
            {
                return false;
            }
        }

        return true;
    }

    private bool HasRested(RestingHead head)
    {
        foreach (var run in head.Runs)
        {
            for (var row = 0; row < Rows && _done[run] < _puzzle.Runs[run].Length; row++)
            {
                if (
                    _apart[(row * _width) + head.Target] is > Said and var rested
                    && Begin(_puzzle.Runs[run][_done[run]], pause: 0, afterPause: false, row) < rested
                )
                {
                    return false;
                }
            }
        }

        return true;
    }

    /// <summary>A job that does not fit in before the next of a run is due does not fit, whether by one minute or by ten.</summary>
    private bool TidyRun(int run, int gap, Span<short> apart)
    {
        var fits = false;
        var minutes = _puzzle.Runs[run][_done[run]].Minutes;
        for (var other = 0; other < _puzzle.Runs.Length; other++)
        {
            if (other == run || _done[other] == _puzzle.Runs[other].Length)
            {
                continue;
            }

            var latest = gap - _puzzle.Runs[other][_done[other]].Minutes;
            fits |= apart[other] <= latest;
            if (apart[other] > latest && apart[other] <= gap + minutes)
            {
                apart[other] = (short)(latest + 1);
            }
        }

        if (fits)
        {
            return true;
        }

        var pause = _puzzle.Rest?.Minutes ?? 0;
        apart[_puzzle.Free] = (short)(apart[_puzzle.Free] + pause <= gap ? gap - pause : gap);
        (var isOnly, Must) = (Must is null, run);
        return isOnly;
    }
}
