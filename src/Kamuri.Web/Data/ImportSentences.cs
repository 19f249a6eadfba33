using Kamuri.Store.Archives;

namespace Kamuri.Web.Data;

/// <summary>What an import comes to, in sentences.</summary>
internal static class ImportSentences
{
    /// <summary>What tables are called, for one and for many.</summary>
    private static readonly Dictionary<string, (string One, string Many)> Names = new()
    {
        ["heads"] = ("head", "heads"),
        ["sessions"] = (DataWords.WashDay, DataWords.WashDays),
        ["session_events"] = (DataWords.EntryInTheirLogs, DataWords.EntriesInTheirLogs),
        ["products"] = ("product", "products"),
        ["ratings"] = ("rating", "ratings"),
        ["takings"] = (DataWords.AmountThatWasUsed, DataWords.AmountsThatWereUsed),
        ["formulas"] = ("formula", "formulas"),
        ["batches"] = ("jar", "jars"),
        ["patch_tests"] = (DataWords.PatchTest, DataWords.PatchTests),
        ["known_ingredients"] = (DataWords.IngredientAHeadHasHad, DataWords.IngredientsHeadsHaveHad),
        ["planned_days"] = (DataWords.PlannedDay, DataWords.PlannedDays),
        ["templates"] = (DataWords.SavedPlan, DataWords.SavedPlans),
        ["figures"] = (DataWords.CraftFigureOfYourOwn, DataWords.CraftFiguresOfYourOwn),
        ["taught_names"] = (DataWords.NameYouTaughtTheLabelReader, DataWords.NamesYouTaughtTheLabelReader),
        ["household"] = (DataWords.SetOfHouseSettings, DataWords.SetsOfHouseSettings),
        ["session_summaries"] = (DataWords.DayInTheRecord, DataWords.DaysInTheRecord),
    };

    /// <summary>A number of rows of a table: "3 heads".</summary>
    public static string Count(string table, int rows)
    {
        var (one, many) = Names.GetValueOrDefault(table, (table, table));
        return Say.Count(rows, one, many);
    }

    /// <summary>The whole of it, a sentence a line.</summary>
    public static IReadOnlyList<string> Of(ImportPreview preview, bool theirs)
    {
        List<string> lines = [];
        Add("New", table => table.Comes);
        Add(theirs ? DataWords.ChangedToWhatTheArchiveSays : DataWords.DifferentKeptAsItIsHere, table => table.Changes);
        Add(DataWords.AlreadyHere, table => table.Same);
        lines.AddRange(
            preview.Tables.SelectMany(table =>
                table.Collides.Select(what =>
                    table.Table == "templates" ? DataWords.ThereIsAlreadyASavedPlan(what) : DataWords.ADayThatHasNotEnded
                )
            )
        );
        return lines.Count == 0 ? [DataWords.ThisArchiveIsEmpty] : lines;

        void Add(string what, Func<TableImport, int> count)
        {
            var parts = preview.Tables.Where(table => count(table) > 0).Select(table => Count(table.Table, count(table))).ToList();
            if (parts.Count > 0)
            {
                lines.Add(DataWords.WhatParts(what, string.Join(", ", parts)));
            }
        }
    }
}
