using Kamuri.Store;
using Kamuri.Store.Files;
using Kamuri.Store.Removals;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Data;

/// <summary>Makes a backup once a day while serving, and lets go of what was deleted long enough ago.</summary>
internal sealed class DailyBackups(
    StartOptions options,
    IDbContextFactory<KamuriDb> databases,
    TimeProvider clock,
    ILogger<DailyBackups> log
) : BackgroundService
{
    private static readonly TimeSpan First = TimeSpan.FromMinutes(1);
    private static readonly TimeSpan Every = TimeSpan.FromHours(1);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (options.Demo)
        {
            return;
        }

        // On the clock of the wall: a house whose clock runs faster needs no more of them.
        for (var wait = First; ; wait = Every)
        {
            await Task.Delay(wait, stoppingToken);
            try
            {
                Make();
            }
            catch (Exception error) when (error is Microsoft.Data.Sqlite.SqliteException or IOException or UnauthorizedAccessException)
            {
                log.LogWarning("The daily backup could not be made: {Reason}", error.Message);
            }
        }
    }

    private void Make()
    {
        var backups = Backups.Of(options.DataFolder);
        if (backups.IsDue(DateTimeOffset.UtcNow))
        {
            backups.Make(Path.Combine(options.DataFolder, DatabaseFile.FileName), BackupKind.Daily, DateTimeOffset.UtcNow);
        }

        using var db = databases.CreateDbContext();
        Removal.Forget(db, clock.GetUtcNow());
    }
}
