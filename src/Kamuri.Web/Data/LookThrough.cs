using Kamuri.Store;
using Kamuri.Web.PlannedDays;
using Kamuri.Web.Plans;
using Kamuri.Web.Templates;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Data;

/// <summary>
/// Reads every stored document once after a start, a restore or an import, so that what cannot be read is told before somebody misses
/// it.
/// </summary>
internal static class LookThrough
{
    public static async Task ReadAsync(KamuriDb db, SetAside setAside, CancellationToken cancellation)
    {
        setAside.Read("heads", await db.Heads.AsNoTracking().ToListAsync(cancellation), row => row.Id, row => row.ToHead());
        setAside.Read("products", await db.Products.AsNoTracking().ToListAsync(cancellation), row => row.Id, row => row.Checked());
        setAside.Read("formulas", await db.Formulas.AsNoTracking().ToListAsync(cancellation), row => row.Id, row => row.ToFormula());
        setAside.Read("batches", await db.Batches.AsNoTracking().ToListAsync(cancellation), row => row.Id, row => row.ToBatch());
        setAside.Read("templates", await db.Templates.AsNoTracking().ToListAsync(cancellation), row => row.Id, TemplateEndpoints.Read);
        setAside.Read(
            "planned_days",
            await db.PlannedDays.AsNoTracking().ToListAsync(cancellation),
            row => row.Id,
            PlannedDayReader.Question
        );
        await foreach (var row in db.Sessions.AsNoTracking().AsAsyncEnumerable().WithCancellation(cancellation))
        {
            setAside.TryRead("sessions", row.Id, row.ToPlan, out _);
        }

        // What happened on finished days is summed up already; on the others it is needed.
        var running = db.SessionEvents.Where(each =>
            !db.SessionSummaries.Any(day => day.SessionId == each.SessionId && day.FinishedUtcTicks != null)
        );
        foreach (var session in (await running.AsNoTracking().ToListAsync(cancellation)).GroupBy(each => each.SessionId))
        {
            if (!setAside.Has("sessions", session.Key))
            {
                setAside.TryRead("sessions", session.Key, () => session.Select(each => each.ToEvent()).ToList(), out _);
            }
        }
    }
}
