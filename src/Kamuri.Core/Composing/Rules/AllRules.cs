namespace Kamuri.Core.Composing.Rules;

/// <summary>Every rule there is, in the order they are asked. A new rule is one class and one line here.</summary>
public static class AllRules
{
    public static IReadOnlyList<IRule> List { get; } =
    [
        new SuitsTheHair(),
        new TreatmentBeforeCleanse(),
        new LintBeforeWater(),
        new ConditionAfterCleanse(),
        new RinseOffStaysNot(),
        new LongConditionAfterClarify(),
        new HeavyOilWashedOut(),
        new TwoPassesAfterLong(),
        new NothingHeavyOnScalp(),
        new NoSealOnScalp(),
        new NothingSealedOut(),
        new LayersLightToHeavy(),
        new SealsItselfOut(),
        new EggRinsedCool(),
        new ProteinOnce(),
        new ProteinInItsTime(),
        new NoDryCombing(),
        new EndsFirst(),
        new WetEnough(),
        new NotDripping(),
        new FragileZonesGently(),
        new HeatAllowed(),
        new ClosingRinseCool(),
        new NothingScalding(),
        new WarmForLowPorosity(),
        new SetAtItsWetness(),
        new DryBeforeBed(),
        new NotTooOftenWet(),
        new StillGood(),
        new EssentialOilLimit(),
        new NothingThatBurns(),
        new IrritantNotOvernight(),
        new NoSensitivity(),
        new PatchTested(),
        new CleanlyMade(),
        new EnoughAndNotTooMuch(),
        new BegunInTime(),
        new AtItsWarmth(),
        new InItsRhythm(),
        new RestForTheEdges(),
        new RetwistSeldom(),
        new RestAfterChemicals(),
        new OneChangeAtATime(),
        new AskedMinutesFit(),
    ];

    /// <summary>Asks the rules whose fixes are taken unasked while a plan is composed.</summary>
    public static IEnumerable<Finding> CheckOrder(RuleContext context) =>
        List.Where(rule => rule.IsMendedUnasked).SelectMany(rule => rule.Check(context));

    /// <summary>Whether the fixes of a rule are taken unasked.</summary>
    public static bool IsMendedUnasked(string rule) => List.Any(each => each.Id == rule && each.IsMendedUnasked);

    /// <summary>Asks every rule.</summary>
    public static IReadOnlyList<Finding> Check(RuleContext context) => [.. List.SelectMany(rule => rule.Check(context))];
}
