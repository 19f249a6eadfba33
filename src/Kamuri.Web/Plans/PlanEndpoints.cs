using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Learning;
using Kamuri.Core.Mixing;
using Kamuri.Core.Planning;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Routines;
using Kamuri.Core.Shelf;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Store;
using Kamuri.Store.Documents;
using Kamuri.Store.Sessions;
using Kamuri.Web.Household;
using Kamuri.Web.Kitchen;
using Kamuri.Web.PatchTests;
using Kamuri.Web.Safety;
using Kamuri.Web.Sessions;
using Kamuri.Web.Templates;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Kamuri.Web.Plans;

/// <summary>Asks for plans. Nothing is kept: a plan is what the same question always answers.</summary>
internal static class PlanEndpoints
{
    public static void MapPlans(this IEndpointRouteBuilder routes)
    {
        var plans = routes.MapGroup("/api/plans").WithTags("Plans");
        plans.MapPost("/preview", PreviewAsync).WithName("previewPlan");
        plans.MapPost("/school-changes", SchoolChangesAsync).WithName("compareSchools");
    }

    private static async Task<Results<Ok<PlanView>, ValidationProblem, ProblemHttpResult>> PreviewAsync(
        PlanBody body,
        PlanMaker maker,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var (plan, problem, refusal) = await maker.MakeAsync(body, cancellation);
        return plan is not null
                ? TypedResults.Ok(
                    PlanView.Of(plan, figures) with
                    {
                        Needs = NeedView.Of([plan], figures),
                        PorosityQuestion = PorosityMatters.Question(plan, figures.Processing) is { } ask
                            ? new PorosityQuestionView(ask, PorosityMatters.Answers)
                            : null,
                    }
                )
            : problem is not null ? problem
            : refusal!;
    }

    private static async Task<Results<Ok<SchoolChangesView>, ValidationProblem, ProblemHttpResult>> SchoolChangesAsync(
        PlanBody body,
        PlanMaker maker,
        SolverGate gate,
        Planner planner,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var (request, problem, refusal) = await maker.RequestAsync(body, cancellation);
        if (request is null)
        {
            return problem is not null ? problem : refusal!;
        }

        var changes = await gate.RunAsync(() => SchoolChanges.Of(planner, request, figures), cancellation);
        return TypedResults.Ok(new SchoolChangesView(changes.Switched, changes.Difference, changes.Difference.Sentences));
    }
}

/// <summary>Asks how porous hair is, with the answers there are.</summary>
public sealed record PorosityQuestionView(string Sentence, IReadOnlyList<PorosityAnswer> Answers);

/// <summary>What the schools of a day change against the head's own.</summary>
/// <param name="Switched">Questions answered otherwise than usual.</param>
/// <param name="Difference">What that changes.</param>
/// <param name="Sentences">The same in words.</param>
public sealed record SchoolChangesView(IReadOnlyList<SwitchedSchool> Switched, PlanDifference Difference, IReadOnlyList<string> Sentences);

