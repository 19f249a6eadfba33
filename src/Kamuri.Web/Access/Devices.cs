using System.Text.Json;
using Kamuri.Store.Files;

namespace Kamuri.Web.Access;

/// <summary>A device that may use this household's Kamuri, or the computer it runs on.</summary>
/// <param name="Id">The id to remove it by; null for the computer Kamuri runs on.</param>
/// <param name="Name">As it was called when it entered; "This computer" for the one Kamuri runs on.</param>
/// <param name="CameAt">When it entered; null for the computer Kamuri runs on.</param>
/// <param name="LastSeen">When it last asked for anything, or stopped watching; null when it has not since Kamuri was started.</param>
/// <param name="IsThere">It is watching, or asked for something within the last half minute.</param>
public sealed record DeviceView(string? Id, string Name, DateTimeOffset? CameAt, DateTimeOffset? LastSeen, bool IsThere);

/// <summary>
/// Devices that have entered with the passcode, in a file of its own beside the household's, so that no copy of the household carries
/// them. A cookie of a device that is not here any more is worth nothing.
/// </summary>
internal sealed class Devices(StartOptions options, TimeProvider clock)
{
    /// <summary>The computer Kamuri runs on.</summary>
    public const string Here = "here";

    /// <summary>More than any household has; whoever came first makes room.</summary>
    private const int Most = 100;

    private static readonly TimeSpan There = TimeSpan.FromSeconds(30);
    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web) { WriteIndented = true };

    private readonly Lock _gate = new();
    private readonly Dictionary<string, Seen> _seen = [];
    private List<Entered>? _entered;

    private sealed record Entered(string Id, string Name, DateTimeOffset CameAt);

    private sealed record Kept(int SchemaVersion, List<Entered> Devices);

    private string File => Path.Combine(options.DataFolder, "devices.json");

    private List<Entered> All => _entered ??= Read();

    /// <summary>Lets a device in.</summary>
    /// <returns>What its cookie names it by.</returns>
    public string Enter(string name)
    {
        lock (_gate)
        {
            var device = new Entered(Guid.NewGuid().ToString("N"), name, clock.GetUtcNow());
            All.Add(device);
            Write([.. All.TakeLast(Most)]);
            return device.Id;
        }
    }

    /// <summary>Whether a cookie's device may still come in.</summary>
    public bool IsIn(string? id)
    {
        lock (_gate)
        {
            return All.Exists(device => device.Id == id);
        }
    }

    /// <summary>A request of a device begins; it ends when the answer is disposed of. A screen that watches asks all the while.</summary>
    /// <param name="id">Of the device.</param>
    /// <param name="breakOff">Breaks the request off when the device is shut out.</param>
    public IDisposable See(string id, Action breakOff)
    {
        lock (_gate)
        {
            if (!_seen.TryGetValue(id, out var seen))
            {
                _seen[id] = seen = new Seen();
            }

            seen.At = clock.GetUtcNow();
            seen.Open.Add(breakOff);
            return new Request(this, seen, breakOff);
        }
    }

    /// <summary>A device leaves or is shut out, in the middle of whatever it watches; false when it was not in.</summary>
    /// <param name="id">Of the device.</param>
    /// <param name="except">The request that says so, which still gets its answer; null when it is another's.</param>
    public bool ShutOut(string id, Action? except = null) => ShutOut(device => device.Id == id, except);

    /// <summary>Everybody but this computer is out.</summary>
    public void ShutOutAll() => ShutOut(_ => true);

    public IReadOnlyList<DeviceView> List(HouseTime time)
    {
        lock (_gate)
        {
            return
            [
                .. _seen.ContainsKey(Here) ? [View(null, "This computer", null, Here)] : Array.Empty<DeviceView>(),
                .. All.Select(device => View(device.Id, device.Name, time.Local(device.CameAt), device.Id))
                    .OrderByDescending(view => view.IsThere)
                    .ThenByDescending(view => view.CameAt),
            ];
        }

        DeviceView View(string? id, string name, DateTimeOffset? came, string key) =>
            _seen.TryGetValue(key, out var seen)
                ? new DeviceView(id, name, came, time.Local(seen.At), seen.Open.Count > 0 || clock.GetUtcNow() - seen.At < There)
                : new DeviceView(id, name, came, null, false);
    }

    private bool ShutOut(Predicate<Entered> which, Action? except = null)
    {
        List<Action> open;
        lock (_gate)
        {
            var out_ = All.FindAll(which);
            if (out_.Count == 0)
            {
                return false;
            }

            Write([.. All.Except(out_)]);
            open = [.. out_.SelectMany(device => _seen.TryGetValue(device.Id, out var seen) ? seen.Open : [])];
            out_.ForEach(device => _seen.Remove(device.Id));
        }

        open.Where(breakOff => !breakOff.Equals(except)).ToList().ForEach(breakOff => breakOff());
        return true;
    }

    /// <summary>A file that cannot be read lets nobody in: they enter once more.</summary>
    private List<Entered> Read()
    {
        try
        {
            return System.IO.File.Exists(File)
                ? JsonSerializer.Deserialize<Kept>(System.IO.File.ReadAllText(File), Json)?.Devices ?? []
                : [];
        }
        catch (JsonException)
        {
            return [];
        }
    }

    private void Write(List<Entered> devices)
    {
        var next = $"{File}.next";
        System.IO.File.WriteAllText(next, JsonSerializer.Serialize(new Kept(1, devices), Json));
        DataFolder.Own(next);
        System.IO.File.Move(next, File, overwrite: true);
        _entered = devices;
    }

    private void End(Seen seen, Action breakOff)
    {
        lock (_gate)
        {
            seen.Open.Remove(breakOff);
            seen.At = clock.GetUtcNow();
        }
    }

    private sealed class Seen
    {
        public DateTimeOffset At { get; set; }

        public List<Action> Open { get; } = [];
    }

    private sealed class Request(Devices devices, Seen seen, Action breakOff) : IDisposable
    {
        public void Dispose() => devices.End(seen, breakOff);
    }
}
