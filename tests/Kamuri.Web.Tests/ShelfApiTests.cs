using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Web.Tests;

/// <summary>Labels are read over the API, names are taught, and products stand on the shelf with what their labels come to.</summary>
public class ShelfApiTests(Server server) : IClassFixture<Server>
{
    private readonly ServerProcess _server = server.Process;

    private async Task<JsonNode> OkAsync(HttpMethod method, string path, JsonNode? body = null, int expected = 200)
    {
        var (status, answer) = await _server.SendAsync(method, path, body);
        Assert.True(status == expected, answer?.ToJsonString());
        return answer!;
    }

    private Task<JsonNode> ReadAsync(string text, string? head = null) =>
        OkAsync(
            HttpMethod.Post,
            "/api/labels/read",
            head is null ? new JsonObject { ["text"] = text } : new JsonObject { ["text"] = text, ["headId"] = head }
        );

    private static JsonObject Product(string name = "Soft Milk") =>
        new()
        {
            ["name"] = name,
            ["role"] = "leaveIn",
            ["label"] = "Aqua, Glycerin, Prunus Amygdalus Dulcis (Sweet Almond) Oil, Hydrolyzed Silk, Parfum",
            ["sizeMl"] = 250,
            ["leftMl"] = 20,
            ["price"] = 8.4,
        };

