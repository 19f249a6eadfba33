using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Shelf;

/// <summary>An essential oil is one whatever it is called, and wherever it is.</summary>
public class EssentialOilTests
{
    private static readonly IngredientDictionary Shipped = IngredientDictionary.Shipped;

    [Theory]
    [InlineData("lavender essential oil")]
    [InlineData("Tea Tree Essential Oil")]
    [InlineData("rosemary essential oil")]
    [InlineData("essential oil of rosemary")]
    [InlineData("rosmary esential oil")]
    [InlineData("mint oil")]
    [InlineData("lavender eo")]
    [InlineData("lavender E.O.", Unit.Millilitre, false)]
    [InlineData("menthol crystals")]
    [InlineData("rose absolute")]
    [InlineData("blue tansy essential oil")]
    [InlineData("rosemary leaf oil")]
    [InlineData("blue tansy", Unit.Drop)]
    [InlineData("lavender", Unit.Drop)]
    [InlineData("dried rosemary", Unit.Drop)]
    [InlineData("blue tansy", Unit.Millilitre, false)]
    [InlineData("castor oil", Unit.Drop, false)]
    [InlineData("honey", Unit.Drop, false)]
    [InlineData("glycerin", Unit.Drop, false)]
    [InlineData("essential fatty acids", Unit.Millilitre, false)]
    [InlineData("absolute alcohol", Unit.Millilitre, false)]
    public void A_name_or_a_drop_makes_an_essential_oil(string name, Unit unit = Unit.Millilitre, bool isOne = true) =>
        Assert.Equal(isOne, Materials.Find(name, Shipped, unit == Unit.Drop).Role == MaterialRole.EssentialOil);

    [Fact]
    public void Every_shipped_spelling_that_says_so_is_one() =>
        Assert.All(
            Shipped.All.Where(each => each.Class == IngredientClass.EssentialOil).SelectMany(each => each.Spellings.Append(each.Name)),
            name => Assert.Equal(MaterialRole.EssentialOil, Materials.Find(name, Shipped).Role)
        );

    [Fact]
    public void What_a_household_says_of_a_name_counts()
    {
        var taught = Shipped.With([new Ingredient("blue tansy", IngredientClass.Botanical, [], [])]);
        Assert.NotEqual(MaterialRole.EssentialOil, Materials.Find("blue tansy", taught, byTheDrop: true).Role);
    }

    [Fact]
    public void An_oil_by_another_name_is_as_sharp()
    {
        var use = Made(new("pepermint essential oil", 10, Unit.Drop), new("olive oil", 50, Unit.Millilitre));
        Assert.Equal(use.EssentialOilPercent, use.SharpOilPercent);
        Assert.True(use.Irritates);
    }

    [Fact]
    public void Forty_drops_in_a_spoon_are_refused_to_a_small_child()
    {
        var use = Made(new("lavender essential oil", 40, Unit.Drop), new("olive oil", 30, Unit.Millilitre));
        Assert.Equal(EssentialOilVerdict.Never, Judge(use, Given.Head() with { AgeGroup = AgeGroup.UnderSix }));
        Assert.Equal(EssentialOilVerdict.TooMuch, Judge(use, Given.Head()));
    }

    [Theory]
    // A tablespoon (14.79 ml) and three drops: 0.15 in 14.94 ml is 1.004 %; half a drop there is 0.167 %.
    [InlineData(3, 14.79, EssentialOilVerdict.Fine)]
    // Four drops: 1.334 %, over by a whole drop.
    [InlineData(4, 14.79, EssentialOilVerdict.TooMuch)]
    // A litre and 201 drops: 0.995 %; 203: 1.0048 %, over by one drop and more.
    [InlineData(201, 1000, EssentialOilVerdict.Fine)]
    [InlineData(205, 1000, EssentialOilVerdict.TooMuch)]
    // A thimble that is made sixty times over for the head is judged by the drops in all of it.
    [InlineData(0.1, 0.25, EssentialOilVerdict.TooMuch)]
    public void A_dilution_is_judged_by_half_a_drop(double drops, double oil, EssentialOilVerdict verdict)
    {
        var use = Made(new("lavender oil", drops, Unit.Drop), new("olive oil", oil, Unit.Millilitre));
        Assert.Equal(
            verdict,
            EssentialOils.Judge(use, Given.Head(), true, new Millilitres(15), new MixtureFigures(), new MeasureFigures())
        );
    }

