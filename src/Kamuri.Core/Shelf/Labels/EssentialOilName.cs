using F23.StringSimilarity;

namespace Kamuri.Core.Shelf.Labels;

/// <summary>Names that say themselves that they are an essential oil, whatever the plant: "lavender eo", "rose absolute".</summary>
internal static class EssentialOilName
{
    private static readonly OptimalStringAlignment Slips = new();

    /// <summary>Words that say so, and words that only stand beside them.</summary>
    private static readonly HashSet<string> Filling =
    [
        "essential",
        "essentials",
        "eo",
        "eos",
        "absolute",
        "absolut",
        "oil",
        "oils",
        "of",
        "pure",
        "organic",
        "wild",
        "steam",
        "distilled",
        "therapeutic",
        "grade",
        "drop",
        "drops",
    ];

    /// <summary>What is essential or absolute without being an oil.</summary>
    private static readonly HashSet<string> Other =
    [
        "fatty",
        "amino",
        "acid",
        "lipid",
        "mineral",
        "vitamin",
        "alcohol",
        "ethanol",
        "protein",
    ];

    /// <summary>Whether a name, made plain, says that it is an essential oil.</summary>
    public static bool SaysSo(string plain)
    {
        var words = plain.Split(' ');
        return !words.Any(word => Other.Contains(word.TrimEnd('s')))
            && words.Any(word => word is "eo" or "eos" or "absolute" or "absolut" || IsEssential(word));
    }

    /// <summary>
    /// The oil a name means: one the dictionary knows, so that what burns is known to burn, or one only its name is known of.
    /// </summary>
    /// <param name="plain">The name, made plain.</param>
    /// <param name="dictionary">The oils that are known.</param>
    public static Ingredient Meant(string plain, IngredientDictionary dictionary)
    {
        var plant = string.Join(' ', plain.Split(' ').Where(word => !Filling.Contains(word) && !IsEssential(word)));
        var oil = plant.Length == 0 ? "essential oil" : $"{plant} oil";
        var known = dictionary.FindPlain(oil) ?? dictionary.FindPlain(plant) ?? dictionary.Nearest(oil, 2)?.Ingredient;
        return known is { Class: IngredientClass.EssentialOil }
            ? known
            : new Ingredient(oil, IngredientClass.EssentialOil, [], ["essential-oil"]);
    }

    private static bool IsEssential(string word) => word.Length > 6 && Slips.Distance(word, "essential") <= 2;
}
