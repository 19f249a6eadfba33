namespace Kamuri.Core.Scheduling;

/// <summary>
/// What the breaks of somebody mean for one run of their work, whatever else they do: how far apart two of its jobs are at least, and
/// which of them no stretch holds both. The solver would have to find that out again for every order it tries.
/// </summary>
internal sealed class RunStretches
{
    private readonly HandRun _run;
    private readonly Rest _rest;

    /// <summary>Which piece each job is of, and which pieces are stretches of their own.</summary>
    private readonly IReadOnlyList<(int Number, bool IsLong)> _piece;

    /// <param name="run">All of it is their work.</param>
    /// <param name="rest">How long they go on, and how long they rest.</param>
    public RunStretches(HandRun run, Rest rest)
    {
        (_run, _rest) = (run, rest);
        _piece = [.. run.Pieces(rest.Minutes).SelectMany((piece, number) => piece.Jobs.Select(_ => (number, piece.IsLong(rest))))];
    }

    /// <summary>
    /// Minutes from the beginning of one job to that of a later one at least, where that is more than what lies between them says.
    /// </summary>
    public IEnumerable<(Job From, Job To, int Minutes)> Apart()
    {
        var apart = new int[_run.Jobs.Count, _run.Jobs.Count];
        for (var from = _run.Jobs.Count - 1; from >= 0; from--)
        {
            foreach (var (to, minutes) in ApartFrom(from))
            {
                apart[from, to] = minutes;
                var known =
                    to == from + 1
                        ? _run.Minutes[from] + _run.Waits[from]
                        : Enumerable.Range(from + 1, to - from - 1).Max(between => apart[from, between] + apart[between, to]);
                if (minutes > known)
                {
                    yield return (_run.Jobs[from], _run.Jobs[to], minutes);
                }
            }
        }
    }

    /// <summary>For each job the first behind it that is in another stretch in any case.</summary>
    public IEnumerable<(Job From, Job To)> Parted()
    {
        for (var from = 0; from < _run.Jobs.Count; from++)
        {
            var length = _run.Minutes[from];
            for (var to = from + 1; to < _run.Jobs.Count; to++)
            {
                length += _run.Waits[to - 1] + _run.Minutes[to];
                if (_piece[from].Number != _piece[to].Number && (length > _rest.GoesOn || _piece[from].IsLong || _piece[to].IsLong))
                {
                    yield return (_run.Jobs[from], _run.Jobs[to]);
                    break;
                }
            }
        }
    }

    /// <summary>
    /// Behind each job a break or none, as far as one is possible: of all ways, the earliest a later one can begin. A wait that is long
    /// enough is a break, as if nothing else were done in it.
    /// </summary>
    private IEnumerable<(int To, int Minutes)> ApartFrom(int from)
    {
        var ways = new List<(int End, int Stretch)> { (_run.Minutes[from], _run.Minutes[from]) };
        for (var to = from + 1; to < _run.Jobs.Count && ways.Count > 0; to++)
        {
            var (wait, minutes, isOnePiece, isLong) = (
                _run.Waits[to - 1],
                _run.Minutes[to],
                _piece[to].Number == _piece[to - 1].Number,
                _piece[to].IsLong
            );
            var mayGoOn = isOnePiece || (wait < _rest.Minutes && !isLong && !_piece[to - 1].IsLong);
            var next = ways.Where(way => mayGoOn && (isLong || way.Stretch + wait + minutes <= _rest.GoesOn))
                .Select(way => (End: way.End + wait + minutes, Stretch: way.Stretch + wait + minutes))
                .Concat(
                    ways.Where(_ => !isOnePiece).Select(way => (End: way.End + Math.Max(wait, _rest.Minutes) + minutes, Stretch: minutes))
                )
                .ToList();
            ways =
            [
                .. next.Where(way => !next.Any(other => other != way && other.End <= way.End && other.Stretch <= way.Stretch)).Distinct(),
            ];
            if (ways.Count > 0)
            {
                yield return (to, ways.Min(way => way.End) - minutes);
            }
        }
    }
}
