using CsCheck;
using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Learning;
using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Running;
using Kamuri.Core.Scheduling;
using TaskStatus = Kamuri.Core.Running.TaskStatus;

namespace Kamuri.Core.Tests.Running;

/// <summary>A session with several heads: whose hands are where, what holds up whom, and what each head's record learns.</summary>
public class HouseholdSessionTests
{
    private static readonly Head Oriel = Given.Head(20) with { Id = Guid.Parse("11111111-0000-0000-0000-000000000001") };
    private static readonly Head Bo = Given.Head(25) with { Id = Guid.Parse("11111111-0000-0000-0000-000000000002"), Name = "Bo" };
    private static readonly HeadOfDay[] Both =
    [
        new(Given.Request(Aim.Moisture, EndStyle.Bun, Oriel)),
        new(Given.Request(Aim.Quick, EndStyle.Bun, Bo)),
    ];

    private static readonly SessionPlan One = Plan([new("Ama")]);
    private static readonly SessionPlan Two = Plan([new("Ama"), new("Kofi")]);

    private static SessionPlan Plan(HelpingHands[] hands, HeadOfDay[]? heads = null, When? when = null) =>
        SessionPlan.From(
            new HouseholdPlanner(new CpSatScheduler()).Make(
                new HouseholdRequest
                {
                    Heads = heads ?? Both,
                    Hands = hands,
                    When = when ?? new When(Given.Noon),
                },
                Given.Figures
            )
        );

    private static Guid Id(int n) => new(n, 0, 0, new byte[8]);

    private static SessionState Fold(SessionPlan plan, params SessionEvent[] events) =>
        SessionFold.Fold(plan, [new SessionStarted(Id(0), plan.PlannedStart), .. events]);

    /// <summary>Every task that begins before a minute of the plan, at its planned minutes.</summary>
    private static SessionEvent[] Until(SessionPlan plan, double minute) =>
        [
            .. plan
                .Tasks.Select((task, n) => (task, n))
                .Where(pair => pair.task.IsHandsOn && pair.task.PlannedStart < minute)
                .SelectMany(pair =>
                    new SessionEvent[]
                    {
                        new TaskStarted(Id(100 + pair.n), plan.PlannedStart.AddMinutes(pair.task.PlannedStart), pair.task.Id),
                        new TaskDone(
                            Id(500 + pair.n),
                            plan.PlannedStart.AddMinutes(pair.task.PlannedStart + pair.task.PlannedMinutes),
                            pair.task.Id
                        ),
                    }
                ),
        ];

    [Fact]
    public void Steps_of_two_heads_are_told_apart()
    {
        Assert.Equal("Oriel and Bo", One.Names);
        Assert.Equal(One.Steps.Count, One.Steps.Select(step => step.Id).Distinct().Count());
        Assert.All(One.Tasks.Where(task => task.StepId is not null), task => Assert.Equal(task.Strand, One.FindStep(task.StepId)!.Head));
        Assert.All(One.Tasks, task => Assert.StartsWith(One.HeadOf(task).Key, task.Id, StringComparison.Ordinal));
    }

    [Fact]
    public void A_day_that_goes_as_planned_ends_as_planned_for_each_head()
    {
        var half = One.PlannedStart + ((One.PlannedEnd - One.PlannedStart) / 2);
        var moment = SessionTiming.At(One, Fold(One, Until(One, (half - One.PlannedStart).TotalMinutes)), half);
        Assert.Equal(0, moment.DriftMinutes, 1e-6);
        Assert.All(One.Heads, head =>
            Assert.Equal(
                One.PlannedStart.AddMinutes(
                    One.Tasks.Where(task => task.Strand == head.Key).Max(task => task.PlannedStart + task.PlannedMinutes)
                ),
                moment.Ends[head.Key]
            )
        );
    }

