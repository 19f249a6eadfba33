using System.Net.Http.Headers;
using System.Text.Json.Nodes;
using Kamuri.Testing;
using Microsoft.Data.Sqlite;

namespace Kamuri.Web.Tests;

/// <summary>Backups, archives, deleting, reopening and what was set aside, over the API.</summary>
public sealed class DataApiTests : IAsyncLifetime
{
    private ServerProcess _server = null!;

    public async ValueTask InitializeAsync() => _server = await ServerProcess.StartAsync(Server.Assembly);

    public ValueTask DisposeAsync()
    {
        _server.Dispose();
        return ValueTask.CompletedTask;
    }

    private async Task<JsonNode> OkAsync(HttpMethod method, string path, object? body = null, int expected = 200)
    {
        var (status, answer) = await _server.SendAsync(method, path, body);
        Assert.True(status == expected, $"{method} {path}: {status} {answer?.ToJsonString()}");
        return answer ?? new JsonObject();
    }

    private async Task<string[]> HeadsAsync() =>
        [.. (await OkAsync(HttpMethod.Get, "/api/heads")).AsArray().Select(head => head!["head"]!["name"]!.GetValue<string>()).Order()];

    /// <summary>A day of a head, finished or not.</summary>
    private async Task<string> DayAsync(string head, bool finished)
    {
        var session = await OkAsync(HttpMethod.Post, "/api/sessions", new { plan = Bodies.Plan(head, "quick", "bun") }, 201);
        var path = $"/api/sessions/{session["id"]}";
        if (finished)
        {
            var now = session;
            for (var n = 0; n < 100 && !now["allDone"]!.GetValue<bool>(); n++)
            {
                var next = now["hands"]![0]!["doing"] ?? now["hands"]![0]!["next"] ?? now["counting"]![0]!["task"];
                now = await OkAsync(HttpMethod.Post, $"{path}/events", Bodies.Press("taskDone", next!.GetValue<string>()));
            }

            await OkAsync(HttpMethod.Post, $"{path}/events", Bodies.Press("finished"));
        }

        return path;
    }

