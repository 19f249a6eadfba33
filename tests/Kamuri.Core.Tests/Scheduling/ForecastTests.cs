using CsCheck;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Tests.Scheduling;

/// <summary>What drawn durations make of a settled order, for each head.</summary>
public class ForecastTests
{
    private static readonly Dictionary<Resource, int> OneOfEach = Enum.GetValues<Resource>().ToDictionary(resource => resource, _ => 1);

    private static Job Work(string head, string id, int minutes) =>
        new($"{head}/{id}", head, minutes, minutes, minutes, [Resource.Hands]) { With = head };

    private static Job Wait(string head, string id, int minutes) =>
        new($"{head}/{id}", head, minutes, minutes, minutes, []) { With = head };

    private static FinishForecast Of(SchedulingProblem problem, double spread = 0.2, int draws = FinishForecast.Fine) =>
        FinishForecast.Of(new CpSatScheduler().Solve(problem)!, problem, new HandsOnFigures { Spread = spread }, draws);

    /// <summary>An hour of work on one head; nothing else.</summary>
    private static SchedulingProblem Hour => new([Work("a", "work", 60)], [], OneOfEach) { Pairs = [new("Ama")] };

    [Fact]
    public void One_piece_of_work_spreads_as_its_distribution_does()
    {
        // Log-normal with sigma 0.2: the median is the plan, and P90 is 60 · e^(0.2 · 1.2816) = 77.5.
        var forecast = Of(Hour);
        Assert.Equal(60, forecast.LikelyMinutes, 0.6);
        Assert.Equal(77.5, forecast.NineInTenMinutes, 1.0);
        Assert.Equal(0.9, forecast.All.ChanceBy(77.5), 0.01);
        Assert.Equal(0.5, forecast.All.ChanceBy(60), 0.02);
        Assert.Equal((0, 1), (forecast.All.ChanceBy(0), forecast.All.ChanceBy(1000)));
    }

    [Fact]
    public void Another_draw_is_another_day_whatever_is_drawn_at_once()
    {
        // Ama is away for a while, and what hangs together waits for her: not all days are timed in the same way.
        var problem = new SchedulingProblem(
            [Work("a", "wash", 40), Wait("a", "stay", 15), Work("a", "rinse", 20), Work("b", "comb", 30)],
            [new Link("a/wash", "a/stay", 0, 0), new Link("a/stay", "a/rinse", 0, 0)],
            OneOfEach
        )
        {
            Pairs = [new("Ama")],
            Absences = [new Absence("Ama", 70, 100)],
        };
        double[] minutes = [95, 105, 110, 120, 130, 140, 150, 160, 180];
        int[] By(int draws) => [.. minutes.Select(by => (int)Math.Round(Of(problem, 0.3, draws).All.ChanceBy(by) * draws))];
        foreach (var draws in new[] { 1, 2, 3, 4, 7, 8, 15, 399, 1023, 1024, 1025, 2047, 2048 })
        {
            Assert.All(By(draws).Zip(By(draws + 1)), pair => Assert.InRange(pair.Second - pair.First, 0, 1));
        }

        // The second thousand is not the first one again.
        Assert.NotEqual(By(1024).Select(days => 2 * days), By(2048));
    }

    [Fact]
    public void Without_any_spread_it_is_the_plan()
    {
        var forecast = Of(Hour, spread: 0, draws: FinishForecast.Rough);
        Assert.Equal((60, 60), (forecast.LikelyMinutes, forecast.NineInTenMinutes));
        Assert.Equal((0, 1), (forecast.All.ChanceBy(59.9), forecast.All.ChanceBy(60)));
    }

    [Fact]
    public void Each_head_has_its_own_and_all_of_it_is_the_last()
    {
        var problem = new SchedulingProblem([Work("a", "long", 60), Work("b", "short", 20)], [], OneOfEach)
        {
            Pairs = [new("Ama"), new("Bea")],
        };
        var forecast = Of(problem);
        Assert.Equal(20, forecast.Strands["b"].LikelyMinutes, 0.5);
        Assert.Equal(forecast.Strands["a"].NineInTenMinutes, forecast.NineInTenMinutes, 6);
        // The short one never holds the end.
        Assert.Equal((1, 0), (forecast.Critical["a/long"], forecast.Critical["b/short"]));
    }

    [Fact]
    public void What_the_end_waits_for_is_shared_when_it_is_open()
    {
        var problem = new SchedulingProblem([Work("a", "work", 40), Work("b", "work", 40)], [], OneOfEach)
        {
            Pairs = [new("Ama"), new("Bea")],
        };
        var forecast = Of(problem);
        Assert.Equal(1, forecast.Critical["a/work"] + forecast.Critical["b/work"], 6);
        Assert.InRange(forecast.Critical["a/work"], 0.4, 0.6);
        // The later of two is later than either.
        Assert.True(forecast.LikelyMinutes > forecast.Strands["a"].LikelyMinutes);
    }

    [Fact]
    public void Waits_keep_their_length()
    {
        var problem = new SchedulingProblem([Wait("a", "works", 45)], [], OneOfEach);
        Assert.Equal((45, 45), (Of(problem).LikelyMinutes, Of(problem).NineInTenMinutes));
    }

