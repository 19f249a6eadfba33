using System.Buffers.Binary;
using Microsoft.Data.Sqlite;

namespace Kamuri.Store.Files;

/// <summary>Looks at a household's file before anything is done with it. Only reads.</summary>
public static class FileCheck
{
    private const int HeaderBytes = 100;

    /// <summary>Whether this version can use a file.</summary>
    /// <param name="file">The file.</param>
    /// <param name="known">Names of all changes of shape this version knows.</param>
    /// <returns>Names of the changes of shape that the file still lacks.</returns>
    /// <exception cref="CannotUseFileException">It is no household's file, is damaged, or was written by a newer Kamuri.</exception>
    public static IReadOnlyList<string> Of(string file, IReadOnlyList<string> known)
    {
        Header(file);
        try
        {
            using var connection = new SqliteConnection(
                new SqliteConnectionStringBuilder
                {
                    DataSource = file,
                    Mode = SqliteOpenMode.ReadOnly,
                    Pooling = false,
                }.ToString()
            );
            connection.Open();
            if (Ask(connection, "PRAGMA quick_check(1)") is [var said] && said != "ok")
            {
                throw new CannotUseFileException(FileWords.FileIsDamagedSaidNothingWas(file, said));
            }

            if (
                Ask(connection, "SELECT name FROM sqlite_master WHERE type = 'table' AND name IN ('__EFMigrationsHistory', 'heads')").Count
                < 2
            )
            {
                throw new CannotUseFileException(FileWords.FileIsNotAHouseholdOf(file));
            }

            var applied = Ask(connection, "SELECT MigrationId FROM __EFMigrationsHistory");
            return applied.Except(known).FirstOrDefault() is { } unknown
                ? throw new CannotUseFileException(FileWords.FileWasWrittenByANewer(file, unknown))
                : [.. known.Except(applied)];
        }
        catch (SqliteException error) when (DatabaseFile.IsDiskFull(error))
        {
            throw new CannotUseFileException(FileWords.TheDiskWithFileIsFull(file), error);
        }
        catch (SqliteException error)
        {
            throw new CannotUseFileException(FileWords.FileCannotBeReadMessageNothing(file, error.Message), error);
        }
    }

    /// <summary>What can be told before SQLite touches the file: whether it is one at all, and whether a part of it is missing.</summary>
    private static void Header(string file)
    {
        var length = new FileInfo(file).Length;
        var log = new FileInfo($"{file}-wal");
        if (length == 0)
        {
            throw new CannotUseFileException(
                log is { Exists: true, Length: > 0 }
                    ? FileWords.FileIsEmptyButLogBeside(file, log.Name)
                    : FileWords.FileIsEmptyRestoreABackup(file)
            );
        }

        Span<byte> header = stackalloc byte[HeaderBytes];
        using (var stream = new FileStream(file, FileMode.Open, FileAccess.Read, FileShare.ReadWrite | FileShare.Delete))
        {
            if (
                stream.ReadAtLeast(header, HeaderBytes, throwOnEndOfStream: false) < HeaderBytes
                || !header[..16].SequenceEqual("SQLite format 3\0"u8)
            )
            {
                throw new CannotUseFileException(FileWords.FileIsNotAHouseholdOf(file));
            }
        }

        int size = BinaryPrimitives.ReadUInt16BigEndian(header[16..]);
        size = size == 1 ? 65536 : size;
        var isCounted = header[24..28].SequenceEqual(header[92..96]);
        if (isCounted && !log.Exists && length < (long)size * BinaryPrimitives.ReadUInt32BigEndian(header[28..]))
        {
            throw new CannotUseFileException(FileWords.PartOfFileIsMissingNothing(file));
        }
    }

    private static List<string> Ask(SqliteConnection connection, string sql)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        using var reader = command.ExecuteReader();
        var answers = new List<string>();
        while (reader.Read())
        {
            answers.Add(reader.GetString(0));
        }

        return answers;
    }
}
