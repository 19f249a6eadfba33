using System.Text.RegularExpressions;

namespace Kamuri.Core.Tests.Texts;

/// <summary>What holds of every text of the core, whatever it says.</summary>
public sealed partial class CatalogueTests
{
    private static readonly IReadOnlyList<CatalogueText> All = [.. Catalogues.Of(typeof(Say).Assembly)];

    [Fact]
    public void Every_part_of_a_sentence_is_filled()
    {
        Assert.True(All.Count > 500, $"{All.Count} texts");
        foreach (var text in All)
        {
            Assert.All(text.Parts, part => Assert.Contains($"{{{part}}}", text.Template, StringComparison.Ordinal));
        }
    }

    [Fact]
    public void Sentences_stand_whole_and_end_as_sentences_do()
    {
        foreach (var text in All.Where(text => text.Template.Contains(". ", StringComparison.Ordinal)))
        {
            Assert.True(Whole().IsMatch(text.Template), $"{text.Id}: {text.Template}");
        }

        Assert.DoesNotContain(All, text => text.Template.StartsWith(' ') || text.Template.Contains("  ", StringComparison.Ordinal));
    }

    [Fact]
    public void Texts_do_not_come_back_under_another_name()
    {
        Assert.Empty(All.GroupBy(text => text.Id).Where(group => group.Count() > 1).Select(group => group.Key));
        Assert.Contains(All, text => text is { Area: "rules", Id: "RuleWords.LeaveOutStep" or "RuleWords.RinseCool" });
    }

    [GeneratedRegex(@"[.…?!:}]”?$", RegexOptions.ExplicitCapture)]
    private static partial Regex Whole();
}
