using Kamuri.Core.Heads;
using Kamuri.Core.Learning;
using Kamuri.Core.Mixing;
using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Running;
using Kamuri.Core.Running.Mishaps;
using Kamuri.Core.Steps;
using Kamuri.Web.HouseholdPlans;
using Kamuri.Web.Plans;
using TaskStatus = Kamuri.Core.Running.TaskStatus;

namespace Kamuri.Web.Sessions;

/// <summary>Starts a session from a plan: of one head, or of a household.</summary>
public sealed record StartBody
{
    /// <summary>The plan of one head as last asked for.</summary>
    public PlanBody? Plan { get; init; }

    /// <summary>The plan of several heads as last asked for, in place of <see cref="Plan"/>.</summary>
    public HouseholdPlanBody? Household { get; init; }

    /// <summary>The planned day this is; it is planned no longer once its session has begun.</summary>
    public Guid? PlannedDayId { get; init; }

    /// <summary>Runs on its own fast clock and leaves no record.</summary>
    public bool Rehearsal { get; init; }

    /// <summary>Pace of a rehearsal: 1, 10, 60 or 600.</summary>
    public double Speed { get; init; } = 1;
}

/// <summary>The pace of a rehearsal.</summary>
/// <param name="Plays">Whether it presses for itself, as the plan has it; as before when left out.</param>
public sealed record ClockBody(double Speed, bool? Plays = null);

/// <summary>What a press can mean.</summary>
public enum EventKind
{
    TaskStarted,
    SectionDone,
    TaskDone,
    TaskSkipped,
    TaskExtended,
    Away,
    Paused,
    Resumed,
    Note,
    Undone,
    HeadRated,
    Mishap,
    OrderChanged,
    Reading,
    Finished,
}

/// <summary>Something that happened, as pressed. The id is made by the device, so that a press sent twice counts once.</summary>
public sealed record EventBody
{
    public required Guid Id { get; init; }
    public required EventKind Kind { get; init; }

    /// <summary>The moment on the session's clock; now when left out.</summary>
    public DateTimeOffset? At { get; init; }

    public string? Task { get; init; }
    public int? Section { get; init; }

    /// <summary>For work that is done: what the same hands come to next begins with it, where it can.</summary>
    public bool GoesOn { get; init; }

    /// <summary>For more time, and for time away.</summary>
    public double? Minutes { get; init; }
    public string? Text { get; init; }

    /// <summary>For undone: the event to take back.</summary>
    public Guid? Target { get; init; }

    /// <summary>For a reading: what was measured.</summary>
    public ReadingKind? Reading { get; init; }

    /// <summary>For a reading: in the unit of its kind.</summary>
    public double? Value { get; init; }

    /// <summary>For something that went wrong: what it was.</summary>
    public Mishap? Mishap { get; init; }

    /// <summary>For something that went wrong: the way that was chosen.</summary>
    public string? Way { get; init; }

    /// <summary>For a rating, and for something that went wrong: the key of the head.</summary>
    public string? Head { get; init; }

    public Ratings? Ratings { get; init; }

