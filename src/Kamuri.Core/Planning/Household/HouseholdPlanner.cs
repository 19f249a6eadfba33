using Kamuri.Core.Figures;
using Kamuri.Core.Observing;
using Kamuri.Core.Scheduling;

namespace Kamuri.Core.Planning.Household;

/// <summary>
/// Plans a day with several heads: each is composed and timed for itself, and all of them are placed together. Pure: the same
/// request gives the same plan.
/// </summary>
public sealed class HouseholdPlanner(IScheduler scheduler)
{
    /// <summary>Minutes that hands are away in a night at least.</summary>
    private const int Night = 240;

    /// <summary>Minutes by which a day may become longer at most so that nine days in ten are in time; a choice of this product.</summary>
    private const int MostForSpare = 120;

    /// <summary>Makes the plan.</summary>
    /// <exception cref="UnplaceableException">Nobody may do something that has to be done, or the house lacks what it needs.</exception>
    public HouseholdPlan Make(HouseholdRequest request, CraftFigures figures)
    {
        var day = HouseholdDay.Of(request, figures);
        if (day.Lacking() is { } lacking)
        {
            throw new UnplaceableException(lacking);
        }

        var (beyond, effort) = (new List<string>(), Effort.Usual);
        var problem = day.Whole();
        var schedule = Drafted();
        if (schedule is null)
        {
            // Warm mixtures of several heads on one stove: better a little stood than no plan at all.
            day = HouseholdDay.Of(request, figures, strictlyWarm: false);
            problem = day.Whole();
            schedule = Drafted();
        }

        if (schedule is null)
        {
            // Somebody is not there long enough: better to say so and show how long it would take than to show nothing.
            beyond.AddRange(day.NotLongEnough());
            problem = day.Whole(mayStayUp: true);
            schedule = Drafted() ?? throw new UnplaceableException(HouseholdWords.TheseHeadsCannotBeFittedAround);
        }

        double? least = null;
        if (schedule.IsDraft && !problem.MayBeginLater)
        {
            // What ends soonest of a full day hardly suits hours that heads have of their own, and is late for one that all have.
            Take(day.Problem(mayStayUp: beyond.Count > 0, inTime: true));
        }
        else if (schedule.IsDraft && day.Late(schedule))
        {
            Take(problem);
        }

        if (!problem.MayBeginLater && day.Heads.All(head => head.Wanted is null) && IsParted(schedule, problem))
        {
            BeginBehind();
        }

        if (!problem.MayBeginLater && day.Late(schedule))
        {
            if (!problem.MayShorten)
            {
                Take(day.Problem(mayStayUp: beyond.Count > 0, inTime: true));
            }
        }
        else if (day.Heads.Any(head => head.Wanted is not null))
        {
            Spare(FinishForecast.Of(schedule, problem, figures.HandsOn));
        }

        if (schedule.IsDraft)
        {
            Take(problem with { DraftAfter = null });
        }

        if (problem is { MayBeginLater: true, MayShorten: true } && day.Late(schedule))
        {
            if (problem.HasOneHour)
            {
                SpareOthers(FinishForecast.Of(schedule, problem, figures.HandsOn));
            }
            else
            {
                Take(problem with { IsEndKnown = true });
            }
        }

        var forecast = FinishForecast.Of(schedule, problem, figures.HandsOn, FinishForecast.Fine);
        return Placed(day, problem, schedule, forecast, beyond, figures) with { LeastLate = Least(schedule, problem, least) };

        // All questions about one plan together take what one plan may.
        Schedule? Solve(SchedulingProblem asked)
        {
            var found = scheduler.Solve(asked with { Effort = effort });
            effort = Math.Max(0, effort - (found?.Spent ?? 0));
            return found;
        }

        // When it begins is open too where hours count, and those may have to be earlier ones: a draft tells by how much. And where it
        // is not open, the day that ends soonest is only something to begin from, unless it is over by the one hour of all.
        Schedule? Drafted() =>
            Solve(
                problem with
                {
                    DraftAfter =
                        problem.MayBeginLater || (!request.HasOneHour && day.Heads.Any(head => head.Wanted is not null)) ? 0
                        : problem.MayShorten ? null
                        : day.Hour,
                }
            );

        // Begin so that nine days in ten are in time, as far as there is time. Whoever is late anyway is no reason to.
        void Spare(FinishForecast likely)
        {
            var slack = day.Slack(likely);
            if (
                problem.MayBeginLater
                && !(problem.HasOneHour && day.Late(schedule))
                && slack < 0
                && day.InTime(schedule) is { Count: > 0 } inTime
            )
            {
                // A draft tells whether that can be had, so that only one of the two is worked out.
                Take(
                    day.Problem(mayStayUp: beyond.Count > 0, margin: Margin(likely, inTime)) with
                    {
                        DraftAfter = schedule.IsDraft ? 0 : null,
                    },
                    MostForSpare
                );
            }
            else if (!problem.MayBeginLater && slack >= 0 && request.When.ReadyBy is not null)
            {
                // Nobody and nothing is ever away, so all of it can lie later as it is; but who says when to start means it.
                day.BeginLater(slack.Value);
            }
        }

        // Whoever is late for the hour of all ends as it is, and those who are in time begin so that nine days in ten are.
        void SpareOthers(FinishForecast likely)
        {
            var inTime = day.InTime(schedule);
            if (inTime.Count > 0)
            {
                Take(day.Problem(mayStayUp: beyond.Count > 0, margin: Margin(likely, inTime)) with { IsEndKnown = true }, MostForSpare);
            }
        }

        // Minutes by which those who are in time have to be sooner for that.
        Func<string, double> Margin(FinishForecast likely, IReadOnlySet<string> inTime) =>
            head => inTime.Contains(head) ? likely.Strands[head].NineInTenMinutes - schedule.EndOf(head) : 0;

        void Take(SchedulingProblem better, int longer = int.MaxValue)
        {
            // Minutes to spare for one head are no reason for another to be late, nor for anybody to go without a break.
            if (
                Solve(better with { Known = schedule }) is { } found
                && found.Minutes - schedule.Minutes <= longer
                && (Breaks.Missing(found, problem), Worth.Late(found, problem)).CompareTo(
                    (Breaks.Missing(schedule, problem), Worth.Late(schedule, problem))
                ) <= 0
            )
            {
                least = Least(schedule, problem, least);
                (schedule, problem) = (found, better);
            }
        }

        // What is only wanted behind a night need not be begun before it, as long as nothing is over later for that.
        void BeginBehind()
        {
            var open = problem with { MayBeginLater = true };
            if (
                Solve(open with { Known = schedule }) is { } found
                && found.Span <= schedule.Span
                && found.Minutes < schedule.Minutes
                && Breaks.Missing(found, problem) <= Breaks.Missing(schedule, problem)
            )
            {
                (schedule, problem) = (
                    found with
                    {
                        Proven = schedule.Proven,
                        MayBeCloser = schedule.MayBeCloser,
                        LowerBound = schedule.LowerBound,
                    },
                    open
                );
            }
        }

        // The day may have been placed towards earlier hours than were asked for, so that slow days are in time too.
        double? Least(Schedule proven, SchedulingProblem of, double? known) =>
            proven.LeastLate is { } minutes ? Math.Max(known ?? 0, minutes - day.Earlier(of)) : known;
    }

