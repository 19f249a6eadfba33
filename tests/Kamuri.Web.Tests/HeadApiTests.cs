using System.Text.Json.Nodes;

namespace Kamuri.Web.Tests;

public class HeadApiTests(Server server) : IClassFixture<Server>
{
    [Fact]
    public async Task A_head_is_created_measured_changed_and_put_away()
    {
        var (created, head) = await server.Process.SendAsync(HttpMethod.Post, "/api/heads", Bodies.Head("Maja"));
        Assert.Equal(201, created);
        Assert.Equal(400, (await server.Process.SendAsync(HttpMethod.Post, "/api/heads", Bodies.Head("Maja "))).Status);
        Assert.Equal(152.4, head!["size"]!["massGrams"]!.GetValue<double>(), 0.1);
        Assert.Equal(6, head["size"]!["sections"]!.AsArray().Count);

        var path = $"/api/heads/{head["id"]}";
        var changed = head["head"]!.DeepClone().AsObject();
        changed["density"] = "high";
        var (status, after) = await server.Process.SendAsync(HttpMethod.Put, path, changed);
        Assert.Equal(200, status);
        Assert.Equal(198.1, after!["size"]!["massGrams"]!.GetValue<double>(), 0.1);

        var (archived, _) = await server.Process.SendAsync(HttpMethod.Put, path + "/archived", new JsonObject { ["archived"] = true });
        Assert.Equal(200, archived);
        var (conflict, problem) = await server.Process.SendAsync(
            HttpMethod.Post,
            "/api/plans/preview",
            Bodies.Plan(head["id"]!.GetValue<string>())
        );
        Assert.Equal(409, conflict);
        Assert.Equal("Maja is archived. Unarchive the head to plan for it.", problem!["detail"]!.GetValue<string>());
    }

    private Task<(int Status, JsonNode? Body)> DescribeAsync(string name, Action<JsonObject> answer)
    {
        var body = new JsonObject { ["name"] = name };
        answer(body);
        return server.Process.SendAsync(HttpMethod.Post, "/api/heads/described", body);
    }