    /// <summary>Null, with the field at fault, when something the kind needs is missing.</summary>
    internal (SessionEvent? Event, string? Missing) ToEvent(DateTimeOffset now)
    {
        var at = At ?? now;
        return Kind switch
        {
            EventKind.TaskStarted => Task is null ? (null, "task") : (new TaskStarted(Id, at, Task), null),
            EventKind.SectionDone => Task is null ? (null, "task")
            : Section is null ? (null, "section")
            : (new SectionDone(Id, at, Task, Section.Value), null),
            EventKind.TaskDone => Task is null ? (null, "task") : (new TaskDone(Id, at, Task), null),
            EventKind.TaskSkipped => Task is null ? (null, "task") : (new TaskSkipped(Id, at, Task), null),
            EventKind.TaskExtended => Task is null ? (null, "task")
            : Minutes is null ? (null, "minutes")
            : (new TaskExtended(Id, at, Task, Minutes.Value), null),
            EventKind.Away => Task is null ? (null, "task")
            : Minutes is null ? (null, "minutes")
            : (new AwayTold(Id, at, Task, Minutes.Value), null),
            EventKind.Paused => (new SessionPaused(Id, at), null),
            EventKind.Resumed => (new SessionResumed(Id, at), null),
            EventKind.Note => Text is null ? (null, "text") : (new NoteTaken(Id, at, Text, Task), null),
            EventKind.Undone => Target is null ? (null, "target") : (new EventUndone(Id, at, Target.Value), null),
            EventKind.HeadRated => Head is null ? (null, "head")
            : Ratings is null ? (null, "ratings")
            : (new HeadRated(Id, at, Head, Ratings), null),
            EventKind.Reading => Reading is null ? (null, "reading")
            : Value is null ? (null, "value")
            : (new ReadingTaken(Id, at, Reading.Value, Value.Value, Task), null),
            EventKind.OrderChanged => (null, "order"),
            EventKind.Mishap => (
                null,
                Mishap is null ? "mishap"
                : Way is null ? "way"
                : "head"
            ),
            EventKind.Finished => (new SessionFinished(Id, at, Ratings ?? new Ratings(), Text), null),
            _ => (null, "kind"),
        };
    }
}

/// <summary>A task of a running session, with its real or projected times.</summary>
/// <param name="Also">Further steps worked in the same pass, section by section.</param>
public sealed record RunTaskView(
    string Id,
    string? Step,
    IReadOnlyList<string> Also,
    string Strand,
    string Title,
    bool IsHandsOn,
    int Sections,
    IReadOnlyList<int> SectionsDone,
    Window? Window,
    string AfterLatest,
    double PlannedMinutes,
    double ExtraMinutes,
    TaskStatus Status,
    Substance? Substance,
    DateTimeOffset Start,
    DateTimeOffset End
)
{
    /// <summary>The title with its amounts in each way of measuring; null when there are none in it.</summary>
    public MeasuredWords? Words { get; init; }

    /// <summary>Whose hands do it; null when one pair does everything.</summary>
    public string? By { get; init; }

    /// <summary>The key of the head it is for.</summary>
    public required string Head { get; init; }

    /// <summary>The mixture that cools meanwhile; null when none does.</summary>
    public CoolingView? Cools { get; init; }

    /// <summary>Begun and put aside; it waits to be taken up again.</summary>
    public bool IsLaidDown { get; init; }

    /// <summary>
    /// Minutes to add to the time since its start to get the time worked on it: more for work before it was put down, less for pauses.
    /// </summary>
    public double WorkedBesides { get; init; }

    /// <summary>How long a section has taken so far, and should by the plan, in a sentence; null before the first.</summary>
    public string? Pace { get; init; }
}

/// <summary>What a screen says about the step in hand.</summary>
public sealed record RunStepView(
    string Id,
    string Name,
    Phase Phase,
    string Instruction,
    string Reason,
    IReadOnlyList<Places> Places,
    Direction Direction,
    MeasuredWords? Amount,
    IReadOnlyList<string> Cautions
)
{
    /// <summary>What will be seen there; null for nothing worth saying.</summary>
    public string? Expect { get; init; }

    /// <summary>How much is to be weighed out for it, in millilitres, which most things on hair weigh in grams; 0 for nothing.</summary>
    public double WeighsMl { get; init; }
}

/// <summary>A head of a running session.</summary>
/// <param name="Key">Its strand.</param>
/// <param name="EndsAt">When it will be done.</param>
/// <param name="DriftMinutes">Behind the plan by so much now; below 0 ahead of it.</param>
public sealed record RunHeadView(
    string Key,
    Guid HeadId,
    string Name,
    string Aim,
    string Style,
    DateTimeOffset? ReadyBy,
    DateTimeOffset EndsAt,
    IReadOnlyList<Section> Sections,
    IReadOnlyList<Zone> FragileZones,
    Ratings Ratings,
    double DriftMinutes
);

