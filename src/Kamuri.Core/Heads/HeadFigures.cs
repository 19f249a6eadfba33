namespace Kamuri.Core.Heads;

/// <summary>Figures behind the size of a head. Craft defaults; settable.</summary>
public sealed record HeadFigures
{
    /// <summary>Strands on a head by density (low, medium, high).</summary>
    public IReadOnlyDictionary<Density, double> Strands { get; init; } =
        new Dictionary<Density, double>
        {
            [Density.Low] = 80_000,
            [Density.Medium] = 100_000,
            [Density.High] = 130_000,
        };

    /// <summary>Strand diameter in micrometres (fine, medium, coarse).</summary>
    public IReadOnlyDictionary<StrandThickness, double> DiameterMicrometres { get; init; } =
        new Dictionary<StrandThickness, double>
        {
            [StrandThickness.Fine] = 55,
            [StrandThickness.Medium] = 70,
            [StrandThickness.Coarse] = 90,
        };

    /// <summary>Density of keratin in g/cm³.</summary>
    public double KeratinGramsPerCubicCentimetre { get; init; } = 1.32;

    /// <summary>Scalp area in cm² by age group.</summary>
    public IReadOnlyDictionary<AgeGroup, double> ScalpSquareCentimetres { get; init; } =
        new Dictionary<AgeGroup, double>
        {
            [AgeGroup.Adult] = 650,
            [AgeGroup.SixToTwelve] = 500,
            [AgeGroup.UnderSix] = 400,
        };

    /// <summary>Stretched length at the crown of an adult's hair that reaches to a landmark, in cm. Product default.</summary>
    public IReadOnlyDictionary<LengthLandmark, double> LandmarkCentimetres { get; init; } =
        new Dictionary<LengthLandmark, double>
        {
            [LengthLandmark.Ear] = 14,
            [LengthLandmark.Chin] = 22,
            [LengthLandmark.Shoulder] = 32,
            [LengthLandmark.Armpit] = 42,
            [LengthLandmark.MidBack] = 52,
            [LengthLandmark.Waist] = 62,
        };

    /// <summary>The same on smaller people, as a share of an adult's. Product default.</summary>
    public IReadOnlyDictionary<AgeGroup, double> LandmarkScale { get; init; } =
        new Dictionary<AgeGroup, double>
        {
            [AgeGroup.Adult] = 1,
            [AgeGroup.SixToTwelve] = 0.8,
            [AgeGroup.UnderSix] = 0.65,
        };

    /// <summary>Locs keep their shed hair: mass against the same hair loose, growing with age.</summary>
    public IReadOnlyDictionary<LocStage, double> LocMass { get; init; } =
        new Dictionary<LocStage, double>
        {
            [LocStage.Starter] = 1.3,
            [LocStage.Maturing] = 1.6,
            [LocStage.Mature] = 2.0,
        };

    /// <summary>Loosest packing of a loc, as a share of its volume that is hair.</summary>
    public double LoosestLoc { get; init; } = 0.12;

    /// <summary>Densest packing of a loc.</summary>
    public double DensestLoc { get; init; } = 0.30;

    /// <summary>Outer surface of a braided or twisted style as a share of the strands' surface.</summary>
    public double StyleOuterSurface { get; init; } = 0.35;
}
