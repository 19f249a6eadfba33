using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Routines;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;
using Kamuri.Core.Units;

namespace Kamuri.Core.Running;

/// <summary>What a running session needs to know of a step.</summary>
/// <param name="Amount">How much of what is taken, without a verb: "100 ml of the mask"; null when nothing is measured out.</param>
public sealed record SessionStep(
    string Id,
    string Name,
    Phase Phase,
    string Instruction,
    string Reason,
    Places Places,
    Direction Direction,
    MeasuredWords? Amount,
    IReadOnlyList<string> Cautions,
    bool IsCleanse = false,
    bool Detangles = false,
    Treatment? Treatment = null
)
{
    /// <summary>The key of the head it is done on.</summary>
    public string Head { get; init; } = PlannedTask.HeadStrand;

    /// <summary>What will be seen there; null for nothing worth saying.</summary>
    public string? Expect { get; init; }

    /// <summary>How it leaves the hair; null in sessions of earlier versions.</summary>
    public HairAfter? After { get; init; }
}

/// <summary>The hair as a step leaves it.</summary>
/// <param name="Wetness">How wet it is.</param>
/// <param name="Lying">What lies on it, and the step that put it there.</param>
public sealed record HairAfter(Wetness Wetness, IReadOnlyList<LyingOn> Lying)
{
    /// <summary>How it hangs; null in sessions of earlier versions.</summary>
    public Hang? Hang { get; init; }
}

/// <summary>Something that lies on the hair.</summary>
/// <param name="Step">The step that put it there, by id.</param>
public sealed record LyingOn(Substance Substance, string Step);

/// <summary>A mixture of the day, as far as a run may have to put it right.</summary>
/// <param name="StepId">The step it is for.</param>
/// <param name="KeepsInFridge">Days it keeps there; null when it does not.</param>
/// <param name="TooThick">What to do about it, in a sentence.</param>
public sealed record SessionMixture(string StepId, string Name, int? KeepsInFridge, string TooThick, string TooRunny, string TooLittle)
{
    /// <summary>Other heads of the day that take something of the same kind later.</summary>
    public IReadOnlyList<string> Others { get; init; } = [];

    /// <summary>The formula it is made by; null in sessions of earlier versions.</summary>
    public Guid? FormulaId { get; init; }

    /// <summary>What is left over for a jar, in millilitres; 0 for nothing that keeps.</summary>
    public double LeftOver { get; init; }
}

/// <summary>A head of a running session.</summary>
/// <param name="Key">The strand its tasks lie on: "head" when it is alone, else "1", "2" and so on.</param>
public sealed record SessionHead(string Key, Guid HeadId, string Name, string Aim, string Style)
{
    /// <summary>Wanted ready and dry by then; null when nobody said.</summary>
    public DateTimeOffset? ReadyBy { get; init; }

    /// <summary>Longest that hands go on with it before it gets a pause, in minutes; null when it needs none.</summary>
    public int? PauseAfter { get; init; }

    public required IReadOnlyList<Section> Sections { get; init; }
    public IReadOnlyList<Zone> FragileZones { get; init; } = [];
}

/// <summary>What a step takes from shelf and fridge.</summary>
/// <param name="StepId">The step.</param>
/// <param name="Name">As the person calls it.</param>
/// <param name="ProductId">The product it is taken from; null for none.</param>
/// <param name="BatchId">The batch it is taken from; null for none.</param>
/// <param name="PlannedMillilitres">How much, by the plan.</param>
/// <param name="IsWhole">What goes on the hair as it is; false for what goes into a mixture.</param>
public sealed record SessionTaking(string StepId, string Name, Guid? ProductId, Guid? BatchId, double PlannedMillilitres, bool IsWhole);

/// <summary>A stop that a person went on in spite of.</summary>
/// <param name="Rule">The rule's id.</param>
/// <param name="Stop">What it said.</param>
/// <param name="Reason">Why the person went on.</param>
public sealed record OverriddenStop(string Rule, string Stop, string Reason);

