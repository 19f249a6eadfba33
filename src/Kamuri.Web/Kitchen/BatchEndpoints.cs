using System.Text.Json;
using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Texts;
using Kamuri.Core.Units;
using Kamuri.Store;
using Kamuri.Store.Kitchen;
using Kamuri.Store.Shelf;
using Kamuri.Web.Household;
using Kamuri.Web.PatchTests;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Kitchen;

/// <summary>A batch to write down as made.</summary>
/// <param name="FormulaId">What was made.</param>
/// <param name="Scale">How much; as the formula is written when left out.</param>
/// <param name="Name">What to call it; the formula's name when left out.</param>
/// <param name="MadeAt">When; now when left out.</param>
/// <param name="KeptAt">Where it is kept; the place where it keeps best when left out.</param>
public sealed record BatchBody(
    Guid FormulaId,
    ScaleBody? Scale = null,
    string? Name = null,
    DateTimeOffset? MadeAt = null,
    Keeping? KeptAt = null
);

/// <summary>What can happen to a batch.</summary>
public enum BatchChange
{
    Move,
    Freeze,
    Thaw,
    Look,
    Used,
    Discard,
    TakeBack,
}

/// <summary>Something that happened to a batch.</summary>
/// <param name="KeptAt">For move: where to.</param>
/// <param name="Portions">For freeze: into how many portions. For thaw: how many of them.</param>
/// <param name="Fine">For look: whether it looks and smells as it should.</param>
/// <param name="UsedMl">For used: how much.</param>
/// <param name="Why">For discard: why.</param>
public sealed record BatchChangeBody(
    BatchChange Kind,
    Keeping? KeptAt = null,
    int? Portions = null,
    bool? Fine = null,
    double? UsedMl = null,
    string? Why = null
);

/// <summary>A batch.</summary>
/// <param name="Portions">Frozen portions that are left; null when it is in one piece.</param>
/// <param name="UsualPortions">Into how many it is usually frozen.</param>
/// <param name="CanFreeze">Why it cannot be frozen; null when it can.</param>
public sealed record BatchView(
    Guid Id,
    Guid FormulaId,
    string Name,
    DateTimeOffset MadeAt,
    double MadeMl,
    double LeftMl,
    MeasuredAmount Left,
    Keeping KeptAt,
    string KeptWords,
    BatchState State,
    DateOnly? UseBy,
    string Sentence,
    bool MayBeLookedAt,
    int? Portions,
    int UsualPortions,
    string? CanFreeze,
    decimal? Cost,
    IReadOnlyList<MeasuredWords> MadeOf,
    string Keeps,
    DateOnly? GoneOn,
    string? GoneWhy,
    bool CanTakeBack,
    int Version
);

/// <summary>A label for a jar, with a code that opens the batch.</summary>
/// <param name="Code">The code as the path of its dark squares, one unit a square.</param>
/// <param name="CodeSize">How many squares a side.</param>
/// <param name="Opens">The address the code opens.</param>
/// <param name="MadeOf">The ingredients, one line each.</param>
public sealed record JarLabelView(JarLabel Label, string Code, int CodeSize, string Opens, IReadOnlyList<MeasuredWords> MadeOf);

/// <summary>Batches: what was made, how long it is good, and what becomes of it.</summary>
internal static class BatchEndpoints
{
    private const int MostBatches = 5_000;

    public static void MapBatches(this IEndpointRouteBuilder routes)
    {
        var batches = routes.MapGroup("/api/batches").WithTags("Batches");
        batches.MapGet("/", ListAsync).WithName("listBatches");
        batches.MapPost("/", MakeAsync).WithName("makeBatch");
        batches.MapDelete("/{id:guid}", UnmakeAsync).WithName("unmakeBatch");
        batches.MapPost("/{id:guid}/changes", ChangeAsync).WithName("changeBatch");
        batches.MapGet("/{id:guid}/label", LabelAsync).WithName("getJarLabel");
    }

