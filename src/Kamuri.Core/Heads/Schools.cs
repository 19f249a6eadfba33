using Kamuri.Core.Steps;

namespace Kamuri.Core.Heads;

/// <summary>Deep conditioner or mask goes on wet, wrung-out hair or on dry hair.</summary>
public enum ConditionOn
{
    Wrung,
    Dry,
}

/// <summary>Where a hot oil treatment stands.</summary>
public enum HotOilPlace
{
    Before,
    After,
}

/// <summary>Whether conditioner touches the scalp.</summary>
public enum ScalpConditioner
{
    Never,
    CoWash,
}

/// <summary>When a herb treatment goes on.</summary>
public enum HerbsPlace
{
    BeforeCleanse,
    AfterCleanse,
}

/// <summary>On what hair leave-in goes.</summary>
public enum LeaveInOn
{
    /// <summary>Blotted, after the last rinse.</summary>
    Blotted,

    /// <summary>Wet and warm, still in the shower; it is blotted with the leave-in on it.</summary>
    WarmShower,
}

/// <summary>Oils on the scalp.</summary>
public enum ScalpOiling
{
    Penetrating,
    HeavyWashedOut,
    None,
}

/// <summary>When hair is detangled.</summary>
public enum DetangleIn
{
    PrePoo,
    Conditioner,
    LeaveIn,
    FingersOnly,
}

/// <summary>Water of the closing rinse.</summary>
public enum FinalWater
{
    Cool,
    Lukewarm,
}

/// <summary>How long a pre-poo or oil stays on.</summary>
public enum TreatmentLength
{
    Window,
    Overnight,
}

/// <summary>What lifts heavy oil.</summary>
public enum OilLifting
{
    TeaThenTwoPasses,
    Clarify,
    TwoPasses,
}

/// <summary>Where protein stands.</summary>
public enum ProteinPlace
{
    AfterCleanse,
    PrePoo,
    InDeepCondition,
}

/// <summary>What happens to a homemade mixture that is not used up.</summary>
public enum HomemadeKeeping
{
    OneUse,
    KeptCold,
    Frozen,
}

/// <summary>How often hair is washed.</summary>
public enum WashEvery
{
    AsItsKind,
    Week,
    TenToFourteenDays,
    MonthInStyle,
}

/// <summary>
/// Where practitioners disagree, and which side this head takes. Each is a craft default; the head keeps its own and a
/// session may override any of them.
/// </summary>
public sealed record Schools
{
    public ConditionOn ConditionOn { get; init; } = ConditionOn.Wrung;
    public HotOilPlace HotOil { get; init; } = HotOilPlace.Before;
    public HerbsPlace Herbs { get; init; } = HerbsPlace.BeforeCleanse;
    public ScalpConditioner ScalpConditioner { get; init; } = ScalpConditioner.Never;
    public ScalpOiling ScalpOil { get; init; } = ScalpOiling.Penetrating;
    public DetangleIn Detangle { get; init; } = DetangleIn.Conditioner;
    public LeaveInOn LeaveIn { get; init; } = LeaveInOn.Blotted;
    public FinalWater FinalWater { get; init; } = FinalWater.Cool;
    public TreatmentLength Length { get; init; } = TreatmentLength.Window;
    public OilLifting Lifting { get; init; } = OilLifting.TeaThenTwoPasses;
    public ProteinPlace Protein { get; init; } = ProteinPlace.AfterCleanse;

    /// <summary>What warms treatments: a cap, the steamer or the hood.</summary>
    public Heat TreatmentHeat { get; init; } = Heat.Cap;

    public HomemadeKeeping Homemade { get; init; } = HomemadeKeeping.OneUse;
    public WashEvery Rhythm { get; init; } = WashEvery.AsItsKind;

    /// <summary>Ends are conditioned before the cleanse, as a shield.</summary>
    public bool EndsFirst { get; init; }

    /// <summary>Butter as the last layer, for long hold at the price of weight.</summary>
    public bool Butter { get; init; }
}
