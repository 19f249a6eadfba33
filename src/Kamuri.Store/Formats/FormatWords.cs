namespace Kamuri.Store.Formats;

/// <summary>What is said about files that are imported.</summary>
[Texts("imported files")]
internal static class FormatWords
{
    public const string NameNeeded = "Enter a name of 1 to 80 characters.";
    public const string NumberNeeded = "Enter a number.";
    public const string StepTextNeeded = "A step needs a text of 1 to 400 characters.";

    public static string OneOf(string words) => $"Use one of {words}.";

    public static string NotOneOf(string value, string words) => $"Kamuri does not know \"{value}\". Use one of {words}.";

    public static string AtMostSteps(string most) => $"A formula has at most {most} steps.";

    // FormulaMarkdown
    public const string TooDeeplyNested = "The text is nested too deeply to be a formula.";
    public const string HeadingNeeded = "Begin with a heading, \"# Name\", of at most 80 characters.";
    public const string IngredientsNeeded = "Add a section \"## Ingredients\" with a list.";
    public const string YieldWrong = "The yield is more than 0 and at most 100 %.";
    public const string KeepsLike = "Write it like \"fridge 7 to 14 days, freezer 90 days\".";

    public const string WaitLike = "Write it like \"Wait: Gel cooling (cools, counter)\" or \"Wait: Soaking (30 / 60 / 90 min, counter)\".";

    public static string TooLong(string lines, string characters) =>
        $"A formula has at most {lines} lines of at most {characters} characters.";

    // ProductCsv
    public const string MoreLeftThanPack = "The amount left cannot be more than the pack size.";
    public const string PackHolds = "A pack holds 0.1 to 20000 ml.";
    public const string LeftIs = "The amount left is 0 to 20000 ml.";
    public const string PriceIs = "A price is 0 to 100000.";
    public const string OilIs = "Essential oil is 0 to 100 %.";
    public const string MonthsAre = "A product keeps 1 to 120 months after opening.";

    public static string ColumnsNeeded(string columns) =>
        $"Name the columns in the first line: {columns}. At least name and role are needed.";

    public static string AtMostRows(string most) => $"The file has more than {most} rows. Kamuri reads {most}.";

    public static string ValueIsWrong(string value, string why) => $"\"{value}\": {why}";

    public static string DayLike(string day) => $"\"{day}\" is not a day like 2026-03-14.";

    public static string DayInFuture(string day) => $"{day} is in the future.";

    public static string LabelTooLong(string most) => $"A label has at most {most} characters.";

    // RecipeJson
    public const string UnreadableCharacters = "The document contains characters that cannot be read.";
    public const string NameTwice = "The document contains a name twice.";
    public const string NotJson = "Kamuri could not read this as JSON.";
    public const string NoRecipe = "The document contains no Recipe.";

    public static string IngredientsMissing(string most) => $"Add a list of 1 to {most} ingredients.";

    public static string NotADuration(string text) => $"\"{text}\" is not a duration like PT15M.";

    public static string KeepsWrong(string longest) => $"It keeps 0 to {longest} days, and at least as long after a look as without.";
}
