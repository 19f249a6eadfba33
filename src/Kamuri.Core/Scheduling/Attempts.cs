using Google.OrTools.Sat;
using Kamuri.Core.Scheduling.OnePair;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// What is known of one problem so far, the best schedule and what no schedule is better than, and the tries that make it more. No try
/// makes it less.
/// </summary>
internal sealed class Attempts
{
    private const double Tidying = 0.003;

    /// <summary>What an order of hands leaves open is little, but an order that is proven best must not be lost.</summary>
    private const double InHandsOrder = 0.01;

    // Several heads on shared hands are a true puzzle: its linear relaxation does not pay. Sums here are short, and the solver's older way
    // with them takes half the time; its newer way to learn from what did not work out takes a quarter less. The orders of hands are
    // choices of their own here, so what else the solver would find out about them is work done twice.
    private const string Puzzle = "linearization_level:0,cp_model_probing_level:0,use_precedences_in_disjunctive_constraint:false,new_linear_propagation:false,use_new_integer_conflict_resolution:true";

    // With several pairs of hands much of it is alike, and many quick tries find more than one thorough one.
    private const string Restless = "linearization_level:0,search_branching:PORTFOLIO_WITH_QUICK_RESTART_SEARCH";

    // In time, few waits are shortened, which the linear relaxation sees at once. Late, nearly all are, and what is left is not far
    // from what is found.
    private const string InTime = "linearization_level:1,cp_model_probing_level:0,use_precedences_in_disjunctive_constraint:false,use_objective_lb_search:true";

    /// <summary>A share of the hours that is little.</summary>
    private const double Little = 0.03;

    private readonly SchedulingProblem _problem;
    private readonly bool _rests;
    private readonly string _presolve;
    private readonly Lazy<HandsPuzzle?> _puzzle;
    private double _bound = double.NegativeInfinity;
    private Found? _best;

    /// <param name="problem">What is to be placed.</param>
    /// <param name="rests">Everybody has their breaks, or there is no schedule.</param>
    /// <param name="isLarge">Presolve pays, once; what is small is solved before.</param>
    public Attempts(SchedulingProblem problem, bool rests, bool isLarge)
    {
        (_problem, _rests, _presolve) = (problem, rests, isLarge ? "max_presolve_iterations:1" : "cp_model_presolve:false");
        _puzzle = new Lazy<HandsPuzzle?>(() => HandsPuzzle.Of(problem, rests));
    }

    /// <summary>Which way a try goes.</summary>
    internal enum Way
    {
        /// <summary>Is this possible? And with one more minute? The first yes is the best there is.</summary>
        FromBelow,

        /// <summary>Something better than there is, and then something better than that.</summary>
        FromAbove,

        /// <summary>From above in one try.</summary>
        Thorough,

        /// <summary>From above in many quick tries.</summary>
        Restless,

        /// <summary>From below, waits looked at all at once.</summary>
        InTime,
    }

    /// <summary>A schedule and what its hours come to.</summary>
    private sealed record Found(double Hours, Schedule Schedule);

    /// <summary>Runs of work of one pair of hands; 0 where the day cannot be said as their order.</summary>
    public int Runs => _puzzle.Value?.Runs.Length ?? 0;

    public bool IsAny => _best is not null;

    public bool IsProven => _best is not null && _best.Hours <= _bound + Bounds.Close && !(Late(_best.Schedule) > LeastLate);

    /// <summary>What is still to be won is little.</summary>
    public bool IsClose => _best is not null && _best.Hours - _bound < Little * _best.Hours;

    /// <summary>Minutes late that there are and that cannot be fewer; null while that is not proven.</summary>
    public long? LeastLate { get; private set; }

    /// <summary>No schedule is fewer minutes late; null while nothing is proven.</summary>
    private long? _lateAtLeast;

    /// <summary>Takes over what is proven of the same problem without breaks, and its order where that has places for all of them.</summary>
    public void Learn(Attempts without, Schedule parted)
    {
        _bound = _problem.MayShorten ? _bound : Math.Max(_bound, without._bound);
        _lateAtLeast = without._lateAtLeast is { } late ? Math.Max(_lateAtLeast ?? 0, late) : _lateAtLeast;
        LeastLate = Breaks.Missing(parted, _problem) == 0 && Late(parted) == without.LeastLate ? without.LeastLate : LeastLate;
        TryOrder(parted);
    }

    /// <summary>Looks for something better, or for a proof that there is nothing. Whether there is a schedule, as far as is known.</summary>
    public bool Try(Way way, double longest, int seed = 7) => Try(Said(way), longest, seed);

