using CsCheck;
using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Learning;
using Kamuri.Core.Planning;
using Kamuri.Core.Running;
using Kamuri.Core.Running.Mishaps;
using Kamuri.Core.Steps;
using TaskStatus = Kamuri.Core.Running.TaskStatus;

namespace Kamuri.Core.Tests.Running;

/// <summary>What goes wrong on a wash day: the advice for this treatment at this moment, and what a chosen way does to the rest.</summary>
public class MishapTests
{
    private static readonly SessionPlan Plan = SessionPlan.From(
        Given.Plan(
            Given.Request() with
            {
                TreatmentHeat = Heat.Steamer,
                Equipment = new Equipment { Steamers = 1 },
            }
        )
    );
    private static readonly MishapSurroundings Around = new(
        new MishapFigures(),
        step => step.Id == "deep-condition" ? ["Slow Mask"] : [],
        Given.Noon.AddHours(10.5)
    );
    private static readonly SessionHead Head = Plan.Heads[0];

    private static Guid Id(int n) => new(n, 0, 0, new byte[8]);

    /// <summary>The day as planned, as far as a task has begun; with its end when it is work.</summary>
    private static List<SessionEvent> Until(string task, bool done = true)
    {
        var events = new List<SessionEvent> { new SessionStarted(Id(0), Plan.PlannedStart) };
        foreach (var (each, n) in Plan.Tasks.Select((each, n) => (each, n)).Where(pair => pair.each.IsHandsOn))
        {
            events.Add(new TaskStarted(Id(100 + n), Start(each), each.Id));
            if (each.Id != task || done)
            {
                events.Add(new TaskDone(Id(300 + n), End(each), each.Id));
            }

            if (each.Id == task)
            {
                break;
            }
        }

        return events;
    }

    private static DateTimeOffset Start(SessionTask task) => Plan.PlannedStart.AddMinutes(task.PlannedStart);

    private static DateTimeOffset End(SessionTask task) => Start(task).AddMinutes(task.PlannedMinutes);

    private static SessionTask Task(string id) =>
        Plan.FindTask(id) ?? throw new InvalidOperationException($"No {id} among {string.Join(", ", Plan.Tasks.Select(task => task.Id))}");

    private static Advice For(Mishap mishap, IReadOnlyList<SessionEvent> events, DateTimeOffset now) =>
        MishapAdvice.For(Plan, SessionFold.Fold(Plan, events), now, mishap, Head, Around);

    private static SessionState Take(IReadOnlyList<SessionEvent> events, Advice advice, string way, DateTimeOffset at, int id = 900)
    {
        var chosen = advice.Ways.Single(each => each.Id == way);
        return SessionFold.Fold(
            Plan,
            [
                .. events,
                new MishapHandled(Id(id), at, advice.Head, advice.Mishap, chosen.Label, chosen.Changes, advice.Remember, advice.Reactions),
            ]
        );
    }

    /// <summary>The pre-poo under its cap, and the moment it is so many minutes past its latest.</summary>
    private static (List<SessionEvent> Events, DateTimeOffset Now) Forgotten(double minutesPast)
    {
        var wait = Task("cover.wait");
        return (Until("cover"), End(Task("cover")).AddMinutes(wait.Window!.Latest + minutesPast));
    }

