using Kamuri.Core.Shelf.Labels;

namespace Kamuri.Core.Mixing;

/// <summary>The part something plays in a mixture, by which it can be replaced.</summary>
public enum MaterialRole
{
    Liquid,
    PlantGel,
    PenetratingOil,
    SealingOil,
    Butter,
    Humectant,
    Seed,
    Leaf,
    Pod,
    Grain,
    Herb,
    Powder,
    Clay,
    Egg,
    Onion,
    Bar,
    Conditioner,
    LeaveIn,
    EssentialOil,
    Acid,
    Thickener,
    Other,
}

/// <summary>Something that goes into a mixture, with what arithmetic needs to know of it.</summary>
/// <param name="Name">As it is called in a kitchen.</param>
/// <param name="Role">The part it plays.</param>
/// <param name="Density">In g/ml, as it lies in a spoon (craft default).</param>
/// <param name="GramsPerPiece">Weight of one, for what is counted; null for what is measured.</param>
/// <param name="Label">The name the ingredient dictionary knows it by; null when it is the same.</param>
public sealed record Material(string Name, MaterialRole Role, double Density, double? GramsPerPiece = null, string? Label = null)
{
    /// <summary>Counted and never weighed, so that halves and wholes are all there is.</summary>
    public bool IsCounted => GramsPerPiece is not null && Role is MaterialRole.Egg or MaterialRole.Bar;

    /// <summary>Packs of it are sold by weight, so that what is written of a pack is its grams.</summary>
    public bool IsSoldByWeight => StaysBehind || Role is MaterialRole.Butter or MaterialRole.Powder or MaterialRole.Clay || IsCounted;

    /// <summary>Stays behind when the mixture is strained.</summary>
    public bool StaysBehind =>
        Role is MaterialRole.Seed or MaterialRole.Leaf or MaterialRole.Pod or MaterialRole.Grain or MaterialRole.Herb or MaterialRole.Onion;

    /// <summary>Whether anything is known of it beyond its name.</summary>
    public bool IsKnown { get; init; } = true;
}

/// <summary>What a kitchen uses. Data; a name that is not here is looked up in the ingredient dictionary by its class.</summary>
public static class Materials
{
    private const double OilDensity = 0.92;
    private const double ButterDensity = 0.91;
    private const double PowderDensity = 0.45;
    private const double EssentialOilDensity = 0.9;