    [Fact]
    public void The_same_hands_are_on_one_head_at_a_time_and_other_hands_are_free()
    {
        static SessionTask First(SessionPlan plan, string by, string? not = null) =>
            plan.Tasks.First(task =>
                task.IsHandsOn
                && task.By == by
                && task.Strand != not
                && task.Strand != PlannedTask.KitchenStrand
                && plan.Links.All(link => link.To != task.Id || link.LeastGap > 0)
            );
        var alone = First(One, "Ama");
        var busy = Fold(One, new TaskStarted(Id(1), One.PlannedStart, alone.Id));
        Assert.Contains(
            "Your hands are still on",
            SessionCommands
                .Check(One, busy, new TaskStarted(Id(2), One.PlannedStart, First(One, "Ama", not: alone.Strand).Id), One.PlannedStart)!
                .Reason,
            StringComparison.Ordinal
        );

        var first = First(Two, "Ama");
        var other = First(Two, "Kofi", not: first.Strand);
        var running = Fold(Two, new TaskStarted(Id(1), Two.PlannedStart, first.Id));
        Assert.Null(SessionCommands.Check(Two, running, new TaskStarted(Id(2), Two.PlannedStart, other.Id), Two.PlannedStart));

        var moment = SessionTiming.At(
            Two,
            Fold(Two, new TaskStarted(Id(1), Two.PlannedStart, first.Id), new TaskStarted(Id(2), Two.PlannedStart, other.Id)),
            Two.PlannedStart
        );
        Assert.Equal([("Ama", first.Id), ("Kofi", other.Id)], moment.Hands.Select(hands => (hands.Name, hands.Doing!.Id)));
        Assert.All(moment.Hands, hands => Assert.All(hands.Then, task => Assert.Equal(hands.Name, task.By)));
    }

    [Fact]
    public void Hands_wait_for_what_other_hands_have_to_be_done_with()
    {
        // One washes, the other combs: they hand every head over.
        var parted = Plan([new("Ama", Work.All & ~Work.Detangling), new("Kofi", Work.Detangling)]);
        var link = parted.Links.First(each =>
            each.LeastGap == 0
            && parted.FindTask(each.From) is { IsHandsOn: true } from
            && parted.FindTask(each.To) is { IsHandsOn: true } to
            && from.By != to.By
        );
        var (before, after) = (parted.FindTask(link.From)!.By, parted.FindTask(link.To)!.By);
        var done = parted
            .Tasks.Where(task =>
                task is { IsHandsOn: true } && task.Id != link.From && task.PlannedStart < parted.FindTask(link.To)!.PlannedStart
            )
            .Select((task, n) => (SessionEvent)new TaskDone(Id(100 + n), parted.PlannedStart.AddMinutes(1), task.Id));
        var moment = SessionTiming.At(parted, Fold(parted, [.. done]), parted.PlannedStart.AddMinutes(2));
        var waiting = moment.Hands.Single(hands => hands.Name == after);
        Assert.Equal((link.To, link.From, moment.Times[link.To].Start), (waiting.Next!.Id, waiting.WaitsFor!.Id, waiting.NextFrom!.Value));
        Assert.Null(moment.Hands.Single(hands => hands.Name == before).WaitsFor);
    }

    [Fact]
    public void Hands_that_are_late_on_one_head_hold_up_the_other()
    {
        var first = One.Tasks.First(task => task.IsHandsOn);
        var other = One.Tasks.First(task => task.IsHandsOn && task.Strand != first.Strand && task.Strand != PlannedTask.KitchenStrand);
        var state = Fold(One, new TaskStarted(Id(1), One.PlannedStart, first.Id));
        var (soon, late) = (
            SessionTiming.At(One, state, One.PlannedStart),
            SessionTiming.At(One, state, One.PlannedStart.AddMinutes(first.PlannedMinutes + 40))
        );
        Assert.Equal(40, late.DriftMinutes, 1e-6);
        // The head in hand is late by what was too long; the other by as much as it is kept waiting for.
        Assert.Equal(0, soon.Drifts[first.Strand], 1e-6);
        Assert.Equal(40, late.Drifts[first.Strand], 1e-6);
        var next = One.Tasks.First(task => task.Strand == other.Strand);
        Assert.Equal((late.Times[next.Id].Start - One.PlannedStart).TotalMinutes - next.PlannedStart, late.Drifts[other.Strand], 1e-6);
        Assert.True(late.Drifts[other.Strand] > 0);
        Assert.True(late.Times[other.Id].Start >= soon.Times[other.Id].Start.AddMinutes(40));
    }

