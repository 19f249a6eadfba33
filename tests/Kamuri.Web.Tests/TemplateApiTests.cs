using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Web.Tests;

/// <summary>Kept days, steps of one's own, what can be asked for, schools compared, and hair that repels water.</summary>
public class TemplateApiTests(Server server) : IClassFixture<Server>
{
    private readonly ServerProcess _server = server.Process;

    private async Task<JsonNode> OkAsync(HttpMethod method, string path, JsonNode? body = null, int expected = 200)
    {
        var (status, answer) = await _server.SendAsync(method, path, body);
        Assert.True(status == expected, answer?.ToJsonString());
        return answer!;
    }

    private static string[] Ids(JsonNode plan) => [.. plan["steps"]!.AsArray().Select(step => step!["id"]!.GetValue<string>())];

    private static JsonArray Edits(params JsonObject[] edits) => [.. edits];

    private async Task<(string Head, string Template, string[] Steps)> KeepAsync(string name)
    {
        var head = await _server.MakeHeadAsync();
        var plan = Bodies.Plan(head);
        plan["edits"] = Edits(
            new JsonObject { ["kind"] = "duplicate", ["step"] = "cleanse" },
            new JsonObject
            {
                ["kind"] = "minutes",
                ["step"] = "conditioner",
                ["minutes"] = 10,
            }
        );
        var kept = await OkAsync(HttpMethod.Post, "/api/templates", new JsonObject { ["name"] = name, ["plan"] = plan }, 201);
        return (head, kept["id"]!.GetValue<string>(), Ids(await OkAsync(HttpMethod.Post, "/api/plans/preview", plan.DeepClone())));
    }

    private static JsonObject From(string head, string template)
    {
        var plan = Bodies.Plan(head);
        plan["templateId"] = template;
        return plan;
    }

    [Fact]
    public async Task A_kept_day_has_the_steps_as_they_stood_and_is_timed_anew_for_another_head()
    {
        var (head, template, steps) = await KeepAsync("Long Sunday");
        var longer = Bodies.Head("Bram");
        longer["lengths"] = new JsonObject
        {
            ["napeCm"] = 70,
            ["crownCm"] = 70,
            ["frontCm"] = 70,
            ["sidesCm"] = 70,
        };
        var other = await _server.MakeHeadAsync(longer);

        var again = await OkAsync(HttpMethod.Post, "/api/plans/preview", From(head, template));
        var onOther = await OkAsync(HttpMethod.Post, "/api/plans/preview", From(other, template));

        Assert.Equal(steps, Ids(again));
        Assert.Contains("cleanse-2", steps);
        Assert.Equal(steps, Ids(onOther));
        Assert.Equal("template", onOther["steps"]![0]!["origin"]!.GetValue<string>());
        Assert.True(
            onOther["totals"]!["handsOnMinutes"]!.GetValue<double>() > again["totals"]!["handsOnMinutes"]!.GetValue<double>() * 1.3
        );
    }

    [Fact]
    public async Task A_kept_day_is_checked_anew_for_hair_it_does_not_suit_and_can_be_mended()
    {
        var (_, template, _) = await KeepAsync("For loose hair");
        var locs = Bodies.Head("Sol");
        locs["wear"] = new JsonObject
        {
            ["locs"] = new JsonObject
            {
                ["stage"] = "mature",
                ["count"] = 90,
                ["thicknessMillimetres"] = 8,
            },
        };
        var plan = From(await _server.MakeHeadAsync(locs), template);

        var view = await OkAsync(HttpMethod.Post, "/api/plans/preview", plan);
        Assert.False(view["canStart"]!.GetValue<bool>());
        Assert.Contains(view["findings"]!.AsArray(), finding => finding!["rule"]!.GetValue<string>() == "R45");

        plan["edits"] = view["mendAll"]!.DeepClone();
        Assert.True((await OkAsync(HttpMethod.Post, "/api/plans/preview", plan))["canStart"]!.GetValue<bool>());
    }

    [Fact]
    public async Task A_day_can_be_begun_from_a_kept_one()
    {
        var (head, template, _) = await KeepAsync("To begin with");

        var session = await OkAsync(
            HttpMethod.Post,
            "/api/sessions",
            new JsonObject
            {
                ["plan"] = From(head, template),
                ["rehearsal"] = true,
                ["speed"] = 60,
            },
            201
        );

        Assert.Contains(session["steps"]!.AsArray(), step => step!["id"]!.GetValue<string>() == "cleanse-2");
    }

