using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Learning;
using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Running;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Store;
using Kamuri.Store.Sessions;
using Kamuri.Web.Household;
using Kamuri.Web.HouseholdPlans;
using Kamuri.Web.Kitchen;
using Kamuri.Web.Plans;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Kamuri.Web.Sessions;

/// <summary>The live run and the record of past ones.</summary>
internal static class SessionEndpoints
{
    public static void MapSessions(this IEndpointRouteBuilder routes)
    {
        var sessions = routes.MapGroup("/api/sessions").WithTags("Sessions");
        sessions.MapGet("/", ListAsync).WithName("listSessions");
        sessions.MapPost("/", StartAsync).WithName("startSession");
        sessions.MapGet("/{id:guid}", GetAsync).WithName("getSession");
        sessions.MapPost("/{id:guid}/events", PressAsync).WithName("pressInSession");
        sessions.MapPut("/{id:guid}/clock", RunClockAsync).WithName("runSessionClock");
        sessions.MapPost("/{id:guid}/reopen", ReopenAsync).WithName("reopenSession");
        sessions.MapGet("/{id:guid}/better-order", BetterOrderAsync).WithName("findBetterOrder");
        sessions.MapGet("/{id:guid}/review", ReviewAsync).WithName("reviewSession");
        sessions.MapGet("/{id:guid}/stream", StreamAsync).WithName("watchSession").ExcludeFromDescription();
    }

    private static async Task<Results<Created<SessionView>, ValidationProblem, ProblemHttpResult>> StartAsync(
        StartBody body,
        PlanMaker maker,
        HouseholdPlanMaker households,
        LiveSessions sessions,
        KamuriDb db,
        House house,
        CancellationToken cancellation
    )
    {
        if (body.Plan is null == body.Household is null)
        {
            return Problems.At("plan", SessionErrors.SendAPlanForOneHead);
        }

        if (!SessionClock.Speeds.Contains(body.Speed))
        {
            return Problems.At("speed", SessionErrors.ChooseASpeedOfSpeeds(string.Join(", ", SessionClock.Speeds)));
        }

        var (plan, stop, problem, refusal) = body.Plan is { } alone
            ? Ready(await maker.MakeAsync(alone, cancellation))
            : Ready(await households.MakeAsync(body.Household!, cancellation));
        if (plan is null)
        {
            return problem is not null ? problem : refusal!;
        }

        if (stop is not null)
        {
            return Problems.Conflict(SessionErrors.ThisPlanCannotStartYetStop(stop));
        }

        if (body.Plan is { HeadId: null })
        {
            return Problems.At("plan.headId", SessionErrors.SaveTheHeadBeforeYouBegin);
        }

        if (body.Household?.Heads.ToList().FindIndex(head => head.Plan.HeadId is null) is >= 0 and var at)
        {
            return Problems.At($"household.heads[{at}].plan.headId", SessionErrors.SaveTheHeadsBeforeYouBegin);
        }

        if (plan.Tasks.Count == 0)
        {
            return Problems.Conflict(SessionErrors.ThisPlanHasNoSteps);
        }

        var (session, running) = await sessions.BeginAsync(plan, body.Rehearsal, body.Speed, cancellation);
        if (session is null)
        {
            return StillIn(running!);
        }

        if (!body.Rehearsal && body.PlannedDayId is { } id && await db.PlannedDays.FindAsync([id], cancellation) is { } planned)
        {
            db.Remove(planned);
            await db.SaveChangesAsync(cancellation);
        }

        return TypedResults.Created($"/api/sessions/{session.Id}", SessionView.Of(session, await house.TimeAsync(cancellation)));
    }

    private static (SessionPlan? Plan, string? Stop, ValidationProblem? Problem, ProblemHttpResult? Refusal) Ready(
        (Plan? Plan, ValidationProblem? Problem, ProblemHttpResult? Refusal) made
    ) =>
        (
            made.Plan is { } plan ? SessionPlan.From(plan) : null,
            made.Plan?.Findings.FirstOrDefault(finding => finding.Holds)?.Reason,
            made.Problem,
            made.Refusal
        );

