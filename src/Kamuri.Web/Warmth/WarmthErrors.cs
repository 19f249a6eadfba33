namespace Kamuri.Web.Warmth;

/// <summary>What is said about errors about warmth.</summary>
[Texts("errors about warmth")]
internal static class WarmthErrors
{
    // WarmthEndpoints
    public static string Enter5To100C => $"Enter {Say.Temperatures(-5, 100)}.";
    public const string ChooseATimeWithinTheLast = "Choose a time within the last day.";

    public static string EnterAtMostMostReadingsReadingsOf(string MostReadings) =>
        $"Enter at most {MostReadings} readings of {Say.Temperatures(-5, 105)}.";

    public const string EnterAtMostOneDay = "Enter at most one day.";
    public const string KamuriDoesNotKnowThisVessel = "Kamuri does not know this vessel.";

    public static string EnterGramsUpTo(string most) => $"Enter 0 to {most} g.";

    public static string EnterAnAmountOf(string least, string most) => $"Enter {least} to {most}.";

    public static string Enter5To105C => $"Enter {Say.Temperatures(-5, 105)}.";
}