/// <summary>What a running session needs to know of a task.</summary>
/// <param name="PlannedStart">Minutes from the start of the plan.</param>
/// <param name="PlannedMinutes">Planned length.</param>
/// <param name="Also">Further steps worked in the same pass; null for none.</param>
/// <param name="IsOvernight">Lasts through the night.</param>
/// <param name="Words">The title with its amounts in each way of measuring; null when there are none in it.</param>
public sealed record SessionTask(
    string Id,
    string? StepId,
    string Strand,
    string Title,
    bool IsHandsOn,
    int Sections,
    Window? Window,
    string AfterLatest,
    IReadOnlyList<Resource> Uses,
    double PlannedStart,
    double PlannedMinutes,
    Substance? Substance = null,
    IReadOnlyList<string>? Also = null,
    bool IsOvernight = false,
    MeasuredWords? Words = null
)
{
    /// <summary>Whose hands do it; null when there is nothing to tell apart, or no hands are needed.</summary>
    public string? By { get; init; }

    /// <summary>
    /// Whoever does it sleeps until then, or, in sessions of earlier versions, is not there before; null when nothing holds it back.
    /// </summary>
    public DateTimeOffset? NotBefore { get; init; }

    /// <summary>The mixture that cools meanwhile; null when none does, and in sessions of earlier versions.</summary>
    public CoolingMixture? Cools { get; init; }

    /// <summary>What happens past the latest is nothing to be warned of; false in sessions of earlier versions.</summary>
    public bool IsHarmlessAfter { get; init; }

    /// <summary>Done, the hair is parked and the session stops.</summary>
    public bool Parks { get; init; }

    /// <summary>What work that was put in takes off the hair; what planned work takes off, its steps say.</summary>
    public Removal TakesOff { get; init; }

    /// <summary>Every step worked in it; empty for the kitchen.</summary>
    public IEnumerable<string> StepIds => StepId is null ? [] : [StepId, .. Also ?? []];
}

/// <summary>
/// The plan as it stood when the session began. It is kept with the session and never changed: everything that
/// happens afterwards is an event.
/// </summary>
public sealed record SessionPlan
{
    /// <summary>One or several, in the order they were asked for.</summary>
    public required IReadOnlyList<SessionHead> Heads { get; init; }

    /// <summary>The pairs of hands by name; empty when there is nothing to tell apart.</summary>
    public IReadOnlyList<string> Hands { get; init; } = [];

    /// <summary>How many of each thing there are; one of what is not named.</summary>
    public IReadOnlyDictionary<Resource, int> Capacity { get; init; } = new Dictionary<Resource, int>();

    /// <summary>When somebody or something of the day cannot be had; empty in sessions of earlier versions.</summary>
    public IReadOnlyList<NotThere> NotThere { get; init; } = [];

    public required DateTimeOffset PlannedStart { get; init; }
    public required DateTimeOffset PlannedEnd { get; init; }
    public IReadOnlyList<OverriddenStop> Overridden { get; init; } = [];
    public required IReadOnlyList<SessionStep> Steps { get; init; }

    /// <summary>Tasks in planned order.</summary>
    public required IReadOnlyList<SessionTask> Tasks { get; init; }

    public required IReadOnlyList<Link> Links { get; init; }

    /// <summary>What it takes from shelf and fridge.</summary>
    public IReadOnlyList<SessionTaking> Takings { get; init; } = [];

    /// <summary>Ingredients that ask for a patch test, by the step that brings them onto the head.</summary>
    public IReadOnlyDictionary<string, IReadOnlyList<string>> Touches { get; init; } = new Dictionary<string, IReadOnlyList<string>>();

    /// <summary>Everyone by name: "Ada", "Ada and Bo", "Ada, Bo and Cy".</summary>
    public string Names => Say.List([.. Heads.Select(head => head.Name)]);

    /// <summary>What is made in the kitchen for it.</summary>
    public IReadOnlyList<SessionMixture> Mixtures { get; init; } = [];

