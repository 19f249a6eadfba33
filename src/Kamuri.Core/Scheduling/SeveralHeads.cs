using Kamuri.Core.Scheduling.Beam;
using Kamuri.Core.Scheduling.OnePair;
using static Kamuri.Core.Scheduling.Attempts;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// The search for a schedule of several heads, with the breaks people need. It looks through the orders of one pair of hands, as if
/// there were no kitchen first and then in stages (<see cref="StagedSearch"/>), which proves most days; one hour for all asks for that
/// twice (<see cref="TowardsHour"/>). Of a full day good orders are looked for first, with less made in the kitchen, and the rest is
/// fitted in. Where several pairs, or heads with hours of their own, have too much to do for that, good days are built (<see
/// cref="BeamSearch"/>), held against what is certain without a search (<see cref="LeastEnd"/>), and mended near by. What is left is
/// asked of the solver from below: first for the least minutes late where there are hours, and then for the best day that is no later.
/// Where that takes too long, it looks for something better than it has near by and from above, and what was proven stays the least.
/// </summary>
internal sealed partial class SeveralHeads
{
    /// <summary>
    /// Of a full day of one pair of hands: for how late it has to be, for the best day that is no later, near an order, and for what is
    /// certain of a crowded one; all without presolve.
    /// </summary>
    private static readonly (double Late, double NoLater, double Near, double Certain) OfOne = (0.02, 0.012, 0.005, 0.002);

    /// <summary>Looking on for any schedule at all.</summary>
    private const double SearchAny = 2;

    /// <summary>Jobs for hands up to which the proof is done in its time, breaks included.</summary>
    private static readonly (int OnePair, int Pairs) Many = (36, 16);

    /// <summary>Minutes apart from which work keeps its order where an order is mended.</summary>
    private const int Far = 180;

    /// <summary>
    /// The same for a day in which all is in time, and waits are shortened for that; and how long it is mended, shortened gently, and
    /// else, where more was looked at before.
    /// </summary>
    private static readonly (int Apart, double Gently, double Else) Close = (90, 0.02, 0.01);

    /// <summary>Looking on for one in which everybody has their breaks.</summary>
    private const double AnyWithBreaks = 0.1;

    /// <summary>Proving that several pairs of hands are no less late for the hour of all.</summary>
    private const double LateForHour = 0.006;

    private readonly SchedulingProblem _asked;
    private readonly bool _rests;
    private readonly Effort _effort;

    /// <summary>What is looked at: what was asked, or the same with waits shortened gently at most where that is in time.</summary>
    private SchedulingProblem _problem;
    private Attempts _attempts;

    /// <summary>
    /// A second or two is all there is, in the solver's deterministic time: from below, then no later than has to be where there are
    /// hours, near what was found, and what is left from above.
    /// </summary>
    private readonly (double Below, double NoLater, double Near, double Above) _search;

    /// <param name="problem">What is to be placed.</param>
    /// <param name="rests">Everybody has their breaks, or there is no schedule.</param>
    /// <param name="effort">What the search may take.</param>
    private SeveralHeads(SchedulingProblem problem, bool rests, Effort effort)
    {
        (_asked, _problem, _rests, _effort, _attempts) = (
            problem,
            problem,
            rests,
            effort,
            new Attempts(problem, rests, IsLarge(problem), effort)
        );
        _search =
            !IsLarge(problem) ? (0.14, 0.12, 0, 0.02)
            : problem.Pairs.Count > 1 || !rests ? (0.015, 0.015, problem.MayShorten ? 0.006 : 0.008, 0.012)
            : (0.055, 0.016, 0.012, 0.012);
        _ways = problem.Pairs.Count == 1 ? (BeamsOfOne, BackwardsOfOne) : (Beams, Backwards);
        _isToBuild = IsTowardsHours || (IsLarge(problem) && !_attempts.IsOneOrder);
    }

    /// <summary>
    /// The best that a second or two find; null when there is none. Where not everybody can have their breaks, as many as there can be.
    /// </summary>
    /// <param name="problem">What is to be placed.</param>
    /// <param name="known">Orders that a longer search has found.</param>
    public static Schedule? Quick(SchedulingProblem problem, KnownOrders? known)
    {
        var search = new SeveralHeads(problem, problem.Rests.Count > 0, Effort.Of(problem.Effort ?? Effort.Usual));
        var found = search.Ended() ?? search.Begin();
        found = found is null or { IsDraft: true }
            ? found
            : search.EachLessLate(Worth.Better(found, known?.OfSame(problem) ?? search._attempts.Finished(known?.Of(problem)), problem)!);
        return found is null ? null : found with { Spent = (int)Math.Ceiling(search._effort.Spent) };
    }

