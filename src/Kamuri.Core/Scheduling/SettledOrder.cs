using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// The order a schedule settled on, as a graph that can be timed again in one longest-path pass: the links, and one
/// edge between neighbours on each resource.
/// </summary>
public sealed partial class SettledOrder
{
    /// <summary>A time in which a job cannot be begun; a whole one it has to be over before as well.</summary>
    private readonly record struct Unavailable(double From, double To, bool Whole);

    /// <summary>The very thing a job takes: a pair of hands or a head by name, one of several of the house by number.</summary>
    private readonly record struct Lane(string? Who, Resource? Thing, int Number);

    private readonly int[] _order;
    private readonly (int From, double Gap)[][] _before;

    /// <summary>By position, by when they begin; null where nobody and nothing is ever away.</summary>
    private readonly Unavailable[][]? _around;

    /// <summary>What has to go on soon: within so many minutes of the end, or of the longest that a wait may go on.</summary>
    private readonly (int From, int To, double Most, double Longest)[] _soon;

    /// <summary>By position, when others have the very thing a job was placed on.</summary>
    private readonly Unavailable[][] _held;

    private SettledOrder(
        int[] order,
        (int, double)[][] before,
        Unavailable[][] held,
        Unavailable[][]? around = null,
        (int, int, double, double)[]? soon = null
    )
    {
        _order = order;
        _before = before;
        _held = held;
        _around = around;
        _soon = soon ?? [];
    }

    /// <summary>The order where there is one of everything.</summary>
    /// <param name="jobs">Id, planned start and what each uses.</param>
    /// <param name="links">What comes behind what.</param>
    public static SettledOrder Of(IReadOnlyList<(string Id, double Start, IReadOnlyList<Resource> Uses)> jobs, IReadOnlyList<Link> links) =>
        Of([.. jobs.Select(job => new OrderedJob(job.Id, job.Start, job.Start, job.Uses))], links, new Dictionary<Resource, int>());

    /// <summary>
    /// Reads the order out of placed jobs. Positions refer to <paramref name="jobs"/>. Where there are several of a thing, each
    /// job keeps the one it was placed on.
    /// </summary>
    /// <param name="jobs">As they were placed.</param>
    /// <param name="links">What comes behind what.</param>
    /// <param name="capacity">How many of each resource; missing means one.</param>
    /// <param name="closures">What is taken; where some are left, the rest lies on things of its own.</param>
    public static SettledOrder Of(
        IReadOnlyList<OrderedJob> jobs,
        IReadOnlyList<Link> links,
        IReadOnlyDictionary<Resource, int> capacity,
        IReadOnlyList<Closure>? closures = null
    )
    {
        var position = jobs.Select((job, at) => (job.Id, at)).ToDictionary(pair => pair.Id, pair => pair.at);
        var before = jobs.Select(_ => new List<(int, double)>()).ToArray();
        foreach (var link in links)
        {
            before[position[link.To]].Add((position[link.From], link.LeastGap));
        }

        var order = Enumerable.Range(0, jobs.Count).OrderBy(at => jobs[at].Start).ThenBy(at => at).ToArray();
        var others = new Queue<Closure>(
            (closures ?? [])
                .Where(each => !each.IsOfAll)
                .SelectMany(each => Enumerable.Repeat(each, capacity.GetValueOrDefault(each.Resource, 1) - each.Left))
                .OrderBy(each => each.From)
        );
        var (last, freeFrom) = (new Dictionary<Lane, int>(), new Dictionary<Lane, double>());
        var (held, on) = (new List<(Lane Lane, Unavailable When)>(), jobs.Select(_ => new List<Lane>()).ToArray());
        foreach (var at in order)
        {
            HoldUntil(jobs[at].Start);
            foreach (var lane in Lanes(jobs[at], freeFrom, capacity))
            {
                if (last.TryGetValue(lane, out var earlier))
                {
                    before[at].Add((earlier, 0));
                }

                (last[lane], freeFrom[lane]) = (at, jobs[at].End);
                on[at].Add(lane);
            }
        }

        HoldUntil(double.MaxValue);
        return new SettledOrder(
            order,
            [.. before.Select(list => list.ToArray())],
            [.. on.Select(lanes => held.Where(each => lanes.Contains(each.Lane)).Select(each => each.When).ToArray())]
        );

        // What others have of a thing lies on it like a job that nothing moves.
        void HoldUntil(double start)
        {
            while (others.TryPeek(out var next) && next.From <= start)
            {
                others.Dequeue();
                var lane = Idle(next.Resource, freeFrom, capacity);
                freeFrom[lane] = next.To;
                held.Add((lane, new Unavailable(next.From, next.To, Whole: true)));
            }
        }
    }

