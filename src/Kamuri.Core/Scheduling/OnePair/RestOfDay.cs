using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;

namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>
/// What is still to come of a day at least, as the same day with less made in the kitchen tells (<see cref="OrderLayers"/>). Whatever
/// is made beside only makes a moment later: so each moment that can still be over in time is no sooner than one of that day that can.
/// </summary>
internal sealed class RestOfDay
{
    /// <summary>
    /// Where the other day says nothing: so little that nothing is sooner, and the difference to anything is still a short.
    /// </summary>
    private const short Unsaid = -20_000;

    private readonly Dictionary<ulong, Told> _told = [];
    private readonly int _width;

    /// <summary>
    /// What a job done counts for in the number of a state of the other day, by run of this one; 0 for a run that day has not.
    /// </summary>
    private readonly ulong[] _places;

    /// <summary>The runs of this day that the other has too, a bit for each.</summary>
    private readonly int _runs;

    /// <summary>Minutes hands rest at least; 0 where they do not.</summary>
    private readonly int _pause;

    /// <param name="whole">The day that is asked about.</param>
    /// <param name="part">The one with less in it.</param>
    /// <param name="moments">Every moment of that one that can be over in time, and when it is over at least.</param>
    public RestOfDay(HandsPuzzle whole, HandsPuzzle part, IEnumerable<HandsMoment> moments)
    {
        var numbers = whole.Runs.SelectMany(run => run).ToDictionary(step => step.Job.Id, step => step.RunNumber);
        var runs = part.Runs.Select((run, theirs) => (Theirs: theirs, Ours: numbers[run[0].Job.Id])).ToList();
        _places = new ulong[whole.Runs.Length];
        runs.ForEach(run => _places[run.Ours] = part.Places[run.Theirs]);
        _pause = part.Rest?.Minutes ?? 0;
        _runs = runs.Aggregate(0, (all, run) => all | (1 << run.Ours));
        _width = whole.Width;
        // All targets of the other day, and what they are in this one.
        (int Theirs, int Ours)[] targets =
        [
            .. runs,
            (part.Free, whole.Free),
            .. part.Freed.Select(freed => (freed.Value, whole.Freed[freed.Key])),
            .. part.Things.Select(thing => (thing.Value, whole.Things[thing.Key])),
            .. part.Heads.Select(head => (head.Target, whole.Heads[head.Number].Target)),
        ];
        var isEverAway = part.Runs.Any(run => run.Any(step => step.Away.Length > 0));
        foreach (var same in moments.GroupBy(moment => moment.State))
        {
            HandsMoment[] sooner = [.. same.OrderBy(moment => moment.Ends)];
            var fromStart = new short[sooner.Length * _width];
            Array.Fill(fromStart, Unsaid);
            for (var at = 0; at < sooner.Length; at++)
            {
                Place(sooner[at].FromStart, fromStart.AsSpan(at * _width, _width));
            }

            _told[same.Key] = new Told(fromStart, [.. sooner.Select(moment => (moment.Ends, !isEverAway && moment.Ends > moment.Over))]);
        }

        void Place(ReadOnlySpan<short> theirs, Span<short> ours)
        {
            foreach (var target in targets)
            {
                ours[target.Ours] = theirs[target.Theirs] > HandsMoment.Said ? theirs[target.Theirs] : Unsaid;
            }
        }
    }

    /// <summary>Minutes to the last end of all at least, whatever follows; more than any day has where it cannot be in time.</summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    public int AtLeast(HandsMoment moment)
    {
        var state = 0UL;
        for (var run = 0; run < _places.Length; run++)
        {
            state += _places[run] * moment.Done(run);
        }

        if (!_told.TryGetValue(state, out var told))
        {
            return int.MaxValue;
        }

        // Hands that have rested since what the other day knows of have yet to rest there.
        var rested = (moment.Stretch & _runs) != 0 ? 0 : _pause;
        var best = int.MaxValue;
        ReadOnlySpan<short> theirs = told.FromStart;
        var ours = moment.FromStart;
        foreach (var (ends, moves) in told.Ends)
        {
            if (ends >= best)
            {
                break;
            }

            if (Later(theirs[.._width], ours) is { } later)
            {
                best = Math.Min(best, moves ? ends + Math.Max(0, later - rested) : ends);
            }

            theirs = theirs[_width..];
        }

        return best;
    }

    /// <summary>Minutes by which everything is later in our moment at least; null where something is sooner.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static int? Later(ReadOnlySpan<short> theirs, ReadOnlySpan<short> ours)
    {
        var least = Vector128.Create(short.MaxValue);
        for (var at = 0; at < theirs.Length; at += Vector128<short>.Count)
        {
            least = Vector128.Min(least, Vector128.Create(ours[at..]) - Vector128.Create(theirs[at..]));
        }

        if (Vector128.LessThanAny(least, Vector128<short>.Zero))
        {
            return null;
        }

        // The least of eight, by halves.
        least = Vector128.Min(least, Vector128.Shuffle(least, Vector128.Create(4, 5, 6, 7, 0, 1, 2, 3)));
        least = Vector128.Min(least, Vector128.Shuffle(least, Vector128.Create(2, 3, 0, 1, 6, 7, 4, 5)));
        return Math.Min(least[0], least[1]);
    }

    /// <summary>
    /// Moments of the other day in which the same is done, the soonest first; one beside the other, for they are all looked at again
    /// and again.
    /// </summary>
    /// <param name="FromStart">Minutes to each of the targets at least, where ours has them, of one after the other.</param>
    /// <param name="Ends">Minutes to the last end of all, at least, and whether it is later where everything is.</param>
    private sealed record Told(short[] FromStart, (int Minutes, bool Moves)[] Ends);
}
