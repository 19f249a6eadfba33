namespace Kamuri.Web;

/// <summary>
/// A clock that runs faster than the wall, for demonstrations and tests: one minute of it passes in 60 / speed seconds.
/// </summary>
/// <param name="speed">1 or more.</param>
/// <param name="wall">The real clock.</param>
public sealed class FastClock(double speed, TimeProvider wall) : TimeProvider
{
    private readonly DateTimeOffset _began = wall.GetUtcNow();

    public double Speed { get; } = speed;

    public override DateTimeOffset GetUtcNow() => _began + (wall.GetUtcNow() - _began) * Speed;

    public override TimeZoneInfo LocalTimeZone => wall.LocalTimeZone;
}

/// <summary>Reads moments on the household's clock on the wall.</summary>
/// <param name="Now">The moment.</param>
/// <param name="Zone">The household's zone.</param>
public sealed record HouseTime(DateTimeOffset Now, TimeZoneInfo Zone)
{
    public DateOnly Today => DateOnly.FromDateTime(Local(Now).DateTime);

    /// <summary>The same moment with the household's offset, so that what is printed is what the wall shows.</summary>
    public DateTimeOffset Local(DateTimeOffset moment) => TimeZoneInfo.ConvertTime(moment, Zone);

    public DateTimeOffset? Local(DateTimeOffset? moment) => moment is { } known ? Local(known) : null;

    /// <summary>A wall-clock time of a date. In the hour that a clock change skips, the moment just after the change.</summary>
    public DateTimeOffset At(DateOnly date, TimeOnly time)
    {
        var wall = date.ToDateTime(time);
        if (Zone.IsInvalidTime(wall))
        {
            wall = wall.AddHours(1);
        }

        return new DateTimeOffset(wall, Zone.GetUtcOffset(wall));
    }
}
