using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Routines;

/// <summary>How hair comes to a day.</summary>
public enum HairComes
{
    Dry,
    Damp,

    /// <summary>Soaking, from a wash that was just done.</summary>
    Washed,

    /// <summary>In loose twists, as it was kept overnight.</summary>
    InTwists,

    /// <summary>A treatment is on it already.</summary>
    Treated,
}

/// <summary>How hair comes to a day, and what of a routine is done by then.</summary>
/// <param name="Comes">How it comes.</param>
/// <param name="On">The treatment that is on it; null unless it comes treated.</param>
/// <param name="OnForMinutes">How long that has been on when the day begins.</param>
public sealed record StartingHair(HairComes Comes, StepKind? On = null, double OnForMinutes = 0)
{
    public static readonly StartingHair Dry = new(HairComes.Dry);

    /// <summary>How the hair of a head comes unless somebody says otherwise: in its twists, if it is worn so since the last day.</summary>
    public static StartingHair Of(Head head) =>
        head is { Wear.Kind: HairKinds.Loose, WornAs: WornAs.Twists } ? new StartingHair(HairComes.InTwists) : Dry;

    /// <summary>What may be on hair when a day begins: treatments that work for a while and come off again.</summary>
    public static IReadOnlyList<StepKind> Treatments { get; } =
    [
        .. StepCatalogue
            .All.Where(kind =>
                kind is { Processing: not null, Puts: { } puts, IsCleanse: false, Phase: Phase.Loosen or Phase.Feed }
                && (kind.IsBeforeCleanse || Substances.Of(puts).MustBeRinsed)
            )
            .DistinctBy(kind => kind.Puts),
    ];

    /// <summary>Every way hair can come to a day.</summary>
    public static IReadOnlyList<StartingHair> All { get; } =
    [
        .. Enum.GetValues<HairComes>().Where(comes => comes != HairComes.Treated).Select(comes => new StartingHair(comes)),
        .. Treatments.Select(kind => new StartingHair(HairComes.Treated, kind)),
    ];

    /// <summary>Kinds of hair that can come like that.</summary>
    public HairKinds Suits =>
        Comes switch
        {
            HairComes.InTwists => HairKinds.Combable,
            HairComes.Treated => On!.Suits,
            _ => HairKinds.All,
        };

    /// <summary>"damp", "just washed and soaking", "with pre-poo on it".</summary>
    public string Word =>
        Comes switch
        {
            HairComes.Dry => RoutineWords.Dry,
            HairComes.Damp => RoutineWords.Damp,
            HairComes.Washed => RoutineWords.WashedAndSoaking,
            HairComes.InTwists => RoutineWords.InTwists,
            _ => RoutineWords.WithItOn(Substances.Of(On!.Puts!.Value).Name),
        };

    public Wetness Wetness =>
        Comes switch
        {
            HairComes.Damp => Wetness.Damp,
            HairComes.Washed => Wetness.Soaked,
            HairComes.Treated => On!.NeedsAtLeast,
            _ => Wetness.Dry,
        };

    /// <summary>
    /// A day without what is done: all before a treatment that is on, all up to the cleanse of hair that was just washed, wetting of
    /// hair that is wet. Twists come down first, unless they stay in.
    /// </summary>
    internal IReadOnlyList<PlanStep> Begin(IReadOnlyList<PlanStep> routine, bool isWashDay)
    {
        // Whether there are twists to undo is up to the hair, and not to a routine that was saved from such a day.
        var steps = routine.Where(step => step.Kind.Id != StepIds.UndoTwists).ToList();
        return Comes switch
        {
            HairComes.Damp => Unwetted(steps),
            HairComes.Washed => Unwetted(Washed(steps)),
            HairComes.Treated => Unwetted(Treated(steps)),
            HairComes.InTwists when isWashDay || steps.Exists(step => step.Kind.Sets is not null) =>
            [
                Put(StepIds.UndoTwists, RoutineWords.HairComesInTwists),
                .. steps,
            ],
            _ => steps,
        };
    }

    private static List<PlanStep> Unwetted(IReadOnlyList<PlanStep> steps) => [.. steps.Where(step => step.Kind.Id != StepIds.Dampen)];

    private static List<PlanStep> Washed(IReadOnlyList<PlanStep> steps) =>
        [.. steps.Take(AfterCleanse(steps)).Where(step => step.Kind.Id == StepIds.Look), .. steps.Skip(AfterCleanse(steps))];

    private static int AfterCleanse(IReadOnlyList<PlanStep> steps)
    {
        var behind = steps.ToList().FindLastIndex(step => step.Kind.IsCleanse) + 1;
        return behind < steps.Count && steps[behind].Kind.Id == StepIds.Rinse ? behind + 1 : behind;
    }

    /// <summary>
    /// From the treatment of the routine that it is, or stands for. What the routine knows nothing of is worn to its end, before the
    /// cleanse or in place of what would follow it.
    /// </summary>
    private List<PlanStep> Treated(IReadOnlyList<PlanStep> steps)
    {
        var on = Put(On!.Id, RoutineWords.ItIsOnAlready) with { OnForMinutes = OnForMinutes };
        int First(Predicate<StepKind> of) => steps.ToList().FindIndex(step => of(step.Kind));
        var same = First(kind => kind.Puts == On.Puts && kind.IsBeforeCleanse == On.IsBeforeCleanse);
        var alike = same >= 0 || !On.IsConditioning ? same : First(kind => kind.IsConditioning);
        return alike >= 0 ? [on, .. steps.Skip(alike + 1)]
            : On.IsBeforeCleanse ? [on, .. steps.Skip(Math.Max(0, First(kind => kind.IsCleanse)))]
            : [on, Put(StepIds.Rinse, RoutineWords.WhatWasOnComesOff), .. steps.Skip(AfterCleanse(steps))];
    }

    private static PlanStep Put(string kind, string why) => new($"{kind}-first", StepCatalogue.Get(kind)) { Reason = why };
}