    /// <summary>Looks through the orders of one pair of hands, where the day can be said as one (<see cref="HandsPuzzle"/>).</summary>
    /// <param name="most">Moments looked at.</param>
    public void TryEveryOrder(int most)
    {
        if (_puzzle.Value is not { } puzzle)
        {
            return;
        }

        TryHands(puzzle, Bound(new OrderSearch(puzzle), most));
    }

    /// <summary>Looks for a good order of one pair of hands among the most promising ones.</summary>
    /// <param name="width">Days gone on from.</param>
    /// <param name="alike">Of those in which the same is done, so many.</param>
    public void TryGoodOrders(int width, int alike)
    {
        if (_puzzle.Value is { } puzzle)
        {
            TryHands(puzzle, new OrderSearch(puzzle).Good(Before, width, alike));
        }
    }

    /// <summary>
    /// Looks through the orders of hands as if some of what is made in the kitchen were there, and then fits that in: few runs of work are looked
    /// through soon, no day ends sooner than the best of those, and the kitchen mostly finds its place in the waits.
    /// </summary>
    /// <param name="kitchens">Runs in the kitchen that are kept.</param>
    /// <param name="most">Moments looked at.</param>
    /// <returns>Moments that were looked at.</returns>
    public int TryWithFewer(int kitchens, int most)
    {
        var seen = 0;
        foreach (var without in _puzzle.Value is null || IsProven ? [] : OrderSearch.WithFewer(_problem, kitchens))
        {
            if (!IsProven && HandsPuzzle.Of(without, _rests) is { } puzzle)
            {
                var search = new OrderSearch(puzzle);
                var order = Bound(search, most);
                seen += search.Seen;
                TryHands(_puzzle.Value!, order is null ? null : new OrderSearch(_puzzle.Value!, order).Best(Before, most));
            }
        }

        return seen;
    }

    /// <summary>A better day ends before so many minutes, where nothing but its end counts.</summary>
    public int Before => _best is null ? int.MaxValue : (int)Math.Round(_best.Hours / Weights.Total);

    /// <summary>Searches, and takes over what is certain then.</summary>
    private HandsOrder? Bound(OrderSearch search, int most)
    {
        var order = search.Best(Before, most);
        if (search.AtLeast < int.MaxValue)
        {
            _bound = Math.Max(_bound, search.AtLeast * (double)Weights.Total);
        }

        return order;
    }

    /// <summary>Takes the soonest day in an order of one pair of hands, where nothing but its end counts.</summary>
    private void TryHands(HandsPuzzle puzzle, HandsOrder? order)
    {
        if (order is not null && puzzle.Placed(order, settled => PlaceInOrder(settled, InHandsOrder)) is { } placed && IsRested(placed))
        {
            Take(placed.Span > order.Ends ? InOrder(placed) : new Found(placed.Span * (double)Weights.Total, placed));
        }
    }

    /// <summary>
    /// Looks for a day that is over a minute sooner than the best so far: where that is good already, that there is none is told sooner than
    /// what the least is.
    /// </summary>
    /// <param name="longest">In the solver's deterministic time.</param>
    public void TrySooner(double longest)
    {
        var model = Model(_problem);
        model.MinimizeHours();
        Keep(model, _bound, _best!.Hours - Weights.Total);
        var (solver, status) = CpSatScheduler.Solve(model, Said(Way.Thorough), longest);
        _bound = status == CpSolverStatus.Infeasible ? _best.Hours : Math.Max(_bound, Math.Min(_best.Hours, Bounds.WholeMinutes(_problem, solver.BestObjectiveBound)));
        Take(model, solver, status);
    }

    /// <summary>Looks for any schedule at all.</summary>
    public void TryAny(Way way, double longest) => Try($"{Said(way)},stop_after_first_solution:true", longest, 7);

    /// <summary>Looks for a schedule that differs from the best so far only in what lies near together in it.</summary>
    /// <param name="apart">Minutes apart from which work keeps its order.</param>
    /// <param name="longest">In the solver's deterministic time.</param>
    /// <param name="seed">Where it begins.</param>
    public void TryNear(int apart, double longest, int seed = 7)
    {
        var hands = _best!.Schedule.Placements.Where(placed => placed.Job.IsHandsOn).ToList();
        var far = hands.SelectMany(one => hands.Where(other => other.Start - one.End >= apart).Select(other => new Link(one.Job.Id, other.Job.Id)));
        var model = Model(_problem with { Links = [.. _problem.Links, .. far] });
        model.MinimizeHours();
        Keep(model, _bound, _best.Hours);
        model.BeginAt(_best.Schedule);
        var (solver, status) = CpSatScheduler.Solve(model, Said(_problem.MayShorten ? Way.Thorough : Way.FromBelow), longest, seed);
        Take(model, solver, status);
    }

