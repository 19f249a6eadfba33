namespace Kamuri.Core.Figures;

/// <summary>What a figure is about; the groups of the craft figures page, in its order.</summary>
public enum FigureGroup
{
    Head,
    Hands,
    Steps,
    Processing,
    Drying,
    Cooling,
    Amounts,
    Mixtures,
    Rhythm,
    Night,
}

/// <summary>
/// One settable figure of the craft: what it is, where it comes from, in which range it makes sense, and how it is read
/// from and put into the record everything computes with.
/// </summary>
/// <param name="Id">Stable name a change is kept under: <c>drying.air.fan</c>.</param>
/// <param name="Group">What it is about.</param>
/// <param name="About">What it belongs to within the group, such as the step; empty for the group itself.</param>
/// <param name="Name">In plain words.</param>
/// <param name="Unit">Its unit; empty for a bare factor.</param>
/// <param name="Least">Least that makes sense.</param>
/// <param name="Most">Most that makes sense.</param>
/// <param name="Source">Where the shipped value comes from.</param>
/// <param name="Get">Reads it.</param>
/// <param name="Set">Gives the record with it changed.</param>
public sealed record FigureEntry(
    string Id,
    FigureGroup Group,
    string About,
    string Name,
    string Unit,
    double Least,
    double Most,
    string Source,
    Func<CraftFigures, double> Get,
    Func<CraftFigures, double, CraftFigures> Set
)
{
    /// <summary>The value as shipped.</summary>
    public double Shipped { get; } = Get(CraftFigures.Default);

    /// <summary>Another value that is as usual elsewhere, and the word for it; null when there is none.</summary>
    public FigureAlternative? Alternative { get; init; }

    /// <summary>Counts and days are whole.</summary>
    public bool IsWhole { get; init; }
}

/// <summary>A value a figure has by another custom.</summary>
/// <param name="Word">The custom: figures with the same word go together.</param>
/// <param name="Value">In the figure's unit.</param>
public sealed record FigureAlternative(string Word, double Value);
