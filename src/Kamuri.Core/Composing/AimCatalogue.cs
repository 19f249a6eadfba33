using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Composing;

/// <summary>An aim with what it is about.</summary>
public sealed record AimFacts(Aim Aim, string Hint);

/// <summary>What a day can be for and how it can end, and which of it goes with which kind of hair.</summary>
public static class AimCatalogue
{
    /// <summary>Every aim, the most asked for first.</summary>
    public static IReadOnlyList<AimFacts> All { get; } =
    [
        new(Aim.Moisture, "Pre-poo, cleanse, a deep condition"),
        new(Aim.Strength, "Light protein, moisture behind it"),
        new(Aim.Definition, "Plant gel before, gel after"),
        new(Aim.ScalpComfort, "Massage and oil, washed out"),
        new(Aim.LengthKeeping, "Shielded, fed, sealed"),
        new(Aim.Reset, "Clarify, then a long deep condition"),
        new(Aim.OilFree, "Herb juice instead of oil"),
        new(Aim.Recovery, "After a style: two passes, protein"),
        new(Aim.BeforeStyle, "Clean, combed and fed"),
        new(Aim.Quick, "Cleanse, condition, light layers"),
        new(Aim.Refresh, "Between washes: a light mist"),
        new(Aim.PatchTest, "A drop of something new, a day ahead"),
    ];

    /// <summary>Kinds of hair for which an aim makes a day of its own, and not that of another aim under a second name.</summary>
    public static HairKinds Suits(Aim aim) =>
        aim switch
        {
            Aim.Quick or Aim.ScalpComfort or Aim.Reset or Aim.Refresh or Aim.PatchTest => HairKinds.All,
            Aim.Moisture => HairKinds.Combable | HairKinds.Locs,
            // Days that were asked for so are still composed; they are those of moisture, step by step.
            Aim.LengthKeeping or Aim.BeforeStyle => default,
            _ => HairKinds.Combable,
        };

    /// <summary>Kinds of hair an end style goes with.</summary>
    public static HairKinds Suits(EndStyle style) =>
        style switch
        {
            EndStyle.AsItIs => HairKinds.All,
            EndStyle.Retwist => HairKinds.Locs,
            _ => HairKinds.Combable,
        };

    /// <summary>The style as it stands in a wish: "wash … into twists", "… and leave it as it is".</summary>
    public static string Wish(EndStyle style) =>
        style switch
        {
            EndStyle.AsItIs => "as it is",
            EndStyle.Retwist => "retwisted",
            _ => Planning.PlanSentences.Of(style),
        };

    /// <summary>What a kind of hair is usually washed for.</summary>
    public static Aim UsualAim(HairKinds kind) =>
        kind switch
        {
            HairKinds.TakenDown => Aim.Recovery,
            HairKinds.Locs or HairKinds.Style => Aim.Quick,
            _ => Aim.Moisture,
        };

    /// <summary>How hair is worn again that has come down for a wash.</summary>
    public static EndStyle Again(StyleMade worn) => worn == StyleMade.Twists ? EndStyle.SingleTwists : EndStyle.Braids;

    /// <summary>How a kind of hair is usually worn afterwards.</summary>
    public static EndStyle UsualStyle(HairKinds kind) => (kind & HairKinds.Kept) != 0 ? EndStyle.AsItIs : EndStyle.Twists;
}
