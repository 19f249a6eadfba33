using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Rhythm;

/// <summary>
/// What is on record of a head, as far as rules and rhythm need it. Everything may be missing: a rule that lacks its
/// record stays silent.
/// </summary>
public sealed record History
{
    public static History Empty { get; } = new();

    /// <summary>When each treatment was last done.</summary>
    public IReadOnlyDictionary<Treatment, DateOnly> LastDone { get; init; } = new Dictionary<Treatment, DateOnly>();

    /// <summary>Days in the last weeks on which loose hair was wetted and combed.</summary>
    public IReadOnlyList<DateOnly> WetCombings { get; init; } = [];

    /// <summary>Ingredients that have been on this head without trouble.</summary>
    public IReadOnlyList<string> KnownIngredients { get; init; } = [];

    /// <summary>When an ingredient was patch-tested.</summary>
    public IReadOnlyDictionary<string, DateTimeOffset> PatchTests { get; init; } = new Dictionary<string, DateTimeOffset>();

    /// <summary>Ingredients this head has reacted to; never again.</summary>
    public IReadOnlyList<string> Reacted { get; init; } = [];

    /// <summary>Changes under observation: what is new, and since when.</summary>
    public IReadOnlyDictionary<string, DateOnly> UnderObservation { get; init; } = new Dictionary<string, DateOnly>();

    /// <summary>Reads from finished sessions what was last done when.</summary>
    /// <param name="done">Date, treatments and whether hair was combed through, of each session.</param>
    public static History From(IEnumerable<(DateOnly Day, IReadOnlyList<Treatment> Treatments, bool Combed)> done)
    {
        var days = done.ToList();
        return new History
        {
            LastDone = days.SelectMany(day => day.Treatments.Select(treatment => (treatment, day.Day)))
                .GroupBy(pair => pair.treatment)
                .ToDictionary(group => group.Key, group => group.Max(pair => pair.Day)),
            WetCombings = [.. days.Where(day => day.Combed).Select(day => day.Day)],
        };
    }

    /// <summary>Days since a treatment; null when it is not on record.</summary>
    public int? DaysSince(Treatment treatment, DateOnly today) =>
        LastDone.TryGetValue(treatment, out var last) ? today.DayNumber - last.DayNumber : null;
}

/// <summary>An interval in days: not before, usually, not after.</summary>
public sealed record Interval(int Earliest, int Usual, int Latest);

/// <summary>Intervals of treatments. Craft defaults; settable.</summary>
public static class Intervals
{
    /// <summary>The interval of a treatment for a kind of hair; null when it has no rhythm.</summary>
    public static Interval? Of(Treatment treatment, HairKinds kind, RhythmFigures figures) =>
        treatment switch
        {
            Treatment.Wash => kind switch
            {
                HairKinds.Locs => figures.WashLocs,
                HairKinds.Style => figures.WashInStyle,
                _ => figures.Wash,
            },
            _ => figures.Treatments.GetValueOrDefault(treatment),
        };

    /// <summary>
    /// How often hair is washed by its school. Washing monthly only goes with a style that is in; other hair keeps the rhythm of its
    /// kind.
    /// </summary>
    public static Interval OfWash(HairKinds kind, WashEvery school, RhythmFigures figures) =>
        school switch
        {
            WashEvery.Week => figures.WashWeekly,
            WashEvery.TenToFourteenDays => figures.WashTenToFourteen,
            WashEvery.MonthInStyle when kind == HairKinds.Style => figures.WashMonthly,
            _ => Of(Treatment.Wash, kind, figures)!,
        };
}
