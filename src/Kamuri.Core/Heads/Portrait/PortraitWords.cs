namespace Kamuri.Core.Heads.Portrait;

/// <summary>What is said of a head in its portrait.</summary>
[Texts("the portrait of a head")]
internal static class PortraitWords
{
    // How the hair is
    public const string WornLoose = "loose";
    public const string WornInABun = "in a bun";
    public const string WornInTwists = "in twists";
    public const string WornInBraids = "in braids";

    public static string Worn(string worn) => $"Worn {worn}.";

    public static string WornSince(string worn, string date) => $"Worn {worn} since {date}.";

    public static string LocsOfStage(string stage, string count, string thickness) => $"{count} {stage} locs, {thickness} mm thick.";

    public static string InAStyleSince(string made, string date, string days) => $"{made}, in since {date}: {days}.";

    public static string InAStyleToday(string made) => $"{made}, in since today.";

    public static string InAStyle(string made) => $"{made}, in since a day that was not noted.";

    public static string AddedHair(string grams) => $"{grams} g of hair was added.";

    public static string JustOut(string made, string days) => $"{made} taken down after {days}.";

    public static string LiesOnIt(string what, string date) => $"On it since {date}: {what}.";

    public const string NothingLiesOnIt = "Nothing is known to lie on it.";

    // What suits it
    public const string LowPorositySuits = "Liquids go on warm, and lighter layers sink in better.";
    public const string HighPorositySuits = "A cool last rinse and a seal on top keep the water in.";
    public const string LocsSuit = "Light products that leave no residue. No butter, wax or creamy mask.";
    public const string StyleSuits = "Diluted cleanser along the parts, pressed and not rubbed.";
    public const string TakenDownSuits = "Slip at each root before any water, then two gentle passes.";
    public const string FineSuits = "Little oil: fine strands hang heavy with much of it.";
    public const string CoarseSuits = "Time under the cap: thick strands soften slowly.";
    public const string DamagedSuits = "Short protein treatments, because colour, relaxer or heat left it fragile.";
    public const string ChildSuits = "Short sittings, and plain products without scent.";

    public static string FragileZoneNoted(string zone, string note) => $"{zone}: {note}. Product first, tools last.";

    public static string FragileZone(string zone) => $"{zone}: product first, tools last.";

    // What must never touch it
    public static string Reacted(string ingredient) => $"{ingredient}, because it reacted";

    public const string UnderSixNever = "onion, pepper and menthol, because of the age";
    public const string BrokenSkinNever = "irritants and heat, while the skin is broken";
    public const string NoHeat = "a hood or steamer";

    // What was learned
    public static string TakesMore(string percent, string count) => $"Takes {percent} % more than the formula says. Seen {count}.";

    public static string TakesLess(string percent, string count) => $"Takes {percent} % less than the formula says. Seen {count}.";

    public static string TakesAsMuch(string count) => $"Takes what the formula says. Seen {count}.";

    public const string NothingLearned = "Nothing yet. Enter what was really used after a day, and the amounts follow.";
}
