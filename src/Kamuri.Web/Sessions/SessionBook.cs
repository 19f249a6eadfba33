using System.Collections.Concurrent;
using Kamuri.Core.Learning;
using Kamuri.Core.Running;
using Kamuri.Store.Sessions;

namespace Kamuri.Web.Sessions;

/// <summary>
/// All sessions summed up for each of their heads, newest first. A finished session never changes again, so it is summed up once and remembered;
/// what is remembered is small, while the plan and events it came from are let go.
/// </summary>
internal sealed class SessionBook(ISessionLog log)
{
    private readonly ConcurrentDictionary<Guid, IReadOnlyList<SessionSummary>> _finished = [];

    public async Task<IReadOnlyList<(Guid Id, SessionSummary Summary)>> ReadAsync(CancellationToken cancellation)
    {
        var book = new List<(Guid, SessionSummary)>();
        foreach (var id in await log.IdsAsync(cancellation))
        {
            if (!_finished.TryGetValue(id, out var summaries))
            {
                var session = (await log.FindAsync(id, cancellation))!;
                summaries = LookBack.Sum(session.Plan, SessionFold.Fold(session.Plan, session.Events));
                if (summaries[0].Status == SessionStatus.Finished)
                {
                    _finished[id] = summaries;
                }
            }

            book.AddRange(summaries.Select(summary => (id, summary)));
        }

        return book;
    }
}
