using System.Diagnostics;
using System.Globalization;
using System.IO.Compression;
using System.Text;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Kamuri.Testing;

namespace Kamuri.Bench;

/// <summary>What the published server takes: to start, in memory, to acknowledge a press, and what a first visit loads.</summary>
internal static partial class ServerFigures
{
    /// <summary>The heads of the demo household.</summary>
    private static readonly string[] Heads =
    [
        "0199aaaa-0000-7000-8000-000000000001",
        "0199aaaa-0000-7000-8000-000000000002",
        "0199aaaa-0000-7000-8000-000000000003",
    ];

    public static async Task<IReadOnlyList<Measurement>> MeasureAsync(string app)
    {
        var server = Path.Combine(app, "Kamuri.Web.dll");
        var starts = new List<double>();
        for (var n = 0; n < 5; n++)
        {
            using var started = await ServerProcess.StartAsync(server);
            starts.Add(started.Startup.TotalSeconds);
        }

        using var running = await ServerProcess.StartAsync(server, demo: true);
        for (var n = 0; n < 30; n++)
        {
            await running.SendAsync(HttpMethod.Post, "/api/plans/preview", Plan(Heads[0]));
        }

        var presses = await PressesAsync(running, new JsonObject { ["plan"] = Plan(Heads[0]) });
        var memory = running.ResidentBytes;
        var three = await PressesAsync(
            running,
            new JsonObject
            {
                ["household"] = new JsonObject
                {
                    ["heads"] = new JsonArray([.. Heads.Select(head => new JsonObject { ["plan"] = Plan(head) })]),
                    ["when"] = new JsonObject { ["mode"] = "startNow" },
                },
            }
        );
        using var empty = await ServerProcess.StartAsync(server);
        var table = await ImportAsync(empty);
        return
        [
            Measurement.Of("server ready, empty house", "s", starts, 2.5),
            Measurement.Of("a press acknowledged on disk", "ms", presses.Acknowledged, 15),
            Measurement.Of("a press seen on another screen", "ms", presses.Seen, 150),
            Measurement.Of("three heads: a press seen on another screen", "ms", three.Seen, 150),
            Single("5 000 products taken in from a table", "s", table, 2),
            Single("resident memory after plans and a run", "MB", memory / 1024.0 / 1024, 250),
            Single("resident memory after a day of three heads too", "MB", running.ResidentBytes / 1024.0 / 1024, null),
            Single("first-load script", "KB gzip", FirstLoad(Path.Combine(app, "wwwroot"), FirstScripts()), 220),
            Single("first-load styles", "KB gzip", FirstLoad(Path.Combine(app, "wwwroot"), FirstStyles()), null),
        ];
    }

    /// <summary>Seconds until a table of five thousand labelled products is on the shelf.</summary>
    private static async Task<double> ImportAsync(ServerProcess server)
    {
        var table = new StringBuilder("name,role,size_ml,left_ml,price,opened,months_after_opening,label\n");
        for (var n = 0; n < 5_000; n++)
        {
            table.Append(
                CultureInfo.InvariantCulture,
                $"Invented cream {n},cream,250,{n % 250},7.90,2026-01-{1 + n % 28:00},12,\"Aqua, Glycerin, Cetearyl "
                    + $"Alcohol, Butyrospermum Parkii (Shea) Butter, Phenoxyethanol\"\n"
            );
        }

        using var content = new StringContent(table.ToString(), Encoding.UTF8, "text/csv");
        var began = Stopwatch.GetTimestamp();
        var answer = await server.Http.PostAsync(new Uri("/api/products/import", UriKind.Relative), content);
        var told = await answer.Content.ReadAsStringAsync();
        var took = Stopwatch.GetElapsedTime(began).TotalSeconds;
        return told.Contains("\"added\":5000", StringComparison.Ordinal)
            ? took
            : throw new InvalidOperationException($"The table was not taken in: {told[..Math.Min(200, told.Length)]}");
    }

    private static Measurement Single(string name, string unit, double value, double? target) => new(name, unit, value, value, target, 1);

    private static JsonObject Plan(string head) =>
        new()
        {
            ["headId"] = head,
            ["aim"] = "moisture",
            ["style"] = head == Heads[0] ? "twists" : "asItIs",
            ["when"] = new JsonObject { ["mode"] = "startNow" },
        };

    /// <summary>Presses in a session, and the same presses as they arrive on another screen, in milliseconds.</summary>
    private static async Task<(List<double> Acknowledged, List<double> Seen)> PressesAsync(ServerProcess server, JsonObject begun)
    {
        var (status, session) = await server.SendAsync(HttpMethod.Post, "/api/sessions", begun);
        if (status != 201)
        {
            throw new InvalidOperationException($"The session did not begin: {session?.ToJsonString()}");
        }

        var path = $"/api/sessions/{session!["id"]}";
        await using var stream = await server.Http.GetStreamAsync(new Uri(path + "/stream", UriKind.Relative));
        using var reader = new StreamReader(stream);
        var (acknowledged, seen) = (new List<double>(), new List<double>());
        for (var n = 0; n < 260; n++)
        {
            var text = $"note {n}";
            var press = new JsonObject
            {
                ["id"] = Guid.NewGuid().ToString(),
                ["kind"] = "note",
                ["text"] = text,
            };
            var began = Stopwatch.GetTimestamp();
            var other = SeeAsync(reader, text);
            await server.SendAsync(HttpMethod.Post, path + "/events", press);
            var took = Stopwatch.GetElapsedTime(began).TotalMilliseconds;
            await other;
            if (n >= 60)
            {
                acknowledged.Add(took);
                seen.Add(Stopwatch.GetElapsedTime(began).TotalMilliseconds);
            }
        }

        return (acknowledged, seen);
    }

    private static async Task SeeAsync(StreamReader reader, string text)
    {
        while (await reader.ReadLineAsync() is { } line)
        {
            if (line.Contains($"\"text\":\"{text}\"", StringComparison.Ordinal))
            {
                return;
            }
        }
    }

    private static double FirstLoad(string root, Regex files)
    {
        var page = File.ReadAllText(Path.Combine(root, "index.html"));
        return files.Matches(page).Sum(match => Zipped(Path.Combine(root, match.Groups[1].Value.TrimStart('/')))) / 1024;
    }

    private static double Zipped(string file)
    {
        using var zipped = new MemoryStream();
        using (var gzip = new GZipStream(zipped, CompressionLevel.SmallestSize, leaveOpen: true))
        {
            gzip.Write(File.ReadAllBytes(file));
        }

        return zipped.Length;
    }

    [GeneratedRegex("(?:src|href)=\"([^\"]+[.]js)\"")]
    private static partial Regex FirstScripts();

    [GeneratedRegex("href=\"([^\"]+[.]css)\"")]
    private static partial Regex FirstStyles();
}
