using System.Diagnostics;
using System.Globalization;
using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace Kamuri.Testing;

/// <summary>A real server in its own process on a real file, on a free loopback port.</summary>
public sealed class ServerProcess : IDisposable
{
    private readonly Process _process;
    private readonly bool _ownsFolder;

    private ServerProcess(Process process, Uri address, string folder, bool ownsFolder, TimeSpan startup)
    {
        _process = process;
        _ownsFolder = ownsFolder;
        Address = address;
        Folder = folder;
        Startup = startup;
        Http = new HttpClient { BaseAddress = address };
    }

    public Uri Address { get; }
    public string Folder { get; }
    public HttpClient Http { get; }

    /// <summary>From launching the process to its first healthy answer.</summary>
    public TimeSpan Startup { get; }

    /// <summary>Memory the process keeps resident, in bytes.</summary>
    public long ResidentBytes
    {
        get
        {
            _process.Refresh();
            return _process.WorkingSet64;
        }
    }

    /// <summary>Starts the server and waits until it answers.</summary>
    /// <param name="assembly">Kamuri.Web.dll to run.</param>
    /// <param name="folder">Data folder; null makes a throwaway one.</param>
    /// <param name="demo">Whether made-up data is put in.</param>
    /// <param name="clockSpeed">1 for the real clock.</param>
    /// <param name="lan">Whether the home network is answered.</param>
    /// <param name="ownsFolder">Whether the folder goes with the server; a throwaway one does.</param>
    public static async Task<ServerProcess> StartAsync(
        string assembly,
        string? folder = null,
        bool demo = false,
        double clockSpeed = 1,
        bool lan = false,
        bool ownsFolder = false
    )
    {
        var owns = folder is null || ownsFolder;
        folder ??= Directory.CreateTempSubdirectory("kamuri-test-").FullName;
        var watch = Stopwatch.StartNew();
        var process = Process.Start(
            new ProcessStartInfo(
                "dotnet",
                [
                    assembly,
                    "--data",
                    folder,
                    "--port",
                    "0",
                    "--demo",
                    demo ? "true" : "false",
                    "--clock-speed",
                    clockSpeed.ToString(CultureInfo.InvariantCulture),
                    .. lan ? ["--lan"] : Array.Empty<string>(),
                ]
            )
            {
                RedirectStandardOutput = true,
                RedirectStandardError = true,
                // Any folder will do: the server finds its files beside itself.
                WorkingDirectory = folder,
            }
        )!;
        var address = await ReadAddressAsync(process);
        var server = new ServerProcess(process, address, folder, owns, watch.Elapsed);
        using var health = await server.Http.GetAsync(new Uri("/health", UriKind.Relative));
        health.EnsureSuccessStatusCode();
        // Pipes that nobody reads would fill up and stop the server.
        _ = process.StandardOutput.BaseStream.CopyToAsync(Stream.Null);
        _ = process.StandardError.BaseStream.CopyToAsync(Stream.Null);
        return server;
    }

    /// <summary>A folder with the household as it is now, for another server.</summary>
    public string CopyOfData()
    {
        var copy = Directory.CreateTempSubdirectory("kamuri-copy-").FullName;
        foreach (var file in Directory.GetFiles(Folder, "kamuri.db*").Where(file => !file.EndsWith("-shm", StringComparison.Ordinal)))
        {
            File.Copy(file, Path.Combine(copy, Path.GetFileName(file)));
        }

        return copy;
    }

    /// <summary>kill -9: no chance to tidy up.</summary>
    public void Kill()
    {
        _process.Kill();
        _process.WaitForExit();
    }

    public async Task<(int Status, JsonNode? Body)> SendAsync(HttpMethod method, string path, object? body = null)
    {
        using var request = new HttpRequestMessage(method, new Uri(path, UriKind.Relative));
        if (body is not null)
        {
            request.Content = body is string raw
                ? new StringContent(raw, System.Text.Encoding.UTF8, "application/json")
                : JsonContent.Create(body, options: JsonSerializerOptions.Web);
        }

        using var response = await Http.SendAsync(request);
        var text = await response.Content.ReadAsStringAsync();
        return ((int)response.StatusCode, text.StartsWith('{') || text.StartsWith('[') ? JsonNode.Parse(text) : null);
    }

    public void Dispose()
    {
        Http.Dispose();
        if (!_process.HasExited)
        {
            Kill();
        }

        _process.Dispose();
        if (_ownsFolder)
        {
            Directory.Delete(Folder, recursive: true);
        }
    }

    private static async Task<Uri> ReadAddressAsync(Process process)
    {
        const string ready = "Kamuri is ready at ";
        var said = new List<string>();
        while (await process.StandardOutput.ReadLineAsync() is { } line)
        {
            said.Add(line);
            if (line.StartsWith(ready, StringComparison.Ordinal))
            {
                return new Uri(line[ready.Length..]);
            }
        }

        throw new InvalidOperationException(
            $"The server did not start.\n{string.Join('\n', said)}\n{await process.StandardError.ReadToEndAsync()}"
        );
    }
}
