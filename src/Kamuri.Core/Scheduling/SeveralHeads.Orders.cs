using Kamuri.Core.Scheduling.OnePair;
using static Kamuri.Core.Scheduling.Attempts;

namespace Kamuri.Core.Scheduling;

/// <summary>The orders of one pair of hands, and good days to hold them against.</summary>
internal sealed partial class SeveralHeads
{
    /// <summary>
    /// Moments within which orders are looked through without a kitchen; and in stages, in each part of one and in all: of a crowded
    /// day fewer, for it seldom pays there, and of one that is not large fewer still, for the solver proves it sooner.
    /// </summary>
    private static readonly (int Part, (int Part, int Whole) Stages, (int Part, int Whole) OfCrowd, (int Part, int Whole) Few) Moments = (
        40_000,
        (40_000, 80_000),
        (24_000, 10_000),
        (8_000, 8_000)
    );

    /// <summary>Heads from which on a full day is crowded.</summary>
    private const int Crowd = 4;

    /// <summary>
    /// Minutes between what is certain and what was found within which the orders of a full day can be looked through, and those of a
    /// crowded one.
    /// </summary>
    private static readonly (int Full, int Crowded) WithinReach = (80, 55);

    /// <summary>Ways in which a full day that is not crowded is built before its orders are looked through.</summary>
    private const int FirstOf = 2;

    /// <summary>Days gone on from where there are too many to look at all, and how many of those in which the same is done.</summary>
    private static readonly (int Width, int Alike)[] Promising = [(1000, 1), (1000, 2)];

    /// <summary>
    /// Days gone on from, and how many of those in which the same is done, of a full day without its kitchen and of a crowded one.
    /// </summary>
    private static readonly (int Width, int Alike)[] GoodOfFull = [(300, 8)],
        GoodOfCrowd = [(300, 8), (1000, 8)];

    /// <summary>The same with one thing made in the kitchen, where not all orders could be looked through.</summary>
    private static readonly (int Width, int Alike)[] BetterOfFull = [(300, 8)],
        BetterOfCrowd = [(600, 8)];

    /// <summary>What has to be left for that where it comes last (<see cref="Effort"/>).</summary>
    private const int ForMore = 150;

    /// <summary>Where all will be looked at, days gone on from and how many alike, to have something to hold them against.</summary>
    private static readonly (int Width, int Alike) Few = (300, 2);

    /// <summary>Minutes by which a day may be over for nothing sooner to be looked for; 0 for the soonest there is.</summary>
    private int _enough;

    /// <summary>A good order of hands is a day in which everybody has their breaks.</summary>
    private bool _isGood;

    private bool _isListed;

    /// <summary>Much may be better than what was found, so orders are not looked through.</summary>
    private bool _isOutOfReach;

    /// <summary>Not everybody is there for long enough.</summary>
    private bool _isImpossible;

    /// <summary>A full day of more than three heads: hardly ever can all orders of one pair of hands be looked through.</summary>
    private bool IsCrowded => IsLarge(_problem) && Heads(_problem) >= Crowd;

    /// <summary>
    /// A day that another will be made from, and that is too full to be looked through for itself, or was built towards hours.
    /// </summary>
    private bool IsDraft =>
        _problem.DraftAfter is { } after
        && _attempts is { IsAny: true, IsProven: false }
        && _attempts.Ends > after
        && (
            _problem.MayBeginLater
                ? IsTowardsHours
                : IsCrowded || _isOutOfReach || _attempts.AtLeast > after || (IsLarge(_problem) && _problem.Pairs.Count > 1)
        );

    /// <summary>There is nothing more to look for.</summary>
    private bool IsThrough => _isImpossible || _attempts.IsProven || IsDraft || (_attempts.IsAny && _attempts.Ends <= _enough);

    /// <summary>
    /// Whether it is certain, where nothing was found and somebody leaves, that there is nothing: that is soon told mostly, and looking
    /// on takes long.
    /// </summary>
    private bool IsImpossible() =>
        !_attempts.IsAny && _problem.Absences.Any(each => each.To == Absence.ForGood) && !CpSatScheduler.MayBe(_problem.AtShortest());

