using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Routines;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Routines;

/// <summary>Routines as data: what ships, how it fits heads, and what is wrong with one that cannot be read.</summary>
public class RoutineTests
{
    /// <summary>Six heads that have little in common.</summary>
    private static readonly (string Name, Head Head)[] Heads =
    [
        ("medium, loose", Given.Head()),
        (
            "long, dense, coarse, low porosity",
            Given.Head(47) with
            {
                Density = Density.High,
                Strand = StrandThickness.Coarse,
                Porosity = Porosity.Low,
            }
        ),
        (
            "a child's, fine, high porosity, fingers only",
            Given.Head(20) with
            {
                AgeGroup = AgeGroup.SixToTwelve,
                Strand = StrandThickness.Fine,
                Porosity = Porosity.High,
                Schools = new Schools { Detangle = DetangleIn.FingersOnly },
            }
        ),
        ("mature locs", Given.Head(40) with { Wear = new Wear(Locs: new LocsWorn(LocStage.Mature, 90, 8)) }),
        ("a month in braids", Given.Head() with { Wear = new Wear(Style: new StyleWorn(StyleMade.Braids, Given.Today.AddDays(-30))) }),
        ("just out of braids", Given.Head() with { Wear = new Wear(Down: new TakenDown(StyleMade.Braids, 42)) }),
    ];

    public static TheoryData<string, string> Days =>
        [
            .. from routine in RoutineCatalogue.All
            from head in Heads
            where routine.Suits.HasFlag(head.Head.Wear.Kind)
            select (routine.Id, head.Name),
        ];

    [Theory]
    [MemberData(nameof(Days))]
    public void A_day_of_any_routine_on_any_head_it_suits_has_nothing_to_mend(string routine, string head)
    {
        var (id, who) = (RoutineCatalogue.Find(routine)!, Heads.First(each => each.Name == head).Head);
        var style = id.For(Aim.Moisture) == Aim.Refresh ? EndStyle.AsItIs : AimCatalogue.UsualStyle(who.Wear.Kind);
        var day = Given.Compose(Given.Request(id.For(Aim.Moisture), style, who) with { Routine = routine });

        Assert.NotEmpty(day.Walk);
        Assert.All(day.Walk, walked => Assert.NotEqual("", walked.Step.Reason));
        Assert.DoesNotContain(day.Findings, finding => finding.Severity == Severity.Stop);
        Assert.Equal(
            "",
            string.Join(
                "; ",
                day.Findings.Where(each => each is { Severity: Severity.Warn, Fix: not null }).Select(each => $"{each.Rule} {each.Reason}")
            )
        );
        // Loose hair that is washed is combed or worked through with fingers.
        if (id.For(Aim.Moisture) is not (Aim.Refresh or Aim.PatchTest) && who.Wear.Kind is HairKinds.Loose or HairKinds.TakenDown)
        {
            Assert.Contains(day.Walk, walked => walked.Step.Kind.Detangles);
        }
    }

    [Theory]
    [InlineData(
        "simple-wash",
        "look wet-through cleanse rinse wring conditioner tool-detangle cool-rinse blot leave-in oil cream twists dry"
    )]
    [InlineData(
        "wash-and-deep-condition",
        "look wet-through cleanse rinse wring deep-condition tool-detangle cover cool-rinse blot leave-in oil cream twists dry"
    )]
    [InlineData("moisten-and-re-twist", "dampen leave-in oil twists dry")]
    [InlineData("edges-and-scalp", "scalp-massage scalp-oil")]
    [InlineData("trim", "look trim")]
    public void It_makes_the_day_that_people_mean_by_it(string routine, string steps)
    {
        var aim = RoutineCatalogue.Find(routine)!.For(Aim.Moisture);
        Assert.Equal(steps, Given.Order(Given.Compose(Given.Request(aim) with { Routine = routine })));
    }

    [Fact]
    public void Every_aim_on_every_kind_of_hair_has_one_that_is_proposed()
    {
        foreach (var kind in new[] { HairKinds.Loose, HairKinds.Locs, HairKinds.Style, HairKinds.TakenDown })
        {
            foreach (var aim in Enum.GetValues<Aim>())
            {
                Assert.True(RoutineCatalogue.BestFor(kind, aim).Suits.HasFlag(kind));
            }
        }

        Assert.Equal("loc-soak", RoutineCatalogue.BestFor(HairKinds.Locs, Aim.Reset).Id);
        Assert.Equal("after-a-style", RoutineCatalogue.BestFor(HairKinds.TakenDown, Aim.Recovery).Id);
        Assert.All(RoutineCatalogue.All.GroupBy(routine => (routine.Says, routine.Suits)), alike => Assert.Single(alike));
    }

