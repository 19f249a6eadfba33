namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>
/// Looks through the orders in which one pair of hands can do what it does. Of two days in which the same is done, the one that is as good
/// in everything is enough (<see cref="HandsMoment.Beats"/>): that leaves so few that many days of three heads are looked through whole.
/// </summary>
/// <param name="puzzle">The runs of work.</param>
/// <param name="keeps">Only orders in which what is in this one keeps its order; null for all.</param>
/// <param name="effort">Where it is counted; null for nowhere.</param>
public sealed class OrderSearch(HandsPuzzle puzzle, HandsOrder? keeps = null, Effort? effort = null)
{
    /// <summary>The place of each job in the order that is kept, by run; null for a run that is free.</summary>
    private readonly int[]?[] _places = keeps is null ? [] : puzzle.PlacesIn(keeps);

    /// <summary>Orders that do not hold, after which no other is tried.</summary>
    private const int MostPassed = 50;

    /// <summary>Days gone on from where little is left to choose, and how many of those in which the same is done.</summary>
    private static readonly (int Width, int Alike) ToFit = (100, 4);

    /// <summary>To check whether an order holds takes as long as so many ways on.</summary>
    private const int AsWays = 50;

    private readonly Stack<short[]> _unused = [];

    private HandsMoment _next = new(puzzle);

    /// <summary>
    /// A problem with fewer things made in the kitchen, in every way there is: none of them has a day that could not be shorter still.
    /// </summary>
    /// <param name="problem">The whole.</param>
    /// <param name="kitchens">Runs in the kitchen that are kept.</param>
    internal static IEnumerable<SchedulingProblem> WithFewer(SchedulingProblem problem, int kitchens)
    {
        var made = HandRun
            .Of(problem)
            .Where(run => run.Jobs.All(job => job.With is null))
            .Select(run => run.Jobs.Select(job => job.Id).ToHashSet())
            .ToList();
        return made.Count <= kitchens ? []
            : kitchens == 0 ? [problem.Without([.. made.SelectMany(run => run)])]
            : made.Select(kept => problem.Without([.. made.Where(run => run != kept).SelectMany(run => run)]));
    }

    /// <summary>Moments that were worth a look in the last search through all.</summary>
    public int Seen { get; private set; }

    /// <summary>No order ends before so many minutes.</summary>
    public int AtLeast { get; private set; }

    /// <summary>
    /// Looks through all that may end before a minute, the most promising first. The best order, or null when there is none, or none
    /// was found among so many moments. <see cref="AtLeast"/> says what is certain: where it is less than when the order is over,
    /// another may be sooner.
    /// </summary>
    /// <param name="before">It ends before so many minutes.</param>
    /// <param name="most">Moments looked at.</param>
    public HandsOrder? Best(int before, int most)
    {
        var (start, passed, held) = (HandsMoment.Start(puzzle), 0, (HandsOrder?)null);
        Seen = 0;
        // Of those that promise the same, the one that is furthest.
        var open = new PriorityQueue<HandsMoment, (int Ends, int Seen)>([(start, (start.Ends, 0))]);
        var known = new KnownMoments(puzzle, _unused);
        while (open.TryDequeue(out var moment, out var promise) && promise.Ends < before)
        {
            if (passed > 0 && promise.Ends > AtLeast)
            {
                // What does not hold may have beaten what does, so nothing is certain any further.
                return held;
            }

            AtLeast = Math.Max(AtLeast, promise.Ends);
            if (moment.IsComplete)
            {
                var order = puzzle.Check.Held(moment.Order(), before);
                if (order?.Ends == moment.Ends)
                {
                    return order;
                }

                held = Sooner(held, order, before);
                if (++passed == MostPassed)
                {
                    return held;
                }

                continue;
            }

            if (Seen > most)
            {
                return held;
            }

            foreach (var next in moment.IsBeaten ? [] : Next(moment, before, known))
            {
                open.Enqueue(next, (next.Ends, -++Seen));
            }
        }

        AtLeast = passed > 0 ? AtLeast : Math.Max(AtLeast, before);
        return held;
    }

