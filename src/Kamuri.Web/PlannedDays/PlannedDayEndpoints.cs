using System.Text.Json;
using Kamuri.Core.Composing;
using Kamuri.Core.Mixing;
using Kamuri.Core.Planning;
using Kamuri.Store;
using Kamuri.Store.PlannedDays;
using Kamuri.Web.Household;
using Kamuri.Web.Plans;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.PlannedDays;

/// <summary>A wash day somebody means to have.</summary>
public sealed record PlannedDayBody(PlanBody Plan);

/// <summary>Something that has to be begun before a planned day.</summary>
/// <param name="What">What is to be done, in order.</param>
/// <param name="Best">When it is best begun.</param>
/// <param name="By">When it has to be begun at the latest.</param>
public sealed record ToBegin(string Name, string HeadName, IReadOnlyList<MeasuredWords> What, DateTimeOffset Best, DateTimeOffset By, bool TooLate);

/// <summary>A planned day as it stands now.</summary>
/// <param name="Plan">The question, to be opened again.</param>
/// <param name="Missed">Its time is past.</param>
/// <param name="Trouble">What keeps it from starting, or why it cannot be planned any more; empty when nothing does.</param>
/// <param name="Sentence">When it begins and ends.</param>
/// <param name="Begin">What has to be begun before.</param>
/// <param name="PatchTest">Ingredients that want a patch test before it.</param>
public sealed record PlannedDayView(
    Guid Id, Guid HeadId, string HeadName, DateOnly Day, PlanBody Plan, bool Missed, string Trouble, string Sentence, DateTimeOffset? Start,
    IReadOnlyList<ToBegin> Begin, IReadOnlyList<string> PatchTest);

/// <summary>Days that are meant for later, planned anew whenever they are looked at.</summary>
internal static class PlannedDayEndpoints
{
    private const int Most = 60;

    public static void MapPlannedDays(this IEndpointRouteBuilder routes)
    {
        var days = routes.MapGroup("/api/planned-days").WithTags("Planned days");
        days.MapGet("/", async (PlannedDayReader reader, CancellationToken cancellation) => TypedResults.Ok(await reader.ReadAsync(cancellation))).WithName("listPlannedDays");
        days.MapPost("/", KeepAsync).WithName("keepPlannedDay");
        days.MapDelete("/{id:guid}", ForgetAsync).WithName("forgetPlannedDay");
    }

    private static async Task<Results<Created<PlannedDayView>, ValidationProblem, ProblemHttpResult>> KeepAsync(
        PlannedDayBody body, PlanMaker maker, PlannedDayReader reader, KamuriDb db, House house, CancellationToken cancellation)
    {
        if (body.Plan.HeadId is not { } head)
        {
            return Problems.At("plan.headId", "A day is kept for a head that is kept.");
        }

        if (body.Plan.When is null or { Mode: WhenMode.StartNow })
        {
            return Problems.At("plan.when", "A day for later has a time.");
        }

        if (await db.PlannedDays.CountAsync(cancellation) >= Most)
        {
            return Problems.Conflict($"{Most} days are planned already.");
        }

        var time = await house.TimeAsync(cancellation);
        var dated = body.Plan with { When = body.Plan.When with { Date = body.Plan.When.Date ?? time.Today } };
        var (plan, problem, refusal) = await maker.MakeAsync(dated, cancellation);
        if (plan is null)
        {
            return problem is not null ? problem : refusal!;
        }

        var row = new PlannedDayRow
        {
            Id = Guid.CreateVersion7(),
            HeadId = head,
            Day = dated.When.Date!.Value,
            PlanJson = JsonSerializer.Serialize(dated, StoreJson.Options),
            CreatedUtcTicks = time.Now.UtcTicks,
        };
        db.Add(row);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.Created($"/api/planned-days/{row.Id}", await reader.ViewAsync(row, cancellation));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> ForgetAsync(Guid id, KamuriDb db, CancellationToken cancellation)
    {
        if (await db.PlannedDays.FindAsync([id], cancellation) is not { } row)
        {
            return Problems.NotFound("This day is not planned any more.");
        }

        db.Remove(row);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }
}

/// <summary>Plans the days that are meant for later, as things stand now.</summary>
internal sealed class PlannedDayReader(KamuriDb db, PlanMaker maker, House house)
{
    public async Task<IReadOnlyList<PlannedDayView>> ReadAsync(CancellationToken cancellation)
    {
        var views = new List<PlannedDayView>();
        foreach (var row in await db.PlannedDays.AsNoTracking().OrderBy(row => row.Day).ToListAsync(cancellation))
        {
            views.Add(await ViewAsync(row, cancellation));
        }

        return [.. views.OrderBy(view => view.Start ?? DateTimeOffset.MaxValue)];
    }

    public async Task<PlannedDayView> ViewAsync(PlannedDayRow row, CancellationToken cancellation)
    {
        var name = (await db.Heads.FindAsync([row.HeadId], cancellation))?.Name ?? "";
        var body = JsonSerializer.Deserialize<PlanBody>(row.PlanJson, StoreJson.Options) ?? throw new InvalidOperationException($"Planned day {row.Id} holds nothing.");
        var time = await house.TimeAsync(cancellation);
        if (body.Wanted(time) is { } wanted && wanted <= time.Now)
        {
            return new PlannedDayView(row.Id, row.HeadId, name, row.Day, body, true, "", "Its time is past.", null, [], []);
        }

        var (plan, problem, refusal) = await maker.MakeAsync(body, cancellation);
        if (plan is null)
        {
            var why = problem?.ProblemDetails.Errors.Values.SelectMany(each => each).FirstOrDefault() ?? refusal?.ProblemDetails.Detail ?? "It cannot be planned any more.";
            return new PlannedDayView(row.Id, row.HeadId, name, row.Day, body, false, why, "", null, [], []);
        }

        return new PlannedDayView(row.Id, row.HeadId, name, row.Day, body, false,
            plan.Findings.FirstOrDefault(finding => finding.Holds)?.Reason ?? "", PlanWords.Finish(plan), plan.Start,
            [.. plan.Mixtures.Where(mixture => mixture.BeginBy is not null).Select(mixture => new ToBegin(mixture.Cooking.Mixture.Formula.Name, name,
                [.. mixture.Cooking.Ahead!.Steps.Select(step => step.Words)], mixture.BestBegun!.Value, mixture.BeginBy!.Value, mixture.TooLate))],
            [.. plan.Findings.SelectMany(finding => finding.PatchTest).Distinct()]);
    }
}
