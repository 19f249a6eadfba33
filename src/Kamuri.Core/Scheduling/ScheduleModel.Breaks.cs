namespace Kamuri.Core.Scheduling;

/// <summary>What breaks people need, in the solver's terms (<see cref="BreakTimes"/>).</summary>
internal sealed partial class ScheduleModel
{
    private readonly List<BreakTimes> _breaks = [];

    /// <summary>Nobody goes on for longer than they should.</summary>
    /// <param name="known">
    /// Minutes from first to last of a schedule of the same problem; null when none is known. None that is better takes longer, unless
    /// there are hours to be in time for, or it may begin later: then half as much again is enough for any that is worth having.
    /// </param>
    public void KeepBreaks(int? known)
    {
        var within = (int)Math.Min(_horizon, (_problem.MayShorten || _problem.MayBeginLater ? known * 3 / 2 : known) ?? _horizon);
        var runs = HandRun.Of(_problem);
        foreach (var (who, rest) in _problem.Rests.OrderBy(pair => pair.Key, StringComparer.Ordinal))
        {
            var work = _problem.Jobs.Where(job => job.IsHandsOn).Select(job => WorkOf(job, who)).OfType<BreakTimes.Work>().ToList();
            // Where hands may change within a piece, a long job of it can be all that one pair does.
            var pieces = runs.SelectMany(run => run.Pieces(rest.Minutes)).ToList();
            var longWork = pieces
                .Concat(
                    pieces
                        .Where(piece => _problem.Pairs.Count > 1 && piece.Jobs.Count > 1)
                        .SelectMany(piece => piece.Jobs.Select(job => new HandPiece([job], _problem.Least(job))))
                )
                .Where(piece => piece.IsLong(rest))
                .Select(piece => piece.Jobs.Select(job => WorkOf(job, who)).OfType<BreakTimes.Work>().ToList())
                .Where(piece => piece.Count > 0);
            if (work.Count > 1)
            {
                var breaks = new BreakTimes(Model, _horizon, who, rest);
                breaks.Add(
                    work,
                    [.. longWork.Select(piece => new BreakTimes.LongWork(piece))],
                    runs,
                    within,
                    FewestStretches(pieces, who, rest)
                );
                breaks.Part(KeepApart(runs, work, rest));
                _breaks.Add(breaks);
            }
        }
    }

    /// <summary>Says what breaks mean for each run that is all theirs. What is parted in any case.</summary>
    private IEnumerable<(Job From, Job To)> KeepApart(IReadOnlyList<HandRun> runs, IEnumerable<BreakTimes.Work> work, Rest rest)
    {
        var theirs = work.Where(each => each.Does is null).Select(each => each.Job.Id).ToHashSet();
        foreach (var run in runs.Where(run => run.Jobs.All(job => theirs.Contains(job.Id))).Select(run => new RunStretches(run, rest)))
        {
            foreach (var (from, to, minutes) in run.Apart())
            {
                Model.Add(_placed[to.Id].Start >= _placed[from.Id].Start + minutes);
            }

            foreach (var pair in run.Parted())
            {
                yield return pair;
            }
        }
    }

    /// <summary>
    /// Stretches that somebody's work makes at least: each piece that is longer than one, and of the others as many as all their minutes
    /// fill, or as there are pieces of which no two fit into one. What is short enough for a wait within a long piece asks for none itself.
    /// </summary>
    private int FewestStretches(IEnumerable<HandPiece> pieces, string who, Rest rest)
    {
        var theirs = pieces
            .Select(piece => piece with { Jobs = [.. piece.Jobs.Where(job => WorkOf(job, who) is not null)] })
            .Where(piece => piece.Jobs.Count > 0)
            .ToLookup(piece => piece.IsLong(rest));
        var nests = theirs[true].Any(piece => piece.Jobs.Count > 1) ? rest.Minutes : 0;
        var minutes = theirs[false].Select(piece => piece.Jobs.Sum(_problem.Least)).Where(each => each >= nests).ToList();
        return theirs[true].Count()
            + Math.Max((minutes.Sum() + rest.GoesOn - 1) / rest.GoesOn, minutes.Count(each => 2 * each > rest.GoesOn));
    }

    /// <summary>What keeps somebody busy, hands or head; null where it does not.</summary>
    private BreakTimes.Work? WorkOf(Job job, string who)
    {
        var placed = _placed[job.Id];
        if (job.With == who || (_problem.Pairs.Count == 1 && _problem.Pairs[0].Id == who && (job.By?.Contains(who) ?? true)))
        {
            return new BreakTimes.Work(job, placed.Start, placed.End, placed.Interval, null);
        }

        return _hands.GetValueOrDefault(job.Id)?.FirstOrDefault(choice => choice.Pair == who) is { Pair: not null } choice
            ? new BreakTimes.Work(job, placed.Start, placed.End, choice.Interval, choice.Does)
            : null;
    }
}
