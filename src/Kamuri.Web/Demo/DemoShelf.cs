using Kamuri.Core.Heads;
using Kamuri.Core.Shelf;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Core.Steps;
using Kamuri.Store;
using Kamuri.Store.Shelf;
using Kamuri.Web.Kitchen;

namespace Kamuri.Web.Demo;

/// <summary>A made-up shelf. Names and labels are invented.</summary>
internal static class DemoShelf
{
    /// <summary>Puts the shelf up, and tells what wash days of the past were done with, by the kind of step.</summary>
    public static IReadOnlyDictionary<string, (StepUse Use, Func<Head, bool> Suits)> Put(KamuriDb db, DateOnly today)
    {
        var uses = new Dictionary<string, (StepUse, Func<Head, bool>)>();
        foreach (var (row, n) in Rows(today).Select((row, n) => (row, n)))
        {
            // Ids that stay the same from one demo to the next.
            row.Id = IdOf(n + 1);
            row.Version = 1;
            db.Add(row);
            foreach (var (kind, name, suits) in Used.Where(used => used.Name == row.Name))
            {
                // What was left then was more; the shelf of today has nothing to say to days that are over.
                uses[kind] = (
                    KitchenReader.Product(row, LabelReading.Of(row.Label, IngredientDictionary.Shipped)).AsUse() with
                    {
                        InStock = null,
                    },
                    suits
                );
            }
        }

        return uses;
    }

    /// <summary>The id of the product at a place on the shelf, from 1.</summary>
    public static Guid IdOf(int place) => new(0x0199bbbb, 0, 0x7000, [0x80, 0, 0, 0, 0, 0, 0, (byte)place]);

    private static readonly (string Kind, string Name, Func<Head, bool> Suits)[] Used =
    [
        (StepIds.DeepCondition, "Slow Cream Mask", IsLoose),
        (StepIds.LeaveIn, "Soft Milk", IsLoose),
        (StepIds.Oil, "Three Drops", IsLoose),
        ("part-cleanse", "Parting Wash", head => !IsLoose(head)),
    ];

    private static bool IsLoose(Head head) => head.Wear.Kind == HairKinds.Loose;

    private static IEnumerable<ProductRow> Rows(DateOnly today)
    {
        yield return Product(
            "Quiet Foam",
            ProductRole.Shampoo,
            300,
            140,
            6.90m,
            today.AddDays(-120),
            12,
            "Aqua, Sodium Cocoyl Isethionate, Cocamidopropyl Betaine, Decyl Glucoside, Glycerin, Aloe Barbadensis Leaf "
                + "Juice, Panthenol, Citric Acid, Sodium Benzoate, Potassium Sorbate"
        );
        yield return Product(
            "Bare Day",
            ProductRole.Clarifying,
            250,
            190,
            7.50m,
            today.AddDays(-200),
            12,
            "Aqua, Sodium C14-16 Olefin Sulfonate, Cocamidopropyl Betaine, Sodium Chloride, Disodium EDTA, Citric Acid, "
                + "Phenoxyethanol, Parfum"
        );
        yield return Product(
            "Slow Cream Mask",
            ProductRole.DeepConditioner,
            400,
            260,
            11.20m,
            today.AddDays(-60),
            12,
            "Aqua, Cetearyl Alcohol, Behentrimonium Methosulfate, Persea Gratissima (Avocado) Oil, Glycerin, Honey, "
                + "Theobroma Cacao (Cocoa) Seed Butter, Panthenol, Phenoxyethanol, Ethylhexylglycerin"
        );
        yield return Product(
            "Firm Hand",
            ProductRole.Protein,
            200,
            150,
            9.80m,
            today.AddDays(-150),
            6,
            "Aqua, Cetearyl Alcohol, Hydrolyzed Rice Protein, Hydrolyzed Keratin, Glycerin, Behentrimonium Chloride, "
                + "Citric Acid, Phenoxyethanol"
        );
        yield return Product(
            "Soft Milk",
            ProductRole.LeaveIn,
            250,
            90,
            8.40m,
            today.AddDays(-45),
            12,
            "Aqua, Aloe Barbadensis Leaf Juice, Glycerin, Cetyl Alcohol, Behentrimonium Methosulfate, Propanediol, "
                + "Panthenol, Sodium Benzoate, Potassium Sorbate"
        );
        yield return Product(
            "Heavy Morning",
            ProductRole.LeaveIn,
            250,
            240,
            8.90m,
            today.AddDays(-10),
            12,
            "Aqua, Butyrospermum Parkii (Shea) Butter, Glycerin, Cetearyl Alcohol, Ricinus Communis (Castor) Seed Oil, "
                + "Polysorbate 60, Parfum, Phenoxyethanol"
        );
        yield return Product(
            "Three Drops",
            ProductRole.Oil,
            100,
            60,
            10.50m,
            today.AddDays(-90),
            18,
            "Simmondsia Chinensis (Jojoba) Seed Oil, Vitis Vinifera (Grape) Seed Oil, Squalane, Tocopherol"
        );
        yield return Product(
            "Green Hold",
            ProductRole.Gel,
            200,
            30,
            5.60m,
            today.AddDays(-340),
            12,
            "Aqua, Linum Usitatissimum (Flaxseed) Extract, Aloe Barbadensis Leaf Juice, Agave Nectar, Xanthan Gum, "
                + "Polyquaternium-11, Caprylyl Glycol"
        );
        yield return Product(
            "Night Cream",
            ProductRole.Cream,
            200,
            170,
            9.10m,
            today.AddDays(-30),
            12,
            "Aqua, Cetearyl Alcohol, Mangifera Indica (Mango) Seed Butter, Glycerin, Prunus Amygdalus Dulcis (Sweet "
                + "Almond) Oil, Ceteareth-20, Phenoxyethanol"
        );
        yield return Product(
            "Parting Wash",
            ProductRole.Shampoo,
            250,
            200,
            6.20m,
            today.AddDays(-75),
            12,
            "Aqua, Coco-Glucoside, Sodium Lauroyl Sarcosinate, Aloe Vera, Mentha Piperita Leaf Extract, Citric Acid, Sodium Benzoate"
        );
    }

    private static ProductRow Product(
        string name,
        ProductRole role,
        double size,
        double left,
        decimal price,
        DateOnly opened,
        int months,
        string label
    ) =>
        new()
        {
            Name = name,
            Role = role,
            Label = label,
            SizeMillilitres = size,
            LeftMillilitres = left,
            Price = price,
            Opened = opened,
            MonthsAfterOpening = months,
        };
}
