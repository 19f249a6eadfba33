using System.Collections.Immutable;
using Kamuri.Core.Physics;
using Kamuri.Core.Routines;
using Kamuri.Core.Shelf;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Composing;

/// <summary>Something that lies on hair or scalp, and the step that put it there.</summary>
/// <param name="Traits">What it is made with, where somebody said so: an egg mask is one whatever the step is called.</param>
public sealed record Deposit(Substance Substance, Places Places, string Step, MixtureTraits Traits = MixtureTraits.None)
{
    /// <summary>What is true of it, by what it is put on as and by what it is made with.</summary>
    public SubstanceFacts Facts => field ??= Substances.Of(Substance).With(Traits);

    /// <summary>In plain words, for sentences: what makes it special comes first.</summary>
    public string Name =>
        Traits switch
        {
            _ when Traits.HasFlag(MixtureTraits.RawEgg) && !Substances.Of(Substance).IsRawEgg => ComposingWords.RawEgg,
            _ when Traits.HasFlag(MixtureTraits.Onion) && Substance != Substance.OnionJuice => ComposingWords.OnionJuice,
            _ when Traits.HasFlag(MixtureTraits.PodGel) => ComposingWords.PodGel,
            _ when Traits.HasFlag(MixtureTraits.Clay) && Substance != Substance.Clay => "clay",
            _ when Traits.HasFlag(MixtureTraits.Powder) && Substance != Substance.HerbPaste => ComposingWords.HerbPowder,
            _ => Facts.Name,
        };
}

/// <summary>The state of the hair at one moment of a session.</summary>
/// <param name="Wetness">How wet it is.</param>
/// <param name="Deposits">What lies on it, in the order it was put on.</param>
/// <param name="AwaitsWash">What was only rinsed and still has to be washed out.</param>
/// <param name="HeavyOilPasses">Passes of shampoo that heavy oil still needs, 0 to 2.</param>
/// <param name="AwaitsConditioner">The step that cleansed without a conditioner after it yet; null when cared for.</param>
/// <param name="Stripped">Whether clarifying or clay came before in this session.</param>
/// <param name="Tangle">0.6 to 3.</param>
/// <param name="Covered">What it is under: cap, hood or steamer.</param>
/// <param name="Hang">How it hangs.</param>
/// <param name="FullyDry">Dry to the core: at least 95 %.</param>
public sealed record HairState(
    Wetness Wetness,
    ImmutableList<Deposit> Deposits,
    ImmutableList<Deposit> AwaitsWash,
    int HeavyOilPasses,
    string? AwaitsConditioner,
    bool Stripped,
    double Tangle,
    Heat Covered,
    Hang Hang,
    bool FullyDry
)
{
    /// <summary>The slipperiest thing on the lengths decides the slip, 0 to 1; water alone gives a little.</summary>
    public double SlipBy(HandsOnFigures figures) =>
        Deposits
            .Where(deposit => deposit.Places.HasFlag(Places.Lengths) || deposit.Places.HasFlag(Places.Ends))
            .Select(deposit => figures.Slip.GetValueOrDefault(deposit.Substance))
            .Append(Wetness >= Wetness.Wrung ? figures.WaterSlip : 0)
            .Max();
}

/// <summary>A step with the hair as it finds it and as it leaves it.</summary>
public sealed record WalkedStep(PlanStep Step, HairState Before, HairState After);

/// <summary>Walks the hair state through a list of steps. Pure; knows no rules.</summary>
public static class HairWalk
{
    /// <summary>Share of the water that is gone from hair that is dry to the core.</summary>
    internal const double DryToTheCore = 0.95;

    /// <summary>What is as thin as water goes with the next water.</summary>
    private const double WaterWeight = 1;

