using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Web.Tests;

/// <summary>Formulas, batches, and what sessions take, over the API.</summary>
public class KitchenApiTests(Server server) : IClassFixture<Server>
{
    private const string Tea = "0000000a-4b61-6d75-7269-000000000000";
    private const string EggMask = "00000022-4b61-6d75-7269-000000000000";
    private const string LeafGel = "00000003-4b61-6d75-7269-000000000000";
    private const string ThinGel = "00000002-4b61-6d75-7269-000000000000";
    private const string FirmGel = "00000001-4b61-6d75-7269-000000000000";

    private readonly ServerProcess _server = server.Process;

    /// <summary>Presses a day through to its end.</summary>
    private async Task DoAllAsync(JsonNode session)
    {
        var now = session;
        while (!now["allDone"]!.GetValue<bool>())
        {
            now = await OkAsync(
                HttpMethod.Post,
                $"/api/sessions/{session["id"]}/events",
                Bodies.Press("taskDone", (now["hands"]![0]!["next"] ?? now["counting"]!.AsArray()[0]!["task"])!.GetValue<string>())
            );
        }
    }

    private async Task<JsonNode> OkAsync(HttpMethod method, string path, JsonNode? body = null, int expected = 200)
    {
        var (status, answer) = await _server.SendAsync(method, path, body);
        Assert.True(status == expected, $"{status} {answer?.ToJsonString()}");
        return answer!;
    }

    private static JsonObject Formula(string name = "Honey water")
    {
        var formula = JsonNode
            .Parse(
                """
                {"kind":"other","ingredients":[{"name":"water","amount":90,"unit":"millilitre"},
                                               {"name":"honey","amount":1,"unit":"tablespoon"}],
                 "method":[{"title":"Stir {honey} into {water}","handsOnMinutes":2}],
                 "keep":{"fridge":{"days":2,"atMost":3}},"servesAs":["mist"]}
                """
            )!
            .AsObject();
        formula["name"] = name;
        return formula;
    }

    private async Task<string> AddAsync(JsonObject formula) =>
        (await OkAsync(HttpMethod.Post, "/api/formulas", formula, 201))["id"]!.GetValue<string>();

    private static string Error(JsonNode? problem, string field) => problem!["errors"]![field]![0]!.GetValue<string>();

