using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using System.Text;
using Kamuri.Store;
using Kamuri.Store.Formats;
using Kamuri.Store.Shelf;
using Kamuri.Web.Household;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Products;

/// <summary>How far taking in a file of products has come.</summary>
/// <param name="Done">Rows looked at.</param>
/// <param name="Of">Rows there are, about.</param>
/// <param name="Finished">It is over.</param>
/// <param name="Added">Products that were put on the shelf; 0 when nothing was.</param>
/// <param name="Problems">What is wrong, row by row; at most two hundred are listed.</param>
/// <param name="Wrong">How many rows cannot be taken in.</param>
public sealed record ImportProgress(int Done, int Of, bool Finished, int Added, IReadOnlyList<FormatProblem> Problems, int Wrong);

/// <summary>Products as a table, out and in.</summary>
internal static class ProductFiles
{
    /// <summary>Largest file of products in bytes.</summary>
    public const long LargestFile = 8 * 1024 * 1024;

    public const string ImportPath = "/api/products/import";
    private const int MostListed = 200;
    private const int RowsBetweenWords = 500;

    public static void MapProductFiles(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/products/products.csv", ExportAsync)
            .WithName("exportProducts")
            .WithTags("Products")
            .Produces<string>(200, "text/csv");
        routes
            .MapPost(ImportPath, ImportAsync)
            .WithName("importProducts")
            .WithTags("Products")
            .Accepts<string>("text/csv")
            .ExcludeFromDescription();
    }

    private static async Task<FileContentHttpResult> ExportAsync(KamuriDb db, CancellationToken cancellation)
    {
        var rows = await db.Products.AsNoTracking().Where(row => !row.Archived).OrderBy(row => row.Name).ToListAsync(cancellation);
        return TypedResults.File(Encoding.UTF8.GetBytes(ProductCsv.Write(rows)), "text/csv; charset=utf-8", "products.csv");
    }

    /// <summary>Takes in a table. With a row that is wrong nothing is taken in, unless the good ones are asked for.</summary>
    private static async Task<IResult> ImportAsync(
        HttpRequest request,
        IDbContextFactory<KamuriDb> databases,
        House house,
        bool keepGood = false
    )
    {
        var cancellation = request.HttpContext.RequestAborted;
        using var bytes = new MemoryStream();
        await request.Body.CopyToAsync(bytes, cancellation);
        if (bytes.Length == 0)
        {
            return Problems.At("file", ProductErrors.ThisFileIsEmpty);
        }

        var today = (await house.TimeAsync(cancellation)).Today;
        return TypedResults.ServerSentEvents(TakeInAsync(ProductCsv.Decode(bytes.ToArray()), today, keepGood, databases, cancellation));
    }

    private static async IAsyncEnumerable<SseItem<ImportProgress>> TakeInAsync(
        string text,
        DateOnly today,
        bool keepGood,
        IDbContextFactory<KamuriDb> databases,
        [EnumeratorCancellation] CancellationToken cancellation
    )
    {
        var (about, done, wrong) = (Math.Max(1, text.Count(letter => letter == '\n')), 0, 0);
        var (good, problems) = (new List<ProductRow>(), new List<FormatProblem>());
        foreach (var line in ProductCsv.Read(text, today))
        {
            done++;
            if (line.Product is { } product)
            {
                product.Id = Guid.CreateVersion7();
                good.Add(product);
            }
            else
            {
                wrong++;
                problems.AddRange(line.Problems.Take(MostListed - problems.Count));
            }

            if (done % RowsBetweenWords == 0)
            {
                yield return Item(new ImportProgress(done, Math.Max(done, about), false, 0, [], wrong));
            }
        }

        var taken = good.Count > 0 && (wrong == 0 || keepGood);
        if (taken)
        {
            await using var db = await databases.CreateDbContextAsync(cancellation);
            await db.AddManyAsync(good, cancellation);
        }

        yield return Item(new ImportProgress(done, done, true, taken ? good.Count : 0, problems, wrong));
    }

    private static SseItem<ImportProgress> Item(ImportProgress progress) => new(progress, "import");
}
