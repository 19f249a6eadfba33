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
    /// Minutes to the last end of all: each run goes on when it can; and all that much is still to come behind is done one after the other, with
    /// as many breaks as it fills.
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
        var fitsIn = Last is null ? goesOn : InPiece is not null ? 0 : Math.Max(0, goesOn - Math.Max(0, (int)_apart[(StretchRow * _width) + _puzzle.Free]));
        var most = pause == 0 ? 0 : pause * _puzzle.MostBreaks;
        var (work, parted, halves, longPieces) = (0, 0, 0, Last is null ? -1 : 0);
        foreach (ref readonly var step in _puzzle.ByTail.AsSpan())
        {
            if (step.At < _done[step.RunNumber])
            {
                continue;
            }

            if (free + Left + most + step.Tail <= ends)
            {
                // Behind all that is left, less is still to come than that.
                break;
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

            var breaks = pause == 0 ? 0 : Math.Max(0, longPieces + Math.Max(halves, parted > fitsIn ? (parted - fitsIn + goesOn - 1) / goesOn : 0));
            ends = Math.Max(ends, free + work + (breaks * pause) + step.Tail);
        }

        return ends;
    }
}
