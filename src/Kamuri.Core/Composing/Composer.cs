using Kamuri.Core.Composing.Rules;
using Kamuri.Core.Figures;
using Kamuri.Core.Routines;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Composing;

/// <summary>A composed session: the steps with the hair walked through them, and what the rules say.</summary>
/// <param name="Walk">Steps with the hair before and after.</param>
/// <param name="Findings">What is still to be said after the person's own changes.</param>
/// <param name="Refused">Changes that no longer fit.</param>
/// <param name="LeftOut">What was asked for or due and is not in it, and why.</param>
/// <param name="MendAll">Edits that take every fix one after the other; empty when there are not at least two.</param>
public sealed record Composition(
    IReadOnlyList<WalkedStep> Walk,
    IReadOnlyList<Finding> Findings,
    IReadOnlyList<RefusedEdit> Refused,
    IReadOnlyList<LeftOut> LeftOut,
    IReadOnlyList<PlanEdit> MendAll
);

/// <summary>
/// Chooses the steps a head needs for an aim. The choice holds only what the aim is about; wetting, wringing and the
/// like are put in by the rules that ask for them, so that each has its reason. After that a person's edits are applied
/// as they are, and the rules only speak.
/// </summary>
public static class Composer
{
    /// <summary>Rounds of fixing before giving up; every fix removes a finding, so a composed plan needs far fewer.</summary>
    private const int MostRounds = 24;

    /// <summary>Composes the day.</summary>
    /// <param name="request">What is asked for.</param>
    /// <param name="figures">Craft figures.</param>
    /// <param name="withFixes">Tries every fix before it is offered; false for a trial of which only the findings count.</param>
    public static Composition Compose(PlanRequest request, CraftFigures figures, bool withFixes = true)
    {
        var (bare, leftOut) = request.Steps is { } given ? (given, []) : Choose(request, figures);
        var (edited, refused) = PlanEditing.Apply(bare, request.Edits);
        var context = Walk(request, edited, figures);
        var said = AllRules.Check(context);
        said = withFixes ? FixCompletion.Complete(context, said, steps => Walk(request, steps, figures)) : said;
        var (findings, stood) = Overrides.Apply(said, request.Edits);
        return new Composition(
            context.Walk,
            findings,
            [.. refused, .. stood],
            leftOut,
            withFixes ? MendAll(request, edited, findings, figures) : []
        );
    }

    /// <summary>The routine that was asked for, or that suits best; the rules mend it unless it is the household's own.</summary>
    private static (IReadOnlyList<PlanStep> Steps, IReadOnlyList<LeftOut> LeftOut) Choose(PlanRequest request, CraftFigures figures)
    {
        var routine = request.Own ?? RoutineCatalogue.Find(request.Routine) ?? RoutineCatalogue.BestFor(request.Kind, request.Aim);
        var day = new RoutineDay(routine, request, figures);
        var steps = request.Starts.Begin(day.Steps, request.IsWashDay);
        return (request.Own is null ? Settle(request, steps, figures) : steps, day.LeftOut);
    }

    /// <summary>Fixes taken in order of weight, each on what the ones before it left.</summary>
    private static List<PlanEdit> MendAll(
        PlanRequest request,
        IReadOnlyList<PlanStep> steps,
        IReadOnlyList<Finding> findings,
        CraftFigures figures
    )
    {
        if (findings.Count(finding => finding.Fix is not null && finding.Overridden is null) < 2)
        {
            return [];
        }

        // The first was tried when it was offered.
        var first = FixCompletion.InOrder(findings).Select(finding => finding.Fix).First(fix => fix is not null)!;
        var (context, edits) = (Walk(request, PlanEditing.Apply(steps, first.Edits).Steps, figures), first.Edits.ToList());
        var said = AllRules.Check(context);
        for (
            var round = 1;
            round < MostRounds && FixCompletion.Best(context, said, steps => Walk(request, steps, figures)) is { } mended;
            round++
        )
        {
            edits.AddRange(mended.Fix.Edits);
            (context, said) = (mended.Context, mended.Findings);
        }

        return edits;
    }

    private static RuleContext Walk(PlanRequest request, IReadOnlyList<PlanStep> steps, CraftFigures figures) =>
        new(
            request,
            HairWalk.Through(
                HairWalk.Start(Tangle.Of(request.Head, request.Today, figures.HandsOn), request.Kind, request.Starts),
                steps,
                request.UseOf,
                figures.HandsOn
            ),
            figures
        );

    /// <summary>Lets the rules mend the bare choice until they have nothing left to mend.</summary>
    private static IReadOnlyList<PlanStep> Settle(PlanRequest request, IReadOnlyList<PlanStep> steps, CraftFigures figures)
    {
        for (var round = 0; round < MostRounds; round++)
        {
            var finding = AllRules.CheckOrder(Walk(request, steps, figures)).FirstOrDefault(found => found.Fix is not null);
            if (finding is null)
            {
                break;
            }

            var before = steps.Select(step => step.Id).ToHashSet();
            var (mended, _) = PlanEditing.Apply(steps, finding.Fix!.Edits, StepOrigin.Rule);
            steps = [.. mended.Select(step => before.Contains(step.Id) ? step : step with { Reason = finding.Reason })];
        }

        return steps;
    }
}

/// <summary>Takes up what a person goes on in spite of.</summary>
internal static class Overrides
{
    /// <summary>Marks stops as overridden with the reason given; a safety stop stays, and the edit is refused.</summary>
    public static (IReadOnlyList<Finding> Findings, IReadOnlyList<RefusedEdit> Refused) Apply(
        IReadOnlyList<Finding> findings,
        IReadOnlyList<PlanEdit> edits
    )
    {
        var refused = new List<RefusedEdit>();
        var reasons = new Dictionary<string, string>();
        foreach (var (edit, index) in edits.Select((edit, index) => (edit as OverrideStop, index)).Where(pair => pair.Item1 is not null))
        {
            if (string.IsNullOrWhiteSpace(edit!.Reason))
            {
                refused.Add(new RefusedEdit(index, ComposingWords.GiveAReasonForContinuingIn));
            }
            else if (findings.Any(finding => finding.Rule == edit.Rule && finding.IsSafety))
            {
                refused.Add(new RefusedEdit(index, ComposingWords.ThisStopProtectsAPersonYou));
            }
            else
            {
                reasons[edit.Rule] = edit.Reason.Trim();
            }
        }

        return (
            [
                .. findings.Select(finding =>
                    finding is { Severity: Severity.Stop, IsSafety: false } && reasons.TryGetValue(finding.Rule, out var reason)
                        ? finding with
                        {
                            Overridden = reason,
                        }
                        : finding
                ),
            ],
            refused
        );
    }
}
