using System.Diagnostics;
using System.Text.Json;
using Kamuri.Core.Figures;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Running;
using Kamuri.Core.Scheduling;

namespace Kamuri.Bench;

/// <summary>How long a running day takes to be timed again, and to be read back from its events.</summary>
internal static class RunFigures
{
    private const int Events = 2_000;

    public static IEnumerable<Measurement> Measure()
    {
        var request = HouseholdFigures.Requests(4, 2).First();
        var plan = SessionPlan.From(new HouseholdPlanner(new CpSatScheduler()).Make(request, CraftFigures.Default));
        var events = Day(plan);
        var state = SessionFold.Fold(plan, events);
        var now = events[^1].At;
        yield return Measurement.Of(
            $"4 heads, {plan.Tasks.Count} tasks: timed again",
            "ms",
            [.. Times(2_000, () => SessionTiming.At(plan, state, now))],
            1
        );

        var replays = new List<double>();
        var random = new Random(5);
        var whole = Written(plan, state, now);
        for (var n = 0; n < 20; n++)
        {
            // As they may come in from several devices: in another order, some of them twice.
            SessionEvent[] arrived = [.. events.Concat(events.Where((_, at) => at % 7 == n % 7)).OrderBy(_ => random.Next())];
            var began = Stopwatch.GetTimestamp();
            var again = SessionFold.Fold(plan, arrived);
            replays.Add(Stopwatch.GetElapsedTime(began).TotalMilliseconds);
            if (Written(plan, again, now) != whole)
            {
                throw new InvalidOperationException("A session that was replayed came out different.");
            }
        }

        yield return Measurement.Of($"{events.Count} events of a day of 12 hours replayed the same", "ms", replays, null);
    }

    private static IEnumerable<double> Times(int count, Action act)
    {
        act();
        for (var n = 0; n < count; n++)
        {
            var began = Stopwatch.GetTimestamp();
            act();
            yield return Stopwatch.GetElapsedTime(began).TotalMilliseconds;
        }
    }

    /// <summary>
    /// A day in which everything is done, filled up with notes, more time and pauses to two thousand events in twelve hours.
    /// </summary>
    private static List<SessionEvent> Day(SessionPlan plan)
    {
        var events = new List<SessionEvent> { new SessionStarted(Guid.NewGuid(), plan.PlannedStart) };
        var hands = plan.Tasks.Where(task => task.IsHandsOn).ToList();
        for (var n = 1; events.Count < Events; n++)
        {
            var at = plan.PlannedStart.AddHours(12.0 * n / Events);
            var task = hands[Math.Min(hands.Count - 1, n * hands.Count / Events)];
            events.Add(
                (n % 9) switch
                {
                    0 => new TaskExtended(Guid.NewGuid(), at, task.Id, 1),
                    1 => new SessionPaused(Guid.NewGuid(), at),
                    2 => new SessionResumed(Guid.NewGuid(), at),
                    3 => new TaskStarted(Guid.NewGuid(), at, task.Id),
                    4 => new SectionDone(Guid.NewGuid(), at, task.Id, (n / 9 % 6) + 1),
                    5 when n % 45 == 5 => new EventUndone(Guid.NewGuid(), at, events[^2].Id),
                    6 => new TaskDone(Guid.NewGuid(), at, hands[Math.Max(0, (n * hands.Count / Events) - 1)].Id),
                    _ => new NoteTaken(Guid.NewGuid(), at, $"note {n}", task.Id),
                }
            );
        }

        return events;
    }

    private static string Written(SessionPlan plan, SessionState state, DateTimeOffset now) =>
        JsonSerializer.Serialize(
            new
            {
                state.Status,
                state.PausedAt,
                Undoable = state.Undoable.Select(happened => happened.Id),
                state.Notes,
                Tasks = plan.Tasks.Select(task => new { task.Id, State = state.Task(task.Id) }),
                Times = SessionTiming.At(plan, state, now).Times.OrderBy(pair => pair.Key, StringComparer.Ordinal),
            }
        );
}
