using System.Runtime.CompilerServices;
using System.Runtime.InteropServices;
using System.Runtime.Intrinsics;

namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>
/// Moments of a day that are worth going on from. Of two in which the same is done, the one that is as good in everything is enough.
/// </summary>
/// <param name="puzzle">Whose moments.</param>
/// <param name="unused">Receives what those that are forgotten let go.</param>
/// <param name="mayRest">As good also where hands have to rest first for it.</param>
internal sealed class KnownMoments(HandsPuzzle puzzle, Stack<short[]> unused, bool mayRest = true)
{
    /// <summary>Minutes by which hands have to be free sooner to be as good after a rest.</summary>
    private readonly int _rest = mayRest && puzzle.Rest is { } rest ? rest.Minutes : short.MaxValue;

    /// <summary>What a rest adds to when hands are free, from wherever that is seen.</summary>
    private readonly Vector256<short> _rests = HandsMoment.Rests(puzzle);
    private readonly Dictionary<ulong, List<Entry>> _known = [];

    /// <summary>How often one was held against another.</summary>
    public long Compared { get; private set; }

    /// <summary>By what is done in them.</summary>
    public IEnumerable<IEnumerable<HandsMoment>> Alike => _known.Values.Select(same => same.Select(each => each.Moment));

    /// <summary>Keeps a moment unless one that is known beats it, and forgets those it beats.</summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    public bool Keep(HandsMoment next)
    {
        ref var same = ref CollectionsMarshal.GetValueRefOrAddDefault(_known, next.State, out _);
        same ??= [];
        var all = CollectionsMarshal.AsSpan(same);
        var own = new Entry(next.FreeAt, next.Sum, Vector128.Create(next.FromStart), next.FreeFrom, next);
        var at = 0;
        for (; at < all.Length && all[at].FreeAt <= own.FreeAt; at++)
        {
            ref readonly var other = ref all[at];
            if (other.MayBeat(own, _rest, _rests) && other.Moment.Beats(next, mayRest))
            {
                Compared += at;
                next.BeatenBy = other.Moment;
                return false;
            }
        }

        // What is free at the same minute may be beaten too.
        while (at > 0 && all[at - 1].FreeAt == own.FreeAt)
        {
            at--;
        }

        Compared += all.Length;
        var stay = at;
        foreach (ref readonly var other in all[at..])
        {
            if (own.MayBeat(other, _rest, _rests) && next.Beats(other.Moment, mayRest))
            {
                other.Moment.BeatenBy = next;
                other.Moment.LetGo(unused);
            }
            else
            {
                all[stay++] = other;
            }
        }

        CollectionsMarshal.SetCount(same, stay);
        same.Insert(at, own);
        return true;
    }

    /// <summary>
    /// A moment, and what mostly tells that it does not beat another: to read that elsewhere takes longer than to hold it against the
    /// other's. They stand in the order in which hands are free.
    /// </summary>
    /// <param name="FromStart">Minutes from the start of the day to the first targets.</param>
    /// <param name="FreeFrom">Minutes until hands are free, from wherever that is seen.</param>
    private readonly record struct Entry(int FreeAt, int Sum, Vector128<short> FromStart, Vector256<short> FreeFrom, HandsMoment Moment)
    {
        [MethodImpl(MethodImplOptions.AggressiveInlining)]
        public bool MayBeat(in Entry other, int rest, in Vector256<short> rests) =>
            Vector128.LessThanOrEqualAll(FromStart, other.FromStart)
            && (
                (Sum <= other.Sum && Vector256.LessThanOrEqualAll(FreeFrom, other.FreeFrom))
                || (FreeAt + rest <= other.FreeAt && Vector256.LessThanOrEqualAll(HandsMoment.Rested(FreeFrom, rests), other.FreeFrom))
            );
    }
}
