using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Web.Tests;

/// <summary>One server for the tests that do not mind sharing.</summary>
public sealed class Server : IAsyncLifetime
{
    /// <summary>The server as it was built for the tests; where it was also compiled ahead, that one starts sooner.</summary>
    public static readonly string Assembly = Environment.GetEnvironmentVariable("KAMURI_SERVER_DLL")
        ?? Path.Combine(AppContext.BaseDirectory, "Kamuri.Web.dll");

    public ServerProcess Process { get; private set; } = null!;

    public async ValueTask InitializeAsync() => Process = await ServerProcess.StartAsync(Assembly);

    public ValueTask DisposeAsync()
    {
        Process.Dispose();
        return ValueTask.CompletedTask;
    }
}

/// <summary>Bodies that tests send, valid unless a test says otherwise.</summary>
internal static class Bodies
{
    /// <summary>The catalogue formula of grain water, which has to be begun a day before.</summary>
    public const string GrainWater = "0000000b-4b61-6d75-7269-000000000000";

    public static JsonObject Head(string name = "Oriel") =>
        new()
        {
            ["name"] = name,
            ["lengths"] = new JsonObject
            {
                ["napeCm"] = 30,
                ["crownCm"] = 30,
                ["frontCm"] = 30,
                ["sidesCm"] = 30,
            },
            ["density"] = "medium",
            ["strand"] = "medium",
            ["porosity"] = "medium",
            ["usualSections"] = 6,
        };

    public static JsonObject Plan(string head, string aim = "quick", string style = "washAndGo") =>
        new()
        {
            ["headId"] = head,
            ["aim"] = aim,
            ["style"] = style,
            ["when"] = new JsonObject { ["mode"] = "startNow" },
        };

    public static JsonObject Press(string kind, string? task = null, Guid? id = null, bool goesOn = false)
    {
        var press = new JsonObject
        {
            ["id"] = (id ?? Guid.NewGuid()).ToString(),
            ["kind"] = kind,
            ["goesOn"] = goesOn,
        };
        if (task is not null)
        {
            press["task"] = task;
        }

        return press;
    }

    /// <summary>A new head. One of the same name, from a test before this one, is archived.</summary>
    public static async Task<string> MakeHeadAsync(this ServerProcess server, JsonObject? body = null)
    {
        body ??= Head();
        var (_, heads) = await server.SendAsync(HttpMethod.Get, "/api/heads");
        foreach (var there in heads!.AsArray().Where(there => $"{there!["head"]!["name"]}" == $"{body["name"]}"))
        {
            await server.SendAsync(HttpMethod.Put, $"/api/heads/{there!["id"]}/archived", new JsonObject { ["archived"] = true });
        }

        var (status, head) = await server.SendAsync(HttpMethod.Post, "/api/heads", body);
        Assert.Equal(201, status);
        return head!["id"]!.GetValue<string>();
    }

    /// <summary>Starts a session for a new head and gives its address.</summary>
    public static async Task<(string Path, JsonNode View)> StartAsync(this ServerProcess server, bool rehearsal = false)
    {
        var head = await server.MakeHeadAsync();
        var (status, view) = await server.SendAsync(
            HttpMethod.Post,
            "/api/sessions",
            new JsonObject
            {
                ["plan"] = Plan(head),
                ["rehearsal"] = rehearsal,
                ["speed"] = 1,
            }
        );
        Assert.Equal(201, status);
        return ($"/api/sessions/{view!["id"]}", view);
    }
}