    [Fact]
    public async Task Kept_days_are_listed_renamed_and_forgotten()
    {
        var (head, template, steps) = await KeepAsync("Plain");

        await OkAsync(HttpMethod.Put, $"/api/templates/{template}", new JsonObject { ["name"] = " Plainer " });
        var line = (await OkAsync(HttpMethod.Get, "/api/templates")).AsArray().Single(each => each!["id"]!.GetValue<string>() == template)!;
        Assert.Equal(
            ("Plainer", "loose", steps.Length),
            (line["name"]!.GetValue<string>(), line["madeFor"]!.GetValue<string>(), line["steps"]!.AsArray().Count)
        );

        Assert.Equal(204, (await _server.SendAsync(HttpMethod.Delete, $"/api/templates/{template}")).Status);
        Assert.Equal(404, (await _server.SendAsync(HttpMethod.Delete, $"/api/templates/{template}")).Status);
        var (status, gone) = await _server.SendAsync(HttpMethod.Post, "/api/plans/preview", From(head, template));
        Assert.Equal(
            (404, "This routine no longer exists. Choose another one, or a new plan."),
            (status, gone!["detail"]!.GetValue<string>())
        );
    }

    [Fact]
    public async Task A_name_is_needed_and_only_taken_once()
    {
        var (head, _, _) = await KeepAsync("Once");

        foreach (
            var (name, sentence) in new[]
            {
                (" ", "Enter a name."),
                ("Once", "There is already a routine with this name."),
                (new string('x', 61), "A name can have at most 60 characters."),
            }
        )
        {
            var (status, body) = await _server.SendAsync(
                HttpMethod.Post,
                "/api/templates",
                new JsonObject { ["name"] = name, ["plan"] = Bodies.Plan(head) }
            );
            Assert.Equal((400, sentence), (status, body!["errors"]!["name"]![0]!.GetValue<string>()));
        }
    }

