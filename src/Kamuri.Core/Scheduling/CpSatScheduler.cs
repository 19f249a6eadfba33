using System.Globalization;
using Google.OrTools.Sat;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// Schedules with the CP-SAT solver. One worker and a fixed seed, so one question has one answer.
/// </summary>
/// <param name="known">Orders that a longer search has found; null for none.</param>
public sealed class CpSatScheduler(KnownOrders? known = null) : IScheduler
{
    /// <summary>Longest search in units of the solver's own deterministic time, so that a busy machine changes nothing.</summary>
    private const double Search = 2;

    /// <summary>Longest try at hours and tidiness at once, which is quickest for nearly all days.</summary>
    private const double AtOnce = 0.008;

    /// <summary>Longest tidying of a schedule whose hours are settled. What is not tidied by then is tidy enough.</summary>
    private const double Tidying = 0.002;

    /// <summary>Longest try at ruling something out.</summary>
    private const double RulingOut = 0.02;

    // Problems this small are solved before presolve or cuts have paid for themselves. A day is mostly one long chain, which
    // its linear relaxation already orders.
    internal const string ForOneHead =
        "linearization_level:1,symmetry_level:0,cp_model_presolve:false,cp_model_probing_level:0,cut_level:0,search_branching:LP_SEARCH";

    /// <summary>Solves something tiny, so that the first person to ask does not wait for the native library to load.</summary>
    public static void WarmUp() =>
        _ = new CpSatScheduler().Solve(
            new SchedulingProblem(
                [new Job("a", "", 1, 1, 1, [Resource.Hands]), new Job("b", "", 1, 2, 3, [Resource.Hands])],
                [new Link("a", "b")],
                new Dictionary<Resource, int> { [Resource.Hands] = 1 },
                Deadline: 1
            )
        );

    public bool MayBeInTime(SchedulingProblem problem) => problem.Jobs.Count == 0 || MayBe(problem);

    /// <summary>
    /// Whether there is a schedule that is in time for every hour, breaks not counted: false is certain, true may mean that it was not
    /// ruled out.
    /// </summary>
    internal static bool MayBe(SchedulingProblem problem)
    {
        var model = new ScheduleModel(problem, inTime: true);
        model.ChooseOrders();
        return Solve(model, "linearization_level:0,cp_model_probing_level:0,stop_after_first_solution:true", RulingOut).Status
            != CpSolverStatus.Infeasible;
    }

    public Schedule? Solve(SchedulingProblem problem)
    {
        if (problem.Jobs.Count == 0)
        {
            return new Schedule([], 0, 0, true);
        }

        var model = new ScheduleModel(problem);
        return model.IsPuzzle ? SeveralHeads.Quick(problem, known) : SolveOneHead(model);
    }

    private static Schedule? SolveOneHead(ScheduleModel model)
    {
        model.MinimizeAll();
        var (solver, status) = Solve(model, ForOneHead, AtOnce);
        if (status == CpSolverStatus.Infeasible)
        {
            return null;
        }

        if (status == CpSolverStatus.Optimal)
        {
            return model.Read(solver, solver.BestObjectiveBound, proven: true);
        }

        // Some days have very many schedules of equal hours; proving both at once would take a hundred times as long.
        return HoursThenTidiness(model);
    }

    private static Schedule? HoursThenTidiness(ScheduleModel model)
    {
        model.MinimizeHours();
        var (solver, status) = Solve(model, ForOneHead, Search);
        if (!HasSchedule(status))
        {
            return null;
        }

        var (proven, bound) = (status == CpSolverStatus.Optimal, solver.BestObjectiveBound);
        var found = model.Read(solver, bound, proven);
        model.KeepHours(bound, solver.ObjectiveValue);
        model.BeginAt(found);
        model.MinimizeTidiness();
        var (tidied, ended) = Solve(model, ForOneHead, Tidying);
        return HasSchedule(ended) ? model.Read(tidied, bound, proven) : found;
    }

    /// <summary>One search, on one thread.</summary>
    /// <param name="model">What to look for.</param>
    /// <param name="how">Parameters of the solver.</param>
    /// <param name="longest">In its deterministic time.</param>
    /// <param name="seed">Where it begins; the same one finds the same.</param>
    internal static (CpSolver Solver, CpSolverStatus Status) Solve(ScheduleModel model, string how, double longest, int seed = 7)
    {
        var solver = new CpSolver
        {
            StringParameters = string.Create(
                CultureInfo.InvariantCulture,
                $"num_workers:1,random_seed:{seed},max_deterministic_time:{longest},{how}"
            ),
        };
        BrokenOff.Check();
        using var stopped = BrokenOff.Token.Register(solver.StopSearch);
        var status = solver.Solve(model.Model);
        BrokenOff.Check();
        return (solver, status);
    }

    internal static bool HasSchedule(CpSolverStatus status) => status is CpSolverStatus.Optimal or CpSolverStatus.Feasible;
}
