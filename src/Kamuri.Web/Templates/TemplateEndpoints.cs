using Kamuri.Core.Composing;
using Kamuri.Core.Steps;
using Kamuri.Store;
using Kamuri.Store.Documents;
using Kamuri.Store.Templates;
using Kamuri.Web.Plans;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Templates;

/// <summary>What is kept of a day: its steps, and what they are done with.</summary>
internal sealed record SavedPlan(
    Aim Aim,
    EndStyle Style,
    string MadeFor,
    IReadOnlyList<StepBody> Steps,
    IReadOnlyDictionary<string, UseBody> Uses
);

/// <summary>A plan to keep under a name.</summary>
public sealed record TemplateBody(string Name, PlanBody Plan);

/// <summary>Another name.</summary>
public sealed record TemplateNameBody(string Name);

/// <summary>A day that was kept.</summary>
/// <param name="MadeFor">The kind of hair it was made for, in words.</param>
/// <param name="Steps">Its steps, by name.</param>
public sealed record TemplateView(
    Guid Id,
    string Name,
    Aim Aim,
    EndStyle Style,
    string MadeFor,
    IReadOnlyList<string> Steps,
    DateTimeOffset Created
);

/// <summary>Days kept to be used again, on this head or another: they are timed and checked anew each time.</summary>
internal static class TemplateEndpoints
{
    private const int LongestName = 60;
    private const int MostTemplates = 200;

    public static void MapTemplates(this IEndpointRouteBuilder routes)
    {
        var templates = routes.MapGroup("/api/templates").WithTags("Templates");
        templates.MapGet("/", ListAsync).WithName("listTemplates");
        templates.MapPost("/", KeepAsync).WithName("keepTemplate");
        templates.MapPut("/{id:guid}", RenameAsync).WithName("renameTemplate");
        templates.MapDelete("/{id:guid}", ForgetAsync).WithName("forgetTemplate");
    }

    private static async Task<Ok<IReadOnlyList<TemplateView>>> ListAsync(KamuriDb db, SetAside setAside, CancellationToken cancellation)
    {
        var rows = await db.Templates.AsNoTracking().OrderBy(row => row.Name).ToListAsync(cancellation);
        return TypedResults.Ok<IReadOnlyList<TemplateView>>([
            .. setAside.Read("templates", rows, row => row.Id, View).Select(each => each.Read),
        ]);
    }

    private static async Task<Results<Created<TemplateView>, ValidationProblem, ProblemHttpResult>> KeepAsync(
        TemplateBody body,
        PlanMaker maker,
        KamuriDb db,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (await WrongNameAsync(db, null, body.Name, cancellation) is { } wrong)
        {
            return Problems.At("name", wrong);
        }

        if (await db.Templates.CountAsync(cancellation) >= MostTemplates)
        {
            return Problems.Conflict(TemplateErrors.ThereAreAlreadyMostTemplatesSavedPlans($"{MostTemplates}"));
        }

        var (plan, problem, refusal) = await maker.MakeAsync(body.Plan, cancellation);
        if (plan is null)
        {
            return problem is not null ? problem : refusal!;
        }

        if (plan.Steps.Count == 0)
        {
            return Problems.Conflict(TemplateErrors.ThisPlanHasNoStepsTo);
        }

        var content = new StoredSavedPlan(
            plan.Request.Aim.ToString(),
            plan.Request.Style.ToString(),
            plan.Request.Head.Wear.Words,
            StoredWishes.ToStored([.. plan.Steps.Select(step => StepBody.From(step.Step))]),
            StoredWishes.ToStored(body.Plan.Uses)
        );
        var row = new TemplateRow
        {
            Id = Guid.CreateVersion7(),
            Name = body.Name.Trim(),
            CreatedUtcTicks = clock.GetUtcNow().UtcTicks,
            ContentJson = WishDocuments.SavedPlans.Write(content),
        };
        db.Add(row);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Created($"/api/templates/{row.Id}", View(row));
    }

    private static async Task<Results<Ok<TemplateView>, ValidationProblem, ProblemHttpResult>> RenameAsync(
        Guid id,
        TemplateNameBody body,
        KamuriDb db,
        CancellationToken cancellation
    )
    {
        if (await db.Templates.FindAsync([id], cancellation) is not { } row)
        {
            return Gone();
        }

        if (await WrongNameAsync(db, id, body.Name, cancellation) is { } wrong)
        {
            return Problems.At("name", wrong);
        }

        row.Name = body.Name.Trim();
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Ok(View(row));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> ForgetAsync(Guid id, KamuriDb db, CancellationToken cancellation)
    {
        if (await db.Templates.FindAsync([id], cancellation) is not { } row)
        {
            return Gone();
        }

        db.Remove(row);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    public static ProblemHttpResult Gone() => Problems.NotFound(TemplateErrors.ThisSavedPlanNoLongerExists);

    /// <summary>What a saved plan holds, as the API takes it.</summary>
    /// <exception cref="UnreadableDocumentException">No version wrote it like this.</exception>
    public static SavedPlan Read(TemplateRow row) =>
        WishDocuments.SavedPlans.Read(row.ContentJson, kept => new SavedPlan(
            Enum.Parse<Aim>(kept.Aim),
            Enum.Parse<EndStyle>(kept.Style),
            kept.MadeFor,
            StoredWishes.ToBodies(kept.Steps),
            StoredWishes.ToUses(kept.Uses)
        ));

    private static TemplateView View(TemplateRow row)
    {
        var content = Read(row);
        return new TemplateView(
            row.Id,
            row.Name,
            content.Aim,
            content.Style,
            content.MadeFor,
            [.. content.Steps.Select(step => StepCatalogue.Find(step.Kind)?.Name ?? step.Kind)],
            new DateTimeOffset(row.CreatedUtcTicks, TimeSpan.Zero)
        );
    }

    private static async Task<string?> WrongNameAsync(KamuriDb db, Guid? own, string name, CancellationToken cancellation)
    {
        var trimmed = name?.Trim() ?? "";
        return trimmed.Length == 0 ? TemplateErrors.EnterAName
            : trimmed.Length > LongestName ? TemplateErrors.ANameCanHaveAtMost($"{LongestName}")
            : await db.Templates.AnyAsync(row => row.Name == trimmed && row.Id != own, cancellation)
                ? TemplateErrors.ThereIsAlreadyASavedPlan
            : null;
    }
}
