using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata;

namespace Kamuri.Store.Archives;

/// <summary>A table as archives hold it.</summary>
/// <param name="Name">Of the table, and of its file.</param>
/// <param name="Columns">What is taken along; numbers that only this file gives out are not.</param>
/// <param name="Key">Columns by which a row here and a row there are the same.</param>
/// <param name="Order">What rows are sorted by.</param>
/// <param name="Documents">Columns that hold a document, written as it is and not as text.</param>
/// <param name="Of">The table whose rows these belong to, with the column that names it; null for rows that stand for themselves.</param>
public sealed record ArchiveTable(
    string Name,
    IReadOnlyList<string> Columns,
    IReadOnlyList<string> Key,
    IReadOnlyList<string> Order,
    IReadOnlySet<string> Documents,
    (string Table, string Column)? Of
)
{
    /// <summary>What is computed from other tables, or concerns this file alone.</summary>
    private static readonly HashSet<string> LeftOut = ["session_summaries", "removed", "told"];

    /// <summary>Documents whose column is not called so.</summary>
    private static readonly HashSet<string> HeadDocuments =
    [
        "Wear",
        "Schools",
        "ChemicalHistory",
        "Scalp",
        "FragileZones",
        "Sensitivities",
        "Goals",
    ];

    /// <summary>Every table, those others refer to first.</summary>
    public static IReadOnlyList<ArchiveTable> All(DbContext db) =>
        [
            .. db
                .Model.GetEntityTypes()
                .Where(type => !LeftOut.Contains(type.GetTableName()!))
                .OrderBy(Depth)
                .ThenBy(type => type.GetTableName(), StringComparer.Ordinal)
                .Select(Read),
        ];

    /// <summary>One table by its name, also one that archives leave out.</summary>
    public static ArchiveTable Named(DbContext db, string name) =>
        Read(db.Model.GetEntityTypes().Single(type => type.GetTableName() == name));

    private static int Depth(IEntityType type) =>
        type.GetForeignKeys()
            .Select(key => key.PrincipalEntityType)
            .Where(principal => principal != type)
            .Select(principal => Depth(principal) + 1)
            .DefaultIfEmpty(0)
            .Max();

    private static ArchiveTable Read(IEntityType type)
    {
        var name = type.GetTableName()!;
        var generated = type.FindPrimaryKey()!
            .Properties.Where(property => property.ValueGenerated == ValueGenerated.OnAdd && property.ClrType == typeof(long))
            .Select(Column)
            .ToList();
        var columns = type.GetProperties().Select(Column).Except(generated).Order(StringComparer.Ordinal).ToList();
        var key = name switch
        {
            "session_events" => ["SessionId", "EventId"],
            "takings" => ["SessionId", "HeadId", "StepId", "Name", "ProductId", "BatchId", "IsWhole"],
            _ => type.FindPrimaryKey()!.Properties.Select(Column).ToList(),
        };
        return new ArchiveTable(
            name,
            columns,
            key,
            generated.Count > 0 ? generated : key,
            columns
                .Where(column => column.EndsWith("Json", StringComparison.Ordinal) || (name == "heads" && HeadDocuments.Contains(column)))
                .ToHashSet(),
            columns.Contains("SessionId") ? ("sessions", "SessionId") : null
        );
    }

    private static string Column(IProperty property) => property.GetColumnName();
}
