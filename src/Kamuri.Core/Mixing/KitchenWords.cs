namespace Kamuri.Core.Mixing;

/// <summary>What is said about the kitchen.</summary>
[Texts("the kitchen")]
internal static class KitchenWords
{
    // Batch
    public const string UsedUpOrThrownOut = "Used up or thrown out.";
    public const string ItLookedOrSmeltWrongThrow = "It looked or smelt wrong. Throw it out.";

    public static string ItStoodWarmForMoreThan(string totalHours) =>
        $"It stood warm for more than {totalHours} hours and has no preservative. Throw it out.";

    public static string BatchCannotBeFrozen(string batch) => $"{batch} cannot be frozen.";

    public const string DoNotFreezeItAgainAfter = "Do not freeze it again after thawing.";

    public static string MadeOn(string day) => $"Made {day}";

    public static string BatchMadeMadeOn(string batch, string madeOn) => $"{batch}, made {madeOn}";

    public static string FrozenUseByDay(string day) => $"Frozen; use by {day}.";

    public static string ExpiredDayIfItLooksAnd(string day) =>
        $"Expired {day}. If it looks and smells right, you may keep it a little longer.";

    public static string ExpiredDayThrowItOut(string day) => $"Expired {day}. Throw it out.";

    public const string UseItTodayLookAtIt = "Use it today. Look at it and smell it first.";
    public const string UseByTomorrow = "Use by tomorrow.";

    public static string GoodForLeftMoreDaysUntil(string left, string day) => $"Good for {left} more days, until {day}.";

    // Composition
    public static string ThisFormulaWouldContainItselfLoop(string loop) => $"This formula would contain itself: {loop}.";

    // Cooking
    public static string TakeWayFromBatch(string way, string batch) => $"Take {way} from {batch}.";

    // Correction
    public const string JojobaOil = "jojoba oil";
    public const string SunflowerOil = "sunflower oil";
    public const string HibiscusPowder = "hibiscus powder";
    public const string BentoniteClay = "bentonite clay";
    public const string AvocadoFlesh = "avocado flesh";
    public const string SheaButter = "shea butter";
    public const string SimmerItAgain2MinutesAt = "Simmer it again, 2 minutes at a time, or chill it: gel sets as it cools. Add nothing.";
    public const string LetItDrip = "Let it drip through a fine sieve for a few minutes and use what stays. Do not heat raw gel.";
    public const string MeltItOn = "Melt it on over the water bath until it drops slowly from the spoon. Let it cool to 40 °C.";
    public const string LetItSet = "Take it off the water bath and let it cool: it thickens as it sets. Add nothing.";
    public const string ItIsMeantToBeThin = "It is meant to be thin. Apply it with a bottle or a spray, over a basin.";

    public static string StirInAmountPowderLookAnd(string amount, string powder) =>
        $"Stir in {amount} {powder}, look, and repeat if needed. Sieve powders first.";

    public const string ThereIsEnoughForThisHead = "There is enough for this head.";

    // FilmModel
    public const string AsThisHeadUsuallyTakes = "as this head usually takes";
    public const string MlAPass = "ml a pass";
    public const string ForThisScalp = "for this scalp";
    public const string DilutedOneToThree = "diluted one to three";
    public const string MlPerCm = "ml per cm²";
    public const string CmOfScalp = "cm² of scalp";
    public const string MOfHair = "m² of hair";
    public const string EndsOnly = "ends only";
    public const string RootsOnly = "roots only";
    public const string RootsAndEnds = "roots and ends";
    public const string EdgesOnly = "edges only";
    public const string ForTheScalp = "for the scalp";
    public const string LeastPoured = "the least that can be poured";
    public const string LeastSprayed = "the least that can be sprayed";
    public const string LeastFromANozzle = "the least from a nozzle bottle";
    public const string OnDryHair = "on dry hair";

    public static string VolumeMlWeightG(string volume, string weight) => $"{volume} ml, {weight} g";

    // Formula
    public const string AtRoomTemperature = "at room temperature";
    public const string InTheFridge = "in the fridge";

    public static string Item1TheSameDay(string item1) => $"{item1} the same day";

    public static string Item1DaysToAtMostDays(string item1, string days, string atMost) => $"{item1} {days} to {atMost} days";

    public const string UseItTheSameDay = "Use it the same day.";

    public static string KeepsPlaces(string places) => $"Keeps {places}.";

    // JarLabel
    public static string UseByDayKeptAt(string day, string keptAt) => $"Use by {day}, {keptAt}";

    public const string DoNotUse = "Do not use";

    public static string ContainsFamilies(string families) => $"Contains {families}";

    // Kitchen
    public static string IngredientIsCountedEnterANumber(string ingredient) =>
        $"{ingredient} is counted: enter a number of pieces. Halves are allowed.";

    // MixtureSentences
    public const string SeedGel = "seed gel";
    public const string LeafGel = "leaf gel";
    public const string PodGel = "pod gel";
    public const string GrainWater = "grain water";
    public const string HerbTea = "herb tea";
    public const string OnionJuice = "onion juice";
    public const string InfusedOil = "infused oil";
    public const string WarmedOil = "warmed oil";
    public const string PowderPaste = "powder paste";
    public const string MeltedTreatment = "melted treatment";
    public const string BoostedConditioner = "boosted conditioner";
    public const string EggMask = "egg mask";
    public const string ClayMask = "clay mask";
    public const string RefreshSpray = "refresh spray";
    public const string ButterOrSealBlend = "butter or seal blend";
    public const string SomethingElse = "something else";
    public const string InTheRoom = "in the room";
    public const string RawEggFreshRinsedCoolNot = "Raw egg: fresh, rinsed cool, not on broken skin, not in the mouth.";
    public const string OnionStingsScalpOnlyAwayFrom = "Onion stings: scalp only, away from the eyes, never on a child under 6.";
    public const string DoNotBreatheTheDust = "Do not breathe the dust.";
    public const string FreshLeafSapIrritatesDrainIt = "Fresh leaf sap irritates. Drain it until the water stays clear.";
    public static string EssentialOilBelow40CAway =>
        $"Essential oil: below {Say.Temperature(40)}, away from the eyes, never on children under 6, not in pregnancy without a clinician.";
    public const string ItHasNoPreservativeDateIt = "It has no preservative: date it, chill it, and throw it out in time.";
    public static string AtMost40COnSkin => $"At most {Say.Temperature(40)} on skin: wrist test. Oil never in a microwave.";
    public const string FloorsGetSlipperyWashOilyTowels = "Floors get slippery. Wash oily towels, and never tumble-dry them hot.";

