using System.Numerics;
using System.Runtime.CompilerServices;

namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>What follows a moment.</summary>
internal sealed partial class HandsMoment
{
    /// <summary>The next job of a run is done (<see cref="Ways"/>). Whether that can be, and what follows may be over in time.</summary>
    /// <param name="run">Which run.</param>
    /// <param name="afterBreak">Hands rest before it.</param>
    /// <param name="afterPause">Its head rests before it, or was not worked on.</param>
    /// <param name="before">All has to be over before so many minutes.</param>
    /// <param name="next">Becomes what follows: most that does is not kept, so the same one is used again and again.</param>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    public bool Then(int run, bool afterBreak, bool afterPause, int before, HandsMoment next)
    {
        var (steps, at) = (_puzzle.Runs[run], _done[run]);
        var step = steps[at];
        if (IsWaiting(step) || IsHeld(step, run) || (Must is { } must && must != run))
        {
            return false;
        }

        var isFresh = afterBreak || Last is null;
        var isGoingOn = !isFresh && InPiece is null;
        var isHeld = step.Head is not null && !afterPause && !IsInPiece(step.Head);
        if ((isGoingOn && step.IsLong) || (isHeld && step.Own.IsLong))
        {
            return false;
        }

        Span<int> begins = stackalloc int[Rows];
        var gap = GapOf(run);
        if (
            !Begin(step, afterBreak, afterPause, begins)
            || begins[0] > Math.Abs(Said)
            || (isGoingOn && _puzzle.Rest is { } most && IsTooLong(step, StretchRow, most, begins))
            || (isHeld && IsTooLong(step, StretchOf(step.Head!), step.Head!.Rest, begins))
            || Runs(begins[0] + step.Minutes, run) >= before
        )
        {
            return false;
        }

        next.Follow(this, step, afterBreak, afterPause);
        next.MovedTo =
            gap != HandsPuzzle.Open && begins[0] - gap is var moved && moved + _apart[((run + 1) * _width) + _puzzle.Free] > FreeAt
                ? moved
                : null;
        if (gap != HandsPuzzle.Open)
        {
            // What came before must not have been done so early that this is too late for it.
            next.Push(this, run + 1, begins, -gap);
        }

        if (isGoingOn && _puzzle.Rest is { } rest)
        {
            next.Push(this, StretchRow, begins, step.Minutes - rest.GoesOn);
        }

        if (isHeld)
        {
            next.Push(this, StretchOf(step.Head!), begins, step.Minutes - step.Head!.Rest.GoesOn);
        }

        if (isFresh)
        {
            next.Begin(StretchRow, run, begins, gap, step.IsLong ? null : _puzzle.Rest);
        }

        if (step.Head is { } head && afterPause)
        {
            next.Begin(StretchOf(head), run, begins, gap, step.Own.IsLong ? null : head.Rest);
        }

        next.End(step, run, begins);
        return next.Tidy() && next.Ends < before;
    }

    /// <summary>
    /// Whether a stretch, from the beginning of its first job or from what that has to follow, would become too long with a job.
    /// </summary>
    private static bool IsTooLong(HandStep step, int stretch, Rest rest, Span<int> begins) =>
        begins[stretch] + step.Minutes > rest.GoesOn || begins[stretch + 1] + step.Minutes > 0;

    /// <summary>Minutes within which a run has to go on; open where it has not been begun, or is over.</summary>
    private int GapOf(int run) =>
        _done[run] is > 0 and var done && _puzzle.Runs[run] is var steps && done < steps.Length ? steps[done - 1].Gap : HandsPuzzle.Open;

