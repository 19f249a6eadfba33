using System.Globalization;
using System.Text.RegularExpressions;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>An amount written the ways a kitchen measures, and exactly.</summary>
/// <param name="Metric">In millilitres, in grams when the formula weighs it, or counted: <c>100 ml</c>.</param>
/// <param name="Spoons">In spoons and cups, or counted.</param>
/// <param name="Weight">On a scale, or counted.</param>
/// <param name="Exact">Not rounded.</param>
public sealed record MeasuredAmount(string Metric, string Spoons, string Weight, string Exact);

/// <summary>One ingredient of a scaled formula.</summary>
public sealed record ScaledLine(FormulaIngredient Ingredient, Material Material, Millilitres Volume, Grams Weight, MeasuredAmount Amount)
{
    /// <summary>What it takes of a pack, in the unit packs of it are sold in: grams or millilitres.</summary>
    public double OfPack => Material.IsSoldByWeight ? Weight.Value : Volume.Value;

    /// <summary>How many, for what is counted; null otherwise.</summary>
    public double? Pieces { get; init; }

    /// <summary>What can stand in for it; null when nothing can.</summary>
    public string? Instead => Materials.InsteadOf(Material.Role);
}

/// <summary>A formula scaled to an amount.</summary>
/// <param name="Formula">The formula as written.</param>
/// <param name="Factor">Every ingredient is this many times what is written; counted ones are rounded first.</param>
/// <param name="Lines">What goes in.</param>
/// <param name="Makes">What it comes to once strained.</param>
/// <param name="Remarks">What was rounded and why, and what cannot be measured.</param>
public sealed record ScaledFormula(
    Formula Formula,
    double Factor,
    IReadOnlyList<ScaledLine> Lines,
    Millilitres Makes,
    IReadOnlyList<string> Remarks
)
{
    /// <summary>The ingredients, one line each.</summary>
    public IReadOnlyList<MeasuredWords> Words =>
        [.. Lines.Select(line => MeasuredWords.Of(way => KitchenWords.WayIngredient(way(line.Amount), line.Ingredient.Name)))];
}

/// <summary>Scales formulas. Ratios are kept exactly; only what is counted is rounded, and everything else follows it.</summary>
public static partial class Scaling
{
    /// <summary>Least a formula is scaled by; beyond it is a slip of the pen.</summary>
    public const double LeastFactor = 1e-6;

    /// <summary>Most a formula is scaled by.</summary>
    public const double MostFactor = 1e6;

    /// <summary>Scales to so much of the finished mixture.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The amount is not above 0, or is thousands of times what is written.</exception>
    /// <exception cref="UnitMismatchException">A unit does not go with its ingredient.</exception>
    public static ScaledFormula ToMake(Formula formula, Millilitres wanted, Kitchen kitchen) =>
        By(formula, wanted.Value / kitchen.YieldOf(formula).Value, kitchen);

    /// <summary>
    /// The same for what a plan works out by itself: an amount out of all proportion is held within reason instead of refused.
    /// </summary>
    internal static ScaledFormula ToMakeWithin(Formula formula, Millilitres wanted, Kitchen kitchen) =>
        By(formula, Math.Clamp(wanted.Value / kitchen.YieldOf(formula).Value, LeastFactor, MostFactor), kitchen);

