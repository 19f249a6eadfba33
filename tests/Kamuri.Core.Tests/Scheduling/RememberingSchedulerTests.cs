using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Scheduling;

/// <summary>What was worked out once is not worked out again, and anything that differs is another question.</summary>
public class RememberingSchedulerTests
{
    private static SchedulingProblem Day(int minutes = 10) =>
        new(
            [
                new Job("a/rinse", "a", minutes, minutes, minutes, [Resource.Hands, Resource.Shower]) { With = "a" },
                new Job("b/oil", "b", 5, 5, 5, [Resource.Hands]) { With = "b" },
            ],
            [],
            new Dictionary<Resource, int> { [Resource.Hands] = 1, [Resource.Shower] = 1 }
        )
        {
            Pairs = [new("Ama")],
        };

    private sealed class Counting : IScheduler
    {
        private readonly CpSatScheduler _scheduler = new();

        public int Asked { get; private set; }

        public Schedule? Solve(SchedulingProblem problem)
        {
            Asked++;
            return _scheduler.Solve(problem);
        }
    }

    [Fact]
    public void The_same_day_is_worked_out_once_and_speaks_of_the_jobs_it_was_asked_with()
    {
        var counting = new Counting();
        var scheduler = new RememberingScheduler(counting);
        var (first, again) = (scheduler.Solve(Day())!, Day());
        var second = scheduler.Solve(again)!;
        Assert.Equal(1, counting.Asked);
        Assert.Equal(
            first.Placements.Select(placed => (placed.Job.Id, placed.Start, placed.End)),
            second.Placements.Select(placed => (placed.Job.Id, placed.Start, placed.End))
        );
        Assert.All(second.Placements, placed => Assert.Same(again.Jobs.Single(job => job.Id == placed.Job.Id), placed.Job));
    }

    [Fact]
    public void Anything_that_differs_is_asked_anew()
    {
        var counting = new Counting();
        var scheduler = new RememberingScheduler(counting);
        SchedulingProblem[] others =
        [
            Day(),
            Day(11),
            Day() with
            {
                Absences = [new("a", 0, 20)],
            },
            Day() with
            {
                Closures = [new(Resource.Shower, 0, 30)],
            },
            Day() with
            {
                Pairs = [new("Bea")],
            },
            Day() with
            {
                Rests = new Dictionary<string, Rest> { ["Ama"] = new(30, 10) },
            },
            Day() with
            {
                Deadlines = new Dictionary<string, int> { ["a"] = 40 },
            },
            Day() with
            {
                Deadline = 40,
            },
            Day() with
            {
                MayBeginLater = true,
            },
            Day() with
            {
                Links = [new("a/rinse", "b/oil")],
            },
            Day() with
            {
                Capacity = new Dictionary<Resource, int> { [Resource.Hands] = 1 },
            },
            Day() with
            {
                Jobs = [.. Day().Jobs.Select(job => job with { By = ["Ama"] })],
            },
        ];
        foreach (var day in others.Concat(others))
        {
            scheduler.Solve(day);
        }

        Assert.Equal(others.Length, counting.Asked);
    }
}
