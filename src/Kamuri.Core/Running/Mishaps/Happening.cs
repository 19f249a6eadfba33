using Kamuri.Core.Physics;
using Kamuri.Core.Planning;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Running.Mishaps;

/// <summary>What lies on a head and comes off again.</summary>
/// <param name="Wait">The wait it is planned for.</param>
/// <param name="Since">When all of it was on.</param>
/// <param name="IsCounted">Its wait is counting. It is not while hands are elsewhere before it was covered.</param>
internal sealed record OnHead(SessionTask Wait, DateTimeOffset Since, bool IsCounted)
{
    public DateTimeOffset EarliestAt => Since.AddMinutes(Wait.Window!.Earliest);

    public DateTimeOffset LatestAt => Since.AddMinutes(Wait.Window!.Latest);
}

/// <summary>A session at the moment something went wrong on one head: what is on it, what is in hand, what is still to come.</summary>
internal sealed class Happening
{
    private readonly SessionPlan _plan;
    private readonly SessionState _state;

    public Happening(SessionPlan plan, SessionState state, DateTimeOffset now, SessionHead head, MishapSurroundings around)
    {
        (_plan, _state, Now, Head, Around) = (plan.With(state), state, now, head, around);
        Moment = SessionTiming.At(plan, state, now);
        Own = [.. _plan.Tasks.Where(task => task.Strand == head.Key)];
        Waiting = [.. Own.Where(task => state.Task(task.Id).Status == TaskStatus.Waiting)];
        Counting = Moment.Counting.FirstOrDefault(count => count.Task.Strand == head.Key);
        InHand = Own.FirstOrDefault(task => task.IsHandsOn && state.Task(task.Id).Status == TaskStatus.Running);
        var touched = Own.Where(task => state.Task(task.Id).IsTouched).SelectMany(task => task.StepIds).ToHashSet();
        // In the order of the steps: a rinse that was taken out of turn stands in front of the wait it ended.
        Last = _plan.Steps.LastOrDefault(step => touched.Contains(step.Id));
        OnHair =
        [
            .. (Last?.After?.Lying ?? [])
                .Where(lying => touched.Contains(lying.Step) && !IsRinsedSince(lying))
                .Select(lying => lying.Substance)
                .Distinct(),
        ];
    }

    public DateTimeOffset Now { get; }

    /// <summary>When a moment is, said now, as the clock on the household's wall shows it.</summary>
    public string Clock(DateTimeOffset moment) => Say.Clock(Around.Wall(moment), Around.Wall(Now));

    public SessionHead Head { get; }
    public MishapSurroundings Around { get; }
    public SessionMoment Moment { get; }

    /// <summary>Everything on this head.</summary>
    public IReadOnlyList<SessionTask> Own { get; }

    /// <summary>What has not begun.</summary>
    public IReadOnlyList<SessionTask> Waiting { get; }

    /// <summary>Something was done on this head, and something is left to do.</summary>
    public bool IsUnderWay => (Waiting.Count > 0 || InHand is not null) && Own.Any(task => _state.Task(task.Id).IsTouched);

    /// <summary>The same moment on every head of the day that is under way; this one in any case.</summary>
    public IReadOnlyList<Happening> UnderWay =>
        [
            .. _plan
                .Heads.Select(head => head == Head ? this : new Happening(_plan, _state, Now, head, Around))
                .Where(each => each == this || each.IsUnderWay),
        ];

    /// <summary>What hands are on in the kitchen; null when they are not there.</summary>
    public SessionTask? InTheKitchen =>
        _plan.Tasks.FirstOrDefault(task =>
            task.IsHandsOn && _plan.FindHead(task.Strand) is null && _state.Task(task.Id).Status == TaskStatus.Running
        );

    /// <summary>Sections of what hands are on that are done.</summary>
    public int SectionsDone => InHand is null ? 0 : _state.Task(InHand.Id).Sections.Count;

    /// <summary>What works by itself on this head; null when nothing does.</summary>
    public Counting? Counting { get; }

    /// <summary>What lies on this head and has to come off soonest, whether its wait is counting or not; null when nothing does.</summary>
    public OnHead? OnIt =>
        Own.Where(task => task is { Window: not null, Substance: not null })
            .Select(wait => (Wait: wait, Since: OnSince(wait)))
            .Where(each => each.Since is not null)
            .Select(each => new OnHead(each.Wait, each.Since!.Value, _state.Task(each.Wait.Id).Status == TaskStatus.Running))
            .MinBy(on => on.LatestAt);

