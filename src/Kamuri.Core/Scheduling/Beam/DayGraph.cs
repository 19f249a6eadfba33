using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling.Beam;

/// <summary>
/// What is known of a day before anything is decided: how its moments follow one another (<see cref="MomentGroups"/>), who may do what,
/// what it uses, who is away, and how much of it is still to come behind each job.
/// </summary>
internal sealed class DayGraph
{
    /// <summary>Jobs up to which a number of one fits into a byte, and pairs up to which a choice of them fits into a number.</summary>
    private static readonly (int Jobs, int Pairs) Most = (250, 60);

    /// <summary>Things that one job uses at most, beside hands.</summary>
    internal const int MostThings = 2;

    /// <summary>Minutes within which work that has been begun has to go on for hands not to do much else meanwhile.</summary>
    private const int Soon = 30;

    /// <summary>Minutes from the start behind which nothing is a day any more, whatever it is for.</summary>
    private const int TooLate = 20_000;

    private readonly SchedulingProblem _problem;
    private readonly Dictionary<string, int> _numbers;

    private DayGraph(SchedulingProblem problem, bool rests, IReadOnlyDictionary<string, int> notBefore, int latest)
    {
        (_problem, Latest) = (problem, latest);
        Jobs = [.. problem.Jobs];
        _numbers = Jobs.Select((job, number) => (job.Id, number)).ToDictionary(pair => pair.Id, pair => pair.number);
        Minutes = [.. Jobs.Select(problem.Least)];
        Hands = [.. Numbers().Where(job => Jobs[job].IsHandsOn)];
        Pairs = [.. problem.Pairs.Select(pair => pair.Id)];
        Heads = [.. Jobs.Where(job => job.IsHandsOn).Select(job => job.With).OfType<string>().Distinct()];
        HeadOf = [.. Jobs.Select(job => job is { IsHandsOn: true, With: { } with } ? Array.IndexOf(Heads, with) : -1)];
        Moments = new MomentGroups(problem, _numbers);
        Before = [.. Numbers().Select(HandsBefore)];
        After = [.. Numbers().Select(job => Hands.Where(other => Before[other].Contains(job)).ToArray())];
        Waits = [.. Numbers().Select(job => Numbers().Where(other => !Jobs[other].IsHandsOn && Before[other].Contains(job)).ToArray())];
        NotBefore = [.. Jobs.Select(job => notBefore.GetValueOrDefault(job.With ?? "", 0))];
        Ahead = WaitsAhead();
        Resource[] things = [.. Jobs.SelectMany(job => job.Uses).Distinct().Where(thing => thing != Resource.Hands).Order()];
        Things =
        [
            .. Jobs.Select(job =>
                job.Uses.Where(thing => thing != Resource.Hands).Distinct().Select(thing => Array.IndexOf(things, thing)).ToArray()
            ),
        ];
        Lanes = [0, .. things.Select((_, thing) => things.Take(thing + 1).Sum(each => problem.Capacity.GetValueOrDefault(each)))];
        MayDo =
        [
            .. Jobs.Select(job =>
                Enumerable.Range(0, Pairs.Length).Where(pair => job.IsHandsOn && job.By?.Contains(Pairs[pair]) != false).ToArray()
            ),
        ];
        Away = [.. Jobs.Select(job => Pairs.Append(null).Select(pair => WhenAway(job, pair)).ToArray())];
        IsAnyAway = Away.Any(ofPair => ofPair.Any(away => away.Length > 0));
        Held = InGroups(Moments.Begins, job => Away[job].Any(away => away.Length > 0));
        Followed = InGroups(Moments.Ends, job => Jobs[job].IsHandsOn || Things[job].Length > 0);
        Wanted = [.. Heads.Select(head => problem.Deadlines.GetValueOrDefault(head, int.MaxValue))];
        Hour = problem.Deadline ?? int.MaxValue;
        Tails = FindTails();
        ByTail = [.. Hands.OrderByDescending(job => Tails[job]).ThenBy(job => job)];
        var runs = HandRun.Of(problem);
        OfPair = [.. Pairs.Select(pair => Stretches.Of(rests ? problem.Rests.GetValueOrDefault(pair) : null, runs, _numbers, Minutes))];
        OfHead = [.. Heads.Select(head => Stretches.Of(rests ? problem.Rests.GetValueOrDefault(head) : null, runs, _numbers, Minutes))];
        WorkCounts = (OfPair[0].Rest is { } rest ? 1 + ((double)rest.Minutes / rest.GoesOn) : 1) / Pairs.Length;
        GoesOnSoon = new bool[Jobs.Length];
        foreach (var (next, gap) in runs.SelectMany(run => run.Jobs.Skip(1).Zip(run.Gaps)))
        {
            GoesOnSoon[_numbers[next.Id]] = gap <= Soon;
        }
    }

