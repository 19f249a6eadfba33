using Google.OrTools.Sat;
using Kamuri.Core.Scheduling.OnePair;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// What is known of one problem so far, the best schedule and what no schedule is better than, and the tries that make it more. No try
/// makes it less.
/// </summary>
internal sealed partial class Attempts
{
    private const double Tidying = 0.003;

    /// <summary>The same where it is open too when the day begins, or where nothing was found.</summary>
    private const double Beginning = 0.02;

    // Several heads on shared hands are a true puzzle: its linear relaxation does not pay. Sums here are short, and the solver's older way
    // with them takes half the time; its newer way to learn from what did not work out takes a quarter less. The orders of hands are
    // choices of their own here, so what else the solver would find out about them is work done twice.
    private const string Puzzle =
        "linearization_level:0,cp_model_probing_level:0,use_precedences_in_disjunctive_constraint:false,"
        + "new_linear_propagation:false,use_new_integer_conflict_resolution:true";

    // With several pairs of hands much of it is alike, and many quick tries find more than one thorough one.
    private const string Restless = "linearization_level:0,search_branching:PORTFOLIO_WITH_QUICK_RESTART_SEARCH";

    // In time, few waits are shortened, which the linear relaxation sees at once. Late, nearly all are, and what is left is not far
    // from what is found.
    private const string InTime =
        "linearization_level:1,cp_model_probing_level:0,use_precedences_in_disjunctive_constraint:false,use_objective_lb_search:true";

    private const string NoPresolve = "cp_model_presolve:false";

    private readonly SchedulingProblem _problem;
    private readonly bool _rests;
    private readonly Effort _effort;

    /// <summary>Days are built, and when they begin is open too.</summary>
    private readonly bool _beginsNearHour;
    private readonly string _presolve;
    private readonly Lazy<HandsPuzzle?> _puzzle;
    private double _bound = double.NegativeInfinity;
    private Found? _best;
    private bool _isSettled;

    /// <param name="problem">What is to be placed.</param>
    /// <param name="rests">Everybody has their breaks, or there is no schedule.</param>
    /// <param name="isLarge">Presolve pays, once; what is small is solved before.</param>
    /// <param name="effort">What all tries may take together.</param>
    public Attempts(SchedulingProblem problem, bool rests, bool isLarge, Effort effort)
    {
        (_problem, _rests, _effort, _presolve) = (problem, rests, effort, isLarge ? "max_presolve_iterations:1" : NoPresolve);
        _puzzle = new Lazy<HandsPuzzle?>(() => HandsPuzzle.Of(problem, rests));
        _beginsNearHour = isLarge && problem is { MayBeginLater: true, Pairs.Count: > 1 };
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

        /// <summary>
        /// The same without presolve, which takes as long as all the rest where waits may be shortened, and helps little.
        /// </summary>
        Directly,

        /// <summary>From above in many quick tries.</summary>
        Restless,

        /// <summary>From below, waits looked at all at once.</summary>
        InTime,
    }

    /// <summary>A schedule and what its hours come to.</summary>
    private sealed record Found(double Hours, Schedule Schedule);

    public bool IsAny => _best is not null;

    public bool IsProven => _best is not null && (_isSettled || IsLeastOfAll(_best));

    /// <summary>The best so far is in time for every hour.</summary>
    public bool IsInTime => _best is not null && Late(_best.Schedule) == 0;

    /// <summary>Whether a schedule is better than the best so far, its breaks counted where everybody has to have them.</summary>
    public bool MayBeBettered(Schedule by) => _best is null || Worth.IsBetter(by, _best.Schedule, _problem, _rests);

    /// <summary>When the best so far is over.</summary>
    public int Ends => _best!.Schedule.Span;

    /// <summary>Minutes by which all waits of the best so far together are shorter than usual.</summary>
    public int Shortened => _best!.Schedule.Shortened;

    /// <summary>Minutes late that there are and that cannot be fewer; null while that is not proven.</summary>
    public long? LeastLate { get; private set; }

    /// <summary>
    /// No schedule in time shortens its waits less far: not gently where these are not, and not at all. How many minutes that comes to
    /// is open.
    /// </summary>
    public bool IsGentlest { get; set; }

    /// <summary>No schedule is fewer minutes late; null while nothing is proven.</summary>
    private long? _lateAtLeast;

    /// <summary>
    /// Takes over what is proven of the same problem without breaks, and its order where that has places for all of them.
    /// </summary>
    public void Learn(Attempts without, Schedule parted)
    {
        _bound = _problem.MayShorten ? _bound : Math.Max(_bound, without._bound);
        _lateAtLeast = without._lateAtLeast is { } late ? Math.Max(_lateAtLeast ?? 0, late) : _lateAtLeast;
        LeastLate = Breaks.Missing(parted, _problem) == 0 && Late(parted) == without.LeastLate ? without.LeastLate : LeastLate;
        TryOrder(parted);
    }

