namespace Kamuri.Core.Running.Mishaps;

/// <summary>What went wrong.</summary>
public enum Mishap
{
    /// <summary>Dozed off, or forgot it: something stayed on too long.</summary>
    LeftTooLong,

    /// <summary>Somebody has to go away now.</summary>
    CalledAway,

    /// <summary>Water, mixture or cap is too hot, or something was scalded.</summary>
    TooHot,

    /// <summary>It itches, stings or burns.</summary>
    Stings,

    NotEnough,
    TooMuch,
    TooThick,
    TooRunny,

    /// <summary>Oil does not wash out.</summary>
    OilStays,

    /// <summary>Bits of leaf, seed or powder are left in the hair.</summary>
    BitsLeft,

    /// <summary>A section was missed, or nobody knows which are done.</summary>
    UnsureOfSections,

    /// <summary>There is no time for the rest.</summary>
    OutOfTime,

    /// <summary>It is bedtime and the hair is wet.</summary>
    WetAtBedtime,
}

/// <summary>What a change does to a running session.</summary>
public enum ChangeKind
{
    /// <summary>A task is left out.</summary>
    Skip,

    /// <summary>A wait is over now.</summary>
    End,

    /// <summary>A wait takes so many minutes in place of what was planned.</summary>
    Shorten,

    /// <summary>A wait goes on without hood or steamer.</summary>
    WithoutHeat,

    /// <summary>Work is put in: behind a task, else before everything else on that head.</summary>
    Insert,

    /// <summary>A task comes before everything else that has not begun.</summary>
    First,

    /// <summary>The ticks of a task are taken away.</summary>
    ForgetSections,

    /// <summary>Hands stop, and the hair is left as it is.</summary>
    Park,

    /// <summary>Work in hand is put aside, with what was done of it, and taken up again later.</summary>
    LayDown,

    /// <summary>A task is left out here and done further on, what was done of it already taken along.</summary>
    PutOff,
}

/// <summary>
/// One change to a running session. Kept with the event that made it, so that the same events always give the same session.
/// </summary>
/// <param name="Kind">What it does.</param>
/// <param name="Task">The task it is about; for an insertion its own id.</param>
/// <param name="Minutes">For a shorter wait: how long it takes now. For work that parks the hair: how long it may lie before it wants a
/// mist.</param>
/// <param name="Work">For an insertion, and for what is put off: the work.</param>
/// <param name="Behind">For the same: the task it comes behind; null when it comes next.</param>
public sealed record SessionChange(ChangeKind Kind, string Task, double Minutes = 0, SessionTask? Work = null, string? Behind = null);

/// <summary>One way to go on.</summary>
/// <param name="Id">What it is chosen by.</param>
/// <param name="Label">What the button says.</param>
/// <param name="Sentences">What it changes and why, a sentence each.</param>
/// <param name="Changes">What it does; empty when it is only advice.</param>
/// <param name="EndsAt">When all of it will be over that way.</param>
public sealed record Way(
    string Id,
    string Label,
    IReadOnlyList<string> Sentences,
    IReadOnlyList<SessionChange> Changes,
    DateTimeOffset EndsAt
)
{
    /// <summary>When the hair will be put up, for a way that stops; null for one that goes on.</summary>
    public DateTimeOffset? PutUpAt { get; init; }
}

/// <summary>What to do about a mishap, on this head at this moment.</summary>
/// <param name="Mishap">What went wrong.</param>
/// <param name="Head">The key of the head.</param>
/// <param name="Now">What to do first, a sentence each.</param>
/// <param name="MustBeDone">What has to be done before anybody stops; empty when nothing has to.</param>
/// <param name="Ways">Ways to go on; the first is the usual one.</param>
/// <param name="Remember">A note that is kept for next time; null for none.</param>
/// <param name="Reactions">Ingredients a reaction is noted against.</param>
public sealed record Advice(
    Mishap Mishap,
    string Head,
    IReadOnlyList<string> Now,
    IReadOnlyList<string> MustBeDone,
    IReadOnlyList<Way> Ways,
    string? Remember,
    IReadOnlyList<string> Reactions
);

/// <summary>What advice needs to know from outside the session.</summary>
/// <param name="Figures">How long things take.</param>
/// <param name="Alike">Names of products on the shelf that could stand in for one, by the step they would be used at.</param>
/// <param name="Bedtime">When this household goes to bed today.</param>
public sealed record MishapSurroundings(MishapFigures Figures, Func<SessionStep, IReadOnlyList<string>> Alike, DateTimeOffset Bedtime)
{
    /// <summary>A moment on the household's clock on the wall; as it is where nothing is said about that.</summary>
    public Func<DateTimeOffset, DateTimeOffset> Wall { get; init; } = moment => moment;
}
