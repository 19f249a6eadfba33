using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Browser.Tests.Driving;

/// <summary>Lets a rehearsal play itself, every press in its time, on the fast clock.</summary>
internal static class Rehearsal
{
    private const int Fastest = 600;

    /// <summary>Plays until something is so, and leaves the clock at its usual pace.</summary>
    public static async Task LiveThroughAsync(ServerProcess server, string session, Func<JsonNode, bool> until)
    {
        var path = $"/api/sessions/{session}";
        async Task<JsonNode> At(HttpMethod method, string rest = "", JsonObject? body = null)
        {
            var (status, view) = await server.SendAsync(method, path + rest, body);
            return status is >= 200 and < 300 ? view! : throw new InvalidOperationException($"{status} {view?.ToJsonString()}");
        }

        var view = await At(HttpMethod.Put, "/clock", new JsonObject { ["speed"] = Fastest, ["plays"] = true });
        for (var looks = 0; !until(view); looks++)
        {
            if (looks > 4000)
            {
                throw new TimeoutException("It never comes to that.");
            }

            await Task.Delay(25);
            view = await At(HttpMethod.Get);
        }

        await At(HttpMethod.Put, "/clock", new JsonObject { ["speed"] = 1, ["plays"] = false });
    }
}
