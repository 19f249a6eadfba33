using System.Numerics;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>
/// A problem with one pair of hands, as the order in which they do what they do: runs of jobs (<see cref="HandRun"/>), each with the
/// least and the most that may pass until its next job. What is not said here is left out, so that no order is better in the problem
/// than it is here.
/// </summary>
public sealed partial class HandsPuzzle
{
    /// <summary>A wait that may be as long as it likes.</summary>
    public const int Open = int.MaxValue;

    /// <summary>Runs, and jobs of one, up to which the state of a day fits into one number.</summary>
    internal const int MostRuns = 10;

    /// <summary>Jobs up to which what is left of them is told by a few words of bits.</summary>
    internal const int MostJobs = 192;

    /// <summary>Minutes up to which times fit into what a moment keeps them in.</summary>
    private const int Longest = 7_500;

    private readonly SchedulingProblem _problem;
    private readonly Dictionary<string, Job> _jobs;
    private readonly ILookup<string, Link> _behind;
    private readonly Dictionary<string, int> _tails = [];

    /// <summary>Minutes within which a job fits into a piece that is a stretch of its own, and then asks for no stretch itself.</summary>
    private readonly int _nests;

    private HandsPuzzle(SchedulingProblem problem, IReadOnlyList<HandRun> runs, bool rests)
    {
        var rest = rests ? problem.Rests.GetValueOrDefault(problem.Pairs[0].Id) : null;
        (_problem, Rest) = (problem, rest);
        _jobs = problem.Jobs.ToDictionary(job => job.Id);
        _behind = problem.Links.ToLookup(link => link.From);
        var pieces = runs.SelectMany(run => run.Pieces(rest?.Minutes ?? 0)).ToList();
        Runs = [.. runs.Select((run, number) => run.Jobs.Select((job, at) => Step(run, number, job, at, pieces)).ToArray())];
        foreach (var run in Runs)
        {
            AddAway(run);
        }

        Free = Runs.Length;
        var target = Free + 1;
        var freed = new Dictionary<(string, string), int>();
        foreach (var step in Runs.SelectMany(run => run))
        {
            foreach (var (to, lag) in NextOf(step.Job).Where(next => next.To.RunNumber != step.RunNumber))
            {
                step.Frees = [.. step.Frees, (target, lag)];
                freed[(step.Job.Id, to.Job.Id)] = target;
                to.WaitsFor = [.. to.WaitsFor, target++];
            }
        }

        Freed = freed;
        AddThings(ref target);
        Heads = rests ? AddHeads(runs, ref target) : [];
        Over = target++;
        Targets = target;
        _nests = Runs.SelectMany(run => run)
            .Where(step => step is { IsLong: true, EndsPiece: false })
            .Select(step => step.Gap)
            .DefaultIfEmpty()
            .Max();
        foreach (var run in Runs)
        {
            AddTails(run);
        }

        HandStep[] byTail = [.. Runs.SelectMany(run => run).OrderByDescending(step => step.Tail)];
        for (var place = 0; place < byTail.Length; place++)
        {
            byTail[place].Place = place;
        }

        ByTail = [.. byTail.Select(step => new TailedStep(step.Minutes, step.Tail, step.IsLong, step.BeginsPiece, step.Minutes <= _nests))];
        StretchRow = Runs.Length + 1 + (2 * Heads.Length);
        Work = ByTail.Sum(step => step.Minutes);
        // As a moment counts them: of long pieces, of those no two of which fit into a stretch, and of what all of it fills.
        MostBreaks = Rest is null
            ? 0
            : ByTail.Count(step => step is { IsLong: true, BeginsPiece: true })
                + Math.Max(ByTail.Count(step => 2L * step.Minutes > Rest.GoesOn), (Work / Rest.GoesOn) + 1);
        Latest = (int)Horizon(problem);
        Check = new OrderCheck(problem, rest, Latest);
        Places = new ulong[Runs.Length];
        for (var (run, place) = (0, 1UL); run < Runs.Length; run++)
        {
            (Places[run], place) = (place, place * (ulong)(Runs[run].Length + 1));
        }
    }

    /// <summary>How long hands go on, and how long they rest; null for without breaks.</summary>
    public Rest? Rest { get; }

    /// <summary>The heads that need pauses.</summary>
    public RestingHead[] Heads { get; }

    /// <summary>Each run, from its first job to its last.</summary>
    public HandStep[][] Runs { get; }

    /// <summary>
    /// The row of the stretch hands are in (<see cref="HandsMoment"/>). Behind the row of a stretch is that of what its first job has
    /// to follow soon, counted from when all of the stretch has to be over for that: below 0 is in time.
    /// </summary>
    internal int StretchRow { get; }

