using System.Data.Common;
using System.Globalization;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;

namespace Kamuri.Store.Archives;

/// <summary>Reads and writes rows of a table as JSON, exactly as they stand in the file: also rows that no version can read.</summary>
internal static class TableRows
{
    public static readonly JsonWriterOptions Writing = new() { Indented = true, Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping };

    /// <summary>Writes rows as an array.</summary>
    /// <param name="connection">Open.</param>
    /// <param name="table">Which table.</param>
    /// <param name="where">A condition, with its parameters; null for all rows.</param>
    /// <param name="writer">Where to.</param>
    /// <returns>How many there are.</returns>
    public static int Write(
        SqliteConnection connection,
        ArchiveTable table,
        (string Sql, IReadOnlyList<object> Values)? where,
        Utf8JsonWriter writer
    )
    {
        using var command = connection.CreateCommand();
        var condition = where is { } only ? $" WHERE {only.Sql}" : "";
        command.CommandText = $"SELECT {Names(table.Columns)} FROM \"{table.Name}\"{condition} ORDER BY {Names(table.Order)}";
        foreach (var (value, at) in (where?.Values ?? []).Select((value, at) => (value, at)))
        {
            command.Parameters.AddWithValue($"$w{at}", value);
        }

        writer.WriteStartArray();
        using var reader = command.ExecuteReader();
        var rows = 0;
        for (; reader.Read(); rows++)
        {
            writer.WriteStartObject();
            for (var at = 0; at < table.Columns.Count; at++)
            {
                writer.WritePropertyName(table.Columns[at]);
                Write(reader, at, table.Documents.Contains(table.Columns[at]), writer);
            }

            writer.WriteEndObject();
        }

        writer.WriteEndArray();
        return rows;
    }

    /// <summary>A row as it is here, by the key of another; null when there is none.</summary>
    public static Dictionary<string, object?>? Find(
        SqliteConnection connection,
        ArchiveTable table,
        IReadOnlyDictionary<string, object?> row
    )
    {
        using var command = connection.CreateCommand();
        var condition = string.Join(" AND ", table.Key.Select((column, at) => $"\"{column}\" IS $k{at}"));
        command.CommandText = $"SELECT {Names(table.Columns)} FROM \"{table.Name}\" WHERE {condition} LIMIT 1";
        for (var at = 0; at < table.Key.Count; at++)
        {
            command.Parameters.AddWithValue($"$k{at}", row.GetValueOrDefault(table.Key[at]) ?? DBNull.Value);
        }

        using var reader = command.ExecuteReader();
        return reader.Read()
            ? Enumerable
                .Range(0, table.Columns.Count)
                .ToDictionary(at => table.Columns[at], at => reader.IsDBNull(at) ? null : reader.GetValue(at))
            : null;
    }

    public static void Insert(SqliteConnection connection, ArchiveTable table, IReadOnlyDictionary<string, object?> row)
    {
        using var command = connection.CreateCommand();
        var columns = row.Keys.ToList();
        command.CommandText =
            $"INSERT INTO \"{table.Name}\" ({Names(columns)}) VALUES ({string.Join(", ", columns.Select((_, at) => $"$v{at}"))})";
        Bind(command, columns, row);
        command.ExecuteNonQuery();
    }

