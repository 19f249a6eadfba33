namespace Kamuri.Core.Running.Mishaps;

/// <summary>What is said about mishaps.</summary>
[Texts("mishaps")]
internal static class MishapWords
{
    // Happening

    // MishapAdvice
    public static string TaskOnHeadIsMinutesOverdue(string task, string head, string minutes, string afterLatest) =>
        $"{task} on {head} is {minutes} overdue. {afterLatest}";

    public static string TaskOnHeadMayStayOn(string task, string head, string time) =>
        $"{task} on {head} may stay on until {time}. Nothing is lost.";

    public static string ContinueWithAShorterLater(string later) => $"Continue, and shorten: {later}";

    public static string LaterTakesMinutesInsteadOfMinutes2(string later, string minutes, string minutes2) =>
        $"{later} takes {minutes} instead of {minutes2}: the hair has been soft and wet for long enough.";

    public const string ContinueAsPlanned = "Continue as planned";

    public static string EndItNow(string task) => $"End it now: {task}";

    public static string StillOnHead(string head, string names) => $"Still on {head}: {names}.";

    public static string NothingOnHeadHasToComeOff(string head) => $"Nothing on {head} has to come off.";

    public static string TaskHasBeenOnHeadFor(string task, string head, string minutes, string time) =>
        $"{task} has been on {head} for {minutes} and may stay on until {time}.";

    public static string TimeAlreadyOnCounts(string task, string left, string planned) =>
        $"The time it has been on counts: {task} takes {left} more instead of {planned}.";

    public const string ThisEndsItNowKamuriTimes = "This ends it now. Kamuri times the rest again.";

    public static string TaskStayedOnMinutesTooLong(string task, string minutes) => $"{task} stayed on {minutes} too long.";

    public static string ClipTheFinishedSectionsOfPass(string pass) => $"Clip the finished sections away from the rest: {pass}.";

    public static string DoNotLeaveMustComeOffOnHead(string mustComeOff, string head) =>
        $"Do not leave {mustComeOff} on {head} for long. Rinse first if you will be gone more than a few minutes.";

    public const string EverythingOnTheHairCanWait = "Everything on the hair can wait.";
    public const string StopWorkingForNow = "Stop working for now";
    public const string WhatIsOnTheHairKeeps = "What is on the hair keeps working. Hands-on work waits until you are back.";
    public const string RinseWithCoolWater = "Rinse with cool water";

    public static string CoolNotColdWaterForMinutes(string minutes) => $"Cool, not cold, water for {minutes}.";

    public const string NoHoodAndNoSteamerFor = "No hood and no steamer for the rest of this session.";
    public const string TakeItOffOrGetOut = "Take it off or get out of the water now.";
    public static string AMixtureMustBe40C => $"A mixture must be {Say.Temperature(40)} at most. Let it stand and test it on your wrist.";
    public const string SeeAClinicianAboutBlistersOr = "See a clinician about blisters or skin that stays red.";
    public const string CoolItAndContinueWithoutHeat = "Cool it and continue without heat";
    public const string SomethingWasTooHot = "Something was too hot.";
    public const string RinseItOffWithCoolWater = "Rinse it off with cool water";

    public static string KamuriHasNotedAReactionTo(string list) =>
        $"Kamuri has noted a reaction to {list}. Plans will stop at it from now on.";

    public const string WriteDownWhatWasOnThe = "Write down what was on the hair. Its label says whom to ask.";
    public const string GetMedicalHelpAtOnceFor = "Get medical help at once for swelling, blisters or trouble breathing.";
    public const string RinseItOffAndContinueGently = "Rinse it off and continue gently";
    public const string WhatStungEndsNowNoHeat = "What stung ends now. No heat for the rest of this session.";
    public const string ItStung = "It stung.";

    public static string ItStungDuringCulprit(string culprit) => $"It stung. Step: {culprit}.";

    public const string EndsFirstThenTheLengths = "Ends first, then the lengths.";
    public const string WetTheHairALittleMore = "Wet the hair a little more: it spreads further on wet hair.";

    public static string YouCanTopItUpWith(string list) => $"You can top it up with {list}. Read the label before you mix them.";

    public static string KeepWhatNoHandHasTouched(string addDays) =>
        $"Keep what no hand has touched in the fridge, in a clean jar with a date, until {addDays}.";

    public static string MixtureDoesNotKeepUseIt(string mixture) =>
        $"{mixture} does not keep. Use it on another head today, or throw it out.";

    public const string PutBackOnlyWhatNoHand =
        "Put back only what no hand or comb has touched. Use the rest on another head, or throw it out.";

