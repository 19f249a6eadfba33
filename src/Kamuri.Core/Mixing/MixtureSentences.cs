using Kamuri.Core.Heads;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>What is said about mixtures.</summary>
public static class MixtureSentences
{
    /// <summary>A kind of mixture.</summary>
    public static string Of(FormulaKind kind) =>
        kind switch
        {
            FormulaKind.SeedGel => KitchenWords.SeedGel,
            FormulaKind.LeafGel => KitchenWords.LeafGel,
            FormulaKind.PodGel => KitchenWords.PodGel,
            FormulaKind.GrainWater => KitchenWords.GrainWater,
            FormulaKind.HerbTea => KitchenWords.HerbTea,
            FormulaKind.OnionJuice => KitchenWords.OnionJuice,
            FormulaKind.InfusedOil => KitchenWords.InfusedOil,
            FormulaKind.WarmedOil => KitchenWords.WarmedOil,
            FormulaKind.PowderPaste => KitchenWords.PowderPaste,
            FormulaKind.MeltedBar => KitchenWords.MeltedTreatment,
            FormulaKind.BoostedConditioner => KitchenWords.BoostedConditioner,
            FormulaKind.EggMask => KitchenWords.EggMask,
            FormulaKind.ClayMask => KitchenWords.ClayMask,
            FormulaKind.RefreshSpray => KitchenWords.RefreshSpray,
            FormulaKind.WhippedButter => KitchenWords.ButterOrSealBlend,
            _ => KitchenWords.SomethingElse,
        };

    /// <summary>Where a batch is kept.</summary>
    public static string Of(Keeping keeping) =>
        keeping switch
        {
            Keeping.Room => KitchenWords.InTheRoom,
            Keeping.Fridge => KitchenWords.InTheFridge,
            _ => "frozen",
        };

    /// <summary>How much of it a head takes, why, and how much more than that is made.</summary>
    public static MeasuredWords Wanted(Head head, StepKind kind, Amount amount, MixtureFigures figures) =>
        MeasuredWords.Of(way =>
        {
            var beyond = Math.Round((figures.MadeBeyond - 1) * 100);
            return beyond > 0
                ? KitchenWords.HeadTakesAndMore(head.Name, way(amount.Ways), kind.Noun, amount.Working, $"{beyond:0}")
                : KitchenWords.HeadTakes(head.Name, way(amount.Ways), kind.Noun, amount.Working);
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

        When(Has(MaterialRole.Egg), KitchenWords.RawEggFreshRinsedCoolNot);
        When(Has(MaterialRole.Onion), KitchenWords.OnionStingsScalpOnlyAwayFrom);
        When(Has(MaterialRole.Clay, MaterialRole.Powder), KitchenWords.DoNotBreatheTheDust);
        When(Has(MaterialRole.Leaf), KitchenWords.FreshLeafSapIrritatesDrainIt);
        When(contents.EssentialOilPercent > 0, KitchenWords.EssentialOilBelow40CAway);
        When(formula.Keep.Room is null && formula.Keep.Fridge is not null, KitchenWords.ItHasNoPreservativeDateIt);
        When(formula.UsedWarm, KitchenWords.AtMost40COnSkin);
        When(Has(MaterialRole.PenetratingOil, MaterialRole.SealingOil, MaterialRole.Butter), KitchenWords.FloorsGetSlipperyWashOilyTowels);
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
        var hits = Hits(use, head, reacted);
        if (hits.Count > 0)
        {
            said.Add(KitchenWords.NotForHeadHits(head.Name, string.Join(", ", hits)));
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

    /// <summary>The same in a word or two each, for a label on which there is little room.</summary>
    public static IEnumerable<string> ReasonsAgainst(
        StepUse use,
        Head head,
        bool leaveOn,
        IEnumerable<string> reacted,
        MixtureFigures figures,
        MeasureFigures measures
    )
    {
        foreach (var hit in Hits(use, head, reacted))
        {
            yield return hit;
        }

        switch (EssentialOils.Judge(use, head, leaveOn, null, figures, measures))
        {
            case EssentialOilVerdict.Never:
                yield return KitchenWords.EssentialOil;
                break;
            case EssentialOilVerdict.TooMuch or EssentialOilVerdict.TooSharp:
                yield return KitchenWords.TooMuchEssentialOil;
                break;
            case EssentialOilVerdict.MayBeTooMuch:
                yield return KitchenWords.PerhapsTooMuchEssentialOil;
                break;
        }

        if (IrritantSentence(use.Traits, head) is not null)
        {
            yield return Irritant(use.Traits);
        }
    }

    private static List<string> Hits(StepUse use, Head head, IEnumerable<string> reacted) =>
        [
            .. head
                .Sensitivities.Concat(reacted)
                .Distinct(StringComparer.OrdinalIgnoreCase)
                .Intersect(use.Ingredients, StringComparer.OrdinalIgnoreCase),
        ];

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
            EssentialOilVerdict.Never => leaveOn && head is { AgeGroup: AgeGroup.SixToTwelve, AskClinician: false }
                ? KitchenWords.NoEssentialOilLeftOn(use.Name, head.Name)
                : KitchenWords.NoEssentialOil(use.Name, head.Name),
            EssentialOilVerdict.TooMuch => KitchenWords.UseContainsEssentialOilPercentEssentialOilThe(
                use.Name,
                $"{use.EssentialOilPercent:0.##}",
                head.Name,
                $"{figures.EssentialOilLimit(head, leaveOn):0.##}"
            ),
            EssentialOilVerdict.TooSharp => KitchenWords.UseContainsSharpOilPercentOfASharp(
                use.Name,
                $"{use.SharpOilPercent:0.##}",
                $"{figures.SharpOil:0.##}"
            ),
            EssentialOilVerdict.MayBeTooMuch => KitchenWords.TheLabelOfUseListsAn(use.Name, head.Name),
            _ => null,
        };

    /// <summary>Why a head must not have onion, pepper, menthol or the like; null when it may.</summary>
    /// <param name="traits">Of what is put on.</param>
    /// <param name="head">Whose skin it is.</param>
    public static string? IrritantSentence(MixtureTraits traits, Head head)
    {
        var what = Irritant(traits);
        return (traits & MixtureTraits.Irritates) == 0 ? null
            : head.HasBrokenSkin ? KitchenWords.NotForHeadWhatMustNever(head.Name, what)
            : head.AgeGroup == AgeGroup.UnderSix ? KitchenWords.NotForHeadWhatMustNever2(head.Name, what)
            : traits.HasFlag(MixtureTraits.Burns) && head.AgeGroup == AgeGroup.SixToTwelve ? KitchenWords.NotForHeadItBurnsAnd(head.Name)
            : null;
    }

    private static string Irritant(MixtureTraits traits) =>
        traits.HasFlag(MixtureTraits.Onion) ? KitchenWords.Onion : KitchenWords.PepperMentholAndTheLike;

    /// <summary>Whether something put on as this stays on.</summary>
    public static bool StaysOn(IEnumerable<Substance> servesAs) => servesAs.Any(each => !Substances.Of(each).MustBeRinsed);
}
