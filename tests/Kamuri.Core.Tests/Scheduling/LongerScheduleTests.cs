using CsCheck;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Scheduling;

/// <summary>What a search has to be better than, and what a longer one may find.</summary>
public class LongerScheduleTests
{
    private static readonly Dictionary<Resource, int> OneOfEach = Enum.GetValues<Resource>().ToDictionary(resource => resource, _ => 1);

    private static Job Work(string head, string id, int minutes, params Resource[] also) =>
        new($"{head}/{id}", head, minutes, minutes, minutes, [Resource.Hands, .. also]) { With = head };

    private static Job Wait(string head, string id, int minutes, int longest) =>
        new($"{head}/{id}", head, minutes, minutes, longest, []) { With = head };

    /// <summary>On, works, off for each head: the wait may be stretched a little, and hands have to be there then.</summary>
    private static SchedulingProblem Of(params (string Head, int On, int Works, int Longest, int Off)[] heads) =>
        new(
            [
                .. heads.SelectMany(each =>
                    new[]
                    {
                        Work(each.Head, "on", each.On),
                        Wait(each.Head, "works", each.Works, each.Longest),
                        Work(each.Head, "off", each.Off),
                    }
                ),
            ],
            [
                .. heads.SelectMany(each =>
                    new Link[] { new($"{each.Head}/on", $"{each.Head}/works", 0, 0), new($"{each.Head}/works", $"{each.Head}/off", 0, 0) }
                ),
            ],
            OneOfEach
        )
        {
            Pairs = [new("Ama")],
        };

    [Fact]
    public void By_the_list_the_longest_way_is_begun_first_and_the_other_in_its_wait()
    {
        var problem = Of(("a", 10, 20, 30, 5), ("b", 10, 60, 70, 5));
        var list = ListSchedule.Of(problem)!;
        ScheduleChecker.Check(problem, list);
        Assert.Equal((0, 10), (list.Placements[0].Start, list.Placements[0].End));
        Assert.Equal("b/on", list.Placements[0].Job.Id);
        Assert.Equal(75, list.Span);
    }

    [Fact]
    public void By_the_list_nothing_is_begun_that_would_let_something_else_stand_too_long()
    {
        // Fifteen minutes of work do not fit into a wait of at most ten, so the second head waits for the first.
        var problem = Of(("a", 20, 5, 10, 5), ("b", 15, 5, 10, 5));
        var list = ListSchedule.Of(problem)!;
        ScheduleChecker.Check(problem, list);
        Assert.Equal(55, list.Span);
    }

    [Fact]
    public void By_the_list_closed_things_and_absences_are_kept_too()
    {
        var problem = new SchedulingProblem([Work("a", "rinse", 10, Resource.Shower), Work("b", "oil", 10)], [], OneOfEach)
        {
            Pairs = [new("Ama")],
            Closures = [new(Resource.Shower, 5, 35)],
            Absences = [new("b", 0, 20)],
        };
        var list = ListSchedule.Of(problem)!;
        ScheduleChecker.Check(problem, list);
        Assert.Equal(45, list.Span);
        Assert.Null(ListSchedule.Of(problem with { Absences = [new("b", 0, Absence.ForGood)] }));
    }