    [Fact]
    public void What_stayed_on_too_long_shortens_what_follows()
    {
        var (events, now) = Forgotten(25);
        var advice = For(Mishap.LeftTooLong, events, now);
        Assert.Contains("is 25\u00a0min overdue. It only gets harder to wash out", advice.Now[0], StringComparison.Ordinal);
        Assert.Equal("Never leave pre-poo on. Before you stop: Rinse.", Assert.Single(advice.MustBeDone));

        var later = Plan.Tasks.Single(task => task is { Window: not null, Substance: Substance.DeepConditioner });
        var state = Take(events, advice, "shorten", now);
        Assert.Equal(TaskStatus.Done, state.Task("cover.wait").Status);
        Assert.Equal(later.Window!.Earliest, Plan.With(state).FindTask(later.Id)!.PlannedMinutes);
        Assert.Equal("Pre-poo stayed on 25\u00a0min too long.", Assert.Single(state.Notes).Text);

        // The way says where it leads, and leads there.
        var moment = SessionTiming.At(Plan, state, now);
        Assert.Equal(advice.Ways.Single(way => way.Id == "shorten").EndsAt, moment.EndsAt);
        var plain = SessionTiming.At(Plan, Take(events, advice, "end", now), now);
        Assert.Equal(later.PlannedMinutes - later.Window.Earliest, (plain.EndsAt - moment.EndsAt).TotalMinutes, 1e-6);
    }

    [Fact]
    public void Within_its_window_nothing_is_lost()
    {
        var (events, now) = Forgotten(-5);
        var advice = For(Mishap.LeftTooLong, events, now);
        Assert.EndsWith("Nothing is lost.", advice.Now[0], StringComparison.Ordinal);
        Assert.Equal(["go-on", "end"], advice.Ways.Select(way => way.Id));
        Assert.Null(advice.Remember);
        Assert.Equal(TaskStatus.Running, Take(events, advice, "go-on", now).Task("cover.wait").Status);
        Assert.Equal(["go-on"], For(Mishap.LeftTooLong, events, End(Task("cover")).AddMinutes(1)).Ways.Select(way => way.Id));
    }

    [Fact]
    public void Drying_is_nothing_that_stays_on_too_long()
    {
        var drying = Plan.Tasks.Last(task => task is { Window: not null, IsHandsOn: false });
        var events = Until(Plan.Tasks.Last(task => task.IsHandsOn && task.PlannedStart < drying.PlannedStart).Id);
        var now = Start(drying).AddMinutes(drying.Window!.Latest + 60);
        var advice = For(Mishap.LeftTooLong, events, now);
        Assert.Equal([$"Nothing on {Head.Name} has to come off."], advice.Now);
        Assert.Equal(TaskStatus.Running, SessionFold.Fold(Plan, events).Task(drying.Id).Status);
        Assert.Equal(TaskStatus.Running, Take(events, advice, "go-on", now).Task(drying.Id).Status);
    }

    [Fact]
    public void What_waits_for_its_rinse_is_never_said_to_be_off()
    {
        var (events, now) = Forgotten(-5);
        events.Add(new TaskDone(Id(950), now, "cover.wait"));
        var advice = For(Mishap.LeftTooLong, events, now.AddMinutes(20));
        Assert.Equal([$"Still on {Head.Name}: pre-poo."], advice.Now);
        Assert.Equal("Never leave pre-poo on. Before you stop: Rinse.", Assert.Single(advice.MustBeDone));
    }

    [Fact]
    public void What_is_on_while_hands_are_elsewhere_counts()
    {
        var wait = Plan.Tasks.Single(task => task is { Window: not null, Substance: Substance.DeepConditioner });
        var on = Task("deep-condition");
        var (events, now) = (Until(on.Id), End(on).AddMinutes(20));
        var advice = For(Mishap.LeftTooLong, events, now);
        Assert.StartsWith(
            $"Deep condition has been on {Head.Name} for 20\u00a0min and may stay on until ",
            advice.Now[0],
            StringComparison.Ordinal
        );
        var covering = Task("cover-2").PlannedMinutes;
        var state = Take(events, advice, "go-on", now);
        Assert.Equal(Math.Ceiling(wait.PlannedMinutes - 20 + covering), Plan.With(state).FindTask(wait.Id)!.PlannedMinutes);
        Assert.Equal(["go-on"], For(Mishap.LeftTooLong, events, End(on)).Ways.Select(way => way.Id));
    }

