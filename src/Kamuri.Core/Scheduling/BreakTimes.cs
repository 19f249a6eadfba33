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
    /// <summary>A job that keeps them busy.</summary>
    /// <param name="Does">Whether it is they who do it; null where it has to be.</param>
    internal sealed record Work(IntVar Start, LinearExpr End, IntervalVar Interval, ILiteral? Does);

    /// <summary>Work that nothing may part and that is longer than they should go on: a stretch of its own, done in one go.</summary>
    internal sealed record LongWork(IReadOnlyList<Work> Jobs);

    /// <param name="jobs">All that keeps them busy.</param>
    /// <param name="longWork">What of it is longer than a stretch.</param>
    /// <param name="within">Minutes from their first job to their last at most.</param>
    public void Add(IReadOnlyList<Work> jobs, IReadOnlyList<LongWork> longWork, int within)
    {
        var (first, last) = (model.NewIntVar(0, horizon, $"{who} first"), model.NewIntVar(0, horizon, $"{who} last"));
        foreach (var job in jobs)
        {
            OnlyIf(model.Add(first <= job.Start), job.Does);
            OnlyIf(model.Add(last >= job.End), job.Does);
        }

        if (jobs.All(job => job.Does is null))
        {
            model.AddMinEquality(first, jobs.Select(job => (LinearExpr)job.Start));
            model.AddMaxEquality(last, jobs.Select(job => job.End));
        }

        // Two stretches and the break between them are always more than one stretch may be; and no job is in two of them.
        var most = Math.Min((2 * within / (rest.GoesOn + rest.Minutes + 1)) + 1, jobs.Count - 1);
        var busy = jobs.Select(job => job.Interval).ToList();
        var (since, previous, isBefore) = ((LinearExpr)first, (LinearExpr?)null, (BoolVar?)null);
        for (var n = 0; n < most; n++)
        {
            var (isThere, from, to) = (model.NewBoolVar($"{who} break {n}"), model.NewIntVar(0, horizon, $"{who} break {n} from"), model.NewIntVar(0, horizon, $"{who} break {n} to"));
            busy.Add(model.NewOptionalIntervalVar(from, model.NewIntVar(rest.Minutes, horizon, $"{who} break {n} minutes"), to, isThere, $"{who} break {n}"));
            model.Add(from >= since + 1).OnlyEnforceIf(isThere);
            model.Add(to <= last).OnlyEnforceIf(isThere);
            model.Add(last - since >= rest.GoesOn + 1).OnlyEnforceIf(isThere);
            if (previous is not null)
            {
                model.Add(from - previous >= rest.GoesOn + 1).OnlyEnforceIf(isThere);
                model.AddImplication(isThere, isBefore!);
            }

            AddStretch(since, from, longWork, isThere);
            AddStretch(since, last, longWork, isBefore is null ? [isThere.Not()] : [isThere.Not(), isBefore]);
            (previous, since, isBefore) = (since, to, isThere);
        }

        AddStretch(since, last, longWork, isBefore!);
        model.AddNoOverlap(busy);
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
