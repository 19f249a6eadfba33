namespace Kamuri.Web.Plans;

/// <summary>What is said about errors about plans.</summary>
[Texts("errors about plans")]
internal static class PlanErrors
{
    // MakingEndpoints
    public const string ThereIsNoSuchStepIn = "There is no such step in the catalogue.";

    // PlanBody
    public const string SendAHeadItsIdOr = "Send a head: its id, or all of it.";
    public const string KamuriDoesNotKnowThisStretch = "Kamuri does not know this stretch check.";

    public static string UseAtMostMostEditsThings(string MostEdits) => $"Use at most {MostEdits} things.";

    public const string GiveEachProductOrMixtureA =
        "Give each product or mixture a name, and keep its amounts, temperature and shares in range.";
    public const string KamuriDoesNotKnowThisStart = "Kamuri does not know this state of the hair.";
    public const string SayWhatIsOn = "Say which treatment is on the hair, and only when one is.";
    public const string NobodyBeginsWithThisOn = "A day cannot begin with this on the hair.";
    public const string HairInAStyleComesDownFirst = "Hair that comes down first begins dry, in its style.";
    public const string LastTime = "last time";
    public const string ThereIsNoLastTime = "There is no finished day of this head to repeat.";
    public const string ThereIsNoSuchRoutine = "There is no such routine.";

    public static string ThisRoutineIsForOtherHair(string hint) => $"This routine is for other hair than this head has: {hint}";

    public const string KamuriDoesNotKnowThisAim = "Kamuri does not know this aim.";
    public const string KamuriDoesNotKnowThisStyle = "Kamuri does not know this style.";
    public const string KamuriDoesNotKnowThisSchool = "Kamuri does not know this school of layering.";
    public const string ChooseWhen = "Choose when.";
    public const string KamuriDoesNotKnowThisWay = "Kamuri does not know this way of giving a time.";
    public const string EnterATime = "Enter a time.";
    public const string ThatDayIsOver = "That day is over.";

    public static string ChooseADayWithinTheNext(string MostDaysAhead) => $"Choose a day within the next {MostDaysAhead} days.";

    public static string TimeHasPassedChooseALater(string time) => $"{time} has passed. Choose a later time or another day.";

    public const string KamuriDoesNotKnowThisKind = "Kamuri does not know this kind of heat.";
    public const string ChooseACapTheHoodOr = "Choose a cap, the hood or the steamer.";
    public const string ThereIsNoHoodInThe = "There is no hood in the household. Add one under Options, The household.";
    public const string ThereIsNoSteamerInThe = "There is no steamer in the household. Add one under Options, The household.";
    public const string KamuriDoesNotKnowThisWay2 = "Kamuri does not know this way of drying.";

    public static string ChooseFewestSectionsToMostSectionsSections(string fewestSections, string mostSections) =>
        $"Choose {fewestSections} to {mostSections} sections.";

    public const string SendTheEditsAsAList = "Send the edits as a list.";

    public static string MakeAtMostMostEditsChangesTo(string MostEdits) => $"Make at most {MostEdits} changes to one plan.";

    public const string WhichChange = "Which change?";
    public const string GiveATreatmentAndADay = "Give a treatment and a day that is not in the future.";
    public const string KamuriDoesNotKnowThisTreatment = "Kamuri does not know this treatment.";
    public const string KamuriDoesNotKnowThisSchool2 = "Kamuri does not know this school.";
    public const string TakeTheStepsFromASaved = "Take the steps from a routine or send them, not both.";

    public static string UseAtMostMostEditsStepsIn(string MostEdits) => $"Use at most {MostEdits} steps in one plan.";

    public const string GiveEveryStepItsOwnName = "Give every step its own name.";
    public const string WhichStep = "Which step?";

    public static string TheNameOfAStepHas(string longestName) => $"The name of a step has 1 to {longestName} characters.";

    public const string KamuriDoesNotKnowThisPlace = "Kamuri does not know this place.";
    public const string KamuriDoesNotKnowThisWay3 = "Kamuri does not know this way.";
    public const string KamuriDoesNotKnowThisWater = "Kamuri does not know this water.";
    public const string ChooseADrynessOf08 = "Choose a dryness of 0.8 or 0.95.";

    public static string Enter1ToMostLocsPieces(string mostLocs) => $"Enter 1 to {mostLocs} pieces.";

    public const string EnterATenthToFiveTimes = "Enter a tenth to five times the usual amount.";
    public const string WhichSteps = "Which steps?";
    public const string TogetherOrApart = "Together or apart?";
    public const string KamuriDoesNotKnowThisKind2 = "Kamuri does not know this kind of change.";
    public const string WhichKindOfStep = "Which kind of step?";
    public const string HowManyMinutes = "How many minutes?";
    public const string WhichPlaces = "Which places?";
    public const string WhichWater = "Which water?";
    public const string WhichWay = "Which way?";
    public const string HowDry = "How dry?";
    public const string HowMany = "How many?";
    public const string WhichStop = "Which stop?";
    public const string GiveAReasonForContinuingIn = "Give a reason for continuing in spite of a stop.";

    public static string AReasonCanHaveAtMost(string longestNote) => $"A reason can have at most {longestNote} characters.";

    public const string WhichHeat = "Which heat?";

    // PlanEndpoints
    public const string ThisHeadDoesNotExist = "This head does not exist.";

    public static string KeptIsArchivedUnarchiveTheHead(string kept) => $"{kept} is archived. Unarchive the head to plan for it.";

    public const string SomethingYouChoseNoLongerExists = "Something you chose no longer exists. Choose again.";

    // StepBody
    public const string AsInTheSavedPlan = "As in your routine.";

    public static string MinutesUpTo(string most) => $"Enter 0 to {most} minutes.";

    public const string SolverIsBusy = "Kamuri is working out many plans just now. Wait a moment, then try again.";

    // TypedWishEndpoint
    public static string WriteAtMost(string longest) => $"Write at most {longest} characters.";
}
