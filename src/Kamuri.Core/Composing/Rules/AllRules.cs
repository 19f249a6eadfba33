namespace Kamuri.Core.Composing.Rules;

/// <summary>Every rule there is, in the order they are asked. A new rule is one class and one line here.</summary>
public static class AllRules
{
    public static IReadOnlyList<IRule> List { get; } =
    [
        new TreatmentBeforeCleanse(),
        new ConditionAfterCleanse(),
        new RinseOffStaysNot(),
        new LongConditionAfterClarify(),
        new NothingHeavyOnScalp(),
        new LayersLightToHeavy(),
        new NoDryCombing(),
        new WetEnough(),
        new NotDripping(),
        new HeatAllowed(),
    ];

    /// <summary>Asks every rule.</summary>
    public static IReadOnlyList<Finding> Check(RuleContext context) =>
        [.. List.SelectMany(rule => rule.Check(context))];
}
