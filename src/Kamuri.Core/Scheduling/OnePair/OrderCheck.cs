namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>
/// Whether an order of hands holds: whether all that has to follow something soon can, and what is taken is free by then, when nothing is left
/// out of account but who and what is not there. A moment keeps less than that (<see cref="HandsMoment"/>), so a few orders seem good that do not hold.
/// </summary>
internal sealed class OrderCheck
{
    private readonly Dictionary<string, int> _numbers;
    private readonly List<(int From, int To, int Minutes)> _apart = [];
    private readonly Rest? _rest;

    public OrderCheck(SchedulingProblem problem, Rest? rest)
    {
        _rest = rest;
        _numbers = problem.Jobs.Select((job, number) => (job.Id, number)).ToDictionary(pair => pair.Id, pair => pair.number);
        foreach (var job in problem.Jobs)
        {
            _apart.Add((Start(job.Id), End(job.Id), problem.Least(job)));
            _apart.Add((End(job.Id), Start(job.Id), -job.Longest));
        }

        foreach (var link in problem.Links)
        {
            _apart.Add((End(link.From), Start(link.To), link.LeastGap));
            if (link.MostGap is { } most)
            {
                _apart.Add((Start(link.To), End(link.From), -most));
            }
        }

        Least = Times([])?.Max() ?? 0;
    }

    /// <summary>
    /// No day is over before, in whatever order: hair that dries while nobody works on it any more. An order of hands knows nothing of what no work
    /// comes before or behind, and may be over sooner.
    /// </summary>
    public int Least { get; }

    /// <summary>Whether there are times that keep every least and every most there is between two things, and end when the order says.</summary>
    public bool Holds(HandsOrder order)
    {
        List<(int From, int To, int Minutes)> apart =
        [
            .. order.Jobs.Zip(order.Jobs.Skip(1), (one, other) => (End(one.Step.Job.Id), Start(other.Step.Job.Id), other.AfterBreak ? _rest!.Minutes : 0)),
            .. _rest is null ? [] : order.Stretches().Select(stretch => (End(stretch.Last.Job.Id), Start(stretch.First.Job.Id), -_rest.GoesOn)),
            .. Taken(order),
        ];
        return Times(apart)?.Max() <= Math.Max(order.Ends, Least);
    }

    /// <summary>The soonest times that keep what is certain and what else is said; null where there are none.</summary>
    private int[]? Times(List<(int From, int To, int Minutes)> also)
    {
        (int From, int To, int Minutes)[] apart = [.. also, .. _apart];
        var times = new int[2 * _numbers.Count];
        // What still moves after as many rounds as there are moments moves for ever.
        for (var round = 0; round <= times.Length; round++)
        {
            var moved = false;
            foreach (var (from, to, minutes) in apart)
            {
                if (times[from] + minutes > times[to])
                {
                    (times[to], moved) = (times[from] + minutes, true);
                }
            }

            if (!moved)
            {
                return times;
            }
        }

        return null;
    }

    /// <summary>A thing is taken until the wait that took it is over, however long that is held.</summary>
    private IEnumerable<(int From, int To, int Minutes)> Taken(HandsOrder order)
    {
        var takers = new Dictionary<int, string>();
        foreach (var step in order.Jobs.Select(each => each.Step))
        {
            foreach (var thing in step.Needs.Where(takers.ContainsKey))
            {
                yield return (End(takers[thing]), Start(step.Job.Id), 0);
            }

            if (step is { Takes.Target: var taken, Taking.Id: var wait })
            {
                if (takers.TryGetValue(taken, out var before))
                {
                    yield return (End(before), Start(wait), 0);
                }

                takers[taken] = wait;
            }
        }
    }

    private int Start(string job) => 2 * _numbers[job];

    private int End(string job) => Start(job) + 1;
}
