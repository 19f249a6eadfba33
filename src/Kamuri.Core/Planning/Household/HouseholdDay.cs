using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Mixing;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Planning.Household;

/// <summary>The heads of a day composed and timed, and everything that has to be placed laid out on one clock.</summary>
internal sealed class HouseholdDay
{
    /// <summary>One head with its own draft.</summary>
    /// <param name="Key">What its jobs are prefixed with, and the name of its strand.</param>
    public sealed record HeadDraft(string Key, HeadOfDay Asked, PlanRequest Request, Planner.Drafting Draft, DateTimeOffset? Wanted);

    /// <summary>
    /// No day begins longer than this before the first hour it is to be ready by, its nights included: what lies before need not be
    /// looked at.
    /// </summary>
    private static readonly TimeSpan Ahead = TimeSpan.FromDays(3);

    private readonly CraftFigures _figures;

    private HouseholdDay(HouseholdRequest request, CraftFigures figures, IReadOnlyList<HeadDraft> heads)
    {
        (Request, _figures, Heads) = (request, figures, heads);
        Zero = request.When.StartAt is { } start && start > request.When.Now ? start : request.When.Now;
        if (request.When.StartAt is null && heads.Min(head => head.Wanted ?? DateTimeOffset.MinValue) is var first && first > Zero + Ahead)
        {
            Zero = first - Ahead;
        }

        Drafts = [.. heads.SelectMany(head => head.Draft.Jobs.Drafts.Select(drafted => Keyed(head, drafted)))];
        Links = [.. heads.SelectMany(head => head.Draft.Jobs.Links.Select(link => Keyed(head.Key, link)))];
    }

    public HouseholdRequest Request { get; }
    public IReadOnlyList<HeadDraft> Heads { get; }

    /// <summary>The minute the schedule counts from.</summary>
    public DateTimeOffset Zero { get; private set; }

    public IReadOnlyList<Drafted> Drafts { get; }
    public IReadOnlyList<Link> Links { get; }

    /// <summary>Composes and times each head.</summary>
    /// <param name="request">What is asked.</param>
    /// <param name="figures">Craft figures.</param>
    /// <param name="strictlyWarm">What is put on warm is put on at once.</param>
    /// <exception cref="FormulaLoopException">A formula comes back to itself.</exception>
    public static HouseholdDay Of(HouseholdRequest request, CraftFigures figures, bool strictlyWarm = true) =>
        new(
            request,
            figures,
            [
                .. request.Heads.Select(
                    (asked, at) =>
                    {
                        var own = Larder.Fill(
                            asked.Request with
                            {
                                When = request.When,
                                Equipment = request.Equipment with { PairsOfHands = request.Hands.Count },
                            },
                            figures
                        );
                        return new HeadDraft(
                            $"{at + 1}",
                            asked,
                            own,
                            Planner.Draft(own, figures, strictlyWarm),
                            asked.ReadyBy ?? request.When.ReadyBy
                        );
                    }
                ),
            ]
        );

    public static Link Keyed(string key, Link link) => link with { From = $"{key}/{link.From}", To = $"{key}/{link.To}" };

    /// <summary>Whether a job lasts through the night.</summary>
    public bool IsNight(string job) => Heads.Any(head => head.Draft.Jobs.Night is { } night && job == $"{head.Key}/{night}");

    /// <summary>What nobody may do, or what is not in the house; null when all can be done.</summary>
    public string? Lacking()
    {
        foreach (var head in Heads)
        {
            var name = head.Request.Head.Name;
            if (
                Drafts.FirstOrDefault(drafted =>
                    drafted.Job.Id.StartsWith($"{head.Key}/", StringComparison.Ordinal) && drafted.Job.By is { Count: 0 }
                ) is
                { } undone
            )
            {
                return HouseholdWords.NobodyCanDoThisForName(name, undone.Title);
            }

            if (head.Asked.Present.Count > 0 && !Present(head).Any())
            {
                return HouseholdWords.NameHasAlreadyLeftAtTime(name, Say.Clock(Zero));
            }
        }

        var lacking = Drafts
            .SelectMany(drafted => drafted.Job.Uses)
            .Distinct()
            .Where(resource => resource != Resource.Hands && Request.Equipment.Count(resource) == 0)
            .Select(EquipmentNames.Of)
            .ToList();
        return lacking.Count > 0 ? HouseholdWords.ThisPlanNeedsSomethingTheHousehold(Say.List(lacking)) : null;
    }

