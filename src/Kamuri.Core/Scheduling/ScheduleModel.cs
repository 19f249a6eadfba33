using Google.OrTools.Sat;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// A scheduling problem in the solver's terms: a start and a length for each job, an order on every resource, and what is
/// to be made small.
/// </summary>
internal sealed partial class ScheduleModel
{
    /// <summary>No hours come to more than this, either way.</summary>
    private const double HoursOfAll = 1e15;

    private readonly SchedulingProblem _problem;
    private readonly Dictionary<string, JobVariables> _placed;
    private readonly Dictionary<string, List<(string Pair, BoolVar Does, IntervalVar Interval)>> _hands = [];
    private readonly IntVar _end;
    private readonly IntVar? _begin;
    private readonly List<IntVar> _late = [];
    private readonly LinearExprBuilder _hours = LinearExpr.NewBuilder();
    private readonly LinearExprBuilder _tidiness = LinearExpr.NewBuilder();
    private readonly long _horizon;
    private readonly bool _inTime;

    /// <param name="problem">What is to be placed.</param>
    /// <param name="inTime">Hours are kept, or there is no schedule; else being late is only dear.</param>
    public ScheduleModel(SchedulingProblem problem, bool inTime = false)
    {
        _problem = problem;
        _inTime = inTime;
        _horizon = Horizon(problem);
        _placed = problem.Jobs.ToDictionary(job => job.Id, job => new JobVariables(Model, job, _horizon, problem.MayShorten));
        _end = Model.NewIntVar(0, _horizon, "end");
        Model.AddMaxEquality(_end, _placed.Values.Select(variables => variables.End));
        _hours.AddTerm(_end, Weights.Total);
        if (problem.MayBeginLater)
        {
            _begin = Model.NewIntVar(0, _horizon, "begin");
            Model.AddMinEquality(_begin, _placed.Values.Select(variables => (LinearExpr)variables.Start));
            // Towards an hour, as late as it may be unless an earlier one is much shorter; without one, the next occasion unless a
            // later one is.
            _hours.AddTerm(_begin, -Weights.Total + (problem.MayShorten ? -Weights.Early : Weights.Soon));
        }

        AddLinks();
        AddResources();
        AddHands();
        AddPresence();
        AddNights();
        AddDeadlines();
        foreach (var job in problem.Jobs)
        {
            _placed[job.Id].Weigh(Model, _hours, _tidiness, job, problem.MayShorten);
        }

        AddGentleness();
    }

    public CpModel Model { get; } = new();

    /// <summary>How many things are said in it.</summary>
    public int Constraints => Model.Model.Constraints.Count;

    /// <summary>Several heads, breaks, or times when something cannot be had: not one long chain any more.</summary>
    public bool IsPuzzle =>
        _problem.Closures.Count + _problem.Absences.Count + _problem.Rests.Count > 0 || _problem.Pairs.Count > 1 || Strands().Skip(1).Any();

    public void MinimizeAll() => Model.Minimize(LinearExpr.Sum([(LinearExpr)_hours, _tidiness]));

    public void MinimizeHours() => Model.Minimize(_hours);

    /// <summary>Only minutes late, of everybody.</summary>
    public void MinimizeLateness() => Model.Minimize(LinearExpr.Sum(_late));

    public void MinimizeTidiness() => Model.Minimize(_tidiness);

    /// <summary>Holds the hours between what is proven and what was found. A bound of an easier problem is one of this.</summary>
    public void KeepHours(double atLeast, double? atMost)
    {
        if (double.IsFinite(atLeast))
        {
            Model.Add(_hours >= (long)Math.Ceiling(Math.Max(atLeast, -HoursOfAll) - Bounds.Close));
        }

        if (atMost is { } most)
        {
            Model.Add(_hours <= (long)Math.Round(most));
        }
    }

    /// <summary>Nobody is later for it.</summary>
    public void KeepLateness(long atMost) => Model.Add(LinearExpr.Sum(_late) <= atMost);

    /// <summary>Says the order of hands in choices of its own, where there is one pair of them: what a proof is made of.</summary>
    public void ChooseOrders()
    {
        if (_problem.Pairs.Count == 1 || (_problem.Pairs.Count == 0 && _problem.Capacity.GetValueOrDefault(Resource.Hands) == 1))
        {
            new HandOrders(Model, job => _placed[job.Id].Start, job => _placed[job.Id].End, _problem.Least).Add(HandRun.Of(_problem));
        }
    }

