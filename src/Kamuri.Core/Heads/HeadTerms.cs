namespace Kamuri.Core.Heads;

/// <summary>How many strands grow on the head.</summary>
public enum Density
{
    Low,
    Medium,
    High,
}

/// <summary>How thick one strand is.</summary>
public enum StrandThickness
{
    Fine,
    Medium,
    Coarse,
}

/// <summary>How readily the hair takes up water.</summary>
public enum Porosity
{
    Low,
    Medium,
    High,
}

/// <summary>The evidence for a porosity, strongest first.</summary>
public enum PorosityEvidence
{
    DryingTime,
    SprayBeads,
    StrandInWater,
    Guess,
}

/// <summary>Age bands that quantities and cautions depend on.</summary>
public enum AgeGroup
{
    Adult,
    SixToTwelve,
    UnderSix,
}

/// <summary>What the scalp is like at the moment. Broken skin blocks heat and irritants.</summary>
public enum ScalpSign
{
    Flaky,
    Itchy,
    Oily,
    Sensitive,
    BrokenSkin,
}

/// <summary>Parts of the head that a person looks after separately.</summary>
public enum Zone
{
    Nape,
    Crown,
    Front,
    Sides,
    Edges,
    Ends,
}

/// <summary>A chemical or heat event in the hair's past.</summary>
public enum ChemicalEventKind
{
    Colour,
    Relaxer,
    HeatDamage,
}

/// <summary>What a head wants over time.</summary>
public enum Goal
{
    Moisture,
    Definition,
    LengthRetention,
    Strength,
    ScalpComfort,
    LessShedding,
}

/// <summary>How the hair has been worn since it was last combed through.</summary>
public enum WornAs
{
    Loose,
    Bun,
    Twists,
    Braids,
}

/// <summary>A school of layering: the order of liquid, oil and cream after the wash.</summary>
public enum Layering
{
    Loc,
    Lco,
    LoLight,
}

/// <summary>A dated chemical or heat event.</summary>
public sealed record ChemicalEvent(ChemicalEventKind Kind, DateOnly Date);

/// <summary>A zone to treat gently, with the reason in the person's own words.</summary>
public sealed record FragileZone(Zone Zone, string Note);
