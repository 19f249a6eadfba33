using System.Linq.Expressions;
using Kamuri.Core.Learning;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Running;
using Kamuri.Core.Steps;
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

/// <summary>Which days of the record somebody wants to see.</summary>
/// <param name="Head">Of this head alone; null for all.</param>
/// <param name="Treatment">Days on which this was really done; null for all.</param>
/// <param name="From">Begun at this moment or later; null for all.</param>
/// <param name="Before">Begun before this moment; null for the newest.</param>
internal sealed record DayFilter(Guid? Head, Treatment? Treatment, DateTimeOffset? From, DateTimeOffset? Before);

/// <summary>Sessions as they are summed up in columns; no event is read for any of this.</summary>
internal sealed class SessionRecord(KamuriDb db, SetAside setAside)
{
    public const int UsualPage = 60;
    public const int LargestPage = 200;

    /// <summary>Sessions summed up for each of their heads, newest first.</summary>
    /// <param name="days">Which of them.</param>
    /// <param name="take">How many at most.</param>
    /// <param name="cancellation">Gives up.</param>
    public async Task<IReadOnlyList<(Guid Id, SessionSummary Summary)>> ListAsync(DayFilter days, int take, CancellationToken cancellation)
    {
        var rows = db.SessionSummaries.AsNoTracking();
        rows = days.Head is { } head ? rows.Where(row => row.HeadId == head) : rows;
        rows = days.From is { } from ? rows.Where(row => row.StartedUtcTicks >= from.UtcTicks) : rows;
        rows = days.Before is { } before ? rows.Where(row => row.StartedUtcTicks < before.UtcTicks) : rows;
        if (days.Treatment is { } treatment)
        {
            var word = $" {treatment} ";
            rows = rows.Where(row => (" " + row.Treatments + " ").Contains(word));
        }

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

    /// <summary>Every day of a head, newest first.</summary>
    public async Task<IReadOnlyList<RecordedDay>> DaysAsync(Guid head, CancellationToken cancellation) =>
        await db
            .SessionSummaries.Where(row => row.HeadId == head)
            .OrderByDescending(row => row.StartedUtcTicks)
            .Select(Recorded)
            .ToListAsync(cancellation);

    /// <summary>
    /// Of every head the newest day of each kind: what is open, what was last finished, and when each treatment was last done. Years of
    /// days come to a few rows.
    /// </summary>
    public async Task<ILookup<Guid, RecordedDay>> NewestDaysAsync(CancellationToken cancellation)
    {
        var newest = await db
            .SessionSummaries.GroupBy(row => new
            {
                row.HeadId,
                row.Treatments,
                row.Status,
                IsFinished = row.FinishedUtcTicks != null,
            })
            .Select(days => days.OrderByDescending(row => row.StartedUtcTicks).AsQueryable().Select(Recorded).First())
            .ToListAsync(cancellation);
        return newest.OrderByDescending(day => day.StartedUtcTicks).ToLookup(day => day.HeadId);
    }

    private static readonly Expression<Func<SessionSummaryRow, RecordedDay>> Recorded = row => new RecordedDay(
        row.HeadId,
        row.SessionId,
        row.Aim,
        row.Style,
        row.Status,
        row.StartedUtcTicks,
        row.FinishedUtcTicks,
        row.Treatments,
        row.Detangled
    );

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
