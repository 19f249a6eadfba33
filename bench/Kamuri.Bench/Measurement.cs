using System.Globalization;
using MathNet.Numerics.Statistics;

namespace Kamuri.Bench;

/// <summary>One measured figure against what it should reach.</summary>
/// <param name="Name">What was measured.</param>
/// <param name="Unit">In what.</param>
/// <param name="P50">Median.</param>
/// <param name="P95">95th percentile; the same as the median for a single figure.</param>
/// <param name="Target">What the P95 should not exceed; null when it is only told.</param>
/// <param name="Count">How many times.</param>
internal sealed record Measurement(string Name, string Unit, double P50, double P95, double? Target, int Count)
{
    public bool? Reached => Target is { } target ? P95 <= target : null;

    public static Measurement Of(string name, string unit, IReadOnlyCollection<double> values, double? target) =>
        new(name, unit, values.Median(), ArrayStatistics.QuantileInplace([.. values], 0.95), target, values.Count);

    public static void Print(IEnumerable<Measurement> measurements)
    {
        Console.WriteLine(Row("figure", "p50", "p95", "target", "n", ""));
        foreach (var each in measurements)
        {
            var reached = each.Reached is { } isReached ? (isReached ? "reached" : "MISSED") : "";
            Console.WriteLine(
                Row($"{each.Name}, {each.Unit}", Show(each.P50), Show(each.P95), Show(each.Target), Show(each.Count), reached)
            );
        }

        static string Show(double? value) => value?.ToString("0.##", CultureInfo.InvariantCulture) ?? "";
        static string Row(string name, string p50, string p95, string target, string count, string reached) =>
            $"{name.PadRight(46)} {p50.PadLeft(10)} {p95.PadLeft(10)} {target.PadLeft(10)} {count.PadLeft(6)} {reached}";
    }
}
