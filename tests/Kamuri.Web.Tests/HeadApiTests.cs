using System.Text.Json.Nodes;

namespace Kamuri.Web.Tests;

public class HeadApiTests(Server server) : IClassFixture<Server>
{
    [Fact]
    public async Task A_head_is_created_measured_changed_and_put_away()
    {
        var (created, head) = await server.Process.SendAsync(HttpMethod.Post, "/api/heads", Bodies.Head());
        Assert.Equal(201, created);
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
        Assert.Equal("Oriel is archived. Unarchive the head to plan for it.", problem!["detail"]!.GetValue<string>());
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
