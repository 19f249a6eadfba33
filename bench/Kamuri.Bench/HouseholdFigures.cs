using System.Diagnostics;
using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Bench;

/// <summary>How long days with several heads take to place, how far from proven best they are, and how long a forecast takes.</summary>
internal static class HouseholdFigures
{
    private static readonly DateTimeOffset Nine = new(2026, 3, 14, 9, 0, 0, TimeSpan.Zero);

    /// <summary>Days that are measured.</summary>
    private const int Days = 20;

    /// <summary>Other days that are planned before those.</summary>
    private const int Before = 4;

    public static IEnumerable<Measurement> Measure()
    {
        foreach (var (heads, hands, target) in new[] { (2, 1, 300.0), (3, 1, 1500.0), (4, 1, 2000.0), (4, 2, 2000.0) })
        {
            // The first days of a process pay for compiling; the server's is compiled ahead, and asks itself a first question when it
            // starts.
            foreach (var other in Requests(heads, hands).Skip(Days).Take(Before))
            {
                new HouseholdPlanner(new Watched()).Make(other, CraftFigures.Default);
            }

            var watched = new Watched();
            var planner = new HouseholdPlanner(watched);
            var plans = new List<double>();
            foreach (var request in Requests(heads, hands).Take(Days))
            {
                var began = Stopwatch.GetTimestamp();
                planner.Make(request, CraftFigures.Default);
                plans.Add(Stopwatch.GetElapsedTime(began).TotalMilliseconds);
            }

            var name = $"{heads} heads, {(hands == 1 ? "1 pair" : $"{hands} pairs")} of hands";
            yield return Measurement.Of($"{name}: placed", "ms", [.. watched.Solved.Select(each => each.Milliseconds)], target);
            yield return Measurement.Of($"{name}: the whole plan, with its forecast", "ms", plans, 2000);
            // A draft is only a step on the way.
            var solved = watched.Solved.Where(each => !each.Schedule.IsDraft).ToList();
            double Share(Func<Schedule, SchedulingProblem, bool> which) =>
                100.0 * solved.Count(each => which(each.Schedule, each.Problem)) / solved.Count;
            var open = Share((schedule, _) => !schedule.Proven);
            yield return new Measurement(
                $"{name}: not proven best, breaks included, and how far waits have to be shortened",
                "%",
                open,
                open,
                heads < 4 ? 0 : null,
                solved.Count
            );
            var closer = Share((schedule, _) => schedule.Proven && schedule.MayBeCloser);
            yield return new Measurement(
                $"{name}: proven so, but not that fewer minutes of waits would not do",
                "%",
                closer,
                closer,
                null,
                solved.Count
            );
            // What a person asks: could it be over sooner, or anybody less late?
            var sooner = Share(
                (schedule, problem) =>
                    !schedule.Proven
                    && (
                        problem.MayShorten
                            ? schedule.LeastLate is null || Late(schedule, problem) > schedule.LeastLate
                            : schedule.Span > schedule.LowerBound
                    )
            );
            yield return new Measurement(
                $"{name}: sooner, or less late, is not ruled out",
                "%",
                sooner,
                sooner,
                heads < 4 ? 0 : null,
                solved.Count
            );
            var tired = Share((schedule, problem) => Breaks.TooLong(schedule, problem).Count > 0);
            yield return new Measurement($"{name}: somebody has not every break", "%", tired, tired, 0, solved.Count);
            var late = solved.Where(each => each.Problem.MayShorten && each.Schedule.LeastLate is not null).ToList();
            yield return Measurement.Of(
                $"{name}: minutes late",
                "min",
                [.. late.Select(each => (double)Late(each.Schedule, each.Problem))],
                null
            );
            yield return Measurement.Of(
                $"{name}: late above the proven least",
                "min",
                [.. late.Select(each => (double)(Late(each.Schedule, each.Problem) - each.Schedule.LeastLate!.Value))],
                null
            );
            // Where waits may be shortened towards an hour, only the longest chain bounds the end; it says little.
            var free = solved.Where(each => !each.Problem.MayShorten).ToList();
            yield return Measurement.Of(
                $"{name}: above the proven least",
                "%",
                [.. free.Select(each => 100.0 * (each.Schedule.Span - each.Schedule.LowerBound) / each.Schedule.Span)],
                null
            );
            var lists = free.Select(each => (each.Schedule, List: ListSchedule.Of(each.Problem)))
                .Where(each => each.List is not null)
                .ToList();
            yield return Measurement.Of($"{name}: by the list", "min", [.. lists.Select(each => (double)each.List!.Span)], null);
            yield return Measurement.Of(
                $"{name}: by the plan, same days",
                "min",
                [.. lists.Select(each => (double)each.Schedule.Span)],
                null
            );
            yield return Measurement.Of(
                $"{name}: plan of list",
                "%",
                [.. lists.Select(each => 100.0 * each.Schedule.Span / each.List!.Span)],
                100
            );
            yield return Measurement.Of(
                $"{name}: plan of one head after the other",
                "%",
                [.. free.Select(each => 100.0 * each.Schedule.Span / OneAfterTheOther(each.Problem))],
                100
            );
        }

        yield return Measurement.Of("10 000 draws of a plan of 80 tasks", "ms", [.. Draws(problem => problem).Take(5)], 150);
        yield return Measurement.Of("10 000 draws, somebody and something away", "ms", [.. Draws(Away).Take(5)], 150);
    }

