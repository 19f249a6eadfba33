using Kamuri.Core.Figures;
using Kamuri.Store;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Kamuri.Web.Figures;

/// <summary>A craft figure as shown.</summary>
/// <param name="About">What it belongs to within the group; empty for the group itself.</param>
/// <param name="Shipped">The value as shipped.</param>
/// <param name="Value">The value in use.</param>
/// <param name="IsOwn">Whether the household has changed it.</param>
public sealed record FigureView(
    string Id,
    FigureGroup Group,
    string About,
    string Name,
    string Unit,
    double Least,
    double Most,
    bool IsWhole,
    string Source,
    double Shipped,
    double Value,
    bool IsOwn,
    FigureAlternative? Alternative
);

/// <summary>A new value, in the figure's unit.</summary>
public sealed record FigureBody(double Value);

/// <summary>All of the household's own values, by the figures' names; what is not in it is as shipped.</summary>
public sealed record OwnFiguresBody(IReadOnlyDictionary<string, double> Values);

/// <summary>Every settable figure of the craft: read, changed, put back.</summary>
internal static class FigureEndpoints
{
    public static void MapFigures(this IEndpointRouteBuilder routes)
    {
        var figures = routes.MapGroup("/api/figures").WithTags("Craft figures");
        figures.MapGet("/", All).WithName("listFigures");
        figures.MapPut("/", ReplaceAsync).WithName("replaceFigures");
        figures.MapPut("/{id}", ChangeAsync).WithName("changeFigure");
        figures.MapDelete("/{id}", ResetAsync).WithName("resetFigure");
    }

    private static Ok<IReadOnlyList<FigureView>> All(FigureMemory memory) => TypedResults.Ok(Views(memory));

    private static async Task<Results<Ok<FigureView>, ValidationProblem, ProblemHttpResult>> ChangeAsync(
        string id,
        FigureBody body,
        FigureMemory memory,
        KamuriDb db,
        CancellationToken cancellation
    )
    {
        if (FigureCatalogue.Find(id) is not { } entry)
        {
            return Problems.NotFound(FigureErrors.ThereIsNoSuchFigure);
        }

        var wrong = await memory.ChangeAsync(
            db,
            own => (With(own, entry, body.Value), FigureCatalogue.Wrong(own, entry, body.Value)),
            cancellation
        );
        return wrong is null ? TypedResults.Ok(View(entry, memory)) : Problems.At("value", wrong);
    }

    private static async Task<Results<Ok<FigureView>, ValidationProblem, ProblemHttpResult>> ResetAsync(
        string id,
        FigureMemory memory,
        KamuriDb db,
        CancellationToken cancellation
    )
    {
        if (FigureCatalogue.Find(id) is not { } entry)
        {
            return Problems.NotFound(FigureErrors.ThereIsNoSuchFigure);
        }

        // The shipped value of one end of a window may not go with the household's value of another.
        var wrong = await memory.ChangeAsync(
            db,
            own => (With(own, entry, entry.Shipped), FigureCatalogue.Wrong(own, entry, entry.Shipped)),
            cancellation
        );
        return wrong is null ? TypedResults.Ok(View(entry, memory)) : Problems.At("value", wrong);
    }

    private static async Task<Results<Ok<IReadOnlyList<FigureView>>, ValidationProblem>> ReplaceAsync(
        OwnFiguresBody body,
        FigureMemory memory,
        KamuriDb db,
        CancellationToken cancellation
    )
    {
        foreach (var (id, value) in body.Values)
        {
            var wrong = FigureCatalogue.Find(id) is { } entry
                ? FigureCatalogue.Wrong(body.Values, entry, value)
                : FigureErrors.ThereIsNoSuchFigure;
            if (wrong is not null)
            {
                return Problems.At(id, wrong);
            }
        }

        await memory.ChangeAsync(
            db,
            _ => (body.Values.Where(own => own.Value != FigureCatalogue.Find(own.Key)!.Shipped).ToDictionary(), null),
            cancellation
        );
        return TypedResults.Ok(Views(memory));
    }

    /// <summary>The household's values with one more; what is as shipped is not its own.</summary>
    private static Dictionary<string, double> With(IReadOnlyDictionary<string, double> own, FigureEntry entry, double value)
    {
        var with = new Dictionary<string, double>(own) { [entry.Id] = value };
        if (value == entry.Shipped)
        {
            with.Remove(entry.Id);
        }

        return with;
    }

    private static IReadOnlyList<FigureView> Views(FigureMemory memory) => [.. FigureCatalogue.All.Select(entry => View(entry, memory))];

    private static FigureView View(FigureEntry entry, FigureMemory memory) =>
        new(
            entry.Id,
            entry.Group,
            entry.About,
            entry.Name,
            entry.Unit,
            entry.Least,
            entry.Most,
            entry.IsWhole,
            entry.Source,
            entry.Shipped,
            entry.Get(memory.Current),
            memory.Own.ContainsKey(entry.Id),
            entry.Alternative
        );
}
