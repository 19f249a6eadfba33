using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Learning;
using Kamuri.Core.Mixing;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Shelf;

/// <summary>Something to buy.</summary>
/// <param name="ProductId">The product that runs out.</param>
/// <param name="Name">As the person calls it.</param>
/// <param name="Role">What it is for.</param>
/// <param name="Left">What is left.</param>
/// <param name="UsesLeft">How many uses that is, for the head that takes most among those it suits; 0 when it does not reach once.</param>
/// <param name="Why">In a sentence.</param>
public sealed record ShoppingLine(Guid ProductId, string Name, ProductRole Role, Millilitres Left, double UsesLeft, string Why);

/// <summary>What is running out, by what the heads of the house take.</summary>
public static class ShoppingList
{
    /// <summary>Products with less in them than the uses that are to be kept in reserve, emptiest first.</summary>
    /// <param name="products">What stands on the shelf; what has no amount written down is never on the list.</param>
    /// <param name="heads">Who uses it, and how much each was seen to take.</param>
    /// <param name="today">The household's date.</param>
    /// <param name="figures">Films, and how many uses are kept in reserve.</param>
    public static IReadOnlyList<ShoppingLine> Of(
        IEnumerable<KitchenProduct> products,
        IReadOnlyCollection<(Head Head, Hand Hand)> heads,
        DateOnly today,
        CraftFigures figures
    ) =>
        [
            .. products
                .Select(product => Line(product, heads, today, figures))
                .OfType<ShoppingLine>()
                .OrderBy(line => line.UsesLeft)
                .ThenBy(line => line.Name, StringComparer.OrdinalIgnoreCase),
        ];

    private static ShoppingLine? Line(
        KitchenProduct product,
        IReadOnlyCollection<(Head Head, Hand Hand)> heads,
        DateOnly today,
        CraftFigures figures
    )
    {
        if (product.GoodUntil < today)
        {
            return new ShoppingLine(product.Id, product.Name, product.Role, product.Left ?? new Millilitres(0), 0, ShelfWords.Expired);
        }

        if (product.Left is not { } left)
        {
            return null;
        }

        var substance = ProductRoles.Mostly(product.Role);
        var most = StepCatalogue
            .All.Where(kind => kind.Puts == substance)
            .SelectMany(kind =>
                heads
                    .Where(pair => kind.Suits.HasFlag(pair.Head.Wear.Kind))
                    .Select(pair =>
                        FilmModel.For(substance, kind.Places, HeadSize.Of(pair.Head, figures.Head), figures, 1, pair.Hand)?.Exact.Value ?? 0
                    )
            )
            .DefaultIfEmpty(0)
            .Max();
        if (left.Value <= 0)
        {
            return new ShoppingLine(product.Id, product.Name, product.Role, left, 0, ShelfWords.Empty);
        }

        var uses = most > 0 ? left.Value / most : double.PositiveInfinity;
        return uses >= figures.Mixtures.UsesInReserve
            ? null
            : new ShoppingLine(
                product.Id,
                product.Name,
                product.Role,
                left,
                uses,
                uses < 1
                    ? ShelfWords.OneUseLeft(Say.Amount(left.Value), Say.Amount(most))
                    : ShelfWords.UsesLeft(Say.Amount(left.Value), Say.Count((int)Math.Floor(uses), "use", "uses"), Say.Amount(most))
            );
    }
}
