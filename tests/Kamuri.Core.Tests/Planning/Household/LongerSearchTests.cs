using Kamuri.Core.Composing;
using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Scheduling;

namespace Kamuri.Core.Tests.Planning.Household;

public class LongerSearchTests
{
    private static readonly HouseholdRequest Asked = new()
    {
        Heads = [Named("Oriel", 20), Named("Bram", 14)],
        Hands = [new("Ama")],
        When = new When(Given.Noon),
    };

    private static HeadOfDay Named(string name, double centimetres) =>
        new(Given.Request(Aim.Quick, EndStyle.Bun, Given.Head(centimetres) with { Id = Guid.NewGuid(), Name = name }));

    /// <summary>A scheduler that has one answer for everything.</summary>
    private sealed class Slowly(Func<Schedule, Schedule> change) : IScheduler
    {
        private readonly CpSatScheduler _real = new();

        public Schedule? Solve(SchedulingProblem problem) => _real.Solve(problem) is { } schedule ? change(schedule) : null;
    }

    private static Schedule Delayed(Schedule schedule, int minutes) =>
        schedule with
        {
            Placements =
            [
                .. schedule.Placements.Select(placed => placed with { Start = placed.Start + minutes, End = placed.End + minutes }),
            ],
            Span = schedule.Span + minutes,
            Proven = false,
        };

    [Fact]
    public void What_it_gains_is_told_and_there_when_the_day_is_planned_again()
    {
        var known = new KnownOrders();
        var slow = new HouseholdPlanner(new Slowly(schedule => Delayed(schedule, 12))).Make(Asked, Given.Figures);
        var shares = new List<double>();
        var found = LongerSearch.Of(slow, Given.Figures, known, shares.Add, CancellationToken.None);
        Assert.True(found.IsBetter);
        Assert.Contains("min sooner, at ", found.Sentence, StringComparison.Ordinal);
        Assert.Equal(shares.Order(), shares);
        var again = new HouseholdPlanner(new CpSatScheduler(known)).Make(Asked, Given.Figures);
        Assert.True(again.End <= slow.End.AddMinutes(-12));
    }

    [Fact]
    public void Nothing_better_is_said_so()
    {
        var known = new KnownOrders();
        LongerSearch.Of(
            new HouseholdPlanner(new CpSatScheduler()).Make(Asked, Given.Figures),
            Given.Figures,
            known,
            _ => { },
            CancellationToken.None
        );
        var best = new HouseholdPlanner(new CpSatScheduler(known)).Make(Asked, Given.Figures);
        var found = LongerSearch.Of(best, Given.Figures, known, _ => { }, CancellationToken.None);
        Assert.Equal(new LongerSearch(false, "Nothing better was found."), found);
    }

    [Fact]
    public void What_it_proves_is_worth_taking()
    {
        var known = new KnownOrders();
        var unsure = new HouseholdPlanner(new Slowly(schedule => schedule with { Proven = false, LowerBound = 0 })).Make(
            Asked,
            Given.Figures
        );
        var found = LongerSearch.Of(unsure, Given.Figures, known, _ => { }, CancellationToken.None);
        Assert.Equal(new LongerSearch(true, "Nothing better can be found: that is proven now."), found);
    }

    [Theory]
    [InlineData(false, "A plan was found that keeps its waits 2\u00a0min closer to usual, all added up.")]
    [InlineData(true, "A plan was found in which no wait goes more than halfway to its shortest.")]
    public void Waits_that_are_kept_closer_to_usual_are_worth_taking(bool tooFar, string sentence)
    {
        Schedule Hurried(Schedule schedule)
        {
            var wait = schedule.Placements.First(placed =>
                !placed.Job.IsHandsOn && placed.Job.Usual - placed.Job.Gentle >= 2 && placed.Minutes == placed.Job.Usual
            );
            var sooner = tooFar ? wait.Job.Usual - wait.Job.Shortest : 2;
            return schedule with
            {
                Placements = [.. schedule.Placements.Select(placed => placed == wait ? placed with { End = placed.End - sooner } : placed)],
                Proven = false,
            };
        }

        var hurried = new HouseholdPlanner(new Slowly(Hurried)).Make(Asked, Given.Figures);
        Assert.Equal((tooFar, !tooFar), (hurried.MinutesShortened > 2, hurried.IsGentle));
        var found = LongerSearch.Of(hurried, Given.Figures, new KnownOrders(), _ => { }, CancellationToken.None);
        Assert.Equal(new LongerSearch(true, sentence), found);
    }

