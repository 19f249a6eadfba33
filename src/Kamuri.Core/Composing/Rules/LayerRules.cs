using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Rules;

/// <summary>
/// R07 stop: leave-in, cream, butter or gel on the scalp; warn: what is rinsed off there but belongs on the lengths, unless it is
/// conditioner in the co-wash school.
/// </summary>
public sealed class NothingHeavyOnScalp : IRule
{
    public string Id => "R07";

    public IEnumerable<Finding> Check(RuleContext context) =>
        from walked in context.Walk
        let step = walked.Step
        where step.Places.HasFlag(Places.Scalp) && step.Kind.Puts is { } puts && !Substances.Of(puts).BelongsOnScalp
        let stays = step.Kind.Phase == Phase.Layer
        where stays || !(step.Kind.IsConditioning && context.Request.SchoolsInUse.ScalpConditioner == ScalpConditioner.CoWash)
        select new Finding(
            Id,
            stays ? Severity.Stop : Severity.Warn,
            stays ? RuleWords.StepClogsTheScalpAndMakes(step.Kind.Name) : RuleWords.StepOnTheScalpClogsIt(step.Kind.Name),
            [step.Id],
            new Fix(RuleWords.KeepItOffTheScalp, [new SetPlaces(step.Id, step.Kind.Places & ~Places.Scalp)])
        );
}

/// <summary>R09 warn: layers go from lightest to heaviest; LCO counts as in order when the oil is the seal.</summary>
public sealed class LayersLightToHeavy : IRule
{
    public string Id => "R09";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var layers = new List<PlanStep>();
        foreach (var walked in context.Walk)
        {
            // What a cleanse took off is no layer under anything any more.
            layers.RemoveAll(layer => walked.Before.Deposits.All(deposit => deposit.Step != layer.Id));
            var over = walked.Step;
            if (over.Kind.Phase != Phase.Layer || over.Kind.Puts is null)
            {
                continue;
            }

            var under = layers.LastOrDefault();
            layers.Add(over);
            if (
                under is null
                || Weight(over) >= Weight(under)
                || IsSealingOil(context, over, under)
                || NothingSealedOut.Under(walked) is not null
            )
            {
                continue;
            }

            var target = layers.Take(layers.Count - 1).TakeWhile(layer => Weight(layer) <= Weight(over)).LastOrDefault();
            var first = context.Walk.ToList().FindIndex(other => other.Step.Id == layers[0].Id);
            yield return new Finding(
                Id,
                Severity.Warn,
                RuleWords.OverIsLighterThanUnderAnd(over.Kind.Name, under.Kind.Noun),
                [under.Id, over.Id],
                new Fix(RuleWords.PutOverFirst(over.Kind.Noun), [new MoveStep(over.Id, target?.Id ?? context.Before(first))])
            );
        }
    }

    /// <summary>Oil last over a cream is the LCO seal, when that is the school in use.</summary>
    private static bool IsSealingOil(RuleContext context, PlanStep over, PlanStep under) =>
        context.Request.LayeringInUse == Layering.Lco
        && over.Kind.Puts == Substance.Oil
        && under.Kind.Puts == Substance.Cream
        && over == context.Walk.Select(walked => walked.Step).Last(step => step.Kind.Phase == Phase.Layer && step.Kind.Puts is not null);

    private static double Weight(PlanStep step) => Substances.Of(step.Kind.Puts!.Value).Weight ?? 0;
}

/// <summary>R51 warn: a leave-in on low-porosity hair draws water and, by its own label, keeps it out (craft §10).</summary>
public sealed class SealsItselfOut : IRule
{
    public string Id => "R51";

    public IEnumerable<Finding> Check(RuleContext context) =>
        from step in context.Walk.Select(walked => walked.Step)
        where context.Request.Head.Porosity == Porosity.Low && step.Kind.Puts == Substance.LeaveIn
        let use = context.Request.UseOf(step)
        where use?.SealsItselfOut is not null
        select new Finding(Id, Severity.Warn, RuleWords.LabelOf(use.Name, use.SealsItselfOut!), [step.Id]);
}
