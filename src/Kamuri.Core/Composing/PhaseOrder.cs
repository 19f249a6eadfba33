using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing;

/// <summary>
/// Which phase of the day a step stands in. Water, wringing, rinsing, covering and combing belong to no phase of their own:
/// what prepares hair goes with what comes behind it, what finishes a treatment with the treatment.
/// </summary>
public static class PhaseOrder
{
    /// <summary>The phase each step stands in, in the order of the steps.</summary>
    public static IReadOnlyList<Phase> Of(IReadOnlyList<PlanStep> steps) =>
        [.. Blocks(steps).SelectMany(block => Enumerable.Repeat(block.Phase, block.Steps.Count))];

    /// <summary>The same steps with their blocks in the order of the phases; within a phase they stay as they were.</summary>
    public static IReadOnlyList<PlanStep> Sorted(IReadOnlyList<PlanStep> steps) =>
        [.. Blocks(steps).OrderBy(block => block.Phase).SelectMany(block => block.Steps)];

    private sealed record Block(Phase Phase, List<PlanStep> Steps);

    private static List<Block> Blocks(IReadOnlyList<PlanStep> steps)
    {
        var blocks = new List<Block>();
        var ahead = new List<PlanStep>();
        foreach (var step in steps)
        {
            if (Prepares(step.Kind))
            {
                ahead.Add(step);
            }
            else if (Finishes(step.Kind) && ahead.Count == 0 && blocks.Count > 0)
            {
                blocks[^1].Steps.Add(step);
            }
            else
            {
                blocks.Add(new Block(step.Kind.Phase, [.. ahead, step]));
                ahead.Clear();
            }
        }

        if (ahead.Count > 0)
        {
            blocks.Add(new Block(blocks.Count > 0 ? blocks[^1].Phase : ahead[0].Kind.Phase, ahead));
        }

        return blocks;
    }

    private static bool Prepares(StepKind kind) =>
        kind.Id is StepIds.Dampen or StepIds.WetThrough or StepIds.Wring or StepIds.SlipMist or StepIds.Blot;

    private static bool Finishes(StepKind kind) => kind.IsCompanion || kind.Id is StepIds.Rinse or StepIds.PressRinse;
}
