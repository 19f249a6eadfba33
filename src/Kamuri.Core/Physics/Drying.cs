using Kamuri.Core.Heads;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Physics;

/// <summary>How the air moves over drying hair.</summary>
public enum Air
{
    Still,
    Fan,
    HoodLow,
    BlowDryCool,
}

/// <summary>How the hair hangs while it dries; sets how much of its surface the air can reach.</summary>
public enum Hang
{
    Loose,
    Twists,
    Bun,
    Braids,
    Locs,
}

/// <summary>What follows from how hair hangs.</summary>
public static class Hangs
{
    /// <summary>How loose hair that hangs so is worn; null for locs.</summary>
    public static WornAs? Worn(this Hang hang) =>
        hang switch
        {
            Hang.Loose => WornAs.Loose,
            Hang.Twists => WornAs.Twists,
            Hang.Bun => WornAs.Bun,
            Hang.Braids => WornAs.Braids,
            _ => null,
        };

    /// <summary>Whether it stays damp inside for long, so that nobody sleeps on it wet (R23).</summary>
    public static bool IsDense(this Hang hang) => hang is Hang.Locs or Hang.Braids;
}

/// <summary>Figures of the drying model. Craft defaults; settable.</summary>
public sealed record DryingFigures
{
    /// <summary>Water on hair by how wet it is, in g of water per g of hair.</summary>
    public IReadOnlyDictionary<Wetness, double> Water { get; init; } =
        new Dictionary<Wetness, double>
        {
            [Wetness.Dry] = 0,
            [Wetness.Misted] = 0.09,
            [Wetness.Damp] = 0.25,
            [Wetness.Blotted] = 0.5,
            [Wetness.Wrung] = 0.9,
            [Wetness.Soaked] = 1.6,
        };

    /// <summary>Share of the strand surface that the air reaches.</summary>
    public IReadOnlyDictionary<Hang, double> ExposedShare { get; init; } =
        new Dictionary<Hang, double>
        {
            [Hang.Loose] = 1,
            [Hang.Twists] = 0.45,
            [Hang.Bun] = 0.15,
            [Hang.Braids] = 0.35,
            [Hang.Locs] = 0.25,
        };

    /// <summary>How much faster moving air dries than still air.</summary>
    public IReadOnlyDictionary<Air, double> AirFactor { get; init; } =
        new Dictionary<Air, double>
        {
            [Air.Still] = 1,
            [Air.Fan] = 2.2,
            [Air.HoodLow] = 5,
            [Air.BlowDryCool] = 7,
        };

    /// <summary>
    /// Water content that dryness is counted from, in g/g: what is left after T-shirt drying.
    /// "80 % dry" means 80 % of this is gone.
    /// </summary>
    public WaterContent Reference { get; init; } = new(0.5);

    /// <summary>The case the model is calibrated on: loose medium hair reaches 80 % dry from the reference in this time.</summary>
    public TimeSpan CalibrationTime { get; init; } = TimeSpan.FromHours(2.5);

    public Celsius CalibrationRoom { get; init; } = new(22);
    public RelativeHumidity CalibrationHumidity { get; init; } = new(0.5);

    /// <summary>Mass of the calibration hair: medium in everything, 30 cm.</summary>
    public Grams CalibrationMass { get; init; } = new(152.4);

    /// <summary>Strands inside a bundle are shielded: its open surface grows with its mass to this power.</summary>
    public double BundleExponent { get; init; } = 0.6;

    /// <summary>Thickness of a loc whose core dries just as the exposed surface says.</summary>
    public double LocReferenceMillimetres { get; init; } = 8;

    /// <summary>Drying of the thinnest locs against the reference.</summary>
    public double LeastCore { get; init; } = 0.7;

    /// <summary>Drying of the thickest locs against the reference.</summary>
    public double MostCore { get; init; } = 1.8;

    /// <summary>Dryness after which water comes from inside the strand and the rate falls with what is left.</summary>
    public double FallingRateFrom { get; init; } = 0.8;
}

/// <summary>When hair reaches a dryness, and how that was reckoned.</summary>
/// <param name="MostlyDry">Time from the start until 80 % dry.</param>
/// <param name="Dry">Time from the start until 95 % dry.</param>
/// <param name="Working">The working in one sentence.</param>
public sealed record DryingForecast(TimeSpan MostlyDry, TimeSpan Dry, string Working);