    /// <summary>Begins the search where another one ended.</summary>
    public void BeginAt(Schedule schedule)
    {
        foreach (var placed in schedule.Placements)
        {
            _placed[placed.Job.Id].Hint(Model, placed);
            foreach (var (pair, does, _) in _hands.GetValueOrDefault(placed.Job.Id) ?? [])
            {
                Model.AddHint(does, pair == placed.By);
            }
        }

        if (_breaks.Count > 0 && Breaks.Missing(schedule, _problem) == 0)
        {
            var (placements, gaps) = (schedule.Placements.ToDictionary(placed => placed.Job.Id), Breaks.In(schedule, _problem).Gaps);
            _breaks.ForEach(breaks => breaks.Hint(placements, gaps[breaks.Who]));
        }
    }

    /// <summary>Whatever lies before or behind a time in which somebody or something is not there stays on that side of it.</summary>
    public void KeepSides(Schedule schedule)
    {
        foreach (var placed in schedule.Placements)
        {
            var away = _problem
                .Absences.Where(each => placed.Job.IsHandsOn && (each.Who == placed.By || each.Who == placed.Job.With))
                .Select(each => (each.From, each.To))
                .Concat(
                    _problem
                        .Closures.Where(each => each.IsOfAll && placed.Job.Uses.Contains(each.Resource))
                        .Select(each => (each.From, each.To))
                );
            foreach (var (from, to) in away)
            {
                if (placed.Start >= to)
                {
                    Model.Add(_placed[placed.Job.Id].Start >= to);
                }
                else if (placed.End <= from)
                {
                    Model.Add(_placed[placed.Job.Id].End <= from);
                }
            }
        }
    }

    public Schedule Read(CpSolver solver, double bound, bool proven)
    {
        var placements = _problem
            .Jobs.Select(job => new Placement(job, (int)solver.Value(_placed[job.Id].Start), (int)solver.Value(_placed[job.Id].End))
            {
                By =
                    _hands.TryGetValue(job.Id, out var choices) ? choices.First(choice => solver.BooleanValue(choice.Does)).Pair
                    : job.IsHandsOn && _problem.Pairs.Count == 1 ? _problem.Pairs[0].Id
                    : null,
            })
            .OrderBy(placement => placement.Start)
            .ThenBy(placement => placement.End)
            .ToList();
        return Bounds.Judged(_problem, new Schedule(placements, placements.Max(placement => placement.End), 0, proven), bound, proven);
    }

    private IEnumerable<string> Strands() => _problem.Jobs.Select(job => job.With).OfType<string>().Distinct();

    private static long Horizon(SchedulingProblem problem)
    {
        var work = problem.Jobs.Sum(job => (long)job.Longest) + problem.Links.Sum(link => (long)link.LeastGap);
        // Of two stretches and the break between them nobody makes one, so there are at most so many.
        work += problem.Rests.Values.Sum(rest => ((2 * work / rest.GoesOn) + 1) * rest.Minutes);
        var closed = problem
            .Closures.Select(each => each.To)
            .Concat(problem.Absences.Select(each => each.To))
            .Where(to => to != Absence.ForGood)
            .Select(to => (long)to)
            .DefaultIfEmpty()
            .Max();
        var wanted = problem.MayBeginLater ? problem.Deadlines.Values.Append(problem.Deadline ?? 0).Max() : 0;
        return work + Math.Max(closed, wanted);
    }

    /// <summary>Either no wait is shortened more than halfway to its shortest, or that counts.</summary>
    private void AddGentleness()
    {
        var deep = _problem.Jobs.Where(job => _problem is { MayShorten: true, IsGently: false } && job.Shortest < job.Gentle).ToList();
        if (deep.Count > 0)
        {
            var notGentle = Model.NewBoolVar("not gentle");
            deep.ForEach(job => _placed[job.Id].KeepGentle(Model, notGentle, job));
            _hours.AddTerm(notGentle, Weights.NotGentle);
        }
    }

    private void AddLinks()
    {
        foreach (var link in _problem.Links)
        {
            var (from, to) = (_placed[link.From], _placed[link.To]);
            Model.Add(to.Start >= from.End + link.LeastGap);
            if (link.MostGap is { } most)
            {
                Model.Add(to.Start <= from.End + most);
            }

            if (link.MostGap != 0)
            {
                _tidiness.AddTerm(to.Start, Weights.Idle);
                _tidiness.AddTerm(from.End, -Weights.Idle);
            }
        }
    }

    private void AddResources()
    {
        foreach (
            var resource in _problem
                .Jobs.SelectMany(job => job.Uses)
                .Distinct()
                .Where(resource => resource != Resource.Hands || _problem.Pairs.Count == 0)
        )
        {
            var users = _problem.Jobs.Where(job => job.Uses.Contains(resource)).Select(job => _placed[job.Id].Interval).ToList();
            var capacity = _problem.Capacity.GetValueOrDefault(resource);
            var closures = _problem.Closures.Where(each => each.Resource == resource).ToList();
            var closed = closures.Select(each => Fixed(each.From, each.To, $"{resource} closed")).ToList();
            if (capacity == 1)
            {
                Model.AddNoOverlap(users.Concat(closed));
            }
            else
            {
                var cumulative = Model.AddCumulative(capacity);
                cumulative.AddDemands(users, Enumerable.Repeat(1L, users.Count));
                cumulative.AddDemands(closed, closures.Select(each => (long)(capacity - each.Left)));
            }
        }
    }

