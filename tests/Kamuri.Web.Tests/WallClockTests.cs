using System.Globalization;
using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Web.Tests;

/// <summary>A household whose clock on the wall is not the server's: every sentence of a running day says what the wall shows.</summary>
public sealed class WallClockTests(Server server) : IClassFixture<Server>
{
    /// <summary>Five hours and three quarters ahead of UTC, all year: no server is by chance on the same clock.</summary>
    private const string Zone = "Asia/Kathmandu";

    private static readonly TimeSpan Ahead = new(5, 45, 0);

    private ServerProcess Process => server.Process;

    private static string Wall(JsonNode moment)
    {
        var at = DateTimeOffset.Parse(moment.GetValue<string>(), CultureInfo.InvariantCulture);
        Assert.Equal(Ahead, at.Offset);
        return at.ToString("HH:mm", CultureInfo.InvariantCulture);
    }

    private async Task<string> RehearsedAsync()
    {
        var (_, shown) = await Process.SendAsync(HttpMethod.Get, "/api/household");
        var house = shown!["house"]!.DeepClone();
        house["timeZone"] = Zone;
        Assert.Equal(200, (await Process.SendAsync(HttpMethod.Put, "/api/household", house)).Status);
        JsonObject Asked(string head) => new() { ["plan"] = Bodies.Plan(head, "moisture", "twists") };
        var (status, view) = await Process.SendAsync(
            HttpMethod.Post,
            "/api/sessions",
            new JsonObject
            {
                ["household"] = new JsonObject
                {
                    ["heads"] = new JsonArray(
                        Asked(await Process.MakeHeadAsync(Bodies.Head("Ilse"))),
                        Asked(await Process.MakeHeadAsync(Bodies.Head("Marek")))
                    ),
                    ["when"] = new JsonObject { ["mode"] = "startNow" },
                },
                ["rehearsal"] = true,
            }
        );
        Assert.True(status == 201, $"{status} {view?.ToJsonString()}");
        return $"/api/sessions/{view!["id"]}";
    }

    [Fact]
    public async Task Advice_and_offers_of_a_running_day_say_the_time_on_the_wall()
    {
        var path = await RehearsedAsync();
        var (_, view) = await Process.SendAsync(HttpMethod.Get, path);
        var (advised, offered) = (0, 0);
        for (var n = 0; n < 60 && (advised == 0 || offered == 0) && !view!["allDone"]!.GetValue<bool>(); n++)
        {
            var hands = view["hands"]![0]!;
            var task = (hands["doing"] ?? hands["next"] ?? view["counting"]!.AsArray()[0]!["task"])!;
            (_, view) = await Process.SendAsync(HttpMethod.Post, path + "/events", Bodies.Press("taskDone", task.GetValue<string>()));
            if (view!["counting"]!.AsArray().FirstOrDefault(each => !each!["harmlessAfter"]!.GetValue<bool>()) is { } count)
            {
                var (_, advice) = await Process.SendAsync(HttpMethod.Get, $"{path}/mishaps/calledAway");
                Assert.Contains(advice!["now"]!.AsArray(), sentence =>
                    sentence!.GetValue<string>().StartsWith($"Be back by {Wall(count["latestAt"]!)} ", StringComparison.Ordinal)
                );
                advised++;
            }

            var (status, better) = await Process.SendAsync(HttpMethod.Get, $"{path}/better-order");
            if (status == 200 && better!["sentence"]!.GetValue<string>().Contains("sooner, at ", StringComparison.Ordinal))
            {
                Assert.Contains($"sooner, at {Wall(better["endsAt"]!)}", better["sentence"]!.GetValue<string>(), StringComparison.Ordinal);
                offered++;
            }
        }

        Assert.True(advised > 0 && offered > 0, $"advised {advised}, offered {offered}");
    }

    [Fact]
    public async Task As_soon_as_possible_is_the_morning_when_it_is_night_in_the_house()
    {
        var own = Process;
        var plan = Bodies.Plan(await own.MakeHeadAsync(Bodies.Head("Ilse")), "quick", "twists");
        plan["when"] = new JsonObject { ["mode"] = "soonest" };
        // Where it is ten in the morning, and where it is past midnight.
        foreach (var (hour, isPutOff) in new[] { (10, false), (1, true) })
        {
            var (_, shown) = await own.SendAsync(HttpMethod.Get, "/api/household");
            var house = shown!["house"]!.DeepClone();
            house["timeZone"] = ZoneIn(hour);
            Assert.Equal(200, (await own.SendAsync(HttpMethod.Put, "/api/household", house)).Status);

            var (_, alone) = await own.SendAsync(HttpMethod.Post, "/api/plans/preview", plan);
            var (_, together) = await own.SendAsync(
                HttpMethod.Post,
                "/api/household-plans/preview",
                new JsonObject
                {
                    ["heads"] = new JsonArray(new JsonObject { ["plan"] = plan.DeepClone() }),
                    ["when"] = plan["when"]!.DeepClone(),
                }
            );
            foreach (var view in new[] { alone!, together! })
            {
                Assert.Equal(isPutOff, view["putOff"] is not null);
                Assert.Equal(
                    isPutOff ? 9 : hour,
                    DateTimeOffset.Parse(view["start"]!.GetValue<string>(), CultureInfo.InvariantCulture).Hour
                );
            }
        }
    }

    /// <summary>A zone in which it is this hour now.</summary>
    private static string ZoneIn(int hour)
    {
        var ahead = hour - DateTime.UtcNow.Hour;
        ahead = ahead < -12 ? ahead + 24 : ahead;
        return string.Create(CultureInfo.InvariantCulture, $"Etc/GMT{-ahead:+0;-0;+0}");
    }
}