    /// <summary>Every job, those first behind which the most is still to come.</summary>
    internal TailedStep[] ByTail { get; }

    /// <summary>Tells orders that do not hold.</summary>
    internal OrderCheck Check { get; }

    /// <summary>Breaks that a bound counts at most.</summary>
    internal int MostBreaks { get; }

    /// <summary>What a job done counts for in the number of a state, by run.</summary>
    internal ulong[] Places { get; }

    /// <summary>The target that stands for a job of one run letting that of another begin.</summary>
    internal IReadOnlyDictionary<(string From, string To), int> Freed { get; }

    /// <summary>The target that stands for a thing being free again, of which there is one.</summary>
    internal IReadOnlyDictionary<Resource, int> Things { get; private set; } = new Dictionary<Resource, int>();

    /// <summary>Minutes hands are busy.</summary>
    public int Work { get; }

    /// <summary>Minutes that no day worth having lasts; what does not end by then never does.</summary>
    public int Latest { get; }

    /// <summary>
    /// How many moments of the future a state keeps: of each run its next job, then hands free, then what waits for other runs, things
    /// that are taken, heads that have rested, and the end of what is over.
    /// </summary>
    public int Targets { get; }

    /// <summary>The same, filled up so that several are looked at at a time.</summary>
    internal int Width => (Targets + Vector<short>.Count - 1) / Vector<short>.Count * Vector<short>.Count;

    /// <summary>The target that stands for hands being free.</summary>
    public int Free { get; }

    /// <summary>The target that stands for the end of what is over already.</summary>
    internal int Over { get; }

    /// <summary>The problem in these terms; null where it cannot be said in them, or where something else counts than the end.</summary>
    /// <param name="problem">What is to be placed.</param>
    /// <param name="rests">With the breaks of the pair, and the pauses of heads.</param>
    public static HandsPuzzle? Of(SchedulingProblem problem, bool rests)
    {
        var runs = HandRun.Of(problem);
        return CanSay(problem, runs) ? new HandsPuzzle(problem, runs, rests) : null;
    }

    /// <summary>Whether a problem can be said as an order, and nothing counts in it but its end.</summary>
    private static bool CanSay(SchedulingProblem problem, IReadOnlyList<HandRun> runs) =>
        !problem.MayShorten
        && !problem.MayBeginLater
        && problem.Pairs.Count == 1
        && problem.Overnights.Count == 0
        && Horizon(problem) <= Longest
        && problem.HasEnd()
        && problem.Jobs.All(job => job.By?.Contains(problem.Pairs[0].Id) != false)
        && runs.Count is > 0 and <= MostRuns
        && runs.Sum(run => run.Jobs.Count) <= MostJobs
        && runs.Aggregate(1.0, (all, run) => all * (run.Jobs.Count + 1)) <= ulong.MaxValue;

    /// <summary>The place of each job in an order of fewer jobs, by run; null for a run that is not in it.</summary>
    internal int[]?[] PlacesIn(HandsOrder order)
    {
        var places = order.Jobs.Select((each, place) => (each.Step.Job.Id, place)).ToDictionary(pair => pair.Id, pair => pair.place);
        return
        [
            .. Runs.Select(run =>
                run.All(step => places.ContainsKey(step.Job.Id)) ? run.Select(step => places[step.Job.Id]).ToArray() : null
            ),
        ];
    }

    /// <summary>Places the problem in an order of hands, with its breaks and pauses; null when that cannot be.</summary>
    public Schedule? Placed(HandsOrder order, Func<SchedulingProblem, Schedule?> place) =>
        place(
            _problem with
            {
                Links =
                [
                    .. _problem.Links,
                    .. order.Apart(Rest).Select(apart => new Link(apart.From.Job.Id, apart.To.Job.Id, apart.Least, apart.Most)),
                ],
                Rests = new Dictionary<string, Rest>(),
                Known = null,
            }
        );

    /// <summary>Minutes that no day worth having lasts, with a break behind every job.</summary>
    private static long Horizon(SchedulingProblem problem) =>
        problem.Jobs.Sum(job => (long)job.Longest)
        + problem.Links.Sum(link => (long)link.LeastGap)
        + (problem.Jobs.Count(job => job.IsHandsOn) * problem.Rests.Values.Select(rest => (long)rest.Minutes).DefaultIfEmpty().Max())
        + problem
            .Absences.Select(each => each.To)
            .Concat(problem.Closures.Select(each => each.To))
            .Where(to => to != Absence.ForGood)
            .DefaultIfEmpty()
            .Max();

