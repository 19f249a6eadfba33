using FluentValidation;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Core.Steps;
using Kamuri.Core.Texts;
using Kamuri.Core.Units;
using Kamuri.Store;
using Kamuri.Store.Shelf;
using Kamuri.Web.Household;
using Kamuri.Web.Kitchen;
using Kamuri.Web.Labels;
using Kamuri.Web.PatchTests;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Products;

/// <summary>A product as it is entered.</summary>
public sealed record ProductBody
{
    public required string Name { get; init; }
    public required ProductRole Role { get; init; }

    /// <summary>The ingredient list, as it stands on the pack.</summary>
    public string Label { get; init; } = "";

    public double? SizeMl { get; init; }
    public double? LeftMl { get; init; }

    /// <summary>What the pack cost, in the household's own money.</summary>
    public decimal? Price { get; init; }

    public DateOnly? Opened { get; init; }

    /// <summary>Months it keeps after opening.</summary>
    public int? MonthsAfterOpening { get; init; }

    /// <summary>Essential oil in it, % by volume, as the maker gives it; null when nobody wrote it down.</summary>
    public double? EssentialOilPercent { get; init; }

    /// <summary>The version this change was made on; a change on an older one is refused.</summary>
    public int? Version { get; init; }
}

/// <summary>A product with what its label comes to.</summary>
/// <param name="Ingredients">What is in it, by plain name where it was recognised, and the families it belongs to.</param>
/// <param name="EssentialOils">Essential oils its label names, as they stand there.</param>
public sealed record ProductView(
    Guid Id,
    bool Archived,
    ProductBody Product,
    Goodness Goodness,
    decimal? PricePerMl,
    int Weight,
    ProteinStrength Protein,
    bool ScalpSafe,
    bool BuildsUp,
    string MostlyDoes,
    IReadOnlyList<string> Ingredients,
    IReadOnlyList<string> EssentialOils,
    int Unread,
    IReadOnlyList<RatingView> Ratings
)
{
    /// <summary>For whom it is not, and why, and for whom it is, a sentence each; empty while its label is not entered.</summary>
    public IReadOnlyList<FitView> Fits { get; init; } = [];
}

/// <summary>Whom a product is for.</summary>
/// <param name="IsAgainst">Something in it must not touch them.</param>
public sealed record FitView(string Sentence, bool IsAgainst);

/// <summary>How well a product suits a head.</summary>
/// <param name="Suits">1 not at all to 5 very well.</param>
public sealed record RatingView(Guid HeadId, int Suits, string Note);

/// <summary>How well a product suits a head; 0 takes the rating back.</summary>
public sealed record RatingBody(int Suits, string Note = "");

/// <summary>Whether a product is put away.</summary>
public sealed record PutAwayBody(bool Archived);

/// <summary>What can be entered for a product.</summary>
internal sealed class ProductValidator : AbstractValidator<ProductBody>
{
    private const int LongestName = 80;

    public ProductValidator(DateOnly today)
    {
        RuleFor(product => product.Name)
            .Must(name => !string.IsNullOrWhiteSpace(name))
            .WithMessage(ProductErrors.AProductNeedsAName)
            .MaximumLength(LongestName)
            .WithMessage(ProductErrors.ANameCanHaveAtMost($"{LongestName}"));
        RuleFor(product => product.Role).IsInEnum().WithMessage(ProductErrors.KamuriDoesNotKnowThisRole);
        RuleFor(product => product.Label)
            .MaximumLength(LabelReader.LongestLabel)
            .WithMessage(ProductErrors.ALabelCanHaveAtMost($"{LabelReader.LongestLabel}"));
        RuleFor(product => product.SizeMl)
            .Must(size => size is null or (>= AmountLimits.SmallestPack and <= AmountLimits.Most))
            .WithMessage(ProductErrors.EnterAnAmountOf(Say.Amount(AmountLimits.SmallestPack), Say.Amount(AmountLimits.Most)));
        RuleFor(product => product.LeftMl)
            .Must(left => left is null or (>= 0 and <= AmountLimits.Most))
            .WithMessage(ProductErrors.EnterAtMost(Say.Amount(AmountLimits.Most)))
            .Must((product, left) => left is null || product.SizeMl is null || left <= product.SizeMl)
            .WithMessage(ProductErrors.LeftIsMoreThanPack);
        RuleFor(product => product.EssentialOilPercent)
            .Must(share => share is null or (>= 0 and <= 100))
            .WithMessage(ProductErrors.Enter0To100);
        RuleFor(product => product.Price).Must(price => price is null or (>= 0 and <= 100_000)).WithMessage(ProductErrors.Enter0To100000);
        RuleFor(product => product.Opened)
            .Must(opened => opened is null || opened <= today)
            .WithMessage(ProductErrors.TheDateCannotBeInThe);
        RuleFor(product => product.MonthsAfterOpening)
            .Must(months => months is null or (>= 1 and <= 120))
            .WithMessage(ProductErrors.Enter1To120Months);
    }
}

