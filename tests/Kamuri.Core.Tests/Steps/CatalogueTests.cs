using Kamuri.Core.Cautions;
using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Steps;

public class CatalogueTests
{
    /// <summary>The processing windows of the craft: at body heat, and under hood or steamer where the treatment takes heat.</summary>
    [Theory]
    [InlineData("pre-poo", "20-30-120", "15-20-30")]
    [InlineData("pre-poo-overnight", "360-420-540", null)]
    [InlineData("plant-gel", "20-30-120", "15-25-60")]
    [InlineData("herb-juice", "10-15-30", null)]
    [InlineData("onion-juice", "10-20-30", null)]
    [InlineData("hot-oil", "15-30-45", "15-20-30")]
    [InlineData("hot-oil-after", "15-30-45", "15-20-30")]
    [InlineData("heavy-oil", "120-150-180", "15-20-30")]
    [InlineData("heavy-oil-overnight", "360-480-540", null)]
    [InlineData("grain-water", "3-5-10", null)]
    [InlineData("clarify", "1-2-3", null)]
    [InlineData("clay", "10-20-30", null)]
    [InlineData("herb-paste", "20-30-120", "20-20-30")]
    [InlineData("tea-rinse", "5-15-30", null)]
    [InlineData("conditioner", "3-5-15", null)]
    [InlineData("deep-condition", "20-30-60", "15-25-30")]
    [InlineData("protein-light", "15-20-30", null)]
    [InlineData("protein-pre-poo", "15-20-30", null)]
    [InlineData("protein-deep-condition", "15-20-30", null)]
    [InlineData("egg-mask", "15-20-30", null)]
    [InlineData("oil-rinse", "2-3-5", null)]
    [InlineData("loc-soak", "10-20-30", null)]
    public void Windows_are_those_of_the_craft(string id, string body, string? heated)
    {
        static string Show(Window window) => $"{window.Earliest}-{window.Usual}-{window.Latest}";
        var processing = StepCatalogue.Get(id).Processing!;

        Assert.Equal(body, Show(processing.Body));
        Assert.Equal(heated, processing.Heated is { } window ? Show(window) : null);
        Assert.NotEmpty(processing.AfterLatest);
    }

    [Fact]
    public void The_long_deep_condition_stands_behind_what_strips()
    {
        var condition = StepCatalogue.Get(StepIds.DeepCondition).Processing!;

        Assert.Equal(new Window(45, 60, 90), condition.AfterClarify);
        Assert.Equal(new Window(30, 45, 60), condition.AfterClarifyHeated);
        Assert.Equal(
            ["clarify", "clay"],
            StepCatalogue.All.Where(kind => kind.StripsBare).Select(kind => kind.Id).Order(StringComparer.Ordinal)
        );
    }

    [Fact]
    public void Every_entry_can_be_shown_and_timed()
    {
        Assert.Equal(StepCatalogue.All.Count, StepCatalogue.All.Select(kind => kind.Id).Distinct().Count());
        Assert.All(StepCatalogue.All, kind =>
        {
            Assert.EndsWith(".", kind.Instruction, StringComparison.Ordinal);
            Assert.True(kind.HandsOn.SetupMinutes > 0);
            Assert.True(kind.NeedsAtLeast <= kind.NeedsAtMost);
            Assert.NotEqual(HairKinds.None, kind.Suits);
            Assert.Subset(CautionList.Ids.ToHashSet(), kind.Cautions.ToHashSet());
            if (kind.Processing is { } processing)
            {
                Assert.All(new[] { processing.Body, processing.Heated, processing.AfterClarify }.OfType<Window>(), window =>
                    Assert.True(window.Earliest <= window.Usual && window.Usual <= window.Latest)
                );
            }
        });
    }

    [Fact]
    public void Everything_put_on_has_its_facts_and_nothing_rinsed_off_has_a_weight()
    {
        Assert.All(Enum.GetValues<Substance>(), substance =>
            Assert.Equal(Substances.Of(substance).Weight is null, Substances.Of(substance).MustBeRinsed)
        );
        Assert.All(Enum.GetValues<Substance>().Where(substance => Substances.Of(substance).MustBeWashedOut), substance =>
            Assert.True(Substances.Of(substance).MustBeRinsed)
        );
    }

    /// <summary>Amounts for the reference head, 6.6 m² of hair and 650 cm² of scalp, worked by hand.</summary>
    [Theory]
    [InlineData("plant-gel", "200 ml")] // 30 µm × 6.6 m²
    [InlineData("clay", "460 ml")] // 70 µm × 6.6 m²
    [InlineData("hot-oil", "35 ml")] // 3 µm × 6.6 m² and 13 ml for the scalp
    [InlineData("butter", "13 ml")] // 2 µm × 6.6 m²
    [InlineData("end-shield", "17 ml")] // 10 µm × 6.6 m² × ¼ = 16.5
    [InlineData("onion-juice", "20 ml")] // 0.02 ml × 650 cm², and 20 at least from a nozzle
    [InlineData("part-cleanse", "40 ml")] // 10 ml, one to three
    public void Amounts_follow_the_film(string id, string amount)
    {
        var kind = StepCatalogue.Get(id);
        var size = HeadSize.Of(Given.Head(), Given.Figures.Head);

        Assert.Equal(amount, FilmModel.For(kind.Puts, kind.Places, size, Given.Figures)!.Ways.Metric);
    }

    [Fact]
    public void Locs_and_styles_have_a_day_without_anything_creamy()
    {
        var forLocs = StepCatalogue.All.Where(kind => kind.Suits.HasFlag(HairKinds.Locs));

        Assert.All(forLocs.Where(kind => kind.Puts is not null), kind =>
            Assert.False(Substances.Of(kind.Puts!.Value).LeavesResidue, kind.Id)
        );
        Assert.DoesNotContain(forLocs, kind => kind.IsToolDetangle || kind.Sets is Hang.Twists or Hang.Bun && kind.Id != StepIds.Bun);
    }
}
