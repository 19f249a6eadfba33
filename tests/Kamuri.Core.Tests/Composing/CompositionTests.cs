using CsCheck;
using Kamuri.Core.Cautions;
using Kamuri.Core.Composing;
using Kamuri.Core.Composing.Rules;
using Kamuri.Core.Heads;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Composing;

public class CompositionTests
{
    [Theory]
    [InlineData(Aim.Moisture, EndStyle.Twists, "look dampen pre-poo finger-detangle cover rinse cleanse rinse-2 tea-rinse wring deep-condition tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry")]
    [InlineData(Aim.Strength, EndStyle.TwistOut, "look dampen pre-poo finger-detangle cover rinse cleanse rinse-2 tea-rinse wring protein-light rinse-3 wring-2 deep-condition tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry take-twists-down")]
    [InlineData(Aim.Reset, EndStyle.WashAndGo, "look wet-through clarify rinse tea-rinse wring deep-condition tool-detangle cover cool-rinse blot leave-in gel wash-and-go dry")]
    [InlineData(Aim.Quick, EndStyle.Bun, "look wet-through cleanse rinse wring conditioner tool-detangle cool-rinse blot leave-in oil dry bun")]
    public void Each_aim_and_style_has_its_order(Aim aim, EndStyle style, string order) =>
        Assert.Equal(order, Given.Order(Given.Compose(Given.Request(aim, style))));

    [Theory]
    [InlineData(Layering.Loc, "leave-in oil cream")]
    [InlineData(Layering.Lco, "leave-in cream oil")]
    [InlineData(Layering.LoLight, "leave-in oil")]
    public void Layers_follow_the_school(Layering layering, string layers)
    {
        var composed = Given.Compose(Given.Request() with { Layering = layering });

        Assert.Equal(layers, string.Join(' ', composed.Walk.Where(walked => walked.Step.Kind.Phase == Phase.Layer).Select(walked => walked.Step.Id)));
        Assert.Empty(composed.Findings);
    }

    [Fact]
    public void What_a_rule_put_in_says_why()
    {
        var wring = Given.Compose(Given.Request()).Walk.Single(walked => walked.Step.Id == "wring").Step;

        Assert.Equal(StepOrigin.Rule, wring.Origin);
        Assert.Equal("Dripping hair is full of water already; deep condition would run off with it.", wring.Reason);
    }

    [Fact]
    public void The_hair_is_walked_through_every_step()
    {
        var walk = Given.Compose(Given.Request()).Walk.ToDictionary(walked => walked.Step.Id);

        Assert.Equal(Wetness.Dry, walk["look"].Before.Wetness);
        Assert.Equal(Wetness.Damp, walk["pre-poo"].Before.Wetness);
        Assert.Equal([Substance.PrePoo], walk["cover"].After.Deposits.Select(deposit => deposit.Substance));
        Assert.Equal(Heat.Cap, walk["cover"].After.Covered);
        Assert.Empty(walk["rinse"].After.Deposits);
        Assert.Equal("cleanse", walk["rinse-2"].After.AwaitsConditioner);
        Assert.Null(walk["deep-condition"].After.AwaitsConditioner);
        Assert.Equal(Hang.Twists, walk["dry"].Before.Hang);
        Assert.Equal([Substance.LeaveIn, Substance.Oil, Substance.Cream], walk["dry"].After.Deposits.Select(deposit => deposit.Substance));
        Assert.Equal(Wetness.Dry, walk["dry"].After.Wetness);
    }

    [Fact]
    public void An_edit_that_no_longer_fits_is_refused_and_the_rest_go_on()
    {
        var composed = Given.Compose(Given.Request(Aim.Quick) with { Edits = [new DropStep("pre-poo"), new DropStep("oil"), new MoveStep("blot", "blot"), new AddStep("no-such", null)] });

        Assert.DoesNotContain("oil", Given.Order(composed).Split(' '));
        Assert.Equal([0, 2, 3], composed.Refused.Select(refused => refused.Index));
    }

