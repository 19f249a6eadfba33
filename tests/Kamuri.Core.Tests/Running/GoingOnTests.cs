using Kamuri.Core.Running;
using Kamuri.Core.Steps;
using TaskStatus = Kamuri.Core.Running.TaskStatus;

namespace Kamuri.Core.Tests.Running;

/// <summary>What begins by itself when something is done, and a rehearsal that presses for itself.</summary>
public class GoingOnTests
{
    private static readonly SessionPlan Plan = SessionPlan.From(Given.Plan(Given.Request()));

    private static Guid Id(int n) => new(n, 0, 0, new byte[8]);

    private static DateTimeOffset At(double minutes) => Given.Noon.AddMinutes(minutes);

    private static SessionState Fold(IEnumerable<SessionEvent> events, SessionPlan? plan = null) =>
        SessionFold.Fold(plan ?? Plan, [new SessionStarted(Id(0), Given.Noon), .. events]);

    /// <summary>What is pressed and written down, and what it comes to.</summary>
    private static (List<SessionEvent> Presses, SessionState State) Live(Func<SessionEvent, SessionState, SessionEvent> press)
    {
        var (presses, state) = (new List<SessionEvent>(), Fold([]));
        for (var minute = 0; minute < 24 * 60 && Plan.With(state).Tasks.Any(task => !state.Task(task.Id).IsOver); minute++)
        {
            while (RehearsedPress.Due(Plan, state, At(minute)) is { } due)
            {
                Assert.Null(SessionCommands.Check(Plan, state, due, At(minute)));
                presses.Add(press(due, state));
                state = Fold(presses);
            }
        }

        return (presses, state);
    }

    [Fact]
    public void A_whole_moisture_day_is_lived_through_in_45_presses_by_whole_steps()
    {
        Assert.InRange(Plan.Steps.Count, 20, 40);
        var (presses, state) = Live(
            (due, now) =>
                due is not WorkDone work
                    ? due
                    : new TaskDone(work.Id, work.At, work.Task) { Begins = GoingOn.After(Plan, Done(now, work), work.Task, work.At) }
        );

        Assert.All(Plan.Tasks, task => Assert.True(state.Task(task.Id).IsOver));
        Assert.InRange(presses.Count, Plan.Tasks.Count(task => task.IsHandsOn), 45);
        SessionState Done(SessionState now, WorkDone work) =>
            now with
            {
                Tasks = now.Tasks.SetItem(work.Task, now.Task(work.Task) with { Status = TaskStatus.Done, End = work.At }),
            };
    }

    [Fact]
    public void A_rehearsal_that_plays_itself_ends_when_the_plan_says()
    {
        var (presses, state) = Live((due, _) => due);

        Assert.All(Plan.Tasks, task => Assert.Equal(TaskStatus.Done, state.Task(task.Id).Status));
        Assert.Equal(Plan.Tasks.Sum(task => task.Sections), presses.Count(press => press is SectionDone));
        var planned = (Plan.PlannedEnd - Plan.PlannedStart).TotalMinutes;
        Assert.InRange((state.Tasks.Values.Max(task => task.End)!.Value - Given.Noon).TotalMinutes, planned * 0.97, planned * 1.05);
    }

    [Fact]
    public void What_waits_is_not_gone_on_to_and_one_undo_takes_back_both()
    {
        var cover = Plan.Links.First(link => link.To == "cover.wait").From;
        var before = Plan.Tasks.TakeWhile(task => task.Id != cover).Select((task, n) => new TaskDone(Id(10 + n), At(n), task.Id)).ToList();
        var covered = Fold([.. before, new TaskDone(Id(90), At(60), cover)]);
        var meanwhile = GoingOn.After(Plan, covered, cover, At(60));
        Assert.DoesNotContain(Plan.Links, link => link.From == "cover.wait" && link.To == meanwhile);
        Assert.Null(GoingOn.After(Plan, Fold([]), "look", At(1)));

        var look = new TaskDone(Id(1), At(5), "look");
        var next = GoingOn.After(Plan, Fold([look]), "look", At(5));
        Assert.NotNull(next);
        SessionEvent[] both = [look with { Begins = next }];
        Assert.Equal((TaskStatus.Running, At(5)), (Fold(both).Task(next).Status, Fold(both).Task(next).Start));
        var undone = Fold([.. both, new EventUndone(Id(2), At(6), look.Id)]);
        Assert.Equal((TaskStatus.Waiting, TaskStatus.Waiting), (undone.Task("look").Status, undone.Task(next).Status));
    }

