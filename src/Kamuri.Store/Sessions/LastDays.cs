using Microsoft.EntityFrameworkCore;

namespace Kamuri.Store.Sessions;

/// <summary>When heads were last washed and combed, as far as finished sessions tell.</summary>
public static class LastDays
{
    /// <summary>
    /// Writes both anew from the sessions that are finished, after one was reopened or deleted. A day that somebody entered by hand
    /// and that lies before any session stays. Saves.
    /// </summary>
    public static async Task RecallAsync(KamuriDb db, IEnumerable<Guid> heads, CancellationToken cancellation)
    {
        var zone = (await db.Households.AsNoTracking().SingleOrDefaultAsync(cancellation))?.Zone ?? TimeZoneInfo.Local;
        foreach (var id in heads.Distinct())
        {
            if (await db.Heads.FindAsync([id], cancellation) is not { } head)
            {
                continue;
            }

            var finished = db.SessionSummaries.AsNoTracking().Where(row => row.HeadId == id && row.FinishedUtcTicks != null);
            var washed = await finished.Where(row => row.Washed).MaxAsync(row => row.FinishedUtcTicks, cancellation);
            var combed = await finished.Where(row => row.Detangled).MaxAsync(row => row.FinishedUtcTicks, cancellation);
            head.LastWash = Day(washed, zone) ?? head.LastWash;
            head.LastDetangle = Day(combed, zone) ?? head.LastDetangle;
            head.Version++;
        }

        await db.SaveChangesAsync(cancellation);
    }

    private static DateOnly? Day(long? ticks, TimeZoneInfo zone) =>
        ticks is { } at ? DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(new DateTimeOffset(at, TimeSpan.Zero), zone).DateTime) : null;
}
