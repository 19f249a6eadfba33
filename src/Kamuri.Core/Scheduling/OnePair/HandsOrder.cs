namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>A job in an order of hands.</summary>
/// <param name="Step">The job.</param>
/// <param name="AfterBreak">Hands rest before it.</param>
/// <param name="AfterPause">Its head, where that needs pauses, has rested before it, or was not worked on.</param>
public readonly record struct OrderedStep(HandStep Step, bool AfterBreak, bool AfterPause);

/// <summary>An order of hands.</summary>
/// <param name="Jobs">One after the other.</param>
/// <param name="Ends">Minutes to the last end of all, at least.</param>
public sealed record HandsOrder(IReadOnlyList<OrderedStep> Jobs, int Ends)
{
    /// <summary>
    /// Minutes from the end of one job to the beginning of another at least, and at most where that is said: so that there are all
    /// breaks and pauses of the order, and nothing between two of them becomes too long.
    /// </summary>
    /// <param name="rest">How long hands go on, and how long they rest; null for without breaks.</param>
    internal IEnumerable<(HandStep From, HandStep To, int Least, int? Most)> Apart(Rest? rest)
    {
        foreach (var (one, other) in Jobs.Zip(Jobs.Skip(1)))
        {
            yield return (one.Step, other.Step, 0, null);
        }

        if (rest is not null)
        {
            foreach (var apart in WithRests([.. Jobs.Select(each => (each.Step, each.AfterBreak, each.Step.IsLong))], rest))
            {
                yield return apart;
            }
        }

        foreach (var own in Jobs.Where(each => each.Step.Head is not null).GroupBy(each => each.Step.Head!))
        {
            foreach (var apart in WithRests([.. own.Select(each => (each.Step, each.AfterPause, each.Step.Own.IsLong))], own.Key.Rest))
            {
                yield return apart;
            }
        }
    }

    /// <summary>
    /// A rest before each stretch but the first, and none longer than it may be; where something in it is a stretch of its own, it may.
    /// </summary>
    private static IEnumerable<(HandStep From, HandStep To, int Least, int? Most)> WithRests(
        List<(HandStep Step, bool AfterRest, bool IsLong)> work,
        Rest rest
    )
    {
        for (var (first, last) = (0, 0); last < work.Count; last++)
        {
            var isOver = last == work.Count - 1 || work[last + 1].AfterRest;
            if (isOver && last > first && !work[first..(last + 1)].Exists(each => each.IsLong))
            {
                yield return (work[first].Step, work[last].Step, 0, rest.GoesOn - work[first].Step.Minutes - work[last].Step.Minutes);
            }

            if (isOver && last < work.Count - 1)
            {
                yield return (work[last].Step, work[last + 1].Step, rest.Minutes, null);
            }

            first = isOver ? last + 1 : first;
        }
    }
}
