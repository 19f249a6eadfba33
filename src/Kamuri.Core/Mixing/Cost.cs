using Kamuri.Core.Texts;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>What a mixture costs, as far as prices are known.</summary>
/// <param name="Total">In the household's own money.</param>
/// <param name="PerMl">Of the finished mixture.</param>
/// <param name="Unpriced">Products without a price; the total leaves them out.</param>
public sealed record MixtureCost(decimal Total, decimal PerMl, IReadOnlyList<string> Unpriced);

/// <summary>What a mixture costs beside what can be bought.</summary>
/// <param name="Amount">Of either: "100 ml", "1 cup".</param>
/// <param name="Made">That much of the mixture, in the household's own money.</param>
/// <param name="Cheapest">The cheapest product for the same use.</param>
/// <param name="Bought">That much of the product, in the household's own money.</param>
public sealed record CostComparison(string Amount, decimal Made, string Cheapest, decimal Bought);

/// <summary>Cost from pack prices and amounts used.</summary>
public static class Cost
{
    /// <summary>Price of a millilitre, or of a gram of what is sold by weight; null when price or size is not known.</summary>
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
                total += price * (decimal)line.OfPack;
            }
        }

        return new MixtureCost(total, scaled.Makes.Value > 0 ? total / (decimal)scaled.Makes.Value : 0, [.. unpriced.Distinct()]);
    }

    /// <summary>
    /// A mixture against the cheapest that can be bought for the same use; null when there is nothing to compare. Both are for 100 ml, or
    /// for a cup where the household measures in cups.
    /// </summary>
    public static CostComparison? Against(MixtureCost made, IReadOnlyCollection<(string Name, decimal PerMl)> bought)
    {
        if (made.PerMl <= 0 || made.Unpriced.Count > 0 || bought.Count == 0)
        {
            return null;
        }

        var style = WritingStyle.Current;
        var shown = style.Amounts == AmountUnit.Spoons ? style.Measures.Cup.Value : 100;
        var (name, perMl) = bought.MinBy(each => each.PerMl);
        return new CostComparison(Say.Amount(shown), Shown(made.PerMl), name, Shown(perMl));

        decimal Shown(decimal price) => Math.Round(price * (decimal)shown, 2);
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
