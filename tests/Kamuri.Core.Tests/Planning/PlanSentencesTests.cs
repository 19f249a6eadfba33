using System.Globalization;
using Kamuri.Core.Planning;

namespace Kamuri.Core.Tests.Planning;

public class PlanSentencesTests
{
    [Theory]
    [InlineData("2026-03-14 18:00", "2026-03-14 00:05", "18:00")]
    [InlineData("2026-03-15 00:05", "2026-03-14 23:55", "00:05 on Sunday")]
    [InlineData("2026-03-20 09:00", "2026-03-14 23:55", "09:00 on Friday")]
    [InlineData("2026-03-21 09:00", "2026-03-14 23:55", "09:00 on Saturday 21 March")]
    [InlineData("2026-03-13 22:00", "2026-03-14 06:00", "22:00 on Friday")]
    public void A_moment_on_another_day_than_the_one_just_said_names_its_day(string moment, string said, string words) =>
        Assert.Equal(words, Say.Clock(At(moment), At(said)));

    [Fact]
    public void The_day_is_the_one_on_the_wall_and_not_that_of_the_world()
    {
        var (evening, late) = (
            new DateTimeOffset(2026, 3, 14, 20, 0, 0, TimeSpan.FromHours(-5)),
            new DateTimeOffset(2026, 3, 14, 23, 30, 0, TimeSpan.FromHours(-5))
        );
        Assert.NotEqual(evening.UtcDateTime.Hour, evening.Hour);
        Assert.Equal("23:30", Say.Clock(late, evening));
    }

    private static DateTimeOffset At(string text) =>
        DateTimeOffset.Parse(text, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal);
}
