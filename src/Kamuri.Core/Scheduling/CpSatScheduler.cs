using System.Globalization;
using Google.OrTools.Sat;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// Schedules with the CP-SAT solver. One worker and a fixed seed, so one question has one answer.
/// </summary>
public sealed class CpSatScheduler : IScheduler
{
    /// <summary>Longest search in units of the solver's own deterministic time, so that a busy machine changes nothing.</summary>
    private const double Search = 2;

    /// <summary>Longest try at hours and tidiness at once, which is quickest for nearly all days.</summary>
    private const double AtOnce = 0.008;

    /// <summary>Longest tidying of a schedule whose hours are settled. What is not tidied by then is tidy enough.</summary>
    private const double Tidying = 0.002;

    /// <summary>The same for several heads, where a second or two is all there is.</summary>
    private const double SearchSeveral = 0.07;

    private const double TidyingSeveral = 0.01;

    // Problems this small are solved before presolve or cuts have paid for themselves. A day is mostly one long chain, which
    // its linear relaxation already orders.
    private const string ForOneHead =
        "linearization_level:1,symmetry_level:0,cp_model_presolve:false,cp_model_probing_level:0,cut_level:0,search_branching:LP_SEARCH";

    // Several heads on shared hands are a true puzzle: presolve pays.
    private const string ForSeveral = "linearization_level:1";

    /// <summary>Solves something tiny, so that the first person to ask does not wait for the native library to load.</summary>
    public static void WarmUp() =>
        _ = new CpSatScheduler().Solve(new SchedulingProblem(
            [new Job("a", "", 1, 1, 1, [Resource.Hands]), new Job("b", "", 1, 2, 3, [Resource.Hands])],
            [new Link("a", "b")],
            new Dictionary<Resource, int> { [Resource.Hands] = 1 },
            Deadline: 1));

    public Schedule? Solve(SchedulingProblem problem)
    {
        if (problem.Jobs.Count == 0)
        {
            return new Schedule([], 0, 0, true);
        }

        var model = new ScheduleModel(problem);
        if (!model.IsPuzzle)
        {
            return SolveOneHead(model);
        }

        if (HoursThenTidiness(model, ForSeveral, SearchSeveral, TidyingSeveral) is not { } schedule)
        {
            return null;
        }

        var (rested, gaps) = Breaks.Into(schedule, problem, SolveSettled);
        return rested with { Gaps = gaps };
    }

    /// <summary>Places what has hardly any choice left.</summary>
    private static Schedule? SolveSettled(SchedulingProblem problem)
    {
        var model = new ScheduleModel(problem);
        model.MinimizeAll();
        var (solver, status) = Solve(model, ForOneHead, TidyingSeveral);
        return status is CpSolverStatus.Optimal or CpSolverStatus.Feasible ? model.Read(solver, 0, proven: false) : null;
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
        return HoursThenTidiness(model, ForOneHead, Search, Tidying);
    }

    private static Schedule? HoursThenTidiness(ScheduleModel model, string how, double longest, double tidying)
    {
        model.MinimizeHours();
        var (solver, status) = Solve(model, how, longest);
        if (status == CpSolverStatus.Unknown)
        {
            // Not found yet is not the same as impossible: look on for any schedule at all.
            (solver, status) = Solve(model, $"{how},stop_after_first_solution:true", Search);
        }

        if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
        {
            return null;
        }

        var (proven, bound) = (status == CpSolverStatus.Optimal, solver.BestObjectiveBound);
        model.KeepHours(solver);
        model.MinimizeTidiness();
        var (tidied, ended) = Solve(model, how, tidying);
        return model.Read(ended is CpSolverStatus.Optimal or CpSolverStatus.Feasible ? tidied : solver, bound, proven);
    }

    private static (CpSolver Solver, CpSolverStatus Status) Solve(ScheduleModel model, string how, double longest)
    {
        var solver = new CpSolver
        {
            StringParameters = string.Create(CultureInfo.InvariantCulture, $"num_workers:1,random_seed:7,max_deterministic_time:{longest},{how}"),
        };
        return (solver, solver.Solve(model.Model));
    }
}
