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
    [InlineData("aim", "\"shine\"", "The field 'aim' has a value that cannot be read.")]
    [InlineData("aim", "3", "The field 'aim' has a value that cannot be read.")]
    [InlineData("headId", "\"x\"", "The field 'headId' has a value that cannot be read.")]
    [InlineData("colour", "1", "There is no field 'colour'.")]
    [InlineData("edits", "null", "The field 'edits' has a value that cannot be read.")]
    [InlineData("sections", "1e400", "The field 'sections' has a value that cannot be read.")]
    public async Task A_field_that_cannot_be_read_is_named(string field, string value, string detail)
    {
        var body = Bodies.Plan(Guid.NewGuid().ToString()).ToJsonString()[..^1];
        body =
            field == "aim" ? body.Replace("\"quick\"", value, StringComparison.Ordinal) + "}"
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
        body["when"] = new JsonObject
        {
            ["mode"] = "readyBy",
            ["date"] = "2020-01-01",
            ["time"] = "18:00:00",
        };

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
        Assert.Equal("00:00 has passed. Choose a later time or another day.", problem!["errors"]!["when.time"]![0]!.GetValue<string>());
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
        Assert.StartsWith(
            "There is no hood in the house",
            problem!["errors"]!["dryingAir"]![0]!.GetValue<string>(),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task Two_megabytes_are_too_much()
    {
        var (status, problem) = await server.Process.SendAsync(
            HttpMethod.Post,
            "/api/heads",
            $"{{\"name\":\"{new string('x', 2_000_000)}\"}}"
        );

        Assert.Equal(413, status);
        Assert.Equal("That is too large.", problem!["detail"]!.GetValue<string>());
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
    [InlineData("showers", -1)]
    [InlineData("stoves", 7)]
    public async Task A_house_that_cannot_be_is_answered_at_its_field(string field, double value)
    {
        var (_, house) = await server.Process.SendAsync(HttpMethod.Get, "/api/household");
        var body = house!["house"]!.DeepClone();
        body[field] = JsonValue.Create(value == Math.Floor(value) ? (int)value : value);

        var (status, problem) = await server.Process.SendAsync(HttpMethod.Put, "/api/household", body);

        Assert.Equal(400, status);
        Assert.True(problem!["errors"]!.AsObject().ContainsKey(field));
    }

    [Theory]
    [InlineData("PUT", "/api/figures", "{}", "Something needed is missing: values.")]
    [InlineData("PUT", "/api/figures", """{"values":null}""", "The field 'values' has a value that cannot be read.")]
    [InlineData("PUT", "/api/figures/drying.air.fan", "{}", "Something needed is missing: value.")]
    [InlineData("POST", "/api/templates", """{"name":"a"}""", "Something needed is missing: plan.")]
    [InlineData(
        "POST",
        "/api/looking/repels-water",
        """{"headId":"0199aaaa-0000-7000-8000-000000000001"}""",
        "Something needed is missing: answers."
    )]
    [InlineData(
        "PUT",
        "/api/household",
        """{"roomCelsius":20}""",
        "Something needed is missing: humidityPercent, timeZone, pairsOfHands, showers, stoves."
    )]
    public async Task What_is_left_out_is_named(string method, string path, string body, string detail)
    {
        var (status, problem) = await server.Process.SendAsync(new HttpMethod(method), path, body);

        Assert.Equal((400, detail), (status, problem!["detail"]!.GetValue<string>()));
    }

    [Theory]
    [InlineData("edits", "[null]")]
    [InlineData("history", """{"lastDone":[null]}""")]
    [InlineData("history", """{"lastDone":[{"treatment":"clarify","on":"2999-01-01"}]}""")]
    [InlineData("uses", """{"oil":null}""")]
    public async Task Nothing_in_a_list_is_no_entry(string field, string value)
    {
        var plan = Bodies.Plan(await server.Process.MakeHeadAsync());
        plan[field] = JsonNode.Parse(value);

        Assert.Equal(400, (await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", plan)).Status);
    }

    /// <summary>Every value of the documented examples, one at a time, exchanged for things nobody should send.</summary>
    [Fact]
    public async Task No_garbled_plan_is_a_server_error()
    {
        var (_, document) = await server.Process.SendAsync(HttpMethod.Get, "/openapi/v1.json");
        var examples = document!["paths"]!["/api/plans/preview"]!["post"]!["requestBody"]!["content"]!["application/json"]![
            "examples"
        ]!.AsObject();
        string[] garbage = ["null", "\"x\"", "-1", "1e308", "[]", "{}", "[null]", "true"];
        var turn = 0;
        var asked = 0;
        foreach (var example in examples.Select(each => each.Value!["value"]!))
        {
            foreach (var path in Paths(example, []))
            {
                // Two kinds of garbage at each place, and all of them over the whole document.
                foreach (var rubbish in new[] { garbage[turn++ % garbage.Length], garbage[turn++ % garbage.Length] })
                {
                    var garbled = example.DeepClone();
                    Put(garbled, path, JsonNode.Parse(rubbish));
                    var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", garbled);
                    Assert.True(status is 200 or 400 or 422, $"{status} {string.Join('.', path)} = {rubbish}: {problem?.ToJsonString()}");
                    asked++;
                }
            }
        }

        Assert.True(asked > 200, $"only {asked} were asked");
    }

    private static IEnumerable<object[]> Paths(JsonNode? node, object[] at) =>
        node switch
        {
            JsonObject members => members.SelectMany(member => Paths(member.Value, [.. at, member.Key]).Prepend([.. at, member.Key])),
            JsonArray items => items.SelectMany((item, n) => Paths(item, [.. at, n]).Prepend([.. at, n])),
            _ => [],
        };

    private static void Put(JsonNode root, object[] path, JsonNode? value)
    {
        var holder = path[..^1].Aggregate(root, (node, step) => step is string name ? node[name]! : node[(int)step]!);
        if (path[^1] is string last)
        {
            holder[last] = value;
        }
        else
        {
            holder[(int)path[^1]] = value;
        }
    }
}
