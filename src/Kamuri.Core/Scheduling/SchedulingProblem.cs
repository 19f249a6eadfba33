using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling;

/// <summary>One thing to place in time, in whole minutes.</summary>
/// <param name="Id">Unique within the problem.</param>
/// <param name="Strand">The head or the kitchen it belongs to.</param>
/// <param name="Shortest">Least minutes it may take.</param>
/// <param name="Usual">Minutes it should take.</param>
/// <param name="Longest">Most minutes it may take.</param>
/// <param name="Uses">What it keeps occupied, one of each.</param>
public sealed record Job(string Id, string Strand, int Shortest, int Usual, int Longest, IReadOnlyList<Resource> Uses)
{
    /// <summary>True when the job keeps hands busy.</summary>
    public bool IsHandsOn => Uses.Contains(Resource.Hands);

    /// <summary>The pairs of hands that may do it; null when any may.</summary>
    public IReadOnlyList<string>? By { get; init; }

    /// <summary>The head it is done on, which has to be there while hands are on it; null for the kitchen.</summary>
    public string? With { get; init; }

    /// <summary>
    /// Least minutes it takes where it is shortened gently: no more than halfway from its usual to its shortest, in whole minutes.
    /// </summary>
    public int Gentle => Usual - ((Usual - Shortest + 1) / 2);
}

/// <summary>One job comes behind another, with at least and at most so many minutes in between.</summary>
public sealed record Link(string From, string To, int LeastGap = 0, int? MostGap = null);

/// <summary>A pair of hands.</summary>
/// <param name="Id">Unique within the problem.</param>
public sealed record PairOfHands(string Id);

/// <summary>A time in which something cannot be had, or not all there is of it, in minutes from the start; the end is free again.</summary>
/// <param name="Resource">What is taken by others.</param>
/// <param name="Left">How many there are left meanwhile; 0 where all are taken.</param>
public sealed record Closure(Resource Resource, int From, int To, int Left = 0)
{
    /// <summary>None is left: nobody can have it then, whatever else is going on.</summary>
    public bool IsOfAll => Left == 0;

    /// <summary>What is left where several take some of the same, parted where that changes. None of them overlap.</summary>
    /// <param name="taken">Who takes how many, and when.</param>
    /// <param name="capacity">How many of each there are; missing means none.</param>
    public static IReadOnlyList<Closure> Of(
        IEnumerable<(Resource Resource, int From, int To, int Count)> taken,
        IReadOnlyDictionary<Resource, int> capacity
    )
    {
        var closures = new List<Closure>();
        foreach (var ofThing in taken.Where(each => each.From < each.To && each.Count > 0).GroupBy(each => each.Resource))
        {
            int[] times = [.. ofThing.SelectMany(each => new[] { each.From, each.To }).Distinct().Order()];
            foreach (var (from, to) in times.Zip(times.Skip(1)))
            {
                var count = ofThing.Where(each => each.From <= from && to <= each.To).Sum(each => each.Count);
                var next = new Closure(ofThing.Key, from, to, Math.Max(0, capacity.GetValueOrDefault(ofThing.Key) - count));
                if (count > 0 && closures.Count > 0 && closures[^1] is { } last && last == next with { From = last.From, To = from })
                {
                    closures[^1] = last with { To = to };
                }
                else if (count > 0)
                {
                    closures.Add(next);
                }
            }
        }

        return closures;
    }
}

/// <summary>A time in which somebody is not there, in minutes from the start.</summary>
/// <param name="Who">A pair of hands, or a head.</param>
public sealed record Absence(string Who, int From, int To)
{
    /// <summary>The end of an absence nobody comes back from.</summary>
    public const int ForGood = int.MaxValue;

    /// <summary>They are in bed: nothing is planned then, but what is not done yet is done before they go.</summary>
    public bool IsAsleep { get; init; }
}

/// <summary>From when people go to bed until they get up, in minutes from the start.</summary>
public sealed record Night(int Bed, int Rise);

/// <summary>A job that lasts through one of several nights: a treatment that stays on while people sleep.</summary>
/// <param name="Job">Which.</param>
/// <param name="Nights">Those there are.</param>
public sealed record Overnight(string Job, IReadOnlyList<Night> Nights);

