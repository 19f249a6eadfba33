namespace Kamuri.Core.Composing.Days;

/// <summary>What is said about reasons for steps.</summary>
[Texts("reasons for steps")]
internal static class DayWords
{
    // BetweenDay
    public const string SomethingNewIsTriedOnA = "Something new is tried on a small place a day before it goes on the head.";
    public const string APatchTestTouchesOnlyA = "A patch test touches only a small place on the skin.";
    public const string ALightMistAlongTheParts = "A light mist along the parts and lengths carries the style to its wash day.";
    public const string ALightMistRevivesTheLeave = "A light mist revives the leave-in; combing would undo the style.";
    public const string SoreEdgesOrBumpsAlongThe = "Sore edges or bumps along the parts mean the style should come out early.";
    public const string AFewDropsOfLightOil = "A few drops of light oil on the parts.";
    public const string ARefreshLeavesTheStyleAs = "A refresh leaves the style as it is. Combing waits for the wash day.";
    public const string EdgesAreSmoothedAgainWhileThey = "Edges are smoothed again while they are damp.";
    public const string ARefreshKeepsTheStyleThat = "A refresh keeps the style that is in.";
    public const string AMistIsLittleWaterBut = "A mist is little water, but it dries slowly inside a style, and damp cores turn sour.";
    public const string ReadyMeansDryToTheTouch = "Ready means dry to the touch: 80 %.";

    // DayBuilder
    public const string BedtimeFollowsAScarfOrBonnet = "Bedtime follows; a scarf or bonnet protects the style.";

    // DueToday
    public static string DaysDaysOverdue(string days) => $"{days} days overdue";

    public static string DueDaysDaysSinceTheLast(string days, string latest) =>
        $"Due: {days} days since the last one, {latest} at the latest";

    public const string AResetWouldDoIt = "a reset would do it";
    public const string ADayForStrengthWouldDo = "a day for strength would do it";
    public const string ADayForScalpComfortWould = "a day for scalp comfort would do it";
    public const string AnOilFreeWashWouldDo = "an oil-free wash would do it";
    public const string AskForARetwist = "ask for a retwist";
    public const string ItIsOnlyDoneByIts = "it is only done by its label, so it is never put in unasked";

    public static string SinceInstead(string since, string instead) => $"{since}; {instead}.";

    public static string SinceButItHasNoPlace(string since, string aim, string instead) =>
        $"{since}, but it has no place in {aim}; {instead}.";

    public static string SinceButAgainst(string since, string against) => $"{since}, but {against}.";

    public static string SinceOneTreatmentAtATime(string since) => $"{since}; one treatment at a time, so it waits for the next wash day.";

    public static string ColourOrRelaxerWasDaysDays(string days, string chemicalRestDays) =>
        $"colour or relaxer was {days} days ago: nothing that strips for {chemicalRestDays} days unless your professional said so";

    public const string TheWetStrandSnappedAtOnce = "the wet strand snapped at once: it needs moisture";
    public const string TheWetStrandStretchesALittle = "the wet strand stretches a little and returns: it is not needed today";
    public const string ProteinMustNotTouchThisHead = "protein must not touch this head";
    public const string ThisHeadTakesNoOilOn = "this head takes no oil on the scalp";
    public const string TheSkinIsBroken = "the skin is broken";

