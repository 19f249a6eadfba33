using CsCheck;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Units;

namespace Kamuri.Core.Tests.Mixing;

/// <summary>How long a batch is good, and what moving, looking and thawing make of it.</summary>
public class BatchTests
{
    private static readonly MixtureFigures Figures = new();
    private static readonly KeepRule Gel = new(null, new KeepSpan(7, 14), new KeepSpan(90, 90));

    private static Batch Made(int daysAgo, Keeping at = Keeping.Fridge, KeepRule? keep = null) =>
        new()
        {
            Id = Guid.NewGuid(),
            Name = "Seed gel",
            FormulaId = Guid.NewGuid(),
            MadeAt = Given.Noon.AddDays(-daysAgo),
            MadeOn = Given.Today.AddDays(-daysAgo),
            Made = new Millilitres(200),
            Left = new Millilitres(120),
            Keep = keep ?? Gel,
            KeptAt = at,
            Facts = new StepUse("Seed gel"),
        };

    private static BatchStanding At(Batch batch) => BatchKeeping.Of(batch, Given.Today, Given.Noon, Figures);

    [Theory]
    [InlineData(0, BatchState.Good)]
    [InlineData(6, BatchState.Good)]
    [InlineData(7, BatchState.LastDay)]
    [InlineData(8, BatchState.Past)]
    [InlineData(20, BatchState.Past)]
    public void A_gel_keeps_a_week_in_the_fridge(int daysAgo, BatchState state)
    {
        var standing = At(Made(daysAgo));
        Assert.Equal((state, Given.Today.AddDays(7 - daysAgo)), (standing.State, standing.UseBy));
    }

    [Fact]
    public void Frozen_it_keeps_three_months_and_thawed_a_day()
    {
        var frozen = Made(40, Keeping.Freezer);
        Assert.Equal(BatchState.Frozen, At(frozen).State);

        var thawed = BatchKeeping.Move(frozen, Keeping.Fridge, Given.Today, Given.Noon, Figures);
        Assert.Equal(Given.Today.AddDays(1), At(thawed).UseBy);
        Assert.Equal("Do not freeze it again after thawing.", BatchKeeping.WhyNot(thawed, Keeping.Freezer));
        Assert.Equal(
            "Seed gel cannot be frozen.",
            BatchKeeping.WhyNot(Made(0, keep: new KeepRule(null, new KeepSpan(2, 2), null)), Keeping.Freezer)
        );
        Assert.Null(BatchKeeping.WhyNot(Made(0), Keeping.Freezer));
    }

    [Fact]
    public void Portions_are_counted_as_they_are_taken_out()
    {
        var frozen = BatchKeeping.Freeze(Made(1) with { PricePerMl = 0.05m }, 4, Given.Today, Given.Noon, Figures);
        Assert.Equal((4, Keeping.Freezer, new Millilitres(30)), (frozen.Portions, frozen.KeptAt, frozen.Portion!.Value));

        var id = Guid.NewGuid();
        var (left, thawed) = BatchKeeping.Thaw(frozen, id, 3, Given.Today, Given.Noon, Figures);
        Assert.Equal((1, 30.0, Keeping.Freezer), (left.Portions, left.Left.Value, left.KeptAt));
        Assert.Equal(
            (id, 90.0, Keeping.Fridge, Given.Today, (int?)null),
            (thawed!.Id, thawed.Left.Value, thawed.KeptAt, thawed.ThawedOn!.Value, thawed.Portions)
        );
        // Ten for all of it; ninety of the two hundred millilitres are four and a half.
        Assert.Equal((10m, 4.5m), (frozen.Cost, thawed.Cost));

        var (last, none) = BatchKeeping.Thaw(left, Guid.NewGuid(), 1, Given.Today, Given.Noon, Figures);
        Assert.Null(none);
        Assert.Equal((Keeping.Fridge, (int?)null, 30.0), (last.KeptAt, last.Portions, last.Left.Value));
    }

    [Theory]
    [InlineData(120, 4)]
    [InlineData(10, 1)]
    [InlineData(50, 2)]
    [InlineData(9000, 48)]
    public void What_is_left_is_frozen_by_the_ice_tray(double left, int portions) =>
        Assert.Equal(portions, BatchKeeping.UsualPortions(Made(0) with { Left = new Millilitres(left) }, Figures));

