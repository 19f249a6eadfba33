using Kamuri.Core.Heads;
using Kamuri.Core.Physics;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Physics;

public class PhysicsTests
{
    private static readonly HeadSize Reference = HeadSize.Of(Given.Head(), Given.Figures.Head);

    private static DryingForecast Dry(
        double water,
        Hang hang = Hang.Loose,
        Air air = Air.Still,
        double celsius = 22,
        double humidity = 0.5
    ) =>
        Drying.Forecast(
            Reference,
            new WaterContent(water),
            hang,
            air,
            new Celsius(celsius),
            new RelativeHumidity(humidity),
            Given.Figures.Drying
        );

    [Theory]
    // The calibration case, then each factor of the model by hand: 2.5 h ÷ 0.45, ÷ 2.2, ÷ 5, and ÷ 0.8578 for the air.
    [InlineData(0.5, Hang.Loose, Air.Still, 22, 0.5, 2.5)]
    [InlineData(0.5, Hang.Twists, Air.Still, 22, 0.5, 5.5556)]
    [InlineData(0.5, Hang.Loose, Air.Fan, 22, 0.5, 1.1364)]
    [InlineData(0.5, Hang.Twists, Air.HoodLow, 22, 0.5, 1.1111)]
    [InlineData(0.5, Hang.Loose, Air.Still, 28, 0.7, 2.9144)]
    // Wrung out: (0.9 − 0.1) g/g at 0.16 g/g an hour. Soaked: (1.6 − 0.1) / 0.16.
    [InlineData(0.9, Hang.Loose, Air.Still, 22, 0.5, 5.0)]
    [InlineData(1.6, Hang.Loose, Air.Still, 22, 0.5, 9.375)]
    [InlineData(0.1, Hang.Loose, Air.Still, 22, 0.5, 0)]
    public void Hair_is_mostly_dry_when_the_model_says(double water, Hang hang, Air air, double celsius, double humidity, double hours) =>
        Assert.Equal(hours, Dry(water, hang, air, celsius, humidity).MostlyDry.TotalHours, 0.002);

    [Fact]
    public void The_last_of_the_water_leaves_more_slowly() =>
        // 2.5 h, then 0.1 / 0.16 × ln(0.1 / 0.025) h of falling rate.
        Assert.Equal(2.5 + 0.625 * Math.Log(4), Dry(0.5).Dry.TotalHours, 0.001);

    [Fact]
    public void Working_names_every_factor() =>
        Assert.Equal(
            "2.5 h for 0.5 g water per g hair at 22\u00a0°C and 50 % ÷ 0.45 surface open in twists "
                + "÷ 5 for the hood, low = 1.1 h to 80 % dry",
            Dry(0.5, Hang.Twists, Air.HoodLow).Working
        );

    [Fact]
    public void Saturated_air_dries_nothing() => Assert.Throws<ArgumentOutOfRangeException>(() => Dry(0.5, humidity: 1));

    [Fact]
    public void A_bowl_cools_by_newtons_law()
    {
        // 350 ml at the reference rate of 0.06: ln((75 − 22) / (40 − 22)) / 0.06 = 18.0 min.
        var rate = Cooling.Rate(Vessel.WideBowl, new Millilitres(350), Given.Figures.Cooling);

        Assert.Equal(0.06, rate, 1e-12);
        Assert.Equal(18.0, Cooling.TimeToReach(new Celsius(75), new Celsius(40), new Celsius(22), rate)!.Value.TotalMinutes, 0.01);
        Assert.Equal(40, Cooling.After(TimeSpan.FromMinutes(18.0), new Celsius(75), new Celsius(22), rate).Value, 0.02);
    }

    [Fact]
    public void Nothing_cools_below_the_room() => Assert.Null(Cooling.TimeToReach(new Celsius(75), new Celsius(30), new Celsius(32), 0.06));

    [Fact]
    public void A_larger_bowl_cools_slower() =>
        Assert.True(Cooling.Rate(Vessel.WideBowl, new Millilitres(1000), Given.Figures.Cooling) < 0.06);
}

/// <summary>A thermometer in the bowl.</summary>
public class CoolingFitTests
{
    private static readonly CoolingFigures Figures = new();

    [Fact]
    public void Two_readings_give_the_rate_by_hand()
    {
        // 60 °C above a room of 20 falls to 30 above in 10 minutes: ln 2 / 10.
        var (rate, zero) = Cooling.Fit([(0, new Celsius(80)), (10, new Celsius(50))], new Celsius(20))!.Value;
        Assert.Equal(Math.Log(2) / 10, rate, 9);
        Assert.Equal(80, zero.Value, 9);
    }

    [Fact]
    public void Any_rate_is_found_again() =>
        CsCheck.Check.Sample(
            CsCheck.Gen.Select(CsCheck.Gen.Double[0.01, 0.2], CsCheck.Gen.Double[40, 95], CsCheck.Gen.Double[10, 30]),
            (k, from, room) =>
            {
                var readings = new[] { 1.0, 4, 9, 15 }
                    .Select(minutes => (minutes, Cooling.After(TimeSpan.FromMinutes(minutes), new Celsius(from), new Celsius(room), k)))
                    .ToList();
                return Cooling.Fit(readings, new Celsius(room)) is { } fit
                    && Math.Abs(fit.RatePerMinute - k) < 1e-6
                    && Math.Abs(fit.AtZero.Value - from) < 1e-4;
            }
        );

    [Fact]
    public void Readings_that_cannot_say_are_not_believed()
    {
        Assert.Null(Cooling.Fit([(0, new Celsius(60))], new Celsius(20)));
        Assert.Null(Cooling.Fit([(3, new Celsius(60)), (3, new Celsius(50))], new Celsius(20)));
        Assert.Null(Cooling.Fit([(0, new Celsius(50)), (5, new Celsius(60))], new Celsius(20)));
        Assert.Null(Cooling.Fit([(0, new Celsius(50)), (5, new Celsius(15))], new Celsius(20)));
    }

    [Fact]
    public void An_oil_in_hot_water_warms_by_the_same_law()
    {
        // From 20 towards 60 at 0.1 a minute: 38 °C when 22 of 40 are left.
        var time = Cooling.TimeToReach(new Celsius(20), new Celsius(38), new Celsius(60), 0.1)!.Value;
        Assert.Equal(Math.Log(40.0 / 22) / 0.1, time.TotalMinutes, 6);
        Assert.Equal(38, Cooling.After(time, new Celsius(20), new Celsius(60), 0.1).Value, 6);
        Assert.Null(Cooling.TimeToReach(new Celsius(20), new Celsius(61), new Celsius(60), 0.1));
        Assert.Equal(TimeSpan.Zero, Cooling.TimeToReach(new Celsius(40), new Celsius(38), new Celsius(60), 0.1));
    }

    [Fact]
    public void A_rate_found_in_a_jar_becomes_the_figure_of_that_jar()
    {
        var volume = new Millilitres(150);
        Assert.Equal(0.03, Cooling.AtReference(Cooling.Rate(Vessel.Jar, volume, Figures), volume, Figures), 12);
    }
}
