using System.Globalization;
using System.Text.Json.Nodes;

namespace Kamuri.Web.Tests;

public class PlanApiTests(Server server) : IClassFixture<Server>
{
    private async Task<JsonNode> PreviewAsync(JsonObject body)
    {
        var (status, plan) = await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", body);
        Assert.True(status == 200, plan?.ToJsonString());
        return plan!;
    }

    private static string[] Ids(JsonNode plan) => [.. plan["steps"]!.AsArray().Select(step => step!["id"]!.GetValue<string>())];

    [Fact]
    public async Task A_typed_day_is_read_for_the_heads_of_the_house()
    {
        var head = await server.Process.MakeHeadAsync(Bodies.Head("Typed Tia"));
        async Task<(int Status, JsonNode? Body)> Read(string text) =>
            await server.Process.SendAsync(HttpMethod.Post, "/api/plans/typed", new JsonObject { ["text"] = text });

        var (status, read) = await Read("typed tia, moisture, ready by 6pm");
        Assert.Equal((200, head, "moisture"), (status, read!["heads"]![0]!.GetValue<string>(), read["aim"]!.GetValue<string>()));
        Assert.Equal(("readyBy", "18:00:00"), (read["when"]!["mode"]!.GetValue<string>(), read["when"]!["time"]!.GetValue<string>()));
        Assert.Equal(3, read["understood"]!.AsArray().Count);
        Assert.Equal("09:00:00", (await Read("tomorrow")).Body!["when"]!["time"]!.GetValue<string>());
        Assert.Null((await Read("")).Body!["when"]);
        Assert.Equal(400, (await Read(new string('x', 301))).Status);
    }

    [Fact]
    public async Task A_plan_has_steps_tasks_windows_workings_and_amounts()
    {
        var plan = await PreviewAsync(Bodies.Plan(await server.Process.MakeHeadAsync(), "moisture", "twists"));

        Assert.Contains("tea-rinse.boil", plan["tasks"]!.AsArray().Select(task => task!["id"]!.GetValue<string>()));
        var cover = plan["steps"]!.AsArray().Single(step => step!["id"]!.GetValue<string>() == "cover-2")!;
        Assert.Equal("30 usual = 30 min, window 20 to 60", cover["wait"]!["working"]!.GetValue<string>());
        Assert.True(plan["canStart"]!.GetValue<bool>());
        Assert.StartsWith("Start at ", plan["finishSentence"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_stop_keeps_the_plan_from_starting_and_its_fix_frees_it()
    {
        var body = Bodies.Plan(await server.Process.MakeHeadAsync());
        body["edits"] = new JsonArray(new JsonObject { ["kind"] = "drop", ["step"] = "conditioner" });

        var plan = await PreviewAsync(body);
        var stop = plan["findings"]!.AsArray().First(finding => finding!["rule"]!.GetValue<string>() == "R02")!;
        Assert.Equal("stop", stop["severity"]!.GetValue<string>());
        Assert.False(plan["canStart"]!.GetValue<bool>());
        var (refused, problem) = await server.Process.SendAsync(
            HttpMethod.Post,
            "/api/sessions",
            new JsonObject { ["plan"] = body.DeepClone() }
        );
        Assert.Equal(409, refused);
        Assert.StartsWith("This plan cannot start yet.", problem!["detail"]!.GetValue<string>(), StringComparison.Ordinal);

        foreach (var edit in stop["fix"]!["edits"]!.AsArray())
        {
            body["edits"]!.AsArray().Add(edit!.DeepClone());
        }

        Assert.True((await PreviewAsync(body))["canStart"]!.GetValue<bool>());
    }

    [Fact]
    public async Task Steps_can_be_dropped_added_moved_and_timed()
    {
        var body = Bodies.Plan(await server.Process.MakeHeadAsync(), "moisture", "twists");
        body["edits"] = JsonNode.Parse(
            """
            [{"kind":"drop","step":"oil"},{"kind":"add","stepKind":"gel","after":"leave-in"},{"kind":"move","step":"gel","after":"blot"},
             {"kind":"minutes","step":"cover-2","minutes":45}]
            """
        );

        var plan = await PreviewAsync(body);

        Assert.DoesNotContain("oil", Ids(plan));
        Assert.Equal("gel", Ids(plan)[Array.IndexOf(Ids(plan), "blot") + 1]);
        Assert.Equal(
            45,
            plan["steps"]!.AsArray().Single(step => step!["id"]!.GetValue<string>() == "cover-2")!["wait"]!["planned"]!.GetValue<double>()
        );
    }

    [Fact]
    public async Task Ready_by_tomorrow_is_planned_backwards()
    {
        var (_, house) = await server.Process.SendAsync(HttpMethod.Get, "/api/household");
        var tomorrow = DateOnly.Parse(house!["now"]!.GetValue<string>()[..10], CultureInfo.InvariantCulture).AddDays(1);
        var body = Bodies.Plan(await server.Process.MakeHeadAsync());
        body["when"] = new JsonObject
        {
            ["mode"] = "readyBy",
            ["date"] = tomorrow.ToString("O", CultureInfo.InvariantCulture),
            ["time"] = "18:00:00",
        };

        var plan = await PreviewAsync(body);

        Assert.StartsWith(
            tomorrow.ToString("O", CultureInfo.InvariantCulture),
            plan["start"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        Assert.True(string.CompareOrdinal(plan["nineInTenBy"]!.GetValue<string>(), plan["readyBy"]!.GetValue<string>()) <= 0);
        Assert.Equal(0, plan["minutesOver"]!.GetValue<double>());
    }

    [Fact]
    public async Task The_rooms_air_changes_the_drying()
    {
        var id = await server.Process.MakeHeadAsync();
        double Drying(JsonNode plan) =>
            plan["steps"]!.AsArray().Single(step => step!["id"]!.GetValue<string>() == "dry")!["wait"]!["usual"]!.GetValue<double>();
        var before = Drying(await PreviewAsync(Bodies.Plan(id)));
        var (_, house) = await server.Process.SendAsync(HttpMethod.Get, "/api/household");
        var damp = house!["house"]!.DeepClone();
        damp["humidityPercent"] = 75;

        var (status, _) = await server.Process.SendAsync(HttpMethod.Put, "/api/household", damp);
        var after = Drying(await PreviewAsync(Bodies.Plan(id)));
        await server.Process.SendAsync(HttpMethod.Put, "/api/household", house["house"]!.DeepClone());

        Assert.Equal(200, status);
        // Half the deficit of 50 %: twice as long.
        Assert.Equal(before * 2, after, 1.0);
    }

    [Fact]
    public async Task The_shelf_says_how_much_a_head_takes_and_ahead_when_it_is_due()
    {
        var id = await server.Process.MakeHeadAsync();
        var (_, taking) = await server.Process.SendAsync(HttpMethod.Get, $"/api/shelf/taking/{id}");
        var (_, ahead) = await server.Process.SendAsync(HttpMethod.Get, "/api/ahead");

        var condition = taking!["rinsedOut"]!.AsArray().Single(line => line!["name"]!.GetValue<string>() == "deep conditioner")!;
        Assert.Equal(98.96, condition["exactMl"]!.GetValue<double>(), 0.1);
        var weights = taking["layers"]!.AsArray().Select(line => line!["weight"]!.GetValue<double>()).ToList();
        Assert.Equal(weights.Order(), weights);
        Assert.Contains(ahead!["heads"]!.AsArray(), line => line!["headId"]!.GetValue<string>() == id);
    }
}