    private HandStep Step(HandRun run, int number, Job job, int at, List<HandPiece> pieces)
    {
        var piece = pieces.FindIndex(each => each.Jobs.Contains(job));
        // A job that may take longer than it has to brings what follows it nearer.
        var gap = run.Gaps[at] == HandRun.Open ? Open : run.Gaps[at] + job.Longest - run.Minutes[at];
        return new HandStep(
            job,
            number,
            at,
            run.Minutes[at],
            at < run.Waits.Count ? run.Waits[at] : 0,
            gap,
            piece,
            Rest is not null && pieces[piece].IsLong(Rest)
        )
        {
            BeginsPiece = ReferenceEquals(pieces[piece].Jobs[0], job),
            EndsPiece = ReferenceEquals(pieces[piece].Jobs[^1], job),
            Away =
            [
                .. _problem
                    .Absences.Where(each => each.Who == job.With || each.Who == _problem.Pairs[0].Id)
                    .Select(each => (each.From, each.To))
                    .Concat(
                        _problem
                            .Closures.Where(each => each.IsOfAll && job.Uses.Contains(each.Resource))
                            .Select(each => (each.From, each.To))
                    )
                    .Order(),
            ],
        };
    }

    /// <summary>
    /// What has to go on soon cannot be begun where it could not go on: when somebody is away at the soonest that the next job may
    /// begin, and still at the latest. From the last job of a run to its first, so that all of what hangs together lies before they go
    /// or after they are back.
    /// </summary>
    private static void AddAway(HandStep[] run)
    {
        for (var at = run.Length - 2; at >= 0; at--)
        {
            var (step, next) = (run[at], run[at + 1]);
            if (step.Gap == Open)
            {
                continue;
            }

            // Starts between two minutes, neither of them; as times away they last for the job itself too.
            step.Away = Merged([
                .. step.Away,
                .. next
                    .Away.Select(away =>
                        (
                            From: away.From - next.Minutes - step.Wait,
                            To: away.To == Absence.ForGood ? Absence.ForGood : away.To - step.Minutes - step.Gap
                        )
                    )
                    .Where(away => away.To > away.From - step.Minutes),
            ]);
        }
    }

    private static (int From, int To)[] Merged(IReadOnlyList<(int From, int To)> times)
    {
        var merged = new List<(int From, int To)>();
        foreach (var (from, to) in times.Order())
        {
            if (merged.Count > 0 && merged[^1].To >= from)
            {
                merged[^1] = (merged[^1].From, Math.Max(merged[^1].To, to));
            }
            else
            {
                merged.Add((from, to));
            }
        }

        return [.. merged];
    }

    /// <summary>Jobs for hands behind one, and the least minutes until each.</summary>
    private List<(HandStep To, int Lag)> NextOf(Job job)
    {
        var steps = Runs.SelectMany(run => run).ToDictionary(step => step.Job.Id);
        var lags = new Dictionary<string, int>();
        Walk(job.Id, 0);
        return [.. lags.Select(pair => (steps[pair.Key], pair.Value))];

        void Walk(string from, int minutes)
        {
            foreach (var link in _behind[from])
            {
                var (to, lag) = (_jobs[link.To], minutes + link.LeastGap);
                if (to.IsHandsOn)
                {
                    lags[to.Id] = Math.Max(lag, lags.GetValueOrDefault(to.Id));
                }
                else
                {
                    Walk(to.Id, lag + _problem.Least(to));
                }
            }
        }
    }

    /// <summary>
    /// Things of which there is one, and which a wait takes the moment the work before it is done: a hood, a steamer, the stove.
    /// </summary>
    private void AddThings(ref int target)
    {
        var things = new Dictionary<Resource, int>();
        foreach (var step in Runs.SelectMany(run => run))
        {
            foreach (
                var wait in _behind[step.Job.Id]
                    .Where(link => link is { LeastGap: 0, MostGap: 0 })
                    .Select(link => _jobs[link.To])
                    .Where(job => !job.IsHandsOn)
            )
            {
                foreach (var thing in wait.Uses.Where(each => _problem.Capacity.GetValueOrDefault(each) == 1))
                {
                    things.TryAdd(thing, things.Count + target);
                    (step.Takes, step.Taking) = ((things[thing], _problem.Least(wait)), wait);
                    step.Holds = _behind[wait.Id].Any(link => link.MostGap == 0 && _jobs[link.To].IsHandsOn);
                }
            }
        }

        foreach (var step in Runs.SelectMany(run => run))
        {
            step.Needs = [.. things.Where(thing => step.Job.Uses.Contains(thing.Key)).Select(thing => thing.Value)];
        }

        target += things.Count;
        Things = things;
    }
}
