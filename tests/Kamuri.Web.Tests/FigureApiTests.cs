using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Web.Tests;

/// <summary>Craft figures over the API: listed, changed, used at once, put back, kept through a restart.</summary>
public sealed class FigureApiTests(Server server) : IClassFixture<Server>, IAsyncLifetime
{
    private readonly ServerProcess _server = server.Process;

    /// <summary>Each test begins with the figures as shipped.</summary>
    public async ValueTask InitializeAsync() =>
        await _server.SendAsync(HttpMethod.Put, "/api/figures", new JsonObject { ["values"] = new JsonObject() });

    public ValueTask DisposeAsync() => ValueTask.CompletedTask;

    private Task<(int Status, JsonNode? Body)> PutAsync(string id, double value) =>
        _server.SendAsync(HttpMethod.Put, $"/api/figures/{id}", new JsonObject { ["value"] = value });

    private async Task<JsonNode> FigureAsync(string id)
    {
        var (_, all) = await _server.SendAsync(HttpMethod.Get, "/api/figures");
        return all!.AsArray().Single(figure => figure!["id"]!.GetValue<string>() == id)!;
    }

    private async Task<string> DeepConditionAsync()
    {
        var plan = new JsonObject
        {
            ["head"] = Bodies.Head(),
            ["aim"] = "moisture",
            ["style"] = "twists",
            ["when"] = new JsonObject { ["mode"] = "startNow" },
        };
        var (status, body) = await _server.SendAsync(HttpMethod.Post, "/api/plans/preview", plan);
        Assert.Equal(200, status);
        var steps = body!["steps"]!.AsArray();
        return steps.Single(step => step!["id"]!.GetValue<string>() == "cover-2")!["wait"]!["working"]!.GetValue<string>();
    }

    [Fact]
    public async Task A_figure_is_changed_used_in_the_next_plan_and_put_back()
    {
        Assert.StartsWith("30 usual", await DeepConditionAsync(), StringComparison.Ordinal);

        var (status, view) = await PutAsync("step.deep-condition.body.usual", 45);
        Assert.Equal((200, true, 30d), (status, view!["isOwn"]!.GetValue<bool>(), view["shipped"]!.GetValue<double>()));
        Assert.StartsWith("45 usual", await DeepConditionAsync(), StringComparison.Ordinal);

        (status, view) = await _server.SendAsync(HttpMethod.Delete, "/api/figures/step.deep-condition.body.usual");
        Assert.Equal((200, false), (status, view!["isOwn"]!.GetValue<bool>()));
        Assert.StartsWith("30 usual", await DeepConditionAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_change_outlives_a_restart()
    {
        await PutAsync("drying.air.fan", 3);
        var folder = _server.CopyOfData();
        try
        {
            using var again = await ServerProcess.StartAsync(Server.Assembly, folder);
            var (_, all) = await again.SendAsync(HttpMethod.Get, "/api/figures");
            var fan = all!.AsArray().Single(figure => figure!["id"]!.GetValue<string>() == "drying.air.fan")!;
            Assert.Equal((3d, true), (fan["value"]!.GetValue<double>(), fan["isOwn"]!.GetValue<bool>()));
        }
        finally
        {
            Directory.Delete(folder, recursive: true);
        }
    }

    [Theory]
    [InlineData("drying.air.fan", 99, 400, "Drying speed compared with still air: fan: 1 to 15 ×.")]
    [InlineData("mixture.adult-leave-on", 2, 400, "Essential oil in what stays on an adult scalp: 0 to 1 % by volume.")]
    [InlineData("rhythm.wash.usual", 2, 400, "Earliest, usual and latest would be 5, 2, 14; they have to be in that order.")]
    [InlineData("no.such.figure", 1, 404, "There is no such figure.")]
    public async Task What_cannot_be_right_is_refused_and_nothing_changes(string id, double value, int expected, string sentence)
    {
        var (status, body) = await PutAsync(id, value);

        Assert.Equal(expected, status);
        Assert.Equal(sentence, expected == 404 ? body!["detail"]!.GetValue<string>() : body!["errors"]!["value"]![0]!.GetValue<string>());
        var (_, all) = await _server.SendAsync(HttpMethod.Get, "/api/figures");
        Assert.DoesNotContain(all!.AsArray(), figure => figure!["isOwn"]!.GetValue<bool>());
    }

    [Fact]
    public async Task Putting_one_end_of_a_window_back_is_refused_while_the_others_do_not_fit()
    {
        await PutAsync("step.deep-condition.body.latest", 120);
        await PutAsync("step.deep-condition.body.usual", 90);

        var (status, body) = await _server.SendAsync(HttpMethod.Delete, "/api/figures/step.deep-condition.body.latest");

        Assert.Equal(400, status);
        Assert.Contains("20, 90, 60", body!["errors"]!["value"]![0]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Figures_changed_at_once_from_several_screens_all_count()
    {
        string[] ids = ["drying.air.fan", "hands.spread", "hands.pieces", "amount.ends", "night.rise", "cooling.volume"];
        var answers = await Task.WhenAll(ids.Select(async id => await PutAsync(id, (await FigureAsync(id))["most"]!.GetValue<double>())));

        Assert.All(answers, answer => Assert.Equal(200, answer.Status));
        var (_, all) = await _server.SendAsync(HttpMethod.Get, "/api/figures");
        Assert.Equal(
            ids.Order(StringComparer.Ordinal),
            all!
                .AsArray()
                .Where(figure => figure!["isOwn"]!.GetValue<bool>())
                .Select(figure => figure!["id"]!.GetValue<string>())
                .Order(StringComparer.Ordinal)
        );
    }

    [Fact]
    public async Task All_are_put_back_at_once_and_taken_back_again()
    {
        await PutAsync("drying.air.fan", 3);
        await PutAsync("hands.spread", 0.3);
        var own = new JsonObject
        {
            ["values"] = new JsonObject { ["drying.air.fan"] = 3, ["hands.spread"] = 0.3 },
        };

        Assert.Equal(
            200,
            (await _server.SendAsync(HttpMethod.Put, "/api/figures", new JsonObject { ["values"] = new JsonObject() })).Status
        );
        Assert.Equal(2.2, (await FigureAsync("drying.air.fan"))["value"]!.GetValue<double>());
        Assert.Equal(200, (await _server.SendAsync(HttpMethod.Put, "/api/figures", own)).Status);
        Assert.Equal(0.3, (await FigureAsync("hands.spread"))["value"]!.GetValue<double>());

        var (status, body) = await _server.SendAsync(
            HttpMethod.Put,
            "/api/figures",
            new JsonObject { ["values"] = new JsonObject { ["nonsense"] = 1 } }
        );
        Assert.Equal((400, "There is no such figure."), (status, body!["errors"]!["nonsense"]![0]!.GetValue<string>()));
    }
}
