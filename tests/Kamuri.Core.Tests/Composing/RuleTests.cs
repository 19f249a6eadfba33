using Kamuri.Core.Composing;
using Kamuri.Core.Composing.Rules;
using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Composing;

/// <summary>Each rule with a case that triggers it, one that does not, and its fix.</summary>
public class RuleTests
{
    private static List<PlanStep> Steps(string kinds)
    {
        var steps = new List<PlanStep>();
        foreach (var kind in kinds.Split(' '))
        {
            steps.Add(new PlanStep(PlanEditing.NextId(steps, kind), StepCatalogue.Get(kind)));
        }

        return steps;
    }

    private static RuleContext Context(IReadOnlyList<PlanStep> steps, PlanRequest? request = null) =>
        new(
            request ?? Given.Request(),
            HairWalk.Through(HairWalk.Start(2), steps, (request ?? Given.Request()).UseOf, Given.Figures.HandsOn),
            Given.Figures
        );

    private static List<Finding> Check(IRule rule, IReadOnlyList<PlanStep> steps, PlanRequest? request = null) =>
        [.. rule.Check(Context(steps, request))];

    [Theory]
    [InlineData(
        "R01",
        "dampen cleanse rinse pre-poo rinse conditioner cool-rinse",
        Severity.Warn,
        "dampen pre-poo cleanse rinse rinse-2 conditioner cool-rinse"
    )]
    [InlineData(
        "R02",
        "wet-through cleanse rinse leave-in",
        Severity.Stop,
        "wet-through cleanse rinse wring conditioner cool-rinse leave-in"
    )]
    [InlineData("R02", "wet-through clarify", Severity.Stop, "wet-through clarify wring conditioner cool-rinse")]
    [InlineData(
        "R03",
        "wet-through wring deep-condition cover blot leave-in",
        Severity.Stop,
        "wet-through wring deep-condition cover blot cool-rinse leave-in"
    )]
    [InlineData("R03", "wet-through wring protein-light", Severity.Stop, "wet-through wring protein-light cool-rinse")]
    [InlineData(
        "R04",
        "wet-through clarify rinse wring conditioner cool-rinse",
        Severity.Warn,
        "wet-through clarify rinse wring deep-condition cool-rinse"
    )]
    [InlineData("R09", "dampen leave-in cream oil twists", Severity.Warn, "dampen leave-in oil cream twists")]
    [InlineData("R09", "dampen cream leave-in", Severity.Warn, "dampen leave-in cream")]
    [InlineData("R14", "look tool-detangle", Severity.Stop, "look slip-mist tool-detangle")]
    [InlineData(
        "R14",
        "look tool-detangle wet-through wring conditioner cool-rinse",
        Severity.Stop,
        "look wet-through wring conditioner tool-detangle cool-rinse"
    )]
    [InlineData("R16", "look leave-in", Severity.Warn, "look dampen leave-in")]
    [InlineData("R16", "look cleanse", Severity.Warn, "look wet-through cleanse")]
    [InlineData("R16", "wet-through leave-in", Severity.Warn, "wet-through blot leave-in")]
    [InlineData("R17", "wet-through deep-condition cool-rinse", Severity.Warn, "wet-through wring deep-condition cool-rinse")]
    public void A_rule_speaks_and_its_fix_mends_it(string id, string given, Severity severity, string mended)
    {
        var rule = AllRules.List.Single(each => each.Id == id);
        var steps = Steps(given);

        var finding = Assert.Single(Check(rule, steps));
        Assert.Equal(severity, finding.Severity);
        Assert.NotEmpty(finding.Steps);
        var (after, refused) = PlanEditing.Apply(steps, finding.Fix!.Edits);
        Assert.Empty(refused);
        Assert.Equal(mended, string.Join(' ', after.Select(step => step.Id)));
        Assert.Empty(Check(rule, after));
    }