    private static long Late(Schedule schedule, SchedulingProblem problem) =>
        (problem.Deadline is { } hour ? Math.Max(0, schedule.Span - hour) : 0)
        + problem.Deadlines.Sum(wanted =>
            (long)Math.Max(0, schedule.Placements.Where(placed => placed.Job.With == wanted.Key).Max(placed => placed.End) - wanted.Value)
        );

    /// <summary>What a careful person does without a plan: each head by itself, the next when the first is done.</summary>
    private static int OneAfterTheOther(SchedulingProblem problem)
    {
        var scheduler = new CpSatScheduler();
        return problem
            .Jobs.GroupBy(job => job.Id.Split('/')[0])
            .Sum(own =>
            {
                var ids = own.Select(job => job.Id).ToHashSet();
                return scheduler
                    .Solve(
                        problem with
                        {
                            Jobs = [.. own],
                            Links = [.. problem.Links.Where(link => ids.Contains(link.From))],
                            Known = null,
                        }
                    )!
                    .Span;
            });
    }

    /// <summary>
    /// Every pair of hands is away for an hour, and the shower is taken for half of one: what has to go on soon waits for both.
    /// </summary>
    private static SchedulingProblem Away(SchedulingProblem problem) =>
        problem with
        {
            Absences = [.. problem.Absences, .. problem.Pairs.Select(pair => new Absence(pair.Id, 240, 300))],
            Closures = [.. problem.Closures, new Closure(Resource.Shower, 120, 150)],
        };

    private static IEnumerable<double> Draws(Func<SchedulingProblem, SchedulingProblem> of)
    {
        var watched = new Watched();
        var planner = new HouseholdPlanner(watched);
        foreach (var request in Requests(4, 2))
        {
            planner.Make(request, CraftFigures.Default);
            var (problem, schedule, _) = watched.Solved[^1];
            if (problem.Jobs.Count < 80)
            {
                continue;
            }

            var began = Stopwatch.GetTimestamp();
            FinishForecast.Of(schedule, of(problem), CraftFigures.Default.HandsOn, FinishForecast.Fine);
            yield return Stopwatch.GetElapsedTime(began).TotalMilliseconds * 80 / problem.Jobs.Count;
        }
    }

    public static IEnumerable<HouseholdRequest> Requests(int heads, int hands)
    {
        var random = new Random(3);
        T Any<T>()
            where T : struct, Enum => Enum.GetValues<T>()[random.Next(Enum.GetValues<T>().Length)];
        Centimetres Length() => new(6 + random.NextDouble() * 45);
        for (var n = 0; n < 40; n++)
        {
            yield return new HouseholdRequest
            {
                Heads =
                [
                    .. Enumerable
                        .Range(1, heads)
                        .Select(at => new HeadOfDay(
                            new PlanRequest
                            {
                                Head = new Head
                                {
                                    Id = Guid.NewGuid(),
                                    Name = $"Head {at}",
                                    Lengths = new ZoneLengths(Length(), Length(), Length(), Length()),
                                    Density = Any<Density>(),
                                    Strand = Any<StrandThickness>(),
                                    Porosity = Any<Porosity>(),
                                    LastDetangle = new DateOnly(2026, 3, 14).AddDays(-random.Next(20)),
                                },
                                Aim = new[] { Aim.Moisture, Aim.Quick, Aim.Strength, Aim.Reset, Aim.ScalpComfort }[random.Next(5)],
                                Style = new[] { EndStyle.Twists, EndStyle.Bun, EndStyle.WashAndGo }[random.Next(3)],
                                Today = new DateOnly(2026, 3, 14),
                                When = new When(Nine),
                            }
                        )),
                ],
                Hands = [.. Enumerable.Range(1, hands).Select(at => new HelpingHands($"Pair {at}"))],
                When = n % 2 == 0 ? new When(Nine) : new When(Nine, ReadyBy: Nine.AddHours(12)),
                Equipment = new Equipment(Hoods: 1, Steamers: 1),
            };
        }
    }

    /// <summary>The scheduler with a stopwatch, and what it was asked.</summary>
    private sealed class Watched : IScheduler
    {
        private readonly CpSatScheduler _scheduler = new();

        public List<(SchedulingProblem Problem, Schedule Schedule, double Milliseconds)> Solved { get; } = [];

        public Schedule? Solve(SchedulingProblem problem)
        {
            var began = Stopwatch.GetTimestamp();
            var schedule = _scheduler.Solve(problem);
            if (schedule is not null)
            {
                Solved.Add((problem, schedule, Stopwatch.GetElapsedTime(began).TotalMilliseconds));
            }

            return schedule;
        }
    }
}
