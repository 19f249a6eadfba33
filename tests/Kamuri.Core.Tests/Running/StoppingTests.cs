using Kamuri.Core.Composing;
using Kamuri.Core.Learning;
using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Running;
using Kamuri.Core.Running.Mishaps;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using TaskStatus = Kamuri.Core.Running.TaskStatus;

namespace Kamuri.Core.Tests.Running;

/// <summary>Stopping in the middle of a day, with one head or several, and going on the next.</summary>
public class StoppingTests
{
    private static readonly SessionPlan Plan = SessionPlan.From(Given.Plan(Given.Request()));
    private static readonly SessionPlan Two = SessionPlan.From(
        new HouseholdPlanner(new CpSatScheduler()).Make(
            new HouseholdRequest
            {
                Heads =
                [
                    new(Given.Request(Aim.Moisture, EndStyle.Bun)),
                    new(
                        Given.Request(
                            Aim.Quick,
                            EndStyle.Bun,
                            Given.Head(25) with
                            {
                                Id = Guid.Parse("11111111-0000-0000-0000-000000000002"),
                                Name = "Bo",
                            }
                        )
                    ),
                ],
                Hands = [new HelpingHands("Ama")],
                When = new When(Given.Noon),
            },
            Given.Figures
        )
    );

    private static readonly MishapSurroundings Around = new(new MishapFigures(), _ => [], Given.Noon.AddHours(10));

    private static Guid Id(int n) => new(n, 0, 0, new byte[8]);

    private static DateTimeOffset Start(SessionPlan plan, SessionTask task) => plan.PlannedStart.AddMinutes(task.PlannedStart);

    /// <summary>As planned, until a task is in hand.</summary>
    private static List<SessionEvent> InHand(SessionPlan plan, SessionTask task) =>
        [
            new SessionStarted(Id(0), plan.PlannedStart),
            .. plan
                .Tasks.Select((each, n) => (each, n))
                .Where(pair => pair.each.IsHandsOn && pair.each.PlannedStart < task.PlannedStart)
                .SelectMany(pair =>
                    new SessionEvent[]
                    {
                        new TaskStarted(Id(100 + pair.n), Start(plan, pair.each), pair.each.Id),
                        new TaskDone(Id(500 + pair.n), Start(plan, pair.each).AddMinutes(pair.each.PlannedMinutes), pair.each.Id),
                    }
                ),
            new TaskStarted(Id(1), Start(plan, task), task.Id),
        ];

    private static Way Stop(
        SessionPlan plan,
        List<SessionEvent> events,
        DateTimeOffset now,
        Mishap mishap = Mishap.CalledAway,
        int head = 0,
        string way = "stop"
    ) => MishapAdvice.For(plan, SessionFold.Fold(plan, events), now, mishap, plan.Heads[head], Around).Ways.Single(each => each.Id == way);

    private static SessionEvent Take(Way way, DateTimeOffset now, string head = "head") =>
        new MishapHandled(Id(900), now, head, Mishap.CalledAway, way.Label, way.Changes, null, []);

    private static SessionTask Next(SessionPlan plan, List<SessionEvent> events, DateTimeOffset now) =>
        SessionTiming.At(plan, SessionFold.Fold(plan, events), now).Hands[0].Next!;

    private static SessionTask Of(SessionPlan plan, string kind, string strand = "head") =>
        plan.Tasks.First(task => task.IsHandsOn && task.Strand == strand && task.StepIds.Any(step => SessionPlan.KindOf(step)!.Id == kind));

    /// <summary>Does what comes next, as planned.</summary>
    private static DateTimeOffset Do(SessionPlan plan, List<SessionEvent> events, SessionTask next, DateTimeOffset now)
    {
        events.Add(new TaskStarted(Guid.NewGuid(), now, next.Id));
        now = now.AddMinutes(next.PlannedMinutes);
        Assert.Null(SessionCommands.Check(plan, SessionFold.Fold(plan, events), new TaskDone(Id(990), now, next.Id), now));
        events.Add(new TaskDone(Guid.NewGuid(), now, next.Id));
        return now;
    }