    /// <summary>Whose hands do what, when it matters whose they are.</summary>
    private void AddHands()
    {
        if (_problem.Pairs.Count == 0)
        {
            return;
        }

        var busy = _problem.Pairs.ToDictionary(pair => pair.Id, _ => new List<IntervalVar>());
        foreach (var job in _problem.Jobs.Where(job => job.IsHandsOn))
        {
            var may = _problem.Pairs.Where(pair => job.By?.Contains(pair.Id) ?? true).ToList();
            if (_problem.Pairs.Count == 1 && may.Count == 1)
            {
                busy[may[0].Id].Add(_placed[job.Id].Interval);
                continue;
            }

            _hands[job.Id] = [.. may.Select(pair => Choice(job, pair.Id))];
            Model.AddExactlyOne(_hands[job.Id].Select(choice => (ILiteral)choice.Does));
            foreach (var (pair, _, interval) in _hands[job.Id])
            {
                busy[pair].Add(interval);
            }
        }

        foreach (var (pair, intervals) in busy)
        {
            Model.AddNoOverlap(intervals.Concat(Away(pair)));
        }

        // All hands together, which the solver cannot see from the pairs alone.
        if (_problem.Pairs.Count > 1)
        {
            var all = _problem.Jobs.Where(job => job.IsHandsOn).Select(job => _placed[job.Id].Interval).ToList();
            Model.AddCumulative(_problem.Pairs.Count).AddDemands(all, Enumerable.Repeat(1L, all.Count));
        }
    }

    private (string Pair, BoolVar Does, IntervalVar Interval) Choice(Job job, string pair)
    {
        var does = Model.NewBoolVar($"{job.Id} by {pair}");
        return (pair, does, _placed[job.Id].Optional(Model, does, $"{job.Id} by {pair}"));
    }

    /// <summary>Hands are on a head only while it is there, and on one place of it at a time.</summary>
    private void AddPresence()
    {
        foreach (var head in Strands())
        {
            Model.AddNoOverlap(
                _problem.Jobs.Where(job => job.With == head && job.IsHandsOn).Select(job => _placed[job.Id].Interval).Concat(Away(head))
            );
        }
    }

    /// <summary>What stays on overnight is on when people go to bed, and still when they get up.</summary>
    private void AddNights()
    {
        foreach (var overnight in _problem.Overnights)
        {
            var (placed, nights) = (
                _placed[overnight.Job],
                overnight.Nights.Select((_, n) => Model.NewBoolVar($"{overnight.Job} night {n}")).ToList()
            );
            Model.AddExactlyOne(nights);
            foreach (var (isOver, night) in nights.Zip(overnight.Nights))
            {
                Model.Add(placed.Start <= night.Bed).OnlyEnforceIf(isOver);
                Model.Add(placed.End >= night.Rise).OnlyEnforceIf(isOver);
            }
        }
    }

    private void AddDeadlines()
    {
        if (_problem.Deadline is { } deadline)
        {
            LateAfter(_end, deadline, "late");
        }

        var strands = Strands().ToList();
        foreach (var strand in strands)
        {
            var own = _problem.Jobs.Where(job => job.With == strand).Select(job => _placed[job.Id].End).ToList();
            var end = Model.NewIntVar(0, _horizon, $"{strand} end");
            Model.AddMaxEquality(end, own);
            if (strands.Count > 1)
            {
                _tidiness.AddTerm(end, Weights.OwnEnd);
            }

            if (_problem.Deadlines.TryGetValue(strand, out var wanted))
            {
                LateAfter(end, wanted, $"{strand} late");
            }
        }
    }

    private void LateAfter(IntVar end, int deadline, string name)
    {
        if (_inTime)
        {
            Model.Add(end <= deadline);
            return;
        }

        var late = Model.NewIntVar(0, _horizon, name);
        Model.Add(late >= end - deadline);
        _late.Add(late);
        _hours.AddTerm(late, Weights.Late);
    }

    private List<IntervalVar> Away(string who) =>
        [.. _problem.Absences.Where(each => each.Who == who).Select(each => Fixed(each.From, each.To, $"{who} away"))];

    private IntervalVar Fixed(int from, int to, string name)
    {
        // Nothing ends behind twice the horizon, so what lasts for good ends there.
        var (begin, end) = (Math.Max(0, from), Math.Min(to, 2 * _horizon));
        return Model.NewFixedSizeIntervalVar(Model.NewConstant(begin), Math.Max(0, end - begin), name);
    }
}