    private static async Task<Ok<IReadOnlyList<BatchView>>> ListAsync(
        KamuriDb db,
        SetAside setAside,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var time = await house.TimeAsync(cancellation);
        var since = time.Today.AddDays(-60);
        var rows = await db.Batches.AsNoTracking().Where(row => row.GoneOn == null || row.GoneOn >= since).ToListAsync(cancellation);
        return TypedResults.Ok<IReadOnlyList<BatchView>>([
            .. setAside
                .Read("batches", rows, row => row.Id, row => View(row, time, figures))
                .Select(each => each.Read)
                .OrderBy(view => view.State == BatchState.Gone)
                .ThenBy(view => view.UseBy ?? DateOnly.MinValue)
                .ThenBy(view => view.Name, StringComparer.OrdinalIgnoreCase),
        ]);
    }

    private static async Task<Results<Created<BatchView>, ValidationProblem, ProblemHttpResult>> MakeAsync(
        BatchBody body,
        KamuriDb db,
        KitchenReader reader,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        const int longestName = 80;
        var time = await house.TimeAsync(cancellation);
        var kitchen = await reader.ReadAsync([], cancellation);
        if (kitchen.Formula(body.FormulaId) is not { } formula)
        {
            return Problems.NotFound(KitchenErrors.ThisFormulaDoesNotExist);
        }

        if (body.Name?.Trim().Length > longestName)
        {
            return Problems.At("name", KitchenErrors.ANameCanHaveAtMost($"{longestName}"));
        }

        var madeAt = body.MadeAt ?? time.Now;
        if (madeAt > time.Now || madeAt < time.Now.AddYears(-1))
        {
            return Problems.At("madeAt", KitchenErrors.ChooseADayWithinThePast);
        }

        if (body.KeptAt is { } place && !Enum.IsDefined(place))
        {
            return Problems.At("keptAt", KitchenErrors.ChooseTheRoomTheFridgeOr);
        }

        if (await db.Batches.CountAsync(row => row.GoneOn == null, cancellation) >= MostBatches)
        {
            return Problems.Conflict(KitchenErrors.ThereAreAlreadyMostBatchesJars($"{MostBatches}"));
        }

        Head? head = null;
        if (body.Scale?.HeadId is { } headId)
        {
            head = (await db.Heads.FindAsync([headId], cancellation))?.ToHead();
            if (head is null)
            {
                return Problems.NotFound(KitchenErrors.ThisHeadDoesNotExist);
            }
        }

        var hand = head is null ? Core.Learning.Hand.Unknown : await reader.HandAsync(head.Id, cancellation);
        var (scaled, _, problem) = FormulaEndpoints.Scale(formula, body.Scale ?? new ScaleBody(), head, hand, kitchen, figures);
        if (scaled is null)
        {
            return problem!;
        }

        var made = Batch.JustMade(Guid.CreateVersion7(), scaled, madeAt, DateOnly.FromDateTime(time.Local(madeAt).DateTime), kitchen);
        var batch = made with
        {
            Name = string.IsNullOrWhiteSpace(body.Name) ? made.Name : body.Name.Trim(),
            KeptAt = body.KeptAt ?? made.KeptAt,
        };
        if (BatchKeeping.WhyNot(batch, batch.KeptAt) is { } whyNot)
        {
            return Problems.At("keptAt", whyNot);
        }

        var row = BatchRow.From(batch, scaled.Words);
        var taken = await TakenAsync(scaled, reader, time, figures, cancellation);
        row.Taken = taken;
        db.Add(row);
        await Pantry.TakeAsync(db, taken, cancellation);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Created($"/api/batches/{row.Id}", View(row, time, figures));
    }

