using CsCheck;
using Kamuri.Core.Planning;
using Kamuri.Core.Running;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Tests.Running;

/// <summary>Placing what is left of a running day anew: offered when it gains, taken as an event, never forced.</summary>
public class BetterOrderTests
{
    private static readonly CpSatScheduler Scheduler = new();
    private static readonly BreakFigures Breaks = new() { LongestAtWork = 240 };

    private static Guid Id(int n) => new(n, 0, 0, new byte[8]);

    private static SessionTask Work(string id, string strand, double start, double minutes) =>
        new(id, null, strand, id, true, 0, null, "", [Resource.Hands], start, minutes);

    private static SessionTask Wait(string id, string strand, double start, double minutes) =>
        new(id, null, strand, id, false, 0, new Window(minutes, minutes, minutes + 30), "", [], start, minutes);

    /// <summary>
    /// Two heads, one pair of hands. As planned: a 10, then b 20, then a again 10 behind its wait of 15; then b again 5 behind a wait
    /// of 60.
    /// </summary>
    private static SessionPlan Plan(double waitOfOne) =>
        new()
        {
            Heads = [new("1", Id(1), "Ada", "", "") { Sections = [] }, new("2", Id(2), "Bo", "", "") { Sections = [] }],
            PlannedStart = Given.Noon,
            PlannedEnd = Given.Noon.AddMinutes(95),
            Steps = [],
            Tasks =
            [
                Work("1/a", "1", 0, 10),
                Wait("1/a.wait", "1", 10, waitOfOne),
                Work("2/b", "2", 10, 20),
                Wait("2/b.wait", "2", 30, 60),
                Work("1/c", "1", 30, 10),
                Work("2/d", "2", 90, 5),
            ],
            Links = [new("1/a", "1/a.wait", 0, 0), new("1/a.wait", "1/c"), new("2/b", "2/b.wait", 0, 0), new("2/b.wait", "2/d")],
        };

    private static SessionState Fold(SessionPlan plan, params SessionEvent[] events) =>
        SessionFold.Fold(plan, [new SessionStarted(Id(0), Given.Noon), .. events]);

    [Fact]
    public void A_good_order_is_left_alone()
    {
        // By hand: b first, 20 and its hour and 5 make 85, ten less than planned; with a first nothing is under 95 any more.
        Assert.Equal(10, BetterOrder.Of(Plan(15), Fold(Plan(15)), Given.Noon, Scheduler, Breaks)!.GainMinutes);
        // One pair of hands is told by name in a household's plan, and is one pair all the same.
        var named = Plan(15) with { Tasks = [.. Plan(15).Tasks.Select(task => task.IsHandsOn ? task with { By = "Ama" } : task)] };
        Assert.Equal(10, BetterOrder.Of(named, Fold(named), Given.Noon, Scheduler, Breaks)!.GainMinutes);
        var begun = Fold(Plan(15), new TaskStarted(Id(1), Given.Noon, "1/a"));
        Assert.Null(BetterOrder.Of(Plan(15), begun, Given.Noon, Scheduler, Breaks));
    }

    [Fact]
    public void A_break_that_is_not_needed_any_more_is_said_to_be_elsewhere()
    {
        // Fifty minutes, a break of ten, and fifty more. When Ada's first is skipped there is nothing to rest from before Bo's, whose
        // work goes on for 70.
        var plan = Plan(15) with
        {
            Tasks = [Work("1/a", "1", 0, 50), Work("2/b", "2", 60, 30), Work("2/d", "2", 90, 40)],
            Links = [new("1/a", "2/b", 10), new("2/b", "2/d")],
            PlannedEnd = Given.Noon.AddMinutes(130),
        };
        var state = Fold(plan, new TaskSkipped(Id(1), Given.Noon, "1/a"));
        var better = BetterOrder.Of(plan, state, Given.Noon, Scheduler, Breaks)!;
        Assert.Equal(
            ("The same order with breaks at other times would end 10\u00a0min sooner, at 13:10.", 10.0),
            (better.Sentence(plan, Given.Noon), better.GainMinutes)
        );
    }

