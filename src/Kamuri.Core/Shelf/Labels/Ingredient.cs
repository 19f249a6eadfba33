namespace Kamuri.Core.Shelf.Labels;

/// <summary>What an ingredient does, as far as hair care needs to know it.</summary>
public enum IngredientClass
{
    Water,
    Humectant,
    Protein,
    ProteinStrong,
    PenetratingOil,
    SealingOil,
    Butter,
    Wax,
    Silicone,
    SiliconeLight,
    SiliconeSoluble,
    FilmFormer,
    FattyAlcohol,
    DryingAlcohol,
    Conditioner,
    Surfactant,
    SurfactantStrong,
    SurfactantMild,
    Emulsifier,
    Preservative,
    Fragrance,
    EssentialOil,
    Chelator,
    Acid,
    Thickener,
    Clay,
    Powder,
    Botanical,
    Antioxidant,
    Vitamin,
    Active,
    UvFilter,
    Adjuster,
    Colour,
}

/// <summary>An ingredient that can be recognised on a label.</summary>
/// <param name="Name">Its plain name.</param>
/// <param name="Class">What it does.</param>
/// <param name="Spellings">Other ways it is written, the international name among them.</param>
/// <param name="Tags">What sensitivities ask for: nut, soy, wheat, milk, egg, bee, wool, sesame, legume, latex, onion, fragrance,
/// essential-oil; and what handling asks for: burns, pod.</param>
public sealed record Ingredient(string Name, IngredientClass Class, IReadOnlyList<string> Spellings, IReadOnlyList<string> Tags)
{
    /// <summary>A household said what this is, so nothing is guessed from its name or its unit.</summary>
    public bool IsTaught { get; init; }

    public bool Has(string tag) => Tags.Contains(tag);
}

/// <summary>What a class of ingredients means for a product.</summary>
/// <param name="Word">In plain words.</param>
/// <param name="Does">What it does, as the end of "mostly …".</param>
/// <param name="Weight">How heavy it lies, 1 like water to 5 like butter (craft default).</param>
/// <param name="BuildsUp">Stays after a mild cleanse and gathers.</param>
public sealed record ClassFacts(string Word, string Does, double Weight, bool BuildsUp = false);

/// <summary>Facts of every class of ingredients. Data.</summary>
public static class IngredientClasses
{
    public static ClassFacts Of(IngredientClass kind) =>
        kind switch
        {
            IngredientClass.Water => new("water", "wets", 1),
            IngredientClass.Humectant => new("humectant", "draws water", 2),
            IngredientClass.Protein => new("protein", "strengthens", 2),
            IngredientClass.ProteinStrong => new("strong protein", "strengthens", 2),
            IngredientClass.PenetratingOil => new("penetrating oil", "oils from within", 3.5),
            IngredientClass.SealingOil => new("sealing oil", "seals", 4),
            IngredientClass.Butter => new("butter", "seals heavily", 5, true),
            IngredientClass.Wax => new("wax", "holds and seals heavily", 5, true),
            IngredientClass.Silicone => new("silicone", "coats", 4, true),
            IngredientClass.SiliconeLight => new("silicone that evaporates", "spreads", 3),
            IngredientClass.SiliconeSoluble => new("silicone that rinses off", "smooths", 3),
            IngredientClass.FilmFormer => new("film former", "holds", 2.5, true),
            IngredientClass.FattyAlcohol => new("fatty alcohol", "softens", 3.5),
            IngredientClass.DryingAlcohol => new("drying alcohol", "dries", 1),
            IngredientClass.Conditioner => new("conditioning agent", "conditions", 2.5),
            IngredientClass.Surfactant => new("cleansing agent", "cleanses", 1.5),
            IngredientClass.SurfactantStrong => new("strong cleansing agent", "cleanses bare", 1.5),
            IngredientClass.SurfactantMild => new("mild cleansing agent", "cleanses mildly", 1.5),
            IngredientClass.Emulsifier => new("emulsifier", "binds oil and water", 2.5),
            IngredientClass.Preservative => new("preservative", "keeps", 1),
            IngredientClass.Fragrance => new("fragrance", "scents", 1),
            IngredientClass.EssentialOil => new("essential oil", "scents", 3),
            IngredientClass.Chelator => new("chelator", "binds hard water", 1),
            IngredientClass.Acid => new("acid", "closes", 1),
            IngredientClass.Thickener => new("thickener", "thickens", 2.5),
            IngredientClass.Clay => new("clay", "draws out", 3),
            IngredientClass.Powder => new("herb powder", "adds plants", 3),
            IngredientClass.Botanical => new("plant extract", "adds plants", 1.5),
            IngredientClass.Antioxidant => new("antioxidant", "keeps oils", 3),
            IngredientClass.Vitamin => new("vitamin or lipid", "cares", 2),
            IngredientClass.Active => new("active for the scalp", "treats the scalp", 2),
            IngredientClass.UvFilter => new("light filter", "filters light", 2),
            IngredientClass.Adjuster => new("adjuster", "adjusts", 1),
            _ => new("colour", "colours", 1),
        };
}
