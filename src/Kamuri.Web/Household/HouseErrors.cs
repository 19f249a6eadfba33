namespace Kamuri.Web.Household;

/// <summary>What is said about errors about the household.</summary>
[Texts("errors about the household")]
internal static class HouseErrors
{
    // HouseholdEndpoints
    public static string EnterColdestCelsiusToHottestCelsiusC(string coldestCelsius, string hottestCelsius) =>
        $"Enter {coldestCelsius} to {hottestCelsius} °C.";

    public static string Enter5ToDampestShareAboveThat(string dampestShare) =>
        $"Enter 5 to {dampestShare} %. Above that, hair does not dry.";

    public const string KamuriDoesNotKnowThisTime = "Kamuri does not know this time zone.";
    public const string EnterOneOrTwoPairsOf = "Enter one or two pairs of hands.";
    public const string Enter0To4ShowersOr = "Enter 0 to 4 showers or basins.";
    public const string Enter0To6Plates = "Enter 0 to 6 plates.";
    public const string Enter0To4Hoods = "Enter 0 to 4 hoods.";
    public const string Enter0To4Steamers = "Enter 0 to 4 steamers.";
    public const string ChooseAClock = "Choose 12 or 24 hours.";
    public const string WriteATimeLike = "Write a time like 18:00, 6 pm or half past six.";
}