    [Fact]
    public void Who_is_called_away_hears_by_when_to_be_back()
    {
        var (events, now) = Forgotten(-20);
        var advice = For(Mishap.CalledAway, events, now);
        Assert.Contains(
            $"Be back by {now.AddMinutes(20):HH:mm} for this: Pre-poo. After that: It only gets harder to wash out; rinse when you can.",
            advice.Now
        );
        var parked = Take(events, advice, "park", now);
        Assert.Equal((SessionStatus.Paused, null), (parked.Status, parked.Parked));
    }

    [Fact]
    public void Too_hot_is_cooled_and_the_steamer_stays_off()
    {
        var wait = Plan.Tasks.First(task => task.Uses.Contains(Resource.Steamer));
        var events = Until(Plan.Links.First(link => link.To == wait.Id).From);
        var now = End(Task(Plan.Links.First(link => link.To == wait.Id).From)).AddMinutes(4);
        var advice = For(Mishap.TooHot, events, now);
        Assert.Contains("clinician", advice.Now[^1], StringComparison.Ordinal);
        var plan = Plan.With(Take(events, advice, "cool", now));
        Assert.DoesNotContain(Plan.Tasks.Where(task => Start(task) >= Start(wait)), task =>
            plan.FindTask(task.Id)!.Uses.Contains(Resource.Steamer)
        );
        var cool = plan.Tasks.Single(task => task.Title == "Rinse with cool water");
        Assert.Equal(cool.Id, SessionTiming.At(Plan, Take(events, advice, "cool", now), now).Hands[0].Next!.Id);
        Assert.Equal(5, cool.PlannedMinutes);
    }

    [Fact]
    public void What_stings_comes_off_and_is_written_against_the_head()
    {
        var plan = Plan with { Touches = new Dictionary<string, IReadOnlyList<string>> { ["pre-poo"] = ["rosemary extract"] } };
        var (events, now) = Forgotten(-20);
        var advice = MishapAdvice.For(plan, SessionFold.Fold(plan, events), now, Mishap.Stings, Head, Around);
        Assert.Contains(advice.Now, sentence => sentence.Contains("medical help at once", StringComparison.Ordinal));
        Assert.Equal(["rosemary extract"], advice.Reactions);
        var way = advice.Ways[0];
        var state = SessionFold.Fold(
            plan,
            [.. events, new MishapHandled(Id(900), now, "head", Mishap.Stings, way.Label, way.Changes, advice.Remember, advice.Reactions)]
        );
        Assert.Equal(TaskStatus.Done, state.Task("cover.wait").Status);
        Assert.Equal("Rinse it off with cool water", SessionTiming.At(plan, state, now).Hands[0].Next!.Title);
        Assert.Equal(["rosemary extract"], LookBack.Outcome(plan, state).Single().Reacted);
        // Taken back, nothing of it is left.
        var undone = SessionFold.Fold(
            plan,
            [
                .. events,
                new MishapHandled(Id(900), now, "head", Mishap.Stings, way.Label, way.Changes, advice.Remember, advice.Reactions),
                new EventUndone(Id(901), now, Id(900)),
            ]
        );
        Assert.Empty(LookBack.Outcome(plan, undone).Single().Reacted);
        Assert.Equal(Plan.Tasks.Count, plan.With(undone).Tasks.Count);
    }

    [Fact]
    public void Too_little_goes_where_it_matters_first_and_is_remembered()
    {
        var task = Plan.Tasks.First(each => each.StepIds.Contains("deep-condition") && each.IsHandsOn);
        var advice = For(Mishap.NotEnough, Until(task.Id, done: false), Start(task).AddMinutes(2));
        Assert.Contains("nds", advice.Now[0], StringComparison.Ordinal);
        Assert.Contains("with Slow Mask", advice.Now[^1], StringComparison.Ordinal);
        Assert.StartsWith("Deep condition: ", advice.Remember, StringComparison.Ordinal);
    }

