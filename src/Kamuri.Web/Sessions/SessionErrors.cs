namespace Kamuri.Web.Sessions;

/// <summary>What is said about errors about wash days.</summary>
[Texts("errors about wash days")]
internal static class SessionErrors
{
    // MishapEndpoints
    public const string ThisSessionDoesNotExist = "This session does not exist.";
    public const string OnlyARehearsalCanBeMade = "Only a rehearsal can be made to go wrong.";
    public const string KamuriDoesNotKnowThisKind = "Kamuri does not know this kind of trouble.";

    public static string ThisSessionHasNoHeadHead(string head) => $"This session has no head '{head}'.";

    // SessionContracts
    public static string StartingTitle(string title) => $"starting {title}";

    public static string SectionSection(string section) => $"section {section}";

    public static string TitleDone(string title) => $"{title} done";

    public static string SkippingTitle(string title) => $"skipping {title}";

    public static string MinutesMinMore(string minutes) => $"{minutes} min more";

    public const string TheTimeAway = "the time away";

    public const string ThePause = "the pause";
    public const string Resuming = "resuming";
    public const string TheNote = "the note";
    public const string TheReading = "the reading";
    public const string TheNewOrder = "the new order";

    public static string TheRatingOfFindHead(string findHead) => $"the rating of {findHead}";

    public const string TheLastPress = "the last press";

    // SessionEndpoints
    public const string SendAPlanForOneHead = "Send a plan for one head or for a household.";

    public static string ChooseASpeedOfSpeeds(string speeds) => $"Choose a speed of {speeds}.";

    public static string ThisPlanCannotStartYetStop(string stop) => $"This plan cannot start yet. {stop}";

    public const string SaveTheHeadBeforeYouBegin = "Save the head before you begin its day.";
    public const string SaveTheHeadsBeforeYouBegin = "Save the heads before you begin their day.";
    public const string ThisPlanHasNoSteps = "This plan has no steps.";

    public static string HeadReason(string head, string reason) => $"{head}: {reason}";

    public const string ThatIsNoLongerPossibleAsk = "That is no longer possible. Ask again.";
    public const string TheOrderIsAlreadyAsGood = "The order is already as good as it gets.";

    public static string ThisKindOfEventNeedsMissing(string missing) => $"This kind of event needs '{missing}'.";

    public const string OnlyARehearsalCanRunFaster = "Only a rehearsal can run faster than the clock on the wall.";

    public static string AskFor1ToLargestPageDays(string largestPage) => $"Ask for 1 to {largestPage} days at once.";

    public const string KamuriDoesNotKnowThisTreatment = "Kamuri does not know this treatment.";
    public const string ThisDayIsNotFinished = "This day is not finished.";

    public static string HeadNameIsStillInADay(string headName) =>
        $"{headName} is still in a day that has not ended. Finish or delete that one first.";

    // SessionRecord
    public static string SessionIdKey(string sessionId, string key) => $"{sessionId} {key}";
}
