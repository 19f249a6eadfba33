using Kamuri.Store.Archives;
using Kamuri.Store.Files;

namespace Kamuri.Web.Data;

/// <summary>What the one command does with a household's file without serving it: backup, restore, export, import.</summary>
internal static class DataCommands
{
    /// <summary>Does what the options ask for; null when they ask for a server.</summary>
    /// <returns>The exit code: 0 done, 1 it could not be done and a sentence said why.</returns>
    public static int? Run(IConfiguration configuration, string folder)
    {
        try
        {
            return configuration["backup"] is not null ? Backup(folder)
                : configuration["restore"] is { } backup ? Restore(backup, folder)
                : configuration["export"] is { } into ? Export(folder, into)
                : configuration["import"] is { } archive ? Import(archive, folder, configuration["take"] == "theirs")
                : null;
        }
        catch (Exception error) when (error is CannotUseFileException or ArchiveException)
        {
            Console.Error.WriteLine(error.Message);
            return 1;
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException or Microsoft.Data.Sqlite.SqliteException)
        {
            Console.Error.WriteLine(
                DatabaseFile.IsDiskFull(error) ? DataWords.TheDiskIsFullSoNothing : DataWords.ThisCouldNotBeDoneMessage(error.Message)
            );
            return 1;
        }
    }

    private static int Backup(string folder)
    {
        var file = There(folder);
        FileCheck.Of(file, DatabaseFile.Known());
        Console.WriteLine(Backups.Of(folder).Make(file, BackupKind.Manual, DateTimeOffset.UtcNow));
        return 0;
    }

    private static int Restore(string backup, string folder)
    {
        using var taken = DataFolder.Take(folder);
        var aside = Restoring.Restore(Path.GetFullPath(backup), folder, DateTimeOffset.UtcNow);
        Console.WriteLine(aside is null ? DataWords.Restored : DataWords.RestoredThePreviousHouseholdIsKept(aside));
        return 0;
    }

    private static int Export(string folder, string into)
    {
        var file = There(folder);
        DataFolder? taken = null;
        try
        {
            taken = DataFolder.Take(folder);
            DatabaseFile.Open(folder, DateTimeOffset.UtcNow);
        }
        catch (CannotUseFileException) when (taken is null)
        {
            // A server has it, and has brought it up to date.
            FileCheck.Of(file, DatabaseFile.Known());
        }

        using (taken)
        {
            var next = $"{into}.next";
            try
            {
                using (var db = DatabaseFile.Alone(file))
                using (var stream = new FileStream(next, FileMode.Create, FileAccess.ReadWrite))
                {
                    Archive.Write(db, stream, DateTimeOffset.UtcNow);
                }

                File.Move(next, into, overwrite: true);
            }
            finally
            {
                File.Delete(next);
            }
        }

        Console.WriteLine(Path.GetFullPath(into));
        return 0;
    }

    private static int Import(string archive, string folder, bool theirs)
    {
        if (!File.Exists(archive))
        {
            throw new ArchiveException(DataWords.ThereIsNoFileArchive(archive));
        }

        using var taken = DataFolder.Take(folder);
        var wasThere = DatabaseFile.IsThere(folder);
        DatabaseFile.Open(folder, DateTimeOffset.UtcNow);
        var file = Path.Combine(folder, DatabaseFile.FileName);
        using var stream = File.OpenRead(archive);
        using (var db = DatabaseFile.Alone(file))
        {
            var before = wasThere ? Backups.Of(folder).Make(file, BackupKind.Aside, DateTimeOffset.UtcNow) : null;
            foreach (var line in ImportSentences.Of(ArchiveImport.Run(db, stream, theirs, isPreview: false), theirs))
            {
                Console.WriteLine(line);
            }

            if (before is not null)
            {
                Console.WriteLine(DataWords.ThePreviousHouseholdIsKeptAt(before));
            }
        }

        DatabaseFile.Fold(file);
        return 0;
    }

    private static string There(string folder) =>
        DatabaseFile.IsThere(folder)
            ? Path.Combine(folder, DatabaseFile.FileName)
            : throw new CannotUseFileException(DataWords.ThereIsNoHouseholdInFolder(folder));
}
