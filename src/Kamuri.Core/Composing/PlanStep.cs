using Kamuri.Core.Physics;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing;

/// <summary>Who put a step into the plan.</summary>
public enum StepOrigin
{
    Composed,
    Rule,
    Person,
    Template,
}

/// <summary>One step of one plan: a kind from the catalogue with this session's choices.</summary>
/// <param name="Id">Unique within the plan and the same every time the same plan is composed.</param>
/// <param name="Kind">The catalogue entry.</param>
public sealed record PlanStep(string Id, StepKind Kind)
{
    /// <summary>Why it is here, in one sentence.</summary>
    public string Reason { get; init; } = "";

    public StepOrigin Origin { get; init; } = StepOrigin.Composed;

    /// <summary>Where it goes; the kind's places unless changed.</summary>
    public Places Places { get; init; } = Kind.Places;

    /// <summary>Which way hands travel; the kind's way unless changed.</summary>
    public Direction Direction { get; init; } = Kind.Direction;

    /// <summary>Water it is done with; the kind's unless changed.</summary>
    public WaterTemperature Water { get; init; } = Kind.Water;

    /// <summary>Twists, braids or locs to make, on piecewise steps; null takes the head's count.</summary>
    public int? Pieces { get; init; }

    /// <summary>What warms it, on steps that cover or dry.</summary>
    public Heat Heat { get; init; }

    /// <summary>How the air moves, on the drying step.</summary>
    public Air Air { get; init; }

    /// <summary>Dryness the drying step waits for: 0.8 or 0.95.</summary>
    public double DrynessWanted { get; init; } = 0.8;

    /// <summary>Minutes it has been on when the day begins; null for what is still to be put on.</summary>
    public double? OnForMinutes { get; init; }

    /// <summary>What hands do.</summary>
    public string Instruction => OnForMinutes is null ? Kind.Instruction : ComposingWords.SeeThatItLiesEverywhere;

    /// <summary>How much more of it is taken than usual; 1 for the usual.</summary>
    public double AmountFactor { get; init; } = 1;

    /// <summary>
    /// Worked together with the step before it: section by section both, instead of all sections of one and then all of
    /// the other. Counts only between steps worked in sections.
    /// </summary>
    public bool WithPrevious { get; init; }

    /// <summary>Working minutes a person chose; null takes the usual.</summary>
    public double? Minutes { get; init; }
}
