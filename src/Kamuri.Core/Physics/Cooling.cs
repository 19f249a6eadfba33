using Kamuri.Core.Units;

namespace Kamuri.Core.Physics;

/// <summary>A vessel a mixture cools in.</summary>
public enum Vessel { WideBowl, Jar, ApplicatorBottle, ColdWaterBath }

/// <summary>Figures of the cooling model. Craft defaults; settable.</summary>
public sealed record CoolingFigures
{
    /// <summary>Newton rate k per minute, each at its reference volume.</summary>
    public IReadOnlyDictionary<Vessel, double> RatePerMinute { get; init; } = new Dictionary<Vessel, double>
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

    /// <summary>Time until a mixture has fallen to <paramref name="target"/>; null when the room is warmer than that.</summary>
    public static TimeSpan? TimeToReach(Celsius from, Celsius target, Celsius room, double ratePerMinute)
    {
        if (from.Value <= target.Value)
        {
            return TimeSpan.Zero;
        }

        return target.Value <= room.Value
            ? null
            : TimeSpan.FromMinutes(Math.Log((from.Value - room.Value) / (target.Value - room.Value)) / ratePerMinute);
    }

    /// <summary>Temperature after some time.</summary>
    public static Celsius After(TimeSpan time, Celsius from, Celsius room, double ratePerMinute) =>
        new(room.Value + (from.Value - room.Value) * Math.Exp(-ratePerMinute * time.TotalMinutes));
}
