using Kamuri.Core.Scheduling.OnePair;

namespace Kamuri.Core.Scheduling;

/// <summary>The tries that look through the orders of one pair of hands, where nothing but the end of the day counts.</summary>
internal sealed partial class Attempts
{
    /// <summary>What an order of hands leaves open is little, but an order that is proven best must not be lost.</summary>
    private const double InHandsOrder = 0.01;

    /// <summary>Minutes behind what is certain within which the best of all orders mostly ends.</summary>
    private const int Soon = 8;

    /// <summary>Minutes between what is certain and what was found within which all orders are looked at at once.</summary>
    private const int AtOnce = 32;

    /// <summary>Of what is left, so much may go into looking for something good in a broader way.</summary>
    private const double ForBroader = 0.8;

    /// <summary>The day can be said as an order of one pair of hands.</summary>
    public bool IsOneOrder => _puzzle.Value is not null;

    /// <summary>Looks through the orders of one pair of hands, where the day can be said as one (<see cref="HandsPuzzle"/>).</summary>
    /// <param name="most">Moments looked at.</param>
    public void TryEveryOrder(int most)
    {
        if (_puzzle.Value is not { } puzzle)
        {
            return;
        }

        TryOrder(Bound(new OrderSearch(puzzle, effort: _effort), most));
    }

    /// <summary>Looks for a good order of one pair of hands among the most promising ones.</summary>
    /// <param name="width">Days gone on from.</param>
    /// <param name="alike">Of those in which the same is done, so many.</param>
    public void TryGoodOrders(int width, int alike)
    {
        if (_puzzle.Value is { } puzzle)
        {
            TryOrder(new OrderSearch(puzzle, effort: _effort).Good(Before, width, alike));
        }
    }

    /// <summary>
    /// Looks through the orders of hands as if there were no kitchen, and then fits that in: few runs of work are looked through soon,
    /// no day ends sooner than the best of those, and the kitchen mostly finds its place in the waits.
    /// </summary>
    /// <param name="most">Moments looked at.</param>
    public void TryWithoutKitchen(int most)
    {
        if (
            _puzzle.Value is { } whole
            && OrderSearch.WithFewer(_problem.WithoutPauses(), 0).Select(fewer => HandsPuzzle.Of(fewer, _rests)).FirstOrDefault()
                is { } without
        )
        {
            var order = Bound(new OrderSearch(without, effort: _effort), most);
            TryOrder(order is null ? null : new OrderSearch(whole, order, _effort).Best(Before, most));
        }
    }

    /// <summary>
    /// Looks for good orders of hands of a day with fewer things made in the kitchen, in every way there is, and fits the rest in:
    /// among few runs of work the most promising days are mostly near the best, and the kitchen finds its place in their waits. The
    /// best order; null for none. Nothing that is known here is looked at, or changed.
    /// </summary>
    /// <param name="kitchens">Things made there that are kept.</param>
    /// <param name="ways">Days gone on from, and how many of those in which the same is done: one way after the other.</param>
    /// <param name="before">It ends before so many minutes.</param>
    /// <param name="effort">What all ways together may take after the first, and where it is counted.</param>
    public HandsOrder? GoodWithFewer(int kitchens, IReadOnlyList<(int Width, int Alike)> ways, int before, Effort effort)
    {
        if (_puzzle.Value is not { } whole)
        {
            return null;
        }

        var fewer = OrderSearch
            .WithFewer(_problem, kitchens)
            .Select(part => HandsPuzzle.Of(part, _rests))
            .OfType<HandsPuzzle>()
            .DefaultIfEmpty(whole)
            .ToList();
        var within = fewer.ConvertAll(part => (Puzzle: part, Effort: effort.OneOf(fewer.Count)));
        var best = within
            .AsParallel()
            .AsOrdered()
            .Select(part => Good(part.Puzzle, part.Effort))
            .OfType<HandsOrder>()
            .MinBy(order => order.Ends);
        effort.SpendBeside([.. within.Select(part => part.Effort)]);
        return best;

        HandsOrder? Good(HandsPuzzle part, Effort left)
        {
            var (best, ofEach) = ((HandsOrder?)null, 0.0);
            foreach (var (width, alike) in ways)
            {
                // A broader way takes as much longer as it is broader, and there is more to try behind it.
                if (ofEach * width > ForBroader * left.Left)
                {
                    break;
                }

                var spent = left.Spent;
                var order = new OrderSearch(part, effort: left).Good(best?.Ends ?? before, width, alike);
                best = (order is null ? null : OrderSearch.Fitted(whole, order, best?.Ends ?? before, left)) ?? best;
                ofEach = (left.Spent - spent) / width;
            }

            return best;
        }
    }

