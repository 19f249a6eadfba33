namespace Kamuri.Core.Timing;

/// <summary>When the night is, for treatments that stay on through it. Settable; a household knows best.</summary>
public sealed record NightFigures
{
    /// <summary>Usual time of going to bed, in hours after midnight, 18 to 24.</summary>
    public double BedtimeHour { get; init; } = 22.5;

    /// <summary>Earliest time anyone wants to get up for a rinse, in hours after midnight, 4 to 11.</summary>
    public double RiseHour { get; init; } = 6.5;

    /// <summary>When a day begins of which nobody said the hour, in hours after midnight, 5 to 12.</summary>
    public double MorningHour { get; init; } = 9;

    /// <summary>The same on the clock of a day.</summary>
    public TimeOnly Morning => TimeOnly.FromTimeSpan(TimeSpan.FromHours(MorningHour));

    /// <summary>When people go to bed, on the clock of a day.</summary>
    public TimeOnly Bed => TimeOnly.FromTimeSpan(TimeSpan.FromHours(Math.Min(BedtimeHour, LastHour)));

    /// <summary>When they get up.</summary>
    public TimeOnly Rise => TimeOnly.FromTimeSpan(TimeSpan.FromHours(RiseHour));

    /// <summary>A day's clock goes no further, though people may go to bed at midnight.</summary>
    private const double LastHour = 24 - 1.0 / 60;

    /// <summary>From when on it is no night any more, hours after midnight: within the hour before rising.</summary>
    public double WakesHour => RiseHour - 1;

    /// <summary>Whether people sleep at a moment, on its own clock; getting up within the hour before rising is no night.</summary>
    public bool IsNight(DateTimeOffset moment) => moment.TimeOfDay.TotalHours is var hour && (hour < WakesHour || hour >= BedtimeHour);
}