    /// <summary>
    /// Whether a day may be over by everybody's hour. False is certain, and known in a fraction of the time a plan takes; true may mean
    /// that it was not ruled out.
    /// </summary>
    public bool MayBeInTime(HouseholdRequest request, CraftFigures figures)
    {
        // Without what makes a plan harder and can be let go: mixtures may stand, and breaks are not counted.
        var day = HouseholdDay.Of(request, figures, strictlyWarm: false);
        return day.Lacking() is null && scheduler.MayBeInTime(day.Problem(inTime: true));
    }

    /// <summary>Whether a day lies before and behind a time in which hands are away for as long as a night.</summary>
    private static bool IsParted(Schedule schedule, SchedulingProblem problem) =>
        problem.Absences.Any(away =>
            away.To - away.From >= Night
            && problem.Pairs.Any(pair => pair.Id == away.Who)
            && away.From > schedule.Placements[0].Start
            && away.To < schedule.Span
        );

    private static HouseholdPlan Placed(
        HouseholdDay day,
        SchedulingProblem problem,
        Schedule schedule,
        FinishForecast forecast,
        List<string> beyond,
        CraftFigures figures
    )
    {
        var request = day.Request;
        DateTimeOffset At(double minutes) => request.When.Wall(day.Zero.AddMinutes(minutes));
        var placed = schedule.Placements.ToDictionary(placement => placement.Job.Id);
        var tasks = day
            .Drafts.Select(drafted => Task(drafted, placed[drafted.Job.Id], day, problem))
            .OrderBy(task => task.Start)
            .ThenBy(task => task.End)
            .ToList();
        var heads = day
            .Heads.Select(head =>
            {
                var own = tasks.Where(task => task.Id.StartsWith($"{head.Key}/", StringComparison.Ordinal)).ToList();
                var finish = forecast.Strands[head.Key];
                return new HeadPlan(
                    head.Key,
                    Own(head, own, At, schedule, figures),
                    At(finish.LikelyMinutes),
                    At(finish.NineInTenMinutes),
                    head.Wanted,
                    head.Wanted is { } wanted ? finish.ChanceBy((wanted - day.Zero).TotalMinutes) : null
                );
            })
            .ToList();
        return new HouseholdPlan(
            request,
            heads,
            tasks,
            [.. day.Links, .. schedule.Gaps],
            tasks.Min(task => task.Start),
            tasks.Max(task => task.End),
            At(schedule.LowerBound),
            schedule.Proven,
            At(forecast.LikelyMinutes),
            At(Math.Ceiling(forecast.NineInTenMinutes)),
            [.. Rests(tasks, figures)],
            HouseholdSentences.Bottleneck(day, tasks, forecast),
            beyond
        )
        {
            MinutesShortened = schedule.Shortened,
            IsGentle = schedule.IsGentle,
            MayBeCloser = schedule.MayBeCloser,
            StartsInTheNight =
                day.Heads.Any(head => head.Wanted is not null)
                && tasks.Min(task => task.Start) is var begins
                && begins > request.When.Now.AddMinutes(1)
                && figures.Night.IsNight(begins),
            NightWork = NightWork.Of(tasks, figures.Night),
            NotThere =
            [
                .. problem.Absences.Select(each => new NotThere(
                    each.Who,
                    null,
                    At(each.From),
                    each.To == Absence.ForGood ? null : At(each.To)
                )
                {
                    IsAsleep = each.IsAsleep,
                }),
                .. problem.Closures.Select(each => new NotThere(null, each.Resource, At(each.From), At(each.To)) { Left = each.Left }),
            ],
            WithoutRest =
            [
                .. Breaks
                    .TooLong(schedule, problem)
                    .Select(each => (day.Heads.FirstOrDefault(head => head.Key == each.Who)?.Request.Head.Name ?? each.Who, each.Minutes)),
            ],
            InOneGo =
            [
                .. Breaks
                    .InOneGo(schedule, problem)
                    .Select(work => (work, longest: work.MaxBy(each => each.Minutes)!))
                    .Where(each => each.longest.Job.With is not null)
                    .Select(each =>
                        (
                            day.Drafts.First(drafted => drafted.Job.Id == each.longest.Job.Id).Title,
                            day.Heads.First(head => head.Key == each.longest.Job.With).Request.Head.Name,
                            each.work[^1].End - each.work[0].Start
                        )
                    ),
            ],
        };
    }