    [Fact]
    public async Task Steps_of_ones_own_are_taken_as_they_are()
    {
        var plan = Bodies.Plan(await _server.MakeHeadAsync());
        plan["steps"] = JsonNode.Parse(
            """[{ "kind": "wet-through" }, { "kind": "cleanse" }, { "kind": "rinse", "water": "cool" }, """
                + """{ "kind": "rinse" }, { "kind": "dry", "air": "fan", "dryness": 0.95 }]"""
        );

        var view = await OkAsync(HttpMethod.Post, "/api/plans/preview", plan);

        Assert.Equal(["wet-through", "cleanse", "rinse", "rinse-2", "dry"], Ids(view));
        Assert.Equal("cool", view["steps"]![2]!["water"]!.GetValue<string>());
        Assert.Contains("with a fan", view["steps"]![4]!["wait"]!["title"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Contains(view["findings"]!.AsArray(), finding => finding!["rule"]!.GetValue<string>() == "R02");
    }

    [Theory]
    [InlineData("""[{ "kind": "nonsense" }]""")]
    [InlineData("""[{ "kind": "rinse", "id": "a" }, { "kind": "rinse", "id": "a" }]""")]
    [InlineData("""[{ "kind": "rinse", "minutes": -4 }]""")]
    [InlineData("""[{ "kind": "dry", "dryness": 0.5 }]""")]
    [InlineData("""[{ "kind": "retwist", "pieces": 0 }]""")]
    [InlineData("""[{ "kind": "rinse", "amountFactor": 50 }]""")]
    [InlineData("""[null]""")]
    public async Task Steps_that_cannot_be_are_refused(string steps)
    {
        var plan = Bodies.Plan(await _server.MakeHeadAsync());
        plan["steps"] = JsonNode.Parse(steps);

        Assert.Equal(400, (await _server.SendAsync(HttpMethod.Post, "/api/plans/preview", plan)).Status);
    }

    [Fact]
    public async Task Steps_and_a_kept_day_do_not_go_together()
    {
        var (head, template, _) = await KeepAsync("Both");
        var plan = From(head, template);
        plan["steps"] = new JsonArray(new JsonObject { ["kind"] = "rinse" });

        var (status, body) = await _server.SendAsync(HttpMethod.Post, "/api/plans/preview", plan);

        Assert.Equal(
            (400, "Take the steps from a routine or send them, not both."),
            (status, body!["errors"]!["steps"]![0]!.GetValue<string>())
        );
    }

    [Fact]
    public async Task Every_example_in_the_document_can_be_sent_as_it_stands()
    {
        var document = await OkAsync(HttpMethod.Get, "/openapi/v1.json");
        foreach (var path in new[] { "/api/plans/preview", "/api/plans/school-changes" })
        {
            var examples = document["paths"]![path]!["post"]!["requestBody"]!["content"]!["application/json"]!["examples"]!.AsObject();
            Assert.True(examples.Count >= 6);
            foreach (var (name, example) in examples)
            {
                var (status, body) = await _server.SendAsync(HttpMethod.Post, path, example!["value"]!.DeepClone());
                Assert.True(status == 200, $"{name}: {body?.ToJsonString()}");
            }
        }
    }

    [Fact]
    public async Task What_can_be_asked_for_comes_in_words_with_the_kinds_it_goes_with()
    {
        var choices = await OkAsync(HttpMethod.Get, "/api/plans/choices");

        Assert.Equal(
            "a mid-week refresh",
            choices["aims"]!.AsArray().Single(aim => aim!["value"]!.GetValue<string>() == "refresh")!["word"]!.GetValue<string>()
        );
        var retwist = choices["styles"]!.AsArray().Single(style => style!["value"]!.GetValue<string>() == "retwist")!;
        Assert.Equal(["locs"], retwist["kinds"]!.AsArray().Select(kind => kind!.GetValue<string>()));
        Assert.Equal(
            "asItIs",
            choices["usual"]!.AsArray().Single(usual => usual!["kind"]!.GetValue<string>() == "locs")!["style"]!.GetValue<string>()
        );
        Assert.True(choices["steps"]!.AsArray().Count >= 60);
        Assert.All(choices["schools"]!.AsArray(), question => Assert.NotEmpty(question!["answers"]![0]!["reason"]!.GetValue<string>()));
    }

    [Fact]
    public async Task Schools_of_one_day_are_held_against_the_heads_own()
    {
        var plan = Bodies.Plan(await _server.MakeHeadAsync(), "moisture", "twists");
        plan["schools"] = new JsonObject { ["conditionOn"] = "dry" };

        var changes = await OkAsync(HttpMethod.Post, "/api/plans/school-changes", plan);

        Assert.Equal("conditionOn", changes["switched"]!.AsArray().Single()!["question"]!.GetValue<string>());
        Assert.Contains(
            "Deep condition: 130\u00a0ml instead of 100\u00a0ml.",
            changes["sentences"]!.AsArray().Select(sentence => sentence!.GetValue<string>())
        );
    }

    [Fact]
    public async Task An_unknown_school_is_refused()
    {
        var plan = Bodies.Plan(await _server.MakeHeadAsync());
        plan["schools"] = new JsonObject { ["treatmentHeat"] = "none" };

        Assert.Equal(400, (await _server.SendAsync(HttpMethod.Post, "/api/plans/preview", plan)).Status);
    }

    [Fact]
    public async Task Why_water_is_repelled_is_asked_step_by_step_until_it_is_a_plan()
    {
        var head = await _server.MakeHeadAsync();
        var answers = new JsonObject();
        async Task<JsonNode> AskAsync() =>
            await OkAsync(
                HttpMethod.Post,
                "/api/looking/repels-water",
                new JsonObject { ["headId"] = head, ["answers"] = answers.DeepClone() }
            );

        Assert.Equal("clarified", (await AskAsync())["next"]!["id"]!.GetValue<string>());
        answers["clarified"] = "long";
        answers["layers"] = "heavy";
        var plan = (await AskAsync())["plan"]!;

        Assert.Equal("reset", plan["aim"]!.GetValue<string>());
        var body = Bodies.Plan(head, "reset", "twists");
        (body["schools"], body["layering"], body["edits"]) = (
            plan["schools"]!.DeepClone(),
            plan["layering"]!.DeepClone(),
            plan["edits"]!.DeepClone()
        );
        Assert.Contains("clarify", Ids(await OkAsync(HttpMethod.Post, "/api/plans/preview", body)));
        Assert.Equal(
            404,
            (
                await _server.SendAsync(
                    HttpMethod.Post,
                    "/api/looking/repels-water",
                    new JsonObject { ["headId"] = Guid.NewGuid().ToString(), ["answers"] = new JsonObject() }
                )
            ).Status
        );
    }

    [Fact]
    public async Task A_refresh_and_a_patch_test_are_days_of_their_own()
    {
        var head = await _server.MakeHeadAsync();

        var refresh = await OkAsync(HttpMethod.Post, "/api/plans/preview", Bodies.Plan(head, "refresh", "asItIs"));
        var patch = await OkAsync(HttpMethod.Post, "/api/plans/preview", Bodies.Plan(head, "patchTest", "asItIs"));

        Assert.Equal(["refresh", "edges", "dry"], Ids(refresh));
        Assert.False(refresh["isWashDay"]!.GetValue<bool>());
        Assert.Equal(["patch-test"], Ids(patch));
    }

    [Fact]
    public async Task An_overnight_day_is_split_where_the_night_is()
    {
        var plan = Bodies.Plan(await _server.MakeHeadAsync(), "moisture", "twists");
        plan["schools"] = new JsonObject { ["length"] = "overnight" };

        var view = await OkAsync(HttpMethod.Post, "/api/plans/preview", plan);

        var after = view["steps"]!.AsArray().Single(step => step!["dayBreak"]!.GetValue<bool>())!;
        Assert.Equal("rinse", after["id"]!.GetValue<string>());
        Assert.Single(view["tasks"]!.AsArray(), task => task!["isOvernight"]!.GetValue<bool>());
        Assert.StartsWith("Two days: ", view["finishSentence"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    private const string Own = """
        version: 1
        id: quick-in-braids
        says: our Sunday
        hint: Cleanse, conditioner, twists.
        suits: [loose]
        steps:
          - do: look
            why: First look.
          - then: clean
          - do: conditioner
            why: It stays for five minutes.
            minutes: 5
          - do: dry
            why: It dries.
        """;

    private Task<(int Status, JsonNode? Answer)> ImportAsync(string text) =>
        _server.SendAsync(HttpMethod.Post, "/api/templates/import", new JsonObject { ["text"] = text });

    [Fact]
    public async Task A_routine_file_is_taken_in_used_and_given_out_as_it_was()
    {
        var (status, made) = await ImportAsync(Own);
        Assert.Equal(201, status);
        Assert.Equal("our Sunday", made!["name"]!.GetValue<string>());
        Assert.Equal(["loose"], made["kinds"]!.AsArray().Select(kind => kind!.GetValue<string>()));
        Assert.Equal("our Sunday 2", (await ImportAsync(Own)).Answer!["name"]!.GetValue<string>());

        var id = made["id"]!.GetValue<string>();
        var plan = await OkAsync(HttpMethod.Post, "/api/plans/preview", From(await _server.MakeHeadAsync(), id));
        Assert.Equal(["look", "cleanse", "rinse", "conditioner", "dry"], Ids(plan));
        Assert.NotEmpty(plan["findings"]!.AsArray());
        Assert.Equal(Own, await _server.Http.GetStringAsync($"/api/templates/{id}/routine.yaml", TestContext.Current.CancellationToken));

        // What was kept from a plan is a file as well, and comes in again as the same steps.
        var (head, kept, steps) = await KeepAsync("Given out");
        var file = await _server.Http.GetStringAsync($"/api/templates/{kept}/routine.yaml", TestContext.Current.CancellationToken);
        var back = (await ImportAsync(file)).Answer!["id"]!.GetValue<string>();
        Assert.Equal(steps.Length, Ids(await OkAsync(HttpMethod.Post, "/api/plans/preview", From(head, back))).Length);
    }

    [Theory]
    [InlineData("", "This file holds no routine.")]
    [InlineData("steps: [", "This is not YAML")]
    [InlineData("version: 7", "Line 1, “version”: It was written for version 7. Kamuri reads 1 to 1.")]
    [InlineData(
        "version: 1\nid: a\nsays: a\nhint: a\nsuits: [loose]\nsteps:\n  - do: brush\n    why: a",
        "Line 7, “do”: There is no step called “brush”."
    )]
    [InlineData("version: 1\nid: a\nsays: a\nhint: a\nsuits: [loose]\nsteps: []", "give it at least one step")]
    [InlineData("version: 1\nid: a\nsays: a\nhint: a\nsteps:\n  - then: clean", "Say which hair it suits")]
    public async Task A_routine_file_that_is_wrong_is_refused_with_its_line(string text, string message)
    {
        var (status, problem) = await ImportAsync(text);

        Assert.Equal(400, status);
        Assert.Contains(message, problem!["errors"]!["text"]![0]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_routine_of_five_hundred_steps_is_refused() =>
        Assert.Contains(
            "more than 250 steps",
            (
                await ImportAsync(
                    "version: 1\nid: a\nsays: a\nhint: a\nsuits: [loose]\nsteps:\n"
                        + string.Concat(Enumerable.Repeat("  - do: rinse\n    why: a\n", 500))
                )
            ).Answer!.ToJsonString(),
            StringComparison.Ordinal
        );

    [Fact]
    public async Task A_day_is_asked_for_as_last_time_once_there_was_one()
    {
        var head = await _server.MakeHeadAsync();
        var body = Bodies.Plan(head);
        body["asLastTime"] = true;
        Assert.Equal(400, (await _server.SendAsync(HttpMethod.Post, "/api/plans/preview", body.DeepClone())).Status);

        var day = Bodies.Plan(head, "scalpComfort", "twists");
        var (_, session) = await _server.SendAsync(HttpMethod.Post, "/api/sessions", new JsonObject { ["plan"] = day.DeepClone() });
        var steps = Ids(await OkAsync(HttpMethod.Post, "/api/plans/preview", day));
        await _server.SendAsync(HttpMethod.Post, $"/api/sessions/{session!["id"]}/events", Bodies.Press("finished"));

        var again = Ids(await OkAsync(HttpMethod.Post, "/api/plans/preview", body));
        Assert.Equal(steps.Select(Kind), again.Select(Kind));

        static string Kind(string id) => id.TrimEnd("0123456789".ToCharArray()).TrimEnd('-');
    }
}
