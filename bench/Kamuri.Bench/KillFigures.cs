using System.Diagnostics;
using System.Text.Json.Nodes;
using Kamuri.Testing;
using Microsoft.Data.Sqlite;

namespace Kamuri.Bench;

/// <summary>
/// The server killed (kill -9) at random moments of a run, again and again on the same file: what was acknowledged is there
/// afterwards, and the file is whole.
/// </summary>
internal static class KillFigures
{
    private const string Head = "0199aaaa-0000-7000-8000-000000000001";

    public static async Task<IReadOnlyList<Measurement>> MeasureAsync(string app, int kills)
    {
        var server = Path.Combine(app, "Kamuri.Web.dll");
        var folder = Directory.CreateTempSubdirectory("kamuri-kills-").FullName;
        var random = new Random(11);
        var (acknowledged, lost, broken) = (new List<string>(), 0, 0);
        var ready = new List<double>();
        try
        {
            var path = await BeginAsync(server, folder);
            for (var n = 0; n < kills; n++)
            {
                using var running = await ServerProcess.StartAsync(server, folder);
                ready.Add(running.Startup.TotalSeconds);
                var (_, view) = await running.SendAsync(HttpMethod.Get, path);
                var kept = view!["notes"]!.AsArray().Select(note => note!["text"]!.GetValue<string>()).ToHashSet();
                lost += acknowledged.Count(text => !kept.Contains(text));
                // Several devices press while the axe falls.
                using var end = new CancellationTokenSource(random.Next(200, 1_500));
                await Task.WhenAll(
                    Enumerable
                        .Range(0, 3)
                        .Select(device => PressAsync(running, path, $"{n}-{device}", acknowledged, end.Token))
                        .Append(KillAsync(running, end.Token))
                );
                broken += IsWhole(folder) ? 0 : 1;
            }
        }
        finally
        {
            SqliteConnection.ClearAllPools();
            Directory.Delete(folder, recursive: true);
        }

        if (acknowledged.Count < kills)
        {
            throw new InvalidOperationException(
                $"Only {acknowledged.Count} presses were acknowledged in {kills} kills; that shows nothing."
            );
        }

        return
        [
            new Measurement($"lost of {acknowledged.Count} acknowledged in {kills} kills", "events", lost, lost, 0, kills),
            new Measurement($"broken files in {kills} kills", "files", broken, broken, 0, kills),
            Measurement.Of("ready again after a kill", "s", ready, null),
        ];
    }

    private static async Task<string> BeginAsync(string server, string folder)
    {
        using var first = await ServerProcess.StartAsync(server, folder, demo: true);
        var plan = new JsonObject
        {
            ["headId"] = Head,
            ["aim"] = "quick",
            ["style"] = "bun",
            ["when"] = new JsonObject { ["mode"] = "startNow" },
        };
        var (_, session) = await first.SendAsync(HttpMethod.Post, "/api/sessions", new JsonObject { ["plan"] = plan });
        return $"/api/sessions/{session!["id"]}";
    }

    private static async Task PressAsync(ServerProcess server, string path, string device, List<string> acknowledged, CancellationToken end)
    {
        for (var n = 0; !end.IsCancellationRequested; n++)
        {
            var text = $"{device}-{n}";
            try
            {
                var (status, _) = await server.SendAsync(
                    HttpMethod.Post,
                    path + "/events",
                    new JsonObject
                    {
                        ["id"] = Guid.NewGuid().ToString(),
                        ["kind"] = "note",
                        ["text"] = text,
                    }
                );
                if (status == 200)
                {
                    lock (acknowledged)
                    {
                        acknowledged.Add(text);
                    }
                }
            }
            catch (HttpRequestException)
            {
                return;
            }
            catch (IOException)
            {
                return;
            }
        }
    }

    private static async Task KillAsync(ServerProcess server, CancellationToken end)
    {
        try
        {
            await Task.Delay(Timeout.Infinite, end);
        }
        catch (OperationCanceledException)
        {
            server.Kill();
        }
    }

    private static bool IsWhole(string folder)
    {
        using var db = new SqliteConnection($"Data Source={Directory.GetFiles(folder, "*.db").Single()};Pooling=False");
        db.Open();
        using var check = db.CreateCommand();
        check.CommandText = "PRAGMA integrity_check";
        return (string)check.ExecuteScalar()! == "ok";
    }
}
