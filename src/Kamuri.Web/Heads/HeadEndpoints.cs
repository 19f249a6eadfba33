using FluentValidation.Results;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Store;
using Kamuri.Store.Heads;
using Kamuri.Web.Household;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Heads;

/// <summary>The people: create, read, correct, archive.</summary>
internal static class HeadEndpoints
{
    public static void MapHeads(this IEndpointRouteBuilder routes)
    {
        var heads = routes.MapGroup("/api/heads").WithTags("Heads");
        heads.MapGet("/", ListAsync).WithName("listHeads");
        heads.MapPost("/", CreateAsync).WithName("createHead");
        heads.MapPost("/described", DescribeAsync).WithName("describeHead");
        heads.MapPost("/measure", MeasureAsync).WithName("measureHead");
        heads.MapGet("/{id:guid}", GetAsync).WithName("getHead");
        heads.MapPut("/{id:guid}", ChangeAsync).WithName("changeHead");
        heads.MapPut("/{id:guid}/archived", ArchiveAsync).WithName("archiveHead");
    }

    private static async Task<Ok<IReadOnlyList<HeadView>>> ListAsync(
        KamuriDb db,
        SetAside setAside,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var today = (await house.TimeAsync(cancellation)).Today;
        var rows = await db.Heads.AsNoTracking().OrderBy(row => row.Archived).ThenBy(row => row.Name).ToListAsync(cancellation);
        return TypedResults.Ok<IReadOnlyList<HeadView>>([
            .. setAside.Read("heads", rows, row => row.Id, row => HeadView.Of(row, today, figures)).Select(each => each.Read),
        ]);
    }

    private static async Task<Results<Ok<HeadView>, ProblemHttpResult>> GetAsync(
        Guid id,
        KamuriDb db,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    ) =>
        await db.Heads.FindAsync([id], cancellation) is { } row
            ? TypedResults.Ok(HeadView.Of(row, (await house.TimeAsync(cancellation)).Today, figures))
            : NotHere();

    private static async Task<Results<Created<HeadView>, ValidationProblem>> CreateAsync(
        HeadBody body,
        KamuriDb db,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var today = (await house.TimeAsync(cancellation)).Today;
        if (new HeadBodyValidator(today).Validate(body) is { IsValid: false } errors)
        {
            return Problems.At(errors);
        }

        if (await IsTakenAsync(db, Guid.Empty, body.Name, cancellation))
        {
            return Problems.At("name", HeadErrors.ThereIsAHeadOfThatName(body.Name.Trim()));
        }

        var row = new HeadRow { Version = 1 };
        row.Take(body.ToHead(Guid.CreateVersion7()));
        db.Add(row);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Created($"/api/heads/{row.Id}", HeadView.Of(row, today, figures));
    }

    /// <summary>A new head from five answers.</summary>
    private static async Task<Results<Created<HeadView>, ValidationProblem>> DescribeAsync(
        DescribedBody body,
        KamuriDb db,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var today = (await house.TimeAsync(cancellation)).Today;
        var (head, wrongLength) = body.ToHead(figures);
        // The other answers are looked at too, so that everything is said at once.
        var whole = head
            ?? (body with { AgeGroup = AgeGroup.Adult, CrownCm = null, Landmark = LengthLandmark.Shoulder }).ToHead(figures).Head!;
        var found = new HeadBodyValidator(today).Validate(whole);
        foreach (var failure in found.Errors.Where(failure => failure.PropertyName.StartsWith("Lengths.", StringComparison.Ordinal)))
        {
            failure.PropertyName = nameof(DescribedBody.CrownCm);
        }

        if (wrongLength is not null)
        {
            found.Errors.Add(new ValidationFailure(nameof(DescribedBody.Landmark), wrongLength));
        }

        if (await IsTakenAsync(db, Guid.Empty, body.Name, cancellation))
        {
            found.Errors.Add(new ValidationFailure(nameof(DescribedBody.Name), HeadErrors.ThereIsAHeadOfThatName(body.Name.Trim())));
        }

        return found.IsValid ? await CreateAsync(whole, db, house, figures, cancellation) : Problems.At(found);
    }

    private static async Task<bool> IsTakenAsync(KamuriDb db, Guid but, string name, CancellationToken cancellation) =>
        await db.Heads.AnyAsync(row => row.Id != but && !row.Archived && row.Name == name.Trim(), cancellation);

    /// <summary>The size of a head that is only being typed in.</summary>
    private static async Task<Results<Ok<SizeView>, ValidationProblem>> MeasureAsync(
        HeadBody body,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var today = (await house.TimeAsync(cancellation)).Today;
        return new HeadBodyValidator(today).Validate(body) is { IsValid: false } errors
            ? Problems.At(errors)
            : TypedResults.Ok(HeadView.Measure(body.ToHead(Guid.Empty), today, figures));
    }

    private static async Task<Results<Ok<HeadView>, ValidationProblem, ProblemHttpResult>> ChangeAsync(
        Guid id,
        HeadBody body,
        KamuriDb db,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var today = (await house.TimeAsync(cancellation)).Today;
        if (new HeadBodyValidator(today).Validate(body) is { IsValid: false } errors)
        {
            return Problems.At(errors);
        }

        if (await db.Heads.FindAsync([id], cancellation) is not { } row)
        {
            return NotHere();
        }

        if (body.Version is { } version && version != row.Version)
        {
            return Problems.Conflict(HeadErrors.RowWasChangedElsewhereInThe(row.Name));
        }

        if (row.Name != body.Name.Trim() && await IsTakenAsync(db, id, body.Name, cancellation))
        {
            return Problems.At("name", HeadErrors.ThereIsAHeadOfThatName(body.Name.Trim()));
        }

        row.Take(body.ToHead(id));
        row.Version++;
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Ok(HeadView.Of(row, today, figures));
    }

    private static async Task<Results<Ok<HeadView>, ProblemHttpResult>> ArchiveAsync(
        Guid id,
        ArchiveBody body,
        KamuriDb db,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        if (await db.Heads.FindAsync([id], cancellation) is not { } row)
        {
            return NotHere();
        }

        row.Archived = body.Archived;
        row.Version++;
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Ok(HeadView.Of(row, (await house.TimeAsync(cancellation)).Today, figures));
    }

    private static ProblemHttpResult NotHere() => Problems.NotFound(HeadErrors.ThisHeadDoesNotExist);
}

/// <summary>Whether a head is put away.</summary>
public sealed record ArchiveBody(bool Archived);