    [Fact]
    public void Two_covers_in_a_row_are_two_waits()
    {
        var plan = Given.Plan(Given.Request(Aim.Strength) with { Routine = "herb-paste-day", Equipment = new Equipment(Steamers: 1) });

        Assert.Equal(
            ["In the steamer", "Under a cap"],
            plan.Steps.Where(step => step.Step.Kind.Covers && step.Wait!.Of == "herb-paste")
                .Select(step =>
                    step.Step.Heat switch
                    {
                        Heat.Steamer => "In the steamer",
                        _ => "Under a cap",
                    }
                )
        );
        Assert.Equal(20, plan.Steps.First(step => step.Step.Kind.Covers).Wait!.Chosen);
    }

    [Theory]
    [InlineData("", null, "This file holds no routine.")]
    [InlineData("- a\n- b", null, "This file holds no routine.")]
    [InlineData("version: 2", 1L, "It was written for version 2. Kamuri reads 1 to 1.")]
    [InlineData("version: 1\nid: a", 1L, "“says” is missing.")]
    [InlineData("steps:\n  - do: fly\n    why: x", 8L, "There is no step called “fly”.")]
    [InlineData("steps:\n  - do: look", 8L, "“why” is missing.")]
    [InlineData("steps:\n  - look", 8L, "“look” is no step. Write “do:”, “then:”, “one of:” or “leave out:”.")]
    [InlineData(
        "steps:\n  - do: look\n    why: x\n    if: the moon is full",
        10L,
        "Kamuri does not know whether “the moon is full” is true."
    )]
    [InlineData("steps:\n  - do: look\n    why: x\n    if: aim is money", 10L, "aim cannot be “money”.")]
    [InlineData("steps:\n  - do: look\n    why: x\n    how: y", 10L, "Kamuri does not know “how”.")]
    [InlineData("steps:\n  - do: dry\n    why: x\n    until: 200", 10L, "“until” is a number from 80 to 95.")]
    [InlineData("steps:\n  - then: nowhere", null, "There is no part called “nowhere”, or it takes itself.")]
    [InlineData(
        "steps:\n  - then: round\nparts:\n  round:\n    - then: round",
        null,
        "There is no part called “round”, or it takes itself."
    )]
    [InlineData("steps: look", 7L, "“look” must be a list.")]
    public void What_is_wrong_with_one_is_said_with_its_line(string text, long? line, string sentence)
    {
        var head = "version: 1\nid: own\nsays: our way\nhint: Ours.\nsuits: [loose]\nfor: [moisture]\n";
        var file = text.StartsWith("steps", StringComparison.Ordinal) ? head + text : text;
        var trouble = Assert.Throws<RoutineException>(() => RoutineFile.Read(file, RoutineCatalogue.Shared));

        Assert.Equal(sentence, trouble.Message);
        Assert.Equal(line, trouble.Line);
    }

    [Fact]
    public void One_that_is_too_long_or_no_yaml_is_refused()
    {
        var head = "version: 1\nid: own\nsays: our way\nhint: Ours.\nsuits: [loose]\nsteps:\n";
        var long_ = head + string.Concat(Enumerable.Repeat("  - do: look\n    why: x\n", 500));
        Assert.Equal("It takes more than 250 steps, with every part written out.", Refused(long_));
        Assert.StartsWith("It is too long:", Refused(new string('#', RoutineFile.LongestText + 1)), StringComparison.Ordinal);
        Assert.StartsWith("This is not YAML:", Refused("steps: [\n - : :"), StringComparison.Ordinal);

        static string Refused(string text) =>
            Assert.Throws<RoutineException>(() => RoutineFile.Read(text, RoutineCatalogue.Shared)).Message;
    }

    [Theory]
    [MemberData(nameof(Days))]
    public void A_plan_that_is_kept_and_written_comes_back_as_the_same_day(string routine, string head)
    {
        var (id, who) = (RoutineCatalogue.Find(routine)!, Heads.First(each => each.Name == head).Head);
        var style = id.For(Aim.Moisture) == Aim.Refresh ? EndStyle.AsItIs : AimCatalogue.UsualStyle(who.Wear.Kind);
        var request = Given.Request(id.For(Aim.Moisture), style, who) with { Routine = routine };
        var steps = Given
            .Compose(request)
            .Walk.Select(walked => walked.Step with { Minutes = walked.Step.Kind.Covers ? 25 : null })
            .ToList();

        var text = RoutineFile.Write(Routine.Of("Our: \"long\" day", "for twists", who.Wear.Kind, steps));
        var own = RoutineFile.Read(text, RoutineCatalogue.Shared);
        var again = Given.Compose(request with { Own = own, Schools = who.Schools with { FinalWater = FinalWater.Lukewarm } });

        Assert.Equal("Our: \"long\" day", own.Says);
        Assert.Equal(
            steps.Select(step => (step.Kind, step.Places, step.Heat, step.Air, step.DrynessWanted, step.Minutes, step.AmountFactor)),
            again.Walk.Select(walked =>
                (
                    walked.Step.Kind,
                    walked.Step.Places,
                    walked.Step.Heat,
                    walked.Step.Air,
                    walked.Step.DrynessWanted,
                    walked.Step.Minutes,
                    walked.Step.AmountFactor
                )
            )
        );
    }

