using Kamuri.Core.Heads;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Heads;

public class WearTests
{
    private static HeadSize Size(Wear wear) => HeadSize.Of(Given.Head() with { Wear = wear }, Given.Figures.Head);

    private static Wear Locs(LocStage stage, int count, double thickness) => new(Locs: new LocsWorn(stage, count, thickness));

    [Theory]
    [InlineData(LocStage.Starter, 198.1)] // 152.4 g × 1.3
    [InlineData(LocStage.Maturing, 243.8)] // × 1.6
    [InlineData(LocStage.Mature, 304.8)] // × 2.0
    public void Locs_keep_the_hair_they_shed(LocStage stage, double grams) => Assert.Equal(grams, Size(Locs(stage, 90, 8)).Mass.Value, 0.1);

    [Fact]
    public void Locs_show_only_their_outside()
    {
        var size = Size(Locs(LocStage.Mature, 90, 8));

        // 90 × π × 8 mm × 30\u00a0cm = 0.68 m²
        Assert.Equal(0.679, size.Surface.Value, 0.001);
        Assert.Equal("90 locs × π × 8 mm × 30\u00a0cm = 0.68 m²", size.SurfaceWorking);
        Assert.EndsWith("× 2 for mature locs = 305 g", size.MassWorking, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(90, 8, null)] // packing 0.17
    [InlineData(90, 20, "mostly air")] // 0.03
    [InlineData(60, 4, "does not fit into")] // 1.02
    public void Measurements_that_do_not_fit_together_are_doubted(int count, double thickness, string? doubt)
    {
        var size = Size(Locs(LocStage.Mature, count, thickness));

        if (doubt is null)
        {
            Assert.Null(size.Doubt);
        }
        else
        {
            Assert.Contains(doubt, size.Doubt, StringComparison.Ordinal);
        }
    }

    [Fact]
    public void A_style_adds_its_hair_and_hides_the_rest()
    {
        var loose = Size(Wear.Loose);
        var style = Size(new Wear(Style: new StyleWorn(StyleMade.Braids, null, 250)));

        Assert.Equal(loose.Mass.Value + 250, style.Mass.Value, 1e-9);
        Assert.Equal(loose.Surface.Value * 0.35, style.Surface.Value, 1e-9);
    }

    [Theory]
    [InlineData("loose", HairKinds.Loose)]
    [InlineData("locs, starter", HairKinds.Locs)]
    [InlineData("crochet with added hair", HairKinds.Style)]
    [InlineData("just out of cornrows", HairKinds.TakenDown)]
    public void Each_way_of_keeping_has_its_words(string words, HairKinds kind)
    {
        var wear = kind switch
        {
            HairKinds.Locs => Locs(LocStage.Starter, 90, 8),
            HairKinds.Style => new Wear(Style: new StyleWorn(StyleMade.Crochet, null, 100)),
            HairKinds.TakenDown => new Wear(Down: new TakenDown(StyleMade.Cornrows, 30)),
            _ => Wear.Loose,
        };

        Assert.Equal((words, kind), (wear.Words, wear.Kind));
    }

    /// <summary>Thick locs take 8 to 24 hours in still air; a low hood shortens that to the evening.</summary>
    [Theory]
    [InlineData(5, Air.Still, 8, 12)]
    [InlineData(8, Air.Still, 12, 15)]
    [InlineData(12, Air.Still, 18, 24)]
    [InlineData(8, Air.HoodLow, 2, 3)]
    public void Locs_dry_by_their_thickness(double thickness, Air air, double least, double most)
    {
        var forecast = Drying.Forecast(
            Size(Locs(LocStage.Mature, 90, thickness)),
            new WaterContent(0.5),
            Hang.Locs,
            air,
            new Celsius(22),
            new RelativeHumidity(0.5),
            Given.Figures.Drying,
            thickness
        );

        Assert.InRange(forecast.Dry.TotalHours, least, most);
        Assert.True(forecast.Dry > forecast.MostlyDry);
    }

    [Fact]
    public void Braids_dry_slower_than_twists_and_faster_than_locs()
    {
        TimeSpan Dry(Hang hang) =>
            Drying
                .Forecast(
                    Size(Wear.Loose),
                    new WaterContent(0.5),
                    hang,
                    Air.Still,
                    new Celsius(22),
                    new RelativeHumidity(0.5),
                    Given.Figures.Drying
                )
                .Dry;

        Assert.True(Dry(Hang.Loose) < Dry(Hang.Twists) && Dry(Hang.Twists) < Dry(Hang.Braids) && Dry(Hang.Braids) < Dry(Hang.Locs));
    }
}
