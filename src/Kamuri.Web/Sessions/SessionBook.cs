using System.Collections.Concurrent;
using Kamuri.Core.Learning;
using Kamuri.Core.Running;
using Kamuri.Store.Sessions;

namespace Kamuri.Web.Sessions;

/// <summary>
/// All sessions summed up, newest first. A finished session never changes again, so it is summed up once and remembered;
/// what is remembered is small, while the plan and events it came from are let go.
/// </summary>
internal sealed class SessionBook(ISessionLog log)
{
    private readonly ConcurrentDictionary<Guid, SessionSummary> _finished = [];

    public async Task<IReadOnlyList<(Guid Id, SessionSummary Summary)>> ReadAsync(CancellationToken cancellation)
    {
        var book = new List<(Guid, SessionSummary)>();
        foreach (var id in await log.IdsAsync(cancellation))
        {
            if (!_finished.TryGetValue(id, out var summary))
            {
                var session = (await log.FindAsync(id, cancellation))!;
                summary = LookBack.Sum(session.Plan, SessionFold.Fold(session.Plan, session.Events));
                if (summary.Status == SessionStatus.Finished)
                {
                    _finished[id] = summary;
                }
            }

            book.Add((id, summary));
        }

        return book;
    }
}