    /// <summary>Finishes what is in hand, else does what comes next; null when there is nothing.</summary>
    private static DateTimeOffset? GoOn(SessionPlan plan, List<SessionEvent> events, DateTimeOffset now)
    {
        var hands = SessionTiming.At(plan, SessionFold.Fold(plan, events), now).Hands[0];
        if (hands.Doing is { } doing)
        {
            events.Add(new TaskDone(Guid.NewGuid(), now.AddMinutes(1), doing.Id));
            return now.AddMinutes(1);
        }

        return hands.Next is { } next ? Do(plan, events, next, now) : null;
    }

    [Fact]
    public void Work_in_hand_is_put_aside_and_gone_on_with_the_next_day()
    {
        var style = Plan.Tasks.Last(task =>
            task is { IsHandsOn: true, Sections: > 2 } && task.StepIds.All(step => SessionPlan.KindOf(step)!.Removes == Removal.None)
        );
        var events = InHand(Plan, style);
        var section = style.PlannedMinutes / style.Sections;
        events.AddRange([
            new SectionDone(Id(2), Start(Plan, style).AddMinutes(section), style.Id, 1),
            new SectionDone(Id(3), Start(Plan, style).AddMinutes(2 * section), style.Id, 2),
        ]);
        var now = Start(Plan, style).AddMinutes(2 * section);
        var way = Stop(Plan, events, now);
        Assert.Equal($"Put aside: {style.Title.Split(',')[0]}. 2 of {style.Sections} sections are done.", way.Sentences[1]);
        events.Add(Take(way, now));

        // The big button asks for no section any more: the hair is put up, and that is the end of the day.
        Assert.Null(SessionTiming.At(Plan, SessionFold.Fold(Plan, events), now).Hands[0].Doing);
        now = Do(Plan, events, Next(Plan, events, now), now);
        Assert.Equal(now, way.PutUpAt!.Value, TimeSpan.FromMilliseconds(1));
        var parked = SessionFold.Fold(Plan, events);
        Assert.Equal((SessionStatus.Paused, now), (parked.Status, parked.Parked!.At));
        var drift = SessionTiming.At(Plan, parked, now).DriftMinutes;
        Assert.Equal(Around.Figures.ParkMinutes, drift, 1e-6);
        Assert.Equal(drift, SessionTiming.At(Plan, parked, now.AddHours(9)).DriftMinutes, 1e-6);

        // A night is no part of how long the day takes.
        var tomorrow = now.AddHours(18);
        events.Add(new SessionResumed(Id(4), tomorrow));
        now = Do(Plan, events, Next(Plan, events, tomorrow), tomorrow);
        Assert.Equal(style.Id, Next(Plan, events, now).Id);
        events.Add(new TaskStarted(Id(5), now, style.Id));
        for (var n = 3; n <= style.Sections; n++)
        {
            now = now.AddMinutes(section);
            events.Add(new SectionDone(Id(10 + n), now, style.Id, n));
        }

        var state = SessionFold.Fold(Plan, events);
        Assert.Equal(TaskStatus.Done, state.Task(style.Id).Status);
        Assert.Equal(Around.Figures.ParkMinutes + 4, SessionTiming.At(Plan, state, now).DriftMinutes, 1e-6);
        events.Add(new SessionFinished(Id(6), now, new Ratings(), null));
        var review = LookBack.On(Plan, SessionFold.Fold(Plan, events));
        var again = review.Tasks.Single(task => task.Id == style.Id);
        Assert.Equal(
            (style.PlannedMinutes, "put aside and resumed later", Start(Plan, style)),
            (Math.Round(again.ActualMinutes!.Value, 6), again.Remark, again.Start)
        );
        Assert.Equal((now - Plan.PlannedStart).TotalMinutes - (18 * 60), review.ActualMinutes, 1e-6);
    }

