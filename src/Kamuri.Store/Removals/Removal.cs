using System.Text;
using System.Text.Json;
using Kamuri.Store.Archives;
using Kamuri.Store.Household;
using Kamuri.Store.Sessions;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Store.Removals;

/// <summary>What goes when something is deleted for good.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Rows">How many rows of each table go.</param>
/// <param name="SharedDays">Days that others were in too: they stay, without what belonged to this head.</param>
public sealed record RemovalPreview(string Name, IReadOnlyDictionary<string, int> Rows, int SharedDays);

/// <summary>
/// Deletes a head or a session with everything of it. What went is kept for a while in one piece, so that it can be brought back just
/// as it was.
/// </summary>
public static class Removal
{
    /// <summary>How long it can be brought back.</summary>
    public static readonly TimeSpan KeptFor = TimeSpan.FromDays(7);

    private sealed record Part(ArchiveTable Table, string Where, IReadOnlyList<object> Values);

    /// <summary>What would go with a head; null when there is none.</summary>
    public static RemovalPreview? OfHead(KamuriDb db, Guid id)
    {
        if (HeadName(db, id) is not { } name)
        {
            return null;
        }

        var days = Days(db, id);
        return new RemovalPreview(name, Count(db, HeadParts(db, id, days.Own)), days.Shared.Count);
    }

    /// <summary>What would go with a session; null when there is none.</summary>
    public static RemovalPreview? OfSession(KamuriDb db, Guid id) =>
        db.Sessions.Any(row => row.Id == id) ? new RemovalPreview(NameOf(db, id), Count(db, SessionParts(db, [id])), 0) : null;

    /// <summary>Deletes a head with all that is only its own.</summary>
    /// <returns>What to bring it back by, and the sessions that went.</returns>
    public static (Guid Removed, IReadOnlyList<Guid> Sessions) Head(KamuriDb db, Guid id, DateTimeOffset now)
    {
        var days = Days(db, id).Own;
        return (Remove(db, "head", HeadName(db, id)!, HeadParts(db, id, days), now), days);
    }

    /// <summary>Deletes a session; what it took from the shelf stays taken.</summary>
    /// <returns>What to bring it back by.</returns>
    public static Guid Session(KamuriDb db, Guid id, DateTimeOffset now)
    {
        var heads = db.SessionSummaries.Where(row => row.SessionId == id).Select(row => row.HeadId).ToList();
        var removed = Remove(db, "session", NameOf(db, id), SessionParts(db, [id]), now);
        LastDays.RecallAsync(db, heads, CancellationToken.None).GetAwaiter().GetResult();
        return removed;
    }

    /// <summary>Brings back what was deleted; false when it is no longer kept.</summary>
    public static bool Undo(KamuriDb db, Guid removed)
    {
        if (db.Removed.AsNoTracking().FirstOrDefault(row => row.Id == removed) is not { } row)
        {
            return false;
        }

        var heads = new List<Guid>();
        InTransaction(db, connection =>
        {
            using var rows = JsonDocument.Parse(row.RowsJson);
            foreach (var part in rows.RootElement.EnumerateObject())
            {
                var table = ArchiveTable.Named(db, part.Name);
                foreach (
                    var values in part
                        .Value.EnumerateArray()
                        .Select(element => TableRows.Read(table, element))
                        .Where(values => TableRows.Find(connection, table, values) is null)
                )
                {
                    TableRows.Insert(connection, table, values);
                    if (table.Name == "session_summaries")
                    {
                        heads.Add(Guid.Parse(values["HeadId"]!.ToString()!));
                    }
                }
            }

            db.Removed.Where(each => each.Id == removed).ExecuteDelete();
        });
        LastDays.RecallAsync(db, heads, CancellationToken.None).GetAwaiter().GetResult();
        return true;
    }

    /// <summary>Lets go of what has been kept long enough.</summary>
    public static void Forget(KamuriDb db, DateTimeOffset now)
    {
        var before = (now - KeptFor).UtcTicks;
        db.Removed.Where(row => row.RemovedUtcTicks < before).ExecuteDelete();
    }

    private static Guid Remove(KamuriDb db, string what, string name, IReadOnlyList<Part> parts, DateTimeOffset now)
    {
        var row = new RemovedRow
        {
            Id = Guid.CreateVersion7(),
            What = what,
            Name = name,
            RemovedUtcTicks = now.UtcTicks,
        };
        InTransaction(db, connection =>
        {
            row.RowsJson = Slice(connection, parts);
            // Those that others refer to last.
            foreach (var part in parts.Reverse())
            {
                using var command = connection.CreateCommand();
                command.CommandText = $"DELETE FROM \"{part.Table.Name}\" WHERE {part.Where}";
                Bind(command, part);
                command.ExecuteNonQuery();
            }

            db.Add(row);
            db.SaveChanges();
        });
        return row.Id;
    }

