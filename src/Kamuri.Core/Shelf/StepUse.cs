using Kamuri.Core.Mixing;
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
    /// <summary>Ingredients and the classes they belong to, in plain words.</summary>
    public IReadOnlyList<string> Ingredients { get; init; } = [];

    public ProteinStrength Protein { get; init; }

    /// <summary>Essential oils in the finished mixture, % by volume; 100 is undiluted.</summary>
    public double EssentialOilPercent { get; init; }

    /// <summary>The sharp ones among them, of the peppermint and tea-tree kind, % by volume.</summary>
    public double SharpOilPercent { get; init; }

    /// <summary>Holds pepper, camphor or menthol.</summary>
    public bool Burns { get; init; }

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

    /// <summary>
    /// Ingredients that ask for a patch test on their first use; null leaves that to all of <see cref="Ingredients"/>.
    /// </summary>
    public IReadOnlyList<string>? AskForPatchTest { get; init; }

    /// <summary>A product or method this head has not had before.</summary>
    public bool IsChange { get; init; }
}
