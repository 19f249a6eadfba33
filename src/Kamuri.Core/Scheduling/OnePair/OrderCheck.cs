using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>
/// When a day in an order of hands is over, with nothing left out of account but that others may have some of several things: whether
/// all that has to follow something soon can, what is taken is free by then, and everybody is there. A moment keeps less than that
/// (<see cref="HandsMoment"/>), so some orders seem good that do not hold.
/// </summary>
internal sealed class OrderCheck
{
    /// <summary>Rounds after which what still moves is taken to move for ever.</summary>
    private const int MostRounds = 40;

    private readonly Dictionary<string, int> _numbers;
    private readonly Rest? _rest;

    /// <summary>What is at least so many minutes behind the beginning, or the end, of each job.</summary>
    private readonly (int To, int Minutes)[][] _behind;

    /// <summary>Minutes each job takes at least.</summary>
    private readonly int[] _least;

    /// <summary>When somebody, or something, that each job needs is not there.</summary>
    private readonly (int From, int To)[][] _away;

    /// <summary>
    /// Each job for hands with what works by itself behind it, before the next; what comes first is what nobody has begun.
    /// </summary>
    private readonly int[] _byItself;
    private readonly Dictionary<string, int[]> _following;

    /// <summary>All of those, each behind what it has to wait for.</summary>
    private readonly int[] _inOrder;

    /// <summary>When all is over at the latest.</summary>
    private readonly int _latest;

    /// <param name="problem">What is to be placed.</param>
    /// <param name="rest">How long hands go on, and how long they rest; null for without breaks.</param>
    /// <param name="latest">Minutes that no day worth having lasts.</param>
    public OrderCheck(SchedulingProblem problem, Rest? rest, int latest)
    {
        (_rest, _latest) = (rest, latest);
        _numbers = problem.Jobs.Select((job, number) => (job.Id, number)).ToDictionary(pair => pair.Id, pair => pair.number);
        List<(int From, int To, int Minutes)> apart =
        [
            .. problem.Jobs.SelectMany(OfItself),
            .. problem.Links.SelectMany(link => Apart(link.From, link.To, link.LeastGap, link.MostGap)),
        ];
        var behind = apart.ToLookup(each => each.From, each => (each.To, each.Minutes));
        _least = [.. problem.Jobs.Select(problem.Least)];
        _behind = [.. Enumerable.Range(0, 2 * _numbers.Count).Select(from => behind[from].ToArray())];
        _away =
        [
            .. problem.Jobs.Select(job =>
                problem
                    .Absences.Where(each => job.IsHandsOn && (each.Who == job.With || each.Who == problem.Pairs[0].Id))
                    .Select(each => (each.From, each.To))
                    .Concat(
                        problem
                            .Closures.Where(each => each.IsOfAll && job.Uses.Contains(each.Resource))
                            .Select(each => (each.From, each.To))
                    )
                    .Order()
                    .ToArray()
            ),
        ];
        var (links, byItself) = (
            problem.Links.ToLookup(link => link.From, link => link.To),
            problem.Jobs.Where(job => !job.IsHandsOn).Select(job => job.Id).ToHashSet()
        );
        _following = problem
            .Jobs.Where(job => job.IsHandsOn)
            .ToDictionary(job => job.Id, job => Following(job.Id).Select(id => _numbers[id]).Prepend(_numbers[job.Id]).ToArray());
        _byItself = [.. byItself.Select(id => _numbers[id]).Except(_following.Values.SelectMany(jobs => jobs))];
        var behindWhich = problem.Links.ToLookup(link => link.To, link => link.From);
        _inOrder =
        [
            .. problem
                .Jobs.SelectMany(job => Before(job.Id))
                .Distinct()
                .Where(_following.ContainsKey)
                .SelectMany(id => _following[id])
                .Distinct(),
        ];
        Least = Times([.. problem.Jobs.Select(job => _numbers[job.Id])], [], latest)?.Max() ?? 0;

        IEnumerable<(int From, int To, int Minutes)> OfItself(Job job) =>
            [(Start(job.Id), End(job.Id), problem.Least(job)), (End(job.Id), Start(job.Id), -job.Longest)];

        IEnumerable<string> Before(string to) => behindWhich[to].SelectMany(Before).Append(to);

        IEnumerable<string> Following(string from) =>
            links[from].Where(byItself.Contains).SelectMany(to => Following(to).Prepend(to)).Distinct();
    }

