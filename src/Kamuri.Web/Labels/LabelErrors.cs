namespace Kamuri.Web.Labels;

/// <summary>What is said about errors about labels.</summary>
[Texts("errors about labels")]
internal static class LabelErrors
{
    // LabelEndpoints
    public static string ALabelCanHaveAtMost(string longestLabel, string text) =>
        $"A label can have at most {longestLabel} characters. This one has {text}.";

    public const string ThisHeadDoesNotExist = "This head does not exist.";

    public static string EnterANameOf1To(string LongestName) => $"Enter a name of 1 to {LongestName} characters.";

    public static string KamuriAlreadyKnowsMostTaughtNamesYou(string MostTaught) =>
        $"Kamuri already knows {MostTaught} names you taught it.";

    public const string YouHaveNotTaughtThisName = "You have not taught this name.";
}
