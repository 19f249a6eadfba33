using FluentValidation;
using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Physics;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Routines;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;
using Kamuri.Store.Household;
using Kamuri.Web.Heads;

namespace Kamuri.Web.Plans;

/// <summary>How a moment is meant.</summary>
public enum WhenMode
{
    /// <summary>Now, or in the morning when it would run into the night.</summary>
    Soonest,
    StartNow,
    StartAt,
    ReadyBy,
}

/// <summary>When, on the household's wall clock.</summary>
/// <param name="Mode">From a start, or ready and dry by.</param>
/// <param name="Date">The household's date; today when left out.</param>
/// <param name="Time">Wall-clock time; needed unless starting now.</param>
public sealed record WhenBody(WhenMode Mode, DateOnly? Date = null, TimeOnly? Time = null)
{
    /// <summary>Whether it names an hour.</summary>
    internal bool HasHour => Mode is WhenMode.StartAt or WhenMode.ReadyBy;

    /// <summary>From a start on the household's clock.</summary>
    internal static WhenBody At(DateTime start) =>
        new(WhenMode.StartAt, DateOnly.FromDateTime(start), TimeOnly.FromDateTime(start)) { IsOurs = true };

    /// <summary>Whether nobody named the hour: one that goes by while it is planned is no mistake, the day begins at once.</summary>
    internal bool IsOurs { get; private init; }
}

/// <summary>What an edit does.</summary>
public enum EditKind
{
    Drop,
    Add,
    Move,
    Minutes,
    Places,
    Heat,
    Water,
    Direction,
    Dryness,
    Pieces,
    Override,
    Duplicate,
    MoveAll,
    OrderByPhase,
    Together,
}

/// <summary>One change to the composed plan. Which other fields count depends on the kind.</summary>
public sealed record EditBody
{
    public required EditKind Kind { get; init; }

    /// <summary>The step that is changed; for every kind but add, move all, order by phase and override.</summary>
    public string? Step { get; init; }

    /// <summary>The catalogue id of the step to add.</summary>
    public string? StepKind { get; init; }

    /// <summary>For add and move: the step to come behind; null for the front.</summary>
    public string? After { get; init; }

    public double? Minutes { get; init; }
    public IReadOnlyList<Places>? Places { get; init; }
    public Heat? Heat { get; init; }
    public WaterTemperature? Water { get; init; }
    public Direction? Direction { get; init; }

    /// <summary>0.8 or 0.95.</summary>
    public double? Dryness { get; init; }

    public int? Pieces { get; init; }

    /// <summary>For move all: the steps, in the order they are to stand in.</summary>
    public IReadOnlyList<string>? Steps { get; init; }

    /// <summary>For together: whether the step is worked section by section with the one before it.</summary>
    public bool? Together { get; init; }

    /// <summary>For override: the rule whose stop is overridden.</summary>
    public string? Rule { get; init; }

    /// <summary>For override: why.</summary>
    public string? Reason { get; init; }

    internal PlanEdit ToEdit() =>
        Kind switch
        {
            EditKind.Drop => new DropStep(Step!),
            EditKind.Add => new AddStep(StepKind!, After),
            EditKind.Move => new MoveStep(Step!, After),
            EditKind.Minutes => new SetMinutes(Step!, Minutes!.Value),
            EditKind.Places => new SetPlaces(Step!, Places!.Aggregate(Core.Steps.Places.None, (all, one) => all | one)),
            EditKind.Heat => new SetHeat(Step!, Heat!.Value),
            EditKind.Water => new SetWater(Step!, Water!.Value),
            EditKind.Direction => new SetDirection(Step!, Direction!.Value),
            EditKind.Dryness => new SetDryness(Step!, Dryness!.Value),
            EditKind.Pieces => new SetPieces(Step!, Pieces!.Value),
            EditKind.Duplicate => new DuplicateStep(Step!),
            EditKind.MoveAll => new MoveSteps(Steps!, After),
            EditKind.OrderByPhase => new OrderByPhase(),
            EditKind.Together => new SetTogether(Step!, Together!.Value),
            _ => new OverrideStop(Rule!, Reason!),
        };

