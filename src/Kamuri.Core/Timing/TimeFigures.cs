using Kamuri.Core.Heads;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Timing;

/// <summary>Figures of sectioned hands-on work. Craft defaults; settable.</summary>
public sealed record HandsOnFigures
{
    /// <summary>The shares of a head that bases are given for.</summary>
    public const int Sixths = 6;

    /// <summary>Handling that each section more than six costs, in minutes; fewer save as much.</summary>
    public double MinutesPerFurtherSection { get; init; } = 0.3;

    /// <summary>To see that what was put on before the day lies everywhere; a choice of this product.</summary>
    public const double MinutesToSeeThatItIsOn = 1;

    public Centimetres ReferenceLength { get; init; } = new(30);

    /// <summary>Work grows a little slower than length.</summary>
    public double LengthExponent { get; init; } = 0.8;

    public IReadOnlyDictionary<Density, double> DensityFactor { get; init; } =
        new Dictionary<Density, double>
        {
            [Density.Low] = 0.8,
            [Density.Medium] = 1,
            [Density.High] = 1.25,
        };

    /// <summary>Tangle of hair just combed; also its floor.</summary>
    public double LeastTangle { get; init; } = 0.6;

    /// <summary>Ceiling of tangle.</summary>
    public double MostTangle { get; init; } = 3;

    /// <summary>Growth of tangle a day when worn loose: 0.6 grows to 2 in ten days.</summary>
    public double TanglePerDay { get; init; } = 0.14;

    /// <summary>Work along the parts of the scalp, as a share of the work on all lengths (a choice of this product).</summary>
    public double ScalpShare { get; init; } = 0.4;

    /// <summary>How fast tangle grows by how the hair is worn, loose = 1.</summary>
    public IReadOnlyDictionary<WornAs, double> WornFactor { get; init; } =
        new Dictionary<WornAs, double>
        {
            [WornAs.Loose] = 1,
            [WornAs.Bun] = 0.7,
            [WornAs.Twists] = 0.5,
            [WornAs.Braids] = 0.35,
        };

    /// <summary>Days assumed when the last detangle is not on record.</summary>
    public int UnknownDays { get; init; } = 7;

    /// <summary>How much of the tangle full slip takes away.</summary>
    public double SlipRelief { get; init; } = 0.4;

    /// <summary>Slip of what lies on the lengths, 0 to 1; what is not in it has none.</summary>
    public IReadOnlyDictionary<Substance, double> Slip { get; init; } = Substances.Slips;

    /// <summary>Slip of water alone, on hair wrung out or wetter.</summary>
    public double WaterSlip { get; init; } = 0.1;

    /// <summary>Share of the tangle left after hair has been worked through once.</summary>
    public double LeftAfterDetangle { get; init; } = 0.5;

    /// <summary>Spread of hands-on durations until a head's own history is known (log-normal sigma).</summary>
    public double Spread { get; init; } = 0.2;

    /// <summary>Twists or braids made piece by piece when nobody says how many.</summary>
    public int UsualPieces { get; init; } = 30;

    /// <summary>Loads at which the next number of sections is used.</summary>
    public IReadOnlyList<double> SectionThresholds { get; init; } = [0.6, 1.35, 2.1, 2.8];

    public IReadOnlyList<int> SectionCounts { get; init; } = [4, 6, 8, 10, 12];
}

/// <summary>Figures that shift processing windows. Craft defaults; settable.</summary>
public sealed record ProcessingFigures
{
    /// <summary>Low porosity without added heat takes longer.</summary>
    public double LowPorosityNoHeat { get; init; } = 1.25;

    /// <summary>High porosity takes up faster.</summary>
    public double HighPorosity { get; init; } = 0.85;

    /// <summary>Protein on damaged or coloured hair is kept shorter.</summary>
    public double DamagedProtein { get; init; } = 0.75;
}
