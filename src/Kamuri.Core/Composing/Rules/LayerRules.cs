using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Rules;

/// <summary>R07 stop: leave-in, cream, butter or gel on the scalp.</summary>
public sealed class NothingHeavyOnScalp : IRule
{
    public string Id => "R07";

    public IEnumerable<Finding> Check(RuleContext context) =>
        from walked in context.Walk
        let step = walked.Step
        where step.Kind.Puts is { } puts && !Substances.Of(puts).BelongsOnScalp && step.Kind.Phase == Phase.Layer
        where (step.Places & (Places.Scalp | Places.Roots)) != 0 && step.Places.HasFlag(Places.Scalp)
        select new Finding(Id, Severity.Stop,
            $"{step.Kind.Name} on the scalp clogs and itches; it belongs on lengths and ends.",
            [step.Id], new Fix("Keep it off the scalp", [new SetPlaces(step.Id, step.Kind.Places & ~Places.Scalp)]));
}

/// <summary>R09 warn: layers go from lightest to heaviest; LCO counts as in order when the oil is the seal.</summary>
public sealed class LayersLightToHeavy : IRule
{
    public string Id => "R09";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var layers = context.Walk
            .Select(walked => walked.Step)
            .Where(step => step.Kind.Phase == Phase.Layer && step.Kind.Puts is not null)
            .ToList();
        for (var at = 1; at < layers.Count; at++)
        {
            var (under, over) = (layers[at - 1], layers[at]);
            if (Weight(over) >= Weight(under) || IsSealingOil(context, layers, at) || layers.Take(at).Any(below => NothingSealedOut.Concerns(below, over)))
            {
                continue;
            }

            var target = layers.Take(at).TakeWhile(layer => Weight(layer) <= Weight(over)).LastOrDefault();
            var first = context.Walk.ToList().FindIndex(walked => walked.Step.Id == layers[0].Id);
            yield return new Finding(Id, Severity.Warn,
                $"{over.Kind.Name} is lighter than {under.Kind.Name.ToLowerInvariant()} and cannot get through it; light layers go first.",
                [under.Id, over.Id],
                new Fix($"Put {over.Kind.Name.ToLowerInvariant()} first", [new MoveStep(over.Id, target?.Id ?? context.Before(first))]));
        }
    }

    /// <summary>Oil last over a cream is the LCO seal, when that is the school in use.</summary>
    private static bool IsSealingOil(RuleContext context, List<PlanStep> layers, int at) =>
        context.Request.LayeringInUse == Layering.Lco && at == layers.Count - 1
        && layers[at].Kind.Puts == Substance.Oil && layers[at - 1].Kind.Puts == Substance.Cream;

    private static double Weight(PlanStep step) => Substances.Of(step.Kind.Puts!.Value).Weight ?? 0;
}