    internal static EditBody From(PlanEdit edit) =>
        edit switch
        {
            DropStep e => new EditBody { Kind = EditKind.Drop, Step = e.Step },
            AddStep e => new EditBody
            {
                Kind = EditKind.Add,
                StepKind = e.Kind,
                After = e.After,
            },
            MoveStep e => new EditBody
            {
                Kind = EditKind.Move,
                Step = e.Step,
                After = e.After,
            },
            SetMinutes e => new EditBody
            {
                Kind = EditKind.Minutes,
                Step = e.Step,
                Minutes = e.Minutes,
            },
            SetPlaces e => new EditBody
            {
                Kind = EditKind.Places,
                Step = e.Step,
                Places = PlaceNames(e.Places),
            },
            SetHeat e => new EditBody
            {
                Kind = EditKind.Heat,
                Step = e.Step,
                Heat = e.Heat,
            },
            SetWater e => new EditBody
            {
                Kind = EditKind.Water,
                Step = e.Step,
                Water = e.Water,
            },
            SetDirection e => new EditBody
            {
                Kind = EditKind.Direction,
                Step = e.Step,
                Direction = e.Direction,
            },
            SetDryness e => new EditBody
            {
                Kind = EditKind.Dryness,
                Step = e.Step,
                Dryness = e.Dryness,
            },
            SetPieces e => new EditBody
            {
                Kind = EditKind.Pieces,
                Step = e.Step,
                Pieces = e.Pieces,
            },
            DuplicateStep e => new EditBody { Kind = EditKind.Duplicate, Step = e.Step },
            MoveSteps e => new EditBody
            {
                Kind = EditKind.MoveAll,
                Steps = e.Steps,
                After = e.After,
            },
            OrderByPhase => new EditBody { Kind = EditKind.OrderByPhase },
            SetTogether e => new EditBody
            {
                Kind = EditKind.Together,
                Step = e.Step,
                Together = e.Together,
            },
            OverrideStop e => new EditBody
            {
                Kind = EditKind.Override,
                Rule = e.Rule,
                Reason = e.Reason,
            },
            _ => throw new ArgumentOutOfRangeException(nameof(edit)),
        };

    internal static IReadOnlyList<Places> PlaceNames(Places places) =>
        [.. Enum.GetValues<Places>().Where(place => place != Core.Steps.Places.None && places.HasFlag(place))];
}

/// <summary>How hair comes to a day.</summary>
/// <param name="Comes">Dry, damp, just washed, in twists, or with a treatment on it.</param>
/// <param name="On">The kind of step that put it there; only for a treatment.</param>
/// <param name="Since">Since when it is on, wall clock; a time that is still to come was yesterday.</param>
public sealed record StartsBody(HairComes Comes, string? On = null, TimeOnly? Since = null)
{
    /// <summary>As the core counts it.</summary>
    /// <param name="start">When the day begins, on the household's clock.</param>
    internal StartingHair ToStarting(DateTimeOffset start)
    {
        var at = start.Date.Add((Since ?? TimeOnly.FromDateTime(start.DateTime)).ToTimeSpan());
        var minutes = (start.DateTime - (at > start.DateTime ? at.AddDays(-1) : at)).TotalMinutes;
        return new StartingHair(Comes, On is null ? null : StepCatalogue.Get(On), Math.Floor(minutes));
    }
}

/// <summary>A plan as it is asked for.</summary>
public sealed record PlanBody
{
    /// <summary>The head it is for; or <see cref="Head"/> for one that is not kept.</summary>
    public Guid? HeadId { get; init; }

    /// <summary>A whole head, for scripts and for trying things out; instead of <see cref="HeadId"/>.</summary>
    public HeadBody? Head { get; init; }

    public required Aim Aim { get; init; }
    public required EndStyle Style { get; init; }
    public required WhenBody When { get; init; }

    /// <summary>Null lets the aim decide.</summary>
    public bool? TeaRinse { get; init; }

    /// <summary>What warms treatments; null takes the school.</summary>
    public Heat? TreatmentHeat { get; init; }

    public Air DryingAir { get; init; } = Air.Still;

    /// <summary>Sides taken where practitioners disagree; null takes the head's own.</summary>
    public Schools? Schools { get; init; }

