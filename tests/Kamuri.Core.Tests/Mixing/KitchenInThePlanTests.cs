using Kamuri.Core.Composing;
using Kamuri.Core.Mixing;
using Kamuri.Core.Planning;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Mixing;

/// <summary>Mixtures that are made for a plan, or taken from the fridge for it.</summary>
public class KitchenInThePlanTests
{
    private static Formula Shipped(string name) => FormulaCatalogue.All.Single(formula => formula.Name == name);

    private static PlanRequest With(PlanRequest request, string kind, Formula formula) =>
        request with
        {
            Uses = new Dictionary<string, StepUse>(request.Uses) { [kind] = Larder.Made(formula, request.Kitchen) },
        };

    private static Batch Tea(int daysAgo, double left = 400, Keeping at = Keeping.Fridge) =>
        new()
        {
            Id = Guid.NewGuid(),
            Name = "Herb tea",
            FormulaId = Shipped("Herb tea").Id,
            MadeAt = Given.Noon.AddDays(-daysAgo),
            MadeOn = Given.Today.AddDays(-daysAgo),
            Made = new Millilitres(400),
            Left = new Millilitres(left),
            Keep = at == Keeping.Freezer ? new KeepRule(null, new KeepSpan(2, 3), new KeepSpan(30, 30)) : Shipped("Herb tea").Keep,
            KeptAt = at,
            ServesAs = [Substance.Tea],
            Facts = new StepUse("Herb tea") { Ingredients = ["dried herb"] },
        };

    private static IEnumerable<PlannedTask> Kitchen(Plan plan) => plan.Tasks.Where(task => task.Strand == PlannedTask.KitchenStrand);

    [Fact]
    public void Tea_is_brewed_for_this_head_and_never_less_than_a_pan_can_boil()
    {
        var plan = Given.Plan(Given.Request());
        var mixture = plan.Mixtures.Single();
        var needed = plan.Steps.Single(step => step.Step.Id == "tea-rinse").Amount!.Exact.Value;

        Assert.Equal("tea-rinse", mixture.Step.Id);
        // A quarter of a litre of water, a spoon of herb, and 6 % stay in the sieve.
        Assert.Equal((250 + 14.79) * 0.94, mixture.Cooking.Mixture.Makes.Value, 1);
        Assert.True(needed * 1.1 < mixture.Cooking.Mixture.Makes.Value);
        Assert.Contains(Kitchen(plan), task => task.Title == "Put 250 ml water on to boil");

        var more = Given.Plan(Given.Request() with { Hand = new Core.Learning.Hand(4, 9) });
        Assert.Equal(
            more.Steps.Single(step => step.Step.Id == "tea-rinse").Amount!.Exact.Value * 1.1,
            more.Mixtures.Single().Cooking.Mixture.Makes.Value,
            9
        );
    }

    [Theory]
    [InlineData("Thin seed gel", 150, "water", 250)]
    [InlineData("Pod gel", 200, "okra pods", 200)]
    [InlineData("Pod gel from frozen pods", 200, "okra pods", 200)]
    [InlineData("Onion juice", 13, "onion", 110)]
    [InlineData("Grain water", 200, "rice", 118.3)]
    public void Less_than_the_least_batch_is_never_made(string formula, double wanted, string of, double least)
    {
        var found = FormulaCatalogue.All.Single(each => each.Name == formula);
        var cooking = Larder.Cook(Given.Request(), found, new Millilitres(1), false, Given.Figures);
        var line = cooking.Mixture.Lines.Single(each => each.Ingredient.Name == of);

        Assert.Equal(least, line.Ingredient.Unit == Unit.Gram || of == "onion" ? line.Weight.Value : line.Volume.Value, 0);
        Assert.Equal(found.Keep.IsUnderADay, cooking.RestSentence!.EndsWith("It does not keep.", StringComparison.Ordinal));
        Assert.Null(Larder.Cook(Given.Request(), found, new Millilitres(10 * wanted), false, Given.Figures).RestSentence);
    }