    [Theory]
    [InlineData("aqua, glycerin, phenoxyethanol, lavandula angustifolia oil", 0, 1)]
    [InlineData("aqua, lavandula angustifolia oil, glycerin, phenoxyethanol", 0, 100)]
    [InlineData("aqua, glycerin, lavender essential oil", 0, 100)]
    [InlineData("lavender oil", 100, 100)]
    [InlineData("aqua, glycerin, parfum", 0, 0)]
    public void A_label_tells_how_much_there_may_be(string label, double known, double atMost) =>
        Assert.Equal(new EssentialOilShare(known, atMost), LabelReading.Of(label, Shipped).EssentialOilShare);

    [Theory]
    [InlineData(AgeGroup.UnderSix, null, EssentialOilVerdict.Never)]
    [InlineData(AgeGroup.SixToTwelve, null, EssentialOilVerdict.MayBeTooMuch)]
    [InlineData(AgeGroup.Adult, null, EssentialOilVerdict.MayBeTooMuch)]
    [InlineData(AgeGroup.Adult, 0.8, EssentialOilVerdict.Fine)]
    [InlineData(AgeGroup.Adult, 3.0, EssentialOilVerdict.TooMuch)]
    [InlineData(AgeGroup.UnderSix, 0.0, EssentialOilVerdict.Fine)]
    public void A_bought_product_counts_by_its_label_until_its_share_is_entered(AgeGroup age, double? entered, EssentialOilVerdict verdict)
    {
        var reading = LabelReading.Of("aqua, rosmarinus officinalis leaf oil, glycerin", Shipped);
        var product = KitchenProduct.Read(Guid.NewGuid(), "Green conditioner", ProductRole.RinseOut, reading, entered, null);
        Assert.Equal(verdict, Judge(product.AsUse(), Given.Head() with { AgeGroup = age }));
    }

    [Fact]
    public void A_bought_product_counts_inside_a_mixture()
    {
        var product = KitchenProduct.Read(
            Guid.NewGuid(),
            "Green oil",
            ProductRole.Oil,
            LabelReading.Of("olive oil, rosemary oil", Shipped),
            4,
            null
        );
        var mixed = Formula(new("Green oil", 25, Unit.Millilitre) { ProductId = product.Id }, new("water", 75, Unit.Millilitre));
        var kitchen = new Kitchen([mixed], [product], Shipped, new MeasureFigures());
        Assert.Equal(1, Contents.Of(mixed, kitchen).AsUse(mixed, kitchen).EssentialOilPercent, 9);
    }

    [Fact]
    public void Ingredients_written_by_hand_are_read_too()
    {
        var use = new StepUse("Tonic") { Ingredients = ["water", "tea tree essential oil"] }.AsItsIngredientsSay(Shipped);
        Assert.Equal(EssentialOilVerdict.Never, Judge(use, Given.Head() with { AgeGroup = AgeGroup.UnderSix }));
    }

    private static EssentialOilVerdict Judge(StepUse use, Head head) =>
        EssentialOils.Judge(use, head, false, null, new MixtureFigures(), new MeasureFigures());

    private static Formula Formula(params FormulaIngredient[] ingredients) =>
        new()
        {
            Id = Guid.NewGuid(),
            Name = "Mixed",
            Kind = FormulaKind.Other,
            Ingredients = ingredients,
            Keep = KeepRule.Now,
        };

    private static StepUse Made(params FormulaIngredient[] ingredients) => Larder.Made(Formula(ingredients), Kitchen.Shipped);
}
