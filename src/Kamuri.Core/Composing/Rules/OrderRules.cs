using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Rules;

/// <summary>R01 warn: a pre-poo or oil treatment comes before the cleanse it protects from.</summary>
public sealed class TreatmentBeforeCleanse : IRule
{
    public string Id => "R01";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var steps = context.Walk.Select(walked => walked.Step).ToList();
        var cleanse = steps.FindIndex(step => step.Kind.IsCleanse);
        if (cleanse < 0)
        {
            yield break;
        }

        for (var at = cleanse + 1; at < steps.Count; at++)
        {
            if (
                !steps[at].Kind.IsBeforeCleanse
                || IsHerbOnCleanHair(steps[at].Kind, context.Request)
                || steps.Skip(at + 1).Any(step => step.Kind.IsCleanse)
            )
            {
                continue;
            }

            // It goes in front of the water as well: a treatment on soaked hair would only run off.
            var basin = cleanse;
            while (basin > 0 && steps[basin - 1].Kind.Phase == Phase.Clean)
            {
                basin--;
            }

            yield return new Finding(
                Id,
                Severity.Warn,
                RuleWords.StepsProtectsHairFromTheCleanse(steps[at].Kind.Name),
                [steps[at].Id, steps[cleanse].Id],
                new Fix(
                    RuleWords.MoveBeforeTheCleanse(steps[at].Kind.Noun),
                    [new MoveSteps(WithCompanions(steps, at), context.Before(basin))]
                )
            );
        }
    }

    private static bool IsHerbOnCleanHair(StepKind kind, PlanRequest request) =>
        kind.Puts is Substance.HerbJuice or Substance.HerbPaste && request.SchoolsInUse.Herbs == HerbsPlace.AfterCleanse;

    /// <summary>A treatment, and what is done while it lies on the hair.</summary>
    private static List<string> WithCompanions(List<PlanStep> steps, int at) =>
        [steps[at].Id, .. steps.Skip(at + 1).TakeWhile(step => step.Kind.IsCompanion).Select(step => step.Id)];
}

/// <summary>R50 stop: after a long-worn style, lint comes out before water touches the roots, or it mats (craft §13).</summary>
public sealed class LintBeforeWater : IRule
{
    public string Id => "R50";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        if (context.Request is not { Head.Wear.Down.WornDays: var worn, Starts.Wetness: Wetness.Dry } || worn < LongWorn)
        {
            yield break;
        }

        var steps = context.Walk.Select(walked => walked.Step).ToList();
        var water = steps.FindIndex(step => step.Kind.Leaves >= Wetness.Damp);
        var lint = steps.FindIndex(step => step.Kind.Id == StepIds.ClearLint);
        if (water >= 0 && (lint < 0 || lint > water))
        {
            PlanEdit edit =
                lint < 0 ? new AddStep(StepIds.ClearLint, context.Before(water)) : new MoveStep(steps[lint].Id, context.Before(water));
            yield return new Finding(
                Id,
                Severity.Stop,
                RuleWords.LintMatsInWater($"{worn}"),
                [steps[water].Id],
                new Fix(RuleWords.ClearTheLintFirst, [edit])
            );
        }
    }

    /// <summary>Days in a style from which on lint gathers at the roots (product default: a month).</summary>
    private const int LongWorn = 28;
}

/// <summary>R02 stop: every cleanse is followed, in the same session, by a conditioner or deep conditioner.</summary>
public sealed class ConditionAfterCleanse : IRule
{
    public string Id => "R02";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        // Locs are conditioned once a month at most; everything else after every cleanse.
        if (
            context.Walk.Count == 0
            || context.Request.Kind == HairKinds.Locs
            || context.Walk[^1].After.AwaitsConditioner is not { } cleanse
        )
        {
            yield break;
        }

        var at = context.Walk.ToList().FindIndex(walked => walked.Step.Id == cleanse);
        // Behind the rinse that takes the shampoo off, if there is one.
        var behind = at;
        while (behind + 1 < context.Walk.Count && context.Walk[behind + 1].Step.Kind.Phase == Phase.Clean)
        {
            behind++;
        }

        var anchor = context.Walk[behind].Step.Id;
        if (context.Request.Kind == HairKinds.Style)
        {
            yield return new Finding(
                Id,
                Severity.Stop,
                RuleWords.ACleanseLeavesTheHairIn,
                [cleanse],
                new Fix(RuleWords.AddALightSpray, [new AddStep(StepIds.SprayConditioner, anchor)])
            );
            yield break;
        }

        var edits = new List<PlanEdit>();
        var conditioner = PlanEditing.NextId(context.Walk.Select(walked => walked.Step), StepIds.Conditioner);
        if (context.Walk[behind].After.Wetness == Wetness.Soaked)
        {
            var wring = PlanEditing.NextId(context.Walk.Select(walked => walked.Step), StepIds.Wring);
            edits.Add(new AddStep(StepIds.Wring, anchor));
            anchor = wring;
        }

        edits.Add(new AddStep(StepIds.Conditioner, anchor));
        if (!context.Walk.Skip(behind + 1).Any(walked => walked.Step.Kind.Removes != Removal.None))
        {
            edits.Add(new AddStep(StepIds.CoolRinse, conditioner));
        }

        yield return new Finding(
            Id,
            Severity.Stop,
            RuleWords.CleansingLiftsTheCuticleAndRemoves,
            [cleanse],
            new Fix(RuleWords.AddAConditioner, edits)
        );
    }
}

