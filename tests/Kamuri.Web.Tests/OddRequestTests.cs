using System.Net;

namespace Kamuri.Web.Tests;

/// <summary>Requests that no page of Kamuri sends: each is answered with a sentence, and none is the server's fault.</summary>
public class OddRequestTests(Server server) : IClassFixture<Server>
{
    [Theory]
    [InlineData("/api/heads", "application/json; charset=no-such", 415)]
    [InlineData("/api/heads", "text/html", 415)]
    [InlineData("/api/heads", null, 415)]
    [InlineData("/api/products/import", "application/json", 415)]
    [InlineData("/api/archive/import", null, 415)]
    public async Task What_is_sent_says_what_it_is(string path, string? type, int expected)
    {
        using var content = new ByteArrayContent("{}"u8.ToArray());
        content.Headers.TryAddWithoutValidation("Content-Type", type);
        using var answer = await server.Process.Http.PostAsync(path, content, TestContext.Current.CancellationToken);
        Assert.Equal((HttpStatusCode)expected, answer.StatusCode);
    }

    [Theory]
    [InlineData(
        "POST",
        "/api/household-plans/preview",
        """{"heads":[null],"when":{"mode":"startNow"}}""",
        "The list 'heads' has an empty entry."
    )]
    [InlineData(
        "POST",
        "/api/household-plans/preview",
        """{"heads":[],"taken":[null],"when":{"mode":"startNow"}}""",
        "The list 'taken' has an empty entry."
    )]
    [InlineData(
        "POST",
        "/api/formulas",
        """{"name":"x","kind":"other","ingredients":[null],"keep":{}}""",
        "The list 'ingredients' has an empty entry."
    )]
    [InlineData(
        "POST",
        "/api/formulas",
        """{"name":"x","kind":"other","ingredients":[],"method":[null],"keep":{}}""",
        "The list 'method' has an empty entry."
    )]
    [InlineData(
        "POST",
        "/api/plans/preview",
        """{"aim":"quick","style":"bun","when":{"mode":"startNow"},"uses":{"oil":null}}""",
        "The list 'uses' has an empty entry."
    )]
    [InlineData("POST", "/api/heads", """{"name":"x","name":"y"}""", "The field 'name' appears twice.")]
    public async Task What_is_empty_or_there_twice_is_named(string method, string path, string body, string detail)
    {
        var (status, problem) = await server.Process.SendAsync(new HttpMethod(method), path, body);
        Assert.Equal((400, detail), (status, problem!["detail"]!.GetValue<string>()));
    }

    [Fact]
    public async Task Texts_made_to_take_long_or_to_break_are_answered()
    {
        string[] texts =
        [
            string.Concat(Enumerable.Repeat("[a](", 49_000)),
            string.Concat(Enumerable.Repeat("> ", 60_000)),
            string.Concat(Enumerable.Repeat("- ", 400)) + "x",
            """{"@type":"Recipe","name":"x","name":"y"}""",
            "{\"@type\":\"Recipe\",\"name\":\"\\ud800\",\"recipeIngredient\":[\"1 ml water\"]}",
            """{"@type":"Recipe","name":"x","recipeIngredient":["1 ml water"],"kamuri:keep":{"fridge":{"days":-3}}}""",
            """{"@type":"Recipe","name":"x","recipeIngredient":["1 ml water"],"kamuri:servesAs":["Potion"]}""",
        ];
        foreach (var text in texts)
        {
            var (status, problem) = await server.Process.SendAsync(HttpMethod.Post, "/api/formulas/import", new { text });
            Assert.True(status == 400, $"{status} {text[..Math.Min(60, text.Length)]}");
            Assert.NotEmpty(problem!["errors"]!.AsObject());
        }

        var (_, foreign) = await server.Process.SendAsync(
            HttpMethod.Post,
            "/api/formulas/import",
            new { text = """{"@type":"Recipe","name":"Mask","recipeCategory":"Hair mask","recipeIngredient":["1 ml water"]}""" }
        );
        Assert.Contains("Category: Hair mask.", foreign!["formula"]!["note"]!.GetValue<string>(), StringComparison.Ordinal);
    }
}
