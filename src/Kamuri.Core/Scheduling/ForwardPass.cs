using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// The order a schedule settled on, as a graph that can be timed again in one longest-path pass: the links, and one
/// edge between neighbours on each resource.
/// </summary>
public sealed class SettledOrder
{
    private readonly int[] _order;
    private readonly (int From, double Gap)[][] _before;

    private SettledOrder(int[] order, (int, double)[][] before)
    {
        _order = order;
        _before = before;
    }

    /// <summary>Reads the order out of placed jobs. Positions refer to <paramref name="jobs"/>.</summary>
    /// <param name="jobs">Id, planned start and what each uses.</param>
    public static SettledOrder Of(IReadOnlyList<(string Id, double Start, IReadOnlyList<Resource> Uses)> jobs, IReadOnlyList<Link> links)
    {
        var position = jobs.Select((job, at) => (job.Id, at)).ToDictionary(pair => pair.Id, pair => pair.at);
        var before = jobs.Select(_ => new List<(int, double)>()).ToArray();
        foreach (var link in links)
        {
            before[position[link.To]].Add((position[link.From], link.LeastGap));
        }

        var order = Enumerable.Range(0, jobs.Count).OrderBy(at => jobs[at].Start).ThenBy(at => at).ToArray();
        foreach (var resource in Enum.GetValues<Resource>())
        {
            var users = order.Where(at => jobs[at].Uses.Contains(resource)).ToList();
            for (var n = 1; n < users.Count; n++)
            {
                before[users[n]].Add((users[n - 1], 0));
            }
        }

        return new SettledOrder(order, [.. before.Select(list => list.ToArray())]);
    }

    /// <summary>Times every job: as early as everything before it allows.</summary>
    /// <param name="durations">Minutes by position.</param>
    /// <param name="starts">Receives start minutes by position.</param>
    /// <param name="notBefore">Earliest start by position; null for zero everywhere.</param>
    /// <param name="pinned">Positions whose start is exactly <paramref name="notBefore"/>, because it has happened.</param>
    /// <returns>The last end.</returns>
    public double Time(
        ReadOnlySpan<double> durations, Span<double> starts, ReadOnlySpan<double> notBefore = default, ReadOnlySpan<bool> pinned = default)
    {
        var last = 0.0;
        foreach (var at in _order)
        {
            var start = notBefore.IsEmpty ? 0 : notBefore[at];
            foreach (var (from, gap) in pinned.IsEmpty || !pinned[at] ? _before[at] : [])
            {
                start = Math.Max(start, starts[from] + durations[from] + gap);
            }

            starts[at] = start;
            last = Math.Max(last, start + durations[at]);
        }

        return last;
    }
}
