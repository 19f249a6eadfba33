using System.Collections.Concurrent;
using Kamuri.Store;

namespace Kamuri.Web.PlannedDays;

/// <summary>
/// Planned days as they were last worked out. A day is worked out anew when anything in the house has changed since, or a while has
/// passed; until then a page shows what is known and never waits for the solver.
/// </summary>
internal sealed class PlannedDayMemory(HouseChanges changes, TimeProvider clock)
{
    private static readonly TimeSpan FreshFor = TimeSpan.FromMinutes(10);

    private readonly ConcurrentDictionary<Guid, (PlannedDayView View, long Change, DateTimeOffset At)> _known = [];

    /// <summary>The day as it was last worked out; null when it never was.</summary>
    public PlannedDayView? Find(Guid id, out bool isFresh)
    {
        var isKnown = _known.TryGetValue(id, out var known);
        isFresh = isKnown && known.Change == changes.Count && clock.GetUtcNow() - known.At < FreshFor;
        return isKnown ? known.View : null;
    }

    public PlannedDayView Keep(Guid id, PlannedDayView view)
    {
        _known[id] = (view, changes.Count, clock.GetUtcNow());
        return view;
    }
}
