using System.Globalization;
using System.Text.RegularExpressions;

namespace Kamuri.Core.Texts;

/// <summary>
/// Reads days as people type them: "today", "Saturday", "in 9 days", "3 days ago", "6 Dec", "December 6, 2026", "2026-12-06".
/// </summary>
public static partial class TypedDate
{
    private static readonly string[] Months = [.. CultureInfo.InvariantCulture.DateTimeFormat.MonthNames.Take(12)];
    private static readonly string[] Weekdays = CultureInfo.InvariantCulture.DateTimeFormat.DayNames;

    /// <summary>The day that is meant; null when it is none. A weekday is the next one, a day of a month the nearest one.</summary>
    /// <param name="text">What was typed.</param>
    /// <param name="today">In the household's time zone.</param>
    public static DateOnly? Read(string text, DateOnly today)
    {
        var typed = TypedTime.Plain(text).Replace(",", " ", StringComparison.Ordinal).Replace("  ", " ", StringComparison.Ordinal);
        var day = typed switch
        {
            "today" => today,
            "tomorrow" => today.AddDays(1),
            "yesterday" => today.AddDays(-1),
            _ when DateOnly.TryParseExact(typed, "yyyy-M-d", CultureInfo.InvariantCulture, DateTimeStyles.None, out var iso) => iso,
            _ when Counted().Match(typed) is { Success: true } counted => FromCount(counted, today),
            _ when Index(Weekdays, WeekdayOnly().Match(typed).Groups["day"].Value) is >= 0 and var weekday => today.AddDays(
                ((weekday - (int)today.DayOfWeek + 6) % 7) + 1
            ),
            _ when Written().Match(typed) is { Success: true } written => FromMonth(written, today),
            _ => (DateOnly?)null,
        };
        return day is { Year: >= 1900 and <= 2200 } ? day : null;
    }

    private static DateOnly? FromCount(Match match, DateOnly today)
    {
        var days =
            int.Parse(match.Groups["count"].Value, CultureInfo.InvariantCulture)
            * (match.Groups["unit"].Value.StartsWith("week", StringComparison.Ordinal) ? 7 : 1);
        return match.Groups["ago"].Success ? today.AddDays(-days)
            : match.Groups["in"].Success ? today.AddDays(days)
            : null;
    }

    private static DateOnly? FromMonth(Match match, DateOnly today)
    {
        var month = Index(Months, match.Groups["month"].Value) + 1;
        var day = int.Parse(match.Groups["date"].Value, CultureInfo.InvariantCulture);
        if (month == 0 || day == 0)
        {
            return null;
        }

        if (match.Groups["year"] is { Success: true, Value: var year })
        {
            return Of(int.Parse(year, CultureInfo.InvariantCulture), month, day);
        }

        return Enumerable
            .Range(today.Year - 1, 3)
            .Select(each => Of(each, month, day))
            .OfType<DateOnly>()
            .OrderBy(each => Math.Abs(each.DayNumber - today.DayNumber))
            .Cast<DateOnly?>()
            .FirstOrDefault();
    }

    private static DateOnly? Of(int year, int month, int day) =>
        day <= DateTime.DaysInMonth(Math.Clamp(year, 1, 9999), month) ? new DateOnly(year, month, day) : null;

    /// <summary>The one name that begins like this, by at least three letters; -1 when there is none.</summary>
    private static int Index(string[] names, string beginning) =>
        beginning.Length < 3 ? -1 : Array.FindIndex(names, name => name.StartsWith(beginning, StringComparison.OrdinalIgnoreCase));

    [GeneratedRegex(@"^(?<in>in )?(?<count>\d{1,4}) (?<unit>days?|weeks?)(?<ago> ago)?$", RegexOptions.ExplicitCapture)]
    private static partial Regex Counted();

    [GeneratedRegex(@"^(on |next |this )?(?<day>[a-z]+)$", RegexOptions.ExplicitCapture)]
    private static partial Regex WeekdayOnly();

    [GeneratedRegex(
        @"^([a-z]+day )?(?<date>\d{1,2})(st|nd|rd|th|\.)? (of )?(?<month>[a-z]+)\.?( (?<year>\d{4}))?$"
            + @"|^([a-z]+day )?(?<month>[a-z]+)\.? (?<date>\d{1,2})(st|nd|rd|th)?( (?<year>\d{4}))?$",
        RegexOptions.ExplicitCapture
    )]
    private static partial Regex Written();
}
