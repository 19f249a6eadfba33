using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Routines;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Routines;

/// <summary>Days begin with hair as it comes: dry, damp, soaking, in twists, or with a treatment on it.</summary>
public class StartingHairTests
{
    private static readonly (string Name, Head Head)[] Heads =
    [
        ("loose", Given.Head()),
        ("fingers only", Given.Head() with { Schools = new Schools { Detangle = DetangleIn.FingersOnly } }),
        ("mature locs", Given.Head(40) with { Wear = new Wear(Locs: new LocsWorn(LocStage.Mature, 90, 8)) }),
        ("a month in braids", Given.Head() with { Wear = new Wear(Style: new StyleWorn(StyleMade.Braids, Given.Today.AddDays(-30))) }),
        ("just out of braids", Given.Head() with { Wear = new Wear(Down: new TakenDown(StyleMade.Braids, 42)) }),
    ];

    private static PlanRequest Request(Routine routine, Head head, StartingHair starts) =>
        Given.Request(
            routine.For(Aim.Moisture),
            routine.For(Aim.Moisture) == Aim.Refresh ? EndStyle.AsItIs : AimCatalogue.UsualStyle(head.Wear.Kind),
            head
        ) with
        {
            Routine = routine.Id,
            Starts = starts,
        };

    public static TheoryData<string> Starts =>
        [
            .. Enum.GetValues<HairComes>().Where(comes => comes != HairComes.Treated).Select(comes => $"{comes}"),
            .. StartingHair.Treatments.Select(kind => kind.Id),
        ];

    private static StartingHair Read(string start) =>
        Enum.TryParse<HairComes>(start, out var comes)
            ? new StartingHair(comes)
            : new StartingHair(HairComes.Treated, StepCatalogue.Get(start), 20);

    [Theory]
    [MemberData(nameof(Starts))]
    public void However_hair_comes_every_routine_goes_on_from_there_with_nothing_to_mend(string start)
    {
        var starts = Read(start);
        var wrong = new List<string>();
        foreach (var (name, head) in Heads)
        {
            foreach (
                var routine in RoutineCatalogue.All.Where(each =>
                    each.Suits.HasFlag(head.Wear.Kind) && starts.Suits.HasFlag(head.Wear.Kind)
                )
            )
            {
                var day = Given.Compose(Request(routine, head, starts));
                wrong.AddRange(
                    day.Findings.Where(each => each.Severity == Severity.Stop || each is { Severity: Severity.Warn, Fix: not null })
                        .Select(each => $"{name}, {routine.Id}: {each.Rule} {each.Reason} | {Given.Order(day)}")
                );
            }
        }

        Assert.Equal("", string.Join("\n", wrong));
    }

    [Theory]
    [InlineData("Damp", "moisten-and-re-twist", "leave-in oil twists dry")]
    [InlineData("Washed", "moisten-and-re-twist", "blot leave-in oil twists dry")]
    [InlineData("Washed", "simple-wash", "look wring conditioner tool-detangle cool-rinse blot leave-in oil cream twists dry")]
    [InlineData("InTwists", "refresh", "refresh edges dry")]
    [InlineData("InTwists", "moisten-and-re-twist", "undo-twists-first dampen leave-in oil twists dry")]
    [InlineData(
        "InTwists",
        "simple-wash",
        "undo-twists-first look wet-through cleanse rinse wring conditioner tool-detangle cool-rinse blot leave-in oil cream "
            + "twists dry"
    )]
    [InlineData(
        "heavy-oil",
        "heavy-oil-overnight",
        "heavy-oil-first wet-through tea-rinse cleanse rinse cleanse-2 rinse-2 wring conditioner tool-detangle cool-rinse blot leave-in "
            + "oil cream twists dry"
    )]
    [InlineData(
        "pre-poo",
        "full-moisture-day",
        "pre-poo-first finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring deep-condition tool-detangle "
            + "cover-2 cool-rinse blot "
            + "leave-in oil cream twists dry"
    )]
    [InlineData("deep-condition", "simple-wash", "deep-condition-first tool-detangle cool-rinse blot leave-in oil cream twists dry")]
    public void The_first_steps_follow_from_how_hair_comes(string start, string routine, string order)
    {
        var found = RoutineCatalogue.Find(routine)!;
        Assert.Equal(order, Given.Order(Given.Compose(Request(found, Given.Head(), Read(start)))));
    }

    [Theory]
    [InlineData(WornAs.Twists, HairComes.InTwists)]
    [InlineData(WornAs.Bun, HairComes.Dry)]
    [InlineData(WornAs.Loose, HairComes.Dry)]
    public void Hair_comes_as_it_is_worn(WornAs worn, HairComes comes)
    {
        Assert.Equal(comes, StartingHair.Of(Given.Head() with { WornAs = worn }).Comes);
        Assert.Equal(
            HairComes.Dry,
            StartingHair.Of(Given.Head() with { Wear = new Wear(Locs: new LocsWorn(LocStage.Mature, 90, 8)), WornAs = worn }).Comes
        );
    }

    [Theory]
    [InlineData(HairComes.Dry, "wet-through cleanse rinse conditioner")]
    [InlineData(HairComes.InTwists, "undo-twists-first wet-through cleanse rinse conditioner")]
    public void A_routine_of_a_day_that_began_in_twists_goes_by_the_hair_of_today(HairComes comes, string order)
    {
        var own = RoutineFile.Read(
            "version: 1\nid: own\nsays: our way\nhint: Ours.\nsuits: [loose]\nsteps:\n"
                + string.Concat(
                    new[] { "undo-twists", "wet-through", "cleanse", "rinse", "conditioner" }.Select(step =>
                        $"  - do: {step}\n    why: x\n"
                    )
                ),
            RoutineCatalogue.Shared
        );
        Assert.Equal(order, Given.Order(Given.Compose(Given.Request() with { Own = own, Starts = new StartingHair(comes) })));
    }

    [Fact]
    public void What_is_on_already_takes_no_product_and_its_minutes_count()
    {
        var routine = RoutineCatalogue.Find("full-moisture-day")!;
        var plan = Given.Plan(
            Request(routine, Given.Head(), new StartingHair(HairComes.Treated, StepCatalogue.Get(StepIds.PrePoo), 20)) with
            {
                Uses = new Dictionary<string, StepUse> { [StepIds.PrePoo] = new("Slow mask") },
            }
        );

        var on = plan.Steps[0];
        Assert.Equal((1.0, null), (on.HandsOnMinutes, on.Amount));
        Assert.Null(plan.Request.UseOf(on.Step));
        // Half an hour is usual, 20 minutes of it have passed, and two hours are the most.
        var cover = plan.Steps.Single(step => step.Step.Id == "cover");
        Assert.Equal(new Window(0, 10, 100), cover.Wait!.Window);
        Assert.EndsWith("; 20 of them have passed", cover.Wait.Working, StringComparison.Ordinal);

        // Past its time it comes off at once.
        var late = Given.Plan(Request(routine, Given.Head(), new StartingHair(HairComes.Treated, StepCatalogue.Get(StepIds.PrePoo), 200)));
        Assert.Equal(0, late.Steps.Single(step => step.Step.Id == "cover").Wait!.Window.Latest);
    }
}
