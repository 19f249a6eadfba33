using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// What a careful person does without looking far ahead: whenever hands are free, of all that can be done now and keeps nobody
/// waiting too long, whatever has the longest way still to go; and what is begun on a head is done in one go up to its next wait.
/// Quick, and what a search has to be better than.
/// </summary>
public static class ListSchedule
{
    /// <summary>
    /// The schedule with breaks where there is time for them, and with every length as usual; null where going by the list runs into a
    /// wall. Who gets into a tangle with all heads at once takes on fewer at a time.
    /// </summary>
    public static Schedule? Of(SchedulingProblem problem)
    {
        var heads = Math.Max(1, problem.Jobs.Select(job => job.With).OfType<string>().Distinct().Count());
        return Enumerable
            .Range(0, heads)
            .Select(fewer => new List(problem, heads - fewer).Place())
            .FirstOrDefault(schedule => schedule is not null);
    }

    private sealed class List
    {
        private readonly SchedulingProblem _problem;
        private readonly Dictionary<string, Job> _jobs;
        private readonly ILookup<string, Link> _before;
        private readonly ILookup<string, Link> _behind;
        private readonly Dictionary<string, int> _toGo = [];
        private readonly Dictionary<string, Placement> _placed = [];
        private readonly Dictionary<string, int> _freeFrom = [];

        /// <summary>What hands have done so far, of each pair and on each head.</summary>
        private readonly Dictionary<string, List<Placement>> _done = [];

        /// <summary>What has used each thing so far.</summary>
        private readonly Dictionary<Resource, List<string>> _users = [];
        private readonly HashSet<string> _begun = [];
        private readonly int _atOnce;
        private readonly IReadOnlyDictionary<string, string> _whole;
        private readonly Dictionary<string, int> _longest;
        private List<Job>? _open;

        public List(SchedulingProblem problem, int atOnce)
        {
            _problem = problem;
            _atOnce = atOnce;
            _jobs = problem.Jobs.ToDictionary(job => job.Id);
            _before = problem.Links.ToLookup(link => link.To);
            _behind = problem.Links.ToLookup(link => link.From);
            // What hangs together belongs to one head, in the kitchen too.
            _whole = problem.Together();
            _longest = _whole.GroupBy(pair => pair.Value, pair => pair.Key).ToDictionary(whole => whole.Key, whole => whole.Max(ToGo));
        }

        public Schedule? Place()
        {
            while (_placed.Count < _jobs.Count)
            {
                // Waits begin by themselves the minute what is before them ends.
                if (Open().FirstOrDefault(job => !job.IsHandsOn) is { } wait)
                {
                    if (Fit(wait, Earliest(wait), null) is not { } start || start > Latest(wait))
                    {
                        return null;
                    }

                    Put(wait, start, null);
                    continue;
                }

                var choice = Open()
                    .SelectMany(job => Hands(job).Select(by => (job, by, start: Fit(job, Math.Max(Earliest(job), FreeFrom(by)), by))))
                    .Select(each => each.start is { } start ? each with { Item3 = AfterRest(each.job, start, each.by) } : each)
                    .Where(each => each.start is not null && each.start <= Latest(each.job))
                    .OrderBy(each => Harms(each.job, each.start!.Value, each.by))
                    .ThenBy(each => each.start)
                    .ThenByDescending(each => ToGo(each.job.Id))
                    .ThenBy(each => each.job.Id, StringComparer.Ordinal)
                    .FirstOrDefault();
                if (choice.job is null || !PutStretch(choice.job, choice.by))
                {
                    return null;
                }
            }

            var placements = _placed.Values.OrderBy(placed => placed.Start).ThenBy(placed => placed.End).ToList();
            return new Schedule(placements, placements.Max(placed => placed.End), 0, Proven: false);
        }

        /// <summary>Everything whose turn it is.</summary>
        private List<Job> Open()
        {
            if (_open is null)
            {
                var now = _problem
                    .Jobs.Where(job => job.IsHandsOn && !_placed.ContainsKey(job.Id))
                    .Select(job => _whole[job.Id])
                    .Distinct()
                    .OrderByDescending(_begun.Contains)
                    .ThenByDescending(whole => _longest[whole])
                    .Take(_atOnce)
                    .ToHashSet();
                _open = [.. Ready().Where(job => !job.IsHandsOn || now.Contains(_whole[job.Id]))];
            }

            return _open;
        }

        private IEnumerable<Job> Ready() =>
            _problem.Jobs.Where(job => !_placed.ContainsKey(job.Id) && _before[job.Id].All(link => _placed.ContainsKey(link.From)));

