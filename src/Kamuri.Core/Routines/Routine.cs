using Kamuri.Core.Composing;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Routines;

/// <summary>A named, ordered list of steps with conditions, which is fitted to a head and a day.</summary>
/// <param name="Id">Stable name, kebab-case.</param>
/// <param name="Says">As it stands in a wish: "the simple way".</param>
/// <param name="Hint">What it is, in a sentence.</param>
/// <param name="Suits">Kinds of hair it is for.</param>
/// <param name="Serves">Aims a day of it can be for.</param>
/// <param name="BestFor">Those of them it is proposed for.</param>
/// <param name="IsUsual">Proposed for these kinds of hair when no routine is best for the aim.</param>
/// <param name="Steps">In order.</param>
/// <param name="Parts">What <see cref="TakePart"/> names; the shared parts among them.</param>
public sealed record Routine(
    string Id,
    string Says,
    string Hint,
    HairKinds Suits,
    IReadOnlyList<Aim> Serves,
    IReadOnlyList<Aim> BestFor,
    bool IsUsual,
    IReadOnlyList<RoutineEntry> Steps,
    IReadOnlyDictionary<string, IReadOnlyList<RoutineEntry>> Parts
)
{
    /// <summary>What a day of it is for: what was asked for where it serves that, else the first of what it serves.</summary>
    public Aim For(Aim asked) => Serves.Count == 0 || Serves.Contains(asked) ? asked : Serves[0];
}

/// <summary>One line of a routine.</summary>
/// <param name="If">Whether it holds today; null for always.</param>
public abstract record RoutineEntry(Condition? If);

/// <summary>Does a step.</summary>
/// <param name="Kind">The kind of step.</param>
/// <param name="Why">Its reason; "{due}" stands for why a treatment is due.</param>
/// <param name="Dryness">Share of the water that is to be gone, 0 to 1; null for a step that does not dry.</param>
/// <param name="Places">Where it goes; null where it usually goes.</param>
/// <param name="Heat">What warms it; null for what warms this head's treatments.</param>
/// <param name="Minutes">How long it works; null for its usual time.</param>
public sealed record TakeStep(
    StepKind Kind,
    string Why,
    double? Dryness = null,
    Places? Places = null,
    Heat? Heat = null,
    double? Minutes = null,
    Condition? If = null
) : RoutineEntry(If);

/// <summary>Does all of a part.</summary>
public sealed record TakePart(string Part, Condition? If = null) : RoutineEntry(If);

/// <summary>Says what the day does without; "{style}" stands for the style that was asked for.</summary>
public sealed record LeaveOut(string What, string Why, Condition? If = null) : RoutineEntry(If);

/// <summary>Does the first of several that holds today.</summary>
public sealed record TakeOneOf(IReadOnlyList<RoutineEntry> Of, Condition? If = null) : RoutineEntry(If);
