namespace Kamuri.Core.Scheduling;

/// <summary>
/// What somebody does who wants to do nothing wrong: each head by itself with all its breaks, the next when the first is done. Long, but
/// there is a place for everything in it, and so it is something to begin from.
/// </summary>
internal static class OneAfterTheOther
{
    /// <summary>
    /// The schedule; null where there is one head, or one that cannot be placed by itself. Who is away, and when, is not looked at.
    /// </summary>
    /// <param name="problem">Of all heads.</param>
    /// <param name="place">Places one of them.</param>
    public static Schedule? Of(SchedulingProblem problem, Func<SchedulingProblem, Schedule?> place)
    {
        var heads = Apart(problem);
        if (heads.Count < 2)
        {
            return null;
        }

        var (placements, end) = (new List<Placement>(), 0);
        foreach (var head in heads)
        {
            if (place(head) is not { } own)
            {
                return null;
            }

            var from = end == 0 ? 0 : end + problem.Rests.Values.Select(rest => rest.Minutes).DefaultIfEmpty().Max();
            placements.AddRange(own.Placements.Select(placed => placed with { Start = placed.Start + from, End = placed.End + from }));
            end = from + own.Span;
        }

        return new Schedule(placements, end, 0, Proven: false);
    }

    /// <summary>What hangs together in parts of its own, whoever has to be done first in front.</summary>
    private static List<SchedulingProblem> Apart(SchedulingProblem problem)
    {
        var whole = problem.Together();
        var alone = problem with
        {
            Absences = [],
            Closures = [],
            Overnights = [],
            Deadlines = new Dictionary<string, int>(),
            Deadline = null,
            MayBeginLater = false,
            Known = null,
        };
        return
        [
            .. problem
                .Jobs.GroupBy(job => whole[job.Id])
                .OrderBy(jobs => Latest(problem, jobs))
                .Select(jobs => alone with { Jobs = [.. jobs], Links = [.. problem.Links.Where(link => whole[link.From] == jobs.Key)] }),
        ];
    }

    /// <summary>By when all of it should be done, or somebody is not there any more.</summary>
    private static int Latest(SchedulingProblem problem, IEnumerable<Job> jobs) =>
        jobs.Select(job => job.With)
            .OfType<string>()
            .Distinct()
            .SelectMany(head =>
                problem
                    .Absences.Where(each => each.Who == head && each.To == Absence.ForGood)
                    .Select(each => each.From)
                    .Append(problem.Deadlines.GetValueOrDefault(head, int.MaxValue))
            )
            .DefaultIfEmpty(int.MaxValue)
            .Min();
}
