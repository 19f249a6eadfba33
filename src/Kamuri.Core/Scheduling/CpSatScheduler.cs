using Google.OrTools.Sat;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// Schedules with the CP-SAT solver. One worker and a fixed seed, so one question has one answer.
/// </summary>
public sealed class CpSatScheduler : IScheduler
{
    /// <summary>Longest search in seconds of the solver's own deterministic time, so that a busy machine changes nothing.</summary>
    private const double DeterministicSeconds = 2;

    // Problems this small are solved before presolve or cuts have paid for themselves. A day is mostly one long chain, which
    // its linear relaxation already orders; following it and raising the bound from below proves plans soonest.
    private static readonly string Parameters = string.Join(',',
        "num_workers:1", "random_seed:7", $"max_deterministic_time:{DeterministicSeconds}", "linearization_level:1", "symmetry_level:0",
        "cp_model_presolve:false", "cp_model_probing_level:0", "cut_level:0", "search_branching:LP_SEARCH", "use_objective_lb_search:true");

    // Objective in order of weight: late, shortened windows, total time, time held past usual, idle gaps on a strand.
    private const long Late = 1_000_000;
    private const long Shortened = 20_000;
    private const long Total = 400;
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
        var objective = LinearExpr.NewBuilder();
        objective.AddTerm(end, Total);
        if (problem.Deadline is { } deadline)
        {
            var late = model.NewIntVar(0, horizon, "late");
            model.Add(late >= end - deadline);
            objective.AddTerm(late, Late);
        }

        foreach (var (job, variables) in problem.Jobs.Zip(problem.Jobs.Select(job => placed[job.Id])))
        {
            variables.Weigh(model, objective, job, mayShorten);
        }

        foreach (var link in problem.Links.Where(link => link.MostGap != 0))
        {
            var (from, to) = (placed[link.From], placed[link.To]);
            objective.AddTerm(to.Start, Idle);
            objective.AddTerm(from.End, -Idle);
        }

        model.Minimize(objective);
        var solver = new CpSolver
        {
            StringParameters = Parameters,
        };
        var status = solver.Solve(model);
        if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
        {
            return null;
        }

        var placements = problem.Jobs
            .Select(job => new Placement(job, (int)solver.Value(placed[job.Id].Start), (int)solver.Value(placed[job.Id].End)))
            .OrderBy(placement => placement.Start)
            .ThenBy(placement => placement.End)
            .ToList();
        var span = placements.Max(placement => placement.End);
        var proven = status == CpSolverStatus.Optimal;
        return new Schedule(placements, span, proven ? span : Math.Min(span, (int)(solver.BestObjectiveBound / Total)), proven);
    }

    /// <summary>The solver's variables for one job.</summary>
    private sealed class Variables
    {
        private readonly IntVar? _length;

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
            End = end;
            Interval = model.NewIntervalVar(Start, _length, end, job.Id);
        }

        public IntVar Start { get; }
        public LinearExpr End { get; }
        public IntervalVar Interval { get; }

        public void Weigh(CpModel model, LinearExprBuilder objective, Job job, bool mayShorten)
        {
            if (_length is null)
            {
                return;
            }

            var past = model.NewIntVar(0, job.Longest - job.Usual, job.Id + ".past");
            model.Add(past >= _length - job.Usual);
            objective.AddTerm(past, PastUsual);
            if (mayShorten && job.Shortest < job.Usual)
            {
                var under = model.NewIntVar(0, job.Usual - job.Shortest, job.Id + ".under");
                model.Add(under >= job.Usual - _length);
                objective.AddTerm(under, Shortened);
            }
        }
    }
}