    private static (SessionPlan? Plan, string? Stop, ValidationProblem? Problem, ProblemHttpResult? Refusal) Ready(
        (HouseholdPlan? Plan, ValidationProblem? Problem, ProblemHttpResult? Refusal) made
    ) =>
        (
            made.Plan is { } plan ? SessionPlan.From(plan) : null,
            made.Plan?.Heads.Select(head =>
                    head.Plan.Findings.FirstOrDefault(finding => finding.Holds) is { } finding
                        ? SessionErrors.HeadReason(head.Plan.Request.Head.Name, finding.Reason)
                        : null
                )
                .FirstOrDefault(stop => stop is not null),
            made.Problem,
            made.Refusal
        );

    private static async Task<Results<Ok<SessionView>, ProblemHttpResult>> GetAsync(
        Guid id,
        LiveSessions sessions,
        House house,
        CancellationToken cancellation
    )
    {
        if (await sessions.FindAsync(id, cancellation) is not { } session)
        {
            return NotHere();
        }

        await session.PlayOnAsync(cancellation);
        return TypedResults.Ok(SessionView.Of(session, await house.TimeAsync(cancellation)));
    }

    /// <summary>Answers only when the event is on the disk. The same id again is harmless.</summary>
    private static async Task<Results<Ok<SessionView>, ValidationProblem, ProblemHttpResult>> PressAsync(
        Guid id,
        EventBody body,
        LiveSessions sessions,
        MishapAdviser adviser,
        IScheduler scheduler,
        CraftFigures figures,
        LeftOvers leftOvers,
        House house,
        CancellationToken cancellation
    )
    {
        if (await sessions.FindAsync(id, cancellation) is not { } session)
        {
            return NotHere();
        }

        var (happened, missing) = body.ToEvent(session.Clock.Now);
        if (body is { Kind: EventKind.Mishap, Mishap: { } mishap, Way: not null } && Enum.IsDefined(mishap) && !session.Knows(body.Id))
        {
            if (session.Plan.FindHead(body.Head ?? session.Plan.Heads[0].Key) is not { } head)
            {
                return Problems.At("head", SessionErrors.ThisSessionHasNoHeadHead(body.Head ?? ""));
            }

            happened = await adviser.HandledAsync(session, body, mishap, head, cancellation);
            if (happened is null)
            {
                return Problems.Conflict(SessionErrors.ThatIsNoLongerPossibleAsk);
            }
        }

        if (body.Kind == EventKind.OrderChanged && !session.Knows(body.Id))
        {
            var now = session.Clock.Now;
            if (BetterOrder.Of(session.Plan, session.State, now, scheduler, figures.Breaks) is not { } better)
            {
                return Problems.Conflict(SessionErrors.TheOrderIsAlreadyAsGood);
            }

            happened = new OrderChanged(body.Id, now, better.Order, better.Gaps);
        }

        if (session.Knows(body.Id))
        {
            return TypedResults.Ok(SessionView.Of(session, await house.TimeAsync(cancellation)));
        }

        if (happened is null)
        {
            return Problems.At(missing!, SessionErrors.ThisKindOfEventNeedsMissing(missing!));
        }

        if (await session.TakeAsync(happened, cancellation, body.GoesOn) is { } refusal)
        {
            return Problems.From(refusal);
        }

        if (happened is SessionFinished && !session.IsRehearsal)
        {
            await leftOvers.KeepAsync(session, cancellation);
        }

        return TypedResults.Ok(SessionView.Of(session, await house.TimeAsync(cancellation)));
    }

