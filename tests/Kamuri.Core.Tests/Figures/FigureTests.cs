using System.Reflection;
using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Planning;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Scheduling;

namespace Kamuri.Core.Tests.Figures;

/// <summary>Every figure of the craft can be changed within its range, is used, and can be put back.</summary>
public class FigureTests
{
    private static readonly Dictionary<string, double> None = [];

    private static Dictionary<string, double> Own(params (string Id, double Value)[] values) =>
        values.ToDictionary(each => each.Id, each => each.Value);

    private static FigureEntry Entry(string id) => FigureCatalogue.Find(id)!;

    [Fact]
    public void Every_figure_has_a_name_a_source_and_a_range_around_its_shipped_value()
    {
        Assert.Equal(FigureCatalogue.All.Count, FigureCatalogue.All.Select(entry => entry.Id).Distinct().Count());
        Assert.All(FigureCatalogue.All, entry =>
        {
            Assert.NotEmpty(entry.Name);
            Assert.NotEmpty(entry.Source);
            Assert.True(entry.Least < entry.Most, entry.Id);
            Assert.InRange(entry.Shipped, entry.Least, entry.Most);
            Assert.Null(FigureCatalogue.Wrong(None, entry, entry.Shipped));
        });
    }

    [Fact]
    public void What_is_set_is_read_again_and_nothing_else_moves()
    {
        foreach (var entry in FigureCatalogue.All)
        {
            var value = entry.Shipped == entry.Least ? entry.Most : entry.Least;
            var changed = entry.Set(CraftFigures.Default, value);

            Assert.Equal(value, entry.Get(changed), 1e-9);
            Assert.All(FigureCatalogue.All.Where(other => other != entry), other => Assert.Equal(other.Shipped, other.Get(changed)));
        }
    }

    /// <summary>A number added to one of the records has to get its line in the catalogue too.</summary>
    [Fact]
    public void No_number_of_the_records_is_left_out()
    {
        var untouched = new List<string>();
        foreach (
            var record in typeof(CraftFigures)
                .GetProperties()
                .Where(property =>
                    property.PropertyType.Name.EndsWith("Figures", StringComparison.Ordinal)
                    && property.PropertyType != typeof(CraftFigures)
                )
        )
        {
            foreach (var figure in record.PropertyType.GetProperties().Where(property => property.CanWrite))
            {
                var shipped = figure.GetValue(record.GetValue(CraftFigures.Default));
                var isReached = FigureCatalogue.All.Any(entry =>
                {
                    var changed = entry.Set(CraftFigures.Default, entry.Shipped == entry.Least ? entry.Most : entry.Least);
                    return !Equals(figure.GetValue(record.GetValue(changed)), shipped);
                });
                if (!isReached)
                {
                    untouched.Add($"{record.Name}.{figure.Name}");
                }
            }
        }

        // The case drying is calibrated on, and how many sections which load gives, are the model and not its figures.
        Assert.Equal(
            [
                "Drying.CalibrationHumidity",
                "Drying.CalibrationMass",
                "Drying.CalibrationRoom",
                "Drying.Reference",
                "Film.ShampooScalp",
                "HandsOn.SectionCounts",
                "HandsOn.SectionThresholds",
            ],
            untouched.Order(StringComparer.Ordinal)
        );
    }

    [Theory]
    [InlineData("drying.air.fan", 0.5, "Drying speed compared with still air: fan: 1 to 15 ×.")]
    [InlineData("hands.pieces", 40.5, "Twists or braids when no number is given is a whole number.")]
    [InlineData("head.keratin", double.NaN, "A number is needed.")]
    [InlineData("mixture.adult-rinse-off", 3, "Essential oil in what is rinsed off an adult: 0 to 2 % by volume.")]
    [InlineData("cooling.warmest", 45, "Warmest on skin: 34 to 40\u00a0°C.")]
    [InlineData("rhythm.style-longest", 80, "Longest time in a tight style: 7 to 56 days.")]
    [InlineData("step.deep-condition.body.usual", 70, "Earliest, usual and latest would be 20, 70, 60; they have to be in that order.")]
    [InlineData("rhythm.wash.earliest", 9, "Earliest, usual and latest would be 9, 7, 14; they have to be in that order.")]
    public void What_makes_no_sense_is_refused_with_a_sentence(string id, double value, string sentence) =>
        Assert.Equal(sentence, FigureCatalogue.Wrong(None, Entry(id), value));

