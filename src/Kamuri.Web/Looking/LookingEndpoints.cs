using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Looking;
using Kamuri.Core.Steps;
using Kamuri.Store;
using Kamuri.Web.Household;
using Kamuri.Web.Plans;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Kamuri.Web.Looking;

/// <summary>The answers given so far, by question.</summary>
public sealed record InquiryBody(Guid HeadId, IReadOnlyDictionary<string, string> Answers);

/// <summary>The plan an inquiry leads to, ready to be asked for.</summary>
/// <param name="Finding">What it most likely is.</param>
/// <param name="Changes">What changes and why.</param>
public sealed record InquiryPlanView(
    string Finding,
    IReadOnlyList<string> Changes,
    Aim Aim,
    Heat? TreatmentHeat,
    Layering Layering,
    Schools Schools,
    IReadOnlyList<EditBody> Edits
);

/// <summary>An inquiry at one point: the next question, or the plan it leads to.</summary>
public sealed record InquiryView(Question? Next, InquiryPlanView? Plan, int Asked, int OutOf);

/// <summary>Looks at hair by questions in order.</summary>
internal static class LookingEndpoints
{
    private const int MostAnswers = 20;

    public static void MapLooking(this IEndpointRouteBuilder routes) =>
        routes.MapPost("/api/looking/repels-water", RepelsWaterAsync).WithName("askWhyWaterIsRepelled").WithTags("Looking");

    private static async Task<Results<Ok<InquiryView>, ValidationProblem, ProblemHttpResult>> RepelsWaterAsync(
        InquiryBody body,
        KamuriDb db,
        House house,
        PlanMaker maker,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        if (body.Answers.Count > MostAnswers)
        {
            return Problems.At("answers", LookingErrors.GiveAtMostMostAnswersAnswers($"{MostAnswers}"));
        }

        if (await db.Heads.FindAsync([body.HeadId], cancellation) is not { } row)
        {
            return Problems.NotFound(LookingErrors.ThisHeadDoesNotExist);
        }

        var (home, time) = (await house.RowAsync(cancellation), await house.TimeAsync(cancellation));
        var history = await maker.HistoryAsync(row.Id, time, cancellation);
        var inquiry = WaterRepelled.Ask(new WaterCase(row.ToHead(), history, home.ToEquipment(), time.Today, figures.Rhythm), body.Answers);
        return TypedResults.Ok(
            new InquiryView(
                inquiry.Next,
                inquiry.Plan is { } plan
                    ? new InquiryPlanView(
                        plan.Finding,
                        plan.Changes,
                        plan.Aim,
                        plan.TreatmentHeat,
                        plan.Layering,
                        plan.Schools,
                        [.. plan.Edits.Select(EditBody.From)]
                    )
                    : null,
                body.Answers.Count,
                inquiry.OutOf
            )
        );
    }
}
