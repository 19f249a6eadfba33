using System.Collections.Immutable;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Running;

/// <summary>Where a task stands.</summary>
public enum TaskStatus
{
    Waiting,
    Running,
    Done,
    Skipped,
}

/// <summary>Where a session stands.</summary>
public enum SessionStatus
{
    NotStarted,
    Running,
    Paused,
    Finished,
}

/// <summary>The state of one task.</summary>
/// <param name="Status">Where it stands.</param>
/// <param name="Start">When it really began; after it was laid down, when it was taken up again.</param>
/// <param name="End">When it really ended.</param>
/// <param name="Sections">Sections ticked.</param>
/// <param name="Extra">Minutes given on top of the plan.</param>
/// <param name="Paused">Minutes hands stood still within it.</param>
public sealed record TaskState(
    TaskStatus Status,
    DateTimeOffset? Start,
    DateTimeOffset? End,
    ImmutableSortedSet<int> Sections,
    double Extra,
    double Paused
)
{
    public static TaskState Untouched { get; } = new(TaskStatus.Waiting, null, null, [], 0, 0);

    /// <summary>Minutes worked on it before it was laid down; 0 when it never was.</summary>
    public double Spent { get; init; }

    /// <summary>When it was begun before it was laid down; null when it never was.</summary>
    public DateTimeOffset? FirstBegun { get; init; }

    /// <summary>Minutes worked on it altogether when a section was last ticked.</summary>
    public double WorkedAtTick { get; init; }

    /// <summary>Minutes worked on it altogether when its sections were begun anew; 0 when they never were.</summary>
    public double CountedFrom { get; init; }

    /// <summary>When whoever works on it last let something be known of it; null before it began.</summary>
    public DateTimeOffset? HeardAt { get; init; }

    public bool IsOver => Status is TaskStatus.Done or TaskStatus.Skipped;

    /// <summary>Begun, put aside, and not taken up again yet.</summary>
    public bool IsLaidDown => Status == TaskStatus.Waiting && Spent > 0;

    /// <summary>Something of it was really done, even if it was broken off.</summary>
    public bool IsTouched => Status is TaskStatus.Running or TaskStatus.Done || Start is not null || FirstBegun is not null;

    /// <summary>Minutes worked on it altogether, without pauses.</summary>
    public double WorkedBy(DateTimeOffset at) => Spent + (Start is { } start ? Math.Max(0, (at - start).TotalMinutes - Paused) : 0);
}

/// <summary>What went wrong, or was measured, changed a task.</summary>
/// <param name="Minutes">What a wait takes now; null for as planned.</param>
/// <param name="WithoutHeat">It goes on without hood or steamer.</param>
public sealed record TaskChange(double? Minutes = null, bool WithoutHeat = false)
{
    /// <summary>The marks of a wait as a thermometer has them; null for those of the plan.</summary>
    public Window? Measured { get; init; }

    public SessionTask On(SessionTask task) =>
        task with
        {
            PlannedMinutes = Minutes ?? Measured?.Usual ?? task.PlannedMinutes,
            Window =
                Minutes is { } minutes && (Measured ?? task.Window) is { } window
                    ? window with
                    {
                        Earliest = Math.Min(window.Earliest, minutes),
                        Usual = minutes,
                    }
                    : Measured ?? task.Window,
            Uses = WithoutHeat ? [.. task.Uses.Where(each => each is not (Resource.Hood or Resource.Steamer))] : task.Uses,
        };
}

/// <summary>Work that was put in.</summary>
/// <param name="Behind">The task it comes behind; null when it comes next.</param>
public sealed record Insertion(SessionTask Work, string? Behind);

/// <summary>The order of what had not begun, as it was changed in the run.</summary>
public sealed record NewOrder(ImmutableList<Reordered> Tasks, ImmutableList<Link> Gaps);

