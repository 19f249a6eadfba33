using Kamuri.Store.Sessions;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Kamuri.Store.Files;

/// <summary>
/// Opens a household's file. A new file and an upgraded one are built under another name and moved into place when complete, so a
/// start that is interrupted leaves what was there.
/// </summary>
public static class DatabaseFile
{
    public const string FileName = "kamuri.db";

    /// <summary>
    /// Foreign keys on for every connection. Full synchronisation comes with the connection interceptor, so that a
    /// commit that was acknowledged is on the disk.
    /// </summary>
    public static string ConnectionString(string folder) => Connection(Path.Combine(folder, FileName)).ToString();

    private static SqliteConnectionStringBuilder Connection(string file) =>
        new()
        {
            DataSource = file,
            ForeignKeys = true,
            DefaultTimeout = 10,
        };

    /// <summary>A context on a file that nothing else has open; its connection ends with it.</summary>
    public static KamuriDb Alone(string file) =>
        new(
            new DbContextOptionsBuilder<KamuriDb>()
                .UseSqlite(new SqliteConnectionStringBuilder(Connection(file).ToString()) { Pooling = false }.ToString())
                .AddInterceptors(new DurableConnections())
                .Options
        );

    /// <summary>Whether there is a household in a folder, or the rest of one.</summary>
    public static bool IsThere(string folder) =>
        File.Exists(Path.Combine(folder, FileName)) || File.Exists(Path.Combine(folder, $"{FileName}-wal"));

    /// <summary>Makes the file when there is none, and brings an older one to the current shape.</summary>
    /// <param name="folder">A folder this process has taken.</param>
    /// <param name="now">For the name of the backup.</param>
    /// <returns>The copy of the file as it was, when its shape was changed; null else.</returns>
    /// <exception cref="CannotUseFileException">The file cannot be used; it is as it was.</exception>
    public static string? Open(string folder, DateTimeOffset now)
    {
        var (file, next) = (Path.Combine(folder, FileName), Path.Combine(folder, $"{FileName}.next"));
        try
        {
            Discard(next);
            if (!File.Exists(file))
            {
                if (File.Exists($"{file}-wal"))
                {
                    throw new CannotUseFileException(FileWords.FileIsMissingButFileNameWal(file, FileName));
                }

                DataFolder.Touch(next);
                Shape(next);
                File.Move(next, file);
                return null;
            }

            var lacking = FileCheck.Of(file, Known());
            foreach (var each in (string[])[file, $"{file}-wal", $"{file}-shm"])
            {
                DataFolder.Own(each);
            }

            return lacking.Count == 0 ? null : Upgrade(file, next, Backups.Of(folder), now);
        }
        catch (Exception error) when (error is SqliteException or DbUpdateException or IOException or UnauthorizedAccessException)
        {
            throw new CannotUseFileException(
                IsDiskFull(error)
                    ? FileWords.TheDiskWithFolderIsFull(folder)
                    : FileWords.FileCouldNotBeUpdatedMessage(file, error.GetBaseException().Message),
                error
            );
        }
        finally
        {
            Discard(next);
        }
    }

    /// <summary>Brings a file that nobody else uses to the current shape, in place, and sums up sessions that are not yet.</summary>
    public static void Shape(string file)
    {
        using (var db = Alone(file))
        {
            // A start of an earlier version that was broken off leaves its lock behind, and the next would wait for it for ever.
            db.Database.ExecuteSqlRaw("DROP TABLE IF EXISTS __EFMigrationsLock;");
            db.Database.Migrate();
            SummaryFill.Fill(db);
        }

        Fold(file);
    }

    /// <summary>Folds the log into the file, so that the file alone is the household and can be copied.</summary>
    public static void Fold(string file)
    {
        using var connection = new SqliteConnection(
            new SqliteConnectionStringBuilder(Connection(file).ToString()) { Pooling = false }.ToString()
        );
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = "PRAGMA wal_checkpoint(TRUNCATE); PRAGMA journal_mode = WAL;";
        command.ExecuteNonQuery();
    }

    /// <summary>Names of all changes of shape this version knows.</summary>
    public static IReadOnlyList<string> Known()
    {
        using var db = Alone(":memory:");
        return [.. db.GetService<IMigrationsAssembly>().Migrations.Keys];
    }

    private static string Upgrade(string file, string next, Backups backups, DateTimeOffset now)
    {
        DataFolder.Touch(next);
        Backups.Copy(file, next);
        Shape(next);
        // Only now, when all of it has worked: what was there is kept, and no backup makes room for a start that fails.
        var kept = backups.Make(file, BackupKind.Upgrade, now);
        // The log belongs to the old file; the new one must not find it.
        using (var old = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = file, Pooling = false }.ToString()))
        {
            old.Open();
            using var command = old.CreateCommand();
            command.CommandText = "PRAGMA journal_mode = DELETE;";
            command.ExecuteNonQuery();
        }

        File.Move(next, file, overwrite: true);
        return kept;
    }

    private static void Discard(string file)
    {
        foreach (var each in (string[])[file, $"{file}-wal", $"{file}-shm", $"{file}-journal"])
        {
            File.Delete(each);
        }
    }

    /// <summary>Whether an error means that the disk is full.</summary>
    public static bool IsDiskFull(Exception error) =>
        Any(error, inner =>
            inner is SqliteException { SqliteErrorCode: 13 } or IOException { HResult: 28 }
            || (inner is IOException && inner.Message.Contains("No space left", StringComparison.Ordinal))
        );

    /// <summary>Whether an error means that nothing can be written where the file lies.</summary>
    public static bool IsReadOnly(Exception error) =>
        Any(error, inner => inner is SqliteException { SqliteErrorCode: 8 } or SqliteException { SqliteErrorCode: 10 or 14 });

    private static bool Any(Exception error, Func<Exception, bool> is_)
    {
        for (var inner = error; inner is not null; inner = inner.InnerException)
        {
            if (is_(inner))
            {
                return true;
            }
        }

        return false;
    }
}
