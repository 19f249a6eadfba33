using Kamuri.Core.Physics;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Rules;

/// <summary>R22 warn: a style set on hair wetter or drier than it wants.</summary>
public sealed class SetAtItsWetness : IRule
{
    public string Id => "R22";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        foreach (var (walked, at) in context.Positions.Where(pair => pair.Walked.Step.Kind.Phase == Phase.Set))
        {
            var (kind, before) = (walked.Step.Kind, walked.Before.Wetness);
            if (before < kind.NeedsAtLeast)
            {
                yield return new Finding(
                    Id,
                    Severity.Warn,
                    RuleWords.KindDoesNotHoldOnWord(kind.Name, WetnessScale.Word(before), WetnessScale.Word(kind.NeedsAtLeast)),
                    [walked.Step.Id],
                    new Fix(RuleWords.DampenFirst, [new AddStep(StepIds.Dampen, context.Before(at))])
                );
            }
            else if (before > kind.NeedsAtMost)
            {
                var insert = kind.NeedsAtMost <= Wetness.Damp ? StepIds.Dry : StepIds.Blot;
                // Drying in the middle of the day would only be undone: it moves to where the hair is as it wants it, if there is such
                // a place. What is set on damp hair does not wait until it has dried, and nothing moves over a cleanse.
                var later = context
                    .Walk.Skip(at + 1)
                    .TakeWhile(other => !other.Step.Kind.IsCleanse && (insert == StepIds.Dry || !other.Step.Kind.IsDrying))
                    .FirstOrDefault(other => other.After.Wetness >= kind.NeedsAtLeast && other.After.Wetness <= kind.NeedsAtMost)
                    ?.Step;
                yield return new Finding(
                    Id,
                    Severity.Warn,
                    RuleWords.KindOnWordHairShrinksAnd(kind.Name, WetnessScale.Word(before), WetnessScale.Word(kind.NeedsAtMost)),
                    [walked.Step.Id],
                    later is null
                        ? new Fix(RuleWords.GetFirst(StepCatalogue.Get(insert).Name), [new AddStep(insert, context.Before(at))])
                        : new Fix(RuleWords.DoItAfterLater(later.Kind.Noun), [new MoveStep(walked.Step.Id, later.Id)])
                );
            }
        }
    }
}

/// <summary>R23 stop: locs or braids that are still wet go to bed, or are left wet at the end of the day.</summary>
public sealed class DryBeforeBed : IRule
{
    private const double Dry = 0.95;

    public string Id => "R23";

    public IEnumerable<Finding> Check(RuleContext context)
    {
        if (context.Walk.Count == 0)
        {
            yield break;
        }

        var night = context.Walk.FirstOrDefault(walked =>
            walked.Step.Kind.IsNight && walked.Before.Hang.IsDense() && !walked.Before.FullyDry
        );
        var last = context.Walk[^1];
        if (night is null && (!last.After.Hang.IsDense() || last.After.FullyDry))
        {
            yield break;
        }

        // The drying step before it waits longer, or there is one more.
        var at = night is null ? context.Walk.Count : context.Walk.ToList().IndexOf(night);
        var drying = context.Walk.Take(at).Select(walked => walked.Step).LastOrDefault(step => step.Kind.IsDrying);
        var wetAgain =
            drying is not null
            && context.Walk.Take(at).SkipWhile(walked => walked.Step.Id != drying.Id).Any(walked => walked.After.Wetness > Wetness.Dry);
        IReadOnlyList<PlanEdit> edits =
            drying is not null && !wetAgain
                ? [new SetDryness(drying.Id, Dry)]
                : [new AddStep(StepIds.Dry, context.Before(at)), new SetDryness(context.NextId(StepIds.Dry), Dry)];
        yield return new Finding(
            Id,
            Severity.Stop,
            night is null ? RuleWords.LocsAndBraidsMustBeDry : RuleWords.DoNotSleepOnWetLocs,
            [(night ?? last).Step.Id],
            new Fix(RuleWords.DryToTheCore, edits)
        );
    }
}
