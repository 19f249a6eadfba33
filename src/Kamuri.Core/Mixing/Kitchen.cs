using Kamuri.Core.Shelf;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>A product as a mixture needs to know it.</summary>
/// <param name="Ingredients">What its label comes to: plain names and the families they belong to.</param>
/// <param name="Protein">How strong it is with protein.</param>
/// <param name="PricePerMl">In the household's own money; null when nobody wrote it down.</param>
public sealed record KitchenProduct(
    Guid Id,
    string Name,
    ProductRole Role,
    IReadOnlyList<string> Ingredients,
    ProteinStrength Protein,
    decimal? PricePerMl
)
{
    /// <summary>Names on its label that ask for a patch test.</summary>
    public IReadOnlyList<string> AskForPatchTest { get; init; } = [];

    /// <summary>Essential oil in it: what was written down, or as far as its label tells.</summary>
    public EssentialOilShare EssentialOil { get; init; }

    /// <summary>Whether one of the sharp ones is among them.</summary>
    public bool HasSharpOil { get; init; }

    /// <summary>What its label and its kind say of how it has to be handled.</summary>
    public MixtureTraits Traits { get; init; }

    /// <summary>Layering weight by its label, 1 like water to 5 like butter; null without one.</summary>
    public int? Weight { get; init; }

    /// <summary>Why its label seals itself out of low-porosity hair; null when it does not.</summary>
    public string? SealsItselfOut { get; init; }

    /// <summary>What is left of it; null when nobody wrote it down.</summary>
    public Millilitres? Left { get; init; }

    /// <summary>Last day it may be used; null when nobody wrote down when it was opened or how long it keeps.</summary>
    public DateOnly? GoodUntil { get; init; }

    /// <summary>What a step is told when it is done with this product as it is.</summary>
    public StepUse AsUse() =>
        new(Name)
        {
            Ingredients = Ingredients,
            Protein = Protein,
            InStock = Left,
            ProductId = Id,
            UseBy = GoodUntil,
            AskForPatchTest = AskForPatchTest,
            EssentialOilPercent = EssentialOil.Known,
            EssentialOilAtMost = EssentialOil.AtMost,
            SharpOilPercent = HasSharpOil ? EssentialOil.Known : 0,
            Traits = Traits,
            SealsItselfOut = SealsItselfOut,
        };

    /// <summary>A product with what its label says.</summary>
    /// <param name="essentialOil">% by volume as the maker gives it; null when nobody wrote it down.</param>
    public static KitchenProduct Read(
        Guid id,
        string name,
        ProductRole role,
        LabelReading reading,
        double? essentialOil,
        decimal? pricePerMl
    ) =>
        new(id, name, role, reading.Ingredients, reading.Protein, pricePerMl)
        {
            AskForPatchTest = reading.AskForPatchTest,
            SealsItselfOut = reading.SealsItselfOut,
            Weight = reading.Names.Count == 0 ? null : reading.Weight,
            EssentialOil = essentialOil is { } share ? new EssentialOilShare(share, share) : reading.EssentialOilShare,
            HasSharpOil = reading.Names.Any(each => each.Ingredient is { } ingredient && EssentialOils.IsSharp(ingredient.Name)),
            Traits =
                MixtureTraitsOf.Label(reading.Names)
                | role switch
                {
                    ProductRole.Clay => MixtureTraits.Clay,
                    ProductRole.Powder => MixtureTraits.Powder,
                    _ => MixtureTraits.None,
                },
        };

    /// <summary>As it is measured out (craft default).</summary>
    public Material Material =>
        Role switch
        {
            ProductRole.Oil => new(Name, MaterialRole.SealingOil, 0.92),
            ProductRole.Butter => new(Name, MaterialRole.Butter, 0.91),
            ProductRole.Powder => new(Name, MaterialRole.Powder, 0.45),
            ProductRole.Clay => new(Name, MaterialRole.Clay, 0.90),
            ProductRole.Tea => new(Name, MaterialRole.Herb, 0.2),
            ProductRole.Liquid => new(Name, MaterialRole.Liquid, 1),
            ProductRole.LeaveIn => new(Name, MaterialRole.LeaveIn, 0.98),
            _ => new(Name, MaterialRole.Conditioner, 0.98),
        };
}

/// <summary>A formula uses a batch of itself, directly or through others; the message names the way round.</summary>
public sealed class FormulaLoopException(string message) : Exception(message);

