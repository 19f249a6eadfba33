using Kamuri.Core.Composing;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Units;
using Kamuri.Store;
using Kamuri.Store.Documents;
using Kamuri.Store.Heads;
using Kamuri.Store.Kitchen;
using Kamuri.Store.PlannedDays;
using Kamuri.Store.Shelf;
using Kamuri.Web.Plans;

namespace Kamuri.Web.Demo;

/// <summary>A made-up kitchen: a formula of the household's own, jars good and not so good, a day meant for later.</summary>
internal static class DemoKitchen
{
    private static readonly Guid Oriel = Guid.Parse("0199aaaa-0000-7000-8000-000000000001");
    private static readonly Guid Bram = Guid.Parse("0199aaaa-0000-7000-8000-000000000002");
    private static readonly Guid Wren = Guid.Parse("0199aaaa-0000-7000-8000-000000000003");

    public static void Put(KamuriDb db, HouseTime time)
    {
        var own = new Formula
        {
            Id = Guid.Parse("0199cccc-0000-7000-8000-000000000001"),
            Name = "Sunday pre-poo",
            Kind = FormulaKind.LeafGel,
            Ingredients =
            [
                new("Leaf gel", 60, Unit.Millilitre) { FormulaId = Named("Leaf gel").Id },
                new("Infused oil", 10, Unit.Millilitre) { FormulaId = Named("Infused oil").Id },
                new("Slow Cream Mask", 30, Unit.Millilitre) { ProductId = DemoShelf.IdOf(3) },
                new("honey", 1, Unit.Teaspoon),
            ],
            Method = [new MethodStep("step-1", "Whisk {Leaf gel}, {Infused oil}, {Slow Cream Mask} and {honey}", 4, [])],
            Keep = KeepRule.Now,
            ServesAs = [Core.Steps.Substance.PrePoo, Core.Steps.Substance.PlantGel],
            Note = "Oriel's hair soaks it up in half an hour under the hood.",
        };
        var row = new FormulaRow { Id = own.Id, Version = 1 };
        row.Take(own);
        db.Add(row);

        db.Add(Batch(1, "Thin seed gel", 6, 220, 140, Keeping.Fridge, time));
        db.Add(Batch(2, "Leaf gel", 8, 200, 80, Keeping.Fridge, time));
        db.Add(Batch(3, "Infused oil", 33, 250, 190, Keeping.Room, time));
        db.Add(Batch(4, "Firm seed gel", 20, 180, 120, Keeping.Freezer, time, portion: 30));
        db.Add(Batch(5, "Whipped butter", 51, 150, 95, Keeping.Room, time));

        foreach (
            var (product, head, suits, note) in new[]
            {
                (3, Oriel, 5, ""),
                (5, Oriel, 4, ""),
                (6, Oriel, 2, "Sits on top and flakes."),
                (7, Oriel, 4, ""),
                (1, Oriel, 4, ""),
                (10, Bram, 5, ""),
                (10, Wren, 4, "Does not sting."),
            }
        )
        {
            db.Add(
                new RatingRow
                {
                    ProductId = DemoShelf.IdOf(product),
                    HeadId = head,
                    Suits = suits,
                    Note = note,
                }
            );
        }

        db.Add(
            new PatchTestRow
            {
                HeadId = Bram,
                Ingredient = "rosemary extract",
                AppliedUtcTicks = time.Now.AddHours(-9).UtcTicks,
                Outcome = PatchOutcome.Waiting,
            }
        );
        var day = time.Today.AddDays(2);
        db.Add(
            new PlannedDayRow
            {
                Id = Guid.Parse("0199dddd-0000-7000-8000-000000000001"),
                HeadId = Oriel,
                Day = day,
                CreatedUtcTicks = time.Now.UtcTicks,
                PlanJson = WishDocuments.Days.Write(
                    StoredWishes.ToStored(
                        new PlanBody
                        {
                            HeadId = Oriel,
                            Aim = Aim.Strength,
                            Style = EndStyle.Twists,
                            When = new WhenBody(WhenMode.ReadyBy, day, new TimeOnly(18, 0)),
                            Edits = [new EditBody { Kind = EditKind.Add, StepKind = "grain-water" }],
                            Uses = new Dictionary<string, UseBody> { ["grain-water"] = new() { FormulaId = Named("Grain water").Id } },
                        }
                    )
                ),
            }
        );
    }

    private static Formula Named(string name) => FormulaCatalogue.All.Single(formula => formula.Name == name);

    private static BatchRow Batch(
        int number,
        string name,
        int daysAgo,
        double made,
        double left,
        Keeping at,
        HouseTime time,
        double? portion = null
    )
    {
        var formula = Named(name);
        var scaled = Scaling.ToMake(formula, new Millilitres(made), Core.Mixing.Kitchen.Shipped);
        var madeAt = time.At(time.Today.AddDays(-daysAgo), new TimeOnly(17, 40));
        return BatchRow.From(
            Core.Mixing.Batch.JustMade(
                new Guid(0x0199eeee, 0, 0x7000, [0x80, 0, 0, 0, 0, 0, 0, (byte)number]),
                scaled,
                madeAt,
                time.Today.AddDays(-daysAgo),
                Core.Mixing.Kitchen.Shipped
            ) with
            {
                Left = new Millilitres(left),
                KeptAt = at,
                Portion = portion is { } each ? new Millilitres(each) : null,
                PricePerMl = null,
            },
            scaled.Words
        );
    }
}