/// <summary>
/// R03 stop: what is meant to be rinsed never stays in a style, and onion, powder, egg or heavy oil is washed out, not
/// only rinsed.
/// </summary>
public sealed class RinseOffStaysNot : IRule
{
    public string Id => "R03";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        for (var at = 0; at < context.Walk.Count; at++)
        {
            var (step, isLast) = (context.Walk[at].Step, at == context.Walk.Count - 1);
            if (
                step.Kind.Phase is Phase.Layer or Phase.Set or Phase.Keep
                && Found(context, context.Walk[at].Before, context.Before(at), step) is { } before
            )
            {
                yield return before;
                yield break;
            }

            if (isLast && Found(context, context.Walk[at].After, step.Id, step) is { } after)
            {
                yield return after;
            }
        }
    }

    /// <summary>What may not stay of what lies on the hair; null when all of it may.</summary>
    private Finding? Found(RuleContext context, HairState state, string? anchor, PlanStep at)
    {
        var left = state.Deposits.FirstOrDefault(deposit => deposit.Facts.MustBeRinsed);
        if (
            left is not null
            && context.Walk.First(walked => walked.Step.Id == left.Step).Step
                is { Kind.Phase: Phase.Layer or Phase.Set or Phase.Keep } layer
        )
        {
            // Put on to stay: rinsing it out again would undo the step, so it is left out or made of something else.
            return new Finding(
                Id,
                Severity.Stop,
                RuleWords.LeftMustNotStayInThe(WetnessScale.Capital(left.Name), layer.Kind.Noun),
                [layer.Id],
                RuleContext.LeaveOut(layer)
            );
        }

        if ((left?.Facts.MustBeWashedOut == true ? left : state.AwaitsWash.FirstOrDefault()) is { } unwashed)
        {
            return new Finding(
                Id,
                Severity.Stop,
                RuleWords.WaterAloneDoesNotRemoveUnwashed(WetnessScale.Capital(unwashed.Name)),
                Of(unwashed, at),
                new Fix(RuleWords.WashItOut, WashOut(context, state, anchor))
            );
        }

        var rinse = (context.Request.Kind & HairKinds.Kept) != 0 ? StepIds.PressRinse : StepIds.CoolRinse;
        return left is null
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                RuleWords.LeftIsStillInTheHair(WetnessScale.Capital(left.Name)),
                Of(left, at),
                new Fix(RuleWords.RinseItOut, [new AddStep(rinse, anchor)])
            );
    }

    private static string[] Of(Deposit deposit, PlanStep at) => deposit.Step == at.Id ? [at.Id] : [deposit.Step, at.Id];

    /// <summary>Rinsed cool, which egg needs and wets the hair, then co-washed or cleansed, then rinsed again.</summary>
    private static List<PlanEdit> WashOut(RuleContext context, HairState state, string? anchor)
    {
        var kept = (context.Request.Kind & HairKinds.Kept) != 0;
        var (rinse, wash) = kept ? (StepIds.PressRinse, StepIds.PartCleanse) : (StepIds.CoolRinse, StepIds.CoWash);
        var (first, washing) = (context.NextId(rinse), context.NextId(wash));
        var second = PlanEditing.NextId(
            [.. context.Walk.Select(walked => walked.Step), new PlanStep(first, StepCatalogue.Get(rinse))],
            rinse
        );
        return state.Wetness >= Wetness.Wrung && state.Deposits.All(deposit => !deposit.Facts.IsRawEgg)
                ? [new AddStep(wash, anchor), new AddStep(rinse, washing)]
            : second == first ? []
            : [new AddStep(rinse, anchor), new AddStep(wash, first), new AddStep(rinse, washing)];
    }
}

/// <summary>R04 warn: clarifying is followed by the longer moisture deep condition.</summary>
public sealed class LongConditionAfterClarify : IRule
{
    public string Id => "R04";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        var steps = context.Walk.Select(walked => walked.Step).ToList();
        var clarify = steps.FindIndex(step => step.Kind.StripsBare);
        if (clarify < 0)
        {
            yield break;
        }

        var condition = steps.FindIndex(clarify, step => step.Kind.Processing?.AfterClarify is not null);
        if (condition < 0)
        {
            var plain = steps.FindIndex(clarify, step => step.Kind.IsConditioning);
            var swap =
                plain < 0 ? [] : new List<PlanEdit> { new AddStep(StepIds.DeepCondition, steps[plain].Id), new DropStep(steps[plain].Id) };
            yield return new Finding(
                Id,
                Severity.Warn,
                RuleWords.StepsStripsTheHairALong(steps[clarify].Kind.Name),
                [steps[clarify].Id],
                plain < 0 ? null : new Fix(RuleWords.DeepConditionInstead, swap)
            );
            yield break;
        }

        // The cover carries the time when there is one behind the treatment.
        var carrier = steps.Skip(condition + 1).TakeWhile(step => step.Kind.IsCompanion).LastOrDefault(step => step.Kind.Covers)
            ?? steps[condition];
        var long_ = context.Figures.ProcessingOf(steps[condition].Kind)!;
        var window = carrier.Heat is Heat.Hood or Heat.Steamer ? long_.AfterClarifyHeated! : long_.AfterClarify!;
        if (carrier.Minutes is { } minutes && minutes < window.Earliest)
        {
            yield return new Finding(
                Id,
                Severity.Warn,
                RuleWords.AfterStepsMinutesMinutesOfDeep(steps[clarify].Kind.Noun, $"{minutes:0}", $"{window.Earliest:0}"),
                [steps[clarify].Id, carrier.Id],
                new Fix(RuleWords.GiveItUsualMinutes($"{window.Usual:0}"), [new SetMinutes(carrier.Id, window.Usual)])
            );
        }
    }
}
