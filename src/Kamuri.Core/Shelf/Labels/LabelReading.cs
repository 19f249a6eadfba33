using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Shelf.Labels;

/// <summary>Something on a label that goes against the head it is for, or against itself.</summary>
/// <param name="Sentence">What, and why it matters.</param>
/// <param name="Names">The names it speaks of, as they stand on the label.</param>
public sealed record LabelConflict(string Sentence, IReadOnlyList<string> Names);

/// <summary>What a label comes to.</summary>
/// <param name="Names">Every name, in the order of the label.</param>
/// <param name="MostlyDoes">What the first names do, in a sentence.</param>
/// <param name="Weight">Layering weight, 1 like water to 5 like butter.</param>
/// <param name="WeightWhy">Why.</param>
/// <param name="Protein">How strong it is with protein.</param>
/// <param name="ProteinWhy">Why.</param>
/// <param name="ScalpSafe">Whether it may lie on the scalp.</param>
/// <param name="ScalpWhy">Why.</param>
/// <param name="BuildsUp">Whether it asks for clarifying in time.</param>
/// <param name="BuildsUpWhy">Why.</param>
/// <param name="Conflicts">What goes against the head, or against itself.</param>
/// <param name="Unread">Names that could not be read.</param>
public sealed record LabelReading(
    IReadOnlyList<LabelName> Names,
    string MostlyDoes,
    int Weight,
    string WeightWhy,
    ProteinStrength Protein,
    string ProteinWhy,
    bool ScalpSafe,
    string ScalpWhy,
    bool BuildsUp,
    string BuildsUpWhy,
    IReadOnlyList<LabelConflict> Conflicts,
    IReadOnlyList<string> Unread
)
{
    /// <summary>
    /// What is in it for rules to read: plain names where they were recognised, and the families they belong to in the words
    /// sensitivities are written in.
    /// </summary>
    public IReadOnlyList<string> Ingredients
    {
        get
        {
            var certain = Names.Where(name => !name.MayContain).ToList();
            var families = certain
                .SelectMany(name => name.Ingredient?.Tags ?? [])
                .SelectMany(tag => Families.Where(family => family.Tag == tag))
                .Select(family => family.Plural);
            var protein = certain.Exists(name => name.Class is IngredientClass.Protein or IngredientClass.ProteinStrong)
                ? ["protein"]
                : Array.Empty<string>();
            return [.. certain.Select(name => name.Ingredient?.Name ?? name.Text).Concat(families).Concat(protein).Distinct()];
        }
    }

    /// <summary>
    /// Names that ask for a patch test on a head that has not had them: plants, essential oils and fragrance, proteins,
    /// clays, and whatever belongs to a family people react to.
    /// </summary>
    public IReadOnlyList<string> AskForPatchTest =>
        [
            .. Names
                .Where(name =>
                    name
                        is {
                            MayContain: false,
                            Class: IngredientClass.Botanical
                                or IngredientClass.EssentialOil
                                or IngredientClass.Fragrance
                                or IngredientClass.Protein
                                or IngredientClass.ProteinStrong
                                or IngredientClass.Clay
                                or IngredientClass.Powder
                        }
                    || (!name.MayContain && Families.Any(family => name.Ingredient?.Has(family.Tag) == true))
                    || (!name.MayContain && name.Ingredient?.Has("burns") == true)
                )
                .Select(name => name.Ingredient?.Name ?? name.Text)
                .Distinct(),
        ];

    /// <summary>Essential oils it names, as they stand there; those it only may contain among them.</summary>
    public IReadOnlyList<string> EssentialOils =>
        [.. Names.Where(name => name.Class == IngredientClass.EssentialOil).Select(name => name.Text)];

    /// <summary>
    /// How much of it is essential oil, as far as the places of the names tell: all of it when nothing else is named, at most one
    /// per cent when they all stand behind the first preservative (craft default), else anything.
    /// </summary>
    public EssentialOilShare EssentialOilShare
    {
        get
        {
            var oils = Names.Where(name => name.Class == IngredientClass.EssentialOil).ToList();
            if (oils.Count == 0)
            {
                return EssentialOilShare.None;
            }

            var preservative = Names.ToList().FindIndex(name => name.Class == IngredientClass.Preservative);
            return oils.Count == Names.Count
                ? new(EssentialOilShare.Unknown, EssentialOilShare.Unknown)
                : new(
                    0,
                    preservative >= 0 && Names.ToList().IndexOf(oils[0]) > preservative
                        ? EssentialOilShare.BehindPreservative
                        : EssentialOilShare.Unknown
                );
        }
    }

    /// <summary>The families people react to, in the words sensitivities are written in.</summary>
    public static IReadOnlyList<string> FamilyWords => [.. Families.Select(family => family.Plural)];

    /// <summary>First names that are most of the product.</summary>
    private const int Most = 5;

    /// <summary>Reads a label and judges it, for a head when one is given.</summary>
    /// <exception cref="ArgumentException">The text is too long.</exception>
    public static LabelReading Of(string text, IngredientDictionary dictionary, Head? head = null)
    {
        var names = LabelReader.Read(text, dictionary);
        var listed = names.Where(name => !name.MayContain).ToList();
        var first = listed.Take(Most).ToList();
        var (weight, weightWhy) = Weigh(first);
        var (protein, proteinWhy) = ProteinOf(listed);
        var heavy = first
            .Where(name => name.Class is IngredientClass.Butter or IngredientClass.Wax or IngredientClass.Silicone || IsPetrolatum(name))
            .ToList();
        var burning = names.Where(name => name.Ingredient?.Has("burns") == true).ToList();
        var gathering = listed
            .Where(name => name.Class is { } kind && (IngredientClasses.Of(kind).BuildsUp || IsPetrolatum(name)))
            .ToList();
        return new LabelReading(
            names,
            Mostly(first),
            weight,
            weightWhy,
            protein,
            proteinWhy,
            heavy.Count + burning.Count == 0,
            burning.Count > 0 ? LabelWords.BurningCanBurnOnTheScalp(Join(burning))
                : heavy.Count > 0 ? LabelWords.HeavyWouldSitOnTheScalp(Join(heavy))
                : LabelWords.NothingHeavyAmongTheFirstIngredients,
            gathering.Count > 0,
            gathering.Count > 0 ? LabelWords.BuildsUp(Join(gathering)) : LabelWords.NothingInItBuildsUp,
            [.. Inside(listed, head), .. head is null ? [] : Against(names, head)],
            [.. names.Where(name => name.How == Recognition.Unread).Select(name => name.Text)]
        );
    }

    private static bool IsPetrolatum(LabelName name) => name.Ingredient?.Name is "petrolatum" or "mineral oil";

    private static string Join(IEnumerable<LabelName> names) => string.Join(", ", names.Select(name => name.Text).Distinct().Take(4));

    private static string Mostly(List<LabelName> first)
    {
        var does = first
            .Where(name => name.Class is not (null or IngredientClass.Water))
            .Select(name => IngredientClasses.Of(name.Class!.Value).Does)
            .Distinct()
            .Take(3)
            .ToList();
        return does.Count == 0
            ? first.Count == 0
                ? LabelWords.ThereIsNoIngredientToRead
                : LabelWords.MostlyWater
            : $"Mostly {(does.Count == 1 ? does[0] : $"{string.Join(", ", does[..^1])} and {does[^1]}")}.";
    }

    /// <summary>The first names count five times down to once; a butter or wax among the first three makes anything heavy.</summary>
    private static (int Weight, string Why) Weigh(List<LabelName> first)
    {
        var known = first.Select((name, at) => (name, share: Most - at)).Where(pair => pair.name.Class is not null).ToList();
        if (known.Count == 0)
        {
            return (1, LabelWords.NoneOfTheFirstIngredientsCould);
        }

        if (first.Take(3).FirstOrDefault(name => name.Class is IngredientClass.Butter or IngredientClass.Wax) is { } heavy)
        {
            return (5, LabelWords.TextIsAmongTheFirstThree(heavy.Text));
        }

        var mean = known.Sum(pair => pair.share * IngredientClasses.Of(pair.name.Class!.Value).Weight) / known.Sum(pair => pair.share);
        var weight = mean switch
        {
            < 1.5 => 1,
            < 2.3 => 2,
            < 3.2 => 3,
            < 4.4 => 4,
            _ => 5,
        };
        return (weight, LabelWords.ItsFirstIngredientsWeighMeanOn(Units.Reckoning.Show(mean)));
    }

    private static (ProteinStrength, string) ProteinOf(List<LabelName> listed)
    {
        var preservative = listed.FindIndex(name => name.Class == IngredientClass.Preservative);
        var proteins = listed
            .Select((name, at) => (name, at))
            .Where(pair => pair.name.Class is IngredientClass.Protein or IngredientClass.ProteinStrong)
            .ToList();
        if (proteins.Count == 0)
        {
            return (ProteinStrength.None, LabelWords.NoProteinInIt);
        }

        var (first, at) = proteins[0];
        if (preservative >= 0 && at > preservative)
        {
            return (ProteinStrength.None, LabelWords.TextComesAfterTheFirstPreservative(first.Text));
        }

        var isStrong =
            proteins.Exists(pair => pair.at < Most && pair.name.Class == IngredientClass.ProteinStrong)
            || proteins.Count(pair => pair.at < Most) >= 2;
        return isStrong
            ? (ProteinStrength.Strong, LabelWords.ProteinsAmongTheFirstMost(Join(proteins.Select(pair => pair.name)), $"{Most}"))
            : (ProteinStrength.Light, LabelWords.ProteinsAtPlaceAt(Join(proteins.Select(pair => pair.name)), $"{(at + 1)}"));
    }

    /// <summary>Why it seals itself out of low-porosity hair; null when it does not.</summary>
    public string? SealsItselfOut =>
        Sealed([.. Names.Where(name => !name.MayContain).Take(Most)]) is { } both
            ? LabelWords.TextDrawsWaterAndText2Keeps(both.Humectant.Text, both.Seal.Text)
            : null;

    /// <summary>What draws water, and what among the first three names keeps it out.</summary>
    private static (LabelName Humectant, LabelName Seal)? Sealed(List<LabelName> first) =>
        first is [{ Class: IngredientClass.Water }, ..]
        && first.Find(name => name.Class == IngredientClass.Humectant) is { } humectant
        && first.Take(3).FirstOrDefault(name => name.Class is IngredientClass.Butter or IngredientClass.Wax or IngredientClass.SealingOil)
            is { } seal
            ? (humectant, seal)
            : null;

    private static IEnumerable<LabelConflict> Inside(List<LabelName> listed, Head? head)
    {
        var first = listed.Take(Most).ToList();
        if (Sealed(first) is { } both)
        {
            yield return new LabelConflict(
                head is { Porosity: Porosity.Low }
                    ? LabelWords.TextDrawsWaterAndText2Keeps(both.Humectant.Text, both.Seal.Text)
                    : LabelWords.TextDrawsWaterAndText2Keeps2(both.Humectant.Text, both.Seal.Text),
                [both.Humectant.Text, both.Seal.Text]
            );
        }

        if (first.FirstOrDefault(name => name.Class == IngredientClass.DryingAlcohol) is { } drying)
        {
            yield return new LabelConflict(LabelWords.TextAmongTheFirstFiveDries(drying.Text), [drying.Text]);
        }

        var strips = first.FirstOrDefault(name => name.Class == IngredientClass.SurfactantStrong);
        var coats = listed.FirstOrDefault(name => name.Class == IngredientClass.Silicone);
        if (strips is not null && coats is not null)
        {
            yield return new LabelConflict(LabelWords.TextStripsOffWhatText2Leaves(strips.Text, coats.Text), [strips.Text, coats.Text]);
        }
    }

    /// <summary>Families of ingredients: the tag, the word on a head's list, and other words for it.</summary>
    private static readonly (string Tag, string Plural, string[] Words)[] Families =
    [
        ("nut", "nuts", ["nut", "nuts"]),
        ("onion", LabelWords.OnionFamily, [LabelWords.OnionFamily, "onion", "onions"]),
        ("latex", "latex", ["latex"]),
        ("fragrance", "fragrance", ["fragrance", "perfume"]),
        ("essential-oil", LabelWords.EssentialOils, [LabelWords.EssentialOil, LabelWords.EssentialOils]),
        ("soy", "soy", ["soy", "soya"]),
        ("wheat", "wheat", ["wheat", "gluten"]),
        ("milk", "milk", ["milk"]),
        ("egg", "egg", ["egg", "eggs"]),
        ("bee", LabelWords.BeeProducts, ["bee", "bees", LabelWords.BeeProducts]),
        ("wool", "wool", ["wool", "lanolin"]),
        ("sesame", "sesame", ["sesame"]),
        ("legume", "legumes", ["legume", "legumes"]),
    ];

    private static IEnumerable<LabelConflict> Against(IReadOnlyList<LabelName> names, Head head)
    {
        foreach (var listed in head.Sensitivities)
        {
            var word = Spelling.Plain(listed);
            var tag = Families.FirstOrDefault(family => family.Words.Contains(word)).Tag;
            var found = names
                .Where(name =>
                    (tag is not null && name.Ingredient?.Has(tag) == true)
                    || (word == "protein" && name.Class is IngredientClass.Protein or IngredientClass.ProteinStrong)
                    || (word is "essential oil" or "essential oils" && name.Class == IngredientClass.EssentialOil)
                    || (word is "fragrance" && name.Class == IngredientClass.Fragrance)
                    || (word is "silicone" or "silicones" && name.Class is IngredientClass.Silicone)
                    || (
                        word.Length > 2
                        && (
                            $" {Spelling.Plain(name.Text)} ".Contains($" {word} ", StringComparison.Ordinal)
                            || name.Ingredient?.Name == word
                        )
                    )
                )
                .ToList();
            if (found.Count > 0)
            {
                yield return new LabelConflict(
                    LabelWords.ListedMustNotTouchHeadFound(listed, head.Name, Join(found)),
                    [.. found.Select(name => name.Text)]
                );
            }
        }

        if (
            head.AgeGroup != AgeGroup.Adult
            && names.Where(name => name.Ingredient?.Has("burns") == true).ToList() is { Count: > 0 } burning
        )
        {
            yield return new LabelConflict(LabelWords.BurningIsNotForAChild(Join(burning)), [.. burning.Select(name => name.Text)]);
        }
    }
}

/// <summary>Essential oil in a product, % by volume.</summary>
/// <param name="Known">What is surely in it.</param>
/// <param name="AtMost">The most there may be in it.</param>
public readonly record struct EssentialOilShare(double Known, double AtMost)
{
    /// <summary>Nothing is known but that there is some.</summary>
    public const double Unknown = 100;

    /// <summary>What stands behind the first preservative of a label (craft default).</summary>
    public const double BehindPreservative = 1;

    public static EssentialOilShare None => default;
}
