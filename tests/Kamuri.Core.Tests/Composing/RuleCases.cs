using Kamuri.Core.Composing;
using Kamuri.Core.Composing.Rules;
using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Composing;

/// <summary>A case of one rule: steps, what is special about the head or the day, and what the rule says to it.</summary>
/// <param name="Rule">The rule's id.</param>
/// <param name="Steps">Step kinds in order; <c>kind@water</c>, <c>kind^</c> (roots down) and <c>kind+scalp</c> change a step.</param>
/// <param name="Says">Severity, or null when it stays quiet.</param>
/// <param name="After">Steps after its fix; null when it has none.</param>
public sealed record RuleCase(string Rule, string Steps, Severity? Says, string? After = null)
{
    public Func<PlanRequest, PlanRequest> Given { get; init; } = request => request;

    /// <summary>Several cases of one rule with the same steps are told apart by this.</summary>
    public string Because { get; init; } = "";

    public override string ToString() => $"{Rule} {(Says is { } severity ? severity : "quiet")}: {Steps} {Because}";
}

/// <summary>Every rule beyond the first ones, with cases that make it speak and cases that do not.</summary>
public class RuleCases
{
    private static PlanRequest Locs(PlanRequest request) =>
        request with
        {
            Head = request.Head with { Wear = new Wear(Locs: new LocsWorn(LocStage.Mature, 90, 8)) },
        };

    private static Func<PlanRequest, PlanRequest> TakenDown(int worn) =>
        Head(head => head with { Wear = new Wear(Down: new TakenDown(StyleMade.Braids, worn)) });

    private static PlanRequest InStyle(PlanRequest request, int days) =>
        request with
        {
            Head = request.Head with { Wear = new Wear(Style: new StyleWorn(StyleMade.Braids, Given.Today.AddDays(-days))) },
        };

    private static Func<PlanRequest, PlanRequest> Done(Treatment treatment, int daysAgo) =>
        request =>
            request with
            {
                History = new History { LastDone = new Dictionary<Treatment, DateOnly> { [treatment] = Given.Today.AddDays(-daysAgo) } },
            };

    private static Func<PlanRequest, PlanRequest> With(string step, StepUse use) =>
        request => request with { Uses = new Dictionary<string, StepUse> { [step] = use } };

    private static Func<PlanRequest, PlanRequest> Made(string step, string formula) =>
        request => With(step, Larder.Made(FormulaCatalogue.All.Single(each => each.Name == formula), request.Kitchen))(request);

    private static Func<PlanRequest, PlanRequest> Sealed(Porosity porosity) =>
        request =>
            With("leave-in", new StepUse("Thick milk") { SealsItselfOut = "Glycerin draws water and Shea Butter keeps it out." })(
                Head(head => head with { Porosity = porosity })(request)
            );

    private static Func<PlanRequest, PlanRequest> Washed(int daysAgo) =>
        request => request with { Head = request.Head with { LastWash = Given.Today.AddDays(-daysAgo) } };

    private static Func<PlanRequest, PlanRequest> Head(Func<Head, Head> change) => request => request with { Head = change(request.Head) };

    private static readonly StepUse Mask = new("The green mask");