    /// <summary>Who is not there for all of the day, in a sentence each.</summary>
    public IEnumerable<string> NotLongEnough() =>
        Heads
            .Where(head => head.Asked.Present.Count > 0)
            .Select(head =>
                HouseholdWords.NotHomeLongEnough(
                    head.Request.Head.Name,
                    Say.List([.. head.Asked.Present.Select(each => HouseholdWords.FromTo(Say.Clock(each.From), Say.Clock(each.To)))])
                )
            );

    /// <summary>
    /// Everything to be placed, and with waits as usual where that may be in time. Several pairs find more from a day with those.
    /// </summary>
    /// <param name="mayStayUp">Heads stay as long as it takes once they are there.</param>
    public SchedulingProblem Whole(bool mayStayUp = false)
    {
        var (usual, inTime) = (Problem(mayStayUp), Problem(mayStayUp, inTime: true));
        return Request.Hands.Count == 1 && !usual.MayShorten && inTime.IsLateAsUsual(rests: true) ? inTime : usual;
    }

    /// <summary>The one hour of all, in minutes; null when there is none.</summary>
    public int? Hour =>
        Request.HasOneHour && Heads.All(head => head.Wanted is not null) ? Heads.Min(head => Minutes(head.Wanted!.Value)) : null;

    /// <summary>Everything to be placed.</summary>
    /// <param name="mayStayUp">Heads stay as long as it takes once they are there.</param>
    /// <param name="inTime">Waits are shortened where an hour could not be met else.</param>
    /// <param name="margin">Minutes each strand should be done before its hour, for slow days; null for none.</param>
    public SchedulingProblem Problem(bool mayStayUp = false, bool inTime = false, Func<string, double>? margin = null)
    {
        // Where somebody is away it matters when all of it lies; else it is placed first and moved to its hour afterwards.
        var isPinned =
            Request.Taken.Count > 0 || Heads.Any(head => head.Asked.Present.Count > 0) || Request.Hands.Any(hands => hands.Away.Count > 0);
        var nights = Nights();
        var hasNight = nights.Count > 0;
        var deadlines = Heads
            .Where(head => head.Wanted is not null && (inTime || isPinned || hasNight))
            .ToDictionary(
                head => head.Key,
                head => Math.Max(0, Minutes(head.Wanted!.Value) - (int)Math.Ceiling(margin?.Invoke(head.Key) ?? 0))
            );
        var capacity = Enum.GetValues<Resource>().ToDictionary(resource => resource, Request.Equipment.Count);
        return new SchedulingProblem([.. Drafts.Select(drafted => drafted.Job)], Links, capacity)
        {
            Pairs = [.. Request.Hands.Select(hands => new PairOfHands(hands.Name))],
            Closures = Closure.Of(
                Request.Taken.SelectMany(each =>
                    EachDay(each.When).Select(when => (each.Resource, Minutes(when.From), Minutes(when.To), 1))
                ),
                capacity
            ),
            Absences =
            [
                .. Heads.SelectMany(head => AwayOf(head, mayStayUp)),
                .. Request.Hands.SelectMany(AwayOf),
                // People sleep.
                .. nights.SelectMany(night =>
                    Request.Hands.Select(hands => new Absence(hands.Name, Math.Max(0, night.Bed), night.Rise) { IsAsleep = true })
                ),
            ],
            Overnights =
            [
                .. Drafts
                    .Where(drafted => IsNight(drafted.Job.Id))
                    .Select(drafted => new Overnight(drafted.Job.Id, [.. nights.Where(night => night.Bed >= 0)])),
            ],
            Rests = Request
                .Hands.Select(hands => (hands.Name, new Rest(_figures.Breaks.LongestAtWork, _figures.Breaks.BreakMinutes)))
                .Concat(
                    Heads
                        .Where(head => head.Asked.PauseAfter is not null)
                        .Select(head => (head.Key, new Rest(head.Asked.PauseAfter!.Value, _figures.Breaks.ChildPauseMinutes)))
                )
                .ToDictionary(pair => pair.Item1, pair => pair.Item2),
            Deadline = Request.HasOneHour && deadlines.Count > 0 ? deadlines.Values.Min() : null,
            Deadlines = Request.HasOneHour ? new Dictionary<string, int>() : deadlines,
            MayBeginLater = hasNight || (isPinned && deadlines.Count > 0),
        };
    }