    /// <summary>
    /// Looks through all orders of hands in stages (<see cref="StagedSearch"/>), those first that end soon: there are few of them, and
    /// the best of all is mostly among those.
    /// </summary>
    /// <param name="most">Moments that are kept in each part of a stage; and of the whole, and in all stages together before it is
    /// asked about a later end.</param>
    public void TryStages((int Part, int Whole) most)
    {
        var search = new StagedSearch(_problem, problem => HandsPuzzle.Of(problem, _rests), _effort);
        for (var minutes = Soon; _puzzle.Value is { } puzzle && !IsProven && AtLeast > 0 && search.Seen < most.Whole; minutes *= 2)
        {
            var before = Before - AtLeast <= AtOnce ? Before : Math.Min(AtLeast + minutes, Before);
            var order = search.Best(before, most.Whole - search.Seen, most.Part);
            BoundBy(Math.Max(search.AtLeast, puzzle.Check.Least));
            TryOrder(order);
            // What is better than what there is was looked through then; and a day that cannot be has no order however late it ends.
            if (order is not null || !search.IsThrough || before >= Before || before > puzzle.Latest)
            {
                return;
            }
        }
    }

    /// <summary>
    /// Looks through the orders of hands in stages for one that ends by a minute: whether there is any is sooner told than which is the
    /// best.
    /// </summary>
    /// <param name="minute">The last that does.</param>
    /// <param name="most">Moments that are kept in each part of a stage, and in the whole.</param>
    public void TryStagesBy(int minute, (int Part, int Whole) most)
    {
        var search = new StagedSearch(_problem, problem => HandsPuzzle.Of(problem, _rests), _effort);
        var order = search.Best(minute + 1, most.Whole, most.Part);
        BoundBy(search.AtLeast);
        TryOrder(order);
    }

    /// <summary>A better day ends before so many minutes, where nothing but its end counts.</summary>
    public int Before => _best is null ? int.MaxValue : (int)Math.Round(_best.Hours / Weights.Total);

    /// <summary>The best so far takes much longer than is certain.</summary>
    public bool IsLong => IsAny && AtLeast > 0 && Before > Long * AtLeast;

    /// <summary>No day ends before so many minutes, where nothing but its end counts; 0 while nothing is known.</summary>
    public int AtLeast => double.IsFinite(_bound) ? (int)Math.Round(_bound / Weights.Total) : 0;

    /// <summary>Searches, and takes over what is certain then.</summary>
    private HandsOrder? Bound(OrderSearch search, int most)
    {
        var order = search.Best(Before, most);
        BoundBy(search.AtLeast);
        return order;
    }

    private void BoundBy(int minutes) => _bound = minutes < int.MaxValue ? Math.Max(_bound, minutes * (double)Weights.Total) : _bound;

    /// <summary>Takes the soonest day in an order of one pair of hands, where nothing but its end counts.</summary>
    public void TryOrder(HandsOrder? order)
    {
        if (
            order is not null
            && _puzzle.Value?.Placed(order, settled => PlaceInOrder(settled, InHandsOrder)) is { } placed
            && IsRested(placed)
        )
        {
            Take(placed.Span > order.Ends ? InOrder(placed) : new Found(placed.Span * (double)Weights.Total, placed));
        }
    }
}
