using Kamuri.Core.Planning.Household;
using Kamuri.Core.Running;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Tests.Running;

/// <summary>
/// A running day around who and what is away: what waits for it, what is said where it cannot, and orders that keep to it.
/// </summary>
public class AwayTests
{
    private static readonly BreakFigures Breaks = new() { LongestAtWork = 240 };

    private static Guid Id(int n) => new(n, 0, 0, new byte[8]);

    private static DateTimeOffset At(double minutes) => Given.Noon.AddMinutes(minutes);

    private static SessionTask Work(string head, string id, double start, double minutes, params Resource[] uses) =>
        new($"{head}/{id}", null, head, $"Task {id}", true, 0, null, "", [Resource.Hands, .. uses], start, minutes) { By = "You" };

    private static NotThere Away(string who, double from, double? to = null) => new(who, null, At(from), to is { } end ? At(end) : null);

    /// <summary>One pair of hands, Ada's rinse of 20 and then Bo's combing of 30, each for itself.</summary>
    private static SessionPlan Plan(params NotThere[] away) =>
        new()
        {
            Heads = [new("1", Id(1), "Ada", "", "") { Sections = [] }, new("2", Id(2), "Bo", "", "") { Sections = [] }],
            NotThere = away,
            PlannedStart = Given.Noon,
            PlannedEnd = At(50),
            Steps = [],
            Tasks = [Work("1", "rinse", 0, 20, Resource.Shower), Work("2", "comb", 20, 30)],
            Links = [],
        };

    private static SessionState Begun(SessionPlan plan, params SessionEvent[] events) =>
        SessionFold.Fold(plan, [new SessionStarted(Id(90), Given.Noon), .. events]);

    private static SessionMoment Moment(SessionPlan plan, double now = 0, params SessionEvent[] events) =>
        SessionTiming.At(plan, Begun(plan, events), At(now));

    private static (double Start, double End) Of(SessionMoment moment, string task) =>
        ((moment.Times[task].Start - Given.Noon).TotalMinutes, (moment.Times[task].End - Given.Noon).TotalMinutes);

    [Fact]
    public void Nobody_away_is_nobody_waited_for()
    {
        var moment = Moment(Plan());
        Assert.Equal(((0, 20), (20, 50)), (Of(moment, "1/rinse"), Of(moment, "2/comb")));
        Assert.Empty(moment.Beyond);
        Assert.Null(moment.Hands[0].Keeping);
    }

    [Fact]
    public void A_shower_that_others_come_into_is_out_of_the_way_before_they_come()
    {
        // Twenty minutes from noon would run into them at ten past; Bo keeps his place behind Ada.
        var plan = Plan(new NotThere(null, Resource.Shower, At(10), At(40)));
        var moment = Moment(plan);
        Assert.Equal(((40, 60), (60, 90)), (Of(moment, "1/rinse"), Of(moment, "2/comb")));
        // At noon nobody is in it yet; at a quarter past somebody is.
        Assert.Null(moment.Hands[0].Keeping);
        var later = Moment(plan, 15);
        Assert.Equal(At(40), later.Hands[0].NextFrom);
        Assert.Equal("The shower is in use until 12:40.", SessionAbsences.Sentence(plan, later.Hands[0].Keeping!, At(15)));
        // It fits in front of them where it is over when they come.
        Assert.Equal((0, 20), Of(Moment(Plan(new NotThere(null, Resource.Shower, At(20), At(40)))), "1/rinse"));
    }

