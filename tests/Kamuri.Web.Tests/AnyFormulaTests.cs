using System.Text.Json.Nodes;
using CsCheck;
using Kamuri.Testing;

namespace Kamuri.Web.Tests;

/// <summary>Whatever formula somebody writes down, nothing about it ends in a server error, and it comes back from both formats.</summary>
public class AnyFormulaTests(Server server) : IClassFixture<Server>
{
    private static readonly string[] Names =
    [
        "water",
        "honey",
        "egg",
        "castor oil",
        "flaxseed",
        "peppermint oil",
        "kakapo dust",
        "aloe leaf",
        "onion",
        "bentonite",
        "Odd, (name) {x}",
        "rice",
        "shea butter",
        new('x', 119),
    ];

    private static readonly string[] Units =
    [
        "gram",
        "kilogram",
        "millilitre",
        "litre",
        "teaspoon",
        "tablespoon",
        "cup",
        "fluidOunce",
        "drop",
        "partByVolume",
        "partByWeight",
        "piece",
    ];

    private static readonly Gen<JsonObject> Ingredients =
        from name in Any(Names)
        from amount in Any(0.001, 0.37, 1, 12.5, 5000, 99_999)
        from unit in Any(Units)
        from after in Gen.Bool
        select new JsonObject
        {
            ["name"] = name,
            ["amount"] = amount,
            ["unit"] =
                name == "egg" ? "piece"
                : unit == "piece" ? "gram"
                : unit,
            ["afterStraining"] = after,
        };

    private static readonly Gen<JsonObject> Steps =
        from title in Any("Stir {water}", "Do {nothing}", "{", "Boil (5 min)")
        from hands in Any(0.5, 5, 60, 240)
        from needs in Any("stove", "hood", "shower")
        from wait in Gen.Int[0, 4]
        from minutes in Any(0, 1, 60, 1500)
        from more in Any(0, 30, 9000)
        select Step(title, hands, needs, wait, minutes, more);

    private static readonly Gen<JsonObject> Formulas =
        from ingredients in Ingredients.Array[1, 5]
        from steps in Steps.Array[0, 5]
        from yields in Any(0.05, 0.5, 1.0)
        from days in Gen.Int[0, 100]
        from places in Gen.Int[0, 7]
        from warm in Gen.Bool
        select new JsonObject
        {
            ["name"] = "Anything",
            ["kind"] = "other",
            ["ingredients"] = new JsonArray([.. ingredients.Select(each => (JsonNode)each.DeepClone())]),
            ["method"] = new JsonArray([.. steps.Select(each => (JsonNode)each.DeepClone())]),
            ["yieldShare"] = yields,
            ["keep"] = new JsonObject
            {
                ["room"] = Span(places & 1, days),
                ["fridge"] = Span(places & 2, days),
                ["freezer"] = Span(places & 4, days),
            },
            ["servesAs"] = new JsonArray("deepConditioner", "prePoo", "tea"),
            ["usedWarm"] = warm,
        };

    private static Gen<T> Any<T>(params T[] values) => Gen.Int[0, values.Length - 1].Select(at => values[at]);

    private static JsonObject Step(string title, double hands, string needs, int wait, int minutes, int more)
    {
        var step = new JsonObject
        {
            ["title"] = title,
            ["handsOnMinutes"] = hands,
            ["needs"] = new JsonArray(needs),
        };
        if (wait is 1 or 2)
        {
            step["waitTitle"] = "Stands";
            step["wait"] = new JsonObject
            {
                ["earliest"] = minutes,
                ["usual"] = minutes + more / 10,
                ["latest"] = minutes + more,
            };
        }
        else if (wait == 3)
        {
            step["waitTitle"] = "Cools";
            step["cools"] = true;
        }

        return step;
    }

    private static JsonObject? Span(int there, int days) => there == 0 ? null : new JsonObject { ["days"] = days, ["atMost"] = days + 3 };

    private ServerProcess Server => server.Process;

    [Fact]
    public async Task Nothing_about_it_ends_in_a_server_error()
    {
        var head = await Server.MakeHeadAsync();
        var ids = new List<string>();
        await Formulas.SampleAsync(
            async formula =>
            {
                if (ids.Count > 0 && ids.Count % 3 == 0)
                {
                    formula["ingredients"]!
                        .AsArray()
                        .Add(
                            new JsonObject
                            {
                                ["name"] = "Anything",
                                ["amount"] = 12,
                                ["unit"] = "millilitre",
                                ["formulaId"] = ids[^1],
                            }
                        );
                }

                var (added, view) = await Server.SendAsync(HttpMethod.Post, "/api/formulas", formula);
                Assert.True(added == 201, view?.ToJsonString());
                var id = view!["id"]!.GetValue<string>();
                ids.Add(id);
                foreach (
                    var body in new[]
                    {
                        """{"makeMl":0.5}""",
                        """{"makeMl":19999}""",
                        $$"""{"headId":"{{head}}"}""",
                        """{"have":{"ingredient":0,"amount":40,"unit":"gram"}}""",
                    }
                )
                {
                    Assert.Contains(
                        (await Server.SendAsync(HttpMethod.Post, $"/api/formulas/{id}/scale", JsonNode.Parse(body))).Status,
                        new[] { 200, 400 }
                    );
                }

                foreach (var file in new[] { "recipe.json", "formula.md" })
                {
                    var text = await Server.Http.GetStringAsync($"/api/formulas/{id}/{file}", TestContext.Current.CancellationToken);
                    var (came, back) = await Server.SendAsync(HttpMethod.Post, "/api/formulas/import", new JsonObject { ["text"] = text });
                    Assert.True(came == 201, $"{file} {back?.ToJsonString()}\n{text}");
                    Assert.Equal(view["lines"]!.ToJsonString(), back!["lines"]!.ToJsonString());
                    await Server.SendAsync(HttpMethod.Put, $"/api/formulas/{back["id"]}/archived", new JsonObject { ["archived"] = true });
                }

                var plan = Bodies.Plan(head, "moisture", "twists");
                plan["uses"] = new JsonObject
                {
                    ["deep-condition"] = new JsonObject { ["formulaId"] = id },
                    ["tea-rinse"] = new JsonObject { ["formulaId"] = id, ["madeFresh"] = true },
                };
                // A house without a hood cannot make what needs one, and says so.
                Assert.Contains((await Server.SendAsync(HttpMethod.Post, "/api/plans/preview", plan)).Status, new[] { 200, 422 });
                Assert.Equal(201, (await Server.SendAsync(HttpMethod.Post, "/api/batches", new JsonObject { ["formulaId"] = id })).Status);
            },
            iter: Thorough.Runs(6, 25),
            threads: 1
        );
    }
}
