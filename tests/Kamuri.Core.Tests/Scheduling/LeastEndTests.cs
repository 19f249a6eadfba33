using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Scheduling;

/// <summary>What no day is over before, worked by hand.</summary>
public class LeastEndTests
{
    private static Job Work(string head, string id, int minutes) =>
        new($"{head}/{id}", head, minutes, minutes, minutes, [Resource.Hands]) { With = head };

    private static SchedulingProblem Of(Job[] jobs, Link[] links, int pairs, Rest? rest = null) =>
        new(jobs, links, new Dictionary<Resource, int>())
        {
            Pairs = [.. Enumerable.Range(0, pairs).Select(pair => new PairOfHands($"Pair {pair}"))],
            Rests = rest is null
                ? new Dictionary<string, Rest>()
                : Enumerable.Range(0, pairs).ToDictionary(pair => $"Pair {pair}", _ => rest),
        };

    [Fact]
    public void What_follows_one_another_takes_as_long_as_that()
    {
        var problem = Of(
            [Work("a", "on", 10), new Job("a/works", "a", 20, 30, 60, []) { With = "a" }, Work("a", "off", 5)],
            [new("a/on", "a/works", 2, 5), new("a/works", "a/off")],
            2
        );
        Assert.Equal((47, 47), (new LeastEnd(problem, rests: true).OfAll(), new LeastEnd(problem, rests: true).Of("a")));
        // Towards an hour the wait may be shorter.
        Assert.Equal(37, new LeastEnd(problem with { Deadline = 40 }, rests: true).OfAll());
        Assert.Equal(0, new LeastEnd(problem, rests: true).Of("b"));
    }

    [Fact]
    public void All_hands_together_do_the_work_before_what_follows_the_last_of_it()
    {
        // 130 minutes for two, and each of the four is dried for 40 behind it.
        Job[] jobs =
        [
            .. Enumerable
                .Range(0, 4)
                .SelectMany(n => (Job[])[Work($"{n}", "wash", n == 0 ? 40 : 30), new Job($"{n}/dry", $"{n}", 40, 40, 40, [])]),
        ];
        var problem = Of(jobs, [.. Enumerable.Range(0, 4).Select(n => new Link($"{n}/wash", $"{n}/dry"))], 2);
        Assert.Equal(65 + 40, new LeastEnd(problem, rests: true).OfAll());
        // One that is not dried does not keep the others.
        Assert.Equal(65 + 40, new LeastEnd(problem with { Jobs = [.. problem.Jobs, Work("4", "trim", 10)] }, rests: true).OfAll());
    }

    [Fact]
    public void Breaks_between_stretches_come_on_top()
    {
        // 240 minutes are four stretches of an hour; two pairs have a break each.
        var rest = new Rest(60, 10);
        Job[] jobs = [.. Enumerable.Range(0, 12).Select(n => Work($"{n}", "do", 20))];
        Assert.Equal(120, new LeastEnd(Of(jobs, [], 2), rests: true).OfAll());
        Assert.Equal(130, new LeastEnd(Of(jobs, [], 2, rest), rests: true).OfAll());
        Assert.Equal(120, new LeastEnd(Of(jobs, [], 2, rest), rests: false).OfAll());
        Assert.Equal(240 + 30, new LeastEnd(Of(jobs, [], 1, rest), rests: true).OfAll());
        // 80 in one go are one stretch, and 40 more make a second: a break between them for one pair, none for two.
        Job[] braids = [Work("a", "braid", 80), Work("b", "1", 40)];
        Assert.Equal(130, new LeastEnd(Of(braids, [], 1, rest), rests: true).OfAll());
        Assert.Equal(80, new LeastEnd(Of(braids, [], 2, rest), rests: true).OfAll());
    }

    [Fact]
    public void What_is_short_may_be_done_in_the_waits_of_something_long()
    {
        // 35 + 5 + 35 in one go, and five minutes fit in between: one stretch, no break.
        var rest = new Rest(60, 10);
        var problem = Of([Work("a", "1", 35), Work("a", "2", 35), Work("b", "mix", 5)], [new("a/1", "a/2", 5, 5)], 1, rest);
        Assert.Equal(75, new LeastEnd(problem, rests: true).OfAll());
        Assert.Equal(75, new CpSatScheduler().Solve(problem)!.Span);
    }
}