    /// <summary>What it takes to end a wait now, or one that has not begun together with the covering that leads to it.</summary>
    public IEnumerable<SessionChange> Over(OnHead on) =>
        on.IsCounted
            ? [new SessionChange(ChangeKind.End, on.Wait.Id)]
            : Waiting
                .Where(task => task == on.Wait || task.StepId == on.Wait.StepId)
                .Select(task => new SessionChange(ChangeKind.Skip, task.Id));

    private DateTimeOffset? OnSince(SessionTask wait)
    {
        var real = _state.Task(wait.Id);
        if (real.Status != TaskStatus.Waiting)
        {
            return real.Status == TaskStatus.Running ? real.Start : null;
        }

        var put = OnHair.Contains(wait.Substance!.Value)
            ? (Last?.After?.Lying ?? []).Where(lying => lying.Substance == wait.Substance).Select(lying => lying.Step).ToHashSet()
            : [];
        return Own.Where(task => task.IsHandsOn && task.StepIds.Any(put.Contains)).Select(task => _state.Task(task.Id).End).Max();
    }

    /// <summary>What hands are on; null when none are.</summary>
    public SessionTask? InHand { get; }

    /// <summary>The last step that was begun; null before the first.</summary>
    public SessionStep? Last { get; }

    /// <summary>What lies on the hair now.</summary>
    public IReadOnlyList<Substance> OnHair { get; }

    /// <summary>What lies on the hair and may not stay there.</summary>
    public IReadOnlyList<Substance> MustComeOff => [.. OnHair.Where(substance => Substances.Of(substance).MustBeRinsed)];

    /// <summary>Something that was made in the kitchen was put on this head.</summary>
    public bool HadMixture =>
        Own.Any(task => _state.Task(task.Id).IsTouched && task.StepIds.Any(step => Mixture(_plan.FindStep(step)) is not null));

    /// <summary>Hair that stays damp inside for long and is not slept on wet: locs and braids.</summary>
    public bool IsDense => (Last ?? _plan.Steps.FirstOrDefault(step => step.Head == Head.Key))?.After?.Hang?.IsDense() ?? false;

    public bool IsWet => (Last?.After?.Wetness ?? Wetness.Dry) >= Wetness.Blotted;

    /// <summary>
    /// What has to come off before anybody stops: rinses and washes to do, as far as the one behind which nothing of it is left, and
    /// what stands between them and can go.
    /// </summary>
    public (IReadOnlyList<SessionTask> Do, IReadOnlyList<SessionTask> Leave) UntilRinsed
    {
        get
        {
            var must = MustComeOff;
            var ahead = Waiting.Where(task => task.IsHandsOn).ToList();
            var clean =
                must.Count == 0
                    ? -1
                    : ahead.FindIndex(task =>
                        must.All(substance => Takes(task.TakesOff, substance))
                        || task.StepIds.Select(_plan.FindStep)
                            .OfType<SessionStep>()
                            .Any(step => step.After is { } after && !after.Lying.Any(lying => must.Contains(lying.Substance)))
                    );
            // What was put in because something went wrong is never left out.
            var way = ahead.Take(clean + 1).ToLookup(task => _state.IsInserted(task.Id) || task.StepIds.Any(TakesOff));
            return ([.. way[true]], [.. way[false]]);
        }
    }

    /// <summary>Hands are taking something off; that is finished before anything else is done.</summary>
    public bool IsRinsing => InHand?.StepIds.Any(TakesOff) ?? false;

    /// <summary>What hands are on is put aside, to be taken up again; nothing where they are free, or rinsing.</summary>
    public IEnumerable<SessionChange> LaidDown => InHand is { } task && !IsRinsing ? [new SessionChange(ChangeKind.LayDown, task.Id)] : [];

    /// <summary>What is still to come and can be left out safely, waits with it. What lifts heavy oil stays while there is some.</summary>
    public IReadOnlyList<SessionTask> CanBeSpared =>
        [
            .. Waiting.Where(task =>
                task.IsHandsOn
                && task.StepIds.All(step => SessionPlan.KindOf(step) is { CanBeSpared: true } kind && !(HasHeavyOil && kind.LiftsOil))
            ),
        ];

    /// <summary>What the kitchen does for tasks that are left out.</summary>
    public IEnumerable<SessionTask> KitchenFor(IReadOnlyList<SessionTask> left)
    {
        var steps = left.SelectMany(task => task.StepIds).ToList();
        return _plan.Tasks.Where(task =>
            task.StepId is null
            && _state.Task(task.Id).Status == TaskStatus.Waiting
            && steps.Exists(step => task.Id.StartsWith($"{step}.", StringComparison.Ordinal))
        );
    }

    private bool HasHeavyOil =>
        (Last?.After?.Lying ?? []).Any(lying => Substances.Of(lying.Substance).IsHeavyOil)
        || Waiting.Any(task => task.StepIds.Any(step => SessionPlan.KindOf(step)?.Puts is { } puts && Substances.Of(puts).IsHeavyOil));

