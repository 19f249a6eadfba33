using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Scheduling;

/// <summary>
/// What is tried for one plan keeps to so much, counted: with less of it the answer may be less good, and there is one all the same.
/// </summary>
public class EffortTests
{
    private static readonly Dictionary<Resource, int> OneOfEach = Enum.GetValues<Resource>().ToDictionary(resource => resource, _ => 1);

    /// <summary>
    /// Heads with so many treatments each, hands before and behind every one, the steamer for the first, and mixtures that are made for
    /// them.
    /// </summary>
    private static SchedulingProblem Day(int heads, int treatments)
    {
        var (jobs, links) = (new List<Job>(), new List<Link>());
        for (var head = 0; head < heads; head++)
        {
            for (var at = 0; at < treatments; at++)
            {
                var (on, works, off, mix) = ($"{head}/{at}/on", $"{head}/{at}/works", $"{head}/{at}/off", $"{head}/{at}/mix");
                var (minutes, wait) = (6 + (((head * 5) + (at * 7)) % 9), 12 + (((head * 11) + (at * 13)) % 23));
                jobs.AddRange([
                    new(on, $"{head}", minutes, minutes, minutes, [Resource.Hands]) { With = $"{head}" },
                    new(works, $"{head}", wait, wait, wait, at == 0 ? [Resource.Steamer] : []) { With = $"{head}" },
                    new(off, $"{head}", 8, 8, 8, [Resource.Hands, Resource.Shower]) { With = $"{head}" },
                ]);
                links.AddRange([new(on, works, 0, 0), new(works, off, 0, 10)]);
                if (at > 0)
                {
                    links.Add(new($"{head}/{at - 1}/off", on));
                }
                else
                {
                    jobs.Add(new(mix, "kitchen", 5, 5, 5, [Resource.Hands]));
                    links.Add(new(mix, on, 0, 30));
                }
            }
        }

        return new SchedulingProblem(jobs, links, OneOfEach)
        {
            Pairs = [new("Ama")],
            Rests = new Dictionary<string, Rest> { ["Ama"] = new(75, 10), ["0"] = new(45, 5) },
        };
    }

    [Fact]
    public void What_is_spent_is_gone_and_never_less_than_nothing_is_left()
    {
        var effort = Effort.Of(100);
        effort.Spend(30);
        effort.Spend(12.5);
        Assert.Equal((42.5, 57.5), (effort.Spent, effort.Left));
        effort.Spend(80);
        Assert.Equal((122.5, 0), (effort.Spent, effort.Left));
        Assert.Equal(double.PositiveInfinity, Effort.Unlimited().Left);
    }

    [Theory]
    [InlineData(1, 100, new[] { 40 }, 40)]
    [InlineData(2, 100, new[] { 40, 10 }, 40)]
    [InlineData(4, 50, new[] { 40, 30, 20, 10 }, 50)]
    [InlineData(4, 50, new[] { 50, 0, 0, 0 }, 50)]
    public void Searches_that_go_on_at_once_share_two_cores(int searches, int each, int[] spent, int together)
    {
        var whole = Effort.Of(100);
        var parts = spent.Select(_ => whole.OneOf(searches)).ToList();
        Assert.All(parts, part => Assert.Equal(each, part.Left));
        foreach (var (part, units) in parts.Zip(spent))
        {
            part.Spend(units);
        }

        whole.SpendBeside(parts);
        Assert.Equal(together, whole.Spent);
    }

    [Theory]
    [InlineData(3, 5)]
    [InlineData(4, 4)]
    public void With_hardly_anything_to_spend_a_full_day_is_placed_all_the_same_and_the_same_every_time(int heads, int treatments)
    {
        var problem = Day(heads, treatments);
        var (usual, little) = (new CpSatScheduler().Solve(problem)!, new CpSatScheduler().Solve(problem with { Effort = 1 })!);
        ScheduleChecker.Check(problem, usual);
        ScheduleChecker.Check(problem, little);
        Assert.Equal(little.Placements, new CpSatScheduler().Solve(problem with { Effort = 1 })!.Placements);
        Assert.True(
            usual.Span <= little.Span && little.Spent < usual.Spent,
            $"{usual.Span} for {usual.Spent}, {little.Span} for {little.Spent}"
        );
        Assert.True(little.Span <= ListSchedule.Of(problem)!.Span, $"{little.Span}");
        Assert.True(little.LowerBound <= usual.LowerBound, $"{little.LowerBound} and {usual.LowerBound}");
        Assert.InRange(usual.Spent, 1, 2 * Effort.Usual);
    }

    [Fact]
    public void What_may_be_spent_is_no_part_of_the_day_a_longer_search_has_placed()
    {
        var problem = Day(2, 3);
        var known = new KnownOrders();
        var patient = new PatientScheduler(known, _ => { }, CancellationToken.None).Solve(problem)!;
        Assert.Equal(patient.Span, new CpSatScheduler(known).Solve(problem with { Effort = 1 })!.Span);
    }
}
