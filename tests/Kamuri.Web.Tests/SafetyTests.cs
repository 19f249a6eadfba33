using System.Text.Json;
using System.Text.Json.Nodes;

namespace Kamuri.Web.Tests;

public class SafetyTests(Server server) : IClassFixture<Server>
{
    [Fact]
    public async Task The_content_policy_lets_nothing_in_from_elsewhere()
    {
        using var response = await server.Process.Http.GetAsync(new Uri("/api/household", UriKind.Relative));

        var policy = response.Headers.GetValues("Content-Security-Policy").Single();
        Assert.StartsWith("default-src 'none'; script-src 'self'; style-src 'self';", policy, StringComparison.Ordinal);
        Assert.DoesNotContain("unsafe", policy, StringComparison.Ordinal);
        Assert.Equal("same-origin", response.Headers.GetValues("Cross-Origin-Opener-Policy").Single());
        Assert.DoesNotContain("Server", response.Headers.Select(header => header.Key));
    }

    [Theory]
    [InlineData("Origin", "http://elsewhere.example", 403)]
    [InlineData("Origin", "null", 403)]
    [InlineData("Sec-Fetch-Site", "cross-site", 403)]
    [InlineData("Sec-Fetch-Site", "same-origin", 201)]
    [InlineData("Host", "elsewhere.example", 400)]
    public async Task Other_pages_may_not_write(string header, string value, int expected)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/heads")
        {
            Content = new StringContent(Bodies.Head().ToJsonString(), null, "application/json"),
        };
        request.Headers.TryAddWithoutValidation(header, value);

        using var response = await server.Process.Http.SendAsync(request);

        Assert.Equal(expected, (int)response.StatusCode);
    }

    [Fact]
    public async Task The_server_listens_on_loopback_only()
    {
        Assert.True(server.Process.Address.IsLoopback);
        var (status, _) = await server.Process.SendAsync(HttpMethod.Get, "/health");
        Assert.Equal(200, status);
    }

    [Fact]
    public async Task The_committed_interface_document_is_the_servers()
    {
        var (_, served) = await server.Process.SendAsync(HttpMethod.Get, "/openapi/v1.json");
        var committed = JsonNode.Parse(await File.ReadAllTextAsync(Path.Combine(Root(), "src/kamuri-ui/api/openapi.json")));

        Assert.True(JsonNode.DeepEquals(served, committed), "The generated client is stale; run ./kamuri api.");
        Assert.Equal(JsonValueKind.Object, served!["paths"]!["/api/plans/preview"]!["post"]!.GetValueKind());
    }

    private static string Root()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder!.FullName, "Kamuri.slnx")))
        {
            folder = folder.Parent;
        }

        return folder.FullName;
    }
}