    /// <summary>Goes by the list, once, where that is better than what is there.</summary>
    private void TryList()
    {
        if (!_isListed && ListSchedule.Of(_problem) is { } list && _attempts.MayBeBettered(list))
        {
            _attempts.TryOrder(list);
        }

        _isListed = true;
    }

    /// <summary>
    /// Looks through the orders of one pair of hands: first as if there were no kitchen, then in stages. Of a full day something good
    /// is looked for before: it may be as good as is certain, only what is better has to be looked through then, and where much may be
    /// better that is too much.
    /// </summary>
    private void TryOrders()
    {
        var isHard = false;
        if (IsLarge(_problem) && _attempts.IsOneOrder)
        {
            TryBegin();
            _isOutOfReach =
                _attempts is { IsAny: true, AtLeast: > 0 }
                && _attempts.Before - _attempts.AtLeast > (IsCrowded ? WithinReach.Crowded : WithinReach.Full);
            _isImpossible = IsImpossible();
            if (!IsThrough && IsAnyAway && !IsCrowded)
            {
                // A moment knows little of who is away, and the solver is soon through where that leaves little to choose.
                isHard = !_attempts.IsAny;
                _attempts.Try(Way.Directly, isHard ? Half * OfOne.Late : OfOne.Late, share: Half);
            }

            if (_isOutOfReach || IsThrough || (IsCrowded && !_isGood))
            {
                return;
            }
        }
        else
        {
            _attempts.TryWithoutKitchen(Moments.Part);
        }

        // Where nothing was found yet, there are mostly too many.
        _attempts.TryStages(
            IsCrowded || isHard ? Moments.OfCrowd
            : IsLarge(_problem) ? Moments.Stages
            : Moments.Few
        );
        if (!_attempts.IsProven && _attempts.AtLeast == 0)
        {
            _attempts.TryEveryOrder(Moments.Part);
        }
    }

    /// <summary>
    /// Looks through the orders of a full day as if there were no kitchen, and for something good; both at once, for neither has to do
    /// with the other.
    /// </summary>
    private void TryBegin()
    {
        _attempts.TryOrder(_problem.Known);
        if (IsCrowded && _problem.DraftAfter is not null)
        {
            _attempts.TryOrder(_attempts.GoodWithFewer(0, GoodOfFull, _attempts.Before, _effort));
            if (IsDraft)
            {
                return;
            }
        }

        var (before, good) = (_attempts.Before, (HandsOrder?)null);
        var (beside, spent) = (Effort.Of(_effort.Left), _effort.Spent);
        Parallel.Invoke(
            () => good = _attempts.GoodWithFewer(0, IsCrowded ? GoodOfCrowd : GoodOfFull, before, beside),
            () => _attempts.TryWithoutKitchen(Moments.Part)
        );
        _effort.Spend(Math.Max(0, beside.Spent - (_effort.Spent - spent)));
        _attempts.TryOrder(good);
        // None that is better than a known one is as good as one.
        _isGood = _attempts.IsAny && !(IsAnyAway && _attempts.IsLong);
        if (!_isGood)
        {
            // Somebody is away in it, or too much of it waits for them.
            _attempts.TryBeamsFromStart(IsCrowded ? Crowds : BeamsOfOne[..FirstOf]);
            TryList();
        }

        if (!IsThrough && IsCrowded == _isGood)
        {
            // Crowded, most days are not looked through; and where somebody is away this finds most, so what takes longer comes behind it.
            TryBetter();
        }
    }

    /// <summary>Looks for something better with each thing made in the kitchen alone.</summary>
    private void TryBetter() =>
        _attempts.TryOrder(_attempts.GoodWithFewer(1, IsCrowded ? BetterOfCrowd : BetterOfFull, _attempts.Before, _effort));

    /// <summary>Goes on from the most promising days, and from more that are alike while that finds something better.</summary>
    private void TryPromising()
    {
        // Where all waits are at their shortest for an hour, the most promising are nearly all there is.
        foreach (var (width, alike) in _enough > 0 ? Promising[..1] : Promising)
        {
            var before = _attempts.Before;
            _attempts.TryGoodOrders(width, alike);
            if (_attempts.IsAny && _attempts.Before == before)
            {
                return;
            }
        }
    }
}
