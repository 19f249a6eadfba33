using Kamuri.Core.Composing;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Planning;

/// <summary>When a day that is split by a night begins, and how long its treatment stays on.</summary>
/// <param name="Start">The first step of the evening.</param>
/// <param name="Minutes">Minutes through the night, within the treatment's window.</param>
internal sealed record NightChoice(DateTimeOffset Start, int Minutes);

/// <summary>
/// Puts an overnight treatment where people sleep: it goes on by bedtime and comes off when someone gets up, not eight
/// hours after whatever minute the day was asked for.
/// </summary>
internal static class NightSplit
{
    /// <summary>Hours past bedtime in which going to bed still counts as that night.</summary>
    private const double LateHours = 5;

    /// <summary>Nights looked at before the last one is taken as it is.</summary>
    private const int Nights = 62;

    /// <param name="when">The moment of asking, and what was asked for.</param>
    /// <param name="natural">The start as it would be without a night.</param>
    /// <param name="night">The wait through the night as placed in the plain schedule.</param>
    /// <param name="rest">Minutes of work behind the night, on a slow day.</param>
    /// <param name="figures">When the night is.</param>
    public static NightChoice Choose(When when, DateTimeOffset natural, Placement night, double rest, NightFigures figures)
    {
        var evening = night.Start;
        var first = when.Now.AddMinutes(evening);
        var nights = Enumerable
            .Range(-1, Nights)
            .Select(day => Night.Of(when, day, night.Job, figures))
            .Where(each => each.Closes >= first)
            .ToList();
        var starts = when.ReadyBy is { } readyBy
            ? ByReady(nights, first, readyBy.AddMinutes(-rest), night.Job)
            : ByStart(nights, natural.AddMinutes(evening));
        var (begins, chosen) = starts;
        var wanted = Math.Clamp(Math.Max(night.Job.Usual, (chosen.Rise - begins).TotalMinutes), night.Job.Shortest, night.Job.Longest);
        var left = when.ReadyBy is { } ready ? (ready.AddMinutes(-rest) - begins).TotalMinutes : wanted;
        return new NightChoice(begins.AddMinutes(-evening), (int)Math.Clamp(Math.Floor(left), night.Job.Shortest, wanted));
    }

    private sealed record Night(DateTimeOffset Opens, DateTimeOffset Bed, DateTimeOffset Closes, DateTimeOffset Rise)
    {
        public static Night Of(When when, int day, Job job, NightFigures figures)
        {
            var (bed, rise) = (when.Clock(day, figures.BedtimeHour), when.Clock(day + 1, figures.RiseHour));
            // Earlier than this, someone would have to get up before the hour of rising to stay within the window.
            var opens = rise.AddMinutes(-job.Longest);
            return new Night(opens < bed ? opens : bed, bed, bed.AddHours(LateHours), rise);
        }
    }

    /// <summary>The first night that still takes the asked start; in the daytime that is bedtime.</summary>
    private static (DateTimeOffset Begins, Night Night) ByStart(List<Night> nights, DateTimeOffset asked)
    {
        var night = nights.First(each => each.Closes >= asked);
        return (asked >= night.Opens ? asked : night.Bed, night);
    }

    /// <summary>The last night after which all can still be ready; the first there is when none is early enough.</summary>
    private static (DateTimeOffset Begins, Night Night) ByReady(List<Night> nights, DateTimeOffset first, DateTimeOffset offBy, Job job)
    {
        DateTimeOffset Begins(Night night)
        {
            var latest = offBy.AddMinutes(-job.Shortest);
            var begins = latest < night.Bed ? latest : night.Bed;
            return begins < first ? first : begins;
        }

        var fits = nights.LastOrDefault(night => Begins(night) >= night.Opens && Begins(night).AddMinutes(job.Shortest) <= offBy);
        if (fits is not null)
        {
            return (Begins(fits), fits);
        }

        var soonest = nights[0];
        return (soonest.Bed < first ? first : soonest.Bed, soonest);
    }
}
