namespace Kamuri.Web.PlannedDays;

/// <summary>What is said about errors about planned days.</summary>
[Texts("errors about planned days")]
internal static class PlannedDayErrors
{
    // PlannedDayEndpoints
    public const string SendAPlanForOneHead = "Send a plan for one head or for a household.";
    public const string ChooseATimeForALater = "Choose a time for a later day.";
    public const string SaveTheHeadBeforeYouSave = "Save the head before you save a day for it.";

    public static string ThereAreAlreadyMostPlannedDays(string Most) => $"There are already {Most} planned days.";

    public const string ThisPlannedDayNoLongerExists = "This planned day no longer exists.";
    public const string ADeletedHead = "A deleted head";

    public static string Overtaken(string name, string date) => $"{name} was washed {date}: this day can go.";

    public const string ItsTimeHasPassed = "Its time has passed.";
    public const string KamuriIsWorkingThisDayOut = "Kamuri is working this day out. Look again in a moment.";
    public const string ItCanNoLongerBePlanned = "It can no longer be planned.";
}
