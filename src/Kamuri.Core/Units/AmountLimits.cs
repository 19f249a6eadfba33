namespace Kamuri.Core.Units;

/// <summary>What an amount that somebody enters may be, so that a slip of the finger does not reach a plan.</summary>
public static class AmountLimits
{
    /// <summary>The smallest pack, in ml.</summary>
    public const double SmallestPack = 0.1;

    /// <summary>The most of anything in one place, in ml.</summary>
    public const double Most = 20_000;
}
