using System.Globalization;
using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Browser.Tests.Driving;

/// <summary>Lives through a rehearsal as a person would who keeps to the plan: every press in its time, on the fast clock.</summary>
internal static class Rehearsal
{
    private const int Fastest = 600;

    /// <summary>Goes on until something is so, and leaves the clock at its usual pace.</summary>
    public static async Task LiveThroughAsync(ServerProcess server, string session, Func<JsonNode, bool> until)
    {
        var path = $"/api/sessions/{session}";
        async Task<JsonNode> At(HttpMethod method, string rest = "", JsonObject? body = null)
        {
            var (status, view) = await server.SendAsync(method, path + rest, body);
            return status is >= 200 and < 300 ? view! : throw new InvalidOperationException($"{status} {view?.ToJsonString()}");
        }

        Task<JsonNode> Press(string kind, string task, int? section = null) =>
            At(
                HttpMethod.Post,
                "/events",
                new JsonObject
                {
                    ["id"] = Guid.NewGuid().ToString(),
                    ["kind"] = kind,
                    ["task"] = task,
                    ["section"] = section,
                }
            );
        await At(HttpMethod.Put, "/clock", new JsonObject { ["speed"] = Fastest });
        var view = await At(HttpMethod.Get);
        for (var looks = 0; !until(view); looks++)
        {
            if (looks > 4000)
            {
                throw new TimeoutException("It never comes to that.");
            }

            foreach (var hands in view["hands"]!.AsArray())
            {
                if (Next(view, hands!) is { } press)
                {
                    await Press(press.Kind, press.Task, press.Section);
                }
            }

            await Task.Delay(25);
            view = await At(HttpMethod.Get);
        }

        await At(HttpMethod.Put, "/clock", new JsonObject { ["speed"] = 1 });
    }

    /// <summary>What a pair of hands presses at this moment; null when it is busy, or waits.</summary>
    private static (string Kind, string Task, int? Section)? Next(JsonNode view, JsonNode hands)
    {
        var now = Moment(view["now"])!.Value;
        JsonNode? Find(string field) =>
            view["tasks"]!.AsArray().FirstOrDefault(task => task!["id"]!.GetValue<string>() == hands[field]?.GetValue<string>());
        if (Find("doing") is { } doing)
        {
            var (id, sections, done) = (
                doing["id"]!.GetValue<string>(),
                doing["sections"]!.GetValue<int>(),
                doing["sectionsDone"]!.AsArray().Count
            );
            var (start, end) = (Moment(doing["start"])!.Value, Moment(doing["end"])!.Value);
            return sections == 0 ? (now >= end ? ("taskDone", id, null) : null)
                : now >= start + ((done + 1) * (end - start) / sections) ? ("sectionDone", id, done + 1)
                : null;
        }

        return
            Find("next") is { } next
            && hands["waitsFor"] is null
            && !(Moment(hands["nextFrom"]) > now)
            && !(Moment(hands["restUntil"]) > now)
            && Moment(next["start"]) <= now.AddMinutes(1)
            ? ("taskStarted", next["id"]!.GetValue<string>(), null)
            : null;
    }

    private static DateTimeOffset? Moment(JsonNode? node) =>
        node is null ? null : DateTimeOffset.Parse(node.GetValue<string>(), CultureInfo.InvariantCulture);
}