/// <summary>
/// Drying of hair in air: a constant-rate period in which evaporation follows exposed surface × vapour-pressure
/// deficit × air movement, then a falling-rate period in which the rate is proportional to the water left.
/// </summary>
public static class Drying
{
    /// <summary>Saturation vapour pressure of water in kPa (Magnus form), good to 1 % between 0 and 50 °C.</summary>
    public static double SaturationKilopascals(Celsius air) => 0.6108 * Math.Exp(17.27 * air.Value / (air.Value + 237.3));

    /// <summary>Vapour-pressure deficit in kPa: how thirsty the air is. Never below zero.</summary>
    public static double Deficit(Celsius air, RelativeHumidity humidity) => Math.Max(0, SaturationKilopascals(air) * (1 - humidity.Share));

    /// <summary>Forecasts drying of a head from a water content.</summary>
    /// <param name="size">The head's size; only its mass matters.</param>
    /// <param name="start">Water on the hair at the start, in g/g.</param>
    /// <param name="hang">How the hair hangs.</param>
    /// <param name="air">How the air moves.</param>
    /// <param name="room">Room temperature.</param>
    /// <param name="humidity">Room humidity, below 1: saturated air dries nothing.</param>
    /// <exception cref="ArgumentOutOfRangeException">The air is saturated, so hair would never dry.</exception>
    /// <param name="locThicknessMillimetres">Thickness of one loc; null for anything but locs.</param>
    public static DryingForecast Forecast(
        HeadSize size,
        WaterContent start,
        Hang hang,
        Air air,
        Celsius room,
        RelativeHumidity humidity,
        DryingFigures figures,
        double? locThicknessMillimetres = null
    )
    {
        var deficit = Deficit(room, humidity);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(deficit, nameof(humidity));

        var bundle = Math.Pow(size.StrandMass.Value / figures.CalibrationMass.Value, figures.BundleExponent - 1);
        // Water in the core of a loc has further to go the thicker it is.
        var core = locThicknessMillimetres is { } thickness
            ? Math.Clamp(thickness / figures.LocReferenceMillimetres, figures.LeastCore, figures.MostCore)
            : 1;
        var deficitFactor = deficit / Deficit(figures.CalibrationRoom, figures.CalibrationHumidity);

        var critical = figures.Reference.GramsPerGram * (1 - figures.FallingRateFrom);
        var calibrationRate = (figures.Reference.GramsPerGram - critical) / figures.CalibrationTime.TotalHours;
        var rate = calibrationRate * bundle * figures.ExposedShare[hang] * deficitFactor * figures.AirFactor[air] / core;

        TimeSpan Until(double dryness)
        {
            var target = figures.Reference.GramsPerGram * (1 - dryness);
            var from = start.GramsPerGram;
            if (from <= target)
            {
                return TimeSpan.Zero;
            }

            var constant = Math.Max(0, from - Math.Max(critical, target)) / rate;
            var falling = target < critical ? critical / rate * Math.Log(Math.Min(from, critical) / target) : 0;
            return TimeSpan.FromHours(constant + falling);
        }

        var water = start.GramsPerGram - critical;
        var working = Reckoning
            .From(Math.Max(0, water) / calibrationRate, PhysicsWords.HForGramsPerGramGWaterPer(Reckoning.Show(start.GramsPerGram)))
            .DividedBy(
                figures.ExposedShare[hang],
                hang switch
                {
                    Hang.Twists => PhysicsWords.SurfaceOpenInTwists,
                    Hang.Bun => PhysicsWords.SurfaceOpenInABun,
                    Hang.Braids => PhysicsWords.SurfaceOpenInBraids,
                    Hang.Locs => PhysicsWords.SurfaceOpenInLocs,
                    _ => PhysicsWords.OpenSurface,
                }
            )
            .Times(core, PhysicsWords.ForTheCoreOfTheLocs)
            .DividedBy(Math.Round(bundle, 2), PhysicsWords.OpenInABundleOf($"{size.StrandMass.Value:0}"))
            .DividedBy(
                Math.Round(deficitFactor, 2),
                PhysicsWords.ForAirAtRoomCAnd(Say.Temperature(room.Value, 1), Reckoning.Show(humidity.Share * 100))
            )
            .DividedBy(
                figures.AirFactor[air],
                air switch
                {
                    Air.Fan => PhysicsWords.ForAFan,
                    Air.HoodLow => PhysicsWords.ForTheHoodLow,
                    Air.BlowDryCool => PhysicsWords.ForACoolBlowDry,
                    _ => PhysicsWords.StillAir,
                }
            );
        return new DryingForecast(Until(0.8), Until(0.95), working.Sentence("h to 80 % dry", 1));
    }
}
