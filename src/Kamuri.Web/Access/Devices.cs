namespace Kamuri.Web.Access;

/// <summary>A device that was seen.</summary>
/// <param name="Name">As it was called when it entered; "This computer" for the one Kamuri runs on.</param>
/// <param name="LastSeen">When it last asked for anything, or stopped watching.</param>
/// <param name="IsThere">It is watching, or asked for something within the last half minute.</param>
public sealed record DeviceView(string Name, DateTimeOffset LastSeen, bool IsThere);

/// <summary>Who is connected. Only in memory: it is of no use tomorrow.</summary>
internal sealed class Devices(TimeProvider clock)
{
    /// <summary>The computer Kamuri runs on.</summary>
    public const string Here = "here";

    private const int Most = 50;
    private static readonly TimeSpan There = TimeSpan.FromSeconds(30);
    private readonly Lock _gate = new();
    private readonly Dictionary<string, Device> _seen = [];

    /// <summary>A request of a device begins; it ends when the answer is disposed of. A screen that watches asks all the while.</summary>
    /// <param name="id">Of the device.</param>
    /// <param name="name">What it is called.</param>
    /// <param name="breakOff">Breaks the request off when the device is shut out.</param>
    public IDisposable See(string id, string name, Action breakOff)
    {
        lock (_gate)
        {
            if (!_seen.TryGetValue(id, out var device))
            {
                _seen[id] = device = new Device(name);
            }

            device.LastSeen = clock.GetUtcNow();
            device.Open.Add(breakOff);
            if (_seen.Count > Most && _seen.Where(pair => pair.Value.Open.Count == 0).OrderBy(pair => pair.Value.LastSeen).Select(pair => pair.Key).FirstOrDefault() is { } oldest)
            {
                _seen.Remove(oldest);
            }

            return new Request(this, device, breakOff);
        }
    }

    /// <summary>A device has left; it may come again.</summary>
    public void Forget(string id)
    {
        lock (_gate)
        {
            _seen.Remove(id);
        }
    }

    /// <summary>Everybody but this computer is out, in the middle of whatever they watch.</summary>
    public void ShutOut()
    {
        List<Action> open;
        lock (_gate)
        {
            var others = _seen.Where(pair => pair.Key != Here).ToList();
            open = [.. others.SelectMany(pair => pair.Value.Open)];
            others.ForEach(pair => _seen.Remove(pair.Key));
        }

        open.ForEach(breakOff => breakOff());
    }

    public IReadOnlyList<DeviceView> List(HouseTime time)
    {
        lock (_gate)
        {
            return [.. _seen.Values.OrderByDescending(device => device.LastSeen)
                .Select(device => new DeviceView(device.Name, time.Local(device.LastSeen), device.Open.Count > 0 || clock.GetUtcNow() - device.LastSeen < There))];
        }
    }

    private void End(Device device, Action breakOff)
    {
        lock (_gate)
        {
            device.Open.Remove(breakOff);
            device.LastSeen = clock.GetUtcNow();
        }
    }

    private sealed class Device(string name)
    {
        public string Name => name;

        public DateTimeOffset LastSeen { get; set; }

        public List<Action> Open { get; } = [];
    }

    private sealed class Request(Devices devices, Device device, Action breakOff) : IDisposable
    {
        public void Dispose() => devices.End(device, breakOff);
    }
}
