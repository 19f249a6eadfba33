using System.Globalization;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Web.Tests;

/// <summary>Days with several heads, asked for over the API.</summary>
public class HouseholdPlanApiTests(Server server) : IClassFixture<Server>
{
    private const string Path = "/api/household-plans/preview";
    private readonly ServerProcess _server = server.Process;

    private async Task<JsonObject> AskedAsync(params string[] names)
    {
        var heads = new JsonArray();
        foreach (var name in names)
        {
            var id = await _server.MakeHeadAsync(Bodies.Head(name));
            heads.Add(
                new JsonObject
                {
                    ["plan"] = new JsonObject
                    {
                        ["headId"] = id,
                        ["aim"] = "quick",
                        ["style"] = "bun",
                        ["when"] = new JsonObject { ["mode"] = "startNow" },
                    },
                }
            );
        }

        // Tomorrow morning, so that no hour of the test's own day matters.
        var tomorrow = DateTime.Now.AddDays(2).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
        return new JsonObject
        {
            ["heads"] = heads,
            ["hands"] = JsonNode.Parse("""[{"name":"Ama"}]"""),
            ["when"] = new JsonObject
            {
                ["mode"] = "startAt",
                ["date"] = tomorrow,
                ["time"] = "09:00:00",
            },
        };
    }

    private async Task<JsonNode> PlanAsync(JsonObject body)
    {
        var (status, answer) = await _server.SendAsync(HttpMethod.Post, Path, body);
        Assert.True(status == 200, $"{status} {answer?.ToJsonString()}");
        return answer!;
    }

    private static DateTimeOffset Moment(JsonNode? node) => DateTimeOffset.Parse(node!.GetValue<string>(), CultureInfo.InvariantCulture);

    [Fact]
    public async Task Hands_are_not_called_as_heads_are_counted()
    {
        var body = await AskedAsync("Ilse", "Marek");
        body["heads"]![0]!["pauseAfter"] = 30;
        foreach (var name in new[] { "1", " 2 " })
        {
            body["hands"] = new JsonArray(new JsonObject { ["name"] = name });
            var (status, answer) = await _server.SendAsync(HttpMethod.Post, Path, body);
            Assert.Equal((400, "Enter a name, not only a number."), (status, answer!["errors"]!["hands[0].name"]![0]!.GetValue<string>()));
        }

        body["hands"] = new JsonArray(new JsonObject { ["name"] = "Ama 2" });
        Assert.Equal(
            "Ama 2",
            (await PlanAsync(body))["tasks"]!.AsArray().First(task => task!["isHandsOn"]!.GetValue<bool>())!["by"]!.GetValue<string>()
        );
    }

    [Fact]
    public async Task A_day_that_starts_while_people_sleep_offers_their_night_to_be_left_out()
    {
        var body = await AskedAsync("Ilse", "Marek");
        (body["when"]!["mode"], body["when"]!["time"]) = ("readyBy", "07:30:00");
        var through = await PlanAsync(body);
        Assert.Matches(
            "^To be ready by 07:30 it starts at 0[0-9]:[0-9]{2}, while people sleep\\.$",
            through["nightSentence"]!.GetValue<string>()
        );
        Assert.Equal(
            ("22:30:00", "06:30:00"),
            (through["night"]!["from"]!.GetValue<string>(), through["night"]!["to"]!.GetValue<string>())
        );
        body["hands"]![0]!["away"] = new JsonArray(through["night"]!.DeepClone());
        var slept = await PlanAsync(body);
        Assert.Null(slept["nightSentence"]);
        Assert.DoesNotContain(slept["tasks"]!.AsArray(), task =>
            task!["isHandsOn"]!.GetValue<bool>() && Moment(task["start"]).TimeOfDay.TotalHours is < 6.5 or >= 22.5
        );
    }

    [Fact]
    public async Task One_head_whose_day_goes_on_while_people_sleep_may_leave_their_night_out_too()
    {
        var body = await AskedAsync("Ilse", "Marek");
        var wish = body["heads"]![0]!["plan"]!.DeepClone();
        wish["when"] = body["when"]!.DeepClone();
        (wish["when"]!["mode"], wish["when"]!["time"]) = ("startAt", "21:45:00");
        var (status, plan) = await _server.SendAsync(HttpMethod.Post, "/api/plans/preview", wish);
        Assert.Equal(200, status);
        Assert.Matches(
            "^Somebody has to work from 2[23]:[0-9]{2} to .*, while people sleep\\.$",
            plan!["nightSentence"]!.GetValue<string>()
        );
        Assert.Equal("22:30:00", plan["night"]!["from"]!.GetValue<string>());
        wish["when"]!["time"] = "09:00:00";
        var (_, early) = await _server.SendAsync(HttpMethod.Post, "/api/plans/preview", wish);
        Assert.Null(early!["night"]);
        Assert.Null(early["nightSentence"]);
    }

