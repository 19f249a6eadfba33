using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Routines;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Planning;

/// <summary>A task of a plan as it is shown and run: hands-on work, or something that works by itself.</summary>
/// <param name="Id">Unique within the plan.</param>
/// <param name="StepId">The step it belongs to; null for the kitchen.</param>
/// <param name="Strand">"head" or "kitchen".</param>
/// <param name="Title">What it is called.</param>
/// <param name="IsHandsOn">Whether hands are busy with it.</param>
/// <param name="Sections">Sections to tick; 0 for none.</param>
/// <param name="Window">The window of a wait; null for hands-on work.</param>
/// <param name="AfterLatest">What happens past the latest.</param>
/// <param name="Uses">What it keeps occupied.</param>
/// <param name="Substance">What is working during a wait; null for hands-on work, drying and the kitchen.</param>
/// <param name="Start">Planned start.</param>
/// <param name="End">Planned end.</param>
public sealed record PlannedTask(
    string Id,
    string? StepId,
    string Strand,
    string Title,
    bool IsHandsOn,
    int Sections,
    Window? Window,
    string AfterLatest,
    IReadOnlyList<Resource> Uses,
    Substance? Substance,
    DateTimeOffset Start,
    DateTimeOffset End
)
{
    /// <summary>Further steps worked in the same pass, section by section.</summary>
    public IReadOnlyList<string> Also { get; init; } = [];

    /// <summary>Lasts through the night.</summary>
    public bool IsOvernight { get; init; }

    /// <summary>The title with its amounts in each way of measuring; null when there are none in it.</summary>
    public MeasuredWords? Words { get; init; }

    /// <summary>The mixture that cools meanwhile; null when none does.</summary>
    public CoolingMixture? Cools { get; init; }

    /// <summary>Hair dries meanwhile; hands are free.</summary>
    public bool IsDrying => this is { IsHandsOn: false, StepId: not null, Substance: null };

    /// <summary>What happens past the latest is nothing to be warned of.</summary>
    public bool IsHarmlessAfter { get; init; }

    /// <summary>Whose hands do it; null when there is nothing to tell apart, or no hands are needed.</summary>
    public string? By { get; init; }

    /// <summary>It stands no earlier because whoever does it sleeps until then; null when nobody does.</summary>
    public DateTimeOffset? NotBefore { get; init; }

    /// <summary>The head it is for; null when there is one.</summary>
    public Guid? HeadId { get; init; }

    public bool IsOf(string step) => StepId == step || Also.Contains(step);

    public const string HeadStrand = "head";
    public const string KitchenStrand = "kitchen";
}

/// <summary>A step of a plan with everything worth knowing about it.</summary>
public sealed record PlannedStep(
    PlanStep Step,
    HairState Before,
    HairState After,
    string HandsOnWorking,
    double HandsOnMinutes,
    Wait? Wait,
    Amount? Amount,
    IReadOnlyList<string> Cautions,
    DateTimeOffset Start,
    DateTimeOffset End
)
{
    /// <summary>What will be seen there, said beforehand; null for nothing worth saying.</summary>
    public string? Expect { get; init; }
}

/// <summary>A step that could be left out safely, and what that saves.</summary>
public sealed record Sparing(string Step, string Name, double MinutesSaved, IReadOnlyList<PlanEdit> Edits);

/// <summary>How a plan fits the time it was given.</summary>
/// <param name="ReadyBy">The wanted moment; null when a start was asked for.</param>
/// <param name="MinutesOver">How much later than wanted it ends; 0 when it fits.</param>
/// <param name="Shortened">Waits kept under their usual to make it.</param>
/// <param name="CouldSpare">What could be dropped safely, most saved first; only when it does not fit.</param>
public sealed record Fit(DateTimeOffset? ReadyBy, double MinutesOver, IReadOnlyList<string> Shortened, IReadOnlyList<Sparing> CouldSpare);

/// <summary>A mixture made for a step of a plan.</summary>
/// <param name="Step">The step it is for.</param>
/// <param name="Cooking">What goes in, and how it is made.</param>
/// <param name="BeginBy">When what has to be begun before must be begun at the latest; null when nothing has to.</param>
/// <param name="BestBegun">The best time to start it.</param>
/// <param name="TooLate">That moment is past.</param>
public sealed record PlannedMixture(PlanStep Step, Cooking Cooking, DateTimeOffset? BeginBy, DateTimeOffset? BestBegun, bool TooLate)
{
    /// <param name="key">What the tasks of this head are prefixed with; null when there is one head.</param>
    internal static PlannedMixture Of(PlanStep step, Cooking cooking, IReadOnlyList<PlannedTask> tasks, When when, string? key = null)
    {
        if (cooking.Ahead is not { } ahead)
        {
            return new PlannedMixture(step, cooking, null, null, false);
        }

        // What is left to do on the day, or the step itself when nothing is.
        var wanted = tasks
            .Where(task =>
                task.StepId is null && task.Id.StartsWith($"{(key is null ? "" : $"{key}/")}{step.Id}.", StringComparison.Ordinal)
            )
            .Concat(tasks.Where(task => task.IsOf(step.Id)))
            .Min(task => task.Start);
        var by = when.Wall(wanted.AddMinutes(-ahead.LeadMinutes.Earliest));
        return new PlannedMixture(step, cooking, by, when.Wall(wanted.AddMinutes(-ahead.LeadMinutes.Usual)), by < when.Now);
    }
}

/// <summary>A whole computed plan.</summary>
public sealed record Plan(
    PlanRequest Request,
    HeadSize Size,
    double Tangle,
    IReadOnlyList<Section> Sections,
    IReadOnlyList<PlannedStep> Steps,
    IReadOnlyList<PlannedTask> Tasks,
    IReadOnlyList<Link> Links,
    IReadOnlyList<Finding> Findings,
    IReadOnlyList<RefusedEdit> Refused,
    IReadOnlyList<LeftOut> LeftOut,
    IReadOnlyList<PlanEdit> MendAll,
    DateTimeOffset Start,
    DateTimeOffset End,
    DateTimeOffset NineInTenBy,
    DateTimeOffset NotBefore,
    bool Proven,
    Fit Fit
)
{
    /// <summary>Begins between bedtime and the hour of rising, though nobody asked for that.</summary>
    public bool StartsInTheNight { get; init; }

    /// <summary>What keeps somebody up while people sleep; null for nothing.</summary>
    public NightWork? NightWork { get; init; }

    /// <summary>Why it was put off to the morning; null when it was not.</summary>
    public string? PutOff { get; init; }

    /// <summary>Whether a step is the first of another day, after a night.</summary>
    /// <param name="at">Its place among the steps.</param>
    public bool BeginsAfterNight(int at) =>
        at > 0
        && Tasks.FirstOrDefault(task => task.IsOvernight) is { } night
        && Steps[at - 1].Start < night.End
        && Steps[at].Start >= night.End;

    /// <summary>What is made in the kitchen for it, in the order of the steps.</summary>
    public IReadOnlyList<PlannedMixture> Mixtures { get; init; } = [];

    /// <summary>What it takes from the shelf, in money.</summary>
    public PlanCost Cost => PlanCost.Of(this);

    public bool HasStop => Findings.Any(finding => finding.Holds);
}