    private static string Slice(SqliteConnection connection, IEnumerable<Part> parts)
    {
        using var stream = new MemoryStream();
        using (var writer = new Utf8JsonWriter(stream, TableRows.Writing))
        {
            writer.WriteStartObject();
            foreach (var part in parts)
            {
                writer.WritePropertyName(part.Table.Name);
                TableRows.Write(connection, part.Table, (part.Where, part.Values), writer);
            }

            writer.WriteEndObject();
        }

        return Encoding.UTF8.GetString(stream.ToArray());
    }

    private static void InTransaction(KamuriDb db, Action<SqliteConnection> act)
    {
        db.Database.OpenConnection();
        var connection = (SqliteConnection)db.Database.GetDbConnection();
        using var all = connection.BeginTransaction();
        db.Database.UseTransaction(all);
        try
        {
            act(connection);
            all.Commit();
        }
        finally
        {
            db.Database.UseTransaction(null);
        }
    }

    private static string? HeadName(KamuriDb db, Guid id) =>
        db.Heads.AsNoTracking().Where(row => row.Id == id).Select(row => row.Name).FirstOrDefault();

    private static List<Part> HeadParts(KamuriDb db, Guid id, IReadOnlyList<Guid> own)
    {
        List<Part> parts = [Of(db, "heads", "Id = $w0", id)];
        parts.AddRange(
            ((string[])["ratings", "patch_tests", "known_ingredients", "planned_days"]).Select(table => Of(db, table, "HeadId = $w0", id))
        );
        parts.AddRange(SessionParts(db, own, id));
        return parts;
    }

    private static List<Part> SessionParts(KamuriDb db, IReadOnlyList<Guid> sessions, Guid? head = null)
    {
        var names = string.Join(", ", sessions.Select((_, at) => $"$w{at}"));
        var ids = sessions.Cast<object>().ToArray();
        // Of days that others were in too only what belongs to this head goes.
        var (also, values) = head is { } one ? ($" OR HeadId = $w{ids.Length}", ids.Append(one).ToArray()) : ("", ids);
        return
        [
            Of(db, "sessions", $"Id IN ({names})", ids),
            Of(db, "session_events", $"SessionId IN ({names})", ids),
            Of(db, "session_summaries", $"SessionId IN ({names}){also}", values),
            Of(db, "takings", $"SessionId IN ({names}){also}", values),
        ];
    }

    private static Part Of(KamuriDb db, string table, string where, params object[] values) =>
        // Ids stand in the file as EF writes them.
        new(ArchiveTable.Named(db, table), where, [.. values.Select(value => value is Guid id ? id.ToString().ToUpperInvariant() : value)]);

    /// <summary>Days of a head alone, and days that others were in too.</summary>
    private static (List<Guid> Own, List<Guid> Shared) Days(KamuriDb db, Guid head)
    {
        var days = db
            .SessionSummaries.AsNoTracking()
            .Where(row => row.HeadId == head)
            .Select(row => row.SessionId)
            .Distinct()
            .Select(id => new { id, IsShared = db.SessionSummaries.Any(other => other.SessionId == id && other.HeadId != head) })
            .ToList();
        // A day that could not be summed up is known by its first head alone.
        var unread = db
            .Sessions.Where(row => row.HeadId == head && !db.SessionSummaries.Any(other => other.SessionId == row.Id))
            .Select(row => row.Id)
            .ToList();
        return (
            [.. days.Where(day => !day.IsShared).Select(day => day.id), .. unread],
            [.. days.Where(day => day.IsShared).Select(day => day.id)]
        );
    }

    private static string NameOf(KamuriDb db, Guid session)
    {
        var rows = db
            .SessionSummaries.AsNoTracking()
            .Where(row => row.SessionId == session)
            .OrderBy(row => row.Key)
            .Select(row => new { row.HeadName, row.StartedUtcTicks })
            .ToList();
        var zone = db.Households.AsNoTracking().SingleOrDefault()?.Zone ?? TimeZoneInfo.Local;
        if (rows.Count == 0)
        {
            return "A day that cannot be read";
        }

        var started = TimeZoneInfo.ConvertTime(new DateTimeOffset(rows[0].StartedUtcTicks, TimeSpan.Zero), zone);
        return $"{Say.List([.. rows.Select(row => row.HeadName)])}, {started:d MMMM yyyy}";
    }

    private static Dictionary<string, int> Count(KamuriDb db, IEnumerable<Part> parts)
    {
        db.Database.OpenConnection();
        var counts = new Dictionary<string, int>();
        foreach (var part in parts)
        {
            using var command = ((SqliteConnection)db.Database.GetDbConnection()).CreateCommand();
            command.CommandText = $"SELECT count(*) FROM \"{part.Table.Name}\" WHERE {part.Where}";
            Bind(command, part);
            counts[part.Table.Name] = (int)(long)command.ExecuteScalar()!;
        }

        return counts;
    }

    private static void Bind(SqliteCommand command, Part part)
    {
        foreach (var (value, at) in part.Values.Select((value, at) => (value, at)))
        {
            command.Parameters.AddWithValue($"$w{at}", value);
        }
    }
}
