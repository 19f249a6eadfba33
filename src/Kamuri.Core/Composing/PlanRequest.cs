using Kamuri.Core.Heads;
using Kamuri.Core.Learning;
using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Routines;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Composing;

/// <summary>What a wash day is for.</summary>
public enum Aim
{
    Moisture,
    Strength,
    Reset,
    Quick,
    Definition,
    ScalpComfort,
    OilFree,
    Recovery,
    BeforeStyle,
    LengthKeeping,
    Refresh,
    PatchTest,
}

/// <summary>What a wet strand does when it is stretched; decides between protein and moisture.</summary>
public enum StretchCheck
{
    Balanced,
    NeedsProtein,
    NeedsMoisture,
}

/// <summary>How the hair is to be worn afterwards.</summary>
public enum EndStyle
{
    Twists,
    TwistOut,
    WashAndGo,
    Bun,
    SingleTwists,
    Braids,
    AsItIs,
    Retwist,
}

/// <summary>The room the hair dries in and what stands in it.</summary>
public sealed record Room(Celsius Temperature, RelativeHumidity Humidity)
{
    public const double ColdestCelsius = 5;
    public const double HottestCelsius = 40;

    /// <summary>Above this share hair hardly dries at all and a forecast would be fiction.</summary>
    public const double DampestShare = 0.95;
}

/// <summary>How many of each thing a household has.</summary>
public sealed record Equipment(int PairsOfHands = 1, int Showers = 1, int Stoves = 1, int Hoods = 0, int Steamers = 0)
{
    public int Count(Resource resource) =>
        resource switch
        {
            Resource.Hands => PairsOfHands,
            Resource.Shower => Showers,
            Resource.Stove => Stoves,
            Resource.Hood => Hoods,
            _ => Steamers,
        };
}

/// <summary>When: either from a start, or to be ready and dry by a moment.</summary>
/// <param name="Now">The moment of asking; nothing is planned before it.</param>
/// <param name="StartAt">Start here; null when <paramref name="ReadyBy"/> is given or to start now.</param>
/// <param name="ReadyBy">Ready and dry by here.</param>
public sealed record When(DateTimeOffset Now, DateTimeOffset? StartAt = null, DateTimeOffset? ReadyBy = null)
{
    /// <summary>The household's zone, for days on which its clocks change; null keeps every moment as it is written.</summary>
    public TimeZoneInfo? Zone { get; init; }

    /// <summary>A moment as the clock on the wall shows it then.</summary>
    public DateTimeOffset Wall(DateTimeOffset moment) => Zone is null ? moment : TimeZoneInfo.ConvertTime(moment, Zone);

    /// <summary>So many hours on the clock of a day; in an hour that a clock change skips, the moment just after.</summary>
    /// <param name="days">Days from today.</param>
    /// <param name="hours">Hours on the clock.</param>
    public DateTimeOffset Clock(int days, double hours)
    {
        var wall = Wall(Now).Date.AddDays(days).AddHours(hours);
        if (Zone is null)
        {
            return new DateTimeOffset(wall, Now.Offset);
        }

        wall = Zone.IsInvalidTime(wall) ? wall.AddHours(1) : wall;
        return new DateTimeOffset(wall, Zone.GetUtcOffset(wall));
    }
}

/// <summary>Everything a plan is composed from.</summary>
public sealed record PlanRequest
{
    public required Head Head { get; init; }
    public required Aim Aim { get; init; }
    public required EndStyle Style { get; init; }

    /// <summary>Id of a shipped routine; null takes the one that is best for head and aim.</summary>
    public string? Routine { get; init; }

    /// <summary>A routine of the household's own, taken as it is: rules speak of it and mend nothing. Null for a shipped one.</summary>
    public Routine? Own { get; init; }

    /// <summary>How the hair comes to the day.</summary>
    public StartingHair Starts { get; init; } = StartingHair.Dry;

    public required When When { get; init; }

    /// <summary>The household's date on the day of the session; tangle and rhythm count from it.</summary>
    public required DateOnly Today { get; init; }

