using Kamuri.Core.Heads;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
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
        var judged = heads
            .Select(each => (each.Head.Name, Reasons: Reasons(product, each.Head, each.Reacted, mixtures, measures).ToList()))
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

    /// <summary>Whether something in it must not touch a head, or stays in locs that it is too heavy for.</summary>
    public static bool SpeaksAgainst(
        KitchenProduct product,
        Head head,
        IReadOnlyList<string> reacted,
        MixtureFigures mixtures,
        MeasureFigures measures
    ) => Reasons(product, head, reacted, mixtures, measures).Any();

    private static IEnumerable<string> Reasons(
        KitchenProduct product,
        Head head,
        IReadOnlyList<string> reacted,
        MixtureFigures mixtures,
        MeasureFigures measures
    ) =>
        [
            .. MixtureSentences.ReasonsAgainst(product.AsUse(), head, StaysOn(product.Role), reacted, mixtures, measures),
            .. head.Wear.Kind is HairKinds.Locs && IsHeavy(product) ? [KitchenWords.TooHeavyForLocs] : Array.Empty<string>(),
        ];

    /// <summary>Butter and creamy masks stay in locs and sour there (craft §13); oil is a few drops on the scalp.</summary>
    private static bool IsHeavy(KitchenProduct product) =>
        product is { Role: ProductRole.Butter or ProductRole.Cream or ProductRole.DeepConditioner }
        || (StaysOn(product.Role) && product is { Role: not ProductRole.Oil, Weight: >= 4 });

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
