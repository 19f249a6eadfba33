using Kamuri.Core.Physics;

namespace Kamuri.Core.Steps;

public static partial class StepCatalogue
{
    private static StepKind Untwisting =>
        new()
        {
            Id = StepIds.UndoTwists,
            Name = "Undo the twists",
            Noun = "undoing the twists",
            Phase = Phase.Ready,
            Instruction = "Unwind each twist from the ends, so that the day begins on loose hair.",
            Places = Places.Lengths | Places.Ends,
            Direction = Direction.EndsToRoots,
            HandsOn = new(1, 1.2),
            NeedsAtMost = Wetness.Damp,
            Sets = Hang.Loose,
            Suits = HairKinds.Combable,
        };

    private static IReadOnlyList<StepKind> BeforeWater =>
        [
            new()
            {
                Id = StepIds.Look,
                Name = "Look and section",
                Noun = "looking and sectioning",
                Phase = Phase.Ready,
                Instruction = "Look at scalp and ends, then part and clip.",
                Places = Places.Scalp | Places.Lengths | Places.Ends,
                HandsOn = new(3, 1),
                Cautions = ["look-scalp"],
            },
            new()
            {
                Id = StepIds.Dampen,
                Name = "Dampen",
                Noun = "dampening",
                Phase = Phase.Ready,
                Instruction = "Mist each section until it is damp, not dripping.",
                Places = Places.Lengths | Places.Ends,
                HandsOn = new(1, 0.5),
                Water = WaterTemperature.Lukewarm,
                Leaves = Wetness.Damp,
            },
            new()
            {
                Id = StepIds.SlipMist,
                Name = "Slip mist",
                Noun = "slip mist",
                Phase = Phase.Ready,
                Instruction = "Mist with water and a little leave-in until the section glides.",
                Places = Places.Lengths | Places.Ends,
                HandsOn = new(2, 0.5),
                Water = WaterTemperature.Lukewarm,
                Leaves = Wetness.Damp,
                Puts = Substance.SlipMist,
            },
            new()
            {
                Id = StepIds.PrePoo,
                Name = "Pre-poo",
                Noun = "pre-poo",
                Phase = Phase.Loosen,
                Instruction = "Smooth it in, ends first, fragile zones before the rest.",
                Places = Places.Lengths | Places.Ends,
                Direction = Direction.EndsToRoots,
                HandsOn = new(3, 2.5, HandsOnModel.Applying),
                Processing = new(
                    new Window(20, 30, 120),
                    new Window(15, 20, 30),
                    FollowsPorosity: true,
                    AfterLatest: "It only gets harder to wash out; rinse when you can."
                ),
                NeedsAtLeast = Wetness.Damp,
                NeedsAtMost = Wetness.Wrung,
                Puts = Substance.PrePoo,
                IsBeforeCleanse = true,
                CanBeSpared = true,
                Cautions = ["slippery-floor", "warm-mixture", "old-towel"],
                Suits = HairKinds.Combable,
            },
            new()
            {
                Id = StepIds.FingerDetangle,
                Name = "Finger detangle",
                Noun = "finger detangling",
                Phase = Phase.Loosen,
                Instruction = "Part knots with your fingers, ends first, in the slip.",
                Places = Places.Lengths | Places.Ends,
                Direction = Direction.EndsToRoots,
                HandsOn = new(1, 2, TangleShare: 1),
                IsCompanion = true,
                Detangles = true,
                CanBeSpared = true,
                Suits = HairKinds.Combable,
            },
            Untwisting,
            new()
            {
                Id = StepIds.TwistAndClip,
                Name = "Twist and clip",
                Noun = "twisting and clipping",
                Phase = Phase.Loosen,
                Instruction = "Twist each section loosely as it is done and clip it up. What is on it goes on working.",
                Places = Places.Lengths | Places.Ends,
                Direction = Direction.RootsToEnds,
                HandsOn = new(1, 0.2),
                IsCompanion = true,
                CanBeSpared = true,
                Suits = HairKinds.Combable,
            },
            new()
            {
                Id = StepIds.Cover,
                Name = "Cover",
                Noun = "cover",
                Phase = Phase.Loosen,
                Instruction = "Gather the sections, cap on, towel round the shoulders.",
                Places = Places.Lengths | Places.Ends,
                HandsOn = new(2),
                IsCompanion = true,
                Covers = true,
                Cautions = ["cap-awake", "hood-low"],
            },
            new()
            {
                Id = StepIds.ToolDetangle,
                Name = "Tool detangle",
                Noun = "comb detangling",
                Phase = Phase.Feed,
                Instruction = "Wide-tooth comb, ends first, hold the hair above the knot.",
                Places = Places.Lengths | Places.Ends,
                Direction = Direction.EndsToRoots,
                HandsOn = new(1, 5, TangleShare: 1),
                IsCompanion = true,
                IsToolDetangle = true,
                Detangles = true,
                Suits = HairKinds.Combable,
            },
        ];
}
