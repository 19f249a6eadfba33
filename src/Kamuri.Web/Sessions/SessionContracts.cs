using Kamuri.Core.Heads;
using Kamuri.Core.Learning;
using Kamuri.Core.Mixing;
using Kamuri.Core.Running;
using Kamuri.Core.Steps;
using Kamuri.Web.Plans;
using TaskStatus = Kamuri.Core.Running.TaskStatus;

namespace Kamuri.Web.Sessions;

/// <summary>Starts a session from a plan.</summary>
/// <param name="Plan">The plan as last asked for.</param>
/// <param name="Rehearsal">Runs on its own fast clock and leaves no record.</param>
/// <param name="Speed">Pace of a rehearsal: 1, 10, 60 or 600.</param>
public sealed record StartBody(PlanBody Plan, bool Rehearsal = false, double Speed = 1);

/// <summary>The pace of a rehearsal.</summary>
public sealed record ClockBody(double Speed);

/// <summary>What a press can mean.</summary>
public enum EventKind { TaskStarted, SectionDone, TaskDone, TaskSkipped, TaskExtended, Paused, Resumed, Note, Undone, Finished }

/// <summary>Something that happened, as pressed. The id is made by the device, so that a press sent twice counts once.</summary>
public sealed record EventBody
{
    public required Guid Id { get; init; }
    public required EventKind Kind { get; init; }

    /// <summary>The moment on the session's clock; now when left out.</summary>
    public DateTimeOffset? At { get; init; }

    public string? Task { get; init; }
    public int? Section { get; init; }
    public double? Minutes { get; init; }
    public string? Text { get; init; }

    /// <summary>For undone: the event to take back.</summary>
    public Guid? Target { get; init; }

    public Ratings? Ratings { get; init; }

    /// <summary>Null, with the field at fault, when something the kind needs is missing.</summary>
    internal (SessionEvent? Event, string? Missing) ToEvent(DateTimeOffset now)
    {
        var at = At ?? now;
        return Kind switch
        {
            EventKind.TaskStarted => Task is null ? (null, "task") : (new TaskStarted(Id, at, Task), null),
            EventKind.SectionDone => Task is null ? (null, "task") : Section is null ? (null, "section") : (new SectionDone(Id, at, Task, Section.Value), null),
            EventKind.TaskDone => Task is null ? (null, "task") : (new TaskDone(Id, at, Task), null),
            EventKind.TaskSkipped => Task is null ? (null, "task") : (new TaskSkipped(Id, at, Task), null),
            EventKind.TaskExtended => Task is null ? (null, "task") : Minutes is null ? (null, "minutes") : (new TaskExtended(Id, at, Task, Minutes.Value), null),
            EventKind.Paused => (new SessionPaused(Id, at), null),
            EventKind.Resumed => (new SessionResumed(Id, at), null),
            EventKind.Note => Text is null ? (null, "text") : (new NoteTaken(Id, at, Text, Task), null),
            EventKind.Undone => Target is null ? (null, "target") : (new EventUndone(Id, at, Target.Value), null),
            EventKind.Finished => (new SessionFinished(Id, at, Ratings ?? new Ratings(), Text), null),
            _ => (null, "kind"),
        };
    }
}

/// <summary>A task of a running session, with its real or projected times.</summary>
/// <param name="Also">Further steps worked in the same pass, section by section.</param>
public sealed record RunTaskView(
    string Id, string? Step, IReadOnlyList<string> Also, string Strand, string Title, bool IsHandsOn, int Sections, IReadOnlyList<int> SectionsDone, Window? Window,
    string AfterLatest, double PlannedMinutes, double ExtraMinutes, TaskStatus Status, Substance? Substance, DateTimeOffset Start, DateTimeOffset End)
{
    /// <summary>The title with its amounts in each way of measuring; null when there are none in it.</summary>
    public MeasuredWords? Words { get; init; }
}

/// <summary>What a screen says about the step in hand.</summary>
public sealed record RunStepView(
    string Id, string Name, Phase Phase, string Instruction, string Reason, IReadOnlyList<Places> Places, Direction Direction,
    MeasuredWords? Amount, IReadOnlyList<string> Cautions);

/// <summary>A wait that is counting.</summary>
public sealed record CountingView(
    string Task, string Strand, string Title, string AfterLatest, DateTimeOffset Since, DateTimeOffset EarliestAt, DateTimeOffset UsualAt, DateTimeOffset LatestAt);

/// <summary>What the last press was, so that it can be taken back.</summary>
public sealed record UndoView(Guid Event, string Label);