    [Fact]
    public void Where_one_of_two_showers_is_taken_the_other_is_washed_in()
    {
        // Two pairs of hands and two showers; somebody comes into one of them at 20. Ada is in one for 20 minutes, Bo in the other for 30.
        SessionPlan Of(int showers, params NotThere[] away) =>
            Plan(away) with
            {
                Hands = ["You", "Bea"],
                Capacity = new Dictionary<Resource, int> { [Resource.Shower] = showers },
                Tasks = [Work("1", "rinse", 0, 20, Resource.Shower), Work("2", "comb", 0, 30, Resource.Shower) with { By = "Bea" }],
            };
        SessionEvent[] both = [new TaskStarted(Id(1), At(0), "1/rinse"), new TaskStarted(Id(2), At(0), "2/comb")];
        var taken = new NotThere(null, Resource.Shower, At(20), At(60)) { Left = 1 };
        var plan = Of(2, taken);
        Assert.Equal(((0, 20), (0, 30)), (AwayTests.Of(Moment(plan), "1/rinse"), AwayTests.Of(Moment(plan), "2/comb")));
        Assert.Empty(Moment(plan, 5, both).Beyond);
        Assert.Null(Moment(plan, 25, both[1]).Hands[0].Keeping);
        // Five minutes late, Ada's would still be going on when they come: it waits for them to be out. Bo's shower is the other one.
        var late = Moment(plan, 5, both[1]);
        Assert.Equal(((60, 80), (0, 30)), (AwayTests.Of(late, "1/rinse"), AwayTests.Of(late, "2/comb")));
        // With both taken neither fits in front of it but the shorter.
        Assert.Equal(
            ((0, 20), (60, 90)),
            (
                AwayTests.Of(Moment(Of(2, taken with { Left = 0 })), "1/rinse"),
                AwayTests.Of(Moment(Of(2, taken with { Left = 0 })), "2/comb")
            )
        );
    }

    [Fact]
    public void A_head_that_is_away_is_waited_for_and_said()
    {
        var plan = Plan(Away("2", 0, 45));
        var moment = Moment(plan, 21, new TaskStarted(Id(1), At(0), "1/rinse"), new TaskDone(Id(2), At(20), "1/rinse"));
        Assert.Equal((45, 75), Of(moment, "2/comb"));
        Assert.Equal(("2/comb", At(45)), (moment.Hands[0].Next!.Id, moment.Hands[0].NextFrom));
        Assert.Equal("Bo is away until 12:45.", SessionAbsences.Sentence(plan, moment.Hands[0].Keeping!, At(21)));
        // So too where the plan placed it at the minute he is back.
        var placed = plan with { Tasks = [plan.Tasks[0], plan.Tasks[1] with { NotBefore = At(45) }] };
        Assert.Equal(
            "2",
            Moment(placed, 21, new TaskStarted(Id(1), At(0), "1/rinse"), new TaskDone(Id(2), At(20), "1/rinse")).Hands[0].Keeping?.Who
        );
        // Whoever comes home early is begun early: what is pressed is what happened.
        Assert.Equal(30, Of(Moment(plan, 30, new TaskStarted(Id(1), At(30), "2/comb")), "2/comb").Start);
    }

    [Fact]
    public void Who_leaves_finishes_what_is_in_hand_and_begins_nothing_new()
    {
        // Away from a quarter past to one: the rinse goes on to twenty past, the combing waits.
        var plan = Plan(Away("You", 15, 60));
        var moment = Moment(plan);
        Assert.Equal(((0, 20), (60, 90)), (Of(moment, "1/rinse"), Of(moment, "2/comb")));
        var needed = Assert.Single(moment.Beyond);
        Assert.Equal("You are away from 12:15 but needed until 12:20.", SessionAbsences.Sentence(plan, needed, Given.Noon));
        Assert.Equal(
            "You are away until 13:00.",
            SessionAbsences.Sentence(plan, Moment(plan, 25, new TaskSkipped(Id(1), At(24), "1/rinse")).Hands[0].Keeping!, At(25))
        );
    }

