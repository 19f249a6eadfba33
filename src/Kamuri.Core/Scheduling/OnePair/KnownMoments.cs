using System.Runtime.CompilerServices;
using System.Runtime.InteropServices;

namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>Moments of a day that are worth going on from. Of two in which the same is done, the one that is as good in everything is enough.</summary>
/// <param name="mayRest">As good also where hands have to rest first for it.</param>
internal sealed class KnownMoments(bool mayRest = true)
{
    private readonly Dictionary<ulong, List<HandsMoment>> _known = [];

    /// <summary>By what is done in them.</summary>
    public IEnumerable<List<HandsMoment>> Alike => _known.Values;

    /// <summary>Keeps a moment unless one that is known beats it, and forgets those it beats.</summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    public bool Keep(HandsMoment next)
    {
        if (!_known.TryGetValue(next.State, out var same))
        {
            _known[next.State] = same = [];
        }

        var all = CollectionsMarshal.AsSpan(same);
        foreach (var other in all)
        {
            if (other.Beats(next, mayRest))
            {
                next.BeatenBy = other;
                return false;
            }
        }

        var stay = 0;
        foreach (var other in all)
        {
            if (next.Beats(other, mayRest))
            {
                other.BeatenBy = next;
            }
            else
            {
                all[stay++] = other;
            }
        }

        CollectionsMarshal.SetCount(same, stay);
        same.Add(next);
        return true;
    }
}