/// <summary>A reading with what it means.</summary>
public sealed record ReadingView(DateTimeOffset At, ReadingKind Kind, double Value, string Sentence, bool Warns);

/// <summary>What one pair of hands does and comes to next, by task.</summary>
/// <param name="Name">Whose they are; empty when one pair does everything.</param>
/// <param name="NextFrom">The next is not to begin before; null when it can.</param>
/// <param name="RestUntil">A break is due until then.</param>
/// <param name="WaitsFor">The task other hands have to be done with first; null when nothing holds it up.</param>
public sealed record HandsView(
    string Name,
    string? Doing,
    string? Next,
    DateTimeOffset? NextFrom,
    DateTimeOffset? RestUntil,
    IReadOnlyList<string> Then,
    string? WaitsFor
)
{
    /// <summary>"your hands", "Ada’s hands"; empty when there is nothing to tell apart.</summary>
    public required string Whose { get; init; }

    /// <summary>A sentence on who or what the next task waits for; null when it waits for nobody.</summary>
    public string? Keeping { get; init; }

    /// <summary>Asked when no press has come for long; null while one need not be.</summary>
    public SilenceView? Silence { get; init; }
}

/// <summary>The work in hand has gone on far longer than it takes, without a press.</summary>
/// <param name="AwayMinutes">What is taken out of it if somebody says that they were away.</param>
public sealed record SilenceView(string Question, double AwayMinutes);

/// <summary>A wait that is counting.</summary>
public sealed record CountingView(
    string Task,
    string Strand,
    string Title,
    string AfterLatest,
    DateTimeOffset Since,
    DateTimeOffset EarliestAt,
    DateTimeOffset UsualAt,
    DateTimeOffset LatestAt,
    bool HarmlessAfter
);

/// <summary>The last press, for Undo.</summary>
public sealed record UndoView(Guid Event, string Label);

