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
        select new Finding(Id, Severity.Stop, "Water over 30 °C cooks raw egg into the hair; rinse it out cool first.",
            [egg.Step, walked.Step.Id], new Fix("Rinse cool", [new SetWater(walked.Step.Id, WaterTemperature.Cool)]));
}

/// <summary>R20 warn: the closing rinse is hot.</summary>
public sealed class ClosingRinseCool : IRule
{
    public string Id => "R20";

    public IEnumerable<Finding> Check(RuleContext context) =>
        from walked in context.Walk
        where walked.Step.Kind.IsClosingRinse && walked.Step.Water is WaterTemperature.Warm or WaterTemperature.Hot
        select new Finding(Id, Severity.Warn, "Warm water at the end leaves the cuticle open and washes out what was put in.",
            [walked.Step.Id], new Fix("Close cool", [new SetWater(walked.Step.Id, WaterTemperature.Cool)]));
}

/// <summary>R21 note: low porosity wants warm liquids before, and cool after.</summary>
public sealed class WarmForLowPorosity : IRule
{
    public string Id => "R21";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var treatments = context.Walk.Where(walked => walked.Step.Kind.Processing is { FollowsPorosity: true }).Select(walked => walked.Step.Id).ToList();
        var isHeated = context.Walk.Any(walked => walked.Step.Kind.Covers && walked.Step.Heat is Heat.Hood or Heat.Steamer);
        if (context.Request.Head.Porosity == Porosity.Low && treatments.Count > 0 && !isHeated)
        {
            yield return new Finding(Id, Severity.Note, "Low porosity: put these on warm, wrist-tested; the cool water comes at the end.", treatments);
        }
    }
}
