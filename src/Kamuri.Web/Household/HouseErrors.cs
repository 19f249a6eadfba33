namespace Kamuri.Web.Household;

/// <summary>What is said about errors about the household.</summary>
[Texts("errors about the household")]
internal static class HouseErrors
{
    // HouseholdEndpoints
    public static string EnterATemperature(string temperatures) => $"Enter {temperatures}.";

    public static string Enter5ToDampestShareAboveThat(string dampestShare) =>
        $"Enter 5 to {dampestShare} %. Above that, hair does not dry.";

    public const string KamuriDoesNotKnowThisTime = "Kamuri does not know this time zone.";
    public const string EnterOneOrTwoPairsOf = "Enter one or two pairs of hands.";
    public const string Enter0To4ShowersOr = "Enter 0 to 4 showers or basins.";
    public const string Enter0To6Plates = "Enter 0 to 6 plates.";
    public const string Enter0To4Hoods = "Enter 0 to 4 hoods.";
    public const string Enter0To4Steamers = "Enter 0 to 4 steamers.";
    public const string ChooseAClock = "Choose 12 or 24 hours.";
    public const string ChooseAUnit = "Choose one of the units.";
    public const string ChooseACurrency = "Enter a currency by its three letters, such as EUR.";
    public const string NothingOfThisKind = "Kamuri reads a time, date, length, temperature or amount.";
    public const string WriteATimeLike = "Write a time like 18:00, 6 pm or half past six.";
    public const string WriteALengthLike = "Write a length like 18 cm, 7 in or 7½.";
    public const string WriteATemperatureLike = "Write a temperature like 38 °C or 100 F.";
    public const string WriteAnAmountLike = "Write an amount like 120 ml, 2 tbsp or ½ cup.";
    public const string WriteADateLike = "Write a day like today, Saturday or 6 December.";
}
