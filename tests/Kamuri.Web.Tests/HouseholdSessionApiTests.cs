using System.Globalization;
using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Web.Tests;

/// <summary>Sessions with several heads, and what goes wrong in them, over the API and through a restart of the server.</summary>
public class HouseholdSessionApiTests(Server server) : IClassFixture<Server>
{
    private ServerProcess Process => server.Process;

    private static JsonObject Wish(string head) =>
        new()
        {
            ["headId"] = head,
            ["aim"] = "quick",
            ["style"] = "bun",
            ["when"] = new JsonObject { ["mode"] = "startNow" },
        };

    private async Task<(string Path, JsonNode View, string[] Heads)> StartAsync(int hands = 1, bool rehearsal = false)
    {
        string[] heads = [await Process.MakeHeadAsync(Bodies.Head("Ilse")), await Process.MakeHeadAsync(Bodies.Head("Marek"))];
        var (status, view) = await Process.SendAsync(
            HttpMethod.Post,
            "/api/sessions",
            new JsonObject
            {
                ["household"] = new JsonObject
                {
                    ["heads"] = new JsonArray([.. heads.Select(head => (JsonNode)new JsonObject { ["plan"] = Wish(head) })]),
                    ["hands"] = new JsonArray([
                        .. new[] { "Ama", "Kofi" }.Take(hands).Select(name => (JsonNode)new JsonObject { ["name"] = name }),
                    ]),
                    ["when"] = new JsonObject { ["mode"] = "startNow" },
                },
                ["rehearsal"] = rehearsal,
            }
        );
        Assert.True(status == 201, $"{status} {view?.ToJsonString()}");
        return ($"/api/sessions/{view!["id"]}", view, heads);
    }

    private async Task<JsonNode> PressAsync(string path, JsonObject press)
    {
        var (status, view) = await Process.SendAsync(HttpMethod.Post, path + "/events", press);
        Assert.True(status == 200, $"{status} {view?.ToJsonString()}");
        return view!;
    }

    /// <summary>Everything done, hands after hands.</summary>
    private async Task<JsonNode> WholeAsync(string path, JsonNode view)
    {
        var now = view;
        for (var n = 0; n < 200 && !now["allDone"]!.GetValue<bool>(); n++)
        {
            var next = now["hands"]!.AsArray().Select(hands => hands!["doing"] ?? hands["next"]).FirstOrDefault(task => task is not null)
                ?? now["counting"]!.AsArray()[0]!["task"];
            now = await PressAsync(path, Bodies.Press("taskDone", next!.GetValue<string>()));
        }

        return now;
    }

    [Fact]
    public async Task Who_is_not_there_yet_is_waited_for_by_name()
    {
        string[] heads = [await Process.MakeHeadAsync(Bodies.Head("Ilse")), await Process.MakeHeadAsync(Bodies.Head("Marek"))];
        var day = new JsonObject
        {
            ["mode"] = "startAt",
            ["date"] = DateTime.Now.AddDays(2).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
            ["time"] = "09:00:00",
        };
        var asked = new JsonArray([.. heads.Select(head => (JsonNode)new JsonObject { ["plan"] = Wish(head) })]);
        asked[1]!["present"] = JsonNode.Parse("""[{"from":"13:00:00","to":"23:30:00"}]""");
        var (status, view) = await Process.SendAsync(
            HttpMethod.Post,
            "/api/sessions",
            new JsonObject
            {
                ["household"] = new JsonObject { ["heads"] = asked, ["when"] = day },
                ["rehearsal"] = true,
            }
        );
        Assert.True(status == 201, $"{status} {view?.ToJsonString()}");
        Assert.Empty(view!["beyond"]!.AsArray());
        var path = $"/api/sessions/{view["id"]}";
        // Ilse is done with as soon as can be; then Marek is waited for, and so is his hour where it is a long way off.
        for (var n = 0; n < 100 && view!["hands"]![0]!["next"]?.GetValue<string>().StartsWith("2/", StringComparison.Ordinal) != true; n++)
        {
            var now = view["hands"]![0]!;
            view = await PressAsync(
                path,
                Bodies.Press("taskDone", (now["doing"] ?? now["next"] ?? view["counting"]![0]!["task"])!.GetValue<string>())
            );
        }

        var hands = view!["hands"]![0]!;
        Assert.Equal("Marek is away until 13:00.", hands["keeping"]!.GetValue<string>());
        Assert.Equal(13, DateTimeOffset.Parse(hands["nextFrom"]!.GetValue<string>(), CultureInfo.InvariantCulture).Hour);
    }

