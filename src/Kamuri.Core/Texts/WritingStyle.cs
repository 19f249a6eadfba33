using Kamuri.Core.Units;

namespace Kamuri.Core.Texts;

/// <summary>Whether times are written "17:45" or "5:45 pm".</summary>
public enum ClockFormat
{
    TwentyFourHours,
    TwelveHours,
}

/// <summary>What lengths are written in.</summary>
public enum LengthUnit
{
    Centimetres,
    Inches,
}

/// <summary>What temperatures are written in.</summary>
public enum TemperatureUnit
{
    Celsius,
    Fahrenheit,
}

/// <summary>What amounts are written in where a person has to measure them.</summary>
public enum AmountUnit
{
    Millilitres,

    /// <summary>Spoons and cups.</summary>
    Spoons,

    Grams,
}

/// <summary>What spoons and cups hold.</summary>
public enum CupSize
{
    /// <summary>A cup of 236.6 ml, a tablespoon of 14.79 ml, a teaspoon of 4.93 ml.</summary>
    Us,

    /// <summary>A cup of 250 ml, a tablespoon of 15 ml, a teaspoon of 5 ml.</summary>
    Metric,
}

/// <summary>
/// How one household writes what is said to it. A server serves one household, so its style holds for all of it: every sentence follows
/// it without being handed it. Machine formats (the API, tables, archives) do not, nor do workings in compound units such as g/cm³.
/// </summary>
/// <param name="Clock">How times of day are written.</param>
/// <param name="Lengths">What lengths are written in.</param>
/// <param name="Temperatures">What temperatures are written in.</param>
/// <param name="Amounts">What amounts are written in. Where the density is known, the server writes all three.</param>
public sealed record WritingStyle(
    ClockFormat Clock = ClockFormat.TwentyFourHours,
    LengthUnit Lengths = LengthUnit.Centimetres,
    TemperatureUnit Temperatures = TemperatureUnit.Celsius,
    AmountUnit Amounts = AmountUnit.Millilitres
)
{
    /// <summary>What the household's spoons and cups hold.</summary>
    public MeasureFigures Measures { get; init; } = new();

    private static readonly AsyncLocal<WritingStyle?> Own = new();
    private static readonly HouseStyle TheHouse = new();
    private static readonly AsyncLocal<HouseStyle?> OtherHouse = new();

    /// <summary>The style that sentences follow now.</summary>
    public static WritingStyle Current => Own.Value ?? (OtherHouse.Value ?? TheHouse).Style;

    /// <summary>Changes the style of the house; sentences follow it from now on.</summary>
    public static void Follow(Func<WritingStyle, WritingStyle> change)
    {
        var house = OtherHouse.Value ?? TheHouse;
        lock (house)
        {
            house.Style = change(house.Style);
        }
    }

    /// <summary>Whatever is said or changed within a scope is of another house than the one the server was started for.</summary>
    public static IDisposable In(HouseStyle house)
    {
        var before = OtherHouse.Value;
        OtherHouse.Value = house;
        return new Scope(() => OtherHouse.Value = before);
    }

    /// <summary>A style for what is said within a scope alone, as tests need that run beside others.</summary>
    public static IDisposable Within(WritingStyle style)
    {
        var before = Own.Value;
        Own.Value = style;
        return new Scope(() => Own.Value = before);
    }

    private sealed class Scope(Action leave) : IDisposable
    {
        public void Dispose() => leave();
    }
}

/// <summary>The style that sentences follow in one house.</summary>
public sealed class HouseStyle
{
    private volatile WritingStyle _style = new();

    internal WritingStyle Style
    {
        get => _style;
        set => _style = value;
    }
}
