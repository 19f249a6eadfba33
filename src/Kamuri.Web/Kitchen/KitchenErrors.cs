namespace Kamuri.Web.Kitchen;

/// <summary>What is said about errors about formulas and jars.</summary>
[Texts("errors about formulas and jars")]
internal static class KitchenErrors
{
    // BatchEndpoints
    public const string ThisFormulaDoesNotExist = "This formula does not exist.";

    public static string ANameCanHaveAtMost(string longestName) => $"A name can have at most {longestName} characters.";

    public const string ChooseADayWithinThePast = "Choose a day within the past year.";
    public const string ChooseTheRoomTheFridgeOr = "Choose the room, the fridge or the freezer.";

    public static string ThereAreAlreadyMostBatchesJars(string MostBatches) => $"There are already {MostBatches} jars.";

    public const string ThisHeadDoesNotExist = "This head does not exist.";

    public static string SomeOfRowHasBeenUsed(string row) => $"Some of {row} has been used already. Throw the rest out instead.";

    public const string ThereIsNothingToUndo = "There is nothing to undo.";

    public static string RowIsAlreadyUsedUpOr(string row) => $"{row} is already used up or thrown out.";

    public static string Enter1ToMostPortionsPortions(string mostPortions) => $"Enter 1 to {mostPortions} portions.";

    public const string DoesItLookAndSmellAs = "Does it look and smell as it should?";

    public static string AReasonCanHaveAtMost(string longestNote) => $"A reason can have at most {longestNote} characters.";

    public const string ThisIsNotKnownHere = "This is not known here.";

    public static string RowIsNotFrozen(string row) => $"{row} is not frozen.";

    public const string ItIsFrozenInOnePiece = "It is frozen in one piece. Thaw all of it.";

    public static string ThereAreTherePortionsEnter1(string there) => $"There are {there} portions. Enter 1 to {there}.";

    public const string ThisBatchDoesNotExist = "This batch does not exist.";

    // FormulaContracts
    public const string AFormulaNeedsAName = "A formula needs a name.";

    public static string ANameCanHaveAtMost2(string LongestName) => $"A name can have at most {LongestName} characters.";

    public const string KamuriDoesNotKnowThisKind = "Kamuri does not know this kind.";
    public const string KamuriDoesNotKnowThisVessel = "Kamuri does not know this vessel.";
    public const string Enter5To100 = "Enter 5 to 100 %.";
    public static string Enter30To100C => $"Enter {Say.Temperatures(30, 100)}.";

    public static string ANoteCanHaveAtMost(string longestNote) => $"A note can have at most {longestNote} characters.";

    public static string Enter1ToMostIngredientsIngredients(string MostIngredients) => $"Enter 1 to {MostIngredients} ingredients.";

    public const string WhichIngredient = "Which ingredient?";

    public static string EnterAtMostMostStepsSteps(string MostSteps) => $"Enter at most {MostSteps} steps.";

    public const string WhichStep = "Which step?";
    public const string KamuriDoesNotKnowThisUse = "Kamuri does not know this use.";
    public const string HowDoesItKeep = "How does it keep?";

    public static string Enter0ToLongestKeepDaysThe(string LongestKeep) =>
        $"Enter 0 to {LongestKeep} days. The second number cannot be smaller than the first.";

    public const string WhatGoesIn = "What goes in?";
    public const string ANameCanHaveAtMost3 = "A name can have at most 120 characters.";

    public static string EnterMoreThan0AndAt(string most) => $"Enter more than 0 and at most {most}.";

    public const string KamuriDoesNotKnowThisUnit = "Kamuri does not know this unit.";
    public const string ThatFormulaNoLongerExists = "That formula no longer exists.";
    public const string ThatProductNoLongerExists = "That product no longer exists.";
    public const string ChooseAProductOrAJar = "Choose a product or a jar, not both.";
    public const string WhatIsDone = "What is done?";
    public const string AStepCanHaveAtMost = "A step can have at most 400 characters.";
    public const string HandsAreBusy05To = "Hands are busy 0.5 to 240 minutes.";
    public const string TheHouseholdDoesNotHaveThis = "The household does not have this.";
    public const string ChooseTheCounterTheStoveOr = "Choose the counter, the stove or the fridge.";
    public const string UseAtMost120Characters = "Use at most 120 characters.";
    public const string HowLongDoesItWait = "How long does it wait?";
    public const string EarliestUsualAndLatestMustBe = "Earliest, usual and latest must be in that order and within two weeks.";

    // FormulaEndpoints
    public static string ThereAreAlreadyMostFormulasFormulas(string MostFormulas) => $"There are already {MostFormulas} formulas.";

    public static string ShippedCameWithKamuriAndCannot(string shipped) =>
        $"{shipped} came with Kamuri and cannot be edited. Copy it and edit the copy.";

    public static string RowWasChangedElsewhereInThe(string row) =>
        $"{row} was changed elsewhere in the meantime. Load it again before you edit it.";

    public static string ShippedCameWithKamuriAndCannot2(string shipped) => $"{shipped} came with Kamuri and cannot be archived.";

    public static string UserUsesItChangeThatFormula(string user) => $"{user} uses it. Change that formula first.";

    public const string EnterHowMuchThereIsMore = "Enter how much there is: more than 0, at most 100000.";

    public static string AsMuchAsYourIngredientsAllows(string ingredients) => $"As much as your {ingredients} allows.";

    public const string AsWritten = "As written.";
    public const string AsWrittenBecauseKamuriDoesNot = "As written, because Kamuri does not know how much of it a head takes.";
    public const string ThatIsFarTooMuchOr = "That is far too much or too little for this formula.";
    public const string TooThickTooRunnyOrToo = "Too thick, too runny or too little?";

    public static string AFormulaCanHaveAtMost(string longest, string text) =>
        $"A formula can have at most {longest} characters. This one has {text}.";

    public static string WhereField(string where, string field) => $"{where}, {field}";

    public const string SomethingInItIsNotRight = "Something in it is not right.";

    public static string ThisFormulaWouldContainItselfLoop(string loop) => $"This formula would contain itself: {loop}.";

    public static string UsualDaysFromStartToFinish(string usual) => $"{usual} days from start to finish";

    public static string MinutesFromStartToFinish(string minutes) => $"{minutes} from start to finish";

    public static string Exactly(string amount) => $"{amount} ml";

    public static string WaitTitleMinutesToMinutes2UsuallyMinutes3(string waitTitle, string minutes, string minutes2, string minutes3) =>
        $"{waitTitle}: {minutes} to {minutes2}, usually {minutes3}.";

    public static string WaitTitleWait(string waitTitle, string wait) => $"{waitTitle}: {wait}.";
}
