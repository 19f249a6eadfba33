namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>
/// Looks through all orders of a day in stages: without its kitchen, with each thing made there alone, and whole; where heads need
/// pauses, whole without those before. Each stage has few moments, because the one before tells what is still to come; and where one
/// has no order, none of the later ones has.
/// </summary>
/// <param name="problem">The whole.</param>
/// <param name="puzzle">Says it, or a part of it, as orders of hands; null where that cannot be.</param>
/// <param name="effort">What it may take, and where it is counted; null for as much as it takes.</param>
public sealed class StagedSearch(SchedulingProblem problem, Func<SchedulingProblem, HandsPuzzle?> puzzle, Effort? effort = null)
{
    private readonly Effort _effort = effort ?? Effort.Unlimited();

    /// <summary>Things made in the kitchen that there are in each stage before the whole.</summary>
    private static readonly int[] Kitchens = [0, 1];

    /// <summary>
    /// Minutes that have to be open between what is certain and what was found for the rest to be fitted into what a stage has found.
    /// </summary>
    private const int WorthFitting = 4;

    /// <summary>No order ends before so many minutes.</summary>
    public int AtLeast { get; private set; }

    /// <summary>The whole was looked through: what ends soonest is known, or that nothing ends in time.</summary>
    public bool IsThrough { get; private set; }

    /// <summary>Moments that were kept in all stages so far.</summary>
    public int Seen { get; private set; }

    /// <summary>
    /// The best order, or null when there is none, or there are too many moments; <see cref="AtLeast"/> says what is certain then.
    /// </summary>
    /// <param name="before">It ends before so many minutes.</param>
    /// <param name="most">Moments that are kept of the whole.</param>
    /// <param name="ofPart">In one part of a stage; as many where nothing is said.</param>
    public HandsOrder? Best(int before, int most, int? ofPart = null)
    {
        IsThrough = false;
        if (puzzle(problem) is not { } whole)
        {
            return null;
        }

        var (told, fitted, calm) = (new List<OrderLayers>(), (HandsOrder?)null, problem.WithoutPauses());
        foreach (
            var stage in Kitchens
                .Select(kitchens => OrderSearch.WithFewer(calm, kitchens).Select(puzzle).OfType<HandsPuzzle>().ToList())
                .Where(stage => stage.Count > 0)
        )
        {
            // One part of a stage has nothing to do with the others, and somebody waits for a plan.
            var parts = stage.ConvertAll(part => (Puzzle: part, Effort: _effort.OneOf(stage.Count)));
            told = Took(
                parts.AsParallel().AsOrdered().Select(part => Look(part.Puzzle, ofPart ?? most, part.Effort, isTold: true)).ToList()
            );
            _effort.SpendBeside([.. parts.Select(part => part.Effort)]);
            if (HasNone())
            {
                return null;
            }

            if (2 * told.Count < stage.Count)
            {
                // Where most have too many already, there are more with more in the kitchen.
                Fit();
                return fitted;
            }
        }

        Fit();
        if (whole.Heads.Length > 0 && puzzle(calm) is { } unpaused)
        {
            told = Took([Look(unpaused, most, _effort, isTold: true)]);
            if (told.Count == 0 || HasNone())
            {
                return fitted;
            }

            Fit();
        }

        var all = Look(whole, most, _effort, isTold: false);
        IsThrough = Took([all]).Count > 0;
        return IsThrough ? OrderSearch.Sooner(fitted, all.Best, before) : fitted;

        bool HasNone() => IsThrough = told.Exists(each => each.AtLeast is null);

        // What is better than that need not be looked at.
        void Fit()
        {
            if (before - AtLeast > WorthFitting)
            {
                fitted = told.OrderByDescending(each => each.AtLeast)
                    .Select(each => each.Best)
                    .OfType<HandsOrder>()
                    .Aggregate(fitted, (best, order) => OrderSearch.Fitted(whole, order, best?.Ends ?? before, _effort) ?? best);
                before = fitted?.Ends ?? before;
            }
        }

        // What tells most is asked first.
        OrderLayers Look(HandsPuzzle part, int kept, Effort within, bool isTold) =>
            OrderLayers.Of(
                part,
                before,
                kept,
                [.. told.OrderByDescending(each => each.AtLeast).Select(each => each.Of(part))],
                within,
                isTold
            );

        List<OrderLayers> Took(List<OrderLayers> looked)
        {
            Seen += looked.Sum(each => each.Seen);
            var through = looked.FindAll(each => each.IsThrough);
            AtLeast = through.Select(each => each.AtLeast ?? before).Append(AtLeast).Max();
            return through;
        }
    }
}
