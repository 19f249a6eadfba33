using Kamuri.Core.Running;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Store.Shelf;

/// <summary>Takes from products and batches what sessions used, and puts back what they did not. Saving is the caller's.</summary>
public static class Pantry
{
    /// <summary>
    /// Writes down what a session took, by its plan, and takes it from what is left. What is on record of it already, because it was
    /// reopened and ends once more, stays as it was corrected; what it has not taken after all is put back.
    /// </summary>
    public static async Task TakeAsync(
        KamuriDb db,
        Guid session,
        Guid head,
        IReadOnlyList<SessionTaking> takings,
        CancellationToken cancellation
    )
    {
        var known = await db.Takings.Where(row => row.SessionId == session && row.HeadId == head).ToListAsync(cancellation);
        bool IsOf(TakingRow row, SessionTaking taking) =>
            (row.StepId, row.Name, row.ProductId, row.BatchId) == (taking.StepId, taking.Name, taking.ProductId, taking.BatchId);
        foreach (var row in known.Where(row => takings.All(taking => !IsOf(row, taking))))
        {
            await TakeAsync(db, row, -row.TakenMillilitres, cancellation);
            db.Remove(row);
        }

        foreach (var taking in takings.Where(taking => known.TrueForAll(row => !IsOf(row, taking))))
        {
            var row = new TakingRow
            {
                SessionId = session,
                HeadId = head,
                StepId = taking.StepId,
                Name = taking.Name,
                ProductId = taking.ProductId,
                BatchId = taking.BatchId,
                PlannedMillilitres = taking.PlannedMillilitres,
                IsWhole = taking.IsWhole,
            };
            db.Add(row);
            await TakeAsync(db, row, row.PlannedMillilitres, cancellation);
        }
    }

    /// <summary>Takes what a batch is made of, or puts it back with negative amounts.</summary>
    public static async Task TakeAsync(KamuriDb db, IEnumerable<PutIn> taken, CancellationToken cancellation)
    {
        foreach (var each in taken)
        {
            await TakeAsync(db, each.ProductId, each.BatchId, each.Millilitres, cancellation);
        }
    }

    /// <summary>Corrects what was used: the difference is taken, or put back.</summary>
    public static async Task CorrectAsync(KamuriDb db, TakingRow row, double usedMillilitres, CancellationToken cancellation)
    {
        var difference = usedMillilitres - row.TakenMillilitres;
        row.UsedMillilitres = usedMillilitres;
        await TakeAsync(db, row, difference, cancellation);
    }

    private static Task TakeAsync(KamuriDb db, TakingRow row, double millilitres, CancellationToken cancellation) =>
        TakeAsync(db, row.ProductId, row.BatchId, millilitres, cancellation);

    /// <summary>What is left is never less than nothing and never more than the pack or the batch held.</summary>
    private static async Task TakeAsync(KamuriDb db, Guid? product, Guid? batch, double millilitres, CancellationToken cancellation)
    {
        if (product is { } productId && await db.Products.FindAsync([productId], cancellation) is { LeftMillilitres: { } left } bought)
        {
            bought.LeftMillilitres = Math.Clamp(left - millilitres, 0, bought.SizeMillilitres ?? double.MaxValue);
            bought.Version++;
        }

        if (batch is { } batchId && await db.Batches.FindAsync([batchId], cancellation) is { } made)
        {
            made.LeftMillilitres = Math.Clamp(made.LeftMillilitres - millilitres, 0, made.MadeMillilitres);
            made.Version++;
        }
    }
}

/// <summary>Something that went into a batch: from a product or from another batch.</summary>
public sealed record PutIn(Guid? ProductId, Guid? BatchId, double Millilitres);
