namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>What pauses and breaks mean for each run, whatever else is done.</summary>
public sealed partial class HandsPuzzle
{
    /// <summary>The heads that need pauses, and whose each job is.</summary>
    private RestingHead[] AddHeads(IReadOnlyList<HandRun> runs, ref int target)
    {
        var heads = new List<RestingHead>();
        foreach (var (name, rest) in _problem.Rests.OrderBy(pair => pair.Key, StringComparer.Ordinal))
        {
            var pieces = runs.SelectMany(run => run.Pieces(rest.Minutes)).ToList();
            var own = Runs.SelectMany(run => run).Where(step => step.Job.With == name).ToList();
            if (own.Count == 0)
            {
                continue;
            }

            foreach (var step in own)
            {
                var number = pieces.FindIndex(piece => piece.Jobs.Contains(step.Job));
                step.Own = new OwnPiece(number, pieces[number].IsLong(rest), ReferenceEquals(pieces[number].Jobs[^1], step.Job));
            }

            var head = new RestingHead(name, rest, heads.Count, target++)
            {
                Runs = [.. own.Select(step => step.RunNumber).Distinct()],
                Nests = own.Where(step => step.Own is { IsLong: true, Ends: false }).Select(step => step.Gap).DefaultIfEmpty().Max(),
            };
            own.ForEach(step => step.Head = head);
            heads.Add(head);
        }

        return [.. heads];
    }

    /// <summary>
    /// Minutes from the end of each job to the end of everything behind it, with the breaks its own run calls for, or the pauses.
    /// </summary>
    private void AddTails(HandStep[] run)
    {
        foreach (var from in run)
        {
            var tail = Tail(from, Rest, _nests, step => (step.Piece, step.IsLong));
            from.Tail = from.Head is { } head
                ? Math.Max(tail, Tail(from, head.Rest, head.Nests, step => (step.Own.Number, step.Own.IsLong)))
                : tail;
        }

        int Tail(HandStep from, Rest? rest, int nests, Func<HandStep, (int Piece, bool IsLong)> of)
        {
            var tail = this.Tail(from.Job.Id);
            var ways = new List<(int Minutes, int Stretch)> { (0, Begins(from)) };
            foreach (var step in run.Skip(from.At + 1))
            {
                ways = [.. Best(ways.SelectMany(way => Next(way, run[step.At - 1], step)).ToList())];
                tail = Math.Max(tail, ways.Min(way => way.Minutes) + this.Tail(step.Job.Id));
            }

            return tail;

            int Begins(HandStep step) => of(step).IsLong ? rest!.GoesOn : step.Minutes;

            IEnumerable<(int Minutes, int Stretch)> Next((int Minutes, int Stretch) way, HandStep before, HandStep step)
            {
                var minutes = way.Minutes + before.Wait + step.Minutes;
                if (rest is null || of(step).Piece == of(before).Piece)
                {
                    yield return (minutes, way.Stretch);
                    yield break;
                }

                var stretch = way.Stretch + before.Wait + step.Minutes;
                if (
                    before.Wait < rest.Minutes
                    && !of(step).IsLong
                    && (stretch <= rest.GoesOn || Math.Max(before.Minutes, step.Minutes) <= nests)
                )
                {
                    yield return (minutes, stretch);
                }

                yield return (minutes + Math.Max(0, rest.Minutes - before.Wait), Begins(step));
            }
        }

        static IEnumerable<(int Minutes, int Stretch)> Best(List<(int Minutes, int Stretch)> ways) =>
            ways.Where(way => !ways.Exists(other => other != way && other.Minutes <= way.Minutes && other.Stretch <= way.Stretch))
                .Distinct();
    }

    private int Tail(string job)
    {
        if (!_tails.TryGetValue(job, out var tail))
        {
            tail = _behind[job].Select(link => link.LeastGap + _problem.Least(_jobs[link.To]) + Tail(link.To)).DefaultIfEmpty().Max();
            _tails[job] = tail;
        }

        return tail;
    }
}
