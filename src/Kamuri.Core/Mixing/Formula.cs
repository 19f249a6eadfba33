using Kamuri.Core.Physics;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>The kinds of mixture a home kitchen makes.</summary>
public enum FormulaKind
{
    SeedGel,
    LeafGel,
    PodGel,
    GrainWater,
    HerbTea,
    OnionJuice,
    InfusedOil,
    WarmedOil,
    PowderPaste,
    MeltedBar,
    BoostedConditioner,
    EggMask,
    ClayMask,
    RefreshSpray,
    WhippedButter,
    Other,
}

/// <summary>Where a wait in the kitchen takes place.</summary>
public enum WaitsAt
{
    Counter,
    Stove,
    Fridge,
}

/// <summary>What a method step does that rules ask for later.</summary>
[Flags]
public enum MethodDeeds
{
    None = 0,
    Strains = 1,
    Sieves = 2,
    DrainsSap = 4,
}

/// <summary>One thing done in the kitchen, with the wait behind it.</summary>
/// <param name="Id">Short name, unique within the formula.</param>
/// <param name="Title">What hands do; an ingredient's name in braces is replaced by its amount and name.</param>
/// <param name="HandsOnMinutes">How long hands are busy, 0.5 to 240.</param>
/// <param name="Needs">What else must be free while hands are busy and while it stands.</param>
/// <param name="WaitTitle">What the mixture does by itself afterwards; null when nothing.</param>
/// <param name="Wait">How long, in minutes; null with <paramref name="Cools"/> means the cooling model says.</param>
/// <param name="Cools">The wait is cooling to skin temperature.</param>
public sealed record MethodStep(
    string Id,
    string Title,
    double HandsOnMinutes,
    IReadOnlyList<Resource> Needs,
    string? WaitTitle = null,
    Window? Wait = null,
    bool Cools = false
)
{
    public WaitsAt At { get; init; }

    public MethodDeeds Does { get; init; }
}

/// <summary>Something that goes into a formula.</summary>
/// <param name="Name">As it is called: a material, or the product or formula it is taken from.</param>
/// <param name="Amount">In <paramref name="Unit"/>; above 0.</param>
/// <param name="Unit">What it is measured in.</param>
public sealed record FormulaIngredient(string Name, double Amount, Unit Unit)
{
    /// <summary>A product on the shelf; null for none.</summary>
    public Guid? ProductId { get; init; }

    /// <summary>Another formula, a batch of which goes in; null for none.</summary>
    public Guid? FormulaId { get; init; }

    /// <summary>Goes in once the rest is strained, so that nothing of it stays behind.</summary>
    public bool AfterStraining { get; init; }
}

/// <summary>How long something keeps in one place, in days; 0 is the same day.</summary>
/// <param name="Days">As long as nobody looks again.</param>
/// <param name="AtMost">As long as it looks and smells as it should.</param>
public sealed record KeepSpan(int Days, int AtMost);

/// <summary>Where a mixture keeps and how long; null where it does not keep at all.</summary>
public sealed record KeepRule(KeepSpan? Room, KeepSpan? Fridge, KeepSpan? Freezer)
{
    /// <summary>To be used at once.</summary>
    public static KeepRule Now { get; } = new(new KeepSpan(0, 0), null, null);

    /// <summary>Keeps less than a day wherever it stands.</summary>
    public bool IsUnderADay => (Room?.Days ?? 0) < 1 && (Fridge?.Days ?? 0) < 1;

    /// <summary>Where it is best put: the fridge before the room, unless the room is as good.</summary>
    public Keeping Best =>
        Room is { } room && room.Days >= (Fridge?.Days ?? 0) ? Keeping.Room
        : Fridge is not null ? Keeping.Fridge
        : Keeping.Room;

    /// <summary>The span for a place; null when it does not keep there.</summary>
    public KeepSpan? At(Keeping place) =>
        place switch
        {
            Keeping.Room => Room,
            Keeping.Fridge => Fridge,
            _ => Freezer,
        };

    /// <summary>In words: "fridge 7 to 14 days, frozen 90 days".</summary>
    public string Words
    {
        get
        {
            var places = new[] { (KitchenWords.AtRoomTemperature, Room), (KitchenWords.InTheFridge, Fridge), ("frozen", Freezer) }
                .Where(pair => pair.Item2 is not null)
                .Select(pair =>
                    pair.Item2 is { AtMost: 0 } ? KitchenWords.Item1TheSameDay(pair.Item1)
                    : pair.Item2!.AtMost > pair.Item2.Days
                        ? KitchenWords.Item1DaysToAtMostDays(pair.Item1, $"{pair.Item2.Days}", $"{pair.Item2.AtMost}")
                    : KitchenWords.PlaceForDays(pair.Item1, Say.Count(pair.Item2.Days, "day", "days"))
                )
                .ToList();
            return places.Count == 0 || (places.Count == 1 && Room is { AtMost: 0 })
                ? KitchenWords.UseItTheSameDay
                : KitchenWords.KeepsPlaces(string.Join(", ", places));
        }
    }
}

/// <summary>Where a batch is kept.</summary>
public enum Keeping
{
    Room,
    Fridge,
    Freezer,
}

/// <summary>A mixture as it is written down: what goes in, how it is made, what it comes to and how it keeps.</summary>
public sealed record Formula
{
    public required Guid Id { get; init; }
    public required string Name { get; init; }
    public required FormulaKind Kind { get; init; }
    public required IReadOnlyList<FormulaIngredient> Ingredients { get; init; }
    public IReadOnlyList<MethodStep> Method { get; init; } = [];

    /// <summary>What is left of the volume once strained, 0.05 to 1; straining a gel keeps 0.55 to 0.75 (craft default).</summary>
    public double YieldShare { get; init; } = 1;

    public required KeepRule Keep { get; init; }

    /// <summary>What a step can put on with it.</summary>
    public IReadOnlyList<Substance> ServesAs { get; init; } = [];

    /// <summary>What it stands in while it cools.</summary>
    public Vessel Vessel { get; init; } = Vessel.WideBowl;

    /// <summary>How warm it is when it begins to cool; null takes the figure for what was just strained.</summary>
    public Celsius? HotAt { get; init; }

    /// <summary>Has to be put on while it is warm.</summary>
    public bool UsedWarm { get; init; }

    /// <summary>What else is worth knowing.</summary>
    public string Note { get; init; } = "";

    /// <summary>Came with Kamuri, and is copied to be changed.</summary>
    public bool IsShipped { get; init; }

    /// <summary>Everything its method does.</summary>
    public MethodDeeds Deeds => Method.Aggregate(MethodDeeds.None, (deeds, step) => deeds | step.Does);
}
