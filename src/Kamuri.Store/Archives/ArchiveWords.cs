namespace Kamuri.Store.Archives;

/// <summary>What is said about archives.</summary>
[Texts("archives")]
internal static class ArchiveWords
{
    // Archive
    public const string ThisIsNotAnArchiveOf = "This is not an archive of Kamuri, or a part of it is missing.";

    public static string ThisIsNotAnArchiveOf2(string entries, string MostEntries) =>
        $"This is not an archive of Kamuri: it contains {entries} files, and an archive has at most {MostEntries}.";

    public static string ThisIsNotAnArchiveOf3(string shorten) => $"This is not an archive of Kamuri: it contains a file called {shorten}.";

    public const string ThisArchiveUnpacksToMoreThan = "This archive unpacks to more than any household needs. It was not unpacked.";
    public const string ThisIsNotAnArchiveOf4 = "This is not an archive of Kamuri: it has no manifest.";
    public const string ThisIsNotAnArchiveOf5 = "This is not an archive of Kamuri.";
    public const string ThisArchiveWasMadeByA = "This archive was made by a newer Kamuri. Update Kamuri, then try again.";

    public static string TheArchiveIsDamagedTableJson(string table) => $"The archive is damaged: {table}.json cannot be read.";

    // ArchiveImport
    public static string TheArchiveIsDamagedItsParts(string message) =>
        $"The archive is damaged: its parts do not fit together ({message}).";

    public const string ADayThatHasNotEnded = "a day that has not ended";

    public static string TheArchiveIsDamagedSomethingIn(string getString, string getString2) =>
        $"The archive is damaged: something in {getString} belongs to something in {getString2} that is missing.";

    // LimitedStream
    public const string ItUnpacksToMoreThanIt = "It unpacks to more than it says.";

    public static string NotARow(string table) => $"The archive is damaged: an entry in {table}.json is not a row.";

    public static string NoSuchField(string table, string field) => $"This version cannot read the archive: {table} has no field {field}.";

    public static string UnreadableField(string field, string table) => $"The archive is damaged: {field} in {table}.json cannot be read.";

    public static string MissingField(string table, string field) => $"The archive is damaged: a row in {table}.json has no {field}.";
}
