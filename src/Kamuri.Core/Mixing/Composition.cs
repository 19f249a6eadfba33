using Kamuri.Core.Shelf;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>Something that is in a finished mixture, through however many formulas.</summary>
/// <param name="Material">What it is.</param>
/// <param name="Product">The product it comes from; null when it is a material.</param>
/// <param name="Share">Share of the finished volume, 0 to 1; what goes in before straining counts as if all of it went through.</param>
/// <param name="Through">The formulas it comes through, outermost first; empty when it goes in directly.</param>
public sealed record Content(Material Material, KitchenProduct? Product, double Share, IReadOnlyList<string> Through);

/// <summary>What is in a finished mixture, down to materials and products.</summary>
public sealed record Contents(IReadOnlyList<Content> All)
{
    /// <summary>Takes a formula apart, through every batch of another that goes into it.</summary>
    /// <exception cref="FormulaLoopException">It comes back to itself.</exception>
    /// <exception cref="UnitMismatchException">A unit does not go with its ingredient.</exception>
    public static Contents Of(Formula formula, Kitchen kitchen)
    {
        if (kitchen.LoopFrom(formula) is { } loop)
        {
            throw new FormulaLoopException(KitchenWords.ThisFormulaWouldContainItselfLoop(string.Join(" → ", loop)));
        }

        return new Contents([.. Parts(formula, kitchen, 1, [])]);
    }

    /// <summary>All essential oils that are known to be in it, in % by volume of the finished mixture.</summary>
    public double EssentialOilPercent => All.Sum(content => content.Share * EssentialOilIn(content).Known);

    /// <summary>The most essential oil there may be, in % by volume: labels name some without their share.</summary>
    public double EssentialOilAtMost => All.Sum(content => content.Share * EssentialOilIn(content).AtMost);

    /// <summary>The sharp ones among them, of the peppermint and tea-tree kind, in % by volume.</summary>
    public double SharpOilPercent =>
        All.Where(content => content.Product?.HasSharpOil ?? EssentialOils.IsSharp(content.Material.Label ?? content.Material.Name))
            .Sum(content => content.Share * EssentialOilIn(content).Known);

    /// <summary>
    /// What is in it for rules to read: plain names, and the families they belong to in the words sensitivities are written in.
    /// </summary>
    public IReadOnlyList<string> Ingredients(IngredientDictionary dictionary) =>
        [
            .. Reading(dictionary)
                .Ingredients.Concat(All.Where(content => content.Product is not null).SelectMany(content => content.Product!.Ingredients))
                .Distinct(),
        ];

    /// <summary>What a step is told of the mixture.</summary>
    public StepUse AsUse(Formula formula, Kitchen kitchen)
    {
        var dictionary = kitchen.Dictionary;
        var reading = Reading(dictionary);
        var strongest = All.Select(content => content.Product?.Protein ?? ProteinStrength.None).Append(ProteinOf(reading)).Max();
        return new StepUse(formula.Name)
        {
            Ingredients = Ingredients(dictionary),
            Protein = strongest,
            EssentialOilPercent = EssentialOilPercent,
            EssentialOilAtMost = EssentialOilAtMost,
            SharpOilPercent = SharpOilPercent,
            MeasuredOutIn = kitchen.YieldOf(formula),
            Traits = Traits(formula, dictionary),
            Sieved = Has(MaterialRole.Powder, MaterialRole.Seed) ? formula.Deeds.HasFlag(MethodDeeds.Sieves) : null,
            SapDrained = All.Any(content => content.Material.Role == MaterialRole.Leaf && content.Through.Count == 0)
                ? formula.Deeds.HasFlag(MethodDeeds.DrainsSap)
                : null,
            KeepsUnderADay = formula.Keep.IsUnderADay,
            AskForPatchTest =
            [
                .. reading.AskForPatchTest.Concat(All.SelectMany(content => content.Product?.AskForPatchTest ?? [])).Distinct(),
            ],
        };
    }

    private bool Has(params MaterialRole[] roles) => All.Any(content => roles.Contains(content.Material.Role));

    private MixtureTraits Traits(Formula formula, IngredientDictionary dictionary)
    {
        var traits = All.Aggregate(MixtureTraits.None, (all, content) =>
            all | (content.Product?.Traits ?? MixtureTraitsOf.Kitchen(content.Material, dictionary))
        );
        return formula.Deeds.HasFlag(MethodDeeds.Sieves) ? traits & ~MixtureTraits.Unsieved : traits;
    }

    private static EssentialOilShare EssentialOilIn(Content content) =>
        content.Product?.EssentialOil
        ?? (content.Material.Role == MaterialRole.EssentialOil ? new EssentialOilShare(100, 100) : EssentialOilShare.None);

    /// <summary>A mixture is read like a label: its materials, most first.</summary>
    private LabelReading Reading(IngredientDictionary dictionary) =>
        LabelReading.Of(
            string.Join(
                ", ",
                All.Where(content => content.Product is null)
                    .OrderByDescending(content => content.Share)
                    .Select(content => content.Material.Label ?? content.Material.Name)
            ),
            dictionary
        );

    /// <summary>Kitchen protein is light: nothing in a kitchen is hydrolysed.</summary>
    private static ProteinStrength ProteinOf(LabelReading reading) =>
        reading.Names.Any(name => name.Class is IngredientClass.Protein or IngredientClass.ProteinStrong)
            ? ProteinStrength.Light
            : ProteinStrength.None;

    private static IEnumerable<Content> Parts(Formula formula, Kitchen kitchen, double share, IReadOnlyList<string> through)
    {
        var whole = kitchen.YieldOf(formula).Value;
        foreach (var ingredient in formula.Ingredients)
        {
            var own = share * kitchen.VolumeOf(ingredient).Value / whole;
            if (ingredient.FormulaId is { } id && kitchen.Formula(id) is { } inner)
            {
                foreach (var part in Parts(inner, kitchen, own, [.. through, inner.Name]))
                {
                    yield return part;
                }
            }
            else
            {
                yield return new Content(
                    kitchen.MaterialOf(ingredient),
                    ingredient.ProductId is { } product ? kitchen.Product(product) : null,
                    own,
                    through
                );
            }
        }
    }
}
