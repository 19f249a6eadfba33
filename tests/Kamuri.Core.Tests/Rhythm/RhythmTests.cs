using Kamuri.Core.Heads;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Rhythm;

public class RhythmTests
{
    private static readonly RhythmFigures Figures = Given.Figures.Rhythm;

    [Theory]
    [InlineData(HairKinds.Loose, 5, 7, 14)]
    [InlineData(HairKinds.TakenDown, 5, 7, 14)]
    [InlineData(HairKinds.Locs, 7, 14, 28)]
    [InlineData(HairKinds.Style, 7, 10, 14)]
    public void Washing_has_its_rhythm_by_kind(HairKinds kind, int earliest, int usual, int latest) =>
        Assert.Equal(new Interval(earliest, usual, latest), Intervals.Of(Treatment.Wash, kind, Figures));

    [Theory]
    [InlineData(0, "Washed today. Due in 14 days, 28 March.")]
    [InlineData(13, "Washed 13 days ago. Due tomorrow.")]
    [InlineData(20, "Washed 20 days ago. Due now; by Sunday 22 March at the latest.")]
    [InlineData(30, "Washed 30 days ago, 2 days overdue (28 at the latest). Expect more tangles.")]
    public void Locs_are_due_later_than_loose_hair(int daysAgo, string sentence)
    {
        var head = Given.Head() with
        {
            LastWash = Given.Today.AddDays(-daysAgo),
            Wear = new Wear(Locs: new LocsWorn(LocStage.Mature, 90, 8)),
        };

        Assert.Equal(sentence, WashRhythm.DueFor(head, Given.Today, Figures).Sentence);
    }

    [Fact]
    public void History_keeps_the_last_day_of_each_treatment_and_every_combing()
    {
        var history = History.From([
            (Given.Today.AddDays(-20), [Treatment.Wash, Treatment.Clarify], true),
            (Given.Today.AddDays(-3), [Treatment.Wash], false),
            (Given.Today.AddDays(-9), [Treatment.Wash], true),
        ]);

        Assert.Equal(3, history.DaysSince(Treatment.Wash, Given.Today));
        Assert.Equal(20, history.DaysSince(Treatment.Clarify, Given.Today));
        Assert.Null(history.DaysSince(Treatment.Retwist, Given.Today));
        Assert.Equal([Given.Today.AddDays(-20), Given.Today.AddDays(-9)], history.WetCombings);
    }

    [Fact]
    public void Every_treatment_with_a_rhythm_has_a_window_in_order() =>
        Assert.All(Figures.Treatments.Values, interval =>
            Assert.True(interval.Earliest < interval.Usual && interval.Usual < interval.Latest)
        );
}
