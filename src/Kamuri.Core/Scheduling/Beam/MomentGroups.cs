namespace Kamuri.Core.Scheduling.Beam;

/// <summary>When a job begins or ends: so many minutes behind the first moment of its group.</summary>
/// <param name="Group">Number of the group.</param>
/// <param name="Minutes">0 or more.</param>
internal readonly record struct Moment(int Group, int Minutes);

/// <summary>
/// The beginnings and ends of all jobs, those together that lie equally far apart in every day: the two of a job that always takes as
/// long, and those of jobs that follow one another after a fixed time. Between groups so many minutes lie at least; a most is a least
/// the other way round.
/// </summary>
internal sealed class MomentGroups
{
    private readonly List<(int To, int Minutes)>[] _fixed;
    private readonly Moment[] _moments;

    /// <param name="problem">What is to be placed.</param>
    /// <param name="number">The number of each job.</param>
    public MomentGroups(SchedulingProblem problem, IReadOnlyDictionary<string, int> number)
    {
        var count = 2 * problem.Jobs.Count;
        var spans = problem
            .Jobs.Select(job =>
                (From: 2 * number[job.Id], To: (2 * number[job.Id]) + 1, Least: problem.Least(job), Most: (int?)job.Longest)
            )
            .Concat(
                problem.Links.Select(link =>
                    (From: (2 * number[link.From]) + 1, To: 2 * number[link.To], Least: link.LeastGap, Most: link.MostGap)
                )
            )
            .ToList();
        (_fixed, _moments) = ([.. Enumerable.Range(0, count).Select(_ => new List<(int, int)>())], new Moment[count]);
        foreach (var (from, to, least, _) in spans.Where(span => span.Least == span.Most))
        {
            _fixed[from].Add((to, least));
            _fixed[to].Add((from, -least));
        }

        var soonest = Soonest(count, spans);
        Count = PutTogether(Enumerable.Range(0, count).OrderBy(moment => soonest[moment]));
        Begins = [.. Enumerable.Range(0, count / 2).Select(job => _moments[2 * job])];
        Ends = [.. Enumerable.Range(0, count / 2).Select(job => _moments[(2 * job) + 1])];
        var behind = Enumerable.Range(0, Count).Select(_ => new SortedDictionary<int, int>()).ToArray();
        foreach (var (from, to, least, most) in spans)
        {
            Follows(behind, _moments[from], _moments[to], least);
            if (most is { } longest)
            {
                Follows(behind, _moments[to], _moments[from], -longest);
            }
        }

        Behind = [.. behind.Select(each => each.Select(pair => (pair.Key, pair.Value)).ToArray())];
    }

    /// <summary>How many there are.</summary>
    public int Count { get; }

    /// <summary>When each job begins.</summary>
    public Moment[] Begins { get; }

    /// <summary>When each job ends.</summary>
    public Moment[] Ends { get; }

    /// <summary>
    /// From each group to those that lie so many minutes behind it at least. To itself only where the problem contradicts itself.
    /// </summary>
    public (int To, int Minutes)[][] Behind { get; }

    /// <summary>How soon each moment may be, for all that comes before it: nothing comes behind itself.</summary>
    private static int[] Soonest(int count, List<(int From, int To, int Least, int? Most)> spans)
    {
        var soonest = new int[count];
        var isMoved = true;
        while (isMoved)
        {
            isMoved = false;
            foreach (var (from, to, least, _) in spans.Where(span => soonest[span.From] + span.Least > soonest[span.To]))
            {
                (soonest[to], isMoved) = (soonest[from] + least, true);
            }
        }

        return soonest;
    }

    /// <summary>Numbers the groups, in the order of their first moments.</summary>
    private int PutTogether(IEnumerable<int> moments)
    {
        var (groups, seen) = (0, new bool[_moments.Length]);
        foreach (var first in moments)
        {
            if (seen[first])
            {
                continue;
            }

            var (found, open) = (new List<(int Moment, int Minutes)>(), new Queue<(int Moment, int Minutes)>([(first, 0)]));
            seen[first] = true;
            while (open.TryDequeue(out var each))
            {
                found.Add(each);
                foreach (var (to, minutes) in _fixed[each.Moment].Where(next => !seen[next.To]))
                {
                    seen[to] = true;
                    open.Enqueue((to, each.Minutes + minutes));
                }
            }

            var least = found.Min(each => each.Minutes);
            found.ForEach(each => _moments[each.Moment] = new Moment(groups, each.Minutes - least));
            groups++;
        }

        return groups;
    }

    private static void Follows(SortedDictionary<int, int>[] behind, Moment from, Moment to, int least)
    {
        var minutes = from.Minutes + least - to.Minutes;
        if (from.Group != to.Group || minutes > 0)
        {
            behind[from.Group][to.Group] = Math.Max(minutes, behind[from.Group].GetValueOrDefault(to.Group, int.MinValue));
        }
    }
}
