using Google.OrTools.Sat;

namespace Kamuri.Core.Scheduling;

/// <summary>How far a longer search is.</summary>
/// <param name="Share">Of all its rounds, 0 to 1.</param>
/// <param name="Best">Minutes to the last end of the best schedule so far, its breaks included.</param>
/// <param name="LowerBound">No schedule ends before so many minutes, even without breaks.</param>
public sealed record SearchProgress(double Share, int Best, int LowerBound);

/// <summary>
/// The search for a schedule of several heads. It begins with what going by the list comes to, and then asks from below: is
/// this possible? And with one more minute? The first yes is the best there is. Where there are hours to be in time for, it asks first
/// for the least minutes late, and then for the best day that is no later. Where that takes too long, it looks for something better
/// than it has from above, and what was proven from below stays the least.
/// </summary>
internal sealed class SeveralHeads(SchedulingProblem problem)
{
    /// <summary>
    /// A second or two is all there is, in the solver's deterministic time: from below, then no later than has to be where there are
    /// hours, and what is left from above. With one pair of hands most of it goes into the proof.
    /// </summary>
    private readonly (double Below, double NoLater, double Above) _search = problem.Pairs.Count > 1 ? (0.02, 0.02, 0.03) : (0.08, 0.13, 0.01);

    private const double Tidying = 0.003;

    /// <summary>Looking on for any schedule at all.</summary>
    private const double SearchAny = 2;

    /// <summary>One round of a longer search.</summary>
    private const double Round = 0.1;

    // Several heads on shared hands are a true puzzle: presolve pays, its linear relaxation does not.
    private const string Thorough = "linearization_level:0";

    // With several pairs of hands much of it is alike, and many quick tries find more than one thorough one.
    private const string Restless = "linearization_level:0,search_branching:PORTFOLIO_WITH_QUICK_RESTART_SEARCH";

    // The orders of hands are choices of their own here, so what else the solver would find out about them is work done twice.
    private const string FromBelow = "linearization_level:0,cp_model_probing_level:0,use_objective_lb_search:true,use_precedences_in_disjunctive_constraint:false";

    // In time, few waits are shortened, which the linear relaxation sees at once. Late, nearly all are, and what is left is not far
    // from what is found.
    private const string InTime = "linearization_level:1,cp_model_probing_level:0,use_objective_lb_search:true,use_precedences_in_disjunctive_constraint:false";
    private const string Overdue = "linearization_level:0,cp_model_probing_level:0,use_precedences_in_disjunctive_constraint:false";

    private readonly string _fromAbove = problem.Pairs.Count > 1 ? Restless : Thorough;
    private double _bound = double.NegativeInfinity;
    private Found? _best;

    /// <summary>Minutes late that cannot be fewer; null while that is not proven.</summary>
    private long? _leastLate;

    /// <summary>A schedule and what its hours come to.</summary>
    private sealed record Found(double Hours, Schedule Schedule);

    private bool IsProven => _best is not null && _best.Hours <= _bound + ScheduleModel.Close && !(Late(_best.Schedule) > _leastLate);

    /// <summary>The best that a second or two find; null when there is none.</summary>
    /// <param name="known">Orders that a longer search has found.</param>
    public Schedule? Quick(KnownOrders? known)
    {
        Take(ListSchedule.Of(problem) is { } list ? InOrder(list) : null);
        if (problem.MayShorten ? !PlaceLeastLate() || !Place(_leastLate == 0 ? InTime : Overdue, _search.NoLater) : !Place(FromBelow, _search.Below))
        {
            return null;
        }

        if (!IsProven)
        {
            Place(_fromAbove, _search.Above);
        }

        if (_best is null)
        {
            // Not found yet is not the same as impossible.
            Place($"{_fromAbove},stop_after_first_solution:true", SearchAny);
        }

        return Better(_best is null ? null : Rested(_best), known?.Of(problem) is { } order && InOrder(order) is { } again ? Rested(again) : null);
    }

    /// <summary>
    /// Goes on for several rounds, each from the other side or from another beginning; null when there is no schedule. The same
    /// for the same problem, unless it is broken off.
    /// </summary>
    /// <param name="rounds">How many.</param>
    /// <param name="report">Told after each.</param>
    /// <param name="brokenOff">Ends it with the best so far.</param>
    public Schedule? Patient(int rounds, Action<SearchProgress> report, CancellationToken brokenOff)
    {
        var best = Quick(null);
        for (var round = 1; round <= rounds && best is { Proven: false } && !brokenOff.IsCancellationRequested; round++)
        {
            if (!IsProven && round % 3 == 1)
            {
                // A proof that was not found in one time is found in a longer one, if at all.
                Place(FromBelow, Round * (1 + (round / 3)), round);
            }

            if (!IsProven)
            {
                Place(round % 2 == 1 ? Restless : Thorough, Round, round);
            }

            // Of orders that are equally good without breaks, some have better places for them.
            best = Better(best, Rested(_best!, round));
            report(new SearchProgress((double)round / rounds, best!.Span, best.LowerBound));
        }

        return best is null || best.WithoutBreaks > best.LowerBound ? best : best with { ProvenWithoutBreaks = true };
    }

