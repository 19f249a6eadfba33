using System.IO.Compression;
using Kamuri.Core.Running;
using Kamuri.Store.Files;
using Kamuri.Store.Sessions;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Store.Archives;

/// <summary>What an archive would do to one table.</summary>
/// <param name="Table">The table.</param>
/// <param name="Comes">Rows that are not here yet.</param>
/// <param name="Same">Rows that are here just so.</param>
/// <param name="Changes">Rows that are here and say something else.</param>
/// <param name="Collides">Names of what cannot come as it is: a saved plan of a name that is taken, a running day of a head that is in
/// another.</param>
public sealed record TableImport(string Table, int Comes, int Same, int Changes, IReadOnlyList<string> Collides);

/// <summary>What an archive would do, or has done.</summary>
/// <param name="IntoEmpty">There was nothing here, so that all of it comes exactly as it is.</param>
public sealed record ImportPreview(DateTimeOffset MadeAt, bool IntoEmpty, IReadOnlyList<TableImport> Tables);

/// <summary>Takes an archive in: exactly into an empty household, by id into a full one.</summary>
public static class ArchiveImport
{
    /// <summary>Says what an archive would do, or does it. All of it happens, or nothing.</summary>
    /// <param name="db">The household.</param>
    /// <param name="stream">The archive; can be read at any place.</param>
    /// <param name="theirs">Where both say something else, what the archive says is taken; false keeps what is here.</param>
    /// <param name="isPreview">Only says it.</param>
    /// <exception cref="ArchiveException">It cannot be read; nothing was changed.</exception>
    public static ImportPreview Run(KamuriDb db, Stream stream, bool theirs, bool isPreview)
    {
        var (zip, manifest) = Archive.Open(stream);
        using (zip)
        {
            db.Database.OpenConnection();
            var connection = (SqliteConnection)db.Database.GetDbConnection();
            using var all = connection.BeginTransaction();
            db.Database.UseTransaction(all);
            try
            {
                Execute(connection, "PRAGMA defer_foreign_keys = ON");
                var tables = ArchiveTable.All(db);
                var isEmpty = tables.Where(table => table.Name is not ("household" or "figures")).All(table => IsEmpty(connection, table));
                if (isEmpty)
                {
                    foreach (var table in tables)
                    {
                        Execute(connection, $"DELETE FROM \"{table.Name}\"");
                    }
                }

                var known = isEmpty ? [] : Ids(connection, "sessions");
                var kept = new HashSet<string>();
                var finished = new Lazy<HashSet<string>>(() =>
                    [
                        .. Archive
                            .Rows(zip, tables.Single(table => table.Name == "session_events"))
                            .Where(row => row.GetValueOrDefault("Kind") is nameof(SessionFinished))
                            .Select(row => row["SessionId"]?.ToString() ?? ""),
                    ]
                );
                var done = tables
                    .Select(table => Take(connection, zip, table, theirs, finished, known, kept))
                    .Where(table => table.Comes + table.Same + table.Changes + table.Collides.Count > 0)
                    .ToList();
                Check(connection);
                if (!isPreview)
                {
                    // Days that came or changed are summed up anew.
                    Execute(connection, "DELETE FROM session_summaries WHERE SessionId NOT IN (SELECT Id FROM sessions)");
                    if (theirs)
                    {
                        Execute(connection, "DELETE FROM session_summaries");
                    }

                    SummaryFill.Fill(db);
                    all.Commit();
                }

                return new ImportPreview(manifest.MadeAt, isEmpty, done);
            }
            catch (SqliteException error) when (!DatabaseFile.IsDiskFull(error))
            {
                throw new ArchiveException(ArchiveWords.TheArchiveIsDamagedItsParts(error.Message), error);
            }
            finally
            {
                db.Database.UseTransaction(null);
            }
        }
    }

