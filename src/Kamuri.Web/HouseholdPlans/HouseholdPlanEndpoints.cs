using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Scheduling;
using Kamuri.Web.Household;
using Kamuri.Web.Plans;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Kamuri.Web.HouseholdPlans;

/// <summary>Asks for days with several heads. Nothing is kept: a plan is what the same question always answers.</summary>
internal static class HouseholdPlanEndpoints
{
    public static void MapHouseholdPlans(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/household-plans/preview", PreviewAsync).WithName("previewHouseholdPlan").WithTags("Plans");
        routes
            .MapPost("/api/household-plans/why-not", WhyNotAsync)
            .WithName("whyNotInTime")
            .WithTags("Plans")
            .Produces<WhyNotView>(contentType: "text/event-stream");
        routes
            .MapPost("/api/household-plans/longer", LongerAsync)
            .WithName("searchLonger")
            .WithTags("Plans")
            .Produces<LongerSearchView>(contentType: "text/event-stream");
    }

    /// <summary>
    /// Searches on for a better plan of the same day, one at a time in this house, and tells how far it is until it is done or nobody
    /// listens any more.
    /// </summary>
    private static async Task<IResult> LongerAsync(
        HouseholdPlanBody body,
        HouseholdPlanMaker maker,
        SolverGate gate,
        LongerSearches searches,
        HttpContext context
    )
    {
        gate.Ask();
        var (plan, problem, refusal) = await maker.MakeAsync(body with { FromLongerSearch = false }, context.RequestAborted);
        return plan is not null ? TypedResults.ServerSentEvents(searches.OfAsync(plan, context.RequestAborted))
            : problem is not null ? problem
            : refusal!;
    }

    /// <summary>
    /// The smallest changes with which everybody would be in time; each is planned whole, so this takes some seconds. They are told
    /// as they are found, and so is what is tried meanwhile.
    /// </summary>
    private static async Task<IResult> WhyNotAsync(
        HouseholdPlanBody body,
        HouseholdPlanMaker maker,
        SolverGate gate,
        IScheduler scheduler,
        CraftFigures figures,
        HttpContext context
    )
    {
        gate.Ask();
        var (plan, problem, refusal) = await maker.MakeAsync(body, context.RequestAborted);
        return plan is not null
                ? TypedResults.ServerSentEvents(RemediesAsync(plan, gate, scheduler, figures, context.RequestAborted), "remedies")
            : problem is not null ? problem
            : refusal!;
    }

    private static IAsyncEnumerable<WhyNotView> RemediesAsync(
        HouseholdPlan plan,
        SolverGate gate,
        IScheduler scheduler,
        CraftFigures figures,
        CancellationToken cancellation
    ) =>
        Telling.WhileAsync<WhyNotView>(
            gate,
            tell =>
            {
                var (found, at) = (new List<RemedyView>(), new RemedySearch(0, ""));
                void Tell(bool isOver) => tell(new WhyNotView(isOver ? 1 : at.Share, isOver ? "" : at.Trying, [.. found], isOver));
                foreach (var remedy in WhyNot.Of(plan.Request, plan, figures, scheduler, search =>
                    {
                        // Nobody listens any more: what is left is not worth a small machine's time.
                        cancellation.ThrowIfCancellationRequested();
                        at = search;
                        Tell(false);
                    }))
                {
                    found.Add(RemedyView.Of(remedy));
                    Tell(false);
                }

                Tell(true);
            },
            cancellation
        );

    private static async Task<Results<Ok<HouseholdPlanView>, ValidationProblem, ProblemHttpResult>> PreviewAsync(
        HouseholdPlanBody body,
        HouseholdPlanMaker maker,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        var (plan, problem, refusal) = await maker.MakeAsync(body, cancellation);
        return plan is not null ? TypedResults.Ok(HouseholdPlanView.Of(plan, figures))
            : problem is not null ? problem
            : refusal!;
    }
}

/// <summary>Makes household plans from what is asked for.</summary>
internal sealed class HouseholdPlanMaker(
    PlanMaker maker,
    SolverGate gate,
    HouseholdPlanner planner,
    KnownOrders known,
    House house,
    CraftFigures figures
)
{
    /// <summary>The plan, or what is wrong with the question.</summary>
    public async Task<(HouseholdPlan? Plan, ValidationProblem? Problem, ProblemHttpResult? Refusal)> MakeAsync(
        HouseholdPlanBody body,
        CancellationToken cancellation
    )
    {
        var (request, problem, refusal) = await RequestAsync(body, cancellation);
        var asked = body.FromLongerSearch ? new HouseholdPlanner(new CpSatScheduler(known)) : planner;
        if (request is null)
        {
            return (null, problem, refusal);
        }

        var plan = await gate.RunAsync(() => asked.Make(request, figures), cancellation);
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

    /// <summary>The day that is asked for, or what is wrong with the question.</summary>
    private async Task<(HouseholdRequest? Request, ValidationProblem? Problem, ProblemHttpResult? Refusal)> RequestAsync(
        HouseholdPlanBody body,
        CancellationToken cancellation
    )
    {
        if (new HouseholdPlanValidator().Validate(body) is { IsValid: false } errors)
        {
            return (null, Problems.At(errors), null);
        }

        var time = await house.TimeAsync(cancellation);
        var day = body.When.Date ?? time.Today;
        var heads = new List<HeadOfDay>();
        foreach (var (head, at) in body.Heads.Select((head, at) => (head, at)))
        {
            var (request, problem, refusal) = await maker.RequestAsync(head.Plan with { When = body.When }, cancellation);
            if (request is null)
            {
                return (
                    null,
                    problem is null
                        ? null
                        : TypedResults.ValidationProblem(
                            problem.ProblemDetails.Errors.ToDictionary(each => $"heads[{at}].plan.{each.Key}", each => each.Value)
                        ),
                    refusal
                );
            }

            heads.Add(
                new HeadOfDay(request)
                {
                    Present = [.. head.Present.Select(each => Stretch(each.From, each.To))],
                    ReadyBy = head.ReadyBy is { } by ? time.Local(time.At(day, by)) : null,
                    PauseAfter = head.PauseAfter,
                }
            );
        }

        return (
            new HouseholdRequest
            {
                Heads = heads,
                Hands =
                    body.Hands.Count == 0
                        ? HelpingHands.OfHouse(heads[0].Request.Equipment.PairsOfHands)
                        :
                        [
                            .. body.Hands.Select(each => new HelpingHands(
                                each.Name.Trim(),
                                each.MayDo?.Aggregate(Work.None, (all, one) => all | one) ?? Work.All
                            )
                            {
                                Heads = each.HeadIds,
                                Away = [.. each.Away.Select(away => Stretch(away.From, away.To))],
                            }),
                        ],
                When = heads[0].Request.When,
                Equipment = heads[0].Request.Equipment,
                Taken = [.. body.Taken.Select(each => new Taken(each.Resource, Stretch(each.From, each.To)))],
            },
            null,
            null
        );

        Between Stretch(TimeOnly from, TimeOnly to) =>
            new(time.Local(time.At(day, from)), time.Local(time.At(to > from ? day : day.AddDays(1), to)));
    }
}