    public static TheoryData<RuleCase> All =>
        new(
            new RuleCase("R03", "onion-juice rinse leave-in", Severity.Stop, "onion-juice rinse co-wash cool-rinse leave-in"),
            new RuleCase("R03", "egg-mask leave-in", Severity.Stop, "egg-mask cool-rinse co-wash cool-rinse-2 leave-in"),
            new RuleCase("R03", "onion-juice wet-through cleanse rinse leave-in", null),
            new RuleCase("R03", "wet-through part-cleanse scalp-oil", Severity.Stop, "wet-through part-cleanse press-rinse scalp-oil")
            {
                Given = Locs,
            },
            new RuleCase(
                "R04",
                "dampen clay rinse wring conditioner cool-rinse",
                Severity.Warn,
                "dampen clay rinse wring deep-condition cool-rinse"
            ),
            new RuleCase(
                "R05",
                "heavy-oil wet-through cleanse rinse",
                Severity.Warn,
                "heavy-oil wet-through cleanse rinse-2 cleanse-2 rinse"
            ),
            new RuleCase("R05", "heavy-oil wet-through tea-rinse cleanse rinse", null),
            new RuleCase("R05", "heavy-oil wet-through clarify rinse", null),
            new RuleCase(
                "R06",
                "dampen pre-poo rinse cleanse rinse",
                Severity.Note,
                "dampen pre-poo rinse cleanse rinse-3 cleanse-2 rinse-2"
            )
            {
                Given = Washed(20),
            },
            new RuleCase("R06", "dampen pre-poo rinse cleanse rinse", null) { Given = Washed(10) },
            new RuleCase("R08", "dampen oil+scalp", Severity.Warn, "dampen oil"),
            new RuleCase("R08", "dampen scalp-oil", null),
            new RuleCase("R10", "dampen oil leave-in", Severity.Warn, "dampen leave-in oil"),
            new RuleCase("R10", "dampen butter gel", Severity.Warn, "dampen gel butter"),
            new RuleCase("R10", "dampen leave-in oil cream", null),
            new RuleCase("R11", "egg-mask wet-through", Severity.Stop, "egg-mask wet-through@cool"),
            new RuleCase("R11", "egg-mask cool-rinse wet-through", null),
            new RuleCase("R12", "grain-water rinse protein-light", Severity.Warn, "grain-water rinse"),
            new RuleCase("R12", "dampen pre-poo rinse protein-light", Severity.Warn, "dampen pre-poo rinse")
            {
                Given = With("pre-poo", Mask with { Protein = ProteinStrength.Light }),
                Because = "its label has protein",
            },
            new RuleCase("R12", "dampen pre-poo rinse protein-light", null),
            new RuleCase("R13", "protein-light rinse deep-condition", Severity.Warn, "rinse deep-condition")
            {
                Given = request => Done(Treatment.LightProtein, 10)(Head(head => head with { Porosity = Porosity.Low })(request)),
            },
            new RuleCase("R13", "protein-light rinse deep-condition", null)
            {
                Given = Done(Treatment.LightProtein, 10),
                Because = "medium porosity",
            },
            new RuleCase("R13", "wet-through grain-water rinse deep-condition", Severity.Warn, "wet-through deep-condition")
            {
                Given = request => Done(Treatment.LightProtein, 10)(Head(head => head with { Porosity = Porosity.Low })(request)),
                Because = "grain water counts as protein",
            },
            new RuleCase("R13", "protein-light rinse", Severity.Note),
            new RuleCase("R15", "dampen pre-poo tool-detangle^", Severity.Warn, "dampen pre-poo tool-detangle"),
            new RuleCase("R15", "dampen pre-poo tool-detangle", null),
            new RuleCase("R18", "dampen pre-poo tool-detangle", Severity.Note)
            {
                Given = Head(head => head with { FragileZones = [new FragileZone(Zone.Edges, "thin")] }),
            },
            new RuleCase("R18", "dampen pre-poo finger-detangle", Severity.Note)
            {
                Given = Head(head => head with { FragileZones = [new FragileZone(Zone.Edges, "thin")] }),
                Because = "fingers pull too",
            },
            new RuleCase("R18", "dampen pre-poo tool-detangle", null),
            new RuleCase("R20", "wet-through cool-rinse@hot", Severity.Warn, "wet-through cool-rinse"),
            new RuleCase("R20", "wet-through cool-rinse@lukewarm", null),
            new RuleCase("R21", "dampen pre-poo", Severity.Note) { Given = Head(head => head with { Porosity = Porosity.Low }) },
            new RuleCase("R21", "herb-juice", Severity.Note) { Given = Head(head => head with { Porosity = Porosity.Low }) },
            new RuleCase("R21", "dampen pre-poo", null),
            new RuleCase("R22", "wet-through twists", Severity.Warn, "wet-through blot twists"),
            new RuleCase("R22", "look wash-and-go", Severity.Warn, "look dampen wash-and-go"),
            new RuleCase("R22", "wet-through bun blot dry", Severity.Warn, "wet-through blot dry bun"),
            new RuleCase("R22", "dampen twists", null),
            new RuleCase("R23", "wet-through dry scarf", Severity.Stop, "wet-through dry=95 scarf") { Given = Locs },
            new RuleCase("R23", "wet-through scarf", Severity.Stop, "wet-through dry=95 scarf") { Given = Locs },
            new RuleCase("R23", "wet-through blot", Severity.Stop, "wet-through blot dry=95") { Given = request => InStyle(request, 10) },
            new RuleCase("R23", "wet-through dry=95 scarf", null) { Given = Locs },
            new RuleCase("R23", "wet-through blot twists scarf", null) { Because = "chunky twists may dry overnight" },
            new RuleCase("R24", "wet-through tool-detangle", Severity.Warn)
            {
                Given = request =>
                    request with
                    {
                        History = new History { WetCombings = [.. Enumerable.Range(1, 3).Select(n => Given.Today.AddDays(-n))] },
                    },
            },
            new RuleCase("R24", "wet-through tool-detangle", null)
            {
                Given = request =>
                    request with
                    {
                        History = new History { WetCombings = [.. Enumerable.Range(6, 3).Select(n => Given.Today.AddDays(-n))] },
                    },
            },
            new RuleCase("R30", "dampen pre-poo", Severity.Stop, "dampen")
            {
                Given = With("pre-poo", Mask with { UseBy = Given.Today.AddDays(-1) }),
                Because = "yesterday",
            },
            new RuleCase("R30", "dampen pre-poo", Severity.Stop, "dampen")
            {
                Given = With("pre-poo", Mask with { KeptAsTold = false }),
                Because = "left out of the fridge",
            },
            new RuleCase("R30", "dampen pre-poo", Severity.Warn)
            {
                Given = With("pre-poo", Mask with { UseBy = Given.Today }),
                Because = "last day",
            },
            new RuleCase("R30", "dampen pre-poo", null) { Given = With("pre-poo", Mask with { UseBy = Given.Today.AddDays(1) }) },
            new RuleCase("R31", "dampen pre-poo", Severity.Stop, "dampen")
            {
                Given = With("pre-poo", Mask with { EssentialOilPercent = 2.5 }),
                Because = "2 % rinsed off an adult",
            },
            new RuleCase("R31", "dampen scalp-oil", Severity.Stop, "dampen")
            {
                Given = With("scalp-oil", Mask with { EssentialOilPercent = 1.5 }),
                Because = "1 % left on a scalp",
            },
            new RuleCase("R31", "dampen pre-poo", Severity.Stop, "dampen")
            {
                Given = request =>
                    With("pre-poo", Mask with { EssentialOilPercent = 0.1 })(
                        Head(head => head with { AgeGroup = AgeGroup.UnderSix })(request)
                    ),
                Because = "none under six",
            },
            new RuleCase("R31", "dampen pre-poo", Severity.Stop, "dampen")
            {
                Given = request =>
                    With("pre-poo", Mask with { EssentialOilPercent = 0.1 })(Head(head => head with { AskClinician = true })(request)),
                Because = "ask the clinician",
            },
            new RuleCase("R31", "dampen pre-poo", null) { Given = With("pre-poo", Mask with { EssentialOilPercent = 1.9 }) },
            new RuleCase("R32", "dampen pre-poo", Severity.Stop, "dampen")
            {
                Given = With("pre-poo", Mask with { EssentialOilPercent = 100 }),
                Because = "undiluted",
            },
            new RuleCase("R32", "dampen pre-poo", Severity.Stop, "dampen")
            {
                Given = request =>
                    With("pre-poo", Mask with { Traits = MixtureTraits.Burns })(
                        Head(head => head with { AgeGroup = AgeGroup.SixToTwelve })(request)
                    ),
                Because = "menthol on a child",
            },
            new RuleCase("R32", "dampen pre-poo", null) { Given = With("pre-poo", Mask with { Traits = MixtureTraits.Burns }) },
            new RuleCase("R33", "dampen pre-poo", Severity.Stop, "dampen")
            {
                Given = request =>
                    With("pre-poo", Mask with { Ingredients = ["Nuts", "honey"] })(
                        Head(head => head with { Sensitivities = ["nuts"] })(request)
                    ),
            },
            new RuleCase("R33", "dampen pre-poo", null)
            {
                Given = request =>
                    With("pre-poo", Mask with { Ingredients = ["honey"] })(Head(head => head with { Sensitivities = ["nuts"] })(request)),
            },
            new RuleCase("R34", "dampen pre-poo", Severity.Warn)
            {
                Given = With("pre-poo", Mask with { Ingredients = ["fenugreek"], IsChange = true }),
            },
            new RuleCase("R34", "dampen pre-poo", null) { Given = With("pre-poo", Mask with { Ingredients = ["fenugreek"] }) },
            new RuleCase("R34", "dampen pre-poo", null)
            {
                Given = request =>
                    With("pre-poo", Mask with { Ingredients = ["fenugreek"] })(
                        request with
                        {
                            History = new History { KnownIngredients = ["Fenugreek"] },
                        }
                    ),
            },
            new RuleCase("R34", "dampen pre-poo", null)
            {
                Given = request =>
                    With("pre-poo", Mask with { Ingredients = ["fenugreek"] })(
                        request with
                        {
                            History = new History
                            {
                                PatchTests = new Dictionary<string, DateTimeOffset> { ["fenugreek"] = Given.Noon.AddHours(-25) },
                            },
                        }
                    ),
                Because = "tested yesterday",
            },
            new RuleCase("R35", "dampen herb-paste", Severity.Warn) { Given = With("herb-paste", Mask with { Sieved = false }) },
            new RuleCase("R36", "dampen plant-gel", Severity.Warn) { Given = With("plant-gel", Mask with { SapDrained = false }) },
            new RuleCase("R36", "dampen plant-gel", null) { Given = With("plant-gel", Mask with { SapDrained = true, Sieved = true }) },
            new RuleCase("R37", "dampen leave-in", Severity.Warn)
            {
                Given = With("leave-in", Mask with { InStock = new Millilitres(20) }),
                Because = "26 ml wanted",
            },
            new RuleCase("R37", "dampen leave-in", null) { Given = With("leave-in", Mask with { InStock = new Millilitres(27) }) },
            new RuleCase("R37", "dampen leave-in", Severity.Warn)
            {
                Given = request => request with { Stock = [new StockItem(Guid.Empty, "Soft", ProductRole.LeaveIn, new Millilitres(20))] },
                Because = "the shelf has 20 ml",
            },
            new RuleCase("R37", "dampen leave-in", null)
            {
                Given = request => request with { Stock = [new StockItem(Guid.Empty, "Soft", ProductRole.Gel, new Millilitres(1))] },
                Because = "another role",
            },
            new RuleCase("R30", "dampen leave-in", Severity.Warn)
            {
                Given = With("leave-in", Mask with { ProductId = Guid.Empty, UseBy = Given.Today.AddDays(-1) }),
                Because = "a product past its time",
            },
            new RuleCase("R30", "dampen leave-in", null)
            {
                Given = With("leave-in", Mask with { ProductId = Guid.Empty, UseBy = Given.Today }),
                Because = "a product on its last day",
            },
            new RuleCase("R46", "grain-water rinse", Severity.Warn, "") { Given = Made("grain-water", "Grain water") },
            new RuleCase("R46", "grain-water rinse", null)
            {
                Given = request =>
                    Made("grain-water", "Grain water")(
                        request with
                        {
                            When = new When(request.When.Now, StartAt: request.When.Now.AddHours(13)),
                        }
                    ),
            },
            new RuleCase("R31", "hot-oil", Severity.Stop, "")
            {
                Given = With("hot-oil", Mask with { EssentialOilPercent = 1.5, SharpOilPercent = 1.2 }),
                Because = "sharp",
            },
            new RuleCase("R31", "hot-oil", null)
            {
                Given = With("hot-oil", Mask with { EssentialOilPercent = 1.5, SharpOilPercent = 0.9 }),
                Because = "sharp but little",
            },
            new RuleCase("R38", "dampen plant-gel", Severity.Note)
            {
                Given = With("plant-gel", Mask with { KeepsUnderADay = true, ToMake = new Millilitres(500) }),
            },
            new RuleCase("R38", "dampen plant-gel", null)
            {
                Given = With("plant-gel", Mask with { KeepsUnderADay = true, ToMake = new Millilitres(250) }),
            },
            new RuleCase("R38", "dampen plant-gel", Severity.Note)
            {
                Given = With("plant-gel", Mask with { ToMake = new Millilitres(500) }),
                Because = "made for one use in this school",
            },
            new RuleCase("R38", "dampen plant-gel", null)
            {
                Given = request =>
                    With("plant-gel", Mask with { ToMake = new Millilitres(500) })(request) with
                    {
                        Schools = new Schools { Homemade = HomemadeKeeping.KeptCold },
                    },
            },
            new RuleCase("R39", "hot-oil", Severity.Warn) { Given = With("hot-oil", Mask with { At = new Celsius(45) }) },
            new RuleCase("R39", "hot-oil", Severity.Warn) { Given = With("hot-oil", Mask with { At = new Celsius(24) }), Because = "cold" },
            new RuleCase("R39", "hot-oil", null) { Given = With("hot-oil", Mask with { At = new Celsius(38) }) },
            new RuleCase("R40", "wet-through clarify", Severity.Warn) { Given = Done(Treatment.Clarify, 10) },
            new RuleCase("R40", "dampen clay", Severity.Warn, "dampen") { Given = Done(Treatment.Clarify, 10) },
            new RuleCase("R40", "hot-oil", Severity.Note) { Given = Done(Treatment.HotOil, 3) },
            new RuleCase("R40", "wet-through cleanse", Severity.Note) { Given = Washed(20), Because = "late" },
            new RuleCase("R40", "wet-through clarify", null) { Given = Done(Treatment.Clarify, 30) },
            new RuleCase("R41", "dampen single-twists", Severity.Warn, "dampen twists") { Given = Done(Treatment.TensionStyle, 3) },
            new RuleCase("R41", "dampen single-twists", Severity.Warn, "dampen twists")
            {
                Given = request => Done(Treatment.TakeDown, 3)(request),
                Because = "it came down three days ago",
            },
            new RuleCase("R41", "dampen single-twists", null)
            {
                Given = request =>
                    request with
                    {
                        History = new History
                        {
                            LastDone = new Dictionary<Treatment, DateOnly>
                            {
                                [Treatment.TensionStyle] = Given.Today.AddDays(-3),
                                [Treatment.TakeDown] = Given.Today.AddDays(-9),
                            },
                        },
                    },
                Because = "it came down nine days ago",
            },
            new RuleCase("R51", "dampen leave-in", Severity.Warn) { Given = request => Sealed(Porosity.Low)(request) },
            new RuleCase("R51", "dampen leave-in", null) { Given = request => Sealed(Porosity.High)(request), Because = "high porosity" },
            new RuleCase("R50", "look wet-through cleanse", Severity.Stop, "look clear-lint wet-through cleanse") { Given = TakenDown(42) },
            new RuleCase("R50", "look dampen clear-lint", Severity.Stop, "look clear-lint dampen") { Given = TakenDown(42) },
            new RuleCase("R50", "look wet-through cleanse", null) { Given = TakenDown(7), Because = "worn for a week" },
            new RuleCase("R41", "look", Severity.Warn) { Given = request => InStyle(request, 60) },
            new RuleCase("R41", "look", null) { Given = request => InStyle(request, 40) },
            new RuleCase("R42", "dampen retwist", Severity.Warn, "dampen")
            {
                Given = request => Locs(Done(Treatment.Retwist, 20)(request)),
            },
            new RuleCase("R42", "dampen retwist", null) { Given = request => Locs(Done(Treatment.Retwist, 30)(request)) },
            new RuleCase("R43", "wet-through clarify rinse", Severity.Warn, "wet-through cleanse rinse")
            {
                Given = Head(head =>
                    head with
                    {
                        ChemicalHistory = [new ChemicalEvent(ChemicalEventKind.Colour, Given.Today.AddDays(-5))],
                    }
                ),
            },
            new RuleCase("R43", "wet-through clarify rinse", null)
            {
                Given = Head(head =>
                    head with
                    {
                        ChemicalHistory = [new ChemicalEvent(ChemicalEventKind.Relaxer, Given.Today.AddDays(-15))],
                    }
                ),
            },
            new RuleCase("R44", "dampen leave-in", Severity.Note)
            {
                Given = request =>
                    With("leave-in", Mask with { IsChange = true })(
                        request with
                        {
                            History = new History
                            {
                                UnderObservation = new Dictionary<string, DateOnly> { ["Rice water"] = Given.Today.AddDays(-9) },
                            },
                        }
                    ),
            },
            new RuleCase("R44", "dampen leave-in", null) { Given = With("leave-in", Mask with { IsChange = true }) },
            new RuleCase("R45", "wet-through tool-detangle", Severity.Stop, "wet-through") { Given = Locs },
            new RuleCase("R45", "dampen cream", Severity.Stop, "dampen") { Given = Locs },
            new RuleCase("R45", "wet-through part-cleanse", null) { Given = Locs }
        );