    /// <summary>What a task is called, with whose it is where it could be somebody else's: "Deep condition on Ada".</summary>
    public string Titled(SessionTask task)
    {
        var title = task.Title.Split(',')[0];
        return _plan.Heads.Count > 1 && _plan.FindHead(task.Strand) is { } head ? MishapWords.TitleOn(title, head.Name) : title;
    }

    public SessionStep? Step(SessionTask? task) => _plan.FindStep(task?.StepId);

    public SessionMixture? Mixture(SessionStep? step) =>
        step is null ? null : _plan.Mixtures.FirstOrDefault(mixture => mixture.StepId == step.Id);

    /// <summary>Ingredients that ask for a patch test in what lies on the head.</summary>
    public IReadOnlyList<string> Touching =>
        [
            .. (Last?.After?.Lying ?? [])
                .Select(lying => lying.Step)
                .Append(Step(InHand)?.Id ?? "")
                .Distinct()
                .SelectMany(step => _plan.Touches.GetValueOrDefault(step) ?? [])
                .Distinct(),
        ];

    private static bool Takes(Removal removal, Substance substance) =>
        removal >= Removal.Wash || (removal == Removal.RinseOff && !Substances.Of(substance).MustBeWashedOut);

    /// <summary>Whether it was put on before water took it off that nobody had planned.</summary>
    private bool IsRinsedSince(LyingOn lying) =>
        Own.Where(task => Takes(task.TakesOff, lying.Substance))
            .Select(task => _state.Task(task.Id))
            .Any(rinse =>
                rinse is { Status: TaskStatus.Done, End: { } rinsed }
                && Own.Where(task => task.StepIds.Contains(lying.Step)).All(task => !(_state.Task(task.Id).Start >= rinsed))
            );

    private static bool TakesOff(string step) => SessionPlan.KindOf(step)?.Removes is Removal.RinseOff or Removal.Wash or Removal.Clarify;

    /// <summary>Work that is put in before everything else on this head.</summary>
    public SessionChange Insert(
        string slug,
        string title,
        double minutes,
        IReadOnlyList<Resource> needs,
        string? behind = null,
        Removal takesOff = Removal.None
    )
    {
        var by = InHand?.By
            ?? Own.FirstOrDefault(task => task.IsHandsOn && _state.Task(task.Id).Status != TaskStatus.Done)?.By
            ?? Own.LastOrDefault(task => task.By is not null)?.By;
        var id = $"{Head.Key}/off-{_state.Inserted.Count + 1}-{slug}";
        return new SessionChange(
            ChangeKind.Insert,
            id,
            0,
            new SessionTask(id, null, Head.Key, title, true, 0, null, "", [Resource.Hands, .. needs], 0, Math.Round(minutes))
            {
                By = by,
                TakesOff = takesOff,
            },
            behind
        );
    }

    /// <summary>
    /// Combing that comes off with what lies on the hair is done further on, behind a task: slip comes from what is on then.
    /// </summary>
    public SessionChange PutOff(SessionTask task, string behind)
    {
        var combing = task.StepIds.First(Detangles);
        var share = 1.0 / task.StepIds.Count();
        return new SessionChange(
            ChangeKind.PutOff,
            task.Id,
            0,
            task with
            {
                Id = $"{Head.Key}/off-{_state.Inserted.Count + 1}-{SessionPlan.KindOf(combing)!.Id}",
                StepId = combing,
                Also = null,
                Title = _plan.FindStep(combing)!.Name,
                Words = null,
                PlannedMinutes = Math.Round(task.PlannedMinutes * share),
                NotBefore = null,
            },
            behind
        );
    }

    /// <summary>Whether a step combs through.</summary>
    public static bool Detangles(string step) => SessionPlan.KindOf(step)?.Detangles ?? false;

    /// <summary>A way to go on, with the end it leads to.</summary>
    public Way Way(string id, string label, IEnumerable<string> sentences, params IReadOnlyList<SessionChange> changes)
    {
        var changed = SessionFold.Change(_plan, _state, changes, Now);
        var moment = SessionTiming.At(_plan, changed, Now);
        return new Way(id, label, [.. sentences], changes, moment.EndsAt)
        {
            PutUpAt = changes
                .Where(change => change.Work is { Parks: true })
                .Select(change => (DateTimeOffset?)moment.Times[change.Task].End)
                .Max(),
        };
    }

    /// <summary>Substances by name: "clay and egg mask".</summary>
    public static string Names(IEnumerable<Substance> substances) =>
        Say.List([.. substances.Select(substance => Substances.Of(substance).Name).Distinct()]);
}
