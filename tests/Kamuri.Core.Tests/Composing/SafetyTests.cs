using Kamuri.Core.Cautions;
using Kamuri.Core.Composing;
using Kamuri.Core.Composing.Rules;
using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Composing;

/// <summary>Stops look at what is really on the hair, and what harms is refused for good.</summary>
public class SafetyTests
{
    private static readonly Head Small = Given.Head() with { AgeGroup = AgeGroup.UnderSix };
    private static readonly Head Broken = Given.Head() with { Scalp = [ScalpSign.BrokenSkin] };

    private static readonly Formula Onion = FormulaCatalogue.All.Single(each => each.Name == "Onion juice");

    private static PlanRequest Day(Head head, string steps, params (string Step, StepUse Use)[] uses)
    {
        var list = new List<PlanStep>();
        foreach (var kind in steps.Split(' '))
        {
            list.Add(new PlanStep(PlanEditing.NextId(list, kind), StepCatalogue.Get(kind)));
        }

        return Given.Request(head: head) with
        {
            Steps = list,
            Uses = uses.ToDictionary(pair => pair.Step, pair => pair.Use),
        };
    }

    private static List<Finding> Says(PlanRequest request, string rule) =>
        [.. Given.Compose(request).Findings.Where(finding => finding.Rule == rule)];

    private static void Refused(PlanRequest request)
    {
        var stop = Assert.Single(Says(request, "R32"));
        Assert.True(stop.IsSafety && stop.Holds);
        var anyway = Given.Compose(request with { Edits = [.. request.Edits, new OverrideStop("R32", "We always do")] });
        Assert.Contains(anyway.Findings, finding => finding.Rule == "R32" && finding.Holds);
        Assert.NotEmpty(anyway.Refused);
    }

    private static StepUse Mixed(params FormulaIngredient[] ingredients) =>
        Larder.Made(
            new Formula
            {
                Id = Guid.NewGuid(),
                Name = "Mixed",
                Kind = FormulaKind.Other,
                Ingredients = ingredients,
                Keep = KeepRule.Now,
            },
            Kitchen.Shipped
        );

    [Fact]
    public void Onion_as_a_step_is_refused_on_small_children_and_broken_skin()
    {
        Refused(Day(Small, "onion-juice wet-through cleanse rinse wring conditioner cool-rinse"));
        Refused(Day(Broken, "onion-juice wet-through cleanse rinse wring conditioner cool-rinse"));
        Assert.Empty(Says(Day(Given.Head(), "onion-juice wet-through cleanse rinse wring conditioner cool-rinse"), "R32"));
    }

    [Theory]
    [InlineData("onion")]
    [InlineData("garlic")]
    [InlineData("cayenne")]
    [InlineData("menthol crystals")]
    [InlineData("camphor")]
    [InlineData("ginger juice")]
    [InlineData("red onion juice")]
    [InlineData("capsicum")]
    [InlineData("mustard")]
    [InlineData("ground cloves")]
    [InlineData("cinnamon powder")]
    public void Irritants_are_refused_at_any_depth(string name)
    {
        var inner = new Formula
        {
            Id = Guid.NewGuid(),
            Name = "Inner",
            Kind = FormulaKind.Other,
            Ingredients = [new(name, 10, Unit.Gram), new("water", 100, Unit.Millilitre)],
            Keep = KeepRule.Now,
        };
        var middle = inner with
        {
            Id = Guid.NewGuid(),
            Name = "Middle",
            Ingredients = [new("Inner", 20, Unit.Millilitre) { FormulaId = inner.Id }, new("olive oil", 50, Unit.Millilitre)],
        };
        var outer = inner with
        {
            Id = Guid.NewGuid(),
            Name = "Outer",
            Ingredients = [new("Middle", 10, Unit.Millilitre) { FormulaId = middle.Id }, new("conditioner", 90, Unit.Millilitre)],
        };
        var kitchen = new Kitchen([inner, middle, outer], [], IngredientDictionary.Shipped, new MeasureFigures());

        foreach (var head in (Head[])[Small, Broken])
        {
            var request = Day(
                head,
                "dampen pre-poo rinse cleanse rinse wring conditioner cool-rinse",
                ("pre-poo", Larder.Made(outer, kitchen))
            );
            Assert.Contains(Says(request, "R32"), finding => finding.IsSafety);
        }
    }

