namespace Kamuri.Core.Shelf.Labels;

/// <summary>What is said about labels.</summary>
[Texts("labels")]
internal static class LabelWords
{
    // LabelReading
    public static string BurningCanBurnOnTheScalp(string burning) => $"{burning} can burn on the scalp and near the eyes.";

    public static string HeavyWouldSitOnTheScalp(string heavy) => $"{heavy} would sit on the scalp and clog it.";

    public const string NothingHeavyAmongTheFirstIngredients = "Nothing heavy among the first ingredients, and nothing that burns.";
    public const string NothingInItBuildsUp = "Nothing in it builds up.";
    public const string ThereIsNoIngredientToRead = "There is no ingredient to read.";
    public const string NoneOfTheFirstIngredientsCould = "None of the first ingredients could be read.";

    public static string TextIsAmongTheFirstThree(string text) => $"{text} is among the first three.";

    public static string ItsFirstIngredientsWeighMeanOn(string mean) =>
        $"Its first ingredients weigh {mean} on a scale from water (1) to butter (5).";

    public const string NoProteinInIt = "No protein in it.";

    public static string TextComesAfterTheFirstPreservative(string text) => $"{text} comes after the first preservative: only a trace.";

    public static string ProteinsAmongTheFirstMost(string proteins, string Most) => $"{proteins} among the first {Most}.";

    public static string ProteinsAtPlaceAt(string proteins, string at) => $"{proteins}, at place {at}.";

    public static string TextDrawsWaterAndText2Keeps(string text, string text2) =>
        $"{text} draws water and {text2} keeps it out: it does not suit low-porosity hair.";

    public static string TextDrawsWaterAndText2Keeps2(string text, string text2) =>
        $"{text} draws water and {text2} keeps it out: the two work against each other.";

    public static string TextAmongTheFirstFiveDries(string text) => $"{text} among the first five dries the hair.";

    public static string TextStripsOffWhatText2Leaves(string text, string text2) => $"{text} strips off what {text2} leaves behind.";

    public const string OnionFamily = "onion family";
    public const string EssentialOils = "essential oils";
    public const string EssentialOil = "essential oil";
    public const string BeeProducts = "bee products";

    public static string ListedMustNotTouchHeadFound(string listed, string head, string found) =>
        $"{listed} must not touch {head}: {found}.";

    public static string BurningIsNotForAChild(string burning) => $"{burning} is not for a child.";

    public static string BuildsUp(string names) => $"A mild cleanse does not remove {names}, so clarify regularly.";

    public const string MostlyWater = "Mostly water.";
}
