using Kamuri.Core.Scheduling.Beam;
using static Kamuri.Core.Scheduling.Attempts;

namespace Kamuri.Core.Scheduling;

/// <summary>
/// Good days that are built (<see cref="BeamSearch"/>), and what becomes of those that one pair of hands does towards hours.
/// </summary>
internal sealed partial class SeveralHeads
{
    /// <summary>
    /// How days are built where there are too many orders to look at: narrow beams that differ find more than a wide one, and where one
    /// runs into a wall another does not.
    /// </summary>
    private static readonly BeamWidth[] Beams =
    [
        new(Width: 60, Alike: 2, Share: 8, More: 0, Slack: 5),
        new(60, 2, 8, 0, 20),
        new(100, 2, 8, 1, 10),
        new(60, 4, 8, 1, 10),
        new(60, 1, 8, 0, 10),
    ];

    /// <summary>
    /// The same for days that are built from their end to their beginning: hands wait for longer there for what has to come just
    /// before. The second hardly does anything at once, and finds something where the others do not. The first has so many ways on that
    /// it might take as long as all others together.
    /// </summary>
    private static readonly BeamWidth[] Backwards =
    [
        new(Width: 100, Alike: 2, Share: 4, More: 0, Slack: 100, Tries: 4),
        new(60, 1, 8, -1, 200),
        new(60, 1, 4, 0, 40),
        new(60, 4, 8, 1, 40),
    ];

    /// <summary>Both for one pair of hands, which mostly has to wait.</summary>
    private static readonly BeamWidth[] BeamsOfOne = AnyWay([
        new(60, 2, 8, 0, 5),
        new(60, 2, 8, 0, 20),
        new(100, 2, 4, 0, 100),
        new(60, 2, 4, 1, 100),
    ]);
    private static readonly BeamWidth[] BackwardsOfOne = AnyWay([
        new(100, 2, 4, 0, 100),
        new(60, 2, 8, 0, 200),
        new(60, 4, 8, 1, 40),
        new(60, 2, 4, 1, 100),
    ]);

    /// <summary>How crowded days of one pair of hands are built as well: with more heads at a time, and many alike.</summary>
    private static readonly BeamWidth[] Crowds = [.. BeamsOfOne, .. AnyWay([new(150, 2, 8, 2, 100), new(150, 8, 2, 1, 100)])];

    /// <summary>
    /// How days of one pair of hands are built where hours leave so little room that hardly any has a place for every break: broad, and
    /// with more heads at a time.
    /// </summary>
    private static readonly BeamWidth[] WithLittleRoom = AnyWay([new(150, 2, 8, 1, 20), new(100, 1, 8, 1, 100)]);

    /// <summary>How days of one pair of hands are built that end no later than one that is known: hands mostly wait then.</summary>
    private static readonly BeamWidth[] WithinHour = AnyWay([new(150, 2, 4, 0, 100), new(150, 2, 4, 1, 100)]);

    /// <summary>The same for several: each has fewer ways on, and a narrower look finds the same.</summary>
    private static readonly BeamWidth[] WithinHourOfSeveral = AnyWay([new(60, 2, 4, 0, 100), new(60, 2, 4, 1, 100)]);

    /// <summary>Where a day is known that was made for other hours, so many of them do.</summary>
    private const int Again = 2;

    /// <summary>
    /// From a day that was built towards hours: for how late it has to be, near it, the whole of it, and the whole where a proof may be
    /// done.
    /// </summary>
    private static readonly (double Late, double Near, double Whole, double Proof) Hours = (0.012, 0.005, 0.02, 0.06);

    /// <summary>The share of that where it is not the last word, or not the first.</summary>
    private const double Half = 0.5;

    /// <summary>How days are built, from their beginning and from their end.</summary>
    private readonly (BeamWidth[] Beams, BeamWidth[] Backwards) _ways;

    /// <summary>There are too many orders to look at, or none says when the day begins, so good days are built.</summary>
    private readonly bool _isToBuild;

