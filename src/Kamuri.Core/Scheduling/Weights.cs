namespace Kamuri.Core.Scheduling;

/// <summary>What counts for how much: each of the hours for more than all that follow it, and all of them for more than tidiness.</summary>
internal static class Weights
{
    /// <summary>A minute that somebody is late.</summary>
    public const long Late = 1_000_000;

    /// <summary>A minute by which a wait is shorter than usual.</summary>
    public const long Shortened = 20_000;

    /// <summary>That any wait is shortened more than halfway to its shortest: as much as a quarter of an hour of waits.</summary>
    public const long NotGentle = 15 * Shortened;

    /// <summary>A minute of the whole.</summary>
    public const long Total = 400;

    /// <summary>A minute that a day begins later than it might.</summary>
    public const long Soon = 40;

    /// <summary>
    /// Towards an hour, a minute that a day begins earlier: to be a day early is worth some hours of length, or a quarter of an hour of
    /// waits.
    /// </summary>
    public const long Early = 200;

    /// <summary>Tidiness: a minute held past usual.</summary>
    public const long PastUsual = 8;

    /// <summary>Tidiness: a minute that a head waits for its own end.</summary>
    public const long OwnEnd = 2;

    /// <summary>Tidiness: an idle minute on a strand.</summary>
    public const long Idle = 1;
}
