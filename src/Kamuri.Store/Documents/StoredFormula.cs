using System.Text.Json.Nodes;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;
using Kamuri.Store.Shelf;
using Riok.Mapperly.Abstractions;

namespace Kamuri.Store.Documents;

/// <summary>A formula of the household's own as it is kept.</summary>
public sealed record StoredFormula
{
    public required Guid Id { get; init; }
    public required string Name { get; init; }
    public required string Kind { get; init; }
    public required List<StoredFormulaIngredient> Ingredients { get; init; }
    public List<StoredMethodStep> Method { get; init; } = [];
    public double YieldShare { get; init; } = 1;
    public required StoredKeepRule Keep { get; init; }
    public List<string> ServesAs { get; init; } = [];
    public string Vessel { get; init; } = nameof(Core.Physics.Vessel.WideBowl);
    public StoredValue? HotAt { get; init; }
    public bool UsedWarm { get; init; }
    public string Note { get; init; } = "";
}

/// <summary>An amount in the unit that its field is named for.</summary>
public sealed record StoredValue(double Value);

public sealed record StoredFormulaIngredient(
    string Name,
    double Amount,
    string Unit,
    Guid? ProductId = null,
    Guid? FormulaId = null,
    bool AfterStraining = false
);

public sealed record StoredMethodStep(
    string Id,
    string Title,
    double HandsOnMinutes,
    List<string> Needs,
    string? WaitTitle = null,
    StoredWindow? Wait = null,
    bool Cools = false
)
{
    public string At { get; init; } = nameof(WaitsAt.Counter);
    public string Does { get; init; } = nameof(MethodDeeds.None);
}

public sealed record StoredKeepSpan(int Days, int AtMost);

public sealed record StoredKeepRule(StoredKeepSpan? Room = null, StoredKeepSpan? Fridge = null, StoredKeepSpan? Freezer = null);

/// <summary>What rules need to know of a batch, as it was when it was made.</summary>
public sealed record StoredFacts
{
    public required string Name { get; init; }
    public List<string> Ingredients { get; init; } = [];
    public string Protein { get; init; } = nameof(ProteinStrength.None);
    public double EssentialOilPercent { get; init; }
    public double EssentialOilAtMost { get; init; }
    public double SharpOilPercent { get; init; }
    public StoredValue? MeasuredOutIn { get; init; }
    public string Traits { get; init; } = nameof(MixtureTraits.None);
    public bool? Sieved { get; init; }
    public bool? SapDrained { get; init; }
    public bool KeepsUnderADay { get; init; }
    public List<string>? AskForPatchTest { get; init; }
}

/// <summary>What went into a batch from shelf and fridge, so that it can be put back.</summary>
public sealed record StoredPutIn(Guid? ProductId, Guid? BatchId, double Millilitres);

/// <summary>How a batch stood before the last change.</summary>
public sealed record StoredStanding(
    double Left,
    double? Portion,
    string KeptAt,
    long? Moved,
    bool ChilledLate,
    DateOnly? ThawedOn,
    DateOnly? LookedFineOn,
    bool LooksWrong,
    DateOnly? GoneOn,
    string? GoneWhy
);

/// <summary>Formulas, and what is kept of batches.</summary>
[Mapper(EnumMappingStrategy = EnumMappingStrategy.ByName, RequiredMappingStrategy = RequiredMappingStrategy.Target)]
public static partial class KitchenDocuments
{
    public static DocumentKind<StoredFormula> Formulas { get; } = new("formula");

    public static DocumentKind<StoredKeepRule> Keeps { get; } = new("keeping rule");

    /// <summary>Version 2 knows traits in the place of "burns".</summary>
    public static DocumentKind<StoredFacts> Facts { get; } = new("batch", BurnsBecomesATrait);

    public static DocumentKind<StoredStanding> Standings { get; } = new("state of a batch");

    public static partial StoredFormula ToStored(Formula formula);

    [MapperIgnoreTarget(nameof(Formula.IsShipped))]
    public static partial Formula ToFormula(StoredFormula stored);

    public static partial StoredKeepRule ToStored(KeepRule keep);

    public static partial KeepRule ToKeep(StoredKeepRule stored);

    public static partial StoredFacts ToStored(StepUse facts);

    [MapperIgnoreTarget(nameof(StepUse.UseBy))]
    [MapperIgnoreTarget(nameof(StepUse.KeptAsTold))]
    [MapperIgnoreTarget(nameof(StepUse.InStock))]
    [MapperIgnoreTarget(nameof(StepUse.ToMake))]
    [MapperIgnoreTarget(nameof(StepUse.At))]
    [MapperIgnoreTarget(nameof(StepUse.BatchId))]
    [MapperIgnoreTarget(nameof(StepUse.ProductId))]
    [MapperIgnoreTarget(nameof(StepUse.IsFrozen))]
    [MapperIgnoreTarget(nameof(StepUse.Making))]
    [MapperIgnoreTarget(nameof(StepUse.MadeFresh))]
    [MapperIgnoreTarget(nameof(StepUse.IsChange))]
    [MapperIgnoreTarget(nameof(StepUse.IsNothing))]
    [MapperIgnoreTarget(nameof(StepUse.SealsItselfOut))]
    [MapperIgnoreTarget(nameof(StepUse.WholeBatch))]
    public static partial StepUse ToFacts(StoredFacts stored);

    public static partial List<string> ToStored(IReadOnlyList<Substance> substances);

    public static partial IReadOnlyList<Substance> ToSubstances(List<string> words);

    public static partial List<StoredPutIn> ToStored(IReadOnlyList<PutIn> taken);

    public static partial IReadOnlyList<PutIn> ToPutIn(List<StoredPutIn> stored);

    private static void BurnsBecomesATrait(JsonObject facts)
    {
        if (facts["Burns"]?.GetValue<bool>() == true)
        {
            facts["Traits"] = nameof(MixtureTraits.Burns);
        }
    }
}
