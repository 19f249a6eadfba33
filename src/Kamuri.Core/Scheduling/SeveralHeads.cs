using Google.OrTools.Sat;

namespace Kamuri.Core.Scheduling;

/// <summary>How far a longer search is.</summary>
/// <param name="Share">Of all its rounds, 0 to 1.</param>
/// <param name="Best">Minutes to the last end of the best schedule so far, its breaks included.</param>
/// <param name="LowerBound">No schedule ends before so many minutes.</param>
public sealed record SearchProgress(double Share, int Best, int LowerBound);

/// <summary>
/// The search for a schedule of several heads, with the breaks people need. It begins with what going by the list comes to, and then
/// asks from below: is this possible? And with one more minute? The first yes is the best there is. Where there are hours to be in
/// time for, it asks first for the least minutes late, and then for the best day that is no later. Where that takes too long, it looks
/// for something better than it has from above, and what was proven from below stays the least.
/// </summary>
internal sealed class SeveralHeads
{
    private const double Tidying = 0.003;

    /// <summary>Looking on for any schedule at all.</summary>
    private const double SearchAny = 2;

    /// <summary>Jobs for hands up to which the proof is done in its time, breaks included.</summary>
    private static readonly (int OnePair, int Pairs) Many = (36, 16);

    /// <summary>Minutes apart from which work keeps its order where an order is mended.</summary>
    private const int Far = 180;

    /// <summary>So many minutes more in each round of a longer search.</summary>
    private const int Wider = 30;

    /// <summary>Looking on for one in which everybody has their breaks.</summary>
    private const double AnyWithBreaks = 0.1;

    /// <summary>One round of a longer search.</summary>
    private const double Round = 0.1;

    // Several heads on shared hands are a true puzzle: presolve pays, once, its linear relaxation does not. Sums here are short, and the
    // solver's older way with them takes half the time.
    private const string Thorough =
        "linearization_level:0,cp_model_probing_level:0,max_presolve_iterations:1,use_precedences_in_disjunctive_constraint:false,new_linear_propagation:false";

    // With several pairs of hands much of it is alike, and many quick tries find more than one thorough one.
    private const string Restless = "linearization_level:0,search_branching:PORTFOLIO_WITH_QUICK_RESTART_SEARCH";

    // The orders of hands are choices of their own here, so what else the solver would find out about them is work done twice.
    private const string FromBelow = $"{Thorough},use_objective_lb_search:true";

    // In time, few waits are shortened, which the linear relaxation sees at once. Late, nearly all are, and what is left is not far
    // from what is found.
    private const string InTime =
        "linearization_level:1,cp_model_probing_level:0,max_presolve_iterations:1,use_precedences_in_disjunctive_constraint:false,use_objective_lb_search:true";

    private readonly SchedulingProblem _problem;
    private readonly bool _rests;
    private readonly string _fromAbove;

    /// <summary>
    /// A second or two is all there is, in the solver's deterministic time: from below, then no later than has to be where there are
    /// hours, near what was found, and what is left from above.
    /// </summary>
    private readonly (double Below, double NoLater, double Near, double Above) _search;
    private double _bound = double.NegativeInfinity;
    private Found? _best;

    /// <summary>Minutes late that cannot be fewer; null while that is not proven.</summary>
    private long? _leastLate;

    /// <param name="problem">What is to be placed.</param>
    /// <param name="rests">Everybody has their breaks, or there is no schedule.</param>
    private SeveralHeads(SchedulingProblem problem, bool rests)
    {
        (_problem, _rests) = (problem, rests);
        _fromAbove = problem.Pairs.Count > 1 && !rests ? Restless : Thorough;
        _search = !IsLarge(problem) ? (0.14, 0.12, 0, 0.02) : problem.Pairs.Count > 1 || !rests ? (0.015, 0.015, 0.01, 0.012) : (0.075, 0, 0.02, 0.012);
    }

    /// <summary>A schedule and what its hours come to.</summary>
    private sealed record Found(double Hours, Schedule Schedule);

    private bool IsProven => _best is not null && _best.Hours <= _bound + Bounds.Close && !(Late(_best.Schedule) > _leastLate);

    /// <summary>
    /// The best that a second or two find; null when there is none. Where not everybody can have their breaks, as many as there can be.
    /// </summary>
    /// <param name="problem">What is to be placed.</param>
    /// <param name="known">Orders that a longer search has found.</param>
    public static Schedule? Quick(SchedulingProblem problem, KnownOrders? known)
    {
        var search = new SeveralHeads(problem, problem.Rests.Count > 0);
        var found = search.Begin();
        return found is not null && known?.Of(problem) is { } order && search.InOrder(order) is { } again ? Worth.Better(found, search.Rested(again), problem) : found;
    }

