using CsCheck;
using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Looking;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Looking;

/// <summary>
/// Hair that repels water: asked in order, each answer decides what comes next, and the end is a day that can be planned.
/// </summary>
public class WaterRepelledTests
{
    private static WaterCase Case(Head? head = null, int? clarifiedDaysAgo = null, Equipment? equipment = null) =>
        new(
            head ?? Given.Head(),
            clarifiedDaysAgo is { } days
                ? new History { LastDone = new Dictionary<Treatment, DateOnly> { [Treatment.Clarify] = Given.Today.AddDays(-days) } }
                : History.Empty,
            equipment ?? new Equipment(),
            Given.Today,
            Given.Figures.Rhythm
        );

    private static WaterInquiry Ask(WaterCase about, params string[] answers)
    {
        string[] order =
        [
            WaterRepelled.Clarified,
            WaterRepelled.Layers,
            WaterRepelled.Chemical,
            WaterRepelled.Beads,
            WaterRepelled.Technique,
        ];
        return WaterRepelled.Ask(about, answers.Zip(order).ToDictionary(pair => pair.Second, pair => pair.First));
    }

    private static Composition Day(WaterCase about, WaterPlan plan) =>
        Given.Compose(
            new PlanRequest
            {
                Head = about.Head,
                Aim = plan.Aim,
                Style = AimCatalogue.UsualStyle(about.Head.Wear.Kind),
                Today = Given.Today,
                When = new When(Given.Noon),
                TreatmentHeat = plan.TreatmentHeat,
                Layering = plan.Layering,
                Schools = plan.Schools,
                Equipment = about.Equipment,
                Edits = plan.Edits,
            }
        );

    [Fact]
    public void Build_up_is_asked_first_then_chemistry_porosity_and_technique()
    {
        var about = Case();

        Assert.Equal("clarified", Ask(about).Next!.Id);
        Assert.Equal("layers", Ask(about, "recent").Next!.Id);
        Assert.Equal("chemical", Ask(about, "recent", "light").Next!.Id);
        Assert.Equal("beads", Ask(about, "recent", "light", "no").Next!.Id);
        Assert.Equal("technique", Ask(about, "recent", "light", "no", "stay").Next!.Id);
        Assert.NotNull(Ask(about, "recent", "light", "no", "stay", "neither").Plan);
    }

    [Theory]
    [InlineData("recent", "heavy", true)]
    [InlineData("long", "middling", true)]
    [InlineData("unknown", "middling", true)]
    [InlineData("long", "light", false)]
    [InlineData("while", "middling", false)]
    public void Build_up_ends_the_inquiry_with_a_reset(string clarified, string layers, bool ends)
    {
        var inquiry = Ask(Case(), clarified, layers);

        Assert.Equal(ends, inquiry.Plan is not null);
        if (inquiry.Plan is { } plan)
        {
            Assert.Equal((Aim.Reset, Layering.LoLight, false), (plan.Aim, plan.Layering, plan.Schools.Butter));
            Assert.Contains(Day(Case(), plan).Walk, walked => walked.Step.Kind.Id == StepIds.Clarify);
        }
    }

    [Theory]
    [InlineData(10, "recent")]
    [InlineData(45, "while")]
    [InlineData(90, "long")]
    [InlineData(null, null)]
    public void The_record_suggests_an_answer(int? daysAgo, string? answer)
    {
        var question = Ask(Case(clarifiedDaysAgo: daysAgo)).Next!;

        Assert.Equal(answer, question.OnRecord);
        Assert.Equal(daysAgo is null ? "Nothing on record." : $"On record: {daysAgo} days ago.", question.Evidence);
    }

    [Fact]
    public void Low_porosity_gets_warmth_a_humectant_gel_and_light_layers()
    {
        var about = Case(
            Given.Head() with
            {
                Porosity = Porosity.Low,
                Schools = new Schools { Butter = true, Length = TreatmentLength.Overnight },
            },
            equipment: new Equipment(Hoods: 1, Steamers: 1)
        );
        var plan = Ask(about, "recent", "light", "no", "stay", "neither").Plan!;
        var day = Day(about, plan);

        Assert.Equal(Heat.Steamer, plan.TreatmentHeat);
        Assert.Empty(day.Refused);
        Assert.DoesNotContain(day.Findings, finding => finding.Severity != Severity.Note);
        Assert.Contains(day.Walk, walked => walked.Step.Kind.Id == StepIds.PlantGel);
        Assert.DoesNotContain(day.Walk, walked => walked.Step.Kind.Puts is Substance.Cream or Substance.Butter or Substance.PrePoo);
    }

    [Fact]
    public void No_warmth_is_planned_for_a_head_that_must_not_sit_under_it()
    {
        var about = Case(Given.Head() with { Porosity = Porosity.Low, CanSitUnderHeat = false }, equipment: new Equipment(Steamers: 1));

        Assert.Equal(Heat.Cap, Ask(about, "recent", "light", "no", "stay", "neither").Plan!.TreatmentHeat);
    }

    [Fact]
    public void Technique_changes_where_the_treatment_goes_on()
    {
        var about = Case(Given.Head() with { Schools = new Schools { ConditionOn = ConditionOn.Dry } });
        var plan = Ask(about, "recent", "light", "no", "slowly", "onDry").Plan!;

        Assert.Equal(ConditionOn.Wrung, plan.Schools.ConditionOn);
        Assert.StartsWith("Most likely the way the product is applied", plan.Finding, StringComparison.Ordinal);
        Assert.Empty(plan.Edits);
    }

    [Fact]
    public void An_answer_nobody_knows_is_asked_for_again() => Assert.Equal("layers", Ask(Case(), "recent", "nonsense", "no").Next!.Id);

    [Fact]
    public void Whatever_is_answered_the_end_is_a_day_without_a_stop() =>
        Gen.Select(Gens.Request, Gen.Int[0, 59].Array[5])
            .Sample(
                (request, picks) =>
                {
                    var about = new WaterCase(request.Head, History.Empty, request.Equipment, Given.Today, Given.Figures.Rhythm);
                    var answers = new Dictionary<string, string>();
                    var inquiry = WaterRepelled.Ask(about, answers);
                    for (var asked = 0; inquiry.Next is { } question; asked++)
                    {
                        Assert.InRange(asked, 0, 4);
                        answers[question.Id] = question.Answers[picks[asked] % question.Answers.Count].Value;
                        inquiry = WaterRepelled.Ask(about, answers);
                    }

                    var day = Day(about, inquiry.Plan!);
                    Assert.Empty(day.Refused);
                    Assert.DoesNotContain(day.Findings, finding => finding.Holds);
                    Assert.NotEmpty(inquiry.Plan!.Changes);
                },
                iter: Thorough.Runs(200, 1_000),
                threads: 1
            );
}
