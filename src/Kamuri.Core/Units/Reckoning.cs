using System.Globalization;

namespace Kamuri.Core.Units;

/// <summary>
/// A number that carries the working that led to it, so that what is shown is exactly what was computed:
/// <c>30 usual × 1.25 low porosity, no heat</c>.
/// </summary>
/// <param name="Value">The value so far, in whatever unit the caller began with.</param>
/// <param name="Text">The working so far, without the result.</param>
public readonly record struct Reckoning(double Value, string Text)
{
    /// <summary>Begins with a known figure and what it is.</summary>
    public static Reckoning From(double value, string what) => new(value, $"{Show(value)} {what}");

    /// <summary>Multiplies, naming the reason. A factor of exactly one leaves value and text alone.</summary>
    public Reckoning Times(double factor, string why) => factor == 1 ? this : new(Value * factor, $"{Text} × {Show(factor)} {why}");

    /// <summary>Divides, naming the reason. A divisor of exactly one leaves value and text alone.</summary>
    public Reckoning DividedBy(double by, string why) => by == 1 ? this : new(Value / by, $"{Text} ÷ {Show(by)} {why}");

    /// <summary>Adds, naming the reason. Zero leaves value and text alone.</summary>
    public Reckoning Plus(double addend, string why) => addend == 0 ? this : new(Value + addend, $"{Text} + {Show(addend)} {why}");

    /// <summary>Holds the value between two bounds and says so when one of them bites.</summary>
    public Reckoning Within(double least, double most) =>
        Value < least ? new(least, $"{Text}, held at least {Show(least)}")
        : Value > most ? new(most, $"{Text}, held at most {Show(most)}")
        : this;

    /// <summary>Holds the value at a least one, naming the reason. Where it is reached, value and text stay.</summary>
    public Reckoning AtLeast(double least, string why) => Value >= least ? this : new(least, $"{Text}, raised to {Show(least)}: {why}");

    /// <summary>The whole working with its result, for example <c>30 usual × 1.25 low porosity = 38 min</c>.</summary>
    /// <param name="unit">The unit to print behind the result.</param>
    /// <param name="decimals">Digits after the point, 0 to 3.</param>
    public string Sentence(string unit, int decimals = 0)
    {
        var rounded = Math.Round(Value, decimals, MidpointRounding.AwayFromZero);
        return $"{Text} = {rounded.ToString($"F{decimals}", CultureInfo.InvariantCulture)} {unit}";
    }

    /// <summary>A figure as a person would write it: at most two decimals, none when whole, thousands with a thin space.</summary>
    public static string Show(double value)
    {
        var rounded = Math.Round(value, Math.Abs(value) < 10 ? 2 : 1, MidpointRounding.AwayFromZero);
        return rounded.ToString("#,##0.##", CultureInfo.InvariantCulture).Replace(',', '\u202f');
    }
}
