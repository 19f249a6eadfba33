using CsCheck;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Tests.Scheduling;

public class SchedulerTests
{
    private static readonly CpSatScheduler Scheduler = new();

    private static readonly Dictionary<Resource, int> OneOfEach = Enum.GetValues<Resource>().ToDictionary(resource => resource, _ => 1);

    private static Job Hands(string id, int minutes, params Resource[] also) =>
        new(id, "head", minutes, minutes, minutes, [Resource.Hands, .. also]);

    private static Job Wait(string id, int shortest, int usual, int longest, params Resource[] uses) =>
        new(id, "head", shortest, usual, longest, uses);

    /// <summary>Put on (10), works (20–30–60), rinse (5); meanwhile brew: boil (2), steeps (10–15–20), strain (3).</summary>
    private static SchedulingProblem Small(int? deadline = null) =>
        new(
            [
                Hands("apply", 10),
                Wait("works", 20, 30, 60),
                Hands("rinse", 5, Resource.Shower),
                Hands("boil", 2, Resource.Stove),
                Wait("steeps", 10, 15, 20),
                Hands("strain", 3),
                Hands("pour", 4, Resource.Shower),
            ],
            [
                new("apply", "works", 0, 0),
                new("works", "rinse", 0, 0),
                new("rinse", "pour"),
                new("boil", "steeps", 0, 0),
                new("steeps", "strain", 0, 0),
                new("strain", "pour"),
            ],
            OneOfEach,
            deadline
        );

    [Fact]
    public void Passive_time_is_used_for_the_kitchen()
    {
        var schedule = Scheduler.Solve(Small())!;

        // By hand: 10 + 30 + 5 + 4; the brew (2 + 15 + 3) fits inside the 30 minutes that the treatment works.
        Assert.Equal(49, schedule.Span);
        Assert.Equal(49, schedule.LowerBound);
        Assert.True(schedule.Proven);
        ScheduleChecker.Check(Small(), schedule);
    }

    [Fact]
    public void A_deadline_shortens_windows_only_as_far_as_needed()
    {
        var schedule = Scheduler.Solve(Small(44))!;

        Assert.Equal(44, schedule.Span);
        Assert.Equal(25, schedule.Placements.Single(placement => placement.Job.Id == "works").Minutes);
    }

    [Theory]
    [InlineData(10, 20)]
    [InlineData(20, 20)]
    [InlineData(24, 10)]
    public void No_wait_goes_more_than_halfway_to_its_shortest_while_another_is_left_as_usual(int shorter, int atLeast)
    {
        var problem = new SchedulingProblem(
            [Hands("apply", 10), Wait("works", 10, 30, 60), Hands("rinse", 5), Wait("cools", 10, 30, 60), Hands("dry", 5)],
            [new("apply", "works", 0, 0), new("works", "rinse", 0, 0), new("rinse", "cools", 0, 0), new("cools", "dry", 0, 0)],
            OneOfEach,
            80 - shorter
        );
        var waits = Scheduler.Solve(problem)!.Placements.Where(placed => !placed.Job.IsHandsOn).Select(placed => placed.Minutes).ToList();

        Assert.Equal(60 - shorter, waits.Sum());
        Assert.All(waits, minutes => Assert.InRange(minutes, atLeast, 30));
    }

    [Fact]
    public void A_deadline_that_cannot_be_met_gives_the_nearest_plan()
    {
        var schedule = Scheduler.Solve(Small(20))!;

        // By hand: 10 + 20 + 5 + 4, but the brew at its shortest (2 + 10 + 3) still fits inside.
        Assert.Equal(39, schedule.Span);
        Assert.Equal(20, schedule.Placements.Single(placement => placement.Job.Id == "works").Minutes);
    }

    [Fact]
    public void Two_pairs_of_hands_work_side_by_side()
    {
        var problem = new SchedulingProblem([Hands("a", 10), Hands("b", 10)], [], new Dictionary<Resource, int> { [Resource.Hands] = 2 });

        Assert.Equal(10, Scheduler.Solve(problem)!.Span);
        Assert.Equal(20, Scheduler.Solve(problem with { Capacity = OneOfEach })!.Span);
    }

    [Fact]
    public void What_cannot_be_placed_at_all_is_null()
    {
        var noHands = Small() with { Capacity = new Dictionary<Resource, int>() };
        var circle = new SchedulingProblem([Hands("a", 1), Hands("b", 1)], [new("a", "b"), new("b", "a")], OneOfEach);

        Assert.Null(Scheduler.Solve(noHands));
        Assert.Null(Scheduler.Solve(circle));
    }

