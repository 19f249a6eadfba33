using Kamuri.Core.Planning;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Running.Mishaps;

/// <summary>
/// Stopping for hours or for the night: what has to come off comes off, what is in hand is put aside, and every head that is under way
/// is put up.
/// </summary>
internal static class Stopping
{
    /// <summary>The way to do it; none where nothing is left to do on the head.</summary>
    public static IEnumerable<Way> Ways(Happening at)
    {
        if (at.Waiting.Count == 0 && at.InHand is null)
        {
            yield break;
        }

        var stops = at.UnderWay.Select(head => new Stop(head)).ToList();
        var several = stops.Count > 1;
        yield return at.Way(
            "stop",
            several ? MishapWords.StopEverythingForTodayAndContinue : MishapWords.StopForTodayAndContinueLater,
            [
                .. at.InTheKitchen is { } kitchen ? [MishapWords.FinishInTheKitchenKitchen(Title(kitchen))] : Array.Empty<string>(),
                .. stops.SelectMany(stop => stop.Sentences(several)),
                several ? MishapWords.ThenPutUpAll(Say.List([.. stops.Select(stop => MishapWords.NameHow(stop.Name, stop.Up.How))]))
                : stops[0].IsWet ? MishapWords.ThenPutUpWet(stops[0].Up.How)
                : MishapWords.ThenPutUpDry(stops[0].Up.How),
                .. stops
                    .Where(stop => stop is { IsWet: true, IsDense: true })
                    .Select(stop => several ? MishapWords.NotSleptOnWet(stop.Name) : MishapWords.NotSleptOnWetYet),
            ],
            [.. stops.SelectMany(stop => stop.Changes)]
        );
    }

    /// <summary>Slip from which hair may be combed in something (0 none to 1 most): a leave-in has it, an oil has not.</summary>
    private const double Slippery = 0.5;

    private static string Title(SessionTask task) => task.Title.Split(',')[0];

    private static string Names(IEnumerable<SessionTask> tasks) => Say.List([.. tasks.Select(Title)]);

    /// <summary>What stopping means for one head.</summary>
    private sealed class Stop
    {
        private readonly Happening _at;
        private readonly IReadOnlyList<SessionTask> _first;
        private readonly IReadOnlyList<SessionTask> _left;
        private readonly SessionTask? _putOff;
        private readonly SessionTask? _leaveIn;

        public Stop(Happening at)
        {
            _at = at;
            var (rinses, left) = at.UntilRinsed;
            _first = at.IsRinsing ? [at.InHand!, .. rinses] : rinses;
            // Half of a mask that comes off now is not put on later.
            _left = rinses.Count > 0 && at.InHand is { } begun && !at.IsRinsing ? [begun, .. left] : left;
            IsWet = at.IsWet || _first.Count > 0;
            Up = (IsWet, IsDense) switch
            {
                (true, true) => (MishapWords.ParkInACloth, MishapWords.InACottonCloth),
                (true, false) => (MishapWords.ParkInTwists, MishapWords.InLooseTwistsUnderACotton),
                (false, true) => (MishapWords.ParkTiedBack, MishapWords.TiedBackLoosely),
                (false, false) => (MishapWords.ParkInClips, MishapWords.WithClips),
            };
            var park = at.Insert("park", Up.Work, at.Around.Figures.ParkMinutes, [], _first.Count > 0 ? _first[^1].Id : null);
            // Hair that is combed today in what comes off is combed all the same, in what holds slip tomorrow.
            var ahead = at.Waiting.Where(task => task.IsHandsOn && !_left.Contains(task)).ToList();
            _putOff = ahead.Exists(Combs) ? null : _left.LastOrDefault(Combs);
            _leaveIn = ahead.Find(task =>
                task.StepIds.Count() == 1
                && task.StepIds.Any(step =>
                    SessionPlan.KindOf(step)?.Puts is { } puts && Substances.Of(puts) is { MustBeRinsed: false, Slip: >= Slippery }
                )
            );
            Changes =
            [
                .. _left.Where(task => task != _putOff).Select(task => new SessionChange(ChangeKind.Skip, task.Id)),
                .. IsPutAside ? at.LaidDown : [],
                .. rinses.Select(task => new SessionChange(ChangeKind.First, task.Id)),
                park with
                {
                    Minutes = at.Around.Figures.DriesWithinMinutes,
                    Work = park.Work! with { Parks = true },
                },
                .. _putOff is null ? [] : new[] { at.PutOff(_putOff, _leaveIn?.Id ?? park.Task) },
            ];
        }

        public string Name => _at.Head.Name;

        public bool IsWet { get; }

        /// <summary>Locs and braids are neither twisted nor clipped, and dry slowly.</summary>
        public bool IsDense => _at.IsDense;

        /// <summary>How it is put up: as work, and as it reads within a sentence.</summary>
        public (string Work, string How) Up { get; }

        public IReadOnlyList<SessionChange> Changes { get; }

        private bool IsPutAside => _at.InHand is { } begun && !_at.IsRinsing && !_left.Contains(begun);

        private static bool Combs(SessionTask task) => task.StepIds.Any(Happening.Detangles);

        public IEnumerable<string> Sentences(bool several)
        {
            var rest = Names(_first.Skip(1));
            var first =
                _at.IsRinsing ? (_first.Count > 1 ? MishapWords.FinishThen(Title(_first[0]), rest) : MishapWords.Finish(Title(_first[0])))
                : _first.Count > 0 ? MishapWords.DoFirst(Names(_first))
                : MishapWords.NothingHasToComeOff;
            yield return several ? MishapWords.NameAnd(Name, first) : first;
            if (_left.Where(task => task != _putOff).ToList() is { Count: > 0 } omitted)
            {
                yield return MishapWords.LeftOutBecauseItComesBefore(Names(omitted));
            }

            if (_putOff is { } combing)
            {
                var later = _leaveIn is { } slip
                    ? MishapWords.TitleComesLaterInTheSlip(Title(combing), Title(slip))
                    : MishapWords.TitleComesWhenYouAreBack(Title(combing));
                yield return combing == _at.InHand && _at.SectionsDone > 0
                    ? MishapWords.WithSectionsDone(later, $"{_at.SectionsDone}", $"{combing.Sections}")
                    : later;
            }

            if (IsPutAside)
            {
                var (task, done) = (_at.InHand!, _at.SectionsDone);
                var aside = MishapWords.IsPutAside(_at.Titled(task));
                yield return task.Sections == 0 ? aside : MishapWords.WithSectionsDone(aside, $"{done}", $"{task.Sections}");
            }
        }
    }
}
