using CsCheck;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Scheduling;

/// <summary>Several heads on shared hands, with times when something or somebody cannot be had. The optima are worked by hand.</summary>
public class HouseholdScheduleTests
{
    private static readonly CpSatScheduler Scheduler = new();
    private static readonly Dictionary<Resource, int> OneOfEach = Enum.GetValues<Resource>().ToDictionary(resource => resource, _ => 1);

    private static Job Work(string head, string id, int minutes, params Resource[] also) =>
        new($"{head}/{id}", head, minutes, minutes, minutes, [Resource.Hands, .. also]) { With = head };

    private static Job Wait(string head, string id, int minutes, params Resource[] uses) =>
        new($"{head}/{id}", head, minutes, minutes, minutes, uses) { With = head };

    /// <summary>On (10), works (30, under the steamer), off (5).</summary>
    private static IEnumerable<Job> Treatment(string head, params Resource[] under) =>
        [Work(head, "on", 10), Wait(head, "works", 30, under), Work(head, "off", 5)];

    private static IEnumerable<Link> Chain(string head) =>
        [new($"{head}/on", $"{head}/works", 0, 0), new($"{head}/works", $"{head}/off", 0, 60)];

    private static SchedulingProblem Of(IEnumerable<string> heads, params Resource[] under) =>
        new([.. heads.SelectMany(head => Treatment(head, under))], [.. heads.SelectMany(Chain)], OneOfEach) { Pairs = [new("Ama")] };

    private static Schedule Solved(SchedulingProblem problem)
    {
        var schedule = Scheduler.Solve(problem)!;
        ScheduleChecker.Check(problem, schedule);
        Assert.True(schedule.Proven);
        return schedule;
    }

    private static Placement Placed(Schedule schedule, string id) => schedule.Placements.Single(placement => placement.Job.Id == id);

    [Fact]
    public void One_head_is_worked_on_while_the_other_waits()
    {
        // 10 on the first, 10 on the second, the first is off at 40 to 45, the second works until 50 and is off at 55.
        Assert.Equal(55, Solved(Of(["a", "b"])).Span);
        Assert.Equal(65, Solved(Of(["a", "b", "c"])).Span);
        // Four: the last works from 40 to 70; nothing before takes longer.
        Assert.Equal(75, Solved(Of(["a", "b", "c", "d"])).Span);
    }

    [Fact]
    public void Two_heads_take_turns_under_one_steamer()
    {
        // 10 + 30 + 30 under the same steamer, then 5 off the second: it already knew.
        Assert.Equal(75, Solved(Of(["a", "b"], Resource.Steamer)).Span);
        Assert.Equal(
            55,
            Solved(
                Of(["a", "b"], Resource.Steamer) with
                {
                    Capacity = new Dictionary<Resource, int>(OneOfEach) { [Resource.Steamer] = 2 },
                }
            ).Span
        );
    }

    [Fact]
    public void A_second_pair_of_hands_saves_what_it_can()
    {
        var two = Of(["a", "b"]) with { Pairs = [new("Ama"), new("Bea")] };
        Assert.Equal(45, Solved(two).Span);

        // Bea may only take things off: the second head still waits for Ama.
        var only = two with
        {
            Jobs = [.. two.Jobs.Select(job => job.Id.EndsWith("on", StringComparison.Ordinal) ? job with { By = ["Ama"] } : job)],
        };
        var schedule = Solved(only);
        Assert.Equal(55, schedule.Span);
        Assert.All(schedule.Placements.Where(placement => placement.Job.Id.EndsWith("on", StringComparison.Ordinal)), placement =>
            Assert.Equal("Ama", placement.By)
        );
    }

    [Fact]
    public void A_child_that_comes_home_later_is_begun_later()
    {
        // Home after 60 minutes: 60 + 10 + 30 + 5.
        var schedule = Solved(Of(["a", "b"]) with { Absences = [new("b", 0, 60)] });
        Assert.Equal(105, schedule.Span);
        Assert.Equal(60, Placed(schedule, "b/on").Start);
    }

