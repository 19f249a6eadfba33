using System.Collections.Frozen;
using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Cautions;

/// <summary>A short caution in plain words, and when it applies.</summary>
/// <param name="Id">Named by the steps it belongs to.</param>
/// <param name="Text">One or two short sentences, in the household's units.</param>
/// <param name="Applies">Whether it concerns this head and this heat.</param>
public sealed record Caution(string Id, Func<string> Text, Func<Head, Heat, bool> Applies)
{
    public Caution(string id, string text, Func<Head, Heat, bool> applies)
        : this(id, () => text, applies) { }
}

/// <summary>The usual cautions of a wash day. They defer to labels, local rules and licensed practice.</summary>
public static class CautionList
{
    private static bool Always(Head head, Heat heat) => true;

    private static bool UnderHeat(Head head, Heat heat) => heat is Heat.Hood or Heat.Steamer;

    private static readonly FrozenDictionary<string, Caution> All = new Caution[]
    {
        new("look-scalp", "Sores, pus, sudden or patchy loss, or an itch that lasts: leave it and ask a clinician.", Always),
        new("water-warm", () => $"Water {Say.Temperatures(36, 40)}, never above {Say.Temperature(43)}. Test it on your wrist.", Always),
        new("warm-mixture", () => $"Nothing above {Say.Temperature(40)} on skin. Test it on your wrist.", Always),
        new("slippery-floor", "Conditioner and oil make a wet floor slippery.", Always),
        new("old-towel", "Wear an old shirt and take an old towel: oils and herbs stain.", Always),
        new("oily-towel", "Wash oily towels; never leave them crumpled near heat.", Always),
        new("cap-awake", "A cap only on someone awake. Never on a sleeping or unattended child.", (head, _) =>
            head.AgeGroup != AgeGroup.UnderSix
        ),
        new("cap-awake-small", "Under six, a cap only with someone beside, the whole time.", (head, _) =>
            head.AgeGroup == AgeGroup.UnderSix
        ),
        new("hood-low", "Low to medium, within the window. Stop if it stings.", UnderHeat),
        new("electric-dry", "Electric devices away from basin and wet hands.", UnderHeat),
        new("label-first", "The label of a bought treatment comes before this window.", Always),
        new("stings-off", "If it stings, rinse it off at once and write it down.", Always),
        new("eyes", "Keep it out of the eyes.", Always),
        new("fresh-sap", "The yellow sap of fresh leaves irritates: drain it off first.", Always),
        new("essential-oil", () => $"Essential oil: away from the eyes, below {Say.Temperature(40)}, never on a child under six.", Always),
        new("raw-egg", "Raw egg: fresh, rinsed cool, not near the mouth, not on broken skin.", Always),
        new("dust", "Do not breathe the dust of clay or powder.", Always),
        new("non-metal", "A bowl and spoon without metal.", Always),
        new("no-cap-asleep", "No plastic cap in bed; a cloth only. Never a cap on a sleeping child.", Always),
        new("not-tight", "If it pulls, it is too tight: loosen it. Bumps or soreness mean take it down.", Always),
    }.ToFrozenDictionary(caution => caution.Id);

    /// <summary>Ids of every caution; the catalogue may name only these.</summary>
    public static IEnumerable<string> Ids => All.Keys;

    /// <summary>A caution in words.</summary>
    /// <exception cref="KeyNotFoundException">There is no caution of this id.</exception>
    public static string Text(string id) => All[id].Text();

    /// <summary>Cautions of a step that concern this head, in words: those of its kind, and those of what it is done with.</summary>
    /// <param name="step">The step, with its heat.</param>
    /// <param name="head">Whose head it is.</param>
    /// <param name="use">What it is done with; null when nobody said.</param>
    public static IReadOnlyList<string> For(PlanStep step, Head head, StepUse? use) =>
        [
            .. step
                .Kind.Cautions.Concat(use is null ? [] : Of(use))
                .SelectMany(id => id == "cap-awake" ? [id, "cap-awake-small"] : new[] { id })
                .Distinct()
                .Select(id => All[id])
                .Where(caution => caution.Applies(head, step.Heat))
                .Select(caution => caution.Text()),
        ];

    private static IEnumerable<string> Of(StepUse use)
    {
        if (use.SapDrained is not null)
        {
            yield return "fresh-sap";
        }

        if (use.Traits.HasFlag(MixtureTraits.RawEgg))
        {
            yield return "raw-egg";
        }

        if (use.Irritates)
        {
            yield return "eyes";
            yield return "stings-off";
        }

        if ((use.Traits & (MixtureTraits.Clay | MixtureTraits.Powder)) != 0)
        {
            yield return "dust";
        }

        if (use.EssentialOilAtMost > 0)
        {
            yield return "essential-oil";
        }
    }
}
