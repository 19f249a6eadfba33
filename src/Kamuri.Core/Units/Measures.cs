using System.Globalization;

namespace Kamuri.Core.Units;

/// <summary>What a kitchen measures in.</summary>
public enum Unit
{
    Gram,
    Kilogram,
    Ounce,
    Millilitre,
    Litre,
    Teaspoon,
    Tablespoon,
    Cup,
    FluidOunce,
    Drop,
    Piece,
    PartByVolume,
    PartByWeight,
}

/// <summary>
/// What spoons, cups and drops hold. Craft defaults; settable, so that metric spoons and a household's own dropper count.
/// </summary>
public sealed record MeasureFigures
{
    public Millilitres Teaspoon { get; init; } = new(4.93);
    public Millilitres Tablespoon { get; init; } = new(14.79);
    public Millilitres Cup { get; init; } = new(236.6);
    public Millilitres FluidOunce { get; init; } = new(29.57);

    /// <summary>Drops in a millilitre, 20 to 35 by the dropper.</summary>
    public double DropsPerMillilitre { get; init; } = 20;

    /// <summary>What one part stands for while a formula in parts has not been scaled yet, in ml or g.</summary>
    public double Part { get; init; } = 30;
}

/// <summary>An amount cannot be turned into another unit; the message says why and what would do.</summary>
public sealed class UnitMismatchException(string message) : Exception(message);

/// <summary>Converts between what a kitchen measures in and millilitres, by density where weight is meant.</summary>
public static class Measures
{
    private const double GramsPerOunce = 28.349523125;

    private static readonly (Unit Unit, string Name, string[] Spellings)[] Names =
    [
        (Unit.Gram, "g", ["g", "gram", "grams"]),
        (Unit.Kilogram, "kg", ["kg", "kilogram", "kilograms"]),
        (Unit.Ounce, "oz", ["oz", "ounce", "ounces"]),
        (Unit.Millilitre, "ml", ["ml", "millilitre", "millilitres", "milliliter", "milliliters"]),
        (Unit.Litre, "l", ["l", "litre", "litres", "liter", "liters"]),
        (Unit.Teaspoon, "tsp", ["tsp", "teaspoon", "teaspoons"]),
        (Unit.Tablespoon, "tbsp", ["tbsp", "tablespoon", "tablespoons"]),
        (Unit.Cup, "cup", ["cup", "cups"]),
        (Unit.FluidOunce, "fl oz", ["fl oz", "floz", "fluid ounce", "fluid ounces"]),
        (Unit.Drop, "drops", ["drop", "drops"]),
        (Unit.Piece, "×", ["×", "piece", "pieces"]),
        (Unit.PartByVolume, "parts", ["part", "parts", "parts by volume"]),
        (Unit.PartByWeight, "parts by weight", ["parts by weight", "part by weight"]),
    ];

    /// <summary>How a unit is written.</summary>
    public static string Name(Unit unit) => Names.First(each => each.Unit == unit).Name;

    /// <summary>Every spelling that is read, longest first.</summary>
    public static IReadOnlyList<(string Spelling, Unit Unit)> Spellings { get; } =
    [.. Names.SelectMany(each => each.Spellings.Select(spelling => (spelling, each.Unit))).OrderByDescending(pair => pair.spelling.Length)];

    /// <summary>Whether a unit says how heavy, and so needs a density to become a volume.</summary>
    public static bool IsWeight(Unit unit) => unit is Unit.Gram or Unit.Kilogram or Unit.Ounce or Unit.PartByWeight;

    /// <summary>Whether a unit is a share of a whole rather than an amount.</summary>
    public static bool IsPart(Unit unit) => unit is Unit.PartByVolume or Unit.PartByWeight;

    /// <summary>The volume of an amount.</summary>
    /// <param name="amount">In <paramref name="unit"/>.</param>
    /// <param name="unit">What it is measured in.</param>
    /// <param name="density">In g/ml.</param>
    /// <param name="gramsPerPiece">Weight of one piece; null for what is not counted.</param>
    /// <param name="figures">What spoons and drops hold.</param>
    /// <exception cref="UnitMismatchException">Pieces of something that is not counted.</exception>
    public static Millilitres ToVolume(double amount, Unit unit, double density, double? gramsPerPiece, MeasureFigures figures) =>
        new(
            unit switch
            {
                Unit.Piece => gramsPerPiece is { } grams ? amount * grams / density : throw new UnitMismatchException(UnitWords.NotCounted),
                Unit.Gram => amount / density,
                Unit.Kilogram => amount * 1000 / density,
                Unit.Ounce => amount * GramsPerOunce / density,
                Unit.PartByWeight => amount * figures.Part / density,
                _ => amount * InMillilitres(unit, figures),
            }
        );

    /// <summary>An amount of a volume in a unit; the inverse of <see cref="ToVolume"/>.</summary>
    /// <exception cref="UnitMismatchException">Pieces of something that is not counted.</exception>
    public static double FromVolume(Millilitres volume, Unit unit, double density, double? gramsPerPiece, MeasureFigures figures) =>
        volume.Value / ToVolume(1, unit, density, gramsPerPiece, figures).Value;

