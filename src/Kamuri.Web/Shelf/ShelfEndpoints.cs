using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Steps;
using Kamuri.Store;
using Kamuri.Web.Plans;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Kamuri.Web.Shelf;

/// <summary>How much of something a head takes in one use.</summary>
/// <param name="Weight">Layering weight, 1 water to 5 butter; null for what is rinsed out.</param>
public sealed record TakingLine(string Name, double? Weight, double ExactMl, MeasuredAmount Ways, string Working);

/// <summary>What the usual wash day of a head takes from the shelf.</summary>
public sealed record TakingView(Guid HeadId, string HeadName, IReadOnlyList<TakingLine> RinsedOut, IReadOnlyList<TakingLine> Layers);

/// <summary>What a wash day takes from the shelf.</summary>
internal static class ShelfEndpoints
{
    public static void MapShelf(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/shelf/taking/{headId:guid}", TakingAsync).WithName("getTaking").WithTags("Shelf");

    private static async Task<Results<Ok<TakingView>, ProblemHttpResult>> TakingAsync(
        Guid headId,
        KamuriDb db,
        PlanMaker maker,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        if (await db.Heads.FindAsync([headId], cancellation) is not { } row)
        {
            return Problems.NotFound(Heads.HeadErrors.ThisHeadDoesNotExist);
        }

        var head = row.ToHead();
        var size = HeadSize.Of(head, figures.Head);
        var (request, _, refusal) = await maker.RequestAsync(
            new PlanBody
            {
                HeadId = headId,
                Aim = AimCatalogue.UsualAim(head.Wear.Kind),
                Style = AimCatalogue.UsualStyle(head.Wear.Kind),
                When = new WhenBody(WhenMode.StartNow),
            },
            cancellation
        );
        if (request is null)
        {
            return refusal ?? Problems.NotFound(Heads.HeadErrors.ThisHeadDoesNotExist);
        }

        var lines = Composer
            .Compose(request, figures)
            .Walk.Select(walked => walked.Step.Kind)
            .Where(kind => kind.Puts is not null)
            .DistinctBy(kind => kind.Puts)
            .Select(kind => (facts: Substances.Of(kind.Puts!.Value), amount: FilmModel.For(kind.Puts, kind.Places, size, figures)))
            .Where(pair => pair.amount is not null)
            .Select(pair =>
                (
                    pair.facts.MustBeRinsed,
                    line: new TakingLine(
                        pair.facts.Name,
                        pair.facts.Weight,
                        pair.amount!.Exact.Value,
                        pair.amount.Ways,
                        pair.amount.Working
                    )
                )
            )
            .ToList();
        return TypedResults.Ok(
            new TakingView(
                row.Id,
                row.Name,
                [.. lines.Where(pair => pair.MustBeRinsed).Select(pair => pair.line)],
                [.. lines.Where(pair => !pair.MustBeRinsed).Select(pair => pair.line).OrderBy(line => line.Weight)]
            )
        );
    }
}