    [Fact]
    public void Work_that_waits_for_somebody_is_not_begun_before_they_are_there()
    {
        var problem = Hour with { Absences = [new("a", 0, 90)] };
        var forecast = Of(problem);
        Assert.Equal(150, forecast.LikelyMinutes, 0.6);
        Assert.Equal(0, forecast.All.ChanceBy(91));

        var shower = new SchedulingProblem(
            [new Job("a/rinse", "a", 10, 10, 10, [Resource.Hands, Resource.Shower]) { With = "a" }],
            [],
            OneOfEach
        )
        {
            Closures = [new(Resource.Shower, 0, 30)],
        };
        Assert.Equal(40, Of(shower).LikelyMinutes, 0.3);
    }

    [Fact]
    public void Breaks_are_kept_in_every_draw()
    {
        var jobs = Enumerable.Range(0, 4).Select(n => Work(n % 2 == 0 ? "a" : "b", $"{n}", 20)).ToList();
        var problem = new SchedulingProblem(jobs, [], OneOfEach)
        {
            Pairs = [new("Ama")],
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(60, 10) },
        };
        Assert.Equal(90, Of(problem, spread: 0, draws: 10).LikelyMinutes);
    }

    [Fact]
    public void Two_of_a_thing_are_not_timed_as_one()
    {
        var jobs = new List<Job>
        {
            Wait("a", "dries", 30) with
            {
                Uses = [Resource.Hood],
            },
            Wait("b", "dries", 30) with
            {
                Uses = [Resource.Hood],
            },
        };
        var problem = new SchedulingProblem(jobs, [], new Dictionary<Resource, int>(OneOfEach) { [Resource.Hood] = 2 });
        Assert.Equal(30, Of(problem, draws: 10).LikelyMinutes);
        Assert.Equal(60, Of(problem with { Capacity = OneOfEach }, draws: 10).LikelyMinutes);
    }

    [Fact]
    public void Chances_grow_with_time_and_agree_with_the_percentiles() =>
        Gen.Select(Gen.Int[5, 90].Array[1, 6], Gen.Double[0.05, 0.5])
            .Sample(
                (minutes, spread) =>
                {
                    var jobs = minutes.Select((length, n) => Work("a", $"{n}", length)).ToList();
                    var forecast = Of(new SchedulingProblem(jobs, [], OneOfEach), spread, FinishForecast.Rough);
                    var chances = Enumerable.Range(0, 20).Select(n => forecast.All.ChanceBy(minutes.Sum() * n / 10.0)).ToList();
                    Assert.Equal(chances.Order(), chances);
                    Assert.InRange(forecast.All.ChanceBy(forecast.NineInTenMinutes), 0.9, 0.91);
                    Assert.True(forecast.LikelyMinutes <= forecast.NineInTenMinutes);
                },
                iter: Thorough.Runs(5, 20),
                threads: 1
            );

    [Fact]
    public void What_comes_too_late_for_a_shower_waits_until_it_is_free_again()
    {
        // Half an hour of work, then ten minutes in a shower that is taken from 45 to 90. It is in time where the work takes at most 35:
        // with sigma 0.2 that is ln(35/30)/0.2 = 0.77 deviations, 78 of 100 days. The rest end at 90 + the ten drawn.
        var problem = new SchedulingProblem(
            [Work("a", "comb", 30), Work("a", "rinse", 10) with { Uses = [Resource.Hands, Resource.Shower] }],
            [new("a/comb", "a/rinse")],
            OneOfEach
        )
        {
            Pairs = [new("Ama")],
            Closures = [new(Resource.Shower, 45, 90)],
        };
        var forecast = Of(problem);
        Assert.InRange(forecast.All.ChanceBy(60), 0.74, 0.80);
        Assert.Equal(forecast.All.ChanceBy(45.5), forecast.All.ChanceBy(90));
        Assert.InRange(forecast.NineInTenMinutes, 95, 105);
    }

    [Fact]
    public void Who_has_the_other_shower_is_kept_out_of_it_in_every_draw()
    {
        // Two showers; somebody has one of them from 25 on. Two heads wash for twenty minutes at once, so both are mostly out of it by
        // then, and where one takes longer than 25 minutes, the other shower is still there for it: it waits only where it is on the
        // one that is taken.
        var capacity = new Dictionary<Resource, int>(OneOfEach) { [Resource.Shower] = 2 };
        SchedulingProblem Day(int left) =>
            new(
                [
                    Work("a", "wash", 20) with
                    {
                        Uses = [Resource.Hands, Resource.Shower],
                    },
                    Work("b", "wash", 20) with
                    {
                        Uses = [Resource.Hands, Resource.Shower],
                    },
                ],
                [],
                capacity
            )
            {
                Pairs = [new("Ama"), new("Bea")],
                Closures = [new(Resource.Shower, 25, 90, left)],
            };
        var (one, both) = (Of(Day(left: 1)), Of(Day(left: 0)));
        // ln(25/20)/0.2 = 1.12 deviations: 87 of 100 are done by 25. With one shower left only the head on the other has to be.
        Assert.InRange(one.Strands["a"].ChanceBy(89) + one.Strands["b"].ChanceBy(89), 1.84, 1.90);
        Assert.InRange(both.Strands["a"].ChanceBy(89) + both.Strands["b"].ChanceBy(89), 1.70, 1.78);
    }
}