    /// <summary>Hair as it comes to a wash day; what lies on it is put there by the first step.</summary>
    /// <param name="tangle">0.6 to 3.</param>
    /// <param name="kind">How the hair is kept; locs and styles stay as they hang.</param>
    /// <param name="comes">Wet or dry, loose or in twists; null for dry and loose.</param>
    public static HairState Start(double tangle, HairKinds kind = HairKinds.Loose, StartingHair? comes = null) =>
        new(
            comes?.Wetness ?? Wetness.Dry,
            [],
            [],
            0,
            null,
            false,
            tangle,
            Heat.None,
            kind switch
            {
                HairKinds.Locs => Hang.Locs,
                HairKinds.Style => Hang.Braids,
                _ => comes?.Comes == HairComes.InTwists ? Hang.Twists : Hang.Loose,
            },
            comes is null or { Wetness: Wetness.Dry }
        );

    /// <summary>The hair before and after every step.</summary>
    /// <param name="start">How it comes.</param>
    /// <param name="steps">In order.</param>
    /// <param name="use">What a step is done with; null when nobody said.</param>
    /// <param name="figures">Slip and tangle.</param>
    public static IReadOnlyList<WalkedStep> Through(
        HairState start,
        IReadOnlyList<PlanStep> steps,
        Func<PlanStep, StepUse?> use,
        HandsOnFigures figures
    )
    {
        var walked = new List<WalkedStep>(steps.Count);
        var state = start;
        foreach (var step in steps)
        {
            var after = Apply(step, step.Kind.Puts is null ? MixtureTraits.None : use(step)?.Traits ?? MixtureTraits.None, state, figures);
            walked.Add(new WalkedStep(step, state, after));
            state = after;
        }

        return walked;
    }

    private static HairState Apply(PlanStep step, MixtureTraits traits, HairState state, HandsOnFigures figures)
    {
        var kind = step.Kind;
        var washes = kind.Removes >= Removal.Wash;
        bool Goes(Deposit deposit) => washes || deposit.Facts.MustBeRinsed || deposit.Facts.Weight == WaterWeight;
        var deposits = kind.Removes == Removal.None ? state.Deposits : state.Deposits.RemoveAll(Goes);
        var awaits =
            washes ? []
            : kind.Removes == Removal.RinseOff ? state.AwaitsWash.AddRange(state.Deposits.Where(deposit => deposit.Facts.MustBeWashedOut))
            : state.AwaitsWash;
        if (kind.Puts is { } puts)
        {
            deposits = deposits.Add(new Deposit(puts, step.Places, step.Id, traits));
        }

        var wetness = Wet(kind, state.Wetness);
        return new HairState(
            wetness,
            deposits,
            awaits,
            HeavyOil(kind, state.HeavyOilPasses),
            kind.IsCleanse ? step.Id
                : kind.IsConditioning ? null
                : state.AwaitsConditioner,
            state.Stripped || kind.StripsBare,
            kind.Detangles ? Math.Max(figures.LeastTangle, state.Tangle * figures.LeftAfterDetangle) : state.Tangle,
            kind.Covers ? step.Heat
                : kind.IsCompanion ? state.Covered
                : Heat.None,
            kind.Sets ?? state.Hang,
            kind.IsDrying ? step.DrynessWanted >= DryToTheCore : wetness == Wetness.Dry && state.FullyDry
        );
    }

    /// <summary>Heavy oil takes two passes, or one behind a lifting rinse; clarifying takes it in one.</summary>
    private static int HeavyOil(StepKind kind, int passes) =>
        kind.Puts is { } puts && Substances.Of(puts).IsHeavyOil ? 2
        : kind.Removes == Removal.Clarify ? 0
        : kind.Removes == Removal.Wash ? Math.Max(0, passes - 1)
        : kind.LiftsOil ? Math.Min(passes, 1)
        : passes;

    /// <summary>Misting never dries hair and wringing never wets it.</summary>
    private static Wetness Wet(StepKind kind, Wetness before) =>
        kind.Leaves switch
        {
            null => before,
            Wetness.Misted or Wetness.Damp => before > kind.Leaves.Value ? before : kind.Leaves.Value,
            Wetness.Wrung or Wetness.Blotted when kind.Puts is null => before < kind.Leaves.Value ? before : kind.Leaves.Value,
            Wetness.Wrung => before > Wetness.Wrung ? before : Wetness.Wrung,
            var leaves => leaves.Value,
        };
}
