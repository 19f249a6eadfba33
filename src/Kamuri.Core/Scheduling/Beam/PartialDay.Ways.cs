using System.Runtime.CompilerServices;

namespace Kamuri.Core.Scheduling.Beam;

/// <summary>What may be done next.</summary>
internal sealed partial class PartialDay
{
    /// <summary>Everything that may be begun next, by whom, and who rests before; what is done soonest first.</summary>
    /// <param name="ways">Are put in here.</param>
    /// <param name="atOnce">Heads that have to go on soon at a time; where there are as many, no other is gone on with.</param>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    public void Ways(List<NextJob> ways, int atOnce)
    {
        ways.Clear();
        var soon = 0;
        foreach (var job in _graph.Hands)
        {
            soon += IsOpen(job) && _graph.HeadOf[job] >= 0 && _graph.GoesOnSoon[job] ? 1 : 0;
        }

        foreach (var job in _graph.Hands)
        {
            if (!IsOpen(job))
            {
                continue;
            }

            var head = _graph.HeadOf[job];
            var mayWait = soon >= atOnce && head >= 0 && !_graph.GoesOnSoon[job];
            foreach (var pair in _graph.MayDo[job])
            {
                if (!IsOthers(job, pair))
                {
                    AddWays(ways, job, pair, head, mayWait);
                }
            }
        }

        ways.Sort((one, other) => one.Place(_graph.Minutes[one.Job]).CompareTo(other.Place(_graph.Minutes[other.Job])));
    }

    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private void AddWays(List<NextJob> ways, int job, int pair, int head, bool mayWait)
    {
        var (ofPair, ofHead) = (_lastOfPair[pair], head < 0 ? None : _lastOnHead[head]);
        var begin = Math.Max(Math.Max(BeginOf(job), FreeAt(ofPair)), FreeAt(ofHead));
        foreach (var thing in _graph.Things[job])
        {
            begin = Math.Max(begin, FreeAt(_lastOnLane[FirstFree(thing)]));
        }

        var (pairGoesOn, pairRests) = MayRest(_graph.OfPair[pair], ofPair, FirstOfPair, job, begin);
        var (headGoesOn, headRests) = head < 0 ? (true, false) : MayRest(_graph.OfHead[head], ofHead, FirstOnHead, job, begin);
        for (var rests = 0; rests < 4; rests++)
        {
            var (pairs, heads) = (rests % 2 == 1, rests > 1);
            if ((pairs ? pairRests : pairGoesOn) && (heads ? headRests : headGoesOn))
            {
                var at = Math.Max(
                    begin,
                    Math.Max(
                        pairs ? EndOf(ofPair) + _graph.OfPair[pair].Rest!.Minutes : 0,
                        heads ? EndOf(ofHead) + _graph.OfHead[head].Rest!.Minutes : 0
                    )
                );
                ways.Add(new NextJob(job, pair, pairs, heads, at, mayWait));
            }
        }
    }

    /// <summary>Another pair is in the middle of it and may go on.</summary>
    private bool IsOthers(int job, int pair)
    {
        foreach (var before in _graph.Before[job])
        {
            var by = Of(before, ByPair);
            if (
                by != pair
                && _lastOfPair[by] == before
                && _graph.OfPair[by].Piece[before] == _graph.OfPair[by].Piece[job]
                && Array.IndexOf(_graph.MayDo[job], (int)by) >= 0
            )
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>Whether somebody may go on with a job, and whether they may rest before it.</summary>
    private (bool GoesOn, bool Rests) MayRest(DayGraph.Stretches stretches, byte last, int stretch, int job, int begin)
    {
        if (stretches.Rest is not { } rest || last == None)
        {
            return (true, false);
        }

        if (begin - EndOf(last) >= rest.Minutes)
        {
            return (false, true);
        }

        var first = Of(last, stretch);
        if (stretches.IsLong(first))
        {
            var isMore = stretches.Piece[job] == stretches.Piece[first];
            return (isMore, !isMore);
        }

        var (goneOn, isPiece) = (begin - BeginOf(first), stretches.Piece[job] == stretches.Piece[last]);
        var mayGoOn = isPiece || goneOn + stretches.Left[job] <= rest.GoesOn;
        // Nobody rests long before they have to.
        return (mayGoOn, !mayGoOn || (!isPiece && goneOn > rest.GoesOn / 2));
    }

    /// <summary>Of several of a thing the one that is free first.</summary>
    private int FirstFree(int thing)
    {
        var best = _graph.Lanes[thing];
        for (var lane = best + 1; lane < _graph.Lanes[thing + 1]; lane++)
        {
            best = FreeAt(_lastOnLane[lane]) < FreeAt(_lastOnLane[best]) ? lane : best;
        }

        return best;
    }
}
