using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Rules;

/// <summary>R12 warn: protein twice in one session, from a treatment, a mixture or a label.</summary>
public sealed class ProteinOnce : IRule
{
    public string Id => "R12";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var bearing = context.Walk.Select(walked => walked.Step).Where(step => context.Protein(step) != ProteinStrength.None).ToList();
        for (var at = 1; at < bearing.Count; at++)
        {
            yield return new Finding(
                Id,
                Severity.Warn,
                RuleWords.BearingAddsProteinAgainAfterBearing2(bearing[at].Kind.Name, bearing[0].Kind.Noun),
                [bearing[0].Id, bearing[at].Id],
                bearing[at].Kind.CanBeSpared ? RuleContext.LeaveOut(bearing[at]) : null
            );
        }
    }
}

/// <summary>
/// R13 warn: protein on low-porosity or protein-sensitive hair more often than its interval; note: moisture follows
/// protein.
/// </summary>
public sealed class ProteinInItsTime : IRule
{
    public string Id => "R13";

    /// <summary>Grain water is one of them: what it leaves on the strand is protein and starch.</summary>
    private static readonly Treatment[] Bearing = [Treatment.LightProtein, Treatment.StrongProtein, Treatment.GrainWater];

    public bool IsMendedUnasked => false;

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var (request, head) = (context.Request, context.Request.Head);
        var careful = head.Porosity == Porosity.Low || head.Sensitivities.Contains("protein", StringComparer.OrdinalIgnoreCase);
        var steps = context.Walk.Select(walked => walked.Step).ToList();
        foreach (var step in steps.Where(step => step.Kind.Treatment is { } treatment && Bearing.Contains(treatment)))
        {
            var interval = context.Figures.Rhythm.Treatments[step.Kind.Treatment!.Value];
            if (careful && Bearing.Min(each => request.History.DaysSince(each, request.Today)) is { } days && days < interval.Usual)
            {
                yield return new Finding(
                    Id,
                    Severity.Warn,
                    RuleWords.TheLastProteinWasDaysDays($"{days}", $"{interval.Usual}"),
                    [step.Id],
                    step.Kind.CanBeSpared ? RuleContext.LeaveOut(step) : null
                );
            }

            if (!step.Kind.IsConditioning && !steps.Skip(steps.IndexOf(step) + 1).Any(after => after.Kind.IsConditioning))
            {
                yield return new Finding(Id, Severity.Note, RuleWords.AMoisturisingDeepConditionAfterProtein, [step.Id]);
            }
        }
    }
}
