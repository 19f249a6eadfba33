namespace Kamuri.Web.HouseholdPlans;

/// <summary>What is said about errors about a household's plan.</summary>
[Texts("errors about a household's plan")]
internal static class HouseholdPlanErrors
{
    // HouseholdPlanContracts
    public static string ADayHas1ToMostHeads(string mostHeads) => $"A day has 1 to {mostHeads} heads.";

    public const string AddEachHeadOnlyOnce = "Add each head only once.";

    public static string ThereAre1OrMostHandsPairs(string mostHands) => $"There are 1 or {mostHands} pairs of hands.";

    public const string TwoPairsOfHandsNeedTwo = "Two pairs of hands need two names.";

    public static string EnterAtMostMostStretchesTimes(string MostStretches) => $"Enter at most {MostStretches} times.";

    public const string ChooseAShowerStoveHoodOr = "Choose a shower, stove, hood or steamer.";
    public const string TheEndMustBeAfterThe = "The end must be after the start.";

    public static string EnterANameOf1To(string LongestName) => $"Enter a name of 1 to {LongestName} characters.";

    public const string EnterANameNotOnlyA = "Enter a name, not only a number.";

    public static string EnterAtMostMostStretchesTimesEach(string MostStretches) =>
        $"Enter at most {MostStretches} times, each with an end after its start.";

    public const string KamuriDoesNotKnowThisWork = "Kamuri does not know this work.";
    public const string WhatIsWantedForThisHead = "What is wanted for this head?";
    public const string Enter10To240Minutes = "Enter 10 to 240 minutes.";
}
