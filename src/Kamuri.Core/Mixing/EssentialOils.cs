using Kamuri.Core.Heads;
using Kamuri.Core.Shelf;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>What is wrong with the essential oil in something, from nothing to never.</summary>
public enum EssentialOilVerdict
{
    Fine,

    /// <summary>A label names some without its share, and that may be too much.</summary>
    MayBeTooMuch,

    /// <summary>More than the limit for sharp ones.</summary>
    TooSharp,

    /// <summary>More than the limit.</summary>
    TooMuch,

    /// <summary>None is allowed, and there is some.</summary>
    Never,
}

/// <summary>Judges essential oils against the limits of a head.</summary>
public static class EssentialOils
{
    /// <summary>Oils that sting before others do; craft.</summary>
    private static readonly HashSet<string> Sharp = new(StringComparer.OrdinalIgnoreCase)
    {
        "peppermint oil",
        "tea tree oil",
        "spearmint oil",
        "mint oil",
        "menthol",
        "camphor",
        "eucalyptus oil",
        "cinnamon oil",
        "clove oil",
        "wintergreen oil",
        "oregano oil",
        "thymol",
        "black pepper oil",
        "ginger oil",
    };

    /// <summary>Whether an oil, by its plain name, is of the peppermint and tea-tree kind.</summary>
    public static bool IsSharp(string name) => Sharp.Contains(name);

    /// <summary>
    /// Judges what something holds. A mixture is judged at what a dropper can measure: over by less than half a drop, in what
    /// is made at once, is at the limit and not over it (craft §8).
    /// </summary>
    /// <param name="use">What is put on.</param>
    /// <param name="head">Whose limits count.</param>
    /// <param name="leaveOn">Whether it stays on.</param>
    /// <param name="made">How much of it is made for the head; null when nobody knows.</param>
    /// <param name="figures">Limits, % by volume.</param>
    /// <param name="measures">What a drop is.</param>
    public static EssentialOilVerdict Judge(
        StepUse use,
        Head head,
        bool leaveOn,
        Millilitres? made,
        MixtureFigures figures,
        MeasureFigures measures
    )
    {
        var limit = figures.EssentialOilLimit(head, leaveOn);
        if (limit == 0)
        {
            return use.EssentialOilAtMost > 0 ? EssentialOilVerdict.Never : EssentialOilVerdict.Fine;
        }

        var halfADrop = use.MeasuredOutIn is { Value: > 0 } whole
            ? 100 * 0.5 / measures.DropsPerMillilitre / Math.Max(whole.Value, made?.Value ?? 0)
            : 0;
        return use.EssentialOilPercent - limit >= halfADrop && use.EssentialOilPercent > limit ? EssentialOilVerdict.TooMuch
            : use.SharpOilPercent - figures.SharpOil >= halfADrop && use.SharpOilPercent > figures.SharpOil ? EssentialOilVerdict.TooSharp
            : use.EssentialOilAtMost > Math.Max(limit, use.EssentialOilPercent) ? EssentialOilVerdict.MayBeTooMuch
            : EssentialOilVerdict.Fine;
    }
}
