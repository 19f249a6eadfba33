using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Planning;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Composing;

/// <summary>A school and a head that pull in different directions are named; switching a school says what changes.</summary>
public class SchoolConflictTests
{
    private static readonly Head Locs = Given.Head() with { Wear = new Wear(Locs: new LocsWorn(LocStage.Mature, 90, 8)) };

    private static SchoolConflict? Conflict(string question, Head head, Schools schools, Func<PlanRequest, PlanRequest>? with = null)
    {
        var request = Given.Request(Aim.Moisture, EndStyle.AsItIs, head) with { Schools = schools };
        return SchoolConflicts.Of(with is null ? request : with(request)).SingleOrDefault(conflict => conflict.Question == question);
    }

    [Fact]
    public void Schools_as_shipped_are_in_nobodys_way()
    {
        Assert.Empty(SchoolConflicts.Of(Given.Request()));
        Assert.Empty(SchoolConflicts.Of(Given.Request(head: Locs)));
    }

    public static TheoryData<string, Schools, bool> OnLocs =>
        new()
        {
            {
                "detangle",
                new Schools { Detangle = DetangleIn.PrePoo },
                false
            },
            {
                "length",
                new Schools { Length = TreatmentLength.Overnight },
                false
            },
            {
                "butter",
                new Schools { Butter = true },
                false
            },
            {
                "scalpConditioner",
                new Schools { ScalpConditioner = ScalpConditioner.CoWash },
                false
            },
            {
                "scalpOil",
                new Schools { ScalpOil = ScalpOiling.HeavyWashedOut },
                false
            },
            {
                "rhythm",
                new Schools { Rhythm = WashEvery.MonthInStyle },
                false
            },
            {
                "rhythm",
                new Schools { Rhythm = WashEvery.Week },
                true
            },
        };

    [Theory, MemberData(nameof(OnLocs))]
    public void What_locs_cannot_have_is_not_followed_and_says_so(string question, Schools schools, bool isFollowed)
    {
        var conflict = Conflict(question, Locs, schools);

        Assert.NotNull(conflict);
        Assert.Equal(isFollowed, conflict.IsFollowed);
        Assert.Null(Conflict(question, Locs, new Schools()));
    }

    public static TheoryData<string, Schools, Head> OnLoose =>
        new()
        {
            {
                "conditionOn",
                new Schools { ConditionOn = ConditionOn.Dry },
                Given.Head() with
                {
                    Porosity = Porosity.Low,
                }
            },
            {
                "butter",
                new Schools { Butter = true },
                Given.Head() with
                {
                    Porosity = Porosity.Low,
                }
            },
            {
                "finalWater",
                new Schools { FinalWater = FinalWater.Lukewarm },
                Given.Head() with
                {
                    Porosity = Porosity.High,
                }
            },
            {
                "scalpOil",
                new Schools { ScalpOil = ScalpOiling.HeavyWashedOut },
                Given.Head() with
                {
                    Scalp = [ScalpSign.Flaky],
                }
            },
            {
                "scalpConditioner",
                new Schools { ScalpConditioner = ScalpConditioner.CoWash },
                Given.Head() with
                {
                    Scalp = [ScalpSign.Oily],
                }
            },
            {
                "length",
                new Schools { Length = TreatmentLength.Overnight },
                Given.Head() with
                {
                    AgeGroup = AgeGroup.UnderSix,
                }
            },
        };

    [Theory, MemberData(nameof(OnLoose))]
    public void What_goes_against_the_heads_state_is_followed_with_a_word_and_silent_on_other_heads(
        string question,
        Schools schools,
        Head head
    )
    {
        Assert.True(Conflict(question, head, schools)!.IsFollowed);
        Assert.Null(Conflict(question, Given.Head(), schools));
    }

    [Fact]
    public void A_steamer_the_house_does_not_have_falls_back_on_a_cap_and_says_so()
    {
        var schools = new Schools { TreatmentHeat = Heat.Steamer };
        PlanRequest With(int steamers) => Given.Request() with { Schools = schools, Equipment = new Equipment(Steamers: steamers) };

        Assert.Equal(Heat.Cap, With(0).TreatmentHeatInUse);
        Assert.Equal(
            "There is no steamer in the household, so treatments stay on longer, under a cap.",
            SchoolConflicts.Of(With(0)).Single().Sentence
        );
        Assert.Equal(Heat.Steamer, With(1).TreatmentHeatInUse);
        Assert.Empty(SchoolConflicts.Of(With(1)));
        Assert.Equal(Heat.Hood, (With(1) with { TreatmentHeat = Heat.Hood }).TreatmentHeatInUse);
    }

