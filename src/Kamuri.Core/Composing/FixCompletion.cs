using Kamuri.Core.Composing.Rules;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing;

/// <summary>
/// Tries every fix before it is offered. What a fix itself makes wrong (drying in the middle leaves the blot dry hair) is
/// mended along with it; a fix that would leave the plan no better, or make anything worse (<see cref="FixSoundness"/>), is not offered
/// at all.
/// </summary>
internal static class FixCompletion
{
    private const int MostRounds = 5;

    public static IReadOnlyList<Finding> Complete(
        RuleContext context,
        IReadOnlyList<Finding> findings,
        Func<IReadOnlyList<PlanStep>, RuleContext> walk
    ) => [.. Each(context, findings, findings, walk).Select(each => each.Finding with { Fix = each.Mended?.Fix })];

    /// <summary>
    /// The weightiest fix that makes the plan better, and what it makes of it; those behind it are not tried. Null when none does.
    /// </summary>
    public static Mended? Best(RuleContext context, IReadOnlyList<Finding> findings, Func<IReadOnlyList<PlanStep>, RuleContext> walk) =>
        Each(context, findings, InOrder(findings), walk).Select(each => each.Mended).FirstOrDefault(mended => mended is not null);

    /// <summary>What is still to be mended, the weightiest first; what a person goes on in spite of is not.</summary>
    public static IEnumerable<Finding> InOrder(IEnumerable<Finding> findings) =>
        findings.Where(finding => finding.Overridden is null).OrderByDescending(finding => finding.Severity);

    private static IEnumerable<(Finding Finding, Mended? Mended)> Each(
        RuleContext context,
        IReadOnlyList<Finding> all,
        IEnumerable<Finding> findings,
        Func<IReadOnlyList<PlanStep>, RuleContext> walk
    )
    {
        var steps = context.Walk.Select(walked => walked.Step).ToList();
        var known = all.Select(Sign).ToHashSet();
        return findings.Select(finding => (finding, finding.Fix is { } fix ? Tried(fix, steps, all, known, walk) : null));
    }

    /// <summary>A stop outweighs any number of warnings, and a warning any number of notes.</summary>
    public static int Weight(IEnumerable<Finding> findings) =>
        findings.Sum(finding =>
            finding.Severity switch
            {
                Severity.Stop => 10_000,
                Severity.Warn => 100,
                _ => 1,
            }
        );

    private static Mended? Tried(
        Fix fix,
        List<PlanStep> steps,
        IReadOnlyList<Finding> before,
        HashSet<string> known,
        Func<IReadOnlyList<PlanStep>, RuleContext> walk
    )
    {
        List<PlanEdit> edits = [.. fix.Edits];
        for (var round = 0; round < MostRounds; round++)
        {
            var (mended, refused) = PlanEditing.Apply(steps, edits, StepOrigin.Rule);
            var context = walk(mended);
            var after = AllRules.Check(context);
            if (refused.Count > 0 || !FixSoundness.KeepsOrder(steps, mended))
            {
                return null;
            }

            if (Weight(after) < Weight(before) && FixSoundness.IsNoWorse(before, after))
            {
                return new Mended(fix with { Edits = edits }, context, after);
            }

            if (
                after.FirstOrDefault(finding =>
                    finding.Fix is not null && !known.Contains(Sign(finding)) && AllRules.IsMendedUnasked(finding.Rule)
                )
                is not { } next
            )
            {
                return null;
            }

            edits.AddRange(next.Fix!.Edits);
        }

        return null;
    }

    private static string Sign(Finding finding) => $"{finding.Rule} {finding.Reason} {string.Join(' ', finding.Steps)}";
}

/// <summary>A fix that makes the plan better.</summary>
/// <param name="Fix">With all that has to be mended along with it.</param>
/// <param name="Context">The plan as it is with it.</param>
/// <param name="Findings">What the rules say of that.</param>
internal sealed record Mended(Fix Fix, RuleContext Context, IReadOnlyList<Finding> Findings);
