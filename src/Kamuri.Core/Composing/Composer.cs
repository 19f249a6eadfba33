using Kamuri.Core.Composing.Rules;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Composing;

/// <summary>A composed session: the steps with the hair walked through them, and what the rules say.</summary>
/// <param name="Walk">Steps with the hair before and after.</param>
/// <param name="Findings">What is still to be said after the person's own changes.</param>
/// <param name="Refused">Changes that no longer fit.</param>
public sealed record Composition(IReadOnlyList<WalkedStep> Walk, IReadOnlyList<Finding> Findings, IReadOnlyList<RefusedEdit> Refused)
{
    public bool HasStop => Findings.Any(finding => finding.Severity == Severity.Stop);
}

/// <summary>
/// Chooses the steps a head needs for an aim. The choice holds only what the aim is about; wetting, wringing and the
/// like are put in by the rules that ask for them, so that each has its reason. After that a person's edits are applied
/// as they are, and the rules only speak.
/// </summary>
public static class Composer
{
    /// <summary>Rounds of fixing before giving up; every fix removes a finding, so a composed plan needs far fewer.</summary>
    private const int MostRounds = 24;

    public static Composition Compose(PlanRequest request, CraftFigures figures)
    {
        var steps = Settle(request, Choose(request), figures);
        var (edited, refused) = PlanEditing.Apply(steps, request.Edits);
        var context = Walk(request, edited, figures);
        return new Composition(context.Walk, AllRules.Check(context), refused);
    }

    private static RuleContext Walk(PlanRequest request, IReadOnlyList<PlanStep> steps, CraftFigures figures) =>
        new(request, HairWalk.Through(HairWalk.Start(Tangle.Of(request.Head, request.Today, figures.HandsOn)), steps, figures.HandsOn), figures);

    /// <summary>Lets the rules mend the bare choice until they have nothing left to mend.</summary>
    private static IReadOnlyList<PlanStep> Settle(PlanRequest request, IReadOnlyList<PlanStep> steps, CraftFigures figures)
    {
        for (var round = 0; round < MostRounds; round++)
        {
            // A heat a person asked for by name is theirs to take back, so that rule is left to speak.
            var finding = AllRules.Check(Walk(request, steps, figures)).FirstOrDefault(found => found.Fix is not null && found.Rule != "R19");
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

    private static List<PlanStep> Choose(PlanRequest request)
    {
        var chosen = new List<PlanStep>();

        void Take(string kind, string reason, Func<PlanStep, PlanStep>? with = null)
        {
            var step = new PlanStep(PlanEditing.NextId(chosen, kind), StepCatalogue.Get(kind)) { Reason = reason };
            chosen.Add(with is null ? step : with(step));
        }

        void CoverIt(string reason) => Take(StepIds.Cover, reason, step => step with { Heat = request.TreatmentHeat });

        Take(StepIds.Look, "Everything after this goes section by section.");
        if (request.Aim is Aim.Moisture or Aim.Strength)
        {
            Take(StepIds.PrePoo, "A shield before the cleanse, and slip to undo the knots in.");
            Take(StepIds.FingerDetangle, "Knots open most easily in the pre-poo, before water tightens them.");
            CoverIt("Warmth lets the pre-poo work.");
            Take(StepIds.Rinse, "The pre-poo comes off before the cleanse.");
        }

        if (request.Aim == Aim.Reset)
        {
            Take(StepIds.Clarify, "A reset takes off what has built up.");
        }
        else
        {
            Take(StepIds.Cleanse, request.Aim == Aim.Quick ? "One pass on the scalp is enough for a quick day." : "A clean scalp, and hair that can take something up.");
        }

        Take(StepIds.Rinse, "All of the cleanser has to come off.");
        if (request.UsesTea)
        {
            Take(StepIds.TeaRinse, "Lifts what the cleanse left behind and calms the scalp.");
        }

        if (request.Aim == Aim.Strength)
        {
            Take(StepIds.Protein, "Strength was asked for: light protein fills gaps along the strand.");
            Take(StepIds.Rinse, "Protein must not stay on past its window.");
        }

        if (request.Aim == Aim.Quick)
        {
            Take(StepIds.Conditioner, "Every cleanse is followed by a conditioner.");
            Take(StepIds.ToolDetangle, "Conditioner gives the comb its slip.");
        }
        else
        {
            Take(StepIds.DeepCondition, request.Aim switch
            {
                Aim.Strength => "Moisture behind protein keeps the hair supple.",
                Aim.Reset => "Clarifying strips the hair bare; a long deep condition gives back what it took.",
                _ => "This is where the moisture goes in.",
            });
            Take(StepIds.ToolDetangle, "Deep conditioner gives the comb its slip.");
            CoverIt("Warmth carries the deep condition in.");
        }

        Take(StepIds.CoolRinse, "Rinses clean and lets the cuticle lie flat.");
        Take(StepIds.Blot, "Leave-in spreads on damp hair and would drip off wet hair.");
        Layer(request, Take);
        Finish(request, Take);
        return chosen;
    }

    private static void Layer(PlanRequest request, Action<string, string, Func<PlanStep, PlanStep>?> take)
    {
        take(StepIds.LeaveIn, "Water first, held by a leave-in.", null);
        if (request.Style == EndStyle.WashAndGo)
        {
            take(StepIds.Gel, "Holds the curls as they fall while they dry.", null);
            return;
        }

        var light = request.Aim is Aim.Quick or Aim.Reset || request.LayeringInUse == Layering.LoLight;
        if (light)
        {
            take(StepIds.Oil, "A light seal; nothing heavy today.", null);
        }
        else if (request.LayeringInUse == Layering.Lco)
        {
            take(StepIds.Cream, "LCO: cream over the leave-in.", null);
            take(StepIds.Oil, "LCO: the oil seals last.", null);
        }
        else
        {
            take(StepIds.Oil, "LOC: oil over the leave-in.", null);
            take(StepIds.Cream, "LOC: cream closes.", null);
        }
    }

    private static void Finish(PlanRequest request, Action<string, string, Func<PlanStep, PlanStep>?> take)
    {
        void Dry(double dryness, string reason) => take(StepIds.Dry, reason, step => step with
        {
            Air = request.DryingAir,
            Heat = request.DryingAir == Air.HoodLow ? Heat.Hood : Heat.None,
            DrynessWanted = dryness,
        });

        switch (request.Style)
        {
            case EndStyle.Twists:
                take(StepIds.Twists, "Twists were asked for, set while the hair is damp.", null);
                Dry(0.8, "Ready means dry to the touch: 80 %.");
                break;
            case EndStyle.TwistOut:
                take(StepIds.Twists, "The pattern is set while the hair is damp.", null);
                Dry(0.95, "Twists taken down damp lose their pattern: 95 %.");
                take(StepIds.TakeTwistsDown, "Worn as a twist-out.", null);
                break;
            case EndStyle.WashAndGo:
                take(StepIds.WashAndGo, "Worn as it falls.", null);
                Dry(0.8, "Ready means dry to the touch: 80 %.");
                break;
            default:
                Dry(0.8, "A bun holds water for a day; it is dried loose first.");
                take(StepIds.Bun, "Worn in a bun.", null);
                break;
        }
    }

}
