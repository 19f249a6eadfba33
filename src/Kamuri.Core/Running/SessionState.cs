using System.Collections.Immutable;

namespace Kamuri.Core.Running;

/// <summary>Where a task stands.</summary>
public enum TaskStatus { Waiting, Running, Done, Skipped }

/// <summary>Where a session stands.</summary>
public enum SessionStatus { NotStarted, Running, Paused, Finished }

/// <summary>The state of one task.</summary>
/// <param name="Status">Where it stands.</param>
/// <param name="Start">When it really began.</param>
/// <param name="End">When it really ended.</param>
/// <param name="Sections">Sections ticked.</param>
/// <param name="Extra">Minutes given on top of the plan.</param>
/// <param name="Paused">Minutes hands stood still within it.</param>
public sealed record TaskState(
    TaskStatus Status, DateTimeOffset? Start, DateTimeOffset? End, ImmutableSortedSet<int> Sections, double Extra, double Paused)
{
    public static TaskState Untouched { get; } = new(TaskStatus.Waiting, null, null, [], 0, 0);

    public bool IsOver => Status is TaskStatus.Done or TaskStatus.Skipped;
}

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

    /// <summary>Events that can still be taken back, oldest first.</summary>
    public ImmutableList<SessionEvent> Undoable { get; init; } = [];

    /// <summary>What was thought of a head: its own ratings, else those of the day.</summary>
    public Ratings RatingsOf(string head) => HeadRatings.GetValueOrDefault(head, Ratings);

    public TaskState Task(string id) => Tasks.GetValueOrDefault(id, TaskState.Untouched);
}