/// <summary>How long somebody goes on without a break, in minutes; shorter pauses in between count as going on.</summary>
/// <param name="GoesOn">Longest without a break; a single job that takes longer is done in one go.</param>
/// <param name="Minutes">Shortest pause that is a break.</param>
public sealed record Rest(int GoesOn, int Minutes);

/// <summary>Jobs, their order, and how many of each resource there are.</summary>
/// <param name="Jobs">Everything to place.</param>
/// <param name="Links">What comes behind what.</param>
/// <param name="Capacity">How many of each resource; missing means none.</param>
/// <param name="Deadline">
/// Minutes from the start in which all should be done. With one, waits may be shortened towards their earliest to meet
/// it; null keeps every wait at its usual or longer.
/// </param>
public sealed record SchedulingProblem(
    IReadOnlyList<Job> Jobs,
    IReadOnlyList<Link> Links,
    IReadOnlyDictionary<Resource, int> Capacity,
    int? Deadline = null
)
{
    /// <summary>The pairs of hands by name, when it matters whose they are; empty when only their number does.</summary>
    public IReadOnlyList<PairOfHands> Pairs { get; init; } = [];

    /// <summary>
    /// When something cannot be had, or not all there is of it. Those of one thing do not overlap (<see cref="Closure.Of"/>).
    /// </summary>
    public IReadOnlyList<Closure> Closures { get; init; } = [];

    /// <summary>When somebody is not there.</summary>
    public IReadOnlyList<Absence> Absences { get; init; } = [];

    /// <summary>What has to last over a night, whichever it is.</summary>
    public IReadOnlyList<Overnight> Overnights { get; init; } = [];

    /// <summary>The breaks people need, by pair of hands or head.</summary>
    public IReadOnlyDictionary<string, Rest> Rests { get; init; } = new Dictionary<string, Rest>();

    /// <summary>By when each strand should be done, in minutes from the start, beside <see cref="Deadline"/> for all of them.</summary>
    public IReadOnlyDictionary<string, int> Deadlines { get; init; } = new Dictionary<string, int>();

    /// <summary>
    /// The first job may begin later than the start, so that all of it lies together before a deadline instead of being
    /// spread from the start on.
    /// </summary>
    public bool MayBeginLater { get; init; }

    /// <summary>
    /// A schedule of the same jobs that was made for something else, to begin from; null for none. Nothing it says has to be kept.
    /// </summary>
    public Schedule? Known { get; init; }

    /// <summary>
    /// Somebody is late in what is known, and nothing is looked for that ends sooner: only how late all of it may begin where that is
    /// open and, by one hour for all, who of the others is in time.
    /// </summary>
    public bool IsEndKnown { get; init; }

    /// <summary>
    /// Where nothing soon ends by that minute, a good schedule will do that is soon there (<see cref="Schedule.IsDraft"/>): it will be
    /// asked again from that, for hours or for other ones. 0 for any; null where it is the last word.
    /// </summary>
    public int? DraftAfter { get; init; }

    /// <summary>
    /// What may be spent on it (<see cref="Scheduling.Effort"/>), in units, where it is one of several questions about one plan; null
    /// for what one plan may take.
    /// </summary>
    public int? Effort { get; init; }

    /// <summary>Waits may only be shortened gently: how far they are does not count any more, only by how much.</summary>
    public bool IsGently { get; init; }

    /// <summary>Whether waits may be shortened: only where there is something to be in time for.</summary>
    public bool MayShorten => Deadline is not null || Deadlines.Count > 0;

    /// <summary>Whether all of it is to be over by one hour, and nothing else by another.</summary>
    internal bool HasOneHour => Deadline is not null && Deadlines.Count == 0;

    /// <summary>The same with nothing to be in time for: waits are as long as usual.</summary>
    internal SchedulingProblem AsUsual() => this with { Deadline = null, Deadlines = new Dictionary<string, int>(), Known = null };

    /// <summary>
    /// The same with nothing to be in time for, and every wait as short as it may be: no day with an hour is over sooner.
    /// </summary>
    internal SchedulingProblem AtShortest() => AsUsual() with { Jobs = [.. Jobs.Select(job => job with { Usual = job.Shortest })] };

    /// <summary>The same without the pauses of heads: no day with them is over sooner.</summary>
    internal SchedulingProblem WithoutPauses() =>
        this with
        {
            Rests = Rests.Where(each => Pairs.Any(pair => pair.Id == each.Key)).ToDictionary(),
        };

    /// <summary>The same with waits shortened gently at most; there may be no schedule in time then.</summary>
    internal SchedulingProblem Gently() =>
        this with
        {
            Jobs = [.. Jobs.Select(job => job with { Shortest = job.Gentle })],
            IsGently = true,
        };

    /// <summary>
    /// Whether it is certain, without looking for a day, that waits have to be shortened for the one hour of all, or that it cannot be
    /// met.
    /// </summary>
    internal bool IsLateAsUsual(bool rests) => HasOneHour && HasEnd() && new LeastEnd(AsUsual(), rests).OfAll() > Deadline;

    /// <summary>The same, counted from so many minutes later on: nothing begins before.</summary>
    internal SchedulingProblem From(int minutes) =>
        this with
        {
            Absences =
            [
                .. Absences
                    .Where(each => each.To > minutes)
                    .Select(each =>
                        each with
                        {
                            From = Math.Max(0, each.From - minutes),
                            To = each.To == Absence.ForGood ? each.To : each.To - minutes,
                        }
                    ),
            ],
            Closures =
            [
                .. Closures
                    .Where(each => each.To > minutes)
                    .Select(each => each with { From = Math.Max(0, each.From - minutes), To = each.To - minutes }),
            ],
            Deadline = Deadline - minutes,
            Deadlines = Deadlines.ToDictionary(hour => hour.Key, hour => hour.Value - minutes),
        };

    /// <summary>
    /// The same with time going the other way, counted back from a minute on: what comes last begins first. No hours; that none begins
    /// before the start is one for all.
    /// </summary>
    internal SchedulingProblem Backwards(int from) =>
        this with
        {
            Jobs = [.. Jobs.Reverse()],
            Links = [.. Links.Select(link => link with { From = link.To, To = link.From })],
            Absences =
            [
                .. Absences
                    .Where(each => each.From < from)
                    .Select(each => each with { From = Math.Max(0, from - each.To), To = from - each.From }),
            ],
            Closures =
            [
                .. Closures
                    .Where(each => each.From < from)
                    .Select(each => each with { From = Math.Max(0, from - each.To), To = from - each.From }),
            ],
            Deadline = from,
            Deadlines = new Dictionary<string, int>(),
            Known = null,
        };

    /// <summary>Minutes that a job takes at least: less than usual only where waits may be shortened.</summary>
    internal int Least(Job job) => MayShorten ? job.Shortest : job.Usual;

    /// <summary>Whether nothing that is said of two jobs themselves forbids so many minutes between them.</summary>
    internal bool MayPart(string before, string after, int minutes) =>
        !Links.Any(link => link.From == before && link.To == after && link.MostGap < minutes);

    /// <summary>Whether no job comes behind itself.</summary>
    internal bool HasEnd()
    {
        var left = Jobs.Select(job => job.Id).ToHashSet();
        while (left.RemoveWhere(id => !Links.Any(link => link.To == id && left.Contains(link.From))) > 0) { }

        return left.Count == 0;
    }

    /// <summary>The same without some jobs for hands, and without what they begin.</summary>
    internal SchedulingProblem Without(HashSet<string> work)
    {
        var gone = work.ToHashSet();
        var more = true;
        while (more)
        {
            more = false;
            foreach (var link in Links.Where(link => gone.Contains(link.From)))
            {
                more |= Jobs.Any(job => job.Id == link.To && !job.IsHandsOn) && gone.Add(link.To);
            }
        }

        return this with
        {
            Jobs = [.. Jobs.Where(job => !gone.Contains(job.Id))],
            Links = [.. Links.Where(link => !gone.Contains(link.From) && !gone.Contains(link.To))],
            Known = null,
        };
    }

    /// <summary>For each job the name of what it hangs together with: a head, and what is made in the kitchen for it.</summary>
    internal IReadOnlyDictionary<string, string> Together()
    {
        var whole = Jobs.ToDictionary(job => job.Id, job => job.Id);
        foreach (var link in Links)
        {
            var (one, other) = (whole[link.From], whole[link.To]);
            foreach (var id in whole.Where(pair => pair.Value == other).Select(pair => pair.Key).ToList())
            {
                whole[id] = one;
            }
        }

        return whole;
    }

    /// <summary>
    /// Whether a placed job begins the very minute whoever does it gets up: then it is not begun before, however early the evening's
    /// work was over.
    /// </summary>
    internal bool HeldBackBySleep(Placement placed) =>
        Absences.Any(each => each.IsAsleep && each.To == placed.Start && each.Who == placed.By);
}

