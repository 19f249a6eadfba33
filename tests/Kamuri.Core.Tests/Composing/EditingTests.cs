using CsCheck;
using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Composing;

/// <summary>Everything a person can do to a composed plan, and the day that follows.</summary>
public class EditingTests
{
    private static Composition Edited(params PlanEdit[] edits) =>
        Given.Compose(Given.Request(Aim.Quick, EndStyle.Bun) with { Edits = edits });

    private const string Bare = "look wet-through cleanse rinse wring conditioner tool-detangle cool-rinse blot leave-in oil dry bun";

    [Fact]
    public void Once_more_stands_right_behind_the_first()
    {
        var day = Edited(new DuplicateStep("cleanse"));

        Assert.Equal(Bare.Replace("cleanse rinse", "cleanse cleanse-2 rinse", StringComparison.Ordinal), Given.Order(day));
        Assert.Equal("You asked for this step again.", day.Walk[3].Step.Reason);
    }

    [Fact]
    public void A_copy_keeps_what_was_changed_on_the_first()
    {
        var day = Edited(
            new SetWater("cleanse", WaterTemperature.Lukewarm),
            new SetPlaces("cleanse", Places.Scalp),
            new DuplicateStep("cleanse")
        );

        var copy = day.Walk.Single(walked => walked.Step.Id == "cleanse-2").Step;
        Assert.Equal((WaterTemperature.Lukewarm, Places.Scalp), (copy.Water, copy.Places));
    }

    [Fact]
    public void Several_steps_move_together_in_the_order_given() =>
        Assert.Equal(
            "oil leave-in look wet-through cleanse rinse wring conditioner tool-detangle cool-rinse blot dry bun",
            Given.Order(Edited(new MoveSteps(["oil", "leave-in"], null)))
        );

    [Theory]
    [InlineData("gone", null, "None of these steps are in the plan any more.")]
    [InlineData("oil", "oil", "Steps cannot come after themselves.")]
    [InlineData("oil", "gone", "The plan no longer has the step 'gone'.")]
    public void A_move_that_makes_no_sense_changes_nothing_and_says_so(string step, string? after, string reason)
    {
        var day = Edited(new MoveSteps([step], after));

        Assert.Equal(Bare, Given.Order(day));
        Assert.Equal(reason, Assert.Single(day.Refused).Reason);
    }

    [Fact]
    public void The_order_of_the_day_brings_strays_back_with_the_water_that_belongs_to_them()
    {
        // Conditioner, its comb and the wringing before it were pulled to the front.
        var astray = new MoveSteps(["wring", "conditioner", "tool-detangle"], null);

        Assert.StartsWith("wring conditioner tool-detangle look", Given.Order(Edited(astray)), StringComparison.Ordinal);
        Assert.Equal(Bare, Given.Order(Edited(astray, new OrderByPhase())));
    }

    [Fact]
    public void What_prepares_or_finishes_a_treatment_stands_in_its_phase()
    {
        var steps = Given.Compose(Given.Request()).Walk.Select(walked => walked.Step).ToList();
        var phases = steps.Zip(PhaseOrder.Of(steps)).ToDictionary(pair => pair.First.Id, pair => pair.Second);

        Assert.Equal(Phase.Loosen, phases["dampen"]);
        Assert.Equal(Phase.Loosen, phases["rinse"]);
        Assert.Equal(Phase.Clean, phases["rinse-2"]);
        Assert.Equal(Phase.Feed, phases["wring"]);
        Assert.Equal(Phase.Feed, phases["tool-detangle"]);
        Assert.Equal(Phase.Feed, phases["cover-2"]);
        Assert.Equal(Phase.Layer, phases["blot"]);
    }

    [Fact]
    public void Ordering_loses_no_step_and_doing_it_twice_changes_nothing() =>
        Gens.EditedRequest.Sample(
            request =>
            {
                var steps = Given.Compose(request).Walk.Select(walked => walked.Step).ToList();
                var sorted = PhaseOrder.Sorted(steps);

                Assert.Equal(
                    steps.Select(step => step.Id).Order(StringComparer.Ordinal),
                    sorted.Select(step => step.Id).Order(StringComparer.Ordinal)
                );
                Assert.Equal(sorted.Select(step => step.Id), PhaseOrder.Sorted(sorted).Select(step => step.Id));
            },
            iter: Thorough.Runs(100, 500),
            threads: 1
        );

