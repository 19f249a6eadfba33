using Kamuri.Store.Files;
using Kamuri.Web.Household;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Kamuri.Web.Data;

/// <summary>A backup.</summary>
/// <param name="Name">Its file name.</param>
/// <param name="Kind">Why it was made.</param>
/// <param name="Bytes">How large it is.</param>
public sealed record BackupView(string Name, BackupKind Kind, DateTimeOffset MadeAt, long Bytes);

/// <summary>The backups there are, newest first.</summary>
/// <param name="Folder">Where they lie on this computer.</param>
/// <param name="Sentence">When the last one was made.</param>
public sealed record BackupsView(string Folder, string Sentence, IReadOnlyList<BackupView> Backups);

/// <summary>Copies of the household's file: made, downloaded, restored.</summary>
internal static class BackupEndpoints
{
    public static void MapBackups(this IEndpointRouteBuilder routes)
    {
        var backups = routes.MapGroup("/api/backups").WithTags("Your data");
        backups.MapGet("/", ListAsync).WithName("listBackups");
        backups.MapPost("/", MakeAsync).WithName("makeBackup");
        backups.MapGet("/{name}", Download).WithName("downloadBackup").Produces<Stream>(200, "application/vnd.sqlite3");
        backups.MapPost("/{name}/restore", RestoreAsync).WithName("restoreBackup");
        backups.MapDelete("/{name}", RemoveAsync).WithName("removeBackup");
    }

    private static async Task<Ok<BackupsView>> ListAsync(StartOptions options, House house, CancellationToken cancellation)
    {
        var time = await house.TimeAsync(cancellation);
        var all = Backups.Of(options.DataFolder).List();
        var wall = new HouseTime(DateTimeOffset.UtcNow, time.Zone);
        return TypedResults.Ok(
            new BackupsView(
                Path.Combine(options.DataFolder, "backups"),
                all.Count == 0 ? DataWords.ThereIsNoBackupYet : DataWords.TheLastBackupWasMadeAgo(Ago(wall, all[0].MadeAt)),
                [.. all.Select(backup => new BackupView(backup.Name, backup.Kind, time.Local(backup.MadeAt), backup.Bytes))]
            )
        );
    }

    private static async Task<Created<BackupsView>> MakeAsync(StartOptions options, House house, CancellationToken cancellation)
    {
        var path = Backups
            .Of(options.DataFolder)
            .Make(Path.Combine(options.DataFolder, DatabaseFile.FileName), BackupKind.Manual, DateTimeOffset.UtcNow);
        return TypedResults.Created($"/api/backups/{Path.GetFileName(path)}", (await ListAsync(options, house, cancellation)).Value);
    }

    private static Results<PhysicalFileHttpResult, ProblemHttpResult> Download(string name, StartOptions options) =>
        Backups.Of(options.DataFolder).Find(name) is { } path
            ? TypedResults.PhysicalFile(path, "application/vnd.sqlite3", name)
            : NotHere();

    private static async Task<Results<Ok<BackupsView>, ProblemHttpResult>> RestoreAsync(
        string name,
        StartOptions options,
        WholeHouse whole,
        House house,
        CancellationToken cancellation
    )
    {
        if (Backups.Of(options.DataFolder).Find(name) is not { } path)
        {
            return NotHere();
        }

        await whole.ReplaceAsync(() => Restoring.RestoreWhileServing(path, options.DataFolder, DateTimeOffset.UtcNow), cancellation);
        return TypedResults.Ok((await ListAsync(options, house, cancellation)).Value!);
    }

    private static async Task<Results<Ok<BackupsView>, ProblemHttpResult>> RemoveAsync(
        string name,
        StartOptions options,
        House house,
        CancellationToken cancellation
    )
    {
        var backups = Backups.Of(options.DataFolder);
        if (backups.Find(name) is null)
        {
            return NotHere();
        }

        backups.Remove(name);
        return TypedResults.Ok((await ListAsync(options, house, cancellation)).Value!);
    }

    private static string Ago(HouseTime time, DateTimeOffset moment) =>
        (time.Today.DayNumber - DateOnly.FromDateTime(time.Local(moment).DateTime).DayNumber) switch
        {
            <= 0 => DataWords.TodayAtLocal(Say.Clock(time.Local(moment))),
            1 => DataWords.YesterdayAtLocal(Say.Clock(time.Local(moment))),
            var days => DataWords.DaysDaysAgoOnLocal($"{days}", $"{time.Local(moment):d MMMM}"),
        };

    private static ProblemHttpResult NotHere() => Problems.NotFound(DataWords.ThisBackupDoesNotExist);
}