    /// <summary>Minutes by which a problem asks for all of its hours together sooner than people did.</summary>
    public double Earlier(SchedulingProblem problem) =>
        problem.HasOneHour
            ? (Request.When.ReadyBy!.Value - Zero).TotalMinutes - problem.Deadline!.Value
            : problem.Deadlines.Sum(each => (Heads.First(head => head.Key == each.Key).Wanted!.Value - Zero).TotalMinutes - each.Value);

    /// <summary>
    /// Whole minutes by which nine days in ten are in time for every hour; below 0 when they are not. Null when nobody asked for an
    /// hour.
    /// </summary>
    public int? Slack(FinishForecast forecast) =>
        Heads
            .Where(head => head.Wanted is not null)
            .Select(head =>
                (int?)Math.Floor((head.Wanted!.Value - Zero).TotalMinutes - Math.Ceiling(forecast.Strands[head.Key].NineInTenMinutes))
            )
            .Min();

    /// <summary>Whether a head ends behind its hour even when all goes as usual.</summary>
    public bool Late(Schedule schedule) => Heads.Any(head => IsLate(head, schedule));

    /// <summary>The heads that are in time for their hours when all goes as usual, by key.</summary>
    public IReadOnlySet<string> InTime(Schedule schedule) =>
        Heads.Where(head => head.Wanted is not null && !IsLate(head, schedule)).Select(head => head.Key).ToHashSet();

    /// <summary>Moves all of it.</summary>
    public void BeginLater(int minutes) => Zero = Zero.AddMinutes(minutes);

    private bool IsLate(HeadDraft head, Schedule schedule) =>
        head.Wanted is { } wanted && schedule.EndOf(head.Key) > (wanted - Zero).TotalMinutes;

    private int Minutes(DateTimeOffset moment) => (int)Math.Floor((moment - Zero).TotalMinutes);

    /// <summary>The times between the times a head is there.</summary>
    private IEnumerable<Absence> AwayOf(HeadDraft head, bool mayStayUp)
    {
        if (head.Asked.Present.Count == 0)
        {
            yield break;
        }

        var from = 0;
        foreach (var there in Present(head))
        {
            // Who stays up for as long as it takes, with something on for the night, is there until it is done.
            if (Minutes(there.From) > from && !(mayStayUp && from > 0 && head.Draft.Jobs.Night is not null))
            {
                yield return new Absence(head.Key, from, Minutes(there.From));
            }

            from = Math.Max(from, Minutes(there.To));
        }

        if (!mayStayUp)
        {
            yield return new Absence(head.Key, from, Absence.ForGood);
        }
    }

    private IEnumerable<Absence> AwayOf(HelpingHands hands) =>
        hands.Away.SelectMany(EachDay).Select(each => new Absence(hands.Name, Minutes(each.From), Minutes(each.To)));

