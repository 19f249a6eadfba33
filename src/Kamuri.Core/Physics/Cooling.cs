using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Physics;

/// <summary>A vessel a mixture cools in.</summary>
public enum Vessel
{
    WideBowl,
    Jar,
    ApplicatorBottle,
    ColdWaterBath,
}

/// <summary>Figures of the cooling model. Craft defaults; settable.</summary>
public sealed record CoolingFigures
{
    /// <summary>Newton rate k per minute, each at its reference volume.</summary>
    public IReadOnlyDictionary<Vessel, double> RatePerMinute { get; init; } =
        new Dictionary<Vessel, double>
        {
            [Vessel.WideBowl] = 0.06,
            [Vessel.Jar] = 0.03,
            [Vessel.ApplicatorBottle] = 0.045,
            [Vessel.ColdWaterBath] = 0.20,
        };

    /// <summary>Volume the rates hold for; a larger body cools slower, by the cube root of the volume ratio.</summary>
    public Millilitres ReferenceVolume { get; init; } = new(350);

    /// <summary>Temperature of a herb infusion once steeped and strained.</summary>
    public Celsius Strained { get; init; } = new(75);

    /// <summary>Warmest temperature for skin.</summary>
    public Celsius WarmestOnSkin { get; init; } = new(40);

    /// <summary>Temperature aimed at for a warm rinse.</summary>
    public Celsius Comfortable { get; init; } = new(38);

    /// <summary>Below this a rinse no longer counts as warm.</summary>
    public Celsius StillWarm { get; init; } = new(30);
}

