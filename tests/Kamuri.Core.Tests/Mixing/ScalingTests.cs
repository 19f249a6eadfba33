using CsCheck;
using Kamuri.Core.Mixing;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Mixing;

/// <summary>Formulas scaled to heads, to what there is, and to what it costs.</summary>
public class ScalingTests
{
    private static readonly Kitchen Kitchen = Kitchen.Shipped;

    private static Formula Shipped(string name) => FormulaCatalogue.All.Single(formula => formula.Name == name);

    private static Formula Written(params FormulaIngredient[] ingredients) =>
        new()
        {
            Id = Guid.NewGuid(),
            Name = "Written",
            Kind = FormulaKind.Other,
            Ingredients = ingredients,
            Keep = KeepRule.Now,
        };

    [Fact]
    public void There_is_a_formula_of_every_kind_and_each_can_be_made()
    {
        Assert.Equal(Enum.GetValues<FormulaKind>(), FormulaCatalogue.All.Select(formula => formula.Kind).Distinct().Order());
        Assert.All(FormulaCatalogue.All, formula =>
        {
            Assert.Equal(
                200,
                Scaling
                    .ToMake(
                        formula with
                        {
                            Ingredients = [.. formula.Ingredients.Where(each => !Kitchen.MaterialOf(each).IsCounted)],
                        },
                        new Millilitres(200),
                        Kitchen
                    )
                    .Makes.Value,
                6
            );
            Assert.NotEmpty(formula.Method);
            Assert.NotEmpty(formula.ServesAs);
            Assert.All(formula.Ingredients, each => Assert.True(Kitchen.MaterialOf(each).IsKnown, each.Name));
            Assert.All(formula.Method, step =>
                Assert.DoesNotContain('{', Scaling.Words(step.Title, formula.Ingredients.Select(each => (each.Name, "x"))))
            );
        });
        Assert.Equal(FormulaCatalogue.All.Count, FormulaCatalogue.All.Select(formula => formula.Id).Distinct().Count());
    }

    [Fact]
    public void A_tea_for_a_head_by_hand()
    {
        // 250 ml of water and a spoon of herb keep 94 %: 248.9 ml. 132 ml of tea is 0.5303 of it.
        var scaled = Scaling.ToMake(Shipped("Herb tea"), new Millilitres(132), Kitchen);

        Assert.Equal(132 / ((250 + 14.79) * 0.94), scaled.Factor, 9);
        Assert.Equal(250 * scaled.Factor, scaled.Lines[0].Volume.Value, 9);
        Assert.Equal("130 ml", scaled.Lines[0].Amount.Metric);
        Assert.Equal("1½ tsp", scaled.Lines[1].Amount.Spoons);
        Assert.Equal(132, scaled.Makes.Value, 9);
    }

    [Theory]
    [InlineData(40, 1, "Egg mask")]
    [InlineData(85, 1.5, "Egg mask")]
    [InlineData(190, 2.5, "Egg mask")]
    public void Eggs_become_halves_and_the_rest_follows(double wanted, double eggs, string name)
    {
        var formula = Shipped(name);
        var scaled = Scaling.ToMake(formula, new Millilitres(wanted), Kitchen);

        // One egg is 48.5 ml, with a spoon each of honey and oil 78.1 ml.
        Assert.Equal(eggs, scaled.Lines[0].Pieces!.Value, 9);
        Assert.Equal(eggs * 14.79, scaled.Lines[1].Volume.Value, 9);
        Assert.Contains(scaled.Remarks, remark => remark.Contains("everything else follows", StringComparison.Ordinal));
        Assert.True(scaled.Makes.Value >= wanted);
    }

    [Fact]
    public void Only_40_grams_of_this()
    {
        // 7 : 2 : 1 by weight; 40 g of butter wants 11.43 g and 5.71 g of the oils.
        var scaled = Scaling.ToHave(Shipped("Whipped butter"), 0, 40, Unit.Gram, Kitchen);

        Assert.Equal([40, 40.0 * 2 / 7, 40.0 / 7], scaled.Lines.Select(line => line.Weight.Value), (a, b) => Math.Abs(a - b) < 1e-9);
        Assert.Equal("11 g", scaled.Lines[1].Amount.Weight);
    }

    [Fact]
    public void One_egg_in_the_house_is_not_made_one_and_a_half()
    {
        var two = Shipped("Egg mask") with { Ingredients = [new("egg", 2, Unit.Piece), new("honey", 2, Unit.Tablespoon)] };
        Assert.Equal(1, Scaling.ToHave(two, 1, 1.2, Unit.Tablespoon, Kitchen).Lines[0].Pieces);
    }

