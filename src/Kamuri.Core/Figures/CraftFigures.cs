using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Observing;
using Kamuri.Core.Physics;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Running.Mishaps;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;
using Kamuri.Core.Units;

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
    public MeasureFigures Measures { get; init; } = new();
    public MixtureFigures Mixtures { get; init; } = new();
    public RhythmFigures Rhythm { get; init; } = new();
    public MoistureFigures Moisture { get; init; } = new();
    public ShedFigures Shed { get; init; } = new();
    public NightFigures Night { get; init; } = new();
    public BreakFigures Breaks { get; init; } = new();
    public MishapFigures Mishaps { get; init; } = new();

    /// <summary>Steps whose times a household has changed, by catalogue id.</summary>
    public IReadOnlyDictionary<string, StepFigures> Steps { get; init; } = new Dictionary<string, StepFigures>();

    /// <summary>How long hands are busy with a kind of step.</summary>
    public HandsOnModel HandsOnOf(StepKind kind) => Steps.GetValueOrDefault(kind.Id)?.HandsOn ?? kind.HandsOn;

    /// <summary>How long a kind of step works by itself; null when it does not.</summary>
    public ProcessingModel? ProcessingOf(StepKind kind) => Steps.GetValueOrDefault(kind.Id)?.Processing ?? kind.Processing;
}
