using Kamuri.Core.Heads;
using Kamuri.Core.Shelf;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>Whom a bought product is for, in a sentence.</summary>
/// <param name="IsAgainst">Something in it must not touch them.</param>
public sealed record ProductFit(string Sentence, bool IsAgainst)
{
    /// <summary>
    /// One sentence for each head it is not for, with what speaks against it, and one for all others. It judges what the label says: a
    /// product without one is for nobody and against nobody.
    /// </summary>
    /// <param name="product">The product, with its label read.</param>
    /// <param name="heads">Everybody, with what they have reacted to.</param>
    /// <param name="mixtures">Limits of essential oil.</param>
    /// <param name="measures">What a drop is.</param>
    public static IReadOnlyList<ProductFit> Of(
        KitchenProduct product,
        IReadOnlyList<(Head Head, IReadOnlyList<string> Reacted)> heads,
        MixtureFigures mixtures,
        MeasureFigures measures
    )
    {
        var use = product.AsUse();
        var judged = heads
            .Select(each =>
                (
                    each.Head.Name,
                    Reasons: MixtureSentences
                        .ReasonsAgainst(use, each.Head, StaysOn(product.Role), each.Reacted, mixtures, measures)
                        .ToList()
                )
            )
            .ToList();
        var suited = judged.Where(each => each.Reasons.Count == 0).Select(each => each.Name).ToList();
        return
        [
            .. judged
                .Where(each => each.Reasons.Count > 0)
                .Select(each => new ProductFit(KitchenWords.NotForWhom(each.Name, Say.List(each.Reasons)), true)),
            .. suited.Count > 0 ? [new ProductFit(KitchenWords.ForWhom(Say.List(suited)), false)] : Array.Empty<ProductFit>(),
        ];
    }

    /// <summary>Whether something in it must not touch a head.</summary>
    public static bool SpeaksAgainst(
        KitchenProduct product,
        Head head,
        IReadOnlyList<string> reacted,
        MixtureFigures mixtures,
        MeasureFigures measures
    ) => MixtureSentences.ReasonsAgainst(product.AsUse(), head, StaysOn(product.Role), reacted, mixtures, measures).Any();

    private static bool StaysOn(ProductRole role) =>
        role
            is ProductRole.LeaveIn
                or ProductRole.Oil
                or ProductRole.Butter
                or ProductRole.Cream
                or ProductRole.Gel
                or ProductRole.Edge
                or ProductRole.Liquid;
}
