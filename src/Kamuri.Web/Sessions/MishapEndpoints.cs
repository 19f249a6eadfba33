using Kamuri.Core.Figures;
using Kamuri.Core.Running;
using Kamuri.Core.Running.Mishaps;
using Kamuri.Core.Shelf;
using Kamuri.Store;
using Kamuri.Web.Household;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Sessions;

/// <summary>One way to go on, as shown.</summary>
/// <param name="EndsAt">When all of it will be over that way.</param>
public sealed record WayView(string Id, string Label, IReadOnlyList<string> Sentences, DateTimeOffset EndsAt)
{
    /// <summary>When the hair will be put up, for a way that stops; null for one that goes on.</summary>
    public DateTimeOffset? PutUpAt { get; init; }
}

/// <summary>What to do about something that went wrong, as shown.</summary>
/// <param name="Now">What to do first.</param>
/// <param name="MustBeDone">What has to be done before anybody stops.</param>
public sealed record AdviceView(
    Mishap Mishap,
    string Head,
    string HeadName,
    IReadOnlyList<string> Now,
    IReadOnlyList<string> MustBeDone,
    IReadOnlyList<WayView> Ways,
    IReadOnlyList<string> Reactions
);

/// <summary>Advice for what goes wrong in a run.</summary>
internal static class MishapEndpoints
{
    public static void MapMishaps(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/sessions/{id:guid}/mishaps/{mishap}", AdviseAsync).WithName("adviseOnMishap").WithTags("Sessions");
        routes.MapGet("/api/sessions/{id:guid}/surprise", SurpriseAsync).WithName("surprise").WithTags("Sessions");
    }

    /// <summary>Something that goes wrong in a rehearsal, on request; nothing when nothing can.</summary>
    private static async Task<Results<Ok<Surprise>, NoContent, ProblemHttpResult>> SurpriseAsync(
        Guid id,
        LiveSessions sessions,
        MishapAdviser adviser,
        CancellationToken cancellation
    )
    {
        if (await sessions.FindAsync(id, cancellation) is not { } session)
        {
            return Problems.NotFound(SessionErrors.ThisSessionDoesNotExist);
        }

        if (!session.IsRehearsal)
        {
            return Problems.Conflict(SessionErrors.OnlyARehearsalCanBeMade);
        }

        return await adviser.SurpriseAsync(session, cancellation) is { } surprise ? TypedResults.Ok(surprise) : TypedResults.NoContent();
    }

    private static async Task<Results<Ok<AdviceView>, ValidationProblem, ProblemHttpResult>> AdviseAsync(
        Guid id,
        string mishap,
        LiveSessions sessions,
        MishapAdviser adviser,
        House house,
        CancellationToken cancellation,
        string? head = null
    )
    {
        if (await sessions.FindAsync(id, cancellation) is not { } session)
        {
            return Problems.NotFound(SessionErrors.ThisSessionDoesNotExist);
        }

        if (!Enum.TryParse<Mishap>(mishap, ignoreCase: true, out var known) || !Enum.IsDefined(known) || int.TryParse(mishap, out _))
        {
            return Problems.NotFound(SessionErrors.KamuriDoesNotKnowThisKind);
        }

        if (session.Plan.FindHead(head ?? session.Plan.Heads[0].Key) is not { } asked)
        {
            return Problems.At("head", SessionErrors.ThisSessionHasNoHeadHead(head ?? ""));
        }

        var advice = await adviser.ForAsync(session, known, asked, cancellation);
        var time = await house.TimeAsync(cancellation);
        return TypedResults.Ok(
            new AdviceView(
                known,
                asked.Key,
                asked.Name,
                advice.Now,
                advice.MustBeDone,
                [
                    .. advice.Ways.Select(way => new WayView(way.Id, way.Label, way.Sentences, time.Local(way.EndsAt))
                    {
                        PutUpAt = time.Local(way.PutUpAt),
                    }),
                ],
                advice.Reactions
            )
        );
    }
}

/// <summary>Asks the core for advice, with what is on the shelf.</summary>
internal sealed class MishapAdviser(KamuriDb db, House house, CraftFigures figures)
{
    public async Task<Advice> ForAsync(LiveSession session, Mishap mishap, SessionHead head, CancellationToken cancellation)
    {
        var (local, around) = await AroundAsync(session, cancellation);
        return MishapAdvice.For(session.Plan, session.State, local, mishap, head, around);
    }

    public async Task<Surprise?> SurpriseAsync(LiveSession session, CancellationToken cancellation)
    {
        var (local, around) = await AroundAsync(session, cancellation);
        return Surprise.At(session.Plan, session.State, local, around);
    }

    private async Task<(DateTimeOffset Now, MishapSurroundings Around)> AroundAsync(LiveSession session, CancellationToken cancellation)
    {
        var products = await db
            .Products.AsNoTracking()
            .Where(row => !row.Archived && row.LeftMillilitres != 0)
            .OrderBy(row => row.Name)
            .Select(row => new
            {
                row.Id,
                row.Name,
                row.Role,
            })
            .ToListAsync(cancellation);
        var time = await house.TimeAsync(cancellation);
        var local = time.Local(session.Clock.Now);
        var bedtime = time.At(DateOnly.FromDateTime(local.DateTime), figures.Night.Bed);
        return (
            local,
            new MishapSurroundings(
                figures.Mishaps,
                step =>
                    SessionPlan.KindOf(step.Id)?.Puts is { } puts
                        ?
                        [
                            .. products
                                .Where(product =>
                                    ProductRoles.ServeAs(product.Role).Contains(puts)
                                    && !session.Plan.Takings.Any(taking => taking.StepId == step.Id && taking.ProductId == product.Id)
                                )
                                .Select(product => product.Name)
                                .Take(3),
                        ]
                        : [],
                bedtime
            )
            {
                Wall = time.Local,
            }
        );
    }

    /// <summary>The event for a way that was chosen; null when there is no such way now.</summary>
    public async Task<MishapHandled?> HandledAsync(
        LiveSession session,
        EventBody body,
        Mishap mishap,
        SessionHead head,
        CancellationToken cancellation
    )
    {
        var advice = await ForAsync(session, mishap, head, cancellation);
        return advice.Ways.FirstOrDefault(way => way.Id == body.Way) is { } way
            ? new MishapHandled(
                body.Id,
                body.At ?? session.Clock.Now,
                head.Key,
                mishap,
                way.Label,
                way.Changes,
                advice.Remember,
                advice.Reactions
            )
            : null;
    }
}