    [Fact]
    public async Task A_label_is_read_name_by_name_and_held_against_a_head()
    {
        var body = Bodies.Head();
        body["sensitivities"] = new JsonArray("nuts");
        var head = await _server.MakeHeadAsync(body);

        var view = await ReadAsync("Aqua, Sweet Almond Oil, Glycerni, Kakapo dust", head);

        Assert.Equal(["known", "known", "misspelt", "unread"], view["names"]!.AsArray().Select(name => name!["how"]!.GetValue<string>()));
        Assert.Equal("glycerin", view["names"]![2]!["meant"]!.GetValue<string>());
        Assert.Equal("Kakapo dust", view["unread"]!.AsArray().Single()!.GetValue<string>());
        Assert.Contains("nuts must not touch Oriel", view["conflicts"]!.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_product_says_for_whom_it_is_not()
    {
        var (careful, easy) = (Bodies.Head("Careful"), Bodies.Head("Easy"));
        careful["sensitivities"] = new JsonArray("nuts", "fragrance");
        await _server.MakeHeadAsync(careful);
        await _server.MakeHeadAsync(easy);
        await OkAsync(HttpMethod.Post, "/api/products", Product("Told Milk"), 201);
        var unlabelled = Product("Untold Milk");
        unlabelled["label"] = "";
        await OkAsync(HttpMethod.Post, "/api/products", unlabelled, 201);

        var locs = Bodies.Head("Locked");
        locs["wear"] = new JsonObject
        {
            ["locs"] = new JsonObject
            {
                ["stage"] = "mature",
                ["count"] = 90,
                ["thicknessMillimetres"] = 9,
            },
        };
        await _server.MakeHeadAsync(locs);
        var heavy = Product("Told Butter");
        heavy["label"] = "shea butter, beeswax";
        await OkAsync(HttpMethod.Post, "/api/products", heavy, 201);

        var list = (await OkAsync(HttpMethod.Get, "/api/products")).AsArray();
        JsonArray Fits(string name) => list.Single(each => each!["product"]!["name"]!.GetValue<string>() == name)!["fits"]!.AsArray();
        var told = Fits("Told Milk").Select(fit => (fit!["sentence"]!.GetValue<string>(), fit["isAgainst"]!.GetValue<bool>())).ToList();
        Assert.Contains(("Not for Careful: nuts and fragrance.", true), told);
        Assert.Matches("^For .*Easy", told.Single(fit => !fit.Item2).Item1);
        Assert.Empty(Fits("Untold Milk"));
        Assert.Contains("Not for Locked: too heavy for locs.", Fits("Told Butter").ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Braids_that_come_down_are_planned_and_worn_anew_when_they_are_in_again()
    {
        var body = Bodies.Head("Braided");
        body["wear"] = new JsonObject
        {
            ["style"] = new JsonObject { ["made"] = "braids", ["addedHairGrams"] = 0 },
        };
        var head = await _server.MakeHeadAsync(body);
        var plan = Bodies.Plan(head);
        (plan["takesDown"], plan["aim"], plan["style"]) = (true, "recovery", "braids");
        var begun = await OkAsync(HttpMethod.Post, "/api/sessions", new JsonObject { ["plan"] = plan }, 201);
        Assert.Equal("take-style-down", begun["tasks"]![0]!["step"]!.GetValue<string>());

        var path = $"/api/sessions/{begun["id"]}/events";
        await OkAsync(HttpMethod.Post, path, Bodies.Press("taskDone", "braids"));
        await OkAsync(HttpMethod.Post, path, Bodies.Press("finished"));
        var worn = (await OkAsync(HttpMethod.Get, $"/api/heads/{head}"))["head"]!["wear"]!["style"]!;
        Assert.Equal("braids", worn["made"]!.GetValue<string>());
        Assert.NotNull(worn["putIn"]);
        var portrait = await OkAsync(HttpMethod.Get, $"/api/heads/{head}/portrait");
        Assert.Matches("^Braids, in since today", portrait["today"]![0]!.GetValue<string>());
        Assert.NotEmpty(portrait["likes"]!.AsArray());
        Assert.Contains("Take it down by ", portrait["due"]!.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Hair_that_was_twisted_comes_in_twists_next_time()
    {
        var head = await _server.MakeHeadAsync(Bodies.Head("Twisted"));
        var plan = Bodies.Plan(head);
        plan["style"] = "twists";
        var begun = await OkAsync(HttpMethod.Post, "/api/sessions", new JsonObject { ["plan"] = plan }, 201);
        Assert.NotEqual("undo-twists", begun["tasks"]![0]!["step"]!.GetValue<string>());

        var path = $"/api/sessions/{begun["id"]}/events";
        await OkAsync(HttpMethod.Post, path, Bodies.Press("taskDone", "twists"));
        await OkAsync(HttpMethod.Post, path, Bodies.Press("finished"));
        Assert.Equal("inTwists", (await OkAsync(HttpMethod.Get, $"/api/heads/{head}"))["comes"]!.GetValue<string>());
        var portrait = await OkAsync(HttpMethod.Get, $"/api/heads/{head}/portrait");
        Assert.Matches("^Worn in twists since today", portrait["today"]![0]!.GetValue<string>());

        async Task<string> FirstAsync() =>
            (await OkAsync(HttpMethod.Post, "/api/plans/preview", plan.DeepClone().AsObject()))["steps"]![0]!["kind"]!.GetValue<string>();
        Assert.Equal("undo-twists", await FirstAsync());
        plan["starts"] = new JsonObject { ["comes"] = "dry" };
        Assert.NotEqual("undo-twists", await FirstAsync());
    }

    [Fact]
    public async Task A_name_is_taught_used_and_forgotten()
    {
        async Task<string> HowAsync() => (await ReadAsync("Wombat fluff"))["names"]![0]!["how"]!.GetValue<string>();
        Assert.Equal("unread", await HowAsync());

        await OkAsync(HttpMethod.Put, "/api/labels/names", new JsonObject { ["name"] = "Wombat fluff", ["class"] = "humectant" }, 204);
        Assert.Equal("known", await HowAsync());
        await OkAsync(HttpMethod.Delete, "/api/labels/names/Wombat%20fluff", null, 204);
        Assert.Equal("unread", await HowAsync());
        Assert.Equal(404, (await _server.SendAsync(HttpMethod.Delete, "/api/labels/names/Wombat%20fluff")).Status);
    }

    [Theory]
    [InlineData("""{"name":" ","class":"humectant"}""")]
    [InlineData("""{"name":"***","class":"humectant"}""")]
    [InlineData("""{"name":"x","class":"glitter"}""")]
    [InlineData("""{"name":"x"}""")]
    public async Task What_cannot_be_taught_is_refused(string body) =>
        Assert.Equal(400, (await _server.SendAsync(HttpMethod.Put, "/api/labels/names", body)).Status);

    [Fact]
    public async Task A_label_of_a_million_letters_is_refused_in_a_sentence()
    {
        var (status, body) = await _server.SendAsync(
            HttpMethod.Post,
            "/api/labels/read",
            new JsonObject { ["text"] = new string('a', 30_000) }
        );
        Assert.Equal(
            (400, "A label can have at most 20000 characters. This one has 30000."),
            (status, body!["errors"]!["text"]![0]!.GetValue<string>())
        );

        Assert.Equal(
            413,
            (await _server.SendAsync(HttpMethod.Post, "/api/labels/read", new JsonObject { ["text"] = new string('a', 1_000_000) })).Status
        );
    }

    [Fact]
    public async Task A_product_stands_on_the_shelf_with_what_its_label_comes_to()
    {
        var view = await OkAsync(HttpMethod.Post, "/api/products", Product(), 201);

        Assert.Equal("light", view["protein"]!.GetValue<string>());
        Assert.Equal(0.0336m, view["pricePerMl"]!.GetValue<decimal>());
        var ingredients = view["ingredients"]!.AsArray().Select(each => each!.GetValue<string>()).ToList();
        Assert.Superset(new HashSet<string> { "water", "sweet almond oil", "nuts", "protein", "fragrance" }, ingredients.ToHashSet());

        var changed = view["product"]!.DeepClone();
        changed["leftMl"] = 10;
        Assert.Equal(2, (await OkAsync(HttpMethod.Put, $"/api/products/{view["id"]}", changed))["product"]!["version"]!.GetValue<int>());
        Assert.Equal(409, (await _server.SendAsync(HttpMethod.Put, $"/api/products/{view["id"]}", changed)).Status);
        Assert.True(
            (await OkAsync(HttpMethod.Put, $"/api/products/{view["id"]}/archived", new JsonObject { ["archived"] = true }))[
                "archived"
            ]!.GetValue<bool>()
        );
        Assert.Contains((await OkAsync(HttpMethod.Get, "/api/products")).AsArray(), each =>
            each!["id"]!.GetValue<string>() == view["id"]!.GetValue<string>()
        );
    }

    [Theory]
    [InlineData("name", "\" \"", "A product needs a name.")]
    [InlineData("sizeMl", "0", "Enter 0.1\u00a0ml to 20000\u00a0ml.")]
    [InlineData("leftMl", "-1", "Enter 0 to 20000\u00a0ml.")]
    [InlineData("leftMl", "300", "The amount left cannot be more than the pack size.")]
    [InlineData("price", "-2", "Enter 0 to 100000.")]
    [InlineData("opened", "\"2999-01-01\"", "The date cannot be in the future.")]
    [InlineData("monthsAfterOpening", "0", "Enter 1 to 120 months.")]
    public async Task What_cannot_be_right_of_a_product_is_said_at_its_field(string field, string value, string sentence)
    {
        var product = Product();
        product[field] = JsonNode.Parse(value);

        var (status, body) = await _server.SendAsync(HttpMethod.Post, "/api/products", product);

        Assert.Equal((400, sentence), (status, body!["errors"]![field]![0]!.GetValue<string>()));
    }

    [Fact]
    public async Task What_a_product_holds_is_checked_in_the_plan()
    {
        var head = Bodies.Head("Wren");
        head["sensitivities"] = new JsonArray("nuts");
        var product = await OkAsync(HttpMethod.Post, "/api/products", Product("Checked"), 201);
        var plan = Bodies.Plan(await _server.MakeHeadAsync(head), "moisture", "twists");
        plan["uses"] = new JsonObject
        {
            ["leave-in"] = new JsonObject
            {
                ["name"] = "Checked",
                ["ingredients"] = product["ingredients"]!.DeepClone(),
                ["inStockMl"] = 20,
            },
        };

        var findings = (await OkAsync(HttpMethod.Post, "/api/plans/preview", plan))["findings"]!.AsArray();

        Assert.Contains(findings, finding => finding!["rule"]!.GetValue<string>() == "R33");
        Assert.Contains(findings, finding => finding!["rule"]!.GetValue<string>() == "R37");
        Assert.DoesNotContain(findings, finding => finding!["rule"]!.GetValue<string>() == "R34");
    }
}