    [Theory]
    [InlineData("R01", "dampen pre-poo rinse cleanse rinse conditioner")]
    [InlineData("R01", "dampen pre-poo rinse")]
    [InlineData("R01", "wet-through cleanse rinse pre-poo rinse cleanse")]
    [InlineData("R02", "wet-through cleanse rinse wring deep-condition cool-rinse")]
    [InlineData("R03", "wet-through wring deep-condition cool-rinse blot leave-in twists")]
    [InlineData("R04", "wet-through clarify rinse wring deep-condition cover cool-rinse")]
    [InlineData("R04", "wet-through cleanse rinse wring conditioner cool-rinse")]
    [InlineData("R07", "dampen leave-in oil cream")]
    [InlineData("R09", "dampen leave-in oil cream twists")]
    [InlineData("R14", "dampen pre-poo tool-detangle")]
    [InlineData("R14", "look slip-mist tool-detangle")]
    [InlineData("R16", "look dampen leave-in")]
    [InlineData("R17", "wet-through wring deep-condition")]
    public void A_rule_is_quiet_when_all_is_well(string id, string given) =>
        Assert.Empty(Check(AllRules.List.Single(each => each.Id == id), Steps(given)));

    [Theory]
    [InlineData("leave-in")]
    [InlineData("cream")]
    [InlineData("gel")]
    public void R07_nothing_heavy_on_the_scalp(string kind)
    {
        var steps = Steps($"dampen {kind}");
        steps[1] = steps[1] with { Places = Places.Scalp | Places.Lengths };

        var finding = Assert.Single(Check(new NothingHeavyOnScalp(), steps));
        Assert.Equal(Severity.Stop, finding.Severity);
        var (after, _) = PlanEditing.Apply(steps, finding.Fix!.Edits);
        Assert.Empty(Check(new NothingHeavyOnScalp(), after));
    }

    [Fact]
    public void R09_counts_lco_as_in_order_when_that_is_the_school()
    {
        var lco = Given.Request() with { Layering = Layering.Lco };

        Assert.Empty(Check(new LayersLightToHeavy(), Steps("dampen leave-in cream oil twists"), lco));
        Assert.Single(Check(new LayersLightToHeavy(), Steps("dampen leave-in cream gel twists"), lco));
    }

    [Fact]
    public void R04_warns_of_a_deep_condition_cut_short_after_clarifying()
    {
        var steps = Steps("wet-through clarify rinse wring deep-condition cover cool-rinse");
        steps[5] = steps[5] with { Minutes = 30 };

        var finding = Assert.Single(Check(new LongConditionAfterClarify(), steps));
        Assert.Equal(new SetMinutes("cover", 60), Assert.Single(finding.Fix!.Edits));
    }

    [Theory]
    [InlineData(false, false, 1)]
    [InlineData(true, true, 1)]
    [InlineData(true, false, 0)]
    public void R19_heat_only_where_it_may_be(bool canSitUnderHeat, bool brokenSkin, int findings)
    {
        var head = Given.Head() with { CanSitUnderHeat = canSitUnderHeat, Scalp = brokenSkin ? [ScalpSign.BrokenSkin] : [] };
        var steps = Steps("dampen pre-poo cover");
        steps[2] = steps[2] with { Heat = Heat.Hood };

        var found = Check(new HeatAllowed(), steps, Given.Request(head: head));
        Assert.Equal(findings, found.Count);
        Assert.All(found, finding => Assert.Equal([new SetHeat("cover", Heat.Cap)], finding.Fix!.Edits));
    }

    [Fact]
    public void R19_protein_takes_no_added_heat()
    {
        var steps = Steps("dampen protein-light cover");
        steps[2] = steps[2] with { Heat = Heat.Hood };

        Assert.Equal("Light protein must not be heated.", Assert.Single(Check(new HeatAllowed(), steps)).Reason);
    }

    [Fact]
    public void Every_rule_has_its_own_id() => Assert.Equal(AllRules.List.Count, AllRules.List.Select(rule => rule.Id).Distinct().Count());
}
