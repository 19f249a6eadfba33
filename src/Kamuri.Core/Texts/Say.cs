using System.Globalization;
using Kamuri.Core.Units;

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

    /// <summary>
    /// A date as people say it: "today", "tomorrow", "yesterday", within two weeks "Sunday 6 December", else "20 December".
    /// </summary>
    public static string Date(DateOnly date, DateOnly today) =>
        (date.DayNumber - today.DayNumber) switch
        {
            0 => "today",
            1 => "tomorrow",
            -1 => "yesterday",
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

    /// <summary>A temperature in the household's unit, "40 °C", "104 °F", with a space at which no line ends.</summary>
    /// <param name="celsius">In °C.</param>
    /// <param name="decimals">Most digits after the point, in either unit.</param>
    public static string Temperature(double celsius, int decimals = 0) => $"{Degrees(celsius, decimals)}\u00a0{DegreeSign}";

    /// <summary>Two temperatures: "36 to 40 °C", "97 to 104 °F".</summary>
    public static string Temperatures(double from, double to) => $"{Degrees(from, 0)} to {Temperature(to)}";

    /// <summary>A length in the household's unit: "18 cm", "7½ in"; quarters under ten inches, halves from there.</summary>
    /// <param name="centimetres">In cm.</param>
    public static string Length(double centimetres)
    {
        if (WritingStyle.Current.Lengths == LengthUnit.Centimetres)
        {
            return $"{Reckoning.Show(Math.Round(centimetres, 1))}\u00a0cm";
        }

        var inches = centimetres / TypedQuantity.CentimetresPerInch;
        var parts = inches < 10 ? 4 : 2;
        return $"{KitchenRounding.Fraction(Math.Round(inches * parts, MidpointRounding.AwayFromZero) / parts)}\u00a0in";
    }

    /// <summary>
    /// An amount in what the household measures with: "120 ml", "½ cup". Grams need a density, so millilitres stand for them.
    /// </summary>
    /// <param name="millilitres">In ml.</param>
    public static string Amount(double millilitres) =>
        (
            WritingStyle.Current.Amounts == AmountUnit.Spoons && millilitres > 0
                ? KitchenRounding.Spoons(new Millilitres(millilitres), WritingStyle.Current.Measures)
                : string.Create(
                    CultureInfo.InvariantCulture,
                    $"{Math.Round(millilitres, millilitres < 10 ? 1 : 0, MidpointRounding.AwayFromZero):0.#} ml"
                )
        ).Replace(' ', '\u00a0');

    /// <summary>An area of scalp in the household's unit: "650 cm²", "101 sq in".</summary>
    /// <param name="squareCentimetres">In cm².</param>
    public static string Area(double squareCentimetres) =>
        WritingStyle.Current.Lengths == LengthUnit.Centimetres
            ? $"{Reckoning.Show(squareCentimetres)}\u00a0cm²"
            : $"{squareCentimetres / TypedQuantity.CentimetresPerInch / TypedQuantity.CentimetresPerInch:0}\u00a0sq\u00a0in";

    private static string DegreeSign => WritingStyle.Current.Temperatures == TemperatureUnit.Celsius ? "°C" : "°F";

    private static string Degrees(double celsius, int decimals) =>
        Math.Round(
                WritingStyle.Current.Temperatures == TemperatureUnit.Celsius ? celsius : TypedQuantity.ToFahrenheit(celsius),
                decimals,
                MidpointRounding.AwayFromZero
            )
            .ToString(decimals == 0 ? "0" : "0.#", CultureInfo.InvariantCulture);

    /// <summary>"1 day", "3 days".</summary>
    public static string Count(int count, string one, string many) => $"{count} {(count == 1 ? one : many)}";

    /// <summary>Names in a row: "Ada", "Ada and Bo", "Ada, Bo and Cy".</summary>
    public static string List(IReadOnlyList<string> names) =>
        names.Count <= 1 ? string.Concat(names) : $"{string.Join(", ", names.SkipLast(1))} and {names[^1]}";
}