    [Fact]
    public void Portions_never_make_more_or_less_than_was_frozen() =>
        Gen.Select(Gen.Double[1, 5000], Gen.Int[1, 48], Gen.Int[1, 48])
            .Sample(
                (left, portions, taken) =>
                {
                    var frozen = BatchKeeping.Freeze(
                        Made(1) with
                        {
                            Left = new Millilitres(left),
                        },
                        portions,
                        Given.Today,
                        Given.Noon,
                        Figures
                    );
                    var (rest, thawed) = BatchKeeping.Thaw(frozen, Guid.NewGuid(), taken, Given.Today, Given.Noon, Figures);
                    Assert.Equal(left, rest.Left.Value + (thawed?.Left.Value ?? 0), 6);
                    Assert.Equal(taken >= portions ? null : portions - taken, rest.Portions);
                }
            );

    [Fact]
    public void A_look_gives_two_days_never_past_the_longest()
    {
        Assert.Equal(Given.Today.AddDays(2), At(Made(8) with { LookedFineOn = Given.Today }).UseBy);
        Assert.Equal(Given.Today.AddDays(1), At(Made(13) with { LookedFineOn = Given.Today }).UseBy);
        Assert.Equal(BatchState.Past, At(Made(20) with { LookedFineOn = Given.Today }).State);
        Assert.Equal(BatchState.Spoiled, At(Made(1) with { LooksWrong = true }).State);
        Assert.True(At(Made(8)).MayBeLookedAt);
        Assert.False(At(Made(15)).MayBeLookedAt);
    }

    [Fact]
    public void What_must_be_chilled_stands_warm_for_four_hours_at_most()
    {
        var warm = Made(0, Keeping.Room);
        Assert.Equal(BatchState.LastDay, At(warm).State);

        var later = Given.Noon.AddHours(4.1);
        Assert.Equal(BatchState.Spoiled, BatchKeeping.Of(warm, Given.Today, later, Figures).State);

        // Putting it in the fridge then does not mend it; putting it there in time is all that is needed.
        Assert.Equal(
            BatchState.Spoiled,
            BatchKeeping.Of(BatchKeeping.Move(warm, Keeping.Fridge, Given.Today, later, Figures), Given.Today, later, Figures).State
        );
        Assert.Equal(BatchState.Good, At(BatchKeeping.Move(warm, Keeping.Fridge, Given.Today, Given.Noon.AddHours(2), Figures)).State);
    }

    [Fact]
    public void An_oil_keeps_in_the_room()
    {
        var oil = Made(89, Keeping.Room, new KeepRule(new KeepSpan(90, 180), null, null));
        Assert.Equal("Use by tomorrow.", At(oil).Sentence);
        Assert.Equal(Keeping.Room, oil.Keep.Best);
        Assert.Equal(Keeping.Fridge, Gel.Best);
    }

    [Fact]
    public void What_is_gone_is_gone()
    {
        Assert.False(At(Made(1) with { Left = new Millilitres(0) }).CanBeUsed);
        Assert.False(At(Made(1) with { IsGone = true }).CanBeUsed);
    }

    [Fact]
    public void A_step_is_told_what_it_needs()
    {
        var use = BatchKeeping.AsUse(Made(8), Given.Today, Given.Noon, Figures);
        Assert.Equal(("Seed gel, made Friday 6 March", Given.Today.AddDays(-1), 120.0), (use.Name, use.UseBy, use.InStock!.Value.Value));
        Assert.False(BatchKeeping.AsUse(Made(1) with { LooksWrong = true }, Given.Today, Given.Noon, Figures).KeptAsTold);
        Assert.True(BatchKeeping.AsUse(Made(1, Keeping.Freezer), Given.Today, Given.Noon, Figures).IsFrozen);
    }

    [Theory]
    [InlineData("Use it the same day.", null, 0, null)]
    [InlineData("Keeps in the fridge 7 to 14 days, frozen 90 days.", 7, 14, 90)]
    public void A_keep_rule_in_words(string words, int? fridge, int fridgeAtMost, int? freezer) =>
        Assert.Equal(
            words,
            new KeepRule(
                fridge is null ? new KeepSpan(0, 0) : null,
                fridge is { } days ? new KeepSpan(days, fridgeAtMost) : null,
                freezer is { } frozen ? new KeepSpan(frozen, frozen) : null
            ).Words
        );
}