    [Fact]
    public void A_mixture_is_put_right_by_its_own_formula_and_the_rest_is_kept_as_long_as_it_keeps()
    {
        var plan = Plan with
        {
            Mixtures =
            [
                new SessionMixture("pre-poo", "Leaf gel", 3, "Stir in 5 ml water.", "Simmer it on.", "Stretch it with 20 ml water."),
            ],
        };
        var state = SessionFold.Fold(plan, Until("pre-poo", done: false));
        var now = Start(Task("pre-poo")).AddMinutes(3);
        Advice Asked(Mishap mishap) => MishapAdvice.For(plan, state, now, mishap, Head, Around);
        Assert.Equal(["Stir in 5 ml water."], Asked(Mishap.TooThick).Now);
        Assert.Equal(["Simmer it on."], Asked(Mishap.TooRunny).Now);
        Assert.Contains("Stretch it with 20 ml water.", Asked(Mishap.NotEnough).Now);
        Assert.Contains($"until {now.AddDays(3):dddd d MMMM}", Asked(Mishap.TooMuch).Now[0], StringComparison.Ordinal);
        Assert.Equal("Leaf gel came out too thick.", Asked(Mishap.TooThick).Remember);
    }

    [Fact]
    public void Oil_that_stays_is_lifted_and_washed_again_before_the_rest()
    {
        var events = Until("cleanse");
        var now = End(Task("cleanse"));
        var state = Take(events, For(Mishap.OilStays, events, now), "lift", now);
        var hands = SessionTiming.At(Plan, state, now).Hands[0];
        Assert.Equal(["Lifting rinse with conditioner", "Wash a second time"], new[] { hands.Next!.Title, hands.Then[0].Title });
        Assert.Equal(Task("cleanse").PlannedMinutes, hands.Then[0].PlannedMinutes);
        Assert.Equal(
            8 + Task("cleanse").PlannedMinutes,
            (SessionTiming.At(Plan, state, now).EndsAt - SessionTiming.At(Plan, SessionFold.Fold(Plan, events), now).EndsAt).TotalMinutes,
            1e-6
        );
        // Both are done like any other work.
        var more = SessionFold.Fold(
            Plan,
            [
                .. events,
                new MishapHandled(Id(900), now, "head", Mishap.OilStays, "", For(Mishap.OilStays, events, now).Ways[0].Changes, null, []),
                new TaskStarted(Id(901), now, hands.Next.Id),
                new TaskDone(Id(902), now.AddMinutes(9), hands.Next.Id),
            ]
        );
        Assert.Equal("Wash a second time", SessionTiming.At(Plan, more, now.AddMinutes(9)).Hands[0].Next!.Title);
    }

    [Fact]
    public void Sections_nobody_is_sure_of_can_be_begun_anew()
    {
        var detangle = Plan.Tasks.First(task => task is { IsHandsOn: true, Sections: > 2 } && task.StepId != "look");
        var events = Until(detangle.Id, done: false);
        events.AddRange([
            new SectionDone(Id(800), Start(detangle).AddMinutes(1), detangle.Id, 1),
            new SectionDone(Id(801), Start(detangle).AddMinutes(2), detangle.Id, 2),
        ]);
        var now = Start(detangle).AddMinutes(3);
        var advice = For(Mishap.UnsureOfSections, events, now);
        Assert.Equal(2, Take(events, advice, "keep", now).Task(detangle.Id).Sections.Count);
        Assert.Empty(Take(events, advice, "again", now).Task(detangle.Id).Sections);
    }

    [Fact]
    public void Out_of_time_leaves_out_what_can_be_and_never_what_must_come_off()
    {
        var (events, now) = Forgotten(-25);
        var advice = For(Mishap.OutOfTime, events, now);
        var state = Take(events, advice, "leave-out", now);
        var skipped = Plan.Tasks.Where(task => task.IsHandsOn && state.Task(task.Id).Status == TaskStatus.Skipped).ToList();
        Assert.NotEmpty(skipped);
        Assert.All(skipped, task => Assert.All(task.StepIds, step => Assert.True(SessionPlan.KindOf(step)!.CanBeSpared)));
        Assert.True(SessionTiming.At(Plan, state, now).EndsAt < SessionTiming.At(Plan, SessionFold.Fold(Plan, events), now).EndsAt);
        Assert.Equal("Never leave pre-poo on. Before you stop: Rinse.", Assert.Single(advice.MustBeDone));
    }

