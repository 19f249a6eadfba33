using System.Runtime.CompilerServices;
using System.Text.RegularExpressions;

namespace Kamuri.Core.Tests.Texts;

/// <summary>No sentence stands outside a catalogue, where nobody would read it together with its kin.</summary>
public sealed partial class StrayTextTests
{
    /// <summary>Catalogues, data that is made of words, formats for machines, and what only developers or logs see.</summary>
    private static readonly string[] May =
    [
        "Words.cs",
        "Errors.cs",
        "StepCatalogue.",
        "Cautions/Caution.cs",
        "Heads/SchoolCatalogue.cs",
        "Mixing/FormulaCatalogue.cs",
        "Mixing/Material.cs",
        "Figures/FigureCatalogue.",
        "Kamuri.Store/Documents/",
        "Kamuri.Web/Demo/",
        "Labels/IngredientDictionary.cs",
        "Plans/PlanExamples.cs",
        "Migrations/",
    ];

    [Fact]
    public void Every_sentence_stands_in_a_catalogue()
    {
        var stray = Directory
            .EnumerateFiles(Sources(), "*.cs", SearchOption.AllDirectories)
            .Select(file => (file, name: Path.GetRelativePath(Sources(), file).Replace('\\', '/')))
            .Where(each => !each.name.Contains("/obj/", StringComparison.Ordinal) && !each.name.Contains("/bin/", StringComparison.Ordinal))
            .Where(each => !May.Any(part => each.name.Contains(part, StringComparison.Ordinal)))
            .SelectMany(each => File.ReadLines(each.file).Select((line, at) => (where: $"{each.name}:{at + 1}", line)))
            .Where(each => Sentence().IsMatch(each.line) && !ForDevelopers().IsMatch(each.line))
            .Select(each => $"{each.where} {each.line.Trim()}");

        Assert.Empty(stray);
    }

    [Fact]
    public void No_line_is_over_140_columns() =>
        Assert.Empty(
            from root in new[] { "src", "tests", "bench" }
            from file in Directory.EnumerateFiles(Path.Combine(Sources(), "..", root), "*.cs", SearchOption.AllDirectories)
            let path = file.Replace('\\', '/')
            where !path.Contains("/obj/", StringComparison.Ordinal) && !path.Contains("/Migrations/", StringComparison.Ordinal)
            from line in File.ReadLines(file).Select((text, at) => (text, at))
            where line.text.Length > 140
            select $"{path}:{line.at + 1}"
        );

    private static string Sources([CallerFilePath] string here = "") =>
        Path.GetFullPath(Path.Combine(Path.GetDirectoryName(here)!, "../../../src"));

    /// <summary>A literal that begins as a sentence does and ends as one.</summary>
    [GeneratedRegex(@"^[^/]*""[A-Z“{][^""]*[a-z}]+ [a-z][^""]*[.?!…]""", RegexOptions.ExplicitCapture)]
    private static partial Regex Sentence();

    /// <summary>Comments, descriptions of the API, logs, and exceptions that a mistake in the code throws.</summary>
    [GeneratedRegex(
        @"^\s*//|Log(Warning|Information|Error)|WithSummary|WithDescription|Description\("
            + @"|(Argument|InvalidOperation|Unreachable|OperationCanceled)\w*Exception|document\.Info|SELECT|PRAGMA",
        RegexOptions.ExplicitCapture
    )]
    private static partial Regex ForDevelopers();
}
