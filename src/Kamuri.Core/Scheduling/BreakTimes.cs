using Google.OrTools.Sat;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// The breaks somebody needs, as choices of the solver. Each is a pause that fills a whole gap in their work; from one to the next
/// nobody goes on for too long. Of all gaps that are long enough only so many are taken as a break as are needed for that, so that
/// one schedule is not found again and again with its breaks named otherwise.
/// </summary>
/// <param name="model">Where they are added.</param>
/// <param name="horizon">Nothing ends after this.</param>
/// <param name="who">Whose breaks.</param>
/// <param name="rest">How long they go on, and how long they rest.</param>
internal sealed class BreakTimes(CpModel model, long horizon, string who, Rest rest)
{
    /// <summary>Breaks beyond the fewest there can be.</summary>
    private const int More = 3;

    private readonly List<Break> _breaks = [];
    private readonly List<Work> _jobs = [];

    /// <summary>Whose breaks.</summary>
    public string Who => who;

    /// <summary>A job that keeps them busy.</summary>
    /// <param name="Does">Whether it is they who do it; null where it has to be.</param>
    internal sealed record Work(Job Job, IntVar Start, LinearExpr End, IntervalVar Interval, ILiteral? Does);

    /// <summary>Work that nothing may part and that is longer than they should go on: a stretch of its own, done in one go.</summary>
    internal sealed record LongWork(IReadOnlyList<Work> Jobs);

    /// <param name="Behind">For each job whether it comes behind the break; empty where that is not said.</param>
    private sealed record Break(BoolVar IsThere, IntVar From, IntVar To, IReadOnlyList<BoolVar> Behind);

    /// <param name="jobs">All that keeps them busy.</param>
    /// <param name="longWork">What of it is longer than a stretch.</param>
    /// <param name="runs">What follows one another in it anyway.</param>
    /// <param name="within">Minutes from their first job to their last at most.</param>
    /// <param name="stretches">The fewest stretches all of it makes.</param>
    public void Add(IReadOnlyList<Work> jobs, IReadOnlyList<LongWork> longWork, IReadOnlyList<HandRun> runs, int within, int stretches)
    {
        _jobs.AddRange(jobs);
        var (first, last) = FirstAndLast();

        // Two stretches and the break between them are always more than one stretch may be; and no job is in two of them.
        var bound = Math.Min((2 * within / (rest.GoesOn + rest.Minutes + 1)) + 1, jobs.Count - 1);
        // Hardly a day needs so many more than the fewest. One that does goes on unbound behind the last: what is proven of it holds
        // all the same, and whoever reads a schedule has to look whether all breaks are in it.
        var most = IsSure ? Math.Min(bound, stretches + More) : bound;
        var (since, before, previous) = ((LinearExpr)first, (LinearExpr)first, (Break?)null);
        for (var n = 0; n < most; n++)
        {
            var next = new Break(
                model.NewBoolVar($"{who} break {n}"),
                model.NewIntVar(0, horizon, $"{who} break {n} from"),
                model.NewIntVar(0, horizon, $"{who} break {n} to"),
                IsSure ? BehindEach(n) : []
            );
            _breaks.Add(next);
            if (IsSure && n < stretches - 1)
            {
                model.Add(next.IsThere == 1);
            }

            model.Add(next.From >= since + 1).OnlyEnforceIf(next.IsThere);
            model.Add(next.To <= last).OnlyEnforceIf(next.IsThere);
            model.Add(last - since >= rest.GoesOn + 1).OnlyEnforceIf(next.IsThere);
            if (previous is not null)
            {
                model.Add(next.From - before >= rest.GoesOn + 1).OnlyEnforceIf(next.IsThere);
                model.AddImplication(next.IsThere, previous.IsThere);
            }

            AddOrders(next, previous, runs);
            AddStretch(since, next.From, longWork, next.IsThere);
            AddStretch(since, last, longWork, previous is null ? [next.IsThere.Not()] : [next.IsThere.Not(), previous.IsThere]);
            (previous, before, since) = (next, since, next.To);
        }

        if (most == bound)
        {
            AddStretch(since, last, longWork, previous is null ? [] : [previous.IsThere]);
        }

        model.AddNoOverlap(
            jobs.Select(job => job.Interval)
                .Concat(
                    _breaks.Select(
                        (each, n) =>
                            model.NewOptionalIntervalVar(
                                each.From,
                                model.NewIntVar(rest.Minutes, horizon, $"{who} break {n} minutes"),
                                each.To,
                                each.IsThere,
                                $"{who} break {n}"
                            )
                    )
                )
        );
    }