    [Fact]
    public void A_mask_is_not_put_on_before_it_could_be_rinsed_off()
    {
        // Five minutes to put on, 20 to 30 to stay, five to rinse; the shower is taken from 20 to an hour. On at once, it would stay on
        // for 55.
        SessionPlan Mask(params SessionTask[] between) =>
            Plan(new NotThere(null, Resource.Shower, At(20), At(60))) with
            {
                Tasks =
                [
                    Work("1", "mask", 0, 5),
                    new("1/mask.wait", null, "1", "Mask", false, 0, new Window(20, 20, 30), "", [], 5, 20, Substance.Conditioner),
                    .. between,
                    Work("1", "rinse", 60, 5, Resource.Shower),
                ],
                Links = [new("1/mask", "1/mask.wait", 0, 0), new("1/mask.wait", "1/rinse", 0, 0)],
                PlannedEnd = At(65),
            };
        var moment = Moment(Mask());
        Assert.Equal(((25, 30), (30, 50), (60, 65)), (Of(moment, "1/mask"), Of(moment, "1/mask.wait"), Of(moment, "1/rinse")));
        Assert.Equal(0, moment.OverMinutes);
        Assert.Equal(("1/mask", At(25)), (moment.Hands[0].Next!.Id, moment.Hands[0].NextFrom));
        // On already, it stays on, and that is known.
        Assert.Equal(25, Moment(Mask(), 6, new TaskStarted(Id(1), At(0), "1/mask"), new TaskDone(Id(2), At(5), "1/mask")).OverMinutes);
        // Where hands have 40 minutes of something else in between, beginning later only makes it later: then it is begun at once.
        var tight = Moment(Mask(Work("2", "comb", 5, 40)));
        Assert.Equal(((0, 5), (5, 45), (60, 65)), (Of(tight, "1/mask"), Of(tight, "2/comb"), Of(tight, "1/rinse")));
    }

    [Fact]
    public void Nobody_waits_for_who_sleeps_or_does_not_come_back_but_it_is_said_who_should_be_gone()
    {
        var asleep = Moment(Plan(Away("You", 10, 500) with { IsAsleep = true }));
        Assert.Equal((20, 50), Of(asleep, "2/comb"));
        Assert.Empty(asleep.Beyond);

        var plan = Plan(Away("2", 40));
        var moment = Moment(plan);
        Assert.Equal((20, 50), Of(moment, "2/comb"));
        Assert.Equal(
            "Bo has to leave at 12:40, and the work takes until 12:50.",
            SessionAbsences.Sentence(plan, Assert.Single(moment.Beyond), Given.Noon)
        );
        // Done in time, nothing is said any more; nor of a minute or two.
        Assert.Empty(Moment(plan, 39, new TaskStarted(Id(1), At(0), "2/comb"), new TaskDone(Id(2), At(38), "2/comb")).Beyond);
        Assert.Empty(Moment(Plan(Away("2", 49))).Beyond);
    }

    [Fact]
    public void A_shower_that_is_still_in_use_when_others_come_is_said()
    {
        var plan = Plan(new NotThere(null, Resource.Shower, At(20), At(60)));
        var moment = Moment(plan, 12, new TaskStarted(Id(1), At(10), "1/rinse"));
        Assert.Equal(
            "The shower is needed until 12:30 but in use by others from 12:20.",
            SessionAbsences.Sentence(plan, Assert.Single(moment.Beyond), At(12))
        );
    }

    /// <summary>Ada's two pieces of 40 before Bo's 20, whose wait of an hour begins late for nothing.</summary>
    private static SessionPlan Drifted(params NotThere[] away) =>
        Plan(away) with
        {
            Tasks =
            [
                Work("1", "a", 0, 40),
                Work("1", "c", 40, 40),
                Work("2", "b", 80, 20),
                new("2/b.wait", null, "2", "wait", false, 0, new Window(60, 60, 90), "", [], 100, 60),
                Work("2", "d", 160, 5),
            ],
            Links = [new("1/a", "1/c"), new("2/b", "2/b.wait", 0, 0), new("2/b.wait", "2/d")],
            PlannedEnd = At(165),
        };

    private static BetterOrder? Better(SessionPlan plan) => BetterOrder.Of(plan, Begun(plan), Given.Noon, new CpSatScheduler(), Breaks);

