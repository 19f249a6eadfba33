using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Rhythm;

/// <summary>Intervals in days. Craft defaults; settable.</summary>
public sealed record RhythmFigures
{
    public Interval Wash { get; init; } = new(5, 7, 14);
    public Interval WashLocs { get; init; } = new(7, 14, 28);
    public Interval WashInStyle { get; init; } = new(7, 10, 14);

    /// <summary>The school of washing every week.</summary>
    public Interval WashWeekly { get; init; } = new(5, 7, 10);

    /// <summary>The school of washing every ten to fourteen days.</summary>
    public Interval WashTenToFourteen { get; init; } = new(7, 12, 14);

    /// <summary>The school of washing once a month under a style.</summary>
    public Interval WashMonthly { get; init; } = new(21, 30, 35);

    public IReadOnlyDictionary<Treatment, Interval> Treatments { get; init; } =
        new Dictionary<Treatment, Interval>
        {
            [Treatment.Clarify] = new(21, 30, 60),
            [Treatment.LightProtein] = new(14, 28, 42),
            [Treatment.StrongProtein] = new(42, 56, 90),
            [Treatment.HotOil] = new(7, 14, 30),
            [Treatment.HerbPrePoo] = new(28, 30, 45),
            [Treatment.Retwist] = new(28, 42, 56),
            [Treatment.LocDetox] = new(90, 120, 180),
            [Treatment.GrainWater] = new(7, 14, 28),
        };

    /// <summary>Days a tension style may be worn.</summary>
    public int LongestStyleDays { get; init; } = 56;

    /// <summary>Days of rest between two tension styles.</summary>
    public int RestBetweenStyles { get; init; } = 7;

    /// <summary>Days after colour or relaxer in which nothing that strips is done.</summary>
    public int ChemicalRestDays { get; init; } = 14;

    /// <summary>Wet combings of loose hair in seven days past which it turns over-soft.</summary>
    public int MostWetCombingsAWeek { get; init; } = 3;

    /// <summary>Days after which a lightly oiled pre-poo needs two short passes of shampoo.</summary>
    public int LongSinceWashDays { get; init; } = 14;

    /// <summary>Days in which a second change makes the first unreadable.</summary>
    public int ObservationDays { get; init; } = 28;
}

/// <summary>When a head is next due, in dates and in a sentence.</summary>
/// <param name="DaysSince">Days since the last wash; null when none is on record.</param>
/// <param name="Earliest">First sensible date.</param>
/// <param name="Usual">The date its rhythm aims at.</param>
/// <param name="Latest">The date after which it is late.</param>
/// <param name="Sentence">The same in plain words.</param>
public sealed record WashDue(int? DaysSince, DateOnly Earliest, DateOnly Usual, DateOnly Latest, string Sentence);

/// <summary>Says when the next wash is due from when the last one was.</summary>
public static class WashRhythm
{
    /// <summary>What a style asks for besides washing: a mist halfway to the next wash, and its last day.</summary>
    public static IReadOnlyList<string> Upkeep(Head head, DateOnly today, RhythmFigures figures)
    {
        if (head.Wear.Style is not { } style)
        {
            return [];
        }

        var upkeep = new List<string>();
        var half = Intervals.OfWash(HairKinds.Style, head.Schools.Rhythm, figures).Usual / 2;
        if (head.LastWash?.AddDays(half) is { } mist && mist >= today)
        {
            upkeep.Add(RhythmWords.MistAbout(Say.Date(mist, today)));
        }

        if (style.PutIn?.AddDays(figures.LongestStyleDays) is { } down)
        {
            upkeep.Add(
                down >= today
                    ? RhythmWords.TakeItDownBy(Say.Date(down, today))
                    : RhythmWords.HasBeenInForTooLong($"{figures.LongestStyleDays}")
            );
        }

        return upkeep;
    }

    public static WashDue DueFor(Head head, DateOnly today, RhythmFigures figures)
    {
        var interval = Intervals.OfWash(head.Wear.Kind, head.Schools.Rhythm, figures);
        if (head.LastWash is not { } last)
        {
            return new WashDue(null, today, today, today.AddDays(interval.Latest), RhythmWords.NoWashDayOnRecordYet);
        }

        var days = today.DayNumber - last.DayNumber;
        var usual = last.AddDays(interval.Usual);
        var latest = last.AddDays(interval.Latest);
        var left = usual.DayNumber - today.DayNumber;
        var washed = days switch
        {
            0 => RhythmWords.WashedToday,
            1 => RhythmWords.WashedYesterday,
            _ => RhythmWords.WashedDaysDaysAgo($"{days}"),
        };
        var sentence =
            today > latest
                ? RhythmWords.WashedDayNumberDaysOverdueLatestAt(washed, $"{(today.DayNumber - latest.DayNumber)}", $"{interval.Latest}")
            : left <= 0 ? RhythmWords.WashedDueNow(washed, Say.Date(latest, today))
            : left == 1 ? RhythmWords.WashedDueTomorrow(washed)
            : RhythmWords.WashedDueInDays(washed, $"{left}", Say.Date(usual, today));
        return new WashDue(days, last.AddDays(interval.Earliest), usual, latest, sentence);
    }
}