/// <summary>A running session as a screen shows it. Everything that ticks is given as a moment.</summary>
public sealed record SessionView(
    Guid Id, bool Rehearsal, Guid HeadId, string HeadName, string Aim, string Style, SessionStatus Status,
    DateTimeOffset Now, double Speed, double Factor, DateTimeOffset? StartedAt, DateTimeOffset? PausedAt, DateTimeOffset? FinishedAt,
    DateTimeOffset PlannedEnd, DateTimeOffset? ReadyBy, DateTimeOffset EndsAt, double DriftMinutes,
    IReadOnlyList<Section> Sections, IReadOnlyList<Zone> FragileZones, IReadOnlyList<RunStepView> Steps, IReadOnlyList<RunTaskView> Tasks,
    string? Doing, IReadOnlyList<CountingView> Counting, string? Next, DateTimeOffset? NextFrom, IReadOnlyList<string> Then, bool AllDone,
    UndoView? Undo, IReadOnlyList<Note> Notes, Ratings Ratings, string? ClosingNote)
{
    internal static SessionView Of(LiveSession session, HouseTime house)
    {
        var (plan, state) = (session.Plan, session.State);
        var moment = SessionTiming.At(plan, state, session.Clock.Now);
        return new SessionView(
            session.Id, session.IsRehearsal, plan.HeadId, plan.HeadName, plan.Aim, plan.Style, state.Status,
            house.Local(moment.Now), session.Clock.Speed, session.Clock.Factor,
            house.Local(state.StartedAt), house.Local(state.PausedAt), house.Local(state.FinishedAt), house.Local(plan.PlannedEnd), house.Local(plan.ReadyBy),
            house.Local(moment.EndsAt), moment.DriftMinutes, plan.Sections, plan.FragileZones,
            [.. plan.Steps.Select(step => new RunStepView(step.Id, step.Name, step.Phase, step.Instruction, step.Reason,
                EditBody.PlaceNames(step.Places), step.Direction, step.Amount, step.Cautions))],
            [.. plan.Tasks.Select(task => Task(task, state.Task(task.Id), moment.Times[task.Id]))],
            moment.Doing?.Id,
            [.. moment.Counting.Select(count => new CountingView(count.Task.Id, count.Task.Strand, count.Task.Title, count.Task.AfterLatest,
                house.Local(count.Since), house.Local(count.EarliestAt), house.Local(count.UsualAt), house.Local(count.LatestAt)))],
            moment.Next?.Id, house.Local(moment.NextFrom), [.. moment.Then.Select(task => task.Id)], moment.AllDone,
            state.Undoable.LastOrDefault() is { } last ? new UndoView(last.Id, Label(plan, last)) : null,
            state.Notes, state.Ratings, state.ClosingNote);

        RunTaskView Task(SessionTask task, TaskState now, TaskTimes times) => new(
            task.Id, task.StepId, task.Also ?? [], task.Strand, task.Title, task.IsHandsOn, task.Sections, [.. now.Sections], task.Window, task.AfterLatest,
            task.PlannedMinutes, now.Extra, now.Status, task.Substance, house.Local(times.Start), house.Local(times.End))
        { Words = task.Words };
    }

    private static string Label(SessionPlan plan, SessionEvent last)
    {
        string Title(string task) => plan.FindTask(task)?.Title.ToLowerInvariant() ?? task;
        return last switch
        {
            TaskStarted e => $"starting {Title(e.Task)}",
            SectionDone e => $"section {e.Section}",
            TaskDone e => $"{Title(e.Task)} done",
            TaskSkipped e => $"skipping {Title(e.Task)}",
            TaskExtended e => $"{e.Minutes:0} min more",
            SessionPaused => "the pause",
            SessionResumed => "going on",
            NoteTaken => "the note",
            _ => "the last press",
        };
    }
}

/// <summary>A session in a list.</summary>
public sealed record SessionLine(
    Guid Id, Guid HeadId, string HeadName, string Aim, string Style, SessionStatus Status, DateTimeOffset StartedAt, DateTimeOffset? FinishedAt,
    double PlannedMinutes, double ActualMinutes, double HandsOnMinutes, Ratings Ratings, string? Note, string Sentence)
{
    internal static SessionLine Of(Guid id, SessionSummary summary, HouseTime house) => new(
        id, summary.HeadId, summary.HeadName, summary.Aim, summary.Style, summary.Status, house.Local(summary.StartedAt), house.Local(summary.FinishedAt),
        summary.PlannedMinutes, summary.ActualMinutes, summary.HandsOnMinutes, summary.Ratings, summary.Note, summary.Sentence);
}

/// <summary>A past session, whole.</summary>
public sealed record SessionReviewView(SessionLine Session, IReadOnlyList<ReviewedTask> Tasks, IReadOnlyList<Note> Notes);