    [Fact]
    public void Work_put_aside_that_nobody_goes_on_with_was_done_as_far_as_it_was()
    {
        var style = Plan.Tasks.Last(task => task is { IsHandsOn: true, Sections: > 2 });
        var events = InHand(Plan, style);
        var now = Start(Plan, style).AddMinutes(6);
        events.Add(Take(Stop(Plan, events, now), now));
        now = Do(Plan, events, Next(Plan, events, now), now);
        events.Add(new SessionFinished(Id(6), now.AddHours(12), new Ratings(), null));
        var review = LookBack.On(Plan, SessionFold.Fold(Plan, events));
        var left = review.Tasks.Single(task => task.Id == style.Id);
        Assert.Equal((6.0, "put aside and not resumed"), (left.ActualMinutes!.Value, left.Remark));
        // Finished in the morning, the night is still no part of it.
        Assert.Equal((now - Plan.PlannedStart).TotalMinutes, review.ActualMinutes, 1e-6);
    }

    [Fact]
    public void Half_of_what_must_come_off_comes_off_and_is_not_put_on_later()
    {
        var prePoo = Of(Plan, "pre-poo");
        var events = InHand(Plan, prePoo);
        var now = Start(Plan, prePoo).AddMinutes(3);
        var way = Stop(Plan, events, now);
        Assert.Equal("Do this first: Rinse.", way.Sentences[0]);
        Assert.StartsWith("Left out, because it comes before the rinse: Pre-poo", way.Sentences[1], StringComparison.Ordinal);
        events.Add(Take(way, now));
        Assert.Equal(TaskStatus.Skipped, SessionFold.Fold(Plan, events).Task(prePoo.Id).Status);
        Assert.Equal("rinse", Next(Plan, events, now).StepId);
        now = Do(Plan, events, Next(Plan, events, now), now);
        Do(Plan, events, Next(Plan, events, now), now);
        Assert.NotNull(SessionFold.Fold(Plan, events).Parked);
    }

    [Fact]
    public void A_rinse_in_hand_is_finished_first()
    {
        var rinse = Of(Plan, "rinse");
        var events = InHand(Plan, rinse);
        var now = Start(Plan, rinse).AddMinutes(1);
        var way = Stop(Plan, events, now);
        Assert.Equal("First finish this: Rinse.", way.Sentences[0]);
        Assert.DoesNotContain(way.Changes, change => change.Kind is ChangeKind.LayDown or ChangeKind.Skip);
        events.Add(Take(way, now));
        Assert.Equal(rinse.Id, SessionTiming.At(Plan, SessionFold.Fold(Plan, events), now).Hands[0].Doing!.Id);
    }

    [Fact]
    public void With_several_heads_each_that_is_under_way_is_put_up_and_then_the_day_stops()
    {
        // Both have been begun; hands are on one of them.
        var begun = Two.Tasks.Where(task => task.IsHandsOn && Two.FindHead(task.Strand) is not null).ToList();
        var style = begun.First(task =>
            begun.Exists(other => other.Strand != task.Strand && other.PlannedStart < task.PlannedStart)
            && task.StepIds.All(step => SessionPlan.KindOf(step)!.Removes == Removal.None)
        );
        var events = InHand(Two, style);
        var now = Start(Two, style).AddMinutes(1);
        var head = Two.Heads.ToList().FindIndex(each => each.Key == style.Strand);
        var way = Stop(Two, events, now, head: head);
        Assert.Equal("Stop everything for today and continue later", way.Label);
        Assert.All(Two.Heads, each => Assert.Contains(way.Sentences, sentence => sentence.Contains(each.Name, StringComparison.Ordinal)));
        events.Add(Take(way, now, style.Strand));

        var parks = 0;
        for (var n = 0; n < 12 && SessionFold.Fold(Two, events).Parked is null; n++)
        {
            var next = Next(Two, events, now);
            parks += next.Parks ? 1 : 0;
            now = Do(Two, events, next, now);
        }

        var state = SessionFold.Fold(Two, events);
        Assert.Equal((2, now), (parks, state.Parked!.At));
        // Nothing lies on either head that may not stay there.
        Assert.All(Two.Heads, each => Assert.Empty(MishapAdvice.For(Two, state, now, Mishap.OutOfTime, each, Around).MustBeDone));
    }

