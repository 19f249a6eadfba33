namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>
/// Looks through all orders of a day in stages: without its kitchen, with each thing made there alone, and whole. Each stage has few moments,
/// because the one before tells what is still to come; and where one has no order, none of the later ones has.
/// </summary>
/// <param name="problem">The whole.</param>
/// <param name="puzzle">Says it, or a part of it, as orders of hands; null where that cannot be.</param>
public sealed class StagedSearch(SchedulingProblem problem, Func<SchedulingProblem, HandsPuzzle?> puzzle)
{
    /// <summary>Things made in the kitchen that there are in each stage before the whole.</summary>
    private static readonly int[] Kitchens = [0, 1];

    /// <summary>No order ends before so many minutes.</summary>
    public int AtLeast { get; private set; }

    /// <summary>The whole was looked through: what ends soonest is known, or that nothing ends in time.</summary>
    public bool IsThrough { get; private set; }

    /// <summary>Moments that were kept in all stages so far.</summary>
    public int Seen { get; private set; }

    /// <summary>The best order, or null when there is none, or there are too many moments; <see cref="AtLeast"/> says what is certain then.</summary>
    /// <param name="before">It ends before so many minutes.</param>
    /// <param name="most">Moments that are kept in one part of a stage.</param>
    public HandsOrder? Best(int before, int most)
    {
        IsThrough = false;
        if (puzzle(problem) is not { } whole)
        {
            return null;
        }

        var told = new List<OrderLayers>();
        foreach (var stage in Kitchens.Select(kitchens => OrderSearch.WithFewer(problem, kitchens).Select(puzzle).OfType<HandsPuzzle>().ToList()))
        {
            // One part of a stage has nothing to do with the others, and somebody waits for a plan.
            var telling = stage.AsParallel().AsOrdered().Select(part => Look(part, isTold: true)).ToList();
            if (Took(telling) is { Count: > 0 } through)
            {
                told = through;
            }

            if (told.Exists(each => each.AtLeast is null))
            {
                IsThrough = true;
                return null;
            }
        }

        var all = Look(whole, isTold: false);
        IsThrough = Took([all]).Count > 0;
        return IsThrough ? all.Best : null;

        // What tells most is asked first.
        OrderLayers Look(HandsPuzzle part, bool isTold) => OrderLayers.Of(part, before, most, [.. told.OrderByDescending(each => each.AtLeast).Select(each => each.Of(part))], isTold);

        List<OrderLayers> Took(List<OrderLayers> looked)
        {
            Seen += looked.Sum(each => each.Seen);
            var through = looked.FindAll(each => each.IsThrough);
            AtLeast = through.Select(each => each.AtLeast ?? before).Append(AtLeast).Max();
            return through;
        }
    }
}