    [Fact]
    public void Limits_that_protect_someone_can_be_made_stricter() =>
        Assert.Null(FigureCatalogue.Wrong(None, Entry("mixture.adult-rinse-off"), 0.5));

    [Fact]
    public void A_window_can_be_moved_one_end_after_the_other()
    {
        var own = Own(("step.deep-condition.body.latest", 90));

        Assert.Null(FigureCatalogue.Wrong(own, Entry("step.deep-condition.body.usual"), 70));
    }

    [Fact]
    public void An_old_file_with_names_and_values_that_no_longer_fit_is_read_all_the_same()
    {
        var figures = FigureCatalogue.With(Own(("no.longer.there", 3), ("head.keratin", 99), ("drying.air.fan", 3)));

        Assert.Equal(3, figures.Drying.AirFactor[Core.Physics.Air.Fan]);
        Assert.Equal(1.32, figures.Head.KeratinGramsPerCubicCentimetre);
    }

    private static Plan Plan(params (string Id, double Value)[] own) =>
        new Planner(new CpSatScheduler()).Make(Given.Request(), FigureCatalogue.With(Own(own)));

    [Fact]
    public void A_changed_figure_is_used_in_amounts_windows_hands_and_drying()
    {
        var plan = Plan(
            ("amount.film.deep-conditioner", 30),
            ("step.deep-condition.body.usual", 40),
            ("step.twists.section", 4),
            ("drying.exposed.twists", 0.9)
        );
        var shipped = Given.Plan(Given.Request());

        PlannedStep Step(Plan of, string id) => of.Steps.Single(step => step.Step.Id == id);
        Assert.Equal(2, Step(plan, "deep-condition").Amount!.Exact.Value / Step(shipped, "deep-condition").Amount!.Exact.Value, 1e-9);
        Assert.StartsWith("40 usual", Step(plan, "cover-2").Wait!.Working, StringComparison.Ordinal);
        Assert.Contains("6 sixths of a head × 4 min", Step(plan, "twists").HandsOnWorking, StringComparison.Ordinal);
        Assert.Equal(0.5, Step(plan, "dry").Wait!.Window.Usual / Step(shipped, "dry").Wait!.Window.Usual, 0.01);
    }

    [Fact]
    public void Less_slip_makes_combing_slower()
    {
        double Combing(Plan plan) => plan.Steps.Single(step => step.Step.Id == "tool-detangle").HandsOnMinutes;

        // Full relief of 0.4 × 0.9 leaves 0.64 of the tangle; without slip all of it but what water gives, 0.96.
        Assert.True(Combing(Plan(("hands.slip.deep-conditioner", 0))) > Combing(Given.Plan(Given.Request())) * 1.2);
    }

    [Fact]
    public void A_changed_interval_moves_rules_and_due_dates()
    {
        var figures = FigureCatalogue.With(Own(("rhythm.wash.earliest", 12), ("rhythm.wash.usual", 14), ("rhythm.wash.latest", 20)));

        Assert.Contains(Composer.Compose(Given.Request(), figures).Findings, finding => finding.Rule == "R40");
        Assert.DoesNotContain(Given.Compose(Given.Request()).Findings, finding => finding.Rule == "R40");
        Assert.Equal(Given.Today.AddDays(4), WashRhythm.DueFor(Given.Head(), Given.Today, figures.Rhythm).Usual);
    }

    [Fact]
    public void At_either_end_of_every_range_a_plan_can_still_be_made()
    {
        var planner = new Planner(new CpSatScheduler());
        var heads = new[] { Given.Head(), Given.Head() with { Wear = new Wear(Locs: new LocsWorn(LocStage.Mature, 90, 8)) } };
        foreach (var entry in FigureCatalogue.All.Where(entry => entry.Group != FigureGroup.Steps))
        {
            foreach (var value in new[] { entry.Least, entry.Most }.Where(value => FigureCatalogue.Wrong(None, entry, value) is null))
            {
                foreach (var head in heads)
                {
                    var plan = planner.Make(Given.Request(Aim.Quick, EndStyle.AsItIs, head), entry.Set(CraftFigures.Default, value));
                    Assert.True(plan.End > plan.Start, $"{entry.Id} = {value}");
                    Assert.All(plan.Steps, step => Assert.True(double.IsFinite(step.HandsOnMinutes) && step.End >= step.Start));
                }
            }
        }
    }
}