    /// <summary>What the wet-strand stretch check said; null when it was not made.</summary>
    public StretchCheck? Stretch { get; init; }

    /// <summary>Whether the day ends in bed, so that a scarf is part of it.</summary>
    public bool EndsInBed { get; init; }

    /// <summary>For a head in a protective style: it is taken down first, and washed as hair that was just taken down.</summary>
    public bool TakesDown { get; init; }

    /// <summary>What is on record; null takes it from the head's own sessions.</summary>
    public HistoryBody? History { get; init; }

    /// <summary>What steps are done with, by step id or kind.</summary>
    public IReadOnlyDictionary<string, UseBody> Uses { get; init; } = new Dictionary<string, UseBody>();

    /// <summary>Id of a shipped routine; null takes the one that is best for head and aim.</summary>
    public string? Routine { get; init; }

    /// <summary>The steps of this head's last finished day once more.</summary>
    public bool AsLastTime { get; init; }

    /// <summary>How the hair comes to the day; null for how the head is worn: in its twists, or dry.</summary>
    public StartsBody? Starts { get; init; }

    /// <summary>Null takes the head's own school.</summary>
    public Layering? Layering { get; init; }

    /// <summary>Null takes the head's habit or lets the core choose.</summary>
    public int? Sections { get; init; }

    /// <summary>A kept day to take the steps from; null composes them.</summary>
    public Guid? TemplateId { get; init; }

    /// <summary>The steps to take as they are; null composes them, or takes them from the kept day.</summary>
    public IReadOnlyList<StepBody>? Steps { get; init; }

    public IReadOnlyList<EditBody> Edits { get; init; } = [];

    /// <summary>Puts head, house and clock to what was asked.</summary>
    internal PlanRequest ToRequest(Head head, History history, HouseholdRow house, HouseTime time) =>
        new()
        {
            Head = TakesDown ? head with { Wear = head.Wear.TakenDownOn(When.Date ?? time.Today) } : head,
            TakesDown = TakesDown && head.Wear.Style is not null,
            Aim = RoutineCatalogue.Find(Routine)?.For(Aim) ?? Aim,
            Style = Style,
            Routine = Routine,
            Starts = Starts is null
                ? StartingHair.Of(head)
                : Starts.ToStarting(Moment(time) is var when && when.StartAt is { } at ? at : when.Now),
            When = Moment(time),
            Today = When.Date ?? time.Today,
            Room = house.ToRoom(),
            Equipment = house.ToEquipment(),
            TeaRinse = TeaRinse,
            TreatmentHeat = TreatmentHeat,
            DryingAir = DryingAir,
            Schools = Schools,
            Stretch = Stretch,
            EndsInBed = EndsInBed,
            History = History?.ToHistory() ?? history,
            Uses = Uses.ToDictionary(use => use.Key, use => use.Value.ToUse()),
            Layering = Layering,
            Sections = Sections,
            Steps = Steps is null ? null : StepBody.ToSteps(Steps),
            Edits = [.. Edits.Select(edit => edit.ToEdit())],
        };

    internal DateTimeOffset? Wanted(HouseTime time) =>
        When.Time is { } wall && When.HasHour ? time.At(When.Date ?? time.Today, wall) : null;

    private When Moment(HouseTime time)
    {
        // A plan speaks in whole minutes, so the present is the minute that has begun.
        var local = time.Local(time.Now);
        var now = local.AddTicks(-(local.Ticks % TimeSpan.TicksPerMinute));
        return new When(now, When.Mode == WhenMode.StartAt ? Wanted(time) : null, When.Mode == WhenMode.ReadyBy ? Wanted(time) : null)
        {
            Zone = time.Zone,
        };
    }
}

/// <summary>What can be asked for.</summary>
internal sealed class PlanBodyValidator : AbstractValidator<PlanBody>
{
    private const int MostEdits = 200;
    private const int MostDaysAhead = 60;
    private const double MostMinutes = 720;

