using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Planning;
using Kamuri.Store;
using Kamuri.Web.Household;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Plans;

/// <summary>A day as somebody types it.</summary>
public sealed record TypedWishBody(string Text);

/// <summary>What was understood of it; null and empty where nothing was.</summary>
public sealed record TypedWishView(
    IReadOnlyList<Guid> Heads,
    Aim? Aim,
    EndStyle? Style,
    WhenBody? When,
    IReadOnlyList<UnderstoodPart> Understood
);

/// <summary>Reads a day that is typed.</summary>
internal static class TypedWishEndpoint
{
    public static void MapTypedWish(this IEndpointRouteBuilder routes) =>
        routes.MapPost("/api/plans/typed", ReadAsync).WithName("readTypedWish").WithTags("Plans");

    private static async Task<Results<Ok<TypedWishView>, ValidationProblem>> ReadAsync(
        TypedWishBody body,
        KamuriDb db,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        if (body.Text.Length > TypedWish.LongestText)
        {
            return Problems.At("text", PlanErrors.WriteAtMost($"{TypedWish.LongestText}"));
        }

        var heads = await db
            .Heads.AsNoTracking()
            .Where(row => !row.Archived)
            .Select(row => new NameableHead(row.Id, row.Name))
            .ToListAsync(cancellation);
        var read = TypedWish.Read(body.Text, heads, (await house.TimeAsync(cancellation)).Today);
        return TypedResults.Ok(
            new TypedWishView(
                read.Heads,
                read.Aim,
                read.Style,
                read.When switch
                {
                    TypedWhen.Now => new WhenBody(WhenMode.StartNow),
                    TypedWhen.ReadyBy => new WhenBody(WhenMode.ReadyBy, read.Date, read.Time),
                    TypedWhen.StartAt => new WhenBody(WhenMode.StartAt, read.Date, read.Time ?? figures.Night.Morning),
                    _ => null,
                },
                read.Understood
            )
        );
    }
}
