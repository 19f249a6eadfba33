namespace Kamuri.Core.Scheduling;

/// <summary>Jobs for hands that have no room for a break in between.</summary>
/// <param name="Jobs">From first to last.</param>
/// <param name="Minutes">From the beginning of the first to the end of the last at least, short waits in between included.</param>
internal sealed record HandPiece(IReadOnlyList<Job> Jobs, int Minutes)
{
    /// <summary>Whether somebody has to do it in one go, for longer than they should go on.</summary>
    public bool IsLong(Rest rest) => Minutes > rest.GoesOn;
}

/// <summary>
/// Jobs for hands that follow one another on one strand, each with the most minutes that may pass until the next: what a pair
/// of hands can do in between must be shorter than that.
/// </summary>
/// <param name="Jobs">From first to last.</param>
/// <param name="Gaps">Behind each: minutes from its end to the beginning of the next at most; <see cref="Open"/> behind the last.</param>
/// <param name="Waits">Behind each but the last: minutes from its end to the beginning of the next at least.</param>
/// <param name="Minutes">Minutes each takes at least.</param>
internal sealed record HandRun(IReadOnlyList<Job> Jobs, IReadOnlyList<int> Gaps, IReadOnlyList<int> Waits, IReadOnlyList<int> Minutes)
{
    /// <summary>A gap anything fits into.</summary>
    public const int Open = int.MaxValue;

    /// <summary>The run in pieces that nothing of so many minutes fits into.</summary>
    public IEnumerable<HandPiece> Pieces(int minutes)
    {
        for (var (first, last) = (0, 0); last < Jobs.Count; last++)
        {
            if (Gaps[last] >= minutes)
            {
                var count = last - first + 1;
                yield return new HandPiece(
                    [.. Jobs.Skip(first).Take(count)],
                    Minutes.Skip(first).Take(count).Sum() + Waits.Skip(first).Take(count - 1).Sum()
                );
                first = last + 1;
            }
        }
    }

    /// <summary>All jobs for hands, each in one run.</summary>
    public static IReadOnlyList<HandRun> Of(SchedulingProblem problem)
    {
        var jobs = problem.Jobs.ToDictionary(job => job.Id);
        var bound = problem.Links.Where(link => link.MostGap is not null).ToLookup(link => link.From);
        var next = new Dictionary<string, (Job Job, int Gap, int Wait)>();
        var followed = new HashSet<string>();
        foreach (var job in problem.Jobs.Where(job => job.IsHandsOn))
        {
            if (Next(job) is { } found && followed.Add(found.Job.Id))
            {
                next[job.Id] = found;
            }
        }

        return [.. problem.Jobs.Where(job => job.IsHandsOn && !followed.Contains(job.Id)).Select(From)];

        (Job Job, int Gap, int Wait)? Next(Job job)
        {
            var (at, gap, wait) = (job, 0, 0);
            for (var steps = 0; steps < jobs.Count; steps++)
            {
                if (bound[at.Id].FirstOrDefault(link => jobs[link.To].Strand == job.Strand) is not { } link)
                {
                    return null;
                }

                (at, gap, wait) = (jobs[link.To], gap + link.MostGap!.Value, wait + link.LeastGap);
                if (at.IsHandsOn)
                {
                    return (at, gap, wait);
                }

                (gap, wait) = (gap + at.Longest, wait + problem.Least(at));
            }

            return null;
        }

        HandRun From(Job first)
        {
            var (run, gaps, waits) = (new List<Job> { first }, new List<int>(), new List<int>());
            while (next.TryGetValue(run[^1].Id, out var after))
            {
                run.Add(after.Job);
                gaps.Add(after.Gap);
                waits.Add(after.Wait);
            }

            return new HandRun(run, [.. gaps, Open], waits, [.. run.Select(problem.Least)]);
        }
    }
}
