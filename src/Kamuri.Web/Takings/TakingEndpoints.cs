using Kamuri.Core.Figures;
using Kamuri.Core.Mixing;
using Kamuri.Core.Steps;
using Kamuri.Core.Texts;
using Kamuri.Core.Units;
using Kamuri.Store;
using Kamuri.Store.Shelf;
using Kamuri.Web.Kitchen;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Takings;

/// <summary>What a session took from shelf or fridge.</summary>
/// <param name="Planned">By the plan.</param>
/// <param name="UsedMl">What was used, in ml; null until somebody enters it.</param>
public sealed record TakenView(
    long Id,
    string StepId,
    string Name,
    MeasuredAmount Planned,
    double PlannedMl,
    double? UsedMl,
    Guid? ProductId,
    Guid? BatchId
);

/// <summary>What was really used, in ml.</summary>
public sealed record UsedBody(double UsedMl);

/// <summary>What sessions took, and the correction "used about…" afterwards.</summary>
internal static class TakingEndpoints
{
    public static void MapTakings(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/sessions/{id:guid}/takings", ListAsync).WithName("listTakings").WithTags("Sessions");
        routes.MapPut("/api/takings/{id:long}", CorrectAsync).WithName("correctTaking").WithTags("Sessions");
    }

    private static async Task<Ok<IReadOnlyList<TakenView>>> ListAsync(
        Guid id,
        KamuriDb db,
        CraftFigures figures,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok<IReadOnlyList<TakenView>>([
            .. (await db.Takings.AsNoTracking().Where(row => row.SessionId == id).OrderBy(row => row.Id).ToListAsync(cancellation)).Select(
                row => View(row, figures)
            ),
        ]);

    private static async Task<Results<Ok<TakenView>, ValidationProblem, ProblemHttpResult>> CorrectAsync(
        long id,
        UsedBody body,
        KamuriDb db,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        if (body.UsedMl is not (>= 0 and <= AmountLimits.Most))
        {
            return Problems.At("usedMl", TakingErrors.EnterAtMost(Say.Amount(AmountLimits.Most)));
        }

        if (await db.Takings.FindAsync([id], cancellation) is not { } row)
        {
            return Problems.NotFound(TakingErrors.ThisIsNotOnRecord);
        }

        await Pantry.CorrectAsync(db, row, body.UsedMl, cancellation);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Ok(View(row, figures));
    }

    private static TakenView View(TakingRow row, CraftFigures figures) =>
        new(
            row.Id,
            row.StepId,
            row.Name,
            FormulaEndpoints.Ways(new Millilitres(row.PlannedMillilitres), figures),
            row.PlannedMillilitres,
            row.UsedMillilitres,
            row.ProductId,
            row.BatchId
        );
}
