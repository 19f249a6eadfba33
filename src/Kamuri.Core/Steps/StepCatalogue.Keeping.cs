using Kamuri.Core.Physics;

namespace Kamuri.Core.Steps;

/// <summary>Steps of locs and worn styles, styles made piece by piece, and keeping a style until the next wash day.</summary>
public static partial class StepCatalogue
{
    private static IReadOnlyList<StepKind> Keeping =>
    [
        new()
        {
            Id = StepIds.LocSoak, Name = "Detox soak", Phase = Phase.Clean,
            Instruction = "Lower the locs into warm soak; move them gently, do not scrub.",
            Places = Places.Lengths, HandsOn = new(5), Water = WaterTemperature.Warm, Leaves = Wetness.Soaked,
            Processing = new(new Window(10, 20, 30), AfterLatest: "It dries the locs; rinse."),
            Puts = Substance.LocSoak, Needs = [Resource.Shower], Treatment = Treatment.LocDetox, Suits = HairKinds.Locs, CanBeSpared = true, Cautions = ["water-warm"],
        },
        new()
        {
            Id = StepIds.PartCleanse, Name = "Cleanse the parts", Phase = Phase.Clean,
            Instruction = "Diluted cleanser, one part to three, from a nozzle along the parts; fingertips on the scalp, press the lengths, never rub.",
            Places = Places.Scalp, HandsOn = new(3, 1.5), NeedsAtLeast = Wetness.Damp, Water = WaterTemperature.Warm, Leaves = Wetness.Soaked,
            Puts = Substance.DilutedCleanser, Removes = Removal.Wash, Needs = [Resource.Shower], IsCleanse = true, Treatment = Treatment.Wash,
            Suits = HairKinds.Kept, Cautions = ["water-warm"],
        },
        new()
        {
            Id = StepIds.PressRinse, Name = "Press and rinse", Phase = Phase.Clean,
            Instruction = "Let water run through and press downwards until it runs clear, three to five minutes.",
            Places = Places.Scalp | Places.Lengths, HandsOn = new(4, 0.4), Water = WaterTemperature.Lukewarm, Leaves = Wetness.Soaked,
            Removes = Removal.RinseOff, Needs = [Resource.Shower], Suits = HairKinds.Kept, Cautions = ["water-warm", "slippery-floor"],
        },
        new()
        {
            Id = StepIds.SprayConditioner, Name = "Light spray", Phase = Phase.Feed,
            Instruction = "A watery conditioner, sprayed along the lengths; nothing creamy.",
            Places = Places.Lengths | Places.Ends, HandsOn = new(2, 0.4), NeedsAtLeast = Wetness.Damp, Puts = Substance.LightSpray,
            IsConditioning = true, Suits = HairKinds.Kept,
        },
        new()
        {
            Id = StepIds.ScalpOil, Name = "Scalp oil", Phase = Phase.Layer,
            Instruction = "A few drops of light, penetrating oil on the parts.",
            Places = Places.Scalp, HandsOn = new(2, 0.5), Puts = Substance.ScalpOil, CanBeSpared = true, Cautions = ["oily-towel"],
        },
        new()
        {
            Id = StepIds.Retwist, Name = "Retwist", Phase = Phase.Set,
            Instruction = "Root by root, light tension, clip and go on.",
            Places = Places.Roots, HandsOn = new(3, MinutesPerPiece: 1.5), NeedsAtLeast = Wetness.Damp, NeedsAtMost = Wetness.Wrung,
            IsTensionStyle = true, Treatment = Treatment.Retwist, Sets = Hang.Locs, Suits = HairKinds.Locs, CanBeSpared = true, Cautions = ["not-tight"],
        },
        new()
        {
            Id = StepIds.ClearLint, Name = "Clear the lint rings", Phase = Phase.Ready,
            Instruction = "With slip on your fingers, draw lint and shed hair from each root before any water touches it.",
            Places = Places.Roots, HandsOn = new(5, 4, FollowsTangle: true), Detangles = true, Suits = HairKinds.TakenDown,
        },
        new()
        {
            Id = StepIds.SingleTwists, Name = "Single twists", Phase = Phase.Set,
            Instruction = "Two strands each, even, loose at the root.",
            Places = Places.Lengths | Places.Ends, Direction = Direction.RootsToEnds, HandsOn = new(3, MinutesPerPiece: 2.5), NeedsAtMost = Wetness.Wrung,
            Sets = Hang.Twists, IsTensionStyle = true, Treatment = Treatment.TensionStyle, Suits = HairKinds.Combable, Cautions = ["not-tight"],
        },
        new()
        {
            Id = StepIds.Braids, Name = "Braid", Phase = Phase.Set,
            Instruction = "Three strands each, no pulling at the edges.",
            Places = Places.Lengths | Places.Ends, Direction = Direction.RootsToEnds, HandsOn = new(3, MinutesPerPiece: 4), NeedsAtMost = Wetness.Blotted,
            Sets = Hang.Braids, IsTensionStyle = true, Treatment = Treatment.TensionStyle, Suits = HairKinds.Combable, Cautions = ["not-tight"],
        },
        new()
        {
            Id = StepIds.Edges, Name = "Edges", Phase = Phase.Set,
            Instruction = "A trace, smoothed with a soft brush, tied down for a few minutes.",
            Places = Places.Edges, HandsOn = new(5), Puts = Substance.EdgeControl, CanBeSpared = true, Suits = HairKinds.Combable, Cautions = ["not-tight"],
        },
        new()
        {
            Id = StepIds.Scarf, Name = "Scarf for the night", Phase = Phase.Keep,
            Instruction = "Satin scarf or bonnet, loose at the hairline.",
            Places = Places.Lengths | Places.Ends, HandsOn = new(2), IsNight = true, CanBeSpared = true,
        },
        new()
        {
            Id = StepIds.Refresh, Name = "Refresh", Phase = Phase.Keep,
            Instruction = "Mist the lengths lightly and smooth; do not comb.",
            Places = Places.Lengths | Places.Ends, HandsOn = new(2, 0.5), Water = WaterTemperature.Lukewarm, Leaves = Wetness.Misted, Puts = Substance.Mist,
        },
    ];
}
