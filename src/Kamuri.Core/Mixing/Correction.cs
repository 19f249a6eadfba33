using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>What is wrong with a mixture once it is made.</summary>
public enum Trouble
{
    TooThick,
    TooRunny,
    TooLittle,
}

/// <summary>What to do about it.</summary>
/// <param name="Add">What to add; null when nothing is.</param>
/// <param name="Amount">How much to add first.</param>
/// <param name="Sentence">The whole of it in words.</param>
public sealed record CorrectionAdvice(string? Add, MeasuredAmount? Amount, string Sentence);

/// <summary>How a mixture is put right. Amounts are first steps, to be repeated with a look between them.</summary>
public static class Correction
{
    /// <summary>Liquid that is stirred in at a time, against the volume there is (craft default).</summary>
    private const double LiquidStep = 0.06;

    /// <summary>Powder that is stirred in at a time, against the volume there is (craft default).</summary>
    private const double PowderStep = 0.04;

    /// <summary>The advice for so much of a mixture, of which so much is wanted.</summary>
    public static CorrectionAdvice For(Formula formula, Trouble trouble, Millilitres there, Millilitres wanted, Kitchen kitchen) =>
        trouble switch
        {
            Trouble.TooThick => Thin(formula, there, kitchen),
            Trouble.TooRunny => Thicken(formula, there, kitchen),
            _ => Stretch(formula, there, wanted, kitchen),
        };

    private static CorrectionAdvice Thin(Formula formula, Millilitres there, Kitchen kitchen)
    {
        if (formula.Kind == FormulaKind.MeltedBar)
        {
            return new CorrectionAdvice(null, null, KitchenWords.MeltItOn);
        }

        var (name, sentence) = formula.Kind switch
        {
            FormulaKind.WhippedButter => (
                Named(formula, kitchen, MaterialRole.SealingOil, KitchenWords.JojobaOil),
                (Func<string, string, string>)KitchenWords.StirInSoftened
            ),
            FormulaKind.InfusedOil or FormulaKind.WarmedOil => (
                Named(formula, kitchen, MaterialRole.PenetratingOil, KitchenWords.SunflowerOil),
                KitchenWords.StirIn
            ),
            // Raw egg sets and raw gel spoils in the warm.
            FormulaKind.EggMask or FormulaKind.LeafGel => (Named(formula, kitchen, MaterialRole.Liquid, "water"), KitchenWords.StirInCool),
            _ => (Named(formula, kitchen, MaterialRole.Liquid, "water"), KitchenWords.StirInWarm),
        };
        return Added(name, there.Value * LiquidStep, kitchen, amount => sentence(amount, name));
    }

    private static CorrectionAdvice Thicken(Formula formula, Millilitres there, Kitchen kitchen)
    {
        var powder = formula.Kind switch
        {
            FormulaKind.PowderPaste => Named(formula, kitchen, MaterialRole.Powder, KitchenWords.HibiscusPowder),
            FormulaKind.ClayMask => Named(formula, kitchen, MaterialRole.Clay, KitchenWords.BentoniteClay),
            FormulaKind.EggMask => KitchenWords.AvocadoFlesh,
            FormulaKind.BoostedConditioner => Named(formula, kitchen, MaterialRole.Conditioner, "conditioner"),
            FormulaKind.WhippedButter => Named(formula, kitchen, MaterialRole.Butter, KitchenWords.SheaButter),
            _ => null,
        };
        return powder is null
            ? new CorrectionAdvice(
                null,
                null,
                formula.Kind switch
                {
                    FormulaKind.SeedGel or FormulaKind.PodGel => KitchenWords.SimmerItAgain2MinutesAt,
                    FormulaKind.LeafGel => KitchenWords.LetItDrip,
                    FormulaKind.MeltedBar => KitchenWords.LetItSet,
                    _ => KitchenWords.ItIsMeantToBeThin,
                }
            )
            : Added(
                powder,
                there.Value * (formula.Kind is FormulaKind.PowderPaste or FormulaKind.ClayMask ? PowderStep : 2 * LiquidStep),
                kitchen,
                amount => KitchenWords.StirInAmountPowderLookAnd(amount, powder)
            );
    }

    private static CorrectionAdvice Stretch(Formula formula, Millilitres there, Millilitres wanted, Kitchen kitchen)
    {
        var missing = wanted.Value - there.Value;
        if (missing <= 0)
        {
            return new CorrectionAdvice(null, null, KitchenWords.ThereIsEnoughForThisHead);
        }

        const double strongest = 0.25;
        var name = formula.Kind switch
        {
            FormulaKind.BoostedConditioner => Named(formula, kitchen, MaterialRole.Conditioner, "conditioner"),
            FormulaKind.InfusedOil or FormulaKind.WarmedOil => Named(
                formula,
                kitchen,
                MaterialRole.PenetratingOil,
                KitchenWords.SunflowerOil
            ),
            FormulaKind.EggMask => "conditioner",
            FormulaKind.WhippedButter => Named(formula, kitchen, MaterialRole.SealingOil, KitchenWords.JojobaOil),
            _ => Named(formula, kitchen, MaterialRole.Liquid, "water"),
        };
        var thins = missing > there.Value * strongest;
        return Added(name, Math.Min(missing, there.Value * strongest), kitchen, amount =>
            thins ? KitchenWords.StretchItNoFurther(amount, name) : KitchenWords.StretchIt(amount, name)
        );
    }

    private static string Named(Formula formula, Kitchen kitchen, MaterialRole role, string otherwise) =>
        formula.Ingredients.FirstOrDefault(each => kitchen.MaterialOf(each).Role == role)?.Name ?? otherwise;

    private static CorrectionAdvice Added(string name, double millilitres, Kitchen kitchen, Func<string, string> sentence)
    {
        var formula = new Formula
        {
            Id = Guid.Empty,
            Name = name,
            Kind = FormulaKind.Other,
            Ingredients = [new FormulaIngredient(name, Math.Max(1, millilitres), Unit.Millilitre)],
            Keep = KeepRule.Now,
        };
        var amount = Scaling.By(formula, 1, kitchen).Lines[0].Amount;
        return new CorrectionAdvice(name, amount, sentence(amount.Spoons));
    }
}