    public static string ListCouldUseItToo(string list) => $"{list} could use it too.";

    public const string StirInWarmWaterOneSpoon = "Stir in warm water, one spoon at a time, and look after each.";
    public const string ApplyItInSmallSectionsOver = "Apply it in small sections over the basin, or use less of it.";
    public const string WashASecondTime = "Wash a second time";
    public const string WashOnceMoreWithDilutedCleanser = "Wash once more with diluted cleanser. Squeeze it through; never rub.";
    public const string RinseUntilTheWaterRunsClear = "Rinse until the water runs clear. What stays inside attracts dust.";
    public const string WashAgain = "Wash again";

    public static string ASecondPassOfMinutesComes(string minutes) => $"A second pass of {minutes} comes next.";

    public const string OilStayedInAfterOnePass = "Oil stayed in after one pass. Use less next time.";
    public const string LoosenTheOilFirst = "Loosen the oil first";
    public const string WorkConditionerIntoTheOil = "Work conditioner into the oil";

    public static string ConditionerGoesIntoTheOil(string minutes) =>
        $"Work conditioner into the oil before any water touches it, for {minutes}. Then go on as planned.";

    public const string FirstWorkConditionerIntoTheOily =
        "First work conditioner into the oily lengths and rinse: it lifts what shampoo slides over.";
    public const string ThenShampooAgainAtTheRoots = "Then shampoo again at the roots; let the foam run down.";
    public const string LiftTheOilAndWashAgain = "Lift the oil and wash again";

    public static string ALiftingRinseOfMinutesAnd(string minutes, string minutes2) =>
        $"A lifting rinse of {minutes} and a second pass of {minutes2} come next.";

    public const string LiftingRinseWithConditioner = "Lifting rinse with conditioner";
    public const string OilStayedInAfterOnePass2 = "Oil stayed in after one pass. Do a lifting rinse first next time.";
    public const string DoNotCombThemOutDry =
        "Do not comb them out dry: they pull. Rinse head down under running water, fingers spread. The rest falls out when dry.";
    public const string RinseUnderRunningWater = "Rinse under running water";

    public static string MinutesAtTheTapComeNext(string minutes) => $"{minutes} at the tap come next.";

    public const string RinseTheBitsOutUnderRunning = "Rinse the bits out under running water";
    public const string BitsStayedInTheHairStrain = "Bits stayed in the hair. Strain through a finer cloth next time.";
    public const string NothingIsBeingDoneInSections =
        "Nothing is being done in sections just now. Part the hair and look: finished hair is slippery and lies together.";
    public const string LookSectionBySectionFromThe =
        "Look section by section from the nape up. Finished hair is slippery and lies together.";
    public const string TickTheFinishedOnesOnThe = "Tick the finished ones on the map. Doing one twice is better than missing one.";
    public const string KeepTheTicks = "Keep the ticks";
    public const string TheMapShowsWhichAreOpen = "The map shows which are open.";
    public const string StartTheSectionsAgain = "Start the sections again";

    public static string AllSectionsOfPassAreOpen(string sections, string pass) => $"All {sections} sections are open again: {pass}.";

    public const string LeaveOutWhatYouCan = "Leave out what you can";

    public static string LeftOutSpared(string spared) => $"Left out: {spared}.";

    public const string TheRemainingWaitsAreKeptAt = "The remaining waits are kept at their shortest.";
    public const string YouCanLeaveOutSomeOf = "You can leave out some of the rest without harm.";
    public const string YouCannotLeaveOutAnyOf = "You cannot leave out any of the rest safely. It can wait until later.";
    public const string RanOutOfTime = "Ran out of time.";
    public const string DoNotSleepOnWetLocs = "Do not sleep on wet locs or braids: what stays damp inside turns sour.";
    public const string DoNotLieDownBeforeThey = "Do not lie down before they are dry, and wear no scarf, bonnet or cap until then.";

    public static string MinutesOfMovingAirComeNext(string minutes) => $"{minutes} of moving air come next. Bed waits until it is dry.";

    public const string FanOrHoodOnLowAll = "Fan, or hood on low, all around";
    public const string DryRootsAndScalpBeforeBed = "Dry roots and scalp before bed: cool air, away from the basin, keep the dryer moving.";
    public const string ThenPutItUpLooselyOn =
        "Then put it up loosely on a dry cotton cloth, never under a plastic cap. Put a fresh cloth on the pillow.";
    public const string CoolAirThenBed = "Cool air, then bed";

    public static string MinutesOfCoolAirComeNext(string minutes) => $"{minutes} of cool air come next. The rest dries on the pillow.";