    /// <summary>
    /// Goes on for several rounds, each from the other side or from another beginning; null when there is no schedule. The same
    /// for the same problem, unless it is broken off.
    /// </summary>
    /// <param name="problem">What is to be placed.</param>
    /// <param name="rounds">How many.</param>
    /// <param name="report">Told after each.</param>
    /// <param name="brokenOff">Ends it with the best so far.</param>
    public static Schedule? Patient(SchedulingProblem problem, int rounds, Action<SearchProgress> report, CancellationToken brokenOff)
    {
        var search = new SeveralHeads(problem, problem.Rests.Count > 0);
        var best = search.Begin();
        for (var round = 1; round <= rounds && best is { Proven: false } && !brokenOff.IsCancellationRequested; round++)
        {
            best = search.GoOn(best, round);
            report(new SearchProgress((double)round / rounds, best.Span, best.LowerBound));
        }

        return best;
    }

    /// <summary>Two pairs of hands, or more than two heads, with a full day: a proof may not be done in its time.</summary>
    private static bool IsLarge(SchedulingProblem problem) => problem.Pairs.Count > 1
        ? problem.Jobs.Count(job => job.IsHandsOn) > Many.Pairs
        : problem.Jobs.Count(job => job.IsHandsOn) > Many.OnePair && problem.Jobs.Select(job => job.With).OfType<string>().Distinct().Count() > 2;

    private Schedule? Begin()
    {
        Take(ListSchedule.Of(_problem) is { } list ? InOrder(list) : null);
        Take(_problem.Known is { } same ? InOrder(same) : null);
        if (_best is null && _rests && _problem.Pairs.Count == 1)
        {
            Take(OneAfterTheOther.Of(_problem, head => new SeveralHeads(head, rests: true).Search()) is { } order ? InOrder(order) : null);
        }

        return !_rests || !IsLarge(_problem) ? Search() ?? (_rests ? SearchLarge() : null) : SearchLarge();
    }

    /// <summary>From below as far as it goes, then from above. Null when there is no schedule, or none was found.</summary>
    private Schedule? Search()
    {
        // What breaks will change anyway need not be the very best.
        var isBeginning = !_rests && _problem.Rests.Count > 0;
        if (_problem.MayShorten ? !PlaceLeastLate() || (!isBeginning && !Place(_leastLate == 0 ? InTime : Thorough, _search.NoLater)) : !Place(FromBelow, _search.Below))
        {
            return null;
        }

        if (!IsProven && !(isBeginning && _best is not null))
        {
            Place(_fromAbove, _search.Above);
        }

        if (_best is null && !_rests)
        {
            // Not found yet is not the same as impossible.
            Place($"{_fromAbove},stop_after_first_solution:true", SearchAny);
        }

        return _best is null ? null : Rested(_best);
    }

    /// <summary>
    /// What may be too much to be proven: from below for a while, and then near and from above from the best beginning there is. Null only
    /// when there is no schedule even without breaks.
    /// </summary>
    private Schedule? SearchLarge()
    {
        if (_problem.Pairs.Count == 1 && !_problem.MayShorten)
        {
            Place(FromBelow, _search.Below);
            if (!IsProven && _best is not null)
            {
                PlaceNear(Far, _search.Near);
            }

            if (_best is not null)
            {
                return Rested(_best);
            }
        }

        // What is proven without breaks is sure with them, and an order that was found without them may have places for all of them.
        var without = new SeveralHeads(_problem, rests: false);
        if (without.Begin() is not { } parted)
        {
            return null;
        }

        _bound = _problem.MayShorten ? _bound : Math.Max(_bound, without._bound);
        _leastLate = Breaks.Missing(parted, _problem) == 0 && Late(parted) == without._leastLate ? without._leastLate : null;
        Take(InOrder(parted));
        if (_best is not null)
        {
            PlaceNear(Far, _search.Near);
        }

        if (!IsProven)
        {
            Place(_fromAbove, _search.Above);
        }

        if (_best is null)
        {
            Place($"{_fromAbove},stop_after_first_solution:true", AnyWithBreaks);
        }

        // Where no order has a place for every break, whoever goes by the list may still get more of them.
        var asListed = _best is null && ListSchedule.Of(_problem) is { } order && without.InOrder(order) is { } again ? without.Rested(again) : null;
        return _best is null ? Worth.Better(parted, asListed, _problem) : Worth.Better(Rested(_best), parted, _problem);
    }

    /// <summary>Looks for a schedule that differs from the best so far only in what lies near together in it.</summary>
    private void PlaceNear(int apart, double longest, int seed = 7)
    {
        var hands = _best!.Schedule.Placements.Where(placed => placed.Job.IsHandsOn).ToList();
        var far = hands.SelectMany(one => hands.Where(other => other.Start - one.End >= apart).Select(other => new Link(one.Job.Id, other.Job.Id)));
        var model = Model(_problem with { Links = [.. _problem.Links, .. far] });
        model.MinimizeHours();
        Keep(model, _bound, _best.Hours);
        model.BeginAt(_best.Schedule);
        var (solver, status) = CpSatScheduler.Solve(model, _problem.MayShorten ? Thorough : FromBelow, longest, seed);
        Take(model, solver, status);
    }

