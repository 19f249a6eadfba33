namespace Kamuri.Core.Running.Mishaps;

/// <summary>How long what a mishap asks for takes. Craft defaults; settable.</summary>
public sealed record MishapFigures
{
    /// <summary>Cool water over something that is too hot or stings, in minutes, 1 to 20.</summary>
    public double CoolRinseMinutes { get; init; } = 5;

    /// <summary>A rinse with the fingers under running water, in minutes, 2 to 30.</summary>
    public double RunningRinseMinutes { get; init; } = 6;

    /// <summary>Conditioner that lifts oil, worked in and rinsed out, in minutes, 3 to 30.</summary>
    public double LiftMinutes { get; init; } = 8;

    /// <summary>Loose twists and a cap, to leave the hair for hours, in minutes, 3 to 40.</summary>
    public double ParkMinutes { get; init; } = 8;

    /// <summary>Cool air at the roots before bed, in minutes, 5 to 60.</summary>
    public double CoolAirMinutes { get; init; } = 20;

    /// <summary>Left for longer than this, wet hair wants a mist before work goes on, in minutes, 20 to 600.</summary>
    public double DriesWithinMinutes { get; init; } = 120;
}