    private static async Task<Results<Ok<SessionView>, ValidationProblem, ProblemHttpResult>> RunClockAsync(
        Guid id,
        ClockBody body,
        LiveSessions sessions,
        House house,
        CancellationToken cancellation
    )
    {
        if (await sessions.FindAsync(id, cancellation) is not { } session)
        {
            return NotHere();
        }

        if (!session.Clock.CanChange)
        {
            return Problems.Conflict(SessionErrors.OnlyARehearsalCanRunFaster);
        }

        if (!SessionClock.Speeds.Contains(body.Speed))
        {
            return Problems.At("speed", SessionErrors.ChooseASpeedOfSpeeds(string.Join(", ", SessionClock.Speeds)));
        }

        session.Run(body.Speed);
        session.Play(body.Plays ?? session.IsPlaying);
        return TypedResults.Ok(SessionView.Of(session, await house.TimeAsync(cancellation)));
    }

    private static async Task<Results<Ok<IReadOnlyList<SessionLine>>, ValidationProblem>> ListAsync(
        SessionRecord record,
        House house,
        CancellationToken cancellation,
        Guid? head = null,
        string? treatment = null,
        DateOnly? month = null,
        DateTimeOffset? before = null,
        int take = SessionRecord.UsualPage
    )
    {
        if (take is < 1 or > SessionRecord.LargestPage)
        {
            return Problems.At("take", SessionErrors.AskFor1ToLargestPageDays($"{SessionRecord.LargestPage}"));
        }

        var isKnown = Enum.TryParse<Treatment>(treatment, ignoreCase: true, out var done) && Enum.IsDefined(done);
        if (treatment is not null && (!isKnown || int.TryParse(treatment, out _)))
        {
            return Problems.At("treatment", SessionErrors.KamuriDoesNotKnowThisTreatment);
        }

        var time = await house.TimeAsync(cancellation);
        var (from, to) = month is { } day
            ? (time.At(First(day), TimeOnly.MinValue), time.At(First(day).AddMonths(1), TimeOnly.MinValue))
            : ((DateTimeOffset?)null, (DateTimeOffset?)null);
        var days = new DayFilter(head, treatment is null ? null : done, from, before < to || to is null ? before : to);
        return TypedResults.Ok<IReadOnlyList<SessionLine>>([
            .. (await record.ListAsync(days, take, cancellation)).Select(entry => SessionLine.Of(entry.Id, entry.Summary, time)),
        ]);
    }

    private static DateOnly First(DateOnly day) => new(day.Year, day.Month, 1);

    /// <summary>A finished session goes on: its end is taken back, and it is paused from then until somebody goes on.</summary>
    private static async Task<Results<Ok<SessionView>, ProblemHttpResult>> ReopenAsync(
        Guid id,
        LiveSessions sessions,
        ISessionLog log,
        LeftOvers leftOvers,
        House house,
        CancellationToken cancellation
    )
    {
        if (await sessions.FindAsync(id, cancellation) is not { } session)
        {
            return NotHere();
        }

        if (
            session.State is not { Status: SessionStatus.Finished, FinishedAt: { } finished }
            || session.State.Undoable.LastOrDefault() is not SessionFinished end
        )
        {
            return Problems.Conflict(SessionErrors.ThisDayIsNotFinished);
        }

        if (await log.RunningAsync([.. session.Plan.Heads.Select(head => head.HeadId)], id, cancellation) is { } running)
        {
            return StillIn(running);
        }

        var refused = await session.TakeAsync(new EventUndone(Guid.CreateVersion7(), session.Clock.Now, end.Id), cancellation)
            ?? await session.TakeAsync(new SessionPaused(Guid.CreateVersion7(), finished), cancellation);
        if (refused is not null)
        {
            return Problems.From(refused);
        }

        await leftOvers.TakeBackAsync(session, cancellation);
        return TypedResults.Ok(SessionView.Of(session, await house.TimeAsync(cancellation)));
    }

    private static ProblemHttpResult StillIn(StillRunning running) =>
        TypedResults.Problem(
            SessionErrors.HeadNameIsStillInADay(running.HeadName),
            statusCode: StatusCodes.Status409Conflict,
            extensions: new Dictionary<string, object?> { ["session"] = running.Session }
        );

