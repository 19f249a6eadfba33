namespace Kamuri.Core.Looking;

/// <summary>What is said about water that beads off.</summary>
[Texts("water that beads off")]
internal static class LookingWords
{
    // WaterRepelled
    public const string WhatStaysOnTheHairBetween = "What stays on the hair between washes?";
    public const string ReadTheFirstFiveNamesOn = "Read the first five names on the labels.";
    public const string ButtersWaxesOrSilicones = "Butters, waxes or silicones";
    public const string CreamsAndOils = "Creams and oils";
    public const string OnlyLightWateryProducts = "Only light, watery products";
    public const string YouPreferButterLastForThis = "You prefer butter last for this head.";
    public const string SprayACleanProductFreeStrand = "Spray a clean, product-free strand. What does the water do?";
    public const string WaitAMinuteLookAtThe = "Wait a minute; look at the drops from the side.";
    public const string BeadsThatStay = "Beads that stay";
    public const string SoaksInSlowly = "Soaks in slowly";
    public const string SoaksInWithinSeconds = "Soaks in within seconds";
    public const string HowDoYouApplyTheProduct = "How do you apply the product?";
    public const string ThinkOfTheLastWashDay = "Think of the last wash day.";
    public const string ALotAtOnce = "A lot at once";
    public const string OnHairThatIsNearlyDry = "On hair that is nearly dry";
    public const string ALittleOnDampHairSection = "A little, on damp hair, section by section";
    public const string WhenWasTheHairLastClarified = "When was the hair last clarified, or cleansed with clay?";
    public const string WaterCannotGetThroughBuildUp = "Water cannot get through build-up, so this comes first.";

    public static string WithinUsualDays(string usual) => $"Within {usual} days";

    public static string UsualToLatestDaysAgo(string usual, string latest) => $"{usual} to {latest} days ago";

    public const string LongerAgoOrNever = "Longer ago, or never";
    public const string NobodyKnows = "Nobody knows";

    public static string OnRecordAgoDaysAgo(string ago) => $"On record: {ago} days ago.";

    public const string NothingOnRecord = "Nothing on record.";
    public const string HasTheHairBeenColouredRelaxed = "Has the hair been coloured, relaxed or damaged by heat?";
    public const string TreatedLengthsAbsorbWaterUnevenly = "Treated lengths absorb water unevenly.";
    public const string MostLikelyBuildUpRemoveIt = "Most likely build-up. Remove it before you judge anything else.";
    public const string AResetSoakAndCleanseThe = "A reset: soak and cleanse the build-up out.";
    public const string AResetClarifyFirstThenA = "A reset: clarify first, then a long deep condition.";
    public const string LightLayersAndNoButterUntil = "Light layers and no butter until you look again.";
    public const string LookAgainOnCleanHairAt =
        "Look again on clean hair at the next wash day. Beads then tell you about the hair itself.";
    public const string TreatedLengthsDeepConditionAtEvery =
        "Treated lengths: deep condition at every wash, and do the stretch test before any protein.";
    public const string PlantGelInsteadOfOilBefore =
        "Plant gel instead of oil before the cleanse: it draws water instead of keeping it out.";
    public const string WarmLiquidsFirstAndACool =
        "Warm liquids first and a cool rinse last. Leave-in goes on while the hair is still warm from the shower.";
    public const string LightLayersNoMoreThanThe = "Light layers, no more than the amounts worked out for this head.";
    public const string ConditionerOnWrungOutHairAnd =
        "Conditioner on wrung-out hair and leave-in on damp hair: dry hair does not absorb them.";
    public const string MostLikelyLowPorosityTheHair = "Most likely low porosity: the hair is clean and still keeps water out.";
    public const string MostLikelyTheWayTheProduct = "Most likely the way the product is applied: the hair itself lets water in.";
    public const string TreatedHairAbsorbsWaterUnevenly = "Treated hair absorbs water unevenly.";
    public const string NothingStandsOutTryAMoisture = "Nothing stands out. Try a moisture day as it is, and look again on day three.";
    public const string AMoistureDayAsUsualFor = "A moisture day, as usual for this head.";

    public static string PorosityOnWeakEvidence(string porosity) => $"On record: {porosity} porosity, on weak evidence.";

    public static string PorosityOnGoodEvidence(string porosity) => $"On record: {porosity} porosity, on good evidence.";

    public static string LastChemical(string kind, string days) => $"On record: {kind}, {days} ago.";

    public const string TreatInTheSteamer = "Use the steamer for treatments: warmth lets water in.";
    public const string TreatUnderTheHood = "Use the hood on low for treatments: warmth lets water in.";
    public const string TreatUnderACap = "Leave treatments on for their full time under a cap: warmth lets water in.";
}
