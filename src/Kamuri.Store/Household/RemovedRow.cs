namespace Kamuri.Store.Household;

/// <summary>Something that was deleted with everything of it, kept for a while so that it can be brought back.</summary>
public sealed class RemovedRow
{
    public Guid Id { get; set; }

    /// <summary>"head" or "session".</summary>
    public string What { get; set; } = "";

    /// <summary>What it was called.</summary>
    public string Name { get; set; } = "";

    public long RemovedUtcTicks { get; set; }

    /// <summary>Its rows, table by table, as an archive holds them.</summary>
    public string RowsJson { get; set; } = "";
}

/// <summary>A row that was set aside and that somebody has been told of.</summary>
public sealed class ToldRow
{
    public string Table { get; set; } = "";
    public string RowId { get; set; } = "";
}