    public PlanBodyValidator(HouseTime time, HouseholdRow house)
    {
        RuleFor(plan => plan.HeadId).Must((plan, id) => id is null != plan.Head is null).WithMessage(PlanErrors.SendAHeadItsIdOr);
        RuleFor(plan => plan.Head!).SetValidator(new HeadBodyValidator(time.Today)).When(plan => plan.Head is not null);
        RuleFor(plan => plan.Stretch).IsInEnum().WithMessage(PlanErrors.KamuriDoesNotKnowThisStretch);
        RuleFor(plan => plan.Uses.Count)
            .LessThanOrEqualTo(MostEdits)
            .OverridePropertyName("uses")
            .WithMessage(PlanErrors.UseAtMostMostEditsThings($"{MostEdits}"));
        RuleFor(plan => plan.Uses)
            .Must(uses => uses.Values.All(use => use is not null && use.IsSound))
            .WithMessage(PlanErrors.GiveEachProductOrMixtureA);
        RuleFor(plan => plan.Aim).IsInEnum().WithMessage(PlanErrors.KamuriDoesNotKnowThisAim);
        RuleFor(plan => plan.Routine)
            .Must(routine => routine is null || RoutineCatalogue.Find(routine) is not null)
            .WithMessage(PlanErrors.ThereIsNoSuchRoutine);
        RuleFor(plan => plan.Starts!).ChildRules(Starts).When(plan => plan.Starts is not null);
        RuleFor(plan => plan.Starts)
            .Must((plan, starts) => starts is null or { Comes: HairComes.Dry } || !plan.TakesDown)
            .WithMessage(PlanErrors.HairInAStyleComesDownFirst);
        RuleFor(plan => plan.Style).IsInEnum().WithMessage(PlanErrors.KamuriDoesNotKnowThisStyle);
        RuleFor(plan => plan.Layering).IsInEnum().WithMessage(PlanErrors.KamuriDoesNotKnowThisSchool);
        RuleFor(plan => plan.When).NotNull().WithMessage(PlanErrors.ChooseWhen);
        When(
            plan => plan.When is not null,
            () =>
            {
                RuleFor(plan => plan.When.Mode).IsInEnum().WithMessage(PlanErrors.KamuriDoesNotKnowThisWay);
                RuleFor(plan => plan.When.Time).NotNull().When(plan => plan.When.HasHour).WithMessage(PlanErrors.EnterATime);
                RuleFor(plan => plan.When.Date)
                    .Must(date => date is null || date.Value >= time.Today)
                    .WithMessage(PlanErrors.ThatDayIsOver)
                    .Must(date => date is null || date.Value.DayNumber - time.Today.DayNumber <= MostDaysAhead)
                    .WithMessage(PlanErrors.ChooseADayWithinTheNext($"{MostDaysAhead}"));
                RuleFor(plan => plan.When.Time)
                    .Must((plan, _) => plan.Wanted(time) is not { } wanted || wanted > time.Now)
                    .When(plan => !plan.When.IsOurs && (plan.When.Date is null || plan.When.Date >= time.Today))
                    .WithMessage(plan => PlanErrors.TimeHasPassedChooseALater(Say.Clock(plan.When.Time!.Value)));
            }
        );
        RuleFor(plan => plan.TreatmentHeat)
            .IsInEnum()
            .WithMessage(PlanErrors.KamuriDoesNotKnowThisKind)
            .Must(heat => heat != Heat.None)
            .WithMessage(PlanErrors.ChooseACapTheHoodOr)
            .Must(heat => heat != Heat.Hood || house.Hoods > 0)
            .WithMessage(PlanErrors.ThereIsNoHoodInThe)
            .Must(heat => heat != Heat.Steamer || house.Steamers > 0)
            .WithMessage(PlanErrors.ThereIsNoSteamerInThe);
        RuleFor(plan => plan.DryingAir)
            .IsInEnum()
            .WithMessage(PlanErrors.KamuriDoesNotKnowThisWay2)
            .Must(air => air != Air.HoodLow || house.Hoods > 0)
            .WithMessage(PlanErrors.ThereIsNoHoodInThe);
        RuleFor(plan => plan.Sections)
            .InclusiveBetween(HeadLimits.FewestSections, HeadLimits.MostSections)
            .WithMessage(
                PlanErrors.ChooseFewestSectionsToMostSectionsSections($"{HeadLimits.FewestSections}", $"{HeadLimits.MostSections}")
            );
        RuleFor(plan => plan.Edits)
            .NotNull()
            .WithMessage(PlanErrors.SendTheEditsAsAList)
            .Must(edits => edits is null || edits.Count <= MostEdits)
            .WithMessage(PlanErrors.MakeAtMostMostEditsChangesTo($"{MostEdits}"));
        RuleForEach(plan => plan.Edits).NotNull().WithMessage(PlanErrors.WhichChange).ChildRules(Edit);
        RuleFor(plan => plan.History)
            .Must(history => history is null || history.LastDone.All(done => done is not null && done.On <= time.Today))
            .WithMessage(PlanErrors.GiveATreatmentAndADay)
            .Must(history => history is null || history.LastDone.All(done => done is null || Enum.IsDefined(done.Treatment)))
            .WithMessage(PlanErrors.KamuriDoesNotKnowThisTreatment);
        RuleFor(plan => plan.Schools)
            .Must(schools => schools is null || HeadBodyValidator.AreKnown(schools))
            .WithMessage(PlanErrors.KamuriDoesNotKnowThisSchool2);
        RuleFor(plan => plan.Steps)
            .Must((plan, steps) => steps is null || plan.TemplateId is null)
            .WithMessage(PlanErrors.TakeTheStepsFromASaved)
            .Must(steps => steps is null || steps.Count <= MostEdits)
            .WithMessage(PlanErrors.UseAtMostMostEditsStepsIn($"{MostEdits}"))
            .Must(steps =>
                steps is null || steps.Select(step => step?.Id).OfType<string>().GroupBy(id => id).All(group => group.Count() == 1)
            )
            .WithMessage(PlanErrors.GiveEveryStepItsOwnName);
        RuleForEach(plan => plan.Steps).NotNull().WithMessage(PlanErrors.WhichStep).ChildRules(Step);
    }