    [Fact]
    public void Work_taken_out_of_turn_holds_up_what_it_was_taken_before()
    {
        var waiting = One.Tasks.Where(task => task.IsHandsOn && One.Links.All(link => link.To != task.Id || link.LeastGap > 0)).ToList();
        var (turn, taken) = (waiting[0], waiting[^1]);
        Assert.NotEqual(turn.Id, taken.Id);
        var state = Fold(One, new TaskStarted(Id(1), One.PlannedStart, taken.Id));
        var moment = SessionTiming.At(One, state, One.PlannedStart);
        Assert.Equal(One.PlannedStart, moment.Times[taken.Id].Start);
        Assert.True(moment.Times[turn.Id].Start >= moment.Times[taken.Id].End);
        Assert.Equal(turn.Id, moment.Hands[0].Next!.Id);
    }

    [Fact]
    public void Nobody_is_worked_on_before_coming_back_however_early_the_rest_is()
    {
        var back = Given.Noon.AddHours(3);
        var plan = Plan([new("Ama")], [Both[0], Both[1] with { Present = [new Between(back, back.AddHours(8))] }]);
        Assert.Contains(plan.NotThere, away => away.Who == "2" && away.To == back);
        // Everything else is skipped, so that hands are free hours before.
        var free = Fold(
            plan,
            [
                .. plan
                    .Tasks.Where(task => task.Strand != "2")
                    .Select((task, n) => (SessionEvent)new TaskSkipped(Id(100 + n), plan.PlannedStart, task.Id)),
            ]
        );
        var moment = SessionTiming.At(plan, free, plan.PlannedStart.AddMinutes(5));
        Assert.All(plan.Tasks.Where(task => task.Strand == "2" && task.IsHandsOn), task =>
            Assert.True(moment.Times[task.Id].Start >= back)
        );
        Assert.Equal(back, moment.Hands[0].NextFrom);
    }

    [Fact]
    public void A_break_is_told_and_holds_nobody_up()
    {
        var gap = One.Links.First(link => link.LeastGap > 0);
        var end = One.PlannedStart.AddMinutes(One.FindTask(gap.From)!.PlannedStart + One.FindTask(gap.From)!.PlannedMinutes);
        var state = Fold(One, Until(One, One.FindTask(gap.From)!.PlannedStart + 1));
        var next = SessionTiming.At(One, state, end).Hands[0];
        Assert.Equal((gap.To, end.AddMinutes(gap.LeastGap)), (next.Next!.Id, next.RestUntil));
        Assert.DoesNotContain(
            One.FindTask(gap.From)!.Title,
            SessionCommands.Check(One, state, new TaskStarted(Id(1), end, gap.To), end)?.Reason ?? "",
            StringComparison.Ordinal
        );
        Assert.Null(SessionTiming.At(One, state, end.AddMinutes(gap.LeastGap)).Hands[0].RestUntil);
    }

