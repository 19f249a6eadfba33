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
                var there =
                    resource == Resource.Hands && problem.Pairs.Count > 0
                        ? problem.Pairs.Count
                        : problem
                            .Closures.FirstOrDefault(each => each.Resource == resource && each.From <= minute && minute < each.To)
                            ?.Left
                            ?? problem.Capacity.GetValueOrDefault(resource);
                Assert.True(
                    running.Count(placement => placement.Job.Uses.Contains(resource)) <= there,
                    $"{resource} is taken more than {there} times at minute {minute}"
                );
            }

            People(problem, running, minute);
        }

        foreach (var overnight in problem.Overnights)
        {
            Assert.Contains(overnight.Nights, night => placed[overnight.Job].Start <= night.Bed && night.Rise <= placed[overnight.Job].End);
        }

        foreach (var (who, rest) in problem.Rests)
        {
            Breaks(
                who,
                rest,
                [.. schedule.Placements.Where(placement => placement.Job.IsHandsOn && (placement.By == who || placement.Job.With == who))]
            );
        }
    }

    /// <summary>Nobody does two things at once, or anything while away; heads included.</summary>
    private static void People(SchedulingProblem problem, List<Placement> running, int minute)
    {
        var busy = running.Where(placement => placement.Job.IsHandsOn).ToList();
        foreach (var people in new[] { busy.Select(placement => placement.By), busy.Select(placement => placement.Job.With) })
        {
            var there = people.OfType<string>().ToList();
            Assert.Equal(there.Distinct().Count(), there.Count);
            Assert.DoesNotContain(problem.Absences, each => there.Contains(each.Who) && each.From <= minute && minute < each.To);
        }

        if (problem.Pairs.Count > 0)
        {
            Assert.All(busy, placement => Assert.Contains(placement.By, placement.Job.By ?? [.. problem.Pairs.Select(pair => pair.Id)]));
        }
    }

    private static void Breaks(string who, Rest rest, IReadOnlyList<Placement> work)
    {
        var (from, until) = (0, int.MinValue);
        foreach (var placement in work.OrderBy(placement => placement.Start))
        {
            from = until == int.MinValue || placement.Start - until >= rest.Minutes ? placement.Start : from;
            until = placement.End;
            Assert.True(until - from <= Math.Max(rest.GoesOn, work.Max(each => each.Job.Longest)), $"{who} goes on from {from} to {until}");
        }
    }
}