/// <summary>Where a job came to lie, in minutes from the start.</summary>
public sealed record Placement(Job Job, int Start, int End)
{
    public int Minutes => End - Start;

    /// <summary>The pair of hands that does it; null when only their number matters, or when it needs none.</summary>
    public string? By { get; init; }
}

/// <summary>A placed problem.</summary>
/// <param name="Placements">Every job, by start.</param>
/// <param name="Span">Minutes from the start to the last end.</param>
/// <param name="LowerBound">No schedule of this problem ends before so many minutes.</param>
/// <param name="Proven">Whether this one is proven best; with <see cref="MayBeCloser"/> in all but the minutes of its waits.</param>
public sealed record Schedule(IReadOnlyList<Placement> Placements, int Span, int LowerBound, bool Proven)
{
    /// <summary>The gaps that are kept for breaks, beside the links of the problem.</summary>
    public IReadOnlyList<Link> Gaps { get; init; } = [];

    /// <summary>No schedule of this problem is fewer minutes late, of everybody together; null where nobody looked.</summary>
    public long? LeastLate { get; init; }

    /// <summary>
    /// It is in time, and proven that its waits have to be shortened as far as they are: gently, or any of them more than halfway to
    /// its shortest. That fewer minutes of them altogether would do was not ruled out.
    /// </summary>
    public bool MayBeCloser { get; init; }

