using Kamuri.Core.Figures;
using Kamuri.Core.Heads.Portrait;
using Kamuri.Core.Planning;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Running;
using Kamuri.Store;
using Kamuri.Store.Documents;
using Kamuri.Store.Sessions;
using Kamuri.Web.Household;
using Kamuri.Web.Kitchen;
using Kamuri.Web.PatchTests;
using Kamuri.Web.Safety;
using Kamuri.Web.Sessions;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Kamuri.Web.Heads;

/// <summary>A head as it is read, a sentence each.</summary>
/// <param name="Today">How it is kept, and what lies on it.</param>
/// <param name="Due">When the next wash is due, and treatments that are due by their own rhythm.</param>
/// <param name="Suits">What this kind of hair likes.</param>
/// <param name="Never">What must never touch it; empty when nothing is known.</param>
/// <param name="Likes">The sides it takes where practitioners disagree.</param>
/// <param name="Learned">What the record taught.</param>
public sealed record PortraitView(
    IReadOnlyList<string> Today,
    IReadOnlyList<string> Due,
    IReadOnlyList<string> Suits,
    IReadOnlyList<string> Never,
    IReadOnlyList<string> Likes,
    IReadOnlyList<string> Learned
);

/// <summary>Reads a head with everything the record knows of it.</summary>
internal static class PortraitEndpoint
{
    public static void MapPortrait(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/heads/{id:guid}/portrait", ReadAsync).WithName("getPortrait").WithTags("Heads");

    private static async Task<Results<Ok<PortraitView>, ProblemHttpResult>> ReadAsync(
        Guid id,
        KamuriDb db,
        SessionRecord record,
        ISessionLog log,
        KitchenReader kitchens,
        SkinRecord skin,
        House house,
        CraftFigures figures,
        CancellationToken cancellation
    )
    {
        if (await db.Heads.FindAsync([id], cancellation) is not { } row)
        {
            return Problems.NotFound(HeadErrors.ThisHeadDoesNotExist);
        }

        var (head, time) = (row.ToHead(), await house.TimeAsync(cancellation));
        var days = await record.DaysAsync(id, cancellation);
        return TypedResults.Ok(
            new PortraitView(
                HeadPortrait.Today(head, await LeftAsync(days, id, log, time, cancellation), time.Today),
                [
                    WashRhythm.DueFor(head, time.Today, figures.Rhythm).Sentence,
                    .. WashRhythm.Upkeep(head, time.Today, figures.Rhythm),
                    .. DueTreatments
                        .For(SessionRecord.HistoryOf(days, time), head.Wear.Kind, time.Today, figures.Rhythm)
                        .Select(PlanSentences.Of),
                ],
                HeadPortrait.Suits(head),
                HeadPortrait.Never(head, await skin.ReactedAsync(id, cancellation)),
                HeadPortrait.Likes(head),
                HeadPortrait.Learned(await kitchens.HandAsync(id, cancellation))
            )
        );
    }

    /// <summary>What lay on it when its last day ended: a day that cannot be read says nothing.</summary>
    private static async Task<LastLeft?> LeftAsync(
        IReadOnlyList<RecordedDay> days,
        Guid head,
        ISessionLog log,
        HouseTime time,
        CancellationToken cancellation
    )
    {
        if (days.FirstOrDefault(day => day.FinishedUtcTicks is not null) is not { } last)
        {
            return null;
        }

        RecordedSession? session;
        try
        {
            session = await log.FindAsync(last.Session, cancellation);
        }
        catch (UnreadableDocumentException)
        {
            return null;
        }

        if (session is null)
        {
            return null;
        }

        var state = SessionFold.Fold(session.Plan, session.Events);
        var finished = time.Local(new DateTimeOffset(last.FinishedUtcTicks!.Value, TimeSpan.Zero));
        return new LastLeft(
            DateOnly.FromDateTime(finished.DateTime),
            session.Plan.With(state).LeftOn(head, state),
            session.Plan.HangOf(head, state)
        );
    }
}
