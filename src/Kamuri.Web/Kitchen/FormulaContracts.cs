using FluentValidation;
using Kamuri.Core.Heads;
using Kamuri.Core.Mixing;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Web.Kitchen;

/// <summary>An ingredient as it is entered.</summary>
public sealed record IngredientBody(string Name, double Amount, Unit Unit, Guid? ProductId = null, Guid? FormulaId = null)
{
    /// <summary>Goes in once the rest is strained, so that nothing of it stays behind.</summary>
    public bool AfterStraining { get; init; }

    internal FormulaIngredient ToIngredient() =>
        new(Name.Trim(), Amount, Unit)
        {
            ProductId = ProductId,
            FormulaId = FormulaId,
            AfterStraining = AfterStraining,
        };

    internal static IngredientBody From(FormulaIngredient each) =>
        new(each.Name, each.Amount, each.Unit, each.ProductId, each.FormulaId) { AfterStraining = each.AfterStraining };
}

/// <summary>A step of a method as it is entered. An ingredient's name in braces is replaced by its amount and name.</summary>
/// <param name="WaitTitle">What it does by itself afterwards; null when nothing.</param>
/// <param name="Wait">How long, in minutes; null when it cools to skin warmth, or does not wait.</param>
public sealed record MethodStepBody(
    string Title,
    double HandsOnMinutes,
    IReadOnlyList<Resource>? Needs = null,
    string? WaitTitle = null,
    Window? Wait = null,
    IReadOnlyList<MethodDeeds>? Does = null
)
{
    /// <summary>It waits until it is warm and no longer hot, by the cooling model.</summary>
    public bool Cools { get; init; }

    public WaitsAt At { get; init; }

    internal MethodStep ToStep(int at) =>
        new(
            $"step-{at + 1}",
            Title.Trim(),
            HandsOnMinutes,
            [.. (Needs ?? []).Where(each => each != Resource.Hands).Distinct()],
            string.IsNullOrWhiteSpace(WaitTitle) ? null : WaitTitle.Trim(),
            Cools ? null : Wait,
            Cools
        )
        {
            At = At,
            Does = (Does ?? []).Aggregate(MethodDeeds.None, (all, one) => all | one),
        };

    internal static MethodStepBody From(MethodStep step) =>
        new(
            step.Title,
            step.HandsOnMinutes,
            step.Needs,
            step.WaitTitle,
            step.Wait,
            [.. Enum.GetValues<MethodDeeds>().Where(each => each != MethodDeeds.None && step.Does.HasFlag(each))]
        )
        {
            Cools = step.Cools,
            At = step.At,
        };
}

/// <summary>Where a mixture keeps and how long; null where it does not keep at all.</summary>
public sealed record KeepBody(KeepSpan? Room = null, KeepSpan? Fridge = null, KeepSpan? Freezer = null);

/// <summary>A formula as it is entered.</summary>
public sealed record FormulaBody
{
    public required string Name { get; init; }
    public required FormulaKind Kind { get; init; }
    public required IReadOnlyList<IngredientBody> Ingredients { get; init; }
    public IReadOnlyList<MethodStepBody> Method { get; init; } = [];

    /// <summary>What is left of the volume once strained, 0.05 to 1.</summary>
    public double YieldShare { get; init; } = 1;

    public required KeepBody Keep { get; init; }
    public IReadOnlyList<Substance> ServesAs { get; init; } = [];
    public Vessel Vessel { get; init; }
    public double? HotAtCelsius { get; init; }
    public bool UsedWarm { get; init; }
    public string Note { get; init; } = "";

    /// <summary>The version this change was made on; a change on an older one is refused.</summary>
    public int? Version { get; init; }

    internal Formula ToFormula(Guid id) =>
        new()
        {
            Id = id,
            Name = Name.Trim(),
            Kind = Kind,
            Ingredients = [.. Ingredients.Select(each => each.ToIngredient())],
            Method = [.. Method.Select((step, at) => step.ToStep(at))],
            YieldShare = YieldShare,
            Keep = new KeepRule(Keep.Room, Keep.Fridge, Keep.Freezer),
            ServesAs = [.. ServesAs.Distinct()],
            Vessel = Vessel,
            HotAt = HotAtCelsius is { } hot ? new Celsius(hot) : null,
            UsedWarm = UsedWarm,
            Note = Note.Trim(),
        };

    internal static FormulaBody From(Formula formula, int? version) =>
        new()
        {
            Name = formula.Name,
            Kind = formula.Kind,
            Ingredients = [.. formula.Ingredients.Select(IngredientBody.From)],
            Method = [.. formula.Method.Select(MethodStepBody.From)],
            YieldShare = formula.YieldShare,
            Keep = new KeepBody(formula.Keep.Room, formula.Keep.Fridge, formula.Keep.Freezer),
            ServesAs = formula.ServesAs,
            Vessel = formula.Vessel,
            HotAtCelsius = formula.HotAt?.Value,
            UsedWarm = formula.UsedWarm,
            Note = formula.Note,
            Version = version,
        };
}