    [Fact]
    public void Moving_and_adding_put_a_step_where_it_was_asked()
    {
        var composed = Given.Compose(Given.Request(Aim.Quick, EndStyle.Bun) with { Edits = [new AddStep("oil", "look"), new MoveStep("oil-2", null)] });

        Assert.StartsWith("oil-2 look wet-through", Given.Order(composed), StringComparison.Ordinal);
    }

    [Fact]
    public void Every_caution_a_step_names_exists_and_small_children_get_their_own()
    {
        Assert.All(StepCatalogue.All, kind => Assert.Subset(CautionList.Ids.ToHashSet(), kind.Cautions.ToHashSet()));

        var small = CautionList.For(StepCatalogue.Get(StepIds.Cover), Given.Head() with { AgeGroup = AgeGroup.UnderSix }, Heat.Cap);
        Assert.Equal(["Under six, a cap only with someone beside, the whole time."], small);
    }

    /// <summary>Rules whose fix is the person's to take: heat, rhythm and what suits the hair were asked for by name.</summary>
    private static bool IsMended(Finding finding) => AllRules.IsMendedUnasked(finding.Rule);

    [Fact]
    public void Whatever_is_asked_for_composes_without_anything_left_to_mend() =>
        Gens.Request.Sample(request =>
        {
            var left = Given.Compose(request).Findings.Where(finding => IsMended(finding) && (finding.Severity != Severity.Note || finding.Fix is not null)).ToList();
            Assert.Empty(left.Select(finding => $"{finding.Rule} {finding.Reason}"));
        }, iter: 10_000, threads: 1);

    [Fact]
    public void Every_fix_leads_to_fewer_findings() =>
        Gens.EditedRequest.Sample(request =>
        {
            var before = Given.Compose(request).Findings;
            foreach (var finding in before.Where(finding => finding.Fix is not null))
            {
                var after = Given.Compose(request with { Edits = [.. request.Edits, .. finding.Fix!.Edits] }).Findings;
                Assert.True(Weight(after) < Weight(before), $"{finding.Rule} {finding.Reason} -> {finding.Fix.Label}\n{Say(before)}\n=>\n{Say(after)}");
            }
        }, iter: 1_000, threads: 1);

    [Fact]
    public void Mending_all_leaves_nothing_that_could_still_be_mended() =>
        Gens.EditedRequest.Sample(request =>
        {
            var before = Given.Compose(request);
            if (before.MendAll.Count == 0)
            {
                Assert.True(before.Findings.Count(finding => finding.Fix is not null) < 2);
                return;
            }

            var after = Given.Compose(request with { Edits = [.. request.Edits, .. before.MendAll] });
            Assert.DoesNotContain(after.Findings, finding => finding.Fix is not null);
            Assert.True(Weight(after.Findings) < Weight(before.Findings));
        }, iter: 1_000, threads: 1);

    [Fact]
    public void An_overridden_stop_no_longer_holds_the_plan_and_keeps_its_reason()
    {
        var request = Given.Request(Aim.Quick) with { Edits = [new DropStep("conditioner"), new DropStep("tool-detangle"), new OverrideStop("R02", "Conditioned yesterday")] };

        var finding = Given.Compose(request).Findings.Single(finding => finding.Rule == "R02");

        Assert.False(finding.Holds);
        Assert.Equal("Conditioned yesterday", finding.Overridden);
        var empty = Given.Compose(request with { Edits = [.. request.Edits.SkipLast(1), new OverrideStop("R02", " ")] });
        Assert.Equal("Going on in spite of a stop needs a reason.", Assert.Single(empty.Refused).Reason);
    }

    /// <summary>A stop weighs more than any number of warnings, and a warning more than any number of notes.</summary>
    private static int Weight(IReadOnlyList<Finding> findings) => findings.Sum(finding => finding.Severity switch { Severity.Stop => 10_000, Severity.Warn => 100, _ => 1 });

    private static string Say(IReadOnlyList<Finding> findings) => string.Join('\n', findings.Select(finding => $"  {finding.Rule} {finding.Severity} {finding.Reason} [{string.Join(' ', finding.Steps)}]"));
}
