using Kamuri.Core.Figures;
using Kamuri.Core.Units;
using Kamuri.Store;
using Kamuri.Web.Figures;

namespace Kamuri.Web.Household;

/// <summary>The household's spoons and cups, which are craft figures: choosing a cup chooses all three of them.</summary>
internal static class Cups
{
    private static readonly IReadOnlyList<FigureEntry> Entries =
    [
        .. new[] { "measure.teaspoon", "measure.tablespoon", "measure.cup" }.Select(id => FigureCatalogue.Find(id)!),
    ];

    /// <summary>What the present figures are nearest to.</summary>
    public static CupSize Of(MeasureFigures figures) =>
        figures.Cup.Value > (Entries[2].Shipped + Entries[2].Alternative!.Value) / 2 ? CupSize.Metric : CupSize.Us;

    /// <summary>Sets the figures; what the household has measured itself stays while the cup does.</summary>
    public static async Task ChangeAsync(CupSize cup, FigureMemory figures, KamuriDb db, CancellationToken cancellation)
    {
        if (cup == Of(figures.Current.Measures))
        {
            return;
        }

        await figures.ChangeAsync(
            db,
            own =>
            {
                var with = new Dictionary<string, double>(own);
                foreach (var entry in Entries)
                {
                    with.Remove(entry.Id);
                    if (cup == CupSize.Metric)
                    {
                        with[entry.Id] = entry.Alternative!.Value;
                    }
                }

                return (with, null);
            },
            cancellation
        );
    }
}
