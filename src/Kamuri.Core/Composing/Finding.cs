using Kamuri.Core.Figures;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing;

/// <summary>How much a finding matters. A stop keeps the plan from starting until it is solved.</summary>
public enum Severity
{
    Note,
    Warn,
    Stop,
}

/// <summary>A change that solves a finding, accepted with one press.</summary>
/// <param name="Label">What the press does: "Add a conditioner".</param>
/// <param name="Edits">The edits it stands for.</param>
public sealed record Fix(string Label, IReadOnlyList<PlanEdit> Edits);

/// <summary>What a rule has to say about a plan.</summary>
/// <param name="Rule">Rule id, R01 to R51.</param>
/// <param name="Severity">How much it matters.</param>
/// <param name="Reason">Why, in one sentence.</param>
/// <param name="Steps">The steps it speaks of.</param>
/// <param name="Fix">What would solve it, where the craft names something.</param>
public sealed record Finding(string Rule, Severity Severity, string Reason, IReadOnlyList<string> Steps, Fix? Fix = null)
{
    /// <summary>Ingredients a patch test would settle it for; empty when it is not about that.</summary>
    public IReadOnlyList<string> PatchTest { get; init; } = [];

    /// <summary>A stop that protects the person and cannot be overridden.</summary>
    public bool IsSafety { get; init; }

    /// <summary>Why a person goes on in spite of it; null when nobody did.</summary>
    public string? Overridden { get; init; }

    /// <summary>Keeps the plan from starting.</summary>
    public bool Holds => Severity == Severity.Stop && Overridden is null;
}

/// <summary>Everything a rule may look at.</summary>
public sealed record RuleContext(PlanRequest Request, IReadOnlyList<WalkedStep> Walk, CraftFigures Figures)
{
    /// <summary>The step before a position, as an anchor for an insertion; null at the front.</summary>
    public string? Before(int index) => index == 0 ? null : Walk[index - 1].Step.Id;

    /// <summary>Steps with their positions.</summary>
    public IEnumerable<(WalkedStep Walked, int At)> Positions => Walk.Select((walked, at) => (walked, at));

    /// <summary>Steps of which somebody said what they are done with; a dozen rules look at nothing else.</summary>
    public IReadOnlyList<(PlanStep Step, StepUse Use)> Used =>
        field ??= [
            .. Walk.Select(walked => (walked.Step, Use: Use(walked.Step)))
                .Where(pair => pair.Use is not null)
                .Select(pair => (pair.Step, pair.Use!)),
        ];

    /// <summary>What a step is done with; null when nobody said.</summary>
    public StepUse? Use(PlanStep step) => Request.UseOf(step);

    /// <summary>Leaving a step out, with what only served it; for findings that nothing else solves.</summary>
    public static Fix LeaveOut(PlanStep step) => new(ComposingWords.LeaveOutStep(step.Kind.Noun), [new DropStep(step.Id)]);

    /// <summary>The id a step added now would get.</summary>
    public string NextId(string kind) => PlanEditing.NextId(Walk.Select(walked => walked.Step), kind);

    /// <summary>Protein a step brings: by what it puts on, or by what it is done with.</summary>
    public ProteinStrength Protein(PlanStep step)
    {
        var own = step.Kind.Puts is { } puts ? Substances.Of(puts).Protein : ProteinStrength.None;
        return Use(step) is { } use && use.Protein > own ? use.Protein : own;
    }
}

/// <summary>A rule of the craft: reads the walk of the hair state, says what is wrong and how to mend it.</summary>
public interface IRule
{
    /// <summary>R01 to R49.</summary>
    string Id { get; }

    /// <summary>
    /// Whether its fix is taken without asking while a plan is composed: order and water are the composer's business,
    /// while what a person asked for by name, stock and rhythm are theirs to decide.
    /// </summary>
    bool IsMendedUnasked => true;

    IEnumerable<Finding> Check(RuleContext context);
}
