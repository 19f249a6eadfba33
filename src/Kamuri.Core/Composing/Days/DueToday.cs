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
            var why = PlanWords.Of(due);
            if (WhyNot(due, day, today) is { } not)
            {
                day.Leave(PlanWords.Of(due.Treatment), not);
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
            ? $"Late by {due.Days - due.Interval.Latest} days"
            : $"Due, {due.Days} days since the last; good until {due.Interval.Latest}";
        var instead = due.Treatment switch
        {
            Treatment.Clarify or Treatment.LocDetox => "a reset would do it",
            Treatment.LightProtein => "a day for strength would do it",
            Treatment.HotOil => "a day for scalp comfort would do it",
            Treatment.HerbPrePoo => "an oil-free wash would do it",
            Treatment.Retwist => "ask for a retwist",
            _ => "it is only done by its label, so it is never put in unasked",
        };
        var canBeIn = due.Treatment switch
        {
            Treatment.Clarify or Treatment.LightProtein or Treatment.HotOil => (request.Kind & HairKinds.Combable) != 0,
            Treatment.LocDetox => request.Head.Wear.Locs is { Stage: not LocStage.Starter },
            _ => false,
        };
        if (!canBeIn || !due.IsLate)
        {
            return $"{since}; {instead}.";
        }

        if (request.Aim is Aim.Quick or Aim.OilFree or Aim.Definition || (due.Treatment != Treatment.Clarify && request.Aim == Aim.Reset))
        {
            return $"{since}, but it has no place in {PlanWords.Of(request.Aim)}; {instead}.";
        }

        return Against(due, day) is { } against ? $"{since}, but {against}."
            : taken.HasOne ? $"{since}; one treatment at a time, so it waits for the next wash day."
            : null;
    }

    private static string? Against(DueTreatment due, DayBuilder day)
    {
        var request = day.Request;
        return due.Treatment switch
        {
            Treatment.Clarify when LastChemical(request) is { } days && days < day.ChemicalRestDays =>
                $"colour or relaxer was {days} days ago: nothing that strips for {day.ChemicalRestDays} days unless your professional said so",
            Treatment.LightProtein when request.Stretch == StretchCheck.NeedsMoisture =>
                "the wet strand snapped at once: it needs moisture",
            Treatment.LightProtein when request.Stretch == StretchCheck.Balanced =>
                "the wet strand stretches a little and returns: it is not needed today",
            Treatment.LightProtein when request.Head.Sensitivities.Contains(ProteinWord, StringComparer.OrdinalIgnoreCase) =>
                "protein must not touch this head",
            Treatment.HotOil when day.Schools.ScalpOil == ScalpOiling.None => "this head takes no oil on the scalp",
            Treatment.HotOil when request.Head.HasBrokenSkin => "the skin is broken",
            _ => null,
        };
    }

    private static int? LastChemical(PlanRequest request) =>
        request
            .Head.ChemicalHistory.Where(chemical => chemical.Kind != ChemicalEventKind.HeatDamage && chemical.Date <= request.Today)
            .Select(chemical => (int?)(request.Today.DayNumber - chemical.Date.DayNumber))
            .Min();
}
