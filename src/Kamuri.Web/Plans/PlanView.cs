using Kamuri.Core.Composing;
using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Planning;
using Kamuri.Core.Routines;
using Kamuri.Core.Steps;

namespace Kamuri.Web.Plans;

/// <summary>A wait of a step, with its window in whole minutes.</summary>
public sealed record WaitView(
    string Title,
    double Earliest,
    double Usual,
    double Latest,
    double Planned,
    string Working,
    string AfterLatest,
    bool CanBeChanged
);

/// <summary>The hair at one moment: how wet, what lies on it, how warm, and whether it is dry to the core.</summary>
public sealed record HairView(
    Wetness Wetness,
    IReadOnlyList<LyingView> OnHair,
    IReadOnlyList<LyingView> OnScalp,
    Heat Warmth,
    bool FullyDry
)
{
    private const Places Hair = Core.Steps.Places.Lengths | Core.Steps.Places.Ends | Core.Steps.Places.Roots | Core.Steps.Places.Edges;

    internal static HairView Of(HairState state) =>
        new(
            state.Wetness,
            [.. state.Deposits.Where(deposit => (deposit.Places & Hair) != 0).Select(Lying).Distinct()],
            [.. state.Deposits.Where(deposit => deposit.Places.HasFlag(Core.Steps.Places.Scalp)).Select(Lying).Distinct()],
            state.Covered,
            state.FullyDry
        );

    private static LyingView Lying(Deposit deposit) => new(deposit.Facts.Name, deposit.Substance);
}

/// <summary>Something that lies on hair or scalp.</summary>
public sealed record LyingView(string Name, Substance Substance);

/// <summary>A step as shown in the plan.</summary>
/// <param name="Phase">The phase it stands in: what prepares or finishes a treatment stands in the treatment's.</param>
/// <param name="CanBeTogether">Whether it and the step before it can be worked section by section together.</param>
/// <param name="IsDrying">Waits for the hair to dry.</param>
/// <param name="DayBreak">The first step of another day, after a night.</param>
public sealed record StepView(
    string Id,
    string Kind,
    string Name,
    Phase Phase,
    string Instruction,
    string Reason,
    StepOrigin Origin,
    IReadOnlyList<Places> Places,
    Direction Direction,
    WaterTemperature Water,
    HairView Before,
    HairView After,
    Heat Heat,
    double HandsOnMinutes,
    string HandsOnWorking,
    int Sections,
    WaitView? Wait,
    MeasuredAmount? Amount,
    string? AmountWorking,
    IReadOnlyList<string> Cautions,
    DateTimeOffset Start,
    DateTimeOffset End,
    double Dryness,
    int? Pieces,
    bool WithPrevious,
    bool CanBeTogether,
    bool TakesHeat,
    bool IsDrying,
    bool DayBreak,
    UseLine? Use
)
{
    /// <summary>What will be seen there, said beforehand; null for nothing worth saying.</summary>
    public string? Expect { get; init; }
}

/// <summary>What a step is done with, in words.</summary>
/// <param name="IsMade">It is made for this plan.</param>
public sealed record UseLine(string Name, IReadOnlyList<string> Ingredients, Guid? ProductId, Guid? BatchId, Guid? FormulaId, bool IsMade);

/// <summary>A line of a mixture.</summary>
public sealed record MixtureLine(string Name, MeasuredAmount Amount, string? Instead);

/// <summary>What a mixture cools from, to be watched.</summary>
public sealed record CoolingView(Vessel Vessel, double VolumeMl, double FromCelsius);

