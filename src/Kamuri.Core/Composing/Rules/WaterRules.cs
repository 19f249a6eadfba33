using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Rules;

/// <summary>R11 stop: warm water on raw egg sets it in the hair.</summary>
public sealed class EggRinsedCool : IRule
{
    public string Id => "R11";

    public IEnumerable<Finding> Check(RuleContext context) =>
        from walked in context.Walk
        where walked.Step.Water is WaterTemperature.Warm or WaterTemperature.Hot
        let egg = walked.Before.Deposits.FirstOrDefault(deposit => deposit.Facts.IsRawEgg)
        where egg is not null
        select new Finding(
            Id,
            Severity.Stop,
            RuleWords.WaterOver30CCooksRaw,
            [egg.Step, walked.Step.Id],
            new Fix(RuleWords.RinseCool, [new SetWater(walked.Step.Id, WaterTemperature.Cool)])
        );
}

/// <summary>R20 warn: the closing rinse is hot.</summary>
public sealed class ClosingRinseCool : IRule
{
    public string Id => "R20";

    public IEnumerable<Finding> Check(RuleContext context) =>
        from walked in context.Walk
        where walked.Step.Kind.IsClosingRinse && walked.Step.Water is (WaterTemperature.Warm or WaterTemperature.Hot)
        select new Finding(
            Id,
            Severity.Warn,
            RuleWords.WarmWaterAtTheEndLeaves,
            [walked.Step.Id],
            new Fix(RuleWords.FinishWithCoolWater, [new SetWater(walked.Step.Id, WaterTemperature.Cool)])
        );
}

/// <summary>
/// R47: hot water on hair. A warning, as it scalds and dries; a stop on a child under six and on broken skin. Warm closing rinses
/// are the business of R20.
/// </summary>
public sealed class NothingScalding : IRule
{
    public string Id => "R47";

    public bool IsMendedUnasked => false;

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var head = context.Request.Head;
        var isTender = head.AgeGroup == AgeGroup.UnderSix || head.HasBrokenSkin;
        foreach (var step in context.Walk.Select(walked => walked.Step).Where(step => step.Water == WaterTemperature.Hot))
        {
            if (step.Kind.IsClosingRinse && !isTender)
            {
                continue;
            }

            var (title, water) = step.Kind.IsClosingRinse
                ? (RuleWords.FinishWithCoolWater, WaterTemperature.Cool)
                : (RuleWords.UseWarmWater, WaterTemperature.Warm);
            var why = isTender ? RuleWords.HotWaterScaldsHeadUseWater(head.Name) : RuleWords.HotWaterScaldsSkinAndDries;
            yield return new Finding(
                Id,
                isTender ? Severity.Stop : Severity.Warn,
                why,
                [step.Id],
                new Fix(title, [new SetWater(step.Id, water)])
            )
            {
                IsSafety = isTender,
            };
        }
    }
}

/// <summary>R21 note: low porosity wants warm liquids before, and cool after; whatever is mostly water counts.</summary>
public sealed class WarmForLowPorosity : IRule
{
    public string Id => "R21";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var treatments = context
            .Walk.Where(walked =>
                walked.Step.Kind is { Processing: { } processing, Puts: { } puts }
                && (processing.FollowsPorosity || Substances.Of(puts).IsMostlyWater)
            )
            .Select(walked => walked.Step.Id)
            .ToList();
        var isHeated = context.Walk.Any(walked => walked.Step.Kind.Covers && walked.Step.Heat is Heat.Hood or Heat.Steamer);
        if (context.Request.Head.Porosity == Porosity.Low && treatments.Count > 0 && !isHeated)
        {
            yield return new Finding(Id, Severity.Note, RuleWords.LowPorosityPutTheseOnWarm, treatments);
        }
    }
}
