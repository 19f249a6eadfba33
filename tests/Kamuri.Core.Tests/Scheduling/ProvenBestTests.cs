using CsCheck;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Scheduling;

/// <summary>
/// The best by trying every order one pair of hands can take, which shares nothing with the solver's model: for small days the
/// plan has to be exactly that, and say that it is proven.
/// </summary>
public class ProvenBestTests
{
    private static readonly Dictionary<Resource, int> OneOfEach = Enum.GetValues<Resource>().ToDictionary(resource => resource, _ => 1);

    /// <summary>One job for hands, what may pass until the next at most, and a wait in between if there is one.</summary>
    private sealed record Piece(int Minutes, int? Gap, (int Shortest, int Usual, int Longest)? Wait);

    [Fact]
    public void Every_order_tried_gives_no_better_day() =>
        Days.Sample(
            problem =>
            {
                var best = BestOfAllOrders(problem, job => job.Usual);
                var schedule = new CpSatScheduler().Solve(problem);
                Assert.Equal(best, schedule?.Span);
                if (schedule is not null)
                {
                    ScheduleChecker.Check(problem, schedule);
                    Assert.True(schedule.Proven);
                    Assert.Equal(best, schedule.LowerBound);
                    Assert.False(
                        new CpSatScheduler().MayBeInTime(
                            problem with
                            {
                                Deadlines = new Dictionary<string, int>
                                {
                                    [schedule.Placements.MaxBy(placed => placed.End)!.Job.With!] = 0,
                                },
                            }
                        )
                    );
                }
            },
            iter: Thorough.Runs(15, 60),
            threads: 1
        );

    [Fact]
    public void Towards_an_hour_nothing_is_less_late_than_every_order_tried_with_the_shortest_waits() =>
        Gen.Select(Days, Gen.Int[-30, 30])
            .Sample(
                (problem, slack) =>
                {
                    if (BestOfAllOrders(problem, job => job.Shortest) is not { } best)
                    {
                        return;
                    }

                    // By that minute it may be over, and not a minute sooner.
                    Assert.True(new CpSatScheduler().MayBeInTime(problem with { Deadline = best }));
                    Assert.False(new CpSatScheduler().MayBeInTime(problem with { Deadline = best - 1 }));
                    var wanted = Math.Max(1, best + slack);
                    var schedule = new CpSatScheduler().Solve(problem with { Deadline = wanted })!;
                    ScheduleChecker.Check(problem with { Deadline = wanted }, schedule);
                    Assert.Equal(Math.Max(0, best - wanted), Math.Max(0, schedule.Span - wanted));
                },
                iter: Thorough.Runs(10, 40),
                threads: 1
            );

    [Fact]
    public void With_breaks_no_order_with_any_of_its_gaps_left_free_for_them_gives_a_better_day() =>
        Gen.Select(Days, Gen.Int[25, 60], Gen.Int[5, 15])
            .Sample(
                (problem, goesOn, minutes) =>
                {
                    var rested = problem with { Rests = new Dictionary<string, Rest> { ["Ama"] = new(goesOn, minutes) } };
                    var best = BestWithBreaks(rested, goesOn, minutes, job => job.Usual);
                    var schedule = new CpSatScheduler().Solve(rested);
                    if (best is not null)
                    {
                        ScheduleChecker.Check(rested, schedule!);
                        Assert.Equal((best, true), (schedule!.Span, schedule.Proven));
                        // By the gaps it names, the order keeps its breaks when a running day is timed again.
                        Assert.All(schedule.Gaps, gap => Assert.Equal(minutes, gap.LeastGap));
                    }
                    else if (schedule is not null)
                    {
                        // Nobody can have every break: then it is planned with those that there can be.
                        ScheduleChecker.Check(problem, schedule);
                    }
                },
                iter: Thorough.Runs(20, 100),
                threads: 1
            );

    [Fact]
    public void Towards_an_hour_nothing_with_all_breaks_is_less_late() =>
        Gen.Select(Days, Gen.Int[25, 60], Gen.Int[5, 15], Gen.Int[-30, 10])
            .Sample(
                (problem, goesOn, minutes, slack) =>
                {
                    var rested = problem with { Rests = new Dictionary<string, Rest> { ["Ama"] = new(goesOn, minutes) } };
                    if (BestWithBreaks(rested, goesOn, minutes, job => job.Shortest) is not { } best)
                    {
                        return;
                    }

                    var wanted = Math.Max(1, best + slack);
                    var schedule = new CpSatScheduler().Solve(rested with { Deadline = wanted })!;
                    ScheduleChecker.Check(rested with { Deadline = wanted }, schedule);
                    Assert.Equal(
                        (Math.Max(0, best - wanted), Math.Max(0, best - wanted)),
                        (Math.Max(0, schedule.Span - wanted), (int)schedule.LeastLate!)
                    );
                },
                iter: Thorough.Runs(20, 100),
                threads: 1
            );

