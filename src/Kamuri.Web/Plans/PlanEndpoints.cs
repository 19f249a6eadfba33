using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Planning;
using Kamuri.Core.Rhythm;
using Kamuri.Store;
using Kamuri.Web.Household;
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
        PlanBody body, PlanMaker maker, CancellationToken cancellation)
    {
        var (plan, problem, refusal) = await maker.MakeAsync(body, cancellation);
        return plan is not null ? TypedResults.Ok(PlanView.Of(plan))
            : problem is not null ? problem : refusal!;
    }

    private static async Task<Results<Ok<SchoolChangesView>, ValidationProblem, ProblemHttpResult>> SchoolChangesAsync(
        PlanBody body, PlanMaker maker, Planner planner, CraftFigures figures, CancellationToken cancellation)
    {
        var (request, problem, refusal) = await maker.RequestAsync(body, cancellation);
        if (request is null)
        {
            return problem is not null ? problem : refusal!;
        }

        var changes = SchoolChanges.Of(planner, request, figures);
        return TypedResults.Ok(new SchoolChangesView(changes.Switched, changes.Difference, changes.Difference.Sentences));
    }
}

/// <summary>What the schools of a day change against the head's own.</summary>
/// <param name="Switched">Questions answered otherwise than usual.</param>
/// <param name="Difference">What that changes.</param>
/// <param name="Sentences">The same in words.</param>
public sealed record SchoolChangesView(IReadOnlyList<SwitchedSchool> Switched, PlanDifference Difference, IReadOnlyList<string> Sentences);

/// <summary>Brings head, house and clock together for the planner; shared by asking for a plan and starting one.</summary>
internal sealed class PlanMaker(KamuriDb db, House house, SessionBook book, Planner planner, CraftFigures figures)
{
    public async Task<(Plan? Plan, ValidationProblem? Problem, ProblemHttpResult? Refusal)> MakeAsync(PlanBody body, CancellationToken cancellation)
    {
        var (request, problem, refusal) = await RequestAsync(body, cancellation);
        return request is null ? (null, problem, refusal) : (planner.Make(request, figures), null, null);
    }

    /// <summary>Everything a plan is composed from, or what is wrong with asking for it.</summary>
    public async Task<(PlanRequest? Request, ValidationProblem? Problem, ProblemHttpResult? Refusal)> RequestAsync(PlanBody body, CancellationToken cancellation)
    {
        var (row, time) = (await house.RowAsync(cancellation), await house.TimeAsync(cancellation));
        if (new PlanBodyValidator(time, row).Validate(body) is { IsValid: false } errors)
        {
            return (null, Problems.At(errors), null);
        }

        if (body.TemplateId is { } templateId)
        {
            if (await db.Templates.FindAsync([templateId], cancellation) is not { } template)
            {
                return (null, null, TemplateEndpoints.Gone());
            }

            var kept = TemplateEndpoints.Read(template);
            // What is said about a step now comes before what was said when the day was kept.
            body = body with { Steps = kept.Steps, Uses = kept.Uses.Concat(body.Uses).GroupBy(use => use.Key).ToDictionary(group => group.Key, group => group.Last().Value) };
        }

        if (body.Head is { } inline)
        {
            return (body.ToRequest(inline.ToHead(Guid.Empty), History.Empty, row, time), null, null);
        }

        var head = await db.Heads.FindAsync([body.HeadId!.Value], cancellation);
        return head switch
        {
            null => (null, null, Problems.NotFound("There is no such head here.")),
            { Archived: true } => (null, null, Problems.Conflict($"{head.Name} is archived; bring the head back to plan for it.")),
            _ => (body.ToRequest(head.ToHead(), await HistoryAsync(head.Id, time, cancellation), row, time), null, null),
        };
    }

    /// <summary>What is on record of a head, read from its finished days.</summary>
    public async Task<History> HistoryAsync(Guid head, HouseTime time, CancellationToken cancellation) =>
        History.From((await book.ReadAsync(cancellation))
            .Where(entry => entry.Summary.HeadId == head && entry.Summary.FinishedAt is not null)
            .Select(entry => (DateOnly.FromDateTime(time.Local(entry.Summary.FinishedAt!.Value).DateTime), entry.Summary.Treatments, entry.Summary.Detangled)));
}