    [Theory]
    // Shoulder is 32 cm at an adult's crown; the other zones are 0.85, 0.93 and 0.9 of it. A child of five has 0.65 of all that.
    [InlineData("adult", "shoulder", null, 27, 32, 30, 29)]
    [InlineData("underSix", "shoulder", null, 18, 21, 20, 19)]
    [InlineData("adult", null, 50.0, 42, 50, 46, 45)]
    [InlineData("adult", "midBack", 50.0, 42, 50, 46, 45)]
    public async Task Five_answers_make_a_head(
        string age,
        string? landmark,
        double? crown,
        double nape,
        double top,
        double front,
        double sides
    )
    {
        var (status, head) = await DescribeAsync($"{age} {landmark} {crown}", body =>
            (body["ageGroup"], body["landmark"], body["crownCm"]) = (age, landmark, crown)
        );
        Assert.Equal(201, status);
        var lengths = head!["head"]!["lengths"]!;
        Assert.Equal(
            [nape, top, front, sides],
            new[] { "napeCm", "crownCm", "frontCm", "sidesCm" }.Select(zone => lengths[zone]!.GetValue<double>())
        );
        Assert.Equal(
            200,
            (await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", Bodies.Plan(head["id"]!.GetValue<string>()))).Status
        );
    }

    [Fact]
    public async Task What_is_wrong_in_five_answers_is_said_at_each_of_them()
    {
        async Task<string> Wrong(string name, string field, Action<JsonObject> answer)
        {
            var (status, problem) = await DescribeAsync(name, answer);
            Assert.Equal(400, status);
            return problem!["errors"]![field]![0]!.GetValue<string>();
        }

        Assert.Equal(201, (await DescribeAsync("Twice", body => body["landmark"] = "chin")).Status);
        Assert.StartsWith(
            "There is a head called Twice already.",
            await Wrong(" Twice", "name", body => body["landmark"] = "chin"),
            StringComparison.Ordinal
        );
        Assert.Equal("A head needs a name.", await Wrong("", "name", body => body["landmark"] = "chin"));
        Assert.Equal("A name can have at most 40 characters.", await Wrong(new string('a', 200), "name", _ => { }));
        Assert.Equal("Choose how far the hair reaches, or measure one strand.", await Wrong("", "landmark", _ => { }));
        Assert.StartsWith("Stretched length is", await Wrong("Zero", "crownCm", body => body["crownCm"] = 0), StringComparison.Ordinal);
        var both = await Wrong("Both", "landmark", body => (body["landmark"], body["crownCm"]) = ("ear", 60));
        Assert.Equal(
            "Hair that reaches the ear is about 14\u00a0cm long at the crown, and you measured 60\u00a0cm. Keep one of the two.",
            both
        );
        Assert.Equal(400, (await DescribeAsync("Odd", body => body["landmark"] = "knee")).Status);
    }

    [Fact(Timeout = 120_000)]
    public async Task Whoever_looks_around_is_in_a_household_of_its_own()
    {
        using var visitor = new HttpClient { BaseAddress = server.Process.Address };
        async Task<JsonNode> Get(string path) =>
            JsonNode.Parse(await visitor.GetStringAsync(new Uri(path, UriKind.Relative), TestContext.Current.CancellationToken))!;
        Assert.False((await Get("/api/household"))["madeUp"]!.GetValue<bool>());

        using var came = await visitor.PostAsync(
            new Uri("/api/looking-around", UriKind.Relative),
            null,
            TestContext.Current.CancellationToken
        );
        Assert.Equal(204, (int)came.StatusCode);
        Assert.True((await Get("/api/household"))["madeUp"]!.GetValue<bool>());
        Assert.Equal(
            ["Bram", "Oriel", "Wren"],
            (await Get("/api/heads")).AsArray().Select(head => head!["head"]!["name"]!.GetValue<string>()).Order()
        );

        // The house itself is as it was, for everybody else at the same time.
        var (_, mine) = await server.Process.SendAsync(HttpMethod.Get, "/api/household");
        Assert.False(mine!["madeUp"]!.GetValue<bool>());
        var (_, heads) = await server.Process.SendAsync(HttpMethod.Get, "/api/heads");
        Assert.DoesNotContain(heads!.AsArray(), head => head!["head"]!["name"]!.GetValue<string>() == "Bram");

        using var left = await visitor.DeleteAsync(new Uri("/api/looking-around", UriKind.Relative), TestContext.Current.CancellationToken);
        Assert.Equal(204, (int)left.StatusCode);
        Assert.False((await Get("/api/household"))["madeUp"]!.GetValue<bool>());
    }

    [Fact]
    public async Task Everything_entered_comes_back()
    {
        var body = Bodies.Head("Wren");
        body["coilWidthMm"] = 4.5;
        body["porosityEvidence"] = "dryingTime";
        body["chemicalHistory"] = new JsonArray(new JsonObject { ["kind"] = "colour", ["date"] = "2020-05-01" });
        body["scalp"] = new JsonArray("flaky", "sensitive");
        body["fragileZones"] = new JsonArray(new JsonObject { ["zone"] = "edges", ["note"] = "thin" });
        body["sensitivities"] = new JsonArray("nuts", "fragrance");
        body["ageGroup"] = "sixToTwelve";
        body["canSitUnderHeat"] = false;
        body["askClinician"] = true;
        body["goals"] = new JsonArray("moisture");
        body["layering"] = "lco";
        body["lastWash"] = "2020-06-01";
        body["lastDetangle"] = "2020-06-02";
        body["wornAs"] = "braids";
        var id = await server.Process.MakeHeadAsync(body);

        var (_, head) = await server.Process.SendAsync(HttpMethod.Get, $"/api/heads/{id}");

        foreach (var (field, value) in body)
        {
            Assert.True(JsonNode.DeepEquals(value, head!["head"]![field]), $"{field}: {head["head"]![field]}");
        }
    }

    [Fact]
    public async Task A_change_on_an_older_version_is_refused()
    {
        var id = await server.Process.MakeHeadAsync();
        var stale = Bodies.Head();
        stale["version"] = 1;
        await server.Process.SendAsync(HttpMethod.Put, $"/api/heads/{id}", stale.DeepClone());

        var (status, problem) = await server.Process.SendAsync(HttpMethod.Put, $"/api/heads/{id}", stale);

        Assert.Equal(409, status);
        Assert.Contains("changed elsewhere", problem!["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("name", "\"  \"", "name", "A head needs a name.")]
    [InlineData(
        "lengths",
        """{"napeCm":-3,"crownCm":30,"frontCm":30,"sidesCm":30}""",
        "lengths.napeCm",
        "Stretched length is 1\u00a0cm to 150\u00a0cm."
    )]
    [InlineData(
        "lengths",
        """{"napeCm":3,"crownCm":9000,"frontCm":30,"sidesCm":30}""",
        "lengths.crownCm",
        "Stretched length is 1\u00a0cm to 150\u00a0cm."
    )]
    [InlineData("usualSections", "1", "usualSections", "Choose 2 to 24 sections.")]
    [InlineData("lastWash", "\"2999-01-01\"", "lastWash", "The last wash cannot be in the future.")]
    [InlineData("coilWidthMm", "900", "coilWidthMm", "A coil is 0.5 to 60 mm wide.")]
    public async Task A_slip_of_the_pen_is_answered_at_its_field(string field, string value, string at, string message)
    {
        var body = Bodies.Head();
        body[field] = JsonNode.Parse(value);

        var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, "/api/heads", body);

        Assert.Equal(400, status);
        Assert.Equal(message, problem!["errors"]![at]![0]!.GetValue<string>());
    }
}
