using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// Puts breaks into a schedule. The solver settles the order without them; then every stretch that somebody would go on for
/// too long is parted where that can be done, and the rest is placed again in the same order. A break is a gap between two
/// jobs, so that it stays one when a running day is timed again.
/// </summary>
public static class Breaks
{
    /// <summary>More breaks than any day has.</summary>
    private const int Most = 24;

    /// <summary>The schedule with breaks, and the gaps that make them.</summary>
    /// <param name="schedule">As the solver left it.</param>
    /// <param name="problem">What it is a schedule of.</param>
    /// <param name="place">Places a problem whose order is settled; null when it cannot be.</param>
    public static (Schedule Schedule, IReadOnlyList<Link> Gaps) Into(
        Schedule schedule,
        SchedulingProblem problem,
        Func<SchedulingProblem, Schedule?> place
    )
    {
        var (current, gaps, given) = (schedule, new List<Link>(), new HashSet<(string, string)>());
        for (var n = 0; n < Most && NextTooLong(current, problem, given) is { } stretch; n++)
        {
            var settled = Settled(current, problem);
            var parted = false;
            foreach (var (before, after) in stretch.Partings)
            {
                var gap = new Link(before, after, stretch.Minutes);
                if (!given.Add((before, after)) || place(settled with { Links = [.. settled.Links, .. gaps, gap] }) is not { } next)
                {
                    continue;
                }

                (current, parted) = (next, true);
                gaps.Add(gap);
                break;
            }

            if (!parted)
            {
                break;
            }
        }

        return (
            current with
            {
                LowerBound = Math.Min(schedule.LowerBound, current.Span),
                Proven = schedule.Proven && current.Span == schedule.Span,
            },
            gaps
        );
    }

    /// <summary>
    /// The gaps a schedule has for the breaks of each: of all that are long enough, those without which somebody would go on for too
    /// long, each as late as may be. And what holds the work between two of them together, so that it does not become too long in
    /// another way.
    /// </summary>
    public static (ILookup<string, Link> Gaps, IReadOnlyList<Link> Held) In(Schedule schedule, SchedulingProblem problem)
    {
        var (gaps, held) = (new List<(string Who, Link Gap)>(), new List<Link>());
        foreach (var own in Stretches(schedule, problem).GroupBy(each => each.Who))
        {
            var (first, last) = ((Placement?)null, (Placement?)null);
            foreach (var (_, rest, work) in own)
            {
                if (first is not null && work[^1].End - first.Start > rest.GoesOn)
                {
                    gaps.Add((own.Key, new Link(last!.Job.Id, work[0].Job.Id, rest.Minutes)));
                    Hold(first, last, rest);
                    first = null;
                }

                (first, last) = (first ?? work[0], work[^1]);
            }

            Hold(first!, last!, own.First().Needs);
        }

        return (gaps.ToLookup(each => each.Who, each => each.Gap), held);

        void Hold(Placement first, Placement last, Rest rest)
        {
            var most = rest.GoesOn - first.Minutes - last.Minutes;
            if (first.Job.Id != last.Job.Id && most >= last.Start - first.End)
            {
                held.Add(new Link(first.Job.Id, last.Job.Id, 0, most));
            }
        }
    }

    private sealed record Stretch(int Minutes, IReadOnlyList<(string Before, string After)> Partings);

    /// <summary>How many breaks somebody should have and has not.</summary>
    public static int Missing(Schedule schedule, SchedulingProblem problem) => TooLong(schedule, problem).Count;

    /// <summary>Who goes on for longer than they should, and for how many minutes.</summary>
    public static IReadOnlyList<(string Who, int Minutes)> TooLong(Schedule schedule, SchedulingProblem problem) =>
        [
            .. LongStretches(schedule, problem)
                .Where(each => !each.IsWhole)
                .Select(each => (each.Who, each.Work[^1].End - each.Work[0].Start)),
        ];

    /// <summary>Work that nothing may part and that is longer than somebody should go on: what is done in it.</summary>
    public static IReadOnlyList<IReadOnlyList<Placement>> InOneGo(Schedule schedule, SchedulingProblem problem) =>
        [.. LongStretches(schedule, problem).Where(each => each.IsWhole).Select(each => each.Work).DistinctBy(work => work[0].Job.Id)];