    [Fact]
    public void By_the_list_one_sits_down_before_what_would_be_too_much()
    {
        var problem = new SchedulingProblem(
            [Work("a", "comb", 40), Work("a", "rinse", 10), Work("a", "dry", 10)],
            [new("a/comb", "a/rinse"), new("a/rinse", "a/dry", 0, 0)],
            OneOfEach
        )
        {
            Pairs = [new("Ama")],
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(60, 10) },
        };
        // 40 and 20 make an hour, which is just not too much.
        Assert.Equal(60, ListSchedule.Of(problem)!.Span);
        // Where it is, the break comes before what may not be parted, not into it.
        var list = ListSchedule.Of(problem with { Rests = new Dictionary<string, Rest> { ["Ama"] = new(55, 10) } })!;
        Assert.Equal([0, 50, 60], list.Placements.Select(placed => placed.Start));
    }

    [Fact]
    public void An_order_that_bites_its_own_tail_has_no_schedule()
    {
        var two = Of(("a", 10, 20, 30, 5), ("b", 10, 60, 70, 5));
        var around = two with { Links = [.. two.Links, new("a/off", "a/on")] };
        Assert.Null(ListSchedule.Of(around));
        Assert.Null(new CpSatScheduler().Solve(around));
    }

    [Fact]
    public void No_plan_is_worse_than_going_by_the_list() =>
        Households.Sample(
            problem =>
            {
                var list = ListSchedule.Of(problem);
                var schedule = new CpSatScheduler().Solve(problem)!;
                Assert.True(schedule.LowerBound <= schedule.Span);
                if (list is null)
                {
                    return;
                }

                // The list leaves a break out that would come too late for what is waiting; a plan that has it may take longer for it.
                var isRested = Kamuri.Core.Scheduling.Breaks.TooLong(list, problem).Count == 0;
                ScheduleChecker.Check(isRested ? problem : problem with { Rests = new Dictionary<string, Rest>() }, list);
                Assert.True(!isRested || schedule.Span <= list.Span);
            },
            iter: Thorough.Runs(6, 25),
            threads: 1
        );

    [Fact]
    public void A_longer_search_is_never_worse_tells_how_far_it_is_and_is_found_again() =>
        Households.Sample(
            problem =>
            {
                var (known, told) = (new KnownOrders(), new List<SearchProgress>());
                var quick = new CpSatScheduler().Solve(problem)!;
                var longer = new PatientScheduler(known, told.Add, CancellationToken.None).Solve(problem)!;
                ScheduleChecker.Check(problem, longer);
                Assert.InRange(longer.Span, longer.LowerBound, quick.Span);
                Assert.Equal(told.OrderBy(step => step.Share), told);
                Assert.All(told, step => Assert.InRange(step.Share, 0, 1));
                Assert.InRange(new CpSatScheduler(known).Solve(problem)!.Span, 0, longer.Span);
            },
            iter: Thorough.Runs(2, 4),
            threads: 1
        );

    [Fact]
    public void A_search_that_is_broken_off_keeps_what_it_has()
    {
        var problem = Of(("a", 10, 20, 30, 5), ("b", 40, 60, 70, 45)) with
        {
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(30, 10) },
        };
        using var off = new CancellationTokenSource();
        off.Cancel();
        var told = 0;
        var schedule = new PatientScheduler(new KnownOrders(), _ => told++, off.Token).Solve(problem);
        Assert.NotNull(schedule);
        Assert.Equal(0, told);
    }

    [Fact]
    public void A_known_order_is_one_of_its_own_day_only()
    {
        var (one, other) = (Of(("a", 10, 20, 30, 5), ("b", 10, 60, 70, 5)), Of(("a", 10, 20, 30, 5), ("b", 11, 60, 70, 5)));
        var known = new KnownOrders();
        known.Keep(one, ListSchedule.Of(one)!);
        // What is kept for another day cannot spoil this one.
        Assert.Equal(new CpSatScheduler().Solve(other)!.Placements, new CpSatScheduler(known).Solve(other)!.Placements);
        // On the clock the day may have moved on.
        var later = one with { Absences = [new("Ama", 0, 30)] };
        Assert.Equal(105, new CpSatScheduler(known).Solve(later)!.Span);
    }

    private static readonly Gen<SchedulingProblem> Households =
        from heads in Gen.Select(Gen.Int[3, 25], Gen.Int[5, 40], Gen.Int[0, 30], Gen.Int[2, 30]).Array[2, 3]
        from pairs in Gen.Int[1, 2]
        from goesOn in Gen.Int[30, 80]
        select Of([.. heads.Select((each, at) => ($"h{at}", each.Item1, each.Item2, each.Item2 + 60 + each.Item3, each.Item4))]) with
        {
            Pairs = [.. new[] { "Ama", "Bea" }.Take(pairs).Select(name => new PairOfHands(name))],
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(goesOn, 10) },
        };
}
