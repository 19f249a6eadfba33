using System.Text.RegularExpressions;
using Kamuri.Core.Units;

namespace Kamuri.Core.Texts;

/// <summary>
/// Reads lengths, temperatures and amounts as people type them: "7 in", "7½", "1 ft 2 in", "100 F", "38", "2 tbsp", "1 cup and 2 tbsp".
/// A number alone is in the household's own unit.
/// </summary>
public static partial class TypedQuantity
{
    public const double CentimetresPerInch = 2.54;

    /// <summary>°C in °F.</summary>
    public static double ToFahrenheit(double celsius) => celsius * 9 / 5 + 32;

    /// <summary>A length in cm; null when it is none.</summary>
    public static double? Length(string text) => Sum(text, unit => unit switch
            {
                "" => WritingStyle.Current.Lengths == LengthUnit.Inches ? CentimetresPerInch : 1,
                "cm" or "centimetre" or "centimetres" or "centimeter" or "centimeters" => 1,
                "mm" or "millimetre" or "millimetres" or "millimeter" or "millimeters" => 0.1,
                "m" or "metre" or "metres" or "meter" or "meters" => 100,
                "in" or "inch" or "inches" or "\"" or "″" or "''" => CentimetresPerInch,
                "ft" or "foot" or "feet" or "'" or "′" => 12 * CentimetresPerInch,
                _ => null,
            });

    /// <summary>A temperature in °C; null when it is none.</summary>
    public static double? Temperature(string text)
    {
        var typed = TypedTime.Plain(text).Replace('−', '-');
        if (Degrees().Match(typed) is not { Success: true } match || TypedNumber.Of(match) is var number && !double.IsFinite(number))
        {
            return null;
        }

        var signed = match.Groups["minus"].Success ? -number : number;
        var isFahrenheit = match.Groups["unit"].Value switch
        {
            "" => WritingStyle.Current.Temperatures == TemperatureUnit.Fahrenheit,
            var unit => unit[0] == 'f',
        };
        return isFahrenheit ? (signed - 32) * 5 / 9 : signed;
    }

    /// <summary>
    /// An amount of a liquid in ml; null when it is none. A number alone is in millilitres; weights are read as weights of water.
    /// </summary>
    public static Millilitres? Amount(string text, MeasureFigures figures) => Sum(text, unit => unit.Length == 0 ? 1
            : Measures.Spellings.FirstOrDefault(each => each.Spelling == unit) is { Spelling: not null, Unit: var known }
            && known != Unit.Piece
            && !Measures.IsPart(known)
                ? Measures.ToVolume(1, known, 1, null, figures).Value
            : null) is { } sum ? new Millilitres(sum) : null;

    /// <summary>Adds up what a text says, each number with its unit; null when anything is left that is neither.</summary>
    private static double? Sum(string text, Func<string, double?> inUnit)
    {
        var (rest, sum) = (TypedTime.Plain(text), 0.0);
        if (rest.Length == 0)
        {
            return null;
        }

        while (rest.Length > 0)
        {
            if (
                Part().Match(rest) is not { Success: true } part
                || inUnit(part.Groups["unit"].Value.Replace(".", "", StringComparison.Ordinal)) is not { } factor
                || !double.IsFinite(TypedNumber.Of(part))
            )
            {
                return null;
            }

            sum += TypedNumber.Of(part) * factor;
            rest = rest[part.Length..];
        }

        return sum;
    }

    [GeneratedRegex(
        "^"
            + TypedNumber.Pattern
            + @"\s*(?<unit>fl\.? ?oz|fluid ounces?|\p{L}+|''|[""″'′])?\.?"
            + @"(?:\s*(?:,|and|\+)\s*(?=[\d¼½¾⅓⅔])|\s*)",
        RegexOptions.CultureInvariant
    )]
    private static partial Regex Part();

    [GeneratedRegex(
        "^(?<minus>-)?" + TypedNumber.Pattern + @"\s*(?:°|º|deg|degrees?)?\s*(?<unit>c|f|celsius|centigrade|fahrenheit)?$",
        RegexOptions.CultureInvariant
    )]
    private static partial Regex Degrees();
}