    [Theory]
    [MemberData(nameof(All), DisableDiscoveryEnumeration = true)]
    public void Each_rule_speaks_when_it_should_and_its_fix_mends_it(RuleCase each)
    {
        var request = each.Given(Given.Request());
        var steps = Parse(each.Steps);
        var said = Check(each.Rule, steps, request);

        if (each.Says is not { } severity)
        {
            Assert.Empty(said);
            return;
        }

        var finding = Assert.Single(said);
        Assert.Equal(severity, finding.Severity);
        Assert.EndsWith(".", finding.Reason, StringComparison.Ordinal);
        Assert.Equal(each.After, finding.Fix is { } fix ? Show(PlanEditing.Apply(steps, fix.Edits).Steps) : null);
        if (finding.Fix is not null)
        {
            Assert.Empty(Check(each.Rule, PlanEditing.Apply(steps, finding.Fix.Edits).Steps, request));
        }
    }

    [Fact]
    public void No_rule_of_the_craft_is_without_a_case()
    {
        var cased = All.Select(row => row.Data.Rule).Concat(["R01", "R02", "R07", "R09", "R14", "R16", "R17", "R19"]).ToHashSet();

        string[] craft = [.. Enumerable.Range(1, 24).Concat(Enumerable.Range(30, 15)).Select(n => $"R{n:00}")];
        Assert.Empty(craft.Except(cased));
    }

