using Kamuri.Core.Heads;
using Kamuri.Core.Planning;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing.Days;

/// <summary>
/// Brings what is due by its rhythm together with what the day is for. Only what is late is put in unasked, one treatment
/// a day, and never against the stretch check, the list of what must not touch this head, or a rest after chemicals; the
/// rest is said.
/// </summary>
/// <param name="Clarify">Why clarifying takes the place of the cleanse; null when it does not.</param>
/// <param name="Protein">Why light protein is put in; null when it is not.</param>
/// <param name="HotOil">Why hot oil takes the place of the pre-poo; null when it does not.</param>
/// <param name="Soak">Why locs are soaked; null when they are not.</param>
internal sealed record DueToday(string? Clarify = null, string? Protein = null, string? HotOil = null, string? Soak = null)
{
    private const string ProteinWord = "protein";

    private bool HasOne => (Clarify ?? Protein ?? HotOil ?? Soak) is not null;

    public static DueToday For(DayBuilder day)
    {
        var today = new DueToday();
        foreach (var due in day.Due.Where(due => !IsAskedFor(due.Treatment, day.Request)))
        {
            var why = PlanSentences.Of(due);
            if (WhyNot(due, day, today) is { } not)
            {
                day.Leave(PlanSentences.Of(due.Treatment), not);
                continue;
            }

            today = due.Treatment switch
            {
                Treatment.Clarify => today with { Clarify = why },
                Treatment.LightProtein => today with { Protein = why },
                Treatment.HotOil => today with { HotOil = why },
                _ => today with { Soak = why },
            };
        }

        return today;
    }

    private static bool IsAskedFor(Treatment treatment, PlanRequest request) =>
        treatment switch
        {
            Treatment.Clarify => request.Aim == Aim.Reset,
            Treatment.LightProtein => request.Aim == Aim.Strength,
            Treatment.HotOil => request.Aim == Aim.ScalpComfort,
            Treatment.HerbPrePoo => request.Aim == Aim.OilFree,
            Treatment.LocDetox => request.Aim == Aim.Reset,
            Treatment.Retwist => request.Style == EndStyle.Retwist,
            _ => false,
        };

    /// <summary>Why something that is due is not in this day; null when it is put in.</summary>
    private static string? WhyNot(DueTreatment due, DayBuilder day, DueToday taken)
    {
        var request = day.Request;
        var since = due.IsLate
            ? DayWords.DaysDaysOverdue($"{(due.Days - due.Interval.Latest)}")
            : DayWords.DueDaysDaysSinceTheLast($"{due.Days}", $"{due.Interval.Latest}");
        var instead = due.Treatment switch
        {
            Treatment.Clarify or Treatment.LocDetox => DayWords.AResetWouldDoIt,
            Treatment.LightProtein => DayWords.ADayForStrengthWouldDo,
            Treatment.HotOil => DayWords.ADayForScalpComfortWould,
            Treatment.HerbPrePoo => DayWords.AnOilFreeWashWouldDo,
            Treatment.Retwist => DayWords.AskForARetwist,
            _ => DayWords.ItIsOnlyDoneByIts,
        };
        var canBeIn = due.Treatment switch
        {
            Treatment.Clarify or Treatment.LightProtein or Treatment.HotOil => (request.Kind & HairKinds.Combable) != 0,
            Treatment.LocDetox => request.Head.Wear.Locs is { Stage: not LocStage.Starter },
            _ => false,
        };
        if (!canBeIn || !due.IsLate)
        {
            return DayWords.SinceInstead(since, instead);
        }

        if (request.Aim is Aim.Quick or Aim.OilFree or Aim.Definition || (due.Treatment != Treatment.Clarify && request.Aim == Aim.Reset))
        {
            return DayWords.SinceButItHasNoPlace(since, PlanSentences.Of(request.Aim), instead);
        }

        return Against(due, day) is { } against ? DayWords.SinceButAgainst(since, against)
            : taken.HasOne ? DayWords.SinceOneTreatmentAtATime(since)
            : null;
    }

    private static string? Against(DueTreatment due, DayBuilder day)
    {
        var request = day.Request;
        return due.Treatment switch
        {
            Treatment.Clarify when LastChemical(request) is { } days && days < day.ChemicalRestDays => DayWords.ColourOrRelaxerWasDaysDays(
                $"{days}",
                $"{day.ChemicalRestDays}"
            ),
            Treatment.LightProtein when request.Stretch == StretchCheck.NeedsMoisture => DayWords.TheWetStrandSnappedAtOnce,
            Treatment.LightProtein when request.Stretch == StretchCheck.Balanced => DayWords.TheWetStrandStretchesALittle,
            Treatment.LightProtein when request.Head.Sensitivities.Contains(ProteinWord, StringComparer.OrdinalIgnoreCase) =>
                DayWords.ProteinMustNotTouchThisHead,
            Treatment.HotOil when day.Schools.ScalpOil == ScalpOiling.None => DayWords.ThisHeadTakesNoOilOn,
            Treatment.HotOil when request.Head.HasBrokenSkin => DayWords.TheSkinIsBroken,
            _ => null,
        };
    }

    private static int? LastChemical(PlanRequest request) =>
        request
            .Head.ChemicalHistory.Where(chemical => chemical.Kind != ChemicalEventKind.HeatDamage && chemical.Date <= request.Today)
            .Select(chemical => (int?)(request.Today.DayNumber - chemical.Date.DayNumber))
            .Min();
}
