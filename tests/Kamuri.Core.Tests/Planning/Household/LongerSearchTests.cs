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
        Assert.Equal(new LongerSearch(false, "No better plan was found."), found);
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
        Assert.Equal(new LongerSearch(true, "No better plan exists: this is now proven."), found);
    }

    [Theory]
    [InlineData(false, "Found a plan that keeps waits 2\u00a0min closer to their usual length in total.")]
    [InlineData(true, "Found a plan in which no wait is cut by more than half of what it can spare.")]
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
        Assert.Contains("No plan can finish sooner with one pair of hands.", Told.Of(proven), StringComparison.Ordinal);
        Assert.DoesNotContain("without a break", Told.Of(proven), StringComparison.Ordinal);
        var open = Made(schedule => schedule with { Proven = false, LowerBound = schedule.Span - 30 });
        Assert.Contains(". This one finishes at ", Told.Of(open), StringComparison.Ordinal);
        Assert.Contains(
            " You work for 1\u00a0h\u00a050 without a break. Ada works for 40\u00a0min without a break.",
            Told.Of(open with { WithoutRest = [("You", 110), ("Ada", 40)], InOneGo = [] }),
            StringComparison.Ordinal
        );
        Assert.Contains(
            " Long without a break: Tool detangle on Ada (1\u00a0h\u00a050) and Box braids on Yaw (3\u00a0h). Rest "
                + "between sections; the plan leaves no time for it.",
            Told.Of(proven with { InOneGo = [("Tool detangle", "Ada", 110), ("Box braids", "Yaw", 180)] }),
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
        Assert.Contains("No plan is less late with one pair of hands.", Told.Of(late), StringComparison.Ordinal);
        Assert.Contains(
            "No plan is less late with one pair of hands.",
            Told.Of(late with { Proven = false, LeastLate = 20 }),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "No plan with one pair of hands is less than 5\u00a0min late, all heads added up. This one is 20\u00a0min late.",
            Told.Of(late with { Proven = false, LeastLate = 5 }),
            StringComparison.Ordinal
        );
        Assert.Contains("No plan can be shorter than ", Told.Of(late with { Proven = false, LeastLate = 0 }), StringComparison.Ordinal);
        var first = proven.Heads[0];
        var shortened = proven with { MinutesShortened = 3 };
        Assert.Contains(
            "No plan with one pair of hands is in time and keeps waits closer to their usual length.",
            Told.Of(shortened),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "In time. There may be a plan with waits closer to their usual length.",
            Told.Of(shortened with { Proven = false }),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "No plan with one pair of hands is in time with every wait at its usual length. Here no wait is cut by more "
                + "than half of what it can spare.",
            Told.Of(shortened with { MayBeCloser = true }),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "No plan with one pair of hands is in time unless some wait is cut by more than half of what it can spare.",
            Told.Of(shortened with { MayBeCloser = true, IsGentle = false }),
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
            $"Tight: on most such days this ends late for {first.Plan.Request.Head.Name}. ",
            Told.Of(tight),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "ends late for Oriel and Bram. ",
            Told.Of(tight with { Heads = [.. tight.Heads.Select(head => head with { ChanceInTime = 0.2 })] }),
            StringComparison.Ordinal
        );
        Assert.DoesNotContain(
            "Tight:",
            Told.Of(late with { Heads = [.. late.Heads.Select(head => head with { ChanceInTime = 0.2 })] }),
            StringComparison.Ordinal
        );

        // One hour for all: the last of them counts, and nothing is added up.
        var hour = late with { Request = late.Request with { When = late.Request.When with { ReadyBy = late.End.AddMinutes(-15) } } };
        hour = hour with { Heads = [.. hour.Heads.Select(head => head with { Wanted = hour.Request.When.ReadyBy })] };
        Assert.Equal(15, hour.MinutesLate);
        Assert.Contains(
            "No plan with one pair of hands is less than 5\u00a0min late. This one is 15\u00a0min late.",
            Told.Of(hour with { Proven = false, LeastLate = 5 }),
            StringComparison.Ordinal
        );
    }
}
