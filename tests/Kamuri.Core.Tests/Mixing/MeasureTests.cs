using CsCheck;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Mixing;

/// <summary>Units, and what a kitchen can measure.</summary>
public class MeasureTests
{
    private static readonly MeasureFigures Figures = new();

    [Theory]
    [InlineData(2, Unit.Teaspoon, 1, 9.86)]
    [InlineData(3, Unit.Tablespoon, 1, 44.37)]
    [InlineData(0.5, Unit.Cup, 1, 118.3)]
    [InlineData(1, Unit.FluidOunce, 1, 29.57)]
    [InlineData(12, Unit.Drop, 0.9, 0.6)]
    [InlineData(46, Unit.Gram, 0.92, 50)]
    [InlineData(0.284, Unit.Kilogram, 1.42, 200)]
    [InlineData(1, Unit.Ounce, 1, 28.349523125)]
    [InlineData(2, Unit.PartByVolume, 1, 60)]
    [InlineData(2, Unit.PartByWeight, 0.5, 120)]
    [InlineData(1.5, Unit.Litre, 1, 1500)]
    public void An_amount_is_a_volume(double amount, Unit unit, double density, double millilitres) =>
        Assert.Equal(millilitres, Measures.ToVolume(amount, unit, density, null, Figures).Value, 9);

    [Fact]
    public void Eggs_are_pieces_and_water_is_not()
    {
        Assert.Equal(50 / 1.03, Measures.ToVolume(1, Unit.Piece, 1.03, 50, Figures).Value, 9);
        Assert.Contains(
            "not counted",
            Assert.Throws<UnitMismatchException>(() => Measures.ToVolume(1, Unit.Piece, 1, null, Figures)).Message,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Every_unit_goes_there_and_back() =>
        Gen.Select(Gen.Double[0.001, 5000], Gen.Enum<Unit>(), Gen.Double[0.2, 1.5])
            .Sample(
                (amount, unit, density) =>
                {
                    var there = Measures.ToVolume(amount, unit, density, 50, Figures);
                    return Math.Abs(Measures.FromVolume(there, unit, density, 50, Figures) - amount) <= 1e-9 * amount;
                }
            );

    [Theory]
    [InlineData(0.4, "0.4 ml", "¼ tsp")]
    [InlineData(3.3, "3 ml", "¾ tsp")]
    [InlineData(13.9, "14 ml", "2¾ tsp")]
    [InlineData(26, "25 ml", "2 tbsp")]
    [InlineData(99, "100 ml", "6½ tbsp")]
    [InlineData(147, "150 ml", "½ cup and 2 tbsp")]
    [InlineData(178, "180 ml", "¾ cup")]
    [InlineData(233, "230 ml", "1 cup")]
    [InlineData(420, "420 ml", "1¾ cups")]
    public void It_is_rounded_to_what_a_kitchen_can_measure(double exact, string metric, string spoons)
    {
        Assert.Equal(metric, KitchenRounding.Metric(new Millilitres(exact)));
        Assert.Equal(spoons, KitchenRounding.Spoons(new Millilitres(exact), Figures));
    }

    [Fact]
    public void Metric_spoons_are_a_choice()
    {
        var metric = new MeasureFigures
        {
            Teaspoon = new(5),
            Tablespoon = new(15),
            Cup = new(250),
        };
        Assert.Equal("1 cup", KitchenRounding.Spoons(new Millilitres(250), metric));
        Assert.Equal("4 tbsp", KitchenRounding.Spoons(new Millilitres(60), metric));
    }

    [Fact]
    public void What_is_measured_is_near_what_is_meant() =>
        Gen.Double[5, 3000]
            .Sample(exact => Math.Abs(KitchenRounding.Measurable(new Millilitres(exact)).Value - exact) <= Math.Max(0.5, exact * 0.125));

    [Theory]
    [InlineData(0.29, 5)]
    [InlineData(0.3, 6)]
    [InlineData(0.04, 0)]
    public void Drops_are_never_rounded_up(double millilitres, int drops) =>
        Assert.Equal(drops, KitchenRounding.Drops(new Millilitres(millilitres), Figures));

    [Fact]
    public void Spellings_are_read_longest_first()
    {
        Assert.Equal(
            Unit.PartByWeight,
            Measures.Spellings.First(pair => "parts by weight".StartsWith(pair.Spelling, StringComparison.Ordinal)).Unit
        );
        Assert.All(Enum.GetValues<Unit>(), unit => Assert.Contains(Measures.Spellings, pair => pair.Unit == unit));
    }
}