        private IEnumerable<string?> Hands(Job job) =>
            _problem.Pairs.Count == 0 ? [null] : _problem.Pairs.Select(pair => (string?)pair.Id).Where(id => job.By?.Contains(id!) ?? true);

        private int Earliest(Job job) => _before[job.Id].Select(link => _placed[link.From].End + link.LeastGap).DefaultIfEmpty(0).Max();

        /// <summary>Not after this: the wait before it would be too long. A wait may be stretched to its longest.</summary>
        private int Latest(Job job) =>
            _before[job.Id]
                .Where(link => link.MostGap is not null)
                .Select(link => _placed[link.From].Start + Stretched(link.From) + link.MostGap!.Value)
                .DefaultIfEmpty(int.MaxValue)
                .Min();

        private int Stretched(string id) => _jobs[id].IsHandsOn ? _jobs[id].Usual : _jobs[id].Longest;

        /// <summary>What follows in one go, up to the next wait.</summary>
        private IEnumerable<Job> Stretch(Job job)
        {
            var next = job;
            while (next is not null)
            {
                yield return next;
                next = _behind[next.Id]
                    .Where(link => link.MostGap is not null)
                    .Select(link => _jobs[link.To])
                    .FirstOrDefault(other =>
                        other.IsHandsOn
                        && other.With == job.With
                        && _before[other.Id].All(link => link.From == next.Id || _placed.ContainsKey(link.From))
                    );
            }
        }

        /// <summary>Whether doing this stretch now makes something else that is open, or what comes behind it, come too late.</summary>
        private bool Harms(Job job, int start, string? by)
        {
            var stretch = Stretch(job).ToList();
            var end = start + stretch.Sum(each => each.Usual);
            // The wait behind it may be stretched, and then hands are wanted again.
            var behind = _behind[stretch[^1].Id]
                .Where(link => link.MostGap is not null)
                .Select(link => _jobs[link.To])
                .FirstOrDefault(each => !each.IsHandsOn);
            var again = behind is null
                ? []
                : _behind[behind.Id]
                    .Where(link => link.MostGap is not null)
                    .Select(link =>
                        (Job: _jobs[link.To], Earliest: end + behind.Usual, Latest: end + behind.Longest + link.MostGap!.Value)
                    );
            var others = Open()
                .Where(other => other.Id != job.Id && other.IsHandsOn && Latest(other) < int.MaxValue)
                .Select(other => (Job: other, Earliest: Earliest(other), Latest: Latest(other)));
            var free =
                _problem.Pairs.Count == 0
                    ? new Dictionary<string, int> { [""] = end }
                    : _problem.Pairs.ToDictionary(pair => pair.Id, pair => pair.Id == by ? end : FreeFrom(pair.Id));
            foreach (var other in again.Concat(others).Where(each => each.Job.IsHandsOn).OrderBy(each => each.Latest))
            {
                var hand = Hands(other.Job).Select(id => id ?? "").MinBy(id => free[id])!;
                var begins = Math.Max(free[hand], other.Earliest);
                if (begins > other.Latest)
                {
                    return true;
                }

                free[hand] = begins + Stretch(other.Job).Sum(each => each.Usual);
            }

            return false;
        }

        /// <summary>Places a stretch in one go; false when that runs into a wall.</summary>
        private bool PutStretch(Job first, string? by)
        {
            foreach (var job in Stretch(first).ToList())
            {
                var hands = Hands(job).Contains(by) ? by : Hands(job).FirstOrDefault();
                if (Fit(job, Math.Max(Earliest(job), FreeFrom(hands)), hands) is not { } start || start > Latest(job))
                {
                    return false;
                }

                Put(job, AfterRest(job, start, hands), hands);
            }

            return true;
        }

        /// <summary>When a job begins after the break that is due; without one where that would be too late for it.</summary>
        private int AfterRest(Job job, int start, string? by) =>
            Fit(job, Rested(job, start, by), by) is { } rested && rested <= Latest(job) ? rested : start;

