namespace Kamuri.Web.Takings;

/// <summary>What is said about errors about amounts used.</summary>
[Texts("errors about amounts used")]
internal static class TakingErrors
{
    // TakingEndpoints
    public static string EnterAtMost(string most) => $"Enter 0 to {most}.";

    public const string ThisIsNotOnRecord = "This is not on record.";
}