    /// <summary>Keeps what was asked of it.</summary>
    private sealed class Asking : IScheduler
    {
        public List<(SchedulingProblem Problem, Schedule Answer)> Asked { get; } = [];

        public Schedule? Solve(SchedulingProblem problem)
        {
            var answer = new CpSatScheduler().Solve(problem)!;
            Asked.Add((problem, answer));
            return answer;
        }
    }

    [Fact]
    public void What_was_proven_holds_for_the_very_same_day_and_no_other()
    {
        HeadOfDay Of(string name, double centimetres, Aim aim, EndStyle style) =>
            new(Given.Request(aim, style, Given.Head(centimetres) with { Id = Guid.NewGuid(), Name = name }));
        var three = Asked with
        {
            Heads =
            [
                Of("Oriel", 20, Aim.Quick, EndStyle.Twists),
                Of("Bram", 14, Aim.Moisture, EndStyle.Bun),
                Of("Wren", 30, Aim.Strength, EndStyle.TwistOut),
            ],
        };
        var asking = new Asking();
        var free = new HouseholdPlanner(asking).Make(three, Given.Figures);
        new HouseholdPlanner(asking).Make(three with { When = three.When with { ReadyBy = free.End.AddMinutes(-5) } }, Given.Figures);
        var (problem, answer) = asking.Asked[^1];
        var known = new KnownOrders();
        known.Keep(problem, answer with { MayBeCloser = false });
        Assert.True(answer.MayBeCloser);
        Assert.False(new CpSatScheduler(known).Solve(problem)!.MayBeCloser);
        Assert.True(new CpSatScheduler(known).Solve(problem with { Deadline = problem.Deadline - 1 })!.MayBeCloser);
    }

