using Kamuri.Core.Scheduling.Beam;
using static Kamuri.Core.Scheduling.Attempts;

namespace Kamuri.Core.Scheduling;

/// <summary>How far a longer search is.</summary>
/// <param name="Share">Of all its rounds, 0 to 1.</param>
/// <param name="Best">Minutes to the last end of the best schedule so far, its breaks included.</param>
/// <param name="LowerBound">No schedule ends before so many minutes.</param>
public sealed record SearchProgress(double Share, int Best, int LowerBound);

/// <summary>The search that may take longer: rounds, each from the other side or from another beginning.</summary>
internal sealed partial class SeveralHeads
{
    /// <summary>The same in stages where there is time: some hundred megabytes while it looks.</summary>
    private const int MostMoments = 150_000;

    /// <summary>So many minutes more in each round of a longer search.</summary>
    private const int Wider = 30;

    /// <summary>One round of a longer search.</summary>
    private const double Round = 0.1;

    /// <summary>
    /// Goes on for several rounds, each from the other side or from another beginning; null when there is no schedule. The same
    /// for the same problem, unless it is broken off.
    /// </summary>
    /// <param name="problem">What is to be placed.</param>
    /// <param name="rounds">How many.</param>
    /// <param name="report">Told after each.</param>
    /// <param name="brokenOff">Ends it with the best so far.</param>
    public static Schedule? Patient(SchedulingProblem problem, int rounds, Action<SearchProgress> report, CancellationToken brokenOff)
    {
        var search = new SeveralHeads(problem with { DraftAfter = null }, problem.Rests.Count > 0, Effort.Unlimited());
        if (search.Ended() is { } ended)
        {
            return search.EachLessLate(ended);
        }

        var best = search.Begin();
        for (
            var round = 1;
            round <= rounds && best is { Proven: false } or { MayBeCloser: true } && !brokenOff.IsCancellationRequested;
            round++
        )
        {
            best = search.GoOn(best, round);
            report(new SearchProgress((double)round / rounds, best.Span, best.LowerBound));
        }

        return best is null ? null : search.EachLessLate(best);
    }

    private Schedule GoOn(Schedule best, int round)
    {
        if (round == 1)
        {
            _attempts.TryStages((MostMoments, MostMoments));
        }
        else if (!_attempts.IsProven && round % 3 == 2)
        {
            _attempts.TryGoodOrders(Promising[0].Width * round, 1 + (round / 3 % 4));
            _attempts.TryOrder(
                _attempts.GoodWithFewer(1, [(Promising[0].Width * round, BetterOfFull[0].Alike)], _attempts.Before, _effort)
            );
            if (_isToBuild)
            {
                BeamWidth[] Widened(BeamWidth[] beams) => [.. beams.Select(beam => beam with { Width = beam.Width * (1 + round) })];
                _attempts.TryBeams(Widened(_ways.Beams), Widened(_ways.Backwards), !IsUsualKnown);
            }
        }

        if (!_attempts.IsProven && round % 3 == 1)
        {
            // A proof that was not found in one time is found in a longer one, if at all.
            var longer = Round * (1 + (round / 3));
            _ =
                _problem.MayShorten && _attempts.LeastLate is null
                    ? _attempts.TryLeastLate(longer)
                    : _attempts.Try(Way.FromBelow, longer, round);
        }

        if (!_attempts.IsProven && _attempts.IsAny && round % 2 == 0)
        {
            // Wider and wider around what is there.
            _attempts.TryNear(Far + (Wider * round), Round, seed: round);
        }
        else if (!_attempts.IsProven)
        {
            _attempts.Try(round % 4 == 1 ? Way.Restless : Way.Thorough, Round, round);
        }

        return Worth.Better(best, _attempts.Finished(round), _problem)!;
    }
}