    /// <summary>
    /// The same order, around when somebody or something is away. What others have taken is not used then at all; who leaves finishes
    /// what is in hand and begins nothing new. What has to go on soon is not begun where it could not, as far as the order leaves room
    /// for that. Nobody is waited for who sleeps or does not come back.
    /// </summary>
    /// <param name="jobs">Those the order was read from.</param>
    /// <param name="links">What comes behind what, and how soon.</param>
    /// <param name="absences">Who is away.</param>
    /// <param name="closures">What is taken; those that leave some are kept to as far as the order was read with them.</param>
    public SettledOrder Around(
        IReadOnlyList<OrderedJob> jobs,
        IEnumerable<Link> links,
        IReadOnlyList<Absence> absences,
        IReadOnlyList<Closure> closures
    )
    {
        var kept = absences.Where(each => !each.IsAsleep && each.To != Absence.ForGood).ToList();
        if (kept.Count + closures.Count == 0)
        {
            return this;
        }

        var position = jobs.Select((job, at) => (job.Id, at)).ToDictionary(pair => pair.Id, pair => pair.at);
        return new SettledOrder(
            _order,
            _before,
            _held,
            [
                .. jobs.Select(
                    (job, at) =>
                        kept.Where(each => each.Who == job.By || each.Who == job.With)
                            .Select(each => new Unavailable(each.From, each.To, Whole: false))
                            .Concat(
                                closures
                                    .Where(each => each.IsOfAll && job.Uses.Contains(each.Resource))
                                    .Select(each => new Unavailable(each.From, each.To, Whole: true))
                            )
                            .Concat(_held[at])
                            .OrderBy(each => each.From)
                            .ToArray()
                ),
            ],
            [
                .. links
                    .Where(link => link.MostGap is not null)
                    .Select(link => (position[link.From], position[link.To], link.MostGap!.Value, jobs[position[link.From]].Longest)),
            ]
        );
    }

    /// <summary>The very things a job takes: these hands, this head, the one of two showers that has been free the longest.</summary>
    private static IEnumerable<Lane> Lanes(OrderedJob job, Dictionary<Lane, double> freeFrom, IReadOnlyDictionary<Resource, int> capacity)
    {
        if (job.With is { } head)
        {
            yield return new Lane(head, null, 0);
        }

        foreach (var resource in job.Uses.Distinct())
        {
            yield return resource == Resource.Hands && job.By is { } pair
                ? new Lane(pair, resource, 0)
                : Idle(resource, freeFrom, capacity);
        }
    }

    private static Lane Idle(Resource resource, Dictionary<Lane, double> freeFrom, IReadOnlyDictionary<Resource, int> capacity) =>
        Enumerable
            .Range(0, Math.Max(1, capacity.GetValueOrDefault(resource, 1)))
            .Select(n => new Lane(null, resource, n))
            .MinBy(lane => freeFrom.GetValueOrDefault(lane, double.MinValue));

    /// <summary>What comes directly behind what, by position.</summary>
    internal IEnumerable<(int Before, int After)> Neighbours => _before.SelectMany((list, at) => list.Select(each => (each.From, at)));
}
