using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>
/// Keeps the ratio of a formula when it is measured with spoons: 1 : 2 : 2 is 1½, 3 and 3 tablespoons and never 1½, 2½ and 2½.
/// </summary>
internal static class SpoonRatio
{
    /// <summary>How far spoons may take the whole from what was wanted (a choice of this product).</summary>
    private const double MostOff = 0.15;

    /// <summary>How far a ratio may be from a half, so that it counts as one.</summary>
    private const double Tolerance = 0.01;

    /// <summary>The largest ratio that anybody reads as one.</summary>
    private const double MostTimes = 12;

    /// <summary>The lines with spoons in the ratio of their volumes; as they are where no simple ratio or no spoon is found.</summary>
    public static List<ScaledLine> Kept(List<ScaledLine> lines, MeasureFigures measures)
    {
        var measured = lines.Where(line => line.Pieces is null && line.Material.Role != MaterialRole.EssentialOil).ToList();
        if (measured.Count < 2)
        {
            return lines;
        }

        var least = measured.Min(line => line.Volume.Value);
        var step = measures.Teaspoon.Value / 4;
        if (measured.Exists(line => !IsSimple(line.Volume.Value / least)) || least < step)
        {
            return lines;
        }

        // The coarsest spoon that is near enough is the quickest to measure with.
        foreach (var spoon in new[] { measures.Tablespoon.Value, measures.Tablespoon.Value / 2, measures.Teaspoon.Value / 2, step })
        {
            var part = Math.Max(1, Math.Round(least / spoon)) * spoon;
            if (Math.Abs(part / least - 1) <= MostOff)
            {
                return
                [
                    .. lines.Select(line =>
                        measured.Contains(line)
                            ? line with
                            {
                                Amount = line.Amount with
                                {
                                    Spoons = KitchenRounding.SpoonsFor(
                                        new Millilitres(Math.Round(line.Volume.Value / least * 2) / 2 * part),
                                        measures
                                    ),
                                },
                            }
                            : line
                    ),
                ];
            }
        }

        return lines;
    }

    private static bool IsSimple(double times) =>
        times <= MostTimes && Math.Abs(times * 2 - Math.Round(times * 2)) <= Tolerance * times * 2;
}
