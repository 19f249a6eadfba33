using CsCheck;

namespace Kamuri.Core.Tests.Texts;

/// <summary>Times as people type them, and as they are written back.</summary>
public sealed class TypedTimeTests
{
    private static readonly WritingStyle Twelve = new(ClockFormat.TwelveHours);

    [Theory]
    [InlineData("18:00", "18:00")]
    [InlineData("18.30", "18:30")]
    [InlineData("1830", "18:30")]
    [InlineData("18h30", "18:30")]
    [InlineData("18h", "18:00")]
    [InlineData("6pm", "18:00")]
    [InlineData("6 PM", "18:00")]
    [InlineData("6:30 p.m.", "18:30")]
    [InlineData("12 am", "00:00")]
    [InlineData("12pm", "12:00")]
    [InlineData("half past six", "18:30")]
    [InlineData("quarter to 7", "06:45")]
    [InlineData("quarter past nine", "09:15")]
    [InlineData("seven o'clock", "07:00")]
    [InlineData("half past 8 pm", "20:30")]
    [InlineData("noon", "12:00")]
    [InlineData("midnight", "00:00")]
    [InlineData("\u00a07\u00a0pm ", "19:00")]
    [InlineData("١٨:٠٠", "18:00")]
    [InlineData("6:30", "06:30")]
    public void A_time_is_understood(string typed, string time) => Assert.Equal(TimeOnly.Parse(time, null), TypedTime.Read(typed));

    [Theory]
    [InlineData("25:70")]
    [InlineData("18:61")]
    [InlineData("13 pm")]
    [InlineData("0 pm")]
    [InlineData("-3")]
    [InlineData("soon")]
    [InlineData("")]
    [InlineData("7 ft in")]
    [InlineData("18:00:00:00")]
    public void What_is_no_time_is_not_taken_for_one(string typed) => Assert.Null(TypedTime.Read(typed));

    [Fact]
    public void Who_counts_twelve_hours_means_the_afternoon_by_small_numbers()
    {
        using var style = WritingStyle.Within(Twelve);
        Assert.Equal(new TimeOnly(18, 30), TypedTime.Read("6:30"));
        Assert.Equal(new TimeOnly(6, 30), TypedTime.Read("06:30"));
        Assert.Equal(new TimeOnly(6, 30), TypedTime.Read("6:30 am"));
        Assert.Equal(new TimeOnly(10, 0), TypedTime.Read("10"));
    }

    [Fact]
    public void What_is_written_can_be_typed_back() =>
        Gen.Select(Gen.Int[0, (24 * 60) - 1], Gen.Bool)
            .Sample(
                (minutes, twelve) =>
                {
                    using var style = WritingStyle.Within(twelve ? Twelve : new WritingStyle());
                    var time = TimeOnly.MinValue.AddMinutes(minutes);
                    return TypedTime.Read(Say.Clock(time)) == time;
                },
                iter: 2000
            );

    [Theory]
    [InlineData(0, 5, "12:05\u00a0am")]
    [InlineData(12, 0, "12:00\u00a0pm")]
    [InlineData(17, 45, "5:45\u00a0pm")]
    public void Twelve_hours_are_written_with_their_half_of_the_day(int hour, int minute, string said)
    {
        using var style = WritingStyle.Within(Twelve);
        Assert.Equal(said, Say.Clock(new TimeOnly(hour, minute)));
    }
}
