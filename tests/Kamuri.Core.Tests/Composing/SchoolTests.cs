using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Planning;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Composing;

/// <summary>Each school moves, adds or changes something, and nothing else; the head's own is taken when the day says nothing.</summary>
public class SchoolTests
{
    private static string[] Day(Schools? schools, Aim aim = Aim.Moisture, Head? head = null) =>
        Given.Order(Given.Compose(Given.Request(aim, EndStyle.Twists, head) with { Schools = schools })).Split(' ');

    [Fact]
    public void The_heads_own_schools_are_used_and_a_day_may_override_them()
    {
        var head = Given.Head() with { Schools = new Schools { Butter = true } };

        Assert.Contains("butter", Day(null, head: head));
        Assert.DoesNotContain("butter", Day(new Schools(), head: head));
    }

    [Fact]
    public void A_school_changes_only_what_it_is_about()
    {
        var usual = Day(new Schools());

        Assert.Equal(["end-shield"], Day(new Schools { EndsFirst = true }).Except(usual));
        Assert.Equal(["butter"], Day(new Schools { Butter = true }).Except(usual));
        Assert.Equal(["co-wash"], Day(new Schools { ScalpConditioner = ScalpConditioner.CoWash }).Except(usual));
        Assert.Equal(usual.Order(StringComparer.Ordinal), Day(new Schools { Detangle = DetangleIn.LeaveIn }).Order(StringComparer.Ordinal));
    }

    [Theory]
    [InlineData(DetangleIn.PrePoo, "pre-poo")]
    [InlineData(DetangleIn.Conditioner, "deep-condition")]
    [InlineData(DetangleIn.LeaveIn, "leave-in")]
    public void The_comb_stands_right_behind_its_slip(DetangleIn school, string slip)
    {
        var day = Day(new Schools { Detangle = school });

        Assert.Equal(slip, day[Array.IndexOf(day, "tool-detangle") - 1]);
    }

    [Fact]
    public void Fingers_only_leaves_every_tool_away() =>
        Assert.DoesNotContain("tool-detangle", Day(new Schools { Detangle = DetangleIn.FingersOnly }));

    [Theory]
    [InlineData(ProteinPlace.AfterCleanse, "cleanse", "protein-light", "deep-condition")]
    [InlineData(ProteinPlace.PrePoo, "protein-pre-poo", "cleanse", "deep-condition")]
    [InlineData(ProteinPlace.InDeepCondition, "cleanse", "protein-deep-condition", "cool-rinse")]
    public void Protein_stands_where_the_school_says(ProteinPlace school, string first, string second, string third)
    {
        var day = Day(new Schools { Protein = school }, Aim.Strength);

        Assert.True(
            Array.IndexOf(day, first) >= 0
                && Array.IndexOf(day, first) < Array.IndexOf(day, second)
                && Array.IndexOf(day, second) < Array.IndexOf(day, third)
        );
        Assert.Single(day, step => StepCatalogue.Find(step)?.Treatment == Treatment.LightProtein);
    }

    [Fact]
    public void Dry_hair_takes_a_third_more_of_the_treatment()
    {
        var plan = Given.Plan(Given.Request() with { Schools = new Schools { ConditionOn = ConditionOn.Dry } });
        var usual = Given.Plan(Given.Request());

        double Amount(Core.Planning.Plan of) => of.Steps.Single(step => step.Step.Id == "deep-condition").Amount!.Exact.Value;
        Assert.Equal(1.3, Amount(plan) / Amount(usual), 1e-9);
    }

    [Fact]
    public void The_last_water_is_lukewarm_where_the_school_says_so() =>
        Assert.Equal(
            WaterTemperature.Lukewarm,
            Given
                .Compose(Given.Request() with { Schools = new Schools { FinalWater = FinalWater.Lukewarm } })
                .Walk.Single(walked => walked.Step.Kind.IsClosingRinse)
                .Step.Water
        );

    [Fact]
    public void What_the_stretch_check_says_goes_before_the_aim_and_is_said()
    {
        var composed = Given.Compose(Given.Request(Aim.Strength) with { Stretch = StretchCheck.NeedsMoisture });

        Assert.DoesNotContain(composed.Walk, walked => walked.Step.Kind.Treatment == Treatment.LightProtein);
        Assert.StartsWith("The wet strand snapped at once", Assert.Single(composed.LeftOut).Why, StringComparison.Ordinal);
    }

    [Fact]
    public void Overnight_oil_takes_the_night_and_no_heat()
    {
        var plan = Given.Plan(Given.Request() with { Schools = new Schools { Length = TreatmentLength.Overnight } });
        PlannedStep Step(string id) => plan.Steps.Single(step => step.Step.Id == id);
        var (night, twisted) = (Step("pre-poo-overnight"), Step("twist-and-clip"));

        // Detangling and twisting in the oil are part of its night; the wait behind them is the rest of the seven hours.
        Assert.Null(night.Wait);
        Assert.Equal(420 - Step("finger-detangle").HandsOnMinutes - twisted.HandsOnMinutes, twisted.Wait!.Window.Usual, 1.0);
        Assert.DoesNotContain(plan.Steps, step => step.Step.Kind.Covers && step.Start < twisted.End);
        Assert.Contains("No plastic cap in bed; a cloth only. Never a cap on a sleeping child.", night.Cautions);
    }
}