    private static List<Finding> Check(string rule, IReadOnlyList<PlanStep> steps, PlanRequest request)
    {
        var context = new RuleContext(
            request,
            HairWalk.Through(HairWalk.Start(2, request.Kind), steps, request.UseOf, Given.Figures.HandsOn),
            Given.Figures
        );
        return [.. AllRules.Check(context).Where(finding => finding.Rule == rule)];
    }

    private static List<PlanStep> Parse(string text)
    {
        var steps = new List<PlanStep>();
        foreach (var word in text.Split(' '))
        {
            var kind = word.Split('@', '^', '+', '=')[0];
            var step = new PlanStep(PlanEditing.NextId(steps, kind), StepCatalogue.Get(kind));
            steps.Add(
                step with
                {
                    Water = word.Contains('@', StringComparison.Ordinal)
                        ? Enum.Parse<WaterTemperature>(word.Split('@')[1], ignoreCase: true)
                        : step.Water,
                    Direction = word.Contains('^', StringComparison.Ordinal) ? Direction.RootsToEnds : step.Direction,
                    Places = word.Contains('+', StringComparison.Ordinal) ? step.Places | Places.Scalp : step.Places,
                    DrynessWanted = word.Contains('=', StringComparison.Ordinal) ? 0.95 : step.DrynessWanted,
                }
            );
        }

        return steps;
    }

    private static string Show(IEnumerable<PlanStep> steps) =>
        string.Join(
            ' ',
            steps.Select(step =>
                step.Id
                + (step.Water != step.Kind.Water ? $"@{step.Water}".ToLowerInvariant() : "")
                + (step.DrynessWanted > 0.9 ? "=95" : "")
            )
        );
}
