namespace Kamuri.Core.Planning;

/// <summary>What is said about a plan.</summary>
[Texts("a plan")]
internal static class PlanWords
{
    // ClockChange
    public static string AtTimeOnShownTheClocks(string time, string shown, string way, string minutes) =>
        $"At {time} on {shown} the clocks go {way} by {minutes}. These times allow for that.";

    // JobBuilder
    public static string PassStep(string pass, string step) => $"{pass}, {step}";

    public static string TakeUseOutOfTheFreezer(string use) => $"Take {use} out of the freezer";

    public static string StandInHotWater(string use) => $"Stand the jar of {use} in hot water and stir; wrist test";

    public const string OilWarming = "Oil warming";
    public const string Oil = "oil";
    public const string ThawedUseItToday = "Thawed. Use it today.";
    public const string NoLongerWarmButStillFine = "No longer warm, but still fine to use cool.";
    public const string ItHasHadLongerThanIt = "It has had longer than it needs. Go on with it.";

    // NightWork
    public static string SomebodyHasToWorkFromTime(string time, string time2) =>
        $"Somebody has to work from {time} to {time2}, while people sleep.";

    public const string GrainWater = "Grain water";
    public const string TakingAStyleDown = "Taking a style down";
    public const string TheHair = "the hair";

    public static string HairIsStillWetAt(string hair, string bed, string dry) =>
        $"At {bed} {hair} will still be wet. It will be dry about {dry}.";

    // OutOfTheNight
    public static string ItIsNightSoItBegins(string start) => $"It is night, so the day begins at {start}.";

    public static string BegunNowItRunsInto(string end, string start) =>
        $"If you begin now, your hands are busy until {end}. The day begins at {start} instead.";

    public static string BegunNowTheHairIsNotDryUntil(string end, string start) =>
        $"If you begin now, the hair will not be dry until {end}. The day begins at {start} instead.";

    // PlanDifference
    public static string ChangeAfterMoreIsNeeded(string change, string after) => $"{change}: {after} more is needed.";

    public static string ChangeBeforeIsNoLongerNeeded(string change, string before) => $"{change}: {before} is no longer needed.";

    public static string ChangeAfterInsteadOfBefore(string change, string after, string before) =>
        $"{change}: {after} instead of {before}.";

    public const string NothingInThisDayChanges = "Nothing in this day changes.";

    // Planner
    public static string ThisPlanNeedsSomethingTheHousehold(string lacking) =>
        $"This plan needs something the household does not have: {lacking}.";

    public const string TheseStepsCannotBePutIn = "These steps cannot be put in any order with the equipment there is.";

    // PlanSentences
    public const string AQuickWash = "a quick wash";
    public const string ScalpComfort = "scalp comfort";
    public const string AnOilFreeWash = "an oil-free wash";
    public const string AStyleToCome = "a style to come";
    public const string AMidWeekRefresh = "a mid-week refresh";
    public const string APatchTest = "a patch test";
    public const string LightProtein = "Light protein";
    public const string StrongProtein = "Strong protein";
    public const string HotOil = "Hot oil";
    public const string TheOilFreeWash = "The oil-free wash";
    public const string TheDetoxSoak = "The detox soak";
    public const string ATightStyle = "A tight style";

    public static string TreatmentIsOverdueDaysDaysAgo(string treatment, string days, string latest) =>
        $"{treatment} is overdue: {days} days ago, {latest} at the latest.";

    public static string TreatmentIsDueDaysDaysSince(string treatment, string days, string usual) =>
        $"{treatment} is due: {days} days since the last one; every {usual} days is usual.";

    public const string SingleTwists = "single twists";
    public const string TheSameStyleAgain = "the same style again";
    public const string ThisPlanHasNoStepsLeft = "This plan has no steps left.";
    public const string OnePairOfHands = "one pair of hands";

    public static string PairsOfHandsPairsOfHands(string pairsOfHands) => $"{pairsOfHands} pairs of hands";

    public static string NoOrderOfTheseStepsIs(string hands) => $"No order of these steps is quicker with {hands}.";

    public static string NoPlanCanFinishBeforeTime(string time) => $"No plan can finish before {time}. This is the best one found so far.";

    public static string YouSitDownOnceForMinutes(string minutes) => $"You can sit down once, for {minutes}.";

    public static string StartAtTimeDoneAboutTime2(string time, string time2, string time3) =>
        $"Start at {time}. Done about {time2}, almost certainly by {time3}.";

    public static string ToBeReadyByTimeIt(string time, string time2) =>
        $"To be ready by {time} it would start at {time2}, while people sleep. Dry faster or choose a later time.";

    public const string YouCannotLeaveAnythingOutSafely = "You cannot leave anything out safely. Start earlier or be ready later.";
    public const string ThisIsTheClosestPlanSee = "This is the closest plan. See below what you could leave out.";

    public static string NotPossibleByTimeItEnds(string time, string minutes, string spare) =>
        $"Not possible by {time}: it ends {minutes} later, even with every wait at its shortest. {spare}";

    public static string ShortenedToBeReadyByTime(string time, string shortened) => $"Shortened to be ready by {time}: {shortened}.";

    public static string ItFitsButTightlyOneSlow(string time) => $"It fits, but tightly: one slow step and you miss {time}.";

    public static string YouSitDownTimes(string times, string longest) => $"You can sit down {times} times, {longest} at the longest.";

    public static string TwoDays(string start, string bed, string on, string end, string sure) =>
        $"Two days: start {start}, go to bed at {bed}, continue {on}. Done about {end}, almost certainly by {sure}.";

    public static string WaitExactly(string minutes) => $"{minutes} min";

    public static string WaitBetween(string earliest, string latest, string usual) => $"{earliest} to {latest} min, usually {usual}";

    public static string Added(string steps) => $"Added: {steps}.";

    public static string Removed(string steps) => $"Left out: {steps}.";

    public static string Moved(string steps) => $"Moved: {steps}.";

    public static string DayLonger(string minutes) => $"The day is {minutes} longer.";

    public static string DayShorter(string minutes) => $"The day is {minutes} shorter.";

    public static string HandsLonger(string minutes) => $"Hands are busy {minutes} longer.";

    public static string HandsShorter(string minutes) => $"Hands are busy {minutes} less.";

    // PorosityMatters
    public const string TheDropsStay = "The drops stay";
    public const string TheySinkInSlowly = "They sink in slowly";
    public const string TheySinkInAtOnce = "They sink in at once";

    public static string PorosityIsAGuess(string name, string minutes) =>
        $"How porous {name}’s hair is was only guessed, and it changes this day by up to {minutes}. Spray a clean, dry strand "
        + "and watch the drops for two minutes.";
}