    public static string NotForHeadHits(string head, string hits) => $"Not for {head}: {hits}.";

    public static string UseContainsEssentialOilPercentEssentialOilThe(
        string use,
        string essentialOilPercent,
        string head,
        string essentialOilLimit
    ) => $"{use} contains {essentialOilPercent} % essential oil. The most for {head} here is {essentialOilLimit} %.";

    public static string UseContainsSharpOilPercentOfASharp(string use, string sharpOilPercent, string sharpOil) =>
        $"{use} contains {sharpOilPercent} % of a sharp essential oil. The most of those is {sharpOil} %.";

    public static string TheLabelOfUseListsAn(string use, string head) =>
        $"The label of {use} lists an essential oil but not how much. Enter its share on the shelf. Until then, nobody "
        + $"can say whether it is too strong for {head}.";

    public const string PepperMentholAndTheLike = "pepper, menthol and the like";
    public const string Onion = "onion";
    public const string EssentialOil = "essential oil";
    public const string TooMuchEssentialOil = "too much essential oil";
    public const string PerhapsTooMuchEssentialOil = "perhaps too much essential oil";

    public static string NotForHeadWhatMustNever(string head, string what) => $"Not for {head}: {what} must never touch broken skin.";

    public static string NotForHeadWhatMustNever2(string head, string what) =>
        $"Not for {head}: {what} must never go on a child under six.";

    public static string NotForHeadItBurnsAnd(string head) => $"Not for {head}: it burns, and must not go on a child.";

    // Scaling
    public static string WayIngredient(string way, string ingredient) => $"{way} {ingredient}";

    public static string WantedCountedBecomesFractionAndEverything(string wanted, string counted, string fraction) =>
        $"{wanted} × {counted} becomes {fraction}, and everything else follows.";

    public static string IngredientComesToLessThanA(string ingredient) => $"{ingredient} comes to less than a drop: leave it out.";

    public static string KamuriDoesNotKnowIngredientIt(string ingredient) =>
        $"Kamuri does not know {ingredient}. It is measured like water, and you must judge its safety.";

    public static string AmountFound(string amount, string found) => $"{amount} {found}";

    public static string CountExact(string count, string exact) => $"{count}, {exact}";

    public const string UnderADrop = "under a drop";

    public static string DropsDrops(string drops) => $"{drops} drops";

    public static string VolumeDropsExact(string volume, string exact) => $"{volume} drops, {exact}";

    public static string StretchIt(string amount, string name) => $"Do fragile zones and ends first. Stretch it with {amount} {name}.";

    public static string StretchItNoFurther(string amount, string name) =>
        $"Do fragile zones and ends first. Stretch it with {amount} {name} at most: more would weaken it.";

    public static string PlaceForDays(string place, string days) => $"{place} {days}";

    public static string HeadTakes(string head, string amount, string step, string working) =>
        $"{head} takes {amount} for {step}: {working}.";

    public static string HeadTakesAndMore(string head, string amount, string step, string working, string percent) =>
        $"{head} takes {amount} for {step}: {working}. The formula makes {percent} % more.";

    public static string NoEssentialOil(string use, string head) => $"{use} contains essential oil, which {head} must not use.";

    public static string NoEssentialOilLeftOn(string use, string head) =>
        $"{use} contains essential oil, which {head} must not use in anything that stays on.";

    public static string StirIn(string amount, string name) =>
        $"Stir in {amount} {name}. Look, and repeat until it drops slowly from the spoon.";

    public static string StirInCool(string amount, string name) =>
        $"Stir in {amount} {name} (cool). Look, and repeat until it drops slowly from the spoon.";

    public static string StirInWarm(string amount, string name) =>
        $"Stir in {amount} {name} (warm). Look, and repeat until it drops slowly from the spoon.";

    public static string StirInSoftened(string amount, string name) =>
        $"Soften it in the hand and stir in {amount} {name}. Look, and repeat until it drops slowly from the spoon.";

    public static string LineHasNoAmount(string line) => $"\"{line}\" does not begin with an amount, such as 250 ml or 2 tbsp.";

    public static string LineHasNothing(string line) => $"\"{line}\": enter an amount above 0.";

    public static string LineHasNoName(string line) => $"\"{line}\" has an amount but no name.";

    public static string IngredientLineTooLong(string most) => $"An ingredient can have at most {most} characters.";

    // Cooking
    public static string IsLeftForAJar(string amount) => $"About {amount} will be left over. It goes into a jar when you finish the day.";

    public static string IsLeftAndDoesNotKeep(string amount) => $"About {amount} will be left over. It does not keep.";

    // ProductFit
    public static string NotForWhom(string name, string reasons) => $"Not for {name}: {reasons}.";

    public const string TooHeavyForLocs = "too heavy for locs";

    public static string ForWhom(string names) => $"For {names}.";
}