    [Fact]
    public void Another_order_keeps_to_who_is_there()
    {
        // By hand: with Bo at home, b first ends it all at 105. With Bo away until a quarter to one, a first, then b from 45 to 65, its
        // hour to 125, d to 130.
        Assert.Equal(At(105), Better(Drifted())!.EndsAt);
        var away = Drifted(Away("2", 0, 45));
        var better = Better(away)!;
        Assert.Equal(At(130), better.EndsAt);
        // Taken, the rest is timed as it was offered, and Bo is still not asked for before.
        var taken = SessionTiming.At(away, Begun(away, new OrderChanged(Id(9), Given.Noon, better.Order, better.Gaps)), Given.Noon);
        Assert.Equal((At(45), At(130)), (taken.Times["2/b"].Start, taken.EndsAt));
        // Away until 78, all that is gained is the two minutes b would begin sooner than at 80.
        Assert.Null(Better(Drifted(Away("2", 0, 78))));
    }

    [Fact]
    public void Another_order_makes_nobody_late_who_was_in_time()
    {
        // Ada has to be done by half past one, and is, at 80. Bo first would have her done at 105 at the latest; in between she is at 100.
        var hour = Drifted() with
        {
            Heads = [new("1", Id(1), "Ada", "", "") { Sections = [], ReadyBy = At(80) }, new("2", Id(2), "Bo", "", "") { Sections = [] }],
        };
        Assert.Null(Better(hour));
        var roomy = Drifted() with
        {
            Heads = [new("1", Id(1), "Ada", "", "") { Sections = [], ReadyBy = At(100) }, new("2", Id(2), "Bo", "", "") { Sections = [] }],
        };
        var better = Better(roomy)!;
        Assert.True(
            SessionTiming.At(roomy, Begun(roomy, new OrderChanged(Id(9), Given.Noon, better.Order, better.Gaps)), Given.Noon).Ends["1"]
                <= At(100)
        );
    }

    [Fact]
    public void Somebody_in_time_again_is_worth_another_order_though_it_ends_no_sooner()
    {
        // Two pieces of 40, Ada's first; Bo has to leave at ten to one.
        var plan = Plan() with
        {
            Heads = [new("1", Id(1), "Ada", "", "") { Sections = [] }, new("2", Id(2), "Bo", "", "") { Sections = [], ReadyBy = At(50) }],
            Tasks = [Work("1", "a", 0, 40), Work("2", "b", 40, 40)],
            PlannedEnd = At(80),
        };
        var better = Better(plan)!;
        Assert.Equal((OrderGain.Hours, 30.0, At(80)), (better.For, better.GainMinutes, better.EndsAt));
        Assert.Equal("A different order would be 30\u00a0min less late: “Task b” on Bo next.", better.Sentence(plan, Given.Noon));
        Assert.Equal(
            8,
            BetterOrder.Asks(
                Moment(plan) with
                {
                    Drifts = new Dictionary<string, double> { ["1"] = 3, ["2"] = 40 },
                }
            )
        );
    }

    /// <summary>
    /// A mask that counts on Ada since ten past, for 20 to 60 minutes; planned to come off behind 40 minutes of Bo, who is there from
    /// one on, and dries for eight hours afterwards.
    /// </summary>
    private static SessionPlan Masked(params NotThere[] away) =>
        Plan([Away("2", 0, 60), .. away]) with
        {
            Tasks =
            [
                Work("1", "mask", 0, 10),
                new("1/mask.wait", null, "1", "Mask", false, 0, new Window(20, 30, 60), "", [], 10, 30, Substance.Conditioner),
                Work("2", "comb", 60, 40),
                Work("1", "rinse", 100, 6, Resource.Shower),
                new("2/dry", null, "2", "Drying", false, 0, new Window(480, 480, 600), "", [], 100, 480),
            ],
            Links = [new("1/mask", "1/mask.wait", 0, 0), new("1/mask.wait", "1/rinse", 0, 0), new("2/comb", "2/dry", 0, 0)],
            PlannedEnd = At(580),
        };