    private static void Starts(InlineValidator<StartsBody> starts)
    {
        starts.RuleFor(each => each.Comes).IsInEnum().WithMessage(PlanErrors.KamuriDoesNotKnowThisStart);
        starts
            .RuleFor(each => each.On)
            .Must((each, on) => on is null != (each.Comes == HairComes.Treated))
            .WithMessage(PlanErrors.SayWhatIsOn)
            .Must(on => on is null || StartingHair.Treatments.Any(kind => kind.Id == on))
            .WithMessage(PlanErrors.NobodyBeginsWithThisOn);
    }

    private static void Step(InlineValidator<StepBody> step)
    {
        step.RuleFor(each => each.Kind)
            .Must(kind => kind is not null && StepCatalogue.Find(kind) is not null)
            .WithMessage(PlanErrors.ThereIsNoSuchStepIn);
        step.RuleFor(each => each.Id)
            .Length(1, HeadLimits.LongestName)
            .When(each => each.Id is not null)
            .WithMessage(PlanErrors.TheNameOfAStepHas($"{HeadLimits.LongestName}"));
        step.RuleForEach(each => each.Places).IsInEnum().WithMessage(PlanErrors.KamuriDoesNotKnowThisPlace);
        step.RuleFor(each => each.Direction).IsInEnum().WithMessage(PlanErrors.KamuriDoesNotKnowThisWay3);
        step.RuleFor(each => each.Water).IsInEnum().WithMessage(PlanErrors.KamuriDoesNotKnowThisWater);
        step.RuleFor(each => each.Heat).IsInEnum().WithMessage(PlanErrors.KamuriDoesNotKnowThisKind);
        step.RuleFor(each => each.Air).IsInEnum().WithMessage(PlanErrors.KamuriDoesNotKnowThisWay2);
        step.RuleFor(each => each.Dryness).Must(dryness => dryness is 0.8 or 0.95).WithMessage(PlanErrors.ChooseADrynessOf08);
        step.RuleFor(each => each.Minutes)
            .Must(minutes => minutes is null or (>= 0 and <= MostMinutes))
            .WithMessage(PlanErrors.MinutesUpTo($"{MostMinutes}"));
        step.RuleFor(each => each.Pieces)
            .InclusiveBetween(1, HeadLimits.MostLocs)
            .WithMessage(PlanErrors.Enter1ToMostLocsPieces($"{HeadLimits.MostLocs}"));
        step.RuleFor(each => each.AmountFactor).InclusiveBetween(0.1, 5).WithMessage(PlanErrors.EnterATenthToFiveTimes);
    }

