using System.Globalization;
using Kamuri.Core.Heads;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Core.Texts;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>What stands on the label of a jar.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Made">When it was made.</param>
/// <param name="UseBy">Until when, and where it is kept.</param>
/// <param name="Holds">Families people react to that are in it; empty when there are none.</param>
/// <param name="NotFor">Whom of the house it is not for, each reason once.</param>
public sealed record JarLabel(string Name, string Made, string UseBy, string Holds, IReadOnlyList<string> NotFor)
{
    /// <summary>The label of a batch.</summary>
    public static JarLabel Of(
        Batch batch,
        BatchStanding standing,
        IEnumerable<(Head Head, IReadOnlyList<string> Reacted)> heads,
        MixtureFigures figures,
        MeasureFigures measures
    )
    {
        var families = LabelReading.FamilyWords.Intersect(batch.Facts.Ingredients).ToList();
        return new JarLabel(
            batch.Name,
            KitchenWords.MadeOn(Day(batch.MadeOn)),
            standing.UseBy is { } day ? KitchenWords.UseByDayKeptAt(Day(day), MixtureSentences.Of(batch.KeptAt)) : KitchenWords.DoNotUse,
            families.Count > 0 ? KitchenWords.ContainsFamilies(string.Join(", ", families)) : "",
            [
                .. heads
                    .Select(pair =>
                        (
                            pair.Head.Name,
                            Why: string.Join(
                                ", ",
                                MixtureSentences.ReasonsAgainst(
                                    batch.Facts,
                                    pair.Head,
                                    MixtureSentences.StaysOn(batch.ServesAs),
                                    pair.Reacted,
                                    figures,
                                    measures
                                )
                            )
                        )
                    )
                    .Where(each => each.Why.Length > 0)
                    .GroupBy(each => each.Why, each => each.Name)
                    .Select(alike => KitchenWords.NotForHeadHits(Say.List([.. alike]), alike.Key)),
            ]
        );
    }

    private static string Day(DateOnly day) => day.ToString("d MMM yyyy", CultureInfo.InvariantCulture);
}
