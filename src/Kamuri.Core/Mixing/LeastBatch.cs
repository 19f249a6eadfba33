using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>The least of a formula that can sensibly be made: a pan cannot simmer a spoonful (craft §8).</summary>
public static class LeastBatch
{
    /// <summary>What a rest has to come to, so that a jar is worth its label, in millilitres (a choice of this product).</summary>
    private const double WorthAJar = 30;

    /// <summary>The finished mixture of the least batch; 0 where any amount can be made.</summary>
    public static Millilitres Of(Formula formula, Kitchen kitchen) =>
        formula.Kind switch
        {
            FormulaKind.SeedGel or FormulaKind.HerbTea => With(formula, 250, Unit.Millilitre, kitchen, Largest(formula, kitchen)),
            FormulaKind.PodGel => With(formula, 200, Unit.Gram, kitchen, formula.Ingredients[0]),
            FormulaKind.OnionJuice => With(formula, 110, Unit.Gram, kitchen, formula.Ingredients[0]),
            FormulaKind.GrainWater => With(formula, 0.5, Unit.Cup, kitchen, formula.Ingredients[0]),
            FormulaKind.PowderPaste or FormulaKind.ClayMask => new Millilitres(60),
            _ => new Millilitres(0),
        };

    /// <summary>What is left in the bowl when a step has taken its share; 0 for nothing worth a jar.</summary>
    /// <param name="makes">All that was made.</param>
    /// <param name="taken">What the step takes, with what sticks to bowl and hands.</param>
    public static Millilitres Rest(Millilitres makes, Millilitres taken) =>
        new(makes.Value - taken.Value is var rest and >= WorthAJar ? Math.Floor(rest) : 0);

    private static FormulaIngredient Largest(Formula formula, Kitchen kitchen) =>
        formula.Ingredients.MaxBy(each => kitchen.VolumeOf(each).Value)!;

    /// <summary>The yield when so much of one ingredient goes in; a formula whose units do not go together has no least.</summary>
    private static Millilitres With(Formula formula, double amount, Unit unit, Kitchen kitchen, FormulaIngredient of)
    {
        if (kitchen.MaterialOf(of).IsCounted)
        {
            return new Millilitres(0);
        }

        var least = kitchen.VolumeOf(of with { Amount = amount, Unit = unit }).Value;
        return new Millilitres(kitchen.YieldOf(formula).Value * least / kitchen.VolumeOf(of).Value);
    }
}
