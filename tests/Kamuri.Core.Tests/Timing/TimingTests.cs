using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Timing;

public class TimingTests
{
    private static StepTiming Time(Head head, string step, Aim aim = Aim.Moisture, params PlanEdit[] edits)
    {
        var request = Given.Request(aim, head: head) with { Edits = edits };
        var walk = Given.Compose(request).Walk;
        var size = HeadSize.Of(head, Given.Figures.Head);
        return Timings.Of(request, walk, size, 6, Given.Figures).Single(timing => timing.Step.Step.Id == step);
    }

    [Theory]
    // Setup + 6 × base × (L/30)^0.8 × density × tangle, worked by hand for hair combed ten days ago (tangle 2). Applying takes half of
    // the tangle, which fingers have halved and wet hair eases: 1 + (1 × (1 − 0.4 × 0.1) − 1) / 2 = 0.98. Parting takes none of it.
    [InlineData("deep-condition", 30, Density.Medium, 16.7)]
    [InlineData("deep-condition", 60, Density.Medium, 27.594)]
    [InlineData("deep-condition", 30, Density.High, 20.375)]
    [InlineData("look", 30, Density.Medium, 9)]
    // In pre-poo slip of 0.7 the tangle of 2 feels like 2 × (1 − 0.4 × 0.7) = 1.44.
    [InlineData("finger-detangle", 30, Density.Medium, 18.28)]
    public void Hands_on_time_follows_the_formula(string step, double length, Density density, double minutes) =>
        Assert.Equal(minutes, Time(Given.Head(length) with { Density = density }, step).HandsOnMinutes, 0.001);

    [Theory]
    // Two minutes of setup and 14.7 on all lengths; the ends are a quarter of it, the roots a fifth, and both come to their sum.
    [InlineData(Places.Lengths, 16.7)]
    [InlineData(Places.Ends, 5.675)]
    [InlineData(Places.Roots | Places.Ends, 8.615)]
    public void Part_of_the_hair_takes_part_of_the_minutes(Places places, double minutes) =>
        Assert.Equal(
            minutes,
            Time(Given.Head(), "deep-condition", Aim.Moisture, new SetPlaces("deep-condition", places)).HandsOnMinutes,
            0.001
        );

    [Theory]
    // 3 + pieces × 1.6 × (1 + (tangle − 1) / 2): 0.649 after a day in braids, 2.119 after 31.
    [InlineData(1, 30, 42.576)]
    [InlineData(31, 30, 77.856)]
    [InlineData(31, 60, 152.712)]
    public void A_style_comes_down_by_its_count_and_its_days(int days, int pieces, double minutes)
    {
        var head = Given.Head() with { Wear = new Wear(Down: new TakenDown(StyleMade.Braids, days)) };
        var kind = StepCatalogue.Get(StepIds.TakeStyleDown);
        var state = HairWalk.Start(Tangle.Of(head, Given.Today, Given.Figures.HandsOn), HairKinds.TakenDown);
        var walked = new WalkedStep(new PlanStep(kind.Id, kind) { Pieces = pieces }, state, state);
        Assert.Equal(minutes, Timings.HandsOn(head, walked, 6, Given.Figures).Minutes.Value, 0.001);
    }

    [Theory]
    // Twelve sections are the same head as six, and 6 × 0.3 minutes of handling more; four save 2 × 0.3.
    [InlineData(12, 10.8)]
    [InlineData(4, 8.4)]
    public void A_section_is_a_share_of_the_head(int sections, double minutes)
    {
        var request = Given.Request();
        var look = Given.Compose(request).Walk.First(walked => walked.Step.Id == "look");
        Assert.Equal(minutes, Timings.HandsOn(request.Head, look, sections, Given.Figures).Minutes.Value, 0.001);
    }

    [Theory]
    // 0.6 + 0.14 a day × 0.35 in braids, 0.5 in twists.
    [InlineData(StyleMade.Braids, 1, 0.649)]
    [InlineData(StyleMade.Braids, 31, 2.119)]
    [InlineData(StyleMade.Twists, 14, 1.58)]
    [InlineData(StyleMade.Braids, 120, 3)]
    public void What_came_down_is_tangled_by_the_days_it_was_worn(StyleMade made, int days, double tangle) =>
        Assert.Equal(
            tangle,
            Tangle.Of(Given.Head() with { Wear = new Wear(Down: new TakenDown(made, days)) }, Given.Today, Given.Figures.HandsOn),
            0.001
        );

