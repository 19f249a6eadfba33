using System.Net;
using System.Net.Http.Json;
using System.Net.NetworkInformation;
using System.Net.Sockets;
using System.Text.Json.Nodes;
using Kamuri.Testing;

namespace Kamuri.Web.Tests;

/// <summary>Kamuri opened to the home network: what another device sees before and after the passcode, and who is kept out.</summary>
public sealed class AccessTests : IAsyncLifetime
{
    private const string Right = "three blue combs";
    private ServerProcess _server = null!;

    public async ValueTask InitializeAsync() => _server = await ServerProcess.StartAsync(Server.Assembly, lan: true);

    public ValueTask DisposeAsync()
    {
        _server.Dispose();
        return ValueTask.CompletedTask;
    }

    /// <summary>A device that comes over the network, with a cookie jar of its own.</summary>
    private HttpClient Device()
    {
        var address = NetworkInterface
            .GetAllNetworkInterfaces()
            .Where(card => card.OperationalStatus == OperationalStatus.Up && card.NetworkInterfaceType != NetworkInterfaceType.Loopback)
            .SelectMany(card => card.GetIPProperties().UnicastAddresses)
            .Select(unicast => unicast.Address)
            .FirstOrDefault(each => each.AddressFamily == AddressFamily.InterNetwork);
        Assert.SkipWhen(address is null, "This machine is in no network, so no other device can come from one.");
        return new HttpClient(new SocketsHttpHandler { CookieContainer = new CookieContainer(), UseProxy = false })
        {
            BaseAddress = new Uri($"http://{address}:{_server.Address.Port}"),
        };
    }

    private static async Task<(int Status, JsonNode? Body)> AskAsync(
        HttpClient device,
        HttpMethod method,
        string path,
        object? body = null,
        string? origin = null
    )
    {
        using var request = new HttpRequestMessage(method, path) { Content = body is null ? null : JsonContent.Create(body) };
        if (origin is not null)
        {
            request.Headers.Add("Origin", origin);
        }

        using var answer = await device.SendAsync(request);
        var text = await answer.Content.ReadAsStringAsync();
        return ((int)answer.StatusCode, text.StartsWith('{') || text.StartsWith('[') ? JsonNode.Parse(text) : null);
    }

    private async Task SetAsync(string passcode) =>
        Assert.Equal(204, (await _server.SendAsync(HttpMethod.Put, "/api/access/passcode", new { passcode })).Status);

    [Fact]
    public async Task Without_the_passcode_nothing_of_the_household_is_told()
    {
        await SetAsync(Right);
        using var device = Device();
        foreach (var path in new[] { "/api/heads", "/api/sessions", "/api/products", "/openapi/v1.json", "/health", "/api/access/code" })
        {
            Assert.Equal(401, (await AskAsync(device, HttpMethod.Get, path)).Status);
        }

        Assert.Equal(401, (await AskAsync(device, HttpMethod.Post, "/api/heads", new { name = "Ilse" })).Status);
        var (status, access) = await AskAsync(device, HttpMethod.Get, "/api/access");
        Assert.Equal(
            (200, true, false, false),
            (status, access!["lan"]!.GetValue<bool>(), access["mayEnter"]!.GetValue<bool>(), access["isHere"]!.GetValue<bool>())
        );
        Assert.Empty(access["addresses"]!.AsArray());
        Assert.Empty(access["devices"]!.AsArray());
    }

    [Fact]
    public async Task With_it_everything_is_open_and_everyone_sees_who_is_there()
    {
        await SetAsync(Right);
        using var device = Device();
        Assert.Equal(400, (await AskAsync(device, HttpMethod.Post, "/api/access/enter", new { passcode = "three red combs" })).Status);
        Assert.Equal(401, (await AskAsync(device, HttpMethod.Get, "/api/heads")).Status);
        Assert.Equal(
            204,
            (await AskAsync(device, HttpMethod.Post, "/api/access/enter", new { passcode = Right, device = "bathroom phone" })).Status
        );
        Assert.Equal(200, (await AskAsync(device, HttpMethod.Get, "/api/heads")).Status);

        var (_, here) = await _server.SendAsync(HttpMethod.Get, "/api/access");
        Assert.Equal(
            ["This computer", "bathroom phone"],
            here!["devices"]!.AsArray().Select(each => each!["name"]!.GetValue<string>()).Order(StringComparer.Ordinal)
        );
        var (_, code) = await AskAsync(device, HttpMethod.Get, "/api/access/code?page=/run/7");
        Assert.Equal($"{device.BaseAddress!.ToString().TrimEnd('/')}/run/7", code!["address"]!.GetValue<string>());

        Assert.Equal(204, (await AskAsync(device, HttpMethod.Post, "/api/access/leave")).Status);
        Assert.Equal(401, (await AskAsync(device, HttpMethod.Get, "/api/heads")).Status);
        (_, here) = await _server.SendAsync(HttpMethod.Get, "/api/access");
        Assert.Equal("This computer", Assert.Single(here!["devices"]!.AsArray())!["name"]!.GetValue<string>());
    }

