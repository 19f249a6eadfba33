using System.Text.Json;
using Kamuri.Bench;

var root = Directory.GetCurrentDirectory();
var app = Path.Combine(root, "artifacts", "app");
if (!File.Exists(Path.Combine(app, "Kamuri.Web.dll")))
{
    Console.Error.WriteLine("Run this as ./kamuri bench; it measures the built application.");
    return 2;
}

Measurement[] measurements = [.. PlanLatency.Measure(), .. HouseholdFigures.Measure(), .. await ServerFigures.MeasureAsync(app)];
Measurement.Print(measurements);
var file = Path.Combine(root, "artifacts", "bench.json");
await File.WriteAllTextAsync(file, JsonSerializer.Serialize(measurements, new JsonSerializerOptions(JsonSerializerDefaults.Web) { WriteIndented = true }));
Console.WriteLine($"Written to {Path.GetRelativePath(root, file)}");
return 0;