/// <summary>The hair is put up and left.</summary>
/// <param name="At">Since when.</param>
/// <param name="DriesWithin">Minutes after which wet hair wants a mist.</param>
public sealed record Parked(DateTimeOffset At, double DriesWithin);

/// <summary>A stretch in which nobody worked: the hair was put up, or they said that they had been away.</summary>
public sealed record TimeAway(DateTimeOffset From, DateTimeOffset To);

/// <summary>A note with its moment.</summary>
public sealed record Note(DateTimeOffset At, string Text, string? Task);

/// <summary>The state of a session: what its events add up to.</summary>
public sealed record SessionState
{
    public SessionStatus Status { get; init; } = SessionStatus.NotStarted;
    public DateTimeOffset? StartedAt { get; init; }
    public DateTimeOffset? PausedAt { get; init; }
    public DateTimeOffset? FinishedAt { get; init; }
    public ImmutableDictionary<string, TaskState> Tasks { get; init; } = ImmutableDictionary<string, TaskState>.Empty;
    public ImmutableList<Note> Notes { get; init; } = [];
    public Ratings Ratings { get; init; } = new();

    /// <summary>Ratings given for one of several heads, by key.</summary>
    public ImmutableDictionary<string, Ratings> HeadRatings { get; init; } = ImmutableDictionary<string, Ratings>.Empty;

    public string? ClosingNote { get; init; }

    /// <summary>Work that was put in because something went wrong.</summary>
    public ImmutableList<Insertion> Inserted { get; init; } = [];

    /// <summary>Tasks that come before everything else that has not begun, in their order.</summary>
    public ImmutableList<string> First { get; init; } = [];

    /// <summary>Another order that was taken; null for the plan's own.</summary>
    public NewOrder? Order { get; init; }

    /// <summary>Tasks that something that went wrong has changed, by id.</summary>
    public ImmutableDictionary<string, TaskChange> Changed { get; init; } = ImmutableDictionary<string, TaskChange>.Empty;

    /// <summary>Ingredients a reaction was seen to, by head.</summary>
    public ImmutableDictionary<string, ImmutableSortedSet<string>> Reactions { get; init; } =
        ImmutableDictionary<string, ImmutableSortedSet<string>>.Empty;

    /// <summary>What was measured, oldest first.</summary>
    public ImmutableList<TakenReading> Readings { get; init; } = [];

    /// <summary>Left for later; null while nobody has stopped for good.</summary>
    public Parked? Parked { get; init; }

    /// <summary>Minutes after which parked hair wants a mist.</summary>
    public double MistAfter { get; init; }

    /// <summary>When nobody worked, oldest first.</summary>
    public ImmutableList<TimeAway> Away { get; init; } = [];

    /// <summary>Minutes before a moment in which nobody worked; they are no part of how long a day takes.</summary>
    /// <param name="moment">The moment.</param>
    /// <param name="now">The present: whoever has stopped is away until then at least.</param>
    public double AwayBefore(DateTimeOffset moment, DateTimeOffset now) =>
        (Parked is { } parked ? Away.Add(new TimeAway(parked.At, now)) : Away)
            .Where(away => away.To <= moment)
            .Sum(away => (away.To - away.From).TotalMinutes);

    /// <summary>Left out here, to be done further on.</summary>
    public bool IsPutOff(SessionTask task) =>
        Inserted.Exists(each => each.Work.Id != task.Id && each.Work.StepId is { } step && task.StepIds.Contains(step));

    public bool IsInserted(string task) => Inserted.Exists(each => each.Work.Id == task);

    /// <summary>Events that can still be taken back, oldest first.</summary>
    public ImmutableList<SessionEvent> Undoable { get; init; } = [];

    /// <summary>What was thought of a head: its own ratings, else those of the day.</summary>
    public Ratings RatingsOf(string head) => HeadRatings.GetValueOrDefault(head, Ratings);

    public TaskState Task(string id) => Tasks.GetValueOrDefault(id, TaskState.Untouched);
}
