namespace Kamuri.Core.Composing.Rules;

/// <summary>What is said about rules.</summary>
[Texts("rules")]
internal static class RuleWords
{
    // AskedRules
    public static string YouAskedForAskedMinutesOf(string asked, string of, string earliest, string latest, string gets) =>
        $"You asked for {asked} minutes of {of}. It can take {earliest} to {latest}, so the plan gives it {gets}.";

    // HandlingRules
    public const string CombingFromTheRootsPushesEvery = "Combing from the roots pushes every knot into the next. Begin at the ends.";
    public const string BeginAtTheEnds = "Begin at the ends";

    public static string AlreadyWettedAndCombedWeekTimes(string week) =>
        $"Already wetted and combed {week} times in seven days. Once more makes hair over-soft, and then it breaks.";

    public const string NeverCombLocsItTakesThem = "Never comb locs: it takes them apart.";

    public static string StepLeavesResidueInsideLocsThat(string step) => $"{step} leaves residue inside locs that does not rinse out.";

    public static string LintMatsInWater(string days) =>
        $"The style was in for {days} days. Lint and shed hair at the roots mat as soon as water touches them.";

    public const string ClearTheLintFirst = "Clear the lint first";

    public static string StepIsNotForLocs(string step) => $"{step} is not for locs.";

    public static string StepDoesNotGoWithThis(string step) => $"{step} does not go with this style. Wait until the style comes down.";

    public static string StepDoesNotSuitHairThat(string step) => $"{step} does not suit hair that has just been taken down.";

    public static string StepIsNotForLooseHair(string step) => $"{step} is not for loose hair.";

    // LayerRules
    public static string StepClogsTheScalpAndMakes(string step) =>
        $"{step} clogs the scalp and makes it itch. Keep it on lengths and ends.";

    public static string StepOnTheScalpClogsIt(string step) =>
        $"{step} on the scalp clogs it and weighs the roots down. Keep it on lengths and ends.";

    public const string KeepItOffTheScalp = "Keep it off the scalp";

    public static string OverIsLighterThanUnderAnd(string over, string under) =>
        $"{over} is lighter than {under} and cannot get through it. Put light layers on first.";

    public static string PutOverFirst(string over) => $"Put {over} first";

    // MixtureRules
    public static string UseWasNotStoredAsIt(string use) => $"{use} was not stored as it should be, and has no preservative. Throw it out.";

    public static string UsePassedItsTimeAfterOpening(string use, string opened) =>
        $"{use} passed its time after opening on {opened}. Look at it and smell it, or open another.";

    public static string UseExpiredOnDayThrowIt(string use, string day) => $"{use} expired on {day}. Throw it out.";

    public static string UseExpiresTodayLookAtIt(string use) => $"{use} expires today. Look at it and smell it before you use it.";

    public static string UseIsUndilutedEssentialOilWhich(string use) => $"{use} is undiluted essential oil, which must never go on a head.";

    public static string UseBurnsKeepItAwayFrom(string use) => $"{use} burns. Keep it away from the eyes and the edges.";

    public static string StepStingsAndHeadHasBroken(string step, string head) => $"{step} stings, and {head} has broken skin on the scalp.";

    public static string RawEggMustNotTouchBroken(string head) => $"Raw egg must not touch broken skin, and {head} has some on the scalp.";

    public static string UseIrritatesAndMayStayOn(string use, string latest) =>
        $"{use} irritates and may stay on for {latest} minutes at most, never overnight.";

    public static string NewOnThisHeadSomePatch(string some, string use) =>
        $"New on this head: {some}. Patch-test {use} at least a day before.";

    public static string LabelOf(string product, string sentence) => $"{product}: {sentence}";

    public static string NamesAndCountMore(string names, string count) => $"{names} and {count} more";

    public static string UseWasNotSievedAndIts(string use) => $"{use} was not sieved, and its bits stay in the hair.";

    public static string TheYellowSapInUseWas(string use) => $"The yellow sap in {use} was not drained. It irritates the skin.";

    public static string StepTakesMeasuredMlTheFullest(string step, string measured, string fullest, string left) =>
        $"{step} takes {measured}. The fullest on the shelf is {fullest}, with {left}.";

    public static string YouHaveStockMlOfUse(string use, string stock, string measured, string exact) =>
        $"You have {stock} of {use} and need {measured}: {exact} short. Do fragile zones and ends first.";

