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
            "From the roots down every knot is pushed into the next; begin at the ends.",
            [walked.Step.Id],
            new Fix("Begin at the ends", [new SetDirection(walked.Step.Id, Direction.EndsToRoots)])
        );
}

/// <summary>R18 note: fragile zones get product first and tools last.</summary>
public sealed class FragileZonesGently : IRule
{
    public string Id => "R18";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var fragile = context.Request.Head.FragileZones;
        var tools = context.Walk.Where(walked => walked.Step.Kind.IsToolDetangle).Select(walked => walked.Step.Id).ToList();
        if (fragile.Count > 0 && tools.Count > 0)
        {
            var zones = string.Join(" and ", fragile.Select(zone => zone.Zone.ToString().ToLowerInvariant()));
            yield return new Finding(
                Id,
                Severity.Note,
                $"{char.ToUpperInvariant(zones[0])}{zones[1..]}: product there first, the comb there last.",
                tools
            );
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
            yield return new Finding(
                Id,
                Severity.Warn,
                $"Wetted and combed {week} times in seven days already; once more makes it over-soft, and then it breaks.",
                [combing.Id]
            );
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
            .Select(step => new Finding(Id, Severity.Stop, Why(step.Kind, kind), [step.Id], context.LeaveOut(step)));
    }

    private static string Why(StepKind step, HairKinds kind) =>
        kind switch
        {
            HairKinds.Locs when step.IsToolDetangle => "Locs are never combed: it takes them apart.",
            HairKinds.Locs when step.Puts is { } puts && Substances.Of(puts).LeavesResidue =>
                $"{step.Name} leaves residue inside locs that does not rinse out.",
            HairKinds.Locs => $"{step.Name} is not for locs.",
            HairKinds.Style => $"{step.Name} does not go with a style that is in; it waits until it comes down.",
            HairKinds.TakenDown => $"{step.Name} does not go with hair that has just come down.",
            _ => $"{step.Name} is not for loose hair.",
        };
}
