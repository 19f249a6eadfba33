using System.Text.Json.Nodes;

namespace Kamuri.Web.Tests;

/// <summary>Times as the household writes them: in sentences, not in what machines read.</summary>
public sealed class WritingStyleTests(Server server) : IClassFixture<Server>
{
    [Fact]
    public async Task Sentences_follow_the_household_s_clock_and_moments_do_not()
    {
        var (_, head) = await server.Process.SendAsync(HttpMethod.Post, "/api/heads", Bodies.Head("Ilse"));
        var plan = Bodies.Plan(head!["id"]!.GetValue<string>());
        plan["when"] = new JsonObject
        {
            ["mode"] = "startAt",
            ["date"] = DateTime.Now.AddDays(2).ToString("yyyy-MM-dd", null),
            ["time"] = "15:00:00",
        };
        Assert.StartsWith("Start at 15:00.", await FinishAsync(plan), StringComparison.Ordinal);

        await ChangeAsync("twelveHours");
        Assert.StartsWith("Start at 3:00\u00a0pm.", await FinishAsync(plan), StringComparison.Ordinal);
        var (_, view) = await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", plan);
        Assert.Contains("T15:00:00", view!["start"]!.GetValue<string>(), StringComparison.Ordinal);

        // Who does not say leaves it as it is.
        await ChangeAsync(null);
        Assert.StartsWith("Start at 3:00\u00a0pm.", await FinishAsync(plan), StringComparison.Ordinal);
        await ChangeAsync("twentyFourHours");
    }

    [Theory]
    [InlineData("half past six", 200, "18:30:00")]
    [InlineData("6pm", 200, "18:00:00")]
    [InlineData("25:70", 400, null)]
    [InlineData("7 ft in", 400, null)]
    public async Task A_typed_time_is_read_or_said_not_to_be_one(string text, int status, string? value)
    {
        var (answered, body) = await server.Process.SendAsync(HttpMethod.Get, $"/api/typed/time?text={Uri.EscapeDataString(text)}");
        Assert.Equal(status, answered);
        Assert.Equal(value, body!["value"]?.GetValue<string>());
        if (status == 400)
        {
            Assert.Equal("Write a time like 18:00, 6 pm or half past six.", body["errors"]!["text"]![0]!.GetValue<string>());
        }
    }

    private async Task<string> FinishAsync(JsonNode plan) =>
        (await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", plan)).Body!["finishSentence"]!.GetValue<string>();

    private async Task ChangeAsync(string? clock)
    {
        var (_, view) = await server.Process.SendAsync(HttpMethod.Get, "/api/household");
        var house = view!["house"]!.DeepClone();
        house["clock"] = clock;
        Assert.Equal(200, (await server.Process.SendAsync(HttpMethod.Put, "/api/household", house)).Status);
    }
}
