using Kamuri.Core.Figures;
using Kamuri.Core.Planning;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;
using Kamuri.Store;
using Kamuri.Web.Household;
using Kamuri.Web.Safety;
using Kamuri.Web.Sessions;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Kamuri.Web.Plans;

/// <summary>Asks for plans. Nothing is kept: a plan is what the same question always answers.</summary>
internal static class PlanEndpoints
{
    public static void MapPlans(this IEndpointRouteBuilder routes)
    {
        var plans = routes.MapGroup("/api/plans").WithTags("Plans");
        plans.MapPost("/preview", PreviewAsync).WithName("previewPlan");
        plans.MapGet("/step-kinds", StepKinds).WithName("listStepKinds");
    }

    private static async Task<Results<Ok<PlanView>, ValidationProblem, ProblemHttpResult>> PreviewAsync(
        PlanBody body, PlanMaker maker, CancellationToken cancellation)
    {
        var (plan, problem, refusal) = await maker.MakeAsync(body, cancellation);
        return plan is not null ? TypedResults.Ok(PlanView.Of(plan))
            : problem is not null ? problem : refusal!;
    }

    private static Ok<IReadOnlyList<StepKindView>> StepKinds() => TypedResults.Ok<IReadOnlyList<StepKindView>>(
        [.. StepCatalogue.All.Select(kind => new StepKindView(kind.Id, kind.Name, kind.Phase, kind.Instruction))]);
}

/// <summary>Brings head, house and clock together for the planner; shared by asking for a plan and starting one.</summary>
internal sealed class PlanMaker(KamuriDb db, House house, SessionBook book, Planner planner, CraftFigures figures)
{
    public async Task<(Plan? Plan, ValidationProblem? Problem, ProblemHttpResult? Refusal)> MakeAsync(PlanBody body, CancellationToken cancellation)
    {
        var (row, time) = (await house.RowAsync(cancellation), await house.TimeAsync(cancellation));
        if (new PlanBodyValidator(time, row).Validate(body) is { IsValid: false } errors)
        {
            return (null, Problems.At(errors), null);
        }

        if (body.Head is { } inline)
        {
            return (planner.Make(body.ToRequest(inline.ToHead(Guid.Empty), History.Empty, row, time), figures), null, null);
        }

        var head = await db.Heads.FindAsync([body.HeadId!.Value], cancellation);
        return head switch
        {
            null => (null, null, Problems.NotFound("There is no such head here.")),
            { Archived: true } => (null, null, Problems.Conflict($"{head.Name} is archived; bring the head back to plan for it.")),
            _ => (planner.Make(body.ToRequest(head.ToHead(), await HistoryAsync(head.Id, time, cancellation), row, time), figures), null, null),
        };
    }

    private async Task<History> HistoryAsync(Guid head, HouseTime time, CancellationToken cancellation) =>
        History.From((await book.ReadAsync(cancellation))
            .Where(entry => entry.Summary.HeadId == head && entry.Summary.FinishedAt is not null)
            .Select(entry => (DateOnly.FromDateTime(time.Local(entry.Summary.FinishedAt!.Value).DateTime), entry.Summary.Treatments, entry.Summary.Detangled)));
}