    private static double InMillilitres(Unit unit, MeasureFigures figures) =>
        unit switch
        {
            Unit.Millilitre => 1,
            Unit.Litre => 1000,
            Unit.Teaspoon => figures.Teaspoon.Value,
            Unit.Tablespoon => figures.Tablespoon.Value,
            Unit.Cup => figures.Cup.Value,
            Unit.FluidOunce => figures.FluidOunce.Value,
            Unit.Drop => 1 / figures.DropsPerMillilitre,
            _ => figures.Part,
        };
}

/// <summary>Rounds an exact amount to what a kitchen can measure, and writes it down.</summary>
public static class KitchenRounding
{
    /// <summary>Millilitres that can be measured: steps of 1 under 20, of 5 under 100, of 10 from there. Never nothing.</summary>
    public static Millilitres Measurable(Millilitres exact)
    {
        var step =
            exact.Value < 20 ? 1
            : exact.Value < 100 ? 5
            : 10;
        return new Millilitres(Math.Max(1, Math.Round(exact.Value / step, MidpointRounding.AwayFromZero) * step));
    }

    /// <summary>In millilitres: <c>100 ml</c>; under 1 ml to a tenth, for what is taken by the drop.</summary>
    public static string Metric(Millilitres exact) =>
        exact.Value < 0.95
            ? string.Create(CultureInfo.InvariantCulture, $"{Math.Max(0.1, Math.Round(exact.Value, 1)):0.0} ml")
            : string.Create(CultureInfo.InvariantCulture, $"{Measurable(exact).Value:0} ml");

    /// <summary>On a scale: to 0.1 g under 10 g, else to 1 g.</summary>
    public static string Weight(Grams exact) =>
        exact.Value < 10
            ? string.Create(CultureInfo.InvariantCulture, $"{Math.Max(0.1, Math.Round(exact.Value, 1)):0.0} g")
            : string.Create(CultureInfo.InvariantCulture, $"{Math.Round(exact.Value):0} g");

    /// <summary>In spoons and cups: ¼ tsp under a tablespoon, ½ tbsp under a cup, ¼ cup from there.</summary>
    public static string Spoons(Millilitres exact, MeasureFigures figures)
    {
        if (exact.Value < figures.Tablespoon.Value)
        {
            return $"{Fraction(Math.Max(1, Steps(exact, figures.Teaspoon, 4)) / 4)} tsp";
        }

        return exact.Value < figures.Cup.Value * 0.97
            ? InSpoons(Steps(exact, figures.Tablespoon, 2) / 2, Math.Floor(figures.Cup.Value / 4 / figures.Tablespoon.Value + 0.01))
            : Cups(Steps(exact, figures.Cup, 4) / 4);
    }

    /// <summary>
    /// An amount that was chosen so that spoons measure it, without rounding it to the next half: 20 ml are 4 teaspoons.
    /// </summary>
    public static string SpoonsFor(Millilitres chosen, MeasureFigures figures)
    {
        var halves = chosen.Value / figures.Tablespoon.Value * 2;
        if (chosen.Value < figures.Tablespoon.Value || Math.Abs(halves - Math.Round(halves)) < 0.01)
        {
            return Spoons(chosen, figures);
        }

        var tablespoons = Math.Floor(halves / 2);
        var rest = Spoons(new Millilitres(chosen.Value - tablespoons * figures.Tablespoon.Value), figures);
        const double quickByTeaspoon = 2;
        return tablespoons < quickByTeaspoon
            ? $"{Fraction(Steps(chosen, figures.Teaspoon, 4) / 4)} tsp"
            : $"{Fraction(tablespoons)} tbsp and {rest}";
    }

    /// <summary>Drops, rounded down and never up; 0 when it is less than one.</summary>
    public static int Drops(Millilitres exact, MeasureFigures figures) => (int)Math.Floor(exact.Value * figures.DropsPerMillilitre + 1e-9);

    /// <summary>A count in quarters: <c>1½</c>.</summary>
    public static string Fraction(double value)
    {
        var whole = (int)value;
        var part = Math.Round((value - whole) * 4) switch
        {
            1 => "¼",
            2 => "½",
            3 => "¾",
            4 => "1",
            _ => "",
        };
        return part == "1" ? $"{whole + 1}"
            : whole == 0 && part != "" ? part
            : $"{whole}{part}";
    }

    private static double Steps(Millilitres exact, Millilitres measure, int parts) =>
        Math.Round(exact.Value / measure.Value * parts, MidpointRounding.AwayFromZero);

    /// <summary>More than eight spoons are quicker with a cup: <c>½ cup and 2 tbsp</c>.</summary>
    private static string InSpoons(double spoons, double spoonsInQuarter)
    {
        const double quickBySpoon = 8;
        var quarters = Math.Floor(spoons / spoonsInQuarter);
        var rest = spoons - quarters * spoonsInQuarter;
        return spoons < quickBySpoon ? $"{Fraction(spoons)} tbsp"
            : rest > 0 ? $"{Cups(quarters / 4)} and {Fraction(rest)} tbsp"
            : Cups(quarters / 4);
    }

    private static string Cups(double cups) => $"{Fraction(cups)} {(cups > 1 ? "cups" : "cup")}";
}
