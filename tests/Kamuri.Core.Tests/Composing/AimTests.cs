using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Composing;

/// <summary>What is offered for each kind of hair, and a style that comes down first.</summary>
public class AimTests
{
    private static Head Kept(HairKinds kind) =>
        Given.Head() with
        {
            Wear = kind switch
            {
                HairKinds.Locs => new Wear(Locs: new LocsWorn(LocStage.Mature, 90, 8)),
                HairKinds.Style => new Wear(Style: new StyleWorn(StyleMade.Braids, Given.Today.AddDays(-30))),
                HairKinds.TakenDown => new Wear(Down: new TakenDown(StyleMade.Braids, 42)),
                _ => Wear.Loose,
            },
        };

    [Theory]
    [InlineData(HairKinds.Loose)]
    [InlineData(HairKinds.Locs)]
    [InlineData(HairKinds.Style)]
    public void No_two_aims_that_are_offered_make_the_same_day(HairKinds kind)
    {
        var offered = AimCatalogue.All.Select(facts => facts.Aim).Where(aim => AimCatalogue.Suits(aim).HasFlag(kind)).ToList();
        Assert.Contains(AimCatalogue.UsualAim(kind), offered);

        var days = offered
            .GroupBy(aim => Given.Order(Given.Compose(Given.Request(aim, AimCatalogue.UsualStyle(kind), Kept(kind)))))
            .Where(day => day.Count() > 1)
            .Select(day => string.Join(" = ", day));
        Assert.Empty(days);
    }

    [Fact]
    public void Braids_come_down_are_washed_and_go_in_again()
    {
        var worn = Kept(HairKinds.Style);
        var down = worn with { Wear = worn.Wear.TakenDownOn(Given.Today) };
        Assert.Equal(30, down.Wear.Down!.WornDays);

        var day = Given.Order(Given.Compose(Given.Request(Aim.Recovery, EndStyle.Braids, down) with { TakesDown = true })).Split(' ');
        Assert.Equal(["take-style-down", "look", "clear-lint"], day[..3]);
        Assert.Contains("cleanse", day);
        Assert.Equal(["braids", "dry"], day.SkipWhile(step => step != "braids").Take(2));
        Assert.DoesNotContain(
            "take-style-down",
            Given.Order(Given.Compose(Given.Request(Aim.Quick, EndStyle.AsItIs, worn))),
            StringComparison.Ordinal
        );
        Assert.Same(Wear.Loose, Wear.Loose.TakenDownOn(Given.Today));
    }
}
