using Kamuri.Core.Heads;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>Limits of mixtures on a head. Craft defaults; a household may only tighten them.</summary>
public sealed record MixtureFigures
{
    /// <summary>Most essential oil in what is rinsed off an adult, % by volume.</summary>
    public double AdultRinseOff { get; init; } = 2;

    /// <summary>Most essential oil in what stays on an adult scalp, % by volume.</summary>
    public double AdultLeaveOn { get; init; } = 1;

    /// <summary>Most essential oil in what is rinsed off a child of 6 to 12, % by volume; nothing may stay on.</summary>
    public double ChildRinseOff { get; init; } = 0.5;

    /// <summary>Most of the sharp essential oils, of the peppermint and tea-tree kind, on anybody, % by volume.</summary>
    public double SharpOil { get; init; } = 1;

    /// <summary>How long what has to be chilled may stand in the room.</summary>
    public TimeSpan WarmAtMost { get; init; } = TimeSpan.FromHours(4);

    /// <summary>Days what was thawed is good for, in the fridge.</summary>
    public int ThawedDays { get; init; } = 1;

    /// <summary>Days a batch that looks and smells as it should is given from that day, never past its longest.</summary>
    public int LookGoodForDays { get; init; } = 2;

    /// <summary>A frozen portion; an ice-tray cube or two (craft default).</summary>
    public Millilitres FrozenPortion { get; init; } = new(30);

    /// <summary>Minutes a jar of oil takes to warm in hot water.</summary>
    public Window WarmingOil { get; init; } = new(3, 5, 6);

    /// <summary>Minutes portions take to thaw.</summary>
    public Window Thawing { get; init; } = new(20, 30, 180);

    /// <summary>Waits longer than this are begun before the day of the session.</summary>
    public TimeSpan LongestInDay { get; init; } = TimeSpan.FromHours(3);

    /// <summary>Uses a product must still have in it; below that it is on the shopping list.</summary>
    public double UsesInReserve { get; init; } = 2;

    /// <summary>Made for a step beyond what it takes, so that it reaches: what sticks to bowl and hands.</summary>
    public double MadeBeyond { get; init; } = 1.1;

    /// <summary>Time between a patch test and the first use.</summary>
    public TimeSpan PatchTestWait { get; init; } = TimeSpan.FromHours(24);

    /// <summary>The limit for a head, in % by volume; 0 for none at all.</summary>
    public double EssentialOilLimit(Head head, bool leaveOn) =>
        (head.AgeGroup, head.AskClinician, leaveOn) switch
        {
            (_, true, _) or (AgeGroup.UnderSix, _, _) or (AgeGroup.SixToTwelve, _, true) => 0,
            (AgeGroup.SixToTwelve, _, _) => ChildRinseOff,
            (_, _, true) => AdultLeaveOn,
            _ => AdultRinseOff,
        };
}