    public Room Room { get; init; } = new(new Celsius(22), new RelativeHumidity(0.5));
    public Equipment Equipment { get; init; } = new();

    /// <summary>Whether a tea rinse is brewed and used; null lets the aim decide.</summary>
    public bool? TeaRinse { get; init; }

    /// <summary>What warms pre-poo and deep condition; null takes the school.</summary>
    public Heat? TreatmentHeat { get; init; }

    /// <summary>How the finished hair dries.</summary>
    public Air DryingAir { get; init; } = Air.Still;

    /// <summary>The side taken where practitioners disagree; null takes the head's own.</summary>
    public Schools? Schools { get; init; }

    /// <summary>What the stretch check said today; null when it was not made.</summary>
    public StretchCheck? Stretch { get; init; }

    /// <summary>What is on record of this head.</summary>
    public History History { get; init; } = History.Empty;

    /// <summary>What steps are done with, by step id or kind.</summary>
    public IReadOnlyDictionary<string, StepUse> Uses { get; init; } = new Dictionary<string, StepUse>();

    /// <summary>What the kitchen knows: formulas, products, the words of labels.</summary>
    public Kitchen Kitchen { get; init; } = Kitchen.Shipped;

    /// <summary>What was made and is not used up, whether still good or not.</summary>
    public IReadOnlyList<Batch> Batches { get; init; } = [];

    /// <summary>What stands on the shelf, for steps nobody chose a product for.</summary>
    public IReadOnlyList<StockItem> Stock { get; init; } = [];

    /// <summary>How much this head was seen to take.</summary>
    public Hand Hand { get; init; } = Hand.Unknown;

    /// <summary>Whether the day ends in bed, so that a scarf is part of it.</summary>
    public bool EndsInBed { get; init; }

    /// <summary>The style comes down first; the head is then one whose style has just been taken down.</summary>
    public bool TakesDown { get; init; }

    /// <summary>Order of layers; null takes the head's own school.</summary>
    public Layering? Layering { get; init; }

    /// <summary>Sections for this session; null takes the head's habit or lets the core choose.</summary>
    public int? Sections { get; init; }

    /// <summary>
    /// The steps to take as they are, from a template or a script; null lets the composer choose. Rules speak of them as
    /// of any plan, and edits come on top.
    /// </summary>
    public IReadOnlyList<PlanStep>? Steps { get; init; }

    /// <summary>Changes a person made to the composed plan, in order.</summary>
    public IReadOnlyList<PlanEdit> Edits { get; init; } = [];

    public Schools SchoolsInUse => Schools ?? Head.Schools;

    /// <summary>
    /// What warms treatments. A school that asks for something the house does not have falls back on a cap, which
    /// <see cref="SchoolConflicts"/> says; what a person asks for by name stays.
    /// </summary>
    public Heat TreatmentHeatInUse =>
        TreatmentHeat
        ?? (
            SchoolsInUse.TreatmentHeat switch
            {
                Heat.Steamer when Equipment.Steamers > 0 => Heat.Steamer,
                Heat.Hood when Equipment.Hoods > 0 => Heat.Hood,
                _ => Heat.Cap,
            }
        );

    /// <summary>What a step is done with: what was said of this step, or of its kind; null when nothing was.</summary>
    public StepUse? UseOf(PlanStep step) =>
        step.OnForMinutes is null && (Uses.GetValueOrDefault(step.Id) ?? Uses.GetValueOrDefault(step.Kind.Id)) is { IsNothing: false } use
            ? use
            : null;

    public HairKinds Kind => Head.Wear.Kind;

    /// <summary>Whether hair gets wet through at all: a refresh and a patch test are days of their own without a wash.</summary>
    public bool IsWashDay => Aim is not (Aim.Refresh or Aim.PatchTest);

    public Layering LayeringInUse => Layering ?? Head.Layering;

    public bool UsesTea =>
        TeaRinse
        ?? (Kind & HairKinds.Combable) != 0 && Aim is not (Aim.Quick or Aim.OilFree or Aim.Definition or Aim.Refresh or Aim.PatchTest);
}
