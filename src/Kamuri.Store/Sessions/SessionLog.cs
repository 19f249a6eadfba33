using Kamuri.Core.Learning;
using Kamuri.Core.Running;
using Kamuri.Core.Shelf;
using Kamuri.Store.Heads;
using Kamuri.Store.Shelf;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Store.Sessions;

/// <summary>A session as it was read: its plan and everything that happened.</summary>
public sealed record RecordedSession(Guid Id, SessionPlan Plan, IReadOnlyList<SessionEvent> Events);

/// <summary>Keeps sessions. A call that returns has written to the disk.</summary>
public interface ISessionLog
{
    /// <summary>Keeps a session that begins.</summary>
    /// <returns>Null when it was kept; else the session that one of its heads is still in.</returns>
    Task<StillRunning?> CreateAsync(Guid id, SessionPlan plan, SessionEvent first, DateTimeOffset now, CancellationToken cancellation);

    /// <param name="session">The session it happened in.</param>
    /// <param name="happened">What happened.</param>
    /// <param name="outcomes">What the records of heads learn from it, when it ends the session; else empty.</param>
    /// <param name="summaries">The session summed up anew for each of its heads, when its state has changed; else empty.</param>
    /// <param name="cancellation">Gives up before anything is written.</param>
    Task AppendAsync(
        Guid session,
        SessionEvent happened,
        IReadOnlyList<SessionOutcome> outcomes,
        IReadOnlyList<(string Key, SessionSummary Summary)> summaries,
        CancellationToken cancellation
    );

    /// <summary>The other running session one of these heads is in; null when there is none.</summary>
    Task<StillRunning?> RunningAsync(IReadOnlyList<Guid> heads, Guid? except, CancellationToken cancellation);

    Task<RecordedSession?> FindAsync(Guid id, CancellationToken cancellation);
}

/// <summary>A head that is in a session which has not ended.</summary>
public sealed record StillRunning(Guid Session, string HeadName);

/// <summary>The session log in the household's file.</summary>
public sealed class SessionLog(IDbContextFactory<KamuriDb> databases, SetAside setAside) : ISessionLog, IDisposable
{
    /// <summary>One start at a time, so that no head is in two sessions at once.</summary>
    private readonly SemaphoreSlim _starting = new(1, 1);

    public async Task<StillRunning?> CreateAsync(
        Guid id,
        SessionPlan plan,
        SessionEvent first,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        await _starting.WaitAsync(cancellation);
        try
        {
            if (await RunningAsync([.. plan.Heads.Select(head => head.HeadId)], null, cancellation) is { } running)
            {
                return running;
            }

            await WriteAsync(id, plan, first, now, cancellation);
            return null;
        }
        finally
        {
            _starting.Release();
        }
    }

    public async Task<StillRunning?> RunningAsync(IReadOnlyList<Guid> heads, Guid? except, CancellationToken cancellation)
    {
        await using var db = await databases.CreateDbContextAsync(cancellation);
        return await db
            .SessionSummaries.AsNoTracking()
            .Where(row => row.FinishedUtcTicks == null && heads.Contains(row.HeadId) && row.SessionId != except)
            .Select(row => new StillRunning(row.SessionId, row.HeadName))
            .FirstOrDefaultAsync(cancellation);
    }

    public void Dispose() => _starting.Dispose();

    private async Task WriteAsync(Guid id, SessionPlan plan, SessionEvent first, DateTimeOffset now, CancellationToken cancellation)
    {
        await using var db = await databases.CreateDbContextAsync(cancellation);
        db.Add(
            new SessionRow
            {
                Id = id,
                HeadId = plan.Heads[0].HeadId,
                CreatedUtcTicks = now.UtcTicks,
                PlanJson = SessionRow.Write(plan),
            }
        );
        db.Add(SessionEventRow.From(id, first));
        db.AddRange(
            LookBack
                .Sum(plan, SessionFold.Fold(plan, [first]))
                .Select((summary, at) => SessionSummaryRow.From(id, plan.Heads[at].Key, summary))
        );
        await db.SaveChangesAsync(cancellation);
    }

    public async Task AppendAsync(
        Guid session,
        SessionEvent happened,
        IReadOnlyList<SessionOutcome> outcomes,
        IReadOnlyList<(string Key, SessionSummary Summary)> summaries,
        CancellationToken cancellation
    )
    {
        await using var db = await databases.CreateDbContextAsync(cancellation);
        db.Add(SessionEventRow.From(session, happened));
        foreach (var outcome in outcomes)
        {
            await NoteOutcomeAsync(db, session, happened.At, outcome, cancellation);
        }

        foreach (var (key, summary) in summaries)
        {
            if (await db.SessionSummaries.FindAsync([session, key], cancellation) is { } row)
            {
                row.Take(summary);
            }
            else
            {
                db.Add(SessionSummaryRow.From(session, key, summary));
            }
        }

        await db.SaveChangesAsync(cancellation);
        if (happened is EventUndone && summaries.Count > 0)
        {
            // Reopened: what the heads' own records say goes back to the days that are finished.
            await LastDays.RecallAsync(db, summaries.Select(each => each.Summary.HeadId), cancellation);
        }
    }

    public async Task<RecordedSession?> FindAsync(Guid id, CancellationToken cancellation)
    {
        await using var db = await databases.CreateDbContextAsync(cancellation);
        var row = await db.Sessions.AsNoTracking().FirstOrDefaultAsync(session => session.Id == id, cancellation);
        if (row is null)
        {
            return null;
        }

        var events = await db
            .SessionEvents.AsNoTracking()
            .Where(happened => happened.SessionId == id)
            .OrderBy(happened => happened.Sequence)
            .ToListAsync(cancellation);
        return setAside.Get("sessions", id, () => new RecordedSession(id, row.ToPlan(), [.. events.Select(each => each.ToEvent())]));
    }

    /// <summary>
    /// A finished wash day is the head's last wash and combing, and what it took is gone from the shelf, in the same transaction.
    /// </summary>
    private static async Task NoteOutcomeAsync(
        KamuriDb db,
        Guid session,
        DateTimeOffset at,
        SessionOutcome outcome,
        CancellationToken cancellation
    )
    {
        var headId = outcome.HeadId;
        var head = await db.Heads.FirstOrDefaultAsync(row => row.Id == headId, cancellation);
        var zone = (await db.Households.SingleOrDefaultAsync(cancellation))?.Zone ?? TimeZoneInfo.Local;
        await Pantry.TakeAsync(db, session, headId, outcome.Taken, cancellation);
        if (head is null)
        {
            return;
        }

        foreach (var ingredient in outcome.Reacted)
        {
            var test = await db.PatchTests.FindAsync([headId, ingredient], cancellation);
            if (test is null)
            {
                test = new PatchTestRow { HeadId = headId, Ingredient = ingredient };
                db.Add(test);
            }

            (test.AppliedUtcTicks, test.Outcome) = (at.UtcTicks, PatchOutcome.Reacted);
        }

        var date = DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(at, zone).DateTime);
        head.Leave(outcome, date);
        var known = await db.KnownIngredients.Where(row => row.HeadId == headId).Select(row => row.Ingredient).ToListAsync(cancellation);
        db.AddRange(
            outcome
                .Touched.Except(known)
                .Select(name => new KnownIngredientRow
                {
                    HeadId = headId,
                    Ingredient = name,
                    Since = date,
                })
        );
    }
}