/// <summary>
/// What a kitchen has to work with: formulas, products and the words of the ingredient dictionary. Everything about
/// mixtures that crosses from one formula into another is asked here.
/// </summary>
public sealed class Kitchen(
    IEnumerable<Formula> formulas,
    IEnumerable<KitchenProduct> products,
    IngredientDictionary dictionary,
    MeasureFigures measures
)
{
    private readonly Dictionary<Guid, Formula> _formulas = formulas.ToDictionary(formula => formula.Id);
    private readonly Dictionary<Guid, KitchenProduct> _products = products.ToDictionary(product => product.Id);

    /// <summary>The formulas that come with Kamuri and nothing else.</summary>
    public static Kitchen Shipped { get; } = new(FormulaCatalogue.All, [], IngredientDictionary.Shipped, new MeasureFigures());

    public MeasureFigures Measures => measures;

    /// <summary>Price of a millilitre by the name of a product, for ingredients that are named like one.</summary>
    public IReadOnlyDictionary<string, decimal> Prices { get; init; } = new Dictionary<string, decimal>();

    public IngredientDictionary Dictionary => dictionary;

    public IReadOnlyCollection<Formula> Formulas => _formulas.Values;

    /// <summary>This kitchen with one formula put in, or put in the place of an older one.</summary>
    public Kitchen With(Formula formula) =>
        new(_formulas.Values.Where(each => each.Id != formula.Id).Append(formula), _products.Values, dictionary, measures)
        {
            Prices = Prices,
        };

    public Formula? Formula(Guid id) => _formulas.GetValueOrDefault(id);

    public KitchenProduct? Product(Guid id) => _products.GetValueOrDefault(id);

    /// <summary>What an ingredient is measured out as; a batch of another formula is like water.</summary>
    public Material MaterialOf(FormulaIngredient ingredient) =>
        ingredient.ProductId is { } product && Product(product) is { } known ? known.Material
        : ingredient.FormulaId is { } formula
            ? new Material(Formula(formula)?.Name ?? ingredient.Name, RoleOf(Formula(formula)), DensityOf(Formula(formula)))
        : Materials.Find(ingredient.Name, dictionary, ingredient.Unit == Unit.Drop);

    /// <summary>The volume of an ingredient as the formula has it.</summary>
    /// <exception cref="UnitMismatchException">The unit does not go with it.</exception>
    public Millilitres VolumeOf(FormulaIngredient ingredient)
    {
        var material = MaterialOf(ingredient);
        return material.IsCounted && ingredient.Unit != Unit.Piece
            ? throw new UnitMismatchException(KitchenWords.IngredientIsCountedEnterANumber(ingredient.Name))
            : Units.Measures.ToVolume(ingredient.Amount, ingredient.Unit, material.Density, material.GramsPerPiece, measures);
    }

    /// <summary>
    /// What a formula makes as it is written: everything before straining by its yield, and what goes in afterwards whole.
    /// </summary>
    public Millilitres YieldOf(Formula formula) =>
        new(formula.Ingredients.Sum(each => VolumeOf(each).Value * (each.AfterStraining ? 1 : formula.YieldShare)));

    /// <summary>The way round in which a formula comes back to itself, by name; null when it does not.</summary>
    public IReadOnlyList<string>? LoopFrom(Formula formula)
    {
        return Follow(formula, []);

        IReadOnlyList<string>? Follow(Formula at, IReadOnlyList<Formula> way)
        {
            if (way.Any(each => each.Id == at.Id))
            {
                return [.. way.Append(at).Select(each => each.Name)];
            }

            return at
                .Ingredients.Select(each => each.FormulaId)
                .OfType<Guid>()
                .Select(id => id == formula.Id ? formula : Formula(id))
                .OfType<Formula>()
                .Select(inner => Follow(inner, [.. way, at]))
                .FirstOrDefault(loop => loop is not null);
        }
    }

    private static MaterialRole RoleOf(Formula? formula) =>
        formula?.Kind switch
        {
            FormulaKind.InfusedOil or FormulaKind.WarmedOil => MaterialRole.PenetratingOil,
            FormulaKind.SeedGel or FormulaKind.LeafGel or FormulaKind.PodGel => MaterialRole.PlantGel,
            FormulaKind.WhippedButter => MaterialRole.Butter,
            FormulaKind.BoostedConditioner => MaterialRole.Conditioner,
            _ => MaterialRole.Liquid,
        };

    private static double DensityOf(Formula? formula) =>
        RoleOf(formula) switch
        {
            MaterialRole.PenetratingOil => 0.92,
            MaterialRole.Butter => 0.91,
            MaterialRole.Conditioner => 0.98,
            _ => 1,
        };
}