    /// <summary>The plan as it stands after what went wrong: with what was put in, shortened, and taken from under the hood.</summary>
    public SessionPlan With(SessionState state)
    {
        if (state.Inserted.IsEmpty && state.Changed.IsEmpty && state.First.IsEmpty && state.Order is null)
        {
            return this;
        }

        var tasks = Tasks.Select(task => state.Changed.TryGetValue(task.Id, out var changed) ? changed.On(task) : task).ToList();
        if (state.Order is { } order)
        {
            var places = order.Tasks.ToDictionary(each => each.Task);
            // What had begun keeps its place in front; what had not takes its new one.
            tasks =
            [
                .. tasks
                    .Select(task => places.TryGetValue(task.Id, out var place) ? place.Of(task, this) : task)
                    .OrderBy(task => places.ContainsKey(task.Id))
                    .ThenBy(task => task.PlannedStart),
            ];
        }

        int Front() =>
            tasks.FindIndex(task => task.IsHandsOn && state.Task(task.Id).Status == TaskStatus.Waiting && !state.IsInserted(task.Id));
        foreach (var id in state.First.Reverse())
        {
            if (tasks.FindIndex(task => task.Id == id) is >= 0 and var from && Front() is >= 0 and var to && to < from)
            {
                var moved = tasks[from] with { PlannedStart = tasks[to].PlannedStart };
                tasks.RemoveAt(from);
                tasks.Insert(to, moved);
            }
        }

        var links = state.Order is { } other ? [.. Links.Where(link => link.LeastGap == 0), .. other.Gaps] : Links.ToList();
        foreach (var (work, behind) in state.Inserted)
        {
            if (tasks.Exists(task => task.Id == work.Id))
            {
                continue;
            }

            // Behind what it has to wait for, else in front of everything that hands have not begun.
            var at = behind is null ? Front() : tasks.FindIndex(task => task.Id == behind) + 1;
            at = at < 0 ? tasks.Count : at;
            var next = tasks.Skip(at).FirstOrDefault(task => task.IsHandsOn && task.Strand == work.Strand);
            tasks.Insert(
                at,
                work with
                {
                    PlannedStart =
                        at < tasks.Count ? tasks[at].PlannedStart : tasks.Select(task => task.PlannedStart + task.PlannedMinutes).Max(),
                }
            );
            if (behind is not null)
            {
                links.Add(new Link(behind, work.Id));
            }

            if (next is not null)
            {
                links.Add(new Link(work.Id, next.Id));
            }
        }

        return this with
        {
            Tasks = tasks,
            Links = links,
        };
    }

    /// <summary>The steps of one of its heads as a routine, to do them again.</summary>
    /// <param name="head">Whose.</param>
    /// <param name="name">What it is called.</param>
    public Routine AgainFor(Guid head, string name)
    {
        var key = Heads.First(each => each.HeadId == head).Key;
        return new Routine(
            "last-time",
            name,
            name,
            HairKinds.All,
            [],
            [],
            false,
            [
                .. Steps
                    .Where(step => step.Head == key)
                    .Select(step => (step, kind: StepCatalogue.OfStep(step.Id[(step.Id.LastIndexOf('/') + 1)..])))
                    .Where(pair => pair.kind is not null)
                    .Select(pair => new TakeStep(pair.kind!, RunWords.AsLastTime)
                    {
                        Places = pair.step.Places,
                        Direction = pair.step.Direction,
                    }),
            ],
            new Dictionary<string, IReadOnlyList<RoutineEntry>>()
        );
    }

    public SessionStep? FindStep(string? id) => id is null ? null : Steps.FirstOrDefault(step => step.Id == id);

    /// <summary>How much is taken for a step altogether, in millilitres.</summary>
    public double Planned(string? step) => Takings.Where(taking => taking.StepId == step).Sum(taking => taking.PlannedMillilitres);

    public SessionTask? FindTask(string id) => Tasks.FirstOrDefault(task => task.Id == id);

    /// <summary>The head with this key; null for the kitchen's strand and for a key nobody has.</summary>
    public SessionHead? FindHead(string? key) => Heads.FirstOrDefault(head => head.Key == key);

    /// <summary>The head a task is for, in the kitchen as well.</summary>
    public SessionHead HeadOf(SessionTask task) =>
        FindHead(task.Strand) ?? Heads.FirstOrDefault(head => task.Id.StartsWith($"{head.Key}/", StringComparison.Ordinal)) ?? Heads[0];

    /// <summary>The entry of the catalogue a step of a session came from.</summary>
    public static StepKind? KindOf(string step) => StepCatalogue.OfStep(step[(step.IndexOf('/', StringComparison.Ordinal) + 1)..]);

    /// <summary>Takes from a plan what a session needs.</summary>
    public static SessionPlan From(Plan plan) =>
        new()
        {
            Heads = [HeadOf(plan, PlannedTask.HeadStrand, plan.Fit.ReadyBy)],
            PlannedStart = plan.Start,
            PlannedEnd = plan.End,
            Steps = [.. plan.Steps.Select(planned => Step(plan, planned, null))],
            Overridden = [.. Overrides(plan)],
            Tasks = [.. plan.Tasks.Select(task => Task(task, plan.Start, null))],
            Links = plan.Links,
            Takings = [.. plan.Steps.SelectMany(step => Taken(plan, step, null))],
            Touches = TouchedBy(plan, null).ToDictionary(),
            Mixtures = [.. MixturesOf(plan, null)],
        };

