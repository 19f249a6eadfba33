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
    [InlineData("half past six", "18:30:00")]
    [InlineData("6pm", "18:00:00")]
    [InlineData("25:70", null)]
    [InlineData("7 ft in", null)]
    public async Task A_typed_time_is_read_or_said_not_to_be_one(string text, string? value)
    {
        var (answered, body) = await server.Process.SendAsync(HttpMethod.Get, $"/api/typed/time?text={Uri.EscapeDataString(text)}");
        Assert.Equal(200, answered);
        Assert.Equal(value, body!["value"]?.GetValue<string>());
        Assert.Equal(value is null ? "Write a time like 18:00, 6 pm or half past six." : null, body["wrong"]?.GetValue<string>());
    }

    [Theory]
    [InlineData("length", "7 in", "17.78", "17.8\u00a0cm")]
    [InlineData("temperature", "100 F", "37.778", "37.8\u00a0°C")]
    [InlineData("amount", "2 tbsp", "29.58", "30\u00a0ml")]
    [InlineData("date", "2026-12-24", "2026-12-24", null)]
    [InlineData("length", "7 lightyears", null, null)]
    [InlineData("weight", "7 lb", null, null)]
    public async Task Whatever_unit_is_typed_is_understood(string kind, string text, string? value, string? written)
    {
        var (status, body) = await server.Process.SendAsync(HttpMethod.Get, $"/api/typed/{kind}?text={Uri.EscapeDataString(text)}");
        Assert.Equal(kind == "weight" ? 400 : 200, status);
        Assert.Equal(value, body!["value"]?.GetValue<string>());
        Assert.True(written is null || written == body["written"]!.GetValue<string>(), $"{body}");
    }

    [Fact]
    public async Task A_metric_cup_sets_the_craft_figures_and_takes_them_back()
    {
        await ChangeAsync("twentyFourHours");
        Assert.Equal(236.6, await CupAsync());
        var (_, view) = await server.Process.SendAsync(HttpMethod.Get, "/api/household");
        var house = view!["house"]!.DeepClone();
        house["writing"]!["cup"] = "metric";
        house["writing"]!["currency"] = "EUR";
        Assert.Equal(200, (await server.Process.SendAsync(HttpMethod.Put, "/api/household", house)).Status);
        Assert.Equal(250, await CupAsync());
        (_, view) = await server.Process.SendAsync(HttpMethod.Get, "/api/household");
        Assert.Equal("metric", view!["house"]!["writing"]!["cup"]!.GetValue<string>());

        house["writing"]!["currency"] = "money";
        Assert.Equal(400, (await server.Process.SendAsync(HttpMethod.Put, "/api/household", house)).Status);
        await ChangeAsync("twentyFourHours");
        Assert.Equal(236.6, await CupAsync());
    }

    private async Task<double> CupAsync()
    {
        var (_, figures) = await server.Process.SendAsync(HttpMethod.Get, "/api/figures");
        return figures!.AsArray().Single(each => each!["id"]!.GetValue<string>() == "measure.cup")!["value"]!.GetValue<double>();
    }

    private async Task<string> FinishAsync(JsonNode plan) =>
        (await server.Process.SendAsync(HttpMethod.Post, "/api/plans/preview", plan)).Body!["finishSentence"]!.GetValue<string>();

    private async Task ChangeAsync(string? clock)
    {
        var (_, view) = await server.Process.SendAsync(HttpMethod.Get, "/api/household");
        var house = view!["house"]!.DeepClone();
        house["writing"] = clock is null
            ? null
            : new JsonObject
            {
                ["clock"] = clock,
                ["lengths"] = "centimetres",
                ["temperatures"] = "celsius",
                ["amounts"] = "millilitres",
                ["cup"] = "us",
                ["currency"] = "",
                ["firstDayOfWeek"] = "monday",
            };
        Assert.Equal(200, (await server.Process.SendAsync(HttpMethod.Put, "/api/household", house)).Status);
    }
}