    /// <summary>
    /// Goes on from the most promising days only, a job further at a time: a good order, soon. Null when all of them run into a wall.
    /// </summary>
    /// <param name="before">It ends before so many minutes.</param>
    /// <param name="width">Days gone on from.</param>
    /// <param name="alike">Of those in which the same is done, so many.</param>
    public HandsOrder? Good(int before, int width, int alike)
    {
        List<HandsMoment> days = [HandsMoment.Start(puzzle)];
        while (!days[0].IsComplete)
        {
            var known = new KnownMoments(puzzle, _unused);
            if (days.Sum(day => Next(day, before, known, isSure: false).Count()) == 0)
            {
                return null;
            }

            days.ForEach(day => day.LetGo(_unused));
            days = Soonest([.. known.Alike.SelectMany(same => Soonest([.. same], alike))], width);
            days.ForEach(day => day.IsGoneOnFrom = true);
            foreach (var day in known.Alike.SelectMany(same => same).Where(day => !day.IsGoneOnFrom))
            {
                day.LetGo(_unused);
            }
        }

        return days.Select(day => puzzle.Check.Held(day.Order(), before))
            .Aggregate((HandsOrder?)null, (best, order) => Sooner(best, order, before));
    }

    /// <summary>Of some days those that may be over soonest, then those in which hands are free soonest, then the first.</summary>
    private static List<HandsMoment> Soonest(HandsMoment[] days, int most)
    {
        var order = new long[days.Length];
        for (var at = 0; at < days.Length; at++)
        {
            order[at] = ((long)days[at].Ends << 40) + ((long)days[at].FreeAt << 20) + at;
        }

        Array.Sort(order, days);
        return [.. days.Take(most)];
    }

    /// <summary>The sooner of two orders, or none where both end too late.</summary>
    /// <param name="best">One of them.</param>
    /// <param name="order">The other.</param>
    /// <param name="before">It ends before so many minutes.</param>
    internal static HandsOrder? Sooner(HandsOrder? best, HandsOrder? order, int before) =>
        order is not null && order.Ends < (best?.Ends ?? before) ? order : best;

    /// <summary>Fits what an order leaves out into it. Null where it ends too late then, or it was not found how.</summary>
    /// <param name="whole">With what is left out.</param>
    /// <param name="order">Of a part of it.</param>
    /// <param name="before">It ends before so many minutes.</param>
    /// <param name="effort">Where it is counted.</param>
    internal static HandsOrder? Fitted(HandsPuzzle whole, HandsOrder order, int before, Effort effort) =>
        order.Ends < before ? new OrderSearch(whole, order, effort).Good(before, ToFit.Width, ToFit.Alike) : null;

    /// <summary>What may follow a moment and is kept.</summary>
    /// <param name="moment">What is gone on from.</param>
    /// <param name="before">A day ends before so many minutes.</param>
    /// <param name="known">What is kept.</param>
    /// <param name="isSure">Nothing that may hold is left out. Else somebody who would have gone before is reason enough: what has
    /// beaten others has to hold itself for that.</param>
    private IEnumerable<HandsMoment> Next(HandsMoment moment, int before, KnownMoments known, bool isSure = true)
    {
        var (ways, kept, checks, compared) = (0, 0, 0, known.Compared);
        foreach (var (run, afterBreak, afterPause) in moment.Ways())
        {
            ways++;
            if (
                IsNext(moment, run)
                && moment.Then(run, afterBreak, afterPause, before, _next)
                && (isSure || IsThere(_next, before, ref checks))
                && known.Keep(_next)
            )
            {
                kept++;
                yield return _next;
                _next = new HandsMoment(puzzle, _unused);
            }
        }

        effort?.SpendOnMoments(ways + (AsWays * checks), kept, known.Compared - compared, puzzle.StretchRow + 2);
    }

    private bool IsThere(HandsMoment next, int before, ref int checks)
    {
        if (next.MovedTo is not { } moved || !puzzle.Check.IsAnyAway(moved, next.FreeAt))
        {
            return true;
        }

        checks++;
        return puzzle.Check.Held(next.Order(), before) is not null;
    }

    /// <summary>Whether the next job of a run is the next in the order that is kept.</summary>
    private bool IsNext(HandsMoment moment, int run)
    {
        if (_places.Length == 0 || _places[run] is not { } places)
        {
            return true;
        }

        var done = 0;
        for (var each = 0; each < _places.Length; each++)
        {
            done += _places[each] is null ? 0 : moment.Done(each);
        }

        return places[moment.Done(run)] == done;
    }
}
