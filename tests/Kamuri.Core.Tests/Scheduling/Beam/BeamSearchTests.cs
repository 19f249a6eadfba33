using CsCheck;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Scheduling.Beam;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Scheduling.Beam;

/// <summary>Days that are built a job at a time: what they come to is worked by hand, and every one of them keeps everything.</summary>
public class BeamSearchTests
{
    private static readonly BeamWidth Narrow = new(Width: 60, Alike: 4, Share: 4, More: 0, Slack: 10);
    private static readonly Dictionary<Resource, int> OneOfEach = Enum.GetValues<Resource>().ToDictionary(resource => resource, _ => 1);

    private static Job Work(string head, string id, int minutes, params Resource[] also) =>
        new($"{head}/{id}", head, minutes, minutes, minutes, [Resource.Hands, .. also]) { With = head };

    /// <summary>On (10), works (30 to 90), off (5).</summary>
    private static SchedulingProblem Treatments(int heads, int pairs, params Resource[] under) =>
        new(
            [
                .. Enumerable
                    .Range(0, heads)
                    .SelectMany(head =>
                        (Job[])
                            [
                                Work($"{head}", "on", 10),
                                new Job($"{head}/works", $"{head}", 30, 30, 90, under) { With = $"{head}" },
                                Work($"{head}", "off", 5),
                            ]
                    ),
            ],
            [
                .. Enumerable
                    .Range(0, heads)
                    .SelectMany(head => (Link[])[new($"{head}/on", $"{head}/works", 0, 0), new($"{head}/works", $"{head}/off", 0, 0)]),
            ],
            OneOfEach
        )
        {
            Pairs = [.. Enumerable.Range(0, pairs).Select(pair => new PairOfHands($"Pair {pair}"))],
        };

    private static Schedule Built(SchedulingProblem problem)
    {
        var day = BeamSearch.Of(problem, rests: true, Narrow)!.Best()!;
        ScheduleChecker.Check(problem, day);
        return day;
    }

    [Fact]
    public void Two_pairs_of_hands_share_four_heads()
    {
        // Each puts on two, 10 minutes apart; the second of each is off at 10 + 10 + 30 + 5.
        Assert.Equal(55, Built(Treatments(4, 2)).Span);
        // Under one steamer they follow one another: 10 + 4 x 30 + 5, and nobody is put on long before there is room.
        Assert.Equal(135, Built(Treatments(4, 2, Resource.Steamer)).Span);
        Assert.Equal(
            75,
            Built(
                Treatments(4, 2, Resource.Steamer) with
                {
                    Capacity = new Dictionary<Resource, int>(OneOfEach) { [Resource.Steamer] = 2 },
                }
            ).Span
        );
    }

    [Fact]
    public void What_was_begun_too_early_is_moved_to_where_the_rest_can_follow_it()
    {
        // Off has to follow after 30 to 35 minutes, and cutting takes 40: put on first, it would come too late, so cutting is first; or
        // on at 10, moved behind it.
        var problem = new SchedulingProblem(
            [Work("a", "on", 10), new Job("a/works", "a", 30, 30, 35, []) { With = "a" }, Work("a", "off", 5), Work("b", "cut", 40)],
            [new("a/on", "a/works", 0, 0), new("a/works", "a/off", 0, 0)],
            OneOfEach
        )
        {
            Pairs = [new("Ama")],
        };
        Assert.Equal(85, Built(problem).Span);
    }

    [Fact]
    public void One_pair_of_hands_may_be_kept_from_other_work_by_two_heads_at_once()
    {
        // On at 0 and at 10, off at 40 and at 50, for neither can wait; cutting takes 40 and fits in nowhere before that.
        var problem = new SchedulingProblem(
            [
                .. new[] { "a", "b" }.SelectMany(head =>
                    (Job[])
                        [
                            Work(head, "on", 10),
                            new Job($"{head}/works", head, 30, 30, 30, []) { With = head },
                            Work(head, "off", 5),
                            Work(head, "cut", 40),
                        ]
                ),
            ],
            [
                .. new[] { "a", "b" }.SelectMany(head =>
                    (Link[])
                        [
                            new($"{head}/on", $"{head}/works", 0, 0),
                            new($"{head}/works", $"{head}/off", 0, 0),
                            new($"{head}/off", $"{head}/cut"),
                        ]
                ),
            ],
            OneOfEach
        )
        {
            Pairs = [new("Ama")],
        };
        var day = BeamSearch.Of(problem, rests: true, Narrow with { More = 1, AnyWay = true })!.Best()!;
        ScheduleChecker.Check(problem, day);
        Assert.Equal(55 + 40 + 40, day.Span);
    }

