using System.Collections.Concurrent;

namespace Kamuri.Web.Access;

/// <summary>A device that was seen.</summary>
/// <param name="Name">As it was called when it entered; "This computer" for the one Kamuri runs on.</param>
/// <param name="LastSeen">When it last asked for anything.</param>
/// <param name="IsThere">It was seen within the last half minute.</param>
public sealed record DeviceView(string Name, DateTimeOffset LastSeen, bool IsThere);

/// <summary>Who is connected. Only in memory: it is of no use tomorrow.</summary>
internal sealed class Devices(TimeProvider clock)
{
    private const int Most = 50;
    private static readonly TimeSpan There = TimeSpan.FromSeconds(30);
    private readonly ConcurrentDictionary<string, (string Name, DateTimeOffset LastSeen)> _seen = [];

    public void See(string id, string name)
    {
        _seen[id] = (name, clock.GetUtcNow());
        if (_seen.Count > Most)
        {
            _seen.TryRemove(_seen.MinBy(pair => pair.Value.LastSeen).Key, out _);
        }
    }

    public IReadOnlyList<DeviceView> List(HouseTime time) => [.. _seen.Values.OrderByDescending(device => device.LastSeen)
        .Select(device => new DeviceView(device.Name, time.Local(device.LastSeen), clock.GetUtcNow() - device.LastSeen < There))];
}
