namespace Kamuri.Core.Routines;

/// <summary>What is said about treatments that are due.</summary>
[Texts("treatments that are due")]
internal static class DueWords
{
    // DueToday
    public static string DaysDaysOverdue(string days) => $"{days} days overdue";

    public static string DueDaysDaysSinceTheLast(string days, string latest) =>
        $"Due: {days} days since the last one, {latest} at the latest";

    public const string AResetWouldDoIt = "a reset would do it";
    public const string ADayForStrengthWouldDo = "a day for strength would do it";
    public const string ADayForScalpComfortWould = "a day for scalp comfort would do it";
    public const string AnOilFreeWashWouldDo = "an oil-free wash would do it";
    public const string AskForARetwist = "ask for a retwist";
    public const string ItIsOnlyDoneByIts = "it is only done by its label, so it is never put in unasked";

    public static string SinceInstead(string since, string instead) => $"{since}; {instead}.";

    public static string SinceButItHasNoPlace(string since, string aim, string instead) =>
        $"{since}, but it has no place in {aim}; {instead}.";

    public static string SinceButAgainst(string since, string against) => $"{since}, but {against}.";

    public static string SinceOneTreatmentAtATime(string since) => $"{since}; one treatment at a time, so it waits for the next wash day.";

    public static string ColourOrRelaxerWasDaysDays(string days, string chemicalRestDays) =>
        $"colour or relaxer was {days} days ago: nothing that strips for {chemicalRestDays} days unless your professional said so";

    public const string TheWetStrandSnappedAtOnce = "the wet strand snapped at once: it needs moisture";
    public const string TheWetStrandStretchesALittle = "the wet strand stretches a little and returns: it is not needed today";
    public const string ProteinMustNotTouchThisHead = "protein must not touch this head";
    public const string ThisHeadTakesNoOilOn = "this head takes no oil on the scalp";
    public const string TheSkinIsBroken = "the skin is broken";
}
