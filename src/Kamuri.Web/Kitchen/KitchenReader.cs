using Kamuri.Core.Figures;
using Kamuri.Core.Learning;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;
using Kamuri.Store;
using Kamuri.Store.Kitchen;
using Kamuri.Store.Shelf;
using Kamuri.Web.Labels;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Kitchen;

/// <summary>Reads from the file what mixtures are computed from: formulas, the products they name, batches, prices.</summary>
internal sealed class KitchenReader(KamuriDb db, SetAside setAside, LabelDictionary labels, CraftFigures figures)
{
    /// <summary>The kitchen with every formula there is, and the products they or the caller name.</summary>
    public async Task<Core.Mixing.Kitchen> ReadAsync(IEnumerable<Guid> products, CancellationToken cancellation)
    {
        var own = setAside
            .Read(
                "formulas",
                await db.Formulas.AsNoTracking().Where(row => !row.Archived).ToListAsync(cancellation),
                row => row.Id,
                row => row.ToFormula()
            )
            .ConvertAll(each => each.Read);
        var named = own.SelectMany(formula => formula.Ingredients)
            .Select(each => each.ProductId)
            .OfType<Guid>()
            .Concat(products)
            .Distinct()
            .ToList();
        var rows =
            named.Count == 0
                ? []
                : Readable(await db.Products.AsNoTracking().Where(row => named.Contains(row.Id)).ToListAsync(cancellation));
        var dictionary = await labels.GetAsync(db, cancellation);
        return new Core.Mixing.Kitchen(
            FormulaCatalogue.All.Concat(own),
            rows.Select(row => Product(row, labels.Read(row.Label, dictionary))),
            dictionary,
            figures.Measures
        )
        {
            Prices = await PricesAsync(cancellation),
        };
    }

    /// <summary>Every batch that is not used up or thrown out.</summary>
    public async Task<IReadOnlyList<Batch>> BatchesAsync(CancellationToken cancellation) =>
        await db.Batches.AsNoTracking().Where(row => row.GoneOn == null && row.LeftMillilitres > 0).ToListAsync(cancellation)
            is { Count: > 0 } rows
            ? Known(rows, await labels.GetAsync(db, cancellation))
            : [];

    /// <summary>What was made some time ago is read by what is known now.</summary>
    private IReadOnlyList<Batch> Known(List<BatchRow> rows, IngredientDictionary dictionary) =>
        [
            .. setAside
                .Read("batches", rows, row => row.Id, row => row.ToBatch())
                .Select(each => each.Read)
                .Select(batch => batch with { Facts = batch.Facts.ReadAgain(dictionary) }),
        ];

    /// <summary>What is left of every product, for steps nobody chose one for.</summary>
    public async Task<IReadOnlyList<StockItem>> StockAsync(CancellationToken cancellation)
    {
        var rows = await db
            .Products.AsNoTracking()
            .Where(row => !row.Archived)
            .Select(row => new
            {
                row.Id,
                row.Name,
                row.Role,
                row.LeftMillilitres,
            })
            .ToListAsync(cancellation);
        return
        [
            .. from row in rows
            where Enum.IsDefined(row.Role)
            select new StockItem(row.Id, row.Name, row.Role, row.LeftMillilitres is { } left ? new Millilitres(left) : null),
        ];
    }

    /// <summary>Everything on the shelf, as one head knows it.</summary>
    public async Task<IReadOnlyList<OnTheShelf>> ShelfAsync(Guid head, CancellationToken cancellation)
    {
        var rows = Readable(await db.Products.AsNoTracking().Where(row => !row.Archived).ToListAsync(cancellation));
        if (rows.Count == 0)
        {
            return [];
        }

        var dictionary = await labels.GetAsync(db, cancellation);
        var ratings = await db
            .Ratings.AsNoTracking()
            .Where(row => row.HeadId == head)
            .ToDictionaryAsync(row => row.ProductId, row => row.Suits, cancellation);
        var used = await LastUsesAsync(head, cancellation);
        return
        [
            .. rows.Select(row => new OnTheShelf(
                Product(row, labels.Read(row.Label, dictionary)),
                ratings.TryGetValue(row.Id, out var suits) ? suits : null,
                used[row.Id].ToHashSet()
            )),
        ];
    }

