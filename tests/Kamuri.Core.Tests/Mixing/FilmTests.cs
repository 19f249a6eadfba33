using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Mixing;

/// <summary>Amounts by place and by the way they are put on, worked by hand for 30 cm, medium in everything: 6.6 m² of hair.</summary>
public class FilmTests
{
    private const Places Whole = Places.Scalp | Places.Lengths | Places.Ends;

    [Theory]
    [InlineData(Substance.DeepConditioner, Places.Lengths | Places.Ends, 99)]
    [InlineData(Substance.DeepConditioner, Places.Ends, 24.7)]
    [InlineData(Substance.DeepConditioner, Places.Roots, 19.8)]
    [InlineData(Substance.DeepConditioner, Places.Roots | Places.Ends, 44.5)]
    // 0.02 ml on each of 650 cm²; the edges are a tenth of it.
    [InlineData(Substance.HeavyOil, Places.Scalp, 13)]
    [InlineData(Substance.HotOil, Places.Edges, 1.3)]
    // 3 µm × 6.6 m² and 13 ml for the scalp.
    [InlineData(Substance.HotOil, Whole, 32.8)]
    [InlineData(Substance.HotOil, Places.Lengths, 19.8)]
    // Poured, sprayed, from a nozzle bottle: less cannot be put on that way.
    [InlineData(Substance.HerbJuice, Places.Scalp | Places.Lengths, 200)]
    [InlineData(Substance.Tea, Places.Scalp, 200)]
    [InlineData(Substance.Mist, Places.Lengths, 30)]
    [InlineData(Substance.OnionJuice, Places.Scalp, 20)]
    public void An_amount_follows_place_and_way(Substance substance, Places places, double millilitres)
    {
        var size = HeadSize.Of(Given.Head(), Given.Figures.Head);
        Assert.Equal(millilitres, FilmModel.For(substance, places, size, Given.Figures)!.Exact.Value, 0.1);
    }

    [Fact]
    public void The_working_says_what_raised_it()
    {
        var size = HeadSize.Of(Given.Head(), Given.Figures.Head);
        Assert.Equal(
            "20 µm film × 6.6 m² of hair + 13 for the scalp, raised to 200: the least that can be poured = 200.0 ml",
            FilmModel.For(Substance.HerbJuice, Places.Scalp | Places.Lengths, size, Given.Figures)!.Working
        );
    }

    [Theory]
    // A crop of 33 g dries in 1.3 to 1.5 h, 152 g in 2.5 h, 330 g in 3.2 to 3.6 h: a bundle shields what is inside it.
    [InlineData(33, 1.3, 1.5)]
    [InlineData(152.4, 2.49, 2.51)]
    [InlineData(330, 3.2, 3.6)]
    public void Hair_dries_as_a_bundle(double grams, double least, double most)
    {
        var size = HeadSize.Of(Given.Head(), Given.Figures.Head) with { StrandMass = new Grams(grams) };
        var drying = Drying.Forecast(
            size,
            new WaterContent(0.5),
            Hang.Loose,
            Air.Still,
            new Celsius(22),
            new RelativeHumidity(0.5),
            Given.Figures.Drying
        );
        Assert.InRange(drying.MostlyDry.TotalHours, least, most);
    }
}