    /// <summary>Takes back that it was made; what went in is put back.</summary>
    private static async Task<Results<NoContent, ProblemHttpResult>> UnmakeAsync(Guid id, KamuriDb db, CancellationToken cancellation)
    {
        if (await db.Batches.FindAsync([id], cancellation) is not { } row)
        {
            return NotHere();
        }

        if (row.LeftMillilitres < row.MadeMillilitres)
        {
            return Problems.Conflict(KitchenErrors.SomeOfRowHasBeenUsed(row.Name));
        }

        var taken = row.Taken;
        await Pantry.TakeAsync(db, taken.Select(each => each with { Millilitres = -each.Millilitres }), cancellation);
        db.Remove(row);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<IReadOnlyList<BatchView>>, ValidationProblem, ProblemHttpResult>> ChangeAsync(
        Guid id,
        BatchChangeBody body,
        KamuriDb db,
        SetAside setAside,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        if (await db.Batches.FindAsync([id], cancellation) is not { } row)
        {
            return NotHere();
        }

        var time = await house.TimeAsync(cancellation);
        if (body.Kind == BatchChange.TakeBack)
        {
            if (!row.TakeBack())
            {
                return Problems.Conflict(KitchenErrors.ThereIsNothingToUndo);
            }
        }
        else if (Change(db, row, body, time, figures) is { } wrong)
        {
            return wrong.Field is { } field ? Problems.At(field, wrong.Message) : Problems.Conflict(wrong.Message);
        }

        await db.SaveChangesAsync(cancellation);
        return await ListAsync(db, setAside, house, figures, cancellation);
    }

    private static (string? Field, string Message)? Change(
        KamuriDb db,
        BatchRow row,
        BatchChangeBody body,
        HouseTime time,
        CraftFigures figures
    )
    {
        var batch = row.ToBatch();
        if (batch.IsGone)
        {
            return (null, KitchenErrors.RowIsAlreadyUsedUpOr(row.Name));
        }

        row.Remember();
        switch (body.Kind)
        {
            case BatchChange.Move when body.KeptAt is { } to && Enum.IsDefined(to):
                if (BatchKeeping.WhyNot(batch, to) is { } whyNot)
                {
                    return ("keptAt", whyNot);
                }

                row.Take(BatchKeeping.Move(batch, to, time.Today, time.Now, figures.Mixtures));
                return null;
            case BatchChange.Move:
                return ("keptAt", KitchenErrors.ChooseTheRoomTheFridgeOr);
            case BatchChange.Freeze:
                if (BatchKeeping.WhyNot(batch, Keeping.Freezer) is { } cannot)
                {
                    return ("kind", cannot);
                }

                if (body.Portions is not (>= 1 and <= BatchKeeping.MostPortions))
                {
                    return ("portions", KitchenErrors.Enter1ToMostPortionsPortions($"{BatchKeeping.MostPortions}"));
                }

                row.Take(BatchKeeping.Freeze(batch, body.Portions.Value, time.Today, time.Now, figures.Mixtures));
                return null;
            case BatchChange.Thaw:
                return Thaw(db, row, batch, body, time, figures);
            case BatchChange.Look when body.Fine is { } fine:
                row.Take(batch with { LookedFineOn = fine ? time.Today : batch.LookedFineOn, LooksWrong = !fine });
                return null;
            case BatchChange.Look:
                return ("fine", KitchenErrors.DoesItLookAndSmellAs);
            case BatchChange.Used when body.UsedMl is > 0 and <= AmountLimits.Most:
                row.Take(batch with { Left = new Millilitres(Math.Max(0, batch.Left.Value - body.UsedMl.Value)) });
                return null;
            case BatchChange.Used:
                return ("usedMl", KitchenErrors.EnterMoreThan0AndAt(Say.Amount(AmountLimits.Most)));
            case BatchChange.Discard:
                if (body.Why?.Length > HeadLimits.LongestNote)
                {
                    return ("why", KitchenErrors.AReasonCanHaveAtMost($"{HeadLimits.LongestNote}"));
                }

                (row.GoneOn, row.GoneWhy) = (time.Today, string.IsNullOrWhiteSpace(body.Why) ? null : body.Why.Trim());
                row.Version++;
                return null;
            default:
                return ("kind", KitchenErrors.ThisIsNotKnownHere);
        }
    }

    /// <summary>Portions that are thawed become a batch of their own, with a day of their own.</summary>
    private static (string? Field, string Message)? Thaw(
        KamuriDb db,
        BatchRow row,
        Batch batch,
        BatchChangeBody body,
        HouseTime time,
        CraftFigures figures
    )
    {
        if (row.KeptAt != Keeping.Freezer)
        {
            return (null, KitchenErrors.RowIsNotFrozen(row.Name));
        }

        var there = batch.Portions ?? 1;
        if (body.Portions is not { } portions || portions < 1 || portions > there)
        {
            return ("portions", there == 1 ? KitchenErrors.ItIsFrozenInOnePiece : KitchenErrors.ThereAreTherePortionsEnter1($"{there}"));
        }

        var (left, thawed) = BatchKeeping.Thaw(batch, Guid.CreateVersion7(), portions, time.Today, time.Now, figures.Mixtures);
        row.Take(left);
        if (thawed is not null)
        {
            db.Add(BatchRow.From(thawed, row.MadeOf));
            // The thawed portions are a jar of their own now; taking back would make them twice.
            row.BeforeJson = null;
        }

        return null;
    }

    private static async Task<Results<Ok<JarLabelView>, ProblemHttpResult>> LabelAsync(
        Guid id,
        HttpRequest http,
        KamuriDb db,
        SetAside setAside,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        if (await db.Batches.FindAsync([id], cancellation) is not { } row)
        {
            return NotHere();
        }

        var time = await house.TimeAsync(cancellation);
        var batch = row.ToBatch();
        var tests = await db
            .PatchTests.AsNoTracking()
            .Where(test => test.Outcome == Core.Shelf.PatchOutcome.Reacted)
            .ToListAsync(cancellation);
        var rows = await db.Heads.AsNoTracking().Where(head => !head.Archived).OrderBy(head => head.Name).ToListAsync(cancellation);
        var heads = setAside
            .Read("heads", rows, head => head.Id, head => head.ToHead())
            .Select(each =>
                (each.Read, (IReadOnlyList<string>)[.. tests.Where(test => test.HeadId == each.Row.Id).Select(test => test.Ingredient)])
            );
        var label = JarLabel.Of(
            batch,
            BatchKeeping.Of(batch, time.Today, time.Now, figures.Mixtures),
            heads,
            figures.Mixtures,
            figures.Measures
        );
        var opens = $"{http.Scheme}://{http.Host}/shelf/jars?batch={id}";
        var (path, size) = QuickCode.Of(opens);
        return TypedResults.Ok(new JarLabelView(label, path, size, opens, row.MadeOf));
    }

    private static async Task<IReadOnlyList<PutIn>> TakenAsync(
        ScaledFormula scaled,
        KitchenReader reader,
        HouseTime time,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var request = new PlanRequest
        {
            Head = FormulaEndpoints.Nobody,
            Aim = Aim.Moisture,
            Style = EndStyle.AsItIs,
            When = new When(time.Local(time.Now)),
            Today = time.Today,
            Batches = await reader.BatchesAsync(cancellation),
        };
        return
        [
            .. scaled
                .Lines.Select(line =>
                    line.Ingredient.ProductId is { } product ? new PutIn(product, null, line.OfPack)
                    : line.Ingredient.FormulaId is { } formula && Larder.Find(request, formula, line.Volume, figures) is { } batch
                        ? new PutIn(null, batch.Id, line.Volume.Value)
                    : null
                )
                .OfType<PutIn>(),
        ];
    }

    internal static BatchView View(BatchRow row, HouseTime time, CraftFigures figures)
    {
        var batch = row.ToBatch();
        var standing = BatchKeeping.Of(batch, time.Today, time.Now, figures.Mixtures);
        return new BatchView(
            row.Id,
            row.FormulaId,
            row.Name,
            time.Local(batch.MadeAt),
            row.MadeMillilitres,
            row.LeftMillilitres,
            FormulaEndpoints.Ways(batch.Left, figures),
            row.KeptAt,
            MixtureSentences.Of(row.KeptAt),
            standing.State,
            standing.UseBy,
            standing.Sentence,
            standing.MayBeLookedAt,
            batch.Portions,
            BatchKeeping.UsualPortions(batch, figures.Mixtures),
            BatchKeeping.WhyNot(batch, Keeping.Freezer),
            row.Cost,
            row.MadeOf,
            batch.Keep.Words,
            row.GoneOn,
            row.GoneWhy,
            row.BeforeJson is not null,
            row.Version
        );
    }

    private static ProblemHttpResult NotHere() => Problems.NotFound(KitchenErrors.ThisBatchDoesNotExist);
}