    [Fact]
    public async Task Who_is_shut_out_sees_no_more_of_the_day_they_are_watching()
    {
        await SetAsync(Right);
        using var device = Device();
        await AskAsync(device, HttpMethod.Post, "/api/access/enter", new { passcode = Right, device = "bathroom phone" });
        var head = await _server.MakeHeadAsync(Bodies.Head("Ilse"));
        var (_, session) = await _server.SendAsync(HttpMethod.Post, "/api/sessions", new { plan = Bodies.Plan(head, "quick", "bun") });
        var path = $"/api/sessions/{session!["id"]}";
        using var watching = await device.GetAsync(
            $"{path}/stream",
            HttpCompletionOption.ResponseHeadersRead,
            TestContext.Current.CancellationToken
        );
        using var stream = new StreamReader(await watching.Content.ReadAsStreamAsync(TestContext.Current.CancellationToken));
        Assert.StartsWith("event:", await stream.ReadLineAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);

        await SetAsync("another passcode");
        var task = session["hands"]![0]!["next"]!.GetValue<string>();
        Assert.Equal(200, (await _server.SendAsync(HttpMethod.Post, $"{path}/events", Bodies.Press("taskStarted", task))).Status);
        // What was sent before is still read; then the connection is gone, and nobody who is watching here ever sees the step begin.
        var seen = "";
        await Assert.ThrowsAnyAsync<IOException>(async () =>
        {
            while (await stream.ReadLineAsync(TestContext.Current.CancellationToken) is { } line)
            {
                seen += line;
            }
        });
        Assert.DoesNotContain("\"doing\":\"", seen, StringComparison.Ordinal);
        var (_, here) = await _server.SendAsync(HttpMethod.Get, "/api/access");
        Assert.Equal("This computer", Assert.Single(here!["devices"]!.AsArray())!["name"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_hundred_tries_let_nobody_in_and_are_held_up()
    {
        await SetAsync(Right);
        using var device = Device();
        var answers = new List<int>();
        for (var n = 0; n < 100; n++)
        {
            answers.Add((await AskAsync(device, HttpMethod.Post, "/api/access/enter", new { passcode = $"guess {n}" })).Status);
        }

        Assert.All(answers, status => Assert.Contains(status, new[] { 400, 429 }));
        Assert.InRange(answers.Count(status => status == 400), 1, 10);
        Assert.Equal(401, (await AskAsync(device, HttpMethod.Get, "/api/heads")).Status);
        // Held up, even the right one waits.
        Assert.Equal(429, (await AskAsync(device, HttpMethod.Post, "/api/access/enter", new { passcode = Right })).Status);
    }

    [Fact]
    public async Task A_new_passcode_shuts_out_who_entered_with_the_old_one()
    {
        await SetAsync(Right);
        using var device = Device();
        await AskAsync(device, HttpMethod.Post, "/api/access/enter", new { passcode = Right });
        Assert.Equal(200, (await AskAsync(device, HttpMethod.Get, "/api/heads")).Status);
        await SetAsync("another passcode");
        Assert.Equal(401, (await AskAsync(device, HttpMethod.Get, "/api/heads")).Status);
        Assert.DoesNotContain(
            Right,
            await File.ReadAllTextAsync(Path.Combine(_server.Folder, "passcode"), TestContext.Current.CancellationToken),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task Only_this_computer_sets_the_passcode_and_only_its_own_pages_write()
    {
        using var device = Device();
        var (early, problem) = await AskAsync(device, HttpMethod.Post, "/api/access/enter", new { passcode = Right });
        Assert.Equal(403, early);
        Assert.StartsWith("No passcode is set yet", problem!["detail"]!.GetValue<string>(), StringComparison.Ordinal);

        await SetAsync(Right);
        await AskAsync(device, HttpMethod.Post, "/api/access/enter", new { passcode = Right });
        Assert.Equal(403, (await AskAsync(device, HttpMethod.Put, "/api/access/passcode", new { passcode = "mine, mine" })).Status);
        Assert.Equal(
            403,
            (await AskAsync(device, HttpMethod.Post, "/api/heads", new { name = "Ilse" }, origin: "http://elsewhere.example")).Status
        );
        Assert.Equal(400, (await _server.SendAsync(HttpMethod.Put, "/api/access/passcode", new { passcode = "short" })).Status);
    }

    [Fact]
    public async Task Other_devices_are_sent_no_policy_that_needs_encryption()
    {
        using var device = Device();
        using var answer = await device.GetAsync(new Uri("/api/access", UriKind.Relative), TestContext.Current.CancellationToken);
        Assert.False(answer.Headers.Contains("Cross-Origin-Opener-Policy"));
        Assert.True(answer.Headers.Contains("Content-Security-Policy"));
    }

    [Fact]
    public async Task A_name_that_only_points_here_is_not_answered()
    {
        await SetAsync(Right);
        using var device = Device();
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/access");
        request.Headers.Host = $"rebound.example:{_server.Address.Port}";
        using var answer = await device.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
    }

    [Fact]
    public async Task Loopback_alone_is_the_rule_and_needs_no_passcode()
    {
        using var closed = await ServerProcess.StartAsync(Server.Assembly);
        using var device = Device();
        device.Timeout = TimeSpan.FromSeconds(5);
        await Assert.ThrowsAnyAsync<HttpRequestException>(() =>
            device.GetAsync(
                new Uri($"http://{device.BaseAddress!.Host}:{closed.Address.Port}/api/access"),
                TestContext.Current.CancellationToken
            )
        );
        var (_, access) = await closed.SendAsync(HttpMethod.Get, "/api/access");
        Assert.Equal((false, true), (access!["lan"]!.GetValue<bool>(), access["mayEnter"]!.GetValue<bool>()));
        Assert.Equal(409, (await closed.SendAsync(HttpMethod.Get, "/api/access/code")).Status);
    }

    [Fact]
    public async Task A_code_opens_pages_of_kamuri_only()
    {
        foreach (var page in new[] { "//elsewhere.example", "http://elsewhere.example", "/\\elsewhere.example" })
        {
            Assert.Equal(400, (await _server.SendAsync(HttpMethod.Get, $"/api/access/code?page={Uri.EscapeDataString(page)}")).Status);
        }
    }
}