    private static void Edit(InlineValidator<EditBody> edit)
    {
        edit.RuleFor(each => each.Steps)
            .Must(steps => steps is { Count: > 0 } && steps.All(step => !string.IsNullOrEmpty(step)))
            .When(each => each.Kind == EditKind.MoveAll)
            .WithMessage(PlanErrors.WhichSteps);
        edit.RuleFor(each => each.Together).NotNull().When(each => each.Kind == EditKind.Together).WithMessage(PlanErrors.TogetherOrApart);
        edit.RuleFor(each => each.Kind).IsInEnum().WithMessage(PlanErrors.KamuriDoesNotKnowThisKind2);
        edit.RuleFor(each => each.Step)
            .NotEmpty()
            .When(each => each.Kind is not (EditKind.Add or EditKind.Override or EditKind.MoveAll or EditKind.OrderByPhase))
            .WithMessage(PlanErrors.WhichStep);
        edit.RuleFor(each => each.StepKind)
            .NotEmpty()
            .When(each => each.Kind == EditKind.Add)
            .WithMessage(PlanErrors.WhichKindOfStep)
            .Must(kind => kind is null || StepCatalogue.Find(kind) is not null)
            .WithMessage(PlanErrors.ThereIsNoSuchStepIn);
        edit.RuleFor(each => each.Minutes)
            .NotNull()
            .When(each => each.Kind == EditKind.Minutes)
            .WithMessage(PlanErrors.HowManyMinutes)
            .Must(minutes => minutes is null or (>= 0 and <= MostMinutes))
            .WithMessage(PlanErrors.MinutesUpTo($"{MostMinutes}"));
        edit.RuleFor(each => each.Places).NotEmpty().When(each => each.Kind == EditKind.Places).WithMessage(PlanErrors.WhichPlaces);
        edit.RuleForEach(each => each.Places).IsInEnum().WithMessage(PlanErrors.KamuriDoesNotKnowThisPlace);
        edit.RuleFor(each => each.Water)
            .NotNull()
            .When(each => each.Kind == EditKind.Water)
            .WithMessage(PlanErrors.WhichWater)
            .IsInEnum()
            .WithMessage(PlanErrors.KamuriDoesNotKnowThisWater);
        edit.RuleFor(each => each.Direction)
            .NotNull()
            .When(each => each.Kind == EditKind.Direction)
            .WithMessage(PlanErrors.WhichWay)
            .IsInEnum()
            .WithMessage(PlanErrors.KamuriDoesNotKnowThisWay3);
        edit.RuleFor(each => each.Dryness)
            .NotNull()
            .When(each => each.Kind == EditKind.Dryness)
            .WithMessage(PlanErrors.HowDry)
            .Must(dryness => dryness is null or 0.8 or 0.95)
            .WithMessage(PlanErrors.ChooseADrynessOf08);
        edit.RuleFor(each => each.Pieces)
            .NotNull()
            .When(each => each.Kind == EditKind.Pieces)
            .WithMessage(PlanErrors.HowMany)
            .InclusiveBetween(1, HeadLimits.MostLocs)
            .WithMessage(PlanErrors.Enter1ToMostLocsPieces($"{HeadLimits.MostLocs}"));
        edit.RuleFor(each => each.Rule).NotEmpty().When(each => each.Kind == EditKind.Override).WithMessage(PlanErrors.WhichStop);
        edit.RuleFor(each => each.Reason)
            .NotEmpty()
            .When(each => each.Kind == EditKind.Override)
            .WithMessage(PlanErrors.GiveAReasonForContinuingIn)
            .MaximumLength(HeadLimits.LongestNote)
            .WithMessage(PlanErrors.AReasonCanHaveAtMost($"{HeadLimits.LongestNote}"));
        edit.RuleFor(each => each.Heat)
            .NotNull()
            .When(each => each.Kind == EditKind.Heat)
            .WithMessage(PlanErrors.WhichHeat)
            .IsInEnum()
            .WithMessage(PlanErrors.KamuriDoesNotKnowThisKind);
    }
}
