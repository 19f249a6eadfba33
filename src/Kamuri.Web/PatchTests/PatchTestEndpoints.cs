using Kamuri.Core.Figures;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Shelf;
using Kamuri.Store;
using Kamuri.Store.Heads;
using Kamuri.Web.Household;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.PatchTests;

/// <summary>Ingredients that were put on the skin to see what it does.</summary>
/// <param name="Outcome">Waiting when it was just put on.</param>
/// <param name="AppliedAt">When; now when left out.</param>
public sealed record PatchTestBody(
    IReadOnlyList<string> Ingredients,
    PatchOutcome Outcome = PatchOutcome.Waiting,
    DateTimeOffset? AppliedAt = null
);

/// <summary>A patch test.</summary>
public sealed record PatchTestView(
    string Ingredient,
    DateTimeOffset AppliedAt,
    DateTimeOffset LookFrom,
    PatchOutcome Outcome,
    string Sentence
);

/// <summary>What is on record of a head's skin.</summary>
internal sealed class SkinRecord(KamuriDb db)
{
    public async Task<IReadOnlyList<string>> ReactedAsync(Guid head, CancellationToken cancellation) =>
        await db
            .PatchTests.AsNoTracking()
            .Where(row => row.HeadId == head && row.Outcome == PatchOutcome.Reacted)
            .Select(row => row.Ingredient)
            .ToListAsync(cancellation);

    /// <summary>The history with what the head has had, was tested for and reacted to.</summary>
    public async Task<History> WithAsync(History history, Guid head, CancellationToken cancellation)
    {
        var tests = (await db.PatchTests.AsNoTracking().Where(row => row.HeadId == head).ToListAsync(cancellation))
            .Where(row => Enum.IsDefined(row.Outcome))
            .ToList();
        return history with
        {
            KnownIngredients = await db
                .KnownIngredients.AsNoTracking()
                .Where(row => row.HeadId == head)
                .Select(row => row.Ingredient)
                .ToListAsync(cancellation),
            PatchTests = tests
                .Where(row => row.Outcome != PatchOutcome.Reacted)
                .ToDictionary(row => row.Ingredient, row => row.ToTest().AppliedAt, StringComparer.OrdinalIgnoreCase),
            Reacted = [.. tests.Where(row => row.Outcome == PatchOutcome.Reacted).Select(row => row.Ingredient)],
        };
    }
}

/// <summary>Patch tests, by head.</summary>
internal static class PatchTestEndpoints
{
    private const int Most = 40;
    private const int LongestName = 120;

    public static void MapPatchTests(this IEndpointRouteBuilder routes)
    {
        var tests = routes.MapGroup("/api/heads/{headId:guid}/patch-tests").WithTags("Patch tests");
        tests.MapGet("/", ListAsync).WithName("listPatchTests");
        tests.MapPut("/", PutAsync).WithName("notePatchTest");
        tests.MapDelete("/{ingredient}", ForgetAsync).WithName("forgetPatchTest");
    }

    private static async Task<Ok<IReadOnlyList<PatchTestView>>> ListAsync(
        Guid headId,
        KamuriDb db,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    ) => TypedResults.Ok(await ReadAsync(headId, db, house, figures, cancellation));

    private static async Task<Results<Ok<IReadOnlyList<PatchTestView>>, ValidationProblem, ProblemHttpResult>> PutAsync(
        Guid headId,
        PatchTestBody body,
        KamuriDb db,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var time = await house.TimeAsync(cancellation);
        var names = body.Ingredients.Select(name => name?.Trim() ?? "").Distinct(StringComparer.OrdinalIgnoreCase).ToList();
        if (names.Count is 0 or > Most || names.Exists(name => name.Length is 0 or > LongestName))
        {
            return Problems.At("ingredients", PatchTestErrors.Enter1ToMostNamesOf($"{Most}", $"{LongestName}"));
        }

        if (!Enum.IsDefined(body.Outcome))
        {
            return Problems.At("outcome", PatchTestErrors.WaitingFineOrReacted);
        }

        if (body.AppliedAt > time.Now)
        {
            return Problems.At("appliedAt", PatchTestErrors.TheTimeCannotBeInThe);
        }

        if (!await db.Heads.AnyAsync(row => row.Id == headId, cancellation))
        {
            return Problems.NotFound(PatchTestErrors.ThisHeadDoesNotExist);
        }

        foreach (var name in names)
        {
            var row = await db.PatchTests.FindAsync([headId, name], cancellation);
            if (row is null)
            {
                row = new PatchTestRow
                {
                    HeadId = headId,
                    Ingredient = name,
                    AppliedUtcTicks = (body.AppliedAt ?? time.Now).UtcTicks,
                };
                db.Add(row);
            }
            else if (body.Outcome == PatchOutcome.Waiting || body.AppliedAt is not null)
            {
                row.AppliedUtcTicks = (body.AppliedAt ?? time.Now).UtcTicks;
            }

            var test = row.ToTest();
            if (body.Outcome == PatchOutcome.Fine && time.Now < test.LookFrom(figures.Mixtures))
            {
                return Problems.Conflict(
                    PatchTestErrors.ItIsTooEarlyToJudge(name, Say.Moment(time.Local(test.LookFrom(figures.Mixtures))))
                );
            }

            row.Outcome = body.Outcome;
        }

        await db.SaveChangesAsync(cancellation);
        return TypedResults.Ok(await ReadAsync(headId, db, house, figures, cancellation));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> ForgetAsync(
        Guid headId,
        string ingredient,
        KamuriDb db,
        CancellationToken cancellation
    )
    {
        if (await db.PatchTests.FindAsync([headId, ingredient], cancellation) is not { } row)
        {
            return Problems.NotFound(PatchTestErrors.ThisPatchTestDoesNotExist);
        }

        db.Remove(row);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    internal static async Task<IReadOnlyList<PatchTestView>> ReadAsync(
        Guid head,
        KamuriDb db,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var time = await house.TimeAsync(cancellation);
        var tests = (
            await db
                .PatchTests.AsNoTracking()
                .Where(row => row.HeadId == head)
                .OrderByDescending(row => row.AppliedUtcTicks)
                .ToListAsync(cancellation)
        )
            .Where(row => Enum.IsDefined(row.Outcome))
            .Select(row => row.ToTest());
        return
        [
            .. tests.Select(test => new PatchTestView(
                test.Ingredient,
                time.Local(test.AppliedAt),
                time.Local(test.LookFrom(figures.Mixtures)),
                test.Outcome,
                test.Sentence(time.Now, figures.Mixtures, time.Local)
            )),
        ];
    }
}
