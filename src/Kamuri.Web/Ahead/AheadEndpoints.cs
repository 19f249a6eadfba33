using Kamuri.Core.Figures;
using Kamuri.Core.Mixing;
using Kamuri.Core.Planning;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Running;
using Kamuri.Core.Shelf;
using Kamuri.Store;
using Kamuri.Web.Household;
using Kamuri.Web.Kitchen;
using Kamuri.Web.PlannedDays;
using Kamuri.Web.Sessions;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Ahead;

/// <summary>A head in Ahead: when it is due, and what it had last.</summary>
/// <param name="Treatments">Treatments that are due by their own rhythm, most pressing first, a sentence each.</param>
public sealed record AheadLine(
    Guid HeadId,
    string HeadName,
    WashDue Due,
    IReadOnlyList<string> Treatments,
    string? LastAim,
    string? LastStyle,
    Guid? OpenSession
);

/// <summary>A batch whose day is near or past.</summary>
public sealed record BatchDue(Guid Id, string Name, Core.Mixing.BatchState State, string Sentence);

/// <summary>A patch test that waits to be looked at.</summary>
public sealed record PatchDue(Guid HeadId, string HeadName, string Ingredient, string Sentence);

/// <summary>What each head needs, soonest first.</summary>
/// <param name="Planned">Days that are meant for later, and what has to be begun before.</param>
/// <param name="Batches">Batches whose day is near or past.</param>
/// <param name="PatchTests">Patch tests that wait to be looked at.</param>
public sealed record AheadView(
    DateOnly Today,
    IReadOnlyList<AheadLine> Heads,
    IReadOnlyList<PlannedDayView> Planned,
    IReadOnlyList<BatchDue> Batches,
    IReadOnlyList<PatchDue> PatchTests
);

/// <summary>What each head needs, and when.</summary>
internal static class AheadEndpoints
{
    public static void MapAhead(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/ahead", AheadAsync).WithName("getAhead").WithTags("Ahead");

    private static async Task<Ok<AheadView>> AheadAsync(
        KamuriDb db,
        SetAside setAside,
        SessionRecord record,
        House house,
        PlannedDayReader planned,
        KitchenReader kitchens,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var time = await house.TimeAsync(cancellation);
        var today = time.Today;
        var heads = await db.Heads.AsNoTracking().Where(row => !row.Archived).ToListAsync(cancellation);
        var days = await record.NewestDaysAsync(cancellation);
        var lines = new List<AheadLine>();
        foreach (var (row, head) in setAside.Read("heads", heads, row => row.Id, row => row.ToHead()))
        {
            var own = days[row.Id].ToList();
            var treatments = DueTreatments.For(SessionRecord.HistoryOf(own, time), head.Wear.Kind, today, figures.Rhythm);
            var last = own.Find(day => day.FinishedUtcTicks is not null);
            var open = own.Find(day => day.Status is SessionStatus.Running or SessionStatus.Paused);
            lines.Add(
                new AheadLine(
                    row.Id,
                    row.Name,
                    WashRhythm.DueFor(head, today, figures.Rhythm),
                    [.. treatments.Select(PlanSentences.Of)],
                    last?.Aim,
                    last?.Style,
                    open?.Session
                )
            );
        }

        var waiting = (await db.PatchTests.AsNoTracking().Where(row => row.Outcome == PatchOutcome.Waiting).ToListAsync(cancellation))
            .Join(heads, test => test.HeadId, head => head.Id, (test, head) => (test, head))
            .OrderBy(pair => pair.test.AppliedUtcTicks)
            .Select(pair => new PatchDue(
                pair.head.Id,
                pair.head.Name,
                pair.test.Ingredient,
                pair.test.ToTest().Sentence(time.Now, figures.Mixtures, time.Local)
            ));
        var batches = (await kitchens.BatchesAsync(cancellation))
            .Select(batch => (batch, standing: BatchKeeping.Of(batch, today, time.Now, figures.Mixtures)))
            .Where(pair => pair.standing.State != BatchState.Frozen && (pair.standing.UseBy is not { } day || day <= today.AddDays(1)))
            .OrderBy(pair => pair.standing.UseBy)
            .Select(pair => new BatchDue(pair.batch.Id, pair.batch.Name, pair.standing.State, pair.standing.Sentence));
        return TypedResults.Ok(
            new AheadView(
                today,
                [.. lines.OrderBy(line => line.Due.Usual).ThenBy(line => line.HeadName, StringComparer.Ordinal)],
                await planned.ReadAsync(cancellation),
                [.. batches],
                [.. waiting]
            )
        );
    }
}
