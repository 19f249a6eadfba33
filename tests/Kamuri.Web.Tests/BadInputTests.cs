using System.Text.Json.Nodes;

namespace Kamuri.Web.Tests;

/// <summary>Whatever a client sends is answered with problem details, never with a server error.</summary>
public class BadInputTests(Server server) : IClassFixture<Server>
{
    [Theory]
    [InlineData("""{"aim":"moisture"}""")]
    [InlineData("""{""")]
    [InlineData("")]
    [InlineData("null")]
    [InlineData("[]")]
    [InlineData("42")]
    [InlineData("\"plan\"")]
    public async Task What_is_no_plan_is_said_so(string body)
    {
        var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", body);

        Assert.Equal(400, status);
        Assert.False(string.IsNullOrWhiteSpace(problem!["detail"]!.GetValue<string>()));
    }

    [Theory]
    [InlineData("aim", "\"shine\"", "The field 'aim' holds something that cannot be read here.")]
    [InlineData("aim", "3", "The field 'aim' holds something that cannot be read here.")]
    [InlineData("headId", "\"x\"", "The field 'headId' holds something that cannot be read here.")]
    [InlineData("colour", "1", "There is no field 'colour' here.")]
    [InlineData("edits", "null", "The field 'edits' holds something that cannot be read here.")]
    [InlineData("sections", "1e400", "The field 'sections' holds something that cannot be read here.")]
    public async Task A_field_that_cannot_be_read_is_named(string field, string value, string detail)
    {
        var body = Bodies.Plan(Guid.NewGuid().ToString()).ToJsonString()[..^1];
        body = field == "aim" ? body.Replace("\"quick\"", value, StringComparison.Ordinal) + "}"
            : field == "headId" ? Bodies.Plan("x").ToJsonString()
            : $"{body},\"{field}\":{value}}}";

        var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", body);

        Assert.Equal(400, status);
        Assert.Equal(detail, problem!["detail"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_ready_by_in_the_past_is_answered_at_its_field()
    {
        var body = Bodies.Plan(await server.Process.MakeHeadAsync());
        body["when"] = new JsonObject { ["mode"] = "readyBy", ["date"] = "2020-01-01", ["time"] = "18:00:00" };

        var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", body);

        Assert.Equal(400, status);
        Assert.Equal("That day is over.", problem!["errors"]!["when.date"]![0]!.GetValue<string>());
    }

    [Fact]
    public async Task An_hour_that_has_passed_is_answered_at_its_field()
    {
        var body = Bodies.Plan(await server.Process.MakeHeadAsync());
        body["when"] = new JsonObject { ["mode"] = "readyBy", ["time"] = "00:00:00" };

        var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", body);

        Assert.Equal(400, status);
        Assert.Equal("00:00 has passed; choose a later hour or another day.", problem!["errors"]!["when.time"]![0]!.GetValue<string>());
    }

    [Theory]
    [InlineData("""{"kind":"minutes","step":"dry","minutes":-1}""", "edits[0].minutes")]
    [InlineData("""{"kind":"add","stepKind":"glitter"}""", "edits[0].stepKind")]
    [InlineData("""{"kind":"move"}""", "edits[0].step")]
    [InlineData("""{"kind":"places","step":"oil","places":[]}""", "edits[0].places")]
    [InlineData("""{"kind":"heat","step":"dry"}""", "edits[0].heat")]
    public async Task A_change_that_makes_no_sense_is_answered_at_its_field(string edit, string field)
    {
        var body = Bodies.Plan(await server.Process.MakeHeadAsync());
        body["edits"] = new JsonArray(JsonNode.Parse(edit));

        var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", body);

        Assert.Equal(400, status);
        Assert.True(problem!["errors"]!.AsObject().ContainsKey(field), problem.ToJsonString());
    }

    [Fact]
    public async Task A_hood_that_is_not_there_is_answered_at_its_field()
    {
        var body = Bodies.Plan(await server.Process.MakeHeadAsync());
        body["dryingAir"] = "hoodLow";

        var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", body);

        Assert.Equal(400, status);
        Assert.StartsWith("There is no hood in the house", problem!["errors"]!["dryingAir"]![0]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Two_megabytes_are_too_much()
    {
        var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, "/api/heads", $"{{\"name\":\"{new string('x', 2_000_000)}\"}}");

        Assert.Equal(413, status);
        Assert.Equal("That is larger than Kamuri takes in one piece.", problem!["detail"]!.GetValue<string>());
    }

    [Theory]
    [InlineData("taskDone", "no-such", 404)]
    [InlineData("taskDone", null, 400)]
    [InlineData("sectionDone", "look", 400)]
    [InlineData("note", null, 400)]
    [InlineData("undone", null, 400)]
    [InlineData("resumed", null, 409)]
    public async Task An_event_that_cannot_be_is_answered(string kind, string? task, int expected)
    {
        var (path, _) = await server.Process.StartAsync();

        var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, path + "/events", Bodies.Press(kind, task));

        Assert.Equal(expected, status);
        Assert.NotEqual("", problem!["title"]!.GetValue<string>());
    }

    [Theory]
    [InlineData("GET", "/api/heads/00000000-0000-0000-0000-000000000001", 404)]
    [InlineData("GET", "/api/sessions/00000000-0000-0000-0000-000000000001", 404)]
    [InlineData("GET", "/api/sessions/00000000-0000-0000-0000-000000000001/stream", 404)]
    [InlineData("GET", "/api/shelf/taking/00000000-0000-0000-0000-000000000001", 404)]
    [InlineData("GET", "/api/no-such", 404)]
    [InlineData("DELETE", "/api/heads", 404)]
    public async Task An_address_that_is_not_there_is_said_so(string method, string path, int expected)
    {
        var (status, problem) = await server.Process.SendAsync(new HttpMethod(method), path);

        Assert.Equal(expected, status);
        Assert.NotNull(problem!["status"]);
    }

    [Theory]
    [InlineData("humidityPercent", 100)]
    [InlineData("roomCelsius", -40)]
    [InlineData("pairsOfHands", 9)]
    public async Task A_house_that_cannot_be_is_answered_at_its_field(string field, double value)
    {
        var (_, house) = await server.Process.SendAsync(HttpMethod.Get, "/api/household");
        var body = house!["house"]!.DeepClone();
        body[field] = JsonValue.Create(value == Math.Floor(value) ? (int)value : value);

        var (status, problem) = await server.Process.SendAsync(HttpMethod.Put, "/api/household", body);

        Assert.Equal(400, status);
        Assert.True(problem!["errors"]!.AsObject().ContainsKey(field));
    }
}
