using System.Globalization;

namespace Kamuri.Core.Texts;

/// <summary>Writes times, durations, counts and lists as people say them. Sentences take them as parts.</summary>
public static class Say
{
    /// <summary>A time of day as the household writes it: "15:57", "3:57 pm".</summary>
    public static string Clock(DateTimeOffset moment) => Clock(TimeOnly.FromTimeSpan(moment.TimeOfDay));

    /// <summary>A time of day as the household writes it: "15:57", "3:57 pm", with a space at which no line ends.</summary>
    public static string Clock(TimeOnly time) =>
        WritingStyle.Current.Clock == ClockFormat.TwentyFourHours
            ? time.ToString("HH:mm", CultureInfo.InvariantCulture)
            : $"{time.ToString("h:mm", CultureInfo.InvariantCulture)}\u00a0{(time.Hour < 12 ? "am" : "pm")}";

    /// <summary>
    /// The same where another moment has just been said: "15:57", on another day "15:57 on Friday", a week away "15:57 on Friday 4
    /// December".
    /// </summary>
    public static string Clock(DateTimeOffset moment, DateTimeOffset said) =>
        (moment.Date - said.Date).Days switch
        {
            0 => Clock(moment),
            > -7 and < 7 => $"{Clock(moment)} on {Weekday(moment)}",
            _ => $"{Clock(moment)} on {Weekday(moment)} {Day(DateOnly.FromDateTime(moment.Date))}",
        };

    /// <summary>A weekday and a time: "Friday, 15:57".</summary>
    public static string Moment(DateTimeOffset moment) => $"{Weekday(moment)}, {Clock(moment)}";

    /// <summary>"Friday".</summary>
    public static string Weekday(DateTimeOffset moment) => moment.ToString("dddd", CultureInfo.InvariantCulture);

    /// <summary>"4 December".</summary>
    public static string Day(DateOnly day) => day.ToString("d MMMM", CultureInfo.InvariantCulture);

    /// <summary>A date as people say it: "today", "tomorrow", within two weeks "Sunday 6 December", else "20 December".</summary>
    public static string Date(DateOnly date, DateOnly today) =>
        (date.DayNumber - today.DayNumber) switch
        {
            0 => "today",
            1 => "tomorrow",
            > -14 and < 14 => $"{date.ToString("dddd", CultureInfo.InvariantCulture)} {Day(date)}",
            _ => Day(date),
        };

    /// <summary>Minutes as a person says them, "32 min", "1 h 05", with spaces at which no line ends.</summary>
    public static string Minutes(double minutes)
    {
        var whole = (int)Math.Round(minutes, MidpointRounding.AwayFromZero);
        return whole < 60 ? $"{whole}\u00a0min"
            : whole % 60 == 0 ? $"{whole / 60}\u00a0h"
            : $"{whole / 60}\u00a0h\u00a0{whole % 60:00}";
    }

    /// <summary>"1 day", "3 days".</summary>
    public static string Count(int count, string one, string many) => $"{count} {(count == 1 ? one : many)}";

    /// <summary>Names in a row: "Ada", "Ada and Bo", "Ada, Bo and Cy".</summary>
    public static string List(IReadOnlyList<string> names) =>
        names.Count <= 1 ? string.Concat(names) : $"{string.Join(", ", names.SkipLast(1))} and {names[^1]}";
}