/// <summary>Newton's cooling: T(t) = Ta + (T0 − Ta) · e^(−kt).</summary>
public static class Cooling
{
    /// <summary>Newton rate per minute for a vessel and volume.</summary>
    public static double Rate(Vessel vessel, Millilitres volume, CoolingFigures figures)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(volume.Value, nameof(volume));
        return figures.RatePerMinute[vessel] / Math.Cbrt(volume.Value / figures.ReferenceVolume.Value);
    }

    /// <summary>
    /// The figure a rate found in so much of a mixture comes to at the reference volume; the inverse of <see cref="Rate"/>.
    /// </summary>
    public static double AtReference(double ratePerMinute, Millilitres volume, CoolingFigures figures)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(volume.Value, nameof(volume));
        return ratePerMinute * Math.Cbrt(volume.Value / figures.ReferenceVolume.Value);
    }

    /// <summary>
    /// Time until a mixture has fallen, or risen, to <paramref name="target"/>; zero when it is past it already, null when
    /// what surrounds it never lets it get there.
    /// </summary>
    /// <param name="from">Temperature at the beginning.</param>
    /// <param name="target">Temperature asked about.</param>
    /// <param name="around">Temperature of the room, or of the bath it stands in.</param>
    /// <param name="ratePerMinute">Newton rate.</param>
    public static TimeSpan? TimeToReach(Celsius from, Celsius target, Celsius around, double ratePerMinute)
    {
        var cools = from.Value >= around.Value;
        if (cools ? from.Value <= target.Value : from.Value >= target.Value)
        {
            return TimeSpan.Zero;
        }

        return (cools ? target.Value <= around.Value : target.Value >= around.Value)
            ? null
            : TimeSpan.FromMinutes(Math.Log((from.Value - around.Value) / (target.Value - around.Value)) / ratePerMinute);
    }

    /// <summary>Temperature after some time.</summary>
    public static Celsius After(TimeSpan time, Celsius from, Celsius around, double ratePerMinute) =>
        new(around.Value + (from.Value - around.Value) * Math.Exp(-ratePerMinute * time.TotalMinutes));

    /// <summary>Longest cooling that is waited for; in a hot room a mixture simply stays warm.</summary>
    private const double LongestMinutes = 240;

    /// <summary>Whole minutes until a mixture is safe on skin, comfortable, and no longer warm.</summary>
    public static Window ToSkin(Vessel vessel, Millilitres volume, Celsius from, Celsius room, CoolingFigures figures) =>
        ToSkin(Rate(vessel, volume, figures), from, room, figures);

    /// <summary>Whole minutes until a mixture is safe on skin, comfortable, and no longer warm.</summary>
    /// <param name="ratePerMinute">Newton rate.</param>
    /// <param name="from">How warm it is at minute 0.</param>
    /// <param name="room">How warm it is around it.</param>
    /// <param name="figures">What is safe, comfortable and warm.</param>
    public static Window ToSkin(double ratePerMinute, Celsius from, Celsius room, CoolingFigures figures)
    {
        // What is not as warm as that need not fall to it, and what the room keeps warmer never does.
        double Minutes(Celsius target) =>
            from.Value <= target.Value ? 0
            : room.Value >= target.Value ? LongestMinutes
            : Math.Min(LongestMinutes, TimeToReach(from, target, room, ratePerMinute)!.Value.TotalMinutes);
        var (safe, comfortable, warm) = (
            Math.Ceiling(Minutes(figures.WarmestOnSkin)),
            Math.Round(Minutes(figures.Comfortable)),
            Math.Floor(Minutes(figures.StillWarm))
        );
        return new Window(safe, Math.Max(safe, comfortable), Math.Max(Math.Max(safe, comfortable), warm));
    }

    /// <summary>
    /// The curve as readings correct it: without any it is what was foretold, one moves it to where it was found, and two or more
    /// give it another pace.
    /// </summary>
    /// <param name="from">Temperature foretold for minute 0.</param>
    /// <param name="around">Temperature of the room or the bath.</param>
    /// <param name="ratePerMinute">Rate foretold.</param>
    /// <param name="readings">When, in minutes, and how warm.</param>
    /// <returns>Rate, temperature at minute 0, and whether the pace was found from readings; null when several do not go
    /// together.</returns>
    public static (double RatePerMinute, Celsius AtZero, bool IsFitted)? Corrected(
        Celsius from,
        Celsius around,
        double ratePerMinute,
        IReadOnlyList<(double Minutes, Celsius Temperature)> readings
    ) =>
        readings.Count switch
        {
            0 => (ratePerMinute, from, false),
            1 => (
                ratePerMinute,
                new Celsius(
                    around.Value + ((readings[0].Temperature.Value - around.Value) * Math.Exp(ratePerMinute * readings[0].Minutes))
                ),
                false
            ),
            _ => Fit(readings, around) is { } fit ? (fit.RatePerMinute, fit.AtZero, true) : null,
        };

    /// <summary>
    /// The rate that goes best with thermometer readings: least squares through the logarithm of how far each is from the
    /// surroundings. Two readings give it exactly.
    /// </summary>
    /// <param name="readings">When, in minutes from any moment, and how warm.</param>
    /// <param name="around">Temperature of the room or the bath.</param>
    /// <returns>The rate per minute, and the temperature at minute 0 that goes with it; null when the readings cannot say:
    /// fewer than two, at one moment, on both sides of the surroundings, or drifting the wrong way.</returns>
    public static (double RatePerMinute, Celsius AtZero)? Fit(IReadOnlyList<(double Minutes, Celsius Temperature)> readings, Celsius around)
    {
        var away = readings.Select(reading => (reading.Minutes, Degrees: reading.Temperature.Value - around.Value)).ToList();
        if (away.Count < 2 || away.Exists(each => Math.Abs(each.Degrees) < 0.1 || Math.Sign(each.Degrees) != Math.Sign(away[0].Degrees)))
        {
            return null;
        }

        var logs = away.Select(each => (each.Minutes, Log: Math.Log(Math.Abs(each.Degrees)))).ToList();
        var (meanMinutes, meanLog) = (logs.Average(each => each.Minutes), logs.Average(each => each.Log));
        var spread = logs.Sum(each => Math.Pow(each.Minutes - meanMinutes, 2));
        if (spread == 0)
        {
            return null;
        }

        var rate = -logs.Sum(each => (each.Minutes - meanMinutes) * (each.Log - meanLog)) / spread;
        return rate <= 0 ? null : (rate, new Celsius(around.Value + Math.Sign(away[0].Degrees) * Math.Exp(meanLog + rate * meanMinutes)));
    }
}
