using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Web.Tests;

/// <summary>Any plan can be asked for without the interface: kinds of hair, schools, history, what is used, and stops overridden.</summary>
public class PlanRulesApiTests(Server server) : IClassFixture<Server>
{
    private static readonly JsonObject Locs = new()
    {
        ["locs"] = new JsonObject
        {
            ["stage"] = "mature",
            ["count"] = 90,
            ["thicknessMillimetres"] = 8,
        },
    };
    private static readonly JsonObject Braids = new()
    {
        ["style"] = new JsonObject
        {
            ["made"] = "braids",
            ["putIn"] = null,
            ["addedHairGrams"] = 200,
        },
    };
    private static readonly JsonObject Down = new()
    {
        ["down"] = new JsonObject { ["made"] = "braids", ["wornDays"] = 42 },
    };

    private static JsonObject Plan(JsonObject? wear = null, string aim = "moisture", string style = "twists")
    {
        var head = Bodies.Head();
        if (wear is not null)
        {
            head["wear"] = wear.DeepClone();
        }

        return new JsonObject
        {
            ["head"] = head,
            ["aim"] = aim,
            ["style"] = style,
            ["when"] = new JsonObject { ["mode"] = "startNow" },
        };
    }

    private async Task<JsonNode> PreviewAsync(JsonObject plan)
    {
        var (status, body) = await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", plan);
        Assert.True(status == 200, body?.ToJsonString());
        return body!;
    }

    private static string[] Steps(JsonNode plan) => [.. plan["steps"]!.AsArray().Select(step => step!["id"]!.GetValue<string>())];

    private static JsonNode? Finding(JsonNode plan, string rule) =>
        plan["findings"]!.AsArray().FirstOrDefault(finding => finding!["rule"]!.GetValue<string>() == rule);

