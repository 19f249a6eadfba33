using Kamuri.Core.Physics;

namespace Kamuri.Core.Steps;

/// <summary>A processing window in minutes: not before, usually, not after.</summary>
public sealed record Window(double Earliest, double Usual, double Latest);

/// <summary>How long hands are busy with a step: minutes once, and minutes for each sixth of a head.</summary>
/// <param name="SetupMinutes">Once per step, whatever the head.</param>
/// <param name="MinutesPerSixth">Base at 30 cm, medium density, tangle 1; 0 when it is not worked section by section.</param>
/// <param name="TangleShare">How much of the tangle slows it: 1 for what opens knots, 0.5 for applying and rinsing, 0 for the rest.</param>
/// <param name="MinutesPerPiece">For work done piece by piece (single twists, braids, locs): minutes each, whatever the section.</param>
public sealed record HandsOnModel(double SetupMinutes, double MinutesPerSixth = 0, double TangleShare = 0, double MinutesPerPiece = 0)
{
    /// <summary>Share of the tangle that slows applying and rinsing (craft §9).</summary>
    public const double Applying = 0.5;

    public bool IsSectioned => MinutesPerSixth > 0;
}

/// <summary>How long a step works by itself, and what changes that.</summary>
/// <param name="Body">Window at body heat.</param>
/// <param name="Heated">Window under hood or steamer; null when the treatment takes no heat.</param>
/// <param name="AfterClarify">Longer body-heat window when clarifying or clay came before.</param>
/// <param name="AfterClarifyHeated">The same under heat.</param>
/// <param name="FollowsPorosity">Whether porosity shifts the usual time.</param>
/// <param name="IsProtein">Whether damage shortens it.</param>
/// <param name="AfterLatest">What happens when it stays on past the latest.</param>
/// <param name="IsHarmlessAfter">Whether that is nothing to be warned of.</param>
public sealed record ProcessingModel(
    Window Body,
    Window? Heated = null,
    Window? AfterClarify = null,
    Window? AfterClarifyHeated = null,
    bool FollowsPorosity = false,
    bool IsProtein = false,
    string AfterLatest = "",
    bool IsHarmlessAfter = false
);

/// <summary>Treatments with a rhythm of their own.</summary>
public enum Treatment
{
    Wash,
    Clarify,
    LightProtein,
    StrongProtein,
    HotOil,
    HerbPrePoo,
    Retwist,
    TensionStyle,
    LocDetox,
    GrainWater,
    TakeDown,
}

/// <summary>One kind of step: a catalogue entry. Adding a step to the craft is adding one of these.</summary>
public sealed record StepKind
{
    /// <summary>Stable name used in plans and edits, kebab-case.</summary>
    public required string Id { get; init; }

    /// <summary>As a title: "Wet through".</summary>
    public required string Name { get; init; }

    /// <summary>As it reads within a sentence: "wetting".</summary>
    public required string Noun { get; init; }

    public required Phase Phase { get; init; }

    /// <summary>What to do, in one or two short sentences.</summary>
    public required string Instruction { get; init; }

    public Places Places { get; init; }
    public Direction Direction { get; init; }
    public required HandsOnModel HandsOn { get; init; }
    public ProcessingModel? Processing { get; init; }

    /// <summary>Driest hair it can be done on.</summary>
    public Wetness NeedsAtLeast { get; init; } = Wetness.Dry;

    /// <summary>Wettest hair it can be done on.</summary>
    public Wetness NeedsAtMost { get; init; } = Wetness.Soaked;

    /// <summary>How it leaves the hair; null when unchanged.</summary>
    public Wetness? Leaves { get; init; }

    public WaterTemperature Water { get; init; }
    public Substance? Puts { get; init; }
    public Removal Removes { get; init; }

    /// <summary>What must be free besides hands while hands are busy with it.</summary>
    public IReadOnlyList<Resource> Needs { get; init; } = [];

    /// <summary>Done while a treatment already lies on the hair, as detangling and covering are.</summary>
    public bool IsCompanion { get; init; }

    /// <summary>Goes on warm, from a jar that stood in hot water.</summary>
    public bool IsWarmed { get; init; }

    /// <summary>Puts a cover on, so that the window of the treatment underneath counts from here.</summary>
    public bool Covers { get; init; }

    /// <summary>A cleanse that conditioner must follow.</summary>
    public bool IsCleanse { get; init; }

    /// <summary>A conditioning step, which a cleanse asks for.</summary>
    public bool IsConditioning { get; init; }

    /// <summary>Uses a comb or brush.</summary>
    public bool IsToolDetangle { get; init; }

    /// <summary>Combs through, so that tangle falls.</summary>
    public bool Detangles { get; init; }

    /// <summary>A treatment that belongs before the cleanse.</summary>
    public bool IsBeforeCleanse { get; init; }

    /// <summary>Sets the hair into a hang for drying.</summary>
    public Hang? Sets { get; init; }

    /// <summary>Waits for drying: its window comes from the drying model.</summary>
    public bool IsDrying { get; init; }

    /// <summary>Kinds of hair it may be done on.</summary>
    public HairKinds Suits { get; init; } = HairKinds.All;

    /// <summary>Strips the hair bare, as clarifying and clay do, so that a long deep condition has to follow.</summary>
    public bool StripsBare { get; init; }

    /// <summary>Lifts heavy oil, so that one pass of shampoo takes the rest.</summary>
    public bool LiftsOil { get; init; }

    /// <summary>The last rinse before the layers, whose water closes.</summary>
    public bool IsClosingRinse { get; init; }

    /// <summary>Bed, scarf or cap for the night.</summary>
    public bool IsNight { get; init; }

    /// <summary>Goes on through the night, so that the session goes on the next day.</summary>
    public bool IsOvernight { get; init; }

    /// <summary>Pulls at the roots while it is worn or made.</summary>
    public bool IsTensionStyle { get; init; }

    /// <summary>The treatment whose rhythm it counts towards; null for none.</summary>
    public Treatment? Treatment { get; init; }

    /// <summary>A preparation in the kitchen this step uses, by id.</summary>
    public string? Preparation { get; init; }

    /// <summary>Whether the day still makes sense without it when time runs short.</summary>
    public bool CanBeSpared { get; init; }

    /// <summary>Cautions shown at this step, by id.</summary>
    public IReadOnlyList<string> Cautions { get; init; } = [];
}
