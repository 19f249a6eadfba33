using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;

namespace Kamuri.Core.Texts;

/// <summary>Reads times of day as people type them: "18:00", "6pm", "half past six", "6.30 p.m.", "noon".</summary>
public static partial class TypedTime
{
    /// <summary>Hours that are taken for the afternoon where nobody said which: nobody washes hair at three in the morning.</summary>
    private const int FirstMorningHour = 7;

    private static readonly string[] Numbers =
    [
        "twelve",
        "one",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "eight",
        "nine",
        "ten",
        "eleven",
    ];

    /// <summary>The time that is meant.</summary>
    /// <param name="text">What was typed.</param>
    /// <returns>The time; null when it is none.</returns>
    public static TimeOnly? Read(string text)
    {
        var typed = Plain(text);
        if (typed is "noon" or "midday")
        {
            return new TimeOnly(12, 0);
        }

        if (typed is "midnight")
        {
            return new TimeOnly(0, 0);
        }

        return Digits().Match(typed) is { Success: true } digits ? FromDigits(digits)
            : InWords().Match(typed) is { Success: true } words ? FromWords(words)
            : null;
    }

    private static TimeOnly? FromDigits(Match match)
    {
        var hour = int.Parse(match.Groups["hour"].Value, CultureInfo.InvariantCulture);
        var minute = match.Groups["minute"] is { Success: true, Value: var written } ? int.Parse(written, CultureInfo.InvariantCulture) : 0;
        var half = match.Groups["half"].Value;
        if (minute > 59 || hour > 23 || (half.Length > 0 && hour is 0 or > 12 && half.Length > 0))
        {
            return null;
        }

        // "06:30" and "18" say which half of the day they mean, and so does whoever counts 24 hours.
        var isTold = hour is 0 or > 12 || match.Groups["hour"].Value[0] == '0' || WritingStyle.Current.Clock == ClockFormat.TwentyFourHours;
        return half.Length > 0 ? new TimeOnly((hour % 12) + (half[0] == 'p' ? 12 : 0), minute)
            : isTold ? new TimeOnly(hour, minute)
            : Likely(hour, minute);
    }

    private static TimeOnly? FromWords(Match match)
    {
        var named = match.Groups["hour"].Value;
        var hour = int.TryParse(named, CultureInfo.InvariantCulture, out var number) ? number : Array.IndexOf(Numbers, named);
        if (hour is < 0 or > 12)
        {
            return null;
        }

        var offset = match.Groups["part"].Value switch
        {
            "half past" => 30,
            "quarter past" => 15,
            "quarter to" => -15,
            _ => 0,
        };
        var half = match.Groups["half"].Value;
        var time = half.Length > 0 ? new TimeOnly((hour % 12) + (half[0] == 'p' ? 12 : 0), 0) : Likely(hour, 0);
        return time.AddMinutes(offset);
    }

    private static TimeOnly Likely(int hour, int minute) => new(hour is > 0 and < FirstMorningHour ? hour + 12 : hour, minute);

    /// <summary>Lower case, with plain spaces and the digits of every script as those of this one.</summary>
    internal static string Plain(string text)
    {
        var plain = new StringBuilder();
        foreach (var letter in text.Trim().ToLowerInvariant())
        {
            plain.Append(
                char.IsDigit(letter) ? (char)('0' + CharUnicodeInfo.GetDecimalDigitValue(letter))
                : char.IsWhiteSpace(letter) ? ' '
                : letter
            );
        }

        return Spaces().Replace(plain.ToString().Replace("o'clock", "", StringComparison.Ordinal), " ").Trim();
    }

    [GeneratedRegex(
        @"^(?<hour>\d{1,2})(?:\s?[:.h]\s?(?<minute>\d{2})|(?<minute>\d{2})|h)?\s?(?:(?<half>[ap])\.?\s?m\.?)?$",
        RegexOptions.ExplicitCapture
    )]
    private static partial Regex Digits();

    [GeneratedRegex(
        @"^((?<part>half past|quarter past|quarter to) )?(?<hour>\d{1,2}|[a-z]+)( ?(?<half>[ap])\.?\s?m\.?)?$",
        RegexOptions.ExplicitCapture
    )]
    private static partial Regex InWords();

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces();
}
