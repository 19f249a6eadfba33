using Kamuri.Core.Timing;

namespace Kamuri.Core.Planning;

/// <summary>What keeps somebody up in a night, in a day that did not begin then: work for hands, or hair that is still drying.</summary>
/// <param name="From">When it begins, or people go to bed.</param>
/// <param name="To">When the last of it before rising ends.</param>
/// <param name="IsDrying">Hands are free; the hair is not dry yet.</param>
public sealed record NightWork(DateTimeOffset From, DateTimeOffset To, bool IsDrying = false)
{
    /// <summary>Minutes of work or drying behind bedtime that keep nobody up.</summary>
    private const double Least = 15;

    /// <summary>
    /// The work in the first night that has some, and the drying when there is no work; null for hardly any. Whoever begins a day
    /// at night knows that it is night.
    /// </summary>
    /// <param name="tasks">On the household's clock, the first of them first.</param>
    /// <param name="night">When the night is.</param>
    public static NightWork? Of(IReadOnlyList<PlannedTask> tasks, NightFigures night) =>
        tasks.Count == 0 || night.IsNight(tasks[0].Start)
            ? null
            : First(tasks.Where(task => task.IsHandsOn), night) ?? Wet([.. tasks.Where(task => task.IsDrying)], night);

    /// <summary>Hair goes on drying when people are up again: it is wet until it is dry.</summary>
    private static NightWork? Wet(IReadOnlyList<PlannedTask> dryings, NightFigures night) =>
        First(dryings, night) is { } wet
            ? new NightWork(wet.From, dryings.Where(task => task.Start < wet.To).Max(task => task.End), IsDrying: true)
            : null;

    private static NightWork? First(IEnumerable<PlannedTask> tasks, NightFigures night) =>
        tasks
            .SelectMany(task => Pieces(task, night))
            .GroupBy(piece => piece.Bed)
            .Where(pieces => pieces.Sum(piece => (piece.To - piece.From).TotalMinutes) >= Least)
            .Select(pieces => new NightWork(pieces.Min(piece => piece.From), pieces.Max(piece => piece.To)))
            .FirstOrDefault();

    /// <summary>"Somebody has to work from 22:30 to 05:52, while people sleep.", or that hair is wet until then.</summary>
    /// <param name="begins">When the day begins: other days than that are named.</param>
    /// <param name="whose">The hair that may be wet.</param>
    public string Sentence(DateTimeOffset begins, string whose) =>
        IsDrying
            ? PlanWords.HairIsStillWetAt(whose, Say.Clock(From, begins), Say.Clock(To, From))
            : PlanWords.SomebodyHasToWorkFromTime(Say.Clock(From, begins), Say.Clock(To, From));

    /// <summary>The parts of a task that lie in a night, from bedtime to an hour before rising.</summary>
    private static IEnumerable<(DateTimeOffset Bed, DateTimeOffset From, DateTimeOffset To)> Pieces(PlannedTask task, NightFigures night)
    {
        var midnight = new DateTimeOffset(task.Start.Date, task.Start.Offset);
        for (var day = midnight.AddDays(-1); day < task.End; day = day.AddDays(1))
        {
            var (bed, rise) = (day.AddHours(night.BedtimeHour), day.AddDays(1).AddHours(night.WakesHour));
            var (from, to) = (task.Start > bed ? task.Start : bed, task.End < rise ? task.End : rise);
            if (from < to)
            {
                yield return (bed, from, to);
            }
        }
    }
}
