using System.Globalization;
using Kamuri.Core.Units;

namespace Kamuri.Core.Physics;

/// <summary>A thermometer reading.</summary>
/// <param name="At">When.</param>
/// <param name="Temperature">How warm.</param>
public sealed record Reading(DateTimeOffset At, Celsius Temperature);

/// <summary>A point of the curve.</summary>
public sealed record WarmthPoint(double Minutes, double Celsius);

/// <summary>How warm something is, when it is comfortable, and until when it is still warm.</summary>
/// <param name="Began">The moment minute 0 stands for.</param>
/// <param name="Curve">The temperature, minute by minute.</param>
/// <param name="RatePerMinute">Newton rate that was used.</param>
/// <param name="Figure">What that makes the figure of the vessel, at its reference volume.</param>
/// <param name="IsFitted">Found from readings instead of taken from the figures.</param>
/// <param name="SafeAt">From when it is not too hot for skin; null when it never is.</param>
/// <param name="ComfortableAt">When it is comfortable; null when it never is.</param>
/// <param name="WarmUntil">Until when it still counts as warm; null when that does not end.</param>
/// <param name="Sentence">The same in words.</param>
/// <param name="Doubt">Why readings were not used; empty when they were, or there are none.</param>
public sealed record WarmthForecast(
    DateTimeOffset Began,
    IReadOnlyList<WarmthPoint> Curve,
    double RatePerMinute,
    double Figure,
    bool IsFitted,
    DateTimeOffset? SafeAt,
    DateTimeOffset? ComfortableAt,
    DateTimeOffset? WarmUntil,
    string Sentence,
    string Doubt
)
{
    private const int LongestMinutes = 240;

    /// <summary>Foretells how something cools, or warms in a bath, and corrects itself by readings.</summary>
    /// <param name="vessel">What it stands in.</param>
    /// <param name="volume">How much of it.</param>
    /// <param name="from">How warm it is at <paramref name="began"/>.</param>
    /// <param name="around">How warm the room is, or the bath it stands in.</param>
    /// <param name="began">The moment of <paramref name="from"/>.</param>
    /// <param name="readings">Thermometer readings since; one corrects where the curve begins, two or more its pace too.</param>
    /// <param name="figures">Rates, and what is comfortable.</param>
    public static WarmthForecast Of(
        Vessel vessel,
        Millilitres volume,
        Celsius from,
        Celsius around,
        DateTimeOffset began,
        IReadOnlyList<Reading> readings,
        CoolingFigures figures
    )
    {
        var foretold = Cooling.Rate(vessel, volume, figures);
        var corrected = Cooling.Corrected(
            from,
            around,
            foretold,
            [.. readings.Select(reading => ((reading.At - began).TotalMinutes, reading.Temperature))]
        );
        var doubt = corrected is null ? PhysicsWords.TheseReadingsDoNotFitSomething : "";
        var (rate, zero, fitted) = corrected ?? (foretold, from, false);
        var cools = zero.Value >= around.Value;
        DateTimeOffset? When(Celsius target) =>
            Cooling.TimeToReach(zero, target, around, rate) is { } time && time.TotalMinutes <= 24 * 60 ? began + time : null;
        var (safe, comfortable) = (cools ? When(figures.WarmestOnSkin) : began, When(figures.Comfortable));
        var until =
            cools ? When(figures.StillWarm)
            : around.Value > figures.WarmestOnSkin.Value ? When(figures.WarmestOnSkin)
            : null;
        var length = Math.Clamp(
            Math.Ceiling(((until ?? comfortable ?? began.AddMinutes(60)) - began).TotalMinutes * 1.2),
            20,
            LongestMinutes
        );
        return new WarmthForecast(
            began,
            [
                .. Enumerable
                    .Range(0, (int)length + 1)
                    .Select(minute => new WarmthPoint(
                        minute,
                        Math.Round(Cooling.After(TimeSpan.FromMinutes(minute), zero, around, rate).Value, 2)
                    )),
            ],
            rate,
            Cooling.AtReference(rate, volume, figures),
            fitted,
            safe,
            comfortable,
            until,
            InWords(cools, zero, comfortable, until, figures),
            doubt
        );
    }

    private static string InWords(bool cools, Celsius zero, DateTimeOffset? comfortable, DateTimeOffset? until, CoolingFigures figures)
    {
        return cools
            ? zero.Value <= figures.StillWarm.Value
                ? PhysicsWords.ItIsNoLongerWarmStand
                : comfortable is null
                    ? PhysicsWords.InThisRoomItStaysToo
                    : until is null
                        ? PhysicsWords.ComfortableFromTimeAndItStays(Say.Clock(comfortable.Value))
                        : PhysicsWords.ComfortableFromTimeStillWarmUntil(Say.Clock(comfortable.Value), Say.Clock(until.Value))
            : comfortable is null
                ? PhysicsWords.ItWillNotGetWarmEnough
                : until is null
                    ? PhysicsWords.WarmEnoughFromTime(Say.Clock(comfortable.Value))
                    : PhysicsWords.WarmEnoughFromTimeTakeIt(Say.Clock(comfortable.Value), Say.Clock(until.Value));
    }
}