    [Fact]
    public void A_child_that_goes_to_bed_is_done_first()
    {
        // Asleep from 46 on; a treatment takes 45, so it has to be the first.
        var schedule = Solved(Of(["a", "b"]) with { Absences = [new("b", 46, 600)] });
        Assert.Equal((0, 45), (Placed(schedule, "b/on").Start, Placed(schedule, "b/off").End));
        Assert.Equal(55, schedule.Span);
    }

    [Fact]
    public void A_shower_that_is_taken_is_waited_for()
    {
        var problem = new SchedulingProblem(
            [Work("a", "rinse", 10, Resource.Shower), Work("a", "oil", 5)],
            [new("a/rinse", "a/oil")],
            OneOfEach
        )
        {
            Pairs = [new("Ama")],
            Closures = [new(Resource.Shower, 5, 35)],
        };
        // Ten minutes do not fit before 5, so it begins at 35.
        Assert.Equal(50, Solved(problem).Span);
        Assert.Equal(15, Solved(problem with { Closures = [new(Resource.Shower, 10, 40)] }).Span);
    }

    [Theory]
    // Both wash at once where two showers are free; where one is taken until 30, one washes behind the other; where both are, both wait.
    [InlineData(0, 20)]
    [InlineData(1, 40)]
    [InlineData(2, 50)]
    public void Of_two_showers_one_may_be_taken(int taken, int span)
    {
        var capacity = new Dictionary<Resource, int>(OneOfEach) { [Resource.Shower] = 2 };
        var problem = new SchedulingProblem([Work("a", "wash", 20, Resource.Shower), Work("b", "wash", 20, Resource.Shower)], [], capacity)
        {
            Pairs = [new("Ama"), new("Bea")],
            Closures = Closure.Of(Enumerable.Repeat((Resource.Shower, 0, 30, 1), taken), capacity),
        };
        Assert.Equal(span, Solved(problem).Span);
        Assert.Equal(span, ListSchedule.Of(problem)!.Span);
    }

    [Fact]
    public void Two_hoods_of_which_one_is_taken_are_one_for_one_pair_of_hands()
    {
        // Ten minutes of work before half an hour each, and five behind it; the second hood is free again at 60.
        var capacity = new Dictionary<Resource, int>(OneOfEach) { [Resource.Hood] = 2 };
        SchedulingProblem Day(params Closure[] closures) =>
            new(
                [
                    .. new[] { "a", "b" }.SelectMany(head =>
                        new[] { Work(head, "on", 10), Wait(head, "warm", 30, [Resource.Hood]), Work(head, "off", 5) }
                    ),
                ],
                [
                    .. new[] { "a", "b" }.SelectMany(head =>
                        new Link[] { new($"{head}/on", $"{head}/warm", 0, 0), new($"{head}/warm", $"{head}/off", 0, 0) }
                    ),
                ],
                capacity
            )
            {
                Pairs = [new("Ama")],
                Closures = closures,
            };

        Assert.Equal(55, Solved(Day()).Span);
        // 10, 30, then the other's 30, and five.
        Assert.Equal(75, Solved(Day(new Closure(Resource.Hood, 0, 60, 1))).Span);
        // Free from 25 on, the second goes under at 25.
        Assert.Equal(60, Solved(Day(new Closure(Resource.Hood, 0, 25, 1))).Span);
    }

    [Fact]
    public void What_several_take_of_the_same_is_parted_where_that_changes()
    {
        var capacity = new Dictionary<Resource, int> { [Resource.Shower] = 2, [Resource.Hood] = 1 };
        Assert.Equal(
            [new(Resource.Shower, 0, 20, 1), new(Resource.Shower, 20, 30), new(Resource.Shower, 30, 60, 1), new(Resource.Hood, 5, 25)],
            Closure.Of(
                [
                    (Resource.Shower, 0, 30, 1),
                    (Resource.Shower, 20, 45, 1),
                    (Resource.Shower, 45, 60, 1),
                    (Resource.Hood, 5, 15, 1),
                    (Resource.Hood, 10, 25, 1),
                ],
                capacity
            )
        );
        Assert.Empty(Closure.Of([(Resource.Shower, 30, 30, 1)], capacity));
    }