    [Fact]
    public async Task A_day_with_two_heads_is_run_rated_and_looked_back_on_head_by_head()
    {
        var (path, view, heads) = await StartAsync();
        Assert.Equal("Ilse and Marek", view["names"]!.GetValue<string>());
        Assert.True((await WholeAsync(path, view))["allDone"]!.GetValue<bool>());
        foreach (var (key, softness) in new[] { ("1", 4), ("2", 2) })
        {
            var rated = Bodies.Press("headRated");
            (rated["head"], rated["ratings"]) = (key, new JsonObject { ["softness"] = softness });
            await PressAsync(path, rated);
        }

        var finished = await PressAsync(path, Bodies.Press("finished"));
        Assert.Equal("finished", finished["status"]!.GetValue<string>());

        var (_, review) = await Process.SendAsync(HttpMethod.Get, path + "/review");
        Assert.Equal(
            [("Ilse", 4), ("Marek", 2)],
            review!["heads"]!
                .AsArray()
                .Select(head => (head!["headName"]!.GetValue<string>(), head["ratings"]!["softness"]!.GetValue<int>()))
        );
        Assert.All(review["tasks"]!.AsArray(), task => Assert.Contains(task!["headName"]!.GetValue<string>(), new[] { "Ilse", "Marek" }));
        var (_, list) = await Process.SendAsync(HttpMethod.Get, "/api/sessions");
        Assert.Equal(
            heads,
            list!
                .AsArray()
                .Where(line => line!["id"]!.GetValue<string>() == view["id"]!.GetValue<string>())
                .Select(line => line!["headId"]!.GetValue<string>())
        );
        foreach (var head in heads)
        {
            Assert.Equal(0, (await Process.SendAsync(HttpMethod.Get, $"/api/heads/{head}")).Body!["due"]!["daysSince"]!.GetValue<int>());
        }
    }

    [Fact]
    public async Task Two_pairs_of_hands_work_at_once()
    {
        var (path, view, _) = await StartAsync(hands: 2);
        var now = view;
        for (var n = 0; n < 60 && now["hands"]!.AsArray().Any(hands => hands!["doing"] is null); n++)
        {
            var free = now["hands"]!
                .AsArray()
                .FirstOrDefault(hands => hands!["doing"] is null && hands["next"] is not null && hands["waitsFor"] is null);
            now = free is not null
                ? await PressAsync(path, Bodies.Press("taskStarted", free["next"]!.GetValue<string>()))
                : await PressAsync(
                    path,
                    Bodies.Press(
                        "taskDone",
                        now["hands"]!.AsArray().First(hands => hands!["doing"] is not null)!["doing"]!.GetValue<string>()
                    )
                );
        }

        Assert.Equal(
            2,
            now["tasks"]!.AsArray().Count(task => task!["status"]!.GetValue<string>() == "running" && task["isHandsOn"]!.GetValue<bool>())
        );
        Assert.All(now["hands"]!.AsArray(), hands => Assert.NotNull(hands!["doing"]));
    }

    [Fact]
    public async Task What_went_wrong_is_advised_on_handled_once_kept_and_can_be_taken_back()
    {
        var (path, view, _) = await StartAsync();
        var (status, advice) = await Process.SendAsync(HttpMethod.Get, $"{path}/mishaps/tooHot?head=2");
        Assert.Equal((200, "Marek"), (status, advice!["headName"]!.GetValue<string>()));
        Assert.Contains("Take it off", advice["now"]!.ToJsonString(), StringComparison.Ordinal);

        var press = Bodies.Press("mishap");
        (press["mishap"], press["head"], press["way"]) = ("tooHot", "2", "cool");
        var once = await PressAsync(path, press);
        var twice = await PressAsync(path, press.DeepClone().AsObject());
        Assert.Equal(view["tasks"]!.AsArray().Count + 1, twice["tasks"]!.AsArray().Count);
        Assert.Equal(Ends(advice["ways"]![0]!), Ends(once), TimeSpan.FromMinutes(1));
        Assert.Contains("Something was too hot.", once["notes"]!.ToJsonString(), StringComparison.Ordinal);

        // It is read from the disk as it was written.
        using (var other = await ServerProcess.StartAsync(Server.Assembly, Process.CopyOfData()))
        {
            var (_, kept) = await other.SendAsync(HttpMethod.Get, path);
            Assert.Equal(
                twice["tasks"]!.AsArray().Select(task => task!["id"]!.GetValue<string>()),
                kept!["tasks"]!.AsArray().Select(task => task!["id"]!.GetValue<string>())
            );
        }

        var (_, read) = await Process.SendAsync(HttpMethod.Get, path);
        Assert.Equal(
            "Rinse with cool water",
            read!["tasks"]!
                .AsArray()
                .Select(task => task!["title"]!.GetValue<string>())
                .Single(title => title.StartsWith("Rinse with cool", StringComparison.Ordinal))
        );

        var back = Bodies.Press("undone");
        back["target"] = read["undo"]!["event"]!.GetValue<string>();
        Assert.Equal(view["tasks"]!.AsArray().Count, (await PressAsync(path, back))["tasks"]!.AsArray().Count);

        static DateTimeOffset Ends(JsonNode node) => DateTimeOffset.Parse(node["endsAt"]!.GetValue<string>(), CultureInfo.InvariantCulture);
    }