    // KeptDay
    public const string LookAlongThePartsAndEdges = "Look along the parts and edges. Soreness or bumps mean the style should come out.";
    public const string LookAlongThePartsAndBetween = "Look along the parts and between the locs.";
    public const string EasesTheScalpAndLoosensFlakes = "Eases the scalp and loosens flakes before the water.";
    public const string AResetOfLocsIsA = "A reset of locs is a soak: build-up inside them has to float out.";
    public const string ScrubbingAndLongSoaking = "Scrubbing and long soaking";
    public const string StarterLocsSlipApartBraidAnd =
        "Starter locs slip apart. Braid and band them or wear a net, and keep the wash short.";
    public const string WaterCarriesTheCleanserAlongThe = "Water carries the cleanser along the parts.";
    public const string CleanseOnlyTheScalpPressThe = "Cleanse only the scalp; press the suds through the lengths.";
    public const string ALightCleanserLeavesNothingInside = "A light cleanser leaves nothing inside the locs.";
    public const string BuildUpUnderAStyleTakes = "Build-up under a style takes a second pass.";
    public const string WhatStaysInsideTheStyleDries = "What stays inside the style dries there.";
    public const string FeedTheLengthInTheStyle = "Feed the length in the style lightly, with nothing that builds up.";
    public const string OnceAMonthAtMostAnd = "Once a month at most, and watery: locs hold on to what goes into them.";
    public const string RinsedLongSoThatNothingStays = "Rinsed long, so that nothing stays inside.";
    public const string ProteinAndMasks = "Protein and masks";
    public const string TheyDoNotRinseCleanOut = "They do not rinse clean out of a style.";
    public const string CreamyTreatmentsStayInsideLocs = "Creamy treatments stay inside locs.";
    public const string SqueezedInATowelItDries = "Squeezed in a towel, it dries hours sooner.";
    public const string YouAskedForARetwistIt = "You asked for a retwist; it is done while the roots are damp.";
    public const string LocsDryAsTheyHang = "Locs dry as they hang.";
    public const string TheStyleStaysInAndDries = "The style stays in and dries as it hangs.";
    public const string ThereAreNoLocsToRetwist = "There are no locs to retwist.";
    public const string AFewDropsOfLightOil2 = "A few drops of light oil on the parts; keep sealing oils off the scalp.";
    public const string DampCoresTurnSourDryLocs = "Damp cores turn sour: dry locs fully the same day.";
    public const string DryToTheRootTheSame = "Dry to the root the same day.";

    // LooseDay
    public const string LookWhereTheStylePulledThen = "Look where the style pulled, then part the hair and keep the sections twisted.";
    public const string EveryLaterStepIsDoneSection = "Every later step is done section by section.";
    public const string LintAndShedHairAtThe = "Lint and shed hair at the roots mat as soon as water touches them.";
    public const string ProteinOnDryHairBeforeThe =
        "Protein on dry hair before the cleanse and moisture after it, as you prefer for this head.";
    public const string ProteinMustNotStayOnLonger = "Protein must not stay on longer than its window.";
    public const string LoosensFlakesAndEasesTheScalp = "Loosens flakes and eases the scalp before anything goes on it.";
    public const string TheOilFreeMonthHerbJuice = "The oil-free month: herb juice instead of an oil pre-poo.";
    public const string RinseTheJuiceOutBeforeThe = "Rinse the juice out before the cleanse.";
    public const string HeavyOilAsATreatmentWashed = "Heavy oil as a treatment, washed out afterwards.";
    public const string WarmOilSoftensWhatSitsOn = "Warm oil softens what sits on the scalp.";
    public const string AGenerousPrePooSoThat = "A generous pre-poo, so that weeks of shed hair glide out.";
    public const string ItProtectsTheHairFromThe = "It protects the hair from the cleanse and gives slip for the knots.";
    public const string CombedInThePrePooAs = "Combed in the pre-poo, as you prefer for this head.";
    public const string KnotsOpenMostEasilyInThe = "Knots open most easily in the pre-poo, before water tightens them.";
    public const string WarmthLetsThePrePooWork = "Warmth lets the pre-poo work.";
    public const string RinseThePrePooOutBefore = "Rinse the pre-poo out before the cleanse.";
    public const string PlantGelDefinesFromInsideThe = "Plant gel defines from inside the strand outwards.";
    public const string WarmthLetsTheGelWork = "Warmth lets the gel work.";
    public const string RinseThePlantGelOutBefore = "Rinse the plant gel out before the cleanse.";
    public const string WarmthLetsTheOilWork = "Warmth lets the oil work.";
    public const string RinseTheOilOutBeforeThe = "Rinse the oil out before the cleanse.";
    public const string OilMustBeWetBeforeIt = "Oil must be wet before it lifts.";
    public const string TeaFiveMinutesBeforeTheShampoo = "Tea, five minutes before the shampoo, lifts heavy oil.";
    public const string ProtectsTheEndsWhileYouCleanse = "Protects the ends while you cleanse the scalp, as you prefer for this head.";
    public const string ClarifyingRemovesHeavyOilInOne = "Clarifying removes heavy oil in one pass.";
    public const string AResetRemovesBuildUp = "A reset removes build-up.";
    public const string CleansingConditionerOnTheScalpRinsed =
        "Cleansing conditioner on the scalp, rinsed well, as you prefer for this head.";
    public const string OnePassOnTheScalpIs = "One pass on the scalp is enough for a quick day.";
    public const string CleansTheScalpAndPreparesThe = "Cleans the scalp and prepares the hair for what follows.";
    public const string HeavyOilTakesASecondPass = "Heavy oil takes a second pass.";
    public const string AfterWeeksInAStyleThe = "After weeks in a style, the first pass only loosens the dirt.";
    public const string AllOfTheCleanserMustCome = "All of the cleanser must come out.";
    public const string LiftsWhatTheCleanseLeftBehind = "Lifts what the cleanse left behind and calms the scalp.";
    public const string TheWetStrandStretchedFarSo = "The wet strand stretched far, so light protein fills the gaps along it.";
    public const string YouAskedForStrengthLightProtein = "You asked for strength: light protein fills gaps along the strand.";
    public const string AConditionerFollowsEveryCleanse = "A conditioner follows every cleanse.";
    public const string HotOilOnCleanDampHair = "Hot oil on clean, damp hair, as you prefer for this head.";
    public const string OnlyATraceOfItStays = "Only a trace of it stays.";
    public const string TheTreatmentGoesOnHairThat =
        "The treatment goes on hair that is not full of water, as you prefer for this head. It takes more product.";
    public const string ProteinMixedIntoTheDeepConditioner = "Protein mixed into the deep conditioner, as you prefer for this head.";
    public const string ClarifyingStripsTheHairALong = "Clarifying strips the hair; a long deep condition gives back what it took.";
    public const string JuiceAndCleanseLeaveTheHair = "Juice and cleanse leave the hair bare; this puts moisture back without oil.";
    public const string ThisIsWhereTheMoistureGoes = "This is where the moisture goes in.";
    public const string DeepConditioner = "Deep conditioner";
    public const string WarmthHelpsTheDeepConditionerWork = "Warmth helps the deep conditioner work.";

