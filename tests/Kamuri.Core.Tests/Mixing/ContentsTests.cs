using CsCheck;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Mixing;

/// <summary>What is in a mixture, through however many others.</summary>
public class ContentsTests
{
    private static readonly Kitchen Kitchen = Kitchen.Shipped;

    private static Formula Written(string name, params FormulaIngredient[] ingredients) =>
        new()
        {
            Id = Guid.NewGuid(),
            Name = name,
            Kind = FormulaKind.Other,
            Ingredients = ingredients,
            Keep = KeepRule.Now,
        };

    private static FormulaIngredient From(Formula formula, double amount) =>
        new(formula.Name, amount, Unit.Millilitre) { FormulaId = formula.Id };

    [Fact]
    public void Dilution_by_hand()
    {
        // 12 drops are 0.6 ml in 100.6 ml.
        var scented = FormulaCatalogue.All.Single(formula => formula.Name == "Scented infused oil");
        Assert.Equal(100 * 0.6 / 100.6, Contents.Of(scented, Kitchen).EssentialOilPercent, 9);

        // A quarter of it in something else is a quarter as strong.
        var outer = Written("Outer", From(scented, 25), new("water", 75, Unit.Millilitre));
        Assert.Equal(0.25 * 100 * 0.6 / 100.6, Contents.Of(outer, Kitchen).EssentialOilPercent, 9);
    }

    [Fact]
    public void Nested_dilution_is_flat_dilution() =>
        Gen.Select(Gen.Double[1, 60], Gen.Double[10, 500], Gen.Double[1, 200], Gen.Double[1, 500])
            .Sample(
                (drops, oil, taken, water) =>
                {
                    var inner = Written("Inner", new("lavender oil", drops, Unit.Drop), new("olive oil", oil, Unit.Millilitre));
                    var middle = Written("Middle", From(inner, taken), new("water", water, Unit.Millilitre));
                    var outer = Written("Outer", From(middle, 30), new("aloe gel", 70, Unit.Millilitre));
                    var kitchen = new Kitchen([inner, middle, outer], [], Kitchen.Dictionary, new MeasureFigures());

                    var lavender = drops / 20;
                    var flat = lavender / (lavender + oil) * taken / (taken + water) * 30 / 100 * 100;
                    return Math.Abs(Contents.Of(outer, kitchen).EssentialOilPercent - flat) <= 1e-9 * flat;
                }
            );

    [Fact]
    public void What_goes_in_after_straining_is_all_there()
    {
        var strained = Written(
            "Strained",
            new("water", 100, Unit.Millilitre),
            new("lavender oil", 1, Unit.Millilitre) { AfterStraining = true }
        ) with
        {
            YieldShare = 0.5,
        };
        Assert.Equal(51, Kitchen.YieldOf(strained).Value, 9);
        Assert.Equal(100.0 / 51, Contents.Of(strained, Kitchen).EssentialOilPercent, 9);
    }

    [Fact]
    public void Sharp_oils_are_counted_by_themselves()
    {
        var mixed = Written(
            "Mixed",
            new("olive oil", 98, Unit.Millilitre),
            new("peppermint oil", 1, Unit.Millilitre),
            new("lavender oil", 1, Unit.Millilitre)
        );
        var use = Contents.Of(mixed, Kitchen).AsUse(mixed, Kitchen);

        Assert.Equal((2.0, 1.0), (Math.Round(use.EssentialOilPercent, 9), Math.Round(use.SharpOilPercent, 9)));
        Assert.True(use.Irritates);
        Assert.Contains("essential oils", use.Ingredients);
    }

    [Fact]
    public void Sensitivities_are_found_through_nested_ingredients_and_labels()
    {
        var nutty = new KitchenProduct(
            Guid.NewGuid(),
            "Nutty",
            ProductRole.Oil,
            ["sweet almond oil", "nuts"],
            ProteinStrength.Strong,
            null
        );
        var inner = Written("Inner", new("Nutty", 10, Unit.Millilitre) { ProductId = nutty.Id }, new("egg", 1, Unit.Piece));
        var outer = Written("Outer", From(inner, 10), new("honey", 5, Unit.Millilitre));
        var kitchen = new Kitchen([inner, outer], [nutty], Kitchen.Dictionary, new MeasureFigures());

        var use = Contents.Of(outer, kitchen).AsUse(outer, kitchen);

        Assert.Superset(new HashSet<string> { "nuts", "egg", "protein", "bee products", "honey" }, use.Ingredients.ToHashSet());
        Assert.Equal(ProteinStrength.Strong, use.Protein);
    }

    [Theory]
    [InlineData("Egg mask", ProteinStrength.Light, null, null, true)]
    [InlineData("Grain water", ProteinStrength.Light, null, null, false)]
    [InlineData("Herb paste", ProteinStrength.None, true, null, true)]
    [InlineData("Leaf gel", ProteinStrength.None, null, true, false)]
    [InlineData("Herb tea", ProteinStrength.None, null, null, false)]
    public void What_rules_are_told(string name, ProteinStrength protein, bool? sieved, bool? drained, bool underADay)
    {
        var formula = FormulaCatalogue.All.Single(each => each.Name == name);
        var use = Larder.Made(formula, Kitchen);
        Assert.Equal((protein, sieved, drained, underADay), (use.Protein, use.Sieved, use.SapDrained, use.KeepsUnderADay));
    }

    [Fact]
    public void A_formula_that_contains_itself_is_refused_by_name()
    {
        var inner = Written("Inner", new FormulaIngredient("water", 1, Unit.Millilitre));
        var outer = Written("Outer", From(inner, 1));
        var back = inner with { Ingredients = [From(outer, 1)] };
        var kitchen = new Kitchen([back, outer], [], Kitchen.Dictionary, new MeasureFigures());

        Assert.Equal(["Outer", "Inner", "Outer"], kitchen.LoopFrom(outer));
        Assert.Contains(
            "Outer → Inner → Outer",
            Assert.Throws<FormulaLoopException>(() => Contents.Of(outer, kitchen)).Message,
            StringComparison.Ordinal
        );
        var self = Written("Self", new FormulaIngredient("water", 1, Unit.Cup));
        Assert.Equal(["Self", "Self"], kitchen.LoopFrom(self with { Ingredients = [From(self, 1)] }));
        Assert.All(FormulaCatalogue.All, formula => Assert.Null(Kitchen.LoopFrom(formula)));
    }
}