    /// <summary>Says which jobs are in different stretches, whatever else there is.</summary>
    public void Part(IEnumerable<(Job From, Job To)> parted)
    {
        var at = _jobs.Select((work, n) => (work.Job.Id, n)).ToDictionary(pair => pair.Id, pair => pair.n);
        foreach (var (from, to) in IsSure ? parted.Select(pair => (at[pair.From.Id], at[pair.To.Id])) : [])
        {
            for (var n = 0; n < _breaks.Count; n++)
            {
                // Behind a break, the other is behind the next one; the first break of all lies between any two that are parted.
                model.Add(_breaks[n].Behind[to] == 1).OnlyEnforceIf(n == 0 ? [] : [_breaks[n - 1].Behind[from]]);
            }
        }
    }

    /// <summary>Begins the search with the breaks of a schedule that has all of them.</summary>
    public void Hint(IReadOnlyDictionary<string, Placement> placed, IEnumerable<Link> gaps)
    {
        var taken = gaps.Select(gap => (From: placed[gap.From].End, To: placed[gap.To].Start)).OrderBy(gap => gap.From).ToList();
        for (var n = 0; n < _breaks.Count; n++)
        {
            model.AddHint(_breaks[n].IsThere, n < taken.Count);
            foreach (var (work, behind) in _jobs.Zip(_breaks[n].Behind))
            {
                model.AddHint(behind, n < taken.Count && placed[work.Job.Id].Start >= taken[n].To);
            }

            if (n < taken.Count)
            {
                model.AddHint(_breaks[n].From, taken[n].From);
                model.AddHint(_breaks[n].To, taken[n].To);
            }
        }
    }

    /// <summary>Whether it is sure that all of the work is theirs.</summary>
    private bool IsSure => _jobs.All(job => job.Does is null);

    private (IntVar First, IntVar Last) FirstAndLast()
    {
        var (first, last) = (model.NewIntVar(0, horizon, $"{who} first"), model.NewIntVar(0, horizon, $"{who} last"));
        if (IsSure)
        {
            model.AddMinEquality(first, _jobs.Select(job => (LinearExpr)job.Start));
            model.AddMaxEquality(last, _jobs.Select(job => job.End));
            return (first, last);
        }

        foreach (var job in _jobs)
        {
            OnlyIf(model.Add(first <= job.Start), job.Does);
            OnlyIf(model.Add(last >= job.End), job.Does);
        }

        return (first, last);
    }

    private List<BoolVar> BehindEach(int n) => [.. _jobs.Select(job => model.NewBoolVar($"{job.Job.Id} behind {who} break {n}"))];

    /// <summary>
    /// Which jobs come behind a break, as choices of their own: what comes behind one of them in any case comes behind the break too. The
    /// solver would have to find that out again for every hour, and then nothing of more than two heads could be proven.
    /// </summary>
    private void AddOrders(Break next, Break? previous, IReadOnlyList<HandRun> runs)
    {
        if (next.Behind.Count == 0)
        {
            return;
        }

        for (var at = 0; at < _jobs.Count; at++)
        {
            model.AddImplication(next.Behind[at], next.IsThere);
            model.Add(_jobs[at].Start >= next.To).OnlyEnforceIf(next.Behind[at]);
            model.Add(_jobs[at].End <= next.From).OnlyEnforceIf([next.Behind[at].Not(), next.IsThere]);
            if (previous is not null)
            {
                model.AddImplication(next.Behind[at], previous.Behind[at]);
            }
        }

        var behind = _jobs.Zip(next.Behind).ToDictionary(pair => pair.First.Job.Id, pair => pair.Second);
        foreach (var own in runs.Select(run => run.Jobs.Where(job => behind.ContainsKey(job.Id)).ToList()))
        {
            foreach (var (one, other) in own.Zip(own.Skip(1)))
            {
                model.AddImplication(behind[one.Id], behind[other.Id]);
            }
        }
    }

    /// <summary>From one minute to another is not too long, or one long piece of work and nothing else.</summary>
    private void AddStretch(LinearExpr since, LinearExpr until, IReadOnlyList<LongWork> longWork, params ILiteral[] when)
    {
        var alone = longWork.Select((_, at) => model.NewBoolVar($"{who} alone {at}")).ToList();
        foreach (var (work, isAlone) in longWork.Zip(alone))
        {
            model.Add(work.Jobs[0].Start == since).OnlyEnforceIf([isAlone, .. when]);
            model.Add(work.Jobs[^1].End == until).OnlyEnforceIf([isAlone, .. when]);
            foreach (var does in work.Jobs.Select(job => job.Does).OfType<ILiteral>())
            {
                model.AddImplication(isAlone, does);
            }
        }

        model.Add(until - since <= rest.GoesOn).OnlyEnforceIf([.. when, .. alone.Select(each => each.Not())]);
    }

    private static void OnlyIf(Constraint constraint, ILiteral? does)
    {
        if (does is not null)
        {
            constraint.OnlyEnforceIf(does);
        }
    }
}
