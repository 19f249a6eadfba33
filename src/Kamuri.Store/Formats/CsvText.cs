namespace Kamuri.Store.Formats;

/// <summary>Words of a household in a table: a spreadsheet must not take one that begins like a formula for one.</summary>
internal static class CsvText
{
    private const string Begins = "=+-@\t\r";

    /// <summary>As it is written: with a mark before what begins like a formula, or like such a mark.</summary>
    public static string? Out(string? text) =>
        text is { Length: > 0 } && (Begins.Contains(text[0], StringComparison.Ordinal) || IsMarked(text)) ? $"'{text}" : text;

    /// <summary>As it was meant.</summary>
    public static string In(string text) => IsMarked(text) ? text[1..] : text;

    private static bool IsMarked(string text) =>
        text.Length > 1 && text[0] == '\'' && (Begins.Contains(text[1], StringComparison.Ordinal) || text[1] == '\'');
}
