using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Rules;

/// <summary>R14 stop: tool detangling on dry, product-free loose hair.</summary>
public sealed class NoDryCombing : IRule
{
    public string Id => "R14";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        for (var at = 0; at < context.Walk.Count; at++)
        {
            var walked = context.Walk[at];
            if (
                !walked.Step.Kind.IsToolDetangle
                || walked.Before.Wetness != Wetness.Dry
                || walked.Before.SlipBy(context.Figures.HandsOn) > 0
            )
            {
                continue;
            }

            var slippery = context
                .Walk.Skip(at + 1)
                .FirstOrDefault(later => later.Step.Kind.Puts is { } puts && Substances.Of(puts).Slip >= 0.6);
            yield return new Finding(
                Id,
                Severity.Stop,
                RuleWords.ACombThroughDryBareHair,
                [walked.Step.Id],
                slippery is null
                    ? new Fix("Mist with slip first", [new AddStep(StepIds.SlipMist, context.Before(at))])
                    : new Fix(
                        RuleWords.CombInThePutsInstead(Substances.Of(slippery.Step.Kind.Puts!.Value).Name),
                        [new MoveStep(walked.Step.Id, slippery.Step.Id)]
                    )
            );
        }
    }
}

/// <summary>R16 warn: an application needs wetter hair than it finds, or drier. Styles have R22.</summary>
public sealed class WetEnough : IRule
{
    public string Id => "R16";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        for (var at = 0; at < context.Walk.Count; at++)
        {
            var (step, before) = (context.Walk[at].Step, context.Walk[at].Before.Wetness);
            if (step.Kind.Phase == Phase.Set)
            {
                // Styles speak for themselves.
                continue;
            }

            if (before < step.Kind.NeedsAtLeast)
            {
                var insert = step.Kind.NeedsAtLeast <= Wetness.Damp ? StepIds.Dampen : StepIds.WetThrough;
                yield return new Finding(
                    Id,
                    Severity.Warn,
                    RuleWords.StepNeedsWordHairHereIt(step.Kind.Name, WetnessScale.Word(step.Kind.NeedsAtLeast), WetnessScale.Word(before)),
                    [step.Id],
                    new Fix(RuleWords.GetFirst(StepCatalogue.Get(insert).Name), [new AddStep(insert, context.Before(at))])
                );
            }
            else if (before > step.Kind.NeedsAtMost && !NotDripping.Concerns(step.Kind, before))
            {
                // Below "damp" only drying helps; above it, blotting does.
                var insert = step.Kind.NeedsAtMost <= Wetness.Damp ? StepIds.Dry : StepIds.Blot;
                yield return new Finding(
                    Id,
                    Severity.Warn,
                    RuleWords.StepNeedsWordHairAtMost(step.Kind.Name, WetnessScale.Word(step.Kind.NeedsAtMost), WetnessScale.Word(before)),
                    [step.Id],
                    new Fix(RuleWords.GetFirst(StepCatalogue.Get(insert).Name), [new AddStep(insert, context.Before(at))])
                );
            }
        }
    }
}

/// <summary>R17 warn: conditioner, deep conditioner or protein on dripping hair.</summary>
public sealed class NotDripping : IRule
{
    public string Id => "R17";

    internal static bool Concerns(StepKind kind, Wetness before) =>
        before == Wetness.Soaked
        && kind.NeedsAtMost < Wetness.Soaked
        && (kind.IsConditioning || kind.Puts is { } puts && Substances.Of(puts).Protein != ProteinStrength.None);

    public IEnumerable<Finding> Check(RuleContext context)
    {
        for (var at = 0; at < context.Walk.Count; at++)
        {
            var walked = context.Walk[at];
            if (Concerns(walked.Step.Kind, walked.Before.Wetness))
            {
                yield return new Finding(
                    Id,
                    Severity.Warn,
                    RuleWords.DrippingHairIsFullOfWater(walked.Step.Kind.Noun),
                    [walked.Step.Id],
                    new Fix(RuleWords.WringOutFirst, [new AddStep(StepIds.Wring, context.Before(at))])
                );
            }
        }
    }
}

/// <summary>R19 stop: a heat step on a head that cannot have heat, over broken skin, or with a treatment that takes none.</summary>
public sealed class HeatAllowed : IRule
{
    public string Id => "R19";

    public bool IsMendedUnasked => false;

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var head = context.Request.Head;
        foreach (var walked in context.Walk)
        {
            var step = walked.Step;
            if (step.Heat is not (Heat.Hood or Heat.Steamer))
            {
                continue;
            }

            if (!head.MayHaveHeat)
            {
                yield return new Finding(
                    Id,
                    Severity.Stop,
                    head.HasBrokenSkin ? RuleWords.NoHeatOnBrokenSkin(head.Name) : RuleWords.NoHeat(head.Name),
                    [step.Id],
                    new Fix(
                        step.Kind.IsDrying ? RuleWords.DryInStillAir : RuleWords.UseACap,
                        [new SetHeat(step.Id, step.Kind.IsDrying ? Heat.None : Heat.Cap)]
                    )
                )
                {
                    IsSafety = true,
                };
                continue;
            }

            if (step.Kind.Covers && TakesNoHeat(context, walked.Before) is { } treatment)
            {
                yield return new Finding(
                    Id,
                    Severity.Stop,
                    RuleWords.TreatmentMustNotBeHeated(treatment.Name),
                    [step.Id, treatment.Step],
                    new Fix(RuleWords.UseACap, [new SetHeat(step.Id, Heat.Cap)])
                )
                {
                    IsSafety = true,
                };
            }
        }
    }

    /// <summary>What lies on the hair and takes no heat: egg sets and irritants burn whatever they are mixed into.</summary>
    private static (string Step, string Name)? TakesNoHeat(RuleContext context, HairState before)
    {
        if (before.Deposits.FirstOrDefault(deposit => deposit.Facts.IsRawEgg || deposit.Facts.Irritates) is { } tender)
        {
            return (tender.Step, WetnessScale.Capital(tender.Name));
        }

        var working = before.Deposits.LastOrDefault(deposit => deposit.Facts.MustBeRinsed);
        var treatment = working is null ? null : context.Walk.First(other => other.Step.Id == working.Step).Step;
        return treatment?.Kind.Processing is { Heated: null } ? (treatment.Id, treatment.Kind.Name) : null;
    }
}
