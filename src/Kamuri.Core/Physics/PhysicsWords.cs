namespace Kamuri.Core.Physics;

/// <summary>What is said about drying and cooling.</summary>
[Texts("drying and cooling")]
internal static class PhysicsWords
{
    // Drying
    public static string HForGramsPerGramGWaterPer(string gramsPerGram) =>
        $"h for {gramsPerGram} g water per g hair at {Say.Temperature(22)} and 50 %";

    public const string SurfaceOpenInTwists = "surface open in twists";
    public const string SurfaceOpenInABun = "surface open in a bun";
    public const string SurfaceOpenInBraids = "surface open in braids";
    public const string SurfaceOpenInLocs = "surface open in locs";
    public const string OpenSurface = "open surface";
    public const string ForTheCoreOfTheLocs = "for the core of the locs";

    public static string OpenInABundleOf(string grams) => $"open surface per gram in a bundle of {grams} g";

    public static string ForAirAtRoomCAnd(string room, string share) => $"for air at {room} and {share} %";

    public const string ForAFan = "for a fan";
    public const string ForTheHoodLow = "for the hood, low";
    public const string ForACoolBlowDry = "for a cool blow-dry";
    public const string StillAir = "still air";

    // WarmthForecast
    public const string TheseReadingsDoNotFitSomething =
        "These readings do not fit something cooling in this room. Measure again, a few minutes apart.";
    public const string ItIsNoLongerWarmStand = "It is no longer warm. Stand it in hot water.";
    public const string InThisRoomItStaysToo = "In this room it stays too warm for skin. Stand it in cold water.";

    public static string ComfortableFromTimeAndItStays(string time) => $"Comfortable from {time}, and it stays warm in this room.";

    public static string ComfortableFromTimeStillWarmUntil(string time, string time2) =>
        $"Comfortable from {time}, still warm until {time2}.";

    public const string ItWillNotGetWarmEnough = "It will not get warm enough. Use a warmer bath.";

    public static string WarmEnoughFromTime(string time) => $"Warm enough from {time}.";

    public static string WarmEnoughFromTimeTakeIt(string time, string time2) => $"Warm enough from {time}. Take it out by {time2}.";
}
