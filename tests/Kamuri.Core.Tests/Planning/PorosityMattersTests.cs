using Kamuri.Core.Heads;
using Kamuri.Core.Planning;

namespace Kamuri.Core.Tests.Planning;

/// <summary>How porous hair is is asked for when a day depends on it.</summary>
public class PorosityMattersTests
{
    private static Plan Day(Porosity porosity, PorosityEvidence evidence) =>
        Given.Plan(Given.Request(head: Given.Head() with { Porosity = porosity, PorosityEvidence = evidence }));

    [Fact]
    public void A_guess_is_asked_about_by_the_minutes_it_is_worth()
    {
        // Pre-poo and deep condition wait 30 min each by body heat; low porosity makes that 37.5, high 25.5: 12 min apart, twice.
        var guess = Day(Porosity.Medium, PorosityEvidence.Guess);
        Assert.Equal(24, PorosityMatters.Minutes(guess, Given.Figures.Processing), 1e-9);
        Assert.Contains("up to 25\u00a0min", PorosityMatters.Question(guess, Given.Figures.Processing), StringComparison.Ordinal);
        Assert.Equal(24, PorosityMatters.Minutes(Day(Porosity.Low, PorosityEvidence.Guess), Given.Figures.Processing), 1.0);
        Assert.Null(PorosityMatters.Question(Day(Porosity.Medium, PorosityEvidence.SprayBeads), Given.Figures.Processing));
    }
}