    /// <summary>The materials that come with Kamuri.</summary>
    public static IReadOnlyList<Material> All { get; } =
    [
        new("water", MaterialRole.Liquid, 1),
        new("coconut milk", MaterialRole.Liquid, 1),
        new("green tea", MaterialRole.Liquid, 1),
        new("yoghurt", MaterialRole.Other, 1.03),
        new("flaxseed", MaterialRole.Seed, 0.67),
        new("fenugreek seed", MaterialRole.Seed, 0.75, Label: "fenugreek"),
        new("chia seed", MaterialRole.Seed, 0.67, Label: "chia seed"),
        new("aloe leaf", MaterialRole.Leaf, 1, Label: "aloe leaf extract"),
        new("aloe gel", MaterialRole.PlantGel, 1, Label: "aloe juice"),
        new("aloe juice", MaterialRole.PlantGel, 1),
        new("okra pods", MaterialRole.Pod, 0.55, Label: "okra extract"),
        new("rice", MaterialRole.Grain, 0.85, Label: "rice water"),
        new("dried herb", MaterialRole.Herb, 0.2, Label: "dried herb"),
        new("dried rosemary", MaterialRole.Herb, 0.2, Label: "rosemary extract"),
        new("dried nettle", MaterialRole.Herb, 0.15, Label: "nettle"),
        new("dried hibiscus", MaterialRole.Herb, 0.2, Label: "hibiscus"),
        new("dried chamomile", MaterialRole.Herb, 0.15, Label: "chamomile extract"),
        new("onion", MaterialRole.Onion, 0.95, Label: "onion juice"),
        new("garlic", MaterialRole.Onion, 0.95, Label: "garlic extract"),
        new("coconut oil", MaterialRole.PenetratingOil, OilDensity),
        new("olive oil", MaterialRole.PenetratingOil, OilDensity),
        new("avocado oil", MaterialRole.PenetratingOil, OilDensity),
        new("sunflower oil", MaterialRole.PenetratingOil, OilDensity),
        new("castor oil", MaterialRole.SealingOil, 0.96),
        new("jojoba oil", MaterialRole.SealingOil, 0.87),
        new("grapeseed oil", MaterialRole.SealingOil, OilDensity),
        new("shea butter", MaterialRole.Butter, ButterDensity),
        new("cocoa butter", MaterialRole.Butter, ButterDensity),
        new("mango butter", MaterialRole.Butter, ButterDensity),
        new("honey", MaterialRole.Humectant, 1.42),
        new("glycerin", MaterialRole.Humectant, 1.26),
        new("egg", MaterialRole.Egg, 1.03, 50),
        new("egg yolk", MaterialRole.Egg, 1.03, 18, "egg"),
        new("egg white", MaterialRole.Egg, 1.04, 33, "hydrolysed egg protein"),
        new("banana flesh", MaterialRole.Other, 0.95, Label: "banana extract"),
        new("linseed", MaterialRole.Seed, 0.67, Label: "flaxseed"),
        new("rosewater", MaterialRole.Liquid, 1, Label: "rose water"),
        new("aloe vera gel", MaterialRole.PlantGel, 1, Label: "aloe juice"),
        new("treatment bar", MaterialRole.Bar, ButterDensity, 60, "treatment bar"),
        new("avocado flesh", MaterialRole.Other, 0.95, Label: "avocado extract"),
        new("hibiscus powder", MaterialRole.Powder, PowderDensity, Label: "hibiscus"),
        new("amla powder", MaterialRole.Powder, PowderDensity),
        new("fenugreek powder", MaterialRole.Powder, PowderDensity, Label: "fenugreek"),
        new("neem powder", MaterialRole.Powder, PowderDensity),
        new("marshmallow root", MaterialRole.Powder, PowderDensity),
        new("bentonite clay", MaterialRole.Clay, 0.90, Label: "bentonite"),
        new("kaolin clay", MaterialRole.Clay, 0.90, Label: "kaolin"),
        new("rhassoul clay", MaterialRole.Clay, 0.90),
        new("conditioner", MaterialRole.Conditioner, 0.98, Label: "cetearyl alcohol"),
        new("leave-in", MaterialRole.LeaveIn, 0.98, Label: "behentrimonium methosulfate"),
        new("lavender oil", MaterialRole.EssentialOil, 0.89),
        new("peppermint oil", MaterialRole.EssentialOil, 0.90),
        new("rosemary oil", MaterialRole.EssentialOil, 0.91),
        new("tea tree oil", MaterialRole.EssentialOil, 0.89),
        new("apple cider vinegar", MaterialRole.Acid, 1.01),
        new("lemon juice", MaterialRole.Acid, 1.02),
    ];

    private static readonly Dictionary<string, Material> ByName = All.SelectMany(material =>
            new[] { material.Name, $"{material.Name}s", $"{material.Name}es" }.Select(name => (name, material))
        )
        .GroupBy(pair => Spelling.Plain(pair.name))
        .ToDictionary(group => group.Key, group => group.First().material);

    /// <summary>Finds a material by name; by its class when only the dictionary knows it; like water when nobody does.</summary>
    /// <param name="name">As it is written.</param>
    /// <param name="dictionary">Knows the names of labels, and what a household has taught.</param>
    /// <param name="byTheDrop">
    /// Measured in drops. Nobody counts drops of a juice: what is not known for certain as something else is an essential oil then.
    /// </param>
    public static Material Find(string name, IngredientDictionary dictionary, bool byTheDrop = false)
    {
        var (plain, own) = (Spelling.Plain(name), name.Trim());
        if (ByName.TryGetValue(plain, out var known) && !(byTheDrop && known.Role == MaterialRole.Herb))
        {
            return known with { Name = own };
        }

        // People write "raw honey" and "castor oli": the label reader knows how.
        var read = LabelReader.Read(name, dictionary);
        if (read.FirstOrDefault(each => each.Class == IngredientClass.EssentialOil) is { } oil)
        {
            return EssentialOil(own, oil.Ingredient ?? EssentialOilName.Meant(plain, dictionary));
        }

        var certain = read is [{ How: Recognition.Known, Ingredient: { } ingredient }] ? ingredient : null;
        if (
            byTheDrop
            && certain
                is not { IsTaught: true }
                    and (null or { Class: IngredientClass.Botanical or IngredientClass.Powder or IngredientClass.Fragrance })
        )
        {
            return EssentialOil(own, EssentialOilName.Meant(plain, dictionary));
        }

        return read switch
        {
            [{ Ingredient: { } one }] => ByName.TryGetValue(Spelling.Plain(one.Name), out var same)
                ? same with
                {
                    Name = own,
                    Label = one.Name,
                }
                : new Material(own, RoleOf(one.Class), DensityOf(one.Class), Label: one.Name),
            // Nobody grinds an extract: what is a powder in a kitchen is the plant itself.
            [{ Class: IngredientClass.Botanical }] when plain.EndsWith(" powder", StringComparison.Ordinal) => new Material(
                own,
                MaterialRole.Powder,
                PowderDensity,
                Label: own
            ),
            [{ Class: { } form }] => new Material(own, RoleOf(form), DensityOf(form), Label: own),
            _ => new Material(own, MaterialRole.Other, 1, Label: own) { IsKnown = false },
        };
    }