    [Fact]
    public void Tea_works_while_hands_comb_in_it()
    {
        var plan = Given.Plan(Given.Request() with { Edits = [new AddStep(StepIds.ToolDetangle, "tea-rinse")] });
        var at = plan.Steps.ToList().FindIndex(step => step.Step.Id == "tea-rinse");
        var comb = plan.Steps[at + 1];

        Assert.Equal((StepIds.ToolDetangle, null), (comb.Step.Kind.Id, plan.Steps[at].Wait));
        Assert.Equal(("Tea rinse", Math.Max(0, 15 - Math.Round(comb.HandsOnMinutes))), (comb.Wait!.Title, comb.Wait.Window.Usual));
    }

    [Fact]
    public void The_longest_day_stays_under_seven_hours_of_hands()
    {
        var longest = Given.Head(47) with { Density = Density.High, Strand = StrandThickness.Coarse, UsualSections = 12 };
        var plan = Given.Plan(Given.Request(Aim.Strength, EndStyle.Braids, longest));
        Assert.InRange(plan.Steps.Sum(step => step.HandsOnMinutes), 240, 420);
        Assert.InRange(Given.Plan(Given.Request()).Steps.Sum(step => step.HandsOnMinutes), 120, 180);
    }

    [Theory]
    [InlineData(0, WornAs.Loose, 0.6)]
    [InlineData(10, WornAs.Loose, 2.0)]
    [InlineData(10, WornAs.Twists, 1.3)]
    [InlineData(60, WornAs.Loose, 3.0)]
    public void Tangle_grows_with_days_and_how_it_was_worn(int days, WornAs worn, double tangle) =>
        Assert.Equal(
            tangle,
            Tangle.Of(Given.Head() with { LastDetangle = Given.Today.AddDays(-days), WornAs = worn }, Given.Today, Given.Figures.HandsOn),
            1e-9
        );

    [Fact]
    public void Low_porosity_without_heat_processes_longer_and_says_so()
    {
        var wait = Time(Given.Head() with { Porosity = Porosity.Low }, "cover-2").Wait!;

        Assert.Equal("30 usual × 1.25 low porosity, no heat = 38 min, window 20 to 60", wait.Working);
        Assert.Equal(new Window(20, 38, 60), wait.Window);
    }

    [Fact]
    public void High_porosity_processes_shorter() =>
        Assert.Equal(26, Time(Given.Head() with { Porosity = Porosity.High }, "cover-2").Wait!.Window.Usual);

    [Fact]
    public void A_hood_has_its_own_window_and_no_porosity_penalty()
    {
        var wait = Time(Given.Head() with { Porosity = Porosity.Low }, "cover-2", Aim.Moisture, new SetHeat("cover-2", Heat.Hood)).Wait!;

        Assert.Equal(new Window(15, 25, 30), wait.Window);
        Assert.Equal([Resource.Hood], wait.Needs);
    }

    [Fact]
    public void After_clarifying_the_deep_condition_is_longer() =>
        Assert.Equal(new Window(45, 60, 90), Time(Given.Head(), "cover", Aim.Reset).Wait!.Window);

    [Fact]
    public void Protein_on_coloured_hair_is_kept_shorter()
    {
        var coloured = Given.Head() with { ChemicalHistory = [new ChemicalEvent(ChemicalEventKind.Colour, Given.Today.AddDays(-90))] };

        // 15 – 20 – 30 × 0.75, in whole minutes inside the window.
        Assert.Equal(new Window(12, 15, 22), Time(coloured, "protein-light", Aim.Strength).Wait!.Window);
    }

    [Fact]
    public void Combing_in_the_conditioner_counts_towards_its_window_when_nothing_covers_it()
    {
        var wait = Time(Given.Head() with { LastDetangle = Given.Today }, "tool-detangle", Aim.Quick).Wait!;

        // Tangle 0.6: 6 × 5 × 0.6 + 1 = 19 min of combing is past the latest of 15, so nothing is left to wait for.
        Assert.Equal(new Window(0, 0, 0), wait.Window);
    }

    [Theory]
    [InlineData(5, 20)]
    [InlineData(45, 45)]
    [InlineData(500, 60)]
    public void Chosen_minutes_stay_within_the_window(double asked, double given) =>
        Assert.Equal(given, Time(Given.Head(), "cover-2", Aim.Moisture, new SetMinutes("cover-2", asked)).Wait!.Chosen);

    [Fact]
    public void A_reckoning_shows_only_factors_that_change_something()
    {
        var reckoned = Reckoning.From(20, "usual").Times(1, "unseen").Times(0.5, "half").Plus(0, "unseen").Plus(3, "setup").Within(0, 12);

        Assert.Equal(12, reckoned.Value);
        Assert.Equal("20 usual × 0.5 half + 3 setup, held at most 12 = 12 min", reckoned.Sentence("min"));
    }
}
