namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>An order of hands.</summary>
/// <param name="Jobs">Each job, and whether hands rest before it.</param>
/// <param name="Ends">Minutes to the last end of all, at least.</param>
public sealed record HandsOrder(IReadOnlyList<(HandStep Step, bool AfterBreak)> Jobs, int Ends)
{
    /// <summary>What is done without a break, first and last of each stretch; not where something in it is a stretch of its own.</summary>
    internal IEnumerable<(HandStep First, HandStep Last)> Stretches()
    {
        for (var (first, last) = (0, 0); last < Jobs.Count; last++)
        {
            if (last == Jobs.Count - 1 || Jobs[last + 1].AfterBreak)
            {
                if (last > first && !Jobs.Skip(first).Take(last - first + 1).Any(each => each.Step.IsLong))
                {
                    yield return (Jobs[first].Step, Jobs[last].Step);
                }

                first = last + 1;
            }
        }
    }
}
