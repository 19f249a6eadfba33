using System.Diagnostics;
using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Mixing;
using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Rhythm;
using Kamuri.Store;
using Kamuri.Store.Documents;
using Kamuri.Store.Heads;
using Kamuri.Store.PlannedDays;
using Kamuri.Web.Household;
using Kamuri.Web.HouseholdPlans;
using Kamuri.Web.Plans;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.PlannedDays;

/// <summary>A wash day somebody means to have: of one head, or of a household.</summary>
public sealed record PlannedDayBody
{
    public PlanBody? Plan { get; init; }

    public HouseholdPlanBody? Household { get; init; }
}

/// <summary>A day that was saved.</summary>
/// <param name="Day">As it stands now.</param>
/// <param name="Before">The question it was before, to go back to; null when it is new.</param>
public sealed record SavedDay(PlannedDayView Day, PlannedDayBody? Before);

/// <summary>Something to start before a planned day.</summary>
/// <param name="What">What is to be done, in order.</param>
/// <param name="Best">The best time to start it.</param>
/// <param name="By">The latest time to start it.</param>
public sealed record ToBegin(
    string Name,
    string HeadName,
    IReadOnlyList<MeasuredWords> What,
    DateTimeOffset Best,
    DateTimeOffset By,
    bool TooLate
);

/// <summary>Ingredients that want a patch test on a head before a planned day.</summary>
public sealed record ToTest(string HeadName, IReadOnlyList<string> Ingredients);

/// <summary>A planned day as it stands now.</summary>
/// <param name="Names">Everyone by name.</param>
/// <param name="Plan">The question, to be opened again; null for a day of a household.</param>
/// <param name="Household">The question for a household; null for one head.</param>
/// <param name="Missed">Its time is past.</param>
/// <param name="Trouble">What prevents the start, or why the day can no longer be planned; empty when nothing does.</param>
/// <param name="Sentence">When it begins and ends.</param>
/// <param name="Begin">What to start before the day.</param>
/// <param name="PatchTests">What needs a patch test first.</param>
public sealed record PlannedDayView(
    Guid Id,
    string Names,
    DateOnly Day,
    PlanBody? Plan,
    HouseholdPlanBody? Household,
    bool Missed,
    string Trouble,
    string Sentence,
    DateTimeOffset? Start,
    IReadOnlyList<ToBegin> Begin,
    IReadOnlyList<ToTest> PatchTests
)
{
    /// <summary>What it needs and nobody has.</summary>
    public IReadOnlyList<NeedView> ToBuy { get; init; } = [];

    /// <summary>Whom another wash day has come before meanwhile, in a sentence; empty when the day still makes sense.</summary>
    public string Overtaken { get; init; } = "";
}

/// <summary>Days that are meant for later, planned anew whenever they are looked at.</summary>
internal static class PlannedDayEndpoints
{
    private const int Most = 60;

    public static void MapPlannedDays(this IEndpointRouteBuilder routes)
    {
        var days = routes.MapGroup("/api/planned-days").WithTags("Planned days");
        days.MapGet("/", async (PlannedDayReader reader, CancellationToken cancellation) =>
                TypedResults.Ok(await reader.ReadAsync(cancellation))
            )
            .WithName("listPlannedDays");
        days.MapPut("/{id:guid}", SaveAsync).WithName("savePlannedDay");
        days.MapDelete("/{id:guid}", ForgetAsync).WithName("forgetPlannedDay");
    }

