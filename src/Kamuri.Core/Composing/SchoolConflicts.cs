using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing;

/// <summary>A school that does not go with the state of this head, or with this house or day.</summary>
/// <param name="Question">The question, by its id in <see cref="SchoolCatalogue"/>.</param>
/// <param name="Ask">The question in a few words.</param>
/// <param name="School">The side taken, in words.</param>
/// <param name="IsFollowed">Whether the day follows it all the same; if not, the sentence says what is done instead.</param>
/// <param name="Sentence">Why they do not go together.</param>
public sealed record SchoolConflict(string Question, string Ask, string School, bool IsFollowed, string Sentence);

/// <summary>
/// Says where a school and a head pull in different directions. Nothing is resolved in silence: a school that is not
/// followed says so, and one that is followed against the head's state says what to watch for.
/// </summary>
public static class SchoolConflicts
{
    public static IReadOnlyList<SchoolConflict> Of(PlanRequest request)
    {
        var schools = request.SchoolsInUse;
        return
        [
            .. Found(request, schools)
                .Select(found => (found, question: SchoolCatalogue.Get(found.Question)))
                .Select(pair => new SchoolConflict(
                    pair.question.Id,
                    pair.question.Ask,
                    pair.question.Answer(schools).Word,
                    pair.found.IsFollowed,
                    pair.found.Sentence
                )),
        ];
    }

    private static IEnumerable<(string Question, bool IsFollowed, string Sentence)> Found(PlanRequest request, Schools schools)
    {
        var head = request.Head;
        var isKept = (request.Kind & HairKinds.Kept) != 0;
        var its = request.Kind == HairKinds.Locs ? "locs" : ComposingWords.AStyleThatIsIn;

        // Only what differs from the craft's default is a choice that can be in the way.
        if (isKept && schools.Detangle is DetangleIn.PrePoo or DetangleIn.LeaveIn)
        {
            yield return ("detangle", false, ComposingWords.ThereIsNothingToCombIn(its));
        }

        if (isKept && schools.Length == TreatmentLength.Overnight)
        {
            yield return ("length", false, ComposingWords.OilLeftOvernightDoesNotWash(its));
        }

        if (isKept && schools.Butter)
        {
            yield return ("butter", false, ComposingWords.ButterStaysInsideItsAndGathers(its));
        }

        if (isKept && schools.ScalpConditioner == ScalpConditioner.CoWash)
        {
            yield return ("scalpConditioner", false, ComposingWords.CreamyCleansersStayInItsSo(its));
        }

        if (schools.ScalpOil == ScalpOiling.HeavyWashedOut && isKept)
        {
            yield return ("scalpOil", false, ComposingWords.HeavyOilDoesNotWashOut(its));
        }
        else if (
            schools.ScalpOil == ScalpOiling.HeavyWashedOut
            && (head.Scalp.Contains(ScalpSign.Oily) || head.Scalp.Contains(ScalpSign.Flaky))
        )
        {
            yield return ("scalpOil", true, ComposingWords.TheScalpIsFlakyOrOily);
        }

        if (
            !isKept
            && schools.ScalpConditioner == ScalpConditioner.CoWash
            && (head.Scalp.Contains(ScalpSign.Oily) || head.Scalp.Contains(ScalpSign.Flaky))
        )
        {
            yield return ("scalpConditioner", true, ComposingWords.TheScalpIsFlakyOrOily2);
        }

        if (!isKept && schools.ConditionOn == ConditionOn.Dry && head.Porosity == Porosity.Low)
        {
            yield return ("conditionOn", true, ComposingWords.LowPorosityHairAbsorbsLittleWhen);
        }

        if (!isKept && schools.Butter && head.Porosity == Porosity.Low)
        {
            yield return ("butter", true, ComposingWords.OnLowPorosityHairButterSits);
        }

        if (!isKept && schools.FinalWater == FinalWater.Lukewarm && head.Porosity == Porosity.High)
        {
            yield return ("finalWater", true, ComposingWords.HighPorosityHairLosesMoistureFastest);
        }

        if (!isKept && schools.Protein == ProteinPlace.PrePoo && request.Stretch == StretchCheck.NeedsMoisture)
        {
            yield return ("protein", false, ComposingWords.TheWetStrandSnappedAtOnce);
        }

        if (!isKept && schools.Length == TreatmentLength.Overnight && head.AgeGroup == AgeGroup.UnderSix)
        {
            yield return ("length", true, ComposingWords.UnderSixUseOnlyASoft);
        }

        foreach (var found in Warmth(request, schools, isKept))
        {
            yield return found;
        }

        if (schools.Rhythm == WashEvery.MonthInStyle && request.Kind != HairKinds.Style)
        {
            yield return ("rhythm", false, ComposingWords.MonthlyIsForStyles);
        }

        if (schools.Rhythm == WashEvery.Week && request.Kind == HairKinds.Locs)
        {
            yield return ("rhythm", true, ComposingWords.LocsDrySlowlyWashWeeklyOnly);
        }
    }

    private static IEnumerable<(string Question, bool IsFollowed, string Sentence)> Warmth(
        PlanRequest request,
        Schools schools,
        bool isKept
    )
    {
        if (isKept || request.TreatmentHeat is not null || schools.TreatmentHeat == Heat.Cap)
        {
            yield break;
        }

        var device = schools.TreatmentHeat == Heat.Steamer ? "steamer" : "hood";
        if (!request.Head.MayHaveHeat)
        {
            yield return ("treatmentHeat", true, ComposingWords.ThisHeadMustNotSitUnder(device));
        }
        else if (request.TreatmentHeatInUse != schools.TreatmentHeat)
        {
            yield return ("treatmentHeat", false, ComposingWords.ThereIsNoDeviceInThe(device));
        }
    }
}
