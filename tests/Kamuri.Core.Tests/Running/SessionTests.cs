using CsCheck;
using Kamuri.Core.Composing;
using Kamuri.Core.Learning;
using Kamuri.Core.Running;
using Kamuri.Core.Steps;
using TaskStatus = Kamuri.Core.Running.TaskStatus;

namespace Kamuri.Core.Tests.Running;

public class SessionTests
{
    private static readonly SessionPlan Plan = SessionPlan.From(Given.Plan(Given.Request()));
    private static readonly SessionStarted Began = new(Id(0), Given.Noon);

    private static Guid Id(int n) => new(n, 0, 0, new byte[8]);

    private static DateTimeOffset At(double minutes) => Given.Noon.AddMinutes(minutes);

    private static SessionState Fold(params SessionEvent[] events) => SessionFold.Fold(Plan, [Began, .. events]);

    /// <summary>Everything up to the pre-poo working under its cap, each at its planned minute.</summary>
    private static SessionEvent[] UntilCovered()
    {
        var before = Plan.Tasks.TakeWhile(task => task.Id != "cover.wait").ToList();
        return
        [
            .. before.SelectMany(
                (task, n) =>
                    new SessionEvent[]
                    {
                        new TaskStarted(Id(100 + n), At(task.PlannedStart), task.Id),
                        new TaskDone(Id(200 + n), At(task.PlannedStart + task.PlannedMinutes), task.Id),
                    }
            ),
        ];
    }

    [Fact]
    public void The_last_section_ends_the_task()
    {
        var sections = Enumerable.Range(1, 6).Select(n => (SessionEvent)new SectionDone(Id(10 + n), At(n * 2), "look", n)).ToArray();

        var five = Fold([new TaskStarted(Id(1), At(0), "look"), .. sections[..5]]).Task("look");
        var six = Fold([new TaskStarted(Id(1), At(0), "look"), .. sections]).Task("look");

        Assert.Equal((TaskStatus.Running, 5), (five.Status, five.Sections.Count));
        Assert.Equal((TaskStatus.Done, At(12)), (six.Status, six.End));
    }

    [Fact]
    public void A_wait_begins_when_the_work_before_it_is_done_and_ends_when_the_work_behind_it_begins()
    {
        var covered = Fold(UntilCovered());
        var rinsed = Fold([.. UntilCovered(), new TaskStarted(Id(1), At(90), "rinse")]);

        Assert.Equal(TaskStatus.Running, covered.Task("cover.wait").Status);
        Assert.Equal(covered.Task("cover").End, covered.Task("cover.wait").Start);
        Assert.Equal((TaskStatus.Done, At(90)), (rinsed.Task("cover.wait").Status, rinsed.Task("cover.wait").End!.Value));
    }

    [Fact]
    public void Skipping_work_skips_what_it_would_have_begun()
    {
        var state = Fold(new TaskSkipped(Id(1), At(1), "cover"));

        Assert.Equal(TaskStatus.Skipped, state.Task("cover").Status);
        Assert.Equal(TaskStatus.Skipped, state.Task("cover.wait").Status);
    }

    [Fact]
    public void A_pause_stops_hands_and_not_what_lies_on_the_hair()
    {
        var paused = Fold([
            .. UntilCovered(),
            new TaskStarted(Id(1), At(70), "rinse"),
            new SessionPaused(Id(2), At(72)),
            new SessionResumed(Id(3), At(82)),
        ]);

        Assert.Equal(10, paused.Task("rinse").Paused);
        Assert.Equal(0, paused.Task("cover.wait").Paused);
        Assert.Equal(SessionStatus.Running, paused.Status);
    }

    [Fact]
    public void What_is_taken_back_never_happened()
    {
        var done = new TaskDone(Id(2), At(15), "look");
        var state = Fold(new TaskStarted(Id(1), At(0), "look"), done, new EventUndone(Id(3), At(16), done.Id));

        Assert.Equal(TaskStatus.Running, state.Task("look").Status);
        Assert.Equal(Id(1), state.Undoable[^1].Id);
    }

    [Fact]
    public void Events_count_once_and_in_the_order_they_happened_however_they_arrive() =>
        Gen.Int[0, 1_000_000]
            .Array[60]
            .Sample(
                keys =>
                {
                    var events = Whole();
                    var shuffled = events
                        .Concat(events.Where((_, n) => keys[n % 60] % 3 == 0))
                        .Select((happened, n) => (happened, key: keys[n % 60] * 31 + n * 7919 % 1009))
                        .OrderBy(pair => pair.key)
                        .Select(pair => pair.happened);

                    Same(SessionFold.Fold(Plan, events), SessionFold.Fold(Plan, shuffled));
                },
                iter: Thorough.Runs(12, 50),
                threads: 1
            );

