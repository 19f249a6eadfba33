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
        var its = request.Kind == HairKinds.Locs ? "locs" : "a style that is in";

        // Only what differs from the craft's default is a choice that can be in the way.
        if (isKept && schools.Detangle is DetangleIn.PrePoo or DetangleIn.LeaveIn)
        {
            yield return ("detangle", false, $"There is nothing to comb in {its}; it is left out.");
        }

        if (isKept && schools.Length == TreatmentLength.Overnight)
        {
            yield return ("length", false, $"Oil overnight does not come out of {its} again; there is no pre-poo in this day.");
        }

        if (isKept && schools.Butter)
        {
            yield return ("butter", false, $"Butter stays inside {its} and gathers lint; it is left out.");
        }

        if (isKept && schools.ScalpConditioner == ScalpConditioner.CoWash)
        {
            yield return ("scalpConditioner", false, $"Creamy cleansers stay in {its}; a diluted one is used on the parts.");
        }

        if (schools.ScalpOil == ScalpOiling.HeavyWashedOut && isKept)
        {
            yield return ("scalpOil", false, $"Heavy oil cannot be washed out of {its}; a few drops of light oil are used.");
        }
        else if (
            schools.ScalpOil == ScalpOiling.HeavyWashedOut
            && (head.Scalp.Contains(ScalpSign.Oily) || head.Scalp.Contains(ScalpSign.Flaky))
        )
        {
            yield return (
                "scalpOil",
                true,
                "The scalp is flaky or oily: heavy oil can feed that. If it itches more afterwards, go back to light oil."
            );
        }

        if (
            !isKept
            && schools.ScalpConditioner == ScalpConditioner.CoWash
            && (head.Scalp.Contains(ScalpSign.Oily) || head.Scalp.Contains(ScalpSign.Flaky))
        )
        {
            yield return (
                "scalpConditioner",
                true,
                "The scalp is flaky or oily: conditioner on it leaves more behind than shampoo. Clarify in time."
            );
        }

        if (!isKept && schools.ConditionOn == ConditionOn.Dry && head.Porosity == Porosity.Low)
        {
            yield return (
                "conditionOn",
                true,
                "Low-porosity hair takes up little when it is dry: work it in warm, and give it its full window."
            );
        }

        if (!isKept && schools.Butter && head.Porosity == Porosity.Low)
        {
            yield return ("butter", true, "On low-porosity hair butter lies on top: take little, and expect to clarify sooner.");
        }

        if (!isKept && schools.FinalWater == FinalWater.Lukewarm && head.Porosity == Porosity.High)
        {
            yield return ("finalWater", true, "High-porosity hair loses its moisture fastest: a cool last rinse is what closes it.");
        }

        if (!isKept && schools.Protein == ProteinPlace.PrePoo && request.Stretch == StretchCheck.NeedsMoisture)
        {
            yield return ("protein", false, "The wet strand snapped at once: no protein today, wherever it stands.");
        }

        if (!isKept && schools.Length == TreatmentLength.Overnight && head.AgeGroup == AgeGroup.UnderSix)
        {
            yield return ("length", true, "Under six: a soft cloth only, never a cap on a sleeping child.");
        }

        foreach (var found in Warmth(request, schools, isKept))
        {
            yield return found;
        }

        if (schools.Rhythm == WashEvery.MonthInStyle && request.Kind != HairKinds.Style)
        {
            yield return ("rhythm", false, "Monthly is for hair under a style; this head keeps the rhythm of its kind.");
        }

        if (schools.Rhythm == WashEvery.Week && request.Kind == HairKinds.Locs)
        {
            yield return ("rhythm", true, "Locs dry slowly: weekly only if they are dry to the core the same day.");
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
            yield return ("treatmentHeat", true, $"This head must not sit under heat, so the {device} is a stop below; a cap would do.");
        }
        else if (request.TreatmentHeatInUse != schools.TreatmentHeat)
        {
            yield return ("treatmentHeat", false, $"There is no {device} in the house; treatments work under a cap, for longer.");
        }
    }
}