/// <summary>What can be entered for a formula.</summary>
internal sealed class FormulaValidator : AbstractValidator<FormulaBody>
{
    public const int LongestName = 80;
    private const int MostIngredients = 60;
    private const int MostSteps = 60;
    private const double LeastAmount = 0.001;
    private const double MostAmount = 100_000;
    private const double LongestWait = 14 * 24 * 60;
    private const int LongestKeep = 3650;

    public FormulaValidator(Core.Mixing.Kitchen kitchen)
    {
        RuleFor(formula => formula.Name)
            .Must(name => !string.IsNullOrWhiteSpace(name))
            .WithMessage(KitchenErrors.AFormulaNeedsAName)
            .MaximumLength(LongestName)
            .WithMessage(KitchenErrors.ANameCanHaveAtMost2($"{LongestName}"));
        RuleFor(formula => formula.Kind).IsInEnum().WithMessage(KitchenErrors.KamuriDoesNotKnowThisKind);
        RuleFor(formula => formula.Vessel).IsInEnum().WithMessage(KitchenErrors.KamuriDoesNotKnowThisVessel);
        RuleFor(formula => formula.YieldShare).InclusiveBetween(0.05, 1).WithMessage(KitchenErrors.Enter5To100);
        RuleFor(formula => formula.HotAtCelsius)
            .Must(hot => hot is null or (>= 30 and <= 100))
            .WithMessage(_ => KitchenErrors.Enter30To100C);
        RuleFor(formula => formula.Note)
            .MaximumLength(HeadLimits.LongestNote)
            .WithMessage(KitchenErrors.ANoteCanHaveAtMost($"{HeadLimits.LongestNote}"));
        RuleFor(formula => formula.Ingredients)
            .Must(list => list.Count is > 0 and <= MostIngredients)
            .WithMessage(KitchenErrors.Enter1ToMostIngredientsIngredients($"{MostIngredients}"));
        RuleForEach(formula => formula.Ingredients)
            .NotNull()
            .WithMessage(KitchenErrors.WhichIngredient)
            .ChildRules(each => Ingredient(each, kitchen));
        RuleFor(formula => formula.Method)
            .Must(list => list.Count <= MostSteps)
            .WithMessage(KitchenErrors.EnterAtMostMostStepsSteps($"{MostSteps}"));
        RuleForEach(formula => formula.Method).NotNull().WithMessage(KitchenErrors.WhichStep).ChildRules(Step);
        RuleForEach(formula => formula.ServesAs).IsInEnum().WithMessage(KitchenErrors.KamuriDoesNotKnowThisUse);
        RuleFor(formula => formula.Keep)
            .NotNull()
            .WithMessage(KitchenErrors.HowDoesItKeep)
            .Must(keep => keep is null || Spans(keep).All(IsSound))
            .WithMessage(KitchenErrors.Enter0ToLongestKeepDaysThe($"{LongestKeep}"));
    }

    private static IEnumerable<KeepSpan> Spans(KeepBody keep) => new[] { keep.Room, keep.Fridge, keep.Freezer }.OfType<KeepSpan>();

    private static bool IsSound(KeepSpan span) =>
        span.Days is >= 0 and <= LongestKeep && span.AtMost >= span.Days && span.AtMost <= LongestKeep;

    private static void Ingredient(InlineValidator<IngredientBody> ingredient, Core.Mixing.Kitchen kitchen)
    {
        ingredient
            .RuleFor(each => each.Name)
            .Must(name => !string.IsNullOrWhiteSpace(name))
            .WithMessage(KitchenErrors.WhatGoesIn)
            .MaximumLength(120)
            .WithMessage(KitchenErrors.ANameCanHaveAtMost3);
        ingredient
            .RuleFor(each => each.Amount)
            .Must(amount => amount is >= LeastAmount and <= MostAmount)
            .WithMessage(KitchenErrors.EnterMoreThan0AndAt($"{MostAmount:0}"));
        ingredient.RuleFor(each => each.Unit).IsInEnum().WithMessage(KitchenErrors.KamuriDoesNotKnowThisUnit);
        ingredient
            .RuleFor(each => each.FormulaId)
            .Must(id => id is null || kitchen.Formula(id.Value) is not null)
            .WithMessage(KitchenErrors.ThatFormulaNoLongerExists);
        ingredient
            .RuleFor(each => each.ProductId)
            .Must(id => id is null || kitchen.Product(id.Value) is not null)
            .WithMessage(KitchenErrors.ThatProductNoLongerExists)
            .Must((each, id) => id is null || each.FormulaId is null)
            .WithMessage(KitchenErrors.ChooseAProductOrAJar);
        ingredient
            .RuleFor(each => each.Unit)
            .Custom(
                (_, context) =>
                {
                    try
                    {
                        if (context.InstanceToValidate is { Name: not null, Amount: > 0 } each && Enum.IsDefined(each.Unit))
                        {
                            kitchen.VolumeOf(each.ToIngredient());
                        }
                    }
                    catch (UnitMismatchException error)
                    {
                        context.AddFailure(error.Message);
                    }
                }
            );
    }

