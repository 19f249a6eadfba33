using System.Numerics;
using System.Runtime.CompilerServices;

namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>
/// What is still to come of a day at least, as the same day with less made in the kitchen tells (<see cref="OrderLayers"/>). Whatever is made
/// beside only makes a moment later: so each moment that can still be over in time is no sooner than one of that day that can.
/// </summary>
internal sealed class RestOfDay
{
    /// <summary>Where the other day says nothing: so little that nothing is sooner, and the difference to anything is still a short.</summary>
    private const short Unsaid = -20_000;

    private readonly Dictionary<ulong, List<Known>> _known = [];

    /// <summary>What a job done counts for in the number of a state of the other day, by run of this one; 0 for a run that day has not.</summary>
    private readonly ulong[] _places;

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
        // All targets of the other day, and what they are in this one.
        (int Theirs, int Ours)[] targets = [.. runs, (part.Free, whole.Free), .. part.Freed.Select(freed => (freed.Value, whole.Freed[freed.Key])), .. part.Things.Select(thing => (thing.Value, whole.Things[thing.Key]))];
        var isEverAway = part.Runs.Any(run => run.Any(step => step.Away.Length > 0));
        foreach (var moment in moments.OrderBy(moment => moment.Ends))
        {
            if (!_known.TryGetValue(moment.State, out var same))
            {
                _known[moment.State] = same = [];
            }

            same.Add(new Known(Placed(moment.FromStart), moment.Ends, !isEverAway && moment.Ends > moment.Over));
        }

        short[] Placed(ReadOnlySpan<short> theirs)
        {
            var ours = new short[whole.Width];
            Array.Fill(ours, Unsaid);
            foreach (var target in targets)
            {
                ours[target.Ours] = theirs[target.Theirs] > HandsMoment.Said ? theirs[target.Theirs] : Unsaid;
            }

            return ours;
        }
    }

    /// <summary>Minutes to the last end of all at least, whatever follows; more than any day has where it cannot be in time.</summary>
    public int AtLeast(HandsMoment moment)
    {
        var state = 0UL;
        for (var run = 0; run < _places.Length; run++)
        {
            state += _places[run] * moment.Done[run];
        }

        // Hands that have rested since what the other day knows of have yet to rest there.
        var rested = moment.Stretch().Any(run => _places[run] > 0) ? 0 : _pause;
        var best = int.MaxValue;
        var ours = moment.FromStart;
        foreach (var known in _known.GetValueOrDefault(state) ?? [])
        {
            if (known.Ends >= best)
            {
                break;
            }

            if (Later(known.FromStart, ours) is { } later)
            {
                best = Math.Min(best, known.Moves ? known.Ends + Math.Max(0, later - rested) : known.Ends);
            }
        }

        return best;
    }

    /// <summary>Minutes by which everything is later in our moment at least; null where something is sooner.</summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private static int? Later(ReadOnlySpan<short> theirs, ReadOnlySpan<short> ours)
    {
        var least = new Vector<short>(short.MaxValue);
        for (var at = 0; at < theirs.Length; at += Vector<short>.Count)
        {
            least = Vector.Min(least, new Vector<short>(ours[at..]) - new Vector<short>(theirs[at..]));
        }

        if (Vector.LessThanAny(least, Vector<short>.Zero))
        {
            return null;
        }

        var later = (int)least[0];
        for (var lane = 1; lane < Vector<short>.Count; lane++)
        {
            later = Math.Min(later, least[lane]);
        }

        return later;
    }

    /// <summary>A moment of the other day.</summary>
    /// <param name="FromStart">Minutes to each of its targets at least, where ours has them.</param>
    /// <param name="Ends">Minutes to the last end of all, at least.</param>
    /// <param name="Moves">Where everything is later than in it, so is its end.</param>
    private sealed record Known(short[] FromStart, int Ends, bool Moves);
}
