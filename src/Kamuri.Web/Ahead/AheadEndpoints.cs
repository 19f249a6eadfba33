using Kamuri.Core.Figures;
using Kamuri.Core.Planning;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Running;
using Kamuri.Store;
using Kamuri.Web.Household;
using Kamuri.Web.Plans;
using Kamuri.Web.Sessions;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Ahead;

/// <summary>A head in Ahead: when it is due, and what it had last.</summary>
/// <param name="Treatments">Treatments that are due by their own rhythm, most pressing first, a sentence each.</param>
public sealed record AheadLine(
    Guid HeadId, string HeadName, WashDue Due, IReadOnlyList<string> Treatments, string? LastAim, string? LastStyle, Guid? OpenSession);

/// <summary>What each head needs, soonest first.</summary>
public sealed record AheadView(DateOnly Today, IReadOnlyList<AheadLine> Heads);

/// <summary>What each head needs, and when.</summary>
internal static class AheadEndpoints
{
    public static void MapAhead(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/ahead", AheadAsync).WithName("getAhead").WithTags("Ahead");

    private static async Task<Ok<AheadView>> AheadAsync(
        KamuriDb db, SessionBook book, House house, PlanMaker maker, CraftFigures figures, CancellationToken cancellation)
    {
        var time = await house.TimeAsync(cancellation);
        var today = time.Today;
        var heads = await db.Heads.AsNoTracking().Where(row => !row.Archived).ToListAsync(cancellation);
        var sessions = await book.ReadAsync(cancellation);
        var lines = new List<AheadLine>();
        foreach (var row in heads)
        {
            var head = row.ToHead();
            var treatments = DueTreatments.For(await maker.HistoryAsync(row.Id, time, cancellation), head.Wear.Kind, today, figures.Rhythm);
            var own = sessions.Where(session => session.Summary.HeadId == row.Id).ToList();
            var last = own.FirstOrDefault(session => session.Summary.Status == SessionStatus.Finished).Summary;
            var open = own.FirstOrDefault(session => session.Summary.Status is SessionStatus.Running or SessionStatus.Paused);
            lines.Add(new AheadLine(row.Id, row.Name, WashRhythm.DueFor(head, today, figures.Rhythm), [.. treatments.Select(PlanWords.Of)], last?.Aim, last?.Style,
                open.Summary is null ? null : open.Id));
        }

        return TypedResults.Ok(new AheadView(today, [.. lines.OrderBy(line => line.Due.Usual).ThenBy(line => line.HeadName, StringComparer.Ordinal)]));
    }
}