    [Fact]
    public void Who_goes_away_hears_whose_treatment_calls_them_back_and_what_dries_without_them()
    {
        // A moment in which something counts on a head, and one in which hair dries.
        var waits = Two
            .Tasks.Where(task => task is { IsHandsOn: false, Window: not null } && Two.FindHead(task.Strand) is not null)
            .ToList();
        foreach (var harmless in new[] { false, true })
        {
            var wait = waits.First(task => task.IsHarmlessAfter == harmless);
            var events = InHand(Two, Two.Tasks.First(task => task.Id == Two.Links.First(link => link.To == wait.Id).From));
            var now = Start(Two, wait).AddMinutes(1);
            events.Add(new TaskDone(Id(2), Start(Two, wait), Two.Links.First(link => link.To == wait.Id).From));
            var advice = MishapAdvice.For(Two, SessionFold.Fold(Two, events), now, Mishap.CalledAway, Two.Heads[0], Around);
            var whose = $"{wait.Title.Split(',')[0]} on {Two.FindHead(wait.Strand)!.Name}";
            Assert.Contains(advice.Now, sentence =>
                harmless
                    ? sentence == $"Continues without you: {whose}."
                    : sentence.StartsWith(
                        $"Be back by {now.AddMinutes(wait.Window!.Latest - 1):HH:mm} for this: {whose}.",
                        StringComparison.Ordinal
                    )
            );
        }
    }

    [Fact]
    public void A_head_that_has_not_been_begun_is_left_alone()
    {
        var first = Two.Tasks.First(task => task.IsHandsOn && Two.FindHead(task.Strand) is not null);
        var events = InHand(Two, first);
        var way = Stop(Two, events, Start(Two, first).AddMinutes(1), head: Two.Heads.ToList().FindIndex(each => each.Key == first.Strand));
        Assert.Single(way.Changes, change => change.Work is { Parks: true });
        Assert.Equal("Stop for today and continue later", way.Label);
    }

    [Fact]
    public void Cool_water_comes_before_what_is_in_hand_and_what_stings_is_not_put_on_any_further()
    {
        var prePoo = Of(Plan, "pre-poo");
        var events = InHand(Plan, prePoo);
        var now = Start(Plan, prePoo).AddMinutes(3);
        events.Add(Take(Stop(Plan, events, now, Mishap.TooHot, way: "cool"), now));
        var cool = SessionTiming.At(Plan, SessionFold.Fold(Plan, events), now).Hands[0];
        Assert.Equal((null, "Rinse with cool water", prePoo.Id), (cool.Doing, cool.Next!.Title, cool.Then[0].Id));

        events.RemoveAt(events.Count - 1);
        events.Add(Take(Stop(Plan, events, now, Mishap.Stings, way: "off"), now));
        var stung = SessionTiming.At(Plan, SessionFold.Fold(Plan, events), now).Hands[0];
        Assert.Equal((null, "Rinse it off with cool water"), (stung.Doing, stung.Next!.Title));
        Assert.Equal(TaskStatus.Skipped, SessionFold.Fold(Plan, events).Task(prePoo.Id).Status);
    }

