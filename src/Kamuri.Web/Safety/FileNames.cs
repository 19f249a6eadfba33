namespace Kamuri.Web.Safety;

/// <summary>Names of files that are downloaded.</summary>
internal static class FileNames
{
    /// <summary>A name in plain letters, without its ending.</summary>
    /// <param name="name">What it is called here.</param>
    /// <param name="otherwise">For a name without a plain letter.</param>
    public static string Of(string name, string otherwise) =>
        string.Concat(name.ToLowerInvariant().Select(letter => char.IsAsciiLetterOrDigit(letter) ? letter : '-')).Trim('-')
            is { Length: > 0 } plain
            ? plain
            : otherwise;
}
