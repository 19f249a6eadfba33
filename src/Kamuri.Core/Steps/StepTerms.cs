namespace Kamuri.Core.Steps;

/// <summary>The phases of a wash day, in the order they come.</summary>
public enum Phase
{
    Ahead,
    Ready,
    Loosen,
    Clean,
    Feed,
    Close,
    Layer,
    Set,
    Keep,
}

/// <summary>Where on the head a step goes.</summary>
[Flags]
public enum Places
{
    None = 0,
    Scalp = 1,
    Roots = 2,
    Lengths = 4,
    Ends = 8,
    Edges = 16,
}

/// <summary>Which way the hands or the comb travel.</summary>
public enum Direction
{
    None,
    EndsToRoots,
    RootsToEnds,
    MidToEnds,
}

/// <summary>How wet hair is, driest first. Each stands for a water content in the drying figures.</summary>
public enum Wetness
{
    Dry,
    Misted,
    Damp,
    Blotted,
    Wrung,
    Soaked,
}

/// <summary>Water a step is done with.</summary>
public enum WaterTemperature
{
    None,
    Cool,
    Lukewarm,
    Warm,
    Hot,
}

/// <summary>What warms a treatment while it works.</summary>
public enum Heat
{
    None,
    Cap,
    Hood,
    Steamer,
}

/// <summary>Things only one task can have at a time. Each household says how many of each it has.</summary>
public enum Resource
{
    Hands,
    Shower,
    Stove,
    Hood,
    Steamer,
}

/// <summary>What a step washes off.</summary>
public enum Removal
{
    None,
    RinseOff,
    Wash,
    Clarify,
}

/// <summary>Things that come to lie on hair or scalp.</summary>
public enum Substance
{
    PrePoo,
    Shampoo,
    Clarifier,
    Tea,
    Conditioner,
    Protein,
    DeepConditioner,
    SlipMist,
    LeaveIn,
    Oil,
    Cream,
    Gel,
    PlantGel,
    HerbJuice,
    OnionJuice,
    GrainWater,
    HotOil,
    HeavyOil,
    EndShield,
    DilutedCleanser,
    CoWash,
    LocSoak,
    Clay,
    HerbPaste,
    LightSpray,
    StrongProtein,
    Egg,
    ProteinConditioner,
    OilRinse,
    AcidicRinse,
    Mist,
    EdgeControl,
    ScalpOil,
    Butter,
}

/// <summary>How the hair is kept. Each kind has steps of its own and steps that would harm it.</summary>
[Flags]
public enum HairKinds
{
    None = 0,
    Loose = 1,
    Locs = 2,
    Style = 4,
    TakenDown = 8,
    Combable = Loose | TakenDown,
    Kept = Locs | Style,
    All = 15,
}

/// <summary>Wetness in words.</summary>
public static class WetnessScale
{
    /// <summary>A name at the beginning of a sentence.</summary>
    internal static string Capital(string text) => char.ToUpperInvariant(text[0]) + text[1..];

    /// <summary>The word used on screen.</summary>
    public static string Word(Wetness wetness) =>
        wetness switch
        {
            Wetness.Dry => "dry",
            Wetness.Misted => "misted",
            Wetness.Damp => "damp",
            Wetness.Blotted => "blotted",
            Wetness.Wrung => "wrung out",
            _ => "soaked",
        };
}