    /// <summary>
    /// Work that nothing may part and that is longer than somebody should go on, however short its waits: from where to where.
    /// </summary>
    internal static HashSet<(Rest Needs, string From, string To)> Whole(SchedulingProblem problem)
    {
        var runs = HandRun.Of(problem);
        return
        [
            .. problem
                .Rests.Values.Distinct()
                .SelectMany(rest =>
                    runs.SelectMany(run => run.Pieces(rest.Minutes))
                        .Where(piece => piece.IsLong(rest))
                        .Select(piece => (rest, piece.Jobs[0].Id, piece.Jobs[^1].Id))
                ),
        ];
    }

    private static IEnumerable<(string Who, List<Placement> Work, bool IsWhole)> LongStretches(Schedule schedule, SchedulingProblem problem)
    {
        var whole = Whole(problem);
        return Stretches(schedule, problem)
            .Where(each => each.Work[^1].End - each.Work[0].Start > each.Needs.GoesOn)
            .Select(each =>
                (each.Who, each.Work, each.Work.Count == 1 || whole.Contains((each.Needs, each.Work[0].Job.Id, each.Work[^1].Job.Id)))
            );
    }

    /// <summary>The first stretch that is too long, and where it can be parted: as late as may be first.</summary>
    private static Stretch? NextTooLong(Schedule schedule, SchedulingProblem problem, HashSet<(string, string)> given)
    {
        foreach (var (_, rest, work) in Stretches(schedule, problem))
        {
            // Of a long stretch only what is in front of the first job that goes too far is looked at.
            var far = work.FindIndex(1, placed => placed.End - work[0].Start > rest.GoesOn);
            for (var at = far; far > 0 && at < work.Count; at++)
            {
                var partings = work.Take(at)
                    .Zip(work.Skip(1), (before, after) => (before.Job.Id, after.Job.Id))
                    .Reverse()
                    .Where(each => !given.Contains(each) && problem.MayPart(each.Item1, each.Item2, rest.Minutes))
                    .ToList();
                if (partings.Count > 0)
                {
                    return new Stretch(rest.Minutes, partings);
                }
            }
        }

        return null;
    }

    /// <summary>What everybody who needs breaks does in one go.</summary>
    private static IEnumerable<(string Who, Rest Needs, List<Placement> Work)> Stretches(Schedule schedule, SchedulingProblem problem)
    {
        foreach (var (who, rest) in problem.Rests.OrderBy(pair => pair.Key, StringComparer.Ordinal))
        {
            var stretch = new List<Placement>();
            foreach (
                var placed in schedule
                    .Placements.Where(placed => placed.Job.IsHandsOn && (placed.By == who || placed.Job.With == who))
                    .OrderBy(placed => placed.Start)
            )
            {
                if (stretch.Count > 0 && placed.Start - stretch[^1].End >= rest.Minutes)
                {
                    yield return (who, rest, stretch);
                    stretch = [];
                }

                stretch.Add(placed);
            }

            if (stretch.Count > 0)
            {
                yield return (who, rest, stretch);
            }
        }
    }

    /// <summary>The same problem with hands and order as they were settled.</summary>
    /// <param name="schedule">As it was settled.</param>
    /// <param name="problem">What it is a schedule of.</param>
    /// <param name="rests">With its breaks as well.</param>
    public static SchedulingProblem Settled(Schedule schedule, SchedulingProblem problem, bool rests = false)
    {
        if (rests)
        {
            var (gaps, held) = In(schedule, problem);
            var settled = Settled(schedule, problem);
            return settled with { Links = [.. settled.Links, .. gaps.SelectMany(each => each).Distinct(), .. held] };
        }

        var by = schedule.Placements.ToDictionary(placed => placed.Job.Id, placed => placed.By);
        var order = SettledOrder.Of([.. schedule.Placements.Select(OrderedJob.Of)], [], problem.Capacity);
        return problem with
        {
            Jobs = [.. problem.Jobs.Select(job => by.GetValueOrDefault(job.Id) is { } pair ? job with { By = [pair] } : job)],
            Links =
            [
                .. problem.Links,
                .. order.Neighbours.Select(pair => new Link(
                    schedule.Placements[pair.Before].Job.Id,
                    schedule.Placements[pair.After].Job.Id
                )),
            ],
        };
    }
}