    /// <summary>A day with everybody's breaks was built, or was known before.</summary>
    private bool _isBuilt;

    /// <summary>
    /// One pair of hands, hours, and a beginning that is open; not where the day lasts over a night, which cannot be built.
    /// </summary>
    private bool IsTowardsHours => _problem is { Pairs.Count: 1, MayShorten: true, MayBeginLater: true, Overnights.Count: 0 };

    /// <summary>
    /// No day was found with room for everybody's breaks, so there hardly is one towards hours that are a little earlier.
    /// </summary>
    private bool HasNoRoom => _rests && _problem is { MayBeginLater: true, Known: { } known } && Breaks.Missing(known, _problem) > 0;

    /// <summary>
    /// Nothing is better than a day in time with waits as usual, and towards one hour what is known is the best that was found of
    /// those.
    /// </summary>
    private bool IsUsualKnown =>
        _problem.Known is not null
        && (_attempts.IsInTime ? _attempts.Shortened == 0 : _problem is { HasOneHour: true, MayBeginLater: false });

    /// <summary>
    /// Builds good days. What is known was made for other hours; where the beginning is open, its order is as good as anything that is
    /// built for these while it is in time. Where it is not, several pairs may have a day for these hours that begins sooner, and a few
    /// ways tell.
    /// </summary>
    private void Build()
    {
        _attempts.TryOrder(_problem.Known);
        if (_problem.MayBeginLater && (HasNoRoom || (_attempts.IsAny && (IsTowardsHours || _attempts.IsInTime))))
        {
            return;
        }

        if (_problem.MayBeginLater && _attempts.IsAny)
        {
            _attempts.TryBeamsAgain(_ways.Beams, _ways.Backwards[..Again]);
            return;
        }

        var isFirst = _problem is { DraftAfter: not null, MayBeginLater: false, Pairs.Count: > 1 };
        if (isFirst)
        {
            _attempts.TryBeamsFromStart(_ways.Beams[..FirstOf]);
            if (IsDraft)
            {
                return;
            }
        }

        _attempts.TryBeams(isFirst ? _ways.Beams[FirstOf..] : _ways.Beams, _ways.Backwards, !IsUsualKnown);

        if (!_attempts.IsAny && _problem.Pairs.Count > 1)
        {
            _attempts.TryBeams(AnyWay(_ways.Beams), AnyWay(_ways.Backwards), !IsUsualKnown);
        }
        else if (!_attempts.IsAny && _rests)
        {
            _attempts.TryBeamsFromStart(WithLittleRoom);
        }

        TryList();
        _attempts.TellLeast();
    }

    /// <summary>
    /// From a day that was built towards hours: what is certain of them is told, and the day is mended as a whole or, where it may be
    /// less late, near by. Half of that is enough where breaks will change it anyway, or where it was done before for other hours; and
    /// nothing of it where that day is late now.
    /// </summary>
    private Schedule? TowardsHours()
    {
        var isFirst = _problem.Known is null or { IsDraft: true };
        if (!isFirst && !_attempts.IsInTime)
        {
            return _attempts.Finished();
        }

        var share = isFirst && _rests ? 1 : Half;
        _attempts.TryLeastLate(share * Hours.Late, IsLarge(_problem) ? Way.Directly : Way.FromBelow);
        if (_attempts.LeastLate is null)
        {
            _attempts.TryNear(Far, share * Hours.Near);
        }
        else if (!_attempts.IsProven)
        {
            var way =
                IsLarge(_problem) ? Way.Directly
                : _attempts.IsInTime ? Way.InTime
                : Way.Thorough;
            _attempts.Try(way, share * (IsLarge(_problem) ? Hours.Whole : Hours.Proof));
        }

        return _attempts.Finished();
    }

    private static BeamWidth[] AnyWay(BeamWidth[] beams) => [.. beams.Select(beam => beam with { AnyWay = true })];
}