    [Fact]
    public async Task A_routine_is_asked_for_by_name_and_refused_where_it_is_for_other_hair()
    {
        var simple = Plan();
        simple["routine"] = "simple-wash";
        Assert.DoesNotContain("pre-poo", Steps(await PreviewAsync(simple)));

        // What the routine is for counts, where it cannot be for what was asked.
        var edges = Plan(aim: "strength");
        edges["routine"] = "edges-and-scalp";
        Assert.Equal(["scalp-massage", "scalp-oil"], Steps(await PreviewAsync(edges)));

        var (_, choices) = await server.Process.SendAsync(HttpMethod.Get, "/api/plans/choices");
        Assert.Contains(choices!["routines"]!.AsArray(), routine =>
            $"{routine!["value"]}" == "simple-wash" && $"{routine["word"]}" == "the simple way"
        );

        async Task<string> RefusedAsync(JsonObject plan, string routine)
        {
            plan["routine"] = routine;
            var (status, body) = await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", plan);
            Assert.Equal(400, status);
            return body!["errors"]!["routine"]![0]!.GetValue<string>();
        }

        Assert.Equal("There is no such routine.", await RefusedAsync(Plan(), "no-such-day"));
        Assert.StartsWith("This routine is for other hair", await RefusedAsync(Plan(Locs), "simple-wash"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Each_kind_of_hair_has_a_day_of_its_own()
    {
        var loose = Steps(await PreviewAsync(Plan()));
        var locs = await PreviewAsync(Plan(Locs, style: "asItIs"));
        var braids = Steps(await PreviewAsync(Plan(Braids, style: "asItIs")));
        var down = Steps(await PreviewAsync(Plan(Down)));

        Assert.Contains("deep-condition", loose);
        Assert.Contains("part-cleanse", Steps(locs));
        Assert.DoesNotContain("deep-condition", Steps(locs));
        Assert.Equal("locs, mature", locs["kindWords"]!.GetValue<string>());
        Assert.Contains("spray-conditioner", braids);
        Assert.Equal("clear-lint", down[1]);
        Assert.Contains("cleanse-2", down);
    }

    [Fact]
    public async Task Contradictory_wishes_get_the_nearest_plan_and_say_what_is_left_out()
    {
        var plan = await PreviewAsync(Plan(Locs, "strength", "twists"));

        Assert.NotEmpty(Steps(plan));
        Assert.Equal(
            ["Protein and masks", "twists"],
            plan["leftOut"]!.AsArray().Select(left => left!["what"]!.GetValue<string>()).Order(StringComparer.Ordinal)
        );
        Assert.True(plan["canStart"]!.GetValue<bool>());
    }

    [Fact]
    public async Task The_hair_is_shown_before_and_after_every_step()
    {
        var plan = await PreviewAsync(Plan());
        var condition = plan["steps"]!.AsArray().Single(step => step!["id"]!.GetValue<string>() == "deep-condition")!;

        Assert.Equal("wrung", condition["before"]!["wetness"]!.GetValue<string>());
        Assert.Contains("deep conditioner", condition["after"]!["onHair"]!.AsArray().Select(lying => lying!["name"]!.GetValue<string>()));
        Assert.Equal(["tea rinse"], condition["after"]!["onScalp"]!.AsArray().Select(lying => lying!["name"]!.GetValue<string>()));
        var totals = plan["totals"]!;
        Assert.True(totals["wholeMinutes"]!.GetValue<double>() > totals["handsOnMinutes"]!.GetValue<double>());
    }

    [Fact]
    public async Task A_stop_can_be_overridden_with_a_reason_and_the_day_can_start()
    {
        var plan = Plan(Locs, "quick", "asItIs");
        plan["edits"] = new JsonArray(
            new JsonObject
            {
                ["kind"] = "add",
                ["stepKind"] = "tool-detangle",
                ["after"] = "blot",
            }
        );
        Assert.False((await PreviewAsync(plan))["canStart"]!.GetValue<bool>());

        plan["edits"]!
            .AsArray()
            .Add(
                new JsonObject
                {
                    ["kind"] = "override",
                    ["rule"] = "R45",
                    ["reason"] = "Loose roots only",
                }
            );
        var overridden = await PreviewAsync(plan);

        Assert.True(overridden["canStart"]!.GetValue<bool>());
        Assert.Equal("Loose roots only", Finding(overridden, "R45")!["overridden"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_safety_stop_cannot_be_overridden()
    {
        var plan = Plan();
        plan["head"]!["sensitivities"] = new JsonArray("nuts");
        plan["uses"] = new JsonObject
        {
            ["pre-poo"] = new JsonObject { ["name"] = "Brown mask", ["ingredients"] = new JsonArray("nuts", "honey") },
        };
        plan["edits"] = new JsonArray(
            new JsonObject
            {
                ["kind"] = "override",
                ["rule"] = "R33",
                ["reason"] = "Never mind",
            }
        );

        var answer = await PreviewAsync(plan);

        Assert.False(answer["canStart"]!.GetValue<bool>());
        Assert.Equal("Brown mask contains nuts, which must not touch Oriel.", Finding(answer, "R33")!["reason"]!.GetValue<string>());
        Assert.Equal(
            "This stop protects a person. You cannot override it.",
            Assert.Single(answer["refusedEdits"]!.AsArray())!["reason"]!.GetValue<string>()
        );
    }

    [Fact]
    public async Task Schools_change_the_order_and_the_amount()
    {
        var dry = Plan();
        dry["schools"] = new JsonObject { ["conditionOn"] = "dry", ["detangle"] = "prePoo" };

        var plan = await PreviewAsync(dry);
        var steps = Steps(plan).ToList();

        Assert.True(steps.IndexOf("tool-detangle") < steps.IndexOf("cleanse"));
        Assert.Equal("blot", steps[steps.IndexOf("deep-condition") - 1]);
        Assert.Contains(
            "1.3 on dry hair",
            plan["steps"]!.AsArray().Single(step => step!["id"]!.GetValue<string>() == "deep-condition")![
                "amountWorking"
            ]!.GetValue<string>(),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_given_history_is_read_and_a_real_one_is_taken_from_past_days()
    {
        var plan = Plan(aim: "reset");
        plan["history"] = new JsonObject
        {
            ["lastDone"] = new JsonArray(
                new JsonObject { ["treatment"] = "clarify", ["on"] = DateTime.Now.AddDays(-5).ToString("yyyy-MM-dd", null) }
            ),
        };
        Assert.StartsWith(
            "Clarify was done 5 days ago",
            Finding(await PreviewAsync(plan), "R40")!["reason"]!.GetValue<string>(),
            StringComparison.Ordinal
        );

        var head = await server.Process.MakeHeadAsync();
        var body = Bodies.Plan(head, "reset");
        Assert.Null(Finding(await PreviewAsync(body.DeepClone().AsObject()), "R40"));
        var (_, session) = await server.Process.SendAsync(HttpMethod.Post, "/api/sessions", new JsonObject { ["plan"] = body.DeepClone() });
        var path = $"/api/sessions/{session!["id"]}/events";
        foreach (var task in new[] { "look", "wet-through", "clarify" })
        {
            await server.Process.SendAsync(HttpMethod.Post, path, Bodies.Press("taskDone", task));
        }

        await server.Process.SendAsync(HttpMethod.Post, path, Bodies.Press("finished"));
        Assert.StartsWith(
            "Clarify was done 0 days ago",
            Finding(await PreviewAsync(body), "R40")!["reason"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData(
        """{ "locs": { "stage": "mature", "count": 3, "thicknessMillimetres": 8 } }""",
        "head.wear.locs.count",
        "Enter 10 to 400 locs."
    )]
    [InlineData(
        """{ "locs": { "stage": "mature", "count": 90, "thicknessMillimetres": 0 } }""",
        "head.wear.locs.thicknessMillimetres",
        "A loc is 2 to 40 mm thick."
    )]
    [InlineData(
        """{ "style": { "made": "braids", "putIn": "2999-01-01" } }""",
        "head.wear.style.putIn",
        "The date cannot be in the future."
    )]
    [InlineData(
        """{ "style": { "made": "braids", "putIn": null }, "down": { "made": "braids", "wornDays": 4 } }""",
        "head.wear",
        "Choose one: loose, locs, in a style, or just taken down."
    )]
    public async Task Hair_that_cannot_be_is_said_at_its_field(string wear, string field, string message)
    {
        var (status, problem) = await server.Process.SendAsync(
            HttpMethod.Post,
            "/api/plans/preview",
            Plan(JsonNode.Parse(wear)!.AsObject())
        );

        Assert.Equal(400, status);
        Assert.Equal(message, problem!["errors"]![field]![0]!.GetValue<string>());
    }

    [Fact]
    public async Task Hair_that_comes_down_first_has_no_other_beginning()
    {
        var plan = Plan(Braids);
        plan["takesDown"] = true;
        plan["starts"] = JsonNode.Parse("""{ "comes": "damp" }""");
        var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", plan);

        Assert.Equal(400, status);
        Assert.Equal("Hair that comes down first begins dry, in its style.", problem!["errors"]!["starts"]![0]!.GetValue<string>());
    }

    [Theory]
    [InlineData("""{ "comes": "washed" }""", "tea-rinse")]
    [InlineData("""{ "comes": "treated", "on": "pre-poo", "since": "00:00" }""", "pre-poo-first")]
    public async Task A_day_begins_with_hair_as_it_comes(string starts, string first)
    {
        var plan = Plan();
        plan["aim"] = "moisture";
        plan["starts"] = JsonNode.Parse(starts);
        plan["teaRinse"] = true;

        var steps = (await PreviewAsync(plan))["steps"]!
            .AsArray()
            .Select(step => step!["id"]!.GetValue<string>())
            .Where(id => id != "look");
        Assert.Equal(first, steps.First());
    }

    [Theory]
    [InlineData("""{ "comes": "treated" }""", "starts.on", "Say which treatment is on the hair, and only when one is.")]
    [InlineData("""{ "comes": "damp", "on": "pre-poo" }""", "starts.on", "Say which treatment is on the hair, and only when one is.")]
    [InlineData("""{ "comes": "treated", "on": "dry" }""", "starts.on", "A day cannot begin with this on the hair.")]
    public async Task Hair_that_cannot_come_like_that_is_said_at_its_field(string starts, string field, string message)
    {
        var plan = Plan();
        plan["starts"] = JsonNode.Parse(starts);
        var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", plan);

        Assert.Equal(400, status);
        Assert.Equal(message, problem!["errors"]![field]![0]!.GetValue<string>());
    }

    [Theory]
    [InlineData("""{ "kind": "override", "rule": "R02" }""", "reason")]
    [InlineData("""{ "kind": "water", "step": "rinse" }""", "water")]
    [InlineData("""{ "kind": "dryness", "step": "dry", "dryness": 0.5 }""", "dryness")]
    [InlineData("""{ "kind": "pieces", "step": "twists", "pieces": 0 }""", "pieces")]
    public async Task An_edit_that_lacks_its_part_is_said_at_its_field(string edit, string field)
    {
        var plan = Plan();
        plan["edits"] = new JsonArray(JsonNode.Parse(edit));

        var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", plan);

        Assert.Equal(400, status);
        Assert.True(problem!["errors"]!.AsObject().ContainsKey($"edits[0].{field}"), problem.ToJsonString());
    }

    [Fact]
    public async Task A_plan_is_for_exactly_one_head_and_only_a_kept_one_can_be_run()
    {
        var neither = Plan();
        neither.Remove("head");
        Assert.Equal(400, (await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", neither)).Status);

        var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, "/api/sessions", new JsonObject { ["plan"] = Plan() });
        Assert.Equal(400, status);
        Assert.Equal("Save the head before you begin its day.", problem!["errors"]!["plan.headId"]![0]!.GetValue<string>());
    }

    [Fact]
    public async Task Locs_are_kept_and_measured()
    {
        var body = Bodies.Head("Bram");
        body["wear"] = Locs.DeepClone();
        body["schools"] = new JsonObject { ["scalpOil"] = "none" };
        var id = await server.Process.MakeHeadAsync(body);

        var (_, head) = await server.Process.SendAsync(HttpMethod.Get, $"/api/heads/{id}");

        Assert.Equal("locs", head!["kind"]!.GetValue<string>());
        Assert.Equal(90, head["head"]!["wear"]!["locs"]!["count"]!.GetValue<int>());
        Assert.Equal("none", head["head"]!["schools"]!["scalpOil"]!.GetValue<string>());
        Assert.Equal(304.8, head["size"]!["massGrams"]!.GetValue<double>(), 0.1);
        Assert.Null(head["size"]!["doubt"]);
    }

    [Fact]
    public async Task The_shelf_takes_nothing_for_locs_that_stays_inside_them_and_names_each_thing_once()
    {
        var body = Bodies.Head("Bram");
        body["wear"] = Locs.DeepClone();
        var id = await server.Process.MakeHeadAsync(body);

        var (_, taking) = await server.Process.SendAsync(HttpMethod.Get, $"/api/shelf/taking/{id}");
        string[] names =
        [
            .. taking!["layers"]!.AsArray().Concat(taking["rinsedOut"]!.AsArray()).Select(line => line!["name"]!.GetValue<string>()),
        ];

        Assert.Contains("light scalp oil", names);
        Assert.Contains("diluted cleanser", names);
        Assert.Empty(names.Intersect(["cream", "butter", "gel", "deep conditioner"]));
        Assert.Equal(names.Distinct(), names);
    }
}
