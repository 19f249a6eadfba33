namespace Kamuri.Web.Heads;

/// <summary>What is said about errors about heads.</summary>
[Texts("errors about heads")]
internal static class HeadErrors
{
    // HeadContracts
    public const string AHeadNeedsAName = "A head needs a name.";

    public static string ANameCanHaveAtMost(string longestName) => $"A name can have at most {longestName} characters.";

    public const string EnterTheLengths = "Enter the lengths.";
    public const string KamuriDoesNotKnowThisScalp = "Kamuri does not know this scalp sign.";
    public const string KamuriDoesNotKnowThisGoal = "Kamuri does not know this goal.";

    public static string ACoilIsNarrowestCoilMillimetresToWidestCoilMillimetres(
        string narrowestCoilMillimetres,
        string widestCoilMillimetres
    ) => $"A coil is {narrowestCoilMillimetres} to {widestCoilMillimetres} mm wide.";

    public static string ChooseFewestSectionsToMostSectionsSections(string fewestSections, string mostSections) =>
        $"Choose {fewestSections} to {mostSections} sections.";

    public const string TheLastWashCannotBeIn = "The last wash cannot be in the future.";
    public const string TheLastDetangleCannotBeIn = "The last detangle cannot be in the future.";
    public const string AChemicalEventNeedsADate = "A chemical event needs a date that is not in the future.";

    public static string AFragileZoneHasANote(string longestNote) => $"A fragile zone has a note of at most {longestNote} characters.";

    public static string ASensitivityCanHaveAtMost(string longestNote) => $"A sensitivity can have at most {longestNote} characters.";

    public const string EnterAtMost40Events = "Enter at most 40 events.";
    public const string EnterAtMost60Sensitivities = "Enter at most 60 sensitivities.";
    public const string ChooseOneLooseLocsInA = "Choose one: loose, locs, in a style, or just taken down.";

    public static string EnterFewestLocsToMostLocsLocs(string fewestLocs, string mostLocs) => $"Enter {fewestLocs} to {mostLocs} locs.";

    public static string ALocIsThinnestLocMillimetresToThickestLocMillimetres(
        string thinnestLocMillimetres,
        string thickestLocMillimetres
    ) => $"A loc is {thinnestLocMillimetres} to {thickestLocMillimetres} mm thick.";

    public const string KamuriDoesNotKnowThisChoice = "Kamuri does not know this choice.";
    public const string TheDateCannotBeInThe = "The date cannot be in the future.";

    public static string AddedHairIs0ToMostAddedHairGrams(string mostAddedHairGrams) => $"Added hair is 0 to {mostAddedHairGrams} g.";

    public static string Enter1ToLongestWornDaysDays(string longestWornDays) => $"Enter 1 to {longestWornDays} days.";

    public const string KamuriDoesNotKnowThisSchool = "Kamuri does not know this school.";

    public static string StretchedLengthIs(string shortest, string longest) => $"Stretched length is {shortest} to {longest}.";

    // DescribedBody
    public const string ChooseALength = "Choose how far the hair reaches, or measure one strand.";

    public static string TheLengthsContradict(string landmark, string usual, string measured) =>
        $"Hair that reaches the {landmark} is about {usual} long at the crown, and you measured {measured}. Keep one of the two.";

    // HeadEndpoints
    public static string ThereIsAHeadOfThatName(string name) => $"There is a head called {name} already. Add something to tell them apart.";

    public static string RowWasChangedElsewhereInThe(string row) =>
        $"{row} was changed elsewhere in the meantime. What you typed is still here. Load the newer version and enter it again.";

    public const string ThisHeadDoesNotExist = "This head does not exist.";
}