    public static void Update(SqliteConnection connection, ArchiveTable table, IReadOnlyDictionary<string, object?> row)
    {
        using var command = connection.CreateCommand();
        var columns = row.Keys.ToList();
        command.CommandText =
            $"UPDATE \"{table.Name}\" SET {string.Join(", ", columns.Select((column, at) => $"\"{column}\" = $v{at}"))} "
            + $"WHERE {string.Join(" AND ", table.Key.Select(column => $"\"{column}\" IS $v{columns.IndexOf(column)}"))}";
        Bind(command, columns, row);
        command.ExecuteNonQuery();
    }

    /// <summary>A row of an archive as the file holds it.</summary>
    /// <exception cref="ArchiveException">It has columns or values no table has.</exception>
    public static Dictionary<string, object?> Read(ArchiveTable table, JsonElement element)
    {
        if (element.ValueKind != JsonValueKind.Object)
        {
            throw new ArchiveException(ArchiveWords.NotARow(table.Name));
        }

        var row = new Dictionary<string, object?>();
        foreach (var property in element.EnumerateObject())
        {
            if (!table.Columns.Contains(property.Name) || row.ContainsKey(property.Name))
            {
                throw new ArchiveException(ArchiveWords.NoSuchField(table.Name, property.Name));
            }

            object? value = property.Value.ValueKind switch
            {
                JsonValueKind.Null => (object?)null,
                JsonValueKind.String => property.Value.GetString(),
                // Each as its own kind: a moment counted in ticks is no double.
                JsonValueKind.Number when property.Value.TryGetInt64(out var whole) => whole,
                JsonValueKind.Number => property.Value.GetDouble(),
                JsonValueKind.Object or JsonValueKind.Array when table.Documents.Contains(property.Name) => property.Value.GetRawText(),
                _ => throw new ArchiveException(ArchiveWords.UnreadableField(property.Name, table.Name)),
            };
            row[property.Name] = value;
        }

        return table.Key.Where(column => !row.ContainsKey(column)).FirstOrDefault() is { } missing
            ? throw new ArchiveException(ArchiveWords.MissingField(table.Name, missing))
            : row;
    }

    /// <summary>Whether what is here and what is there say the same. How a document is laid out does not matter.</summary>
    public static bool AreSame(ArchiveTable table, IReadOnlyDictionary<string, object?> here, IReadOnlyDictionary<string, object?> there) =>
        there.All(pair =>
            (Text(here.GetValueOrDefault(pair.Key)), Text(pair.Value)) is var (ours, theirs)
            && (
                ours == theirs
                || (ours is not null && theirs is not null && table.Documents.Contains(pair.Key) && IsSameDocument(ours, theirs))
            )
        );

    private static bool IsSameDocument(string ours, string theirs)
    {
        try
        {
            return JsonNode.DeepEquals(JsonNode.Parse(ours), JsonNode.Parse(theirs));
        }
        catch (JsonException)
        {
            return false;
        }
    }

    private static string? Text(object? value) =>
        value switch
        {
            null or DBNull => null,
            double number => number.ToString("R", CultureInfo.InvariantCulture),
            IFormattable other => other.ToString(null, CultureInfo.InvariantCulture),
            _ => value.ToString(),
        };

    private static void Write(DbDataReader reader, int at, bool isDocument, Utf8JsonWriter writer)
    {
        switch (reader.IsDBNull(at) ? null : reader.GetValue(at))
        {
            case null:
                writer.WriteNullValue();
                break;
            case long whole:
                writer.WriteNumberValue(whole);
                break;
            case double number when double.IsFinite(number):
                writer.WriteNumberValue(number);
                break;
            case string text when isDocument && IsDocument(text):
                writer.WriteRawValue(text);
                break;
            case var other:
                writer.WriteStringValue(Text(other));
                break;
        }
    }

    private static bool IsDocument(string text)
    {
        try
        {
            using var document = JsonDocument.Parse(text);
            return document.RootElement.ValueKind is JsonValueKind.Object or JsonValueKind.Array;
        }
        catch (JsonException)
        {
            return false;
        }
    }

    private static void Bind(SqliteCommand command, List<string> columns, IReadOnlyDictionary<string, object?> row)
    {
        for (var at = 0; at < columns.Count; at++)
        {
            command.Parameters.AddWithValue($"$v{at}", row[columns[at]] ?? DBNull.Value);
        }
    }

    private static string Names(IEnumerable<string> columns) => string.Join(", ", columns.Select(column => $"\"{column}\""));
}