    /// <summary>
    /// Takes from the plan of a household what a session needs. Steps are told apart by the key of their head, as tasks are.
    /// </summary>
    public static SessionPlan From(HouseholdPlan plan) =>
        new()
        {
            Heads =
            [
                .. plan.Heads.Select(
                    (head, at) => HeadOf(head.Plan, head.Key, head.Wanted) with { PauseAfter = plan.Request.Heads[at].PauseAfter }
                ),
            ],
            Hands = plan.Request.Hands.Count > 1 ? [.. plan.Request.Hands.Select(hands => hands.Name)] : [],
            Capacity = Enum.GetValues<Resource>().ToDictionary(resource => resource, plan.Request.Equipment.Count),
            NotThere = plan.NotThere,
            PlannedStart = plan.Start,
            PlannedEnd = plan.End,
            Steps = [.. plan.Heads.SelectMany(head => head.Plan.Steps.Select(planned => Step(head.Plan, planned, head.Key)))],
            Overridden = [.. plan.Heads.SelectMany(head => Overrides(head.Plan))],
            Tasks = [.. plan.Tasks.Select(task => Task(task, plan.Start, task.Id[..task.Id.IndexOf('/', StringComparison.Ordinal)]))],
            Links = plan.Links,
            Takings = [.. plan.Heads.SelectMany(head => head.Plan.Steps.SelectMany(step => Taken(head.Plan, step, head.Key)))],
            Touches = plan.Heads.SelectMany(head => TouchedBy(head.Plan, head.Key)).ToDictionary(),
            Mixtures =
            [
                .. plan.Heads.SelectMany(head =>
                    MixturesOf(head.Plan, head.Key)
                        .Select(mixture =>
                            mixture with
                            {
                                Others =
                                [
                                    .. plan
                                        .Heads.Where(other =>
                                            other != head
                                            && other.Plan.Steps.Any(step =>
                                                step.Step.Kind.Puts is { } puts
                                                && puts
                                                    == head.Plan.Steps.First(own =>
                                                        $"{head.Key}/{own.Step.Id}" == mixture.StepId
                                                    ).Step.Kind.Puts
                                            )
                                        )
                                        .Select(other => other.Plan.Request.Head.Name),
                                ],
                            }
                        )
                ),
            ],
        };

    private static SessionHead HeadOf(Plan plan, string key, DateTimeOffset? wanted) =>
        new(key, plan.Request.Head.Id, plan.Request.Head.Name, PlanSentences.Of(plan.Request.Aim), PlanSentences.Of(plan.Request.Style))
        {
            ReadyBy = wanted,
            Sections = plan.Sections,
            FragileZones = [.. plan.Request.Head.FragileZones.Select(fragile => fragile.Zone)],
        };

    private static SessionStep Step(Plan plan, PlannedStep planned, string? key) =>
        new(
            Keyed(key, planned.Step.Id),
            planned.Step.Kind.Name,
            planned.Step.Kind.Phase,
            planned.Step.Instruction,
            planned.Step.Reason,
            planned.Step.Places,
            planned.Step.Direction,
            Amount(plan, planned),
            planned.Cautions,
            planned.Step.Kind.IsCleanse,
            planned.Step.Kind.Detangles,
            planned.Step.Kind.Treatment
        )
        {
            Head = key ?? PlannedTask.HeadStrand,
            Expect = planned.Expect,
            After = new HairAfter(
                planned.After.Wetness,
                [
                    .. planned
                        .After.Deposits.Concat(planned.After.AwaitsWash)
                        .Select(deposit => new LyingOn(deposit.Substance, Keyed(key, deposit.Step)))
                        .Distinct(),
                ]
            )
            {
                Hang = planned.After.Hang,
            },
        };

    /// <summary>What lies on a head as the last step that was really done left it; nothing in sessions of earlier versions.</summary>
    public IReadOnlyList<Substance> LeftOn(Guid headId, SessionState state) =>
        [.. AfterOf(headId, state)?.Lying.Select(each => each.Substance).Distinct() ?? []];

    /// <summary>How the hair of a head hangs since the last step that was really done; null when nothing tells.</summary>
    public Hang? HangOf(Guid headId, SessionState state) => AfterOf(headId, state)?.Hang;

