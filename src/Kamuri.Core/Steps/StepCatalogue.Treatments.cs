using Kamuri.Core.Physics;

namespace Kamuri.Core.Steps;

/// <summary>Treatments beyond the plain day: gels, juices, oils, clay, pastes, protein, and the closing rinses.</summary>
public static partial class StepCatalogue
{
    private const string HardToRinse = "It gets harder to rinse; take it off now.";

    private static IReadOnlyList<StepKind> Treatments =>
    [
        new()
        {
            Id = StepIds.PatchTest, Name = "Patch test", Phase = Phase.Ahead,
            Instruction = "A drop behind the ear or in the elbow; wait a day before it goes on the head.",
            Places = Places.None, HandsOn = new(3), Cautions = ["stings-off"],
        },
        new()
        {
            Id = StepIds.ScalpMassage, Name = "Scalp massage", Phase = Phase.Ready,
            Instruction = "Fingertips, small circles, no nails.",
            Places = Places.Scalp, HandsOn = new(8), CanBeSpared = true,
        },
        new()
        {
            Id = StepIds.PlantGel, Name = "Plant gel", Phase = Phase.Loosen,
            Instruction = "Smooth it through until the section glides between two fingers.",
            Places = Places.Lengths | Places.Ends, Direction = Direction.EndsToRoots, HandsOn = new(3, 2.5),
            Processing = new(new Window(20, 30, 120), new Window(15, 25, 60), FollowsPorosity: true, AfterLatest: "It dries stiff; mist it, then rinse."),
            NeedsAtLeast = Wetness.Damp, NeedsAtMost = Wetness.Wrung, Puts = Substance.PlantGel, IsBeforeCleanse = true, CanBeSpared = true,
            Suits = HairKinds.Combable, Cautions = ["slippery-floor", "old-towel"],
        },
        new()
        {
            Id = StepIds.HerbJuice, Name = "Herb juice", Phase = Phase.Loosen,
            Instruction = "Pour over scalp and lengths, nothing oily under it.",
            Places = Places.Scalp | Places.Lengths, Direction = Direction.RootsToEnds, HandsOn = new(3, 1),
            Processing = new(new Window(10, 15, 30), AfterLatest: "It may itch; rinse now, at once if it stings."),
            NeedsAtMost = Wetness.Wrung, Leaves = Wetness.Wrung, Puts = Substance.HerbJuice, IsBeforeCleanse = true, CanBeSpared = true,
            Treatment = Treatment.HerbPrePoo, Cautions = ["eyes", "stings-off"],
        },
        new()
        {
            Id = StepIds.OnionJuice, Name = "Onion-family juice", Phase = Phase.Loosen,
            Instruction = "A little, along the parts, on the scalp only.",
            Places = Places.Scalp, HandsOn = new(3, 1),
            Processing = new(new Window(10, 20, 30), AfterLatest: "It irritates and the smell stays; wash it out now."),
            Puts = Substance.OnionJuice, IsBeforeCleanse = true, CanBeSpared = true, Cautions = ["eyes", "stings-off"],
        },
        new()
        {
            Id = StepIds.GrainWater, Name = "Grain water", Phase = Phase.Loosen,
            Instruction = "Spray through the lengths for slip; not for long.",
            Places = Places.Lengths | Places.Ends, HandsOn = new(2, 0.6),
            Processing = new(new Window(3, 5, 10), AfterLatest: "It stiffens like protein; rinse."),
            Leaves = Wetness.Wrung, Puts = Substance.GrainWater, IsBeforeCleanse = true, CanBeSpared = true, Suits = HairKinds.Combable,
        },
        new()
        {
            Id = StepIds.HotOil, Name = "Hot oil", Phase = Phase.Loosen,
            Instruction = "Warm oil, wrist-tested, in thin lines over scalp and lengths until strands shine but do not drip.",
            Places = Places.Scalp | Places.Lengths | Places.Ends, Direction = Direction.RootsToEnds, HandsOn = new(5, 1.5),
            Processing = new(new Window(15, 30, 45), new Window(15, 20, 30), FollowsPorosity: true, AfterLatest: "It gets hard to wash out."),
            NeedsAtMost = Wetness.Damp, Puts = Substance.HotOil, IsBeforeCleanse = true, CanBeSpared = true, Treatment = Treatment.HotOil,
            Suits = HairKinds.Combable, Cautions = ["warm-mixture", "old-towel", "oily-towel"],
        },
        new()
        {
            Id = StepIds.HotOilAfter, Name = "Hot oil on clean hair", Phase = Phase.Feed,
            Instruction = "A little warm oil on damp, clean hair; rinse or leave only a trace.",
            Places = Places.Lengths | Places.Ends, Direction = Direction.MidToEnds, HandsOn = new(4, 1.2),
            Processing = new(new Window(15, 30, 45), new Window(15, 20, 30), FollowsPorosity: true, AfterLatest: "It gets hard to rinse out."),
            NeedsAtLeast = Wetness.Damp, NeedsAtMost = Wetness.Wrung, Puts = Substance.HotOil, CanBeSpared = true, Treatment = Treatment.HotOil,
            Suits = HairKinds.Combable, Cautions = ["warm-mixture", "oily-towel", "old-towel"],
        },
        new()
        {
            Id = StepIds.HeavyOil, Name = "Heavy oil", Phase = Phase.Loosen,
            Instruction = "Heavy sealing oil as a treatment, in the parts and over the lengths.",
            Places = Places.Scalp | Places.Lengths | Places.Ends, Direction = Direction.RootsToEnds, HandsOn = new(5, 1.5),
            Processing = new(new Window(120, 150, 180), new Window(15, 20, 30), AfterLatest: "It is only harder to wash out."),
            NeedsAtMost = Wetness.Damp, Puts = Substance.HeavyOil, IsBeforeCleanse = true, CanBeSpared = true, Treatment = Treatment.HotOil,
            Suits = HairKinds.Combable, Cautions = ["old-towel", "oily-towel"],
        },
        new()
        {
            Id = StepIds.HeavyOilOvernight, Name = "Heavy oil, overnight", Phase = Phase.Loosen,
            Instruction = "In the parts before bed; an old pillowcase, hair twisted up.",
            Places = Places.Scalp, HandsOn = new(5, 1.5),
            Processing = new(new Window(360, 480, 540), AfterLatest: "It needs a lifting rinse and two passes."),
            NeedsAtMost = Wetness.Damp, Puts = Substance.HeavyOil, IsBeforeCleanse = true, IsOvernight = true, CanBeSpared = true,
            Treatment = Treatment.HotOil, Suits = HairKinds.Combable, Cautions = ["no-cap-asleep", "oily-towel", "old-towel"],
        },
        new()
        {
            Id = StepIds.PrePooOvernight, Name = "Pre-poo, overnight", Phase = Phase.Loosen,
            Instruction = "Plain oil through the lengths before bed, sections twisted, a soft scarf.",
            Places = Places.Lengths | Places.Ends, Direction = Direction.EndsToRoots, HandsOn = new(3, 2.5),
            Processing = new(new Window(360, 420, 540), AfterLatest: "Plain oil does no harm; wash when you are up.", IsHarmlessAfter: true),
            NeedsAtMost = Wetness.Damp, Puts = Substance.HotOil, IsBeforeCleanse = true, IsOvernight = true, CanBeSpared = true,
            Suits = HairKinds.Combable, Cautions = ["no-cap-asleep", "oily-towel", "old-towel"],
        },
        new()
        {
            Id = StepIds.EndShield, Name = "Condition the ends", Phase = Phase.Clean,
            Instruction = "Conditioner on the ends only, a shield while the scalp is cleansed.",
            Places = Places.Ends, HandsOn = new(1, 0.6), NeedsAtLeast = Wetness.Damp, Puts = Substance.EndShield, CanBeSpared = true,
            Suits = HairKinds.Combable,
        },
        new()
        {
            Id = StepIds.CoWash, Name = "Co-wash", Phase = Phase.Clean,
            Instruction = "Massage the scalp with cleansing conditioner, then rinse long.",
            Places = Places.Scalp | Places.Roots | Places.Lengths, Direction = Direction.RootsToEnds, HandsOn = new(2, 2),
            NeedsAtLeast = Wetness.Wrung, Water = WaterTemperature.Warm, Leaves = Wetness.Soaked, Puts = Substance.CoWash, Removes = Removal.Wash,
            Needs = [Resource.Shower], IsConditioning = true, Treatment = Treatment.Wash, Suits = HairKinds.Combable, Cautions = ["water-warm", "slippery-floor"],
        },
        new()
        {
            Id = StepIds.Clay, Name = "Clay mask", Phase = Phase.Clean,
            Instruction = "Scalp and lengths; keep it damp with a mist, do not let it crack.",
            Places = Places.Scalp | Places.Roots | Places.Lengths, Direction = Direction.RootsToEnds, HandsOn = new(4, 2.5),
            Processing = new(new Window(10, 20, 30), AfterLatest: "It draws moisture out; mist it and rinse."),
            NeedsAtLeast = Wetness.Damp, NeedsAtMost = Wetness.Wrung, Puts = Substance.Clay, StripsBare = true, CanBeSpared = true,
            Treatment = Treatment.Clarify, Suits = HairKinds.Combable, Cautions = ["dust", "non-metal"],
        },
        new()
        {
            Id = StepIds.HerbPaste, Name = "Herb paste", Phase = Phase.Clean,
            Instruction = "Sieved paste, section by section, from the roots; keep it covered.",
            Places = Places.Scalp | Places.Roots | Places.Lengths, Direction = Direction.RootsToEnds, HandsOn = new(5, 3),
            Processing = new(new Window(20, 30, 120), new Window(20, 20, 30), AfterLatest: HardToRinse),
            NeedsAtLeast = Wetness.Damp, NeedsAtMost = Wetness.Wrung, Puts = Substance.HerbPaste, IsBeforeCleanse = true, CanBeSpared = true,
            Suits = HairKinds.Combable, Cautions = ["dust", "old-towel", "stings-off"],
        },
        new()
        {
            Id = StepIds.EggMask, Name = "Egg mask", Phase = Phase.Loosen,
            Instruction = "Cool, along the lengths; old clothes, it runs.",
            Places = Places.Lengths | Places.Ends, Direction = Direction.MidToEnds, HandsOn = new(3, 2),
            Processing = new(new Window(15, 20, 30), IsProtein: true, AfterLatest: "Hair turns stiff; rinse cool now."),
            NeedsAtMost = Wetness.Wrung, Puts = Substance.Egg, IsBeforeCleanse = true, CanBeSpared = true, Treatment = Treatment.LightProtein,
            Suits = HairKinds.Combable, Cautions = ["raw-egg", "old-towel"],
        },
        new()
        {
            Id = StepIds.ProteinPrePoo, Name = "Protein before the cleanse", Phase = Phase.Loosen,
            Instruction = "Light protein on dry hair, along the lengths; no combing while it sets.",
            Places = Places.Lengths | Places.Ends, Direction = Direction.MidToEnds, HandsOn = new(2, 2),
            Processing = new(new Window(15, 20, 30), IsProtein: true, AfterLatest: "Protein left longer makes hair stiff and brittle; rinse now."),
            NeedsAtMost = Wetness.Damp, Puts = Substance.Protein, IsBeforeCleanse = true, CanBeSpared = true, Treatment = Treatment.LightProtein,
            Suits = HairKinds.Combable, Cautions = ["label-first"],
        },
        new()
        {
            Id = StepIds.StrongProtein, Name = "Strong protein", Phase = Phase.Feed,
            Instruction = "Exactly as its label says; the hair stays still while it sets.",
            Places = Places.Lengths | Places.Ends, Direction = Direction.MidToEnds, HandsOn = new(2, 2),
            Processing = new(new Window(5, 10, 15), IsProtein: true, AfterLatest: "Hair breaks; rinse at once, moisture behind it."),
            NeedsAtLeast = Wetness.Damp, NeedsAtMost = Wetness.Wrung, Puts = Substance.StrongProtein, Treatment = Treatment.StrongProtein,
            CanBeSpared = true, Suits = HairKinds.Combable, Cautions = ["label-first"],
        },
        new()
        {
            Id = StepIds.ProteinDeepCondition, Name = "Deep condition with protein", Phase = Phase.Feed,
            Instruction = "Ends first, then upwards; leave the scalp free. Squeeze it in.",
            Places = Places.Lengths | Places.Ends, Direction = Direction.EndsToRoots, HandsOn = new(3, 2.5),
            Processing = new(new Window(15, 20, 30), IsProtein: true, AfterLatest: "The protein in it makes hair stiff; rinse now."),
            NeedsAtLeast = Wetness.Damp, NeedsAtMost = Wetness.Wrung, Puts = Substance.ProteinConditioner, IsConditioning = true,
            Treatment = Treatment.LightProtein, Suits = HairKinds.Combable, Cautions = ["label-first", "slippery-floor"],
        },
        new()
        {
            Id = StepIds.OilRinse, Name = "Oil rinse", Phase = Phase.Feed,
            Instruction = "A spoon of light oil through wet hair, then rinse cool.",
            Places = Places.Lengths | Places.Ends, Direction = Direction.MidToEnds, HandsOn = new(2, 0.5),
            Processing = new(new Window(2, 3, 5), AfterLatest: "It turns greasy; rinse."),
            NeedsAtLeast = Wetness.Damp, Puts = Substance.OilRinse, CanBeSpared = true, Suits = HairKinds.Combable, Cautions = ["slippery-floor", "oily-towel", "old-towel"],
        },
        new()
        {
            Id = StepIds.AloeRinse, Name = "Aloe rinse", Phase = Phase.Close,
            Instruction = "Pour a mild aloe or acidic rinse through, cool; it stays in.",
            Places = Places.Scalp | Places.Lengths | Places.Ends, HandsOn = new(3), Water = WaterTemperature.Cool, Leaves = Wetness.Soaked,
            NeedsAtLeast = Wetness.Damp, Puts = Substance.AcidicRinse, CanBeSpared = true, Cautions = ["eyes"],
        },
        new()
        {
            Id = StepIds.Plop, Name = "Plop", Phase = Phase.Close,
            Instruction = "Gather the hair on top in a T-shirt and leave it.",
            Places = Places.Lengths | Places.Ends, HandsOn = new(2),
            Processing = new(new Window(10, 20, 30), AfterLatest: "Roots lie flat; take it down."),
            NeedsAtLeast = Wetness.Damp, Leaves = Wetness.Blotted, CanBeSpared = true, Suits = HairKinds.Combable,
        },
        new()
        {
            Id = StepIds.Butter, Name = "Butter", Phase = Phase.Layer,
            Instruction = "A pea at a time, melted between the palms, on the ends above all.",
            Places = Places.Lengths | Places.Ends, Direction = Direction.MidToEnds, HandsOn = new(1, 1),
            Puts = Substance.Butter, CanBeSpared = true, Suits = HairKinds.Combable, Cautions = ["oily-towel"],
        },
    ];
}