    [Fact]
    public void Random_problems_keep_every_resource_link_and_window_and_have_one_answer() =>
        Problems.Sample(
            problem =>
            {
                var schedule = Scheduler.Solve(problem)!;
                ScheduleChecker.Check(problem, schedule);
                Assert.Equal(schedule.Placements, Scheduler.Solve(problem)!.Placements);
                Assert.InRange(schedule.LowerBound, 0, schedule.Span);
            },
            iter: Thorough.Runs(10, 40),
            threads: 1
        );

    [Fact]
    public void The_forward_pass_gives_back_the_schedule_it_was_read_from()
    {
        var schedule = Scheduler.Solve(Small())!;
        var jobs = schedule.Placements;
        var order = SettledOrder.Of([.. jobs.Select(placed => (placed.Job.Id, (double)placed.Start, placed.Job.Uses))], Small().Links);
        var starts = new double[jobs.Count];

        var span = order.Time([.. jobs.Select(placed => (double)placed.Minutes)], starts);

        Assert.Equal(schedule.Span, span);
        Assert.All(jobs.Zip(starts), pair => Assert.True(pair.Second <= pair.First.Start));
    }

    [Fact]
    public void Slower_work_never_ends_earlier() =>
        Gen.Double[0, 20]
            .Array[7]
            .Sample(
                extra =>
                {
                    var schedule = Scheduler.Solve(Small())!;
                    var order = SettledOrder.Of(
                        [.. schedule.Placements.Select(placed => (placed.Job.Id, (double)placed.Start, placed.Job.Uses))],
                        Small().Links
                    );
                    var planned = schedule.Placements.Select(placed => (double)placed.Minutes).ToArray();
                    var slower = planned.Zip(extra, (minutes, more) => minutes + more).ToArray();

                    Assert.True(order.Time(slower, new double[7]) >= order.Time(planned, new double[7]));
                },
                iter: Thorough.Runs(5, 20),
                threads: 1
            );

    [Fact]
    public void A_forecast_is_later_in_nine_of_ten_than_in_half_and_always_the_same()
    {
        var schedule = Scheduler.Solve(Small())!;
        var forecast = FinishForecast.Of(schedule, Small(), new HandsOnFigures());

        Assert.True(forecast.NineInTenMinutes > forecast.LikelyMinutes);
        Assert.InRange(forecast.LikelyMinutes, 44, 54);
        Assert.Equal(forecast.NineInTenMinutes, FinishForecast.Of(schedule, Small(), new HandsOnFigures()).NineInTenMinutes);
        Assert.Equal(49, FinishForecast.Of(schedule, Small(), new HandsOnFigures { Spread = 0 }).NineInTenMinutes);
    }

    /// <summary>A chain of work and waits, with loose kitchen work beside it.</summary>
    private static readonly Gen<SchedulingProblem> Problems =
        from chain in Gen.Int[1, 25].Array[3, 9]
        from kitchen in Gen.Int[1, 12].Array[0, 4]
        from slack in Gen.Int[0, 30]
        from deadline in Gen.Int[20, 200]
        from hasDeadline in Gen.Bool
        from hands in Gen.Int[1, 2]
        select Random(chain, kitchen, slack, hasDeadline ? deadline : null, hands);

    private static SchedulingProblem Random(int[] chain, int[] kitchen, int slack, int? deadline, int hands)
    {
        var jobs = new List<Job>();
        var links = new List<Link>();
        for (var n = 0; n < chain.Length; n++)
        {
            jobs.Add(
                n % 2 == 0
                    ? Hands($"work{n}", chain[n], n % 4 == 0 ? [Resource.Shower] : [])
                    : Wait($"wait{n}", chain[n] / 2, chain[n], chain[n] + slack)
            );
            if (n > 0)
            {
                links.Add(new Link(jobs[n - 1].Id, jobs[n].Id, 0, n % 2 == 1 || slack == 0 ? 0 : null));
            }
        }

        jobs.AddRange(kitchen.Select((minutes, n) => Hands($"kitchen{n}", minutes, Resource.Stove)));
        return new SchedulingProblem(jobs, links, new Dictionary<Resource, int>(OneOfEach) { [Resource.Hands] = hands }, deadline);
    }
}