    private static TableImport Take(
        SqliteConnection connection,
        ZipArchive zip,
        ArchiveTable table,
        bool theirs,
        Lazy<HashSet<string>> finished,
        HashSet<string> knownSessions,
        HashSet<string> kept
    )
    {
        var (comes, same, changes, collides) = (0, 0, 0, new List<string>());
        foreach (var row in Archive.Rows(zip, table))
        {
            var parent = table.Of is { } of ? row.GetValueOrDefault(of.Column)?.ToString() ?? "" : null;
            if (parent is not null && kept.Contains(parent))
            {
                continue;
            }

            if (TableRows.Find(connection, table, row) is { } here)
            {
                if (TableRows.AreSame(table, here, row))
                {
                    same++;
                    continue;
                }

                changes++;
                if (theirs)
                {
                    TableRows.Update(connection, table, row);
                }
            }
            else if (parent is not null && knownSessions.Contains(parent))
            {
                // A day that is here already, to which something happened there.
                changes++;
                if (theirs)
                {
                    TableRows.Insert(connection, table, row);
                }
            }
            else if (Collision(connection, finished, table, row) is { } collision)
            {
                collides.Add(collision);
                if (table.Name == "sessions")
                {
                    kept.Add(row["Id"]!.ToString()!);
                }
                else
                {
                    row["Name"] = Free(connection, row["Name"]!.ToString()!);
                    TableRows.Insert(connection, table, row);
                }
            }
            else
            {
                comes++;
                TableRows.Insert(connection, table, row);
            }
        }

        return new TableImport(table.Name, comes, same, changes, collides);
    }

    /// <summary>What a new row cannot be beside, by name; null when it can come as it is.</summary>
    private static string? Collision(
        SqliteConnection connection,
        Lazy<HashSet<string>> finished,
        ArchiveTable table,
        Dictionary<string, object?> row
    )
    {
        if (table.Name == "templates" && row.GetValueOrDefault("Name")?.ToString() is { } name)
        {
            return Ask(connection, "SELECT count(*) FROM templates WHERE Name = $value", name) > 0 ? name : null;
        }

        // A day that has not ended cannot come while its head is in another one here.
        if (
            table.Name == "sessions"
            && row.GetValueOrDefault("HeadId")?.ToString() is { } head
            && Ask(connection, "SELECT count(*) FROM session_summaries WHERE HeadId = $value AND FinishedUtcTicks IS NULL", head) > 0
        )
        {
            return finished.Value.Contains(row["Id"]?.ToString() ?? "") ? null : ArchiveWords.ADayThatHasNotEnded;
        }

        return null;
    }

    private static string Free(SqliteConnection connection, string name)
    {
        for (var n = 2; ; n++)
        {
            var free = $"{name} ({n})";
            if (Ask(connection, "SELECT count(*) FROM templates WHERE Name = $value", free) == 0)
            {
                return free;
            }
        }
    }

    private static bool IsEmpty(SqliteConnection connection, ArchiveTable table) =>
        Ask(connection, $"SELECT count(*) FROM (SELECT 1 FROM \"{table.Name}\" LIMIT 1)", null) == 0;

    private static HashSet<string> Ids(SqliteConnection connection, string table)
    {
        using var command = connection.CreateCommand();
        command.CommandText = $"SELECT Id FROM \"{table}\"";
        using var reader = command.ExecuteReader();
        var ids = new HashSet<string>();
        while (reader.Read())
        {
            ids.Add(reader.GetString(0));
        }

        return ids;
    }

    /// <summary>References that lead nowhere would be refused at the end; saying it now names the archive and not the file.</summary>
    private static void Check(SqliteConnection connection)
    {
        using var command = connection.CreateCommand();
        command.CommandText = "PRAGMA foreign_key_check";
        using var reader = command.ExecuteReader();
        if (reader.Read())
        {
            throw new ArchiveException(ArchiveWords.TheArchiveIsDamagedSomethingIn(reader.GetString(0), reader.GetString(2)));
        }
    }

    private static long Ask(SqliteConnection connection, string sql, string? value)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        if (value is not null)
        {
            command.Parameters.AddWithValue("$value", value);
        }

        return (long)command.ExecuteScalar()!;
    }

    private static void Execute(SqliteConnection connection, string sql)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }
}
