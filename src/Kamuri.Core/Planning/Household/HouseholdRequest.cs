using Kamuri.Core.Composing;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Planning.Household;

/// <summary>A stretch of time on the clock; the end is free again.</summary>
public sealed record Between(DateTimeOffset From, DateTimeOffset To);

/// <summary>Kinds of work that somebody may or may not be trusted with.</summary>
[Flags]
public enum Work
{
    None = 0,

    /// <summary>Boiling, straining, mixing.</summary>
    Kitchen = 1,

    /// <summary>Everything at shower or basin.</summary>
    Water = 2,

    /// <summary>Putting on and smoothing in.</summary>
    Treating = 4,

    /// <summary>Parting, combing and finger-detangling.</summary>
    Detangling = 8,

    /// <summary>Twisting, braiding, retwisting and what keeps it.</summary>
    Styling = 16,

    All = Kitchen | Water | Treating | Detangling | Styling,
}

/// <summary>Somebody who does the work.</summary>
/// <param name="Name">Unique within the household, and no number: those are the keys of heads.</param>
/// <param name="MayDo">What they may do.</param>
public sealed record HelpingHands(string Name, Work MayDo = Work.All)
{
    /// <summary>What the hands of the one who plans are called when nobody said otherwise.</summary>
    public const string Own = "You";

    /// <summary>What the second pair of hands of a house is called when nobody said otherwise.</summary>
    public const string Other = "Helper";

    /// <summary>The hands of a house when nobody said whose they are: all of them do everything, and are there all day.</summary>
    /// <param name="pairs">How many pairs there are, one or more; no more than <see cref="HouseholdRequest.MostHands"/> are planned
    /// with.</param>
    public static IReadOnlyList<HelpingHands> OfHouse(int pairs) => pairs > 1 ? [new(Own), new(Other)] : [new(Own)];

    /// <summary>"your hands", "Ada’s hands".</summary>
    public static string Whose(string name) => name == Own ? HouseholdWords.YourHands : HouseholdWords.NameSHands(name);

    /// <summary>The heads they may work on; null for all.</summary>
    public IReadOnlyList<Guid>? Heads { get; init; }

    /// <summary>When they are not there. The same hours hold on the day before and the day after.</summary>
    public IReadOnlyList<Between> Away { get; init; } = [];
}

/// <summary>One head of a household session.</summary>
/// <param name="Request">What is wanted for it. When it is to be, and with what, is the household's to say.</param>
public sealed record HeadOfDay(PlanRequest Request)
{
    /// <summary>
    /// When the head is there to be worked on: back from school at three, asleep by half past eight. Empty for always. With something that
    /// stays on overnight, the same hours hold on the day before and the day after.
    /// </summary>
    public IReadOnlyList<Between> Present { get; init; } = [];

    /// <summary>Ready and dry by here; null when the household's own hour counts, or none.</summary>
    public DateTimeOffset? ReadyBy { get; init; }

    /// <summary>Longest that hands go on with it before it gets a pause, in minutes; null when it needs none.</summary>
    public int? PauseAfter { get; init; }
}

/// <summary>One of a thing that is taken by others for a while, at the same hours on the day before and the day after.</summary>
public sealed record Taken(Resource Resource, Between When);

/// <summary>A day with several heads.</summary>
public sealed record HouseholdRequest
{
    /// <summary>Most heads in one session.</summary>
    public const int MostHeads = 4;

    /// <summary>Most pairs of hands.</summary>
    public const int MostHands = 2;

    /// <summary>One to <see cref="MostHeads"/>, each another.</summary>
    public required IReadOnlyList<HeadOfDay> Heads { get; init; }

    /// <summary>One to <see cref="MostHands"/>.</summary>
    public required IReadOnlyList<HelpingHands> Hands { get; init; }

    public required When When { get; init; }

    /// <summary>How many of each thing there are; hands are counted by <see cref="Hands"/>.</summary>
    public Equipment Equipment { get; init; } = new();

    /// <summary>What others use meanwhile.</summary>
    public IReadOnlyList<Taken> Taken { get; init; } = [];

    /// <summary>
    /// Everybody is to be ready by the same hour: then it counts when the last of them is, and not by how much each is late.
    /// </summary>
    public bool HasOneHour => When.ReadyBy is not null && Heads.All(head => head.ReadyBy is null || head.ReadyBy == When.ReadyBy);
}