    private static void Step(InlineValidator<MethodStepBody> step)
    {
        step.RuleFor(each => each.Title)
            .Must(title => !string.IsNullOrWhiteSpace(title))
            .WithMessage(KitchenErrors.WhatIsDone)
            .MaximumLength(400)
            .WithMessage(KitchenErrors.AStepCanHaveAtMost);
        step.RuleFor(each => each.HandsOnMinutes).InclusiveBetween(0.5, 240).WithMessage(KitchenErrors.HandsAreBusy05To);
        step.RuleForEach(each => each.Needs).IsInEnum().WithMessage(KitchenErrors.TheHouseholdDoesNotHaveThis);
        step.RuleForEach(each => each.Does).IsInEnum().WithMessage(KitchenErrors.ThisIsNotKnownHere);
        step.RuleFor(each => each.At).IsInEnum().WithMessage(KitchenErrors.ChooseTheCounterTheStoveOr);
        step.RuleFor(each => each.WaitTitle).MaximumLength(120).WithMessage(KitchenErrors.UseAtMost120Characters);
        step.RuleFor(each => each.Wait)
            .Must((each, wait) => string.IsNullOrWhiteSpace(each.WaitTitle) || each.Cools || wait is not null)
            .WithMessage(KitchenErrors.HowLongDoesItWait)
            .Must(wait =>
                wait is null
                || (wait.Earliest >= 0 && wait.Earliest <= wait.Usual && wait.Usual <= wait.Latest && wait.Latest <= LongestWait)
            )
            .WithMessage(KitchenErrors.EarliestUsualAndLatestMustBe);
    }
}

/// <summary>A formula with what it comes to as written.</summary>
/// <param name="Shipped">Came with Kamuri; it is copied to be changed.</param>
/// <param name="Makes">As much as the amounts written make.</param>
/// <param name="Lead">How long it takes from first to last, in words.</param>
/// <param name="Keeps">How it keeps, in words.</param>
/// <param name="Holds">Families people react to that are in it.</param>
/// <param name="EssentialOilPercent">Of the finished mixture, through every batch that goes in.</param>
/// <param name="Lines">The ingredients, one line each.</param>
/// <param name="MethodWords">How it is made, with the amounts as written.</param>
public sealed record FormulaView(
    Guid Id,
    bool Shipped,
    bool Archived,
    FormulaBody Formula,
    string KindWords,
    MeasuredAmount Makes,
    string Lead,
    string Keeps,
    IReadOnlyList<string> Holds,
    double EssentialOilPercent,
    ProteinStrength Protein,
    IReadOnlyList<string> Lines,
    IReadOnlyList<MeasuredWords> MethodWords,
    IReadOnlyList<string> ServesAsWords,
    IReadOnlyList<string> Cautions
);

/// <summary>How much of a formula to make. One of the three ways.</summary>
/// <param name="HeadId">For this head: its size, what it was seen to take, what it must not have.</param>
/// <param name="As">For this use; needs a head.</param>
/// <param name="MakeMl">So much of the finished mixture.</param>
/// <param name="Have">By what there is of one ingredient.</param>
public sealed record ScaleBody(Guid? HeadId = null, Substance? As = null, double? MakeMl = null, HaveBody? Have = null);

/// <summary>What there is of one ingredient.</summary>
public sealed record HaveBody(int Ingredient, double Amount, Unit Unit);

/// <summary>One line of a scaled formula.</summary>
public sealed record ScaledLineView(string Name, MeasuredAmount Amount, string? Instead, double VolumeMl, double WeightG);

/// <summary>A formula scaled.</summary>
/// <param name="For">What the amount is for; null when it was named.</param>
/// <param name="Warnings">What speaks against it on this head; stops first.</param>
/// <param name="Cost">In the household's own money; null when nothing is priced.</param>
/// <param name="Bought">How it compares with the cheapest product for the same use; null when none has a price.</param>
public sealed record ScaledView(
    double Factor,
    double MakesMl,
    MeasuredAmount Makes,
    IReadOnlyList<ScaledLineView> Lines,
    IReadOnlyList<MeasuredWords> Method,
    IReadOnlyList<MeasuredWords> Taken,
    IReadOnlyList<string> Remarks,
    IReadOnlyList<string> Warnings,
    decimal? Cost,
    decimal? CostPerMl,
    IReadOnlyList<string> Unpriced,
    MeasuredWords? For,
    CostComparison? Bought
);

/// <summary>A mixture that did not come out right.</summary>
public sealed record CorrectBody(Trouble Trouble, double ThereMl, double? WantedMl = null);