/// <summary>A mixture that is made for a step.</summary>
/// <param name="Ahead">One sentence for each thing to start before the day; empty when there is none.</param>
/// <param name="BeginBy">The latest time to start it.</param>
/// <param name="BestBegun">The best time to start it.</param>
public sealed record MixtureView(
    string Step,
    string StepName,
    Guid FormulaId,
    string Name,
    MeasuredAmount Makes,
    IReadOnlyList<MixtureLine> Lines,
    IReadOnlyList<MeasuredWords> Method,
    IReadOnlyList<MeasuredWords> Taken,
    IReadOnlyList<string> Remarks,
    IReadOnlyList<MeasuredWords> Ahead,
    DateTimeOffset? BeginBy,
    DateTimeOffset? BestBegun,
    bool TooLate,
    string Keeps,
    CoolingView? Cools
)
{
    internal static MixtureView Of(PlannedMixture mixture, Room room, CraftFigures figures)
    {
        var scaled = mixture.Cooking.Mixture;
        return new MixtureView(
            mixture.Step.Id,
            mixture.Step.Kind.Name,
            scaled.Formula.Id,
            scaled.Formula.Name,
            Kitchen.FormulaEndpoints.Ways(scaled.Makes, figures),
            [.. scaled.Lines.Select(line => new MixtureLine(line.Ingredient.Name, line.Amount, line.Instead))],
            [.. mixture.Cooking.OnTheDay.SelectMany(step => Kitchen.FormulaEndpoints.Words(step, room, figures))],
            [.. mixture.Cooking.Taken.Select(taken => taken.Sentence)],
            [.. scaled.Remarks, .. mixture.Cooking.RestSentence is { } rest ? [rest] : Array.Empty<string>()],
            [.. (mixture.Cooking.Ahead?.Steps ?? []).SelectMany(step => Kitchen.FormulaEndpoints.Words(step, room, figures))],
            mixture.BeginBy,
            mixture.BestBegun,
            mixture.TooLate,
            scaled.Formula.Keep.Words,
            scaled.Formula.Method.Any(step => step.Cools)
                ? new CoolingView(
                    scaled.Formula.Vessel,
                    Math.Round(scaled.Makes.Value),
                    (scaled.Formula.HotAt ?? figures.Cooling.Strained).Value
                )
                : null
        );
    }
}

/// <summary>A task as drawn in the plait.</summary>
public sealed record TaskView(
    string Id,
    string? Step,
    IReadOnlyList<string> Also,
    string Strand,
    string Title,
    bool IsHandsOn,
    int Sections,
    Window? Window,
    Substance? Substance,
    bool IsOvernight,
    DateTimeOffset Start,
    DateTimeOffset End
)
{
    /// <summary>The title with its amounts in each way of measuring; null when there are none in it.</summary>
    public MeasuredWords? Words { get; init; }

    /// <summary>Whose hands do it; null when one pair does everything.</summary>
    public string? By { get; init; }

    /// <summary>The head it is for, in a day with several.</summary>
    public Guid? HeadId { get; init; }
}

/// <summary>A fix that can be accepted with one press: a list of edits to append.</summary>
public sealed record FixView(string Label, IReadOnlyList<EditBody> Edits);

/// <summary>What a rule says.</summary>
public sealed record FindingView(
    string Rule,
    Severity Severity,
    string Reason,
    IReadOnlyList<string> Steps,
    FixView? Fix,
    bool IsSafety,
    string? Overridden,
    IReadOnlyList<string> PatchTest
);

/// <summary>A step that could be spared.</summary>
public sealed record SparingView(string Step, string Name, double MinutesSaved, IReadOnlyList<EditBody> Edits);

/// <summary>The day in three figures, in minutes.</summary>
public sealed record Totals(double WholeMinutes, double HandsOnMinutes, double RestMinutes);

