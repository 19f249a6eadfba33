using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Planning;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Running;

/// <summary>What a running session needs to know of a step.</summary>
/// <param name="Amount">How much of what is taken, without a verb: "100 ml of the mask"; null when nothing is measured out.</param>
public sealed record SessionStep(
    string Id, string Name, Phase Phase, string Instruction, string Reason, Places Places, Direction Direction,
    MeasuredWords? Amount, IReadOnlyList<string> Cautions, bool IsCleanse = false, bool Detangles = false, Treatment? Treatment = null);

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
    string Id, string? StepId, string Strand, string Title, bool IsHandsOn, int Sections, Window? Window, string AfterLatest,
    IReadOnlyList<Resource> Uses, double PlannedStart, double PlannedMinutes, Substance? Substance = null, IReadOnlyList<string>? Also = null, bool IsOvernight = false,
    MeasuredWords? Words = null)
{
    /// <summary>Every step worked in it; empty for the kitchen.</summary>
    public IEnumerable<string> StepIds => StepId is null ? [] : [StepId, .. Also ?? []];
}

/// <summary>
/// The plan as it stood when the session began. It is kept with the session and never changed: everything that
/// happens afterwards is an event.
/// </summary>
public sealed record SessionPlan
{
    public required Guid HeadId { get; init; }
    public required string HeadName { get; init; }
    public required string Aim { get; init; }
    public required string Style { get; init; }
    public DateTimeOffset? ReadyBy { get; init; }
    public required DateTimeOffset PlannedStart { get; init; }
    public required DateTimeOffset PlannedEnd { get; init; }
    public required IReadOnlyList<Section> Sections { get; init; }
    public IReadOnlyList<Zone> FragileZones { get; init; } = [];
    public IReadOnlyList<OverriddenStop> Overridden { get; init; } = [];
    public required IReadOnlyList<SessionStep> Steps { get; init; }

    /// <summary>Tasks in planned order.</summary>
    public required IReadOnlyList<SessionTask> Tasks { get; init; }

    public required IReadOnlyList<Link> Links { get; init; }

    /// <summary>What it takes from shelf and fridge.</summary>
    public IReadOnlyList<SessionTaking> Takings { get; init; } = [];

    /// <summary>Ingredients that ask for a patch test, by the step that brings them onto the head.</summary>
    public IReadOnlyDictionary<string, IReadOnlyList<string>> Touches { get; init; } = new Dictionary<string, IReadOnlyList<string>>();

    public SessionStep? FindStep(string? id) => id is null ? null : Steps.FirstOrDefault(step => step.Id == id);

    public SessionTask? FindTask(string id) => Tasks.FirstOrDefault(task => task.Id == id);

    /// <summary>Takes from a plan what a session needs.</summary>
    public static SessionPlan From(Plan plan) => new()
    {
        HeadId = plan.Request.Head.Id,
        HeadName = plan.Request.Head.Name,
        Aim = PlanWords.Of(plan.Request.Aim),
        Style = PlanWords.Of(plan.Request.Style),
        ReadyBy = plan.Fit.ReadyBy,
        PlannedStart = plan.Start,
        PlannedEnd = plan.End,
        Sections = plan.Sections,
        FragileZones = [.. plan.Request.Head.FragileZones.Select(fragile => fragile.Zone)],
        Steps = [.. plan.Steps.Select(planned => new SessionStep(
            planned.Step.Id, planned.Step.Kind.Name, planned.Step.Kind.Phase, planned.Step.Kind.Instruction, planned.Step.Reason,
            planned.Step.Places, planned.Step.Direction, Amount(plan, planned), planned.Cautions,
            planned.Step.Kind.IsCleanse, planned.Step.Kind.Detangles, planned.Step.Kind.Treatment))],
        Overridden = [.. plan.Findings.Where(finding => finding.Overridden is not null).Select(finding => new OverriddenStop(finding.Rule, finding.Reason, finding.Overridden!))],
        Tasks = [.. plan.Tasks.Select(task => new SessionTask(
            task.Id, task.StepId, task.Strand, task.Title, task.IsHandsOn, task.Sections, task.Window, task.AfterLatest, task.Uses,
            (task.Start - plan.Start).TotalMinutes, (task.End - task.Start).TotalMinutes, task.Substance, task.Also, task.IsOvernight, task.Words))],
        Links = plan.Links,
        Takings = [.. plan.Steps.SelectMany(step => Taken(plan, step))],
        Touches = plan.Steps.Select(step => (step.Step.Id, plan.Request.UseOf(step.Step)?.AskForPatchTest))
            .Where(pair => pair.AskForPatchTest is { Count: > 0 }).ToDictionary(pair => pair.Id, pair => pair.AskForPatchTest!),
    };

    private static MeasuredWords? Amount(Plan plan, PlannedStep planned) => planned.Amount is { } amount
        ? MeasuredWords.Of(way => plan.Request.UseOf(planned.Step) is { } use ? $"{way(amount.Ways)} of {use.Name}" : way(amount.Ways))
        : null;

    private static IEnumerable<SessionTaking> Taken(Plan plan, PlannedStep planned)
    {
        var (step, use) = (planned.Step, plan.Request.UseOf(planned.Step));
        if (use is { ProductId: not null } or { BatchId: not null } && planned.Amount is { } amount)
        {
            yield return new SessionTaking(step.Id, use.Name, use.ProductId, use.BatchId, amount.Exact.Value, IsWhole: true);
        }

        if (plan.Mixtures.FirstOrDefault(mixture => mixture.Step.Id == step.Id) is not { } made)
        {
            yield break;
        }

        foreach (var line in made.Cooking.Mixture.Lines.Where(line => line.Ingredient.ProductId is not null))
        {
            yield return new SessionTaking(step.Id, line.Ingredient.Name, line.Ingredient.ProductId, null, line.Volume.Value, IsWhole: false);
        }

        foreach (var taken in made.Cooking.Taken)
        {
            yield return new SessionTaking(step.Id, taken.Name, null, taken.BatchId, taken.Amount.Value, IsWhole: false);
        }
    }
}