    [Fact]
    public void Stopping_for_today_rinses_first_then_parks_and_wants_water_again_after_hours()
    {
        var (events, now) = Forgotten(-25);
        var way = For(Mishap.OutOfTime, events, now).Ways.Single(each => each.Id == "stop");
        Assert.Equal("Do this first: Rinse.", way.Sentences[0]);
        events.Add(new MishapHandled(Id(900), now, "head", Mishap.OutOfTime, way.Label, way.Changes, null, []));
        events.AddRange([new TaskStarted(Id(901), now, "rinse"), new TaskDone(Id(902), now.AddMinutes(6), "rinse")]);
        var park = SessionTiming.At(Plan, SessionFold.Fold(Plan, events), now.AddMinutes(6)).Hands[0].Next!;
        Assert.Equal("Loose twists and a cotton cloth, to stop for now", park.Title);
        events.AddRange([new TaskStarted(Id(903), now.AddMinutes(6), park.Id), new TaskDone(Id(904), now.AddMinutes(14), park.Id)]);

        var parked = SessionFold.Fold(Plan, events);
        Assert.Equal((SessionStatus.Paused, now.AddMinutes(14)), (parked.Status, parked.Parked!.At));

        // Back within the hour nothing has dried; the next day it has.
        var soon = SessionFold.Fold(Plan, [.. events, new SessionResumed(Id(905), now.AddMinutes(60))]);
        Assert.False(soon.Inserted.Exists(each => each.Work.Id.Contains("back", StringComparison.Ordinal)));
        var tomorrow = now.AddHours(20);
        var later = SessionFold.Fold(Plan, [.. events, new SessionResumed(Id(905), tomorrow)]);
        var moment = SessionTiming.At(Plan, later, tomorrow);
        Assert.Equal((SessionStatus.Running, null), (later.Status, later.Parked));
        Assert.Equal("Wet it through again", moment.Hands[0].Next!.Title);
        Assert.All(Plan.Tasks.Where(task => later.Task(task.Id).Status == TaskStatus.Waiting), task =>
            Assert.True(moment.Times[task.Id].Start >= tomorrow)
        );
    }

    [Fact]
    public void Wet_at_bedtime_means_cool_air_now_and_an_earlier_start_next_time()
    {
        var drying = Plan.Tasks.Last(task => task.Window is not null);
        var events = Until(Plan.Links.First(link => link.To == drying.Id).From);
        var bedtime = Start(drying).AddMinutes(30);
        var advice = MishapAdvice.For(
            Plan,
            SessionFold.Fold(Plan, events),
            bedtime,
            Mishap.WetAtBedtime,
            Head,
            Around with
            {
                Bedtime = bedtime,
            }
        );
        var late = Math.Ceiling((drying.PlannedMinutes - 30) / 5) * 5;
        Assert.Equal($"Still wet at bedtime. Start {Say.Minutes(late)} earlier next time.", advice.Remember);
        Assert.Equal("Cool air at the roots", SessionTiming.At(Plan, Take(events, advice, "air", bedtime), bedtime).Hands[0].Next!.Title);
    }

    [Fact]
    public void A_rehearsal_throws_in_what_could_happen_then_and_each_time_another()
    {
        Assert.Null(Surprise.At(Plan, SessionFold.Fold(Plan, [new SessionStarted(Id(0), Plan.PlannedStart)]), Plan.PlannedStart, Around));
        var (events, now) = Forgotten(-20);
        var thrown = new HashSet<Mishap>();
        for (var n = 0; n < 12; n++)
        {
            thrown.Add(Surprise.At(Plan, SessionFold.Fold(Plan, events), now, Around)!.Mishap);
            events.Add(new NoteTaken(Id(800 + n), now, "so far", null));
        }

        // Under the cap nothing is worked in sections and nothing is being put on.
        Assert.Equal([Mishap.LeftTooLong, Mishap.CalledAway, Mishap.Stings, Mishap.OutOfTime], thrown.Order());
    }

