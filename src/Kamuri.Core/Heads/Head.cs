using Kamuri.Core.Units;

namespace Kamuri.Core.Heads;

/// <summary>Stretched length per zone, in centimetres.</summary>
public sealed record ZoneLengths(Centimetres Nape, Centimetres Crown, Centimetres Front, Centimetres Sides)
{
    /// <summary>The mean of the four zones, the L of every formula.</summary>
    public Centimetres Mean => new((Nape.Value + Crown.Value + Front.Value + Sides.Value) / 4);
}

/// <summary>One person's hair: recorded once, corrected over time.</summary>
public sealed record Head
{
    public required Guid Id { get; init; }
    public required string Name { get; init; }
    public required ZoneLengths Lengths { get; init; }

    /// <summary>How it is kept at the moment: loose, as locs, in a style, or just out of one.</summary>
    public Wear Wear { get; init; } = Wear.Loose;

    public Density Density { get; init; } = Density.Medium;
    public StrandThickness Strand { get; init; } = StrandThickness.Medium;

    /// <summary>Measured coil width in millimetres, if anyone has measured it.</summary>
    public double? CoilWidthMillimetres { get; init; }

    public Porosity Porosity { get; init; } = Porosity.Medium;
    public PorosityEvidence PorosityEvidence { get; init; } = PorosityEvidence.Guess;
    public IReadOnlyList<ChemicalEvent> ChemicalHistory { get; init; } = [];
    public IReadOnlyList<ScalpSign> Scalp { get; init; } = [];
    public IReadOnlyList<FragileZone> FragileZones { get; init; } = [];

    /// <summary>Ingredients or whole classes that must not touch this head, as the person names them.</summary>
    public IReadOnlyList<string> Sensitivities { get; init; } = [];

    public AgeGroup AgeGroup { get; init; } = AgeGroup.Adult;

    /// <summary>Whether this head may sit under a hood or steamer at all.</summary>
    public bool CanSitUnderHeat { get; init; } = true;

    /// <summary>Pregnancy, or "ask my clinician": tightens every caution.</summary>
    public bool AskClinician { get; init; }

    public IReadOnlyList<Goal> Goals { get; init; } = [];
    public Layering Layering { get; init; } = Layering.Loc;

    /// <summary>The sides this head takes where practitioners disagree.</summary>
    public Schools Schools { get; init; } = new();

    /// <summary>The number of sections this head is usually worked in; null lets the core choose.</summary>
    public int? UsualSections { get; init; }

    /// <summary>The last full wash, if known.</summary>
    public DateOnly? LastWash { get; init; }

    /// <summary>The last time the hair was combed through, if known.</summary>
    public DateOnly? LastDetangle { get; init; }

    /// <summary>How it has been worn since then.</summary>
    public WornAs WornAs { get; init; } = WornAs.Loose;

    /// <summary>True when colour, relaxer or heat damage is on record.</summary>
    public bool IsDamagedOrColoured => ChemicalHistory.Count > 0;

    public bool HasBrokenSkin => Scalp.Contains(ScalpSign.BrokenSkin);

    /// <summary>Whether heat may be used on this head at all: allowed, and no broken skin.</summary>
    public bool MayHaveHeat => CanSitUnderHeat && !HasBrokenSkin;
}

/// <summary>What can honestly be recorded about a head; anything outside is a slip of the pen.</summary>
public static class HeadLimits
{
    /// <summary>Shortest stretched length that can be sectioned at all, in cm.</summary>
    public const double ShortestCentimetres = 1;

    /// <summary>Longest stretched length accepted, in cm (hip length and beyond).</summary>
    public const double LongestCentimetres = 150;

    public const int FewestSections = 2;
    public const int MostSections = 24;
    public const int LongestName = 40;
    public const int LongestNote = 200;
    public const int FewestLocs = 10;
    public const int MostLocs = 400;
    public const double ThinnestLocMillimetres = 2;
    public const double ThickestLocMillimetres = 40;
    public const double MostAddedHairGrams = 1500;
    public const int LongestWornDays = 3650;
    public const double NarrowestCoilMillimetres = 0.5;
    public const double WidestCoilMillimetres = 60;
}