    /// <summary>The plan of one head as if it were alone, at the times it has among the others.</summary>
    private static Plan Own(
        HouseholdDay.HeadDraft head,
        List<PlannedTask> tasks,
        Func<double, DateTimeOffset> at,
        Schedule schedule,
        CraftFigures figures
    )
    {
        var (draft, request) = (head.Draft, head.Request);
        var on = tasks.Where(task => task.StepId is not null).ToList();
        var (start, end) = (tasks.Min(task => task.Start), on.Max(task => task.End));
        var over = head.Wanted is { } wanted ? Math.Max(0, (end - wanted).TotalMinutes) : 0;
        var shortened = schedule
            .Placements.Where(placement =>
                placement.Minutes < placement.Job.Usual && placement.Job.Id.StartsWith($"{head.Key}/", StringComparison.Ordinal)
            )
            .Select(placement => tasks.First(task => task.Id == placement.Job.Id).Title)
            .ToList();
        return new Plan(
            request,
            draft.Size,
            draft.Tangle,
            draft.Sections,
            ShedHair.Told(
                [.. draft.Timings.Select(timing => Planner.Step(request, timing, draft.Amounts, on))],
                request.Head,
                request.Today,
                figures
            ),
            tasks,
            [.. draft.Jobs.Links.Select(link => HouseholdDay.Keyed(head.Key, link))],
            draft.Composition.Findings,
            draft.Composition.Refused,
            draft.Composition.LeftOut,
            draft.Composition.MendAll,
            start,
            end,
            end,
            at(0),
            schedule.Proven,
            new Fit(head.Wanted, over, shortened, [])
        )
        {
            Mixtures =
            [
                .. draft
                    .Timings.Select(timing => timing.Step.Step)
                    .Where(step => draft.Jobs.Cookings.ContainsKey(step.Id))
                    .Select(step => PlannedMixture.Of(step, draft.Jobs.Cookings[step.Id], tasks, request.When, head.Key)),
            ],
        };
    }

    private static PlannedTask Task(Drafted drafted, Placement placement, HouseholdDay day, SchedulingProblem problem) =>
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
            day.Request.When.Wall(day.Zero.AddMinutes(placement.Start)),
            day.Request.When.Wall(day.Zero.AddMinutes(placement.End))
        )
        {
            Also = drafted.Also,
            Words = drafted.Words,
            Cools = drafted.Cools,
            IsHarmlessAfter = drafted.IsHarmlessAfter,
            By = placement.By,
            NotBefore = problem.HeldBackBySleep(placement) ? day.Zero.AddMinutes(placement.Start) : null,
            HeadId = day.Heads.First(head => drafted.Job.Id.StartsWith($"{head.Key}/", StringComparison.Ordinal)).Request.Head.Id,
            IsOvernight = day.IsNight(drafted.Job.Id),
        };

    /// <summary>Pauses of hands that are long enough to be one, between the first thing they do and the last.</summary>
    private static IEnumerable<HandsRest> Rests(List<PlannedTask> tasks, CraftFigures figures)
    {
        foreach (var own in tasks.Where(task => task is { IsHandsOn: true, By: not null }).GroupBy(task => task.By!))
        {
            PlannedTask? before = null;
            foreach (var task in own.OrderBy(task => task.Start))
            {
                if (before is not null && (task.Start - before.End).TotalMinutes >= figures.Breaks.BreakMinutes)
                {
                    yield return new HandsRest(own.Key, before.End, task.Start);
                }

                before = task;
            }
        }
    }
}
