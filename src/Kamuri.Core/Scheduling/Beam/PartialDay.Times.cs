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
    /// A moment is so late at least. Whether that can be: what was moved alone is not moved again by it, unless something that hangs on it has to wait
    /// for somebody to come back.
    /// </summary>
    private bool Move(int moment, int to) => !Raise(moment, to) || Settle(_graph.IsAnyAway ? -1 : moment) == Moved.All || Forget();

    /// <summary>Whether that moves it.</summary>
    private bool Raise(int moment, int to)
    {
        if (to <= _times[moment])
        {
            return false;
        }

        _times[moment] = moment % 2 == 0 ? AfterAway(moment / 2, to) : to;
        Queue(moment);
        return true;
    }

    private int AfterAway(int job, int begin)
    {
        if (!_graph.IsAnyAway)
        {
            return begin;
        }

        var pair = Of(job, ByPair);
        foreach (var (from, to) in _graph.Away[job][pair == None ? _graph.Pairs.Length : pair])
        {
            begin = begin < to && begin + _graph.Minutes[job] > from ? to : begin;
        }

        return begin;
    }

    private void Queue(int moment)
    {
        if (!_isQueued[moment])
        {
            _isQueued[moment] = true;
            var at = _first + _queued++;
            _queue[at >= _queue.Length ? at - _queue.Length : at] = moment;
        }
    }

    private int Dequeue()
    {
        var moment = _queue[_first];
        _first = _first + 1 == _queue.Length ? 0 : _first + 1;
        _queued--;
        _isQueued[moment] = false;
        return moment;
    }

    /// <summary>Moves all that hangs on what was moved.</summary>
    /// <param name="watched">It is not gone on with where this would be moved.</param>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private Moved Settle(int watched)
    {
        var left = 4 * _times.Length;
        while (_queued > 0)
        {
            var moment = Dequeue();
            var time = _times[moment];
            if (--left == 0 || time > TooLate)
            {
                return Moved.Endless;
            }

            if (!MoveBehind(moment, time, watched))
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
    private bool MoveBehind(int moment, int time, int watched)
    {
        var isThrough = true;
        foreach (var (to, minutes) in _graph.Behind[moment])
        {
            if (time + minutes > _times[to])
            {
                isThrough &= !(Raise(to, time + minutes) && to == watched);
            }
        }

        return (moment % 2 == 0 || !IsAnyBehind(moment / 2) || MoveDecided(moment / 2, time, watched)) && isThrough;
    }

    private bool IsAnyBehind(int job) => Of(job, ByPair) != None || Of(job, NextOnThing) != None;

    /// <summary>What comes behind a job because it was decided so.</summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private bool MoveDecided(int job, int time, int watched)
    {
        var kept = _kept.AsSpan(Kept * job, Kept);
        var isThrough = true;
        void To(int moment, int to, ref bool isThrough) => isThrough &= !(Raise(moment, to) && moment == watched);
        if (kept[NextOfPair] is not None and var nextOfPair)
        {
            To(2 * nextOfPair, time + (_pairRests[job] ? _graph.OfPair[kept[ByPair]].Rest!.Minutes : 0), ref isThrough);
        }

        if (kept[NextOnHead] is not None and var nextOnHead)
        {
            To(2 * nextOnHead, time + (_headRests[job] ? _graph.OfHead[_graph.HeadOf[job]].Rest!.Minutes : 0), ref isThrough);
        }

        for (var thing = NextOnThing; thing < Kept; thing++)
        {
            if (kept[thing] is not None and var next)
            {
                To(2 * next, time, ref isThrough);
            }
        }

        if (FirstOf(job, FirstOfPair) is { } first)
        {
            To(2 * first, time - _graph.OfPair[kept[ByPair]].Rest!.GoesOn, ref isThrough);
        }

        if (FirstOf(job, FirstOnHead) is { } firstOnHead)
        {
            To(2 * firstOnHead, time - _graph.OfHead[_graph.HeadOf[job]].Rest!.GoesOn, ref isThrough);
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