/// <summary>The products on the shelf.</summary>
internal static class ProductEndpoints
{
    public static void MapProducts(this IEndpointRouteBuilder routes)
    {
        var products = routes.MapGroup("/api/products").WithTags("Products");
        products.MapGet("/", ListAsync).WithName("listProducts");
        products.MapPost("/", AddAsync).WithName("addProduct");
        products.MapPut("/{id:guid}", ChangeAsync).WithName("changeProduct");
        products.MapPut("/{id:guid}/archived", PutAwayAsync).WithName("putProductAway");
        products.MapPut("/{id:guid}/ratings/{headId:guid}", RateAsync).WithName("rateProduct");
    }

    private static async Task<Ok<IReadOnlyList<ProductView>>> ListAsync(
        KamuriDb db,
        KitchenReader kitchens,
        House house,
        LabelDictionary dictionary,
        SetAside setAside,
        SkinRecord skin,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var heads = new List<(Head Head, IReadOnlyList<string> Reacted)>();
        var living = await db.Heads.AsNoTracking().Where(row => !row.Archived).OrderBy(row => row.Name).ToListAsync(cancellation);
        foreach (var (row, head) in setAside.Read("heads", living, row => row.Id, row => row.ToHead()))
        {
            heads.Add((head, await skin.ReactedAsync(row.Id, cancellation)));
        }

        var (today, names) = ((await house.TimeAsync(cancellation)).Today, await dictionary.GetAsync(db, cancellation));
        var rows = kitchens.Readable(await db.Products.AsNoTracking().OrderBy(row => row.Name).ToListAsync(cancellation));
        var ratings = (await db.Ratings.AsNoTracking().ToListAsync(cancellation)).ToLookup(rating => rating.ProductId);
        return TypedResults.Ok<IReadOnlyList<ProductView>>([
            .. rows.Select(row => (row, reading: dictionary.Read(row.Label, names)))
                .Select(pair =>
                    View(pair.row, today, pair.reading, ratings[pair.row.Id]) with
                    {
                        Fits =
                            pair.row.Label.Length == 0
                                ? []
                                :
                                [
                                    .. ProductFit
                                        .Of(KitchenReader.Product(pair.row, pair.reading), heads, figures.Mixtures, figures.Measures)
                                        .Select(fit => new FitView(fit.Sentence, fit.IsAgainst)),
                                ],
                    }
                ),
        ]);
    }

    private static async Task<Results<Created<ProductView>, ValidationProblem>> AddAsync(
        ProductBody body,
        KamuriDb db,
        House house,
        LabelDictionary dictionary,
        CancellationToken cancellation
    )
    {
        var today = (await house.TimeAsync(cancellation)).Today;
        if (new ProductValidator(today).Validate(body) is { IsValid: false } errors)
        {
            return Problems.At(errors);
        }

        var row = Take(new ProductRow { Id = Guid.CreateVersion7(), Version = 1 }, body);
        db.Add(row);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Created(
            $"/api/products/{row.Id}",
            View(row, today, dictionary.Read(row.Label, await dictionary.GetAsync(db, cancellation)), [])
        );
    }

    private static async Task<Results<Ok<ProductView>, ValidationProblem, ProblemHttpResult>> ChangeAsync(
        Guid id,
        ProductBody body,
        KamuriDb db,
        House house,
        LabelDictionary dictionary,
        CancellationToken cancellation
    )
    {
        var today = (await house.TimeAsync(cancellation)).Today;
        if (new ProductValidator(today).Validate(body) is { IsValid: false } errors)
        {
            return Problems.At(errors);
        }

        if (await db.Products.FindAsync([id], cancellation) is not { } row)
        {
            return Problems.NotFound(ProductErrors.ThisProductDoesNotExist);
        }

        if (body.Version is { } version && version != row.Version)
        {
            return Problems.Conflict(ProductErrors.RowWasChangedElsewhereInThe(row.Name));
        }

        Take(row, body).Version++;
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Ok(await ViewAsync(row, today, db, dictionary, cancellation));
    }

