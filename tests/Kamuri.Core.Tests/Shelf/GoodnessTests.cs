using Kamuri.Core.Shelf;

namespace Kamuri.Core.Tests.Shelf;

public class GoodnessTests
{
    [Theory]
    [InlineData("2025-09-14", 6, "Use it today.")]
    [InlineData("2025-09-13", 6, "Expired 1 day ago.")]
    [InlineData("2025-08-31", 6, "Expired 14 days ago.")]
    [InlineData("2025-09-15", 6, "Good for 1 day.")]
    [InlineData("2026-03-01", 12, "Good until 1 March 2027.")]
    [InlineData(null, 6, "")]
    [InlineData("2025-09-15", null, "")]
    public void It_is_good_for_its_months_after_opening(string? opened, int? months, string sentence)
    {
        var good = Goodness.Of(opened is null ? null : DateOnly.Parse(opened, null), months, Given.Today);

        Assert.Equal(sentence, good.Sentence);
        Assert.Equal(sentence.StartsWith("Expired", StringComparison.Ordinal), good.IsPast);
    }
}