    [Fact]
    public async Task A_formula_is_written_down_changed_and_put_away()
    {
        var id = await AddAsync(Formula());
        var view = (await OkAsync(HttpMethod.Get, "/api/formulas")).AsArray().Single(each => each!["id"]!.GetValue<string>() == id)!;
        Assert.Equal(["bee products"], view["holds"]!.AsArray().Select(each => each!.GetValue<string>()));
        Assert.Equal("Keeps in the fridge 2 to 3 days.", view["keeps"]!.GetValue<string>());

        var changed = view["formula"]!.DeepClone();
        changed["name"] = "Honey rinse";
        Assert.Equal(2, (await OkAsync(HttpMethod.Put, $"/api/formulas/{id}", changed))["formula"]!["version"]!.GetValue<int>());
        Assert.Equal(409, (await _server.SendAsync(HttpMethod.Put, $"/api/formulas/{id}", changed)).Status);
        await OkAsync(HttpMethod.Put, $"/api/formulas/{id}/archived", new JsonObject { ["archived"] = true }, 204);
        Assert.Contains(
            "Copy it",
            (await _server.SendAsync(HttpMethod.Put, $"/api/formulas/{Tea}", Formula())).Body!["detail"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("ingredients[0].amount", """{"name":"water","amount":0,"unit":"gram"}""", "Enter more than 0 and at most 100000.")]
    [InlineData("ingredients[0].amount", """{"name":"water","amount":-3,"unit":"gram"}""", "Enter more than 0 and at most 100000.")]
    [InlineData(
        "ingredients[0].unit",
        """{"name":"egg","amount":50,"unit":"gram"}""",
        "egg is counted: enter a number of pieces. Halves are allowed."
    )]
    [InlineData(
        "ingredients[0].unit",
        """{"name":"water","amount":2,"unit":"piece"}""",
        "This is not counted in pieces. Give millilitres, grams or spoons."
    )]
    [InlineData("ingredients[0].name", """{"name":" ","amount":2,"unit":"gram"}""", "What goes in?")]
    [InlineData(
        "ingredients[0].formulaId",
        """{"name":"x","amount":2,"unit":"gram","formulaId":"11111111-1111-1111-1111-111111111111"}""",
        "That formula no longer exists."
    )]
    [InlineData(
        "ingredients[0].productId",
        """{"name":"x","amount":2,"unit":"gram","productId":"11111111-1111-1111-1111-111111111111"}""",
        "That product no longer exists."
    )]
    public async Task What_cannot_go_in_is_said_at_its_field(string field, string ingredient, string sentence)
    {
        var formula = Formula();
        formula["ingredients"] = new JsonArray(JsonNode.Parse(ingredient));
        var (status, problem) = await _server.SendAsync(HttpMethod.Post, "/api/formulas", formula);
        Assert.Equal((400, sentence), (status, Error(problem, field)));
    }

    [Fact]
    public async Task A_formula_that_would_contain_itself_is_refused_by_name()
    {
        var inner = await AddAsync(Formula("Inner"));
        var outer = Formula("Outer");
        outer["ingredients"]!
            .AsArray()
            .Add(JsonNode.Parse($$"""{"name":"Inner","amount":10,"unit":"millilitre","formulaId":"{{inner}}"}"""));
        var outerId = await AddAsync(outer);

        var back = Formula("Inner");
        back["ingredients"]!
            .AsArray()
            .Add(JsonNode.Parse($$"""{"name":"Outer","amount":10,"unit":"millilitre","formulaId":"{{outerId}}"}"""));
        var (status, problem) = await _server.SendAsync(HttpMethod.Put, $"/api/formulas/{inner}", back);

        Assert.Equal((400, "This formula would contain itself: Inner → Outer → Inner."), (status, Error(problem, "ingredients")));
        Assert.Equal(
            409,
            (await _server.SendAsync(HttpMethod.Put, $"/api/formulas/{inner}/archived", new JsonObject { ["archived"] = true })).Status
        );
    }

    [Fact]
    public async Task It_is_scaled_to_a_head_to_an_amount_and_to_what_there_is()
    {
        var child = Bodies.Head("Wren");
        child["sensitivities"] = new JsonArray("egg");
        var head = await _server.MakeHeadAsync(child);

        var forHead = await OkAsync(
            HttpMethod.Post,
            $"/api/formulas/{EggMask}/scale",
            new JsonObject { ["headId"] = head, ["as"] = "egg" }
        );
        Assert.Equal("1½", forHead["lines"]![0]!["amount"]!["metric"]!.GetValue<string>());
        Assert.Contains("Not for Wren: egg.", forHead["warnings"]!.ToJsonString(), StringComparison.Ordinal);
        Assert.StartsWith("Wren takes 100 ml for egg", forHead["for"]!["metric"]!.GetValue<string>(), StringComparison.Ordinal);

        Assert.Equal(
            250,
            (await OkAsync(HttpMethod.Post, $"/api/formulas/{Tea}/scale", new JsonObject { ["makeMl"] = 250 }))[
                "makesMl"
            ]!.GetValue<double>(),
            9
        );
        var have = await OkAsync(
            HttpMethod.Post,
            $"/api/formulas/{LeafGel}/scale",
            JsonNode.Parse("""{"have":{"ingredient":0,"amount":40,"unit":"gram"}}""")
        );
        Assert.Equal(4, have["lines"]![1]!["volumeMl"]!.GetValue<double>(), 9);
    }

    [Theory]
    [InlineData("""{"makeMl":0}""", "makeMl")]
    [InlineData("""{"makeMl":-4}""", "makeMl")]
    [InlineData("""{"have":{"ingredient":9,"amount":1,"unit":"gram"}}""", "have.ingredient")]
    [InlineData("""{"have":{"ingredient":0,"amount":0,"unit":"gram"}}""", "have.amount")]
    [InlineData("""{"have":{"ingredient":0,"amount":40,"unit":"gram"}}""", "have.unit")]
    public async Task What_cannot_be_scaled_is_said_at_its_field(string body, string field)
    {
        var (status, problem) = await _server.SendAsync(HttpMethod.Post, $"/api/formulas/{EggMask}/scale", JsonNode.Parse(body));
        Assert.Equal(400, status);
        Assert.NotEmpty(Error(problem, field));
    }

    [Fact]
    public async Task What_went_wrong_is_put_right()
    {
        var advice = await OkAsync(
            HttpMethod.Post,
            $"/api/formulas/{Tea}/correct",
            new JsonObject
            {
                ["trouble"] = "tooLittle",
                ["thereMl"] = 100,
                ["wantedMl"] = 120,
            }
        );
        Assert.Equal("20 ml", advice["amount"]!["metric"]!.GetValue<string>());
        Assert.Equal(
            400,
            (
                await _server.SendAsync(
                    HttpMethod.Post,
                    $"/api/formulas/{Tea}/correct",
                    new JsonObject { ["trouble"] = "tooLittle", ["thereMl"] = 0 }
                )
            ).Status
        );
    }

    [Theory]
    [InlineData("recipe.json", "application/ld+json")]
    [InlineData("formula.md", "text/markdown")]
    public async Task A_formula_goes_out_and_comes_in_again(string file, string type)
    {
        var answer = await _server.Http.GetAsync($"/api/formulas/{ThinGel}/{file}", TestContext.Current.CancellationToken);
        Assert.Equal(type, answer.Content.Headers.ContentType!.MediaType);
        var text = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);

        var came = await OkAsync(HttpMethod.Post, "/api/formulas/import", new JsonObject { ["text"] = text }, 201);

        Assert.False(came["shipped"]!.GetValue<bool>());
        var original = (await OkAsync(HttpMethod.Get, "/api/formulas"))
            .AsArray()
            .Single(each => each!["id"]!.GetValue<string>() == ThinGel)!;
        Assert.Equal(original["lines"]!.ToJsonString(), came["lines"]!.ToJsonString());
        Assert.Equal(original["methodWords"]!.ToJsonString(), came["methodWords"]!.ToJsonString());
        Assert.Equal(original["keeps"]!.ToJsonString(), came["keeps"]!.ToJsonString());
    }

    [Fact]
    public async Task What_comes_in_is_held_against_what_is_here()
    {
        var came = await OkAsync(
            HttpMethod.Post,
            "/api/formulas/import",
            new JsonObject { ["text"] = "# Mine\n\n## Ingredients\n\n- 100 ml Leaf gel\n- 5 ml honey\n" },
            201
        );
        Assert.Equal(LeafGel, came["formula"]!["ingredients"]![0]!["formulaId"]!.GetValue<string>());

        var (status, problem) = await _server.SendAsync(
            HttpMethod.Post,
            "/api/formulas/import",
            new JsonObject { ["text"] = "# Mine\n\n## Ingredients\n\n- 50 g eggs\n- water\n" }
        );
        Assert.Equal(400, status);
        Assert.Contains("line 6", problem!["errors"]!.ToJsonString(), StringComparison.Ordinal);

        // What only this kitchen can know is placed in the text as well.
        var (_, later) = await _server.SendAsync(
            HttpMethod.Post,
            "/api/formulas/import",
            new JsonObject
            {
                ["text"] = "# Mine\n\n## Ingredients\n\n- 300 ml water\n- 2 spoonfuls malt\n\n## Method\n\n1. Stir (900 min)\n",
            }
        );
        Assert.Equal(["line 6, unit", "line 10, handsOnMinutes"], later!["errors"]!.AsObject().Select(each => each.Key));
        var (_, recipe) = await _server.SendAsync(
            HttpMethod.Post,
            "/api/formulas/import",
            new JsonObject { ["text"] = """{"@type":"Recipe","name":"Mine","recipeIngredient":["1 l water","3 water"]}""" }
        );
        Assert.Equal(["recipeIngredient[1], unit"], recipe!["errors"]!.AsObject().Select(each => each.Key));
        Assert.Equal(
            400,
            (
                await _server.SendAsync(HttpMethod.Post, "/api/formulas/import", new JsonObject { ["text"] = new string('x', 250_000) })
            ).Status
        );
    }

    [Fact]
    public async Task A_batch_is_made_moved_frozen_thawed_and_thrown_out()
    {
        var made = await OkAsync(
            HttpMethod.Post,
            "/api/batches",
            new JsonObject
            {
                ["formulaId"] = ThinGel,
                ["scale"] = new JsonObject { ["makeMl"] = 120 },
            },
            201
        );
        var path = $"/api/batches/{made["id"]}/changes";
        Assert.Equal(("fridge", "good"), (made["keptAt"]!.GetValue<string>(), made["state"]!.GetValue<string>()));

        async Task<JsonNode> ChangeAsync(string body) =>
            (await OkAsync(HttpMethod.Post, path, JsonNode.Parse(body)))
                .AsArray()
                .Single(each => each!["id"]!.GetValue<string>() == made["id"]!.GetValue<string>())!;
        Assert.Equal(4, made["usualPortions"]!.GetValue<int>());
        Assert.Equal(
            "Enter 1 to 48 portions.",
            Error((await _server.SendAsync(HttpMethod.Post, path, JsonNode.Parse("""{"kind":"freeze","portions":0}"""))).Body, "portions")
        );
        Assert.Equal(4, (await ChangeAsync("""{"kind":"freeze","portions":4}"""))["portions"]!.GetValue<int>());
        var after = await OkAsync(HttpMethod.Post, path, JsonNode.Parse("""{"kind":"thaw","portions":1}"""));
        Assert.Contains(after.AsArray(), each =>
            each!["name"]!.GetValue<string>() == "Thin seed gel"
            && Math.Abs(each["leftMl"]!.GetValue<double>() - 30) < 1e-9
            && each["keptAt"]!.GetValue<string>() == "fridge"
        );
        Assert.Equal(
            "There are 3 portions. Enter 1 to 3.",
            Error((await _server.SendAsync(HttpMethod.Post, path, JsonNode.Parse("""{"kind":"thaw","portions":9}"""))).Body, "portions")
        );

        Assert.Equal("spoiled", (await ChangeAsync("""{"kind":"look","fine":false}"""))["state"]!.GetValue<string>());
        Assert.Equal("frozen", (await ChangeAsync("""{"kind":"takeBack"}"""))["state"]!.GetValue<string>());
        var gone = await ChangeAsync("""{"kind":"discard","why":"smelt odd"}""");
        Assert.Equal(("gone", "smelt odd"), (gone["state"]!.GetValue<string>(), gone["goneWhy"]!.GetValue<string>()));
        Assert.Equal(409, (await _server.SendAsync(HttpMethod.Post, path, JsonNode.Parse("""{"kind":"used","usedMl":5}"""))).Status);
        Assert.Equal("frozen", (await ChangeAsync("""{"kind":"takeBack"}"""))["state"]!.GetValue<string>());
    }

    [Theory]
    [InlineData("""{"formulaId":"11111111-1111-1111-1111-111111111111"}""", 404)]
    [InlineData("""{"formulaId":"0000000a-4b61-6d75-7269-000000000000","madeAt":"2999-01-01T00:00:00Z"}""", 400)]
    [InlineData("""{"formulaId":"0000000a-4b61-6d75-7269-000000000000","keptAt":"freezer"}""", 400)]
    [InlineData("""{"formulaId":"0000000a-4b61-6d75-7269-000000000000","scale":{"makeMl":0}}""", 400)]
    [InlineData("""{"formulaId":"0000000a-4b61-6d75-7269-000000000000","scale":{"headId":"11111111-1111-1111-1111-111111111111"}}""", 404)]
    public async Task A_batch_that_cannot_be_is_refused(string body, int expected) =>
        Assert.Equal(expected, (await _server.SendAsync(HttpMethod.Post, "/api/batches", JsonNode.Parse(body))).Status);

    [Fact]
    public async Task Making_takes_from_the_shelf_and_taking_back_puts_it_back()
    {
        var product = await OkAsync(
            HttpMethod.Post,
            "/api/products",
            JsonNode.Parse("""{"name":"Base","role":"rinseOut","sizeMl":200,"leftMl":150,"price":10,"label":"Aqua, Sweet Almond Oil"}"""),
            201
        );
        async Task<double> LeftAsync() =>
            (await OkAsync(HttpMethod.Get, "/api/products"))
                .AsArray()
                .Single(each => each!["id"]!.GetValue<string>() == product["id"]!.GetValue<string>())!["product"]![
                "leftMl"
            ]!.GetValue<double>();
        var formula = Formula("With base");
        formula["ingredients"]!
            .AsArray()
            .Add(JsonNode.Parse($$"""{"name":"Base","amount":100,"unit":"millilitre","productId":"{{product["id"]}}"}"""));

        var batch = await OkAsync(HttpMethod.Post, "/api/batches", new JsonObject { ["formulaId"] = await AddAsync(formula) }, 201);
        Assert.Equal((50.0, 5m), (await LeftAsync(), batch["cost"]!.GetValue<decimal>()));

        await OkAsync(HttpMethod.Delete, $"/api/batches/{batch["id"]}", null, 204);
        Assert.Equal(150, await LeftAsync());
    }

    [Fact]
    public async Task A_jar_label_warns_and_opens_its_jar()
    {
        var head = Bodies.Head("Sensitive");
        head["sensitivities"] = new JsonArray("bee products");
        await _server.MakeHeadAsync(head);
        var batch = await OkAsync(
            HttpMethod.Post,
            "/api/batches",
            new JsonObject { ["formulaId"] = await AddAsync(Formula("Labelled")) },
            201
        );

        var label = await OkAsync(HttpMethod.Get, $"/api/batches/{batch["id"]}/label");

        Assert.Contains("Not for Sensitive: bee products.", label["label"]!["notFor"]!.ToJsonString(), StringComparison.Ordinal);
        Assert.EndsWith($"/shelf/jars?batch={batch["id"]}", label["opens"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.StartsWith("M", label["code"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.InRange(label["codeSize"]!.GetValue<int>(), 21, 60);
        Assert.Equal(404, (await _server.SendAsync(HttpMethod.Get, $"/api/batches/{Guid.NewGuid()}/label")).Status);
    }

    [Fact]
    public async Task A_formula_chosen_for_a_step_is_cooked_in_the_plan_and_a_jar_of_it_takes_its_place()
    {
        var plan = Bodies.Plan(await _server.MakeHeadAsync(), "definition", "washAndGo");
        plan["uses"] = new JsonObject { ["gel"] = new JsonObject { ["formulaId"] = FirmGel } };
        var cooked = await OkAsync(HttpMethod.Post, "/api/plans/preview", plan);
        var mixture = cooked["mixtures"]!.AsArray().Single(each => each!["step"]!.GetValue<string>() == "gel")!;
        Assert.Contains(cooked["tasks"]!.AsArray(), task => task!["id"]!.GetValue<string>() == "gel.boil");
        Assert.Contains("flaxseed", mixture["lines"]!.ToJsonString(), StringComparison.Ordinal);

        var batch = await OkAsync(
            HttpMethod.Post,
            "/api/batches",
            new JsonObject
            {
                ["formulaId"] = FirmGel,
                ["scale"] = new JsonObject { ["makeMl"] = 400 },
            },
            201
        );
        var fetched = await OkAsync(HttpMethod.Post, "/api/plans/preview", plan);
        var use = fetched["steps"]!.AsArray().Single(step => step!["id"]!.GetValue<string>() == "gel")!["use"]!;
        Assert.Equal((batch["id"]!.GetValue<string>(), false), (use["batchId"]!.GetValue<string>(), use["isMade"]!.GetValue<bool>()));

        plan["uses"]!["gel"]!["madeFresh"] = true;
        Assert.NotEmpty((await OkAsync(HttpMethod.Post, "/api/plans/preview", plan))["mixtures"]!.AsArray());
        await OkAsync(HttpMethod.Delete, $"/api/batches/{batch["id"]}", null, 204);

        plan["uses"] = new JsonObject { ["gel"] = new JsonObject { ["batchId"] = batch["id"]!.GetValue<string>() } };
        Assert.Equal(
            "Something you chose no longer exists. Choose again.",
            Error((await _server.SendAsync(HttpMethod.Post, "/api/plans/preview", plan)).Body, "uses")
        );
    }

    [Fact]
    public async Task What_is_left_of_a_day_is_a_jar_until_the_day_goes_on()
    {
        var plan = Bodies.Plan(await _server.MakeHeadAsync());
        plan["uses"] = new JsonObject
        {
            ["gel"] = new JsonObject { ["formulaId"] = FirmGel, ["madeFresh"] = true },
        };
        plan["aim"] = "definition";
        var planned = await OkAsync(HttpMethod.Post, "/api/plans/preview", plan);
        var mixture = planned["mixtures"]!.AsArray().Single(each => each!["step"]!.GetValue<string>() == "gel")!;
        Assert.Contains("It goes into a jar when you finish the day.", mixture["remarks"]!.ToJsonString(), StringComparison.Ordinal);

        var session = await OkAsync(HttpMethod.Post, "/api/sessions", new JsonObject { ["plan"] = plan.DeepClone() }, 201);
        var path = $"/api/sessions/{session["id"]}";
        await DoAllAsync(session);
        async Task<List<JsonNode?>> GelAsync() =>
            [
                .. (await OkAsync(HttpMethod.Get, "/api/batches"))
                    .AsArray()
                    .Where(each => each!["formulaId"]!.GetValue<string>() == FirmGel && each["state"]!.GetValue<string>() != "gone"),
            ];
        var before = (await GelAsync()).Count;
        await OkAsync(HttpMethod.Post, $"{path}/events", Bodies.Press("finished"));
        var jars = await GelAsync();
        Assert.Equal(before + 1, jars.Count);

        await OkAsync(HttpMethod.Post, $"{path}/reopen", new JsonObject());
        Assert.Equal(before, (await GelAsync()).Count);
        await OkAsync(HttpMethod.Post, $"{path}/events", Bodies.Press("finished"));
        jars = await GelAsync();
        Assert.Equal(before + 1, jars.Count);
        // No other test finds it in the fridge.
        foreach (var jar in jars)
        {
            await OkAsync(HttpMethod.Delete, $"/api/batches/{jar!["id"]}", null, 204);
        }
    }

    [Fact]
    public async Task A_finished_day_takes_from_the_shelf_and_a_correction_teaches_the_hand()
    {
        var product = await OkAsync(
            HttpMethod.Post,
            "/api/products",
            JsonNode.Parse(
                """{"name":"Taken","role":"leaveIn","sizeMl":250,"leftMl":200,"label":"Aqua, Rosmarinus Officinalis Leaf Extract"}"""
            ),
            201
        );
        var head = await _server.MakeHeadAsync();
        var plan = Bodies.Plan(head);
        plan["uses"] = new JsonObject { ["leave-in"] = new JsonObject { ["productId"] = product["id"]!.GetValue<string>() } };
        var before = await OkAsync(HttpMethod.Post, "/api/plans/preview", plan);
        Assert.Contains(before["findings"]!.AsArray(), finding =>
            finding!["rule"]!.GetValue<string>() == "R34"
            && finding["patchTest"]!.ToJsonString().Contains("rosemary extract", StringComparison.Ordinal)
        );

        var session = await OkAsync(
            HttpMethod.Post,
            "/api/sessions",
            new JsonObject
            {
                ["plan"] = plan.DeepClone(),
                ["rehearsal"] = false,
                ["speed"] = 1,
            },
            201
        );
        var path = $"/api/sessions/{session["id"]}";
        await DoAllAsync(session);
        await OkAsync(HttpMethod.Post, $"{path}/events", Bodies.Press("finished"));

        async Task<double> LeftAsync() =>
            (await OkAsync(HttpMethod.Get, "/api/products"))
                .AsArray()
                .Single(each => each!["id"]!.GetValue<string>() == product["id"]!.GetValue<string>())!["product"]![
                "leftMl"
            ]!.GetValue<double>();
        // Other steps take what else is on the shelf.
        var taken = (await OkAsync(HttpMethod.Get, $"{path}/takings"))
            .AsArray()
            .Where(each => each!["productId"]?.GetValue<string>() == product["id"]!.GetValue<string>())
            .ToList();
        var taking = taken[0]!;
        var (planned, all) = (taking["plannedMl"]!.GetValue<double>(), taken.Sum(each => each!["plannedMl"]!.GetValue<double>()));
        Assert.Equal(200 - all, await LeftAsync(), 6);

        await OkAsync(HttpMethod.Put, $"/api/takings/{taking["id"]}", new JsonObject { ["usedMl"] = planned * 2 });
        Assert.Equal(200 - all - planned, await LeftAsync(), 6);
        var after = await OkAsync(HttpMethod.Post, "/api/plans/preview", plan);
        Assert.Equal(1, after["hand"]!["count"]!.GetValue<int>());
        Assert.Equal(Math.Cbrt(2), after["hand"]!["factor"]!.GetValue<double>(), 9);
        Assert.DoesNotContain(after["findings"]!.AsArray(), finding => finding!["rule"]!.GetValue<string>() == "R34");
        // Next time it is in its step by itself, and with nothing in particular it is not.
        string? UseOf(JsonNode planned) =>
            planned["steps"]!
                .AsArray()
                .Single(step => step!["kind"]!.GetValue<string>() == "leave-in")!["use"]
                ?["name"]?.GetValue<string>();
        var unasked = plan.DeepClone().AsObject();
        unasked["uses"] = new JsonObject();
        Assert.Equal(product["product"]!["name"]!.GetValue<string>(), UseOf(await OkAsync(HttpMethod.Post, "/api/plans/preview", unasked)));
        unasked["uses"] = new JsonObject { ["leave-in"] = new JsonObject { ["isNothing"] = true } };
        var without = await OkAsync(HttpMethod.Post, "/api/plans/preview", unasked);
        Assert.Null(UseOf(without));
        Assert.Contains(without["needs"]!.AsArray(), need =>
            (need!["from"]!.GetValue<string>(), need["name"]!.GetValue<string>()) == ("buy", "leave-in")
        );
        Assert.Equal(
            400,
            (await _server.SendAsync(HttpMethod.Put, $"/api/takings/{taking["id"]}", new JsonObject { ["usedMl"] = -1 })).Status
        );
        Assert.Equal(404, (await _server.SendAsync(HttpMethod.Put, "/api/takings/999999", new JsonObject { ["usedMl"] = 1 })).Status);
    }

    [Fact]
    public async Task A_patch_test_takes_a_day_and_a_reaction_is_remembered()
    {
        var head = await _server.MakeHeadAsync();
        var path = $"/api/heads/{head}/patch-tests";
        var waiting = await OkAsync(HttpMethod.Put, path, JsonNode.Parse("""{"ingredients":["honey"]}"""));
        Assert.StartsWith("Look at the skin from", waiting[0]!["sentence"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal(
            409,
            (await _server.SendAsync(HttpMethod.Put, path, JsonNode.Parse("""{"ingredients":["honey"],"outcome":"fine"}"""))).Status
        );
        Assert.Contains("honey", (await OkAsync(HttpMethod.Get, "/api/ahead"))["patchTests"]!.ToJsonString(), StringComparison.Ordinal);

        await OkAsync(HttpMethod.Put, path, JsonNode.Parse("""{"ingredients":["honey"],"outcome":"reacted"}"""));
        var plan = Bodies.Plan(head, "moisture", "twists");
        plan["uses"] = new JsonObject
        {
            ["deep-condition"] = new JsonObject { ["name"] = "Sweet mask", ["ingredients"] = new JsonArray("honey") },
        };
        Assert.Contains((await OkAsync(HttpMethod.Post, "/api/plans/preview", plan))["findings"]!.AsArray(), finding =>
            finding!["rule"]!.GetValue<string>() == "R33" && finding["isSafety"]!.GetValue<bool>()
        );
        await OkAsync(HttpMethod.Delete, $"{path}/honey", null, 204);
        Assert.Equal(404, (await _server.SendAsync(HttpMethod.Delete, $"{path}/honey")).Status);
        Assert.Equal(
            400,
            (
                await _server.SendAsync(
                    HttpMethod.Put,
                    path,
                    JsonNode.Parse("""{"ingredients":["x"],"appliedAt":"2999-01-01T00:00:00Z"}""")
                )
            ).Status
        );
        Assert.Equal(
            404,
            (
                await _server.SendAsync(
                    HttpMethod.Put,
                    $"/api/heads/{Guid.NewGuid()}/patch-tests",
                    JsonNode.Parse("""{"ingredients":["x"]}""")
                )
            ).Status
        );
    }

    [Fact]
    public async Task A_day_for_later_says_what_has_to_be_begun_before()
    {
        var head = await _server.MakeHeadAsync();
        var plan = Bodies.Plan(head, "moisture", "twists");
        var day = DateOnly.FromDateTime(DateTime.UtcNow).AddDays(3);
        plan["when"] = new JsonObject
        {
            ["mode"] = "startAt",
            ["date"] = $"{day:yyyy-MM-dd}",
            ["time"] = "10:00:00",
        };
        plan["edits"] = new JsonArray(new JsonObject { ["kind"] = "add", ["stepKind"] = "grain-water" });
        plan["uses"] = new JsonObject { ["grain-water"] = new JsonObject { ["formulaId"] = Bodies.GrainWater } };

        var path = $"/api/planned-days/{Guid.NewGuid()}";
        var kept = (await OkAsync(HttpMethod.Put, path, new JsonObject { ["plan"] = plan.DeepClone() }))["day"]!;
        var begin = kept["begin"]![0]!;
        Assert.Equal(("Grain water", false), (begin["name"]!.GetValue<string>(), begin["tooLate"]!.GetValue<bool>()));
        Assert.StartsWith($"{day.AddDays(-1):yyyy-MM-dd}", begin["by"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Contains((await OkAsync(HttpMethod.Get, "/api/ahead"))["planned"]!.AsArray(), each =>
            each!["id"]!.GetValue<string>() == kept["id"]!.GetValue<string>()
        );

        plan["when"] = new JsonObject { ["mode"] = "startNow" };
        Assert.Equal(400, (await _server.SendAsync(HttpMethod.Put, path, new JsonObject { ["plan"] = plan })).Status);
        await OkAsync(HttpMethod.Delete, $"/api/planned-days/{kept["id"]}", null, 204);
        Assert.Equal(404, (await _server.SendAsync(HttpMethod.Delete, $"/api/planned-days/{kept["id"]}")).Status);
    }

    [Fact]
    public async Task A_planned_day_that_is_saved_again_is_changed_and_goes_when_it_begins()
    {
        var head = await _server.MakeHeadAsync();
        var plan = Bodies.Plan(head, "quick", "bun");
        var day = DateOnly.FromDateTime(DateTime.UtcNow).AddDays(3);
        JsonObject At(string time) =>
            new()
            {
                ["mode"] = "startAt",
                ["date"] = $"{day:yyyy-MM-dd}",
                ["time"] = time,
            };
        var path = $"/api/planned-days/{Guid.NewGuid()}";
        plan["when"] = At("10:00:00");
        await OkAsync(HttpMethod.Put, path, new JsonObject { ["plan"] = plan.DeepClone() });
        plan["when"] = At("11:00:00");
        var saved = await OkAsync(HttpMethod.Put, path, new JsonObject { ["plan"] = plan.DeepClone() });

        Assert.Equal("10:00:00", saved["before"]!["plan"]!["when"]!["time"]!.GetValue<string>());
        var only = Assert.Single((await OkAsync(HttpMethod.Get, "/api/planned-days")).AsArray())!;
        Assert.Equal("11:00:00", only["plan"]!["when"]!["time"]!.GetValue<string>());

        plan["when"] = new JsonObject { ["mode"] = "startNow" };
        var start = new JsonObject { ["plan"] = plan, ["plannedDayId"] = only["id"]!.DeepClone() };
        var rehearsal = (JsonObject)start.DeepClone();
        rehearsal["rehearsal"] = true;
        await OkAsync(HttpMethod.Post, "/api/sessions", rehearsal, 201);
        Assert.Single((await OkAsync(HttpMethod.Get, "/api/planned-days")).AsArray());
        await OkAsync(HttpMethod.Post, "/api/sessions", start, 201);
        Assert.Empty((await OkAsync(HttpMethod.Get, "/api/planned-days")).AsArray());
    }

    [Fact]
    public async Task Warmth_is_foretold_and_corrected_by_two_readings()
    {
        var began = DateTimeOffset.UtcNow.AddMinutes(-20);
        var body = new JsonObject
        {
            ["vessel"] = "jar",
            ["volumeMl"] = 350,
            ["fromCelsius"] = 80,
            ["aroundCelsius"] = 20,
            ["began"] = began.ToString("O"),
        };
        var plain = await OkAsync(HttpMethod.Post, "/api/warmth", body);
        Assert.Equal(
            (0.03, false),
            (plain["forecast"]!["ratePerMinute"]!.GetValue<double>(), plain["forecast"]!["isFitted"]!.GetValue<bool>())
        );

        body["readings"] = new JsonArray(
            new JsonObject { ["at"] = began.ToString("O"), ["celsius"] = 80 },
            new JsonObject { ["at"] = began.AddMinutes(10).ToString("O"), ["celsius"] = 50 }
        );
        var fitted = (await OkAsync(HttpMethod.Post, "/api/warmth", body))["forecast"]!;
        Assert.Equal(Math.Log(2) / 10, fitted["figure"]!.GetValue<double>(), 6);
        Assert.Equal(10 * Math.Log(60.0 / 18) / Math.Log(2), (fitted["comfortableAt"]!.GetValue<DateTimeOffset>() - began).TotalMinutes, 3);

        body["readings"] = new JsonArray(
            new JsonObject { ["at"] = began.ToString("O"), ["celsius"] = 50 },
            new JsonObject { ["at"] = began.AddMinutes(10).ToString("O"), ["celsius"] = 60 }
        );
        Assert.StartsWith(
            "These readings do not fit",
            (await OkAsync(HttpMethod.Post, "/api/warmth", body))["forecast"]!["doubt"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("""{"vessel":"jar","volumeMl":0,"fromCelsius":80}""", "volumeMl")]
    [InlineData("""{"vessel":"jar","volumeMl":100,"fromCelsius":300}""", "fromCelsius")]
    [InlineData("""{"vessel":"jar","volumeMl":100,"fromCelsius":80,"aroundCelsius":400}""", "aroundCelsius")]
    [InlineData("""{"vessel":"jar","volumeMl":100,"fromCelsius":80,"began":"2999-01-01T00:00:00Z"}""", "began")]
    [InlineData(
        """{"vessel":"jar","volumeMl":100,"fromCelsius":80,"readings":[{"at":"2026-01-01T00:00:00Z","celsius":900}]}""",
        "readings"
    )]
    public async Task Warmth_that_cannot_be_is_said_at_its_field(string body, string field) =>
        Assert.NotEmpty(Error((await _server.SendAsync(HttpMethod.Post, "/api/warmth", JsonNode.Parse(body))).Body, field));

    [Fact(Timeout = 20_000)]
    public async Task The_probe_shows_a_bowl_that_cools()
    {
        await OkAsync(
            HttpMethod.Put,
            "/api/probe",
            JsonNode.Parse("""{"on":true,"vessel":"wideBowl","volumeMl":250,"fromCelsius":70,"speed":60}""")
        );
        var shown = await OkAsync(HttpMethod.Get, "/api/probe");
        var first = shown["celsius"]!.GetValue<double>();
        while (shown["celsius"]!.GetValue<double>() >= Math.Min(first, 69))
        {
            TestContext.Current.CancellationToken.ThrowIfCancellationRequested();
            shown = await OkAsync(HttpMethod.Get, "/api/probe");
        }

        Assert.InRange(shown["celsius"]!.GetValue<double>(), 50, 69);
        Assert.True(shown["simulated"]!.GetValue<bool>());
        Assert.False((await OkAsync(HttpMethod.Put, "/api/probe", JsonNode.Parse("""{"on":false}""")))["on"]!.GetValue<bool>());
        Assert.Equal(400, (await _server.SendAsync(HttpMethod.Put, "/api/probe", JsonNode.Parse("""{"on":true,"speed":7}"""))).Status);
    }

    [Fact]
    public async Task The_probe_is_put_into_what_has_stood_for_a_while()
    {
        async Task<double> After(int minutes) =>
            (
                await OkAsync(
                    HttpMethod.Put,
                    "/api/probe",
                    JsonNode.Parse($$"""{"on":true,"vessel":"wideBowl","volumeMl":350,"fromCelsius":75,"stoodMinutes":{{minutes}}}""")
                )
            )["celsius"]!.GetValue<double>();
        Assert.InRange(await After(0), 74, 76);
        Assert.InRange(await After(10), 40, 55);
        Assert.Equal(
            400,
            (await _server.SendAsync(HttpMethod.Put, "/api/probe", JsonNode.Parse("""{"on":true,"stoodMinutes":-1}"""))).Status
        );
        Assert.Equal(
            400,
            (await _server.SendAsync(HttpMethod.Put, "/api/probe", JsonNode.Parse("""{"on":true,"stoodMinutes":1441}"""))).Status
        );
    }

    [Fact]
    public async Task A_rating_orders_what_is_offered_and_is_taken_back()
    {
        var head = await _server.MakeHeadAsync();
        async Task<string> ProductAsync(string name) =>
            (await OkAsync(HttpMethod.Post, "/api/products", new JsonObject { ["name"] = name, ["role"] = "clay" }, 201))[
                "id"
            ]!.GetValue<string>();
        var (first, second) = (await ProductAsync("Aa clay"), await ProductAsync("Zz clay"));
        async Task<List<string>> OfferedAsync() =>
            [
                .. (await OkAsync(HttpMethod.Get, $"/api/plans/makings/clay?headId={head}"))["products"]!
                    .AsArray()
                    .Select(each => each!["id"]!.GetValue<string>()),
            ];
        Assert.Equal([first, second], await OfferedAsync());

        await OkAsync(HttpMethod.Put, $"/api/products/{second}/ratings/{head}", new JsonObject { ["suits"] = 5, ["note"] = "lovely" });
        Assert.Equal([second, first], await OfferedAsync());
        Assert.Empty(
            (await OkAsync(HttpMethod.Put, $"/api/products/{second}/ratings/{head}", new JsonObject { ["suits"] = 0 }))[
                "ratings"
            ]!.AsArray()
        );
        Assert.Equal(
            400,
            (await _server.SendAsync(HttpMethod.Put, $"/api/products/{second}/ratings/{head}", new JsonObject { ["suits"] = 6 })).Status
        );
        Assert.Equal(
            404,
            (
                await _server.SendAsync(
                    HttpMethod.Put,
                    $"/api/products/{second}/ratings/{Guid.NewGuid()}",
                    new JsonObject { ["suits"] = 3 }
                )
            ).Status
        );
        Assert.Equal(404, (await _server.SendAsync(HttpMethod.Get, "/api/plans/makings/soup")).Status);
    }

    private async Task<(int Status, JsonNode Last, int Words)> ImportAsync(byte[] bytes, bool keepGood = false)
    {
        using var content = new ByteArrayContent(bytes);
        content.Headers.ContentType = new MediaTypeHeaderValue("text/csv");
        var answer = await _server.Http.PostAsync(
            $"/api/products/import?keepGood={keepGood}",
            content,
            TestContext.Current.CancellationToken
        );
        var text = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        var words = text.Split('\n').Where(line => line.StartsWith("data:", StringComparison.Ordinal)).ToList();
        return ((int)answer.StatusCode, JsonNode.Parse(words.Count > 0 ? words[^1][5..] : text)!, words.Count);
    }

    [Fact]
    public async Task A_table_is_taken_in_whole_or_its_good_rows_on_request()
    {
        var bytes = Encoding.UTF8.GetBytes("name,role\nTable one,gel\nTable two,soap\nTable three,oil\n");
        var (status, refused, _) = await ImportAsync(bytes);
        Assert.Equal((200, 0, 1), (status, refused["added"]!.GetValue<int>(), refused["wrong"]!.GetValue<int>()));
        Assert.Equal("line 3", refused["problems"]![0]!["where"]!.GetValue<string>());
        Assert.DoesNotContain("Table one", (await OkAsync(HttpMethod.Get, "/api/products")).ToJsonString(), StringComparison.Ordinal);

        Assert.Equal(2, (await ImportAsync(bytes, keepGood: true)).Last["added"]!.GetValue<int>());
        Assert.Contains(
            "Table three",
            await _server.Http.GetStringAsync("/api/products/products.csv", TestContext.Current.CancellationToken),
            StringComparison.Ordinal
        );
        Assert.Equal(400, (await ImportAsync([])).Status);
        Assert.Equal(413, (await ImportAsync(new byte[9 * 1024 * 1024])).Status);
    }

    [Fact]
    public async Task A_long_table_says_how_far_it_has_come()
    {
        var rows = string.Concat(Enumerable.Range(0, 1_600).Select(n => $"Row {n},powder\n"));
        var (_, last, words) = await ImportAsync(Encoding.UTF8.GetBytes("name,role\n" + rows));
        Assert.Equal((1_600, 4), (last["added"]!.GetValue<int>(), words));
    }

    [Fact]
    public async Task What_runs_out_is_to_be_bought()
    {
        await _server.MakeHeadAsync();
        await OkAsync(
            HttpMethod.Post,
            "/api/products",
            JsonNode.Parse("""{"name":"Nearly gone","role":"deepConditioner","sizeMl":400,"leftMl":30}"""),
            201
        );
        await OkAsync(
            HttpMethod.Post,
            "/api/products",
            JsonNode.Parse("""{"name":"Plenty","role":"deepConditioner","sizeMl":2000,"leftMl":1900}"""),
            201
        );

        var list = (await OkAsync(HttpMethod.Get, "/api/shopping"))["lines"]!
            .AsArray()
            .Select(line => line!["name"]!.GetValue<string>())
            .ToList();
        Assert.Contains("Nearly gone", list);
        Assert.DoesNotContain("Plenty", list);
        Assert.Contains(
            "- [ ] Nearly gone:",
            await _server.Http.GetStringAsync("/api/shopping/list.md", TestContext.Current.CancellationToken),
            StringComparison.Ordinal
        );
    }
}