/// <summary>A running session as a screen shows it. Everything that ticks is given as a moment.</summary>
/// <param name="Names">Everyone by name.</param>
/// <param name="Heads">One or several.</param>
/// <param name="Hands">Each pair of hands; never empty.</param>
public sealed record SessionView(
    Guid Id,
    bool Rehearsal,
    string Names,
    SessionStatus Status,
    DateTimeOffset Now,
    double Speed,
    double Factor,
    DateTimeOffset? StartedAt,
    DateTimeOffset? PausedAt,
    DateTimeOffset? FinishedAt,
    DateTimeOffset PlannedEnd,
    DateTimeOffset EndsAt,
    double DriftMinutes,
    IReadOnlyList<RunHeadView> Heads,
    IReadOnlyList<RunStepView> Steps,
    IReadOnlyList<RunTaskView> Tasks,
    IReadOnlyList<HandsView> Hands,
    IReadOnlyList<CountingView> Counting,
    bool AllDone,
    UndoView? Undo,
    IReadOnlyList<Note> Notes,
    string? ClosingNote
)
{
    /// <summary>A rehearsal that presses for itself.</summary>
    public bool Plays { get; init; }

    /// <summary>What was measured, oldest first.</summary>
    public required IReadOnlyList<ReadingView> Readings { get; init; }

    /// <summary>Changes whenever it is worth asking for another order; 0 for not at all.</summary>
    public required int OrderAsks { get; init; }

    /// <summary>One sentence for each person who is needed while away.</summary>
    public required IReadOnlyList<string> Beyond { get; init; }

    /// <summary>The hair was put up to be left; null while nobody has stopped.</summary>
    public DateTimeOffset? ParkedAt { get; init; }

    /// <summary>The household's clocks change between its beginning and its end; null when they do not.</summary>
    public ClockChange? ClocksChange { get; init; }

    internal static SessionView Of(LiveSession session, HouseTime house)
    {
        var state = session.State;
        var plan = session.Plan.With(state);
        var moment = SessionTiming.At(plan, state, session.Clock.Now);
        return new SessionView(
            session.Id,
            session.IsRehearsal,
            plan.Names,
            state.Status,
            house.Local(moment.Now),
            session.Clock.Speed,
            session.Clock.Factor,
            house.Local(state.StartedAt),
            house.Local(state.PausedAt),
            house.Local(state.FinishedAt),
            house.Local(plan.PlannedEnd),
            house.Local(moment.EndsAt),
            moment.DriftMinutes,
            [
                .. plan.Heads.Select(head => new RunHeadView(
                    head.Key,
                    head.HeadId,
                    head.Name,
                    head.Aim,
                    head.Style,
                    house.Local(head.ReadyBy),
                    house.Local(moment.Ends[head.Key]),
                    head.Sections,
                    head.FragileZones,
                    state.RatingsOf(head.Key),
                    moment.Drifts[head.Key]
                )),
            ],
            [
                .. plan.Steps.Select(step => new RunStepView(
                    step.Id,
                    step.Name,
                    step.Phase,
                    step.Instruction,
                    step.Reason,
                    EditBody.PlaceNames(step.Places),
                    step.Direction,
                    step.Amount,
                    step.Cautions
                )
                {
                    WeighsMl = Math.Round(plan.Planned(step.Id)),
                    Expect = step.Expect,
                }),
            ],
            [.. plan.Tasks.Select(task => Task(task, state.Task(task.Id), moment.Times[task.Id]))],
            [
                .. moment.Hands.Select(hands => new HandsView(
                    hands.Name,
                    hands.Doing?.Id,
                    hands.Next?.Id,
                    house.Local(hands.NextFrom),
                    house.Local(hands.RestUntil),
                    [.. hands.Then.Select(task => task.Id)],
                    hands.WaitsFor?.Id
                )
                {
                    Whose = hands.Name is { Length: > 0 } name ? HelpingHands.Whose(name) : "",
                    Silence = hands.Silence is { } silence ? new SilenceView(silence.Question(hands.Doing!), silence.AwayMinutes) : null,
                    Keeping = hands.Keeping is { } away
                        ? SessionAbsences.Sentence(plan, away with { To = house.Local(away.To) }, house.Local(moment.Now))
                        : null,
                }),
            ],
            [
                .. moment.Counting.Select(count => new CountingView(
                    count.Task.Id,
                    count.Task.Strand,
                    count.Task.Title,
                    count.Task.AfterLatest,
                    house.Local(count.Since),
                    house.Local(count.EarliestAt),
                    house.Local(count.UsualAt),
                    house.Local(count.LatestAt),
                    count.Task.IsHarmlessAfter
                )),
            ],
            moment.AllDone,
            state.Undoable.LastOrDefault() is { } last ? new UndoView(last.Id, Label(plan, last)) : null,
            state.Notes,
            state.ClosingNote
        )
        {
            Plays = session.IsPlaying,
            ParkedAt = house.Local(state.Parked?.At),
            ClocksChange = ClockChange.Between(house.Local, state.StartedAt ?? plan.PlannedStart, moment.EndsAt),
            Beyond =
            [
                .. moment.Beyond.Select(needed =>
                    SessionAbsences.Sentence(
                        plan,
                        new NeededWhileAway(
                            needed.Away with
                            {
                                From = house.Local(needed.Away.From),
                                To = house.Local(needed.Away.To),
                            },
                            house.Local(needed.Until)
                        ),
                        house.Local(moment.Now)
                    )
                ),
            ],
            OrderAsks = state.Status == SessionStatus.Running && plan.Heads.Count > 1 ? BetterOrder.Asks(moment) : 0,
            Readings =
            [
                .. state.Readings.Select(reading => new ReadingView(
                    house.Local(reading.At),
                    reading.Kind,
                    reading.Value,
                    reading.Sentence(plan),
                    reading.Warns
                )),
            ],
        };

        RunTaskView Task(SessionTask task, TaskState now, TaskTimes times) =>
            new(
                task.Id,
                task.StepId,
                task.Also ?? [],
                task.Strand,
                task.Title,
                task.IsHandsOn,
                task.Sections,
                [.. now.Sections],
                task.Window,
                task.AfterLatest,
                task.PlannedMinutes,
                now.Extra,
                now.Status,
                task.Substance,
                house.Local(times.Start),
                house.Local(times.End)
            )
            {
                Words = task.Words,
                IsLaidDown = now.IsLaidDown,
                WorkedBesides = now.Spent - now.Paused,
                Pace = WorkPace.Sentence(task, now),
                By = task.By,
                Head = plan.HeadOf(task).Key,
                Cools = task.Cools is { } cools ? new CoolingView(cools.Vessel, Math.Round(cools.Millilitres), cools.FromCelsius) : null,
            };
    }

    private static string Label(SessionPlan plan, SessionEvent last)
    {
        string Title(string task) => plan.FindTask(task)?.Title ?? task;
        return last switch
        {
            TaskStarted e => SessionErrors.StartingTitle(Title(e.Task)),
            SectionDone e => SessionErrors.SectionSection($"{e.Section}"),
            TaskDone e => SessionErrors.TitleDone(Title(e.Task)),
            TaskSkipped e => SessionErrors.SkippingTitle(Title(e.Task)),
            TaskExtended e => SessionErrors.MinutesMinMore($"{e.Minutes:0}"),
            AwayTold => SessionErrors.TheTimeAway,
            SessionPaused => SessionErrors.ThePause,
            SessionResumed => SessionErrors.Resuming,
            NoteTaken => SessionErrors.TheNote,
            MishapHandled e => e.Way.ToLowerInvariant(),
            ReadingTaken => SessionErrors.TheReading,
            OrderChanged => SessionErrors.TheNewOrder,
            HeadRated e => SessionErrors.TheRatingOfFindHead(plan.FindHead(e.Head)?.Name ?? ""),
            _ => SessionErrors.TheLastPress,
        };
    }
}