    public static string YouPreferToMakeUseFor(string use, string measured) =>
        $"You prefer to make {use} for one use. This head needs {measured}.";

    public static string UseIsAtWarmCAnd(string use, string warm, string warmestOnSkin) =>
        $"{use} is at {warm}, and skin stands {warmestOnSkin} at most. Let it cool.";

    public static string UseHasCooledToCoolC(string use, string cool) => $"{use} has cooled to {cool}. Warm it again in hot water.";

    public static string FormulaMustBeStartedMinutesBefore(string formula, string minutes) =>
        $"{formula} must be started {minutes} before. Use what there is, plan for a later day, or leave it out.";

    // OilRules
    public const string OnePassOfShampooLeavesHeavy =
        "One pass of shampoo leaves heavy oil behind. Add a lifting rinse before it, or a second pass.";
    public const string CleanseTwice = "Cleanse twice";

    public static string AfterSinceDaysTheFirstPass(string since) =>
        $"After {since} days, the first pass only loosens the dirt. Two short passes wash better than one long one.";

    public static string StepSealsLeftOnTheScalp(string step) => $"{step} seals. Left on the scalp, it traps sweat and flakes.";

    public static string StepSealsSoOverOnTop(string step, string over) => $"{step} seals, so {over} on top of it cannot bring water in.";

    public static string PutOverUnderIt(string over) => $"Put {over} under it";

    // OrderRules
    public static string StepsProtectsHairFromTheCleanse(string steps) =>
        $"{steps} protects hair from the cleanse, so it belongs before it.";

    public const string ACleanseLeavesTheHairIn = "A cleanse leaves the hair in the style bare. Follow it with a light spray conditioner.";
    public const string AddALightSpray = "Add a light spray";
    public const string CleansingLiftsTheCuticleAndRemoves =
        "Cleansing lifts the cuticle and removes oil. Without a conditioner afterwards, hair dries rough and breaks.";
    public const string AddAConditioner = "Add a conditioner";

    public static string LeftMustNotStayInThe(string left, string layer) =>
        $"{left} must not stay in the hair. Use something else for {layer}.";

    public static string WaterAloneDoesNotRemoveUnwashed(string unwashed) =>
        $"Water alone does not remove {unwashed}. Wash it out before you put on anything that stays.";

    public const string WashItOut = "Wash it out";

    public static string LeftIsStillInTheHair(string left) =>
        $"{left} is still in the hair here. Rinse it out before you put on anything that stays.";

    public const string RinseItOut = "Rinse it out";

    public static string StepsStripsTheHairALong(string steps) =>
        $"{steps} strips the hair. A long, moisturising deep condition afterwards gives back what it took.";

    public const string DeepConditionInstead = "Deep condition instead";

    public static string AfterStepsMinutesMinutesOfDeep(string steps, string minutes, string earliest) =>
        $"After {steps}, {minutes} minutes of deep condition are too few. Give it at least {earliest}.";

    public static string GiveItUsualMinutes(string usual) => $"Give it {usual} minutes";

    // ProteinRules
    public static string BearingAddsProteinAgainAfterBearing2(string bearing, string bearing2) =>
        $"{bearing} adds protein again after {bearing2}. Twice in one day makes hair stiff and brittle.";

    public static string TheLastProteinWasDaysDays(string days, string usual) =>
        $"The last protein was {days} days ago. This hair takes it every {usual} days at most.";

    public const string AMoisturisingDeepConditionAfterProtein = "A moisturising deep condition after protein keeps the hair supple.";

    // RhythmRules
    public static string StepWasDoneDaysDaysAgo(string step, string days, string usual, string earliest) =>
        $"{step} was done {days} days ago. Wait at least {earliest} days; {usual} is usual.";

    public static string StepIsOverdueDaysDaysAgo(string step, string days, string latest) =>
        $"{step} is overdue: {days} days ago, {latest} at the latest.";

    public static string TheLastTightStyleCameDown(string days, string restBetweenStyles) =>
        $"The last tight style came down {days} days ago. Edges need {restBetweenStyles} days of rest.";

    public const string ChunkyTwistsInstead = "Chunky twists instead";

    public static string ThisStyleHasBeenInFor(string worn, string longestStyleDays) =>
        $"This style has been in for {worn} days. After {longestStyleDays} it mats and pulls. Take it down instead.";