    private static async Task<Results<Ok<ProductView>, ProblemHttpResult>> PutAwayAsync(
        Guid id,
        PutAwayBody body,
        KamuriDb db,
        House house,
        LabelDictionary dictionary,
        CancellationToken cancellation
    )
    {
        if (await db.Products.FindAsync([id], cancellation) is not { } row)
        {
            return Problems.NotFound(ProductErrors.ThisProductDoesNotExist);
        }

        row.Archived = body.Archived;
        row.Version++;
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Ok(await ViewAsync(row, (await house.TimeAsync(cancellation)).Today, db, dictionary, cancellation));
    }

    private static async Task<Results<Ok<ProductView>, ValidationProblem, ProblemHttpResult>> RateAsync(
        Guid id,
        Guid headId,
        RatingBody body,
        KamuriDb db,
        House house,
        LabelDictionary dictionary,
        CancellationToken cancellation
    )
    {
        if (body.Suits is not (>= 0 and <= 5))
        {
            return Problems.At("suits", ProductErrors.Enter1NotAtAllTo);
        }

        if (body.Note.Length > HeadLimits.LongestNote)
        {
            return Problems.At("note", ProductErrors.ANoteCanHaveAtMost($"{HeadLimits.LongestNote}"));
        }

        if (
            await db.Products.FindAsync([id], cancellation) is not { } row
            || !await db.Heads.AnyAsync(head => head.Id == headId, cancellation)
        )
        {
            return Problems.NotFound(ProductErrors.ThisProductOrHeadDoesNot);
        }

        var rating = await db.Ratings.FindAsync([id, headId], cancellation);
        if (body.Suits == 0)
        {
            if (rating is not null)
            {
                db.Remove(rating);
            }
        }
        else
        {
            if (rating is null)
            {
                rating = new RatingRow { ProductId = id, HeadId = headId };
                db.Add(rating);
            }

            (rating.Suits, rating.Note) = (body.Suits, body.Note.Trim());
        }

        await db.SaveChangesAsync(cancellation);
        return TypedResults.Ok(await ViewAsync(row, (await house.TimeAsync(cancellation)).Today, db, dictionary, cancellation));
    }

    private static async Task<ProductView> ViewAsync(
        ProductRow row,
        DateOnly today,
        KamuriDb db,
        LabelDictionary dictionary,
        CancellationToken cancellation
    ) =>
        View(
            row,
            today,
            dictionary.Read(row.Label, await dictionary.GetAsync(db, cancellation)),
            await db.Ratings.AsNoTracking().Where(rating => rating.ProductId == row.Id).ToListAsync(cancellation)
        );

    private static ProductRow Take(ProductRow row, ProductBody body)
    {
        (row.Name, row.Role, row.Label) = (body.Name.Trim(), body.Role, body.Label.Trim());
        (row.SizeMillilitres, row.LeftMillilitres, row.Price) = (body.SizeMl, body.LeftMl, body.Price);
        (row.Opened, row.MonthsAfterOpening, row.EssentialOilPercent) = (body.Opened, body.MonthsAfterOpening, body.EssentialOilPercent);
        return row;
    }

    private static ProductView View(ProductRow row, DateOnly today, LabelReading reading, IEnumerable<RatingRow> ratings) =>
        new ProductView(
            row.Id,
            row.Archived,
            new ProductBody
            {
                Name = row.Name,
                Role = row.Role,
                Label = row.Label,
                SizeMl = row.SizeMillilitres,
                LeftMl = row.LeftMillilitres,
                Price = row.Price,
                Opened = row.Opened,
                MonthsAfterOpening = row.MonthsAfterOpening,
                EssentialOilPercent = row.EssentialOilPercent,
                Version = row.Version,
            },
            Goodness.Of(row.Opened, row.MonthsAfterOpening, today),
            Cost.PerMillilitre(row.Price, row.SizeMillilitres is { } size ? new Millilitres(size) : null) is { } price
                ? Math.Round(price, 4)
                : null,
            reading.Weight,
            reading.Protein,
            reading.ScalpSafe,
            reading.BuildsUp,
            reading.MostlyDoes,
            reading.Ingredients,
            reading.EssentialOils,
            reading.Unread.Count,
            [.. ratings.Select(rating => new RatingView(rating.HeadId, rating.Suits, rating.Note))]
        );
}