    [Fact]
    public void Nonsense_changes_nothing()
    {
        var state = Fold(
            new TaskDone(Id(1), At(1), "no-such"),
            new SectionDone(Id(2), At(1), "look", 99),
            new SessionResumed(Id(3), At(1)),
            new EventUndone(Id(4), At(1), Id(77)),
            new SessionStarted(Id(5), At(1))
        );

        Same(Fold(), state);
    }

    [Fact]
    public void The_rest_is_timed_again_from_what_happened()
    {
        // Looking took 10 minutes longer than planned, so everything behind it moves by 10.
        var look = Plan.FindTask("look")!;
        var late = Fold(new TaskStarted(Id(1), At(0), "look"), new TaskDone(Id(2), At(look.PlannedMinutes + 10), "look"));
        var moment = SessionTiming.At(Plan, late, At(look.PlannedMinutes + 10));

        Assert.Equal(10, moment.DriftMinutes, 1e-6);
        Assert.Equal(Plan.PlannedEnd.AddMinutes(10), moment.EndsAt);
        Assert.Equal("dampen", moment.Hands[0].Next!.Id);
        Assert.Null(moment.Hands[0].Doing);
    }

    [Fact]
    public void Time_without_work_makes_the_day_later()
    {
        var moment = SessionTiming.At(Plan, Fold(), At(25));

        Assert.Equal(25, moment.DriftMinutes, 1e-6);
    }

    [Fact]
    public void A_wait_counts_to_its_marks_and_more_time_moves_only_the_usual()
    {
        var moment = SessionTiming.At(Plan, Fold([.. UntilCovered(), new TaskExtended(Id(1), At(80), "cover.wait", 15)]), At(81));
        var count = Assert.Single(moment.Counting);

        Assert.Equal(count.Since.AddMinutes(20), count.EarliestAt);
        Assert.Equal(count.Since.AddMinutes(45), count.UsualAt);
        Assert.Equal(count.Since.AddMinutes(120), count.LatestAt);
        Assert.Equal("tea-rinse.boil", moment.Hands[0].Next!.Id);
    }

    [Theory]
    [InlineData("twice", RefusalKind.Conflict, "Look and section has begun already.")]
    [InlineData("busy", RefusalKind.Conflict, "Your hands are still on “Look and section”. Finish or skip it first.")]
    [InlineData("early", RefusalKind.Conflict, "Look and section comes first. Finish or skip it.")]
    [InlineData("unknown", RefusalKind.Unknown, "This session has no task 'no-such'.")]
    [InlineData("section", RefusalKind.Invalid, "Look and section has sections 1 to 6.")]
    [InlineData("future", RefusalKind.Invalid, "That time is in the future. Check the clock of this device.")]
    [InlineData("past", RefusalKind.Invalid, "That time is before the session began.")]
    [InlineData("extra", RefusalKind.Invalid, "Add 1 to 180 minutes.")]
    [InlineData("rating", RefusalKind.Invalid, "Ratings go from 1 to 5.")]
    [InlineData("undo", RefusalKind.Unknown, "There is nothing like that to undo in this session.")]
    [InlineData("resume", RefusalKind.Conflict, "It is not paused.")]
    [InlineData("note", RefusalKind.Invalid, "Write something in the note.")]
    public void What_cannot_be_is_refused_in_a_sentence(string what, RefusalKind kind, string reason)
    {
        var state = Fold(new TaskStarted(Id(1), At(0), "look"));
        SessionEvent happened = what switch
        {
            "twice" => new TaskStarted(Id(2), At(1), "look"),
            "busy" => new TaskStarted(Id(2), At(1), "tea-rinse.boil"),
            "early" => new TaskStarted(Id(2), At(1), "dampen"),
            "unknown" => new TaskDone(Id(2), At(1), "no-such"),
            "section" => new SectionDone(Id(2), At(1), "look", 7),
            "future" => new TaskDone(Id(2), At(60), "look"),
            "past" => new TaskDone(Id(2), At(-5), "look"),
            "extra" => new TaskExtended(Id(2), At(1), "look", 999),
            "rating" => new SessionFinished(Id(2), At(1), new Ratings(Softness: 9), null),
            "undo" => new EventUndone(Id(2), At(1), Id(55)),
            "resume" => new SessionResumed(Id(2), At(1)),
            _ => new NoteTaken(Id(2), At(1), "  ", null),
        };

        Assert.Equal(new Refusal(kind, reason), SessionCommands.Check(Plan, state, happened, At(2)));
    }

    [Fact]
    public void A_finished_session_stays_as_it_was()
    {
        var state = SessionFold.Fold(Plan, Whole());

        Assert.Equal(RefusalKind.Conflict, SessionCommands.Check(Plan, state, new TaskStarted(Id(999), At(700), "look"), At(700))!.Kind);
    }