    [Fact]
    public void What_holds_up_the_longest_wait_is_offered_first()
    {
        // Ada's first work took 10 min, but her next two pieces of 40 come before Bo's in the plan; Bo's wait of an hour begins late
        // for nothing.
        var plan = Plan(15) with
        {
            Tasks =
            [
                Work("1/a", "1", 0, 40),
                Work("1/c", "1", 40, 40),
                Work("2/b", "2", 80, 20),
                Wait("2/b.wait", "2", 100, 60),
                Work("2/d", "2", 160, 5),
            ],
            Links = [new("1/a", "1/c"), new("2/b", "2/b.wait", 0, 0), new("2/b.wait", "2/d")],
            PlannedEnd = Given.Noon.AddMinutes(165),
        };
        var better = BetterOrder.Of(plan, Fold(plan), Given.Noon, Scheduler, Breaks)!;
        // By hand: b at 0 to 20, its hour to 80, d to 85 among a and c, which end at 105.
        Assert.Equal((60, Given.Noon.AddMinutes(105)), (better.GainMinutes, better.EndsAt));
        Assert.Equal("A different order would end 1\u00a0h sooner, at 13:45: “2/b” on Bo next.", better.Sentence(plan, Given.Noon));

        var taken = Fold(plan, new OrderChanged(Id(9), Given.Noon, better.Order, better.Gaps));
        var moment = SessionTiming.At(plan, taken, Given.Noon);
        Assert.Equal(("2/b", better.EndsAt), (moment.Hands[0].Next!.Id, moment.EndsAt));
        Assert.Null(BetterOrder.Of(plan, taken, Given.Noon, Scheduler, Breaks));
        // Taken back, it is as it was.
        Assert.Equal(
            Given.Noon.AddMinutes(165),
            SessionTiming
                .At(
                    plan,
                    Fold(plan, new OrderChanged(Id(9), Given.Noon, better.Order, better.Gaps), new EventUndone(Id(10), Given.Noon, Id(9))),
                    Given.Noon
                )
                .EndsAt
        );
    }

    [Fact]
    public void What_is_done_otherwise_is_named_where_hands_do_the_same_next()
    {
        // The kettle comes first in any order; behind it Bo before Ada spares the hour of Bo's wait.
        var plan = Plan(15) with
        {
            Tasks =
            [
                Work("kettle", "kitchen", 0, 5),
                Work("1/a", "1", 5, 80),
                Work("2/b", "2", 85, 20),
                Wait("2/b.wait", "2", 105, 60),
                Work("2/d", "2", 165, 5),
            ],
            Links = [new("kettle", "1/a"), new("kettle", "2/b"), new("2/b", "2/b.wait", 0, 0), new("2/b.wait", "2/d")],
            PlannedEnd = Given.Noon.AddMinutes(170),
        };
        var better = BetterOrder.Of(plan, Fold(plan), Given.Noon, Scheduler, Breaks)!;
        Assert.Equal(
            "A different order would end 1\u00a0h sooner, at 13:50: “2/b” on Bo before “1/a” on Ada.",
            better.Sentence(plan, Given.Noon)
        );
    }

    [Fact]
    public void What_has_begun_goes_on_and_what_counts_is_not_cut_short()
    {
        var plan = Plan(15);
        Gen.Select(Gen.Int[0, 60], Gen.Int[0, 60])
            .Sample(
                (late, later) =>
                {
                    var state = Fold(
                        plan,
                        new TaskStarted(Id(1), Given.Noon, "1/a"),
                        new TaskDone(Id(2), Given.Noon.AddMinutes(late), "1/a")
                    );
                    var now = Given.Noon.AddMinutes(late + later);
                    if (BetterOrder.Of(plan, state, now, Scheduler, Breaks) is not { } better)
                    {
                        return;
                    }

                    var moment = SessionTiming.At(
                        plan,
                        SessionFold.Fold(
                            plan,
                            [
                                new SessionStarted(Id(0), Given.Noon),
                                new TaskStarted(Id(1), Given.Noon, "1/a"),
                                new TaskDone(Id(2), Given.Noon.AddMinutes(late), "1/a"),
                                new OrderChanged(Id(3), now, better.Order, better.Gaps),
                            ]
                        ),
                        now
                    );
                    Assert.Equal(better.EndsAt, moment.EndsAt);
                    Assert.True(better.GainMinutes >= BetterOrder.Worth);
                    Assert.True(moment.Times["1/c"].Start >= Given.Noon.AddMinutes(late + 15));
                },
                iter: Thorough.Runs(15, 60)
            );
    }
}
