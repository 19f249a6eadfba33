using Kamuri.Core.Running.Mishaps;
using Kamuri.Core.Scheduling;

namespace Kamuri.Core.Running;

/// <summary>Five quick ratings, 1 to 5 each; null when not answered.</summary>
public sealed record Ratings(
    int? Softness = null,
    int? Definition = null,
    int? Slip = null,
    int? ScalpComfort = null,
    int? Stiffness = null
)
{
    public const int Least = 1;
    public const int Most = 5;

    /// <summary>Every answer given.</summary>
    public IEnumerable<int> Given() => new[] { Softness, Definition, Slip, ScalpComfort, Stiffness }.OfType<int>();
}

/// <summary>Something that happened in a session. The list of these is the session; its state is a fold over them.</summary>
/// <param name="Id">Made by whoever pressed, so that a press sent twice counts once.</param>
/// <param name="At">The moment it happened, on the session's clock.</param>
public abstract record SessionEvent(Guid Id, DateTimeOffset At);

/// <summary>The session began.</summary>
public sealed record SessionStarted(Guid Id, DateTimeOffset At) : SessionEvent(Id, At);

/// <summary>Work on a task began.</summary>
public sealed record TaskStarted(Guid Id, DateTimeOffset At, string Task) : SessionEvent(Id, At);

/// <summary>Some of the work on a task is done.</summary>
public abstract record WorkDone(Guid Id, DateTimeOffset At, string Task) : SessionEvent(Id, At)
{
    /// <summary>The task the same hands went on to at once; null when they did not.</summary>
    public string? Begins { get; init; }
}

/// <summary>One section of a task is done.</summary>
public sealed record SectionDone(Guid Id, DateTimeOffset At, string Task, int Section) : WorkDone(Id, At, Task);

/// <summary>A task is done.</summary>
public sealed record TaskDone(Guid Id, DateTimeOffset At, string Task) : WorkDone(Id, At, Task);

/// <summary>A task is left out.</summary>
public sealed record TaskSkipped(Guid Id, DateTimeOffset At, string Task) : SessionEvent(Id, At);

/// <summary>A task gets more minutes.</summary>
public sealed record TaskExtended(Guid Id, DateTimeOffset At, string Task, double Minutes) : SessionEvent(Id, At);

/// <summary>Hands stop; what works by itself goes on.</summary>
public sealed record SessionPaused(Guid Id, DateTimeOffset At) : SessionEvent(Id, At);

/// <summary>Hands go on.</summary>
public sealed record SessionResumed(Guid Id, DateTimeOffset At) : SessionEvent(Id, At);

/// <summary>Whoever was silent said whether they had been away from the work in hand.</summary>
/// <param name="Minutes">Minutes they were away, up to <paramref name="At"/>; 0 when they were at it all the time.</param>
public sealed record AwayTold(Guid Id, DateTimeOffset At, string Task, double Minutes) : SessionEvent(Id, At);

/// <summary>A note in the person's words.</summary>
public sealed record NoteTaken(Guid Id, DateTimeOffset At, string Text, string? Task) : SessionEvent(Id, At);

/// <summary>Something was measured.</summary>
public sealed record ReadingTaken(Guid Id, DateTimeOffset At, ReadingKind Kind, double Value, string? Task) : SessionEvent(Id, At);

/// <summary>An earlier event is taken back.</summary>
public sealed record EventUndone(Guid Id, DateTimeOffset At, Guid Target) : SessionEvent(Id, At);

/// <summary>Something went wrong on a head, and somebody chose how to go on.</summary>
/// <param name="Way">The way that was chosen, in words.</param>
/// <param name="Changes">What it does to the session.</param>
/// <param name="Remember">A note for next time; null for none.</param>
/// <param name="Reactions">Ingredients a reaction is noted against.</param>
public sealed record MishapHandled(
    Guid Id,
    DateTimeOffset At,
    string Head,
    Mishap Mishap,
    string Way,
    IReadOnlyList<SessionChange> Changes,
    string? Remember,
    IReadOnlyList<string> Reactions
) : SessionEvent(Id, At);

/// <summary>Another order of what is left was taken.</summary>
public sealed record OrderChanged(Guid Id, DateTimeOffset At, IReadOnlyList<Reordered> Order, IReadOnlyList<Link> Gaps)
    : SessionEvent(Id, At);

/// <summary>What the person thought of how one of several heads came out.</summary>
public sealed record HeadRated(Guid Id, DateTimeOffset At, string Head, Ratings Ratings) : SessionEvent(Id, At);

/// <summary>The session is over, with what the person thought of it.</summary>
public sealed record SessionFinished(Guid Id, DateTimeOffset At, Ratings Ratings, string? Note) : SessionEvent(Id, At);