        /// <summary>When a job can begin so that nobody goes on for too long with it and with what nothing may part from it.</summary>
        private int Rested(Job job, int start, string? by)
        {
            foreach (var (who, rest) in _problem.Rests.Where(pair => pair.Key == by || pair.Key == job.With))
            {
                var done = DoneOf(who).OrderByDescending(placed => placed.Start).ToList();
                if (done.Count == 0 || start - done[0].End >= rest.Minutes)
                {
                    continue;
                }

                var since = done[0].Start;
                for (var at = 1; at < done.Count && since - done[at].End < rest.Minutes; at++)
                {
                    since = done[at].Start;
                }

                var piece = Stretch(job).ToList();
                var whole =
                    piece
                        .Zip(piece.Skip(1))
                        .TakeWhile(pair => !_problem.MayPart(pair.First.Id, pair.Second.Id, rest.Minutes))
                        .Sum(pair => pair.Second.Usual) + job.Usual;
                start = start + whole - since > rest.GoesOn ? done[0].End + rest.Minutes : start;
            }

            return start;
        }

        private int FreeFrom(string? pair) => _freeFrom.GetValueOrDefault(pair ?? "");

        /// <summary>The first minute from which everything a job needs is free for as long as it takes.</summary>
        private int? Fit(Job job, int earliest, string? by)
        {
            var start = earliest;
            var moved = true;
            while (moved)
            {
                moved = false;
                foreach (var end in Taken(job, by, start, start + job.Usual))
                {
                    if (end == Absence.ForGood)
                    {
                        return null;
                    }

                    (start, moved) = (Math.Max(start, end), true);
                }
            }

            return start;
        }

        /// <summary>When what stands in the way is over.</summary>
        private IEnumerable<int> Taken(Job job, string? by, int from, int to)
        {
            foreach (
                var absence in _problem.Absences.Where(each =>
                    job.IsHandsOn && (each.Who == by || each.Who == job.With) && each.From < to && from < each.To
                )
            )
            {
                yield return absence.To;
            }

            foreach (var resource in job.Uses.Where(each => each != Resource.Hands || _problem.Pairs.Count == 0))
            {
                var capacity = _problem.Capacity.GetValueOrDefault(resource, 0);
                // Others who have some of it are users like any.
                var others = _problem
                    .Closures.Where(each => each.Resource == resource && each.From < to && from < each.To)
                    .SelectMany(each => Enumerable.Repeat(each.To, capacity - each.Left));
                var users = _users
                    .GetValueOrDefault(resource, [])
                    .Select(id => _placed[id])
                    .Where(placed => placed.Start < to && from < placed.End)
                    .Select(placed => placed.End)
                    .Concat(others)
                    .Order()
                    .ToList();
                var over = users.Count - capacity;
                if (over >= 0)
                {
                    yield return users.Count == 0 ? Absence.ForGood : users[over];
                }
            }

            foreach (
                var placed in job.IsHandsOn
                    ? DoneOf(by).Concat(DoneOf(job.With)).Where(placed => placed.Start < to && from < placed.End)
                    : []
            )
            {
                yield return placed.End;
            }
        }

        private List<Placement> DoneOf(string? who) => who is null ? [] : _done.GetValueOrDefault(who, []);

        /// <summary>Places it, and stretches the wait before it to where it begins.</summary>
        private void Put(Job job, int start, string? by)
        {
            _placed[job.Id] = new Placement(job, start, start + job.Usual) { By = by };
            foreach (var who in job.IsHandsOn ? new[] { by, job.With }.OfType<string>() : [])
            {
                Listed(_done, who).Add(_placed[job.Id]);
            }

            foreach (var thing in job.Uses.Distinct())
            {
                Listed(_users, thing).Add(job.Id);
            }

            _freeFrom[by ?? ""] = job.IsHandsOn ? Math.Max(FreeFrom(by), start + job.Usual) : FreeFrom(by);
            _begun.Add(_whole[job.Id]);
            _open = null;
            foreach (
                var link in _before[job.Id]
                    .Where(link => link.MostGap is { } most && !_jobs[link.From].IsHandsOn && start > _placed[link.From].End + most)
            )
            {
                _placed[link.From] = _placed[link.From] with { End = start - link.MostGap!.Value };
            }
        }

        private static List<T> Listed<TKey, T>(Dictionary<TKey, List<T>> lists, TKey key)
            where TKey : notnull => lists.TryGetValue(key, out var list) ? list : lists[key] = [];

        /// <summary>Minutes from the beginning of a job to the end of all that hangs on it.</summary>
        private int ToGo(string id)
        {
            if (!_toGo.TryGetValue(id, out var known))
            {
                // An order that bites its own tail comes back here; it has no schedule, but it has to be found out.
                _toGo[id] = 0;
                known = _toGo[id] = _jobs[id].Usual + _behind[id].Select(link => link.LeastGap + ToGo(link.To)).DefaultIfEmpty(0).Max();
            }

            return known;
        }
    }
}
