using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>What a mixture costs, as far as prices are known.</summary>
/// <param name="Total">In the household's own money.</param>
/// <param name="PerMl">Of the finished mixture.</param>
/// <param name="Unpriced">Products without a price; the total leaves them out.</param>
public sealed record MixtureCost(decimal Total, decimal PerMl, IReadOnlyList<string> Unpriced);

/// <summary>Cost from pack prices and amounts used.</summary>
public static class Cost
{
    /// <summary>Price of a millilitre from the price of a pack; null when price or size is not known.</summary>
    public static decimal? PerMillilitre(decimal? price, Millilitres? size) =>
        price is { } paid && size is { Value: > 0 } pack ? paid / (decimal)pack.Value : null;

    /// <summary>
    /// The cost of a scaled formula. An ingredient that names no product takes the price of a product of the same name; water is free.
    /// </summary>
    public static MixtureCost Of(ScaledFormula scaled, Kitchen kitchen)
    {
        var total = 0m;
        var unpriced = new List<string>();
        foreach (var line in scaled.Lines)
        {
            if (PriceOf(line.Ingredient, kitchen, unpriced) is { } price)
            {
                total += price * (decimal)line.Volume.Value;
            }
        }

        return new MixtureCost(total, scaled.Makes.Value > 0 ? total / (decimal)scaled.Makes.Value : 0, [.. unpriced.Distinct()]);
    }

    /// <summary>A mixture against what can be bought for the same, in a sentence; empty when there is nothing to compare.</summary>
    public static string Against(MixtureCost made, IReadOnlyCollection<(string Name, decimal PerMl)> bought)
    {
        const decimal shown = 100;
        if (made.PerMl <= 0 || made.Unpriced.Count > 0 || bought.Count == 0)
        {
            return "";
        }

        var cheapest = bought.MinBy(each => each.PerMl);
        return cheapest.PerMl >= made.PerMl
            ? KitchenWords.PerMlFor100MlBoughtCheapest($"{(made.PerMl * shown):0.00}", cheapest.Name, $"{(cheapest.PerMl * shown):0.00}")
            : KitchenWords.PerMlFor100MlCheapestIs($"{(made.PerMl * shown):0.00}", cheapest.Name, $"{(cheapest.PerMl * shown):0.00}");
    }

    private static decimal? PriceOf(FormulaIngredient ingredient, Kitchen kitchen, List<string> unpriced)
    {
        if (ingredient.FormulaId is { } id && kitchen.Formula(id) is { } inner)
        {
            var nested = Of(Scaling.By(inner, 1, kitchen), kitchen);
            unpriced.AddRange(nested.Unpriced);
            return nested.PerMl;
        }

        var price = ingredient.ProductId is { } product ? kitchen.Product(product)?.PricePerMl : null;
        if (price is null && kitchen.Prices.TryGetValue(ingredient.Name, out var byName))
        {
            price = byName;
        }

        if (price is null && string.Equals(ingredient.Name, "water", StringComparison.OrdinalIgnoreCase))
        {
            return 0;
        }

        if (price is null)
        {
            unpriced.Add(ingredient.Name);
        }

        return price;
    }
}
