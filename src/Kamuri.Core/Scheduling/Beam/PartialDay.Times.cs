using System.Runtime.CompilerServices;

namespace Kamuri.Core.Scheduling.Beam;

/// <summary>How what is decided moves everything that hangs on it.</summary>
internal sealed partial class PartialDay
{
    /// <summary>Minutes from the start behind which nothing is a day any more.</summary>
    private const int TooLate = 20_000;

    private readonly int[] _queue;
    private readonly bool[] _isQueued;
    private int _first;
    private int _queued;

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
    /// A job begins so late at least. Whether that can be: what was moved alone is not moved again by it, unless something that hangs on it has to wait
    /// for somebody to come back.
    /// </summary>
    private bool Move(int job, int to) => !Raise(_moments.Begins[job], to) || Settle(_graph.IsAnyAway ? -1 : _moments.Begins[job].Group) == Moved.All || Forget();

    /// <summary>The same for one that is begun now: whose hands do it may make a difference to when that can be.</summary>
    private bool MoveAway(int job, int to)
    {
        var (group, behind) = _moments.Begins[job];
        return Move(job, AfterAway(group, Math.Max(to - behind, _times[group])) + behind);
    }

    /// <summary>Whether that moves it.</summary>
    private bool Raise(Moment moment, int to) => Raise(moment.Group, to - moment.Minutes);

    private bool Raise(int group, int to)
    {
        if (to <= _times[group])
        {
            return false;
        }

        _times[group] = AfterAway(group, to);
        Queue(group);
        return true;
    }

    /// <summary>The first time from which nothing that begins in a group lies where somebody or something is not there.</summary>
    private int AfterAway(int group, int time)
    {
        for (var from = _graph.IsAnyAway ? -1 : time; from < time;)
        {
            from = time;
            foreach (var job in _graph.Held[group])
            {
                time = BeginAfterAway(job, time + _moments.Begins[job].Minutes) - _moments.Begins[job].Minutes;
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

    private void Queue(int group)
    {
        if (!_isQueued[group])
        {
            _isQueued[group] = true;
            var at = _first + _queued++;
            _queue[at >= _queue.Length ? at - _queue.Length : at] = group;
        }
    }

    private int Dequeue()
    {
        var group = _queue[_first];
        _first = _first + 1 == _queue.Length ? 0 : _first + 1;
        _queued--;
        _isQueued[group] = false;
        return group;
    }

    /// <summary>Moves all that hangs on what was moved.</summary>
    /// <param name="watched">It is not gone on with where this would be moved.</param>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private Moved Settle(int watched)
    {
        var left = 4 * _times.Length;
        while (_queued > 0)
        {
            var group = Dequeue();
            var time = _times[group];
            if (--left == 0 || time > TooLate)
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
        while (_queued > 0)
        {
            Dequeue();
        }

        return false;
    }

    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private bool MoveBehind(int group, int time, int watched)
    {
        var isThrough = true;
        foreach (var (to, minutes) in _moments.Behind[group])
        {
            if (time + minutes > _times[to])
            {
                isThrough &= !(Raise(to, time + minutes) && to == watched);
            }
        }

        foreach (var job in _graph.Followed[group])
        {
            isThrough &= !IsAnyBehind(job) || MoveDecided(job, time + _moments.Ends[job].Minutes, watched);
        }

        return isThrough;
    }

    private bool IsAnyBehind(int job) => Of(job, ByPair) != None || Of(job, NextOnThing) != None;

    /// <summary>What comes behind a job because it was decided so.</summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private bool MoveDecided(int job, int end, int watched)
    {
        var kept = _kept.AsSpan(Kept * job, Kept);
        var isThrough = true;
        void To(int job, int to, ref bool isThrough)
        {
            var begins = _moments.Begins[job];
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

        if (FirstOf(job, FirstOfPair) is { } first)
        {
            To(first, end - _graph.OfPair[kept[ByPair]].Rest!.GoesOn, ref isThrough);
        }

        if (FirstOf(job, FirstOnHead) is { } firstOnHead)
        {
            To(firstOnHead, end - _graph.OfHead[_graph.HeadOf[job]].Rest!.GoesOn, ref isThrough);
        }

        return isThrough;
    }

    /// <summary>The first job of the stretch that another one is in, where that must not become too long.</summary>
    private int? FirstOf(int job, int stretch)
    {
        var first = Of(job, stretch);
        return first == None || first == job || (stretch == FirstOfPair ? _graph.OfPair[Of(job, ByPair)] : _graph.OfHead[_graph.HeadOf[job]]).IsLong(first) ? null : first;
    }
}