    /// <summary>
    /// When a head is there. A day is one day of it; only who goes to bed with something on is there at the same hours on the day before
    /// and the day after.
    /// </summary>
    private IEnumerable<Between> Present(HeadDraft head) =>
        (head.Draft.Jobs.Night is null ? head.Asked.Present.Where(each => each.To > Zero) : head.Asked.Present.SelectMany(EachDay)).OrderBy(
            each => each.From
        );

    /// <summary>
    /// Somebody's hours are the same on the day before and the day after, which a day may reach into; as far as they are not over.
    /// </summary>
    private IEnumerable<Between> EachDay(Between hours)
    {
        DateTimeOffset On(int days, DateTimeOffset moment) =>
            Request.When.Clock(Day(moment) + days, Request.When.Wall(moment).TimeOfDay.TotalHours);
        return new[] { -1, 0, 1 }
            .Select(days => days == 0 ? hours : new Between(On(days, hours.From), On(days, hours.To)))
            .Where(each => each.To > Zero);
    }

    /// <summary>Days from today.</summary>
    private int Day(DateTimeOffset moment) => (Request.When.Wall(moment).Date - Request.When.Wall(Request.When.Now).Date).Days;

    /// <summary>
    /// The nights there are for what stays on overnight, until the morning after the last hour that is asked for; none where nothing does.
    /// Whose treatment may not stay on for all of a night gets up for it, as after the night in which clocks go back.
    /// </summary>
    private List<Night> Nights()
    {
        if (Drafts.Where(drafted => IsNight(drafted.Job.Id)).Select(drafted => (int?)drafted.Job.Longest).Min() is not { } longest)
        {
            return [];
        }

        // An hour may lie days ahead, and every night until then is one; who is late is so on the day after it at most.
        var (first, last) = (Day(Zero) - 1, Heads.Select(head => Day(head.Wanted ?? Zero)).Append(Day(Zero)).Max() + 1);
        return
        [
            .. Enumerable
                .Range(first, last - first + 1)
                .Select(night =>
                    (
                        Bed: Minutes(Request.When.Clock(night, _figures.Night.BedtimeHour)),
                        Rise: Minutes(Request.When.Clock(night + 1, _figures.Night.RiseHour))
                    )
                )
                .Where(night => night.Rise > 0)
                .Select(night => new Night(night.Bed, Math.Min(night.Rise, night.Bed + longest))),
        ];
    }

    private Drafted Keyed(HeadDraft head, Drafted drafted)
    {
        var onHead = drafted.Job.Strand == PlannedTask.HeadStrand;
        return drafted with
        {
            Job = drafted.Job with
            {
                Id = $"{head.Key}/{drafted.Job.Id}",
                Strand = onHead ? head.Key : PlannedTask.KitchenStrand,
                With = onHead ? head.Key : null,
                By = drafted.Job.IsHandsOn ? WhoMay(head, drafted) : null,
            },
        };
    }

    /// <summary>The hands that may do a job; null when all of them may.</summary>
    private List<string>? WhoMay(HeadDraft head, Drafted drafted)
    {
        var work = drafted.StepId is null
            ? Work.Kitchen
            : drafted.Also.Prepend(drafted.StepId).Select(step => Kind(head, step)).Aggregate(Work.None, (all, kind) => all | Of(kind));
        var may = Request
            .Hands.Where(hands => (hands.MayDo & work) == work && (hands.Heads?.Contains(head.Request.Head.Id) ?? true))
            .Select(hands => hands.Name)
            .ToList();
        return may.Count == Request.Hands.Count ? null : may;
    }

    private static StepKind Kind(HeadDraft head, string step) =>
        head.Draft.Timings.First(timing => timing.Step.Step.Id == step).Step.Step.Kind;

    private static Work Of(StepKind kind) =>
        kind.Needs.Contains(Resource.Shower) ? Work.Water
        : kind.Detangles || kind.Phase is Phase.Ready or Phase.Loosen ? Work.Detangling
        : kind.Phase is Phase.Set or Phase.Keep ? Work.Styling
        : Work.Treating;
}
