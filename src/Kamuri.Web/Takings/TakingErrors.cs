namespace Kamuri.Web.Takings;

/// <summary>What is said about errors about amounts used.</summary>
[Texts("errors about amounts used")]
internal static class TakingErrors
{
    // TakingEndpoints
    public const string Enter0To20000Ml = "Enter 0 to 20000 ml.";
    public const string ThisIsNotOnRecord = "This is not on record.";
}
