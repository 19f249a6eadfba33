using Kamuri.Store;
using Kamuri.Store.Household;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Data;

/// <summary>Something in the file that this version cannot read.</summary>
/// <param name="What">What it is, in a word or two.</param>
/// <param name="Why">What is wrong with it.</param>
/// <param name="IsTold">Somebody has been told.</param>
public sealed record SetAsideView(string Table, string Id, string What, string Why, bool IsTold);

/// <summary>Rows that were set aside.</summary>
internal static class SetAsideEndpoints
{
    public static void MapSetAside(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/set-aside", ListAsync).WithName("listSetAside").WithTags("Your data");
        routes.MapPost("/api/set-aside/told", ToldAsync).WithName("toldSetAside").WithTags("Your data");
    }

    private static async Task<Ok<IReadOnlyList<SetAsideView>>> ListAsync(SetAside setAside, KamuriDb db, CancellationToken cancellation)
    {
        var told = (await db.Told.AsNoTracking().ToListAsync(cancellation)).Select(row => (row.Table, row.RowId)).ToHashSet();
        return TypedResults.Ok<IReadOnlyList<SetAsideView>>([
            .. setAside.Rows.Select(row => new SetAsideView(
                row.Table,
                row.Id,
                ImportSentences.Count(row.Table, 1)[2..],
                row.Why,
                told.Contains((row.Table, row.Id))
            )),
        ]);
    }

    /// <summary>Everything that is set aside now has been seen; it is not told again.</summary>
    private static async Task<NoContent> ToldAsync(SetAside setAside, KamuriDb db, CancellationToken cancellation)
    {
        var told = (await db.Told.AsNoTracking().ToListAsync(cancellation)).Select(row => (row.Table, row.RowId)).ToHashSet();
        db.AddRange(
            setAside.Rows.Where(row => !told.Contains((row.Table, row.Id))).Select(row => new ToldRow { Table = row.Table, RowId = row.Id })
        );
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }
}