    private Schedule GoOn(Schedule best, int round)
    {
        if (!IsProven && round % 3 == 1)
        {
            // A proof that was not found in one time is found in a longer one, if at all.
            Place(FromBelow, Round * (1 + (round / 3)), round);
        }

        if (!IsProven && _best is not null && round % 2 == 0)
        {
            // Wider and wider around what is there.
            PlaceNear(Far + (Wider * round), Round, round);
        }
        else if (!IsProven)
        {
            Place(round % 4 == 1 ? Restless : Thorough, Round, round);
        }

        return _best is null ? best : Worth.Better(best, Rested(_best, round), _problem)!;
    }

    private ScheduleModel Model(SchedulingProblem problem)
    {
        var model = new ScheduleModel(problem);
        model.ChooseOrders();
        if (_rests)
        {
            model.KeepBreaks(_best is null ? null : _best.Schedule.Span - _best.Schedule.Placements[0].Start);
        }

        return model;
    }

    /// <summary>Looks for something better, or for a proof that there is nothing. Whether there is a schedule, as far as is known.</summary>
    private bool Place(string how, double longest, int seed = 7)
    {
        var model = Model(_problem);
        model.MinimizeHours();
        Keep(model, _bound, _best?.Hours);
        if (_best is not null)
        {
            model.BeginAt(_best.Schedule);
        }

        var (solver, status) = CpSatScheduler.Solve(model, how, longest, seed);
        if (status != CpSolverStatus.Infeasible)
        {
            _bound = Math.Max(_bound, Bounds.WholeMinutes(_problem, solver.BestObjectiveBound));
        }

        Take(model, solver, status);
        return status != CpSolverStatus.Infeasible;
    }

    private void Take(ScheduleModel model, CpSolver solver, CpSolverStatus status)
    {
        if (CpSatScheduler.HasSchedule(status))
        {
            var found = new Found(solver.ObjectiveValue, model.Read(solver, _bound, proven: false));
            Take(InOrder(found.Schedule) ?? (IsRested(found.Schedule) ? found : null));
        }
    }

    /// <summary>Looks for the fewest minutes late. Whether there is a schedule, as far as is known.</summary>
    private bool PlaceLeastLate()
    {
        var model = Model(_problem);
        model.MinimizeLateness();
        if (_best is not null)
        {
            model.KeepLateness(Late(_best.Schedule));
            model.BeginAt(_best.Schedule);
        }

        var (solver, status) = CpSatScheduler.Solve(model, FromBelow, _search.Below);
        if (CpSatScheduler.HasSchedule(status))
        {
            var found = model.Read(solver, _bound, proven: false);
            _leastLate = status == CpSolverStatus.Optimal && IsRested(found) ? (long)Math.Round(solver.ObjectiveValue) : null;
            Take(InOrder(found));
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

    /// <summary>The best of what keeps an order and its breaks: quickly told; null when the order does not do.</summary>
    private Found? InOrder(Schedule order)
    {
        if (!IsRested(order))
        {
            return null;
        }

        var model = new ScheduleModel(Breaks.Settled(order, _problem, _rests));
        model.MinimizeHours();
        Keep(model, _bound, null);
        var (solver, status) = CpSatScheduler.Solve(model, CpSatScheduler.ForOneHead, Tidying);
        return CpSatScheduler.HasSchedule(status) ? new Found(solver.ObjectiveValue, model.Read(solver, _bound, proven: false)) : null;
    }

    /// <summary>Tidied while the hours stay, in its order or, where there are no breaks to keep, in any; and with breaks.</summary>
    private Schedule Rested(Found found, int seed = 7)
    {
        var isProven = found.Hours <= _bound + Bounds.Close;
        var tidied = Tidied(found, new ScheduleModel(Breaks.Settled(found.Schedule, _problem, _rests)), CpSatScheduler.ForOneHead, seed);
        if (_rests)
        {
            return Bounds.Judged(_problem, tidied, _bound, isProven).Of(_problem) with { Gaps = [.. Breaks.In(tidied, _problem).Gaps.SelectMany(each => each).Distinct()] };
        }

        tidied = Tidied(found with { Schedule = tidied }, new ScheduleModel(_problem), _fromAbove, seed);
        var (rested, gaps) = Breaks.Into(Bounds.Judged(_problem, tidied, _bound, isProven), _problem, PlaceInOrder);
        return rested.Of(_problem) with { Gaps = gaps };
    }

    private Schedule Tidied(Found found, ScheduleModel model, string how, int seed)
    {
        Keep(model, _bound, found.Hours);
        model.MinimizeTidiness();
        model.BeginAt(found.Schedule);
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

    private long Late(Schedule schedule) => Worth.Late(schedule, _problem);

    private bool IsRested(Schedule schedule) => !_rests || Breaks.Missing(schedule, _problem) == 0;
}
