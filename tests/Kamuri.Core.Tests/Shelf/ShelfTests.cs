using Kamuri.Core.Heads;
using Kamuri.Core.Learning;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Shelf;

/// <summary>What runs out, what can be used for what, and how a patch test stands.</summary>
public class ShelfTests
{
    private static KitchenProduct Product(string name, ProductRole role, double? left, DateOnly? goodUntil = null) =>
        new(Guid.NewGuid(), name, role, [], ProteinStrength.None, null)
        {
            Left = left is { } ml ? new Millilitres(ml) : null,
            GoodUntil = goodUntil,
        };

    private static IReadOnlyList<ShoppingLine> ToBuy(params KitchenProduct[] products) =>
        ShoppingList.Of(
            products,
            [(Given.Head(), Hand.Unknown), (Given.Head(15) with { Name = "Small" }, Hand.Unknown)],
            Given.Today,
            Given.Figures
        );

    [Fact]
    public void What_does_not_reach_twice_for_whoever_takes_most_is_to_be_bought()
    {
        // 15 µm on 6.6 m² are about 99 ml a time.
        var list = ToBuy(
            Product("Full", ProductRole.DeepConditioner, 300),
            Product("Twice nearly", ProductRole.DeepConditioner, 190),
            Product("Not once", ProductRole.DeepConditioner, 60)
        );

        Assert.Equal(["Not once", "Twice nearly"], list.Select(line => line.Name));
        Assert.StartsWith("60\u00a0ml left. One use takes up to", list[0].Why, StringComparison.Ordinal);
        Assert.StartsWith("190\u00a0ml left, enough for 1 use of up to", list[1].Why, StringComparison.Ordinal);
        Assert.InRange(list[1].UsesLeft, 1.8, 2);
    }

    [Fact]
    public void A_generous_hand_runs_out_sooner()
    {
        var product = Product("Mask", ProductRole.DeepConditioner, 250);
        Assert.Empty(ToBuy(product));
        Assert.Single(ShoppingList.Of([product], [(Given.Head(), new Hand(1.5, 9))], Given.Today, Given.Figures));
    }

    [Fact]
    public void Nothing_is_said_of_what_nobody_measured_but_much_of_what_is_past()
    {
        Assert.Empty(ToBuy(Product("Unmeasured", ProductRole.Gel, null)));
        Assert.Equal("Expired.", ToBuy(Product("Old", ProductRole.Gel, 500, Given.Today.AddDays(-1))).Single().Why);
        Assert.Empty(ToBuy(Product("Today", ProductRole.Gel, 500, Given.Today)));
        Assert.Equal("Empty.", ToBuy(Product("None", ProductRole.Gel, 0)).Single().Why);
    }

    [Fact]
    public void A_house_without_heads_buys_only_what_is_empty() =>
        Assert.Equal(
            ["None"],
            ShoppingList
                .Of([Product("None", ProductRole.Gel, 0), Product("Some", ProductRole.Gel, 3)], [], Given.Today, Given.Figures)
                .Select(line => line.Name)
        );

    [Fact]
    public void Every_role_serves_for_something_that_a_step_puts_on()
    {
        var put = StepCatalogue.All.Select(kind => kind.Puts).OfType<Substance>().ToHashSet();
        Assert.All(Enum.GetValues<ProductRole>(), role =>
        {
            Assert.NotEmpty(ProductRoles.ServeAs(role));
            Assert.Superset(ProductRoles.ServeAs(role).ToHashSet(), put);
            Assert.Contains(ProductRoles.Mostly(role), ProductRoles.ServeAs(role));
        });
    }

    [Fact]
    public void Every_formula_serves_for_something_that_a_step_puts_on()
    {
        var put = StepCatalogue.All.Select(kind => kind.Puts).OfType<Substance>().ToHashSet();
        Assert.All(FormulaCatalogue.All, formula => Assert.Superset(formula.ServesAs.ToHashSet(), put));
    }

    [Fact]
    public void A_product_tells_a_step_what_it_needs()
    {
        var product = Product("Milk", ProductRole.LeaveIn, 80, Given.Today) with
        {
            Ingredients = ["water", "nuts"],
            Protein = ProteinStrength.Light,
            AskForPatchTest = ["almond"],
        };
        var use = product.AsUse();

        Assert.Equal(
            ("Milk", product.Id, 80.0, Given.Today, ProteinStrength.Light),
            (use.Name, use.ProductId, use.InStock!.Value.Value, use.UseBy, use.Protein)
        );
        Assert.Equal(["almond"], use.AskForPatchTest);
    }

    [Theory]
    [InlineData(PatchOutcome.Waiting, 2, "Look at the skin from Sunday, 10:00.")]
    [InlineData(PatchOutcome.Waiting, 30, "Look at the skin now: redness, bumps, itching?")]
    [InlineData(PatchOutcome.Fine, 30, "No reaction.")]
    [InlineData(PatchOutcome.Reacted, 2, "The skin reacted: never again on this head.")]
    public void A_patch_test_in_words(PatchOutcome outcome, int hoursAgo, string sentence) =>
        Assert.Equal(
            sentence,
            new PatchTest("honey", Given.Noon.AddHours(-hoursAgo), outcome).Sentence(Given.Noon, Given.Figures.Mixtures, moment => moment)
        );
}