    [Fact]
    public void What_is_proven_what_is_not_and_who_has_no_break_are_told()
    {
        HouseholdPlan Made(Func<Schedule, Schedule> change) => new HouseholdPlanner(new Slowly(change)).Make(Asked, Given.Figures);
        var proven = Made(schedule => schedule with { Proven = true });
        Assert.Contains("No plan can finish sooner with one pair of hands.", HouseholdWords.Finish(proven), StringComparison.Ordinal);
        Assert.DoesNotContain("in one go", HouseholdWords.Finish(proven), StringComparison.Ordinal);
        var open = Made(schedule => schedule with { Proven = false, LowerBound = schedule.Span - 30 });
        Assert.Contains("; this one finishes at ", HouseholdWords.Finish(open), StringComparison.Ordinal);
        Assert.EndsWith(
            " You go on for 1\u00a0h\u00a050 in one go; no place for a break was found there. Ada goes on for 40\u00a0min in one go; no place for a break was found there.",
            HouseholdWords.Finish(open with { WithoutRest = [("You", 110), ("Ada", 40)], InOneGo = [] }),
            StringComparison.Ordinal
        );
        Assert.EndsWith(
            " Long at one go: tool detangle on Ada (1\u00a0h\u00a050) and box braids on Yaw (3\u00a0h). Rest there between two sections; these times leave none for it.",
            HouseholdWords.Finish(proven with { InOneGo = [("Tool detangle", "Ada", 110), ("Box braids", "Yaw", 180)] }),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void What_is_best_for_an_hour_is_not_called_soonest()
    {
        var proven = new HouseholdPlanner(new Slowly(schedule => schedule with { Proven = true })).Make(Asked, Given.Figures);
        var late = proven with
        {
            Heads = [proven.Heads[0] with { Wanted = proven.Heads[0].Plan.End.AddMinutes(-20) }, .. proven.Heads.Skip(1)],
        };
        Assert.Equal(20, late.MinutesLate);
        Assert.EndsWith("No plan is less late with one pair of hands.", HouseholdWords.Finish(late), StringComparison.Ordinal);
        Assert.EndsWith(
            "No plan is less late with one pair of hands.",
            HouseholdWords.Finish(late with { Proven = false, LeastLate = 20 }),
            StringComparison.Ordinal
        );
        Assert.EndsWith(
            "No plan is less than 5\u00a0min late with one pair of hands, all heads added up; this one is 20\u00a0min.",
            HouseholdWords.Finish(late with { Proven = false, LeastLate = 5 }),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "No plan is shorter than ",
            HouseholdWords.Finish(late with { Proven = false, LeastLate = 0 }),
            StringComparison.Ordinal
        );
        var first = proven.Heads[0];
        var shortened = proven with { MinutesShortened = 3 };
        Assert.EndsWith(
            "No plan that is in time keeps its waits closer to usual with one pair of hands.",
            HouseholdWords.Finish(shortened),
            StringComparison.Ordinal
        );
        Assert.EndsWith(
            "In time; whether its waits can be kept closer to usual was not proven.",
            HouseholdWords.Finish(shortened with { Proven = false }),
            StringComparison.Ordinal
        );
        Assert.EndsWith(
            "No plan is in time with one pair of hands and all waits as usual; here none goes more than halfway to its shortest. Shortening fewer minutes might do.",
            HouseholdWords.Finish(shortened with { MayBeCloser = true }),
            StringComparison.Ordinal
        );
        Assert.EndsWith(
            "No plan is in time with one pair of hands unless some wait goes more than halfway to its shortest. Shortening fewer minutes might do.",
            HouseholdWords.Finish(shortened with { MayBeCloser = true, IsGentle = false }),
            StringComparison.Ordinal
        );
        Assert.Equal((true, false), (shortened.IsSure, (shortened with { MayBeCloser = true }).IsSure));

        var tight = proven with
        {
            Heads =
            [
                first with
                {
                    Wanted = first.Plan.End,
                    ChanceInTime = 0.49,
                },
                .. proven.Heads.Skip(1).Select(head => head with { Wanted = head.Plan.End, ChanceInTime = 0.5 }),
            ],
        };
        Assert.Contains(
            $"It fits, but tightly: on most such days {first.Plan.Request.Head.Name} is later. No plan",
            HouseholdWords.Finish(tight),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "on most such days Oriel and Bram are later. ",
            HouseholdWords.Finish(tight with { Heads = [.. tight.Heads.Select(head => head with { ChanceInTime = 0.2 })] }),
            StringComparison.Ordinal
        );
        Assert.DoesNotContain(
            "tightly",
            HouseholdWords.Finish(late with { Heads = [.. late.Heads.Select(head => head with { ChanceInTime = 0.2 })] }),
            StringComparison.Ordinal
        );

        // One hour for all: the last of them counts, and nothing is added up.
        var hour = late with { Request = late.Request with { When = late.Request.When with { ReadyBy = late.End.AddMinutes(-15) } } };
        hour = hour with { Heads = [.. hour.Heads.Select(head => head with { Wanted = hour.Request.When.ReadyBy })] };
        Assert.Equal(15, hour.MinutesLate);
        Assert.EndsWith(
            "No plan is less than 5\u00a0min late with one pair of hands; this one is 15\u00a0min.",
            HouseholdWords.Finish(hour with { Proven = false, LeastLate = 5 }),
            StringComparison.Ordinal
        );
    }
}