    [Fact]
    public void Each_pair_has_its_own_breaks_and_does_what_it_may()
    {
        var jobs = Enumerable.Range(0, 6).Select(n => Work($"{n % 3}", $"{n}", 20)).ToList();
        var problem = new SchedulingProblem(jobs, [], OneOfEach)
        {
            Pairs = [new("Ama"), new("Kofi")],
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(60, 10), ["Kofi"] = new(40, 15) },
        };
        // An hour each: Ama in one go, Kofi 40, a break and 20.
        Assert.Equal(75, Built(problem).Span);
        var only = Built(problem with { Jobs = [.. jobs.Select((job, n) => n < 4 ? job with { By = ["Kofi"] } : job)] });
        Assert.All(only.Placements.Where(placed => placed.Job.By is not null), placed => Assert.Equal("Kofi", placed.By));
        Assert.Equal(95, only.Span);
    }

    [Fact]
    public void Work_that_nothing_may_part_is_a_stretch_of_its_own()
    {
        // 80 minutes in two jobs with no room for a break between them, and 30 of somebody else's: behind 80 or 30 minutes comes a break.
        var problem = new SchedulingProblem(
            [Work("a", "1", 40), Work("a", "2", 40), Work("b", "1", 30)],
            [new("a/1", "a/2", 0, 5)],
            OneOfEach
        )
        {
            Pairs = [new("Ama")],
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(75, 15) },
        };
        var day = BeamSearch.Of(problem, rests: true, Narrow)!.Best()!;
        Assert.Equal(125, day.Span);
        Assert.Empty(Kamuri.Core.Scheduling.Breaks.TooLong(day, problem));
    }

    [Fact]
    public void Heads_with_an_hour_come_first()
    {
        foreach (var first in new[] { "0", "1" })
        {
            var problem = Treatments(2, 1) with { Deadlines = new Dictionary<string, int> { [first] = 45 } };
            Assert.Equal(45, Built(problem).Placements.Where(placed => placed.Job.With == first).Max(placed => placed.End));
        }
    }

    [Fact]
    public void Who_is_away_is_waited_for()
    {
        var away = Treatments(1, 1) with { Absences = [new("Pair 0", 5, 25)] };
        // Ten minutes do not fit in before 5.
        Assert.Equal(25 + 45, Built(away).Span);
        // The wait is held until hands are there again.
        Assert.Equal(65, Built(Treatments(1, 1) with { Absences = [new("Pair 0", 35, 60)] }).Span);
        // Ninety minutes are as long as it may be held: it is put on when it can be taken off.
        Assert.Equal(160 + 45, Built(Treatments(1, 1) with { Absences = [new("Pair 0", 35, 160)] }).Span);
        Assert.Null(BeamSearch.Of(Treatments(1, 1) with { Absences = [new("Pair 0", 5, Absence.ForGood)] }, rests: true, Narrow)!.Best());
    }

    [Fact]
    public void What_cannot_be_built_a_job_at_a_time_is_not_tried()
    {
        var problem = Treatments(1, 1);
        Assert.Null(BeamSearch.Of(problem with { Pairs = [] }, rests: true, Narrow));
        Assert.Null(BeamSearch.Of(problem with { Overnights = [new("0/works", [new(100, 500)])] }, rests: true, Narrow));
        Assert.Null(BeamSearch.Of(problem with { Links = [.. problem.Links, new("0/off", "0/on")] }, rests: true, Narrow));
        Assert.Null(
            BeamSearch.Of(Treatments(1, 1, Resource.Steamer) with { Capacity = new Dictionary<Resource, int>() }, rests: true, Narrow)
        );
        Assert.Null(
            BeamSearch.Of(problem with { Jobs = [.. problem.Jobs.Select(job => job with { By = [] })] }, rests: true, Narrow)!.Best()
        );
    }

    [Fact]
    public void What_follows_after_a_fixed_time_moves_as_one()
    {
        // Rinsed 20 minutes behind the end of what is put on, whatever else there is: cut before, or behind.
        var problem = new SchedulingProblem(
            [Work("a", "on", 10), Work("a", "rinse", 5, Resource.Shower), Work("b", "cut", 30)],
            [new("a/on", "a/rinse", 20, 20)],
            OneOfEach
        )
        {
            Pairs = [new("Ama")],
        };
        Assert.Equal(65, Built(problem).Span);
        // Put on at 35, so that the shower and her hands are there when it is to be rinsed.
        var held = Built(problem with { Closures = [new(Resource.Shower, 20, 40)], Absences = [new("Ama", 45, 65)] });
        Assert.Equal([35, 65], held.Placements.Where(placed => placed.Job.With == "a").Select(placed => placed.Start));
        // Two ways to the same job that do not agree.
        Assert.Null(
            BeamSearch
                .Of(
                    problem with
                    {
                        Jobs = [.. problem.Jobs, Work("a", "off", 5)],
                        Links = [.. problem.Links, new("a/rinse", "a/off", 5, 5), new("a/on", "a/off", 10, 10)],
                    },
                    rests: true,
                    Narrow
                )!
                .Best()
        );
    }

    [Fact]
    public void Whatever_is_built_keeps_everything_and_is_the_same_every_time_and_never_over_before_what_is_certain()
    {
        var (all, built) = (0, 0);
        Households.Sample(
            problem =>
            {
                var day = BeamSearch.Of(problem, rests: true, Narrow)!.Best();
                Assert.Equal(day?.Placements, BeamSearch.Of(problem, rests: true, Narrow)!.Best()?.Placements);
                (all, built) = (all + 1, built + (day is null ? 0 : 1));
                if (day is not null)
                {
                    // Work that nothing may part may be longer than a stretch.
                    ScheduleChecker.Check(problem with { Rests = new Dictionary<string, Rest>() }, day);
                    Assert.Equal(0, Kamuri.Core.Scheduling.Breaks.Missing(day, problem));
                    Assert.InRange(new LeastEnd(problem, rests: true).OfAll(), 0, day.Span);
                    Assert.All(day.Placements.Where(placed => placed.Job.With is not null).GroupBy(placed => placed.Job.With!), own =>
                        Assert.InRange(new LeastEnd(problem, rests: true).Of(own.Key), 0, own.Max(placed => placed.End))
                    );
                }
            },
            iter: Thorough.Runs(30, 150),
            threads: 1
        );
        // One beam runs into a wall now and then; others go on then.
        Assert.InRange(built, all * 0.6, all);
    }

    [Fact]
    public void No_small_day_is_over_before_what_is_certain_without_looking() =>
        Households
            .Where(problem => problem.Jobs.Count <= 12)
            .Sample(
                problem =>
                {
                    if (new CpSatScheduler().Solve(problem) is { } best)
                    {
                        Assert.InRange(
                            new LeastEnd(problem, rests: Kamuri.Core.Scheduling.Breaks.Missing(best, problem) == 0).OfAll(),
                            0,
                            best.Span
                        );
                    }
                },
                iter: Thorough.Runs(10, 40),
                threads: 1
            );

    /// <summary>Up to four heads with work, waits that may be held, things they share and people who are away.</summary>
    private static readonly Gen<SchedulingProblem> Households =
        from chains in Gen.Select(Gen.Int[2, 25], Gen.Int[5, 40], Gen.Int[0, 30], Gen.Int[0, 2]).Array[1, 5].Array[2, 4]
        from pairs in Gen.Int[1, 3]
        from away in Gen.Int[0, 80]
        from closed in Gen.Int[0, 60]
        from goesOn in Gen.Int[30, 80]
        from restricted in Gen.Bool
        select Random(chains, pairs, away, closed, goesOn, restricted);

    private static SchedulingProblem Random(
        (int Minutes, int Wait, int More, int Under)[][] chains,
        int pairs,
        int away,
        int closed,
        int goesOn,
        bool restricted
    )
    {
        var (jobs, links) = (new List<Job>(), new List<Link>());
        foreach (var (chain, head) in chains.Select((chain, at) => (chain, $"h{at}")))
        {
            for (var n = 0; n < chain.Length; n++)
            {
                var (minutes, wait, more, under) = chain[n];
                jobs.Add(
                    Work(head, $"{n}", minutes, under == 1 ? [Resource.Shower] : []) with
                    {
                        By = restricted && n == 0 ? ["Pair 0"] : null,
                    }
                );
                if (n + 1 < chain.Length && under == 2)
                {
                    links.Add(new Link($"{head}/{n}", $"{head}/{n + 1}", 0, 15));
                }
                else if (n + 1 < chain.Length)
                {
                    jobs.Add(new Job($"{head}/{n}.wait", head, wait, wait, wait + more, n == 0 ? [Resource.Steamer] : []) { With = head });
                    links.AddRange([
                        new Link($"{head}/{n}", $"{head}/{n}.wait", 0, 0),
                        new Link($"{head}/{n}.wait", $"{head}/{n + 1}", 0, more),
                    ]);
                }
            }
        }

        return new SchedulingProblem(jobs, links, OneOfEach)
        {
            Pairs = [.. Enumerable.Range(0, pairs).Select(pair => new PairOfHands($"Pair {pair}"))],
            Absences = away < 20 ? [] : [new("h1", 0, away), new("Pair 0", away, away + 15)],
            Closures = closed < 20 ? [] : [new(Resource.Shower, closed, closed + 30)],
            Rests = Enumerable.Range(0, pairs).ToDictionary(pair => $"Pair {pair}", _ => new Rest(goesOn, 10)),
        };
    }
}