    public const string CoolAirAtTheRoots = "Cool air at the roots";

    public static string StillWetAtBedtimeStartMinutes(string minutes) => $"Still wet at bedtime. Start {minutes} earlier next time.";

    public const string Continue = "Continue";
    public const string NothingElseChanges = "Nothing else changes.";

    // Stopping
    public const string StopEverythingForTodayAndContinue = "Stop everything for today and continue later";
    public const string StopForTodayAndContinueLater = "Stop for today and continue later";

    public static string FinishInTheKitchenKitchen(string kitchen) => $"Finish in the kitchen: {kitchen}.";

    public const string InACottonCloth = "in a cotton cloth";
    public const string InLooseTwistsUnderACotton = "in loose twists under a cotton cloth";
    public const string TiedBackLoosely = "tied back loosely";
    public const string WithClips = "with clips";

    public static string LeftOutBecauseItComesBefore(string omitted) => $"Left out, because it comes before the rinse: {omitted}.";

    public static string TitleOn(string title, string head) => $"{title} on {head}";

    public static string BeBackBy(string time, string task, string afterLatest) =>
        $"Be back by {time} for this: {task}. After that: {afterLatest}";

    public static string IsOverdueAlready(string task, string afterLatest) => $"Overdue already: {task}. {afterLatest}";

    public static string ContinuesWithoutYou(string task) => $"Continues without you: {task}.";

    public const string RinseItOffNow = "Rinse it off with cool water now, and keep it out of the eyes.";

    public static string RinseOffNow(string names) => $"Rinse off {names} with cool water now, and keep it out of the eyes.";

    public static string NotEnoughFor(string step) => $"{step}: there was not enough. Use more next time.";

    public static string NotEnoughPlanned(string step, string amount) => $"{step}: {amount} was not enough. Use more next time.";

    public static string TooMuchFor(string step) => $"{step}: there was too much. Use less next time.";

    public static string TooMuchPlanned(string step, string amount) => $"{step}: {amount} was too much. Use less next time.";

    public static string CameOutTooThick(string name) => $"{name} came out too thick.";

    public static string CameOutTooRunny(string name) => $"{name} came out too runny.";

    public static string NeverLeaveOn(string names) => $"Never leave {names} on. Rinse before you stop.";

    public static string NeverLeaveOnDo(string names, string steps) => $"Never leave {names} on. Before you stop: {steps}.";

    public static string FragileFirst(string zones) => $"Start with the fragile zones ({zones}) and the ends, then do the lengths.";

    public const string ParkInACloth = "Wrap it in a cotton cloth, to stop for now";
    public const string ParkInTwists = "Loose twists and a cotton cloth, to stop for now";
    public const string ParkTiedBack = "Tie it back loosely, to stop for now";
    public const string ParkInClips = "Clip it up, to stop for now";

    public static string NameHow(string name, string how) => $"{name} {how}";

    public static string ThenPutUpAll(string heads) =>
        $"Then put up {heads}. Ticked sections are kept. When you are back, mist what has dried and continue.";

    public static string ThenPutUpWet(string how) =>
        $"Then put it up {how}. Ticked sections are kept. When you are back, mist what has dried and continue.";

    public static string ThenPutUpDry(string how) =>
        $"Then put it up {how}. Ticked sections are kept. When you are back, continue where you were.";

    public static string NotSleptOnWet(string name) => $"{name} must not sleep before it is dry inside. Use a fan, or the hood on low.";

    public const string NotSleptOnWetYet = "Do not sleep on it before it is dry inside. Use a fan, or the hood on low.";

    public static string NameAnd(string name, string sentence) => $"{name}: {sentence}";

    public static string Finish(string step) => $"First finish this: {step}.";

    public static string FinishThen(string step, string then) => $"First finish this: {step}. Then: {then}.";

    public static string DoFirst(string steps) => $"Do this first: {steps}.";

    public const string NothingHasToComeOff = "Nothing has to come off the hair first.";

    public static string TitleComesLaterInTheSlip(string title, string slip) => $"{title} comes later, in this: {slip}.";

    public static string TitleComesWhenYouAreBack(string title) =>
        $"{title} comes when you are back: mist the hair and comb with a little leave-in.";

    public static string IsPutAside(string task) => $"Put aside: {task}.";

    public static string WithSectionsDone(string sentence, string done, string sections) =>
        $"{sentence} {done} of {sections} sections are done.";

    public const string MovingAirAllAround =
        "Move air from all sides with a fan, or the hood on low. Press one here and there to feel inside.";
}
