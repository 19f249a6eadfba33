using Kamuri.Core.Composing;
using Kamuri.Core.Physics;
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
    /// <summary>The steps of a plan as a routine of the household's own.</summary>
    /// <param name="name">What the household calls it.</param>
    /// <param name="hint">What it was made for.</param>
    /// <param name="kind">Hair it was made for.</param>
    /// <param name="steps">In order.</param>
    public static Routine Of(string name, string hint, HairKinds kind, IEnumerable<PlanStep> steps) =>
        new("own", name, hint, kind, [], [], false, [.. steps.Select(TakeStep.Of)], new Dictionary<string, IReadOnlyList<RoutineEntry>>());

    /// <summary>Its steps, in order; of those it chooses from the first.</summary>
    public IEnumerable<StepKind> Kinds => KindsOf(Steps);

    private IEnumerable<StepKind> KindsOf(IEnumerable<RoutineEntry> entries) =>
        entries.SelectMany(entry =>
            entry switch
            {
                TakeStep step => [step.Kind],
                TakePart { Part: var part } => KindsOf(Parts[part]),
                TakeOneOf { Of: var choices } => KindsOf(choices.Take(1)),
                _ => [],
            }
        );

    /// <summary>What a day of it is for: what was asked for where it serves that, else the first of what it serves.</summary>
    public Aim For(Aim asked) => Serves.Count == 0 || Serves.Contains(asked) ? asked : Serves[0];
}

/// <summary>One line of a routine.</summary>
/// <param name="If">Whether it holds today; null for always.</param>
public abstract record RoutineEntry(Condition? If);

/// <summary>Does a step.</summary>
/// <param name="Kind">The kind of step.</param>
/// <param name="Why">Its reason; "{due}" stands for why a treatment is due.</param>
public sealed record TakeStep(StepKind Kind, string Why, Condition? If = null) : RoutineEntry(If)
{
    /// <summary>Share of the water that is to be gone, 0 to 1; null for a step that does not dry.</summary>
    public double? Dryness { get; init; }

    /// <summary>Where it goes; null where it usually goes.</summary>
    public Places? Places { get; init; }

    /// <summary>Which way hands travel; null for the usual way.</summary>
    public Direction? Direction { get; init; }

    /// <summary>Water it is done with; null for the usual.</summary>
    public WaterTemperature? Water { get; init; }

    /// <summary>What warms it; null for what warms this head's treatments.</summary>
    public Heat? Heat { get; init; }

    /// <summary>How the air moves; null for the day's.</summary>
    public Air? Air { get; init; }

    /// <summary>How long it works; null for its usual time.</summary>
    public double? Minutes { get; init; }

    /// <summary>Twists, braids or locs; null for the head's own.</summary>
    public int? Pieces { get; init; }

    /// <summary>How much more of it is taken than usual; null for the usual.</summary>
    public double? Amount { get; init; }

    /// <summary>Worked section by section together with the step before it.</summary>
    public bool Together { get; init; }

    /// <summary>A step as it stands in a plan, with what it does not do as usual.</summary>
    public static TakeStep Of(PlanStep step) =>
        new(step.Kind, step.Reason.Length > 0 ? step.Reason : RoutineWords.AsInTheRoutine)
        {
            Dryness = step.Kind.IsDrying ? step.DrynessWanted : null,
            Places = step.Places == step.Kind.Places ? null : step.Places,
            Direction = step.Direction == step.Kind.Direction ? null : step.Direction,
            Water = step.Water == step.Kind.Water ? null : step.Water,
            Heat = step.Kind.Covers ? step.Heat : null,
            Air = step.Kind.IsDrying ? step.Air : null,
            Minutes = step.Minutes,
            Pieces = step.Pieces,
            Amount = step.AmountFactor == 1 ? null : step.AmountFactor,
            Together = step.WithPrevious,
        };
}

/// <summary>Does all of a part.</summary>
public sealed record TakePart(string Part, Condition? If = null) : RoutineEntry(If);

/// <summary>Says what the day does without; "{style}" stands for the style that was asked for.</summary>
public sealed record LeaveOut(string What, string Why, Condition? If = null) : RoutineEntry(If);

/// <summary>Does the first of several that holds today.</summary>
public sealed record TakeOneOf(IReadOnlyList<RoutineEntry> Of, Condition? If = null) : RoutineEntry(If);
