namespace Kamuri.Web.Data;

/// <summary>What is said about your data.</summary>
[Texts("your data")]
internal static class DataWords
{
    // BackupEndpoints
    public const string ThereIsNoBackupYet = "There is no backup yet.";

    public static string TheLastBackupWasMadeAgo(string ago) => $"The last backup was made {ago}.";

    public static string TodayAtLocal(string local) => $"today at {local}";

    public static string YesterdayAtLocal(string local) => $"yesterday at {local}";

    public static string DaysDaysAgoOnLocal(string days, string local) => $"{days} days ago, on {local}";

    public const string ThisBackupDoesNotExist = "This backup does not exist.";

    // DataCommands
    public const string TheDiskIsFullSoNothing = "The disk is full, so nothing was written. Make room, then try again.";

    public static string ThisCouldNotBeDoneMessage(string message) => $"This could not be done: {message}";

    public const string Restored = "Restored.";

    public static string RestoredThePreviousHouseholdIsKept(string aside) => $"Restored. The previous household is kept at {aside}";

    public static string ThereIsNoFileArchive(string archive) => $"There is no file {archive}.";

    public static string ThePreviousHouseholdIsKeptAt(string before) => $"The previous household is kept at {before}";

    public static string ThereIsNoHouseholdInFolder(string folder) =>
        $"There is no household in {folder}. Give its folder with --data DIR.";

    // ImportSentences
    public const string WashDay = "wash day";
    public const string WashDays = "wash days";
    public const string EntryInTheirLogs = "entry in their logs";
    public const string EntriesInTheirLogs = "entries in their logs";
    public const string AmountThatWasUsed = "amount that was used";
    public const string AmountsThatWereUsed = "amounts that were used";
    public const string PatchTest = "patch test";
    public const string PatchTests = "patch tests";
    public const string IngredientAHeadHasHad = "ingredient a head has had";
    public const string IngredientsHeadsHaveHad = "ingredients heads have had";
    public const string PlannedDay = "planned day";
    public const string PlannedDays = "planned days";
    public const string SavedPlan = "routine";
    public const string SavedPlans = "routines";
    public const string CraftFigureOfYourOwn = "craft figure of your own";
    public const string CraftFiguresOfYourOwn = "craft figures of your own";
    public const string NameYouTaughtTheLabelReader = "name you taught the label reader";
    public const string NamesYouTaughtTheLabelReader = "names you taught the label reader";
    public const string SetOfHouseSettings = "set of house settings";
    public const string SetsOfHouseSettings = "sets of house settings";
    public const string DayInTheRecord = "day in the record";
    public const string DaysInTheRecord = "days in the record";
    public const string ChangedToWhatTheArchiveSays = "Changed to what the archive says";
    public const string DifferentKeptAsItIsHere = "Different, kept as it is here";
    public const string AlreadyHere = "Already here";

    public static string ThereIsAlreadyASavedPlan(string what) =>
        $"There is already a routine called “{what}”. The other one gets a new name.";

    public const string ADayThatHasNotEnded = "A day that has not ended was left out, because its head is in another one here.";
    public const string ThisArchiveIsEmpty = "This archive is empty.";

    public static string WhatParts(string what, string parts) => $"{what}: {parts}.";

    // RemovalEndpoints
    public const string ThisSessionDoesNotExist = "This session does not exist.";
    public const string NothingElseWillBeDeleted = "Nothing else will be deleted.";

    public static string ThisWillBeDeletedTooGoes(string goes) => $"This will be deleted too: {goes}.";

    public const string AmountsTakenFromTheShelfStay = "Amounts taken from the shelf stay taken.";

    public static string YouCanUndoThisForDays(string days) => $"You can undo this for {days} days.";

    public const string ThisHeadDoesNotExist = "This head does not exist.";
    public const string ThisCanNoLongerBeUndone = "This can no longer be undone.";

    public static string SharedDaysStay(string days) => $"{days} with other heads stay in their record.";
}
