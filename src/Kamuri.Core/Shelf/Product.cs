namespace Kamuri.Core.Shelf;

/// <summary>What a product is for.</summary>
public enum ProductRole
{
    Shampoo, Clarifying, CoWash, RinseOut, DeepConditioner, Protein, LeaveIn, Oil, Butter, Cream, Gel, Edge, Liquid, Powder, Clay, Tea,
}

/// <summary>How long something opened is good.</summary>
/// <param name="Until">The last good day; null when nobody wrote down when it was opened or how long it keeps.</param>
/// <param name="Sentence">The same in words; empty when nothing can be said.</param>
/// <param name="IsPast">That day is over.</param>
public sealed record Goodness(DateOnly? Until, string Sentence, bool IsPast = false)
{
    /// <summary>Days ahead from which the end is worth saying.</summary>
    private const int SoonDays = 30;

    /// <summary>Reckons from the day it was opened and the months it keeps after that.</summary>
    /// <param name="opened">When it was opened.</param>
    /// <param name="months">Months after opening, from the jar.</param>
    /// <param name="today">The household's date.</param>
    public static Goodness Of(DateOnly? opened, int? months, DateOnly today)
    {
        if (opened is not { } since || months is not { } keeps)
        {
            return new Goodness(null, "");
        }

        var until = since.AddMonths(keeps);
        var left = until.DayNumber - today.DayNumber;
        return new Goodness(until, left < 0 ? $"Past its time since {-left} {Days(-left)}."
            : left == 0 ? "Good until today."
            : left <= SoonDays ? $"Good for {left} more {Days(left)}."
            : $"Good until {until.ToString("d MMMM yyyy", System.Globalization.CultureInfo.InvariantCulture)}.", left < 0);
    }

    private static string Days(int days) => days == 1 ? "day" : "days";
}
