using Kamuri.Core.Running;
using Kamuri.Core.Running.Mishaps;
using Kamuri.Core.Steps;
using TaskStatus = Kamuri.Core.Running.TaskStatus;

namespace Kamuri.Core.Tests.Running;

/// <summary>
/// Work in sections: how fast it goes, when it will be over at that pace, and what is left of it when it is laid down. Worked by hand.
/// </summary>
public class WorkPaceTests
{
    private static readonly SessionTask Detangle = new(
        "detangle",
        "detangle",
        "head",
        "Detangle",
        true,
        8,
        null,
        "",
        [Resource.Hands],
        0,
        24
    );

    private static readonly SessionPlan Plan = new()
    {
        Heads = [new("head", Guid.Empty, "Ada", "", "") { Sections = [] }],
        PlannedStart = Given.Noon,
        PlannedEnd = Given.Noon.AddMinutes(34),
        Steps = [],
        Tasks = [Detangle, new("bun", "bun", "head", "Bun", true, 0, null, "", [Resource.Hands], 24, 10)],
        Links = [new("detangle", "bun")],
    };

    private static Guid Id(int n) => new(n, 0, 0, new byte[8]);

    private static DateTimeOffset At(double minute) => Given.Noon.AddMinutes(minute);

    private static SessionEvent Tick(int section, double minute) => new SectionDone(Id(100 + section), At(minute), "detangle", section);

    private static SessionEvent LayDown(double minute, int id = 900) =>
        new MishapHandled(Id(id), At(minute), "head", Mishap.CalledAway, "", [new SessionChange(ChangeKind.LayDown, "detangle")], null, []);

    private static SessionState Fold(params SessionEvent[] events) =>
        SessionFold.Fold(Plan, [new SessionStarted(Id(0), At(0)), new TaskStarted(Id(1), At(0), "detangle"), .. events]);

    private static double Ends(SessionState state, double now) =>
        (SessionTiming.At(Plan, state, At(now)).Times["detangle"].End - At(0)).TotalMinutes;

    [Fact]
    public void Sections_on_time_leave_the_end_where_it_is() => Assert.Equal(24, Ends(Fold(Tick(1, 3), Tick(2, 6)), 6), 1e-9);

    [Fact]
    public void Slow_sections_move_the_end_as_far_as_they_can_be_believed()
    {
        // Two sections in 12 min, 6 planned: with the plan counting as two, the others are expected at (2 · 3 + 12) / 4 = 4.5 min each.
        var state = Fold(Tick(1, 6), Tick(2, 12));
        Assert.Equal(12 + (6 * 4.5), Ends(state, 12), 1e-9);
        Assert.Equal(6, WorkPace.SoFar(Detangle, state.Task("detangle")));
        Assert.Equal("6 min a section so far, 3 planned.", WorkPace.Sentence(Detangle, state.Task("detangle")));
        Assert.Equal(15, SessionTiming.At(Plan, state, At(12)).DriftMinutes, 1e-9);
        // Six minutes into the third it is late by a minute and a half, and all the others are still to come.
        Assert.Equal(18 + (5 * 4.5), Ends(state, 18), 1e-9);
        Assert.Equal(25 + (5 * 4.5), Ends(state, 25), 1e-9);
    }

    [Fact]
    public void Quick_sections_bring_the_end_nearer_and_a_pause_does_not()
    {
        Assert.Equal(4 + (4 * ((6 + 4) / 6.0)), Ends(Fold(Tick(1, 1), Tick(2, 2), Tick(3, 3), Tick(4, 4)), 4), 1e-9);
        var paused = Fold(Tick(1, 3), new SessionPaused(Id(200), At(4)), new SessionResumed(Id(201), At(14)), Tick(2, 16));
        Assert.Equal(3, WorkPace.SoFar(Detangle, paused.Task("detangle")));
        Assert.Equal(34, Ends(paused, 16), 1e-9);
    }

    [Fact]
    public void Sections_ticked_one_after_the_other_were_not_timed()
    {
        // Three sections in 18 s, 9 min planned: somebody caught up, and the other five take what the plan says.
        var state = Fold(Tick(1, 0.1), Tick(2, 0.2), Tick(3, 0.3));
        Assert.Null(WorkPace.SoFar(Detangle, state.Task("detangle")));
        Assert.Null(WorkPace.Sentence(Detangle, state.Task("detangle")));
        Assert.Equal(0.3 + (5 * 3), Ends(state, 0.3), 1e-9);
        Assert.Equal((false, true), (WorkPace.IsTimed(24, 4.7), WorkPace.IsTimed(24, 4.8)));
    }

