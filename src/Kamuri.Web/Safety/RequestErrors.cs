namespace Kamuri.Web.Safety;

/// <summary>What is said about errors about requests.</summary>
[Texts("errors about requests")]
internal static class RequestErrors
{
    // Guards
    public const string OnlyKamurisOwnPagesMayChange = "Only Kamuri's own pages may change anything here.";
    public const string SendAContentType = "Send a Content-Type.";
    public const string SendItAsUTF8 = "Send it as UTF-8.";

    public static string SendItAsTaken(string taken) => $"Send it as {taken}.";

    // NoEmptyEntries
    public static string TheListNameHasAnEmpty(string name) => $"The list '{name}' has an empty entry.";

    // Problems
    public const string ThatIsTooLarge = "That is too large.";
    public const string CheckWhatYouEntered = "Check what you entered.";

    public static string MessageItWasSetAsideAn(string message) => $"{message} It was set aside. An export includes it as it is.";

    public const string ThisWasChangedOrDeletedMeanwhile =
        "This was changed or deleted meanwhile, so nothing was saved. Load the page again.";
    public const string TheDiskIsFullSoNothing =
        "The disk is full, so nothing was saved. Make room and try again. Nothing already saved is lost.";
    public const string TheHouseholdsFolderCannotBeWritten =
        "The household's folder cannot be written, so nothing was saved. Make it writable and try again.";
    public const string SomethingWentWrongInsideKamuriNothing =
        "Something went wrong inside Kamuri. Nothing was changed. The log says more.";

    public static string TheFieldElementAtOrDefaultAppearsTwice(string elementAtOrDefault) =>
        $"The field '{elementAtOrDefault}' appears twice.";

    public static string ThereIsNoFieldName(string name) => $"There is no field '{name}'.";

    public static string SomethingNeededIsMissingNames(string names) => $"Something needed is missing: {names}.";

    public const string ThisIsNotValidJSON = "This is not valid JSON.";

    public static string TheFieldReplaceHasAValue(string replace) => $"The field '{replace}' has a value that cannot be read.";

    public static string PortIsTaken(string port) =>
        $"Port {port} is in use, perhaps by another Kamuri. Stop that one, or choose another port with --port.";
}
