using Kamuri.Core.Learning;
using Kamuri.Core.Running;
using Kamuri.Store.Documents;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Store.Sessions;

/// <summary>Sums up sessions that have no summary yet: those from before there were any, and those an import brings.</summary>
public static class SummaryFill
{
    private const int AtOnce = 100;

    /// <summary>Fills what is missing. What cannot be read stays without; the rest goes on.</summary>
    public static void Fill(KamuriDb db)
    {
        var missing = db
            .Sessions.AsNoTracking()
            .Where(session => !db.SessionSummaries.Any(row => row.SessionId == session.Id))
            .Select(session => session.Id)
            .ToList();
        foreach (var some in missing.Chunk(AtOnce))
        {
            foreach (var id in some)
            {
                try
                {
                    db.AddRange(Of(db, id));
                }
                catch (UnreadableDocumentException)
                {
                    // It is told where sessions are shown; its day is not lost, only not listed.
                }
            }

            db.SaveChanges();
            db.ChangeTracker.Clear();
        }
    }

    private static List<SessionSummaryRow> Of(KamuriDb db, Guid id)
    {
        var plan = db.Sessions.AsNoTracking().Single(row => row.Id == id).ToPlan();
        var events = db
            .SessionEvents.AsNoTracking()
            .Where(row => row.SessionId == id)
            .OrderBy(row => row.Sequence)
            .AsEnumerable()
            .Select(row => row.ToEvent())
            .ToList();
        return
        [
            .. LookBack
                .Sum(plan, SessionFold.Fold(plan, events))
                .Select((summary, at) => SessionSummaryRow.From(id, plan.Heads[at].Key, summary)),
        ];
    }
}
