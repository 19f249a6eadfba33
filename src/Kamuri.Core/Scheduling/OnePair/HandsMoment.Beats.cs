using System.Numerics;
using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;

namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>How two moments are held against one another.</summary>
internal sealed partial class HandsMoment
{
    /// <summary>What a rest adds to <see cref="FreeFrom"/>; 0 where it makes what is seen from there a thing of the past.</summary>
    public static Vector256<short> Rests(HandsPuzzle puzzle)
    {
        var rests = new short[Math.Max(Vector256<short>.Count, puzzle.StretchRow + 2)];
        for (var row = 0; puzzle.Rest is { } rest && row < puzzle.StretchRow; row++)
        {
            rests[row] = (short)(IsPast(puzzle, row, rest) ? 0 : rest.Minutes);
        }

        return Vector256.Create(rests);
    }

    /// <summary>When hands are free at least, once they have rested.</summary>
    public static Vector256<short> Rested(Vector256<short> freeFrom, Vector256<short> rests) =>
        Vector256.ConditionalSelect(
            Vector256.GreaterThan(rests, Vector256<short>.Zero) & Vector256.GreaterThan(freeFrom, Vector256.Create(Said)),
            freeFrom + rests,
            Vector256.Create(None)
        );

    /// <summary>Whoever it is has rested too when hands have.</summary>
    private static bool IsPast(HandsPuzzle puzzle, int row, Rest rest) =>
        row > puzzle.Runs.Length && puzzle.Heads[(row - puzzle.Runs.Length - 1) / 2].Rest.Minutes <= rest.Minutes;

    /// <summary>
    /// Whether nothing that can follow another moment is better than what can follow this one, hands having done the same in both.
    /// </summary>
    /// <param name="other">The other one.</param>
    /// <param name="mayRest">Hands may have to rest first for it.</param>
    public bool Beats(HandsMoment other, bool mayRest = true) =>
        FreeAt <= other.FreeAt
        && (
            (Sum <= other.Sum && BeatsAtOnce(other))
            || (mayRest && _puzzle.Rest is { } rest && FreeAt + rest.Minutes <= other.FreeAt && BeatsAfterBreak(other, rest))
        );

    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private bool BeatsAtOnce(HandsMoment other)
    {
        if (InPiece != other.InPiece)
        {
            return false;
        }

        for (var at = 0; at < _apart.Length; at += Vector<short>.Count)
        {
            if (!Vector.LessThanOrEqualAll(new Vector<short>(_apart, at), new Vector<short>(other._apart, at)))
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>Whether it is as good even if hands rest now, which makes the stretch so far a thing of the past.</summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private bool BeatsAfterBreak(HandsMoment other, Rest rest)
    {
        for (var row = 0; row < StretchRow; row++)
        {
            if (IsPast(_puzzle, row, rest))
            {
                continue;
            }

            var free = _apart[(row * _width) + _puzzle.Free];
            var rested = new Vector<short>(free <= Said ? None : (short)(free + rest.Minutes));
            for (var at = row * _width; at < (row + 1) * _width; at += Vector<short>.Count)
            {
                var own = new Vector<short>(_apart, at);
                // What nothing is said of stays so.
                own = Vector.ConditionalSelect(Vector.GreaterThan(own, new Vector<short>(Said)), Vector.Max(own, rested), own);
                if (!Vector.LessThanOrEqualAll(own, new Vector<short>(other._apart, at)))
                {
                    return false;
                }
            }
        }

        return true;
    }
}