    /// <summary>
    /// Takes over that no schedule is fewer minutes late. Where all is to be over by one hour, the best that is no later ends soonest.
    /// </summary>
    public void LateAtLeast(long late)
    {
        _lateAtLeast = Math.Max(_lateAtLeast ?? 0, late);
        if (_best is not null && Late(_best.Schedule) == _lateAtLeast)
        {
            LeastLate = _lateAtLeast;
            _isSettled = late > 0 && _problem.HasOneHour;
        }
    }

    /// <summary>Takes over that nothing is better than the best so far.</summary>
    public void Settle() => _isSettled = true;

    /// <summary>
    /// Looks for something better, or for a proof that there is nothing. Whether there is a schedule, as far as is known.
    /// </summary>
    /// <param name="way">Which way.</param>
    /// <param name="longest">In the solver's deterministic time.</param>
    /// <param name="seed">Where it begins.</param>
    /// <param name="share">Of what may be spent yet, so much.</param>
    public bool Try(Way way, double longest, int seed = 7, double share = 1) => Try(Said(way), longest, seed, share);

    /// <summary>Looks for any schedule at all.</summary>
    public void TryAny(Way way, double longest) => Try($"{Said(way)},stop_after_first_solution:true", longest, 7, null);

    /// <summary>Looks for a schedule that differs from the best so far only in what lies near together in it.</summary>
    /// <param name="apart">Minutes apart from which work keeps its order.</param>
    /// <param name="longest">In the solver's deterministic time.</param>
    /// <param name="seed">Where it begins.</param>
    public void TryNear(int apart, double longest, Way? way = null, int seed = 7)
    {
        if (IsEnough)
        {
            return;
        }

        var hands = _best!.Schedule.Placements.Where(placed => placed.Job.IsHandsOn).ToList();
        var far = hands.SelectMany(one =>
            hands.Where(other => other.Start - one.End >= apart).Select(other => new Link(one.Job.Id, other.Job.Id))
        );
        var model = Model(_problem with { Links = [.. _problem.Links, .. far] });
        model.MinimizeHours();
        Keep(model, _bound, _best.Hours);
        model.BeginAt(_best.Schedule);
        var (solver, status) = Solve(
            model,
            Said(way ?? (_problem.MayShorten ? Way.Directly : Way.FromBelow)),
            Within(model, longest),
            seed
        );
        Take(model, solver, status);
    }

