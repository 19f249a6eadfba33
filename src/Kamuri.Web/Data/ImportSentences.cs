using Kamuri.Store.Archives;

namespace Kamuri.Web.Data;

/// <summary>What an import comes to, in sentences.</summary>
internal static class ImportSentences
{
    /// <summary>What tables are called, for one and for many.</summary>
    private static readonly Dictionary<string, (string One, string Many)> Names = new()
    {
        ["heads"] = ("head", "heads"),
        ["sessions"] = ("wash day", "wash days"),
        ["session_events"] = ("entry in their logs", "entries in their logs"),
        ["products"] = ("product", "products"),
        ["ratings"] = ("rating", "ratings"),
        ["takings"] = ("amount that was used", "amounts that were used"),
        ["formulas"] = ("formula", "formulas"),
        ["batches"] = ("jar", "jars"),
        ["patch_tests"] = ("patch test", "patch tests"),
        ["known_ingredients"] = ("ingredient a head has had", "ingredients heads have had"),
        ["planned_days"] = ("planned day", "planned days"),
        ["templates"] = ("saved plan", "saved plans"),
        ["figures"] = ("craft figure of your own", "craft figures of your own"),
        ["taught_names"] = ("name you taught the label reader", "names you taught the label reader"),
        ["household"] = ("set of house settings", "sets of house settings"),
        ["session_summaries"] = ("day in the record", "days in the record"),
    };

    /// <summary>A number of rows of a table: "3 heads".</summary>
    public static string Count(string table, int rows)
    {
        var (one, many) = Names.GetValueOrDefault(table, (table, table));
        return rows == 1 ? $"1 {one}" : $"{rows} {many}";
    }

    /// <summary>The whole of it, a sentence a line.</summary>
    public static IReadOnlyList<string> Of(ImportPreview preview, bool theirs)
    {
        List<string> lines = [];
        Add("New", table => table.Comes);
        Add(theirs ? "Changed to what the archive says" : "Different here, and kept as it is here", table => table.Changes);
        Add("Here already", table => table.Same);
        lines.AddRange(
            preview.Tables.SelectMany(table =>
                table.Collides.Select(what =>
                    table.Table == "templates"
                        ? $"A saved plan called “{what}” is here already. The other one comes under a new name."
                        : "A day that has not ended was left out: its head is in another one here."
                )
            )
        );
        return lines.Count == 0 ? ["There is nothing in this archive."] : lines;

        void Add(string what, Func<TableImport, int> count)
        {
            var parts = preview.Tables.Where(table => count(table) > 0).Select(table => Count(table.Table, count(table))).ToList();
            if (parts.Count > 0)
            {
                lines.Add($"{what}: {string.Join(", ", parts)}.");
            }
        }
    }
}