    [Fact]
    public void Each_head_learns_what_was_done_on_it_and_keeps_its_own_ratings()
    {
        var skipped = One
            .Tasks.Where(task => task.Strand == "2" && task.StepIds.Any(step => One.FindStep(step)!.IsCleanse))
            .Select((task, n) => (SessionEvent)new TaskSkipped(Id(900 + n), One.PlannedStart, task.Id));
        var state = Fold(
            One,
            [
                .. skipped,
                .. Until(One, 1e6),
                new HeadRated(Id(1), One.PlannedEnd, "2", new Ratings(Softness: 2)),
                new SessionFinished(Id(2), One.PlannedEnd, new Ratings(Softness: 5), null),
            ]
        );
        var outcomes = LookBack.Outcome(One, state);
        Assert.Equal([(Oriel.Id, true), (Bo.Id, false)], outcomes.Select(outcome => (outcome.HeadId, outcome.Washed)));
        var sums = LookBack.Sum(One, state);
        Assert.Equal([("Oriel", 5), ("Bo", 2)], sums.Select(sum => (sum.HeadName, sum.Ratings.Softness!.Value)));
        Assert.All(sums, sum => Assert.InRange(sum.HandsOnMinutes, 1, sum.ActualMinutes));
        Assert.Equal(
            RefusalKind.Unknown,
            SessionCommands.Check(One, Fold(One), new HeadRated(Id(3), One.PlannedStart, "7", new Ratings()), One.PlannedStart)!.Kind
        );
    }

    [Fact]
    public void Hands_are_never_in_two_places_whatever_is_pressed_and_times_never_run_backwards()
    {
        Gen.Select(Gen.Bool, Gen.Int[0, 1_000_000].List[1, 60])
            .Sample(
                (two, presses) =>
                {
                    var plan = two ? Two : One;
                    var events = new List<SessionEvent> { new SessionStarted(Id(0), plan.PlannedStart) };
                    var now = plan.PlannedStart;
                    foreach (var (press, n) in presses.Select((press, n) => (press, n)))
                    {
                        now = now.AddMinutes(press % 17);
                        var task = plan.Tasks[press / 17 % plan.Tasks.Count].Id;
                        SessionEvent wanted = (press % 5) switch
                        {
                            0 or 1 => new TaskStarted(Id(n + 1), now, task),
                            2 => new TaskSkipped(Id(n + 1), now, task),
                            _ => new TaskDone(
                                Id(n + 1),
                                now,
                                plan.Tasks.FirstOrDefault(each =>
                                    SessionFold.Fold(plan, events).Task(each.Id).Status == TaskStatus.Running
                                )?.Id
                                    ?? task
                            ),
                        };
                        if (wanted is TaskDone done && SessionFold.Fold(plan, events).Task(done.Task).Status == TaskStatus.Waiting)
                        {
                            continue;
                        }

                        if (SessionCommands.Check(plan, SessionFold.Fold(plan, events), wanted, now) is null)
                        {
                            events.Add(wanted);
                        }
                    }

                    var state = SessionFold.Fold(plan, events);
                    var moment = SessionTiming.At(plan, state, now);
                    var waiting = plan.Tasks.Where(task => state.Task(task.Id).Status == TaskStatus.Waiting).ToList();
                    Assert.All(waiting, task => Assert.True(moment.Times[task.Id].Start >= now));
                    Assert.True(moment.EndsAt >= now || state.FinishedAt is not null || waiting.Count == 0);
                    foreach (
                        var hands in waiting
                            .Where(task => task.IsHandsOn)
                            .Concat(plan.Tasks.Where(task => task.IsHandsOn && state.Task(task.Id).Status == TaskStatus.Running))
                            .GroupBy(task => task.By)
                    )
                    {
                        foreach (
                            var (before, after) in hands
                                .OrderBy(task => moment.Times[task.Id].Start)
                                .ThenBy(task => moment.Times[task.Id].End)
                                .Zip(hands.OrderBy(task => moment.Times[task.Id].Start).ThenBy(task => moment.Times[task.Id].End).Skip(1))
                        )
                        {
                            Assert.True(
                                moment.Times[before.Id].End <= moment.Times[after.Id].Start.AddSeconds(1),
                                $"{before.Id} and {after.Id}"
                            );
                        }
                    }
                },
                iter: Thorough.Runs(15, 60)
            );
    }
}
