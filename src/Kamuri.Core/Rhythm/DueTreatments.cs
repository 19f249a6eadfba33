using Kamuri.Core.Steps;

namespace Kamuri.Core.Rhythm;

/// <summary>A treatment whose usual day has come.</summary>
/// <param name="Treatment">Which.</param>
/// <param name="Days">Days since it was last done.</param>
/// <param name="Interval">Its interval in days.</param>
public sealed record DueTreatment(Treatment Treatment, int Days, Interval Interval)
{
    /// <summary>Past the latest, where the craft no longer leaves it to taste.</summary>
    public bool IsLate => Days > Interval.Latest;

    /// <summary>Days past the usual, as a share of what the interval leaves after it; 1 and more is late.</summary>
    public double Pressing => (Days - Interval.Usual) / (double)Math.Max(1, Interval.Latest - Interval.Usual);
}

/// <summary>Says which treatments are due by their own rhythm.</summary>
public static class DueTreatments
{
    /// <summary>
    /// Treatments on record whose usual interval has passed, most pressing first. What was never done is not due: a
    /// rhythm begins with the first time. Washing, tight styles and grain water are asked for by name and never counted here.
    /// </summary>
    public static IReadOnlyList<DueTreatment> For(History history, HairKinds kind, DateOnly today, RhythmFigures figures) =>
        [
            .. history
                .LastDone.Keys.Where(treatment => treatment is not (Treatment.Wash or Treatment.TensionStyle or Treatment.GrainWater))
                .Select(treatment =>
                    (treatment, days: history.DaysSince(treatment, today)!.Value, interval: Intervals.Of(treatment, kind, figures))
                )
                .Where(each => each.interval is not null && each.days >= each.interval.Usual)
                .Select(each => new DueTreatment(each.treatment, each.days, each.interval!))
                .OrderByDescending(due => due.Pressing)
                .ThenBy(due => due.Treatment),
        ];
}
