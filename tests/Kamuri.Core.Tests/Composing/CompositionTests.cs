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
    [InlineData(
        Aim.Moisture,
        EndStyle.Twists,
        "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring deep-condition tool-detangle "
            + "cover-2 cool-rinse blot leave-in oil cream twists dry"
    )]
    [InlineData(
        Aim.Strength,
        EndStyle.TwistOut,
        "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring protein-light rinse-3 wring-2 "
            + "deep-condition tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry take-twists-down"
    )]
    [InlineData(
        Aim.Reset,
        EndStyle.WashAndGo,
        "look wet-through clarify rinse tea-rinse wring deep-condition tool-detangle cover cool-rinse blot leave-in gel wash-and-go dry"
    )]
    [InlineData(
        Aim.Quick,
        EndStyle.Bun,
        "look wet-through cleanse rinse wring conditioner tool-detangle cool-rinse blot leave-in oil dry bun"
    )]
    public void Each_aim_and_style_has_its_order(Aim aim, EndStyle style, string order) =>
        Assert.Equal(order, Given.Order(Given.Compose(Given.Request(aim, style))));

    [Theory]
    [InlineData(Layering.Loc, "leave-in oil cream")]
    [InlineData(Layering.Lco, "leave-in cream oil")]
    [InlineData(Layering.LoLight, "leave-in oil")]
    public void Layers_follow_the_school(Layering layering, string layers)
    {
        var composed = Given.Compose(Given.Request() with { Layering = layering });

        Assert.Equal(
            layers,
            string.Join(' ', composed.Walk.Where(walked => walked.Step.Kind.Phase == Phase.Layer).Select(walked => walked.Step.Id))
        );
        Assert.Empty(composed.Findings);
    }

    [Fact]
    public void What_a_rule_put_in_says_why()
    {
        var wring = Given.Compose(Given.Request()).Walk.Single(walked => walked.Step.Id == "wring").Step;

        Assert.Equal(StepOrigin.Rule, wring.Origin);
        Assert.Equal("Dripping hair is full of water, so deep condition would run off.", wring.Reason);
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
        var composed = Given.Compose(
            Given.Request(Aim.Quick) with
            {
                Edits = [new DropStep("pre-poo"), new DropStep("oil"), new MoveStep("blot", "blot"), new AddStep("no-such", null)],
            }
        );

        Assert.DoesNotContain("oil", Given.Order(composed).Split(' '));
        Assert.Equal([0, 2, 3], composed.Refused.Select(refused => refused.Index));
    }

    [Fact]
    public void Moving_and_adding_put_a_step_where_it_was_asked()
    {
        var composed = Given.Compose(
            Given.Request(Aim.Quick, EndStyle.Bun) with
            {
                Edits = [new AddStep("oil", "look"), new MoveStep("oil-2", null)],
            }
        );

        Assert.StartsWith("oil-2 look wet-through", Given.Order(composed), StringComparison.Ordinal);
    }

    [Fact]
    public void Every_caution_a_step_names_exists_and_small_children_get_their_own()
    {
        Assert.All(StepCatalogue.All, kind => Assert.Subset(CautionList.Ids.ToHashSet(), kind.Cautions.ToHashSet()));

        var small = CautionList.For(
            new PlanStep("cover", StepCatalogue.Get(StepIds.Cover)) { Heat = Heat.Cap },
            Given.Head() with
            {
                AgeGroup = AgeGroup.UnderSix,
            },
            null
        );
        Assert.Equal(["Under six, a cap only with someone beside, the whole time."], small);
    }

    /// <summary>Rules whose fix is the person's to take: heat, rhythm and what suits the hair were asked for by name.</summary>
    private static bool IsMended(Finding finding) => AllRules.IsMendedUnasked(finding.Rule);

    [Fact]
    public void Whatever_is_asked_for_composes_without_anything_left_to_mend() =>
        Gens.Request.Sample(
            request =>
            {
                var left = Given
                    .Compose(request)
                    .Findings.Where(finding => IsMended(finding) && (finding.Severity != Severity.Note || finding.Fix is not null))
                    .ToList();
                Assert.Empty(left.Select(finding => $"{finding.Rule} {finding.Reason}"));
            },
            iter: Thorough.Runs(2_000, 10_000),
            threads: 1
        );

    [Fact]
    public void Every_fix_leads_to_fewer_findings_and_makes_nothing_worse() =>
        Gens.EditedRequest.Sample(
            request =>
            {
                var before = Given.Compose(request);
                foreach (var finding in before.Findings.Where(finding => finding.Fix is not null))
                {
                    var after = Given.Compose(request with { Edits = [.. request.Edits, .. finding.Fix!.Edits] });
                    var said =
                        $"{finding.Rule} {finding.Reason} -> "
                        + $"{finding.Fix.Label}\n{Say(before.Findings)}\n=>\n{Say(after.Findings)}\n"
                        + $"{Given.Order(before)}\n{Given.Order(after)}";
                    Assert.True(Weight(after.Findings) < Weight(before.Findings), said);
                    Assert.True(
                        after
                            .Findings.GroupBy(each => (each.Rule, each.Severity))
                            .All(group =>
                                group.Count() <= before.Findings.Count(each => (each.Rule, each.Severity) == group.Key)
                                || (group.Key.Severity != Severity.Stop && !AllRules.IsMendedUnasked(group.Key.Rule))
                            ),
                        said
                    );
                    var crossed = Crossed(before.Walk, after.Walk);
                    Assert.True(crossed is null, $"{said}\n{crossed}");
                    Assert.True(
                        after
                            .Walk.Zip(after.Walk.Skip(1))
                            .All(pair =>
                                !pair.Second.Step.Kind.Covers
                                || pair.First.Step.Kind.IsCompanion
                                || pair.First.Step.Kind.Processing is not null
                                || before
                                    .Walk.Zip(before.Walk.Skip(1))
                                    .Any(other => other.Second.Step.Id == pair.Second.Step.Id && other.First.Step.Kind.Processing is null)
                            ),
                        said
                    );
                }
            },
            iter: Thorough.Runs(200, 1_000),
            threads: 1
        );

    /// <summary>What belongs behind a cleanse and stood behind it, and stands before it now; null when nothing does.</summary>
    private static string? Crossed(IReadOnlyList<WalkedStep> before, IReadOnlyList<WalkedStep> after)
    {
        List<string> Of(IReadOnlyList<WalkedStep> walk) => [.. walk.Select(walked => walked.Step.Id)];
        var (was, now) = (Of(before), Of(after));
        return (
            from cleanse in before.Select(walked => walked.Step).Where(step => step.Kind.IsCleanse)
            from step in before.Select(walked => walked.Step).Where(step => step.Kind.Phase is Phase.Layer or Phase.Set or Phase.Close)
            where now.Contains(cleanse.Id) && now.Contains(step.Id)
            where was.IndexOf(cleanse.Id) < was.IndexOf(step.Id) != now.IndexOf(cleanse.Id) < now.IndexOf(step.Id)
            select $"{step.Id} over {cleanse.Id}"
        ).FirstOrDefault();
    }

    [Fact]
    public void Mending_all_leaves_nothing_that_could_still_be_mended() =>
        Gens.EditedRequest.Sample(
            request =>
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
            },
            iter: Thorough.Runs(200, 1_000),
            threads: 1
        );

    [Fact]
    public void Loose_hair_is_combed_or_the_day_says_why_not() =>
        Gens
            .Request.Where(request => request.Kind is HairKinds.Loose or HairKinds.TakenDown)
            .Sample(
                request =>
                {
                    var day = Given.Compose(request);
                    Assert.True(
                        day.Walk.Any(walked => walked.Step.Kind.Detangles) || day.LeftOut.Any(left => left.What == "Detangling"),
                        Given.Order(day)
                    );
                },
                iter: Thorough.Runs(1_000, 10_000),
                threads: 1
            );

    [Fact]
    public void An_overridden_stop_no_longer_holds_the_plan_and_keeps_its_reason()
    {
        var request = Given.Request(Aim.Quick) with
        {
            Edits = [new DropStep("conditioner"), new DropStep("tool-detangle"), new OverrideStop("R02", "Conditioned yesterday")],
        };

        var finding = Given.Compose(request).Findings.Single(finding => finding.Rule == "R02");

        Assert.False(finding.Holds);
        Assert.Equal("Conditioned yesterday", finding.Overridden);
        var empty = Given.Compose(request with { Edits = [.. request.Edits.SkipLast(1), new OverrideStop("R02", " ")] });
        Assert.Equal("Give a reason for continuing in spite of a stop.", Assert.Single(empty.Refused).Reason);
    }

    /// <summary>A stop weighs more than any number of warnings, and a warning more than any number of notes.</summary>
    private static int Weight(IReadOnlyList<Finding> findings) =>
        findings.Sum(finding =>
            finding.Severity switch
            {
                Severity.Stop => 10_000,
                Severity.Warn => 100,
                _ => 1,
            }
        );

    private static string Say(IReadOnlyList<Finding> findings) =>
        string.Join(
            '\n',
            findings.Select(finding => $"  {finding.Rule} {finding.Severity} {finding.Reason} [{string.Join(' ', finding.Steps)}]")
        );
}
