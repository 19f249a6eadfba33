using Kamuri.Core.Figures;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Running;
using Kamuri.Store;
using Kamuri.Store.Sessions;
using Kamuri.Web.Household;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Ahead;

/// <summary>A head in Ahead: when it is due, and what it had last.</summary>
public sealed record AheadLine(Guid HeadId, string HeadName, WashDue Due, string? LastAim, string? LastStyle, Guid? OpenSession);

/// <summary>What each head needs, soonest first.</summary>
public sealed record AheadView(DateOnly Today, IReadOnlyList<AheadLine> Heads);

/// <summary>What each head needs, and when.</summary>
internal static class AheadEndpoints
{
    public static void MapAhead(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/ahead", AheadAsync).WithName("getAhead").WithTags("Ahead");

    private static async Task<Ok<AheadView>> AheadAsync(
        KamuriDb db, ISessionLog log, House house, CraftFigures figures, CancellationToken cancellation)
    {
        var today = (await house.TimeAsync(cancellation)).Today;
        var heads = await db.Heads.AsNoTracking().Where(row => !row.Archived).ToListAsync(cancellation);
        var sessions = await log.AllAsync(cancellation);
        var lines = heads.Select(row =>
        {
            var own = sessions.Where(session => session.Plan.HeadId == row.Id)
                .Select(session => (session, state: SessionFold.Fold(session.Plan, session.Events))).ToList();
            var last = own.FirstOrDefault(pair => pair.state.Status == SessionStatus.Finished).session;
            var open = own.FirstOrDefault(pair => pair.state.Status is SessionStatus.Running or SessionStatus.Paused).session;
            return new AheadLine(row.Id, row.Name, WashRhythm.DueFor(row.ToHead(), today, figures.Rhythm), last?.Plan.Aim, last?.Plan.Style, open?.Id);
        });
        return TypedResults.Ok(new AheadView(today, [.. lines.OrderBy(line => line.Due.Usual).ThenBy(line => line.HeadName, StringComparer.Ordinal)]));
    }
}
