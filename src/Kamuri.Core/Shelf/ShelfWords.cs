namespace Kamuri.Core.Shelf;

/// <summary>What is said about the shelf.</summary>
[Texts("the shelf")]
internal static class ShelfWords
{
    // PatchTest
    public const string NoReaction = "No reaction.";
    public const string TheSkinReactedNeverAgainOn = "The skin reacted: never again on this head.";

    public static string LookAtTheSkinFromLocal(string local) => $"Look at the skin from {local}.";

    public const string LookAtTheSkinNowRedness = "Look at the skin now: redness, bumps, itching?";

    // Product
    public static string ExpiredLeftDaysAgo(string days) => $"Expired {days} ago.";

    public const string UseItToday = "Use it today.";

    public static string GoodForLeftMoreDays(string days) => $"Good for {days}.";

    public static string GoodUntilUntil(string until) => $"Good until {until}.";

    // ShoppingList
    public const string Expired = "Expired.";
    public const string Empty = "Empty.";

    public static string OneUseLeft(string left, string most) => $"{left} left. One use takes up to {most}.";

    public static string UsesLeft(string left, string uses, string most) => $"{left} left, enough for {uses} of up to {most}.";
}
