using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Shelf;

/// <summary>
/// What a step is done with: a bought product or a mixture, as far as rules need to know it. Unknown things are null or
/// empty, and a rule that lacks its fact stays silent.
/// </summary>
/// <param name="Name">As the person calls it.</param>
public sealed record StepUse(string Name)
{
    /// <summary>Somebody wants it done with nothing in particular, so that nothing from the shelf is put in.</summary>
    public bool IsNothing { get; init; }

    /// <summary>Ingredients and the classes they belong to, in plain words.</summary>
    public IReadOnlyList<string> Ingredients { get; init; } = [];

    public ProteinStrength Protein { get; init; }

    /// <summary>Essential oils that are known to be in it, % by volume; 100 is undiluted.</summary>
    public double EssentialOilPercent { get; init; }

    /// <summary>
    /// The most essential oil there may be, % by volume: more than <see cref="EssentialOilPercent"/> where a label names one without
    /// its share, 100 when nothing at all is known of it.
    /// </summary>
    public double EssentialOilAtMost
    {
        get => Math.Max(field, EssentialOilPercent);
        init;
    }

    /// <summary>The sharp ones among them, of the peppermint and tea-tree kind, % by volume.</summary>
    public double SharpOilPercent { get; init; }

    /// <summary>
    /// How much is made at once, as the formula is written. Essential oil is judged by the drop in it; null for what nobody
    /// measures out by the drop.
    /// </summary>
    public Millilitres? MeasuredOutIn { get; init; }

    /// <summary>What is in it that decides how it has to be handled, whatever the step is called.</summary>
    public MixtureTraits Traits { get; init; }

    /// <summary>Why its label seals itself out of low-porosity hair; null when it does not, or nobody knows.</summary>
    public string? SealsItselfOut { get; init; }

    /// <summary>Whether onion, pepper, menthol or the like is in it.</summary>
    public bool Irritates => (Traits & MixtureTraits.Irritates) != 0;

    /// <summary>Made with powder or seeds, and whether it was sieved; null when it needs no sieving.</summary>
    public bool? Sieved { get; init; }

    /// <summary>Made with fresh leaf, and whether its sap was drained; null when there is none.</summary>
    public bool? SapDrained { get; init; }

    /// <summary>Last day it may be used.</summary>
    public DateOnly? UseBy { get; init; }

    /// <summary>False when it was not kept as its rule says, for example not chilled.</summary>
    public bool KeptAsTold { get; init; } = true;

    /// <summary>How much there is.</summary>
    public Millilitres? InStock { get; init; }

    /// <summary>How much is to be made.</summary>
    public Millilitres? ToMake { get; init; }

    /// <summary>Keeps less than a day once made.</summary>
    public bool KeepsUnderADay { get; init; }

    /// <summary>Temperature at application.</summary>
    public Celsius? At { get; init; }

    /// <summary>The batch it is taken from; null for none.</summary>
    public Guid? BatchId { get; init; }

    /// <summary>The product it is taken from; null for none.</summary>
    public Guid? ProductId { get; init; }

    /// <summary>Has to be thawed first.</summary>
    public bool IsFrozen { get; init; }

    /// <summary>The formula it is made by for this step; null when it is there already.</summary>
    public Formula? Making { get; init; }

    /// <summary>Made anew even if a good batch of it is there.</summary>
    public bool MadeFresh { get; init; }

    /// <summary>Made as the formula is written, whatever the step takes of it; the rest goes into a jar.</summary>
    public bool WholeBatch { get; init; }

    /// <summary>
    /// Ingredients that ask for a patch test on their first use; null leaves that to all of <see cref="Ingredients"/>.
    /// </summary>
    public IReadOnlyList<string>? AskForPatchTest { get; init; }

    /// <summary>A product or method this head has not had before.</summary>
    public bool IsChange { get; init; }

    /// <summary>The same with what its own list says, when it was written down by hand: of things in a kitchen.</summary>
    /// <param name="dictionary">Knows the names.</param>
    public StepUse AsItsIngredientsSay(IngredientDictionary dictionary)
    {
        var materials = Read(dictionary).Select(name => Materials.Find(name.Text, dictionary)).ToList();
        var traits = materials.Aggregate(MixtureTraits.None, (all, material) => all | MixtureTraitsOf.Kitchen(material, dictionary));
        return Told(
            Sieved == true ? traits & ~MixtureTraits.Unsieved : traits,
            materials.Exists(material => material.Role == MaterialRole.EssentialOil)
        );
    }

    /// <summary>
    /// The same by what is known of names now, when it was made some time ago. What is raw in it was written down then; its list
    /// names what is in bought products too.
    /// </summary>
    /// <param name="dictionary">Knows the names.</param>
    public StepUse ReadAgain(IngredientDictionary dictionary)
    {
        var names = Read(dictionary);
        return Told(MixtureTraitsOf.Label(names), names.Any(name => name.Class == IngredientClass.EssentialOil));
    }

    private IReadOnlyList<LabelName> Read(IngredientDictionary dictionary) => LabelReader.Read(string.Join(", ", Ingredients), dictionary);

    private StepUse Told(MixtureTraits traits, bool hasEssentialOil) =>
        this with
        {
            Traits = Traits | traits,
            EssentialOilAtMost = EssentialOilAtMost == 0 && hasEssentialOil ? EssentialOilShare.Unknown : EssentialOilAtMost,
        };
}
