using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// What no day is over before, told without looking for one: what follows one another in any case, and what all hands have to do
/// together, with the breaks that calls for, before the last of it is followed by what goes on by itself.
/// </summary>
/// <param name="problem">What is to be placed; nothing in it may come behind itself.</param>
/// <param name="rests">Everybody has their breaks.</param>
public sealed class LeastEnd(SchedulingProblem problem, bool rests)
{
    private readonly Dictionary<string, Job> _jobs = problem.Jobs.ToDictionary(job => job.Id);
    private readonly ILookup<string, Link> _behind = problem.Links.ToLookup(link => link.From);
    private readonly Dictionary<string, int> _tails = [];

    /// <summary>Minutes from the first beginning to the last end at least.</summary>
    public int OfAll() => Math.Max(problem.Jobs.Select(job => problem.Least(job) + Tail(job)).DefaultIfEmpty().Max(), OfHands());

    /// <summary>Minutes to the last end of one head, or of any job of a strand, at least.</summary>
    public int Of(string head)
    {
        var chains = new Dictionary<string, int>();
        int Ends(Job job)
        {
            if (!chains.TryGetValue(job.Id, out var ends))
            {
                ends =
                    problem.Least(job)
                    + problem
                        .Links.Where(link => link.To == job.Id)
                        .Select(link => Ends(_jobs[link.From]) + link.LeastGap)
                        .DefaultIfEmpty()
                        .Max();
                chains[job.Id] = ends;
            }

            return ends;
        }

        return problem.Jobs.Where(job => job.With == head).Select(Ends).DefaultIfEmpty().Max();
    }

    /// <summary>
    /// Whatever is still followed by so much has to be done before that: by all hands together, each with the breaks between its
    /// stretches.
    /// </summary>
    private int OfHands()
    {
        var work = problem.Jobs.Where(job => job.IsHandsOn).OrderByDescending(Tail).ToList();
        var pairs = problem.Pairs.Count > 0 ? problem.Pairs.Count : problem.Capacity.GetValueOrDefault(Resource.Hands);
        if (work.Count == 0 || pairs == 0)
        {
            return 0;
        }

        var rest = Shared();
        var pieces = rest is null ? [] : HandRun.Of(problem).SelectMany(run => run.Pieces(rest.Minutes)).ToList();
        // What is done in one go for longer than a stretch counts as one where there is enough work in it to fill one, whoever shares
        // in it.
        var whole = pieces.Where(piece => rest is not null && piece.IsLong(rest)).ToList();
        var fills = whole.Where(piece => piece.Jobs.Sum(problem.Least) >= rest!.GoesOn).Select(piece => piece.Jobs[^1].Id).ToHashSet();
        var inWhole = whole.SelectMany(piece => piece.Jobs).Select(job => job.Id).ToHashSet();
        // And what is short may be done in its waits.
        var nests = whole.Any(piece => piece.Jobs.Count > 1) ? rest!.Minutes : 0;
        var (least, minutes, parted, stretches) = (0, 0, 0, 0);
        foreach (var job in work)
        {
            minutes += problem.Least(job);
            parted += inWhole.Contains(job.Id) || problem.Least(job) < nests ? 0 : problem.Least(job);
            stretches += fills.Contains(job.Id) ? 1 : 0;
            var breaks = rest is null ? 0 : Math.Max(0, stretches + ((parted + rest.GoesOn - 1) / rest.GoesOn) - pairs);
            least = Math.Max(least, ((minutes + (breaks * (rest?.Minutes ?? 0)) + pairs - 1) / pairs) + Tail(job));
        }

        return least;
    }

    /// <summary>The breaks of all pairs, where they are the same.</summary>
    private Rest? Shared() =>
        rests
        && problem.Pairs.Count > 0
        && problem.Pairs.Select(pair => problem.Rests.GetValueOrDefault(pair.Id)).Distinct().ToList() is [{ } rest]
            ? rest
            : null;

    private int Tail(Job job)
    {
        if (!_tails.TryGetValue(job.Id, out var tail))
        {
            tail = _behind[job.Id]
                .Select(link => link.LeastGap + problem.Least(_jobs[link.To]) + Tail(_jobs[link.To]))
                .DefaultIfEmpty()
                .Max();
            _tails[job.Id] = tail;
        }

        return tail;
    }
}
