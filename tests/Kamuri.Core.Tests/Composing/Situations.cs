using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Physics;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Composing;

/// <summary>One worked situation: who comes, what is wanted, and the day that follows.</summary>
/// <param name="Name">In a few words.</param>
/// <param name="Ask">The request.</param>
/// <param name="Order">Steps in order.</param>
/// <param name="Says">Rules that have something to say.</param>
/// <param name="Hands">Minutes hands are busy.</param>
/// <param name="Whole">Minutes from the first step to the last, with one pair of hands.</param>
public sealed record Situation(string Name, PlanRequest Ask, string Order, string Says, int Hands, int Whole)
{
    /// <summary>What is left out, if anything.</summary>
    public string LeavesOut { get; init; } = "";

    public override string ToString() => Name;
}

/// <summary>
/// Situations across kinds of hair, aims, styles and schools. The head is 30 cm, medium, six sections, combed ten days ago.
/// </summary>
public class Situations
{
    private static readonly Head Loose = Given.Head();
    private static readonly Head Mature = Loose with { Wear = new Wear(Locs: new LocsWorn(LocStage.Mature, 90, 8)) };
    private static readonly Head Starter = Loose with { Wear = new Wear(Locs: new LocsWorn(LocStage.Starter, 110, 7)) };
    private static readonly Head Braided = Loose with
    {
        Wear = new Wear(Style: new StyleWorn(StyleMade.Braids, Given.Today.AddDays(-21), 250)),
    };
    private static readonly Head Overdue = Loose with { Wear = new Wear(Style: new StyleWorn(StyleMade.Twists, Given.Today.AddDays(-60))) };
    private static readonly Head Down = Loose with
    {
        Wear = new Wear(Down: new TakenDown(StyleMade.Braids, 42)),
        LastWash = Given.Today.AddDays(-42),
    };
    private static readonly Head Child = Loose with { AgeGroup = AgeGroup.SixToTwelve, CanSitUnderHeat = false };

    private static PlanRequest Ask(Head head, Aim aim, EndStyle style, Schools? schools = null) =>
        Given.Request(aim, style, head) with
        {
            Schools = schools,
        };

    private static PlanRequest Ago(PlanRequest request, Treatment treatment, int days) =>
        request with
        {
            History = new History { LastDone = new Dictionary<Treatment, DateOnly> { [treatment] = Given.Today.AddDays(-days) } },
        };