    /// <summary>It was only built, and nothing was looked for beyond that.</summary>
    public bool IsDraft { get; init; }

    /// <summary>What it took to find it (<see cref="Effort"/>), in units.</summary>
    public int Spent { get; init; }

    /// <summary>How long it is, from the first beginning to the last end.</summary>
    internal int Minutes => Placements.Count == 0 ? 0 : Span - Placements[0].Start;

    /// <summary>When the last of what is done on a head ends, in minutes; 0 when nothing is.</summary>
    internal int EndOf(string head) =>
        Placements.Where(placed => placed.Job.With == head).Select(placed => placed.End).DefaultIfEmpty().Max();

    /// <summary>Minutes by which all waits together are shorter than usual.</summary>
    internal int Shortened => Placements.Sum(placed => Math.Max(0, placed.Job.Usual - placed.Minutes));

    /// <summary>No wait is shortened more than halfway to its shortest.</summary>
    internal bool IsGentle => Placements.All(placed => placed.Minutes >= placed.Job.Gentle);

    /// <summary>The same with time going the other way, counted back from a minute on.</summary>
    internal Schedule Backwards(int from)
    {
        var placements = Placements
            .Select(placed => placed with { Start = from - placed.End, End = from - placed.Start })
            .OrderBy(placed => placed.Start)
            .ThenBy(placed => placed.End)
            .ToList();
        return this with { Placements = placements, Span = placements.Max(placed => placed.End) };
    }

    /// <summary>The same, so many minutes later.</summary>
    internal Schedule Later(int minutes) =>
        minutes == 0
            ? this
            : this with
            {
                Placements = [.. Placements.Select(placed => placed with { Start = placed.Start + minutes, End = placed.End + minutes })],
                Span = Span + minutes,
            };

    /// <summary>With the jobs as a problem has them, open to whatever hands may do them.</summary>
    internal Schedule Of(SchedulingProblem problem)
    {
        var jobs = problem.Jobs.ToDictionary(job => job.Id);
        return this with { Placements = [.. Placements.Select(placed => placed with { Job = jobs[placed.Job.Id] })] };
    }
}

/// <summary>Places jobs on shared resources.</summary>
public interface IScheduler
{
    /// <summary>
    /// The best schedule, the same for the same problem every time; null when the jobs cannot be placed at all
    /// (a resource nobody has, an order that bites its own tail).
    /// </summary>
    Schedule? Solve(SchedulingProblem problem);

    /// <summary>
    /// Whether a schedule of a problem may end by all of its hours, breaks left out of account. False is certain; true may mean that it
    /// was not ruled out.
    /// </summary>
    bool MayBeInTime(SchedulingProblem problem) => true;
}