    /// <summary>Breaks of somebody, and which work they cannot part.</summary>
    /// <param name="Rest">How long they go on, and how long they rest; null for without breaks.</param>
    /// <param name="Piece">For each job the number of the piece that no break parts.</param>
    /// <param name="Left">Minutes of that piece from the job on at most.</param>
    internal sealed record Stretches(Rest? Rest, int[] Piece, int[] Left)
    {
        public static Stretches Of(Rest? rest, IReadOnlyList<HandRun> runs, Dictionary<string, int> numbers, int[] minutes)
        {
            var stretches = new Stretches(rest, new int[numbers.Count], new int[numbers.Count]);
            foreach (
                var (piece, number) in runs.SelectMany(run => run.Pieces(rest?.Minutes ?? 1)).Select((piece, number) => (piece, number))
            )
            {
                var left = piece.Minutes;
                foreach (var job in piece.Jobs.Select(job => numbers[job.Id]))
                {
                    (stretches.Piece[job], stretches.Left[job]) = (number, left);
                    left -= minutes[job];
                }
            }

            return stretches;
        }

        /// <summary>From a job on its piece is longer than somebody should go on: a stretch of its own.</summary>
        public bool IsLong(int job) => Left[job] > Rest!.GoesOn;
    }

    public Job[] Jobs { get; }

    /// <summary>Minutes of each at least.</summary>
    public int[] Minutes { get; }

    /// <summary>Jobs for hands.</summary>
    public int[] Hands { get; }

    public string[] Pairs { get; }

    public string[] Heads { get; }

    /// <summary>The head that hands are on; -1 for none.</summary>
    public int[] HeadOf { get; }

    /// <summary>When jobs begin and end.</summary>
    public MomentGroups Moments { get; }

    /// <summary>For each job the jobs for hands that come directly before it.</summary>
    public int[][] Before { get; }

    /// <summary>For each job the jobs for hands that come directly behind it.</summary>
    public int[][] After { get; }

    /// <summary>For each job for hands what goes on by itself behind it.</summary>
    public int[][] Waits { get; }

    /// <summary>For each job for hands what goes on by itself before it and before all other work.</summary>
    public int[][] Ahead { get; }

    /// <summary>Minutes from the start before which each job cannot begin.</summary>
    public int[] NotBefore { get; }

    /// <summary>What each job uses, beside hands.</summary>
    public int[][] Things { get; }

    /// <summary>Of each thing there are as many as numbers from its own to the next.</summary>
    public int[] Lanes { get; }

    /// <summary>For each job the pairs that may do it.</summary>
    public int[][] MayDo { get; }

    /// <summary>By job and pair the times in which it cannot be done; the last for whoever does it.</summary>
    public (int From, int To)[][][] Away { get; }

    /// <summary>Somebody or something is not there at some time.</summary>
    public bool IsAnyAway { get; }

    /// <summary>The jobs that begin in each group of moments and cannot be done at some time.</summary>
    public int[][] Held { get; }

    /// <summary>The jobs that end in each group of moments and have hands, or something, free for others then.</summary>
    public int[][] Followed { get; }

    /// <summary>The hour of each head, and that of all.</summary>
    public int[] Wanted { get; }

    public int Hour { get; }

    /// <summary>Minutes from the start behind which nothing is a day any more.</summary>
    public int Latest { get; }

    /// <summary>Minutes from the end of each job to the end of all that follows it.</summary>
    public int[] Tails { get; }

