using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Figures;

/// <summary>
/// Every settable figure of the craft in one record. All of them are craft defaults that a household may change;
/// nothing in the core carries a number of the craft outside this record and the step catalogue.
/// </summary>
public sealed record CraftFigures
{
    /// <summary>The figures as shipped.</summary>
    public static CraftFigures Default { get; } = new();

    public HeadFigures Head { get; init; } = new();
    public HandsOnFigures HandsOn { get; init; } = new();
    public ProcessingFigures Processing { get; init; } = new();
    public DryingFigures Drying { get; init; } = new();
    public CoolingFigures Cooling { get; init; } = new();
    public FilmFigures Film { get; init; } = new();
    public MixtureFigures Mixtures { get; init; } = new();
    public RhythmFigures Rhythm { get; init; } = new();
}
