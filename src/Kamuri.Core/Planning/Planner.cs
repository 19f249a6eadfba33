using Kamuri.Core.Cautions;
using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Observing;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Planning;

/// <summary>
/// Plans a wash day: compose, time, schedule, place on the clock. Pure: the same request gives the same plan.
/// </summary>
public sealed class Planner(IScheduler scheduler)
{
    /// <summary>Makes the plan.</summary>
    /// <exception cref="UnplaceableException">The household lacks something every plan needs, such as hands.</exception>
    public Plan Make(PlanRequest asked, CraftFigures figures)
    {
        var request = Larder.Fill(asked, figures);
        var when = request.When;
        var draft = Draft(request, figures);
        if (TrySolve(draft, request, null) is not { } schedule)
        {
            // Two warm mixtures at once with one stove: better a little stood than no plan at all.
            draft = Draft(request, figures, strictlyWarm: false);
            schedule = Solve(draft, request, null);
        }

        var forecast = FinishForecast.Of(schedule, Problem(draft, request, null), figures.HandsOn);

        // Start so that nine days in ten are ready, and never before now.
        var slow = Math.Ceiling(Math.Max(schedule.Span, forecast.NineInTenMinutes));
        var start = Later(when.Now, when.ReadyBy?.AddMinutes(-slow) ?? when.StartAt ?? when.Now);
        if (draft.Jobs.Night is { } night)
        {
            var placement = schedule.Placements.First(each => each.Job.Id == night);
            var choice = NightSplit.Choose(when, start, placement, slow - placement.End, figures.Night);
            draft.Jobs.Fix(night, choice.Minutes);
            (start, schedule) = (choice.Start, Solve(draft, request, null));
            forecast = FinishForecast.Of(schedule, Problem(draft, request, null), figures.HandsOn);
        }

        if (when.ReadyBy is { } readyBy && start.AddMinutes(schedule.Span) > readyBy)
        {
            // Waits are shortened only when even the likely finish would be late.
            schedule = Solve(draft, request, Math.Max(0, (int)Math.Floor((readyBy - start).TotalMinutes)));
            forecast = FinishForecast.Of(schedule, Problem(draft, request, null), figures.HandsOn);
        }

        var end = start.AddMinutes(schedule.Span);
        var over = when.ReadyBy is { } wanted ? Math.Max(0, (end - wanted).TotalMinutes) : 0;
        var placed = schedule.Placements.ToDictionary(placement => placement.Job.Id);
        var tasks = draft
            .Jobs.Drafts.Select(drafted => Task(drafted, placed[drafted.Job.Id], start, draft.Jobs.Night, when))
            .OrderBy(task => task.Start)
            .ThenBy(task => task.End)
            .ToList();
        return new Plan(
            request,
            draft.Size,
            draft.Tangle,
            draft.Sections,
            ShedHair.Told(
                [.. draft.Timings.Select(timing => Step(request, timing, draft.Amounts, tasks))],
                request.Head,
                request.Today,
                figures
            ),
            tasks,
            draft.Jobs.Links,
            draft.Composition.Findings,
            draft.Composition.Refused,
            draft.Composition.LeftOut,
            draft.Composition.MendAll,
            when.Wall(start),
            when.Wall(end),
            when.Wall(start.AddMinutes(Math.Max(schedule.Span, Math.Ceiling(forecast.NineInTenMinutes)))),
            when.Wall(start.AddMinutes(schedule.LowerBound)),
            schedule.Proven,
            new Fit(when.ReadyBy, over, Shortened(draft, schedule), over > 0 ? Spare(request, schedule, draft, figures) : [])
        )
        {
            StartsInTheNight = when.ReadyBy is not null && start > when.Now && figures.Night.IsNight(when.Wall(start)),
            NightWork = NightWork.Of(tasks, figures.Night),
            Mixtures =
            [
                .. draft
                    .Timings.Select(timing => timing.Step.Step)
                    .Where(step => draft.Jobs.Cookings.ContainsKey(step.Id))
                    .Select(step => PlannedMixture.Of(step, draft.Jobs.Cookings[step.Id], tasks, when)),
            ],
        };
    }

    internal sealed record Drafting(
        Composition Composition,
        HeadSize Size,
        double Tangle,
        IReadOnlyList<Section> Sections,
        IReadOnlyList<StepTiming> Timings,
        IReadOnlyDictionary<string, Amount> Amounts,
        JobBuilder Jobs
    );

    internal static Drafting Draft(PlanRequest request, CraftFigures figures, bool strictlyWarm = true, bool isTrial = false)
    {
        var composition = Composer.Compose(request, figures, withFixes: !isTrial);
        var size = HeadSize.Of(request.Head, figures.Head);
        var tangle = Tangle.Of(request.Head, request.Today, figures.HandsOn);
        var sections = request.Sections ?? Sectioning.CountFor(request.Head, tangle, figures.HandsOn);
        var timings = Timings.Of(request, composition.Walk, size, sections, figures);
        var amounts = composition
            .Walk.Select(walked => walked.Step)
            .Where(step => step.OnForMinutes is null)
            .Select(step => (step.Id, amount: FilmModel.For(step.Kind.Puts, step.Places, size, figures, step.AmountFactor, request.Hand)))
            .Where(pair => pair.amount is not null)
            .ToDictionary(pair => pair.Id, pair => pair.amount!);
        return new Drafting(
            composition,
            size,
            tangle,
            Sectioning.Lay(sections),
            timings,
            amounts,
            JobBuilder.Build(request, timings, amounts, figures, strictlyWarm)
        );
    }

