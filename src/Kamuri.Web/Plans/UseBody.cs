using Kamuri.Core.Rhythm;
using Kamuri.Core.Shelf;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Web.Plans;

/// <summary>What a step is done with, as far as it is known.</summary>
public sealed record UseBody
{
    /// <summary>As the person calls it; what is chosen by an id keeps its own name.</summary>
    public string Name { get; init; } = "";

    /// <summary>A product on the shelf: everything else is read from it.</summary>
    public Guid? ProductId { get; init; }

    /// <summary>A batch in fridge or cupboard: everything else is read from it.</summary>
    public Guid? BatchId { get; init; }

    /// <summary>A formula to make for it; a good batch of it takes its place unless <see cref="MadeFresh"/>.</summary>
    public Guid? FormulaId { get; init; }

    public bool MadeFresh { get; init; }

    /// <summary>All of what the formula makes; the rest goes into a jar when the day is finished.</summary>
    public bool WholeBatch { get; init; }

    public IReadOnlyList<string> Ingredients { get; init; } = [];
    public ProteinStrength Protein { get; init; }

    /// <summary>0 to 100; 100 is undiluted.</summary>
    public double EssentialOilPercent { get; init; }

    /// <summary>Holds pepper, camphor or menthol.</summary>
    public bool Burns { get; init; }

    public bool? Sieved { get; init; }
    public bool? SapDrained { get; init; }
    public DateOnly? UseBy { get; init; }
    public bool KeptAsTold { get; init; } = true;
    public double? InStockMl { get; init; }
    public double? ToMakeMl { get; init; }
    public bool KeepsUnderADay { get; init; }
    public double? AtCelsius { get; init; }
    public bool IsChange { get; init; }

    /// <summary>With nothing in particular: nothing from the shelf is put in.</summary>
    public bool IsNothing { get; init; }

    internal bool IsChosen => ProductId is not null || BatchId is not null || FormulaId is not null;

    internal bool IsSound =>
        (IsChosen || IsNothing || !string.IsNullOrWhiteSpace(Name))
        && new[] { ProductId, BatchId, FormulaId }.Count(id => id is not null) <= 1
        && EssentialOilPercent is >= 0 and <= 100
        && InStockMl is null or >= 0
        && ToMakeMl is null or >= 0
        && AtCelsius is null or (>= -5 and <= 120)
        && Ingredients.All(each => each is not null)
        && Ingredients.Sum(each => each.Length + 2) <= LabelReader.LongestLabel
        && Enum.IsDefined(Protein);

    internal StepUse ToUse() =>
        new(Name)
        {
            Ingredients = Ingredients,
            Protein = Protein,
            EssentialOilPercent = EssentialOilPercent,
            Traits = Burns ? MixtureTraits.Burns : MixtureTraits.None,
            Sieved = Sieved,
            SapDrained = SapDrained,
            UseBy = UseBy,
            KeptAsTold = KeptAsTold,
            InStock = InStockMl is { } stock ? new Millilitres(stock) : null,
            ToMake = ToMakeMl is { } make ? new Millilitres(make) : null,
            KeepsUnderADay = KeepsUnderADay,
            At = AtCelsius is { } at ? new Celsius(at) : null,
            IsChange = IsChange,
            IsNothing = IsNothing,
        };
}

/// <summary>A treatment and when it was last done.</summary>
public sealed record DoneBody(Treatment Treatment, DateOnly On);

/// <summary>What is on record of a head, given by hand.</summary>
public sealed record HistoryBody(IReadOnlyList<DoneBody> LastDone, IReadOnlyList<string>? KnownIngredients = null)
{
    internal History ToHistory() =>
        History.From(LastDone.Select(done => (done.On, (IReadOnlyList<Treatment>)[done.Treatment], false))) with
        {
            KnownIngredients = KnownIngredients ?? [],
        };
}