    [Fact]
    public void A_label_that_names_an_irritant_is_refused()
    {
        var product = KitchenProduct.Read(
            Guid.NewGuid(),
            "Tingle",
            ProductRole.RinseOut,
            LabelReading.Of("aqua, cetearyl alcohol, allium cepa bulb extract", IngredientDictionary.Shipped),
            null,
            null
        );
        Refused(Day(Small, "wet-through cleanse rinse wring conditioner cool-rinse", ("conditioner", product.AsUse())));
    }

    [Fact]
    public void Egg_meets_warm_water_whatever_the_step_is_called()
    {
        var egg = Mixed(new FormulaIngredient("egg", 1, Unit.Piece), new("honey", 1, Unit.Tablespoon));
        var request = Day(Given.Head(), "wet-through cleanse rinse wring deep-condition rinse", ("deep-condition", egg));

        Assert.Equal(Severity.Stop, Assert.Single(Says(request, "R11")).Severity);
        Assert.Contains("raw-egg", CautionIds(request, "deep-condition"));
    }

    [Fact]
    public void Egg_and_irritants_take_no_steam_in_anything()
    {
        foreach (
            var use in (StepUse[])
                [
                    Mixed(new FormulaIngredient("egg", 1, Unit.Piece)),
                    Mixed(new("onion", 20, Unit.Gram), new("conditioner", 80, Unit.Millilitre)),
                ]
        )
        {
            var request = Day(Given.Head(), "wet-through wring deep-condition cover", ("deep-condition", use)) with
            {
                Edits = [new SetHeat("cover", Heat.Steamer)],
            };
            Assert.True(Assert.Single(Says(request, "R19")).IsSafety);
        }
    }

    [Theory]
    [InlineData("leave-in", "okra pods")]
    [InlineData("gel", "okra pods")]
    [InlineData("leave-in", "onion")]
    [InlineData("oil", "onion")]
    [InlineData("gel", "bentonite clay")]
    [InlineData("leave-in", "amla powder")]
    public void What_has_to_come_out_is_no_layer(string layer, string name)
    {
        var request = Day(
            Given.Head(),
            $"wet-through wring blot {layer} twists dry",
            (layer, Mixed(new(name, 20, Unit.Gram), new("water", 80, Unit.Millilitre)))
        );
        Assert.Equal(Severity.Stop, Assert.Single(Says(request, "R03")).Severity);
        Assert.Single(
            Says(Day(Given.Head(), $"wet-through blot {layer}", request.Uses.Select(use => (use.Key, use.Value)).ToArray()), "R03")
        );
    }

    [Theory]
    [InlineData("pod gel")]
    [InlineData("okra pods")]
    [InlineData("clay")]
    [InlineData("rhassoul")]
    [InlineData("beaten eggs")]
    [InlineData("red onion juice")]
    [InlineData("powder of amla")]
    [InlineData("henna")]
    [InlineData("sidr paste")]
    [InlineData("chebe powder")]
    [InlineData("nettle powder")]
    public void What_has_to_come_out_is_known_by_the_names_people_write(string name)
    {
        var use = new StepUse("By hand") { Ingredients = ["water", name] }.AsItsIngredientsSay(IngredientDictionary.Shipped);
        var request = Day(Given.Head(), "wet-through wring blot leave-in twists dry", ("leave-in", use));
        Assert.Equal(Severity.Stop, Assert.Single(Says(request, "R03")).Severity);
    }

    [Fact]
    public void A_name_means_the_same_in_a_formula_and_in_a_list()
    {
        var names = Materials
            .All.Select(material => material.Name)
            .Concat(IngredientDictionary.Shipped.All.SelectMany(each => each.Spellings.Prepend(each.Name)))
            .Distinct();
        Assert.All(names, name => Assert.Equal(Read(InAFormula(name)), Read(InAList(name))));

        static (MixtureTraits, bool) Read(StepUse use) => (use.Traits, use.EssentialOilAtMost > 0);

        static StepUse InAList(string name) =>
            new StepUse("By hand") { Ingredients = ["water", name] }.AsItsIngredientsSay(IngredientDictionary.Shipped);

        static StepUse InAFormula(string name)
        {
            var isCounted = Materials.Find(name, IngredientDictionary.Shipped).IsCounted;
            return Mixed(new("water", 80, Unit.Millilitre), new(name, isCounted ? 1 : 20, isCounted ? Unit.Piece : Unit.Millilitre));
        }
    }

