using Kamuri.Core.Steps;

namespace Kamuri.Core.Heads;

/// <summary>How grown together locs are.</summary>
public enum LocStage
{
    Starter,
    Maturing,
    Mature,
}

/// <summary>What a worn style is made of.</summary>
public enum StyleMade
{
    Braids,
    Twists,
    Cornrows,
    Crochet,
}

/// <summary>Locs on a head.</summary>
/// <param name="Stage">How grown together they are.</param>
/// <param name="Count">How many, 10 to 400.</param>
/// <param name="ThicknessMillimetres">Measured thickness of one, 2 to 40 mm.</param>
public sealed record LocsWorn(LocStage Stage, int Count, double ThicknessMillimetres);

/// <summary>A protective style on a head.</summary>
/// <param name="Made">What it is made of.</param>
/// <param name="PutIn">When it was put in; null when not on record.</param>
/// <param name="AddedHairGrams">Mass of added hair, 0 for none.</param>
public sealed record StyleWorn(StyleMade Made, DateOnly? PutIn = null, double AddedHairGrams = 0);

/// <summary>A style or locs that has just come down.</summary>
/// <param name="Made">What it was.</param>
/// <param name="WornDays">How long it was worn.</param>
public sealed record TakenDown(StyleMade Made, int WornDays);

/// <summary>How the hair is kept at the moment: loose, as locs, in a style, or just out of one. Exactly one.</summary>
/// <param name="Locs">Set for locs.</param>
/// <param name="Style">Set while a protective style is in.</param>
/// <param name="Down">Set on the day after a take-down.</param>
public sealed record Wear(LocsWorn? Locs = null, StyleWorn? Style = null, TakenDown? Down = null)
{
    public static Wear Loose { get; } = new();

    /// <summary>The one kind it stands for.</summary>
    public HairKinds Kind =>
        Locs is not null ? HairKinds.Locs
        : Style is not null ? HairKinds.Style
        : Down is not null ? HairKinds.TakenDown
        : HairKinds.Loose;

    /// <summary>Days a style was worn of which nobody knows when it was put in (product default).</summary>
    private const int UsualWornDays = 28;

    /// <summary>The same hair with its style taken down on a day; as it is where there is none.</summary>
    public Wear TakenDownOn(DateOnly day) =>
        Style is { } style
            ? new Wear(
                Down: new TakenDown(
                    style.Made,
                    style.PutIn is { } since ? Math.Clamp(day.DayNumber - since.DayNumber, 1, HeadLimits.LongestWornDays) : UsualWornDays
                )
            )
            : this;

    /// <summary>The same hair after a day. Locs stay locs; of anything else the style that went in last is what is worn.</summary>
    /// <param name="putIn">The tension style that was put in; null for none.</param>
    /// <param name="isDown">Whether a style came down, or hair that was just out of one was washed.</param>
    /// <param name="day">The household's date.</param>
    public Wear After(StyleMade? putIn, bool isDown, DateOnly day) =>
        Locs is not null ? this
        : putIn is { } made ? new Wear(Style: new StyleWorn(made, day))
        : isDown ? Loose
        : this;

    /// <summary>In plain words: "locs, mature", "braids with added hair".</summary>
    public string Words =>
        this switch
        {
            { Locs: { } locs } => HeadWords.LocsStage(HeadNames.Of(locs.Stage)),
            { Style: { } style } => style.AddedHairGrams > 0
                ? HeadWords.MadeWithAddedHair(HeadNames.Of(style.Made))
                : HeadNames.Of(style.Made),
            { Down: { } down } => HeadWords.JustOutOfMade(HeadNames.Of(down.Made)),
            _ => "loose",
        };
}
