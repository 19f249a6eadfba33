using Microsoft.Data.Sqlite;

namespace Kamuri.Store.Files;

/// <summary>Puts a backup in the place of the present file.</summary>
public static class Restoring
{
    /// <summary>Restores while no server runs. The present file is kept aside, with its log where it cannot be folded.</summary>
    /// <param name="backup">The file to restore.</param>
    /// <param name="folder">A folder this process has taken.</param>
    /// <param name="now">For the name of what is kept aside.</param>
    /// <returns>Where the present file was kept; null when there was none.</returns>
    /// <exception cref="CannotUseFileException">The backup cannot be used; nothing was changed.</exception>
    public static string? Restore(string backup, string folder, DateTimeOffset now)
    {
        var file = Path.Combine(folder, DatabaseFile.FileName);
        var next = Prepared(backup, folder);
        try
        {
            var aside = DatabaseFile.IsThere(folder) ? Aside(file, folder, now) : null;
            File.Move(next, file, overwrite: true);
            return aside;
        }
        finally
        {
            File.Delete(next);
        }
    }

    /// <summary>
    /// Restores under a server that goes on: the backup is written over what is there in one transaction, so that everything that has
    /// the file open sees either the one or the other.
    /// </summary>
    /// <returns>Where the present state was kept.</returns>
    /// <exception cref="CannotUseFileException">The backup cannot be used; nothing was changed.</exception>
    public static string RestoreWhileServing(string backup, string folder, DateTimeOffset now)
    {
        var file = Path.Combine(folder, DatabaseFile.FileName);
        var next = Prepared(backup, folder);
        try
        {
            FileCheck.Of(file, DatabaseFile.Known());
            var aside = Backups.Of(folder).Make(file, BackupKind.Aside, now);
            using var from = new SqliteConnection(
                new SqliteConnectionStringBuilder
                {
                    DataSource = next,
                    Mode = SqliteOpenMode.ReadOnly,
                    Pooling = false,
                }.ToString()
            );
            using var into = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = file, Pooling = false }.ToString());
            from.Open();
            into.Open();
            from.BackupDatabase(into);
            return aside;
        }
        finally
        {
            File.Delete(next);
        }
    }

    /// <summary>A checked copy in the current shape, beside the present file.</summary>
    private static string Prepared(string backup, string folder)
    {
        if (!File.Exists(backup))
        {
            throw new CannotUseFileException(FileWords.ThereIsNoFileBackup(backup));
        }

        FileCheck.Of(backup, DatabaseFile.Known());
        var next = Path.Combine(folder, $"{DatabaseFile.FileName}.next");
        try
        {
            File.Delete(next);
            DataFolder.Touch(next);
            Backups.Copy(backup, next);
            DatabaseFile.Shape(next);
            return next;
        }
        catch (Exception error) when (error is SqliteException or IOException or UnauthorizedAccessException)
        {
            File.Delete(next);
            throw new CannotUseFileException(
                DatabaseFile.IsDiskFull(error)
                    ? FileWords.ThereIsNoRoomForA
                    : FileWords.BackupCouldNotBeRestoredMessage(backup, error.Message),
                error
            );
        }
    }

    /// <summary>Moves the present file, and a log that is left beside it, out of the way.</summary>
    private static string Aside(string file, string folder, DateTimeOffset now)
    {
        try
        {
            FileCheck.Of(file, DatabaseFile.Known());
            var aside = Backups.Of(folder).Make(file, BackupKind.Aside, now);
            foreach (var left in (string[])[$"{file}-wal", $"{file}-shm"])
            {
                File.Delete(left);
            }

            return aside;
        }
        catch (Exception error) when (error is SqliteException or CannotUseFileException or FileNotFoundException)
        {
            // It cannot be used, perhaps the reason for restoring: all of it is kept as it is.
            var damaged = Path.Combine(folder, $"aside-{now.UtcDateTime:yyyyMMdd-HHmmss-fff}");
            DataFolder.Make(damaged);
            foreach (var each in (string[])[file, $"{file}-wal", $"{file}-shm"])
            {
                if (File.Exists(each))
                {
                    File.Move(each, Path.Combine(damaged, Path.GetFileName(each)));
                }
            }

            return damaged;
        }
    }
}
