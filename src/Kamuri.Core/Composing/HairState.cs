using System.Collections.Immutable;
using Kamuri.Core.Physics;
using Kamuri.Core.Steps;
using Kamuri.Core.Timing;

namespace Kamuri.Core.Composing;

/// <summary>Something that lies on hair or scalp, and the step that put it there.</summary>
public sealed record Deposit(Substance Substance, Places Places, string Step)
{
    public SubstanceFacts Facts => Substances.Of(Substance);
}

/// <summary>The state of the hair at one moment of a session.</summary>
/// <param name="Wetness">How wet it is.</param>
/// <param name="Deposits">What lies on it, in the order it was put on.</param>
/// <param name="AwaitsConditioner">The step that cleansed without a conditioner after it yet; null when cared for.</param>
/// <param name="Clarified">Whether clarifying came before in this session.</param>
/// <param name="Tangle">0.6 to 3.</param>
/// <param name="Covered">Under a cap, hood or steamer.</param>
/// <param name="Hang">How it hangs.</param>
public sealed record HairState(
    Wetness Wetness,
    ImmutableList<Deposit> Deposits,
    string? AwaitsConditioner,
    bool Clarified,
    double Tangle,
    Heat Covered,
    Hang Hang)
{
    /// <summary>The slipperiest thing on the lengths decides the slip, 0 to 1; water alone gives a little.</summary>
    public double Slip => Deposits
        .Where(deposit => deposit.Places.HasFlag(Places.Lengths) || deposit.Places.HasFlag(Places.Ends))
        .Select(deposit => deposit.Facts.Slip)
        .Append(Wetness >= Wetness.Wrung ? 0.1 : 0)
        .Max();

    /// <summary>The treatment that is working at the moment: the last one with a processing window still on the hair.</summary>
    public Deposit? Working(Func<string, PlanStep> find) => Deposits
        .LastOrDefault(deposit => deposit.Facts.MustBeRinsed && find(deposit.Step).Kind.Processing is not null);
}

/// <summary>A step with the hair as it finds it and as it leaves it.</summary>
public sealed record WalkedStep(PlanStep Step, HairState Before, HairState After);

/// <summary>Walks the hair state through a list of steps. Pure; knows no rules.</summary>
public static class HairWalk
{
    /// <summary>Dry, product-free hair with the given tangle, as it comes to a wash day.</summary>
    public static HairState Start(double tangle) =>
        new(Wetness.Dry, [], null, false, tangle, Heat.None, Hang.Loose);

    public static IReadOnlyList<WalkedStep> Through(HairState start, IReadOnlyList<PlanStep> steps, HandsOnFigures figures)
    {
        var walked = new List<WalkedStep>(steps.Count);
        var state = start;
        foreach (var step in steps)
        {
            var after = Apply(step, state, figures);
            walked.Add(new WalkedStep(step, state, after));
            state = after;
        }

        return walked;
    }

    private static HairState Apply(PlanStep step, HairState state, HandsOnFigures figures)
    {
        var kind = step.Kind;
        var deposits = kind.Removes == Removal.None
            ? state.Deposits
            : state.Deposits.RemoveAll(deposit => kind.Removes >= Removal.Wash || deposit.Facts.MustBeRinsed || deposit.Substance == Substance.Tea);
        if (kind.Puts is { } puts)
        {
            deposits = deposits.Add(new Deposit(puts, step.Places, step.Id));
        }

        return state with
        {
            Wetness = Wet(kind, state.Wetness),
            Deposits = deposits,
            AwaitsConditioner = kind.IsCleanse ? step.Id : kind.IsConditioning ? null : state.AwaitsConditioner,
            Clarified = state.Clarified || kind.Removes == Removal.Clarify,
            Tangle = kind.Detangles ? Math.Max(figures.LeastTangle, state.Tangle * figures.LeftAfterDetangle) : state.Tangle,
            Covered = kind.Covers ? step.Heat : kind.IsCompanion ? state.Covered : Heat.None,
            Hang = kind.Sets ?? state.Hang,
        };
    }

    /// <summary>Misting never dries hair and wringing never wets it.</summary>
    private static Wetness Wet(StepKind kind, Wetness before) => kind.Leaves switch
    {
        null => before,
        Wetness.Damp => before > Wetness.Damp ? before : Wetness.Damp,
        Wetness.Wrung or Wetness.Blotted => before < kind.Leaves.Value ? before : kind.Leaves.Value,
        var leaves => leaves.Value,
    };
}