    [Fact]
    public void Hands_get_their_break()
    {
        // Ninety minutes of work that could be done in one go; nobody goes on for more than 60.
        var jobs = Enumerable.Range(0, 6).Select(n => Work(n % 2 == 0 ? "a" : "b", $"{n}", 15)).ToList();
        var problem = new SchedulingProblem(jobs, [], OneOfEach)
        {
            Pairs = [new("Ama")],
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(60, 10) },
        };
        Assert.Equal(90, Solved(problem with { Rests = new Dictionary<string, Rest>() }).Span);
        var rested = Scheduler.Solve(problem)!;
        Assert.Equal((100, 100, true), (rested.Span, rested.LowerBound, rested.Proven));
        Assert.Equal(10, Assert.Single(rested.Gaps).LeastGap);
        // A child that gets a pause every 20 minutes: one between any two of its three pieces.
        var paused = Scheduler.Solve(
            problem with
            {
                Rests = new Dictionary<string, Rest> { ["Ama"] = new(60, 10), ["a"] = new(20, 5) },
            }
        )!;
        var own = paused.Placements.Where(placement => placement.Job.With == "a").ToList();
        Assert.All(own.Zip(own.Skip(1)), pair => Assert.True(pair.Second.Start - pair.First.End >= 5));
        Assert.InRange(paused.Span, 100, 120);
        // A single piece of work that is longer is done in one go.
        Assert.Equal(80, Solved(problem with { Jobs = [Work("a", "braids", 80)] }).Span);
    }

    [Fact]
    public void An_order_is_changed_where_only_another_one_has_room_for_a_break()
    {
        // What is on a has to come off within 5 minutes of 30, and twice 15 minutes of other work fit into that; then 75 minutes come
        // without a gap. With breaks after an hour, one of the two is done before it goes on, and the wait has room for the other and a
        // break.
        var problem = new SchedulingProblem(
            [
                Work("a", "on", 20),
                new Job("a/works", "a", 30, 30, 30, []) { With = "a" },
                Work("a", "off", 25),
                Work("b", "1", 15),
                Work("b", "2", 15),
            ],
            [new("a/on", "a/works", 0, 0), new("a/works", "a/off", 0, 0)],
            OneOfEach
        )
        {
            Pairs = [new("Ama")],
        };
        Assert.Equal(75, Solved(problem).Span);
        var rested = Solved(problem with { Rests = new Dictionary<string, Rest> { ["Ama"] = new(60, 10) } });
        Assert.Equal((90, 90, true), (rested.Span, rested.LowerBound, rested.Proven));
    }

    [Fact]
    public void Two_pairs_of_hands_rest_each_for_itself()
    {
        var jobs = Enumerable.Range(0, 6).Select(n => Work($"{n % 3}", $"{n}", 20)).ToList();
        var problem = new SchedulingProblem(jobs, [], OneOfEach)
        {
            Pairs = [new("Ama"), new("Kofi")],
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(60, 10), ["Kofi"] = new(40, 15) },
        };
        // An hour each without a break. Ama needs none for it; Kofi's 40, break and 20 are 75, and with one of them for Ama it were 90.
        var rested = Solved(problem);
        Assert.Equal(75, rested.Span);
        Assert.All(rested.Gaps, gap =>
            Assert.Equal(
                rested.Placements.First(placed => placed.Job.Id == gap.To).By,
                rested.Placements.First(placed => placed.Job.Id == gap.From).By
            )
        );
    }

    [Fact]
    public void Who_cannot_have_a_break_is_planned_without_one()
    {
        var problem = new SchedulingProblem(
            [Work("a", "1", 40), Work("a", "2", 40), Work("a", "3", 40)],
            [new("a/1", "a/2", 0, 15), new("a/2", "a/3", 0, 0)],
            OneOfEach
        )
        {
            Pairs = [new("Ama")],
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(60, 20) },
        };
        var schedule = Scheduler.Solve(problem)!;
        Assert.Equal(120, schedule.Span);
        // All three are one piece of work, done in one go: nobody calls that a break that is missing.
        Assert.Empty(Kamuri.Core.Scheduling.Breaks.TooLong(schedule, problem));
        Assert.Equal(
            ["a/1", "a/2", "a/3"],
            Assert.Single(Kamuri.Core.Scheduling.Breaks.InOneGo(schedule, problem)).Select(placed => placed.Job.Id)
        );
        Assert.Empty(schedule.Gaps);
    }

    [Fact]
    public void Each_head_has_its_own_hour()
    {
        // Both cannot be done by 45; the one that is asked for is, whichever it is.
        foreach (var first in new[] { "a", "b" })
        {
            var schedule = Solved(Of(["a", "b"]) with { Deadlines = new Dictionary<string, int> { [first] = 45 } });
            Assert.Equal(45, Placed(schedule, $"{first}/off").End);
        }
    }

    [Fact]
    public void A_day_that_may_begin_later_lies_together_before_its_hour()
    {
        var schedule = Solved(
            Of(["a", "b"]) with
            {
                MayBeginLater = true,
                Absences = [new("a", 0, 100)],
                Deadlines = new Dictionary<string, int> { ["a"] = 200, ["b"] = 200 },
            }
        );
        // Begun before a is home, b could be done sooner, but the day would be longer.
        Assert.Equal(55, schedule.Span - schedule.Placements.Min(placement => placement.Start));
    }

    [Fact]
    public void What_nobody_may_do_and_nobody_is_there_for_has_no_plan()
    {
        var problem = Of(["a"]);
        Assert.Null(Scheduler.Solve(problem with { Jobs = [.. problem.Jobs.Select(job => job with { By = [] })] }));
        Assert.Null(
            Scheduler.Solve(
                problem with
                {
                    Capacity = new Dictionary<Resource, int>(),
                    Jobs = [Work("a", "rinse", 5, Resource.Shower)],
                    Links = [],
                }
            )
        );
    }

    [Fact]
    public void Random_households_keep_everything_and_have_one_answer() =>
        Households.Sample(
            problem =>
            {
                var schedule = Scheduler.Solve(problem)!;
                ScheduleChecker.Check(problem, schedule);
                Assert.Equal(schedule.Placements, Scheduler.Solve(problem)!.Placements);
                Assert.InRange(schedule.LowerBound, 0, schedule.Span);
            },
            iter: Thorough.Runs(6, 25),
            threads: 1
        );

    /// <summary>Chains of work and waits for up to three heads, with people and things that are away for a while.</summary>
    private static readonly Gen<SchedulingProblem> Households =
        from chains in Gen.Int[2, 20].Array[3, 5].Array[2, 3]
        from twoPairs in Gen.Bool
        from away in Gen.Int[0, 80]
        from closed in Gen.Int[0, 60]
        from goesOn in Gen.Int[30, 80]
        from restricted in Gen.Bool
        select Random(chains, twoPairs, away, closed, goesOn, restricted);

    private static SchedulingProblem Random(int[][] chains, bool twoPairs, int away, int closed, int goesOn, bool restricted)
    {
        var jobs = new List<Job>();
        var links = new List<Link>();
        foreach (var (chain, head) in chains.Select((chain, at) => (chain, $"h{at}")))
        {
            for (var n = 0; n < chain.Length; n++)
            {
                jobs.Add(
                    n % 2 == 1
                        ? Wait(head, $"{n}", chain[n], n == 1 ? [Resource.Steamer] : [])
                        : Work(head, $"{n}", chain[n], n == 2 ? [Resource.Shower] : []) with
                        {
                            By = restricted && n == 0 ? ["Ama"] : null,
                        }
                );
                if (n > 0)
                {
                    links.Add(new Link($"{head}/{n - 1}", $"{head}/{n}", 0, n % 2 == 1 ? 0 : null));
                }
            }
        }

        return new SchedulingProblem(jobs, links, new Dictionary<Resource, int>(OneOfEach) { [Resource.Shower] = closed % 3 == 0 ? 2 : 1 })
        {
            Pairs = twoPairs ? [new("Ama"), new("Bea")] : [new("Ama")],
            Absences = away == 0 ? [] : [new("h1", 0, away), new("Ama", away, away + 15)],
            // Every third house has two showers, and one of them is taken.
            Closures = closed == 0 ? [] : [new(Resource.Shower, closed, closed + 30, closed % 3 == 0 ? 1 : 0)],
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(goesOn, 10), ["h0"] = new(20, 5) },
        };
    }
}
