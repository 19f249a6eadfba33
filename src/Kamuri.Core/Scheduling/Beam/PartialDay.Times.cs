using System.Numerics;
using System.Runtime.CompilerServices;

namespace Kamuri.Core.Scheduling.Beam;

/// <summary>How what is decided moves everything that hangs on it.</summary>
internal sealed partial class PartialDay
{
    /// <summary>
    /// Groups that were moved, what hangs on them not yet: a bit each, and the first number with a bit in it. Those that lie early come
    /// first.
    /// </summary>
    private readonly ulong[] _moved;
    private int _firstMoved;

    /// <summary>How moving what hangs on something ended.</summary>
    private enum Moved
    {
        /// <summary>All of it lies where it has to.</summary>
        All,

        /// <summary>What was watched would have to move too; the rest is still to be moved.</summary>
        Watched,

        /// <summary>There is no end to it.</summary>
        Endless,
    }

    /// <summary>
    /// A job begins so late at least. Whether that can be: what was moved alone is not moved again by it, unless something that hangs
    /// on it has to wait for somebody to come back.
    /// </summary>
    private bool Move(int job, int to) =>
        !Raise(_begins[job], to) || Settle(_graph.IsAnyAway ? -1 : _begins[job].Group) == Moved.All || Forget();

    /// <summary>The same for one that is begun now: whose hands do it may make a difference to when that can be.</summary>
    private bool MoveAway(int job, int to)
    {
        var (group, behind) = _begins[job];
        return Move(job, AfterAway(group, Math.Max(to - behind, _times[group])) + behind);
    }

    /// <summary>Whether that moves it.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private bool Raise(Moment moment, int to) => Raise(moment.Group, to - moment.Minutes);

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private bool Raise(int group, int to)
    {
        if (to <= _times[group])
        {
            return false;
        }

        _times[group] = _graph.IsAnyAway ? AfterAway(group, to) : to;
        Queue(group);
        return true;
    }

    /// <summary>The first time from which nothing that begins in a group lies where somebody or something is not there.</summary>
    private int AfterAway(int group, int time)
    {
        var from = -1;
        while (from < time)
        {
            from = time;
            foreach (var job in _graph.Held[group])
            {
                time = BeginAfterAway(job, time + _begins[job].Minutes) - _begins[job].Minutes;
            }
        }

        return time;
    }

    private int BeginAfterAway(int job, int begin)
    {
        var pair = Of(job, ByPair);
        foreach (var (from, to) in _graph.Away[job][pair == None ? _graph.Pairs.Length : pair])
        {
            begin = begin < to && begin + _graph.Minutes[job] > from ? to : begin;
        }

        return begin;
    }

    private bool IsAnyMoved => _firstMoved < _moved.Length;

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private void Queue(int group)
    {
        var at = group >> 6;
        _moved[at] |= 1UL << (group & 63);
        _firstMoved = at < _firstMoved ? at : _firstMoved;
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private int Dequeue()
    {
        ref var bits = ref _moved[_firstMoved];
        var group = (_firstMoved << 6) + BitOperations.TrailingZeroCount(bits);
        bits &= bits - 1;
        while (_firstMoved < _moved.Length && _moved[_firstMoved] == 0)
        {
            _firstMoved++;
        }

        return group;
    }

    /// <summary>Moves all that hangs on what was moved.</summary>
    /// <param name="watched">It is not gone on with where this would be moved.</param>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private Moved Settle(int watched)
    {
        var left = 4 * _times.Length;
        while (IsAnyMoved)
        {
            var group = Dequeue();
            var time = _times[group];
            if (--left == 0 || time > _graph.Latest)
            {
                return Moved.Endless;
            }

            if (!MoveBehind(group, time, watched))
            {
                return Moved.Watched;
            }
        }

        return Moved.All;
    }

    /// <summary>Leaves what is still to be moved where it is, because the day is of no use any more.</summary>
    private bool Forget()
    {
        Array.Clear(_moved);
        _firstMoved = _moved.Length;
        return false;
    }

    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private bool MoveBehind(int group, int time, int watched)
    {
        var (times, isThrough) = (_times, true);
        foreach (var (to, minutes) in _behind[group])
        {
            if (time + minutes > times[to])
            {
                Raise(to, time + minutes);
                isThrough &= to != watched;
            }
        }

        foreach (var job in _followed[group])
        {
            isThrough &= !IsAnyBehind(job) || MoveDecided(job, time + _ends[job].Minutes, watched);
        }

        return isThrough;
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private bool IsAnyBehind(int job) => Of(job, ByPair) != None || Of(job, NextOnThing) != None;

    /// <summary>What comes behind a job because it was decided so.</summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private bool MoveDecided(int job, int end, int watched)
    {
        var kept = _kept.AsSpan(Kept * job, Kept);
        var isThrough = true;
        void To(int job, int to, ref bool isThrough)
        {
            var begins = _begins[job];
            isThrough &= !(Raise(begins, to) && begins.Group == watched);
        }

        if (kept[NextOfPair] is not None and var nextOfPair)
        {
            To(nextOfPair, end + (_pairRests[job] ? _graph.OfPair[kept[ByPair]].Rest!.Minutes : 0), ref isThrough);
        }

        if (kept[NextOnHead] is not None and var nextOnHead)
        {
            To(nextOnHead, end + (_headRests[job] ? _graph.OfHead[_graph.HeadOf[job]].Rest!.Minutes : 0), ref isThrough);
        }

        for (var thing = NextOnThing; thing < Kept; thing++)
        {
            if (kept[thing] is not None and var next)
            {
                To(next, end, ref isThrough);
            }
        }

        if (FirstOf(job, FirstOfPair) is >= 0 and var first)
        {
            To(first, end - _graph.OfPair[kept[ByPair]].Rest!.GoesOn, ref isThrough);
        }

        if (FirstOf(job, FirstOnHead) is >= 0 and var firstOnHead)
        {
            To(firstOnHead, end - _graph.OfHead[_graph.HeadOf[job]].Rest!.GoesOn, ref isThrough);
        }

        return isThrough;
    }

    /// <summary>The first job of the stretch that another one is in, where that must not become too long; else less than 0.</summary>
    private int FirstOf(int job, int stretch)
    {
        var first = Of(job, stretch);
        return
            first == None
            || first == job
            || (stretch == FirstOfPair ? _graph.OfPair[Of(job, ByPair)] : _graph.OfHead[_graph.HeadOf[job]]).IsLong(first)
            ? -1
            : first;
    }
}