/// <summary>A session in a list.</summary>
public sealed record SessionLine(
    Guid Id,
    Guid HeadId,
    string HeadName,
    string Aim,
    string Style,
    SessionStatus Status,
    DateTimeOffset StartedAt,
    DateTimeOffset? FinishedAt,
    double PlannedMinutes,
    double ActualMinutes,
    double HandsOnMinutes,
    Ratings Ratings,
    string? Note,
    string Sentence
)
{
    internal static SessionLine Of(Guid id, SessionSummary summary, HouseTime house) =>
        new(
            id,
            summary.HeadId,
            summary.HeadName,
            summary.Aim,
            summary.Style,
            summary.Status,
            house.Local(summary.StartedAt),
            house.Local(summary.FinishedAt),
            summary.PlannedMinutes,
            summary.ActualMinutes,
            summary.HandsOnMinutes,
            summary.Ratings,
            summary.Note,
            summary.Sentence
        );
}

/// <summary>A past session, whole.</summary>
/// <param name="Names">Everyone by name.</param>
/// <param name="Heads">How it went for each.</param>
public sealed record SessionReviewView(
    string Names,
    IReadOnlyList<SessionLine> Heads,
    DateTimeOffset StartedAt,
    DateTimeOffset? FinishedAt,
    double PlannedMinutes,
    double ActualMinutes,
    double HandsOnMinutes,
    string Sentence,
    string? Note,
    IReadOnlyList<ReviewedTask> Tasks,
    IReadOnlyList<Note> Notes
)
{
    /// <summary>The key of each head within the day, in the order of <see cref="Heads"/>.</summary>
    public required IReadOnlyList<string> Keys { get; init; }
}

/// <summary>Another order for what is left, that is over sooner.</summary>
/// <param name="GainMinutes">By how much.</param>
/// <param name="Sentence">The next round, and what it would gain.</param>
public sealed record BetterOrderView(double GainMinutes, DateTimeOffset EndsAt, string Sentence);