    /// <summary>Eight sections of 3 min.</summary>
    private static readonly SessionPlan Combing = new()
    {
        Heads = [new("head", Guid.Empty, "Ada", "", "") { Sections = [] }],
        PlannedStart = Given.Noon,
        PlannedEnd = At(34),
        Steps = [],
        Tasks =
        [
            new("comb", "comb", "head", "Comb", true, 8, null, "", [Resource.Hands], 0, 24),
            new("bun", "bun", "head", "Bun", true, 0, null, "", [Resource.Hands], 24, 10),
        ],
        Links = [new("comb", "bun")],
    };

    private static SessionState Combed(params SessionEvent[] more) =>
        Fold(
            [
                new TaskStarted(Id(1), At(0), "comb"),
                new SectionDone(Id(2), At(3), "comb", 1),
                new SectionDone(Id(3), At(6), "comb", 2),
                .. more,
            ],
            Combing
        );

    [Theory]
    // A section takes 3 min and is asked about when it has taken three times that and 10 min more than it should: after 13.
    [InlineData(18, null)]
    [InlineData(19, 10.0)]
    [InlineData(26, 17.0)]
    public void Silence_is_asked_about_after_several_times_a_section(double minute, double? away)
    {
        var hands = SessionTiming.At(Combing, Combed(), At(minute)).Hands[0];
        Assert.Equal(away, hands.Silence?.AwayMinutes);
        if (away is not null)
        {
            Assert.Equal(3, hands.Silence!.Section);
            Assert.Matches(
                "^1?[0-9]+.min on section 3. Were you away.$|^20.min on section 3. Were you away.$",
                hands.Silence.Question(Combing.Tasks[0])
            );
        }
    }

    [Fact]
    public void Time_away_is_in_neither_the_pace_nor_the_drift()
    {
        var told = Combed(new AwayTold(Id(4), At(26), "comb", 17));
        var moment = SessionTiming.At(Combing, told, At(26));

        Assert.Null(moment.Hands[0].Silence);
        Assert.Equal(0, moment.DriftMinutes, 1e-9);
        Assert.Equal(At(24 + 17), moment.Times["comb"].End);
        // The third section had its three minutes.
        Assert.Equal(
            3,
            WorkPace
                .SoFar(
                    Combing.Tasks[0],
                    Combed(new AwayTold(Id(4), At(26), "comb", 17), new SectionDone(Id(5), At(26), "comb", 3)).Task("comb")
                )!
                .Value,
            1e-9
        );

        var here = Combed(new AwayTold(Id(4), At(26), "comb", 0));
        Assert.Null(SessionTiming.At(Combing, here, At(38)).Hands[0].Silence);
        Assert.True(SessionTiming.At(Combing, here, At(26)).DriftMinutes > 0);
    }

    [Fact]
    public void Nobody_was_away_for_longer_than_they_were_silent()
    {
        Assert.Null(SessionCommands.Check(Combing, Combed(), new AwayTold(Id(4), At(26), "comb", 17), At(26)));
        Assert.NotNull(SessionCommands.Check(Combing, Combed(), new AwayTold(Id(4), At(26), "comb", 22), At(26)));
        Assert.NotNull(SessionCommands.Check(Combing, Combed(), new AwayTold(Id(4), At(26), "comb", -1), At(26)));
        Assert.NotNull(SessionCommands.Check(Combing, Combed(), new AwayTold(Id(4), At(26), "bun", 3), At(26)));
    }
}
