using System.Runtime.CompilerServices;

namespace Kamuri.Core.Scheduling.Beam;

/// <summary>What it means that a job is begun.</summary>
internal sealed partial class PartialDay
{
    /// <summary>Times that hands are found to be free later because of what waits for them, before it is given up.</summary>
    private const int MostRounds = 12;

    /// <summary>Begins a job. Whether the day can go on then; if not, it is of no use any more.</summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    public bool Begin(NextJob way)
    {
        var (job, head) = (way.Job, _graph.HeadOf[way.Job]);
        Keep(job, ByPair, way.Pair);
        State ^= Mixed((ulong)job + 1);
        foreach (var after in _graph.After[job])
        {
            _left[after]--;
        }

        Heads |= head < 0 ? 0 : 1UL << (head % 64);
        var pair = Follow(ref _lastOfPair[way.Pair], job, way.PairRests, NextOfPair, FirstOfPair, _pairRests, _graph.OfPair[way.Pair]);
        var begin = Math.Max(
            pair,
            head < 0 ? 0 : Follow(ref _lastOnHead[head], job, way.HeadRests, NextOnHead, FirstOnHead, _headRests, _graph.OfHead[head])
        );
        foreach (var wait in _graph.Ahead[job])
        {
            if (!TakeThings(wait))
            {
                return false;
            }
        }

        // Whose hands they are may make a difference to when it can be done.
        if (!MoveAway(job, begin) || !TakeThings(job))
        {
            return false;
        }

        foreach (var wait in _graph.Waits[job])
        {
            if (IsReached(wait) && !TakeThings(wait))
            {
                return false;
            }
        }

        // The stretch must not have been begun too early for it.
        if (
            (FirstOf(job, FirstOfPair) is >= 0 and var first && !Move(first, EndOf(job) - _graph.OfPair[way.Pair].Rest!.GoesOn))
            || (
                head >= 0
                && FirstOf(job, FirstOnHead) is >= 0 and var firstOnHead
                && !Move(firstOnHead, EndOf(job) - _graph.OfHead[head].Rest!.GoesOn)
            )
        )
        {
            return false;
        }

        return WaitForHands();
    }

    /// <summary>Somebody, or a head, goes on with a job. The minute from which that can be.</summary>
    private int Follow(ref byte last, int job, bool rests, int next, int first, bool[] rest, DayGraph.Stretches stretches)
    {
        var before = last;
        last = (byte)job;
        if (before == None)
        {
            Keep(job, first, stretches.Rest is null ? None : job);
            return 0;
        }

        Keep(before, next, job);
        rest[before] = rests;
        Keep(
            job,
            first,
            stretches.Rest is null ? None
                : rests ? job
                : Of(before, first)
        );
        return EndOf(before) + (rests ? stretches.Rest!.Minutes : 0);
    }

    /// <summary>Takes what a job uses from whoever had it last. Whether that can be.</summary>
    private bool TakeThings(int job)
    {
        foreach (var thing in _graph.Things[job])
        {
            var lane = FirstFree(thing);
            var before = _lastOnLane[lane];
            _lastOnLane[lane] = (byte)job;
            if (before != None)
            {
                // Each thing is handed on once, so there is a place for it.
                Keep(before, Of(before, NextOnThing) == None ? NextOnThing : NextOnThing + 1, job);
                if (!Move(job, EndOf(before)))
                {
                    return false;
                }
            }
        }

        return true;
    }

    private bool IsReached(int wait)
    {
        foreach (var before in _graph.Before[wait])
        {
            if (!IsBegun(before))
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>
    /// Nothing is begun before there are hands for it. Whether all of it can still follow then what it has to follow soon.
    /// </summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private bool WaitForHands()
    {
        var isMoved = true;
        for (var round = 0; isMoved; round++)
        {
            isMoved = false;
            foreach (var job in _graph.Hands)
            {
                if (IsOpen(job) && !WaitForHands(job, ref isMoved))
                {
                    return false;
                }
            }

            if (round == MostRounds)
            {
                return false;
            }
        }

        return Judge() <= _graph.Latest;
    }

    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private bool WaitForHands(int job, ref bool isMoved)
    {
        var head = _graph.HeadOf[job] is >= 0 and var on ? FreeAt(_lastOnHead[on]) : 0;
        var may = (1UL << _graph.MayDo[job].Length) - 1;
        while (may != 0)
        {
            var (best, free) = (0, int.MaxValue);
            for (var at = 0; at < _graph.MayDo[job].Length; at++)
            {
                if ((may & (1UL << at)) != 0 && FreeAt(_lastOfPair[_graph.MayDo[job][at]]) is var each && each < free)
                {
                    (best, free) = (at, each);
                }
            }

            free = Math.Max(free, head);
            if (free <= BeginOf(job))
            {
                return !IsAnyMoved || Settle(-1) == Moved.All || Forget();
            }

            isMoved = true;
            // Where it is the head that is not free yet, hands do not hold it up.
            var last = _lastOfPair[_graph.MayDo[job][best]];
            var until = FreeAt(last) < free ? -1 : _ends[last].Group;
            Raise(_begins[job], free);
            var moved = until == _begins[job].Group ? Moved.Watched : Settle(until);
            if (moved == Moved.Endless)
            {
                return Forget();
            }

            if (moved == Moved.Watched || FreeAt(last) > BeginOf(job))
            {
                // What the job has to follow soon holds them up in turn: they cannot do it.
                may &= ~(1UL << best);
            }
        }

        return Forget();
    }
}