    [Fact]
    public void Before_the_first_section_the_plan_is_all_there_is()
    {
        var state = Fold();
        Assert.Null(WorkPace.Sentence(Detangle, state.Task("detangle")));
        Assert.Equal(24, Ends(state, 10), 1e-9);
        Assert.Equal(30, Ends(state, 30), 1e-9);
        Assert.Equal(0, WorkPace.Planned(Plan.FindTask("bun")!));
    }

    [Fact]
    public void Sections_begun_anew_do_not_count_what_was_done_for_nothing()
    {
        var state = Fold(
            Tick(1, 3),
            Tick(2, 6),
            new MishapHandled(
                Id(900),
                At(8),
                "head",
                Mishap.UnsureOfSections,
                "",
                [new SessionChange(ChangeKind.ForgetSections, "detangle")],
                null,
                []
            )
        );
        Assert.Equal(8 + 24, Ends(state, 8), 1e-9);
        state = Fold(
            Tick(1, 3),
            new MishapHandled(
                Id(900),
                At(8),
                "head",
                Mishap.UnsureOfSections,
                "",
                [new SessionChange(ChangeKind.ForgetSections, "detangle")],
                null,
                []
            ),
            new SectionDone(Id(901), At(11), "detangle", 1)
        );
        Assert.Equal(3, WorkPace.SoFar(Detangle, state.Task("detangle")));
    }

    [Fact]
    public void Work_laid_down_keeps_its_sections_and_takes_what_is_left_of_it()
    {
        var state = Fold(Tick(1, 3), Tick(2, 6), LayDown(7));
        var task = state.Task("detangle");
        Assert.Equal((TaskStatus.Waiting, 7.0, 2, true), (task.Status, task.Spent, task.Sections.Count, task.IsLaidDown));
        var moment = SessionTiming.At(Plan, state, At(60));
        Assert.Equal("detangle", moment.Hands[0].Next!.Id);
        Assert.Equal((At(60), At(77)), (moment.Times["detangle"].Start, moment.Times["detangle"].End));
        Assert.Equal(53, moment.Drifts["head"], 1e-9);

        // Taken up at 60, three minutes a section from the third on: the minute that was spent on it before is not needed again.
        var again = Fold(Tick(1, 3), Tick(2, 6), LayDown(7), new TaskStarted(Id(2), At(60), "detangle"), Tick(3, 62));
        Assert.Equal(77, Ends(again, 62), 1e-9);
        var done = Fold(
            Tick(1, 3),
            Tick(2, 6),
            LayDown(7),
            new TaskStarted(Id(2), At(60), "detangle"),
            Tick(3, 62),
            Tick(4, 65),
            Tick(5, 68),
            Tick(6, 71),
            Tick(7, 74),
            Tick(8, 77)
        );
        Assert.Equal(TaskStatus.Done, done.Task("detangle").Status);
        Assert.Equal((24.0, At(0)), (done.Task("detangle").WorkedBy(At(77)), done.Task("detangle").FirstBegun!.Value));
    }

    [Fact]
    public void Work_that_is_not_in_sections_takes_what_was_not_worked_of_it_and_a_minute_at_least()
    {
        SessionEvent[] first = [new TaskDone(Id(2), At(24), "detangle"), new TaskStarted(Id(3), At(24), "bun")];
        SessionState Laid(double minute) =>
            Fold([
                .. first,
                new MishapHandled(
                    Id(900),
                    At(minute),
                    "head",
                    Mishap.CalledAway,
                    "",
                    [new SessionChange(ChangeKind.LayDown, "bun")],
                    null,
                    []
                ),
            ]);
        double Left(SessionState state) => WorkPace.Minutes(Plan.FindTask("bun")!, state.Task("bun"));
        Assert.Equal(6, Left(Laid(28)));
        Assert.Equal(1, Left(Laid(50)));
    }

    [Fact]
    public void Only_work_in_hand_is_laid_down()
    {
        var waiting = SessionFold.Fold(Plan, [new SessionStarted(Id(0), At(0)), LayDown(5)]);
        Assert.Equal(TaskState.Untouched, waiting.Task("detangle"));
        var over = Fold(new TaskDone(Id(2), At(20), "detangle"), LayDown(25));
        Assert.Equal(TaskStatus.Done, over.Task("detangle").Status);
        // Twice is twice: what was worked adds up.
        var twice = Fold(LayDown(5), new TaskStarted(Id(2), At(30), "detangle"), LayDown(34, 901));
        Assert.Equal(9, twice.Task("detangle").Spent);
    }
}