    /// <summary>Looks for something better, or for a proof that there is nothing. Whether there is a schedule, as far as is known.</summary>
    private bool Place(string how, double longest, int seed = 7)
    {
        var model = new ScheduleModel(problem);
        model.ChooseOrders();
        model.MinimizeHours();
        Keep(model, _bound, _best?.Hours);
        model.BeginAt(_best?.Schedule.Placements ?? []);
        var (solver, status) = CpSatScheduler.Solve(model, how, longest, seed);
        if (status != CpSolverStatus.Infeasible)
        {
            _bound = Math.Max(_bound, solver.BestObjectiveBound);
        }

        if (CpSatScheduler.HasSchedule(status))
        {
            var found = new Found(solver.ObjectiveValue, model.Read(solver, _bound, proven: false));
            Take(InOrder(found.Schedule) ?? found);
        }

        return status != CpSolverStatus.Infeasible;
    }

    /// <summary>Looks for the fewest minutes late. Whether there is a schedule, as far as is known.</summary>
    private bool PlaceLeastLate()
    {
        var model = new ScheduleModel(problem);
        model.ChooseOrders();
        model.MinimizeLateness();
        if (_best is not null)
        {
            model.KeepLateness(Late(_best.Schedule));
            model.BeginAt(_best.Schedule.Placements);
        }

        var (solver, status) = CpSatScheduler.Solve(model, FromBelow, _search.Below);
        if (CpSatScheduler.HasSchedule(status))
        {
            _leastLate = status == CpSolverStatus.Optimal ? (long)Math.Round(solver.ObjectiveValue) : null;
            Take(InOrder(model.Read(solver, _bound, proven: false)));
        }

        return status != CpSolverStatus.Infeasible;
    }

    private void Keep(ScheduleModel model, double atLeast, double? atMost)
    {
        if (_leastLate is { } late)
        {
            model.KeepLateness(late);
        }

        // Where the best so far is later than it need be, its hours are no measure.
        model.KeepHours(atLeast, _best is not null && Late(_best.Schedule) > _leastLate ? null : atMost);
    }

    private void Take(Found? found) =>
        _best = found is not null && (_best is null || (Late(found.Schedule), found.Hours).CompareTo((Late(_best.Schedule), _best.Hours)) < 0) ? found : _best;

    /// <summary>The best of what keeps an order: quickly told; null when the order does not do.</summary>
    private Found? InOrder(Schedule order)
    {
        var model = new ScheduleModel(Breaks.Settled(order, problem));
        model.MinimizeHours();
        Keep(model, _bound, null);
        var (solver, status) = CpSatScheduler.Solve(model, CpSatScheduler.ForOneHead, Tidying);
        return CpSatScheduler.HasSchedule(status) ? new Found(solver.ObjectiveValue, model.Read(solver, _bound, proven: false)) : null;
    }

    /// <summary>Tidied while the hours stay, first in its order and then in any, and with breaks.</summary>
    private Schedule Rested(Found found, int seed = 7)
    {
        var settled = Tidied(found, new ScheduleModel(Breaks.Settled(found.Schedule, problem)), CpSatScheduler.ForOneHead, seed);
        var tidied = Tidied(found with { Schedule = settled }, new ScheduleModel(problem), _fromAbove, seed);
        var schedule = ScheduleModel.Judged(problem, tidied, _bound, proven: found.Hours <= _bound + ScheduleModel.Close);
        var (rested, gaps) = Breaks.Into(schedule, problem, PlaceInOrder);
        return rested with { Gaps = gaps, WithoutBreaks = schedule.Span, ProvenWithoutBreaks = schedule.Proven };
    }

    private Schedule Tidied(Found found, ScheduleModel model, string how, int seed)
    {
        Keep(model, _bound, found.Hours);
        model.MinimizeTidiness();
        model.BeginAt(found.Schedule.Placements);
        var (solver, status) = CpSatScheduler.Solve(model, how, Tidying, seed);
        return CpSatScheduler.HasSchedule(status) ? model.Read(solver, _bound, proven: false) : found.Schedule;
    }

    /// <summary>Places what has hardly any choice left.</summary>
    private static Schedule? PlaceInOrder(SchedulingProblem settled)
    {
        var model = new ScheduleModel(settled);
        model.MinimizeAll();
        var (solver, status) = CpSatScheduler.Solve(model, CpSatScheduler.ForOneHead, Tidying);
        return CpSatScheduler.HasSchedule(status) ? model.Read(solver, 0, proven: false) : null;
    }

    /// <summary>The one with fewer breaks missing, then with fewer minutes late, then the shorter; what is known of either holds for both.</summary>
    private Schedule? Better(Schedule? one, Schedule? other)
    {
        if (one is null || other is null)
        {
            return one ?? other;
        }

        var better = (Breaks.Missing(other, problem), Late(other), Length(other)).CompareTo((Breaks.Missing(one, problem), Late(one), Length(one))) < 0 ? other : one;
        var bound = problem.MayBeginLater ? better.LowerBound : Math.Max(one.LowerBound, other.LowerBound);
        return better with { LowerBound = Math.Min(bound, better.Span) };
    }

    private int Length(Schedule schedule) => schedule.Span - (problem.MayBeginLater ? schedule.Placements[0].Start : 0);

    private long Late(Schedule schedule) =>
        problem.Deadlines.Sum(pair => (long)Math.Max(0, schedule.Placements.Where(placed => placed.Job.With == pair.Key).Select(placed => placed.End).DefaultIfEmpty().Max() - pair.Value))
        + (problem.Deadline is { } all ? Math.Max(0, schedule.Span - all) : 0);
}