    /// <summary>Jobs for hands, those first behind which the most is still to come.</summary>
    public int[] ByTail { get; }

    public Stretches[] OfPair { get; }

    public Stretches[] OfHead { get; }

    /// <summary>Minutes that a minute of work takes with the breaks it calls for, when all pairs share it.</summary>
    public double WorkCounts { get; }

    /// <summary>For each job whether it has to be begun soon after the one before it.</summary>
    public bool[] GoesOnSoon { get; }

    /// <summary>The graph; null for a day that cannot be built a job at a time.</summary>
    /// <param name="problem">What is to be placed.</param>
    /// <param name="rests">With everybody's breaks.</param>
    /// <param name="notBefore">By head, minutes from the start before which nothing of it can begin; null for none.</param>
    /// <param name="latest">Minutes from the start by which all of it has to be over.</param>
    public static DayGraph? Of(
        SchedulingProblem problem,
        bool rests,
        IReadOnlyDictionary<string, int>? notBefore = null,
        int latest = TooLate
    ) =>
        problem.Pairs.Count > 0
        && problem.Pairs.Count <= Most.Pairs
        && problem.Jobs.Count <= Most.Jobs
        && problem.Overnights.Count == 0
        && problem.Jobs.Any(job => job.IsHandsOn)
        && problem.Jobs.All(job =>
            job.Uses.Where(thing => thing != Resource.Hands).Distinct().Count() <= MostThings
            && job.Uses.All(thing => thing == Resource.Hands || problem.Capacity.GetValueOrDefault(thing) > 0)
        )
        && problem.HasEnd()
            ? new DayGraph(problem, rests, notBefore ?? new Dictionary<string, int>(), Math.Min(latest, TooLate))
            : null;

    private IEnumerable<int> Numbers() => Enumerable.Range(0, Jobs.Length);

    /// <summary>Jobs for hands before one, with nothing but waits in between.</summary>
    private int[] HandsBefore(int job)
    {
        var (found, seen, open) = (new SortedSet<int>(), new HashSet<int>(), new Stack<int>([job]));
        while (open.TryPop(out var each))
        {
            foreach (var from in _problem.Links.Where(link => link.To == Jobs[each].Id).Select(link => _numbers[link.From]).Where(seen.Add))
            {
                if (Jobs[from].IsHandsOn)
                {
                    found.Add(from);
                }
                else
                {
                    open.Push(from);
                }
            }
        }

        return [.. found];
    }

    private int[][] InGroups(Moment[] moments, Func<int, bool> which)
    {
        var jobs = Numbers().Where(which).ToLookup(job => moments[job].Group);
        return [.. Enumerable.Range(0, Moments.Count).Select(group => jobs[group].ToArray())];
    }

    /// <summary>Each wait that no work comes before is told with the first of the work behind it.</summary>
    private int[][] WaitsAhead()
    {
        var behind = _problem.Links.ToLookup(link => _numbers[link.From], link => _numbers[link.To]);
        int? First(int wait) => behind[wait].Select(next => Jobs[next].IsHandsOn ? next : First(next)).Min();
        var ahead = Numbers().Where(job => !Jobs[job].IsHandsOn && Before[job].Length == 0).ToLookup(First);
        return [.. Numbers().Select(job => ahead[job].ToArray())];
    }

    private (int, int)[] WhenAway(Job job, string? pair) =>
        [
            .. _problem
                .Absences.Where(each => job.IsHandsOn && (each.Who == job.With || each.Who == pair))
                .Select(each => (each.From, each.To))
                .Concat(
                    _problem.Closures.Where(each => each.IsOfAll && job.Uses.Contains(each.Resource)).Select(each => (each.From, each.To))
                )
                .Order(),
        ];

    private int[] FindTails()
    {
        var (behind, tails) = (
            _problem.Links.ToLookup(link => _numbers[link.From], link => (To: _numbers[link.To], link.LeastGap)),
            new int?[Jobs.Length]
        );
        int Tail(int job) =>
            tails[job] ??= behind[job].Select(each => each.LeastGap + Minutes[each.To] + Tail(each.To)).DefaultIfEmpty().Max();
        return [.. Numbers().Select(Tail)];
    }
}