    /// <summary>Looks for the fewest minutes late, and whether they are. Whether there is a schedule, as far as is known.</summary>
    public bool TryLeastLate(double longest)
    {
        var model = Model(_problem);
        model.MinimizeLateness();
        if (_best is not null)
        {
            model.KeepLateness(Late(_best.Schedule));
            model.BeginAt(_best.Schedule);
        }

        var (solver, status) = CpSatScheduler.Solve(model, Said(Way.FromBelow), longest);
        if (status != CpSolverStatus.Infeasible)
        {
            _lateAtLeast = Math.Max(_lateAtLeast ?? 0, (long)Math.Ceiling(Math.Max(solver.BestObjectiveBound, 0) - Bounds.Close));
        }

        if (CpSatScheduler.HasSchedule(status))
        {
            var found = model.Read(solver, _bound, proven: false);
            LeastLate = status == CpSolverStatus.Optimal && IsRested(found) ? (long)Math.Round(solver.ObjectiveValue) : null;
            Take(model, solver, status);
        }

        return status != CpSolverStatus.Infeasible;
    }

    /// <summary>Takes the best of what keeps an order and its breaks: quickly told. Nothing when the order does not do.</summary>
    public void TryOrder(Schedule? order) => Take(order is null ? null : InOrder(order));

    /// <summary>The best schedule that keeps an order, finished; null when the order does not do.</summary>
    public Schedule? Finished(Schedule? order) => order is not null && InOrder(order) is { } again ? Finished(again) : null;

    /// <summary>The best so far, tidied while its hours stay, with its breaks; null when there is none.</summary>
    public Schedule? Finished(int seed = 7) => _best is null ? null : Finished(_best, seed);

    private string Said(Way way) => way switch
    {
        Way.FromBelow => $"{Puzzle},{_presolve},use_objective_lb_search:true",
        Way.Thorough => $"{Puzzle},{_presolve}",
        Way.Restless => Restless,
        Way.InTime => $"{InTime},{_presolve}",
        _ => Said(_problem.Pairs.Count > 1 && !_rests ? Way.Restless : Way.Thorough),
    };

    private bool Try(string how, double longest, int seed)
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

    private void Take(ScheduleModel model, CpSolver solver, CpSolverStatus status)
    {
        if (CpSatScheduler.HasSchedule(status))
        {
            var found = new Found(solver.ObjectiveValue, model.Read(solver, _bound, proven: false));
            Take(IsRested(found.Schedule) ? InOrder(found.Schedule) ?? found : InOrder(Breaks.Into(found.Schedule, _problem, PlaceInOrder).Schedule));
        }
    }

    private void Take(Found? found) =>
        _best = found is not null && (_best is null || (Late(found.Schedule), found.Hours).CompareTo((Late(_best.Schedule), _best.Hours)) < 0) ? found : _best;

    private void Keep(ScheduleModel model, double atLeast, double? atMost)
    {
        if (LeastLate is { } late)
        {
            model.KeepLateness(late);
        }

        // Where the best so far is later than it need be, its hours are no measure.
        model.KeepHours(atLeast, _best is not null && Late(_best.Schedule) > LeastLate ? null : atMost);
    }

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

    /// <summary>Tidied in its order or, where there are no breaks to keep, in any; and with breaks.</summary>
    private Schedule Finished(Found found, int seed = 7)
    {
        var isProven = found.Hours <= _bound + Bounds.Close;
        var tidied = Tidied(found, new ScheduleModel(Breaks.Settled(found.Schedule, _problem, _rests)), CpSatScheduler.ForOneHead, seed);
        if (_rests)
        {
            return Bounds.Judged(_problem, tidied, _bound, isProven).Of(_problem) with { Gaps = [.. Breaks.In(tidied, _problem).Gaps.SelectMany(each => each).Distinct()], LeastLate = _lateAtLeast };
        }

        tidied = Tidied(found with { Schedule = tidied }, new ScheduleModel(_problem), Said(Way.FromAbove), seed);
        var (rested, gaps) = Breaks.Into(Bounds.Judged(_problem, tidied, _bound, isProven), _problem, PlaceInOrder);
        return rested.Of(_problem) with { Gaps = gaps, LeastLate = _lateAtLeast };
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
    private static Schedule? PlaceInOrder(SchedulingProblem settled) => PlaceInOrder(settled, Tidying);

    private static Schedule? PlaceInOrder(SchedulingProblem settled, double longest)
    {
        var model = new ScheduleModel(settled);
        model.MinimizeAll();
        var (solver, status) = CpSatScheduler.Solve(model, CpSatScheduler.ForOneHead, longest);
        return CpSatScheduler.HasSchedule(status) ? model.Read(solver, 0, proven: false) : null;
    }

    private long Late(Schedule schedule) => Worth.Late(schedule, _problem);

    private bool IsRested(Schedule schedule) => !_rests || Breaks.Missing(schedule, _problem) == 0;
}