    [Fact]
    public void Section_by_section_makes_one_pass_of_two_steps()
    {
        var apart = Given.Plan(Given.Request(Aim.Quick, EndStyle.Bun));
        var together = Given.Plan(Given.Request(Aim.Quick, EndStyle.Bun) with { Edits = [new SetTogether("oil", true)] });

        var pass = together.Tasks.Single(task => task.StepId == "leave-in");
        Assert.Equal("Leave-in, oil", pass.Title);
        Assert.Equal(["oil"], pass.Also);
        Assert.Equal(6, pass.Sections);
        Assert.DoesNotContain(together.Tasks, task => task.StepId == "oil");
        // The same work, in the same minutes, and both steps are still steps of their own.
        double Minutes(string step) => apart.Tasks.Where(task => task.StepId == step).Sum(task => (task.End - task.Start).TotalMinutes);
        Assert.Equal(Minutes("leave-in") + Minutes("oil"), (pass.End - pass.Start).TotalMinutes);
        Assert.Equal(pass.Start, together.Steps.Single(step => step.Step.Id == "oil").Start);
        Assert.Equal(apart.Steps.Count, together.Steps.Count);
    }

    [Theory]
    [InlineData("rinse", true)]
    [InlineData("look", false)]
    public void Only_steps_worked_in_sections_go_together(string step, bool isSectionedBefore)
    {
        var day = Edited(new SetTogether(step, true));

        Assert.Equal(isSectionedBefore ? 0 : 1, day.Refused.Count);
    }

    [Fact]
    public void Apart_again_is_as_before()
    {
        var day = Given.Plan(
            Given.Request(Aim.Quick, EndStyle.Bun) with
            {
                Edits = [new SetTogether("oil", true), new SetTogether("oil", false)],
            }
        );

        Assert.Contains(day.Tasks, task => task.StepId == "oil");
    }

    [Fact]
    public void Steps_of_ones_own_are_taken_as_they_are_timed_and_checked()
    {
        PlanStep Step(string kind) => new(kind, StepCatalogue.Get(kind)) { Origin = StepOrigin.Template };
        var own = Given.Request(Aim.Moisture) with
        {
            Steps = [Step("wet-through"), Step("cleanse"), Step("rinse"), Step("blot"), Step("leave-in"), Step("dry")],
        };

        var plan = Given.Plan(own);

        Assert.Equal("wet-through cleanse rinse blot leave-in dry", string.Join(' ', plan.Steps.Select(step => step.Step.Id)));
        Assert.Contains(plan.Findings, finding => finding is { Rule: "R02", Severity: Severity.Stop, Fix: not null });
        Assert.Empty(plan.LeftOut);
        Assert.True(plan.Steps[^1].Wait!.Window.Usual > 60);
    }

    [Fact]
    public void The_same_steps_on_another_head_are_timed_and_checked_anew()
    {
        var steps = Given.Compose(Given.Request(Aim.Quick, EndStyle.Bun)).Walk.Select(walked => walked.Step).ToList();
        var shorter = Given.Plan(Given.Request(Aim.Quick, EndStyle.Bun, Given.Head(15)) with { Steps = steps });
        var locs = Given.Plan(
            Given.Request(
                Aim.Quick,
                EndStyle.AsItIs,
                Given.Head() with
                {
                    Wear = new Wear(Locs: new LocsWorn(LocStage.Mature, 90, 8)),
                }
            ) with
            {
                Steps = steps,
            }
        );

        var first = Given.Plan(Given.Request(Aim.Quick, EndStyle.Bun));
        Assert.True(shorter.Steps.Sum(step => step.HandsOnMinutes) < first.Steps.Sum(step => step.HandsOnMinutes));
        Assert.Contains(locs.Findings, finding => finding is { Rule: "R45", Severity: Severity.Stop });
        Assert.True(locs.HasStop);
    }

    [Fact]
    public void Whatever_steps_are_given_make_a_plan_or_a_reason() =>
        Gen.Int[0, StepCatalogue.All.Count - 1]
            .Array[1, 14]
            .Select(Gens.Request)
            .Sample(
                (picks, request) =>
                {
                    var steps = new List<PlanStep>();
                    foreach (var kind in picks.Select(pick => StepCatalogue.All[pick]))
                    {
                        steps.Add(new PlanStep(PlanEditing.NextId(steps, kind.Id), kind));
                    }

                    var plan = Given.Plan(request with { Steps = steps });
                    Assert.Equal(steps.Select(step => step.Id), plan.Steps.Select(step => step.Step.Id));
                    Assert.All(plan.Steps, step => Assert.True(step.End >= step.Start));
                },
                iter: Thorough.Runs(60, 300),
                threads: 1
            );
}
