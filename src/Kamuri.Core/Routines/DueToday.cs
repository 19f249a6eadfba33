using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Planning;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Routines;

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

    /// <summary>Why a step is in, when it is because its treatment is due.</summary>
    public string? Reason(StepKind kind) =>
        kind.Treatment switch
        {
            Treatment.Clarify => Clarify,
            Treatment.LightProtein => Protein,
            Treatment.HotOil => HotOil,
            Treatment.LocDetox => Soak,
            _ => null,
        };

    /// <summary>What is due on a wash day, most pressing first; nothing on a day between two washes.</summary>
    /// <param name="request">What is asked for.</param>
    /// <param name="figures">The craft's intervals.</param>
    /// <param name="leave">Told of what is due and not put in, and why.</param>
    public static DueToday For(PlanRequest request, RhythmFigures figures, Action<string, string> leave)
    {
        var today = new DueToday();
        var all = request.IsWashDay ? DueTreatments.For(request.History, request.Kind, request.Today, figures) : [];
        foreach (var due in all.Where(due => !IsAskedFor(due.Treatment, request)))
        {
            var why = PlanSentences.Of(due);
            if (WhyNot(due, request, today, figures) is { } not)
            {
                leave(PlanSentences.Of(due.Treatment), not);
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
    private static string? WhyNot(DueTreatment due, PlanRequest request, DueToday taken, RhythmFigures figures)
    {
        var since = due.IsLate
            ? DueWords.DaysDaysOverdue($"{(due.Days - due.Interval.Latest)}")
            : DueWords.DueDaysDaysSinceTheLast($"{due.Days}", $"{due.Interval.Latest}");
        var instead = due.Treatment switch
        {
            Treatment.Clarify or Treatment.LocDetox => DueWords.AResetWouldDoIt,
            Treatment.LightProtein => DueWords.ADayForStrengthWouldDo,
            Treatment.HotOil => DueWords.ADayForScalpComfortWould,
            Treatment.HerbPrePoo => DueWords.AnOilFreeWashWouldDo,
            Treatment.Retwist => DueWords.AskForARetwist,
            _ => DueWords.ItIsOnlyDoneByIts,
        };
        var canBeIn = due.Treatment switch
        {
            Treatment.Clarify or Treatment.LightProtein or Treatment.HotOil => (request.Kind & HairKinds.Combable) != 0,
            Treatment.LocDetox => request.Head.Wear.Locs is { Stage: not LocStage.Starter },
            _ => false,
        };
        if (!canBeIn || !due.IsLate)
        {
            return DueWords.SinceInstead(since, instead);
        }

        if (request.Aim is Aim.Quick or Aim.OilFree or Aim.Definition || (due.Treatment != Treatment.Clarify && request.Aim == Aim.Reset))
        {
            return DueWords.SinceButItHasNoPlace(since, PlanSentences.Of(request.Aim), instead);
        }

        return Against(due, request, figures) is { } against ? DueWords.SinceButAgainst(since, against)
            : taken.HasOne ? DueWords.SinceOneTreatmentAtATime(since)
            : null;
    }

    private static string? Against(DueTreatment due, PlanRequest request, RhythmFigures figures) =>
        due.Treatment switch
        {
            Treatment.Clarify when LastChemical(request) is { } days && days < figures.ChemicalRestDays =>
                DueWords.ColourOrRelaxerWasDaysDays($"{days}", $"{figures.ChemicalRestDays}"),
            Treatment.LightProtein when request.Stretch == StretchCheck.NeedsMoisture => DueWords.TheWetStrandSnappedAtOnce,
            Treatment.LightProtein when request.Stretch == StretchCheck.Balanced => DueWords.TheWetStrandStretchesALittle,
            Treatment.LightProtein when request.Head.Sensitivities.Contains(ProteinWord, StringComparer.OrdinalIgnoreCase) =>
                DueWords.ProteinMustNotTouchThisHead,
            Treatment.HotOil when request.SchoolsInUse.ScalpOil == ScalpOiling.None => DueWords.ThisHeadTakesNoOilOn,
            Treatment.HotOil when request.Head.HasBrokenSkin => DueWords.TheSkinIsBroken,
            _ => null,
        };

    private static int? LastChemical(PlanRequest request) =>
        request
            .Head.ChemicalHistory.Where(chemical => chemical.Kind != ChemicalEventKind.HeatDamage && chemical.Date <= request.Today)
            .Select(chemical => (int?)(request.Today.DayNumber - chemical.Date.DayNumber))
            .Min();
}
