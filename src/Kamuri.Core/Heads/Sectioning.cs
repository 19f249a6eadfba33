using Kamuri.Core.Timing;

namespace Kamuri.Core.Heads;

/// <summary>One section of hair as parted for work. Numbers run from the nape upwards, left before right.</summary>
/// <param name="Number">1-based; the order in which sections are worked.</param>
/// <param name="Row">0 at the nape, counting towards the forehead.</param>
/// <param name="Rows">How many rows the head is parted into.</param>
/// <param name="Side">-1 left, +1 right, 0 across (odd counts end in one section across the front).</param>
/// <param name="Zone">The zone it mostly lies in.</param>
/// <param name="Name">For example "nape, left".</param>
public sealed record Section(int Number, int Row, int Rows, int Side, Zone Zone, string Name);

/// <summary>Chooses how many sections a head is worked in, and where they lie.</summary>
public static class Sectioning
{
    /// <summary>
    /// The number of sections: the head's own habit if it has one, else 4, 6, 8, 10 or 12 by
    /// length × density × tangle (craft default thresholds; settable).
    /// </summary>
    public static int CountFor(Head head, double tangle, HandsOnFigures figures)
    {
        if (head.UsualSections is { } usual)
        {
            return usual;
        }

        var load =
            head.Lengths.Mean.Value / figures.ReferenceLength.Value * figures.DensityFactor[head.Density] * Math.Max(1, Math.Sqrt(tangle));
        var index = figures.SectionThresholds.Count(threshold => load >= threshold);
        return figures.SectionCounts[index];
    }

    /// <summary>Lays the sections out in pairs from the nape to the forehead.</summary>
    /// <param name="count">2 to 24; an odd count leaves one section across the front.</param>
    public static IReadOnlyList<Section> Lay(int count)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(count, 1);
        var rows = (count + 1) / 2;
        var sections = new List<Section>(count);
        for (var number = 1; number <= count; number++)
        {
            var row = (number - 1) / 2;
            var alone = count % 2 == 1 && number == count;
            var side =
                alone ? 0
                : number % 2 == 1 ? -1
                : 1;
            var zone = ZoneOf(row, rows);
            var where = rows > 3 ? HeadWords.ZoneRow(HeadNames.Of(zone), $"{row + 1}") : HeadNames.Of(zone);
            sections.Add(
                new Section(
                    number,
                    row,
                    rows,
                    side,
                    zone,
                    where
                        + (
                            side < 0 ? ", left"
                            : side > 0 ? ", right"
                            : ", across"
                        )
                )
            );
        }

        return sections;
    }

    private static Zone ZoneOf(int row, int rows)
    {
        var position = (row + 0.5) / rows;
        return position < 0.34 ? Zone.Nape
            : position < 0.67 ? Zone.Crown
            : Zone.Front;
    }
}