    private static Material EssentialOil(string name, Ingredient oil) =>
        ByName.TryGetValue(Spelling.Plain(oil.Name), out var known)
            ? known with
            {
                Name = name,
                Label = oil.Name,
            }
            : new Material(name, MaterialRole.EssentialOil, EssentialOilDensity, Label: oil.Name);

    /// <summary>What can stand in for a role, and what changes; null when nothing can.</summary>
    public static string? InsteadOf(MaterialRole role) =>
        role switch
        {
            MaterialRole.PenetratingOil =>
                "Any penetrating oil does: coconut, olive, avocado or sunflower. The lighter one weighs less on fine hair.",
            MaterialRole.SealingOil => "Any sealing oil does: castor holds longest and weighs most, jojoba and grapeseed lie light.",
            MaterialRole.Butter => "Any butter, or a balm. Cocoa butter sets harder than shea and mango.",
            MaterialRole.Leaf => "Bought leaf gel or juice instead of the fresh leaf, without draining. Juice will not bind an oil: it "
                + "separates; shake it or thicken it.",
            MaterialRole.PlantGel => "Fresh leaf gel, or seed gel. Juice is thinner and will not bind an oil: shake before use.",
            MaterialRole.Humectant =>
                "Honey, glycerin or leaf gel. Glycerin pulls hardest, which is too much in very dry or very humid air.",
            MaterialRole.Liquid => "Water, tea or coconut milk. Tea draws, milk adds fat that has to be washed out.",
            MaterialRole.Herb =>
                "Any dried herb for the hair by the same spoons; a fresh one by three times as much, and the oil keeps only two weeks.",
            MaterialRole.Powder => "Another herb powder by the same spoons. Those that turn slimy have to be sieved.",
            MaterialRole.Clay => "Another clay. Bentonite takes more water than kaolin: add it by the spoon.",
            MaterialRole.Conditioner => "Any rinse-out conditioner without much protein.",
            MaterialRole.LeaveIn => "Leaf juice, or nothing but water.",
            MaterialRole.Acid => "Vinegar or lemon juice; never stronger than the formula says.",
            _ => null,
        };

    private static MaterialRole RoleOf(IngredientClass kind) =>
        kind switch
        {
            IngredientClass.Water => MaterialRole.Liquid,
            IngredientClass.PenetratingOil => MaterialRole.PenetratingOil,
            IngredientClass.SealingOil => MaterialRole.SealingOil,
            IngredientClass.Butter or IngredientClass.Wax => MaterialRole.Butter,
            IngredientClass.Humectant => MaterialRole.Humectant,
            IngredientClass.EssentialOil => MaterialRole.EssentialOil,
            IngredientClass.Clay => MaterialRole.Clay,
            IngredientClass.Powder => MaterialRole.Powder,
            IngredientClass.Acid => MaterialRole.Acid,
            IngredientClass.Thickener => MaterialRole.Thickener,
            _ => MaterialRole.Other,
        };

    private static double DensityOf(IngredientClass kind) =>
        kind switch
        {
            IngredientClass.PenetratingOil or IngredientClass.SealingOil => OilDensity,
            IngredientClass.Butter or IngredientClass.Wax => ButterDensity,
            IngredientClass.EssentialOil => EssentialOilDensity,
            IngredientClass.Clay => 0.9,
            IngredientClass.Powder => PowderDensity,
            _ => 1,
        };
}
