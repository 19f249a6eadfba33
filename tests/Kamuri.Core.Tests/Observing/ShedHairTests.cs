using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Observing;
using Kamuri.Core.Running;

namespace Kamuri.Core.Tests.Observing;

/// <summary>How much shed hair is expected, worked by hand, and where it is said.</summary>
public class ShedHairTests
{
    private static ShedExpectation? Expected(Head head) => ShedHair.Expected(head, Given.Today, Given.Figures.Shed);

    [Theory]
    // 70 a day × (days × share kept in + a day's own).
    [InlineData(10, WornAs.Loose, 420)]
    [InlineData(10, WornAs.Bun, 560)]
    [InlineData(7, WornAs.Twists, 511)]
    public void It_grows_with_days_and_how_the_hair_was_worn(int days, WornAs worn, double likely)
    {
        var expected = Expected(Given.Head() with { LastDetangle = Given.Today.AddDays(-days), WornAs = worn })!;

        Assert.Equal(likely, expected.Likely, 0.001);
        // e^(1.2816 × 0.3) = 1.469 either way.
        Assert.Equal(likely / 1.469, expected.Least, 0.5);
        Assert.Equal(likely * 1.469, expected.Most, 0.5);
    }

    [Fact]
    public void Nobody_guesses_where_nothing_is_known_or_nothing_is_combed()
    {
        Assert.Null(Expected(Given.Head() with { LastDetangle = null }));
        Assert.Null(Expected(Given.Head() with { LastDetangle = Given.Today }));
        Assert.Null(Expected(Given.Head() with { Wear = new Wear(Locs: new LocsWorn(LocStage.Mature, 90, 8)) }));
    }

    [Fact]
    public void It_is_said_once_where_hands_first_meet_it_and_in_the_run_too()
    {
        var plan = Given.Plan(Given.Request());
        var told = Assert.Single(plan.Steps, step => step.Expect is not null);

        Assert.Equal("finger-detangle", told.Step.Id);
        Assert.Equal("Expect about 420 shed hairs, from 290 to 620. They have gathered for 10 days.", told.Expect);
        Assert.Equal(told.Expect, SessionPlan.From(plan).FindStep("finger-detangle")!.Expect);
    }

    [Fact]
    public void After_a_style_weeks_of_it_come_out_at_once()
    {
        var down = Given.Head() with { Wear = new Wear(Down: new TakenDown(StyleMade.Braids, 42)) };
        var told = Assert.Single(Given.Plan(Given.Request(Aim.Recovery, head: down)).Steps, step => step.Expect is not null);

        Assert.Equal("clear-lint", told.Step.Id);
        Assert.Equal(
            "Expect about 3\u202f000 shed hairs, from 2\u202f000 to 4\u202f400. 42 days of shedding come out at once. "
                + "Shed hair has a small bulb at one end; short pieces without one are breakage.",
            told.Expect
        );
    }
}
