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
}
