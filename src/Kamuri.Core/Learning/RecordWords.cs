namespace Kamuri.Core.Learning;

/// <summary>What is said about the record.</summary>
[Texts("the record")]
internal static class RecordWords
{
    // SessionReview
    public const string PutOff = "put off";
    public const string TickedNotTimed = "ticked, not timed";
    public const string MostOfItWasTicked = "Most of it was ticked, not timed.";
    public const string LeftOut = "left out";

    public static string LongerThanMinutes(string minutes) => $"longer than {minutes}";

    public static string ShorterThanMinutes(string minutes) => $"shorter than {minutes}";

    public const string PutAsideAndNotResumed = "put aside and not resumed";
    public const string PutAsideAndResumedLater = "put aside and resumed later";

    public static string ItTookMinutesJustAsPlanned(string minutes) => $"It took {minutes}, just as planned.";

    public static string ItTookMinutesMinutes2LongerThan(string minutes, string minutes2) =>
        $"It took {minutes}, {minutes2} longer than planned.";

    public static string ItTookMinutesMinutes2LessThan(string minutes, string minutes2) =>
        $"It took {minutes}, {minutes2} less than planned.";

    public static string WholeSlowestRanOverTheMost(string whole, string slowest, string minutes) =>
        $"{whole} {slowest} ran over the most, by {minutes}.";
}
