using Kamuri.Core.Learning;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Heads.Portrait;

/// <summary>What was on the hair when its last day ended.</summary>
/// <param name="On">That day.</param>
/// <param name="Substances">What lay on it.</param>
/// <param name="Hang">How it hung; null when nothing tells.</param>
public sealed record LastLeft(DateOnly On, IReadOnlyList<Substance> Substances, Hang? Hang = null);

/// <summary>A head as it is read: each part in whole sentences.</summary>
public static class HeadPortrait
{
    /// <summary>How the hair is kept today, and what lies on it.</summary>
    /// <param name="head">The head.</param>
    /// <param name="left">How its last day left it; null when it had none here.</param>
    /// <param name="today">The household's date.</param>
    public static IReadOnlyList<string> Today(Head head, LastLeft? left, DateOnly today) =>
        [
            .. Worn(head, left is { Hang: { } hang, On: var on } && hang.Worn() == head.WornAs ? on : null, today),
            left is { Substances.Count: > 0 }
                ? PortraitWords.LiesOnIt(Say.List([.. left.Substances.Select(each => Substances.Of(each).Name)]), Say.Date(left.On, today))
                : PortraitWords.NothingLiesOnIt,
        ];

    /// <summary>What this kind of hair likes, by the craft.</summary>
    public static IReadOnlyList<string> Suits(Head head) =>
        [
            .. new[]
            {
                head.Wear.Kind switch
                {
                    HairKinds.Locs => PortraitWords.LocsSuit,
                    HairKinds.Style => PortraitWords.StyleSuits,
                    HairKinds.TakenDown => PortraitWords.TakenDownSuits,
                    _ => null,
                },
                head.Porosity switch
                {
                    Porosity.Low => PortraitWords.LowPorositySuits,
                    Porosity.High => PortraitWords.HighPorositySuits,
                    _ => null,
                },
                head.Strand switch
                {
                    StrandThickness.Fine => PortraitWords.FineSuits,
                    StrandThickness.Coarse => PortraitWords.CoarseSuits,
                    _ => null,
                },
                head.IsDamagedOrColoured ? PortraitWords.DamagedSuits : null,
                head.AgeGroup != AgeGroup.Adult ? PortraitWords.ChildSuits : null,
            }.OfType<string>(),
            .. head.FragileZones.Select(zone =>
                string.IsNullOrWhiteSpace(zone.Note)
                    ? PortraitWords.FragileZone(Capital(HeadNames.Of(zone.Zone)))
                    : PortraitWords.FragileZoneNoted(Capital(HeadNames.Of(zone.Zone)), zone.Note.TrimEnd('.'))
            ),
        ];

    /// <summary>What must never touch it, with the reason where it is not the person's own word.</summary>
    public static IReadOnlyList<string> Never(Head head, IReadOnlyList<string> reacted) =>
        [
            .. head.Sensitivities,
            .. reacted.Except(head.Sensitivities, StringComparer.OrdinalIgnoreCase).Select(PortraitWords.Reacted),
            .. head.AgeGroup == AgeGroup.UnderSix ? [PortraitWords.UnderSixNever] : Array.Empty<string>(),
            .. head.HasBrokenSkin ? [PortraitWords.BrokenSkinNever] : Array.Empty<string>(),
            .. head.CanSitUnderHeat ? Array.Empty<string>() : [PortraitWords.NoHeat],
        ];

    /// <summary>The sides this head takes where practitioners disagree, a sentence each.</summary>
    public static IReadOnlyList<string> Likes(Head head) =>
        [
            .. SchoolCatalogue
                .Questions.Where(question => question.Concerns.HasFlag(head.Wear.Kind))
                .Select(question => SchoolWords.Of(question.Id, question.Answer(head.Schools).Value)),
        ];

    /// <summary>What the record has taught about this head.</summary>
    public static IReadOnlyList<string> Learned(Hand hand)
    {
        var percent = (int)Math.Round(Math.Abs(hand.Factor - 1) * 100);
        var seen = Say.Count(hand.Count, "time", "times");
        return
        [
            hand.Count == 0 ? PortraitWords.NothingLearned
            : percent == 0 ? PortraitWords.TakesAsMuch(seen)
            : hand.Factor > 1 ? PortraitWords.TakesMore($"{percent}", seen)
            : PortraitWords.TakesLess($"{percent}", seen),
        ];
    }

    private static IEnumerable<string> Worn(Head head, DateOnly? from, DateOnly today)
    {
        switch (head.Wear)
        {
            case { Locs: { } locs }:
                yield return PortraitWords.LocsOfStage(HeadNames.Of(locs.Stage), $"{locs.Count}", $"{locs.ThicknessMillimetres:0.#}");
                break;
            case { Style: { } style }:
                yield return style.PutIn == today ? PortraitWords.InAStyleToday(Capital(HeadNames.Of(style.Made)))
                : style.PutIn is { } since
                    ? PortraitWords.InAStyleSince(
                        Capital(HeadNames.Of(style.Made)),
                        Say.Date(since, today),
                        Days(today.DayNumber - since.DayNumber)
                    )
                : PortraitWords.InAStyle(Capital(HeadNames.Of(style.Made)));
                if (style.AddedHairGrams > 0)
                {
                    yield return PortraitWords.AddedHair($"{style.AddedHairGrams:0}");
                }

                break;
            case { Down: { } down }:
                yield return PortraitWords.JustOut(Capital(HeadNames.Of(down.Made)), Days(down.WornDays));
                break;
            default:
                var worn = head.WornAs switch
                {
                    WornAs.Bun => PortraitWords.WornInABun,
                    WornAs.Twists => PortraitWords.WornInTwists,
                    WornAs.Braids => PortraitWords.WornInBraids,
                    _ => PortraitWords.WornLoose,
                };
                yield return from is { } day && head.WornAs != WornAs.Loose
                    ? PortraitWords.WornSince(worn, Say.Date(day, today))
                    : PortraitWords.Worn(worn);
                break;
        }
    }

    private static string Days(int days) => Say.Count(days, "day", "days");

    private static string Capital(string word) => char.ToUpperInvariant(word[0]) + word[1..];
}
