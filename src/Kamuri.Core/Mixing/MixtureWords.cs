using Kamuri.Core.Heads;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>What is said about mixtures.</summary>
public static class MixtureWords
{
    /// <summary>A kind of mixture.</summary>
    public static string Of(FormulaKind kind) =>
        kind switch
        {
            FormulaKind.SeedGel => "seed gel",
            FormulaKind.LeafGel => "leaf gel",
            FormulaKind.PodGel => "pod gel",
            FormulaKind.GrainWater => "grain water",
            FormulaKind.HerbTea => "herb tea",
            FormulaKind.OnionJuice => "onion juice",
            FormulaKind.InfusedOil => "infused oil",
            FormulaKind.WarmedOil => "warmed oil",
            FormulaKind.PowderPaste => "powder paste",
            FormulaKind.MeltedBar => "melted treatment",
            FormulaKind.BoostedConditioner => "boosted conditioner",
            FormulaKind.EggMask => "egg mask",
            FormulaKind.ClayMask => "clay mask",
            FormulaKind.RefreshSpray => "refresh spray",
            FormulaKind.WhippedButter => "butter or seal blend",
            _ => "something else",
        };

    /// <summary>Where a batch is kept.</summary>
    public static string Of(Keeping keeping) =>
        keeping switch
        {
            Keeping.Room => "in the room",
            Keeping.Fridge => "in the fridge",
            _ => "frozen",
        };

    /// <summary>How much of it a head takes, why, and how much more than that is made.</summary>
    public static MeasuredWords Wanted(Head head, StepKind kind, Amount amount, MixtureFigures figures) =>
        MeasuredWords.Of(way =>
        {
            var beyond = Math.Round((figures.MadeBeyond - 1) * 100);
            return $"{head.Name} takes {way(amount.Ways)} for {kind.Name.ToLowerInvariant()}: {amount.Working}{(beyond > 0 ? $"; {beyond:0} % over is made" : "")}.";
        });

    /// <summary>Short cautions that go with a mixture, by what is in it.</summary>
    public static IReadOnlyList<string> Cautions(Formula formula, Contents contents)
    {
        var said = new List<string>();
        bool Has(params MaterialRole[] roles) => contents.All.Any(content => roles.Contains(content.Material.Role));
        void When(bool applies, string caution)
        {
            if (applies)
            {
                said.Add(caution);
            }
        }

        When(Has(MaterialRole.Egg), "Raw egg: fresh, rinsed cool, not on broken skin, not in the mouth.");
        When(Has(MaterialRole.Onion), "Onion stings: scalp only, away from the eyes, never on a child under 6.");
        When(Has(MaterialRole.Clay, MaterialRole.Powder), "Do not breathe the dust.");
        When(Has(MaterialRole.Leaf), "Fresh leaf sap irritates: drain it until the water stays clear.");
        When(
            contents.EssentialOilPercent > 0,
            "Essential oil: below 40 °C, away from the eyes, never on children under 6, not in pregnancy without a clinician."
        );
        When(
            formula.Keep.Room is null && formula.Keep.Fridge is not null,
            "Nothing in it keeps it from spoiling: date it, chill it, throw it out in time."
        );
        When(formula.UsedWarm, "At most 40 °C on skin: wrist test. Oil never in a microwave.");
        When(
            Has(MaterialRole.PenetratingOil, MaterialRole.SealingOil, MaterialRole.Butter),
            "Floors get slippery; oily towels are washed, never tumble-dried hot."
        );
        return said;
    }

    /// <summary>What speaks against a mixture on a head, most serious first.</summary>
    /// <param name="use">The mixture as rules see it.</param>
    /// <param name="head">The head.</param>
    /// <param name="leaveOn">Whether it stays on.</param>
    /// <param name="reacted">What this head has reacted to.</param>
    /// <param name="figures">Limits.</param>
    /// <param name="measures">What a drop is.</param>
    public static IReadOnlyList<string> Against(
        StepUse use,
        Head head,
        bool leaveOn,
        IEnumerable<string> reacted,
        MixtureFigures figures,
        MeasureFigures measures
    )
    {
        var said = new List<string>();
        var hits = head
            .Sensitivities.Concat(reacted)
            .Distinct(StringComparer.OrdinalIgnoreCase)
            .Intersect(use.Ingredients, StringComparer.OrdinalIgnoreCase)
            .ToList();
        if (hits.Count > 0)
        {
            said.Add($"Not for {head.Name}: {string.Join(", ", hits)}.");
        }

        if (EssentialOilSentence(use, head, leaveOn, null, figures, measures) is { } oil)
        {
            said.Add(oil);
        }

        if (IrritantSentence(use.Traits, head) is { } irritant)
        {
            said.Add(irritant);
        }

        return said;
    }

    /// <summary>What is wrong with the essential oil in something, for a head; null when nothing is.</summary>
    public static string? EssentialOilSentence(
        StepUse use,
        Head head,
        bool leaveOn,
        Millilitres? made,
        MixtureFigures figures,
        MeasureFigures measures
    ) =>
        EssentialOils.Judge(use, head, leaveOn, made, figures, measures) switch
        {
            EssentialOilVerdict.Never =>
                $"{use.Name} contains essential oil, which {head.Name} must not use{(leaveOn && head is { AgeGroup: AgeGroup.SixToTwelve, AskClinician: false } ? " in anything that stays on" : "")}.",
            EssentialOilVerdict.TooMuch =>
                $"{use.Name} contains {use.EssentialOilPercent:0.##} % essential oil. The most for {head.Name} here is {figures.EssentialOilLimit(head, leaveOn):0.##} %.",
            EssentialOilVerdict.TooSharp =>
                $"{use.Name} contains {use.SharpOilPercent:0.##} % of a sharp essential oil. The most of those is {figures.SharpOil:0.##} %.",
            EssentialOilVerdict.MayBeTooMuch =>
                $"The label of {use.Name} names an essential oil but not how much. Enter its share on the shelf; until then nobody can say whether it is too strong for {head.Name}.",
            _ => null,
        };

    /// <summary>Why a head must not have onion, pepper, menthol or the like; null when it may.</summary>
    /// <param name="traits">Of what is put on.</param>
    /// <param name="head">Whose skin it is.</param>
    public static string? IrritantSentence(MixtureTraits traits, Head head)
    {
        var what = traits.HasFlag(MixtureTraits.Onion) ? "onion" : "pepper, menthol and the like";
        return (traits & MixtureTraits.Irritates) == 0 ? null
            : head.HasBrokenSkin ? $"Not for {head.Name}: {what} must never touch broken skin."
            : head.AgeGroup == AgeGroup.UnderSix ? $"Not for {head.Name}: {what} must never go on a child under six."
            : traits.HasFlag(MixtureTraits.Burns) && head.AgeGroup == AgeGroup.SixToTwelve
                ? $"Not for {head.Name}: it burns, and must not go on a child."
            : null;
    }

    /// <summary>Whether something put on as this stays on.</summary>
    public static bool StaysOn(IEnumerable<Substance> servesAs) => servesAs.Any(each => !Substances.Of(each).MustBeRinsed);
}