    /// <summary>A day of somebody with mature locs, as far as they dry or as far as their first wash, and that moment.</summary>
    private static (SessionPlan Plan, SessionState State, DateTimeOffset Now) WithLocs(bool drying)
    {
        var plan = SessionPlan.From(
            Given.Plan(
                Given.Request(Aim.Quick, EndStyle.AsItIs, Given.Head() with { Wear = new Wear(Locs: new LocsWorn(LocStage.Mature, 90, 8)) })
            )
        );
        var dry = plan.Tasks.Last(task => task.Window is not null);
        var until = drying
            ? plan.Tasks.Single(task => task.Id == plan.Links.First(link => link.To == dry.Id).From)
            : plan.Tasks.First(task => task.StepIds.Any(step => SessionPlan.KindOf(step)!.IsCleanse));
        SessionEvent[] events =
        [
            new SessionStarted(Id(0), plan.PlannedStart),
            .. plan
                .Tasks.Where(task => task.IsHandsOn && task.PlannedStart <= until.PlannedStart)
                .Select(
                    (task, n) => new TaskDone(Id(300 + n), plan.PlannedStart.AddMinutes(task.PlannedStart + task.PlannedMinutes), task.Id)
                ),
        ];
        return (plan, SessionFold.Fold(plan, events), plan.PlannedStart.AddMinutes(until.PlannedStart + until.PlannedMinutes + 1));
    }

    [Fact]
    public void Locs_are_not_sent_to_bed_wet()
    {
        var (plan, state, now) = WithLocs(drying: true);
        var advice = MishapAdvice.For(plan, state, now, Mishap.WetAtBedtime, plan.Heads[0], Around with { Bedtime = now });
        Assert.StartsWith("Do not sleep on wet locs or braids", advice.Now[0], StringComparison.Ordinal);
        Assert.DoesNotContain(advice.Now.Concat(advice.Ways.SelectMany(way => way.Sentences)), sentence =>
            sentence.Contains("pillow", StringComparison.Ordinal)
        );
        Assert.Equal(["Moving air, and stay up", "Continue"], advice.Ways.Select(way => way.Label));
        Assert.StartsWith("Still wet at bedtime", advice.Remember, StringComparison.Ordinal);
        // Loose hair may dry on the pillow; and so says a session of an earlier version, which does not know how hair hangs.
        var earlier = plan with { Steps = [.. plan.Steps.Select(step => step with { After = step.After! with { Hang = null } })] };
        Assert.Equal(
            "Cool air, then bed",
            MishapAdvice.For(earlier, state, now, Mishap.WetAtBedtime, plan.Heads[0], Around with { Bedtime = now }).Ways[0].Label
        );
    }

    [Fact]
    public void Oil_is_washed_out_of_locs_without_conditioner()
    {
        var (plan, state, now) = WithLocs(drying: false);
        var advice = MishapAdvice.For(plan, state, now, Mishap.OilStays, plan.Heads[0], Around);
        Assert.DoesNotContain(advice.Now, sentence => sentence.Contains("onditioner", StringComparison.Ordinal));
        var again = Assert.Single(advice.Ways[0].Changes).Work!;
        Assert.Equal(("Wash a second time", Removal.Wash), (again.Title, again.TakesOff));
        Assert.Equal(again.PlannedMinutes, (advice.Ways[0].EndsAt - advice.Ways[1].EndsAt).TotalMinutes, 1);
    }

