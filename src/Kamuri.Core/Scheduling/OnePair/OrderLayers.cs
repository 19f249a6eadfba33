using System.Runtime.InteropServices;

namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>
/// All orders of a day that may be over before a minute, a job further at a time: then nothing is gone on from that another moment
/// beats, and the best that can follow each of them is known in the end.
/// </summary>
internal sealed class OrderLayers
{
    private readonly HandsPuzzle _puzzle;
    private readonly List<List<Looked>> _layers = [];

    /// <summary>All that followed a moment, of one after the other.</summary>
    private readonly List<HandsMoment> _follow = [];

    private readonly Stack<short[]> _unused = [];

    private OrderLayers(HandsPuzzle puzzle) => _puzzle = puzzle;

    /// <summary>No order ends before so many minutes; null where none ends before the minute that was asked about.</summary>
    public int? AtLeast { get; private set; }

    /// <summary>The best order, over when it is with everybody there; null for none.</summary>
    public HandsOrder? Best =>
        _layers[^1]
            .Select(looked => _puzzle.Check.Held(looked.Moment.Order(), int.MaxValue))
            .OfType<HandsOrder>()
            .MinBy(order => order.Ends);

    /// <summary>Moments that were kept, if only for a while.</summary>
    public int Seen { get; private set; }

    /// <summary>All of them were looked through; else nothing is said.</summary>
    public bool IsThrough { get; private set; }

    /// <summary>Looks through them, unless there are too many.</summary>
    /// <param name="puzzle">The runs of work.</param>
    /// <param name="before">A day ends before so many minutes.</param>
    /// <param name="most">Moments that are kept, if only for a while.</param>
    /// <param name="ahead">What days with less in the kitchen tell.</param>
    /// <param name="effort">What it may take, and where it is counted.</param>
    /// <param name="isTold">Days with more in the kitchen will ask: they may have rested meanwhile, so nothing is as good only after a
    /// rest.</param>
    public static OrderLayers Of(
        HandsPuzzle puzzle,
        int before,
        int most,
        IReadOnlyList<RestOfDay> ahead,
        Effort effort,
        bool isTold = true
    )
    {
        var layers = new OrderLayers(puzzle);
        layers.IsThrough = layers.Look(before, most, ahead, effort, isTold);
        return layers;
    }

    /// <summary>What they tell of a day with more in the kitchen.</summary>
    public RestOfDay Of(HandsPuzzle whole) =>
        new(whole, _puzzle, _layers.SelectMany(layer => layer).Select(looked => looked.Moment).Where(moment => moment.Ends < int.MaxValue));

    private bool Look(int before, int most, IReadOnlyList<RestOfDay> ahead, Effort effort, bool isTold)
    {
        var next = new HandsMoment(_puzzle);
        _layers.Add([new Looked(HandsMoment.Start(_puzzle))]);
        for (var jobs = _puzzle.Runs.Sum(run => run.Length); jobs > 0; jobs--)
        {
            var known = new KnownMoments(_puzzle, _unused, mayRest: !isTold);
            foreach (var looked in _layers[^1])
            {
                looked.From = _follow.Count;
                var (ways, seen, compared) = (0, Seen, known.Compared);
                foreach (var (run, afterBreak, afterPause) in looked.Moment.Ways())
                {
                    ways++;
                    if (looked.Moment.Then(run, afterBreak, afterPause, before, next) && IsInTime(next, before, ahead))
                    {
                        var isKept = known.Keep(next);
                        _follow.Add(isKept ? next : next.BeatenBy!);
                        (next, Seen) = isKept ? (new HandsMoment(_puzzle, _unused), Seen + 1) : (next, Seen);
                    }
                }

                looked.To = _follow.Count;
                if (!isTold)
                {
                    looked.Moment.LetGo(_unused);
                }

                effort.SpendOnMoments(ways, Seen - seen, known.Compared - compared, _puzzle.StretchRow + 2);
                if (Seen > most || effort.Left == 0)
                {
                    return false;
                }
            }

            _layers.Add([.. known.Alike.SelectMany(same => same).Select(moment => new Looked(moment))]);
        }

        Judge();
        return true;
    }

    private static bool IsInTime(HandsMoment next, int before, IReadOnlyList<RestOfDay> ahead)
    {
        foreach (var part in ahead)
        {
            if (part.AtLeast(next) is var ends && ends >= before)
            {
                return false;
            }

            next.EndsAtLeast(ends);
        }

        return true;
    }

    /// <summary>From the end of the day to its start: no moment is over before the best of what follows it.</summary>
    private void Judge()
    {
        foreach (var layer in Enumerable.Reverse(_layers).Skip(1))
        {
            foreach (var looked in layer)
            {
                var ends = int.MaxValue;
                foreach (var each in CollectionsMarshal.AsSpan(_follow)[looked.From..looked.To])
                {
                    ends = Math.Min(ends, each.Best.Ends);
                }

                looked.Moment.EndsAtLeast(ends);
            }
        }

        AtLeast = _layers[0].Single().Moment.Ends is < int.MaxValue and var least ? least : null;
    }

    /// <summary>A moment that was gone on from, and where what followed it begins and ends.</summary>
    private sealed class Looked(HandsMoment moment)
    {
        public HandsMoment Moment => moment;

        public int From { get; set; }

        public int To { get; set; }
    }
}