    [Fact]
    public void Hot_oil_is_warmed_in_a_water_bath_while_it_is_not_made_fresh()
    {
        var plan = Given.Plan(Given.Request(Aim.ScalpComfort) with { Routine = "warm-oil-before" });
        var warm = plan.Tasks.Single(task => task.Id == "hot-oil.warm");
        var oil = plan.Tasks.Single(task => task.Id == "hot-oil");
        Assert.Equal("Stand the jar of oil in hot water and stir; wrist test", warm.Title);
        // Five minutes in the water, and ten at most until it is on the scalp.
        Assert.InRange((oil.Start - warm.End).TotalMinutes, 3, 16);

        var infused = FormulaCatalogue.All.Single(each => each.Name == "Infused oil");
        var fresh = Given.Plan(
            plan.Request with
            {
                Uses = new Dictionary<string, StepUse> { ["hot-oil"] = Larder.Made(infused, plan.Request.Kitchen) },
            }
        );
        Assert.DoesNotContain(fresh.Tasks, task => task.Title.StartsWith("Stand the jar", StringComparison.Ordinal));
    }

    [Fact]
    public void The_whole_batch_is_made_though_a_step_takes_little_of_it()
    {
        var gel = FormulaCatalogue.All.Single(each => each.Name == "Thin seed gel");
        var plan = Given.Plan(
            Given.Request(Aim.Definition, EndStyle.WashAndGo) with
            {
                Uses = new Dictionary<string, StepUse> { ["gel"] = Larder.Made(gel, Given.Request().Kitchen) with { WholeBatch = true } },
            }
        );
        var cooking = plan.Mixtures.Single(each => each.Step.Id == "gel").Cooking;

        Assert.Equal(plan.Request.Kitchen.YieldOf(gel).Value, cooking.Mixture.Makes.Value, 3);
        Assert.True(cooking.Rest.Value > cooking.Mixture.Makes.Value / 3);
    }

    [Fact]
    public void Kitchen_work_is_worded_for_each_way_of_measuring()
    {
        var plan = Given.Plan(Given.Request());
        var boil = plan.Tasks.Single(task => task.Title == "Put 250 ml water on to boil");

        Assert.Equal(
            new MeasuredWords("Put 250 ml water on to boil", "Put 1 cup water on to boil", "Put 250 g water on to boil"),
            boil.Words
        );
        Assert.All(plan.Tasks.Where(task => task.StepId is not null), task => Assert.Null(task.Words));
    }

    [Fact]
    public void A_running_session_knows_what_to_take_in_each_way_of_measuring()
    {
        var request = Given.Request() with { Uses = new Dictionary<string, StepUse> { ["leave-in"] = new("Soft milk") } };
        var session = Kamuri.Core.Running.SessionPlan.From(Given.Plan(request));

        Assert.Equal(
            new MeasuredWords("25 ml of Soft milk", "2 tbsp of Soft milk", "26 g of Soft milk"),
            session.FindStep("leave-in")!.Amount
        );
        Assert.Null(session.FindStep("rinse")?.Amount);
        Assert.Contains(session.Tasks, task => task.Words is { Spoons: "Put 1 cup water on to boil" });
    }

    [Theory]
    [InlineData(1.1, "The formula makes 10 % more.")]
    [InlineData(1.25, "The formula makes 25 % more.")]
    [InlineData(1.0, null)]
    public void What_is_made_beyond_is_said_as_it_is_set(double beyond, string? ending)
    {
        var amount = new Amount(
            new Millilitres(50),
            new Millilitres(50),
            new MeasuredAmount("50 ml", "3½ tbsp", "50 g", "50 ml"),
            "5 µm film × 10 m² of hair = 50 ml"
        );
        var said = MixtureSentences.Wanted(Given.Head(), StepCatalogue.Get("leave-in"), amount, new MixtureFigures { MadeBeyond = beyond });

        Assert.StartsWith($"{Given.Head().Name} takes 3½ tbsp for leave-in: 5 µm film", said.Spoons, StringComparison.Ordinal);
        Assert.EndsWith(ending ?? "= 50 ml.", said.Metric, StringComparison.Ordinal);
    }

    [Fact]
    public void A_good_batch_takes_the_place_of_the_cooking()
    {
        var plan = Given.Plan(Given.Request() with { Batches = [Tea(5), Tea(1, left: 20), Tea(1)] });

        Assert.Empty(Kitchen(plan));
        Assert.Empty(plan.Mixtures);
        Assert.Equal("Herb tea, made yesterday", plan.Request.UseOf(plan.Steps.Single(step => step.Step.Id == "tea-rinse").Step)!.Name);
        Assert.DoesNotContain(plan.Findings, finding => finding.Rule == "R30");
    }

    [Fact]
    public void A_batch_that_is_past_or_too_small_is_brewed_anew() =>
        Assert.NotEmpty(Kitchen(Given.Plan(Given.Request() with { Batches = [Tea(5), Tea(1, left: 20)] })));