    public static string TheLastRetwistWasDaysDays(string days, string earliest) =>
        $"The last retwist was {days} days ago. Retwisting before day {earliest} thins the roots.";

    public const string PlainCleanseInstead = "Plain cleanse instead";

    public static string RecentDayNumberDaysAgoNoStep(string recent, string dayNumber, string step, string rest) =>
        $"{recent} {dayNumber} days ago: no {step} for {rest} days unless your professional agrees.";

    public static string UseWouldBeTheSecondChange(string use, string watched) =>
        $"{use} would be the second change this month, after {watched}. You could not tell which did what.";

    // SettingRules
    public static string KindDoesNotHoldOnWord(string kind, string word, string word2) =>
        $"{kind} does not hold on {word} hair. The hair should be {word2}.";

    public const string DampenFirst = "Dampen first";

    public static string KindOnWordHairShrinksAnd(string kind, string word, string word2) =>
        $"{kind} on {word} hair shrinks and dries slowly. Let the hair be {word2} at most.";

    public static string GetFirst(string get) => $"{get} first";

    public static string DoItAfterLater(string later) => $"Do it after {later}";

    public const string LocsAndBraidsMustBeDry = "Locs and braids must be dry to the core the same day. Damp cores turn sour.";
    public const string DoNotSleepOnWetLocs = "Do not sleep on wet locs or braids: damp cores turn sour. Dry them to 95 % first.";
    public const string DryToTheCore = "Dry to the core";

    // WaterRules
    public static string WaterOver30CCooksRaw => $"Water over {Say.Temperature(30)} cooks raw egg into the hair. Rinse it out cool first.";
    public const string RinseCool = "Rinse cool";
    public const string WarmWaterAtTheEndLeaves = "Warm water at the end leaves the cuticle open and washes out what you put in.";
    public const string FinishWithCoolWater = "Finish with cool water";
    public const string UseWarmWater = "Use warm water";

    public static string HotWaterScaldsHeadUseWater(string head) =>
        $"Hot water scalds {head}. Use water at {Say.Temperatures(36, 40)}, tested on your wrist.";

    public static string HotWaterScaldsSkinAndDries =>
        $"Hot water scalds skin and dries hair. Use water at {Say.Temperatures(36, 40)}, never above {Say.Temperature(43)}.";
    public const string LowPorosityPutTheseOnWarm = "Low porosity: put these on warm, tested on your wrist. Cool water comes at the end.";

    // WetnessRules
    public const string ACombThroughDryBareHair = "A comb through dry, bare hair snaps strands. Add slip first.";

    public static string CombInThePutsInstead(string puts) => $"Comb in the {puts} instead";

    public static string StepNeedsWordHairHereIt(string step, string word, string word2) =>
        $"{step} needs {word} hair. Here it is {word2}.";

    public static string StepNeedsWordHairAtMost(string step, string word, string word2) =>
        $"{step} needs {word} hair at most. Here it is {word2}.";

    public static string DrippingHairIsFullOfWater(string step) => $"Dripping hair is full of water, so {step} would run off.";

    public const string WringOutFirst = "Wring out first";
    public const string DryInStillAir = "Dry in still air";
    public const string UseACap = "Use a cap";

    public static string TreatmentMustNotBeHeated(string treatment) => $"{treatment} must not be heated.";

    public static string FragileZonesProductFirst(string zones) => $"Fragile: {zones}. Put product there first and comb there last.";

    public static string UseContainsWhatMustNotTouch(string use, string hits, string head) =>
        $"{use} contains {hits}, which must not touch {head}.";

    public static string MoveBeforeTheCleanse(string step) => $"Move {step} before the cleanse";

    public static string DoesNotKeep(string use, string amount) =>
        $"{use} does not keep for a day. Make only the {amount} this head needs.";

    public static string DoesNotKeepEvenCold(string use, string amount) =>
        $"{use} does not keep for a day, even cold or frozen. Make only the {amount} this head needs.";

    public static string NoHeatOnBrokenSkin(string head) =>
        $"{head} has broken skin on the scalp. Body heat under a cap works too, more slowly.";

    public static string NoHeat(string head) => $"{head} cannot sit under heat. Body heat under a cap works too, more slowly.";
}
