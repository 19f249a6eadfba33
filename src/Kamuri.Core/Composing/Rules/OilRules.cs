using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Rules;

/// <summary>R05 warn: heavy oil needs a lifting rinse or a second pass of shampoo.</summary>
public sealed class HeavyOilWashedOut : IRule
{
    public string Id => "R05";

    /// <summary>A second pass behind a first one, with a rinse between them.</summary>
    internal static Fix TwoPasses(PlanStep first) =>
        new(RuleWords.CleanseTwice, [new AddStep(first.Kind.Id, first.Id), new AddStep(StepIds.Rinse, first.Id)]);

    public IEnumerable<Finding> Check(RuleContext context)
    {
        if (context.Walk.Count == 0 || context.Walk[^1].After.HeavyOilPasses == 0)
        {
            yield break;
        }

        var steps = context.Walk.Select(walked => walked.Step).ToList();
        var cleanse = steps.FindLastIndex(step => step.Kind.IsCleanse);
        var oil = steps.Last(step => step.Kind.Puts is { } puts && Substances.Of(puts).IsHeavyOil);
        if (cleanse > steps.IndexOf(oil))
        {
            yield return new Finding(
                Id,
                Severity.Warn,
                RuleWords.OnePassOfShampooLeavesHeavy,
                [oil.Id, steps[cleanse].Id],
                TwoPasses(steps[cleanse])
            );
        }
    }
}

/// <summary>R06 note: an oiled pre-poo after a long while needs two short passes.</summary>
public sealed class TwoPassesAfterLong : IRule
{
    public string Id => "R06";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var since = context.Request.Head.LastWash is { } last ? context.Request.Today.DayNumber - last.DayNumber : 0;
        var steps = context.Walk.Select(walked => walked.Step).ToList();
        var cleanses = steps.Where(step => step.Kind.IsCleanse).ToList();
        var oiled = steps.FirstOrDefault(step => step.Kind.Puts is Substance.PrePoo or Substance.HotOil && step.Kind.IsBeforeCleanse);
        if (since > context.Figures.Rhythm.LongSinceWashDays && cleanses is [{ Kind.StripsBare: false }] && oiled is not null)
        {
            yield return new Finding(
                Id,
                Severity.Note,
                RuleWords.AfterSinceDaysTheFirstPass($"{since}"),
                [cleanses[0].Id],
                HeavyOilWashedOut.TwoPasses(cleanses[0])
            );
        }
    }
}

/// <summary>R08 warn: sealing oil left on the scalp after the wash.</summary>
public sealed class NoSealOnScalp : IRule
{
    public string Id => "R08";

    public IEnumerable<Finding> Check(RuleContext context) =>
        from walked in context.Walk
        let step = walked.Step
        where
            step.Kind.Phase == Phase.Layer && step.Kind.Puts is { } puts && Substances.Of(puts).Seals && Substances.Of(puts).BelongsOnScalp
        where step.Places.HasFlag(Places.Scalp)
        select new Finding(
            Id,
            Severity.Warn,
            RuleWords.StepSealsLeftOnTheScalp(step.Kind.Name),
            [step.Id],
            new Fix(RuleWords.KeepItOffTheScalp, [new SetPlaces(step.Id, step.Places & ~Places.Scalp)])
        );
}

/// <summary>R10 warn: a sealing oil or butter under a water-based layer keeps the water out.</summary>
public sealed class NothingSealedOut : IRule
{
    /// <summary>Layers up to this weight are mostly water.</summary>
    public const double WateryUpTo = 3;

    public string Id => "R10";

    /// <summary>The seal a watery layer goes over; null when none lies on the hair, as after a cleanse.</summary>
    internal static Deposit? Under(WalkedStep over) =>
        over.Step.Kind is { Phase: Phase.Layer, Puts: { } puts } && Substances.Of(puts).Weight <= WateryUpTo
            ? over.Before.Deposits.FirstOrDefault(deposit => deposit.Facts.Seals && !deposit.Facts.MustBeRinsed)
            : null;

    public IEnumerable<Finding> Check(RuleContext context)
    {
        foreach (var walked in context.Walk)
        {
            if (Under(walked) is not { } seal)
            {
                continue;
            }

            var (over, at) = (walked.Step, context.Walk.ToList().FindIndex(other => other.Step.Id == seal.Step));
            yield return new Finding(
                Id,
                Severity.Warn,
                RuleWords.StepSealsSoOverOnTop(context.Walk[at].Step.Kind.Name, over.Kind.Noun),
                [seal.Step, over.Id],
                new Fix(RuleWords.PutOverUnderIt(over.Kind.Noun), [new MoveStep(over.Id, context.Before(at))])
            );
        }
    }
}
