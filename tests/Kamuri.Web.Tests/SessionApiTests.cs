using System.Globalization;
using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Web.Tests;

public class SessionApiTests(Server server) : IClassFixture<Server>
{
    private Task<(int Status, JsonNode? Body)> PressAsync(string path, JsonObject press) =>
        server.Process.SendAsync(HttpMethod.Post, path + "/events", press);

    private static string Status(JsonNode view, string task) =>
        view["tasks"]!.AsArray().Single(each => each!["id"]!.GetValue<string>() == task)!["status"]!.GetValue<string>();

    [Fact]
    public async Task A_whole_day_is_run_and_looked_back_on()
    {
        var (path, view) = await server.Process.StartAsync();
        JsonNode now = view;
        while (!now["allDone"]!.GetValue<bool>())
        {
            var task = (now["hands"]![0]!["next"] ?? now["counting"]!.AsArray()[0]!["task"])!.GetValue<string>();
            now = (await PressAsync(path, Bodies.Press("taskDone", task))).Body!;
        }

        var finish = Bodies.Press("finished");
        finish["ratings"] = new JsonObject { ["softness"] = 4, ["slip"] = 5 };
        finish["text"] = "Soft ends.";
        var (status, done) = await PressAsync(path, finish);
        Assert.Equal((200, "finished"), (status, done!["status"]!.GetValue<string>()));

        var (_, review) = await server.Process.SendAsync(HttpMethod.Get, path + "/review");
        Assert.Equal("Soft ends.", review!["note"]!.GetValue<string>());
        Assert.Equal(4, review["heads"]![0]!["ratings"]!["softness"]!.GetValue<int>());
        Assert.Equal(view["tasks"]!.AsArray().Count, review["tasks"]!.AsArray().Count);
        // All of it was pressed within a second, so no work of hands was timed.
        Assert.All(review["tasks"]!.AsArray(), task => Assert.Equal(task!["isHandsOn"]!.GetValue<bool>(), task["actualMinutes"] is null));
        Assert.Equal("Most of it was ticked, not timed.", review["heads"]![0]!["sentence"]!.GetValue<string>());
        var (_, head) = await server.Process.SendAsync(HttpMethod.Get, $"/api/heads/{view["heads"]![0]!["headId"]}");
        Assert.Equal(0, head!["due"]!["daysSince"]!.GetValue<int>());

        var (late, problem) = await PressAsync(path, Bodies.Press("paused"));
        Assert.Equal(409, late);
        Assert.StartsWith("This session is finished", problem!["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_same_press_twice_counts_once()
    {
        var (path, _) = await server.Process.StartAsync();
        await PressAsync(path, Bodies.Press("taskStarted", "look"));
        var press = Bodies.Press("taskExtended", "look");
        press["minutes"] = 5;

        var first = await PressAsync(path, press);
        var second = await PressAsync(path, press.DeepClone().AsObject());

        Assert.Equal((200, 200), (first.Status, second.Status));
        Assert.Equal(5, second.Body!["tasks"]![0]!["extraMinutes"]!.GetValue<double>());
    }

    [Fact]
    public async Task Twenty_devices_pressing_at_once_lose_nothing()
    {
        var (path, _) = await server.Process.StartAsync();

        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 20)
                .Select(n =>
                {
                    var note = Bodies.Press("note");
                    note["text"] = $"note {n}";
                    return PressAsync(path, note);
                })
        );

        Assert.All(answers, answer => Assert.Equal(200, answer.Status));
        var (_, view) = await server.Process.SendAsync(HttpMethod.Get, path);
        Assert.Equal(20, view!["notes"]!.AsArray().Count);
    }

    [Fact]
    public async Task Taking_back_undoes_the_last_press()
    {
        var (path, _) = await server.Process.StartAsync();
        await PressAsync(path, Bodies.Press("taskStarted", "look"));
        var (_, skipped) = await PressAsync(path, Bodies.Press("taskSkipped", "look"));
        Assert.Equal("skipped", Status(skipped!, "look"));

        var undo = Bodies.Press("undone");
        undo["target"] = skipped!["undo"]!["event"]!.GetValue<string>();
        var (_, back) = await PressAsync(path, undo);

        Assert.Equal("running", Status(back!, "look"));
    }

    [Fact]
    public async Task Done_begins_what_comes_next_and_one_undo_takes_back_both()
    {
        var (path, view) = await server.Process.StartAsync();
        var next = view["hands"]![0]!["then"]![0]!.GetValue<string>();
        var done = Bodies.Press("taskDone", "look", goesOn: true);
        var (_, on) = await PressAsync(path, done);
        Assert.Equal(("done", "running"), (Status(on!, "look"), Status(on!, next)));

        // Nobody was away from what began just now.
        var away = Bodies.Press("away", next);
        away["minutes"] = 30;
        Assert.Equal(400, (await PressAsync(path, away)).Status);
        away["id"] = Guid.NewGuid().ToString();
        away["minutes"] = 0;
        Assert.Equal(200, (await PressAsync(path, away)).Status);

        var undo = Bodies.Press("undone");
        undo["target"] = done["id"]!.GetValue<string>();
        var (_, back) = await PressAsync(path, undo);
        Assert.Equal(("waiting", "waiting"), (Status(back!, "look"), Status(back!, next)));
    }

    [Fact]
    public async Task Two_windows_stay_in_step()
    {
        var (path, _) = await server.Process.StartAsync();
        using var cancel = new CancellationTokenSource(TimeSpan.FromSeconds(15));
        await using var stream = await server.Process.Http.GetStreamAsync(new Uri(path + "/stream", UriKind.Relative), cancel.Token);
        using var reader = new StreamReader(stream);
        Assert.Equal("waiting", Status(await NextAsync(reader, cancel.Token), "look"));

        await PressAsync(path, Bodies.Press("taskStarted", "look"));

        Assert.Equal("running", Status(await NextAsync(reader, cancel.Token), "look"));
    }

    [Fact(Timeout = 20_000)]
    public async Task A_rehearsal_runs_as_fast_as_asked_and_leaves_no_record()
    {
        var (path, view) = await server.Process.StartAsync(rehearsal: true);
        // Its clock stands until something is pressed, or until it plays.
        var (_, set) = await server.Process.SendAsync(HttpMethod.Put, path + "/clock", new JsonObject { ["speed"] = 600 });
        Assert.Equal((0d, 600d), (set!["speed"]!.GetValue<double>(), set["factor"]!.GetValue<double>()));
        Assert.Equal(view["now"]!.GetValue<string>(), set["now"]!.GetValue<string>());
        var (status, fast) = await server.Process.SendAsync(
            HttpMethod.Put,
            path + "/clock",
            new JsonObject { ["speed"] = 600, ["plays"] = true }
        );
        Assert.Equal((200, 600d, true), (status, fast!["speed"]!.GetValue<double>(), fast["plays"]!.GetValue<bool>()));
        var (watch, began) = (System.Diagnostics.Stopwatch.StartNew(), DateTimeOffset.Parse(fast["now"]!.GetValue<string>(), null));
        var (passed, look) = (TimeSpan.Zero, "");
        while (passed < TimeSpan.FromMinutes(2) || look == "waiting")
        {
            TestContext.Current.CancellationToken.ThrowIfCancellationRequested();
            var (_, later) = await server.Process.SendAsync(HttpMethod.Get, path);
            passed = DateTimeOffset.Parse(later!["now"]!.GetValue<string>(), null) - began;
            look = Status(later, "look");
        }

        // Two minutes of the day, and not one of mine.
        Assert.True(watch.Elapsed < passed / 2, $"{passed} in {watch.Elapsed}");

        await PressAsync(path, Bodies.Press("finished"));
        var (_, sessions) = await server.Process.SendAsync(HttpMethod.Get, "/api/sessions");
        Assert.DoesNotContain(sessions!.AsArray(), line => line!["id"]!.GetValue<string>() == view["id"]!.GetValue<string>());
        Assert.Equal(404, (await server.Process.SendAsync(HttpMethod.Get, path + "/review")).Status);
    }

    [Fact]
    public async Task A_rehearsal_begins_at_the_hour_its_day_is_planned_for()
    {
        var plan = Bodies.Plan(await server.Process.MakeHeadAsync(Bodies.Head("Runa")));
        plan["when"] = new JsonObject
        {
            ["mode"] = "startAt",
            ["date"] = DateOnly.FromDateTime(DateTime.UtcNow).AddDays(2).ToString("O", CultureInfo.InvariantCulture),
            ["time"] = "14:00:00",
        };
        var (status, view) = await server.Process.SendAsync(
            HttpMethod.Post,
            "/api/sessions",
            new JsonObject
            {
                ["plan"] = plan,
                ["rehearsal"] = true,
                ["speed"] = 1,
            }
        );
        Assert.True(status == 201, $"{status} {view?.ToJsonString()}");
        Assert.Contains("T14:00:", view!["now"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.InRange(view["driftMinutes"]!.GetValue<double>(), -0.5, 0.5);

        var first = view["hands"]![0]!["next"]!.GetValue<string>();
        var (_, pressed) = await PressAsync($"/api/sessions/{view["id"]}", Bodies.Press("taskStarted", first));
        Assert.Equal("running", Status(pressed!, first));
    }

    [Fact]
    public async Task A_real_day_runs_by_the_clock_on_the_wall()
    {
        var (path, _) = await server.Process.StartAsync();

        var (status, problem) = await server.Process.SendAsync(HttpMethod.Put, path + "/clock", new JsonObject { ["speed"] = 60 });

        Assert.Equal(409, status);
        Assert.Equal("Only a rehearsal can run faster than the clock on the wall.", problem!["detail"]!.GetValue<string>());
    }

    [Fact]
    public async Task Killed_in_the_middle_nothing_acknowledged_is_lost_and_timers_are_right()
    {
        var folder = Directory.CreateTempSubdirectory("kamuri-kill-").FullName;
        try
        {
            string path;
            DateTimeOffset began;
            using (var first = await ServerProcess.StartAsync(Server.Assembly, folder))
            {
                (path, _) = await first.StartAsync();
                foreach (var task in new[] { "look", "wet-through", "cleanse", "rinse", "wring" })
                {
                    Assert.Equal(200, (await first.SendAsync(HttpMethod.Post, path + "/events", Bodies.Press("taskDone", task))).Status);
                }

                // Begun with the end of what came before it.
                began = TaskStart(
                    (await first.SendAsync(HttpMethod.Post, path + "/events", Bodies.Press("taskDone", "conditioner", goesOn: true))).Body!,
                    "tool-detangle"
                );
                first.Kill();
            }

            using var second = await ServerProcess.StartAsync(Server.Assembly, folder);
            var (status, after) = await second.SendAsync(HttpMethod.Get, path);

            Assert.Equal(200, status);
            Assert.Equal("tool-detangle", after!["hands"]![0]!["doing"]!.GetValue<string>());
            Assert.Equal("done", Status(after, "conditioner"));
            Assert.Equal(began, TaskStart(after, "tool-detangle"));
            var (pressed, _) = await second.SendAsync(HttpMethod.Post, path + "/events", Bodies.Press("taskDone", "tool-detangle"));
            Assert.Equal(200, pressed);
        }
        finally
        {
            Directory.Delete(folder, recursive: true);
        }
    }

    private static DateTimeOffset TaskStart(JsonNode view, string task) =>
        view["tasks"]!.AsArray().Single(each => each!["id"]!.GetValue<string>() == task)!["start"]!.GetValue<DateTimeOffset>();

    private static async Task<JsonNode> NextAsync(StreamReader reader, CancellationToken cancellation)
    {
        while (await reader.ReadLineAsync(cancellation) is { } line)
        {
            if (line.StartsWith("data: ", StringComparison.Ordinal))
            {
                return JsonNode.Parse(line[6..])!;
            }
        }

        throw new InvalidOperationException("The stream ended.");
    }
}