    [Fact]
    public void Combing_that_comes_off_with_the_mask_is_done_in_the_leave_in_the_next_day_with_what_was_done_of_it()
    {
        var comb = Of(Plan, "tool-detangle");
        var events = InHand(Plan, comb);
        var now = Start(Plan, comb).AddMinutes(6);
        events.AddRange([new SectionDone(Id(2), now, comb.Id, 1), new SectionDone(Id(3), now, comb.Id, 4)]);
        var way = Stop(Plan, events, now);
        Assert.Contains("Tool detangle comes later, in this: Leave-in. 2 of 6 sections are done.", way.Sentences);
        Assert.DoesNotContain(way.Sentences, sentence =>
            sentence.StartsWith("Left out", StringComparison.Ordinal) && sentence.Contains("detangle", StringComparison.Ordinal)
        );
        events.Add(Take(way, now));

        var done = new List<string>();
        for (var n = 0; n < 12 && done.LastOrDefault() != "Leave-in"; n++)
        {
            if (SessionFold.Fold(Plan, events).Parked is { } parked)
            {
                now = parked.At.AddHours(14);
                events.Add(new SessionResumed(Guid.NewGuid(), now));
            }

            var next = Next(Plan, events, now);
            done.Add(next.Title.Split(',')[0]);
            now = Do(Plan, events, next, now);
        }

        // There is nothing to blot or to wring out of hair that has been misted.
        Assert.Equal(["Cool rinse", "Loose twists and a cotton cloth", "Mist it again", "Leave-in"], done);
        var later = Next(Plan, events, now);
        var state = SessionFold.Fold(Plan, events);
        Assert.Equal(("tool-detangle", comb.Sections, comb.PlannedMinutes), (later.StepId, later.Sections, later.PlannedMinutes));
        Assert.Equal([1, 4], state.Task(later.Id).Sections);
        Assert.Equal(6, state.Task(later.Id).Spent, 1e-6);
        Assert.Equal(TaskStatus.Skipped, state.Task(comb.Id).Status);
        now = Do(Plan, events, later, now);
        events.Add(new SessionFinished(Id(6), now, new Ratings(), null));
        state = SessionFold.Fold(Plan, events);
        Assert.True(Assert.Single(LookBack.Outcome(Plan, state)).Detangled);
        var review = LookBack
            .On(Plan, state)
            .Tasks.Where(task => task.Title.StartsWith("Tool detangle", StringComparison.Ordinal))
            .ToList();
        Assert.Equal(
            [("put off", (double?)null), ("put aside and resumed later", 6 + comb.PlannedMinutes)],
            review.Select(task => (task.Remark!, task.ActualMinutes))
        );
    }

    [Fact]
    public void Combing_is_left_out_where_the_hair_is_combed_later_anyway()
    {
        var fingers = Of(Plan, "finger-detangle");
        var events = InHand(Plan, fingers);
        var way = Stop(Plan, events, Start(Plan, fingers).AddMinutes(2));
        Assert.DoesNotContain(way.Changes, change => change.Kind == ChangeKind.PutOff);
        Assert.Contains(way.Changes, change => change is { Kind: ChangeKind.Skip, Task: "finger-detangle" });
    }

    [Fact]
    public void Without_a_leave_in_it_is_combed_as_soon_as_it_is_misted()
    {
        var plain = Plan with
        {
            Tasks = [.. Plan.Tasks.Where(task => task.StepId != "leave-in")],
            Links = [.. Plan.Links.Where(link => link.To != "leave-in" && link.From != "leave-in")],
        };
        var comb = Of(plain, "tool-detangle");
        var events = InHand(plain, comb);
        var now = Start(plain, comb).AddMinutes(2);
        var way = Stop(plain, events, now);
        Assert.Contains("Tool detangle comes when you are back: mist the hair and comb with a little leave-in.", way.Sentences);
        events.Add(Take(way, now));
        now = Do(plain, events, Next(plain, events, now), now);
        now = Do(plain, events, Next(plain, events, now), now).AddHours(14);
        events.Add(new SessionResumed(Id(4), now));
        now = Do(plain, events, Next(plain, events, now), now);
        Assert.Equal("tool-detangle", Next(plain, events, now).StepId);
    }

    [Fact]
    public void What_was_rinsed_off_because_it_stung_need_not_come_off_again()
    {
        var prePoo = Of(Plan, "pre-poo");
        var events = InHand(Plan, prePoo);
        var now = Start(Plan, prePoo).AddMinutes(3);
        events.Add(Take(Stop(Plan, events, now, Mishap.Stings, way: "off"), now));

        // Whoever stops before it is off, takes it off first.
        var before = Stop(Plan, events, now);
        Assert.Equal("Do this first: Rinse it off with cool water.", before.Sentences[0]);
        Assert.DoesNotContain(before.Changes, change =>
            change.Kind == ChangeKind.Skip && change.Task.Contains("off", StringComparison.Ordinal)
        );

        now = Do(Plan, events, Next(Plan, events, now), now);
        var after = Stop(Plan, events, now);
        Assert.Equal("Nothing has to come off the hair first.", after.Sentences[0]);
        Assert.Empty(MishapAdvice.For(Plan, SessionFold.Fold(Plan, events), now, Mishap.OutOfTime, Plan.Heads[0], Around).MustBeDone);

        // What is put on behind that lies there again.
        var mask = Of(Plan, "deep-condition");
        events.Add(new TaskStarted(Id(700), now, mask.Id));
        Assert.NotEmpty(
            MishapAdvice.For(Plan, SessionFold.Fold(Plan, events), now.AddMinutes(1), Mishap.OutOfTime, Plan.Heads[0], Around).MustBeDone
        );
    }