    /// <summary>Saves a day under an id the client made; the same id again changes that day.</summary>
    private static async Task<Results<Ok<SavedDay>, ValidationProblem, ProblemHttpResult>> SaveAsync(
        Guid id,
        PlannedDayBody body,
        PlannedDayReader reader,
        SetAside setAside,
        PlannedDayMemory memory,
        KamuriDb db,
        House house,
        CancellationToken cancellation
    )
    {
        if (body.Plan is null == body.Household is null)
        {
            return Problems.At("plan", PlannedDayErrors.SendAPlanForOneHead);
        }

        var when = body.Plan is { } alone ? alone.When : body.Household!.When;
        var field = body.Plan is null ? "household.when" : "plan.when";
        if (when is null or { HasHour: false })
        {
            return Problems.At(field, PlannedDayErrors.ChooseATimeForALater);
        }

        IReadOnlyList<Guid?> heads = body.Plan is { } plan
            ? [plan.HeadId]
            : [.. (body.Household!.Heads ?? []).Select(head => head?.Plan?.HeadId)];
        if (heads is not [{ } first, ..] || heads.Contains(null))
        {
            return Problems.At(body.Plan is null ? "household.heads" : "plan.headId", PlannedDayErrors.SaveTheHeadBeforeYouSave);
        }

        var there = await db.PlannedDays.FindAsync([id], cancellation);
        if (there is null && await db.PlannedDays.CountAsync(cancellation) >= Most)
        {
            return Problems.Conflict(PlannedDayErrors.ThereAreAlreadyMostPlannedDays($"{Most}"));
        }

        var time = await house.TimeAsync(cancellation);
        var dated = when with { Date = when.Date ?? time.Today };
        var row = new PlannedDayRow
        {
            Id = id,
            HeadId = first,
            Day = dated.Date!.Value,
            PlanJson = body.Plan is null ? "" : WishDocuments.Days.Write(StoredWishes.ToStored(body.Plan with { When = dated })),
            HouseholdJson = body.Household is null
                ? null
                : WishDocuments.HouseholdDays.Write(StoredWishes.ToStored(body.Household with { When = dated })),
            CreatedUtcTicks = there?.CreatedUtcTicks ?? time.Now.UtcTicks,
        };
        var (view, problem, refusal) = await reader.MakeAsync(row, cancellation);
        if (view is null)
        {
            return problem is not null ? problem : refusal!;
        }

        PlannedDayBody? before = null;
        if (there is null)
        {
            db.Add(row);
        }
        else
        {
            // One that cannot be read any more is replaced like any other; there is only nothing to go back to.
            before = setAside.TryRead("planned_days", id, () => PlannedDayReader.Question(there), out var was)
                ? new PlannedDayBody { Plan = was.Plan, Household = was.Household }
                : null;
            db.Entry(there).CurrentValues.SetValues(row);
        }

        await db.SaveChangesAsync(cancellation);
        // It was worked out just now: no list needs to do so again.
        return TypedResults.Ok(new SavedDay(memory.Keep(id, view), before));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> ForgetAsync(Guid id, KamuriDb db, CancellationToken cancellation)
    {
        if (await db.PlannedDays.FindAsync([id], cancellation) is not { } row)
        {
            return Problems.NotFound(PlannedDayErrors.ThisPlannedDayNoLongerExists);
        }

        db.Remove(row);
        await db.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }
}

/// <summary>Plans the days that are meant for later, as things stand now.</summary>
internal sealed class PlannedDayReader(
    KamuriDb db,
    SetAside setAside,
    SolverGate gate,
    PlannedDayMemory memory,
    PlanMaker maker,
    HouseholdPlanMaker households,
    House house,
    CraftFigures figures
)
{
    /// <summary>A page waits no longer than this for days to be planned anew; the rest are shown as they were.</summary>
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(1.5);

    public async Task<IReadOnlyList<PlannedDayView>> ReadAsync(CancellationToken cancellation)
    {
        var views = new List<PlannedDayView>();
        var rows = await db.PlannedDays.AsNoTracking().OrderBy(row => row.Day).ToListAsync(cancellation);
        var watch = Stopwatch.StartNew();
        foreach (var (row, _) in setAside.Read("planned_days", rows, row => row.Id, Question))
        {
            var known = memory.Find(row.Id, out var isFresh);
            views.Add(
                isFresh ? known!
                : gate.IsFree && watch.Elapsed < Patience ? memory.Keep(row.Id, await ViewAsync(row, cancellation))
                : known ?? await ViewAsync(row, cancellation, isBusy: true)
            );
        }

        return [.. views.OrderBy(view => view.Start ?? DateTimeOffset.MaxValue)];
    }

    private async Task<PlannedDayView> ViewAsync(PlannedDayRow row, CancellationToken cancellation, bool isBusy = false)
    {
        var (plan, household) = Question(row);
        var ids = household?.Heads.Select(head => head.Plan.HeadId).ToList() ?? [row.HeadId];
        var there = await db.Heads.AsNoTracking().Where(head => ids.Contains(head.Id)).ToListAsync(cancellation);
        var heads = there.ToDictionary(head => head.Id, head => head.Name);
        PlannedDayView Cannot(bool missed, string trouble, string sentence) =>
            new(
                row.Id,
                Say.List([.. ids.Select(id => heads.GetValueOrDefault(id ?? Guid.Empty, PlannedDayErrors.ADeletedHead))]),
                row.Day,
                plan,
                household,
                missed,
                trouble,
                sentence,
                null,
                [],
                []
            );
        var time = await house.TimeAsync(cancellation);
        if ((plan ?? household!.Heads[0].Plan with { When = household.When }).Wanted(time) is { } wanted && wanted <= time.Now)
        {
            return Cannot(true, "", PlannedDayErrors.ItsTimeHasPassed);
        }

        var saved = DateOnly.FromDateTime(time.Local(new DateTimeOffset(row.CreatedUtcTicks, TimeSpan.Zero)).DateTime);
        var overtaken = string.Join(
            ' ',
            there
                .Where(head => head.LastWash >= saved && head.LastWash <= time.Today && IsTooSoon(head, row.Day))
                .Select(head => PlannedDayErrors.Overtaken(head.Name, Say.Date(head.LastWash!.Value, time.Today)))
        );
        if (isBusy)
        {
            return Cannot(false, "", PlannedDayErrors.KamuriIsWorkingThisDayOut);
        }

        var (view, problem, refusal) = await MakeAsync(row, cancellation);
        return view is not null
            ? view with
            {
                Overtaken = overtaken,
            }
            : Cannot(
                false,
                problem?.ProblemDetails.Errors.Values.SelectMany(each => each).FirstOrDefault()
                    ?? refusal?.ProblemDetails.Detail
                    ?? PlannedDayErrors.ItCanNoLongerBePlanned,
                ""
            );
    }

    /// <summary>Whether a day comes before anybody would wash this head again.</summary>
    private bool IsTooSoon(HeadRow row, DateOnly day)
    {
        var head = row.ToHead();
        return day < row.LastWash!.Value.AddDays((int)Intervals.OfWash(head.Wear.Kind, head.Schools.Rhythm, figures.Rhythm).Earliest);
    }

    /// <summary>The day as it stands now, or why it cannot be planned.</summary>
    public async Task<(PlannedDayView? View, ValidationProblem? Problem, ProblemHttpResult? Refusal)> MakeAsync(
        PlannedDayRow row,
        CancellationToken cancellation
    )
    {
        var (asked, household) = Question(row);
        if (household is not null)
        {
            var (day, problem, refusal) = await households.MakeAsync(household, cancellation);
            return (
                day is null ? null : View([.. day.Heads.Select(head => head.Plan)], HouseholdSentences.Finish(day), day.Start),
                problem,
                refusal
            );
        }
        else
        {
            var (plan, problem, refusal) = await maker.MakeAsync(asked!, cancellation);
            return (plan is null ? null : View([plan], PlanSentences.Finish(plan), plan.Start), problem, refusal);
        }

        PlannedDayView View(IReadOnlyList<Plan> plans, string sentence, DateTimeOffset start) =>
            new(
                row.Id,
                Say.List([.. plans.Select(plan => plan.Request.Head.Name)]),
                row.Day,
                asked,
                household,
                false,
                string.Join(
                    ' ',
                    plans.Select(plan => plan.Findings.FirstOrDefault(finding => finding.Holds)?.Reason).OfType<string>().Distinct()
                ),
                sentence,
                start,
                [
                    .. plans.SelectMany(plan =>
                        plan.Mixtures.Where(mixture => mixture.BeginBy is not null)
                            .Select(mixture => new ToBegin(
                                mixture.Cooking.Mixture.Formula.Name,
                                plan.Request.Head.Name,
                                [.. mixture.Cooking.Ahead!.Steps.Select(step => step.Words)],
                                mixture.BestBegun!.Value,
                                mixture.BeginBy!.Value,
                                mixture.TooLate
                            ))
                    ),
                ],
                [
                    .. plans
                        .Select(plan => new ToTest(
                            plan.Request.Head.Name,
                            [.. plan.Findings.SelectMany(finding => finding.PatchTest).Distinct()]
                        ))
                        .Where(test => test.Ingredients.Count > 0),
                ]
            )
            {
                ToBuy = [.. NeedView.Of(plans, figures).Where(need => need.From == NeedFrom.Buy)],
            };
    }

    /// <summary>What was asked for.</summary>
    /// <exception cref="UnreadableDocumentException">No version wrote it like this.</exception>
    internal static (PlanBody? Plan, HouseholdPlanBody? Household) Question(PlannedDayRow row) =>
        row.HouseholdJson is { } household
            ? (null, WishDocuments.HouseholdDays.Read(household, StoredWishes.ToBody))
            : (WishDocuments.Days.Read(row.PlanJson, StoredWishes.ToBody), null);
}