/// <summary>A whole plan as shown.</summary>
public sealed record PlanView(
    Guid HeadId,
    string HeadName,
    SizeLine Size,
    IReadOnlyList<Section> Sections,
    IReadOnlyList<Zone> FragileZones,
    IReadOnlyList<StepView> Steps,
    IReadOnlyList<TaskView> Tasks,
    IReadOnlyList<FindingView> Findings,
    IReadOnlyList<RefusedEdit> RefusedEdits,
    DateTimeOffset Start,
    DateTimeOffset End,
    DateTimeOffset NineInTenBy,
    DateTimeOffset NotBefore,
    bool Proven,
    DateTimeOffset? ReadyBy,
    double MinutesOver,
    IReadOnlyList<SparingView> CouldSpare,
    bool CanStart,
    string FinishSentence,
    IReadOnlyList<string> More,
    string? TimeTrouble,
    bool UsesTea,
    IReadOnlyList<LeftOut> LeftOut,
    string KindWords,
    Totals Totals,
    IReadOnlyList<EditBody> MendAll,
    IReadOnlyList<SchoolConflict> SchoolConflicts,
    bool IsWashDay,
    bool InPhaseOrder,
    IReadOnlyList<MixtureView> Mixtures,
    Core.Learning.Hand Hand,
    PlanCost Cost
)
{
    /// <summary>The household's clocks change before it is over; null when they do not.</summary>
    public ClockChange? ClocksChange { get; init; }

    /// <summary>Asks how porous the hair is, when that matters to this day; null when it does not.</summary>
    public PorosityQuestionView? PorosityQuestion { get; init; }

    /// <summary>What it needs; empty within a day of several heads, which has one list for all of them.</summary>
    public IReadOnlyList<NeedView> Needs { get; init; } = [];

    /// <summary>It starts, or has work for hands, while people sleep: the hours that could be left out; null when there are none.</summary>
    public HouseholdPlans.StretchBody? Night { get; init; }

    /// <summary>The same in a sentence, or that hair is still drying then.</summary>
    public string? NightSentence { get; init; }

    /// <summary>Why it begins in the morning, though it was asked for as soon as can be; null when it does not.</summary>
    public string? PutOff { get; init; }

    internal static PlanView Of(Plan plan, CraftFigures figures) =>
        new(
            plan.Request.Head.Id,
            plan.Request.Head.Name,
            new SizeLine(plan.Size.Mass.Value, plan.Size.Surface.Value, plan.Tangle),
            plan.Sections,
            [.. plan.Request.Head.FragileZones.Select(fragile => fragile.Zone)],
            [
                .. plan
                    .Steps.Zip(PhaseOrder.Of([.. plan.Steps.Select(step => step.Step)]))
                    .Select((pair, at) => Step(plan, pair.First, pair.Second, at)),
            ],
            [.. plan.Tasks.Select(Task)],
            [
                .. plan
                    .Findings.OrderByDescending(finding => finding.Severity)
                    .Select(finding => new FindingView(
                        finding.Rule,
                        finding.Severity,
                        finding.Reason,
                        finding.Steps,
                        finding.Fix is { } fix ? new FixView(fix.Label, [.. fix.Edits.Select(EditBody.From)]) : null,
                        finding.IsSafety,
                        finding.Overridden,
                        finding.PatchTest
                    )),
            ],
            plan.Refused,
            plan.Start,
            plan.End,
            plan.NineInTenBy,
            plan.NotBefore,
            plan.Proven,
            plan.Fit.ReadyBy,
            plan.Fit.MinutesOver,
            [
                .. plan.Fit.CouldSpare.Select(sparing => new SparingView(
                    sparing.Step,
                    sparing.Name,
                    sparing.MinutesSaved,
                    [.. sparing.Edits.Select(EditBody.From)]
                )),
            ],
            !plan.HasStop && plan.Tasks.Count > 0,
            PlanSentences.Finish(plan),
            PlanSentences.More(plan, figures),
            PlanSentences.Trouble(plan),
            plan.Steps.Any(step => step.Step.Kind.Id == StepIds.TeaRinse),
            plan.LeftOut,
            plan.Request.Head.Wear.Words,
            new Totals((plan.End - plan.Start).TotalMinutes, plan.Steps.Sum(step => step.HandsOnMinutes), PlanSentences.Rests(plan).Sum()),
            [.. plan.MendAll.Select(EditBody.From)],
            Core.Composing.SchoolConflicts.Of(plan.Request),
            plan.Request.IsWashDay,
            !plan.Request.IsWashDay
                || PhaseOrder.Sorted([.. plan.Steps.Select(step => step.Step)]).SequenceEqual(plan.Steps.Select(step => step.Step)),
            [.. plan.Mixtures.Select(mixture => MixtureView.Of(mixture, plan.Request.Room, figures))],
            plan.Request.Hand,
            plan.Cost with
            {
                Total = Math.Round(plan.Cost.Total, 2),
            }
        )
        {
            ClocksChange = ClockChange.Between(plan.Request.When.Wall, plan.Start, plan.End),
            Night = HouseholdPlans.StretchBody.Night(plan.StartsInTheNight, plan.NightWork, figures.Night),
            NightSentence = PlanSentences.Night(plan),
            PutOff = plan.PutOff,
        };

    private static StepView Step(Plan plan, PlannedStep planned, Phase phase, int at)
    {
        var use = plan.Request.UseOf(planned.Step);
        var (step, kind) = (planned.Step, planned.Step.Kind);
        var tasks = plan.Tasks.Where(task => task.IsOf(step.Id)).ToList();
        var isShared = tasks.Exists(task => task.Also.Count > 0);
        var waiting = tasks.FirstOrDefault(task => task.Window is not null);
        return new StepView(
            step.Id,
            kind.Id,
            kind.Name,
            phase,
            step.Instruction,
            step.Reason,
            step.Origin,
            EditBody.PlaceNames(step.Places),
            step.Direction,
            step.Water,
            HairView.Of(planned.Before),
            HairView.Of(planned.After),
            step.Heat,
            isShared
                ? Math.Round(planned.HandsOnMinutes)
                : tasks.Where(task => task.IsHandsOn).Sum(task => (task.End - task.Start).TotalMinutes),
            planned.HandsOnWorking,
            tasks.Max(task => task.Sections),
            planned.Wait is { } wait && waiting is not null
                ? new WaitView(
                    wait.Title,
                    wait.Window.Earliest,
                    wait.Window.Usual,
                    wait.Window.Latest,
                    (waiting.End - waiting.Start).TotalMinutes,
                    wait.Working,
                    wait.AfterLatest,
                    wait.Window.Latest > wait.Window.Earliest
                )
                : null,
            planned.Amount?.Ways,
            planned.Amount?.Working,
            planned.Cautions,
            planned.Start,
            planned.End,
            step.DrynessWanted,
            kind.HandsOn.MinutesPerPiece > 0 ? step.Pieces ?? plan.Request.Head.Wear.Locs?.Count : null,
            step.WithPrevious,
            at > 0 && plan.Steps[at - 1].Wait is null && PlanEditing.CanBeTogether(plan.Steps[at - 1].Step, step),
            kind.Covers,
            kind.IsDrying,
            plan.BeginsAfterNight(at),
            use is null ? null : new UseLine(use.Name, use.Ingredients, use.ProductId, use.BatchId, use.Making?.Id, use.Making is not null)
        )
        {
            Expect = planned.Expect,
        };
    }

    internal static TaskView Task(PlannedTask task) =>
        new(
            task.Id,
            task.StepId,
            task.Also,
            task.Strand,
            task.Title,
            task.IsHandsOn,
            task.Sections,
            task.Window,
            task.Substance,
            task.IsOvernight,
            task.Start,
            task.End
        )
        {
            Words = task.Words,
            By = task.By,
            HeadId = task.HeadId,
        };
}

/// <summary>The head in numbers, for the line under the plan.</summary>
public sealed record SizeLine(double MassGrams, double SurfaceSquareMetres, double Tangle);

/// <summary>A kind of step that can be added, and the kinds of hair it suits.</summary>
public sealed record StepKindView(string Id, string Name, Phase Phase, string Instruction, IReadOnlyList<HairKinds> Suits)
{
    internal static StepKindView Of(StepKind kind) =>
        new(
            kind.Id,
            kind.Name,
            kind.Phase,
            kind.Instruction,
            [.. new[] { HairKinds.Loose, HairKinds.Locs, HairKinds.Style, HairKinds.TakenDown }.Where(each => kind.Suits.HasFlag(each))]
        );
}
