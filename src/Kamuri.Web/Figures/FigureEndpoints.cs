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
    string Id, FigureGroup Group, string About, string Name, string Unit, double Least, double Most, bool IsWhole, string Source, double Shipped, double Value, bool IsOwn);

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
        string id, FigureBody body, FigureMemory memory, KamuriDb db, CancellationToken cancellation)
    {
        if (FigureCatalogue.Find(id) is not { } entry)
        {
            return Problems.NotFound("There is no such figure.");
        }

        if (FigureCatalogue.Wrong(memory.Own, entry, body.Value) is { } wrong)
        {
            return Problems.At("value", wrong);
        }

        var own = new Dictionary<string, double>(memory.Own) { [id] = body.Value };
        if (body.Value == entry.Shipped)
        {
            own.Remove(id);
        }

        await memory.WriteAsync(db, own, cancellation);
        return TypedResults.Ok(View(entry, memory));
    }

    private static async Task<Results<Ok<FigureView>, ValidationProblem, ProblemHttpResult>> ResetAsync(
        string id, FigureMemory memory, KamuriDb db, CancellationToken cancellation)
    {
        if (FigureCatalogue.Find(id) is not { } entry)
        {
            return Problems.NotFound("There is no such figure.");
        }

        // The shipped value of one end of a window may not go with the household's value of another.
        if (FigureCatalogue.Wrong(memory.Own, entry, entry.Shipped) is { } wrong)
        {
            return Problems.At("value", wrong);
        }

        var own = new Dictionary<string, double>(memory.Own);
        own.Remove(id);
        await memory.WriteAsync(db, own, cancellation);
        return TypedResults.Ok(View(entry, memory));
    }

    private static async Task<Results<Ok<IReadOnlyList<FigureView>>, ValidationProblem>> ReplaceAsync(
        OwnFiguresBody body, FigureMemory memory, KamuriDb db, CancellationToken cancellation)
    {
        foreach (var (id, value) in body.Values)
        {
            var wrong = FigureCatalogue.Find(id) is { } entry ? FigureCatalogue.Wrong(body.Values, entry, value) : "There is no such figure.";
            if (wrong is not null)
            {
                return Problems.At(id, wrong);
            }
        }

        await memory.WriteAsync(db, body.Values.Where(own => own.Value != FigureCatalogue.Find(own.Key)!.Shipped).ToDictionary(), cancellation);
        return TypedResults.Ok(Views(memory));
    }

    private static IReadOnlyList<FigureView> Views(FigureMemory memory) => [.. FigureCatalogue.All.Select(entry => View(entry, memory))];

    private static FigureView View(FigureEntry entry, FigureMemory memory) => new(
        entry.Id, entry.Group, entry.About, entry.Name, entry.Unit, entry.Least, entry.Most, entry.IsWhole, entry.Source, entry.Shipped,
        entry.Get(memory.Current), memory.Own.ContainsKey(entry.Id));
}
