using CsCheck;
using Kamuri.Core.Physics;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Physics;

/// <summary>When something is comfortable, and until when it is still warm.</summary>
public class WarmthTests
{
    private static readonly CoolingFigures Figures = new();

    private static WarmthForecast Of(
        double from,
        double around = 22,
        Vessel vessel = Vessel.WideBowl,
        double volume = 350,
        params (double Minutes, double Celsius)[] readings
    ) =>
        WarmthForecast.Of(
            vessel,
            new Millilitres(volume),
            new Celsius(from),
            new Celsius(around),
            Given.Noon,
            [.. readings.Select(reading => new Reading(Given.Noon.AddMinutes(reading.Minutes), new Celsius(reading.Celsius)))],
            Figures
        );

    private static double Minutes(DateTimeOffset? moment) => (moment!.Value - Given.Noon).TotalMinutes;

    [Fact]
    public void A_bowl_of_tea_by_hand()
    {
        // 75 °C in 22 °C at 0.06 a minute: ln(53/18), ln(53/16), ln(53/8), each by 0.06.
        var forecast = Of(75);
        Assert.Equal(Math.Log(53.0 / 18) / 0.06, Minutes(forecast.SafeAt), 6);
        Assert.Equal(Math.Log(53.0 / 16) / 0.06, Minutes(forecast.ComfortableAt), 6);
        Assert.Equal(Math.Log(53.0 / 8) / 0.06, Minutes(forecast.WarmUntil), 6);
        Assert.Equal("Comfortable from 12:19, still warm until 12:31.", forecast.Sentence);
        Assert.Equal(75, forecast.Curve[0].Celsius);
    }

    [Fact]
    public void One_reading_moves_the_curve_and_two_set_its_pace()
    {
        Assert.Equal(60, Of(75, readings: (5, 60)).Curve[5].Celsius, 1);
        Assert.False(Of(75, readings: (5, 60)).IsFitted);

        var fitted = Of(75, 20, readings: [(0, 80), (10, 50)]);
        Assert.True(fitted.IsFitted);
        Assert.Equal(Math.Log(2) / 10, fitted.RatePerMinute, 9);
        Assert.Equal(50, fitted.Curve[10].Celsius, 1);
    }

    [Fact]
    public void Readings_that_do_not_fit_are_doubted_and_left_alone()
    {
        var forecast = Of(75, readings: [(0, 50), (10, 60)]);
        Assert.NotEmpty(forecast.Doubt);
        Assert.False(forecast.IsFitted);
        Assert.Equal(Of(75).Curve, forecast.Curve);
    }

    [Theory]
    [InlineData(75, 38.5, "In this room it stays too warm for skin. Stand it in cold water.")]
    [InlineData(75, 33, "Comfortable from")]
    [InlineData(28, 22, "It is no longer warm. Stand it in hot water.")]
    [InlineData(20, 34, "It will not get warm enough. Use a warmer bath.")]
    [InlineData(20, 39, "Warm enough from")]
    public void Rooms_and_baths_in_words(double from, double around, string sentence) =>
        Assert.StartsWith(sentence, Of(from, around).Sentence, StringComparison.Ordinal);

    [Fact]
    public void An_oil_in_a_hot_bath_is_taken_out_in_time()
    {
        var forecast = Of(20, 60, Vessel.Jar);
        Assert.True(forecast.ComfortableAt < forecast.WarmUntil);
        Assert.Contains("Take it out by", forecast.Sentence, StringComparison.Ordinal);
        Assert.Equal(Math.Log(40.0 / 20) / 0.03, Minutes(forecast.WarmUntil), 6);
    }

    [Fact]
    public void It_never_warms_while_it_cools_and_comes_to_the_room() =>
        Gen.Select(Gen.Double[40, 100], Gen.Double[5, 30], Gen.Enum<Vessel>(), Gen.Double[20, 2000])
            .Sample(
                (from, around, vessel, volume) =>
                {
                    var curve = Of(from, around, vessel, volume).Curve;
                    return curve.Zip(curve.Skip(1)).All(pair => pair.Second.Celsius <= pair.First.Celsius)
                        && curve.All(point => point.Celsius >= around - 0.01);
                }
            );

    [Fact]
    public void Moments_stand_in_order() =>
        Gen.Select(Gen.Double[41, 100], Gen.Double[5, 29], Gen.Enum<Vessel>(), Gen.Double[20, 2000])
            .Sample(
                (from, around, vessel, volume) =>
                {
                    var forecast = Of(from, around, vessel, volume);
                    return forecast.SafeAt <= forecast.ComfortableAt && forecast.ComfortableAt <= forecast.WarmUntil;
                }
            );

    [Fact]
    public void A_larger_bowl_cools_slower() => Assert.True(Of(75, volume: 800).ComfortableAt > Of(75, volume: 100).ComfortableAt);

    [Fact]
    public void The_window_of_the_schedule_is_the_same_in_whole_minutes()
    {
        var (window, forecast) = (Cooling.ToSkin(Vessel.WideBowl, new Millilitres(350), new Celsius(75), new Celsius(22), Figures), Of(75));
        Assert.Equal(
            (Math.Ceiling(Minutes(forecast.SafeAt)), Math.Round(Minutes(forecast.ComfortableAt)), Math.Floor(Minutes(forecast.WarmUntil))),
            (window.Earliest, window.Usual, window.Latest)
        );
    }
}
