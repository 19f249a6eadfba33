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

    // Problems this small are solved before presolve or cuts have paid for themselves. A day is mostly one long chain, which
    // its linear relaxation already orders.
    private static string Parameters(double longest) => string.Create(CultureInfo.InvariantCulture,
        $"num_workers:1,random_seed:7,max_deterministic_time:{longest},linearization_level:1,symmetry_level:0,cp_model_presolve:false,cp_model_probing_level:0,cut_level:0,search_branching:LP_SEARCH");

    // The hours, in order of weight: late, shortened windows, total time.
    private const long Late = 1_000_000;
    private const long Shortened = 20_000;
    private const long Total = 400;

    // Tidiness, once they are settled: time held past usual, idle gaps on a strand.
    private const long PastUsual = 8;
    private const long Idle = 1;

    /// <summary>Solves something tiny, so that the first person to ask does not wait for the native library to load.</summary>
    public static void WarmUp() =>
        _ = new CpSatScheduler().Solve(new SchedulingProblem(
            [new Job("a", "", 1, 1, 1, [Resource.Hands]), new Job("b", "", 1, 2, 3, [Resource.Hands])],
            [new Link("a", "b")],
            new Dictionary<Resource, int> { [Resource.Hands] = 1 },
            Deadline: 1));

    public Schedule? Solve(SchedulingProblem problem)
    {
        var mayShorten = problem.Deadline is not null;
        if (problem.Jobs.Count == 0)
        {
            return new Schedule([], 0, 0, true);
        }

        var horizon = problem.Jobs.Sum(job => (long)job.Longest) + problem.Links.Sum(link => (long)link.LeastGap);
        var model = new CpModel();
        var placed = problem.Jobs.ToDictionary(job => job.Id, job => new Variables(model, job, horizon, mayShorten));

        foreach (var link in problem.Links)
        {
            var (from, to) = (placed[link.From], placed[link.To]);
            model.Add(to.Start >= from.End + link.LeastGap);
            if (link.MostGap is { } most)
            {
                model.Add(to.Start <= from.End + most);
            }
        }

        foreach (var resource in problem.Jobs.SelectMany(job => job.Uses).Distinct())
        {
            var users = problem.Jobs.Where(job => job.Uses.Contains(resource)).Select(job => placed[job.Id].Interval).ToList();
            var capacity = problem.Capacity.GetValueOrDefault(resource);
            if (capacity == 1)
            {
                model.AddNoOverlap(users);
            }
            else
            {
                var cumulative = model.AddCumulative(capacity);
                cumulative.AddDemands(users, Enumerable.Repeat(1L, users.Count));
            }
        }

        var end = model.NewIntVar(0, horizon, "end");
        model.AddMaxEquality(end, placed.Values.Select(variables => variables.End));
        var (hours, tidiness) = (LinearExpr.NewBuilder(), LinearExpr.NewBuilder());
        hours.AddTerm(end, Total);
        if (problem.Deadline is { } deadline)
        {
            var late = model.NewIntVar(0, horizon, "late");
            model.Add(late >= end - deadline);
            hours.AddTerm(late, Late);
        }

        foreach (var (job, variables) in problem.Jobs.Zip(problem.Jobs.Select(job => placed[job.Id])))
        {
            variables.Weigh(model, hours, tidiness, job, mayShorten);
        }

        foreach (var link in problem.Links.Where(link => link.MostGap != 0))
        {
            var (from, to) = (placed[link.From], placed[link.To]);
            tidiness.AddTerm(to.Start, Idle);
            tidiness.AddTerm(from.End, -Idle);
        }

        model.Minimize(LinearExpr.Sum([(LinearExpr)hours, tidiness]));
        var (solver, status) = Solve(model, AtOnce);
        if (status == CpSolverStatus.Infeasible)
        {
            return null;
        }

        var proven = status == CpSolverStatus.Optimal;
        var bound = solver.BestObjectiveBound;
        if (!proven)
        {
            // Some days have very many schedules of equal hours; proving both at once would take a hundred times as long.
            model.Minimize(hours);
            (solver, status) = Solve(model, Search);
            if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
            {
                return null;
            }

            (proven, bound) = (status == CpSolverStatus.Optimal, solver.BestObjectiveBound);
            model.Add(hours <= (long)Math.Round(solver.ObjectiveValue));
            model.AddHint(end, solver.Value(end));
            foreach (var variables in placed.Values)
            {
                variables.Hint(model, solver);
            }

            model.Minimize(tidiness);
            var (tidied, how) = Solve(model, Tidying);
            solver = how is CpSolverStatus.Optimal or CpSolverStatus.Feasible ? tidied : solver;
        }

        var placements = problem.Jobs
            .Select(job => new Placement(job, (int)solver.Value(placed[job.Id].Start), (int)solver.Value(placed[job.Id].End)))
            .OrderBy(placement => placement.Start)
            .ThenBy(placement => placement.End)
            .ToList();
        var span = placements.Max(placement => placement.End);
        return new Schedule(placements, span, proven ? span : Math.Min(span, (int)(bound / Total)), proven);
    }

    private static (CpSolver Solver, CpSolverStatus Status) Solve(CpModel model, double longest)
    {
        var solver = new CpSolver { StringParameters = Parameters(longest) };
        return (solver, solver.Solve(model));
    }

    /// <summary>The solver's variables for one job.</summary>
    private sealed class Variables
    {
        private readonly IntVar? _length;
        private readonly IntVar? _end;

        public Variables(CpModel model, Job job, long horizon, bool mayShorten)
        {
            Start = model.NewIntVar(0, horizon, job.Id + ".start");
            var shortest = mayShorten ? job.Shortest : job.Usual;
            if (shortest == job.Longest)
            {
                End = Start + job.Longest;
                Interval = model.NewFixedSizeIntervalVar(Start, job.Longest, job.Id);
                return;
            }

            _length = model.NewIntVar(shortest, job.Longest, job.Id + ".length");
            var end = model.NewIntVar(0, horizon, job.Id + ".end");
            (_end, End) = (end, end);
            Interval = model.NewIntervalVar(Start, _length, end, job.Id);
        }

        public IntVar Start { get; }
        public LinearExpr End { get; }
        public IntervalVar Interval { get; }

        public void Hint(CpModel model, CpSolver solved)
        {
            foreach (var variable in new[] { Start, _length, _end }.OfType<IntVar>())
            {
                model.AddHint(variable, solved.Value(variable));
            }
        }

        public void Weigh(CpModel model, LinearExprBuilder hours, LinearExprBuilder tidiness, Job job, bool mayShorten)
        {
            if (_length is null)
            {
                return;
            }

            var past = model.NewIntVar(0, job.Longest - job.Usual, job.Id + ".past");
            model.Add(past >= _length - job.Usual);
            tidiness.AddTerm(past, PastUsual);
            if (mayShorten && job.Shortest < job.Usual)
            {
                var under = model.NewIntVar(0, job.Usual - job.Shortest, job.Id + ".under");
                model.Add(under >= job.Usual - _length);
                hours.AddTerm(under, Shortened);
            }
        }
    }
}
