using System.Security.Cryptography;
using System.Text;
using Kamuri.Core.Figures;
using Kamuri.Core.Mixing;
using Kamuri.Core.Running;
using Kamuri.Core.Units;
using Kamuri.Store;
using Kamuri.Store.Kitchen;
using Kamuri.Web.Household;
using Kamuri.Web.Sessions;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Kitchen;

/// <summary>What is left of a day's mixtures becomes jars when it is finished, and is none any more when it is reopened.</summary>
internal sealed class LeftOvers(KamuriDb db, KitchenReader reader, House house)
{
    /// <summary>Puts the rests of mixtures that were used into jars. Doing so twice makes no second jar.</summary>
    public async Task KeepAsync(LiveSession session, CancellationToken cancellation)
    {
        var rests = session
            .Plan.Mixtures.Where(each => each is { LeftOver: > 0, FormulaId: not null } && IsUsed(session, each.StepId))
            .ToList();
        if (rests.Count == 0)
        {
            return;
        }

        var (kitchen, time) = (await reader.ReadAsync([], cancellation), await house.TimeAsync(cancellation));
        foreach (var rest in rests)
        {
            var id = Name(session.Id, rest.StepId);
            if (kitchen.Formula(rest.FormulaId!.Value) is not { } formula || await db.Batches.AnyAsync(row => row.Id == id, cancellation))
            {
                continue;
            }

            // What is counted is scaled to whole pieces; what is left is what is left.
            var left = new Millilitres(rest.LeftOver);
            var scaled = Scaling.ToMake(formula, left, kitchen);
            var batch = Batch.JustMade(id, scaled, time.Now, time.Today, kitchen) with { Made = left, Left = left };
            if (BatchKeeping.WhyNot(batch, batch.KeptAt) is null)
            {
                db.Add(BatchRow.From(batch, scaled.Words));
            }
        }

        await db.SaveChangesAsync(cancellation);
    }

    /// <summary>Takes back the jars of a day that goes on, unless something of them was used.</summary>
    public async Task TakeBackAsync(LiveSession session, CancellationToken cancellation)
    {
        var ids = session.Plan.Mixtures.Select(each => Name(session.Id, each.StepId)).ToList();
        await db.Batches.Where(row => ids.Contains(row.Id) && row.LeftMillilitres == row.MadeMillilitres).ExecuteDeleteAsync(cancellation);
    }

    private static bool IsUsed(LiveSession session, string step) =>
        session.Plan.Tasks.Any(task =>
            task.StepId == step && task.IsHandsOn && session.State.Task(task.Id).Status == Core.Running.TaskStatus.Done
        );

    /// <summary>The jar of a step of a day has one id, however often the day is finished.</summary>
    private static Guid Name(Guid session, string step) => new(SHA256.HashData(Encoding.UTF8.GetBytes($"{session} {step}")).AsSpan(0, 16));
}