    [Fact]
    public void Every_oil_that_burns_is_one_by_each_of_its_names()
    {
        var oils = IngredientDictionary.Shipped.All.Where(each => each.Class == IngredientClass.EssentialOil);
        foreach (var oil in oils.Where(each => each.Name.EndsWith(" oil", StringComparison.Ordinal)))
        {
            var plant = oil.Name[..^" oil".Length];
            foreach (
                var name in new[] { oil.Name, $"{plant} essential oil", $"{plant} eo", $"essential oil of {plant}", $"oil of {plant}" }
            )
            {
                var use = new StepUse("By hand") { Ingredients = [name] }.AsItsIngredientsSay(IngredientDictionary.Shipped);
                Assert.True(use.EssentialOilAtMost > 0, name);
                Assert.True(oil.Has("burns") == use.Irritates, name);
            }
        }
    }

    [Fact]
    public void A_leaf_in_a_bought_product_is_not_a_powder()
    {
        var product = KitchenProduct.Read(
            Guid.NewGuid(),
            "Green cream",
            ProductRole.LeaveIn,
            LabelReading.Of("Aqua, Azadirachta Indica Leaf Powder, Ovum Powder", IngredientDictionary.Shipped),
            null,
            null
        );
        Assert.Equal(MixtureTraits.None, product.AsUse().Traits);
        Assert.Empty(Says(Day(Given.Head(), "wet-through wring blot leave-in twists dry", ("leave-in", product.AsUse())), "R03"));
    }

    [Fact]
    public void Pod_gel_is_washed_out_and_not_only_rinsed()
    {
        var pods = FormulaCatalogue.All.First(each => each.Kind == FormulaKind.PodGel);
        var used = ("plant-gel", Larder.Made(pods, Kitchen.Shipped));
        Assert.Equal("Wash it out", Assert.Single(Says(Day(Given.Head(), "dampen plant-gel rinse blot leave-in", used), "R03")).Fix!.Label);
        Assert.Empty(
            Says(Day(Given.Head(), "dampen plant-gel rinse cleanse rinse wring conditioner cool-rinse blot leave-in", used), "R03")
        );
    }

    [Theory]
    [InlineData("wet-through", false, Severity.Warn)]
    [InlineData("wet-through", true, Severity.Stop)]
    [InlineData("rinse", false, Severity.Warn)]
    [InlineData("cleanse", false, Severity.Warn)]
    public void Hot_water_is_found_at_any_step(string step, bool isSmall, Severity severity)
    {
        var request = Day(isSmall ? Small : Given.Head(), "wet-through cleanse rinse wring conditioner cool-rinse") with
        {
            Edits = [new SetWater(step, WaterTemperature.Hot)],
        };
        var finding = Assert.Single(Says(request, "R47"));
        Assert.Equal((severity, isSmall), (finding.Severity, finding.IsSafety));
        Assert.Empty(Says(request with { Edits = [.. request.Edits, .. finding.Fix!.Edits] }, "R47"));
    }

    [Fact]
    public void The_shortest_window_among_what_irritates_wins()
    {
        var use = Mixed(new("onion", 30, Unit.Gram), new("castor oil", 70, Unit.Millilitre));
        var plan = Given.Plan(
            Day(Given.Head(), "heavy-oil cover wet-through cleanse cleanse rinse wring conditioner cool-rinse", ("heavy-oil", use))
        );

        var wait = plan.Steps.Single(step => step.Step.Id == "cover").Wait!;
        Assert.Equal(new Window(10, 20, 30), wait.Window);
        Assert.Contains("as long as its irritant may stay on", wait.Working, StringComparison.Ordinal);
        Assert.True(
            Assert.Single(Says(Day(Given.Head(), "heavy-oil-overnight wet-through cleanse", ("heavy-oil-overnight", use)), "R48")).IsSafety
        );
    }