    [Fact]
    public void A_wait_is_shortened_where_somebody_would_go_on_for_too_long_else()
    {
        // 22 + 6 + 22 minutes are one more than the 49 somebody goes on, and five of wait are enough; 14 of break, and 28 + 21 of the
        // other head.
        var problem = Day([
            [new(22, 0, (3, 6, 7)), new(22, null, null)],
            [new(28, 15, null), new(21, null, null)],
        ]) with
        {
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(49, 14) },
            Deadline = 119,
        };
        var schedule = new CpSatScheduler().Solve(problem)!;
        ScheduleChecker.Check(problem, schedule);
        Assert.Equal((5, 0), (schedule.Placements.Single(placed => placed.Job.Id == "h0/0.wait").Minutes, (int)schedule.LeastLate!));
        Assert.Empty(Breaks.InOneGo(schedule, problem));

        // Without an hour waits are as long as usual: then it is work that nobody can part, and is done in one go.
        var usual = problem with { Deadline = null };
        var whole = new CpSatScheduler().Solve(usual)!;
        Assert.Equal((50 + 14 + 49, true), (whole.Span, whole.Proven));
        Assert.Equal(["h0/0", "h0/1"], Assert.Single(Breaks.InOneGo(whole, usual)).Select(placed => placed.Job.Id));
        Assert.Empty(Breaks.TooLong(whole, usual));
    }

    [Fact]
    public void Work_that_is_longer_than_a_gap_comes_before_or_behind_both()
    {
        // Twenty minutes fit into no gap of fifteen: after 10 + 10 + 10 minutes of the first, or before.
        var problem = Day([
            [new(10, 15, null), new(10, 15, null), new(10, null, null)],
            [new(20, null, null)],
        ]);
        Assert.Equal(50, new CpSatScheduler().Solve(problem)!.Span);
        // With five minutes of wait that may be fifteen they fit, and the wait is held for them.
        var held = Day([
            [new(10, 0, (5, 5, 20)), new(10, null, null)],
            [new(20, null, null)],
        ]);
        Assert.Equal(40, new CpSatScheduler().Solve(held)!.Span);
        // And where it may be held fourteen only, they do not.
        var brief = Day([
            [new(10, 0, (5, 5, 19)), new(10, null, null)],
            [new(20, null, null)],
        ]);
        Assert.Equal(45, new CpSatScheduler().Solve(brief)!.Span);
    }

    [Fact]
    public void A_mixture_is_made_where_its_head_leaves_hands_free()
    {
        var problem = Day([
            [new(10, 0, (30, 30, 40)), new(10, 15, null), new(5, null, null)],
        ]);
        var kitchen = new Job("mix", "kitchen", 12, 12, 12, [Resource.Hands]);
        problem = problem with { Jobs = [.. problem.Jobs, kitchen], Links = [.. problem.Links, new Link("mix", "h0/2")] };
        Assert.Equal(55, new CpSatScheduler().Solve(problem)!.Span);
    }

    private static readonly Gen<Piece> Pieces =
        from minutes in Gen.Int[1, 30]
        from gap in Gen.OneOf(Gen.Const((int?)0), Gen.Const((int?)15), Gen.Const((int?)15), Gen.Const((int?)null))
        from isWait in Gen.Int[0, 2]
        from usual in Gen.Int[5, 40]
        from more in Gen.Int[0, 20]
        from less in Gen.Int[0, 15]
        select new Piece(minutes, gap, isWait == 0 ? (Math.Max(1, usual - less), usual, usual + more) : null);

    /// <summary>
    /// Up to three heads with up to nine jobs for hands between them; usually six, of which there are a hundred times fewer orders.
    /// </summary>
    private static readonly Gen<SchedulingProblem> Days =
        from heads in Gen.Int[2, 3]
        from chains in Pieces.Array[1, Thorough.IsAsked || heads == 2 ? 3 : 2].Array[heads]
        select Day(chains);

    private static SchedulingProblem Day(Piece[][] heads)
    {
        var (jobs, links) = (new List<Job>(), new List<Link>());
        foreach (var (pieces, head) in heads.Select((pieces, at) => (pieces, $"h{at}")))
        {
            for (var n = 0; n < pieces.Length; n++)
            {
                jobs.Add(
                    new Job($"{head}/{n}", head, pieces[n].Minutes, pieces[n].Minutes, pieces[n].Minutes, [Resource.Hands]) { With = head }
                );
                if (n == pieces.Length - 1)
                {
                    break;
                }

                if (pieces[n].Wait is { } wait)
                {
                    jobs.Add(new Job($"{head}/{n}.wait", head, wait.Shortest, wait.Usual, wait.Longest, []) { With = head });
                    links.Add(new Link($"{head}/{n}", $"{head}/{n}.wait", 0, 0));
                    links.Add(new Link($"{head}/{n}.wait", $"{head}/{n + 1}", 0, 0));
                }
                else
                {
                    links.Add(new Link($"{head}/{n}", $"{head}/{n + 1}", 0, pieces[n].Gap));
                }
            }
        }

        return new SchedulingProblem(jobs, links, OneOfEach) { Pairs = [new("Ama")] };
    }

    private static int? BestOfAllOrders(SchedulingProblem problem, Func<Job, int> least)
    {
        var chains = problem.Jobs.Where(job => job.IsHandsOn).GroupBy(job => job.With!).Select(own => own.ToArray()).ToArray();
        int? best = null;
        foreach (var order in Orders(chains, new int[chains.Length]))
        {
            best = Least(problem, order, least) is { } span && span < (best ?? int.MaxValue) ? span : best;
        }

        return best;
    }

    /// <summary>
    /// Every order, with every choice of places in it that are left free for a break; null when in none of them all are had.
    /// </summary>
    private static int? BestWithBreaks(SchedulingProblem problem, int goesOn, int minutes, Func<Job, int> least)
    {
        var chains = problem.Jobs.Where(job => job.IsHandsOn).GroupBy(job => job.With!).Select(own => own.ToArray()).ToArray();
        var work = chains.Sum(own => own.Sum(job => job.Usual));
        int? best = null;
        foreach (var order in Orders(chains, new int[chains.Length]))
        {
            for (var choice = 0; choice < 1 << (order.Count - 1); choice++)
            {
                var starts = Enumerable.Range(0, order.Count).Where(at => at == 0 || (choice & (1 << (at - 1))) != 0).ToList();
                // Hands take so long for work and breaks alone, and what is done in one go without being one job takes no longer than
                // it may: no need to place it.
                if (
                    work + ((starts.Count - 1) * minutes) >= best
                    || starts
                        .Zip(starts.Skip(1).Append(order.Count), (from, to) =>
                            to - from > 1 && order.Skip(from).Take(to - from).Sum(job => job.Usual) > goesOn
                        )
                        .Any(tooLong => tooLong)
                )
                {
                    continue;
                }

                var parted = starts.Skip(1).Select(at => new Link(order[at - 1].Id, order[at].Id, minutes));
                // What lies between two breaks is not longer than it may be, unless it is one job.
                var whole = starts
                    .Zip(starts.Skip(1).Append(order.Count), (from, to) => (First: order[from], Last: order[to - 1]))
                    .Where(each => each.First != each.Last)
                    .Select(each => new Link(each.First.Id, each.Last.Id, 0, goesOn - each.First.Usual - each.Last.Usual));
                best =
                    Least(problem with { Links = [.. problem.Links, .. parted, .. whole] }, order, least) is { } span
                    && span < (best ?? int.MaxValue)
                        ? span
                        : best;
            }
        }

        return best;
    }

    private static IEnumerable<IReadOnlyList<Job>> Orders(Job[][] chains, int[] at)
    {
        if (chains.Zip(at).All(pair => pair.Second == pair.First.Length))
        {
            yield return [];
        }

        for (var chain = 0; chain < chains.Length; chain++)
        {
            if (at[chain] < chains[chain].Length)
            {
                var next = at.ToArray();
                next[chain]++;
                foreach (var rest in Orders(chains, next))
                {
                    yield return [chains[chain][at[chain]], .. rest];
                }
            }
        }
    }

    /// <summary>The longest path through starts and ends; null when a gap or a wait that may not be longer makes it go round.</summary>
    private static int? Least(SchedulingProblem problem, IReadOnlyList<Job> order, Func<Job, int> least)
    {
        var (start, end) = (problem.Jobs.ToDictionary(job => job.Id, _ => 0), problem.Jobs.ToDictionary(job => job.Id, least));
        for (var round = 0; round <= 2 * problem.Jobs.Count; round++)
        {
            var moved = false;
            void AtLeast(Dictionary<string, int> times, string id, int minutes) =>
                (times[id], moved) = times[id] < minutes ? (minutes, true) : (times[id], moved);
            foreach (var job in problem.Jobs)
            {
                AtLeast(end, job.Id, start[job.Id] + least(job));
                AtLeast(start, job.Id, end[job.Id] - job.Longest);
            }

            foreach (var link in problem.Links)
            {
                AtLeast(start, link.To, end[link.From] + link.LeastGap);
                AtLeast(end, link.From, start[link.To] - (link.MostGap ?? int.MaxValue));
            }

            foreach (var (before, after) in order.Zip(order.Skip(1)))
            {
                AtLeast(start, after.Id, end[before.Id]);
            }

            if (!moved)
            {
                return end.Values.Max();
            }
        }

        return null;
    }
}