/// <summary>Brings head, house and clock together for the planner; shared by asking for a plan and starting one.</summary>
internal sealed class PlanMaker(
    KamuriDb db,
    House house,
    SolverGate gate,
    SessionRecord record,
    ISessionLog log,
    Planner planner,
    KitchenReader kitchens,
    SkinRecord skin,
    CraftFigures figures
)
{
    public async Task<(Plan? Plan, ValidationProblem? Problem, ProblemHttpResult? Refusal)> MakeAsync(
        PlanBody body,
        CancellationToken cancellation
    )
    {
        var (request, problem, refusal) = await RequestAsync(body, cancellation);
        if (request is null)
        {
            return (null, problem, refusal);
        }

        var plan = await gate.RunAsync(() => planner.Make(request, figures), cancellation);
        if (body.When.Mode != WhenMode.Soonest || OutOfTheNight.PutOff(plan.Start, plan.NightWork, figures.Night) is not { } morning)
        {
            return (plan, null, null);
        }

        var later = await MakeAsync(body with { When = WhenBody.At(morning) }, cancellation);
        return later with
        {
            Plan = later.Plan is { } put ? put with { PutOff = OutOfTheNight.Sentence(plan.NightWork, plan.Start, put.Start) } : null,
        };
    }

    /// <summary>The steps of a head's last finished day; null when there is none that can be read.</summary>
    private async Task<Routine?> LastTimeAsync(Guid head, CancellationToken cancellation)
    {
        var last = (await record.DaysAsync(head, cancellation)).FirstOrDefault(day => day.FinishedUtcTicks is not null);
        try
        {
            return last is not null && await log.FindAsync(last.Session, cancellation) is { } session
                ? session.Plan.AgainFor(head, PlanErrors.LastTime)
                : null;
        }
        catch (UnreadableDocumentException)
        {
            return null;
        }
    }

    /// <summary>Everything a plan is composed from, or what is wrong with asking for it.</summary>
    public async Task<(PlanRequest? Request, ValidationProblem? Problem, ProblemHttpResult? Refusal)> RequestAsync(
        PlanBody body,
        CancellationToken cancellation
    )
    {
        var (row, time) = (await house.RowAsync(cancellation), await house.TimeAsync(cancellation));
        if (new PlanBodyValidator(time, row).Validate(body) is { IsValid: false } errors)
        {
            return (null, Problems.At(errors), null);
        }

        Routine? own = null;
        if (body.TemplateId is { } templateId)
        {
            if (await db.Templates.FindAsync([templateId], cancellation) is not { } template)
            {
                return (null, null, TemplateEndpoints.Gone());
            }

            var kept = TemplateEndpoints.Read(template);
            own = kept.Routine;
            // What is said about a step now comes before what was said when the day was kept.
            body = body with
            {
                Uses = kept.Uses.Concat(body.Uses).GroupBy(use => use.Key).ToDictionary(group => group.Key, group => group.Last().Value),
            };
        }

        if (body is { AsLastTime: true, HeadId: { } whose })
        {
            own = await LastTimeAsync(whose, cancellation);
            if (own is null)
            {
                return (null, Problems.At("asLastTime", PlanErrors.ThereIsNoLastTime), null);
            }
        }

        Head head;
        if (body.Head is { } inline)
        {
            head = inline.ToHead(Guid.Empty);
        }
        else
        {
            var kept = await db.Heads.FindAsync([body.HeadId!.Value], cancellation);
            if (kept is null or { Archived: true })
            {
                return (
                    null,
                    null,
                    kept is null
                        ? Problems.NotFound(PlanErrors.ThisHeadDoesNotExist)
                        : Problems.Conflict(PlanErrors.KeptIsArchivedUnarchiveTheHead(kept.Name))
                );
            }

            head = kept.ToHead();
        }

        var request = body.ToRequest(
            head,
            body.Head is null ? await HistoryAsync(head.Id, time, cancellation) : History.Empty,
            row,
            time
        ) with
        {
            Own = own,
            Kitchen = await kitchens.ReadAsync(body.Uses.Values.Select(use => use.ProductId).OfType<Guid>(), cancellation),
            Batches = await kitchens.BatchesAsync(cancellation),
            // A head that is only tried out is planned without the shelf: a script says what it uses.
            Stock = body.Head is null ? await kitchens.StockAsync(cancellation) : [],
            Hand = body.Head is null ? await kitchens.HandAsync(head.Id, cancellation) : Hand.Unknown,
        };
        if (RoutineCatalogue.Find(body.Routine) is { } routine && !routine.Suits.HasFlag(request.Kind))
        {
            return (null, Problems.At("routine", PlanErrors.ThisRoutineIsForOtherHair(routine.Hint)), null);
        }

        return Choose(body, request) is { } chosen
            ? (body.Head is null ? await WithShelfAsync(chosen, cancellation) : chosen, null, null)
            : (null, Problems.At("uses", PlanErrors.SomethingYouChoseNoLongerExists), null);
    }

    /// <summary>What is there is put into the steps nobody chose anything for.</summary>
    private async Task<PlanRequest> WithShelfAsync(PlanRequest request, CancellationToken cancellation)
    {
        var shelf = await kitchens.ShelfAsync(request.Head.Id, cancellation);
        if (shelf.Count == 0)
        {
            return request;
        }

        var fitting = FromTheShelf.For(request.Head, shelf, request.History.Reacted, request.Today, figures.Mixtures, figures.Measures);
        return request with
        {
            Uses = fitting.Concat(request.Uses).GroupBy(use => use.Key).ToDictionary(use => use.Key, use => use.Last().Value),
        };
    }

    /// <summary>Puts what was chosen by id in; null when something is gone.</summary>
    private PlanRequest? Choose(PlanBody body, PlanRequest request)
    {
        var uses = request.Uses.ToDictionary(use => use.Key, use => use.Value.AsItsIngredientsSay(request.Kitchen.Dictionary));
        foreach (
            var (step, use) in uses.Where(use =>
                    request.History.KnownIngredients.Count > 0 && body.History is null && use.Value.Ingredients.Count > 0
                )
                .ToList()
        )
        {
            // Written by hand, against what is really on record: only what people react to asks for a patch test.
            uses[step] = use with
            {
                AskForPatchTest = LabelReading.Of(string.Join(", ", use.Ingredients), request.Kitchen.Dictionary).AskForPatchTest,
            };
        }

        foreach (var (step, use) in body.Uses.Where(use => use.Value.IsChosen))
        {
            var chosen =
                use.ProductId is { } product ? request.Kitchen.Product(product)?.AsUse()
                : use.BatchId is { } batch
                    ? request.Batches.FirstOrDefault(each => each.Id == batch) is { } made
                            ? BatchKeeping.AsUse(made, request.Today, request.When.Now, figures.Mixtures)
                        : null
                : request.Kitchen.Formula(use.FormulaId!.Value) is { } formula
                    ? Larder.Made(formula, request.Kitchen) with
                    {
                        MadeFresh = use.MadeFresh,
                        WholeBatch = use.WholeBatch,
                    }
                : null;
            if (chosen is null)
            {
                return null;
            }

            uses[step] = chosen;
        }

        return request with
        {
            Uses = uses,
        };
    }

    /// <summary>What is on record of a head, read from its finished days.</summary>
    public async Task<History> HistoryAsync(Guid head, HouseTime time, CancellationToken cancellation) =>
        await skin.WithAsync(SessionRecord.HistoryOf(await record.DaysAsync(head, cancellation), time), head, cancellation);
}
