using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Mixing;

/// <summary>What is said about mixtures: cautions, what speaks against them on a head, and what stands on a jar.</summary>
public class WordsAndLabelTests
{
    private static readonly MixtureFigures Figures = new();

    private static Formula Shipped(string name) => FormulaCatalogue.All.Single(formula => formula.Name == name);

    private static IReadOnlyList<string> Cautions(string name) =>
        MixtureSentences.Cautions(Shipped(name), Contents.Of(Shipped(name), Kitchen.Shipped));

    [Theory]
    [InlineData("Egg mask", "Raw egg")]
    [InlineData("Onion juice", "Onion stings")]
    [InlineData("Clay mask", "Do not breathe the dust")]
    [InlineData("Herb paste", "Do not breathe the dust")]
    [InlineData("Leaf gel", "leaf sap irritates")]
    [InlineData("Leaf gel with infused oil", "leaf sap irritates")]
    [InlineData("Scented infused oil", "Essential oil: below 40\u00a0°C")]
    [InlineData("Firm seed gel", "It has no preservative")]
    [InlineData("Warmed oil", "Oil never in a microwave")]
    [InlineData("Whipped butter", "Floors get slippery")]
    public void A_mixture_comes_with_its_cautions(string name, string caution) =>
        Assert.Contains(Cautions(name), said => said.Contains(caution, StringComparison.Ordinal));

    [Theory]
    [InlineData("Herb tea", "Essential oil")]
    [InlineData("Whipped butter", "spoiling")]
    [InlineData("Egg mask", "leaf sap")]
    public void And_with_no_others(string name, string caution) =>
        Assert.DoesNotContain(Cautions(name), said => said.Contains(caution, StringComparison.Ordinal));

    [Fact]
    public void Cautions_are_few() => Assert.All(FormulaCatalogue.All, formula => Assert.InRange(Cautions(formula.Name).Count, 0, 4));

    private static IReadOnlyList<string> Against(StepUse use, Head head, bool leaveOn = false, params string[] reacted) =>
        MixtureSentences.Against(use, head, leaveOn, reacted, Figures, new MeasureFigures());

    [Fact]
    public void What_a_head_must_not_have_is_said_by_name()
    {
        var use = Larder.Made(Shipped("Egg mask"), Kitchen.Shipped);
        Assert.Empty(Against(use, Given.Head()));
        Assert.Equal(["Not for Oriel: egg."], Against(use, Given.Head() with { Sensitivities = ["egg"] }));
        Assert.Equal(["Not for Oriel: honey."], Against(use, Given.Head(), false, "honey"));
    }

    [Theory]
    [InlineData(1.5, 0, false, AgeGroup.Adult, false, null)]
    [InlineData(1.5, 0, true, AgeGroup.Adult, false, "Oil contains 1.5 % essential oil. The most for Oriel here is 1 %.")]
    [InlineData(2.5, 0, false, AgeGroup.Adult, false, "Oil contains 2.5 % essential oil. The most for Oriel here is 2 %.")]
    [InlineData(0.4, 0, false, AgeGroup.SixToTwelve, false, null)]
    [InlineData(
        0.4,
        0,
        true,
        AgeGroup.SixToTwelve,
        false,
        "Oil contains essential oil, which Oriel must not use in anything that stays on."
    )]
    [InlineData(0.1, 0, false, AgeGroup.UnderSix, false, "Oil contains essential oil, which Oriel must not use.")]
    [InlineData(0.1, 0, false, AgeGroup.Adult, true, "Oil contains essential oil, which Oriel must not use.")]
    [InlineData(1.5, 1.2, false, AgeGroup.Adult, false, "Oil contains 1.2 % of a sharp essential oil. The most of those is 1 %.")]
    public void Essential_oil_has_its_limits_by_age_and_use(
        double percent,
        double sharp,
        bool leaveOn,
        AgeGroup age,
        bool clinician,
        string? said
    )
    {
        var head = Given.Head() with { AgeGroup = age, AskClinician = clinician };
        Assert.Equal(
            said is null ? [] : [said],
            Against(new StepUse("Oil") { EssentialOilPercent = percent, SharpOilPercent = sharp }, head, leaveOn)
        );
    }

    [Fact]
    public void What_burns_is_not_for_children_nor_broken_skin()
    {
        var burns = new StepUse("Hot") { Traits = MixtureTraits.Burns };
        Assert.Empty(Against(burns, Given.Head()));
        Assert.Equal(
            ["Not for Oriel: it burns, and must not go on a child."],
            Against(burns, Given.Head() with { AgeGroup = AgeGroup.SixToTwelve })
        );
        Assert.Equal(
            ["Not for Oriel: pepper, menthol and the like must never touch broken skin."],
            Against(burns, Given.Head() with { Scalp = [ScalpSign.BrokenSkin] })
        );
    }

    [Fact]
    public void A_jar_says_what_it_is_until_when_and_for_whom_not()
    {
        var batch = new Batch
        {
            Id = Guid.NewGuid(),
            Name = "Sunday mask",
            FormulaId = Guid.NewGuid(),
            MadeAt = Given.Noon,
            MadeOn = Given.Today,
            Made = new Millilitres(100),
            Left = new Millilitres(100),
            Keep = new KeepRule(null, new KeepSpan(3, 5), null),
            KeptAt = Keeping.Fridge,
            ServesAs = [Substance.DeepConditioner],
            Facts = new StepUse("Sunday mask") { Ingredients = ["sweet almond oil", "nuts", "honey", "bee products"] },
        };
        var nutty = Given.Head() with { Name = "Wren", Sensitivities = ["nuts"] };
        var label = JarLabel.Of(
            batch,
            BatchKeeping.Of(batch, Given.Today, Given.Noon, Figures),
            [(Given.Head(), []), (nutty, ["honey"]), (nutty with { Name = "Bram" }, ["honey"])],
            Figures,
            new MeasureFigures()
        );

        Assert.Equal(("Sunday mask", "Made 14 Mar 2026", "Use by 17 Mar 2026, in the fridge"), (label.Name, label.Made, label.UseBy));
        Assert.Equal("Contains nuts, bee products", label.Holds);
        Assert.Equal(["Not for Wren and Bram: nuts, honey."], label.NotFor);
        Assert.Equal(
            "Do not use",
            JarLabel
                .Of(
                    batch with
                    {
                        LooksWrong = true,
                    },
                    BatchKeeping.Of(batch with { LooksWrong = true }, Given.Today, Given.Noon, Figures),
                    [],
                    Figures,
                    new MeasureFigures()
                )
                .UseBy
        );
    }

    [Fact]
    public void Every_kind_and_place_has_a_word()
    {
        Assert.Equal(Enum.GetValues<FormulaKind>().Length, Enum.GetValues<FormulaKind>().Select(MixtureSentences.Of).Distinct().Count());
        Assert.Equal(3, Enum.GetValues<Keeping>().Select(MixtureSentences.Of).Distinct().Count());
    }

    [Fact]
    public void Whatever_can_be_replaced_says_what_changes() =>
        Assert.All(
            Materials.All.Where(material =>
                material.Role
                    is not (
                        MaterialRole.Egg
                        or MaterialRole.EssentialOil
                        or MaterialRole.Other
                        or MaterialRole.Seed
                        or MaterialRole.Pod
                        or MaterialRole.Grain
                        or MaterialRole.Onion
                        or MaterialRole.Bar
                    )
            ),
            material => Assert.EndsWith(".", Materials.InsteadOf(material.Role), StringComparison.Ordinal)
        );
}