    [Theory]
    [InlineData("/mishaps/boredom", 404)]
    [InlineData("/mishaps/3", 404)]
    [InlineData("/mishaps/stings?head=9", 400)]
    public async Task Advice_on_what_is_not_known_is_refused(string question, int expected)
    {
        var (path, _, _) = await StartAsync(rehearsal: true);
        Assert.Equal(expected, (await Process.SendAsync(HttpMethod.Get, path + question)).Status);
    }

    [Theory]
    [InlineData("""{"mishap":"stings"}""", 400, "way")]
    [InlineData("""{"way":"off"}""", 400, "mishap")]
    [InlineData("""{"mishap":"stings","way":"off","head":"9"}""", 400, "head")]
    [InlineData("""{"mishap":"stings","way":"fly"}""", 409, null)]
    public async Task A_way_that_is_not_open_is_refused_and_changes_nothing(string body, int expected, string? field)
    {
        var (path, _, _) = await StartAsync(rehearsal: true);
        var press = JsonNode.Parse(body)!.AsObject();
        (press["id"], press["kind"]) = (Guid.NewGuid().ToString(), "mishap");
        var (status, problem) = await Process.SendAsync(HttpMethod.Post, path + "/events", press);
        Assert.Equal(expected, status);
        Assert.True(field is null || problem!["errors"]![field] is not null, problem!.ToJsonString());
        Assert.Null((await Process.SendAsync(HttpMethod.Get, path)).Body!["undo"]);
    }

    [Fact]
    public async Task Readings_are_kept_with_what_they_mean()
    {
        var (path, _, _) = await StartAsync();
        var (_, scale) = await Process.SendAsync(HttpMethod.Get, "/api/scale?about=100");
        Assert.InRange(scale!["grams"]!.GetValue<double>(), 90, 110);
        Assert.Equal(400, (await Process.SendAsync(HttpMethod.Get, "/api/scale?about=-1")).Status);
        var press = Bodies.Press("reading");
        (press["reading"], press["value"]) = ("celsius", 44);
        var view = await PressAsync(path, press);
        Assert.True(view["readings"]![0]!["warns"]!.GetValue<bool>());
        using (var other = await ServerProcess.StartAsync(Server.Assembly, Process.CopyOfData()))
        {
            var (_, kept) = await other.SendAsync(HttpMethod.Get, path);
            Assert.Equal(
                "44\u00a0°C is too hot for skin. Let it cool, or add cool water.",
                kept!["readings"]![0]!["sentence"]!.GetValue<string>()
            );
        }

        var wrong = Bodies.Press("reading");
        (wrong["reading"], wrong["value"]) = ("celsius", 400);
        Assert.Equal(400, (await Process.SendAsync(HttpMethod.Post, path + "/events", wrong)).Status);
        var half = Bodies.Press("reading");
        half["reading"] = "grams";
        Assert.Equal(400, (await Process.SendAsync(HttpMethod.Post, path + "/events", half)).Status);
    }

    [Fact]
    public async Task Only_a_rehearsal_is_made_to_go_wrong_and_it_leaves_nothing_behind()
    {
        var (real, view, _) = await StartAsync();
        Assert.Equal(409, (await Process.SendAsync(HttpMethod.Get, $"{real}/surprise")).Status);
        var (path, rehearsed, _) = await StartAsync(rehearsal: true);
        Assert.Equal(204, (await Process.SendAsync(HttpMethod.Get, $"{path}/surprise")).Status);
        await PressAsync(path, Bodies.Press("taskStarted", rehearsed["hands"]![0]!["next"]!.GetValue<string>()));
        var (status, surprise) = await Process.SendAsync(HttpMethod.Get, $"{path}/surprise");
        Assert.Equal(200, status);
        Assert.Equal(
            200,
            (await Process.SendAsync(HttpMethod.Get, $"{path}/mishaps/{surprise!["mishap"]}?head={surprise["head"]}")).Status
        );
        var (_, list) = await Process.SendAsync(HttpMethod.Get, "/api/sessions");
        Assert.DoesNotContain(list!.AsArray(), line => path.EndsWith(line!["id"]!.GetValue<string>(), StringComparison.Ordinal));
        Assert.Contains(list.AsArray(), line => line!["id"]!.GetValue<string>() == view["id"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_plan_of_one_head_or_of_a_household_and_not_both()
    {
        var head = await Process.MakeHeadAsync(Bodies.Head("Ilse"));
        foreach (
            var body in new[]
            {
                new JsonObject(),
                new JsonObject
                {
                    ["plan"] = Wish(head),
                    ["household"] = new JsonObject
                    {
                        ["heads"] = new JsonArray(new JsonObject { ["plan"] = Wish(head) }),
                        ["when"] = new JsonObject { ["mode"] = "startNow" },
                    },
                },
            }
        )
        {
            var (status, problem) = await Process.SendAsync(HttpMethod.Post, "/api/sessions", body);
            Assert.Equal(400, status);
            Assert.Contains("one head or for a household", problem!["errors"]!["plan"]!.ToJsonString(), StringComparison.Ordinal);
        }
    }
}
