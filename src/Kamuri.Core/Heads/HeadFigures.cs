namespace Kamuri.Core.Heads;

/// <summary>Figures behind the size of a head. Craft defaults; settable.</summary>
public sealed record HeadFigures
{
    /// <summary>Strands on a head by density (low, medium, high).</summary>
    public IReadOnlyDictionary<Density, double> Strands { get; init; } = new Dictionary<Density, double>
    {
        [Density.Low] = 80_000,
        [Density.Medium] = 100_000,
        [Density.High] = 130_000,
    };

    /// <summary>Strand diameter in micrometres (fine, medium, coarse).</summary>
    public IReadOnlyDictionary<StrandThickness, double> DiameterMicrometres { get; init; } = new Dictionary<StrandThickness, double>
    {
        [StrandThickness.Fine] = 55,
        [StrandThickness.Medium] = 70,
        [StrandThickness.Coarse] = 90,
    };

    /// <summary>Density of keratin in g/cm³.</summary>
    public double KeratinGramsPerCubicCentimetre { get; init; } = 1.32;

    /// <summary>Scalp area in cm² by age group.</summary>
    public IReadOnlyDictionary<AgeGroup, double> ScalpSquareCentimetres { get; init; } = new Dictionary<AgeGroup, double>
    {
        [AgeGroup.Adult] = 650,
        [AgeGroup.SixToTwelve] = 500,
        [AgeGroup.UnderSix] = 400,
    };
}
