using System.IO.Compression;
using System.Text;
using System.Text.Json;
using Kamuri.Store.Files;
using Kamuri.Store.Formats;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Store.Archives;

/// <summary>An archive cannot be read; the message says why. Nothing was changed.</summary>
public sealed class ArchiveException(string message, Exception? cause = null) : Exception(message, cause);

/// <summary>What an archive says of itself.</summary>
/// <param name="Format">Always <see cref="Archive.Format"/>.</param>
/// <param name="FormatVersion">Of the archive itself.</param>
/// <param name="Schema">The last change of shape of the tables in it.</param>
/// <param name="MadeAt">When it was made.</param>
/// <param name="Rows">Rows, by table.</param>
public sealed record ArchiveManifest(
    string Format,
    int FormatVersion,
    string Schema,
    DateTimeOffset MadeAt,
    IReadOnlyDictionary<string, int> Rows
);

/// <summary>
/// All of a household in one file: a zip of JSON, a file a table, with a manifest, and products and sessions as tables beside it.
/// Described in docs/formats.md.
/// </summary>
public static class Archive
{
    public const string Format = "kamuri-archive";
    public const int FormatVersion = 1;

    /// <summary>Largest archive that is taken in, in bytes as it is sent.</summary>
    public const long LargestFile = 256L * 1024 * 1024;

    private const string Manifest = "manifest.json";
    private const int MostEntries = 64;
    private const long LargestUnpacked = 2L * 1024 * 1024 * 1024;

