using Kamuri.Core.Learning;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Running;
using Kamuri.Store;
using Kamuri.Store.Sessions;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Sessions;

/// <summary>A day of one head as lists need it.</summary>
internal sealed record RecordedDay(
    Guid HeadId,
    Guid Session,
    string Aim,
    string Style,
    SessionStatus Status,
    long StartedUtcTicks,
    long? FinishedUtcTicks,
    string Treatments,
    bool Detangled
);

/// <summary>Sessions as they are summed up in columns; no event is read for any of this.</summary>
internal sealed class SessionRecord(KamuriDb db, SetAside setAside)
{
    public const int UsualPage = 60;
    public const int LargestPage = 200;

    /// <summary>Sessions summed up for each of their heads, newest first.</summary>
    /// <param name="head">Of this head alone; null for all.</param>
    /// <param name="before">Begun before this moment, so that pages follow each other; null for the newest.</param>
    /// <param name="take">How many at most.</param>
    /// <param name="cancellation">Gives up.</param>
    public async Task<IReadOnlyList<(Guid Id, SessionSummary Summary)>> ListAsync(
        Guid? head,
        DateTimeOffset? before,
        int take,
        CancellationToken cancellation
    )
    {
        var rows = db.SessionSummaries.AsNoTracking();
        rows = head is { } one ? rows.Where(row => row.HeadId == one) : rows;
        rows = before is { } moment ? rows.Where(row => row.StartedUtcTicks < moment.UtcTicks) : rows;
        var page = await rows.OrderByDescending(row => row.StartedUtcTicks)
            .ThenBy(row => row.SessionId)
            .ThenBy(row => row.Key)
            .Take(take)
            .ToListAsync(cancellation);
        if (page.Count == take)
        {
            // A day of several heads is not cut in two: the next page begins with another moment.
            var (last, ids) = (page[^1].StartedUtcTicks, page.Select(row => (row.SessionId, row.Key)).ToHashSet());
            page.AddRange(
                (
                    await rows.Where(row => row.StartedUtcTicks == last)
                        .OrderBy(row => row.SessionId)
                        .ThenBy(row => row.Key)
                        .ToListAsync(cancellation)
                ).Where(row => !ids.Contains((row.SessionId, row.Key)))
            );
        }

        return
        [
            .. setAside
                .Read("session_summaries", page, row => SessionErrors.SessionIdKey($"{row.SessionId}", row.Key), row => row.ToSummary())
                .Select(each => (each.Row.SessionId, each.Read)),
        ];
    }

    /// <summary>Every day of these heads, newest first; of all heads when none are named.</summary>
    public async Task<ILookup<Guid, RecordedDay>> DaysAsync(Guid? head, CancellationToken cancellation)
    {
        var rows = head is { } one ? db.SessionSummaries.Where(row => row.HeadId == one) : db.SessionSummaries;
        return (
            await rows.AsNoTracking()
                .OrderByDescending(row => row.StartedUtcTicks)
                .Select(row => new RecordedDay(
                    row.HeadId,
                    row.SessionId,
                    row.Aim,
                    row.Style,
                    row.Status,
                    row.StartedUtcTicks,
                    row.FinishedUtcTicks,
                    row.Treatments,
                    row.Detangled
                ))
                .ToListAsync(cancellation)
        ).ToLookup(day => day.HeadId);
    }

    /// <summary>When what was last done, from days that are finished.</summary>
    public static History HistoryOf(IEnumerable<RecordedDay> days, HouseTime time) =>
        History.From(
            days.Where(day => day.FinishedUtcTicks is not null)
                .Select(day =>
                    (
                        DateOnly.FromDateTime(time.Local(new DateTimeOffset(day.FinishedUtcTicks!.Value, TimeSpan.Zero)).DateTime),
                        SessionSummaryRow.Done(day.Treatments),
                        day.Detangled
                    )
                )
        );
}
