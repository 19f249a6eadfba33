using System.Numerics;
using System.Runtime.CompilerServices;

namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>What no day that goes on from a moment is over before.</summary>
internal sealed partial class HandsMoment
{
    /// <summary>Minutes to the end of every run at least, when the next job of one ends after so many.</summary>
    private int Runs(int end, int run)
    {
        var ends = end + _puzzle.Runs[run][_done[run]].Tail;
        for (var other = 0; other < _puzzle.Runs.Length; other++)
        {
            if (other != run && _done[other] < _puzzle.Runs[other].Length && _puzzle.Runs[other][_done[other]] is var step)
            {
                ends = Math.Max(ends, Math.Max(_apart[other], end) + step.Minutes + step.Tail);
            }
        }

        return ends;
    }

    /// <summary>
    /// Minutes to the last end of all: each run goes on when it can; and all that much is still to come behind is done one after the
    /// other, with as many breaks as it fills.
    /// </summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private int AtLeast()
    {
        var (free, ends) = ((int)_apart[_puzzle.Free], Math.Max((int)_apart[_puzzle.Over], _apart[_puzzle.Free]));
        for (var run = 0; run < _puzzle.Runs.Length; run++)
        {
            if (_done[run] < _puzzle.Runs[run].Length && _puzzle.Runs[run][_done[run]] is var step)
            {
                ends = Math.Max(ends, _apart[run] + step.Minutes + step.Tail);
            }
        }

        var (goesOn, pause) = (_puzzle.Rest?.GoesOn ?? int.MaxValue, _puzzle.Rest?.Minutes ?? 0);
        var fitsIn =
            Last is null ? goesOn
            : InPiece is not null ? 0
            : Math.Max(0, goesOn - Math.Max(0, (int)_apart[(StretchRow * _width) + _puzzle.Free]));
        var most = pause == 0 ? 0 : pause * _puzzle.MostBreaks;
        var (work, parted, halves, filled, longPieces) = (0, 0, 0, 0, Last is null ? -1 : 0);
        for (var word = 0; word < HandsPuzzle.MostJobs / WordBits; word++)
        {
            for (var left = _left[word]; left != 0; left &= left - 1)
            {
                ref readonly var step = ref _puzzle.ByTail[(word * WordBits) + BitOperations.TrailingZeroCount(left)];
                if (free + Left + most + step.Tail <= ends)
                {
                    // Behind all that is left, less is still to come than that.
                    return ends;
                }

                work += step.Minutes;
                if (step.IsLong)
                {
                    longPieces += step.BeginsPiece ? 1 : 0;
                }
                else if (!step.Nests)
                {
                    parted += step.Minutes;
                    halves += 2L * step.Minutes > goesOn && step.Minutes > fitsIn ? 1 : 0;
                }

                if (free + work + most + step.Tail <= ends)
                {
                    continue;
                }

                while (pause > 0 && parted > fitsIn + (filled * goesOn))
                {
                    filled++;
                }

                ends = Math.Max(ends, free + work + (Math.Max(0, longPieces + Math.Max(halves, filled)) * pause) + step.Tail);
            }
        }

        return ends;
    }
}