    /// <summary>The same rows give the same bytes, but for the moment in the manifest.</summary>
    private static readonly DateTimeOffset AnyDay = new(2000, 1, 1, 0, 0, 0, TimeSpan.Zero);

    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        RespectRequiredConstructorParameters = true,
        RespectNullableAnnotations = true,
    };

    /// <summary>Writes everything there is, as it is at one moment.</summary>
    public static void Write(KamuriDb db, Stream into, DateTimeOffset now)
    {
        db.Database.OpenConnection();
        var connection = (SqliteConnection)db.Database.GetDbConnection();
        using var moment = connection.BeginTransaction(deferred: true);
        db.Database.UseTransaction(moment);
        try
        {
            Write(db, connection, into, now);
        }
        finally
        {
            db.Database.UseTransaction(null);
        }
    }

    private static void Write(KamuriDb db, SqliteConnection connection, Stream into, DateTimeOffset now)
    {
        using var zip = new ZipArchive(into, ZipArchiveMode.Create, leaveOpen: true, Encoding.UTF8);
        var rows = new SortedDictionary<string, int>(StringComparer.Ordinal);
        foreach (var table in ArchiveTable.All(db))
        {
            using var entry = Entry(zip, $"data/{table.Name}.json");
            using var writer = new Utf8JsonWriter(entry, TableRows.Writing);
            rows[table.Name] = TableRows.Write(connection, table, null, writer);
        }

        Text(
            zip,
            "csv/products.csv",
            ProductCsv.Write(db.Products.AsNoTracking().OrderBy(row => row.Id).AsEnumerable().Where(row => Enum.IsDefined(row.Role)))
        );
        Text(
            zip,
            "csv/sessions.csv",
            SessionCsv.Write(
                db.SessionSummaries.AsNoTracking().OrderBy(row => row.StartedUtcTicks).ThenBy(row => row.SessionId).ThenBy(row => row.Key)
            )
        );
        Text(
            zip,
            Manifest,
            JsonSerializer.Serialize(new ArchiveManifest(Format, FormatVersion, DatabaseFile.Known()[^1], now, rows), Json)
        );
    }

    /// <summary>Opens an archive for reading. Names, number and size of what is in it are checked before anything is unpacked.</summary>
    /// <param name="stream">Can be read at any place.</param>
    /// <exception cref="ArchiveException">It is no archive of Kamuri, a part is missing, or it was made by a newer one.</exception>
    public static (ZipArchive Zip, ArchiveManifest Manifest) Open(Stream stream)
    {
        if (EntriesIn(stream) is not { } entries)
        {
            throw new ArchiveException(ArchiveWords.ThisIsNotAnArchiveOf);
        }

        if (entries > MostEntries)
        {
            throw new ArchiveException(ArchiveWords.ThisIsNotAnArchiveOf2($"{entries}", $"{MostEntries}"));
        }

        ZipArchive? zip = null;
        try
        {
            stream.Position = 0;
            zip = new ZipArchive(stream, ZipArchiveMode.Read, leaveOpen: true, Encoding.UTF8);
            if (zip.Entries.FirstOrDefault(entry => !IsOurs(entry.FullName)) is { } foreign)
            {
                throw new ArchiveException(ArchiveWords.ThisIsNotAnArchiveOf3(Shorten(foreign.FullName)));
            }

            if (zip.Entries.Sum(entry => entry.Length) > LargestUnpacked)
            {
                throw new ArchiveException(ArchiveWords.ThisArchiveUnpacksToMoreThan);
            }

            using var text = Unpacked(zip, Manifest) ?? throw new ArchiveException(ArchiveWords.ThisIsNotAnArchiveOf4);
            var manifest = JsonSerializer.Deserialize<ArchiveManifest>(text, Json);
            if (manifest is not { Format: Format, FormatVersion: >= 1 })
            {
                throw new ArchiveException(ArchiveWords.ThisIsNotAnArchiveOf5);
            }

            return manifest.FormatVersion > FormatVersion || !DatabaseFile.Known().Contains(manifest.Schema)
                ? throw new ArchiveException(ArchiveWords.ThisArchiveWasMadeByA)
                : (zip, manifest);
        }
        catch (Exception error)
            when (error is InvalidDataException or JsonException or EndOfStreamException or NotSupportedException or IOException)
        {
            zip?.Dispose();
            throw new ArchiveException(ArchiveWords.ThisIsNotAnArchiveOf, error);
        }
        catch (ArchiveException)
        {
            zip?.Dispose();
            throw;
        }
    }

    /// <summary>The rows of a table in an archive, one after the other.</summary>
    /// <exception cref="ArchiveException">The archive is damaged.</exception>
    public static IEnumerable<Dictionary<string, object?>> Rows(ZipArchive zip, ArchiveTable table)
    {
        using var stream = Unpacked(zip, $"data/{table.Name}.json");
        if (stream is null)
        {
            // A table that came after the archive was made.
            yield break;
        }

        using var rows = JsonSerializer.DeserializeAsyncEnumerable<JsonElement>(stream).ToBlockingEnumerable().GetEnumerator();
        while (true)
        {
            try
            {
                if (!rows.MoveNext())
                {
                    yield break;
                }
            }
            catch (Exception error) when (error is JsonException or InvalidDataException or IOException)
            {
                throw new ArchiveException(ArchiveWords.TheArchiveIsDamagedTableJson(table.Name), error);
            }

            yield return TableRows.Read(table, rows.Current);
        }
    }

    private static bool IsOurs(string name) =>
        name is Manifest or "csv/products.csv" or "csv/sessions.csv"
        || (
            name.StartsWith("data/", StringComparison.Ordinal)
            && name.EndsWith(".json", StringComparison.Ordinal)
            && name["data/".Length..^".json".Length].All(letter => letter is (>= 'a' and <= 'z') or '_')
        );

    private static LimitedStream? Unpacked(ZipArchive zip, string name) =>
        zip.GetEntry(name) is { } entry ? new LimitedStream(entry.Open(), entry.Length) : null;

    private static Stream Entry(ZipArchive zip, string name)
    {
        var entry = zip.CreateEntry(name, CompressionLevel.Optimal);
        entry.LastWriteTime = AnyDay;
        return entry.Open();
    }

    private static void Text(ZipArchive zip, string name, string text)
    {
        using var entry = Entry(zip, name);
        entry.Write(Encoding.UTF8.GetBytes(text));
    }

    private static string Shorten(string name) => name.Length > 60 ? $"{name[..60]}…" : name;

    /// <summary>
    /// How many files a zip says it holds, by its last record; null when it has none. Reading a list of a million would cost before it
    /// could be refused.
    /// </summary>
    private static long? EntriesIn(Stream stream)
    {
        const int record = 22;
        var length = (int)Math.Min(stream.Length, record + ushort.MaxValue);
        var tail = new byte[length];
        stream.Position = stream.Length - length;
        stream.ReadExactly(tail);
        for (var at = length - record; at >= 0; at--)
        {
            if (tail.AsSpan(at, 4).SequenceEqual((ReadOnlySpan<byte>)[0x50, 0x4B, 0x05, 0x06]))
            {
                return BitConverter.ToUInt16(tail, at + 10);
            }
        }

        return null;
    }
}
