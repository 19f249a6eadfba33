using Kamuri.Core.Heads;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Rules;

/// <summary>R40: a treatment earlier than its interval is a warning when it strips or stiffens, else a note; a late one is noted.</summary>
public sealed class InItsRhythm : IRule
{
    public string Id => "R40";

    public bool IsMendedUnasked => false;

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var request = context.Request;
        foreach (var step in context.Walk.Select(walked => walked.Step).DistinctBy(step => step.Kind.Treatment))
        {
            if (
                step.Kind.Treatment is not { } treatment
                || treatment is Treatment.Retwist or Treatment.TensionStyle
                || IntervalOf(treatment, request, context.Figures.Rhythm) is not { } interval
                || (treatment == Treatment.Wash ? DaysSinceWash(request) : request.History.DaysSince(treatment, request.Today))
                    is not { } days
            )
            {
                continue;
            }

            if (days < interval.Earliest)
            {
                var harsh =
                    treatment
                    is Treatment.Clarify
                        or Treatment.LightProtein
                        or Treatment.StrongProtein
                        or Treatment.LocDetox
                        or Treatment.GrainWater;
                yield return new Finding(
                    Id,
                    harsh ? Severity.Warn : Severity.Note,
                    RuleWords.StepWasDoneDaysDaysAgo(step.Kind.Name, $"{days}", $"{interval.Usual}", $"{interval.Earliest}"),
                    [step.Id],
                    harsh && step.Kind.CanBeSpared ? RuleContext.LeaveOut(step) : null
                );
            }
            else if (days > interval.Latest)
            {
                yield return new Finding(
                    Id,
                    Severity.Note,
                    RuleWords.StepIsOverdueDaysDaysAgo(step.Kind.Name, $"{days}", $"{interval.Latest}"),
                    [step.Id]
                );
            }
        }
    }

    private static Interval? IntervalOf(Treatment treatment, PlanRequest request, RhythmFigures figures) =>
        treatment == Treatment.Wash
            ? Intervals.OfWash(request.Kind, request.SchoolsInUse.Rhythm, figures)
            : Intervals.Of(treatment, request.Kind, figures);

    private static int? DaysSinceWash(PlanRequest request) =>
        request.Head.LastWash is { } last
            ? request.Today.DayNumber - last.DayNumber
            : request.History.DaysSince(Treatment.Wash, request.Today);
}

/// <summary>R41 warn: a tension style too soon after the last one came down, or one worn too long.</summary>
public sealed class RestForTheEdges : IRule
{
    public string Id => "R41";

    public bool IsMendedUnasked => false;

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var (request, rhythm) = (context.Request, context.Figures.Rhythm);
        var tension = context.Walk.Select(walked => walked.Step).FirstOrDefault(step => step.Kind.Treatment == Treatment.TensionStyle);
        if (tension is not null && DaysSinceDown(request) is { } days && days < rhythm.RestBetweenStyles)
        {
            yield return new Finding(
                Id,
                Severity.Warn,
                RuleWords.TheLastTightStyleCameDown($"{days}", $"{rhythm.RestBetweenStyles}"),
                [tension.Id],
                new Fix(RuleWords.ChunkyTwistsInstead, [new AddStep(StepIds.Twists, tension.Id), new DropStep(tension.Id)])
            );
        }

        if (
            request.Head.Wear.Style is { PutIn: { } since }
            && request.Today.DayNumber - since.DayNumber is var worn
            && worn > rhythm.LongestStyleDays
        )
        {
            yield return new Finding(Id, Severity.Warn, RuleWords.ThisStyleHasBeenInFor($"{worn}", $"{rhythm.LongestStyleDays}"), []);
        }
    }

    /// <summary>Hair that comes down today has not rested at all; of a style nobody saw come down, the day it went up counts.</summary>
    private static int? DaysSinceDown(PlanRequest request) =>
        request.Kind == HairKinds.TakenDown
            ? 0
            : request.History.DaysSince(Treatment.TakeDown, request.Today)
                ?? request.History.DaysSince(Treatment.TensionStyle, request.Today);
}

/// <summary>R42 warn: a retwist within four weeks of the last one thins the roots.</summary>
public sealed class RetwistSeldom : IRule
{
    public string Id => "R42";

    public bool IsMendedUnasked => false;

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var earliest = context.Figures.Rhythm.Treatments[Treatment.Retwist].Earliest;
        var retwist = context.Walk.Select(walked => walked.Step).FirstOrDefault(step => step.Kind.Treatment == Treatment.Retwist);
        if (
            retwist is not null
            && context.Request.History.DaysSince(Treatment.Retwist, context.Request.Today) is { } days
            && days < earliest
        )
        {
            yield return new Finding(
                Id,
                Severity.Warn,
                RuleWords.TheLastRetwistWasDaysDays($"{days}", $"{earliest}"),
                [retwist.Id],
                RuleContext.LeaveOut(retwist)
            );
        }
    }
}

/// <summary>R43 warn: nothing that strips or stiffens in the first days after colour or relaxer.</summary>
public sealed class RestAfterChemicals : IRule
{
    public string Id => "R43";

    public bool IsMendedUnasked => false;

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var (request, rest) = (context.Request, context.Figures.Rhythm.ChemicalRestDays);
        var recent = request
            .Head.ChemicalHistory.Where(chemical =>
                chemical.Kind != ChemicalEventKind.HeatDamage
                && request.Today.DayNumber - chemical.Date.DayNumber is >= 0 and var days
                && days < rest
            )
            .OrderByDescending(chemical => chemical.Date)
            .FirstOrDefault();
        if (recent is null)
        {
            yield break;
        }

        foreach (
            var step in context
                .Walk.Select(walked => walked.Step)
                .Where(step => step.Kind.StripsBare || step.Kind.Treatment == Treatment.StrongProtein)
        )
        {
            var fix = step.Kind.IsCleanse
                ? new Fix(RuleWords.PlainCleanseInstead, [new AddStep(StepIds.Cleanse, step.Id), new DropStep(step.Id)])
                : RuleContext.LeaveOut(step);
            yield return new Finding(
                Id,
                Severity.Warn,
                RuleWords.RecentDayNumberDaysAgoNoStep(
                    HeadNames.Title(recent.Kind),
                    $"{(request.Today.DayNumber - recent.Date.DayNumber)}",
                    step.Kind.Noun,
                    $"{rest}"
                ),
                [step.Id],
                fix
            );
        }
    }
}

/// <summary>R44 note: a second change while the first is still being watched makes both unreadable.</summary>
public sealed class OneChangeAtATime : IRule
{
    public string Id => "R44";

    public bool IsMendedUnasked => false;

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var request = context.Request;
        var watched = request
            .History.UnderObservation.Where(change =>
                request.Today.DayNumber - change.Value.DayNumber is >= 0 and var days && days < context.Figures.Rhythm.ObservationDays
            )
            .Select(change => change.Key)
            .FirstOrDefault();
        foreach (var step in context.Walk.Select(walked => walked.Step))
        {
            if (watched is not null && context.Use(step) is { IsChange: true } use && use.Name != watched)
            {
                yield return new Finding(Id, Severity.Note, RuleWords.UseWouldBeTheSecondChange(use.Name, watched), [step.Id]);
            }
        }
    }
}