    private Schedule Solve(Drafting draft, PlanRequest request, int? deadline) =>
        TrySolve(draft, request, deadline) ?? throw new UnplaceableException(Lacking(draft, Capacity(request)));

    private Schedule? TrySolve(Drafting draft, PlanRequest request, int? deadline) => scheduler.Solve(Problem(draft, request, deadline));

    private static SchedulingProblem Problem(Drafting draft, PlanRequest request, int? deadline) =>
        new([.. draft.Jobs.Drafts.Select(drafted => drafted.Job)], draft.Jobs.Links, Capacity(request), deadline);

    internal static Dictionary<Resource, int> Capacity(PlanRequest request) =>
        Enum.GetValues<Resource>().ToDictionary(resource => resource, request.Equipment.Count);

    private static string Lacking(Drafting draft, Dictionary<Resource, int> capacity)
    {
        var lacking = draft
            .Jobs.Drafts.SelectMany(drafted => drafted.Job.Uses)
            .Distinct()
            .Where(resource => capacity[resource] == 0)
            .Select(EquipmentNames.Of)
            .ToList();
        return lacking.Count > 0 ? PlanWords.ThisPlanNeedsSomethingTheHousehold(Say.List(lacking)) : PlanWords.TheseStepsCannotBePutIn;
    }

    /// <summary>
    /// Steps the day can do without, each tried: the plan without it must have no stop that was not there before, and be
    /// shorter. What it saves is timed with the order kept, so a new plan may save more but never less.
    /// </summary>
    private static List<Sparing> Spare(PlanRequest request, Schedule schedule, Drafting draft, CraftFigures figures)
    {
        var sparings = new List<Sparing>();
        var starts = schedule.Placements.ToDictionary(placement => placement.Job.Id, placement => (double)placement.Start);
        var stops = draft.Composition.Findings.Count(finding => finding.Holds);
        foreach (var walked in draft.Composition.Walk.Where(walked => walked.Step.Kind.CanBeSpared))
        {
            PlanEdit[] edits = [new DropStep(walked.Step.Id)];
            var without = Draft(request with { Edits = [.. request.Edits, .. edits] }, figures, isTrial: true);
            if (without.Composition.Findings.Count(finding => finding.Holds) > stops)
            {
                continue;
            }

            var jobs = without.Jobs.Drafts.Select(drafted => drafted.Job).ToList();
            var order = SettledOrder.Of([.. jobs.Select(job => (job.Id, starts.GetValueOrDefault(job.Id), job.Uses))], without.Jobs.Links);
            var saved = schedule.Span - order.Time([.. jobs.Select(job => (double)job.Shortest)], new double[jobs.Count]);
            if (saved >= 1)
            {
                sparings.Add(new Sparing(walked.Step.Id, walked.Step.Kind.Name, saved, edits));
            }
        }

        return [.. sparings.OrderByDescending(sparing => sparing.MinutesSaved)];
    }

    private static List<string> Shortened(Drafting draft, Schedule schedule) =>
        [
            .. schedule
                .Placements.Where(placement => placement.Minutes < placement.Job.Usual)
                .Select(placement => draft.Jobs.Drafts.First(drafted => drafted.Job.Id == placement.Job.Id))
                .Select(drafted => drafted.Title),
        ];

    private static PlannedTask Task(Drafted drafted, Placement placement, DateTimeOffset start, string? night, When when) =>
        new(
            drafted.Job.Id,
            drafted.StepId,
            drafted.Job.Strand,
            drafted.Title,
            drafted.Job.IsHandsOn,
            drafted.Sections,
            drafted.Window,
            drafted.AfterLatest,
            drafted.Job.Uses,
            drafted.Substance,
            when.Wall(start.AddMinutes(placement.Start)),
            when.Wall(start.AddMinutes(placement.End))
        )
        {
            Also = drafted.Also,
            Words = drafted.Words,
            Cools = drafted.Cools,
            IsHarmlessAfter = drafted.IsHarmlessAfter,
            IsOvernight = drafted.Job.Id == night,
        };

    internal static PlannedStep Step(
        PlanRequest request,
        StepTiming timing,
        IReadOnlyDictionary<string, Amount> amounts,
        List<PlannedTask> tasks
    )
    {
        var step = timing.Step.Step;
        var own = tasks.Where(task => task.IsOf(step.Id)).ToList();
        return new PlannedStep(
            step,
            timing.Step.Before,
            timing.Step.After,
            timing.HandsOnWorking,
            timing.HandsOnMinutes,
            timing.Wait,
            amounts.GetValueOrDefault(step.Id),
            CautionList.For(step, request.Head, request.UseOf(step)),
            own.Min(task => task.Start),
            own.Max(task => task.End)
        );
    }

    private static DateTimeOffset Later(DateTimeOffset a, DateTimeOffset b) => a > b ? a : b;
}

/// <summary>A plan cannot be placed with what the household has; the message says what is missing.</summary>
public sealed class UnplaceableException(string message) : Exception(message);
