using System.Diagnostics;
using Kamuri.Store.Files;

namespace Kamuri.Web.LookingAround;

/// <summary>
/// The made-up household, for whoever looks around before they describe their own: a whole application of its own, in memory, opened when
/// the first comes and gone when the server stops.
/// </summary>
internal sealed class MadeUpHouse(StartOptions options) : IAsyncDisposable
{
    private readonly SemaphoreSlim _gate = new(1, 1);
    private readonly HouseStyle _style = new();
    private HandedServer? _server;
    private WebApplication? _app;
    private string? _folder;

    /// <summary>Lets this household answer a request.</summary>
    public async Task AnswerAsync(HttpContext context)
    {
        var server = await OpenAsync(context.RequestAborted);
        using var own = WritingStyle.In(_style);
        await server.HandAsync(context);
    }

    /// <summary>Opens it, where nobody has yet, which takes a few seconds.</summary>
    public async Task<HandedServer> OpenAsync(CancellationToken cancellation)
    {
        await _gate.WaitAsync(cancellation);
        try
        {
            return _server ??= await BuildAsync();
        }
        finally
        {
            _gate.Release();
        }
    }

    public async ValueTask DisposeAsync()
    {
        if (_app is not null)
        {
            await _app.DisposeAsync();
        }

        if (_folder is not null)
        {
            Directory.Delete(_folder, recursive: true);
        }

        _gate.Dispose();
    }

    private const string Prefix = "kamuri-made-up-";

    /// <summary>Removes what servers left behind that were killed.</summary>
    private static void Sweep(string where)
    {
        foreach (var left in Directory.GetDirectories(where, $"{Prefix}*"))
        {
            if (int.TryParse(Path.GetFileName(left)[Prefix.Length..], out var server) && !IsRunning(server))
            {
                Directory.Delete(left, recursive: true);
            }
        }
    }

    /// <summary>This very process has none yet: its number was another's before.</summary>
    private static bool IsRunning(int server)
    {
        if (server == Environment.ProcessId)
        {
            return false;
        }

        try
        {
            using var process = Process.GetProcessById(server);
            return true;
        }
        catch (ArgumentException)
        {
            return false;
        }
    }

    private async Task<HandedServer> BuildAsync()
    {
        // Where the system has a folder that is memory, that one.
        var shared = Path.Combine(Path.DirectorySeparatorChar.ToString(), "dev", "shm");
        var where = Directory.Exists(shared) ? shared : Path.GetTempPath();
        Sweep(where);
        _folder = Directory.CreateDirectory(Path.Combine(where, $"{Prefix}{Environment.ProcessId}")).FullName;
        using var style = WritingStyle.In(_style);
        var own = options with { DataFolder = _folder, Demo = true, Lan = false, MadeUp = true };
        var server = new HandedServer();
        DatabaseFile.Open(_folder, DateTimeOffset.UtcNow);
        _app = Application.Build(
            WebApplication.CreateBuilder(new WebApplicationOptions { ContentRootPath = AppContext.BaseDirectory }),
            own,
            server
        );
        await _app.FurnishAsync(own);
        _app.Answer(server);
        await _app.StartAsync();
        return server;
    }
}