    /// <summary>
    /// No day is over before, in whatever order: hair that dries while nobody works on it any more. An order of hands knows nothing of
    /// what no work comes before or behind, and may be over sooner.
    /// </summary>
    public int Least { get; }

    /// <summary>Whether somebody or something is not there at some time between two minutes.</summary>
    public bool IsAnyAway(int from, int to) => Array.Exists(_away, times => Array.Exists(times, each => each.From < to && each.To > from));

    /// <summary>
    /// The order with the minute it is over; null where it cannot be. Not before that of the order, which may know of what is not said
    /// here.
    /// </summary>
    /// <param name="order">All of a day, or its beginning: of what comes behind that, the order is open.</param>
    /// <param name="before">It is over before so many minutes, or is none.</param>
    public HandsOrder? Held(HandsOrder order, int before)
    {
        List<(int From, int To, int Minutes)> apart =
        [
            .. order.Apart(_rest).SelectMany(each => Apart(each.From.Job.Id, each.To.Job.Id, each.Least, each.Most)),
            .. Taken(order),
        ];
        int[] done = [.. order.Jobs.SelectMany(each => _following[each.Step.Job.Id])];
        int[] jobs = [.. _byItself, .. done, .. _inOrder.Except(done)];
        return Times(jobs, apart, Math.Max(Math.Min(before, _latest + 1), Least + 1))?.Max() is { } ends
            ? order with
            {
                Ends = Math.Max(order.Ends, ends > Least ? ends : 0),
            }
            : null;
    }

    /// <summary>
    /// The soonest times of some jobs that keep what is certain and what else is said, and everybody there; null where there are none
    /// before a minute.
    /// </summary>
    /// <param name="jobs">Each behind what it waits for, as far as that is known.</param>
    /// <param name="also">What else has to be how far apart.</param>
    /// <param name="before">A day is over before so many minutes.</param>
    private int[]? Times(int[] jobs, List<(int From, int To, int Minutes)> also, int before)
    {
        var times = new int[_behind.Length];
        var more = new int[also.Count];
        var first = new int[_behind.Length];
        for (var one = also.Count; one > 0; one--)
        {
            (more[one - 1], first[also[one - 1].From]) = (first[also[one - 1].From], one);
        }

        var isMoved = true;
        for (var round = 0; isMoved; round++)
        {
            if (round == MostRounds)
            {
                return null;
            }

            isMoved = false;
            for (var at = 0; at < jobs.Length; at++)
            {
                // What holds back lies behind what is held.
                var job = jobs[round % 2 == 0 ? at : jobs.Length - 1 - at];
                // What cannot be over before they go begins when they are back.
                MoveTo((2 * job) + 1, times[2 * job] + _least[job]);
                foreach (var (from, to) in _away[job])
                {
                    if (times[2 * job] < to && times[(2 * job) + 1] > from)
                    {
                        (times[2 * job], isMoved) = (to, true);
                    }
                }

                for (var each = 2 * job; each <= (2 * job) + 1; each++)
                {
                    foreach (var (to, minutes) in _behind[each])
                    {
                        MoveTo(to, times[each] + minutes);
                    }

                    for (var one = first[each]; one > 0; one = more[one - 1])
                    {
                        MoveTo(also[one - 1].To, times[each] + also[one - 1].Minutes);
                    }
                }

                if (times[(2 * job) + 1] >= before)
                {
                    return null;
                }
            }
        }

        return times;

        void MoveTo(int which, int minute)
        {
            if (times[which] < minute)
            {
                (times[which], isMoved) = (minute, true);
            }
        }
    }

    private IEnumerable<(int From, int To, int Minutes)> Apart(string from, string to, int least, int? most) =>
        most is { } longest ? [(End(from), Start(to), least), (Start(to), End(from), -longest)] : [(End(from), Start(to), least)];

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
