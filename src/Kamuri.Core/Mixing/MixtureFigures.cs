using Kamuri.Core.Heads;

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

    /// <summary>Time between a patch test and the first use.</summary>
    public TimeSpan PatchTestWait { get; init; } = TimeSpan.FromHours(24);

    /// <summary>The limit for a head, in % by volume; 0 for none at all.</summary>
    public double EssentialOilLimit(Head head, bool leaveOn) => (head.AgeGroup, head.AskClinician, leaveOn) switch
    {
        (_, true, _) or (AgeGroup.UnderSix, _, _) or (AgeGroup.SixToTwelve, _, true) => 0,
        (AgeGroup.SixToTwelve, _, _) => ChildRinseOff,
        (_, _, true) => AdultLeaveOn,
        _ => AdultRinseOff,
    };
}
