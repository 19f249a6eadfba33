using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Rules;

/// <summary>R15 warn: combing from the roots down; ends come first.</summary>
public sealed class EndsFirst : IRule
{
    public string Id => "R15";

    public IEnumerable<Finding> Check(RuleContext context) =>
        from walked in context.Walk
        where walked.Step.Kind.Detangles && walked.Step.Direction == Direction.RootsToEnds
        select new Finding(
            Id,
            Severity.Warn,
            RuleWords.CombingFromTheRootsPushesEvery,
            [walked.Step.Id],
            new Fix(RuleWords.BeginAtTheEnds, [new SetDirection(walked.Step.Id, Direction.EndsToRoots)])
        );
}

/// <summary>R18 note: fragile zones get product first, and fingers or tools last.</summary>
public sealed class FragileZonesGently : IRule
{
    public string Id => "R18";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var fragile = context.Request.Head.FragileZones;
        var tools = context.Walk.Where(walked => walked.Step.Kind.Detangles).Select(walked => walked.Step.Id).ToList();
        if (fragile.Count > 0 && tools.Count > 0)
        {
            var zones = Say.List([.. fragile.Select(zone => HeadNames.Of(zone.Zone))]);
            yield return new Finding(Id, Severity.Note, RuleWords.FragileZonesProductFirst(zones), tools);
        }
    }
}

/// <summary>R24 warn: loose hair wetted and combed more than three times a week turns over-soft and breaks.</summary>
public sealed class NotTooOftenWet : IRule
{
    public string Id => "R24";

    public bool IsMendedUnasked => false;

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var request = context.Request;
        var week = request.History.WetCombings.Count(day => request.Today.DayNumber - day.DayNumber is >= 0 and < 7);
        var combing = context.Walk.FirstOrDefault(walked => walked.Step.Kind.Detangles && walked.Before.Wetness > Wetness.Dry)?.Step;
        if (combing is not null && week >= context.Figures.Rhythm.MostWetCombingsAWeek)
        {
            yield return new Finding(Id, Severity.Warn, RuleWords.AlreadyWettedAndCombedWeekTimes($"{week}"), [combing.Id]);
        }
    }
}

/// <summary>R45 stop: a step that does not suit how the hair is kept, such as a comb or a creamy mask on locs.</summary>
public sealed class SuitsTheHair : IRule
{
    public string Id => "R45";

    public bool IsMendedUnasked => false;

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var kind = context.Request.Kind;
        return context
            .Walk.Select(walked => walked.Step)
            .Where(step => !step.Kind.Suits.HasFlag(kind))
            .Select(step => new Finding(Id, Severity.Stop, Why(step.Kind, kind), [step.Id], RuleContext.LeaveOut(step)));
    }

    private static string Why(StepKind step, HairKinds kind) =>
        kind switch
        {
            HairKinds.Locs when step.IsToolDetangle => RuleWords.NeverCombLocsItTakesThem,
            HairKinds.Locs when step.Puts is { } puts && Substances.Of(puts).LeavesResidue => RuleWords.StepLeavesResidueInsideLocsThat(
                step.Name
            ),
            HairKinds.Locs => RuleWords.StepIsNotForLocs(step.Name),
            HairKinds.Style => RuleWords.StepDoesNotGoWithThis(step.Name),
            HairKinds.TakenDown => RuleWords.StepDoesNotSuitHairThat(step.Name),
            _ => RuleWords.StepIsNotForLooseHair(step.Name),
        };
}