    [Theory]
    [InlineData(Aim.Moisture, null, true)]
    [InlineData(Aim.ScalpComfort, "heavy-oil-overnight", false)]
    public void Out_of_time_drops_the_tea_with_its_kitchen_work_unless_it_lifts_heavy_oil(Aim aim, string? routine, bool isDropped)
    {
        var plan = SessionPlan.From(
            Given.Plan(
                Given.Request(aim) with
                {
                    Routine = routine,
                    TeaRinse = true,
                    Schools = new Schools { Lifting = OilLifting.TeaThenTwoPasses },
                }
            )
        );
        var state = SessionFold.Fold(plan, [new SessionStarted(Id(0), plan.PlannedStart)]);
        var way = MishapAdvice
            .For(plan, state, plan.PlannedStart, Mishap.OutOfTime, plan.Heads[0], Around)
            .Ways.Single(each => each.Id == "leave-out");
        var tea = plan.Tasks.Where(task => task.Id.StartsWith("tea-rinse.", StringComparison.Ordinal) && task.StepId is null).ToList();

        Assert.NotEmpty(tea);
        Assert.All(tea, task =>
            Assert.Equal(isDropped, way.Changes.Any(change => change.Kind == ChangeKind.Skip && change.Task == task.Id))
        );
        Assert.Equal(
            isDropped,
            way.Changes.Any(change =>
                change.Kind == ChangeKind.Skip && plan.Tasks.First(task => task.Id == change.Task).StepId == "tea-rinse"
            )
        );
    }

    [Theory]
    [InlineData("heavy-oil-overnight", true)]
    // Plain oil does no harm and only has to be washed.
    [InlineData("full-moisture-day", false)]
    public void Who_overslept_loosens_heavy_oil_before_any_water(string routine, bool isLoosened)
    {
        var plan = SessionPlan.From(
            Given.Plan(
                Given.Request(Aim.Moisture) with
                {
                    Routine = routine,
                    Schools = new Schools { Length = TreatmentLength.Overnight },
                }
            )
        );
        var night = plan.Tasks.Single(task => task.IsOvernight);
        var events = plan
            .Tasks.Where(task => task.IsHandsOn && task.PlannedStart < night.PlannedStart)
            .SelectMany(
                (task, n) =>
                    new SessionEvent[]
                    {
                        new TaskStarted(Id(100 + n), plan.PlannedStart.AddMinutes(task.PlannedStart), task.Id),
                        new TaskDone(Id(300 + n), plan.PlannedStart.AddMinutes(task.PlannedStart + task.PlannedMinutes), task.Id),
                    }
            )
            .Prepend(new SessionStarted(Id(0), plan.PlannedStart))
            .ToList();
        var late = plan.PlannedStart.AddMinutes(night.PlannedStart + night.Window!.Latest + 90);
        var advice = MishapAdvice.For(plan, SessionFold.Fold(plan, events), late, Mishap.LeftTooLong, plan.Heads[0], Around);

        Assert.Equal(isLoosened, advice.Ways.Any(way => way.Label == "Loosen the oil first"));
        if (isLoosened)
        {
            Assert.Equal([ChangeKind.End, ChangeKind.Insert], advice.Ways[0].Changes.Select(change => change.Kind));
            Assert.Equal("Work conditioner into the oil", advice.Ways[0].Changes[1].Work!.Title);
        }
    }

    [Fact]
    public void Locs_are_neither_twisted_nor_clipped_to_stop()
    {
        var (plan, state, now) = WithLocs(drying: false);
        var stop = MishapAdvice.For(plan, state, now, Mishap.OutOfTime, plan.Heads[0], Around).Ways.Single(way => way.Id == "stop");
        Assert.Contains(stop.Sentences, sentence => sentence.StartsWith("Then put it up in a cotton cloth.", StringComparison.Ordinal));
        Assert.Contains("Do not sleep on it before it is dry inside. Use a fan, or the hood on low.", stop.Sentences);
        Assert.Contains(stop.Changes, change => change.Work?.Title == "Wrap it in a cotton cloth, to stop for now");
        var before = SessionFold.Fold(plan, [new SessionStarted(Id(0), plan.PlannedStart)]);
        Assert.Contains(
            "Then put it up tied back loosely. Ticked sections are kept. When you are back, continue where you were.",
            MishapAdvice
                .For(plan, before, plan.PlannedStart, Mishap.OutOfTime, plan.Heads[0], Around)
                .Ways.Single(way => way.Id == "stop")
                .Sentences
        );
    }

