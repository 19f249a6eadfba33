using System.Globalization;
using System.Text;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Learning;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Store;
using Kamuri.Web.Household;
using Kamuri.Web.Kitchen;
using Kamuri.Web.PlannedDays;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Products;

/// <summary>What is running out, and when that was said.</summary>
/// <param name="Lines">Products that run out.</param>
/// <param name="Needed">What planned days need and nobody has.</param>
public sealed record ShoppingView(DateOnly Today, IReadOnlyList<ShoppingLine> Lines, IReadOnlyList<NeededLine> Needed);

/// <summary>Something that a planned day needs and that is not there.</summary>
public sealed record NeededLine(string Name, MeasuredAmount Amount, string Why);

/// <summary>What has to be bought.</summary>
internal static class ShoppingEndpoints
{
    public static void MapShopping(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/shopping", ListAsync).WithName("getShoppingList").WithTags("Products");
        routes
            .MapGet("/api/shopping/list.md", ExportAsync)
            .WithName("exportShoppingList")
            .WithTags("Products")
            .Produces<string>(200, "text/markdown");
    }

    private static async Task<Ok<ShoppingView>> ListAsync(
        KamuriDb db,
        SetAside setAside,
        KitchenReader reader,
        PlannedDayReader planned,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    ) => TypedResults.Ok(await ReadAsync(db, setAside, reader, planned, house, figures, cancellation));

    private static async Task<FileContentHttpResult> ExportAsync(
        KamuriDb db,
        SetAside setAside,
        KitchenReader reader,
        PlannedDayReader planned,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var list = await ReadAsync(db, setAside, reader, planned, house, figures, cancellation);
        var text = new StringBuilder().Append(ProductErrors.ToBuyToday(list.Today.ToString("d MMMM yyyy", CultureInfo.InvariantCulture)));
        foreach (var line in list.Lines)
        {
            text.Append(ProductErrors.LineWhy(line.Name, line.Why));
        }

        foreach (var line in list.Needed)
        {
            text.Append(ProductErrors.LineWhy(line.Name, line.Why));
        }

        return TypedResults.File(Encoding.UTF8.GetBytes(text.ToString()), "text/markdown; charset=utf-8", "to-buy.md");
    }

    private static async Task<ShoppingView> ReadAsync(
        KamuriDb db,
        SetAside setAside,
        KitchenReader reader,
        PlannedDayReader planned,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var today = (await house.TimeAsync(cancellation)).Today;
        var products = reader
            .Readable(await db.Products.AsNoTracking().Where(row => !row.Archived).ToListAsync(cancellation))
            .Select(KitchenReader.Unread);
        var heads = new List<(Head, Hand)>();
        foreach (
            var (row, head) in setAside.Read(
                "heads",
                await db.Heads.AsNoTracking().Where(row => !row.Archived).ToListAsync(cancellation),
                row => row.Id,
                row => row.ToHead()
            )
        )
        {
            heads.Add((head, await reader.HandAsync(row.Id, cancellation)));
        }

        return new ShoppingView(
            today,
            ShoppingList.Of(products, heads, today, figures),
            [
                .. (await planned.ReadAsync(cancellation)).SelectMany(day =>
                    day.ToBuy.Select(need => new NeededLine(
                        need.Name,
                        need.Amount,
                        ProductErrors.ForADay(need.Amount.Metric, day.Names, Say.Date(day.Day, today))
                    ))
                ),
            ]
        );
    }
}
