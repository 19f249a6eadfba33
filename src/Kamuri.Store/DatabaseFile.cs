using System.Globalization;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Store;

/// <summary>Opens, migrates and backs up the household's file.</summary>
public static class DatabaseFile
{
    public const string FileName = "kamuri.db";

    private const int BackupsKept = 5;

    /// <summary>
    /// Foreign keys on for every connection. Full synchronisation comes with the connection interceptor, so that a
    /// commit that was acknowledged is on the disk.
    /// </summary>
    public static string ConnectionString(string folder) => new SqliteConnectionStringBuilder
    {
        DataSource = Path.Combine(folder, FileName),
        ForeignKeys = true,
        DefaultTimeout = 10,
    }.ToString();

    /// <summary>Brings the file to the current shape. When there is something to change in an existing file, a backup comes first.</summary>
    /// <returns>The backup that was made, or null.</returns>
    public static string? Migrate(KamuriDb db, string folder, DateTimeOffset now)
    {
        Directory.CreateDirectory(folder);
        var exists = File.Exists(Path.Combine(folder, FileName));
        string? backup = null;
        if (exists && db.Database.GetPendingMigrations().Any())
        {
            backup = Backup(db, folder, now);
        }

        db.Database.Migrate();
        db.Database.ExecuteSqlRaw("PRAGMA journal_mode = WAL;");
        return backup;
    }

    /// <summary>Writes a consistent copy beside the file, keeping the newest few.</summary>
    /// <exception cref="SqliteException">There is no room for it.</exception>
    public static string Backup(KamuriDb db, string folder, DateTimeOffset now)
    {
        var backups = Directory.CreateDirectory(Path.Combine(folder, "backups"));
        var path = Path.Combine(backups.FullName, $"kamuri-{now.UtcDateTime.ToString("yyyyMMdd-HHmmss-fff", CultureInfo.InvariantCulture)}.db");
        db.Database.ExecuteSql($"VACUUM INTO {path}");
        foreach (var old in backups.GetFiles("kamuri-*.db").OrderByDescending(file => file.Name, StringComparer.Ordinal).Skip(BackupsKept))
        {
            old.Delete();
        }

        return path;
    }

    /// <summary>Whether an error means that the disk is full.</summary>
    public static bool IsDiskFull(Exception error)
    {
        const int full = 13;
        for (var inner = error; inner is not null; inner = inner.InnerException)
        {
            if (inner is SqliteException { SqliteErrorCode: full })
            {
                return true;
            }
        }

        return false;
    }
}
