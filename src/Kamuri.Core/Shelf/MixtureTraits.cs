using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Shelf;

/// <summary>What in a mixture decides how it has to be handled, wherever it is put and whatever the step is called.</summary>
[Flags]
public enum MixtureTraits
{
    None = 0,

    /// <summary>Raw egg: sets in warm water, has to be washed out.</summary>
    RawEgg = 1,

    /// <summary>Onion family: irritates, has to be washed out.</summary>
    Onion = 2,

    /// <summary>Pepper, menthol, camphor and the like: irritates.</summary>
    Burns = 4,

    /// <summary>Gel from pods: has to be washed out.</summary>
    PodGel = 8,

    Clay = 16,

    /// <summary>Herb powder: has to be rinsed out, and washed out unless it was sieved.</summary>
    Powder = 32,

    /// <summary>A powder that was not sieved.</summary>
    Unsieved = 64,

    Irritates = Onion | Burns,
    RinsedOut = RawEgg | Onion | PodGel | Clay | Powder,
    WashedOut = RawEgg | Onion | PodGel | Unsieved,
}

/// <summary>Reads traits from names, and lays them over what a step puts on.</summary>
public static class MixtureTraitsOf
{
    /// <summary>What a bought product's label says. Egg and powder in a product are not the raw thing.</summary>
    public static MixtureTraits Label(IEnumerable<LabelName> names) =>
        names.Aggregate(MixtureTraits.None, (traits, name) => traits | Of(name.Ingredient));

    /// <summary>What something is that a kitchen puts in. An unsieved powder until somebody says that it was sieved.</summary>
    /// <param name="material">As <see cref="Materials.Find"/> reads its name, in formulas and in lists written by hand alike.</param>
    /// <param name="dictionary">Knows the names.</param>
    public static MixtureTraits Kitchen(Material material, IngredientDictionary dictionary)
    {
        var ingredient = dictionary.Find(material.Label ?? material.Name);
        return Of(ingredient)
            | (ingredient?.Has("pod") == true ? MixtureTraits.PodGel : MixtureTraits.None)
            | material.Role switch
            {
                MaterialRole.Egg => MixtureTraits.RawEgg,
                MaterialRole.Onion => MixtureTraits.Onion,
                MaterialRole.Clay => MixtureTraits.Clay,
                MaterialRole.Powder => MixtureTraits.Powder | MixtureTraits.Unsieved,
                _ => MixtureTraits.None,
            };
    }

    private static MixtureTraits Of(Ingredient? ingredient) =>
        (ingredient?.Has("onion") == true ? MixtureTraits.Onion : 0) | (ingredient?.Has("burns") == true ? MixtureTraits.Burns : 0);

    /// <summary>A substance as it is when it is made with something of these traits.</summary>
    public static SubstanceFacts With(this SubstanceFacts facts, MixtureTraits traits) =>
        traits == MixtureTraits.None
            ? facts
            : facts with
            {
                MustBeRinsed = facts.MustBeRinsed || (traits & MixtureTraits.RinsedOut) != 0,
                MustBeWashedOut = facts.MustBeWashedOut || (traits & MixtureTraits.WashedOut) != 0,
                IsRawEgg = facts.IsRawEgg || traits.HasFlag(MixtureTraits.RawEgg),
                Irritates = facts.Irritates || (traits & MixtureTraits.Irritates) != 0,
            };
}
