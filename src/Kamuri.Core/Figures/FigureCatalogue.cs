using System.Collections.Frozen;
using System.Globalization;
using Kamuri.Core.Units;

namespace Kamuri.Core.Figures;

/// <summary>Every settable figure there is, and what a household's own values make of them.</summary>
public static partial class FigureCatalogue
{
    /// <summary>Every figure, in the order of the craft figures page.</summary>
    public static IReadOnlyList<FigureEntry> All { get; } =
    [
        .. HeadEntries(),
        .. HandsEntries(),
        .. StepEntries(),
        .. ProcessingEntries(),
        .. DryingEntries(),
        .. CoolingEntries(),
        .. AmountEntries(),
        .. MixtureEntries(),
        .. RhythmEntries(),
        .. MoistureEntries(),
        .. NightEntries(),
    ];

    private static readonly FrozenDictionary<string, FigureEntry> ById = All.ToFrozenDictionary(entry => entry.Id);

    /// <summary>Finds a figure; null when there is none of that name.</summary>
    public static FigureEntry? Find(string id) => ById.GetValueOrDefault(id);

    /// <summary>The figure how fast things cool in a vessel.</summary>
    public static FigureEntry OfCooling(Physics.Vessel vessel) => ById[$"cooling.rate.{Kebab(vessel.ToString())}"];

    /// <summary>
    /// The figures of a household: the shipped ones with its own values put in. A value under a name that is no longer
    /// known, or outside its range, is left out, so that an old file never makes a plan impossible.
    /// </summary>
    public static CraftFigures With(IReadOnlyDictionary<string, double> own) =>
        All.Where(entry => own.TryGetValue(entry.Id, out var value) && WrongAlone(entry, value) is null)
            .Aggregate(CraftFigures.Default, (figures, entry) => entry.Set(figures, own[entry.Id]));

    /// <summary>What is wrong with changing a figure to a value; null when nothing is.</summary>
    /// <param name="own">The household's other values.</param>
    /// <param name="entry">The figure to change.</param>
    /// <param name="value">Its new value, in the entry's unit.</param>
    public static string? Wrong(IReadOnlyDictionary<string, double> own, FigureEntry entry, double value)
    {
        if (WrongAlone(entry, value) is { } alone)
        {
            return alone;
        }

        // Windows and intervals are three figures that must stay in order.
        var (figures, prefix) = (entry.Set(With(own), value), entry.Id[..entry.Id.LastIndexOf('.')]);
        var line = Order.Select(end => Find($"{prefix}.{end}")).ToList();
        if (!line.Contains(entry) || line.Any(each => each is null))
        {
            return null;
        }

        var values = line.Select(each => each!.Get(figures)).ToList();
        return values[0] <= values[1] && values[1] <= values[2]
            ? null
            : $"Earliest, usual and latest would be {string.Join(", ", values.Select(Reckoning.Show))}; they have to be in that order.";
    }

    private static readonly string[] Order = ["earliest", "usual", "latest"];

    private static string? WrongAlone(FigureEntry entry, double value) =>
        !double.IsFinite(value) ? "A number is needed."
        : value < entry.Least || value > entry.Most ? $"{entry.Name}: {Range(entry)}."
        : entry.IsWhole && value != Math.Floor(value) ? $"{entry.Name} is a whole number."
        : null;

    private static string Range(FigureEntry entry) =>
        entry.Unit switch
        {
            "°C" => Say.Temperatures(entry.Least, entry.Most),
            "cm" => $"{Say.Length(entry.Least)} to {Say.Length(entry.Most)}",
            "" => $"{Show(entry.Least)} to {Show(entry.Most)}",
            var unit => $"{Show(entry.Least)} to {Show(entry.Most)} {unit}",
        };

    private static string Show(double value) => value.ToString("#,##0.####", CultureInfo.InvariantCulture).Replace(',', '\u202f');
}