    private static async Task<(int Status, JsonNode? Body)> SendZipAsync(
        ServerProcess server,
        string path,
        byte[] archive,
        string type = "application/zip"
    )
    {
        using var content = new ByteArrayContent(archive);
        content.Headers.ContentType = new MediaTypeHeaderValue(type);
        using var answer = await server.Http.PostAsync(path, content, TestContext.Current.CancellationToken);
        return ((int)answer.StatusCode, JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)));
    }

    [Fact]
    public async Task A_backup_is_made_downloaded_and_restored_while_serving()
    {
        await _server.MakeHeadAsync(Bodies.Head("Ilse"));
        Assert.Equal("There is no backup yet.", (await OkAsync(HttpMethod.Get, "/api/backups"))["sentence"]!.GetValue<string>());
        var made = await OkAsync(HttpMethod.Post, "/api/backups", null, 201);
        Assert.StartsWith("The last backup was made today at ", made["sentence"]!.GetValue<string>(), StringComparison.Ordinal);
        var name = made["backups"]![0]!["name"]!.GetValue<string>();
        var file = await _server.Http.GetByteArrayAsync($"/api/backups/{name}", TestContext.Current.CancellationToken);
        Assert.Equal("SQLite format 3", System.Text.Encoding.ASCII.GetString(file, 0, 15));

        await _server.MakeHeadAsync(Bodies.Head("Marek"));
        var restored = await OkAsync(HttpMethod.Post, $"/api/backups/{name}/restore");
        Assert.Equal(["Ilse"], await HeadsAsync());
        var aside = restored["backups"]!.AsArray().Single(backup => backup!["kind"]!.GetValue<string>() == "aside")!["name"];
        await OkAsync(HttpMethod.Post, $"/api/backups/{aside}/restore");
        Assert.Equal(["Ilse", "Marek"], await HeadsAsync());
        // It goes on serving: what is written is written.
        await _server.MakeHeadAsync(Bodies.Head("Noor"));
        Assert.Equal(["Ilse", "Marek", "Noor"], await HeadsAsync());
        await OkAsync(HttpMethod.Delete, $"/api/backups/{name}");
        await OkAsync(HttpMethod.Post, $"/api/backups/{name}/restore", null, 404);
        await OkAsync(HttpMethod.Get, "/api/backups/..%2Fkamuri.db", null, 404);
    }

    [Fact]
    public async Task Everything_goes_from_one_household_to_another()
    {
        var head = await _server.MakeHeadAsync(Bodies.Head("Ilse"));
        await DayAsync(head, finished: true);
        var archive = await _server.Http.GetByteArrayAsync("/api/archive", TestContext.Current.CancellationToken);
        using var other = await ServerProcess.StartAsync(Server.Assembly);

        var (_, preview) = await SendZipAsync(other, "/api/archive/preview", archive);
        Assert.True(preview!["intoEmpty"]!.GetValue<bool>());
        Assert.StartsWith("New: 1 head, 1 wash day, ", preview["lines"]![0]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Empty((await other.SendAsync(HttpMethod.Get, "/api/heads")).Body!.AsArray());
        Assert.Equal(200, (await SendZipAsync(other, "/api/archive/import", archive)).Status);
        Assert.Equal(
            (await OkAsync(HttpMethod.Get, "/api/sessions")).ToJsonString(),
            (await other.SendAsync(HttpMethod.Get, "/api/sessions")).Body!.ToJsonString()
        );

        Assert.Equal(415, (await SendZipAsync(other, "/api/archive/import", archive, "text/csv")).Status);
        var (status, problem) = await SendZipAsync(other, "/api/archive/import", archive[..100]);
        Assert.Equal(400, status);
        Assert.Contains("not an archive", problem!["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_head_is_in_one_day_at_a_time_and_a_finished_day_is_reopened()
    {
        var head = await _server.MakeHeadAsync(Bodies.Head("Ilse"));
        var first = await DayAsync(head, finished: false);
        var refused = await OkAsync(HttpMethod.Post, "/api/sessions", new { plan = Bodies.Plan(head, "quick", "bun") }, 409);
        Assert.Equal("Ilse is still in a day that has not ended. Finish or delete that one first.", refused["detail"]!.GetValue<string>());
        Assert.EndsWith(refused["session"]!.GetValue<string>(), first, StringComparison.Ordinal);
        // A rehearsal is no day.
        await OkAsync(
            HttpMethod.Post,
            "/api/sessions",
            new
            {
                plan = Bodies.Plan(head, "quick", "bun"),
                rehearsal = true,
                speed = 60,
            },
            201
        );
        await OkAsync(HttpMethod.Post, $"{first}/reopen", null, 409);
        await OkAsync(HttpMethod.Delete, first);

        var day = await DayAsync(head, finished: true);
        Assert.NotNull((await OkAsync(HttpMethod.Get, $"/api/heads/{head}"))["head"]!["lastWash"]);
        var open = await OkAsync(HttpMethod.Post, $"{day}/reopen");
        Assert.Equal("paused", open["status"]!.GetValue<string>());
        Assert.Null((await OkAsync(HttpMethod.Get, "/api/sessions"))[0]!["finishedAt"]);
        await OkAsync(HttpMethod.Post, "/api/sessions", new { plan = Bodies.Plan(head, "quick", "bun") }, 409);
        await OkAsync(HttpMethod.Post, $"{day}/events", Bodies.Press("resumed"));
        Assert.Equal("finished", (await OkAsync(HttpMethod.Post, $"{day}/events", Bodies.Press("finished")))["status"]!.GetValue<string>());
        Assert.NotNull((await OkAsync(HttpMethod.Get, "/api/sessions"))[0]!["finishedAt"]);
    }

    [Fact]
    public async Task Deleting_says_what_goes_and_can_be_undone()
    {
        var head = await _server.MakeHeadAsync(Bodies.Head("Ilse"));
        var day = await DayAsync(head, finished: true);
        var preview = await OkAsync(HttpMethod.Get, $"/api/heads/{head}/removal");
        Assert.Equal("This will be deleted too: 1 wash day, 4 amounts that were used.", preview["lines"]![0]!.GetValue<string>());

        var removed = await OkAsync(HttpMethod.Delete, $"/api/heads/{head}");
        Assert.Empty(await HeadsAsync());
        await OkAsync(HttpMethod.Get, day, null, 404);
        Assert.Single((await OkAsync(HttpMethod.Get, "/api/removed")).AsArray());
        await OkAsync(HttpMethod.Post, $"/api/removed/{removed["id"]}/undo", null, 204);
        Assert.Equal(["Ilse"], await HeadsAsync());
        Assert.Equal("finished", (await OkAsync(HttpMethod.Get, day))["status"]!.GetValue<string>());
        await OkAsync(HttpMethod.Post, $"/api/removed/{removed["id"]}/undo", null, 404);
    }

    [Fact]
    public async Task A_row_nobody_can_read_takes_no_page_down_is_told_once_and_goes_along()
    {
        var (ilse, marek) = (await _server.MakeHeadAsync(Bodies.Head("Ilse")), await _server.MakeHeadAsync(Bodies.Head("Marek")));
        var day = await DayAsync(ilse, finished: true);
        await DayAsync(marek, finished: true);
        await OkAsync(HttpMethod.Post, "/api/products", new { name = "Thin air", role = "oil" }, 201);
        using (var file = new SqliteConnection($"Data Source={Path.Combine(_server.Folder, "kamuri.db")};Pooling=False"))
        {
            file.Open();
            using var command = file.CreateCommand();
            command.CommandText = $"""
                UPDATE heads SET Wear = '{"{"}"Locs":{"{"}"Stage":"Ancient"{"}"}{"}"}' WHERE Name = 'Marek';
                UPDATE sessions SET PlanJson = replace(PlanJson, '"Soaked"', '"Drenched"') WHERE HeadId = '{ilse.ToUpperInvariant()}';
                UPDATE products SET Role = 'Potion';
                INSERT INTO products (Id, Name, Role, Label, SizeMillilitres, Archived, Version)
                  VALUES ('{Guid.NewGuid().ToString().ToUpperInvariant()}', 'Nothing', 'Oil', '', 1e-30, 0, 1);
                INSERT INTO formulas (Id, Name, FormulaJson, Archived, Version)
                  VALUES ('{Guid.NewGuid().ToString().ToUpperInvariant()}', 'Broken', 'no JSON', 0, 1);
                INSERT INTO templates (Id, Name, CreatedUtcTicks, ContentJson)
                  VALUES ('{Guid.NewGuid().ToString().ToUpperInvariant()}', 'Broken', 0, '[]');
                INSERT INTO planned_days (Id, HeadId, Day, PlanJson, CreatedUtcTicks)
                  VALUES ('{Guid.NewGuid().ToString().ToUpperInvariant()}', '{ilse.ToUpperInvariant()}', '2027-01-01', '', 0);
                """;
            command.ExecuteNonQuery();
        }

        // Read anew from the file: what is open in memory would not notice.
        using var again = await ServerProcess.StartAsync(Server.Assembly, _server.CopyOfData());
        string[] pages =
        [
            "heads",
            "sessions",
            "products",
            "formulas",
            "templates",
            "planned-days",
            "ahead",
            "shopping",
            "batches",
            $"shelf/taking/{ilse}",
        ];
        foreach (var page in pages)
        {
            Assert.Equal(200, (await again.SendAsync(HttpMethod.Get, $"/api/{page}")).Status);
        }

        Assert.Equal(
            ["Ilse"],
            (await again.SendAsync(HttpMethod.Get, "/api/heads")).Body!.AsArray().Select(head => head!["head"]!["name"]!.GetValue<string>())
        );
        Assert.Equal(2, (await again.SendAsync(HttpMethod.Get, "/api/sessions")).Body!.AsArray().Count);
        Assert.Equal(200, (await again.SendAsync(HttpMethod.Post, "/api/plans/preview", Bodies.Plan(ilse))).Status);
        foreach (var path in new[] { $"/api/heads/{marek}", day, $"{day}/review" })
        {
            var (status, problem) = await again.SendAsync(HttpMethod.Get, path);
            Assert.Equal(409, status);
            Assert.Contains("set aside", problem!["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        }

        var rows = (await again.SendAsync(HttpMethod.Get, "/api/set-aside")).Body!.AsArray();
        string[] tables = ["formulas", "heads", "planned_days", "products", "products", "sessions", "templates"];
        Assert.Equal(tables, rows.Select(row => row!["table"]!.GetValue<string>()).Order());
        Assert.All(rows, row => Assert.False(row!["isTold"]!.GetValue<bool>()));
        Assert.Equal(204, (await again.SendAsync(HttpMethod.Post, "/api/set-aside/told")).Status);
        Assert.All((await again.SendAsync(HttpMethod.Get, "/api/set-aside")).Body!.AsArray(), row =>
            Assert.True(row!["isTold"]!.GetValue<bool>())
        );
        using var zip = new System.IO.Compression.ZipArchive(
            new MemoryStream(await again.Http.GetByteArrayAsync("/api/archive", TestContext.Current.CancellationToken))
        );
        using var reader = new StreamReader(zip.GetEntry("data/sessions.json")!.Open());
        Assert.Contains("Drenched", await reader.ReadToEndAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_record_is_looked_through_by_head_by_treatment_and_by_month()
    {
        var (ilse, marek) = (await _server.MakeHeadAsync(Bodies.Head("Ilse")), await _server.MakeHeadAsync(Bodies.Head("Marek")));
        await DayAsync(ilse, finished: true);
        await DayAsync(marek, finished: true);
        async Task<IEnumerable<string>> NamesAsync(string query) =>
            (await OkAsync(HttpMethod.Get, $"/api/sessions?{query}")).AsArray().Select(day => day!["headName"]!.GetValue<string>());

        Assert.Equal(["Marek", "Ilse"], await NamesAsync(""));
        Assert.Equal(["Ilse"], await NamesAsync($"head={ilse}"));
        Assert.Equal(["Marek", "Ilse"], await NamesAsync("treatment=wash"));
        Assert.Empty(await NamesAsync("treatment=retwist"));
        var today = DateTime.UtcNow;
        Assert.Equal(["Marek", "Ilse"], await NamesAsync($"month={today:yyyy-MM}-01"));
        Assert.Empty(await NamesAsync($"month={today.AddMonths(-1):yyyy-MM}-28"));
        Assert.Empty(await NamesAsync($"month={today.AddMonths(1):yyyy-MM}-01"));
        Assert.Equal(400, (await _server.SendAsync(HttpMethod.Get, "/api/sessions?month=May")).Status);
        Assert.Equal(400, (await _server.SendAsync(HttpMethod.Get, "/api/sessions?treatment=7")).Status);
    }

    [Theory]
    [InlineData("UPDATE sessions SET PlanJson = replace(PlanJson, '\"Nape\"', '\"Elbow\"')", "This wash day holds something")]
    [InlineData("UPDATE session_events SET Kind = 'HeadSwapped'", "Something that happened on this day")]
    public async Task A_day_that_is_found_unreadable_when_it_is_opened_is_told_at_once(string damage, string why)
    {
        var day = await DayAsync(await _server.MakeHeadAsync(Bodies.Head("Ilse")), finished: true);
        var folder = _server.CopyOfData();
        using var again = await ServerProcess.StartAsync(Server.Assembly, folder);
        using (var file = new SqliteConnection($"Data Source={Path.Combine(folder, "kamuri.db")};Pooling=False"))
        {
            file.Open();
            using var command = file.CreateCommand();
            command.CommandText = damage;
            command.ExecuteNonQuery();
        }

        var (status, problem) = await again.SendAsync(HttpMethod.Get, day);
        Assert.Equal(409, status);
        Assert.StartsWith(why, problem!["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        var row = Assert.Single((await again.SendAsync(HttpMethod.Get, "/api/set-aside")).Body!.AsArray());
        Assert.Equal(("sessions", false), (row!["table"]!.GetValue<string>(), row["isTold"]!.GetValue<bool>()));
    }
}
