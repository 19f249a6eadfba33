namespace Kamuri.Core.Planning.Household;

/// <summary>What is said about a household's plan.</summary>
[Texts("a household's plan")]
internal static class HouseholdWords
{
    public static string OfHead(string name, string sentence) => $"{name}: {sentence}";

    // HouseholdDay
    public static string NobodyCanDoThisForName(string name, string undone) =>
        $"Nobody can do this for {name}: {undone}. Allow someone to, or leave it out.";

    public static string NameHasAlreadyLeftAtTime(string name, string time) => $"{name} has already left at {time}.";

    public static string ThisPlanNeedsSomethingTheHousehold(string lacking) =>
        $"This plan needs something the household does not have: {lacking}.";

    // HouseholdPlanner
    public const string TheseHeadsCannotBeFittedAround = "These heads cannot be fitted around the people and equipment there are.";

    // HouseholdRequest

    public const string YourHands = "Your hands";

    public static string NameSHands(string name) => $"{name}’s hands";

    // HouseholdSentences
    public static string NamesHair(string names) => $"{names}’s hair";

    public const string OnePairOfHands = "one pair of hands";
    public const string TwoPairsOfHands = "two pairs of hands";

    public static string YouWorkWithoutABreak(string minutes) => $"You work for {minutes} without a break.";

    public static string NameWorksWithoutABreak(string name, string minutes) => $"{name} works for {minutes} without a break.";

    public const string WhoAndWhatIsThereWhen = "who and what is free when";
    public const string TheirHours = "their hours";
    public const string TheNight = "the night";

    public static string WhatOnHeadMinutes(string what, string head, string minutes) => $"{what} on {head} ({minutes})";

    public static string LongWithoutABreakWorkRest(string work) =>
        $"Long without a break: {work}. Rest between sections; the plan leaves no time for it.";

    public static string NoPlanIsLessLateWith(string hands) => $"No plan is less late with {hands}.";

    public static string NoPlanCanFinishSoonerWith(string hands) => $"No plan can finish sooner with {hands}.";

    public static string NoPlanIsShorterWithHands(string hands) => $"No plan is shorter with {hands}.";

    public static string NoPlanCanFinishBeforeTime(string time, string time2) =>
        $"No plan can finish before {time}. This one finishes at {time2}.";

    public static string NoPlanCanBeShorterThan(string minutes, string minutes2) =>
        $"No plan can be shorter than {minutes}. This one takes {minutes2}.";

    public const string InTimeThereMayBeA = "In time. There may be a plan with waits closer to their usual length.";

    public static string NoPlanWithHandsIsIn(string hands) =>
        $"No plan with {hands} is in time and keeps waits closer to their usual length.";

    public static string NoPlanWithHandsIsIn2(string hands) =>
        $"No plan with {hands} is in time with every wait at its usual length. Here no wait is cut by more than half of what it can spare.";

    public static string NoPlanWithHandsIsIn3(string hands) =>
        $"No plan with {hands} is in time unless some wait is cut by more than half of what it can spare.";

    public static string ChanceOfBeingDry(string name, string time, string percent) =>
        $"The chance that {name} is dry by {time} is {percent}.";

    public static string AlmostCertainlyBy(string name, string time) => $"{name} is almost certainly done by {time}.";

    public static string SetsThePace(string what, string minutes, string all) =>
        $"What sets the pace: {what}, {minutes} of the {all} critical path.";

    // LongerSearch
    public static string FoundAPlanThatIsMinutes(string minutes, string time) =>
        $"Found a plan that is {minutes} less late: everyone is done by {time}.";

    public const string FoundAPlanInWhichNo = "Found a plan in which no wait is cut by more than half of what it can spare.";

    public static string FoundAPlanThatKeepsWaits(string minutes) =>
        $"Found a plan that keeps waits {minutes} closer to their usual length in total.";

    public static string FoundAPlanThatEndsMinutes(string minutes, string time) => $"Found a plan that ends {minutes} sooner, at {time}.";

    public static string FoundAShorterPlan(string minutes, string time, string time2) =>
        $"Found a plan that is {minutes} shorter, from {time} to {time2}.";

    public const string NoBetterPlanExistsThisIs = "No better plan exists: this is now proven.";
    public const string NoBetterPlanWasFound = "No better plan was found.";

    // WhyNot
    public const string ASecondPairOfHands = "a second pair of hands";
    public const string AnEarlierStart = "an earlier start";
    public const string TwoChangesTogether = "two changes together";

    public static string FasterDryingForHead(string head) => $"faster drying for {head}";

    public static string LeavingStepsOutForHead(string head) => $"leaving steps out for {head}";

    public const string ASecondPairOfHands2 = "Add a second pair of hands.";

    public static string HeadDriedWithADryerCool(string head) => $"Dry {head} with a dryer on cool.";

    public static string StartByTimeAndEveryoneIs(string time) => $"Start by {time}, and everyone is done in time.";

    public static string WithASecondPairOfHands(string work, string minutes, string time) =>
        $"With a second pair of hands for {work} ({minutes} in all), everything is done at {time}.";

    public static string WithoutListForHeadEverythingIs(string list, string head, string time) =>
        $"Without {list} for {head}, everything is done at {time}.";

    public const string InTheAirOfAFan = "with a fan";
    public const string UnderTheHoodLow = "under the hood on low";
    public const string WithADryerCool = "with a dryer on cool";

    public static string IfHeadDriesHowEverythingIs(string how, string head, string time) =>
        $"If {head} dries {how}, everything is done at {time}.";

    public const string TheKitchen = "the kitchen";
    public const string PuttingOn = "putting on";
    public const string TheKitchenAndPuttingOn = "the kitchen and putting on";
    public const string AllKindsOfWork = "all kinds of work";

    public static string NameAtTime(string name, string time) => $"{name} about {time}";

    public static string StartAndDone(string start, string end, string sure) =>
        $"Start at {start}. Done about {end}, almost certainly by {sure}.";

    public static string StartAndAllDone(string start, string ends, string sure) =>
        $"Start at {start}. Done: {ends}; everyone almost certainly by {sure}.";

    public static string StartsLaterToSuit(string start, string asked, string reasons) =>
        $"It starts at {start} instead of {asked} to suit {reasons}.";

    public static string TightFor(string names) => $"Tight: on most such days this ends late for {names}.";

    public static string NoPlanIsLessLateThan(string least, string hands, string late) =>
        $"No plan with {hands} is less than {least} late. This one is {late} late.";

    public static string NoPlanIsLessLateInAll(string least, string hands, string late) =>
        $"No plan with {hands} is less than {least} late, all heads added up. This one is {late} late.";

    public static string StartsInTheNight(string ready, string start) =>
        $"To be ready by {ready} it starts at {start}, while people sleep.";

    public static string StartsInTheNightForLess(string ready, string start) =>
        $"To be less late for {ready} it starts at {start}, while people sleep.";

    public static string TheWait(string title) => $"the wait “{title}”";

    public static string TheWaitOn(string title, string head) => $"the wait “{title}” on {head}";

    public const string OverNinetyNine = "over 99\u00a0%";
    public const string UnderOne = "under 1\u00a0%";

    public static string NotHomeLongEnough(string head, string times) => $"{head} is home {times}, which is not long enough.";

    public static string FromTo(string from, string to) => $"from {from} to {to}";

    public static string BothChanges(string one, string other) => $"Two changes together. First: {one} Then: {other}";
}
