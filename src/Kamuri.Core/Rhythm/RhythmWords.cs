namespace Kamuri.Core.Rhythm;

/// <summary>What is said about rhythm.</summary>
[Texts("rhythm")]
internal static class RhythmWords
{
    // WashRhythm
    public const string NoWashDayOnRecordYet = "No wash day on record yet. Any day will do.";
    public const string WashedToday = "Washed today";
    public const string WashedYesterday = "Washed yesterday";

    public static string WashedDaysDaysAgo(string days) => $"Washed {days} days ago";

    public static string WashedDayNumberDaysOverdueLatestAt(string washed, string dayNumber, string latest) =>
        $"{washed}, {dayNumber} days overdue ({latest} at the latest). Expect more tangles.";

    public static string WashedDueNow(string washed, string latest) => $"{washed}. Due now; by {latest} at the latest.";

    public static string WashedDueTomorrow(string washed) => $"{washed}. Due tomorrow.";

    public static string WashedDueInDays(string washed, string days, string date) => $"{washed}. Due in {days} days, {date}.";

    // MoistureClock
    public static string SoftUntil(string date, string least, string most, string working) =>
        $"Soft until about {date} ({least} to {most}): {working}.";

    public static string Factor(string factor, string why) => $"{factor} {why}";

    public const string OilAndButter = "for oil and butter on top";
    public const string NothingSeals = "for no oil on top";
    public const string HighPorosity = "for high porosity";
    public const string LowPorosity = "for low porosity";
    public const string DryAir = "for dry air";
    public const string WornLoose = "days worn loose";
    public const string InABun = "days in a bun";
    public const string InTwists = "days in twists";
    public const string InBraids = "days in braids";
    public const string InAStyle = "days in a style";
    public const string AsLocs = "days as locs";

    // WashRhythm.Upkeep
    public static string TakeItDownBy(string date) => $"Take it down by {date}.";

    public static string HasBeenInForTooLong(string days) => $"It has been in for more than {days} days. Take it down.";

    public static string MistAbout(string date) => $"Mist it about {date}, halfway to the next wash.";
}
