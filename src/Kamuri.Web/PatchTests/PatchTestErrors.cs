namespace Kamuri.Web.PatchTests;

/// <summary>What is said about errors about patch tests.</summary>
[Texts("errors about patch tests")]
internal static class PatchTestErrors
{
    // PatchTestEndpoints
    public static string Enter1ToMostNamesOf(string Most, string LongestName) =>
        $"Enter 1 to {Most} names of at most {LongestName} characters.";

    public const string WaitingFineOrReacted = "Waiting, fine or reacted?";
    public const string TheTimeCannotBeInThe = "The time cannot be in the future.";
    public const string ThisHeadDoesNotExist = "This head does not exist.";

    public static string ItIsTooEarlyToJudge(string name, string local) => $"It is too early to judge {name}. Look again from {local}.";

    public const string ThisPatchTestDoesNotExist = "This patch test does not exist.";
}
