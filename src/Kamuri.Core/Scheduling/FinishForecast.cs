using Kamuri.Core.Timing;

namespace Kamuri.Core.Scheduling;

/// <summary>How sure a finish is.</summary>
/// <param name="LikelyMinutes">Half of all such days are done by then (P50).</param>
/// <param name="NineInTenMinutes">Nine of ten are (P90).</param>
public sealed record FinishForecast(double LikelyMinutes, double NineInTenMinutes)
{
    private const int Draws = 400;

    /// <summary>
    /// Draws log-normal durations for hands-on work through the fixed order; waits keep their length. The seed is fixed,
    /// so the same plan has the same forecast.
    /// </summary>
    public static FinishForecast Of(Schedule schedule, IReadOnlyList<Link> links, HandsOnFigures figures)
    {
        var jobs = schedule.Placements;
        if (jobs.Count == 0)
        {
            return new FinishForecast(0, 0);
        }

        var order = SettledOrder.Of([.. jobs.Select(placed => (placed.Job.Id, (double)placed.Start, placed.Job.Uses))], links);
        var random = new SeededRandom(17);
        var ends = new double[Draws];
        var durations = new double[jobs.Count];
        var starts = new double[jobs.Count];
        for (var draw = 0; draw < Draws; draw++)
        {
            for (var at = 0; at < durations.Length; at++)
            {
                var planned = (double)jobs[at].Minutes;
                durations[at] = jobs[at].Job.IsHandsOn ? planned * Math.Exp(figures.Spread * random.NextNormal()) : planned;
            }

            ends[draw] = order.Time(durations, starts);
        }

        Array.Sort(ends);
        return new FinishForecast(ends[Draws / 2], ends[Draws * 9 / 10]);
    }
}

/// <summary>A small generator that gives the same draws everywhere (SplitMix64), because System.Random may change between versions.</summary>
internal sealed class SeededRandom(ulong seed)
{
    private ulong _state = seed;

    public double NextNormal()
    {
        var (u, v) = (NextUnit(), NextUnit());
        return Math.Sqrt(-2 * Math.Log(u)) * Math.Cos(2 * Math.PI * v);
    }

    /// <summary>Above 0, at most 1.</summary>
    private double NextUnit()
    {
        _state += 0x9E3779B97F4A7C15;
        var z = _state;
        z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9;
        z = (z ^ (z >> 27)) * 0x94D049BB133111EB;
        z ^= z >> 31;
        return ((z >> 11) + 1) * (1.0 / (1UL << 53));
    }
}