    [Fact]
    public void Every_kind_of_trouble_is_thrown_in_at_some_moment_of_a_day()
    {
        var thrown = new HashSet<Mishap>();
        foreach (var task in Plan.Tasks)
        {
            var events = task.IsHandsOn ? Until(task.Id, done: false) : Until(Plan.Links.First(link => link.To == task.Id).From);
            var now = Start(task).AddMinutes(task.PlannedMinutes / 2);
            for (var n = 0; n < 12; n++)
            {
                thrown.Add(
                    Surprise.At(Plan, SessionFold.Fold(Plan, events), now, Around with { Bedtime = End(task).AddMinutes(-1) })?.Mishap
                        ?? Mishap.CalledAway
                );
                events.Add(new NoteTaken(Id(800 + n), now, "so far", null));
            }
        }

        Assert.Equal(Enum.GetValues<Mishap>(), thrown.Order());
    }

    [Theory]
    [InlineData(-90, false)]
    [InlineData(-30, true)]
    [InlineData(10, true)]
    public void Wet_hair_is_no_surprise_long_before_bedtime(double minutes, bool isThrown)
    {
        var drying = Plan.Tasks.Last(task => task.Window is not null);
        var events = Until(Plan.Links.First(link => link.To == drying.Id).From);
        var now = Start(drying).AddMinutes(20);
        Assert.Equal(
            isThrown,
            Surprise.At(Plan, SessionFold.Fold(Plan, events), now, Around with { Bedtime = now.AddMinutes(-minutes) })?.Mishap
                == Mishap.WetAtBedtime
        );
    }

    [Fact]
    public void Whatever_goes_wrong_whenever_there_is_advice_and_every_way_leads_where_it_says()
    {
        Gen.Select(Gen.Int[0, Plan.Tasks.Count - 1], Gen.Int[0, 90], Gen.Int[0, Enum.GetValues<Mishap>().Length - 1])
            .Sample(
                (at, minutes, kind) =>
                {
                    var task = Plan.Tasks[at];
                    var events = task.IsHandsOn
                        ? Until(task.Id, minutes % 2 == 0)
                        : Until(Plan.Links.First(link => link.To == task.Id).From);
                    var now = events.Max(happened => happened.At).AddMinutes(minutes);
                    var advice = For((Mishap)kind, events, now);
                    Assert.All(advice.Now.Concat(advice.MustBeDone).Concat(advice.Ways.SelectMany(way => way.Sentences)), sentence =>
                        Assert.Matches("^[A-Z0-9].*[.]$", sentence)
                    );
                    foreach (var way in advice.Ways)
                    {
                        var state = Take(events, advice, way.Id, now);
                        Assert.Equal(way.EndsAt, SessionTiming.At(Plan, state, now).EndsAt);
                        var plan = Plan.With(state);
                        Assert.Equal(plan.Tasks.Count, plan.Tasks.Select(each => each.Id).Distinct().Count());
                        // What is on the hair comes off on every way that is not a mere pause.
                        if (way.Changes.Any(change => change.Kind == ChangeKind.Skip))
                        {
                            Assert.DoesNotContain(way.Changes.Where(change => change.Kind == ChangeKind.Skip), change =>
                                plan.FindTask(change.Task)!.StepId is { } step
                                && SessionPlan.KindOf(step)!.Removes is Removal.RinseOff or Removal.Wash
                            );
                        }
                    }
                },
                iter: Thorough.Runs(80, 400)
            );
    }
}