    public static string ThereIsNoPrePooTo(string what) => $"There is no pre-poo to comb in today. {what} gives the comb its slip instead.";

    public static string WhatGivesTheCombItsSlip(string what) => $"{what} gives the comb its slip.";

    public const string FingersOnlyAsYouPreferFor = "Fingers only, as you prefer for this head.";
    public const string LightProtein = "Light protein";
    public const string TheWetStrandSnappedAtOnce2 = "The wet strand snapped at once: it needs moisture, and protein would make it worse.";
    public const string RinsesCleanAndLetsTheCuticle = "Rinses clean and lets the cuticle lie flat.";
    public const string LukewarmToTheEndAsYou = "Lukewarm to the end, as you prefer for this head.";
    public const string LeaveInSpreadsOnDampHair = "Leave-in spreads on damp hair and would drip off wet hair.";
    public const string WaterFirstThenALeaveIn = "Water first, then a leave-in to hold it.";
    public const string CombedInTheLeaveInAs = "Combed in the leave-in, as you prefer for this head.";
    public const string HoldsTheCurlsAsTheyFall = "Holds the curls as they fall while they dry.";
    public const string ACreamSealsWithoutOil = "A cream seals without oil.";
    public const string ThisIsTheOilFreeMonth = "This is the oil-free month.";
    public const string ALightSealNothingHeavyToday = "A light seal; nothing heavy today.";
    public const string LCOCreamOverTheLeaveIn = "LCO: cream over the leave-in.";
    public const string LCOTheOilSealsLast = "LCO: the oil seals last.";
    public const string LOCOilOverTheLeaveIn = "LOC: oil over the leave-in.";
    public const string LOCCreamSeals = "LOC: cream seals.";
    public const string ButterLastItHoldsLongBut = "Butter last: it holds long but adds weight.";
    public const string YouAskedForTwistsTheyAre = "You asked for twists; they are set while the hair is damp.";
    public const string ThePatternSetsWhileTheHair = "The pattern sets while the hair is damp.";
    public const string YouAskedToTakeTheStyleDown = "You asked to take the style down first.";
    public const string TwistsTakenDownDampLoseTheir = "Twists taken down damp lose their pattern, so they dry to 95 %.";
    public const string YouAskedForATwistOut = "You asked for a twist-out.";
    public const string YouAskedForSingleTwists = "You asked for single twists.";
    public const string YouAskedForBraids = "You asked for braids.";
    public const string BraidsMustBeDryToThe = "Braids must be dry to the core the same day.";
    public const string WornAsItFalls = "Worn as it falls.";
    public const string ABunHoldsWaterForA = "A bun holds water for a day, so the hair dries loose first.";
    public const string YouAskedForABun = "You asked for a bun.";
    public const string ThereAreNoLocsToRetwist2 = "There are no locs to retwist, so the hair dries as it is.";
    public const string MoistureAfterProtein = "Moisture after protein keeps the hair supple.";
    public const string SmallTwistsHoldWater = "Many small twists hold water inside, so they dry to 95 %.";
}
