using System.Text.Json;
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
    Task CreateAsync(Guid id, SessionPlan plan, SessionEvent first, DateTimeOffset now, CancellationToken cancellation);

    /// <param name="session">The session it happened in.</param>
    /// <param name="happened">What happened.</param>
    /// <param name="outcomes">What the records of heads learn from it, when it ends the session; else empty.</param>
    /// <param name="cancellation">Gives up before anything is written.</param>
    Task AppendAsync(Guid session, SessionEvent happened, IReadOnlyList<SessionOutcome> outcomes, CancellationToken cancellation);

    Task<RecordedSession?> FindAsync(Guid id, CancellationToken cancellation);

    /// <summary>The ids of all sessions, newest first.</summary>
    Task<IReadOnlyList<Guid>> IdsAsync(CancellationToken cancellation);
}

/// <summary>The session log in the household's file.</summary>
public sealed class SessionLog(IDbContextFactory<KamuriDb> databases) : ISessionLog
{
    public async Task CreateAsync(Guid id, SessionPlan plan, SessionEvent first, DateTimeOffset now, CancellationToken cancellation)
    {
        await using var db = await databases.CreateDbContextAsync(cancellation);
        db.Add(new SessionRow
        {
            Id = id,
            HeadId = plan.Heads[0].HeadId,
            CreatedUtcTicks = now.UtcTicks,
            PlanJson = JsonSerializer.Serialize(plan, StoreJson.Options),
        });
        db.Add(SessionEventRow.From(id, first));
        await db.SaveChangesAsync(cancellation);
    }

    public async Task AppendAsync(Guid session, SessionEvent happened, IReadOnlyList<SessionOutcome> outcomes, CancellationToken cancellation)
    {
        await using var db = await databases.CreateDbContextAsync(cancellation);
        db.Add(SessionEventRow.From(session, happened));
        foreach (var outcome in outcomes)
        {
            await NoteOutcomeAsync(db, session, happened.At, outcome, cancellation);
        }

        await db.SaveChangesAsync(cancellation);
    }

    public async Task<RecordedSession?> FindAsync(Guid id, CancellationToken cancellation)
    {
        await using var db = await databases.CreateDbContextAsync(cancellation);
        var row = await db.Sessions.AsNoTracking().FirstOrDefaultAsync(session => session.Id == id, cancellation);
        if (row is null)
        {
            return null;
        }

        var events = await db.SessionEvents.AsNoTracking().Where(happened => happened.SessionId == id)
            .OrderBy(happened => happened.Sequence).ToListAsync(cancellation);
        return new RecordedSession(row.Id, row.ToPlan(), [.. events.Select(happened => happened.ToEvent())]);
    }

    public async Task<IReadOnlyList<Guid>> IdsAsync(CancellationToken cancellation)
    {
        await using var db = await databases.CreateDbContextAsync(cancellation);
        return await db.Sessions.OrderByDescending(session => session.CreatedUtcTicks).Select(session => session.Id).ToListAsync(cancellation);
    }

    /// <summary>A finished wash day is the head's last wash and combing, and what it took is gone from the shelf, in the same transaction.</summary>
    private static async Task NoteOutcomeAsync(
        KamuriDb db, Guid session, DateTimeOffset at, SessionOutcome outcome, CancellationToken cancellation)
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
        head.LastWash = outcome.Washed ? date : head.LastWash;
        head.LastDetangle = outcome.Detangled ? date : head.LastDetangle;
        head.Version++;
        var known = await db.KnownIngredients.Where(row => row.HeadId == headId).Select(row => row.Ingredient).ToListAsync(cancellation);
        db.AddRange(outcome.Touched.Except(known).Select(name => new KnownIngredientRow { HeadId = headId, Ingredient = name, Since = date }));
    }
}
