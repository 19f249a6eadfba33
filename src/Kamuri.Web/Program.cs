using Kamuri.Store;
using Kamuri.Store.Files;
using Kamuri.Web;
using Kamuri.Web.Access;
using Kamuri.Web.Data;
using Kamuri.Web.Safety;
using Kamuri.Web.Texts;
using Microsoft.AspNetCore.Connections;
using Microsoft.Data.Sqlite;
using Serilog;

var builder = WebApplication.CreateBuilder(
    new WebApplicationOptions
    {
        Args = [.. args.Select(arg => arg == "--lan" ? "--lan=true" : arg)],
        ContentRootPath = AppContext.BaseDirectory,
    }
);
if (builder.Configuration["texts"] is not null)
{
    TextsPage.Print(Console.Out);
    return 0;
}

StartOptions options;
try
{
    options = StartOptions.Read(builder.Configuration);
}
catch (ArgumentException error)
{
    Console.Error.WriteLine(error.Message);
    return 2;
}

OwnFiles.Only();
if (DataCommands.Run(builder.Configuration, options.DataFolder) is { } exit)
{
    return exit;
}

DataFolder folder;
try
{
    folder = DataFolder.Take(options.DataFolder);
    if (DatabaseFile.Open(options.DataFolder, DateTimeOffset.UtcNow) is { } backup)
    {
        Console.WriteLine($"Your household was brought up to date. The file as it was is kept at {backup}");
    }
}
catch (CannotUseFileException error)
{
    Console.Error.WriteLine(error.Message);
    return 1;
}

using var taken = folder;
var app = Application.Build(builder, options);
await app.FurnishAsync(options);
app.Answer();
app.Lifetime.ApplicationStarted.Register(() =>
{
    var here = app
        .Urls.First()
        .Replace("[::]", "localhost", StringComparison.Ordinal)
        .Replace("0.0.0.0", "localhost", StringComparison.Ordinal);
    Console.WriteLine($"Kamuri is ready at {here}");
    if (options.Lan)
    {
        var port = new Uri(here).Port;
        var addresses = string.Join(", ", HomeNetwork.Addresses().Select(address => $"http://{address}:{port}"));
        Console.WriteLine($"Open to the home network, behind the passcode, at {addresses}");
    }

    _ = Task.Run(async () =>
    {
        try
        {
            await using var scope = app.Services.CreateAsyncScope();
            await LookThrough.ReadAsync(
                scope.ServiceProvider.GetRequiredService<KamuriDb>(),
                app.Services.GetRequiredService<SetAside>(),
                app.Lifetime.ApplicationStopping
            );
            await scope.ServiceProvider.GetRequiredService<FirstQuestions>().AskAsync(app.Lifetime.ApplicationStopping);
        }
        catch (Exception error) when (error is OperationCanceledException or ObjectDisposedException)
        {
            // Stopped before it was through: nobody waits for the answer.
        }
    });
});
try
{
    await app.RunAsync();
    // The file alone is the household again, and can be copied.
    SqliteConnection.ClearAllPools();
    DatabaseFile.Fold(Path.Combine(options.DataFolder, DatabaseFile.FileName));
    return 0;
}
catch (SqliteException error)
{
    Log.Warning("What was written last could not be folded into the file: {Reason}. It is safe in the log beside it", error.Message);
    return 0;
}
catch (IOException error) when (error.InnerException is AddressInUseException)
{
    Console.Error.WriteLine(RequestErrors.PortIsTaken($"{options.Port}"));
    return 2;
}

/// <summary>The server; named so that tests can host it.</summary>
public partial class Program;
