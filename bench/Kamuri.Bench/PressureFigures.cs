using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Bench;

/// <summary>
/// A house that asks for more than its machine can work out: pages and presses go on as if nothing were, whoever is too many is told so,
/// and who goes away leaves their place to others.
/// </summary>
internal static class PressureFigures
{
    private const int WhyNots = 8;
    private const int Longer = 4;
    private const int Previews = 30;
    private const int Looks = 200;
    private static readonly string[] Aims = ["moisture", "strength", "moisture", "reset"];

    public static async Task<IReadOnlyList<Measurement>> MeasureAsync(string app)
    {
        using var server = await ServerProcess.StartAsync(Path.Combine(app, "Kamuri.Web.dll"), demo: true);
        var heads = new List<string>();
        for (var n = 0; n < Aims.Length; n++)
        {
            var lengths = new JsonObject
            {
                ["napeCm"] = 24 + n,
                ["crownCm"] = 26,
                ["frontCm"] = 24,
                ["sidesCm"] = 25,
            };
            var head = new JsonObject
            {
                ["name"] = $"Visitor {n + 1}",
                ["lengths"] = lengths,
                ["density"] = "medium",
                ["strand"] = "medium",
                ["porosity"] = "low",
                ["usualSections"] = 4 + n,
            };
            heads.Add((await server.SendAsync(HttpMethod.Post, "/api/heads", head)).Body!["id"]!.GetValue<string>());
        }

        var (_, session) = await server.SendAsync(
            HttpMethod.Post,
            "/api/sessions",
            new JsonObject { ["plan"] = Wish("0199aaaa-0000-7000-8000-000000000001", "moisture") }
        );
        var events = $"/api/sessions/{session!["id"]}/events";
        var (quiet, _) = await LookAsync(server, events, 40);

        using var dropped = new CancellationTokenSource();
        using var client = new HttpClient(new SocketsHttpHandler { MaxConnectionsPerServer = 200 })
        {
            BaseAddress = server.Address,
            Timeout = Timeout.InfiniteTimeSpan,
        };
        var (next, busy, mute, done) = (0, 0, 0, 0);
        async Task AskOnAsync(string path)
        {
            while (!dropped.IsCancellationRequested)
            {
                try
                {
                    // Each a day of its own, so that nothing is remembered.
                    using var request = new HttpRequestMessage(HttpMethod.Post, path)
                    {
                        Content = JsonContent.Create(Day(heads, Interlocked.Increment(ref next))),
                    };
                    using var answer = await client.SendAsync(request, HttpCompletionOption.ResponseHeadersRead, dropped.Token);
                    if (answer.StatusCode == HttpStatusCode.ServiceUnavailable)
                    {
                        Interlocked.Increment(ref busy);
                        mute += answer.Headers.RetryAfter is null ? 1 : 0;
                        await Task.Delay(200, dropped.Token);
                        continue;
                    }

                    if (!answer.IsSuccessStatusCode)
                    {
                        throw new InvalidOperationException(
                            $"{path}: {(int)answer.StatusCode} {await answer.Content.ReadAsStringAsync(dropped.Token)}"
                        );
                    }

                    await answer.Content.CopyToAsync(Stream.Null, dropped.Token);
                    Interlocked.Increment(ref done);
                }
                catch (Exception cut)
                    when (cut is OperationCanceledException or HttpRequestException or IOException && dropped.IsCancellationRequested)
                {
                    return;
                }
            }
        }

        Task[] asking =
        [
            .. Enumerable.Range(0, WhyNots).Select(_ => AskOnAsync("/api/household-plans/why-not")),
            .. Enumerable.Range(0, Longer).Select(_ => AskOnAsync("/api/household-plans/longer")),
            .. Enumerable.Range(0, Previews).Select(_ => AskOnAsync("/api/household-plans/preview")),
        ];
        await Task.Delay(3_000);
        var (gets, presses) = await LookAsync(server, events, Looks);

        var alone = Stopwatch.GetTimestamp();
        await dropped.CancelAsync();
        var (status, _) = await server.SendAsync(HttpMethod.Post, "/api/plans/preview", Wish(heads[0], "quick"));
        var free = Stopwatch.GetElapsedTime(alone).TotalMilliseconds;
        await Task.WhenAll(asking);
        if (status != 200 || mute > 0 || done + busy == 0)
        {
            throw new InvalidOperationException(
                $"That shows nothing: {status}, {mute} refused without a moment to wait, {done} done, {busy} refused."
            );
        }

        var load = string.Create(CultureInfo.InvariantCulture, $"{WhyNots} why-nots, {Longer} longer, {Previews} previews");
        return
        [
            Measurement.Of("a page, nothing asked for", "ms", quiet, null),
            Measurement.Of($"a page, {load}", "ms", gets, 150),
            Measurement.Of("a press meanwhile", "ms", presses, 150),
            new("a plan, when all of them go away", "ms", free, free, 500, 1),
            new("told to come back later meanwhile", "requests", busy, busy, null, 1),
        ];
    }

    private static async Task<(List<double> Gets, List<double> Presses)> LookAsync(ServerProcess server, string events, int times)
    {
        var (gets, presses) = (new List<double>(), new List<double>());
        for (var n = 0; n < times; n++)
        {
            gets.Add(await TimeAsync(() => server.SendAsync(HttpMethod.Get, n % 2 == 0 ? "/api/heads" : "/api/ahead")));
            presses.Add(
                await TimeAsync(() =>
                    server.SendAsync(
                        HttpMethod.Post,
                        events,
                        new JsonObject
                        {
                            ["id"] = Guid.NewGuid().ToString(),
                            ["kind"] = "note",
                            ["text"] = $"note {n}",
                        }
                    )
                )
            );
        }

        return (gets, presses);
    }

    private static async Task<double> TimeAsync(Func<Task<(int Status, JsonNode? Body)>> ask)
    {
        var began = Stopwatch.GetTimestamp();
        var (status, body) = await ask();
        return status == 200
            ? Stopwatch.GetElapsedTime(began).TotalMilliseconds
            : throw new InvalidOperationException($"{status} {body?.ToJsonString()}");
    }

    private static JsonObject Wish(string head, string aim) =>
        new()
        {
            ["headId"] = head,
            ["aim"] = aim,
            ["style"] = "twists",
            ["when"] = new JsonObject { ["mode"] = "startNow" },
            ["dryingAir"] = "blowDryCool",
        };

    /// <summary>Four heads for one pair of hands, by an hour nobody could keep.</summary>
    private static JsonObject Day(List<string> heads, int at) =>
        new()
        {
            ["heads"] = new JsonArray([
                .. heads.Select(
                    (head, n) => new JsonObject { ["plan"] = Wish(head, Aims[n]), ["pauseAfter"] = n == 0 ? 30 + at % 25 : null }
                ),
            ]),
            ["hands"] = new JsonArray(new JsonObject { ["name"] = "Ama" }),
            ["when"] = new JsonObject
            {
                ["mode"] = "readyBy",
                ["date"] = DateTime.Now.AddDays(2 + at / 600).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
                ["time"] = new TimeOnly(9, 0).AddMinutes(at % 600).ToString("HH:mm:ss", CultureInfo.InvariantCulture),
            },
        };
}
