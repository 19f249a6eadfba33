using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Tests.Scheduling;

/// <summary>Checks a schedule minute by minute; shares nothing with the solver's model.</summary>
internal static class ScheduleChecker
{
    public static void Check(SchedulingProblem problem, Schedule schedule)
    {
        var placed = schedule.Placements.ToDictionary(placement => placement.Job.Id);
        Assert.Equal(problem.Jobs.Select(job => job.Id).Order(), placed.Keys.Order());
        foreach (var (job, start, end) in schedule.Placements)
        {
            Assert.True(start >= 0, $"{job.Id} starts before the start");
            Assert.InRange(end - start, Math.Min(job.Shortest, job.Usual), job.Longest);
        }

        foreach (var link in problem.Links)
        {
            var gap = placed[link.To].Start - placed[link.From].End;
            Assert.InRange(gap, link.LeastGap, link.MostGap ?? int.MaxValue);
        }

        var last = schedule.Placements.Count == 0 ? 0 : schedule.Placements.Max(placement => placement.End);
        Assert.Equal(last, schedule.Span);
        for (var minute = 0; minute < last; minute++)
        {
            var running = schedule.Placements.Where(placement => placement.Start <= minute && minute < placement.End).ToList();
            foreach (var resource in Enum.GetValues<Resource>())
            {
                Assert.True(running.Count(placement => placement.Job.Uses.Contains(resource)) <= problem.Capacity.GetValueOrDefault(resource),
                    $"{resource} is taken twice at minute {minute}");
            }
        }
    }
}
