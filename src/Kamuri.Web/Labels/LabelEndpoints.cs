using Kamuri.Core.Heads;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Core.Steps;
using Kamuri.Store;
using Kamuri.Store.Shelf;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Labels;

/// <summary>An ingredient list to read, for a head or for none.</summary>
public sealed record LabelBody(string Text, Guid? HeadId = null);

/// <summary>One name on a label, with where it stands in the text.</summary>
/// <param name="What">What it is, in words; null when it was not read.</param>
/// <param name="Meant">What a misspelt name is taken for.</param>
public sealed record LabelNameView(
    string Text,
    int Start,
    int Length,
    Recognition How,
    IngredientClass? Class,
    string? What,
    string? Name,
    string? Meant,
    bool MayContain
);

/// <summary>A label, read and judged.</summary>
public sealed record LabelView(
    IReadOnlyList<LabelNameView> Names,
    string MostlyDoes,
    int Weight,
    string WeightWhy,
    ProteinStrength Protein,
    string ProteinWhy,
    bool ScalpSafe,
    string ScalpWhy,
    bool BuildsUp,
    string BuildsUpWhy,
    IReadOnlyList<LabelConflict> Conflicts,
    IReadOnlyList<string> Unread
)
{
    internal static LabelView Of(LabelReading reading) =>
        new(
            [
                .. reading.Names.Select(name => new LabelNameView(
                    name.Text,
                    name.Start,
                    name.Length,
                    name.How,
                    name.Class,
                    name.Class is { } kind ? IngredientClasses.Of(kind).Word : null,
                    name.Ingredient?.Name,
                    name.Meant,
                    name.MayContain
                )),
            ],
            reading.MostlyDoes,
            reading.Weight,
            reading.WeightWhy,
            reading.Protein,
            reading.ProteinWhy,
            reading.ScalpSafe,
            reading.ScalpWhy,
            reading.BuildsUp,
            reading.BuildsUpWhy,
            reading.Conflicts,
            reading.Unread
        );
}

/// <summary>A name to teach.</summary>
public sealed record TaughtBody(string Name, IngredientClass Class);

/// <summary>A class of ingredients in words.</summary>
public sealed record ClassView(IngredientClass Value, string Word);

/// <summary>Reads ingredient lists, and learns names it does not know.</summary>
internal static class LabelEndpoints
{
    private const int LongestName = 120;
    private const int MostTaught = 2_000;

    public static void MapLabels(this IEndpointRouteBuilder routes)
    {
        var labels = routes.MapGroup("/api/labels").WithTags("Labels");
        labels.MapPost("/read", ReadAsync).WithName("readLabel");
        labels.MapGet("/classes", Classes).WithName("listIngredientClasses");
        labels.MapPut("/names", TeachAsync).WithName("teachName");
        labels.MapDelete("/names/{name}", UnteachAsync).WithName("unteachName");
    }

    private static async Task<Results<Ok<LabelView>, ValidationProblem, ProblemHttpResult>> ReadAsync(
        LabelBody body,
        KamuriDb db,
        LabelDictionary dictionary,
        CancellationToken cancellation
    )
    {
        if (body.Text.Length > LabelReader.LongestLabel)
        {
            return Problems.At("text", LabelErrors.ALabelCanHaveAtMost($"{LabelReader.LongestLabel}", $"{body.Text.Length}"));
        }

        Head? head = null;
        if (body.HeadId is { } id)
        {
            head = (await db.Heads.FindAsync([id], cancellation))?.ToHead();
            if (head is null)
            {
                return Problems.NotFound(LabelErrors.ThisHeadDoesNotExist);
            }
        }

        return TypedResults.Ok(LabelView.Of(LabelReading.Of(body.Text, await dictionary.GetAsync(db, cancellation), head)));
    }

    private static Ok<IReadOnlyList<ClassView>> Classes() =>
        TypedResults.Ok<IReadOnlyList<ClassView>>([
            .. Enum.GetValues<IngredientClass>()
                .Select(kind => new ClassView(kind, IngredientClasses.Of(kind).Word))
                .OrderBy(view => view.Word, StringComparer.Ordinal),
        ]);

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> TeachAsync(
        TaughtBody body,
        KamuriDb db,
        LabelDictionary dictionary,
        CancellationToken cancellation
    )
    {
        var name = body.Name.Trim();
        if (name.Length is 0 or > LongestName || !name.Any(char.IsLetterOrDigit))
        {
            return Problems.At("name", LabelErrors.EnterANameOf1To($"{LongestName}"));
        }

        var row = await db.TaughtNames.FindAsync([name], cancellation);
        if (row is null && await db.TaughtNames.CountAsync(cancellation) >= MostTaught)
        {
            return Problems.Conflict(LabelErrors.KamuriAlreadyKnowsMostTaughtNamesYou($"{MostTaught}"));
        }

        if (row is null)
        {
            db.Add(new TaughtNameRow { Name = name, Class = body.Class });
        }
        else
        {
            row.Class = body.Class;
        }

        await db.SaveChangesAsync(cancellation);
        dictionary.Forget();
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> UnteachAsync(
        string name,
        KamuriDb db,
        LabelDictionary dictionary,
        CancellationToken cancellation
    )
    {
        if (await db.TaughtNames.FindAsync([name], cancellation) is not { } row)
        {
            return Problems.NotFound(LabelErrors.YouHaveNotTaughtThisName);
        }

        db.Remove(row);
        await db.SaveChangesAsync(cancellation);
        dictionary.Forget();
        return TypedResults.NoContent();
    }
}