    [Fact]
    public void A_frozen_batch_is_thawed_first()
    {
        var plan = Given.Plan(Given.Request() with { Batches = [Tea(9, at: Keeping.Freezer)] });
        var thawing = plan.Tasks.Single(task => task.Id == "tea-rinse.thaw.wait");

        Assert.True(thawing.End - thawing.Start >= TimeSpan.FromMinutes(20));
        Assert.True(plan.Tasks.Single(task => task.Id == "tea-rinse").Start >= thawing.End);
    }

    [Fact]
    public void A_batch_past_its_day_that_was_chosen_stops_the_plan()
    {
        var old = BatchKeeping.AsUse(Tea(5), Given.Today, Given.Noon, Given.Figures.Mixtures);
        var plan = Given.Plan(Given.Request() with { Uses = new Dictionary<string, StepUse> { ["tea-rinse"] = old } });

        var stop = plan.Findings.Single(finding => finding.Rule == "R30");
        Assert.True(plan.HasStop && stop.IsSafety);
        Assert.DoesNotContain(Given.Plan(plan.Request with { Edits = stop.Fix!.Edits }).Findings, finding => finding.Rule == "R30");
    }

    [Fact]
    public void A_gel_is_boiled_strained_and_cooled_before_it_is_put_on()
    {
        var request = With(Given.Request(Aim.Definition, EndStyle.WashAndGo), "gel", Shipped("Firm seed gel"));
        var plan = Given.Plan(request);
        var (gel, cooling) = (plan.Tasks.Single(task => task.IsOf("gel")), plan.Tasks.Single(task => task.Id == "gel.strain.wait"));

        Assert.Contains(Resource.Stove, plan.Tasks.Single(task => task.Id == "gel.boil").Uses);
        Assert.True(cooling.End <= gel.Start);
        // Most of the cooking goes into waits that are there anyway.
        Assert.InRange((plan.End - Given.Plan(Given.Request(Aim.Definition, EndStyle.WashAndGo)).End).TotalMinutes, 0, 12);
    }

    [Fact]
    public void Warmed_oil_is_put_on_at_once()
    {
        var request = With(Given.Request(Aim.ScalpComfort), "hot-oil", Shipped("Warmed oil")) with { Schools = Given.Head().Schools };
        var plan = Given.Plan(request with { Edits = [new AddStep("hot-oil", null)] });
        var warm = plan.Tasks.Single(task => task.Id == "hot-oil.warm.wait");

        Assert.InRange((plan.Tasks.Single(task => task.IsOf("hot-oil")).Start - warm.End).TotalMinutes, 0, 3);
    }

    [Fact]
    public void Grain_is_soaked_the_day_before_and_only_strained_on_the_day()
    {
        var tomorrow = Given.Noon.AddDays(1);
        var request = With(
            Given.Request() with
            {
                When = new When(Given.Noon, StartAt: tomorrow),
                Edits = [new AddStep("grain-water", null)],
            },
            "grain-water",
            Shipped("Grain water")
        );
        var plan = Given.Plan(request);
        var mixture = plan.Mixtures.Single(each => each.Step.Kind.Id == "grain-water");

        Assert.Equal(
            ["grain-water.strain"],
            Kitchen(plan).Select(task => task.Id).Where(id => id.StartsWith("grain", StringComparison.Ordinal))
        );
        Assert.Equal(tomorrow.AddMinutes(-(4 + 720)), mixture.BeginBy!.Value, TimeSpan.FromMinutes(30));
        Assert.True(mixture.BestBegun < mixture.BeginBy);
        Assert.False(mixture.TooLate);
        Assert.DoesNotContain(plan.Findings, finding => finding.Rule == "R46");
    }

    [Fact]
    public void What_had_to_be_begun_before_is_said_and_can_be_left_out()
    {
        var request = With(Given.Request() with { Edits = [new AddStep("grain-water", null)] }, "grain-water", Shipped("Grain water"));
        var plan = Given.Plan(request);
        var late = plan.Findings.Single(finding => finding.Rule == "R46");

        Assert.Contains("12\u00a0h\u00a004 before", late.Reason, StringComparison.Ordinal);
        Assert.True(plan.Mixtures.Single(each => each.Step.Kind.Id == "grain-water").TooLate);
        Assert.DoesNotContain(Given.Plan(plan.Request with { Edits = [.. request.Edits, .. late.Fix!.Edits] }).Findings, finding =>
            finding.Rule == "R46"
        );
    }

