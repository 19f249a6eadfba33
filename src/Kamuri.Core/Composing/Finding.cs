using Kamuri.Core.Figures;

namespace Kamuri.Core.Composing;

/// <summary>How much a finding matters. A stop keeps the plan from starting until it is solved.</summary>
public enum Severity { Note, Warn, Stop }

/// <summary>A change that solves a finding, accepted with one press.</summary>
/// <param name="Label">What the press does: "Add a conditioner".</param>
/// <param name="Edits">The edits it stands for.</param>
public sealed record Fix(string Label, IReadOnlyList<PlanEdit> Edits);

/// <summary>What a rule has to say about a plan.</summary>
/// <param name="Rule">Rule id, R01 to R44.</param>
/// <param name="Severity">How much it matters.</param>
/// <param name="Reason">Why, in one sentence.</param>
/// <param name="Steps">The steps it speaks of.</param>
/// <param name="Fix">What would solve it, where the craft names something.</param>
public sealed record Finding(string Rule, Severity Severity, string Reason, IReadOnlyList<string> Steps, Fix? Fix = null);

/// <summary>Everything a rule may look at.</summary>
public sealed record RuleContext(PlanRequest Request, IReadOnlyList<WalkedStep> Walk, CraftFigures Figures)
{
    /// <summary>The step before a position, as an anchor for an insertion; null at the front.</summary>
    public string? Before(int index) => index == 0 ? null : Walk[index - 1].Step.Id;
}

/// <summary>A rule of the craft: reads the walk of the hair state, says what is wrong and how to mend it.</summary>
public interface IRule
{
    /// <summary>R01 to R44.</summary>
    string Id { get; }

    IEnumerable<Finding> Check(RuleContext context);
}
