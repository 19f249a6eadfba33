using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Planning;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Rhythm;

public class MoistureClockTests
{
    [Theory]
    // 6 × 1; one in ten at 6 ÷ e^(1.2816 × 0.3) = 4.1, nine in ten at 8.8.
    [InlineData(EndStyle.Twists, Porosity.Medium, 0.5, 6, 4, 9, "6 days in twists")]
    // 2.5 × 0.8 × 0.75 = 1.5
    [InlineData(EndStyle.WashAndGo, Porosity.High, 0.5, 1.5, 1, 3, "2.5 days worn loose × 0.8 for no oil on top × 0.75 for high porosity")]
    // 22 °C at a quarter of its water settles at 1.1 °C: 6 × 1.1 × 0.8 = 5.28
    [InlineData(EndStyle.Twists, Porosity.Low, 0.25, 5.28, 3, 8, "6 days in twists × 1.1 for low porosity × 0.8 for dry air")]
    public void Days_follow_from_style_porosity_and_air(
        EndStyle style,
        Porosity porosity,
        double humidity,
        double days,
        int least,
        int most,
        string working
    )
    {
        var request = Given.Request(Aim.Moisture, style, Given.Head() with { Porosity = porosity });
        var soft = After(request with { Room = new Room(new Celsius(22), new RelativeHumidity(humidity)) })!;

        Assert.Equal(days, soft.Days, 3);
        Assert.Equal((least, most, working), (soft.Least, soft.Most, soft.Working));
    }

    [Fact]
    public void Butter_over_oil_holds_longest_and_no_oil_shortest()
    {
        var request = Given.Request();
        Assert.Equal(8.4, After(request with { Edits = [new AddStep(StepIds.Butter, "oil")] })!.Days, 3);
        Assert.Equal(4.8, After(request with { Edits = [new DropStep("oil")] })!.Days, 3);
    }

    [Fact]
    public void A_day_without_water_says_nothing_of_it()
    {
        Assert.Null(After(Given.Request(Aim.PatchTest, EndStyle.AsItIs)));
        Assert.Contains(
            "Soft until about Friday 20 March (4 to 9 days): 6 days in twists.",
            PlanSentences.More(Given.Plan(Given.Request()), Given.Figures)
        );
    }

    [Theory]
    [InlineData(20, 0.5, 9.3)]
    [InlineData(22, 1, 22)]
    [InlineData(0, 0.6, -6.8)]
    public void Air_has_a_dew_point(double air, double share, double dew) =>
        Assert.Equal(dew, MoistureClock.DewPoint(new Celsius(air), new RelativeHumidity(share)).Value, 0.1);

    [Fact]
    public void A_style_is_misted_halfway_and_taken_down_in_time()
    {
        var head = Given.Head() with
        {
            Wear = new Wear(Style: new StyleWorn(StyleMade.Braids, Given.Today.AddDays(-10))),
            LastWash = Given.Today.AddDays(-3),
        };

        // Washed on the 11th, every ten days; in since the 4th, 56 days at most.
        Assert.Equal(
            ["Mist it about Monday 16 March, halfway to the next wash.", "Take it down by 29 April."],
            WashRhythm.Upkeep(head, Given.Today, Given.Figures.Rhythm)
        );
        Assert.Equal(
            ["It has been in for more than 56 days. Take it down."],
            WashRhythm.Upkeep(head with { LastWash = null }, Given.Today.AddDays(60), Given.Figures.Rhythm)
        );
        Assert.Empty(WashRhythm.Upkeep(Given.Head(), Given.Today, Given.Figures.Rhythm));
    }

    [Fact]
    public void What_is_worn_follows_from_the_day()
    {
        var braids = new Wear(Style: new StyleWorn(StyleMade.Braids, Given.Today.AddDays(-30)));
        var locs = new Wear(Locs: new LocsWorn(LocStage.Mature, 90, 8));
        var into = new Wear(Style: new StyleWorn(StyleMade.Twists, Given.Today));

        Assert.Equal(into, Wear.Loose.After(StyleMade.Twists, false, Given.Today));
        Assert.Equal(into, braids.After(StyleMade.Twists, true, Given.Today));
        Assert.Equal(Wear.Loose, braids.After(null, true, Given.Today));
        Assert.Equal(braids, braids.After(null, false, Given.Today));
        Assert.Equal(locs, locs.After(null, true, Given.Today));
    }

    private static SoftFor? After(PlanRequest request) => MoistureClock.After(Given.Plan(request), Given.Figures.Moisture);
}