    [Fact]
    public async Task Two_heads_are_planned_on_one_clock()
    {
        var plan = await PlanAsync(await AskedAsync("Ilse", "Marek"));
        var tasks = plan["tasks"]!.AsArray();

        Assert.Equal(["1", "2"], plan["heads"]!.AsArray().Select(head => head!["key"]!.GetValue<string>()));
        Assert.All(tasks.Where(task => task!["isHandsOn"]!.GetValue<bool>()), task => Assert.Equal("Ama", task!["by"]!.GetValue<string>()));
        Assert.Equal(2, tasks.Select(task => task!["headId"]!.GetValue<string>()).Distinct().Count());
        Assert.Equal(tasks.Count, plan["heads"]!.AsArray().Sum(head => head!["plan"]!["tasks"]!.AsArray().Count));
        Assert.StartsWith(
            $"Start at 09:00 on {DateTime.Now.AddDays(2).DayOfWeek}. Done: ",
            plan["sentence"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        Assert.True(Moment(plan["notBefore"]) <= Moment(plan["end"]));
        Assert.True(plan["canStart"]!.GetValue<bool>());
    }

    [Fact]
    public async Task A_longer_search_tells_how_far_it_is_and_is_taken_up_when_asked_for()
    {
        var body = await AskedAsync("Ilse", "Marek", "Oda");
        body["heads"]![0]!["plan"]!["aim"] = "moisture";
        body["heads"]![1]!["plan"]!["aim"] = "strength";
        var quick = await PlanAsync(body);
        using var answer = await _server.Http.PostAsJsonAsync("/api/household-plans/longer", body, TestContext.Current.CancellationToken);
        Assert.Equal("text/event-stream", answer.Content.Headers.ContentType?.MediaType);
        var told = await ToldAsync(answer);
        Assert.Equal(
            told.Select(each => each["share"]!.GetValue<double>()).Order(),
            told.Select(each => each["share"]!.GetValue<double>())
        );
        Assert.Equal(told.Select((_, at) => at == told.Count - 1), told.Select(each => each["isOver"]!.GetValue<bool>()));
        Assert.NotEmpty(told[^1]["sentence"]!.GetValue<string>());

        body["fromLongerSearch"] = true;
        var longer = await PlanAsync(body);
        Assert.True(Moment(longer["end"]) <= Moment(quick["end"]));
        Assert.Equal(told[^1]["isBetter"]!.GetValue<bool>(), Moment(longer["end"]) < Moment(quick["end"]));
    }

    [Fact]
    public async Task Why_an_hour_cannot_be_met_is_told_while_it_is_looked_for()
    {
        var body = await AskedAsync("Ilse");
        body["heads"]![0]!["readyBy"] = "09:40:00";
        body["heads"]![0]!["plan"]!["dryingAir"] = "blowDryCool";
        Assert.True((await PlanAsync(body))["minutesLate"]!.GetValue<double>() > 0);
        using var answer = await _server.Http.PostAsJsonAsync("/api/household-plans/why-not", body, TestContext.Current.CancellationToken);
        var told = await ToldAsync(answer);
        Assert.Equal("an earlier start", told[0]["trying"]!.GetValue<string>());
        Assert.Contains(told, each => each["trying"]!.GetValue<string>() == "leaving steps out for Ilse");
        Assert.Equal(
            told.Select(each => each["share"]!.GetValue<double>()).Order(),
            told.Select(each => each["share"]!.GetValue<double>())
        );
        Assert.Equal(told.Select((_, at) => at == told.Count - 1), told.Select(each => each["isOver"]!.GetValue<bool>()));
        Assert.StartsWith("Start by ", told[^1]["remedies"]![0]!["sentence"]!.GetValue<string>(), StringComparison.Ordinal);

        body["heads"]![0]!["readyBy"] = null;
        using var inTime = await _server.Http.PostAsJsonAsync("/api/household-plans/why-not", body, TestContext.Current.CancellationToken);
        var nothing = Assert.Single(await ToldAsync(inTime));
        Assert.True(nothing["isOver"]!.GetValue<bool>());
        Assert.Empty(nothing["remedies"]!.AsArray());
        body["hands"] = JsonNode.Parse("""[{"name":"Bea","mayDo":["kitchen"]}]""");
        Assert.Equal(422, (await _server.SendAsync(HttpMethod.Post, "/api/household-plans/why-not", body)).Status);
    }

    private static async Task<List<JsonNode>> ToldAsync(HttpResponseMessage answer) =>
        [
            .. (await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))
                .Split('\n')
                .Where(line => line.StartsWith("data: ", StringComparison.Ordinal))
                .Select(line => JsonNode.Parse(line[6..])!),
        ];

    [Fact]
    public async Task A_longer_search_for_nothing_that_can_be_is_refused()
    {
        var body = await AskedAsync("Ilse");
        body["hands"] = JsonNode.Parse("""[{"name":"Bea","mayDo":["kitchen"]}]""");
        Assert.Equal(422, (await _server.SendAsync(HttpMethod.Post, "/api/household-plans/longer", body)).Status);
        Assert.Equal(
            400,
            (
                await _server.SendAsync(
                    HttpMethod.Post,
                    "/api/household-plans/longer",
                    new JsonObject { ["heads"] = new JsonArray(), ["when"] = body["when"]!.DeepClone() }
                )
            ).Status
        );
    }

    [Fact]
    public async Task Who_is_there_and_what_is_taken_is_planned_around()
    {
        var body = await AskedAsync("Ilse", "Marek");
        body["heads"]![1]!["present"] = JsonNode.Parse("""[{"from":"13:00:00","to":"20:30:00"}]""");
        body["heads"]![1]!["readyBy"] = "20:00:00";
        body["taken"] = JsonNode.Parse("""[{"resource":"shower","from":"09:00:00","to":"10:30:00"}]""");
        var plan = await PlanAsync(body);

        Assert.All(
            plan["tasks"]!.AsArray().Where(task => task!["strand"]!.GetValue<string>() == "2" && task["isHandsOn"]!.GetValue<bool>()),
            task => Assert.True(Moment(task!["start"]).Hour >= 13, task.ToJsonString())
        );
        Assert.Contains(plan["more"]!.AsArray(), each => each!.GetValue<string>().Contains("is dry by 20:00 is", StringComparison.Ordinal));
        Assert.Empty(plan["beyond"]!.AsArray());
    }

    [Fact]
    public async Task A_second_shower_and_a_second_pair_of_hands_of_the_house_are_planned_with()
    {
        var (_, view) = await _server.SendAsync(HttpMethod.Get, "/api/household");
        var house = view!["house"]!.AsObject();
        var body = await AskedAsync("Ilse", "Marek");
        body.Remove("hands");
        async Task<(double Minutes, double Ends, string[] Hands)> WithAsync(int pairs, int showers, int taken = 0)
        {
            var changed = house.DeepClone();
            (changed["pairsOfHands"], changed["showers"]) = (pairs, showers);
            Assert.Equal(200, (await _server.SendAsync(HttpMethod.Put, "/api/household", changed)).Status);
            body["taken"] = JsonNode.Parse(
                $"[{string.Join(',', Enumerable.Repeat("""{"resource":"shower","from":"08:00:00","to":"14:00:00"}""", taken))}]"
            );
            var plan = await PlanAsync(body);
            return (
                (Moment(plan["end"]) - Moment(plan["start"])).TotalMinutes,
                Moment(plan["end"]).TimeOfDay.TotalHours,
                [.. plan["tasks"]!.AsArray().Select(task => task!["by"]?.GetValue<string>()).OfType<string>().Distinct().Order()]
            );
        }

        try
        {
            var (alone, two, both) = (await WithAsync(1, 1), await WithAsync(2, 1), await WithAsync(2, 2));
            Assert.Equal(["You"], alone.Hands);
            Assert.Equal(["Helper", "You"], two.Hands);
            // Whoever washes alone is sooner done with somebody's help, and never later where nobody waits for the shower.
            Assert.True(alone.Minutes > two.Minutes && two.Minutes >= both.Minutes, $"{alone.Minutes} {two.Minutes} {both.Minutes}");
            // One of two that is taken leaves one; both leave none before two o'clock.
            Assert.Equal(two.Minutes, (await WithAsync(2, 2, taken: 1)).Minutes);
            var none = await WithAsync(2, 2, taken: 2);
            Assert.True(none.Ends > 14 && none.Ends > both.Ends, $"{none.Ends}");
        }
        finally
        {
            await _server.SendAsync(HttpMethod.Put, "/api/household", house.DeepClone());
        }
    }

    [Fact]
    public async Task Hands_work_on_the_heads_they_are_for()
    {
        var body = await AskedAsync("Ilse", "Marek");
        var marek = body["heads"]![1]!["plan"]!["headId"]!.GetValue<string>();
        body["hands"] = JsonNode.Parse($$"""[{"name":"Ama"},{"name":"Bea","headIds":["{{marek}}"]}]""");
        var plan = await PlanAsync(body);
        var byBea = plan["tasks"]!
            .AsArray()
            .Where(task => task!["by"]?.GetValue<string>() == "Bea")
            .Select(task => task!["strand"]!.GetValue<string>())
            .Distinct()
            .ToList();
        Assert.Contains("2", byBea);
        Assert.DoesNotContain("1", byBea);
        // With nobody for Ilse there is no plan, and it is said whose it is.
        body["hands"] = JsonNode.Parse($$"""[{"name":"Bea","headIds":["{{marek}}"]}]""");
        var (status, answer) = await _server.SendAsync(HttpMethod.Post, Path, body);
        Assert.Equal(422, status);
        Assert.StartsWith("Nobody can do this for Ilse:", answer!["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_day_of_several_heads_is_kept_for_later_and_asked_again_as_it_was()
    {
        var body = await AskedAsync("Ilse", "Marek");
        body["heads"]![1]!["present"] = JsonNode.Parse("""[{"from":"13:00:00","to":"20:30:00"}]""");
        body["heads"]![1]!["plan"]!["edits"] = new JsonArray(new JsonObject { ["kind"] = "add", ["stepKind"] = "grain-water" });
        body["heads"]![1]!["plan"]!["uses"] = new JsonObject { ["grain-water"] = new JsonObject { ["formulaId"] = Bodies.GrainWater } };
        var plan = await PlanAsync(body);
        var path = $"/api/planned-days/{Guid.NewGuid()}";
        var (status, saved) = await _server.SendAsync(HttpMethod.Put, path, new JsonObject { ["household"] = body.DeepClone() });
        Assert.True(status == 200, saved?.ToJsonString());
        Assert.Null(saved!["before"]);
        var kept = saved["day"]!;
        Assert.Equal(("Ilse and Marek", false), (kept!["names"]!.GetValue<string>(), kept["missed"]!.GetValue<bool>()));
        Assert.Equal(
            (Moment(plan["start"]), plan["sentence"]!.GetValue<string>()),
            (Moment(kept["start"]), kept["sentence"]!.GetValue<string>())
        );
        Assert.Equal(
            ("Grain water", "Marek"),
            (kept["begin"]![0]!["name"]!.GetValue<string>(), kept["begin"]![0]!["headName"]!.GetValue<string>())
        );

        // What it gives back is the question, to be asked again.
        var found = Assert.Single((await _server.SendAsync(HttpMethod.Get, "/api/ahead")).Body!["planned"]!.AsArray(), each =>
            each!["id"]!.GetValue<string>() == kept["id"]!.GetValue<string>()
        )!;
        Assert.Equal(
            plan["tasks"]!.ToJsonString(),
            (await PlanAsync((JsonObject)found["household"]!.DeepClone()))["tasks"]!.ToJsonString()
        );

        // A head that leaves takes nothing of the others with it.
        await _server.SendAsync(HttpMethod.Delete, $"/api/heads/{body["heads"]![1]!["plan"]!["headId"]}");
        var later = (await _server.SendAsync(HttpMethod.Get, "/api/ahead")).Body!["planned"]!
            .AsArray()
            .Single(each => each!["id"]!.GetValue<string>() == kept["id"]!.GetValue<string>())!;
        Assert.NotEmpty(later["trouble"]!.GetValue<string>() + later["sentence"]!.GetValue<string>());
        Assert.Equal(204, (await _server.SendAsync(HttpMethod.Delete, $"/api/planned-days/{kept["id"]}")).Status);
    }

    [Fact]
    public async Task A_household_day_that_cannot_be_kept_is_said_at_its_field()
    {
        async Task Refused(JsonObject body, string field)
        {
            var (status, problem) = await _server.SendAsync(HttpMethod.Put, $"/api/planned-days/{Guid.NewGuid()}", body);
            Assert.Equal(400, status);
            Assert.NotEmpty(problem!["errors"]![field]!.AsArray());
        }

        var day = await AskedAsync("Ilse");
        await Refused([], "plan");
        await Refused(
            new JsonObject { ["household"] = day.DeepClone(), ["plan"] = Bodies.Plan(Guid.NewGuid().ToString(), "quick", "bun") },
            "plan"
        );
        var now = (JsonObject)day.DeepClone();
        now["when"] = new JsonObject { ["mode"] = "startNow" };
        await Refused(new JsonObject { ["household"] = now }, "household.when");
        var nobody = (JsonObject)day.DeepClone();
        nobody["heads"] = new JsonArray();
        await Refused(new JsonObject { ["household"] = nobody }, "household.heads");
        var unnamed = (JsonObject)day.DeepClone();
        unnamed["heads"]![0]!["plan"]!.AsObject().Remove("headId");
        await Refused(new JsonObject { ["household"] = unnamed }, "household.heads");
        var gone = (JsonObject)day.DeepClone();
        gone["heads"]![0]!["plan"]!["headId"] = Guid.NewGuid();
        var path = $"/api/planned-days/{Guid.NewGuid()}";
        Assert.Equal(404, (await _server.SendAsync(HttpMethod.Put, path, new JsonObject { ["household"] = gone })).Status);
    }

    [Fact]
    public async Task What_nobody_may_do_is_said()
    {
        var body = await AskedAsync("Ilse");
        body["hands"] = JsonNode.Parse("""[{"name":"Bea","mayDo":["kitchen"]}]""");
        var (status, problem) = await _server.SendAsync(HttpMethod.Post, Path, body);
        Assert.Equal(422, status);
        Assert.StartsWith("Nobody can do this for Ilse: ", problem!["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("""{"heads":[]}""", "heads", "A day has 1 to 4 heads.")]
    [InlineData("""{"hands":[{"name":"Ama"},{"name":" ama "}]}""", "hands", "Two pairs of hands need two names.")]
    [InlineData("""{"hands":[{"name":"A"},{"name":"B"},{"name":"C"}]}""", "hands", "There are 1 or 2 pairs of hands.")]
    [InlineData("""{"hands":[{"name":""}]}""", "hands[0].name", "Enter a name of 1 to 40 characters.")]
    [InlineData(
        """{"taken":[{"resource":"hands","from":"09:00:00","to":"10:00:00"}]}""",
        "taken[0].resource",
        "Choose a shower, stove, hood or steamer."
    )]
    [InlineData(
        """{"taken":[{"resource":"shower","from":"09:00:00","to":"09:00:00"}]}""",
        "taken[0].to",
        "The end must be after the start."
    )]
    public async Task What_cannot_be_is_refused_at_its_field(string change, string field, string message)
    {
        var body = await AskedAsync("Ilse");
        foreach (var (name, value) in JsonNode.Parse(change)!.AsObject())
        {
            body[name] = value!.DeepClone();
        }

        var (status, problem) = await _server.SendAsync(HttpMethod.Post, Path, body);
        Assert.Equal(400, status);
        Assert.Equal(message, problem!["errors"]![field]![0]!.GetValue<string>());
    }

    [Fact]
    public async Task A_head_that_is_gone_or_asked_for_twice_is_refused()
    {
        var body = await AskedAsync("Ilse");
        body["heads"]!.AsArray().Add(body["heads"]![0]!.DeepClone());
        Assert.Equal(
            "Add each head only once.",
            (await _server.SendAsync(HttpMethod.Post, Path, body)).Body!["errors"]!["heads"]![0]!.GetValue<string>()
        );

        body["heads"]![1]!["plan"]!["headId"] = Guid.NewGuid().ToString();
        Assert.Equal(404, (await _server.SendAsync(HttpMethod.Post, Path, body)).Status);

        body["heads"]![1]!["plan"] = null;
        Assert.Equal(400, (await _server.SendAsync(HttpMethod.Post, Path, body)).Status);
    }
}
