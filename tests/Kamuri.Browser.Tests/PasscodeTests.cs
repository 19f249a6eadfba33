using System.Net.NetworkInformation;
using System.Net.Sockets;
using Kamuri.Browser.Tests.Driving;
using Kamuri.Testing;

namespace Kamuri.Browser.Tests;

/// <summary>Another device of the home network at the door.</summary>
public sealed class PasscodeTests : IAsyncLifetime
{
    private ServerProcess _server = null!;

    public async ValueTask InitializeAsync() => _server = await DemoServer.StartAsync(lan: true);

    public ValueTask DisposeAsync()
    {
        _server.Dispose();
        return ValueTask.CompletedTask;
    }

    /// <summary>The address this computer has for others; null on one without a network.</summary>
    private static string? Home =>
        NetworkInterface
            .GetAllNetworkInterfaces()
            .Where(card => card.OperationalStatus == OperationalStatus.Up && card.NetworkInterfaceType != NetworkInterfaceType.Loopback)
            .SelectMany(card => card.GetIPProperties().UnicastAddresses)
            .FirstOrDefault(each => each.Address.AddressFamily == AddressFamily.InterNetwork)
            ?.Address.ToString();

    public static TheoryData<string> Themes => Thorough.IsAsked ? ["day", "night"] : ["night"];

    [Theory]
    [MemberData(nameof(Themes))]
    public async Task A_device_sees_nothing_before_the_passcode_and_everything_behind_it(string theme)
    {
        Assert.SkipWhen(Home is null, "No home network here.");
        const string right = "three red combs";
        Assert.Equal(204, (await _server.SendAsync(HttpMethod.Put, "/api/access/passcode", new { passcode = right })).Status);
        using var phone = new Window(new UriBuilder(_server.Address) { Host = Home! }.Uri, 390, 844, theme);
        phone.Go("/today");
        phone.SeeText("The household’s passcode", "h1");
        Assert.DoesNotContain("Oriel", phone.Text(), StringComparison.Ordinal);
        phone.Fill("Passcode", "a guess");
        phone.Fill("This device is called", "bathroom phone");
        phone.Press("Enter");
        phone.SeeText("Wrong passcode.");
        Assert.Empty(phone.Axe());
        // What was entered beside it is still there.
        Assert.Equal("bathroom phone", phone.Script("return document.querySelector('input[placeholder=\"bathroom phone\"]').value"));

        phone.Fill("Passcode", right);
        phone.Press("Enter");
        phone.SeeText("Wash", "h1");
        using var here = new Window(_server.Address);
        here.Go("/devices");
        here.SeeText("bathroom phone");
    }
}
