using Kamuri.Core.Physics;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>A mixture as it begins to cool, and what is foretold of it.</summary>
/// <param name="Vessel">What it stands in.</param>
/// <param name="Millilitres">How much of it.</param>
/// <param name="FromCelsius">How warm it is at first.</param>
/// <param name="AroundCelsius">How warm the room is.</param>
/// <param name="RatePerMinute">Newton rate of the plan.</param>
/// <param name="WarmestOnSkin">From when on it may go on skin, in °C.</param>
/// <param name="Comfortable">What is aimed at, in °C.</param>
/// <param name="StillWarm">Below this it no longer counts as warm, in °C.</param>
public sealed record CoolingMixture(
    Vessel Vessel,
    double Millilitres,
    double FromCelsius,
    double AroundCelsius,
    double RatePerMinute,
    double WarmestOnSkin,
    double Comfortable,
    double StillWarm
)
{
    /// <summary>Readings closer together than this say where it stands, not how fast it cools: minutes.</summary>
    private const double TooClose = 2;

    /// <summary>What is foretold of a step of cooking that cools.</summary>
    public static CoolingMixture Of(CookStep cook, Celsius around, CoolingFigures figures) =>
        new(
            cook.Vessel,
            cook.Volume.Value,
            (cook.HotAt ?? figures.Strained).Value,
            around.Value,
            Cooling.Rate(cook.Vessel, cook.Volume, figures),
            figures.WarmestOnSkin.Value,
            figures.Comfortable.Value,
            figures.StillWarm.Value
        );

    /// <summary>
    /// The marks of the wait for it, in minutes from its beginning, as readings have it: one moves the curve, two that are a little apart
    /// give it another pace. Readings that no cooling thing gives count by the last of them alone.
    /// </summary>
    /// <param name="readings">Minutes from the beginning, and °C; oldest first, at least one.</param>
    public Window Measured(IReadOnlyList<(double Minutes, double Celsius)> readings)
    {
        var (from, around) = (new Celsius(FromCelsius), new Celsius(AroundCelsius));
        var all = readings.Select(reading => (reading.Minutes, new Celsius(reading.Celsius))).ToList();
        var isApart = all[^1].Minutes - all[0].Minutes >= TooClose;
        var (rate, zero, _) = (isApart ? Cooling.Corrected(from, around, RatePerMinute, all) : null)
            ?? Cooling.Corrected(from, around, RatePerMinute, all[^1..])!.Value;
        return Cooling.ToSkin(
            rate,
            zero,
            around,
            new CoolingFigures
            {
                WarmestOnSkin = new Celsius(WarmestOnSkin),
                Comfortable = new Celsius(Comfortable),
                StillWarm = new Celsius(StillWarm),
            }
        );
    }
}
