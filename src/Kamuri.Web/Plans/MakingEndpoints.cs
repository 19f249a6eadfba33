using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;
using Kamuri.Store;
using Kamuri.Web.Household;
using Kamuri.Web.Kitchen;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Plans;

/// <summary>A product a step can be done with.</summary>
/// <param name="Suits">How well it suits this head, 1 to 5; null when nobody said.</param>
public sealed record ProductChoice(Guid Id, string Name, double? LeftMl, int? Suits, string Goodness, bool IsPast);

/// <summary>A batch a step can be done with.</summary>
public sealed record BatchChoice(Guid Id, string Name, MeasuredAmount Left, BatchState State, string Sentence);

/// <summary>A formula that can be made for a step.</summary>
public sealed record FormulaChoice(Guid Id, string Name, string Kind);

/// <summary>Everything a kind of step can be done with.</summary>
public sealed record MakingsView(
    IReadOnlyList<ProductChoice> Products,
    IReadOnlyList<BatchChoice> Batches,
    IReadOnlyList<FormulaChoice> Formulas
);

/// <summary>What a step can be done with, as shelf, fridge and formulas have it.</summary>
internal static class MakingEndpoints
{
    public static void MapMakings(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/plans/makings/{kind}", ListAsync).WithName("listMakings").WithTags("Plans");

    private static async Task<Results<Ok<MakingsView>, ProblemHttpResult>> ListAsync(
        string kind,
        Guid? headId,
        KamuriDb db,
        KitchenReader reader,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        if (StepCatalogue.Find(kind) is not { } step)
        {
            return Problems.NotFound(PlanErrors.ThereIsNoSuchStepIn);
        }

        if (step.Puts is not { } puts)
        {
            return TypedResults.Ok(new MakingsView([], [], []));
        }

        var time = await house.TimeAsync(cancellation);
        var roles = Enum.GetValues<ProductRole>().Where(role => ProductRoles.ServeAs(role).Contains(puts)).ToList();
        var products = await db
            .Products.AsNoTracking()
            .Where(row => !row.Archived && roles.Contains(row.Role))
            .OrderBy(row => row.Name)
            .ToListAsync(cancellation);
        var ratings = headId is { } head
            ? await db
                .Ratings.AsNoTracking()
                .Where(row => row.HeadId == head)
                .ToDictionaryAsync(row => row.ProductId, row => row.Suits, cancellation)
            : [];
        return TypedResults.Ok(
            new MakingsView(
                [
                    .. products
                        .Select(row => (row, goodness: Goodness.Of(row.Opened, row.MonthsAfterOpening, time.Today)))
                        .Select(pair => new ProductChoice(
                            pair.row.Id,
                            pair.row.Name,
                            pair.row.LeftMillilitres,
                            ratings.TryGetValue(pair.row.Id, out var suits) ? suits : null,
                            pair.goodness.Sentence,
                            pair.goodness.IsPast
                        ))
                        .OrderByDescending(choice => choice.Suits ?? 3)
                        .ThenBy(choice => choice.Name, StringComparer.OrdinalIgnoreCase),
                ],
                [
                    .. (await reader.BatchesAsync(cancellation))
                        .Where(batch => batch.ServesAs.Contains(puts))
                        .Select(batch => (batch, standing: BatchKeeping.Of(batch, time.Today, time.Now, figures.Mixtures)))
                        .OrderBy(pair => !pair.standing.CanBeUsed)
                        .ThenBy(pair => pair.standing.UseBy)
                        .Select(pair => new BatchChoice(
                            pair.batch.Id,
                            pair.batch.Name,
                            FormulaEndpoints.Ways(pair.batch.Left, figures),
                            pair.standing.State,
                            pair.standing.Sentence
                        )),
                ],
                [
                    .. (await reader.ReadAsync([], cancellation))
                        .Formulas.Where(formula => formula.ServesAs.Contains(puts))
                        .OrderBy(formula => formula.IsShipped)
                        .ThenBy(formula => formula.Name, StringComparer.OrdinalIgnoreCase)
                        .Select(formula => new FormulaChoice(formula.Id, formula.Name, MixtureSentences.Of(formula.Kind))),
                ]
            )
        );
    }
}
