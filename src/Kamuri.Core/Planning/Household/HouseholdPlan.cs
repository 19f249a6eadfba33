using Kamuri.Core.Scheduling;

namespace Kamuri.Core.Planning.Household;

/// <summary>A stretch in which a pair of hands rests.</summary>
public sealed record HandsRest(string Name, DateTimeOffset From, DateTimeOffset To);

/// <summary>One head of a household plan.</summary>
/// <param name="Key">What its tasks are prefixed with: "1", "2" and so on.</param>
/// <param name="Plan">Its own plan, with its tasks on the common clock.</param>
/// <param name="LikelyBy">Half of such days it is done by then (P50).</param>
/// <param name="NineInTenBy">Nine of ten (P90).</param>
/// <param name="Wanted">When it should be done; null when nobody said.</param>
/// <param name="ChanceInTime">The chance to be, 0 to 1; null when nobody said when.</param>
public sealed record HeadPlan(
    string Key,
    Plan Plan,
    DateTimeOffset LikelyBy,
    DateTimeOffset NineInTenBy,
    DateTimeOffset? Wanted,
    double? ChanceInTime
);

/// <summary>A day with several heads, placed.</summary>
/// <param name="Request">What was asked.</param>
/// <param name="Heads">In the order they were asked for.</param>
/// <param name="Tasks">Everything, in order of time.</param>
/// <param name="Links">What comes behind what.</param>
/// <param name="Start">When the first thing begins.</param>
/// <param name="End">When the last thing ends.</param>
/// <param name="NotBefore">No plan of these steps that begins then can end before.</param>
/// <param name="Proven">Whether this one is proven best.</param>
/// <param name="LikelyBy">Half of such days are over by then.</param>
/// <param name="NineInTenBy">Nine of ten.</param>
/// <param name="Rests">When hands rest.</param>
/// <param name="Bottleneck">What the end waits for most, in a sentence; empty when nothing stands out.</param>
/// <param name="Beyond">Who has to be worked on outside the time they are there, in a sentence each; then the rest is placed as if they
/// were.</param>
public sealed record HouseholdPlan(
    HouseholdRequest Request,
    IReadOnlyList<HeadPlan> Heads,
    IReadOnlyList<PlannedTask> Tasks,
    IReadOnlyList<Link> Links,
    DateTimeOffset Start,
    DateTimeOffset End,
    DateTimeOffset NotBefore,
    bool Proven,
    DateTimeOffset LikelyBy,
    DateTimeOffset NineInTenBy,
    IReadOnlyList<HandsRest> Rests,
    string Bottleneck,
    IReadOnlyList<string> Beyond
)
{
    /// <summary>Minutes later than wanted: the last of them where there is one hour for all, else all heads added up.</summary>
    public double MinutesLate => Request.HasOneHour ? Heads.Max(Late) : Heads.Sum(Late);

    /// <summary>No plan is fewer minutes late, counted alike; null where nobody looked.</summary>
    public double? LeastLate { get; init; }

    /// <summary>Minutes by which all waits together are shorter than usual, so that it is in time.</summary>
    public int MinutesShortened { get; init; }

    /// <summary>No wait is shortened more than halfway to its shortest.</summary>
    public bool IsGentle { get; init; } = true;

    /// <summary>It is proven best, but for the minutes of its shortened waits altogether.</summary>
    public bool MayBeCloser { get; init; }

    /// <summary>Nothing is less late, and a plan in time is proven best in everything.</summary>
    public bool IsSure => MinutesLate > 0 && LeastLate is { } least ? MinutesLate < least + 1 : Proven && !MayBeCloser;

    /// <summary>
    /// It begins when it suits its hours or its night, not as early as can be; then <see cref="NotBefore"/> holds for this beginning.
    /// </summary>
    public bool BeginsAtWill => Heads.Any(head => head.Wanted is not null) || Tasks.Any(task => task.IsOvernight);

    /// <summary>Minutes from the first thing to the last.</summary>
    public double Minutes => (End - Start).TotalMinutes;

    /// <summary>It was asked for by an hour, and to be ready by it starts while people sleep.</summary>
    public bool StartsInTheNight { get; init; }

    /// <summary>What keeps somebody up while people sleep; null for nothing.</summary>
    public NightWork? NightWork { get; init; }

    /// <summary>Why it was put off to the morning; null when it was not.</summary>
    public string? PutOff { get; init; }

    /// <summary>When somebody or something of it cannot be had.</summary>
    public IReadOnlyList<NotThere> NotThere { get; init; } = [];

    /// <summary>
    /// Who goes on for longer than they should, and for how many minutes, because no place for a break was found; empty for nobody.
    /// </summary>
    public IReadOnlyList<(string Who, int Minutes)> WithoutRest { get; init; } = [];

    /// <summary>
    /// Work longer than somebody should go on, which nothing parts but a pause between two sections: what, on whom, and for how many
    /// minutes.
    /// </summary>
    public IReadOnlyList<(string What, string Head, int Minutes)> InOneGo { get; init; } = [];

    private static double Late(HeadPlan head) => head.Wanted is { } wanted ? Math.Max(0, (head.Plan.End - wanted).TotalMinutes) : 0;

    public bool HasStop => Heads.Any(head => head.Plan.HasStop);
}
