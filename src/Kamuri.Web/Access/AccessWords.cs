namespace Kamuri.Web.Access;

/// <summary>What is said about devices and the passcode.</summary>
[Texts("devices and the passcode")]
internal static class AccessWords
{
    // AccessEndpoints
    public const string NoPasscodeIsSetYetSet = "No passcode is set yet. Set one on the computer Kamuri runs on, under Devices.";

    public static string UseAtMostLongestDeviceCharacters(string LongestDevice) => $"Use at most {LongestDevice} characters.";

    public const string WrongPasscode = "Wrong passcode.";
    public const string SetThePasscodeOnTheComputer = "Set the passcode on the computer Kamuri runs on.";
    public const string RemoveDevicesOnTheComputerKamuri = "Remove devices on the computer Kamuri runs on.";
    public const string ThisDeviceHasAlreadyBeenRemoved = "This device has already been removed.";
    public const string KamuriAnswersThisComputerAloneStart =
        "Kamuri answers this computer alone. Start it with --lan to open it to the home network.";
    public const string EnterAPageOfKamuriThat = "Enter a page of Kamuri that begins with a slash.";
    public const string ThisComputerIsNotConnectedTo = "This computer is not connected to a network.";

    // AccessGate
    public const string EnterTheHouseholdsPasscodeFirst = "Enter the household's passcode first.";
    public const string TooManyTriesWaitAMinute = "Too many tries. Wait a minute, then try again.";

    // Passcode
    public static string UseShortestToLongestCharactersOr(string Shortest, string Longest) =>
        $"Use {Shortest} to {Longest} characters, or the digits that Kamuri suggests.";

    public const string ThatIsTooEasyToGuess = "That is too easy to guess. A few words work best.";
}