    private static int Heads(SchedulingProblem problem) => problem.Jobs.Select(job => job.With).OfType<string>().Distinct().Count();

    /// <summary>Two pairs of hands, or more than two heads, with a full day: a proof may not be done in its time.</summary>
    private static bool IsLarge(SchedulingProblem problem) =>
        problem.Pairs.Count > 1
            ? problem.Jobs.Count(job => job.IsHandsOn) > Many.Pairs
            : problem.Jobs.Count(job => job.IsHandsOn) > Many.OnePair && Heads(problem) > 2;

    /// <summary>Somebody or something is away for a while: what orders run into.</summary>
    private bool IsAnyAway => _problem.Closures.Count > 0 || _problem.Absences.Any(each => each.To != Absence.ForGood);

    private Schedule? Begin() => Start()?.Of(_asked);

    private Schedule? Start()
    {
        if (_problem is { HasOneHour: true, MayBeginLater: false } && HandsPuzzle.Of(_problem.AsUsual(), _rests) is not null)
        {
            var (gently, enough) = (_asked.Gently(), IsLarge(_asked) ? _asked.Deadline!.Value : 0);
            var shortened = new Attempts(gently, _rests, IsLarge(gently), _effort);
            var towards = new TowardsHour(_asked, _rests, _effort, problem =>
                new SeveralHeads(problem, _rests, _effort) { _enough = enough }.Begin()
            );
            if (towards.Try(_attempts, shortened, IsCrowded ? Moments.OfCrowd : Moments.Stages))
            {
                (_problem, _attempts) = (gently, shortened);
            }
        }

        if (_attempts is { IsAny: true, IsProven: false } && IsLarge(_problem))
        {
            // What there was to look for was looked for without the hour.
            if (_attempts.IsInTime)
            {
                TryClose();
            }

            return _attempts.Finished();
        }

        TryOrders();
        var isToBuild = _isToBuild && !IsThrough && !(_problem.Pairs.Count == 1 && _attempts.IsAny);
        if (isToBuild)
        {
            Build();
            _isImpossible = IsImpossible();
        }

        if (IsThrough)
        {
            return _isImpossible ? null
                : IsDraft ? _attempts.Rough()! with { IsDraft = true }
                : Found();
        }

        if (isToBuild && IsTowardsHours && _attempts.IsAny)
        {
            return TowardsHours();
        }

        _isBuilt = isToBuild && _attempts.IsAny;
        if (!isToBuild)
        {
            TryList();
            _attempts.TryOrder(_problem.Known);
        }

        if (!_attempts.IsAny && _rests && _problem.Pairs.Count == 1 && !IsTowardsHours)
        {
            _attempts.TryOrder(OneAfterTheOther.Of(_problem, head => new SeveralHeads(head, rests: true, _effort).Search()));
        }

        if (!IsLarge(_problem))
        {
            _attempts.TryGoodOrders(Few.Width, Few.Alike);
        }

        return !_rests || !IsLarge(_problem) ? Search() ?? (_rests ? SearchLarge() : null) : SearchLarge();
    }

    /// <summary>From below as far as it goes, then from above. Null when there is no schedule, or none was found.</summary>
    private Schedule? Search()
    {
        // What breaks will change anyway need not be the very best.
        var isBeginning = !_rests && _problem.Rests.Count > 0;
        if (!SearchFromBelow(isBeginning))
        {
            return null;
        }

        if (!_attempts.IsProven && !(isBeginning && _attempts.IsAny))
        {
            _attempts.Try(Way.FromAbove, _search.Above);
        }

        if (!_attempts.IsAny && !_rests)
        {
            // Not found yet is not the same as impossible.
            _attempts.TryAny(Way.FromAbove, SearchAny);
        }

        return _attempts.Finished();
    }

    /// <summary>In time, waits shortened: that they are shortened the least is not proven soon, and what is better lies close by.</summary>
    private void TryClose() => _attempts.TryNear(Close.Apart, ReferenceEquals(_problem, _asked) ? Close.Else : Close.Gently);