    [Fact]
    public void A_formula_within_a_formula_is_made_first_or_taken_from_its_jar()
    {
        var request = Given.Request();
        var mixed = Shipped("Leaf gel with infused oil");
        var made = Larder.Cook(request, mixed, new Millilitres(115), false, Given.Figures);
        Assert.Equal(
            ["LeafGel-trim", "LeafGel-peel", "LeafGel-pulse", "InfusedOil-warm", "InfusedOil-strain", "whisk"],
            [.. made.OnTheDay.Select(step => step.Id)]
        );

        var oil = Tea(3) with
        {
            Name = "Infused oil",
            FormulaId = Shipped("Infused oil").Id,
            Keep = Shipped("Infused oil").Keep,
            KeptAt = Keeping.Room,
        };
        var taken = Larder.Cook(request with { Batches = [oil] }, mixed, new Millilitres(115), false, Given.Figures);
        Assert.Equal(["LeafGel-trim", "LeafGel-peel", "LeafGel-pulse", "whisk"], [.. taken.OnTheDay.Select(step => step.Id)]);
        Assert.Equal(
            [new MeasuredWords("Take 17 ml from Infused oil.", "Take 1 tbsp from Infused oil.", "Take 15 g from Infused oil.")],
            taken.Taken.Select(each => each.Sentence)
        );
    }

    [Fact]
    public void Two_of_one_kind_and_a_trace_of_a_third_can_still_be_cooked()
    {
        var twice = Shipped("Seal blend") with
        {
            Id = Guid.NewGuid(),
            Ingredients =
            [
                new("Infused oil", 10, Unit.Millilitre) { FormulaId = Shipped("Infused oil").Id },
                new("Scented infused oil", 10, Unit.Millilitre) { FormulaId = Shipped("Scented infused oil").Id },
                new("Herb tea", 0.001, Unit.Millilitre) { FormulaId = Shipped("Herb tea").Id },
            ],
        };
        var plan = Given.Plan(With(Given.Request() with { Kitchen = Core.Mixing.Kitchen.Shipped.With(twice) }, "oil", twice));
        Assert.Equal(plan.Tasks.Count, plan.Tasks.Select(task => task.Id).Distinct().Count());
        Assert.Contains(plan.Tasks, task => task.Id == "oil.InfusedOil-InfusedOil-warm");
    }

    [Fact]
    public void A_day_is_added_up_in_money()
    {
        var mask = new KitchenProduct(Guid.NewGuid(), "Mask", ProductRole.DeepConditioner, [], default, 0.03m);
        var kitchen = new Core.Mixing.Kitchen(FormulaCatalogue.All, [mask], Core.Mixing.Kitchen.Shipped.Dictionary, Given.Figures.Measures)
        {
            Prices = new Dictionary<string, decimal> { ["dried herb"] = 0.02m },
        };
        var plan = Given.Plan(
            Given.Request() with
            {
                Kitchen = kitchen,
                Uses = new Dictionary<string, StepUse> { ["deep-condition"] = mask.AsUse(), ["leave-in"] = new StepUse("Something") },
            }
        );

        var taken = plan.Steps.Single(step => step.Step.Id == "deep-condition").Amount!.Exact.Value;
        var herb = plan.Mixtures.Single().Cooking.Mixture.Lines.Single(line => line.Ingredient.Name == "dried herb").Weight.Value;
        Assert.Equal(Math.Round(0.03m * (decimal)taken + 0.02m * (decimal)herb, 6), Math.Round(plan.Cost.Total, 6));
        Assert.Equal(["Something"], plan.Cost.Unpriced);
    }

    [Fact]
    public void A_shelf_without_enough_is_said_before_anything_is_chosen()
    {
        StockItem Mask(string name, double? left) =>
            new(Guid.NewGuid(), name, ProductRole.DeepConditioner, left is { } ml ? new Millilitres(ml) : null);
        IEnumerable<Finding> Short(params StockItem[] stock) =>
            Given.Plan(Given.Request() with { Stock = stock }).Findings.Where(finding => finding.Rule == "R37");

        Assert.Contains(Short(Mask("Slow", 60), Mask("Quick", 20)), finding =>
            finding.Reason.Contains("The fullest on the shelf is Slow, with 60\u00a0ml", StringComparison.Ordinal)
        );
        Assert.Empty(Short(Mask("Slow", 200)));
        Assert.Empty(Short(Mask("Slow", 60), Mask("Unmeasured", null)));
        Assert.Empty(Short());
    }
}