    /// <summary>Whether another run has to go on before it gives something back.</summary>
    private bool IsHeld(HandStep step, int run)
    {
        foreach (var thing in step.Needs)
        {
            for (var other = 0; other < _puzzle.Runs.Length; other++)
            {
                if (
                    other != run
                    && _done[other] is > 0 and var done
                    && _puzzle.Runs[other] is var steps
                    && done < steps.Length
                    && steps[done - 1] is { Holds: true, Takes.Target: var held }
                    && held == thing
                )
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

    private void Follow(HandsMoment before, HandStep step, bool afterBreak, bool afterPause)
    {
        before._apart.AsSpan().CopyTo(_apart);
        (_done, _left) = (before._done, before._left);
        _left[step.Place / WordBits] &= ~(1UL << (step.Place % WordBits));
        (Before, Last, AfterBreak, AfterPause, Must, BeatenBy) = (before, step, afterBreak, afterPause, null, null);
        IsGoneOnFrom = false;
        HeldStill = before.HeldStill | (step.Head is { } head ? 1 << head.Number : 0);
        Left = before.Left - step.Minutes;
        InPiece = step.IsLong ? (step.EndsPiece ? null : step.Piece) : before.InPiece;
        State = before.State + _puzzle.Places[step.RunNumber];
        (Stretch, DueRuns) = ((afterBreak ? 0 : before.Stretch) | (1 << step.RunNumber), before.DueRuns & ~(1 << step.RunNumber));
    }

    /// <summary>
    /// When a job begins at the earliest, seen from each row. Whether that is soon enough for its own run, and hands are free again
    /// soon enough for every other.
    /// </summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private bool Begin(HandStep step, bool afterBreak, bool afterPause, Span<int> begins)
    {
        begins[1..].Fill(None);
        var pause = afterBreak ? _puzzle.Rest!.Minutes : 0;
        // A run that may wait says nothing.
        for (var due = DueRuns; due != 0; due &= due - 1)
        {
            var run = BitOperations.TrailingZeroCount(due);
            begins[run + 1] = Begin(step, pause, afterPause, run + 1);
            if (begins[run + 1] > GapOf(run) - (run == step.RunNumber ? 0 : step.Minutes))
            {
                return false;
            }
        }

        begins[0] = Begin(step, pause, afterPause, 0);
        for (var row = _puzzle.Runs.Length + 1; row < begins.Length; row++)
        {
            begins[row] = Begin(step, pause, afterPause, row);
        }

        if (step.Head is { } head && !afterPause && !IsInPiece(head) && HasRested(head, begins))
        {
            // It rests in the same time.
            return false;
        }

        foreach (var (from, to) in step.Away)
        {
            if (begins[0] < to && begins[0] + step.Minutes > from)
            {
                begins[0] = to;
            }
        }

        return true;
    }

    /// <summary>Whether a head has rested by when something begins, from wherever that is seen.</summary>
    private bool HasRested(RestingHead head, Span<int> begins)
    {
        for (var row = 0; row < begins.Length; row++)
        {
            if (begins[row] > Said && _apart[(row * _width) + head.Target] > begins[row])
            {
                return false;
            }
        }

        return true;
    }

    private int Begin(HandStep step, int pause, bool afterPause, int row)
    {
        var apart = _apart.AsSpan(row * _width, _width);
        var begin = Math.Max(apart[step.RunNumber], apart[_puzzle.Free] + pause);
        if (afterPause)
        {
            begin = Math.Max(begin, apart[step.Head!.Target]);
        }

        foreach (var target in step.WaitsFor)
        {
            begin = Math.Max(begin, apart[target]);
        }

        foreach (var target in step.Needs)
        {
            begin = Math.Max(begin, apart[target]);
        }

        return step.Takes is { } taken ? Math.Max(begin, apart[taken.Target] - step.Minutes) : begin;
    }

    /// <summary>
    /// Moves what a row stands for, and all that follows it, to so many minutes beside where the next job begins, where it is earlier.
    /// </summary>
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
                var (follow, apart) = (
                    new Vector<short>(from._apart, (moved * _width) + at),
                    new Vector<short>(_apart, (row * _width) + at)
                );
                var pushed = Vector.Max(apart, follow + new Vector<short>((short)push));
                Vector
                    .ConditionalSelect(Vector.GreaterThan(follow, new Vector<short>(Said)), pushed, apart)
                    .CopyTo(_apart, (row * _width) + at);
            }
        }
    }

    /// <summary>A stretch begins with a job; without a rest where nothing says how long it may be.</summary>
    private void Begin(int stretch, int run, Span<int> begins, int gap, Rest? rest)
    {
        var dueRow = stretch + 1;
        Forget(stretch);
        Forget(dueRow);
        (begins[stretch], begins[dueRow]) = (0, None);
        if (gap == HandsPuzzle.Open || rest is null || begins[run + 1] <= Said)
        {
            return;
        }

        var due = gap + rest.GoesOn;
        begins[dueRow] = begins[run + 1] - due;
        var to = _apart.AsSpan(dueRow * _width, _width);
        for (var target = 0; target < _width; target++)
        {
            var from = _apart[((run + 1) * _width) + target];
            to[target] = from <= Said ? None : (short)(from - due);
        }
    }

    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private void End(HandStep step, int run, Span<int> begins)
    {
        var isLast = step.At == _puzzle.Runs[run].Length - 1;
        Forget(run + 1);
        begins[run + 1] = step.Gap == HandsPuzzle.Open ? None : -step.Minutes;
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

            if (step.Head is { } on)
            {
                apart[on.Target] = (short)(end + on.Rest.Minutes);
            }

            if (isLast && step.Frees.Length == 0)
            {
                apart[_puzzle.Over] = (short)Math.Max(apart[_puzzle.Over], end + step.Tail);
            }
        }

        if (step is { IsLong: true, EndsPiece: true })
        {
            // Nothing more fits into this stretch.
            _apart[(StretchRow * _width) + _puzzle.Free] = (short)_puzzle.Rest!.GoesOn;
        }

        if (step is { Head: { } head, Own: { IsLong: true, Ends: true } })
        {
            _apart[(StretchOf(head) * _width) + _puzzle.Free] = (short)head.Rest.GoesOn;
        }

        DueRuns |= step.Gap == HandsPuzzle.Open || isLast ? 0 : 1 << run;
        _done[run]++;
    }

    private void Forget(int row) => _apart.AsSpan(row * _width, _width).Fill(None);
}