    /// <summary>The best there is; as it is, where it is only a step on the way to an hour.</summary>
    private Schedule? Found() => _enough > 0 ? _attempts.Rough() : _attempts.Finished();

    /// <summary>
    /// From below, first for the least minutes late where there are hours. Whether there is a schedule, as far as is known.
    /// </summary>
    private bool SearchFromBelow(bool onlyLate = false)
    {
        if (!_problem.MayShorten)
        {
            return _attempts.Try(Way.FromBelow, _search.Below);
        }

        var isFullOfOne = IsLarge(_problem) && _problem.Pairs.Count == 1;
        if (
            _attempts.LeastLate is null
            && !(isFullOfOne ? _attempts.TryLeastLate(OfOne.Late, Way.Directly) : _attempts.TryLeastLate(_search.Below))
        )
        {
            return false;
        }

        return onlyLate
            || (
                isFullOfOne
                    ? _attempts.LeastLate is null || _attempts.Try(Way.Directly, OfOne.NoLater)
                    : _attempts.Try(_attempts.LeastLate == 0 ? Way.InTime : Way.Thorough, _search.NoLater)
            );
    }

    /// <summary>
    /// What may be too much to be proven: from below for a while, and then near and from above from the best beginning there is. Null only
    /// when there is no schedule even without breaks.
    /// </summary>
    private Schedule? SearchLarge()
    {
        if (_attempts is { IsOneOrder: true, IsAny: true })
        {
            // Its orders were looked through as far as there is time; of a crowded day all that pays was tried before.
            if (!_attempts.IsProven && !IsCrowded && _effort.Left > ForMore)
            {
                if (_isGood)
                {
                    TryBetter();
                }
                else
                {
                    TryPromising();
                }
            }

            if (!_attempts.IsProven && IsCrowded && IsAnyAway && _isGood)
            {
                // What is certain of a day in which somebody is away is mostly soon told.
                _attempts.Try(Way.Directly, OfOne.Certain);
            }
            else if (!_attempts.IsProven && !IsCrowded && !IsAnyAway)
            {
                _attempts.TryNear(Far, OfOne.Near, Way.Directly);
            }

            return Found();
        }

        if (_attempts is { LeastLate: 0, IsAny: true } && _problem is { Pairs.Count: 1, HasOneHour: true, MayBeginLater: false })
        {
            TryClose();
            return _attempts.Finished();
        }

        if (_problem.Pairs.Count == 1 && !IsTowardsHours && SearchFromBelow() && _attempts.IsAny)
        {
            if (!_attempts.IsProven && _attempts.LeastLate is null)
            {
                _attempts.TryNear(Far, _search.Near);
            }

            return _attempts.Finished();
        }

        if (_problem.Pairs.Count > 1 && _isBuilt)
        {
            // Where the day may lie anywhere, that takes as long as all the rest and hardly finds anything.
            if (!_attempts.IsProven && !_problem.MayBeginLater)
            {
                _attempts.TryNear(Far, _search.Near);
            }
            else if (_problem.HasOneHour && !_attempts.IsInTime)
            {
                // How late it is at least is mostly soon told: of those that are there late and dry long, whatever the others do.
                _attempts.TryLeastLate(LateForHour, Way.Directly);
            }

            return _attempts.Finished();
        }

        // What is proven without breaks is sure with them, and an order that was found without them may have places for all of them.
        var without = new SeveralHeads(_problem, rests: false, _effort);
        var parted = without.Begin();
        if (parted is null or { IsDraft: true })
        {
            return parted;
        }

        _attempts.Learn(without._attempts, parted);
        if (IsTowardsHours)
        {
            // Where no day with all breaks could be built there hardly is one, and none that is found in time.
            return Worth.Better(_attempts.Finished(), parted, _problem);
        }

        TryPromising();
        if (_attempts.IsAny)
        {
            _attempts.TryNear(Far, _search.Near);
        }

        if (!_attempts.IsProven)
        {
            _attempts.Try(Way.FromAbove, _search.Above);
        }

        if (!_attempts.IsAny)
        {
            _attempts.TryAny(Way.FromAbove, AnyWithBreaks);
        }

        // Where no order has a place for every break, whoever goes by the list may still get more of them.
        return Worth.Better(
            _attempts.Finished(),
            Worth.Better(parted, _attempts.IsAny ? null : without._attempts.Finished(ListSchedule.Of(_problem)), _problem),
            _problem
        );
    }
}