    private HairAfter? AfterOf(Guid headId, SessionState state) =>
        Heads.FirstOrDefault(each => each.HeadId == headId) is { } head
            ? Tasks
                .Where(task => state.Task(task.Id).Status == TaskStatus.Done && task.IsHandsOn)
                .SelectMany(task => task.StepIds)
                .Select(FindStep)
                .LastOrDefault(step => step is { After: not null } && step.Head == head.Key)
                ?.After
            : null;

    /// <summary>What may be said of mixtures while they are used: how they are put right, and whether the rest keeps.</summary>
    private static IEnumerable<SessionMixture> MixturesOf(Plan plan, string? key) =>
        plan.Mixtures.Select(made =>
        {
            var mixture = made.Cooking.Mixture;
            string Right(Trouble trouble) =>
                Correction
                    .For(
                        mixture.Formula,
                        trouble,
                        new Millilitres(mixture.Makes.Value / StretchedFrom),
                        mixture.Makes,
                        plan.Request.Kitchen
                    )
                    .Sentence;
            return new SessionMixture(
                Keyed(key, made.Step.Id),
                mixture.Formula.Name,
                mixture.Formula.Keep.Fridge?.Days,
                Right(Trouble.TooThick),
                Right(Trouble.TooRunny),
                Right(Trouble.TooLittle)
            )
            {
                FormulaId = mixture.Formula.Id,
                LeftOver = mixture.Formula.Keep.IsUnderADay ? 0 : made.Cooking.Rest.Value,
            };
        });

    /// <summary>When somebody says there is not enough, about so much more is missing.</summary>
    private const double StretchedFrom = 1.2;

    private static SessionTask Task(PlannedTask task, DateTimeOffset start, string? key) =>
        new(
            task.Id,
            task.StepId is null ? null : Keyed(key, task.StepId),
            task.Strand,
            task.Title,
            task.IsHandsOn,
            task.Sections,
            task.Window,
            task.AfterLatest,
            task.Uses,
            (task.Start - start).TotalMinutes,
            (task.End - task.Start).TotalMinutes,
            task.Substance,
            [.. task.Also.Select(step => Keyed(key, step))],
            task.IsOvernight,
            task.Words
        )
        {
            By = task.By,
            NotBefore = task.NotBefore,
            Cools = task.Cools,
            IsHarmlessAfter = task.IsHarmlessAfter,
        };

    private static IEnumerable<OverriddenStop> Overrides(Plan plan) =>
        plan
            .Findings.Where(finding => finding.Overridden is not null)
            .Select(finding => new OverriddenStop(finding.Rule, finding.Reason, finding.Overridden!));

    private static IEnumerable<KeyValuePair<string, IReadOnlyList<string>>> TouchedBy(Plan plan, string? key) =>
        plan
            .Steps.Select(step => KeyValuePair.Create(Keyed(key, step.Step.Id), plan.Request.UseOf(step.Step)?.AskForPatchTest ?? []))
            .Where(pair => pair.Value.Count > 0);

    private static string Keyed(string? key, string id) => key is null ? id : $"{key}/{id}";

    private static MeasuredWords? Amount(Plan plan, PlannedStep planned) =>
        planned.Amount is { } amount
            ? MeasuredWords.Of(way =>
                plan.Request.UseOf(planned.Step) is { } use ? RunWords.WayOfUse(way(amount.Ways), use.Name) : way(amount.Ways)
            )
            : null;

    private static IEnumerable<SessionTaking> Taken(Plan plan, PlannedStep planned, string? key)
    {
        var (step, use) = (planned.Step, plan.Request.UseOf(planned.Step));
        if (plan.Mixtures.FirstOrDefault(mixture => mixture.Step.Id == step.Id) is not { } made)
        {
            // What nobody chose a product for was used all the same, and says how much this head takes.
            if (planned.Amount is { } amount)
            {
                var name = use is null or { IsNothing: true } ? step.Kind.Name : use.Name;
                yield return new SessionTaking(Keyed(key, step.Id), name, use?.ProductId, use?.BatchId, amount.Exact.Value, IsWhole: true);
            }

            yield break;
        }

        foreach (var line in made.Cooking.Mixture.Lines.Where(line => line.Ingredient.ProductId is not null))
        {
            yield return new SessionTaking(
                Keyed(key, step.Id),
                line.Ingredient.Name,
                line.Ingredient.ProductId,
                null,
                line.OfPack,
                IsWhole: false
            );
        }

        foreach (var taken in made.Cooking.Taken)
        {
            yield return new SessionTaking(Keyed(key, step.Id), taken.Name, null, taken.BatchId, taken.Amount.Value, IsWhole: false);
        }
    }
}
