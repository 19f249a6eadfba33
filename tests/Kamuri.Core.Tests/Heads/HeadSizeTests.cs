using Kamuri.Core.Heads;
using Kamuri.Core.Rhythm;

namespace Kamuri.Core.Tests.Heads;

public class HeadSizeTests
{
    [Theory]
    // 100 000 × 30 cm × π/4 × (70e-4 cm)² × 1.32 and 100 000 × 0.3 m × π × 70e-6 m, worked by hand.
    [InlineData(Density.Medium, StrandThickness.Medium, 30, 152.398, 6.5973)]
    [InlineData(Density.Low, StrandThickness.Fine, 20, 50.178, 2.7646)]
    [InlineData(Density.High, StrandThickness.Coarse, 45, 491.245, 16.5405)]
    public void Size_follows_strands_length_and_diameter(
        Density density,
        StrandThickness strand,
        double length,
        double grams,
        double squareMetres
    )
    {
        var size = HeadSize.Of(Given.Head(length) with { Density = density, Strand = strand }, Given.Figures.Head);

        Assert.Equal(grams, size.Mass.Value, 0.05);
        Assert.Equal(squareMetres, size.Surface.Value, 0.001);
    }

    [Fact]
    public void Length_is_the_mean_of_the_four_zones()
    {
        var head = Given.Head() with { Lengths = new(new(20), new(40), new(30), new(34)) };

        Assert.Equal(31, HeadSize.Of(head, Given.Figures.Head).MeanLength.Value);
    }

    [Theory]
    [InlineData(AgeGroup.Adult, 650)]
    [InlineData(AgeGroup.SixToTwelve, 500)]
    [InlineData(AgeGroup.UnderSix, 400)]
    public void Scalp_goes_by_age(AgeGroup age, double squareCentimetres) =>
        Assert.Equal(squareCentimetres, HeadSize.Of(Given.Head() with { AgeGroup = age }, Given.Figures.Head).Scalp.Value);

    [Fact]
    public void Working_shows_every_factor_and_the_result()
    {
        var size = HeadSize.Of(Given.Head(), Given.Figures.Head);

        Assert.Equal("100\u202f000 strands × 30\u00a0cm × π/4 × (70 µm)² × 1.32 g/cm³ = 152 g", size.MassWorking);
    }

    [Theory]
    [InlineData(4, 2, "nape, left|nape, right|front, left|front, right")]
    [InlineData(5, 3, "nape, left|nape, right|crown, left|crown, right|front, across")]
    [InlineData(6, 3, "nape, left|nape, right|crown, left|crown, right|front, left|front, right")]
    public void Sections_lie_in_pairs_from_the_nape_up(int count, int rows, string names)
    {
        var sections = Sectioning.Lay(count);

        Assert.Equal(names.Split('|'), sections.Select(section => section.Name));
        Assert.All(sections, section => Assert.Equal(rows, section.Rows));
    }

    [Theory]
    [InlineData(8, Density.Low, 0.6, 4)]
    [InlineData(30, Density.Medium, 1, 6)]
    [InlineData(45, Density.Medium, 1.2, 8)]
    [InlineData(60, Density.High, 2, 12)]
    public void Longer_denser_more_tangled_hair_takes_more_sections(double length, Density density, double tangle, int expected)
    {
        var head = Given.Head(length) with { Density = density, UsualSections = null };

        Assert.Equal(expected, Sectioning.CountFor(head, tangle, Given.Figures.HandsOn));
    }

    [Fact]
    public void A_heads_own_habit_wins() =>
        Assert.Equal(9, Sectioning.CountFor(Given.Head(60) with { UsualSections = 9 }, 3, Given.Figures.HandsOn));

    [Theory]
    [InlineData(0, "Washed today. Due in 7 days, Saturday 21 March.")]
    [InlineData(6, "Washed 6 days ago. Due tomorrow.")]
    [InlineData(9, "Washed 9 days ago. Due now; by Thursday 19 March at the latest.")]
    [InlineData(16, "Washed 16 days ago, 2 days overdue (14 at the latest). Expect more tangles.")]
    public void Rhythm_is_said_in_a_sentence(int daysAgo, string sentence)
    {
        var due = WashRhythm.DueFor(Given.Head() with { LastWash = Given.Today.AddDays(-daysAgo) }, Given.Today, Given.Figures.Rhythm);

        Assert.Equal(sentence, due.Sentence);
        Assert.Equal(Given.Today.AddDays(7 - daysAgo), due.Usual);
    }
}