    [Fact]
    public void Two_covers_in_a_row_are_two_waits()
    {
        var request = Day(Given.Head(), "dampen herb-paste cover cover rinse cleanse rinse wring conditioner cool-rinse") with
        {
            Equipment = new Equipment(Steamers: 1),
            Edits =
            [
                new SetHeat("cover", Heat.Steamer),
                new SetMinutes("cover", 20),
                new SetMinutes("cover-2", 120),
                new SetHeat("cover-2", Heat.Cap),
            ],
        };
        var plan = Given.Plan(request);

        Assert.Equal(
            [("cover", 20.0), ("cover-2", 120.0)],
            plan.Steps.Where(step => step.Wait?.Chosen is not null).Select(step => (step.Step.Id, step.Wait!.Chosen!.Value))
        );
        Assert.True(plan.Tasks.Single(task => task.Id == "cover-2.wait").Start >= plan.Tasks.Single(task => task.Id == "cover.wait").End);
    }

    [Fact]
    public void Minutes_that_cannot_be_are_answered()
    {
        var request = Day(Given.Head(), "dampen pre-poo cover rinse cleanse rinse wring conditioner cool-rinse") with
        {
            Edits = [new SetMinutes("cover", 130)],
        };
        var finding = Assert.Single(Says(request, "R49"));

        Assert.Equal("You asked for 130 minutes of pre-poo. It can take 20 to 120, so the plan gives it 120.", finding.Reason);
        Assert.Empty(Says(request with { Edits = [.. request.Edits, .. finding.Fix!.Edits] }, "R49"));
        Assert.Empty(Says(request with { Edits = [new SetMinutes("cover", 90)] }, "R49"));
    }

    [Theory]
    [InlineData("conditioner", false, true)]
    [InlineData("deep-condition", false, true)]
    [InlineData("conditioner", true, false)]
    public void Conditioner_keeps_off_the_scalp_outside_the_co_wash_school(string kind, bool coWash, bool isFound)
    {
        var request = Day(Given.Head(), $"wet-through cleanse rinse wring {kind} cool-rinse") with
        {
            Edits = [new SetPlaces(kind, Places.Scalp | Places.Lengths | Places.Ends)],
            Schools = new Schools { ScalpConditioner = coWash ? ScalpConditioner.CoWash : ScalpConditioner.Never },
        };
        Assert.Equal(isFound, Says(request, "R07").Count == 1);
    }

    [Fact]
    public void A_layer_before_the_shampoo_is_no_layer_under_one_behind_it()
    {
        var request = Day(Given.Head(), "oil wet-through cleanse rinse wring conditioner cool-rinse blot leave-in cream");
        Assert.Empty(Says(request, "R10"));
        Assert.Empty(Says(request, "R09"));
    }

    [Fact]
    public void Twists_do_not_wait_until_the_hair_has_dried()
    {
        var request = Day(Given.Head(), "wet-through cleanse rinse wring conditioner cool-rinse twists dry");
        var fix = Assert.Single(Says(request, "R22")).Fix!;
        var after = Given.Compose(request with { Edits = [.. fix.Edits] });
        Assert.Equal("wet-through cleanse rinse wring conditioner cool-rinse blot twists dry", Given.Order(after));
    }

    [Fact]
    public void Cautions_stand_where_they_belong()
    {
        Assert.All(StepCatalogue.All.Where(kind => kind.Puts is Substance.HotOil or Substance.HeavyOil or Substance.OilRinse), kind =>
            Assert.Subset(kind.Cautions.ToHashSet(), new HashSet<string> { "old-towel", "oily-towel" })
        );
        var leaf = FormulaCatalogue.All.First(each => each.Kind == FormulaKind.LeafGel);
        var seed = FormulaCatalogue.All.First(each => each.Kind == FormulaKind.SeedGel);
        Assert.Contains(
            "fresh-sap",
            CautionIds(Day(Given.Head(), "dampen plant-gel", ("plant-gel", Larder.Made(leaf, Kitchen.Shipped))), "plant-gel")
        );
        Assert.DoesNotContain(
            "fresh-sap",
            CautionIds(Day(Given.Head(), "dampen plant-gel", ("plant-gel", Larder.Made(seed, Kitchen.Shipped))), "plant-gel")
        );
    }

    private static List<string> CautionIds(PlanRequest request, string step)
    {
        var of = request.Steps!.Single(each => each.Id == step);
        var said = CautionList.For(of, request.Head, request.UseOf(of));
        return [.. CautionList.Ids.Where(id => CautionList.Text(id) is { } text && said.Contains(text))];
    }
}
