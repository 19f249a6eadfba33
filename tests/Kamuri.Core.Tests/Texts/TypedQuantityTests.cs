using CsCheck;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Texts;

/// <summary>Lengths, temperatures, amounts and days as people type them.</summary>
public sealed class TypedQuantityTests
{
    private static readonly WritingStyle Imperial = new(ClockFormat.TwelveHours, LengthUnit.Inches, TemperatureUnit.Fahrenheit);

    [Theory]
    [InlineData("18", 18)]
    [InlineData("18 cm", 18)]
    [InlineData("18,5cm", 18.5)]
    [InlineData("180 mm", 18)]
    [InlineData("7 in", 17.78)]
    [InlineData("7½ in", 19.05)]
    [InlineData("7 1/2\"", 19.05)]
    [InlineData("1 ft 2 in", 35.56)]
    [InlineData("1' 2''", 35.56)]
    [InlineData("1 foot and 2 inches", 35.56)]
    [InlineData("0.5 m", 50)]
    public void A_length_is_understood(string typed, double centimetres) =>
        Assert.Equal(centimetres, TypedQuantity.Length(typed)!.Value, 6);

    [Theory]
    [InlineData("")]
    [InlineData("long")]
    [InlineData("7 F")]
    [InlineData("-7 cm")]
    [InlineData("1/0 in")]
    [InlineData("7 in long")]
    public void What_is_no_length_is_not_taken_for_one(string typed) => Assert.Null(TypedQuantity.Length(typed));

    [Theory]
    [InlineData("38", 38)]
    [InlineData("38.5 °C", 38.5)]
    [InlineData("100 F", 37.77778)]
    [InlineData("100°f", 37.77778)]
    [InlineData("104 degrees Fahrenheit", 40)]
    [InlineData("-5", -5)]
    [InlineData("−5 C", -5)]
    public void A_temperature_is_understood(string typed, double celsius) =>
        Assert.Equal(celsius, TypedQuantity.Temperature(typed)!.Value, 4);

    [Theory]
    [InlineData("warm")]
    [InlineData("38 K")]
    [InlineData("38 cm")]
    [InlineData("")]
    public void What_is_no_temperature_is_not_taken_for_one(string typed) => Assert.Null(TypedQuantity.Temperature(typed));

    [Theory]
    [InlineData("120", 120)]
    [InlineData("120 ml", 120)]
    [InlineData("1,5 l", 1500)]
    [InlineData("2 tbsp", 29.58)]
    [InlineData("½ cup", 118.3)]
    [InlineData("1 cup and 2 tbsp", 266.18)]
    [InlineData("4 fl oz", 118.28)]
    [InlineData("4 fl. oz.", 118.28)]
    [InlineData("50 g", 50)]
    [InlineData("20 drops", 1)]
    public void An_amount_is_understood(string typed, double millilitres) =>
        Assert.Equal(millilitres, TypedQuantity.Amount(typed, new MeasureFigures())!.Value.Value, 2);

    [Theory]
    [InlineData("some")]
    [InlineData("2 eggs")]
    [InlineData("3 parts")]
    [InlineData("2 pieces")]
    public void What_is_no_amount_is_not_taken_for_one(string typed) => Assert.Null(TypedQuantity.Amount(typed, new MeasureFigures()));

    [Fact]
    public void A_number_alone_is_in_the_household_s_unit()
    {
        using var style = WritingStyle.Within(Imperial);
        Assert.Equal(17.78, TypedQuantity.Length("7")!.Value, 6);
        Assert.Equal(40, TypedQuantity.Temperature("104")!.Value, 6);
        Assert.Equal(7, TypedQuantity.Length("7 cm"));
    }

    [Fact]
    public void What_is_written_can_be_typed_back() =>
        Gen.Select(Gen.Double[1, 150], Gen.Double[-5, 105], Gen.Bool)
            .Sample(
                (length, celsius, imperial) =>
                {
                    using var style = WritingStyle.Within(imperial ? Imperial : new WritingStyle());
                    var (lengthStep, degreeStep) = imperial ? (TypedQuantity.CentimetresPerInch / 4, 5.0 / 18) : (0.05, 0.5);
                    return Math.Abs(TypedQuantity.Length(Say.Length(length))!.Value - length) <= lengthStep + 1e-9
                        && Math.Abs(TypedQuantity.Temperature(Say.Temperature(celsius))!.Value - celsius) <= degreeStep + 1e-9;
                },
                iter: 2000
            );

    [Theory]
    [InlineData("today", "2026-12-01")]
    [InlineData("Tomorrow", "2026-12-02")]
    [InlineData("saturday", "2026-12-05")]
    [InlineData("on Tue", "2026-12-08")]
    [InlineData("in 9 days", "2026-12-10")]
    [InlineData("2 weeks ago", "2026-11-17")]
    [InlineData("6 Dec", "2026-12-06")]
    [InlineData("Sunday 6 December", "2026-12-06")]
    [InlineData("December 6th, 2027", "2027-12-06")]
    [InlineData("3 jan", "2027-01-03")]
    [InlineData("30 November", "2026-11-30")]
    [InlineData("2026-12-24", "2026-12-24")]
    public void A_day_is_understood(string typed, string day) =>
        Assert.Equal(DateOnly.Parse(day, null), TypedDate.Read(typed, new DateOnly(2026, 12, 1)));

    [Theory]
    [InlineData("")]
    [InlineData("soon")]
    [InlineData("32 December")]
    [InlineData("30 February")]
    [InlineData("6 Octember")]
    [InlineData("9 days")]
    [InlineData("ju 3")]
    [InlineData("12/06")]
    public void What_is_no_day_is_not_taken_for_one(string typed) => Assert.Null(TypedDate.Read(typed, new DateOnly(2026, 12, 1)));
}
