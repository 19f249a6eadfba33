using Kamuri.Store;
using Kamuri.Store.Removals;
using Kamuri.Web.Household;
using Kamuri.Web.Safety;
using Kamuri.Web.Sessions;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Data;

/// <summary>What goes when a head or a session is deleted.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Lines">What goes and what stays, in sentences.</param>
public sealed record RemovalView(string Name, IReadOnlyList<string> Lines);

/// <summary>Something deleted that can still be brought back.</summary>
/// <param name="What">"head" or "session".</param>
/// <param name="Until">It can be brought back until then.</param>
public sealed record RemovedView(Guid Id, string What, string Name, DateTimeOffset RemovedAt, DateTimeOffset Until);

/// <summary>Deleting for good, with a while to think better of it.</summary>
internal static class RemovalEndpoints
{
    public static void MapRemovals(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/heads/{id:guid}/removal", (Guid id, KamuriDb db) =>
                Preview(Removal.OfHead(db, id), DataWords.ThisHeadDoesNotExist)
            )
            .WithName("previewHeadRemoval")
            .WithTags("Heads");
        routes.MapDelete("/api/heads/{id:guid}", RemoveHeadAsync).WithName("removeHead").WithTags("Heads");
        routes
            .MapGet("/api/sessions/{id:guid}/removal", (Guid id, KamuriDb db) => Preview(Removal.OfSession(db, id), NoSession))
            .WithName("previewSessionRemoval")
            .WithTags("Sessions");
        routes.MapDelete("/api/sessions/{id:guid}", RemoveSessionAsync).WithName("removeSession").WithTags("Sessions");
        routes.MapGet("/api/removed", ListAsync).WithName("listRemoved").WithTags("Your data");
        routes.MapPost("/api/removed/{id:guid}/undo", UndoAsync).WithName("undoRemoval").WithTags("Your data");
    }

    private const string NoSession = DataWords.ThisSessionDoesNotExist;

    private static Results<Ok<RemovalView>, ProblemHttpResult> Preview(RemovalPreview? preview, string missing)
    {
        if (preview is null)
        {
            return Problems.NotFound(missing);
        }

        string[] shown = ["sessions", "takings", "ratings", "patch_tests", "planned_days"];
        var goes = shown
            .Where(table => preview.Rows.GetValueOrDefault(table) > 0)
            .Select(table => ImportSentences.Count(table, preview.Rows[table]))
            .ToList();
        List<string> lines =
        [
            goes.Count == 0 ? DataWords.NothingElseWillBeDeleted : DataWords.ThisWillBeDeletedTooGoes(string.Join(", ", goes)),
        ];
        if (preview.SharedDays > 0)
        {
            lines.Add(DataWords.SharedDaysStay(Say.Count(preview.SharedDays, "day", "days")));
        }

        lines.Add(DataWords.AmountsTakenFromTheShelfStay);
        lines.Add(DataWords.YouCanUndoThisForDays($"{Removal.KeptFor.Days}"));
        return TypedResults.Ok(new RemovalView(preview.Name, lines));
    }

    private static async Task<Results<Ok<RemovedView>, ProblemHttpResult>> RemoveHeadAsync(
        Guid id,
        KamuriDb db,
        LiveSessions sessions,
        HouseChanges changes,
        House house,
        CancellationToken cancellation
    )
    {
        if (Removal.OfHead(db, id) is null)
        {
            return Problems.NotFound(DataWords.ThisHeadDoesNotExist);
        }

        var time = await house.TimeAsync(cancellation);
        var (removed, days) = Removal.Head(db, id, time.Now);
        foreach (var day in days)
        {
            await sessions.ForgetAsync(day, CancellationToken.None);
        }

        changes.Note();
        return TypedResults.Ok(await ViewAsync(db, removed, time));
    }

    private static async Task<Results<Ok<RemovedView>, ProblemHttpResult>> RemoveSessionAsync(
        Guid id,
        KamuriDb db,
        LiveSessions sessions,
        HouseChanges changes,
        House house,
        CancellationToken cancellation
    )
    {
        if (Removal.OfSession(db, id) is null)
        {
            return Problems.NotFound(NoSession);
        }

        var time = await house.TimeAsync(cancellation);
        var removed = Removal.Session(db, id, time.Now);
        await sessions.ForgetAsync(id, CancellationToken.None);
        changes.Note();
        return TypedResults.Ok(await ViewAsync(db, removed, time));
    }

    private static async Task<Ok<IReadOnlyList<RemovedView>>> ListAsync(KamuriDb db, House house, CancellationToken cancellation)
    {
        var time = await house.TimeAsync(cancellation);
        var rows = await db
            .Removed.AsNoTracking()
            .OrderByDescending(row => row.RemovedUtcTicks)
            .Select(row => new
            {
                row.Id,
                row.What,
                row.Name,
                row.RemovedUtcTicks,
            })
            .ToListAsync(cancellation);
        return TypedResults.Ok<IReadOnlyList<RemovedView>>([
            .. rows.Select(row => View(row.Id, row.What, row.Name, row.RemovedUtcTicks, time)),
        ]);
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> UndoAsync(
        Guid id,
        KamuriDb db,
        LiveSessions sessions,
        HouseChanges changes,
        CancellationToken cancellation
    )
    {
        if (!Removal.Undo(db, id))
        {
            return Problems.NotFound(DataWords.ThisCanNoLongerBeUndone);
        }

        await sessions.ForgetAllAsync(cancellation);
        changes.Note();
        return TypedResults.NoContent();
    }

    private static async Task<RemovedView> ViewAsync(KamuriDb db, Guid id, HouseTime time)
    {
        var row = await db.Removed.AsNoTracking().SingleAsync(row => row.Id == id);
        return View(row.Id, row.What, row.Name, row.RemovedUtcTicks, time);
    }

    private static RemovedView View(Guid id, string what, string name, long ticks, HouseTime time)
    {
        var at = new DateTimeOffset(ticks, TimeSpan.Zero);
        return new RemovedView(id, what, name, time.Local(at), time.Local(at + Removal.KeptFor));
    }
}
