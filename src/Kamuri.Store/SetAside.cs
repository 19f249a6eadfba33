using System.Collections.Concurrent;
using Kamuri.Store.Documents;
using Microsoft.Extensions.Logging;

namespace Kamuri.Store;

/// <summary>A row that cannot be read by this version.</summary>
/// <param name="Table">The table it stands in.</param>
/// <param name="Id">Its id there.</param>
/// <param name="Why">What is wrong with it, in a sentence.</param>
public sealed record SetAsideRow(string Table, string Id, string Why);

/// <summary>
/// Rows that could not be read. They are left out of every answer and stay in the file as they are, so that a version that can read
/// them finds them again; an export takes them along.
/// </summary>
public sealed partial class SetAside(ILogger<SetAside>? log = null)
{
    private readonly ConcurrentDictionary<(string Table, string Id), string> _rows = [];

    /// <summary>Every row that was found so far.</summary>
    public IReadOnlyList<SetAsideRow> Rows =>
        [.. _rows.Select(row => new SetAsideRow(row.Key.Table, row.Key.Id, row.Value)).OrderBy(row => row.Table).ThenBy(row => row.Id)];

    /// <summary>Whether a row was found to be unreadable.</summary>
    public bool Has(string table, object id) => _rows.ContainsKey((table, id.ToString()!));

    /// <summary>Forgets what was found, as the file is another now.</summary>
    public void Forget() => _rows.Clear();

    /// <summary>Reads rows and leaves out those that cannot be read.</summary>
    /// <param name="table">Where they stand.</param>
    /// <param name="rows">The rows.</param>
    /// <param name="id">What one is called by.</param>
    /// <param name="read">May throw <see cref="UnreadableDocumentException"/>.</param>
    public List<(TRow Row, T Read)> Read<TRow, T>(string table, IEnumerable<TRow> rows, Func<TRow, object> id, Func<TRow, T> read)
    {
        var all = new List<(TRow, T)>();
        foreach (var row in rows)
        {
            if (TryRead(table, id(row), () => read(row), out var value))
            {
                all.Add((row, value));
            }
        }

        return all;
    }

    /// <summary>Reads one row; false when it cannot be read.</summary>
    public bool TryRead<T>(string table, object id, Func<T> read, out T value)
    {
        try
        {
            value = Get(table, id, read);
            return true;
        }
        catch (UnreadableDocumentException)
        {
            value = default!;
            return false;
        }
    }

    /// <summary>Reads the one row that was asked for.</summary>
    /// <exception cref="UnreadableDocumentException">It cannot be read, and is set aside.</exception>
    public T Get<T>(string table, object id, Func<T> read)
    {
        var row = (table, id.ToString()!);
        try
        {
            var value = read();
            _rows.TryRemove(row, out _);
            return value;
        }
        catch (UnreadableDocumentException error)
        {
            if (_rows.TryAdd(row, error.Message) && log is not null)
            {
                // What exactly it stumbled over is for whoever looks after the file; the page says what to do.
                LogSetAside(log, table, row.Item2, (error.InnerException ?? error).Message);
            }

            throw;
        }
    }

    [LoggerMessage(Level = LogLevel.Warning, Message = "Set aside {Id} of {Table}: {Why}")]
    private static partial void LogSetAside(ILogger log, string table, string id, string why);
}
