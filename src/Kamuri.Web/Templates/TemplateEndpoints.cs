using System.Text;
using Kamuri.Core.Composing;
using Kamuri.Core.Routines;
using Kamuri.Core.Steps;
using Kamuri.Store;
using Kamuri.Store.Documents;
using Kamuri.Store.Templates;
using Kamuri.Web.Plans;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Templates;

/// <summary>What is kept of a day: its steps as a routine, and what they are done with.</summary>
internal sealed record SavedPlan(Aim Aim, EndStyle Style, string MadeFor, Routine Routine, IReadOnlyDictionary<string, UseBody> Uses);

/// <summary>A plan to keep under a name.</summary>
public sealed record TemplateBody(string Name, PlanBody Plan);

/// <summary>Another name.</summary>
public sealed record TemplateNameBody(string Name);

/// <summary>A routine file.</summary>
public sealed record RoutineFileBody(string Text);

/// <summary>A routine of the household's own.</summary>
/// <param name="MadeFor">The kind of hair it was made for, in words.</param>
/// <param name="Kinds">Kinds of hair it suits.</param>
/// <param name="Steps">Its steps, by name.</param>
public sealed record TemplateView(
    Guid Id,
    string Name,
    Aim Aim,
    EndStyle Style,
    string MadeFor,
    IReadOnlyList<HairKinds> Kinds,
    IReadOnlyList<string> Steps,
    DateTimeOffset Created
);

/// <summary>Routines of the household's own, for this head or another: they are timed and checked anew each time.</summary>
internal static class TemplateEndpoints
{
    private const int LongestName = 60;
    private const int MostTemplates = 200;
    private const string RoutineType = "application/yaml";

    public static void MapTemplates(this IEndpointRouteBuilder routes)
    {
        var templates = routes.MapGroup("/api/templates").WithTags("Templates");
        templates.MapGet("/", ListAsync).WithName("listTemplates");
        templates.MapPost("/", KeepAsync).WithName("keepTemplate");
        templates.MapPut("/{id:guid}", RenameAsync).WithName("renameTemplate");
        templates.MapDelete("/{id:guid}", ForgetAsync).WithName("forgetTemplate");
        templates.MapPost("/import", ImportAsync).WithName("importRoutine");
        templates.MapGet("/{id:guid}/routine.yaml", ExportAsync).WithName("exportRoutine").Produces<string>(200, RoutineType);
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

        var (name, madeFor) = (body.Name.Trim(), plan.Request.Head.Wear.Words);
        var routine = Routine.Of(name, madeFor, plan.Request.Kind, plan.Steps.Select(step => step.Step));
        var content = new StoredSavedPlan(plan.Request.Aim.ToString(), plan.Request.Style.ToString(), madeFor)
        {
            Routine = RoutineFile.Write(routine),
            Uses = StoredWishes.ToStored(ByNewName(body.Plan.Uses, [.. plan.Steps.Select(step => step.Step)])),
        };
        return await AddAsync(db, name, content, clock, cancellation);
    }

    /// <summary>In the routine the steps of a kind are numbered anew; what they are done with goes along.</summary>
    private static Dictionary<string, UseBody> ByNewName(IReadOnlyDictionary<string, UseBody> uses, IReadOnlyList<PlanStep> steps)
    {
        var named = new List<PlanStep>();
        var renamed = new Dictionary<string, UseBody>(uses.Where(use => steps.All(step => step.Id != use.Key)));
        foreach (var step in steps)
        {
            named.Add(step with { Id = PlanEditing.NextId(named, step.Kind.Id) });
            if (uses.TryGetValue(step.Id, out var use))
            {
                renamed[named[^1].Id] = use;
            }
        }

        return renamed;
    }

    private static async Task<Results<Created<TemplateView>, ValidationProblem, ProblemHttpResult>> ImportAsync(
        RoutineFileBody body,
        KamuriDb db,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (await db.Templates.CountAsync(cancellation) >= MostTemplates)
        {
            return Problems.Conflict(TemplateErrors.ThereAreAlreadyMostTemplatesSavedPlans($"{MostTemplates}"));
        }

        Routine routine;
        try
        {
            routine = RoutineFile.Read(body.Text ?? "", RoutineCatalogue.Shared);
        }
        catch (RoutineException wrong)
        {
            return Problems.At("text", TemplateErrors.At(wrong));
        }

        if (routine.Suits == HairKinds.None || !routine.Kinds.Any())
        {
            return Problems.At("text", TemplateErrors.ARoutineSuitsSomeHairAndHasSteps);
        }

        var taken = await db.Templates.Select(row => row.Name).ToListAsync(cancellation);
        var name = routine.Says.Trim() is var says && says.Length > LongestName ? says[..LongestName].Trim() : says;
        for (var number = 2; taken.Contains(name); number++)
        {
            name = $"{says[..Math.Min(says.Length, LongestName - 4)].Trim()} {number}";
        }

        var kind = Kinds.First(each => routine.Suits.HasFlag(each));
        var content = new StoredSavedPlan(
            routine.For(AimCatalogue.UsualAim(kind)).ToString(),
            AimCatalogue.UsualStyle(kind).ToString(),
            RoutineFile.Written(kind)
        )
        {
            Routine = body.Text,
        };
        return await AddAsync(db, name, content, clock, cancellation);
    }

    private static async Task<Created<TemplateView>> AddAsync(
        KamuriDb db,
        string name,
        StoredSavedPlan content,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var row = new TemplateRow
        {
            Id = Guid.CreateVersion7(),
            Name = name,
            CreatedUtcTicks = clock.GetUtcNow().UtcTicks,
            ContentJson = WishDocuments.SavedPlans.Write(content),
        };
        db.Add(row);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Created($"/api/templates/{row.Id}", View(row));
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> ExportAsync(
        Guid id,
        KamuriDb db,
        CancellationToken cancellation
    )
    {
        if (await db.Templates.FindAsync([id], cancellation) is not { } row)
        {
            return Gone();
        }

        var text = WishDocuments.SavedPlans.Read(row.ContentJson).Routine ?? RoutineFile.Write(Read(row).Routine);
        return TypedResults.File(
            Encoding.UTF8.GetBytes(text),
            $"{RoutineType}; charset=utf-8",
            $"{FileNames.Of(row.Name, "routine")}.yaml"
        );
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
    public static SavedPlan Read(TemplateRow row) => WishDocuments.SavedPlans.Read(row.ContentJson, kept => new SavedPlan(
            Enum.Parse<Aim>(kept.Aim),
            Enum.Parse<EndStyle>(kept.Style),
            kept.MadeFor,
            kept.Routine is { } written
                ? RoutineFile.Read(written, RoutineCatalogue.Shared)
                // Kept before routines were files.
                : Routine.Of(row.Name, kept.MadeFor, HairKinds.All, StepBody.ToSteps(StoredWishes.ToBodies(kept.Steps))),
            StoredWishes.ToUses(kept.Uses)
        ));

    private static readonly HairKinds[] Kinds = [HairKinds.Loose, HairKinds.Locs, HairKinds.Style, HairKinds.TakenDown];

    private static TemplateView View(TemplateRow row)
    {
        var content = Read(row);
        return new TemplateView(
            row.Id,
            row.Name,
            content.Aim,
            content.Style,
            content.MadeFor,
            [.. Kinds.Where(kind => content.Routine.Suits.HasFlag(kind))],
            [.. content.Routine.Kinds.Select(kind => kind.Name)],
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