    [Fact]
    public void Ratios_are_kept_exactly() =>
        Gen.Select(Gen.Double[1, 2000], Gen.Double[0.1, 50], Gen.Double[0.1, 50])
            .Sample(
                (wanted, a, b) =>
                {
                    var formula = Written(new("water", a, Unit.Cup), new("olive oil", b, Unit.Gram), new("honey", 1, Unit.Tablespoon));
                    if (wanted / Kitchen.YieldOf(formula).Value is < Scaling.LeastFactor or > Scaling.MostFactor)
                    {
                        return true;
                    }

                    var scaled = Scaling.ToMake(formula, new Millilitres(wanted), Kitchen);
                    var ratio = scaled.Lines[0].Volume.Value / scaled.Lines[1].Volume.Value;
                    var written = Kitchen.VolumeOf(formula.Ingredients[0]).Value / Kitchen.VolumeOf(formula.Ingredients[1]).Value;
                    return Math.Abs(ratio - written) <= 1e-9 * written && Math.Abs(scaled.Makes.Value - wanted) <= 1e-9 * wanted;
                }
            );

    [Fact]
    public void Essential_oil_is_never_rounded_up_and_less_than_a_drop_is_left_out()
    {
        var formula = Written(new("olive oil", 100, Unit.Millilitre), new("lavender oil", 12, Unit.Drop));
        Assert.Equal("5 drops", Scaling.By(formula, 0.49, Kitchen).Lines[1].Amount.Metric);
        Assert.Contains(Scaling.By(formula, 0.05, Kitchen).Remarks, remark =>
            remark.Contains("less than a drop", StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData(0)]
    [InlineData(-5)]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    public void Nothing_is_made_of_nothing(double wanted) =>
        Assert.Throws<ArgumentOutOfRangeException>(() => Scaling.ToMake(Shipped("Herb tea"), new Millilitres(wanted), Kitchen));

    [Theory]
    [InlineData("raw honey", MaterialRole.Humectant, 1.42)]
    [InlineData("Castor Oli", MaterialRole.SealingOil, 0.96)]
    [InlineData("Ricinus Communis Seed Oil", MaterialRole.SealingOil, 0.96)]
    [InlineData("argan oil", MaterialRole.SealingOil, 0.92)]
    [InlineData("bentonite", MaterialRole.Clay, 0.9)]
    [InlineData("Eggs", MaterialRole.Egg, 1.03)]
    [InlineData("kakapo dust", MaterialRole.Other, 1)]
    public void Names_are_known_as_people_write_them(string name, MaterialRole role, double density)
    {
        var material = Materials.Find(name, Kitchen.Dictionary);
        Assert.Equal((role, density, name != "kakapo dust"), (material.Role, material.Density, material.IsKnown));
    }

    [Fact]
    public void Grams_of_eggs_are_not_a_thing() =>
        Assert.Contains(
            "counted",
            Assert.Throws<UnitMismatchException>(() => Kitchen.YieldOf(Written(new FormulaIngredient("eggs", 50, Unit.Gram)))).Message,
            StringComparison.Ordinal
        );

    [Fact]
    public void Cost_by_hand()
    {
        // 100 ml at 0.02 and 50 g of oil, 54.35 ml, at 0.10: 2.00 + 5.43; nobody gave a price for honey.
        var product = new KitchenProduct(Guid.NewGuid(), "Plain", Core.Shelf.ProductRole.RinseOut, [], default, 0.02m);
        var kitchen = new Kitchen([], [product], Kitchen.Dictionary, new MeasureFigures())
        {
            Prices = new Dictionary<string, decimal> { ["olive oil"] = 0.10m },
        };
        var formula = Written(
            new("Plain", 100, Unit.Millilitre) { ProductId = product.Id },
            new("olive oil", 50, Unit.Gram),
            new("honey", 10, Unit.Millilitre),
            new("water", 90, Unit.Millilitre)
        );

        var cost = Cost.Of(Scaling.By(formula, 1, kitchen), kitchen);

        Assert.Equal(7.4348m, Math.Round(cost.Total, 4));
        Assert.Equal(["honey"], cost.Unpriced);
        Assert.Equal(0.02m, Cost.PerMillilitre(8m, new Millilitres(400)));
        Assert.Null(Cost.PerMillilitre(8m, null));
    }

    [Fact]
    public void What_is_sold_by_weight_is_paid_by_weight()
    {
        // A pack of 400 g costs 2.00, and 100 g of it go in.
        var price = Cost.PerMillilitre(2m, new Millilitres(400))!.Value;
        var kitchen = new Kitchen([], [], Kitchen.Dictionary, new MeasureFigures())
        {
            Prices = new Dictionary<string, decimal> { ["rice"] = price, ["shea butter"] = price },
        };

        Assert.Equal(0.5m, Cost.Of(Scaling.By(Written(new FormulaIngredient("rice", 100, Unit.Gram)), 1, kitchen), kitchen).Total);
        Assert.Equal(0.5m, Cost.Of(Scaling.By(Written(new FormulaIngredient("shea butter", 100, Unit.Gram)), 1, kitchen), kitchen).Total);
    }

    [Fact]
    public void A_batch_within_a_batch_costs_its_share()
    {
        var prices = new Dictionary<string, decimal>
        {
            ["sunflower oil"] = 0.01m,
            ["castor oil"] = 0.04m,
            ["dried rosemary"] = 0.05m,
            ["lavender oil"] = 1m,
        };
        var kitchen = new Kitchen(FormulaCatalogue.All, [], Kitchen.Dictionary, Kitchen.Measures) { Prices = prices };
        var inner = Cost.Of(Scaling.By(Shipped("Infused oil"), 1, kitchen), kitchen);
        var outer = Cost.Of(Scaling.By(Shipped("Scented infused oil"), 1, kitchen), kitchen);

        // 200 × 0.01 + 50 × 0.04 and 11.83 g of rosemary at 0.05 = 4.5916 for 0.8 × 309.16 ml.
        Assert.Equal(4.5916m, Math.Round(inner.Total, 4));
        Assert.Equal(Math.Round(inner.Total / 247.328m * 100 + 0.6m, 6), Math.Round(outer.Total, 6));
        Assert.Empty(outer.Unpriced);
    }

    [Fact]
    public void Made_against_the_cheapest_that_can_be_bought()
    {
        var made = new MixtureCost(5, 0.05m, []);
        Assert.Equal(new("100\u00a0ml", 5.00m, "Plain", 8.00m), Cost.Against(made, [("Dear", 0.2m), ("Plain", 0.08m)]));
        using (WritingStyle.Within(new WritingStyle(Amounts: AmountUnit.Spoons)))
        {
            Assert.Equal(new("1\u00a0cup", 11.83m, "Plain", 7.10m), Cost.Against(made, [("Plain", 0.03m)]));
        }

        Assert.Null(Cost.Against(made with { Unpriced = ["honey"] }, [("Plain", 0.03m)]));
        Assert.Null(Cost.Against(made, []));
    }

    [Theory]
    [InlineData("Herb paste", Trouble.TooThick, "water")]
    [InlineData("Herb paste", Trouble.TooRunny, "hibiscus powder")]
    [InlineData("Whipped butter", Trouble.TooThick, "jojoba oil")]
    [InlineData("Egg mask", Trouble.TooRunny, "avocado flesh")]
    [InlineData("Boosted conditioner", Trouble.TooLittle, "conditioner")]
    [InlineData("Firm seed gel", Trouble.TooRunny, null)]
    [InlineData("Leaf gel", Trouble.TooRunny, null)]
    [InlineData("Melted treatment", Trouble.TooThick, null)]
    [InlineData("Melted treatment", Trouble.TooRunny, null)]
    public void What_went_wrong_is_put_right(string name, Trouble trouble, string? add)
    {
        var advice = Correction.For(Shipped(name), trouble, new Millilitres(100), new Millilitres(140), Kitchen);
        Assert.Equal(add, advice.Add);
        Assert.True(advice.Sentence.EndsWith('.') && (add is null || advice.Sentence.Contains(add, StringComparison.Ordinal)));
    }

    [Fact]
    public void A_mixture_is_stretched_by_a_quarter_at_most()
    {
        Assert.Equal(
            "25 ml",
            Correction.For(Shipped("Herb tea"), Trouble.TooLittle, new Millilitres(100), new Millilitres(300), Kitchen).Amount!.Metric
        );
        Assert.Equal(
            "10 ml",
            Correction.For(Shipped("Herb tea"), Trouble.TooLittle, new Millilitres(100), new Millilitres(110), Kitchen).Amount!.Metric
        );
        Assert.Null(Correction.For(Shipped("Herb tea"), Trouble.TooLittle, new Millilitres(100), new Millilitres(90), Kitchen).Add);
    }
}