    [Fact]
    public void Looking_back_sets_planned_against_real()
    {
        var state = SessionFold.Fold(Plan, Whole(slowerLook: 12));
        var review = LookBack.On(Plan, state);

        Assert.Equal(Plan.Tasks.Count, review.Tasks.Count);
        var look = review.Tasks.Single(task => task.Id == "look");
        Assert.Equal(12, look.ActualMinutes!.Value - look.PlannedMinutes, 1e-6);
        Assert.EndsWith(
            "12\u00a0min longer than planned. Look and section ran over the most, by 12\u00a0min.",
            review.Sentence,
            StringComparison.Ordinal
        );
        var outcome = LookBack.Outcome(Plan, state).Single();
        Assert.Equal((true, true), (outcome.Washed, outcome.Detangled));
    }

    [Fact]
    public void Only_what_was_really_done_takes_from_the_shelf_and_touches_the_head()
    {
        var plan = Plan with
        {
            Takings =
            [
                new SessionTaking("cleanse", "Foam", Guid.NewGuid(), null, 10, true),
                new SessionTaking("leave-in", "Milk", Guid.NewGuid(), null, 26, true),
            ],
            Touches = new Dictionary<string, IReadOnlyList<string>> { ["cleanse"] = ["rosemary extract"], ["leave-in"] = ["honey", "egg"] },
        };
        var done = LookBack.Outcome(plan, SessionFold.Fold(plan, Whole())).Single();
        Assert.Equal(["Foam", "Milk"], done.Taken.Select(taking => taking.Name));
        Assert.Equal(["rosemary extract", "honey", "egg"], done.Touched);

        var skipped = LookBack
            .Outcome(plan, Fold(new TaskSkipped(Id(1), At(1), "cleanse"), new SessionFinished(Id(2), At(2), new Ratings(), null)))
            .Single();
        Assert.Empty(skipped.Taken);
        Assert.Empty(skipped.Touched);
    }

    [Fact]
    public void A_skipped_cleanse_is_no_wash()
    {
        var state = Fold(new TaskSkipped(Id(1), At(1), "cleanse"), new SessionFinished(Id(2), At(2), new Ratings(), null));

        var outcome = LookBack.Outcome(Plan, state).Single();
        Assert.Equal((false, false), (outcome.Washed, outcome.Detangled));
    }

    /// <summary>A whole day, every task at its planned minute, with a finish behind it.</summary>
    private static List<SessionEvent> Whole(double slowerLook = 0)
    {
        var events = new List<SessionEvent> { Began };
        foreach (var (task, n) in Plan.Tasks.Select((task, n) => (task, n)).Where(pair => pair.task.IsHandsOn))
        {
            var begin = task.PlannedStart + (task.Id == "look" ? 0 : slowerLook);
            events.Add(new TaskStarted(Id(100 + n), At(begin), task.Id));
            events.Add(new TaskDone(Id(300 + n), At(begin + task.PlannedMinutes + (task.Id == "look" ? slowerLook : 0)), task.Id));
        }

        events.Add(new SessionFinished(Id(900), Plan.PlannedEnd.AddMinutes(slowerLook), new Ratings(4, 3, 5, 4, 2), "Soft."));
        return events;
    }

    private static void Same(SessionState a, SessionState b)
    {
        Assert.Equal(a.Status, b.Status);
        Assert.Equal(a.FinishedAt, b.FinishedAt);
        Assert.Equal(a.Undoable.Select(happened => happened.Id), b.Undoable.Select(happened => happened.Id));
        Assert.All(Plan.Tasks, task =>
        {
            var (one, other) = (a.Task(task.Id), b.Task(task.Id));
            Assert.Equal(
                (one.Status, one.Start, one.End, one.Extra, one.Paused),
                (other.Status, other.Start, other.End, other.Extra, other.Paused)
            );
            Assert.Equal(one.Sections, other.Sections);
        });
    }

    [Theory]
    [InlineData(Aim.Moisture, "dry.wait", true)]
    [InlineData(Aim.Moisture, "blot.wait", false)]
    [InlineData(Aim.Strength, "protein", false)]
    public void A_run_knows_of_which_waits_nobody_has_to_be_warned(Aim aim, string wait, bool isHarmless)
    {
        var plan = SessionPlan.From(Given.Plan(Given.Request(aim)));
        var waits = plan.Tasks.Where(task => task.Id.Contains(wait, StringComparison.Ordinal) && !task.IsHandsOn).ToList();
        Assert.NotEmpty(waits);
        Assert.All(waits, task => Assert.Equal(isHarmless, task.IsHarmlessAfter));
    }

    [Fact]
    public void What_is_past_its_latest_without_harm_says_so_and_nothing_else()
    {
        var kinds = StepCatalogue.All.Where(kind => kind.Processing is not null).ToList();
        Assert.All(kinds, kind =>
            Assert.Equal(
                kind.Processing!.AfterLatest.Contains("no harm", StringComparison.OrdinalIgnoreCase),
                kind.Processing.IsHarmlessAfter
            )
        );
        Assert.Contains(kinds, kind => kind.Processing!.IsHarmlessAfter);
    }
}
