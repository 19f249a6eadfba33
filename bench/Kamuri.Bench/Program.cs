using System.Text.Json;
using Kamuri.Bench;

var root = Directory.GetCurrentDirectory();
var app = Path.Combine(root, "artifacts", "app");
if (!File.Exists(Path.Combine(app, "Kamuri.Web.dll")))
{
    Console.Error.WriteLine("Run this as ./kamuri bench; it measures the built application.");
    return 2;
}

// ./kamuri bench fuzz [N [SEED]]: what nobody should send, to every address.
if (args.FirstOrDefault() == "fuzz")
{
    const int usualRequests = 20_000;
    var requests = args.Length > 1 && int.TryParse(args[1], out var count) ? count : usualRequests;
    return await Fuzz.RunAsync(app, requests, args.Length > 2 && int.TryParse(args[2], out var seed) ? seed : 1) ? 0 : 1;
}

// ./kamuri bench pressure | decade: a house that asks for too much, and one with ten years behind it.
if (args.FirstOrDefault() is "pressure" or "decade")
{
    var figures = args[0] == "pressure" ? await PressureFigures.MeasureAsync(app) : await DecadeFigures.MeasureAsync(app);
    Measurement.Print(figures);
    return figures.All(each => each.Reached != false) ? 0 : 1;
}

// ./kamuri bench plans: what the core takes, without a server.
if (args.FirstOrDefault() == "plans")
{
    Measurement.Print([.. PlanLatency.Measure()]);
    return 0;
}

// ./kamuri bench kills [N]: only the kills, as many as are asked for; else a few of them with everything else.
const int fewKills = 12;
const int manyKills = 200;
var onlyKills = args.FirstOrDefault() == "kills";
var kills =
    args.Length > 1 && int.TryParse(args[1], out var asked) ? asked
    : onlyKills ? manyKills
    : fewKills;
Measurement[] measurements = onlyKills
    ? [.. await KillFigures.MeasureAsync(app, kills)]
    :
    [
        .. PlanLatency.Measure(),
        .. HouseholdFigures.Measure(),
        .. RunFigures.Measure(),
        .. await ServerFigures.MeasureAsync(app),
        .. await KillFigures.MeasureAsync(app, kills),
    ];
Measurement.Print(measurements);
var file = Path.Combine(root, "artifacts", onlyKills ? "bench-kills.json" : "bench.json");
await File.WriteAllTextAsync(
    file,
    JsonSerializer.Serialize(measurements, new JsonSerializerOptions(JsonSerializerDefaults.Web) { WriteIndented = true })
);
Console.WriteLine($"Written to {Path.GetRelativePath(root, file)}");
return 0;