    [Fact]
    public void Herbs_go_on_before_the_cleanse_or_on_clean_hair_with_a_short_deep_condition_behind()
    {
        Composition Day(HerbsPlace place) =>
            Given.Compose(Given.Request(Aim.OilFree, head: Given.Head() with { Schools = new Schools { Herbs = place } }));
        var (before, after) = (Day(HerbsPlace.BeforeCleanse), Day(HerbsPlace.AfterCleanse));
        int At(Composition day, string step) => day.Walk.ToList().FindIndex(walked => walked.Step.Kind.Id == step);

        Assert.True(At(before, "herb-juice") < At(before, "cleanse"));
        Assert.InRange(At(after, "herb-juice"), At(after, "cleanse"), At(after, "deep-condition"));
        Assert.DoesNotContain(after.Findings, finding => finding.Severity != Severity.Note);
        Assert.Equal(20, after.Walk.Last(walked => walked.Step.Kind.Covers).Step.Minutes);
    }

    [Theory]
    [InlineData(Aim.Quick)]
    [InlineData(Aim.Moisture)]
    [InlineData(Aim.Reset)]
    public void Leave_in_goes_on_in_the_warm_shower_without_a_cold_rinse_over_it(Aim aim)
    {
        var head = Given.Head() with
        {
            Porosity = Porosity.Low,
            Schools = new Schools { LeaveIn = LeaveInOn.WarmShower },
        };
        var day = Given.Compose(Given.Request(aim, head: head));

        Assert.Contains("cool-rinse leave-in-in-shower blot oil", Given.Order(day), StringComparison.Ordinal);
        Assert.Equal(WaterTemperature.Lukewarm, day.Walk.Single(walked => walked.Step.Kind.IsClosingRinse).Step.Water);
        Assert.DoesNotContain(day.Findings, finding => finding.Severity != Severity.Note);
    }

    private const string Beginning = "version: 1\nid: a\nsays: a\nhint: a\nsuits: [loose]\n";

    public static TheoryData<string> Bombs =>
        [
            Beginning + "steps: " + new string('[', 50_000),
            Beginning + "steps: " + string.Concat(Enumerable.Repeat("{a: ", 14_000)),
            Beginning + "one: &one [a, a]\nsteps: [*one, *one]",
            // Every part takes the next twelve times: a billion steps in a page of text.
            Beginning
                + "steps:\n  - then: p0\nparts:\n"
                + string.Concat(
                    Enumerable.Range(0, 7).Select(at => $"  p{at}:\n" + string.Concat(Enumerable.Repeat($"    - then: p{at + 1}\n", 12)))
                )
                + "  p7:\n    - do: rinse\n      why: a\n",
        ];

    [Theory]
    [MemberData(nameof(Bombs))]
    public void A_small_file_cannot_grow_without_end(string text) =>
        Assert.Throws<RoutineException>(() => RoutineFile.Read(text, RoutineCatalogue.Shared));

    [Theory]
    [InlineData("  - do: oil\n    why: a\n    places: []", "places")]
    [InlineData("  - do: oil\n    why: a\n    places: [64]", "places")]
    [InlineData("  - do: cover\n    why: a\n    heat: 99", "heat")]
    [InlineData("  - do: look\n    why: \" \"", "why")]
    public void What_is_no_value_is_placed(string step, string field) =>
        Assert.Equal(
            field,
            Assert.Throws<RoutineException>(() => RoutineFile.Read(Beginning + "steps:\n" + step, RoutineCatalogue.Shared)).Field
        );

    [Fact]
    public void An_own_routine_is_taken_as_it_is_and_the_rules_speak_of_it()
    {
        var own = RoutineFile.Read(
            """
            version: 1
            id: comb-first
            says: comb first
            hint: The comb before anything is on.
            suits: [loose]
            steps:
              - do: tool-detangle
                why: It has always been like that.
              - do: cleanse
                why: It gets clean.
                if: not aim is refresh
            """,
            RoutineCatalogue.Shared
        );
        var day = Given.Compose(Given.Request() with { Own = own });

        Assert.Equal("tool-detangle cleanse", Given.Order(day));
        Assert.Contains(day.Findings, finding => finding.Severity == Severity.Stop);
    }
}