    private static async Task<Results<Ok<SessionReviewView>, ProblemHttpResult>> ReviewAsync(
        Guid id,
        ISessionLog log,
        House house,
        CancellationToken cancellation
    )
    {
        if (await log.FindAsync(id, cancellation) is not { } session)
        {
            return NotHere();
        }

        var time = await house.TimeAsync(cancellation);
        var state = SessionFold.Fold(session.Plan, session.Events);
        var review = LookBack.On(session.Plan, state);
        return TypedResults.Ok(
            new SessionReviewView(
                session.Plan.Names,
                [.. LookBack.Sum(session.Plan, state).Select(summary => SessionLine.Of(id, summary, time))],
                time.Local(state.StartedAt ?? session.Plan.PlannedStart),
                time.Local(state.FinishedAt),
                review.PlannedMinutes,
                review.ActualMinutes,
                review.HandsOnMinutes,
                review.Sentence,
                state.ClosingNote,
                [.. review.Tasks.Select(task => task with { Start = time.Local(task.Start), End = time.Local(task.End) })],
                [.. state.Notes.Select(note => note with { At = time.Local(note.At) })]
            )
            {
                Keys = [.. session.Plan.Heads.Select(head => head.Key)],
            }
        );
    }

    /// <summary>Another order that is over at least five minutes sooner; nothing when there is none.</summary>
    private static async Task<Results<Ok<BetterOrderView>, NoContent, ProblemHttpResult>> BetterOrderAsync(
        Guid id,
        LiveSessions sessions,
        SolverGate gate,
        IScheduler scheduler,
        CraftFigures figures,
        House house,
        CancellationToken cancellation
    )
    {
        if (await sessions.FindAsync(id, cancellation) is not { } session)
        {
            return NotHere();
        }

        var time = await house.TimeAsync(cancellation);
        var now = time.Local(session.Clock.Now);
        if (
            session.State.Status != SessionStatus.Running
            || await gate.RunAsync(() => BetterOrder.Of(session.Plan, session.State, now, scheduler, figures.Breaks), cancellation)
                is not { } found
        )
        {
            return TypedResults.NoContent();
        }

        var better = found with { EndsAt = time.Local(found.EndsAt) };
        return TypedResults.Ok(
            new BetterOrderView(better.GainMinutes, better.EndsAt, better.Sentence(session.Plan.With(session.State), now))
        );
    }

    /// <summary>Sends the session at once, at every change, and every few seconds so that projections stay true.</summary>
    private static async Task<IResult> StreamAsync(
        Guid id,
        LiveSessions sessions,
        House house,
        IHostApplicationLifetime lifetime,
        CancellationToken cancellation
    ) =>
        await sessions.FindAsync(id, cancellation) is { } session
            ? TypedResults.ServerSentEvents(WatchAsync(session, house, lifetime.ApplicationStopping, cancellation))
            : NotHere();

    private static async IAsyncEnumerable<SseItem<SessionView>> WatchAsync(
        LiveSession session,
        House house,
        CancellationToken stopping,
        [EnumeratorCancellation] CancellationToken cancellation
    )
    {
        using var either = CancellationTokenSource.CreateLinkedTokenSource(stopping, cancellation);
        while (!either.IsCancellationRequested)
        {
            await session.PlayOnAsync(either.Token);
            var changed = session.Changed;
            yield return new SseItem<SessionView>(SessionView.Of(session, await house.TimeAsync(CancellationToken.None)), "session");
            var tick = session.Clock.Speed > 1 || session.IsPlaying ? TimeSpan.FromSeconds(1) : TimeSpan.FromSeconds(5);
            await Task.WhenAny(changed, Task.Delay(tick, either.Token));
        }
    }

    private static ProblemHttpResult NotHere() => Problems.NotFound(SessionErrors.ThisSessionDoesNotExist);
}
