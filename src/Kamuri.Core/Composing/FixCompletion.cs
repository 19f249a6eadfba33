using Kamuri.Core.Composing.Rules;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing;

/// <summary>
/// Tries every fix before it is offered. What a fix itself makes wrong (drying in the middle leaves the blot dry hair) is
/// mended along with it; a fix that would leave the plan no better is not offered at all.
/// </summary>
internal static class FixCompletion
{
    private const int MostRounds = 5;

    public static IReadOnlyList<Finding> Complete(RuleContext context, IReadOnlyList<Finding> findings, Func<IReadOnlyList<PlanStep>, RuleContext> walk)
    {
        var steps = context.Walk.Select(walked => walked.Step).ToList();
        var before = Weight(findings);
        var known = findings.Select(Sign).ToHashSet();
        return [.. findings.Select(finding => finding.Fix is { } fix ? finding with { Fix = Tried(fix, steps, before, known, walk) } : finding)];
    }

    /// <summary>A stop outweighs any number of warnings, and a warning any number of notes.</summary>
    public static int Weight(IEnumerable<Finding> findings) => findings.Sum(finding => finding.Severity switch
    {
        Severity.Stop => 10_000,
        Severity.Warn => 100,
        _ => 1,
    });

    private static Fix? Tried(Fix fix, List<PlanStep> steps, int before, HashSet<string> known, Func<IReadOnlyList<PlanStep>, RuleContext> walk)
    {
        List<PlanEdit> edits = [.. fix.Edits];
        for (var round = 0; round < MostRounds; round++)
        {
            var (mended, refused) = PlanEditing.Apply(steps, edits, StepOrigin.Rule);
            var after = AllRules.Check(walk(mended));
            if (Weight(after) < before)
            {
                return refused.Count == 0 ? fix with { Edits = edits } : null;
            }

            if (after.FirstOrDefault(finding => finding.Fix is not null && !known.Contains(Sign(finding)) && AllRules.IsMendedUnasked(finding.Rule)) is not { } next)
            {
                return null;
            }

            edits.AddRange(next.Fix!.Edits);
        }

        return null;
    }

    private static string Sign(Finding finding) => $"{finding.Rule} {finding.Reason} {string.Join(' ', finding.Steps)}";
}
