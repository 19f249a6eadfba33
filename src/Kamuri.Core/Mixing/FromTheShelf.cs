using Kamuri.Core.Heads;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>A product that stands on the shelf, as one head knows it.</summary>
/// <param name="Product">With its label read.</param>
/// <param name="Suits">How well it suits the head, 1 to 5; null when nobody said.</param>
/// <param name="UsedFor">Kinds of steps it was last used for on this head, by id.</param>
public sealed record OnTheShelf(KitchenProduct Product, int? Suits, IReadOnlySet<string> UsedFor);

/// <summary>Puts what is there into the steps it fits, so that nobody has to choose what has only one answer.</summary>
public static class FromTheShelf
{
    /// <summary>From this many of 5 on a product suits well enough to be taken unasked (product default).</summary>
    private const int SuitsFrom = 3;

    /// <summary>Raw materials are made into something first, and are never taken as they are.</summary>
    private static readonly ProductRole[] Raw = [ProductRole.Powder, ProductRole.Clay, ProductRole.Tea, ProductRole.Liquid];

    /// <summary>
    /// The best fitting product for each kind of step, by its id: what was used last time, then what is mostly for that, then what suits
    /// best, then what has to be used up first. Nothing that is empty, expired, unsuited, or against the head.
    /// </summary>
    /// <param name="head">The head.</param>
    /// <param name="shelf">What stands there.</param>
    /// <param name="reacted">What this head has reacted to.</param>
    /// <param name="today">The household's date.</param>
    /// <param name="mixtures">Limits of essential oil.</param>
    /// <param name="measures">What a drop is.</param>
    public static IReadOnlyDictionary<string, StepUse> For(
        Head head,
        IReadOnlyList<OnTheShelf> shelf,
        IReadOnlyList<string> reacted,
        DateOnly today,
        MixtureFigures mixtures,
        MeasureFigures measures
    )
    {
        var good = shelf
            .Where(each =>
                !Raw.Contains(each.Product.Role)
                && each.Product.Left is not { Value: <= 0 }
                && !(each.Product.GoodUntil < today)
                && !(each.Suits < SuitsFrom)
                && !ProductFit.SpeaksAgainst(each.Product, head, reacted, mixtures, measures)
            )
            .ToList();
        return StepCatalogue
            .All.Where(kind => kind.Puts is not null && kind.Suits.HasFlag(head.Wear.Kind))
            .Select(kind =>
                (
                    kind.Id,
                    best: good.Where(each => ProductRoles.ServeAs(each.Product.Role).Contains(kind.Puts!.Value))
                        .OrderByDescending(each => each.UsedFor.Contains(kind.Id))
                        .ThenByDescending(each => ProductRoles.Mostly(each.Product.Role) == kind.Puts)
                        .ThenByDescending(each => each.Suits ?? SuitsFrom)
                        .ThenBy(each => each.Product.GoodUntil ?? DateOnly.MaxValue)
                        .ThenBy(each => each.Product.Name, StringComparer.OrdinalIgnoreCase)
                        .FirstOrDefault()
                )
            )
            .Where(pair => pair.best is not null)
            .ToDictionary(pair => pair.Id, pair => pair.best!.Product.AsUse());
    }
}
