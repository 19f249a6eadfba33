using Kamuri.Core.Composing.Rules;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing;

/// <summary>
/// Whether what a fix makes of a day is sound: no step stands before what it depends on, nothing that belongs after a cleanse has
/// moved over one, and nothing is wrong now that was not wrong before. A fix that is not sound is not offered.
/// </summary>
public static class FixSoundness
{
    /// <summary>Whether steps that stood in an order that makes sense still stand in it.</summary>
    public static bool KeepsOrder(IReadOnlyList<PlanStep> before, IReadOnlyList<PlanStep> after)
    {
        var places = after.Select((step, at) => (step.Id, at)).ToDictionary(pair => pair.Id, pair => pair.at);
        var common = before.Where(step => places.ContainsKey(step.Id)).ToList();
        for (var first = 0; first < common.Count; first++)
        {
            for (var second = first + 1; second < common.Count; second++)
            {
                if (places[common[first].Id] > places[common[second].Id] && !MayChangePlaces(common[first].Kind, common[second].Kind))
                {
                    return false;
                }
            }
        }

        return common
            .Where(step => step.Kind.IsCompanion)
            .All(step =>
                Under(before, step) is not { } treatment
                || Under(after, step) == treatment
                || !step.Kind.Covers && after.Take(places[step.Id]).Any(other => other.Kind.Puts is not null)
            );
    }

    /// <summary>Whether the findings of a day are no worse, in kind and in number, than they were.</summary>
    public static bool IsNoWorse(IReadOnlyList<Finding> before, IReadOnlyList<Finding> after)
    {
        var counts = before.GroupBy(finding => (finding.Rule, finding.Severity)).ToDictionary(group => group.Key, group => group.Count());
        return after
            .GroupBy(finding => (finding.Rule, finding.Severity))
            .All(group =>
                group.Count() <= counts.GetValueOrDefault(group.Key)
                // Stock and rhythm are facts of the house, which a step that is needed brings up and does not cause.
                || (group.Key.Severity != Severity.Stop && !AllRules.IsMendedUnasked(group.Key.Rule))
            );
    }

    /// <summary>Whether the second of two steps may come to stand before the first.</summary>
    private static bool MayChangePlaces(StepKind first, StepKind second) =>
        first.IsCleanse ? BelongsBeforeCleanse(second)
        : second.IsCleanse ? !BelongsBeforeCleanse(first) && first.Phase <= Phase.Clean
        : first.IsCompanion || second.IsCompanion || first.Phase >= second.Phase;

    private static bool BelongsBeforeCleanse(StepKind kind) => kind.IsBeforeCleanse || kind.IsCompanion;

    /// <summary>The treatment a companion is done in; null when it lies on nothing.</summary>
    private static string? Under(IReadOnlyList<PlanStep> steps, PlanStep companion) =>
        steps.TakeWhile(step => step.Id != companion.Id).LastOrDefault(step => !step.Kind.IsCompanion)
            is { Kind.Processing: not null } treatment
            ? treatment.Id
            : null;
}