    [Fact]
    public void The_steamer_school_steams_the_treatments()
    {
        var day = Given.Compose(
            Given.Request() with
            {
                Schools = new Schools { TreatmentHeat = Heat.Steamer },
                Equipment = new Equipment(Steamers: 1),
            }
        );

        Assert.All(day.Walk.Where(walked => walked.Step.Kind.Covers), walked => Assert.Equal(Heat.Steamer, walked.Step.Heat));
    }

    [Theory]
    [InlineData(WashEvery.AsItsKind, 7)]
    [InlineData(WashEvery.Week, 7)]
    [InlineData(WashEvery.TenToFourteenDays, 12)]
    [InlineData(WashEvery.MonthInStyle, 7)]
    public void The_rhythm_school_moves_the_next_wash(WashEvery school, int usual)
    {
        var head = Given.Head() with
        {
            LastWash = Given.Today,
            Schools = new Schools { Rhythm = school },
        };

        Assert.Equal(Given.Today.AddDays(usual), WashRhythm.DueFor(head, Given.Today, Given.Figures.Rhythm).Usual);
    }

    [Fact]
    public void Monthly_goes_with_a_style_that_is_in()
    {
        var head = Given.Head() with
        {
            LastWash = Given.Today,
            Wear = new Wear(Style: new StyleWorn(StyleMade.Braids, null)),
            Schools = new Schools { Rhythm = WashEvery.MonthInStyle },
        };

        Assert.Equal(Given.Today.AddDays(30), WashRhythm.DueFor(head, Given.Today, Given.Figures.Rhythm).Usual);
    }

    [Fact]
    public void Every_school_has_a_question_with_each_of_its_sides_a_reason_and_a_price()
    {
        var properties = typeof(Schools).GetProperties().Where(property => property.CanWrite).ToList();

        Assert.Equal(
            properties.Select(property => property.Name).Order(StringComparer.Ordinal),
            SchoolCatalogue
                .Questions.Select(question => char.ToUpperInvariant(question.Id[0]) + question.Id[1..])
                .Order(StringComparer.Ordinal)
        );
        foreach (
            var (question, property) in SchoolCatalogue.Questions.Select(question =>
                (question, properties.Single(each => each.Name.Equals(question.Id, StringComparison.OrdinalIgnoreCase)))
            )
        )
        {
            var sides =
                property.PropertyType == typeof(bool)
                    ? ["false", "true"]
                    : Enum.GetNames(property.PropertyType)
                        .Select(name => char.ToLowerInvariant(name[0]) + name[1..])
                        .Where(name => property.PropertyType != typeof(Heat) || name != "none");
            Assert.Equal(
                sides.Order(StringComparer.Ordinal),
                question.Answers.Select(answer => answer.Value).Order(StringComparer.Ordinal)
            );
            Assert.Equal(question.Answers[0], question.Answer(new Schools()));
            Assert.All(question.Answers, answer => Assert.True(answer.Reason.EndsWith('.') && answer.Price.EndsWith('.')));
        }
    }

    private static SchoolChanges Changes(Schools schools) =>
        SchoolChanges.Of(new Planner(new CpSatScheduler()), Given.Request() with { Schools = schools }, Given.Figures);

    [Fact]
    public void Switching_says_what_changes_in_order_time_and_quantity_and_why()
    {
        var changes = Changes(new Schools { ConditionOn = ConditionOn.Dry, Detangle = DetangleIn.FingersOnly });

        Assert.Equal(["conditionOn", "detangle"], changes.Switched.Select(each => each.Question));
        Assert.Equal(("Wrung-out hair", "Blotted, near dry hair"), (changes.Switched[0].From, changes.Switched[0].To));
        Assert.Equal("Hair that is not full of water takes up the treatment.", changes.Switched[0].Reason);
        Assert.Contains("Tool detangle", changes.Difference.Removed);
        Assert.Contains("Blot", changes.Difference.Added);
        Assert.True(changes.Difference.HandsOnMinutes < 0);
        // 99 ml on wrung-out hair are measured as 100, 1.3 times as much on dry hair as 130.
        Assert.Contains(new AmountChange("Deep condition", "100\u00a0ml", "130\u00a0ml"), changes.Difference.Amounts);
        Assert.Contains("Deep condition: 130\u00a0ml instead of 100\u00a0ml.", changes.Difference.Sentences);
    }

    [Fact]
    public void A_step_that_stands_elsewhere_has_moved()
    {
        var changes = Changes(new Schools { Detangle = DetangleIn.LeaveIn });

        Assert.Equal(["Tool detangle"], changes.Difference.Moved);
        Assert.Empty(changes.Difference.Added);
    }

    [Fact]
    public void The_heads_own_schools_change_nothing()
    {
        var changes = Changes(new Schools());

        Assert.Empty(changes.Switched);
        Assert.True(changes.Difference.IsNone);
        Assert.Equal(["Nothing in this day changes."], changes.Difference.Sentences);
    }
}