    /// <summary>Kinds of steps each product was used for on the last day of a head that took anything from the shelf.</summary>
    private async Task<ILookup<Guid, string>> LastUsesAsync(Guid head, CancellationToken cancellation)
    {
        var whole = db.Takings.AsNoTracking().Where(row => row.HeadId == head && row.IsWhole && row.ProductId != null);
        var last = await whole.OrderByDescending(row => row.Id).Select(row => (Guid?)row.SessionId).FirstOrDefaultAsync(cancellation);
        return (await whole.Where(row => row.SessionId == last).Select(row => new { row.StepId, row.ProductId }).ToListAsync(cancellation))
            .Where(row => StepCatalogue.OfStep(row.StepId) is not null)
            .ToLookup(row => row.ProductId!.Value, row => StepCatalogue.OfStep(row.StepId)!.Id);
    }

    /// <summary>Products this version knows the kind of.</summary>
    public List<ProductRow> Readable(IEnumerable<ProductRow> rows) =>
        setAside.Read("products", rows, row => row.Id, row => row.Checked()).ConvertAll(each => each.Row);

    /// <summary>Price of a millilitre by the name of the product, for ingredients that are named like one.</summary>
    private async Task<IReadOnlyDictionary<string, decimal>> PricesAsync(CancellationToken cancellation)
    {
        var rows = await db
            .Products.AsNoTracking()
            .Where(row => !row.Archived && row.Price != null && row.SizeMillilitres != null)
            .Select(row => new
            {
                row.Name,
                row.Price,
                Size = row.SizeMillilitres!.Value,
            })
            .ToListAsync(cancellation);
        return rows.DistinctBy(row => row.Name, StringComparer.OrdinalIgnoreCase)
            .ToDictionary(
                row => row.Name,
                row => Cost.PerMillilitre(row.Price, new Millilitres(row.Size)) ?? 0,
                StringComparer.OrdinalIgnoreCase
            );
    }

    /// <summary>How much a head was seen to take.</summary>
    public async Task<Hand> HandAsync(Guid head, CancellationToken cancellation) =>
        Hand.From(
            (
                await db
                    .Takings.AsNoTracking()
                    .Where(row => row.HeadId == head && row.IsWhole && row.UsedMillilitres != null)
                    .Select(row => new { row.PlannedMillilitres, row.UsedMillilitres })
                    .ToListAsync(cancellation)
            ).Select(row => (row.PlannedMillilitres, row.UsedMillilitres!.Value))
        );

    public static KitchenProduct Product(ProductRow row, LabelReading reading) =>
        KitchenProduct.Read(row.Id, row.Name, row.Role, reading, row.EssentialOilPercent, Price(row)) with
        {
            Left = Left(row),
            GoodUntil = Goodness.Of(row.Opened, row.MonthsAfterOpening, DateOnly.MinValue.AddYears(1)).Until,
        };

    /// <summary>A product whose label does not matter, as for the shopping list.</summary>
    public static KitchenProduct Unread(ProductRow row) =>
        new(row.Id, row.Name, row.Role, [], default, Price(row))
        {
            Left = Left(row),
            GoodUntil = Goodness.Of(row.Opened, row.MonthsAfterOpening, DateOnly.MinValue.AddYears(1)).Until,
        };

    private static decimal? Price(ProductRow row) =>
        Cost.PerMillilitre(row.Price, row.SizeMillilitres is { } size ? new Millilitres(size) : null);

    private static Millilitres? Left(ProductRow row) => row.LeftMillilitres is { } left ? new Millilitres(left) : null;
}
