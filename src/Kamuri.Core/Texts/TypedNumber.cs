using System.Globalization;
using System.Text.RegularExpressions;

namespace Kamuri.Core.Texts;

/// <summary>Reads numbers as people type them: "7", "7.5", "7,5", "7½", "7 1/2", "1/2".</summary>
public static partial class TypedNumber
{
    /// <summary>A number at the beginning of a text, as a pattern with named groups for <see cref="Of"/>.</summary>
    public const string Pattern =
        @"(?:(?<over>\d{1,3})\s*/\s*(?<under>\d{1,3})|(?<whole>\d{1,9}(?:[.,]\d{1,24}(?:[eE][-+]?\d{1,3})?)?)"
        + @"(?:\s*(?<glyph>[¼½¾⅓⅔])|\s+(?<over>\d{1,3})\s*/\s*(?<under>\d{1,3}))?|(?<glyph>[¼½¾⅓⅔]))";

    /// <summary>The number a match of <see cref="Pattern"/> stands for; not a number when it divides by nothing.</summary>
    public static double Of(Match match)
    {
        var whole = match.Groups["whole"] is { Success: true } text
            ? double.Parse(text.Value.Replace(',', '.'), CultureInfo.InvariantCulture)
            : 0;
        var part = match.Groups["glyph"].Value switch
        {
            "¼" => 0.25,
            "½" => 0.5,
            "¾" => 0.75,
            "⅓" => 1.0 / 3,
            "⅔" => 2.0 / 3,
            _ => 0,
        };
        var ratio = match.Groups["over"] is { Success: true } over
            ? double.Parse(match.Groups["under"].Value, CultureInfo.InvariantCulture) is var under && under > 0
                ? double.Parse(over.Value, CultureInfo.InvariantCulture) / under
                : double.NaN
            : 0;
        return whole + part + ratio;
    }
}
