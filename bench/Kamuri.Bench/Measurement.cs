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
        Console.WriteLine($"{"figure",-46} {"p50",10} {"p95",10} {"target",10} {"n",6}");
        foreach (var each in measurements)
        {
            Console.WriteLine(string.Create(CultureInfo.InvariantCulture,
                $"{each.Name + ", " + each.Unit,-46} {each.P50,10:0.##} {each.P95,10:0.##} {each.Target,10:0.##} {each.Count,6} {(each.Reached is { } reached ? reached ? "reached" : "MISSED" : "")}"));
        }
    }
}
