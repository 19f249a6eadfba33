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
            several ? "Stop everything for today, go on later" : "Stop for today, go on later",
            [
                .. at.InTheKitchen is { } kitchen ? [$"Finish in the kitchen: {Name(kitchen)}."] : Array.Empty<string>(),
                .. stops.SelectMany(stop => stop.Sentences(several)),
                several
                    ? $"Then put up {PlanWords.All([.. stops.Select(stop => $"{stop.Name} {stop.Up.How}")])}. Sections stay ticked; when you are back, mist what has dried and go on."
                    : $"Then {stops[0].Up.Then}. Sections stay ticked; when you are back, {(stops[0].IsWet ? "mist what has dried and go on" : "go on where you were")}.",
                .. stops
                    .Where(stop => stop is { IsWet: true, IsDense: true })
                    .Select(stop => $"{(several ? stop.Name : "It")} is not slept on before it is dry inside: a fan, or the hood on low."),
            ],
            [.. stops.SelectMany(stop => stop.Changes)]
        );
    }

    /// <summary>Slip from which hair may be combed in something (0 none to 1 most): a leave-in has it, an oil has not.</summary>
    private const double Slippery = 0.5;

    private static string Name(SessionTask task) => Title(task).ToLowerInvariant();

    private static string Title(SessionTask task) => task.Title.Split(',')[0];

    private static string Names(IEnumerable<SessionTask> tasks) => PlanWords.All([.. tasks.Select(Name)]);

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
                (true, true) => ("A cotton cloth around it", "a cotton cloth around it", "in a cotton cloth"),
                (true, false) => (
                    "Loose twists and a cotton cloth",
                    "loose twists under a cotton cloth",
                    "in loose twists under a cotton cloth"
                ),
                (false, true) => ("Tie it back loosely", "tie it back loosely", "tied back loosely"),
                (false, false) => ("Clip it up", "clip it up", "with clips"),
            };
            var park = at.Insert(
                "park",
                $"{Up.Work}, to stop for now",
                at.Around.Figures.ParkMinutes,
                [],
                _first.Count > 0 ? _first[^1].Id : null
            );
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

        /// <summary>How it is put up: as work, as what comes then, and as said of one of several.</summary>
        public (string Work, string Then, string How) Up { get; }

        public IReadOnlyList<SessionChange> Changes { get; }

        private bool IsPutAside => _at.InHand is { } begun && !_at.IsRinsing && !_left.Contains(begun);

        private static bool Combs(SessionTask task) => task.StepIds.Any(Happening.Detangles);

        public IEnumerable<string> Sentences(bool several)
        {
            var first = several ? $"{Name} first" : "First";
            yield return _at.IsRinsing
                ? $"{first}: finish {Names(_first.Take(1))}{(_first.Count > 1 ? $", then {Names(_first.Skip(1))}" : "")}."
            : _first.Count > 0 ? $"{first}: {Names(_first)}."
            : several ? $"Nothing on {Name} has to come off first."
            : "Nothing on the hair has to come off first.";
            if (_left.Where(task => task != _putOff).ToList() is { Count: > 0 } omitted)
            {
                yield return $"Left out, because it comes before that: {Names(omitted)}.";
            }

            if (_putOff is { } combing)
            {
                var ticked =
                    combing == _at.InHand && _at.SectionsDone > 0 ? $", with {_at.SectionsDone} of {combing.Sections} sections done" : "";
                yield return _leaveIn is { } slip
                    ? $"{Title(combing)} comes later, in the {Name(slip)}{ticked}."
                    : $"{Title(combing)} comes when you are back{ticked}: mist it, and comb with a little leave-in.";
            }

            if (IsPutAside)
            {
                var (task, done) = (_at.InHand!, _at.SectionsDone);
                yield return $"{Title(task)}{(several ? $" on {Name}" : "")} is put aside{(task.Sections == 0 ? "" : done == 0 ? ", with no section done" : $", with {done} of {task.Sections} sections done")}.";
            }
        }
    }
}