    public static TheoryData<Aim, EndStyle> Kinds =>
        new()
        {
            { Aim.Moisture, EndStyle.Twists },
            { Aim.Moisture, EndStyle.WashAndGo },
            { Aim.Quick, EndStyle.Bun },
            { Aim.Reset, EndStyle.TwistOut },
            { Aim.Strength, EndStyle.Twists },
        };

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Wherever_somebody_stops_nothing_harmful_stays_on_and_the_day_can_be_ended_the_next(Aim aim, EndStyle style)
    {
        var plan = SessionPlan.From(Given.Plan(Given.Request(aim, style)));
        foreach (var task in plan.Tasks.Where(task => task.IsHandsOn && task.Strand == "head"))
        {
            var events = InHand(plan, task);
            var now = Start(plan, task).AddMinutes(Math.Min(2, task.PlannedMinutes / 2));
            events.Add(Take(Stop(plan, events, now), now));
            for (var n = 0; n < 20 && SessionFold.Fold(plan, events).Parked is null; n++)
            {
                now = GoOn(plan, events, now)!.Value;
            }

            var parked = SessionFold.Fold(plan, events);
            Assert.True(parked.Parked is not null, $"Stopped in {task.Id}: never put up.");
            Assert.Empty(MishapAdvice.For(plan, parked, now, Mishap.OutOfTime, plan.Heads[0], Around).MustBeDone);

            now = now.AddHours(14);
            events.Add(new SessionResumed(Guid.NewGuid(), now));
            var resumed = SessionFold.Fold(plan, events);
            var rest = SessionTiming.At(plan, resumed, now);
            Assert.All(plan.With(resumed).Tasks.Where(each => resumed.Task(each.Id).Status == TaskStatus.Waiting), each =>
                Assert.True(rest.Times[each.Id].Start >= now)
            );
            for (var n = 0; n < 80 && GoOn(plan, events, now) is { } then; n++)
            {
                now = then;
            }

            var ended = SessionFold.Fold(plan, events);
            Assert.Equal(
                ("", task.Id),
                (
                    string.Join(
                        " ",
                        plan.With(ended).Tasks.Where(each => each.IsHandsOn && !ended.Task(each.Id).IsOver).Select(each => each.Id)
                    ),
                    task.Id
                )
            );
            // What combs through is done on one of the two days, whatever came off in between.
            Assert.Equal(plan.Steps.Any(step => step.Detangles), LookBack.Outcome(plan, ended)[0].Detangled);
        }
    }

    [Theory]
    [InlineData(Mishap.Stings, "off")]
    [InlineData(Mishap.BitsLeft, "rinse")]
    [InlineData(Mishap.OilStays, "lift")]
    public void Water_that_was_put_in_takes_off_what_lay_there(Mishap mishap, string way)
    {
        var prePoo = Of(Plan, "pre-poo");
        var events = InHand(Plan, prePoo);
        var now = Start(Plan, prePoo).AddMinutes(prePoo.PlannedMinutes);
        events.Add(new TaskDone(Id(2), now, prePoo.Id));
        Assert.NotEmpty(MishapAdvice.For(Plan, SessionFold.Fold(Plan, events), now, Mishap.OutOfTime, Plan.Heads[0], Around).MustBeDone);
        var advice = MishapAdvice.For(Plan, SessionFold.Fold(Plan, events), now, mishap, Plan.Heads[0], Around);
        var taken = advice.Ways.Single(each => each.Id == way);
        events.Add(Take(taken, now));
        for (var n = taken.Changes.Count(change => change.Kind == ChangeKind.Insert); n > 0; n--)
        {
            now = Do(Plan, events, Next(Plan, events, now.AddSeconds(1)), now.AddSeconds(1));
        }

        Assert.Empty(MishapAdvice.For(Plan, SessionFold.Fold(Plan, events), now, Mishap.OutOfTime, Plan.Heads[0], Around).MustBeDone);
    }
}
