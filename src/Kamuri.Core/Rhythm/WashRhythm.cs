using Kamuri.Core.Heads;

namespace Kamuri.Core.Rhythm;

/// <summary>Intervals between washes of loose hair, in days. Craft defaults; settable.</summary>
public sealed record RhythmFigures
{
    public int EarliestWashDays { get; init; } = 5;
    public int UsualWashDays { get; init; } = 7;
    public int LatestWashDays { get; init; } = 14;
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
    public static WashDue DueFor(Head head, DateOnly today, RhythmFigures figures)
    {
        if (head.LastWash is not { } last)
        {
            return new WashDue(null, today, today, today.AddDays(figures.LatestWashDays),
                "No wash day on record yet; whenever it suits.");
        }

        var days = today.DayNumber - last.DayNumber;
        var usual = last.AddDays(figures.UsualWashDays);
        var latest = last.AddDays(figures.LatestWashDays);
        var left = usual.DayNumber - today.DayNumber;
        var washed = days switch { 0 => "Washed today", 1 => "Washed yesterday", _ => $"Washed {days} days ago" };
        var sentence = today > latest ? $"{washed}, {today.DayNumber - latest.DayNumber} past the latest of {figures.LatestWashDays}. Expect more tangle."
            : left <= 0 ? $"{washed}. Due now, and good until {figures.LatestWashDays} days."
            : left == 1 ? $"{washed}. Due tomorrow."
            : $"{washed}. Due in {left} days.";
        return new WashDue(days, last.AddDays(figures.EarliestWashDays), usual, latest, sentence);
    }
}
