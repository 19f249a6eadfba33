using Kamuri.Testing;

namespace Kamuri.Browser.Tests.Driving;

/// <summary>The published application with the demo household on the real clock.</summary>
public sealed class DemoServer : IAsyncLifetime
{
    public const string Oriel = "0199aaaa-0000-7000-8000-000000000001";

    public const string Bram = "0199aaaa-0000-7000-8000-000000000002";

    public const string Wren = "0199aaaa-0000-7000-8000-000000000003";

    /// <summary>The demo household, lived through once for all classes; each works on a copy.</summary>
    private static readonly Lazy<Task<string>> LivedThrough = new(async () =>
    {
        using var first = await ServerProcess.StartAsync(Repository.Server, demo: true);
        return first.CopyOfData();
    });

    public ServerProcess Process { get; private set; } = null!;

    /// <summary>A server on a copy of the demo household.</summary>
    internal static async Task<ServerProcess> StartAsync(bool lan = false)
    {
        var folder = Directory.CreateTempSubdirectory("kamuri-demo-").FullName;
        foreach (var file in Directory.GetFiles(await LivedThrough.Value))
        {
            File.Copy(file, Path.Combine(folder, Path.GetFileName(file)));
        }

        return await ServerProcess.StartAsync(Repository.Server, folder, demo: true, lan: lan, ownsFolder: true);
    }

    public async ValueTask InitializeAsync() => Process = await StartAsync();

    public ValueTask DisposeAsync()
    {
        Process?.Dispose();
        return ValueTask.CompletedTask;
    }

    /// <summary>Ends whatever a test before this one left running: nobody can be washed twice at once.</summary>
    internal async Task EndDaysAsync()
    {
        var (_, lines) = await Process.SendAsync(HttpMethod.Get, "/api/sessions");
        foreach (
            var line in lines!
                .AsArray()
                .Where(line => line!["status"]!.GetValue<string>() != "finished")
                .DistinctBy(line => line!["id"]!.GetValue<string>())
        )
        {
            await Process.SendAsync(HttpMethod.Post, $"/api/sessions/{line!["id"]}/events", new { id = Guid.NewGuid(), kind = "finished" });
        }
    }

    /// <summary>A wish for Oriel that can begin at any hour.</summary>
    internal static object Wish(string aim = "moisture", string style = "twists", object? when = null, object[]? edits = null) =>
        new
        {
            headId = Oriel,
            aim,
            style,
            when = when ?? new { mode = "startNow" },
            dryingAir = "hoodLow",
            // She wears twists since her last day.
            starts = new { comes = "dry" },
            edits = edits ?? [],
        };

    /// <summary>A day with Oriel and the child, for one pair of hands or two.</summary>
    internal static object Household(object? when = null, params string[] hands) =>
        Day([(Oriel, "moisture", "twists"), (Wren, "moisture", "braids")], when, hands);

    /// <summary>A day with Oriel and two visitors with loose hair, for one pair of hands: too much to be proven at once.</summary>
    internal async Task<object> LongDayAsync()
    {
        var visitors = new List<string>();
        foreach (var name in new[] { "Ilse", "Runa" })
        {
            var lengths = new
            {
                napeCm = 14,
                crownCm = 14,
                frontCm = 14,
                sidesCm = 14,
            };
            var (_, head) = await Process.SendAsync(
                HttpMethod.Post,
                "/api/heads",
                new
                {
                    name,
                    lengths,
                    density = "medium",
                    strand = "medium",
                    porosity = "low",
                    usualSections = 4,
                }
            );
            visitors.Add(head!["id"]!.GetValue<string>());
        }

        return Day([(Oriel, "moisture", "twists"), (visitors[0], "strength", "twists"), (visitors[1], "moisture", "bun")], null, []);
    }

    private static object Day((string, string, string)[] asked, object? when, string[] hands) =>
        new
        {
            heads = asked.Select(head => new
            {
                wish = new
                {
                    headId = head.Item1,
                    aim = head.Item2,
                    style = head.Item3,
                    when = when ?? new { mode = "startNow" },
                    dryingAir = "blowDryCool",
                    starts = new { comes = "dry" },
                    edits = Array.Empty<object>(),
                },
                present = Array.Empty<object>(),
                readyBy = (string?)null,
                pauseAfter = (int?)null,
            }),
            at = 0,
            hands = hands.Select(name => new { name }),
            taken = Array.Empty<object>(),
        };
}
