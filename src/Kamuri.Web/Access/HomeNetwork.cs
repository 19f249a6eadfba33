using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;

namespace Kamuri.Web.Access;

/// <summary>Where this computer is found on the home network.</summary>
internal static class HomeNetwork
{
    /// <summary>The names that requests may be for: names that only point here could be anybody's (DNS rebinding).</summary>
    /// <param name="isOpen">The server answers the home network, not this computer alone.</param>
    public static IList<string> Hosts(bool isOpen) =>
        isOpen
            ?
            [
                "localhost",
                "127.0.0.1",
                "[::1]",
                Dns.GetHostName(),
                $"{Dns.GetHostName()}.local",
                .. Addresses().Select(address => address.ToString()),
            ]
            : ["localhost", "127.0.0.1", "[::1]"];

    /// <summary>This computer's addresses in its own networks, most usual first.</summary>
    public static IReadOnlyList<IPAddress> Addresses() =>
        [
            .. NetworkInterface
                .GetAllNetworkInterfaces()
                .Where(card => card.OperationalStatus == OperationalStatus.Up && card.NetworkInterfaceType != NetworkInterfaceType.Loopback)
                .SelectMany(card => card.GetIPProperties().UnicastAddresses)
                .Select(unicast => unicast.Address)
                .Where(address => address.AddressFamily == AddressFamily.InterNetwork && !IPAddress.IsLoopback(address))
                .OrderBy(address => address.GetAddressBytes()[0] == 192 ? 0 : 1),
        ];

    /// <summary>What proxies add: a request that one on this computer passes on comes from somebody else.</summary>
    private static readonly string[] PassedOn =
    [
        "Forwarded",
        "X-Forwarded-For",
        "X-Forwarded-Host",
        "X-Forwarded-Proto",
        "X-Real-IP",
        "Via",
    ];

    /// <summary>A request from this very computer, by its loopback address, and not passed on for another.</summary>
    public static bool IsHere(HttpContext context) =>
        context.Connection.RemoteIpAddress is { } remote
        && !PassedOn.Any(context.Request.Headers.ContainsKey)
        && (IPAddress.IsLoopback(remote) || (remote.IsIPv4MappedToIPv6 && IPAddress.IsLoopback(remote.MapToIPv4())));
}
