using Kamuri.Core.Physics;

namespace Kamuri.Core.Steps;

public static partial class StepCatalogue
{
    private static IReadOnlyList<StepKind> AfterWater =>
        [
            new()
            {
                Id = StepIds.Blot,
                Name = "Blot",
                Noun = "blotting",
                Phase = Phase.Close,
                Instruction = "Press with a T-shirt or soft towel, then wrap and sit. No rubbing.",
                Places = Places.Lengths | Places.Ends,
                HandsOn = new(2),
                Processing = new(new Window(10, 15, 20), AfterLatest: "It gets too dry for the leave-in; mist before you go on."),
                NeedsAtLeast = Wetness.Damp,
                Leaves = Wetness.Blotted,
            },
            new()
            {
                Id = StepIds.LeaveInInShower,
                Name = "Leave-in in the shower",
                Noun = "leave-in in the shower",
                Phase = Phase.Close,
                Instruction = "Still in the warm, away from the jet: smooth it over wet hair from the ends up.",
                Places = Places.Lengths | Places.Ends,
                Direction = Direction.EndsToRoots,
                HandsOn = new(1, 1.5),
                NeedsAtLeast = Wetness.Soaked,
                Puts = Substance.LeaveIn,
                Needs = [Resource.Shower],
                Suits = HairKinds.Combable,
                Cautions = ["slippery-floor"],
            },
            new()
            {
                Id = StepIds.LeaveIn,
                Name = "Leave-in",
                Noun = "leave-in",
                Phase = Phase.Layer,
                Instruction = "Ends first, then lengths, smooth over the section.",
                Places = Places.Lengths | Places.Ends,
                Direction = Direction.EndsToRoots,
                HandsOn = new(1, 1.5),
                NeedsAtLeast = Wetness.Damp,
                NeedsAtMost = Wetness.Wrung,
                Puts = Substance.LeaveIn,
            },
            new()
            {
                Id = StepIds.Oil,
                Name = "Oil",
                Noun = "oil",
                Phase = Phase.Layer,
                Instruction = "A few drops in the palms, over lengths and ends.",
                Places = Places.Lengths | Places.Ends,
                Direction = Direction.MidToEnds,
                HandsOn = new(1, 1),
                Puts = Substance.Oil,
                CanBeSpared = true,
                Cautions = ["oily-towel"],
            },
            new()
            {
                Id = StepIds.Cream,
                Name = "Cream",
                Noun = "cream",
                Phase = Phase.Layer,
                Instruction = "A little at a time, smoothed down the section.",
                Places = Places.Lengths | Places.Ends,
                Direction = Direction.MidToEnds,
                HandsOn = new(1, 1),
                NeedsAtLeast = Wetness.Damp,
                NeedsAtMost = Wetness.Wrung,
                Puts = Substance.Cream,
                CanBeSpared = true,
                Suits = HairKinds.Combable,
            },
            new()
            {
                Id = StepIds.Gel,
                Name = "Gel",
                Noun = "gel",
                Phase = Phase.Layer,
                Instruction = "Rake and smooth through the wet section, then leave it alone.",
                Places = Places.Lengths | Places.Ends,
                Direction = Direction.RootsToEnds,
                HandsOn = new(1, 1),
                NeedsAtLeast = Wetness.Damp,
                NeedsAtMost = Wetness.Wrung,
                Puts = Substance.Gel,
                CanBeSpared = true,
                Cautions = ["slippery-floor"],
                Suits = HairKinds.Combable,
            },
            new()
            {
                Id = StepIds.Twists,
                Name = "Twist",
                Noun = "twisting",
                Phase = Phase.Set,
                Instruction = "Chunky two-strand twists, even tension, loose at the edges.",
                Places = Places.Lengths | Places.Ends,
                Direction = Direction.RootsToEnds,
                HandsOn = new(2, 2),
                NeedsAtMost = Wetness.Wrung,
                Sets = Hang.Twists,
                Cautions = ["not-tight"],
                Suits = HairKinds.Combable,
            },
            new()
            {
                Id = StepIds.WashAndGo,
                Name = "Shape curls",
                Noun = "shaping the curls",
                Phase = Phase.Set,
                Instruction = "Shake the roots, scrunch upwards once, hands off after that.",
                Places = Places.Roots | Places.Lengths,
                HandsOn = new(4, 0.5),
                NeedsAtLeast = Wetness.Damp,
                Sets = Hang.Loose,
                Suits = HairKinds.Combable,
            },
            new()
            {
                Id = StepIds.Dry,
                Name = "Dry",
                Noun = "drying",
                Phase = Phase.Set,
                Instruction = "Leave it alone while it dries.",
                HandsOn = new(1),
                Leaves = Wetness.Dry,
                IsDrying = true,
                Cautions = ["hood-low", "electric-dry"],
            },
            Untwisting with
            {
                Id = StepIds.TakeTwistsDown,
                Name = "Take the twists down",
                Noun = "taking the twists down",
                Phase = Phase.Set,
                Instruction = "A drop of oil on the fingers; unwind from the ends.",
            },
            new()
            {
                Id = StepIds.Bun,
                Name = "Bun",
                Noun = "bun",
                Phase = Phase.Set,
                Instruction = "Gather low and loose; the ends tucked in, nothing pulling at the edges.",
                Places = Places.Lengths | Places.Ends | Places.Edges,
                HandsOn = new(6),
                NeedsAtMost = Wetness.Damp,
                Sets = Hang.Bun,
                Cautions = ["not-tight"],
            },
        ];
}
