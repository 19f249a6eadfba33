using System.Collections.Concurrent;
using System.Text;
using System.Text.Json;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// Orders that longer searches have found, so that what took half a minute to find is there at once when the same day is
/// planned again. A day is the same when it has the same work in the same dependence on the same things; on the clock it may have
/// moved on. Kept in memory only: without it the quick answer is given.
/// </summary>
public sealed class KnownOrders
{
    /// <summary>More days than anybody plans at a time.</summary>
    private const int Most = 64;

    private readonly ConcurrentDictionary<string, (Schedule Schedule, string Problem)> _orders = [];

    /// <summary>Keeps an order.</summary>
    public void Keep(SchedulingProblem problem, Schedule schedule)
    {
        if (_orders.Count >= Most)
        {
            _orders.Clear();
        }

        _orders[Key(problem)] = (schedule, Whole(problem));
    }

    /// <summary>The order of a day like this.</summary>
    internal Schedule? Of(SchedulingProblem problem) => _orders.GetValueOrDefault(Key(problem)).Schedule;

    /// <summary>What was found of the very same problem, with what is proven of it.</summary>
    internal Schedule? OfSame(SchedulingProblem problem) =>
        _orders.TryGetValue(Key(problem), out var kept) && kept.Problem == Whole(problem) ? kept.Schedule.Of(problem) : null;

    private static string Whole(SchedulingProblem problem) =>
        JsonSerializer.Serialize(problem with { Known = null, DraftAfter = null, Effort = null });

    private static string Key(SchedulingProblem problem)
    {
        var key = new StringBuilder();
        foreach (var job in problem.Jobs)
        {
            key.Append(job.Id)
                .Append(' ')
                .Append(job.Shortest)
                .Append(' ')
                .Append(job.Usual)
                .Append(' ')
                .Append(job.Longest)
                .Append(' ')
                .AppendJoin('+', job.Uses)
                .Append(' ')
                .AppendJoin('+', job.By ?? [])
                .Append('\n');
        }

        foreach (var link in problem.Links)
        {
            key.Append(link.From).Append('>').Append(link.To).Append(link.LeastGap).Append('-').Append(link.MostGap).Append('\n');
        }

        return key.AppendJoin(' ', problem.Capacity.OrderBy(pair => pair.Key).Select(pair => $"{pair.Key}{pair.Value}"))
            .AppendJoin(' ', problem.Pairs.Select(pair => pair.Id))
            .ToString();
    }
}

/// <summary>Takes its time over several heads, says how far it is, and keeps what it finds.</summary>
/// <param name="known">Where it is kept.</param>
/// <param name="report">Told after every round.</param>
/// <param name="brokenOff">Ends it with the best so far.</param>
public sealed class PatientScheduler(KnownOrders known, Action<SearchProgress> report, CancellationToken brokenOff) : IScheduler
{
    /// <summary>About half a minute for a household.</summary>
    private const int Rounds = 12;

    private readonly CpSatScheduler _quick = new();

    public Schedule? Solve(SchedulingProblem problem)
    {
        if (problem.Jobs.Count == 0 || !new ScheduleModel(problem).IsPuzzle)
        {
            return _quick.Solve(problem);
        }

        var schedule = SeveralHeads.Patient(problem, Rounds, report, brokenOff);
        if (schedule is not null)
        {
            known.Keep(problem, schedule);
        }

        return schedule;
    }
}