    [Fact]
    public void A_mask_comes_off_before_somebody_who_is_not_there_yet()
    {
        SessionEvent[] on = [new TaskStarted(Id(1), At(0), "1/mask"), new TaskDone(Id(2), At(10), "1/mask")];
        var plan = Masked();
        var state = SessionFold.Fold(plan, [new SessionStarted(Id(90), Given.Noon), .. on]);
        // As the order stands it comes off at 100, half an hour behind its latest at 70.
        Assert.Equal(30, Moment(plan, 15, on).OverMinutes);
        Assert.NotEqual(0, BetterOrder.Asks(Moment(plan, 15, on)));
        var better = BetterOrder.Of(plan, state, At(15), new CpSatScheduler(), Breaks)!;
        Assert.Equal((OrderGain.Waits, 30.0, At(580)), (better.For, better.GainMinutes, better.EndsAt));
        Assert.Equal(
            "A different order would leave products on 30\u00a0min less beyond their limit: “Task rinse” on Ada next.",
            better.Sentence(plan, At(15))
        );

        // With the shower taken until 62 it comes off behind that, and Bo from 68 on: all of it is over eight minutes later.
        BetterOrder? Behind(double free)
        {
            var taken = Masked(new NotThere(null, Resource.Shower, At(20), At(free)));
            return BetterOrder.Of(
                taken,
                SessionFold.Fold(taken, [new SessionStarted(Id(90), Given.Noon), .. on]),
                At(15),
                new CpSatScheduler(),
                Breaks
            );
        }

        var later = Behind(62)!;
        Assert.Equal((OrderGain.Waits, 30.0, 8.0, At(588)), (later.For, later.GainMinutes, later.EndsLater, later.EndsAt));
        Assert.Contains(" It ends 8\u00a0min later.", later.Sentence(plan, At(15)), StringComparison.Ordinal);
        // Until 75 it comes off five minutes late and Bo is begun at 81, which is worth its 21 minutes; until 90 it is 20 less for 36.
        Assert.Equal((25.0, 21.0), (Behind(75)!.GainMinutes, Behind(75)!.EndsLater));
        Assert.Null(Behind(90));
        // Nothing is left on where the rinse is next as it is.
        Assert.Equal(0, Moment(plan, 15, [.. on, new TaskSkipped(Id(3), At(15), "2/comb")]).OverMinutes);
    }

    [Fact]
    public void A_child_gets_its_pause_in_another_order_too()
    {
        var plan = Drifted() with
        {
            Heads = [new("1", Id(1), "Ada", "", "") { Sections = [], PauseAfter = 45 }, new("2", Id(2), "Bo", "", "") { Sections = [] }],
        };
        var better = Better(plan)!;
        var (a, c) = (better.Order.Single(each => each.Task == "1/a"), better.Order.Single(each => each.Task == "1/c"));
        Assert.True(c.Start - (a.Start + 40) >= Breaks.ChildPauseMinutes, $"{c.Start - a.Start - 40} min between");
    }

    [Fact]
    public void What_is_away_goes_with_the_session_from_its_plan()
    {
        var child = new HeadOfDay(Given.Request()) { Present = [new Between(At(0), At(300))], PauseAfter = 30 };
        var other = new HeadOfDay(Given.Request() with { Head = Given.Head() with { Id = Id(7), Name = "Bo" } });
        var plan = new HouseholdPlanner(new CpSatScheduler()).Make(
            new HouseholdRequest
            {
                Heads = [child, other],
                Hands = [new HelpingHands("Ama") { Away = [new Between(At(60), At(90))] }],
                When = new Kamuri.Core.Composing.When(Given.Noon),
                Taken = [new Taken(Resource.Shower, new Between(At(120), At(150)))],
            },
            Given.Figures
        );
        var session = SessionPlan.From(plan);
        Assert.Equal(plan.NotThere, session.NotThere);
        Assert.Contains(session.NotThere, each => each.Who == "Ama" && each.From == At(60) && each.To == At(90));
        Assert.Contains(session.NotThere, each => each.What == Resource.Shower && each.From == At(120) && each.To == At(150));
        Assert.Equal(plan.Beyond.Count == 0, session.NotThere.Any(each => each.Who == "1" && each.To is null));
        Assert.Equal((30, null), (session.Heads[0].PauseAfter, session.Heads[1].PauseAfter));
        // Begun as planned, nothing is timed otherwise than it was placed.
        var moment = SessionTiming.At(session, SessionFold.Fold(session, [new SessionStarted(Id(1), plan.Start)]), plan.Start);
        Assert.Equal(plan.End, moment.EndsAt);
    }
}
