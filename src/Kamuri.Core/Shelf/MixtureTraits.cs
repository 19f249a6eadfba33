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
    public static MixtureTraits Label(LabelReading reading) =>
        (Has(reading, "onion") ? MixtureTraits.Onion : 0) | (Has(reading, "burns") ? MixtureTraits.Burns : 0);

    /// <summary>What the ingredients of something homemade say.</summary>
    public static MixtureTraits Kitchen(LabelReading reading) =>
        Label(reading)
        | (
            reading.Names.Any(name =>
                name.Ingredient?.Has("egg") == true && !name.Text.StartsWith("hydrol", StringComparison.OrdinalIgnoreCase)
            )
                ? MixtureTraits.RawEgg
                : 0
        )
        | (reading.Names.Any(name => name.Class == IngredientClass.Clay) ? MixtureTraits.Clay : 0)
        | (reading.Names.Any(name => name.Ingredient?.Name == "okra extract") ? MixtureTraits.PodGel : 0);

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

    private static bool Has(LabelReading reading, string tag) => reading.Names.Any(name => name.Ingredient?.Has(tag) == true);
}
