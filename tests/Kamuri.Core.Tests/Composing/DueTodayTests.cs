using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Composing;

/// <summary>What is late comes into the day by itself, one treatment at a time; everything else that is due is said.</summary>
public class DueTodayTests
{
    private static History Ago(params (Treatment Treatment, int Days)[] done) =>
        new() { LastDone = done.ToDictionary(each => each.Treatment, each => Given.Today.AddDays(-each.Days)) };

    private static Composition Day(History history, Aim aim = Aim.Moisture, Func<PlanRequest, PlanRequest>? with = null)
    {
        var request = Given.Request(aim) with { History = history };
        return Given.Compose(with is null ? request : with(request));
    }

    private static string? Why(Composition day, string what) => day.LeftOut.FirstOrDefault(left => left.What == what)?.Why;

    [Fact]
    public void Late_clarifying_takes_the_place_of_the_cleanse_and_brings_the_long_deep_condition()
    {
        var day = Day(Ago((Treatment.Clarify, 65)));

        var clarify = day.Walk.Single(walked => walked.Step.Kind.Id == StepIds.Clarify).Step;
        Assert.Equal("Clarifying is overdue: 65 days ago, 60 at the latest.", clarify.Reason);
        Assert.DoesNotContain(day.Walk, walked => walked.Step.Kind.Id == StepIds.Cleanse);
        Assert.True(day.Walk.Single(walked => walked.Step.Kind.Id == StepIds.DeepCondition).Before.Stripped);
        // R40 says that it is late; nothing else is wrong with the day.
        Assert.Equal(["R40"], day.Findings.Select(finding => finding.Rule).Distinct());
    }

    [Theory]
    [InlineData(29, null)]
    [InlineData(30, "Due: 30 days since the last one, 60 at the latest; a reset would do it.")]
    [InlineData(60, "Due: 60 days since the last one, 60 at the latest; a reset would do it.")]
    public void What_is_due_but_not_late_is_only_said(int days, string? why)
    {
        var day = Day(Ago((Treatment.Clarify, days)));

        Assert.Equal(why, Why(day, "Clarifying"));
        Assert.DoesNotContain(day.Walk, walked => walked.Step.Kind.Id == StepIds.Clarify);
    }

    [Fact]
    public void A_quick_day_has_no_place_for_it() =>
        Assert.Equal(
            "5 days overdue, but it has no place in a quick wash; a reset would do it.",
            Why(Day(Ago((Treatment.Clarify, 65)), Aim.Quick), "Clarifying")
        );

    [Fact]
    public void Nothing_strips_hair_that_was_just_coloured()
    {
        var day = Day(Ago((Treatment.Clarify, 65)), Aim.Moisture, request =>
            request with
            {
                Head = request.Head with { ChemicalHistory = [new ChemicalEvent(ChemicalEventKind.Colour, Given.Today.AddDays(-5))] },
            }
        );

        Assert.StartsWith("5 days overdue, but colour or relaxer was 5 days ago", Why(day, "Clarifying"), StringComparison.Ordinal);
        Assert.Contains(day.Walk, walked => walked.Step.Kind.Id == StepIds.Cleanse);
    }

    [Fact]
    public void One_treatment_at_a_time_the_most_pressing_first()
    {
        // Clarifying is 5 of 30 days past its latest, protein 8 of 14: protein presses more.
        var day = Day(Ago((Treatment.Clarify, 65), (Treatment.LightProtein, 50)));

        Assert.Contains(day.Walk, walked => walked.Step.Kind.Id == StepIds.Protein);
        Assert.DoesNotContain(day.Walk, walked => walked.Step.Kind.Id == StepIds.Clarify);
        Assert.Equal("5 days overdue; one treatment at a time, so it waits for the next wash day.", Why(day, "Clarifying"));
    }

    [Theory]
    [InlineData(StretchCheck.NeedsMoisture, "the wet strand snapped at once")]
    [InlineData(StretchCheck.Balanced, "stretches a little and returns")]
    public void The_stretch_check_decides_against_late_protein(StretchCheck stretch, string why)
    {
        var day = Day(Ago((Treatment.LightProtein, 50)), Aim.Moisture, request => request with { Stretch = stretch });

        Assert.DoesNotContain(day.Walk, walked => walked.Step.Kind.Treatment == Treatment.LightProtein);
        Assert.Contains(why, Why(day, "Light protein"), StringComparison.Ordinal);
    }

    [Fact]
    public void What_must_not_touch_this_head_is_not_put_in()
    {
        var day = Day(Ago((Treatment.LightProtein, 50)), Aim.Moisture, request =>
            request with
            {
                Head = request.Head with { Sensitivities = ["Protein"] },
            }
        );

        Assert.DoesNotContain(day.Walk, walked => walked.Step.Kind.Treatment == Treatment.LightProtein);
        Assert.EndsWith("protein must not touch this head.", Why(day, "Light protein"), StringComparison.Ordinal);
    }

    [Fact]
    public void Late_hot_oil_takes_the_place_of_the_pre_poo()
    {
        var day = Day(Ago((Treatment.HotOil, 40)));

        Assert.Contains(day.Walk, walked => walked.Step.Kind.Id == StepIds.HotOil);
        Assert.DoesNotContain(day.Walk, walked => walked.Step.Kind.Id == StepIds.PrePoo);
    }

    [Fact]
    public void Locs_are_soaked_when_the_soak_is_late_but_not_starter_locs()
    {
        Composition Locs(LocStage stage) =>
            Day(Ago((Treatment.LocDetox, 200)), Aim.Moisture, request =>
                request with
                {
                    Style = EndStyle.AsItIs,
                    Head = request.Head with { Wear = new Wear(Locs: new LocsWorn(stage, 90, 8)) },
                }
            );

        Assert.Contains(Locs(LocStage.Mature).Walk, walked => walked.Step.Kind.Id == StepIds.LocSoak);
        Assert.DoesNotContain(Locs(LocStage.Starter).Walk, walked => walked.Step.Kind.Id == StepIds.LocSoak);
        Assert.Equal("20 days overdue; a reset would do it.", Why(Locs(LocStage.Starter), "The detox soak"));
    }

    [Fact]
    public void What_was_never_done_is_not_due() =>
        Assert.Empty(DueTreatments.For(History.Empty, HairKinds.Loose, Given.Today, Given.Figures.Rhythm));

    [Fact]
    public void What_is_asked_for_by_name_is_not_said_again()
    {
        var day = Day(Ago((Treatment.Clarify, 65)), Aim.Reset);

        Assert.Null(Why(day, "Clarifying"));
        Assert.Equal("A reset removes build-up.", day.Walk.Single(walked => walked.Step.Kind.Id == StepIds.Clarify).Step.Reason);
    }
}
