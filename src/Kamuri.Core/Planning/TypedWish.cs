using System.Text.RegularExpressions;
using Kamuri.Core.Composing;

namespace Kamuri.Core.Planning;

/// <summary>A head that may be named in a typed wish.</summary>
public sealed record NameableHead(Guid Id, string Name);

/// <summary>How the hour of a typed wish is meant.</summary>
public enum TypedWhen
{
    Now,
    StartAt,
    ReadyBy,
}

/// <summary>A part of what was typed that was understood.</summary>
/// <param name="Start">Its first character.</param>
/// <param name="Length">Characters in it.</param>
public sealed record UnderstoodPart(int Start, int Length);

/// <summary>
/// A day as somebody types it: "wash Oriel and Bram, moisture, ready by 6pm". What is not understood changes nothing; what was is marked.
/// </summary>
public sealed partial record TypedWish
{
    /// <summary>Longest text that is read, in characters.</summary>
    public const int LongestText = 300;

    /// <summary>Heads that are named, in the order they are; empty when none is.</summary>
    public IReadOnlyList<Guid> Heads { get; private init; } = [];

    public Aim? Aim { get; private init; }
    public EndStyle? Style { get; private init; }

    /// <summary>Null when no hour is named.</summary>
    public TypedWhen? When { get; private init; }

    public TimeOnly? Time { get; private init; }
    public DateOnly? Date { get; private init; }

    /// <summary>What was understood, in the order it stands.</summary>
    public IReadOnlyList<UnderstoodPart> Understood { get; private init; } = [];

    /// <summary>Reads a wish.</summary>
    /// <param name="text">What was typed; what is over the longest text is not read.</param>
    /// <param name="heads">Everybody who may be named.</param>
    /// <param name="today">The household's date.</param>
    public static TypedWish Read(string text, IReadOnlyList<NameableHead> heads, DateOnly today)
    {
        var left = text.Length > LongestText ? text[..LongestText] : text;
        var parts = new List<UnderstoodPart>();
        Match? Take(string pattern)
        {
            var match = Regex.Match(left, pattern, RegexOptions.IgnoreCase | RegexOptions.CultureInvariant, TimeSpan.FromSeconds(1));
            if (!match.Success)
            {
                return null;
            }

            parts.Add(new UnderstoodPart(match.Index, match.Length));
            left = left[..match.Index] + new string('\u0000', match.Length) + left[(match.Index + match.Length)..];
            return match;
        }

        // Longer names first, so that "Ada Lou" is not taken for "Ada".
        var named = heads
            .OrderByDescending(head => head.Name.Length)
            .Select(head => (head.Id, at: Take(Word(head.Name))?.Index))
            .Where(each => each.at is not null)
            .OrderBy(each => each.at)
            .Select(each => each.Id)
            .ToList();
        var (when, time) = Hour(Take);
        var date = Day(Take, today);
        var styles = Enum.GetValues<EndStyle>()
            .SelectMany(style => new[] { (style, AimCatalogue.Wish(style)), (style, PlanSentences.Of(style)) });
        var style = First(Take, styles);
        var aim = First(Take, AimCatalogue.All.Select(facts => (facts.Aim, PlanSentences.Of(facts.Aim))));
        return new TypedWish
        {
            Heads = named,
            Aim = aim,
            Style = style,
            When = when ?? (date is null ? null : TypedWhen.StartAt),
            Time = time,
            Date = date,
            Understood = [.. parts.OrderBy(part => part.Start)],
        };
    }

    private static (TypedWhen? When, TimeOnly? Time) Hour(Func<string, Match?> take)
    {
        foreach (
            var (way, meant) in new[]
            {
                (@"(?:(?:ready|dry|done)(?: and dry)? )?by", TypedWhen.ReadyBy),
                ("(?:start(?:ing)? )?(?:at|from)", TypedWhen.StartAt),
            }
        )
        {
            if (take($@"\b{way} (?<time>{Clock})") is { } match && TypedTime.Read(match.Groups["time"].Value) is { } time)
            {
                return (meant, time);
            }
        }

        return take(@"\b(?:starting )?now\b") is null ? (null, null) : (TypedWhen.Now, null);
    }

    private static DateOnly? Day(Func<string, Match?> take, DateOnly today) =>
        take(@"\b(?:on )?(?<day>today|tomorrow|monday|tuesday|wednesday|thursday|friday|saturday|sunday)\b") is { } match
            ? TypedDate.Read(match.Groups["day"].Value, today)
            : null;

    private static T? First<T>(Func<string, Match?> take, IEnumerable<(T Value, string Words)> known)
        where T : struct
    {
        foreach (var (value, words) in known.OrderByDescending(each => each.Words.Length))
        {
            if (take(Word(WithoutArticle(words))) is not null)
            {
                return value;
            }
        }

        return null;
    }

    private static string WithoutArticle(string words) => Article().Replace(words, "");

    private static string Word(string words) => $@"(?<!\w){Regex.Escape(words)}(?!\w)";

    private const string Clock = @"half past \w+|quarter (?:past|to) \w+|noon|midnight|\d{1,2}(?:[:.]\d{2})? ?(?:[ap]\.?m\.?)?(?!\w)";

    [GeneratedRegex("^(?:a|an|the) ")]
    private static partial Regex Article();
}