    /// <summary>Scales to what there is of one ingredient: "I have only 40 g of this".</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such ingredient, or the amount is not above 0.</exception>
    /// <exception cref="UnitMismatchException">The unit does not go with the ingredient.</exception>
    public static ScaledFormula ToHave(Formula formula, int ingredient, double amount, Unit unit, Kitchen kitchen)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(ingredient);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(ingredient, formula.Ingredients.Count);
        var line = formula.Ingredients[ingredient];
        var there = kitchen.VolumeOf(line with { Amount = amount, Unit = unit });
        return By(formula, there.Value / kitchen.VolumeOf(line).Value, kitchen, countedDown: true);
    }

    /// <summary>Scales by a factor.</summary>
    /// <param name="formula">The formula as written.</param>
    /// <param name="factor">How many times as much.</param>
    /// <param name="kitchen">What ingredients are.</param>
    /// <param name="countedDown">What is counted is rounded down to what there is, instead of up to what is wanted.</param>
    /// <exception cref="ArgumentOutOfRangeException">The factor is no sensible number.</exception>
    public static ScaledFormula By(Formula formula, double factor, Kitchen kitchen, bool countedDown = false)
    {
        if (!double.IsFinite(factor) || factor < LeastFactor || factor > MostFactor)
        {
            throw new ArgumentOutOfRangeException(nameof(factor), factor, "An amount has to be above nothing, and within reason.");
        }

        var remarks = new List<string>();
        var counted = formula.Ingredients.Where(each => kitchen.MaterialOf(each).IsCounted).ToList();
        if (counted.Count > 0)
        {
            // The first counted ingredient leads: it becomes a whole or a half, and the rest follows it.
            var (wanted, halves) = (counted[0].Amount * factor, counted[0].Amount * factor * 2);
            var pieces = Math.Max(1, countedDown ? Math.Floor(halves + 1e-9) : Math.Ceiling(halves - 1e-9)) / 2;
            var rounded = pieces / counted[0].Amount;
            if (Math.Abs(rounded - factor) > 1e-9 * factor)
            {
                remarks.Add(
                    KitchenWords.WantedCountedBecomesFractionAndEverything(
                        Reckoning.Show(wanted),
                        counted[0].Name,
                        KitchenRounding.Fraction(pieces)
                    )
                );
            }

            factor = rounded;
        }

        var lines = SpoonRatio.Kept([.. formula.Ingredients.Select(each => Line(each, factor, kitchen))], kitchen.Measures);
        remarks.AddRange(
            lines
                .Where(line => line.Material.Role == MaterialRole.EssentialOil && KitchenRounding.Drops(line.Volume, kitchen.Measures) == 0)
                .Select(line => KitchenWords.IngredientComesToLessThanA(line.Ingredient.Name))
        );
        remarks.AddRange(
            lines.Where(line => !line.Material.IsKnown).Select(line => KitchenWords.KamuriDoesNotKnowIngredientIt(line.Ingredient.Name))
        );
        return new ScaledFormula(formula, factor, lines, new Millilitres(kitchen.YieldOf(formula).Value * factor), remarks);
    }

    /// <summary>Puts amounts into the words of a method: <c>{water}</c> becomes "250 ml water".</summary>
    public static string Words(string title, IEnumerable<(string Name, string Amount)> amounts)
    {
        var byName = amounts.ToList();
        return Placeholder()
            .Replace(title, match =>
            {
                var name = match.Groups["name"].Value.Trim();
                var (found, amount) = byName.FirstOrDefault(each => string.Equals(each.Name, name, StringComparison.OrdinalIgnoreCase));
                return found is null || amount.Length == 0 ? name : KitchenWords.AmountFound(amount, Counted(amount, found));
            });
    }

    /// <summary>What is counted and not measured, by more than one: "2 eggs".</summary>
    private static string Counted(string amount, string name) =>
        amount.Any(char.IsLetter) || amount is "1" or "¼" or "½" or "¾" ? name : $"{name}s";

    /// <summary>The same without amounts.</summary>
    public static string PlainWords(string title) => Words(title, []);

    [GeneratedRegex(@"\{(?<name>[^{}]+)\}")]
    private static partial Regex Placeholder();

    private static ScaledLine Line(FormulaIngredient ingredient, double factor, Kitchen kitchen)
    {
        var material = kitchen.MaterialOf(ingredient);
        var volume = new Millilitres(kitchen.VolumeOf(ingredient).Value * factor);
        var weight = new Grams(volume.Value * material.Density);
        double? pieces = material.IsCounted || ingredient.Unit == Unit.Piece ? ingredient.Amount * factor : null;
        return new ScaledLine(
            ingredient,
            material,
            volume,
            weight,
            Amount(material, volume, weight, pieces, Measures.IsWeight(ingredient.Unit), kitchen.Measures)
        )
        {
            Pieces = pieces,
        };
    }

    private static MeasuredAmount Amount(
        Material material,
        Millilitres volume,
        Grams weight,
        double? pieces,
        bool byWeight,
        MeasureFigures measures
    )
    {
        var exact = KitchenWords.VolumeMlWeightG(Reckoning.Show(volume.Value), Reckoning.Show(weight.Value));
        if (pieces is { } count)
        {
            var words = KitchenRounding.Fraction(Math.Max(0.25, count));
            return new MeasuredAmount(words, words, words, KitchenWords.CountExact(Reckoning.Show(count), exact));
        }

        if (material.Role == MaterialRole.EssentialOil)
        {
            // Never rounded up: a drop too many is what the limits are there for.
            var drops = KitchenRounding.Drops(volume, measures);
            var words = drops switch
            {
                0 => KitchenWords.UnderADrop,
                1 => "1 drop",
                _ => KitchenWords.DropsDrops($"{drops}"),
            };
            return new MeasuredAmount(
                words,
                words,
                words,
                KitchenWords.VolumeDropsExact(Reckoning.Show(volume.Value * measures.DropsPerMillilitre), exact)
            );
        }

        // What the formula weighs stays weighed: nobody measures a leaf or an onion in millilitres.
        var scale = KitchenRounding.Weight(weight);
        return new MeasuredAmount(
            byWeight ? scale : KitchenRounding.Metric(volume),
            KitchenRounding.Spoons(volume, measures),
            scale,
            exact
        );
    }
}
