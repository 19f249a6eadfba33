namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>
/// Looks through the orders in which one pair of hands can do what it does. Of two days in which the same is done, the one that is as good
/// in everything is enough (<see cref="HandsMoment.Beats"/>): that leaves so few that many days of three heads are looked through whole.
/// </summary>
public sealed class OrderSearch(HandsPuzzle puzzle)
{
    /// <summary>No order ends before so many minutes.</summary>
    public int AtLeast { get; private set; }

    /// <summary>
    /// Looks through all that may end before a minute, the most promising first. The best order, or null when there is none, or none was found
    /// among so many moments; <see cref="AtLeast"/> says what is certain then.
    /// </summary>
    /// <param name="before">It ends before so many minutes.</param>
    /// <param name="most">Moments looked at.</param>
    public HandsOrder? Best(int before, int most)
    {
        var (start, seen) = (HandsMoment.Start(puzzle), 0);
        // Of those that promise the same, the one that is furthest.
        var open = new PriorityQueue<HandsMoment, (int Ends, int Seen)>([(start, (start.Ends, 0))]);
        var known = new Dictionary<ulong, List<HandsMoment>>();
        while (open.TryDequeue(out var moment, out var promise) && promise.Ends < before)
        {
            AtLeast = Math.Max(AtLeast, promise.Ends);
            if (moment.IsComplete)
            {
                return moment.Order();
            }

            if (seen > most)
            {
                return null;
            }

            foreach (var next in moment.IsBeaten ? [] : Next(moment, before).Where(next => Keep(known, next)))
            {
                open.Enqueue(next, (next.Ends, -++seen));
            }
        }

        AtLeast = Math.Max(AtLeast, before);
        return null;
    }

    /// <summary>Goes on from the most promising days only, a job further at a time: a good order, soon. Null when all of them run into a wall.</summary>
    /// <param name="before">It ends before so many minutes.</param>
    /// <param name="width">Days gone on from.</param>
    /// <param name="alike">Of those in which the same is done, so many.</param>
    public HandsOrder? Good(int before, int width, int alike)
    {
        List<HandsMoment> days = [HandsMoment.Start(puzzle)];
        while (days.Count > 0 && !days[0].IsComplete)
        {
            var known = new Dictionary<ulong, List<HandsMoment>>();
            foreach (var next in days.SelectMany(day => Next(day, before)))
            {
                Keep(known, next);
            }

            days = [.. known.Values.SelectMany(same => Soonest(same).Take(alike)).OrderBy(day => day.Ends).ThenBy(day => day.FreeAt).Take(width)];
        }

        return days.Count == 0 ? null : days[0].Order();

        static IEnumerable<HandsMoment> Soonest(List<HandsMoment> same) => same.OrderBy(day => day.Ends).ThenBy(day => day.FreeAt);
    }

    private IEnumerable<HandsMoment> Next(HandsMoment moment, int before)
    {
        for (var run = 0; run < puzzle.Runs.Length; run++)
        {
            if (moment.Done[run] == puzzle.Runs[run].Length)
            {
                continue;
            }

            if (moment.Then(run, afterBreak: false, before) is { } atOnce)
            {
                yield return atOnce;
            }

            if (puzzle.Rest is not null && moment.Last is not null && moment.Then(run, afterBreak: true, before) is { } rested)
            {
                yield return rested;
            }
        }
    }

    /// <summary>Keeps a moment unless one that is known beats it, and forgets those it beats.</summary>
    private static bool Keep(Dictionary<ulong, List<HandsMoment>> known, HandsMoment next)
    {
        if (!known.TryGetValue(next.State, out var same))
        {
            known[next.State] = same = [];
        }

        foreach (var other in same)
        {
            if (other.Beats(next))
            {
                return false;
            }
        }

        same.RemoveAll(other => other.IsBeaten = next.Beats(other));
        same.Add(next);
        return true;
    }
}