    /// <summary>Looks for the fewest minutes late, and whether they are. Whether there is a schedule, as far as is known.</summary>
    public bool TryLeastLate(double longest, Way way = Way.FromBelow)
    {
        if (IsInTime)
        {
            LateAtLeast(0);
            return true;
        }

        if (IsEnough)
        {
            return true;
        }

        var model = Model(_problem);
        model.MinimizeLateness();
        if (_best is not null)
        {
            model.KeepLateness(Late(_best.Schedule));
            model.BeginAt(_best.Schedule);
        }

        var (solver, status) = Solve(model, Said(way), Within(model, longest));
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

    /// <summary>The best so far as it is, where only its order and its hours count; null when there is none.</summary>
    public Schedule? Rough() =>
        _best is null || !_rests ? Finished() : Bounds.Judged(_problem, _best.Schedule, _bound, IsProven).Of(_problem);

    private string Said(Way way) =>
        way switch
        {
            Way.FromBelow => $"{Puzzle},{_presolve},use_objective_lb_search:true",
            Way.Thorough => $"{Puzzle},{_presolve}",
            Way.Directly => $"{Puzzle},{NoPresolve}",
            Way.Restless => Restless,
            Way.InTime => $"{InTime},{_presolve}",
            _ => Said(_problem.Pairs.Count > 1 && !_rests ? Way.Restless : Way.Thorough),
        };

    /// <summary>The best so far has to do.</summary>
    private bool IsEnough => IsAny && _effort.Left == 0;

    /// <summary>
    /// The solver's own time that may be spent: where there is something, as much as is left, and half of what was meant in any case
    /// where there is nothing.
    /// </summary>
    private double Within(ScheduleModel model, double longest, double share = 1) =>
        Math.Max(_effort.OfSolverTime(longest, model.Constraints, share), IsAny ? 0 : longest / 2);

    private bool Try(string how, double longest, int seed, double? share)
    {
        if (IsEnough)
        {
            return true;
        }

        var model = Model(_problem);
        model.MinimizeHours();
        Keep(model, _bound, _best?.Hours);
        if (_best is not null)
        {
            model.BeginAt(_best.Schedule);
        }

        var (solver, status) = Solve(model, how, share is { } part ? Within(model, longest, part) : longest, seed);
        if (status != CpSolverStatus.Infeasible)
        {
            _bound = Math.Max(_bound, Bounds.WholeMinutes(_problem, solver.BestObjectiveBound));
        }

        Take(model, solver, status);
        return status != CpSolverStatus.Infeasible;
    }

    private (CpSolver Solver, CpSolverStatus Status) Solve(ScheduleModel model, string how, double longest, int seed = 7)
    {
        var (solver, status) = CpSatScheduler.Solve(model, how, longest, seed);
        _effort.SpendOnSolver(solver, model.Constraints, !how.Contains(NoPresolve, StringComparison.Ordinal));
        return (solver, status);
    }

    private ScheduleModel Model(SchedulingProblem problem)
    {
        var model = new ScheduleModel(problem);
        model.ChooseOrders();
        if (_rests)
        {
            model.KeepBreaks(_best is null ? null : _best.Schedule.Minutes);
        }

        return model;
    }

    private void Take(ScheduleModel model, CpSolver solver, CpSolverStatus status)
    {
        if (CpSatScheduler.HasSchedule(status))
        {
            var found = new Found(solver.ObjectiveValue, model.Read(solver, _bound, proven: false));
            Take(
                IsRested(found.Schedule)
                    ? InOrder(found.Schedule) ?? found
                    : InOrder(Breaks.Into(found.Schedule, _problem, PlaceInOrder).Schedule)
            );
        }
    }

    private void Take(Found? found) =>
        _best =
            found is not null && (_best is null || (Late(found.Schedule), found.Hours).CompareTo((Late(_best.Schedule), _best.Hours)) < 0)
                ? found
                : _best;

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
        if (_beginsNearHour)
        {
            // When it begins is a choice too, and the order has made one: what lies before somebody is away stays there.
            model.KeepSides(order);
            model.BeginAt(order);
        }

        var (solver, status) = Solve(model, CpSatScheduler.ForOneHead, _beginsNearHour ? Beginning : Tidying);
        if (status == CpSolverStatus.Unknown && !_beginsNearHour)
        {
            // An order that was found must not be lost.
            model.BeginAt(order);
            (solver, status) = Solve(model, CpSatScheduler.ForOneHead, Beginning);
        }

        return CpSatScheduler.HasSchedule(status) ? new Found(solver.ObjectiveValue, model.Read(solver, _bound, proven: false)) : null;
    }

    private Schedule Finished(Found found, int seed = 7)
    {
        var placed = Placed(found, seed);
        return IsGentlest && !placed.Proven && Late(placed) == 0 ? placed with { Proven = true, MayBeCloser = true } : placed;
    }

    /// <summary>Tidied in its order or, where there are no breaks to keep, in any; and with breaks.</summary>
    private Schedule Placed(Found found, int seed)
    {
        var isProven = IsLeastOfAll(found) || (_isSettled && ReferenceEquals(found, _best));
        var tidied = Tidied(found, new ScheduleModel(Breaks.Settled(found.Schedule, _problem, _rests)), CpSatScheduler.ForOneHead, seed);
        if (_rests)
        {
            return Bounds.Judged(_problem, tidied, _bound, isProven).Of(_problem) with
            {
                Gaps = [.. Breaks.In(tidied, _problem).Gaps.SelectMany(each => each).Distinct()],
                LeastLate = _lateAtLeast,
            };
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
        var (solver, status) = Solve(model, how, Tidying, seed);
        return CpSatScheduler.HasSchedule(status) ? model.Read(solver, _bound, proven: false) : found.Schedule;
    }

    /// <summary>Places what has hardly any choice left.</summary>
    private Schedule? PlaceInOrder(SchedulingProblem settled) => PlaceInOrder(settled, Tidying);

    private Schedule? PlaceInOrder(SchedulingProblem settled, double longest)
    {
        var model = new ScheduleModel(settled);
        model.MinimizeAll();
        var (solver, status) = Solve(model, CpSatScheduler.ForOneHead, longest);
        return CpSatScheduler.HasSchedule(status) ? model.Read(solver, 0, proven: false) : null;
    }

    private bool IsLeastOfAll(Found found) => found.Hours <= _bound + Bounds.Close && !(Late(found.Schedule) > LeastLate);

    private long Late(Schedule schedule) => Worth.Late(schedule, _problem);

    private bool IsRested(Schedule schedule) => !_rests || Breaks.Missing(schedule, _problem) == 0;
}
