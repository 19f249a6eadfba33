using Kamuri.Core.Heads;
using Kamuri.Core.Learning;
using Kamuri.Core.Mixing;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Learning;

/// <summary>How much a head is learnt to take.</summary>
public class HandTests
{
    [Fact]
    public void Nothing_seen_changes_nothing() => Assert.Equal(new Hand(1, 0), Hand.From([(0, 10), (10, 0)]));

    [Fact]
    public void Little_seen_is_drawn_towards_the_model()
    {
        // One doubling among two priors of 1: the cube root of 2. Six of them: 2 to the power of 6/8.
        Assert.Equal(Math.Cbrt(2), Hand.From([(50, 100)]).Factor, 9);
        Assert.Equal(Math.Pow(2, 0.75), Hand.From(Enumerable.Repeat((50.0, 100.0), 6)).Factor, 9);
        Assert.Equal(1, Hand.From([(50, 100), (100, 50)]).Factor, 9);
    }

    [Fact]
    public void A_slip_of_the_pen_does_not_run_away_with_it() =>
        Assert.Equal(Hand.From([(100, 300)]).Factor, Hand.From([(100, 30_000)]).Factor, 9);

    [Fact]
    public void Amounts_follow_the_hand_and_say_so()
    {
        var size = HeadSize.Of(Given.Head(), Given.Figures.Head);
        var amount = FilmModel.For(Substance.DeepConditioner, Places.Lengths | Places.Ends, size, Given.Figures, 1, new Hand(1.5, 8))!;

        Assert.Equal(
            1.5 * FilmModel.For(Substance.DeepConditioner, Places.Lengths | Places.Ends, size, Given.Figures)!.Exact.Value,
            amount.Exact.Value,
            6
        );
        Assert.Contains("as this head usually takes", amount.Working, StringComparison.Ordinal);
    }
}
