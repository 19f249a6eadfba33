namespace Kamuri.Web.Tests;

public class HouseTimeTests
{
    private static readonly TimeZoneInfo Berlin = TimeZoneInfo.FindSystemTimeZoneById("Europe/Berlin");

    [Theory]
    // Winter, summer, the hour that is skipped in spring and the one that comes twice in autumn.
    [InlineData("2026-01-15", "18:00", "2026-01-15T17:00:00Z")]
    [InlineData("2026-07-15", "18:00", "2026-07-15T16:00:00Z")]
    [InlineData("2026-03-29", "02:30", "2026-03-29T01:30:00Z")]
    [InlineData("2026-10-25", "02:30", "2026-10-25T01:30:00Z")]
    public void Wall_clock_times_are_the_households(string date, string time, string utc)
    {
        var house = new HouseTime(DateTimeOffset.UnixEpoch, Berlin);

        var moment = house.At(DateOnly.Parse(date, null), TimeOnly.Parse(time, null));

        Assert.Equal(DateTimeOffset.Parse(utc, null), moment.ToUniversalTime());
    }

    [Fact]
    public void A_fast_clock_runs_ahead_of_the_wall()
    {
        var wall = new SteppedClock();
        var fast = new FastClock(60, wall);
        var began = fast.GetUtcNow();

        wall.Now += TimeSpan.FromSeconds(2);

        Assert.Equal(TimeSpan.FromMinutes(2), fast.GetUtcNow() - began);
    }

    private sealed class SteppedClock : TimeProvider
    {
        public DateTimeOffset Now { get; set; } = DateTimeOffset.UnixEpoch;

        public override DateTimeOffset GetUtcNow() => Now;
    }
}