    public static TheoryData<Situation> All =>
        new(
            new Situation(
                "moisture into twists",
                Ask(Loose, Aim.Moisture, EndStyle.Twists),
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring deep-condition "
                    + "tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry",
                "",
                173,
                597
            ),
            new Situation(
                "moisture, combed in the pre-poo",
                Ask(Loose, Aim.Moisture, EndStyle.Twists, new Schools { Detangle = DetangleIn.PrePoo }),
                "look dampen pre-poo tool-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring deep-condition cover-2 "
                    + "cool-rinse blot leave-in oil cream twists dry",
                "",
                179,
                603
            ),
            new Situation(
                "moisture, combed in the leave-in",
                Ask(Loose, Aim.Moisture, EndStyle.Twists, new Schools { Detangle = DetangleIn.LeaveIn }),
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring deep-condition cover-2 "
                    + "cool-rinse blot leave-in tool-detangle oil cream twists dry",
                "",
                177,
                601
            ),
            new Situation(
                "moisture, fingers only",
                Ask(Loose, Aim.Moisture, EndStyle.Twists, new Schools { Detangle = DetangleIn.FingersOnly }),
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring deep-condition cover-2 "
                    + "cool-rinse blot leave-in oil cream twists dry",
                "",
                153,
                577
            ),
            new Situation(
                "moisture, pre-poo overnight",
                Ask(Loose, Aim.Moisture, EndStyle.Twists, new Schools { Length = TreatmentLength.Overnight }),
                "look pre-poo-overnight finger-detangle twist-and-clip rinse cleanse rinse-2 tea-rinse wring deep-condition "
                    + "tool-detangle cover cool-rinse blot leave-in oil cream twists dry",
                "",
                168,
                1070
            ),
            new Situation(
                "moisture, co-wash school",
                Ask(Loose, Aim.Moisture, EndStyle.Twists, new Schools { ScalpConditioner = ScalpConditioner.CoWash }),
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse co-wash rinse-2 tea-rinse wring deep-condition "
                    + "tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry",
                "",
                176,
                600
            ),
            new Situation(
                "moisture, ends shielded, butter last",
                Ask(Loose, Aim.Moisture, EndStyle.TwistOut, new Schools { EndsFirst = true, Butter = true }),
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse end-shield cleanse rinse-2 tea-rinse wring "
                    + "deep-condition tool-detangle cover-2 cool-rinse blot leave-in oil cream butter twists dry "
                    + "take-twists-down",
                "",
                193,
                732
            ),
            new Situation(
                "moisture, lukewarm to the end",
                Ask(Loose, Aim.Moisture, EndStyle.Bun, new Schools { FinalWater = FinalWater.Lukewarm }),
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring deep-condition "
                    + "tool-detangle cover-2 cool-rinse blot leave-in oil cream dry bun",
                "",
                165,
                405
            ),
            new Situation(
                "moisture, but the strand asks for protein",
                Ask(Loose, Aim.Moisture, EndStyle.Twists) with
                {
                    Stretch = StretchCheck.NeedsProtein,
                },
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring protein-light rinse-3 "
                    + "wring-2 deep-condition tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry",
                "",
                196,
                640
            ),
            new Situation(
                "strength into a twist-out",
                Ask(Loose, Aim.Strength, EndStyle.TwistOut),
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring protein-light rinse-3 "
                    + "wring-2 deep-condition tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry "
                    + "take-twists-down",
                "",
                204,
                763
            ),
            new Situation(
                "strength, protein in the deep condition",
                Ask(Loose, Aim.Strength, EndStyle.Twists, new Schools { Protein = ProteinPlace.InDeepCondition }),
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring protein-deep-condition "
                    + "tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry",
                "",
                175,
                589
            ),
            new Situation(
                "strength, but the strand asks for moisture",
                Ask(Loose, Aim.Strength, EndStyle.Twists) with
                {
                    Stretch = StretchCheck.NeedsMoisture,
                },
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring deep-condition "
                    + "tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry",
                "",
                173,
                597
            )
            {
                LeavesOut = "Light protein",
            },
            new Situation(
                "strength on low porosity, too soon",
                Ago(Ask(Loose with { Porosity = Porosity.Low }, Aim.Strength, EndStyle.Twists), Treatment.LightProtein, 10),
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring protein-light rinse-3 "
                    + "wring-2 deep-condition tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry",
                "R13 R21 R40",
                196,
                656
            ),
            new Situation(
                "reset into a wash-and-go",
                Ask(Loose, Aim.Reset, EndStyle.WashAndGo),
                "look wet-through clarify rinse tea-rinse wring deep-condition tool-detangle cover cool-rinse blot "
                    + "leave-in gel wash-and-go dry",
                "",
                135,
                389
            ),
            new Situation(
                "reset too soon after the last",
                Ago(Ask(Loose, Aim.Reset, EndStyle.Bun), Treatment.Clarify, 9),
                "look wet-through clarify rinse tea-rinse wring deep-condition tool-detangle cover cool-rinse blot leave-in oil dry bun",
                "R40",
                134,
                388
            ),
            new Situation(
                "reset five days after colour",
                Ask(
                    Loose with
                    {
                        ChemicalHistory = [new ChemicalEvent(ChemicalEventKind.Colour, Given.Today.AddDays(-5))],
                    },
                    Aim.Reset,
                    EndStyle.Bun
                ),
                "look wet-through clarify rinse tea-rinse wring deep-condition tool-detangle cover cool-rinse blot leave-in oil dry bun",
                "R43",
                134,
                388
            ),
            new Situation(
                "quick into a bun",
                Ask(Loose, Aim.Quick, EndStyle.Bun),
                "look wet-through cleanse rinse wring conditioner tool-detangle cool-rinse blot leave-in oil dry bun",
                "",
                119,
                283
            ),
            new Situation(
                "definition into a wash-and-go",
                Ask(Loose, Aim.Definition, EndStyle.WashAndGo),
                "look dampen plant-gel tool-detangle twist-and-clip cover rinse cleanse rinse-2 wring deep-condition cover-2 cool-rinse "
                    + "blot leave-in gel wash-and-go dry",
                "",
                159,
                385
            ),
            new Situation(
                "scalp comfort, light oil before",
                Ask(Loose, Aim.ScalpComfort, EndStyle.Twists),
                "look scalp-massage hot-oil cover rinse cleanse rinse-2 tea-rinse wring deep-condition tool-detangle "
                    + "cover-2 cool-rinse blot leave-in oil cream twists dry",
                "",
                180,
                606
            ),
            new Situation(
                "scalp comfort, heavy oil lifted with tea",
                Ask(Loose, Aim.ScalpComfort, EndStyle.Twists, new Schools { ScalpOil = ScalpOiling.HeavyWashedOut }),
                "look scalp-massage heavy-oil cover wet-through tea-rinse cleanse rinse cleanse-2 rinse-2 wring deep-condition "
                    + "tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry",
                "",
                196,
                739
            ),
            new Situation(
                "scalp comfort, heavy oil, two passes",
                Ask(
                    Loose,
                    Aim.ScalpComfort,
                    EndStyle.Twists,
                    new Schools { ScalpOil = ScalpOiling.HeavyWashedOut, Lifting = OilLifting.TwoPasses }
                ),
                "look scalp-massage heavy-oil cover wet-through cleanse rinse cleanse-2 rinse-2 tea-rinse wring deep-condition "
                    + "tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry",
                "",
                196,
                739
            ),
            new Situation(
                "scalp comfort, heavy oil overnight, clarified",
                Ask(
                    Loose,
                    Aim.ScalpComfort,
                    EndStyle.Twists,
                    new Schools
                    {
                        ScalpOil = ScalpOiling.HeavyWashedOut,
                        Length = TreatmentLength.Overnight,
                        Lifting = OilLifting.Clarify,
                    }
                ),
                "look scalp-massage heavy-oil-overnight wet-through clarify rinse tea-rinse wring deep-condition "
                    + "tool-detangle cover cool-rinse blot leave-in oil cream twists dry",
                "",
                171,
                1100
            ),
            new Situation(
                "scalp comfort, hot oil after the cleanse",
                Ask(Loose, Aim.ScalpComfort, EndStyle.Twists, new Schools { HotOil = HotOilPlace.After }),
                "look scalp-massage wet-through cleanse rinse tea-rinse blot-2 hot-oil-after rinse-2 wring "
                    + "deep-condition tool-detangle cover cool-rinse blot leave-in oil cream twists dry",
                "",
                181,
                627
            ),
            new Situation(
                "the oil-free month",
                Ask(Loose, Aim.OilFree, EndStyle.Twists),
                "look herb-juice rinse cleanse rinse-2 wring deep-condition tool-detangle cover cool-rinse blot leave-in cream twists dry",
                "",
                152,
                545
            )
            {
                LeavesOut = "Oil",
            },
            new Situation(
                "length-keeping, braids, to bed after",
                Ask(Loose, Aim.LengthKeeping, EndStyle.Braids) with
                {
                    EndsInBed = true,
                    DryingAir = Air.HoodLow,
                    Equipment = new Equipment(Hoods: 1),
                },
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring deep-condition "
                    + "tool-detangle cover-2 cool-rinse blot leave-in oil cream braids dry scarf",
                "",
                254,
                460
            ),
            new Situation(
                "a child, hood asked for",
                Ask(Child, Aim.Moisture, EndStyle.Twists) with
                {
                    DryingAir = Air.HoodLow,
                    Equipment = new Equipment(Hoods: 1),
                },
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring deep-condition "
                    + "tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry",
                "R19",
                173,
                330
            ),
            new Situation(
                "single twists three days after the last",
                Ago(Ask(Loose, Aim.BeforeStyle, EndStyle.SingleTwists), Treatment.TensionStyle, 3),
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring deep-condition "
                    + "tool-detangle cover-2 cool-rinse blot leave-in oil cream single-twists dry",
                "R41",
                237,
                776
            ),
            new Situation(
                "twenty days since the last wash",
                Ask(Loose with { LastWash = Given.Today.AddDays(-20) }, Aim.Moisture, EndStyle.Twists),
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-3 cleanse-2 rinse-2 tea-rinse wring "
                    + "deep-condition tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry",
                "R40",
                189,
                613
            ),
            new Situation(
                "mature locs, plain day",
                Ask(Mature, Aim.Quick, EndStyle.AsItIs),
                "look wet-through part-cleanse press-rinse blot scalp-oil dry",
                "",
                40,
                862
            ),
            new Situation(
                "mature locs, moisture, under the hood, to bed",
                Ask(Mature, Aim.Moisture, EndStyle.AsItIs) with
                {
                    EndsInBed = true,
                    DryingAir = Air.HoodLow,
                    Equipment = new Equipment(Hoods: 1),
                },
                "look wet-through part-cleanse press-rinse spray-conditioner press-rinse-2 blot scalp-oil dry scarf",
                "",
                53,
                228
            ),
            new Situation(
                "mature locs, reset",
                Ask(Mature, Aim.Reset, EndStyle.AsItIs),
                "look loc-soak part-cleanse press-rinse blot scalp-oil dry",
                "",
                40,
                883
            ),
            new Situation(
                "mature locs, retwist too soon",
                Ago(Ask(Mature, Aim.Quick, EndStyle.Retwist), Treatment.Retwist, 14),
                "look wet-through part-cleanse press-rinse blot retwist scalp-oil dry",
                "R42",
                178,
                1000
            ),
            new Situation(
                "starter locs, strength asked for",
                Ask(Starter, Aim.Strength, EndStyle.AsItIs),
                "look wet-through part-cleanse press-rinse blot scalp-oil dry",
                "",
                40,
                761
            )
            {
                LeavesOut = "Scrubbing and long soaking, Protein and masks",
            },
            new Situation(
                "locs with a comb put in",
                Ask(Mature, Aim.Quick, EndStyle.Twists) with
                {
                    Edits = [new AddStep("tool-detangle", "blot")],
                },
                "look wet-through part-cleanse press-rinse blot tool-detangle scalp-oil dry",
                "R45",
                101,
                908
            )
            {
                LeavesOut = "twists",
            },
            new Situation(
                "braids in, scalp comfort",
                Ask(Braided, Aim.ScalpComfort, EndStyle.AsItIs),
                "look scalp-massage wet-through part-cleanse press-rinse spray-conditioner blot scalp-oil dry",
                "",
                52,
                644
            ),
            new Situation(
                "braids in, no scalp oil, reset",
                Ask(Braided, Aim.Reset, EndStyle.AsItIs, new Schools { ScalpOil = ScalpOiling.None }),
                "look wet-through part-cleanse part-cleanse-2 press-rinse spray-conditioner blot dry",
                "",
                51,
                643
            ),
            new Situation(
                "a style worn sixty days",
                Ask(Overdue, Aim.Quick, EndStyle.AsItIs),
                "look wet-through part-cleanse press-rinse spray-conditioner blot scalp-oil dry",
                "R41",
                44,
                636
            ),
            new Situation(
                "just out of braids, recovery",
                Ask(Down, Aim.Recovery, EndStyle.Twists),
                "look clear-lint dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 cleanse-2 rinse-3 "
                    + "tea-rinse wring "
                    + "protein-light rinse-4 wring-2 deep-condition tool-detangle cover-2 cool-rinse blot leave-in oil cream "
                    + "twists dry",
                "R40",
                261,
                704
            ),
            new Situation(
                "just out of braids, moisture into a wash-and-go",
                Ask(Down, Aim.Moisture, EndStyle.WashAndGo),
                "look clear-lint dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 cleanse-2 rinse-3 "
                    + "tea-rinse wring "
                    + "deep-condition tool-detangle cover-2 cool-rinse blot leave-in gel wash-and-go dry",
                "R40",
                227,
                466
            ),
            new Situation(
                "moisture, clarifying late",
                Ago(Ask(Loose, Aim.Moisture, EndStyle.Twists), Treatment.Clarify, 70),
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse clarify rinse-2 tea-rinse wring deep-condition "
                    + "tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry",
                "R40",
                173,
                629
            ),
            new Situation(
                "moisture, protein late, the strand mushy",
                Ago(Ask(Loose, Aim.Moisture, EndStyle.Twists), Treatment.LightProtein, 60) with
                {
                    Stretch = StretchCheck.NeedsProtein,
                },
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring protein-light rinse-3 "
                    + "wring-2 deep-condition tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry",
                "R40",
                196,
                640
            ),
            new Situation(
                "a quick day with clarifying late",
                Ago(Ask(Loose, Aim.Quick, EndStyle.Bun), Treatment.Clarify, 70),
                "look wet-through cleanse rinse wring conditioner tool-detangle cool-rinse blot leave-in oil dry bun",
                "",
                119,
                283
            )
            {
                LeavesOut = "Clarifying",
            },
            new Situation(
                "moisture in the steamer, by the head's school",
                Ask(Loose, Aim.Moisture, EndStyle.Twists, new Schools { TreatmentHeat = Heat.Steamer }) with
                {
                    Equipment = new Equipment(Steamers: 1),
                },
                "look dampen pre-poo finger-detangle twist-and-clip cover rinse cleanse rinse-2 tea-rinse wring deep-condition "
                    + "tool-detangle cover-2 cool-rinse blot leave-in oil cream twists dry",
                "",
                173,
                584
            ),
            new Situation(
                "mature locs, moisture, the soak late",
                Ago(Ask(Mature, Aim.Moisture, EndStyle.AsItIs), Treatment.LocDetox, 200),
                "look loc-soak part-cleanse press-rinse spray-conditioner press-rinse-2 blot scalp-oil dry",
                "R40",
                51,
                893
            ),
            new Situation(
                "a mid-week refresh of twists",
                Ask(Loose, Aim.Refresh, EndStyle.AsItIs) with
                {
                    EndsInBed = true,
                },
                "refresh edges dry scarf",
                "",
                13,
                13
            )
            {
                LeavesOut = "Detangling",
            },
            new Situation(
                "a mid-week refresh of braids",
                Ask(Braided, Aim.Refresh, EndStyle.AsItIs),
                "refresh look scalp-oil dry",
                "",
                20,
                158
            ),
            new Situation("a patch test ahead of something new", Ask(Child, Aim.PatchTest, EndStyle.AsItIs), "patch-test", "", 3, 3)
            {
                LeavesOut = "Detangling",
            }
        );

    [Theory]
    [MemberData(nameof(All), DisableDiscoveryEnumeration = true)]
    public void The_day_that_follows(Situation situation)
    {
        var plan = Given.Plan(situation.Ask);
        Assert.Equal(situation.Order, string.Join(' ', plan.Steps.Select(step => step.Step.Id)));
        Assert.Equal(situation.Says, string.Join(' ', plan.Findings.Select(finding => finding.Rule).Distinct()));
        Assert.Equal(situation.LeavesOut, string.Join(", ", plan.LeftOut.Select(left => left.What)));
        Assert.Equal(situation.Hands, Math.Round(plan.Steps.Sum(step => step.HandsOnMinutes)));
        Assert.Equal(situation.Whole, (plan.End - plan.Start).TotalMinutes);
    }
}
