namespace Kamuri.Core.Timing;

/// <summary>When people need a break. Craft defaults; settable.</summary>
public sealed record BreakFigures
{
    /// <summary>Longest a pair of hands goes on without a break, in minutes; 60 to 75 are usual.</summary>
    public int LongestAtWork { get; init; } = 75;

    /// <summary>Shortest pause of the hands that is a break, in minutes.</summary>
    public int BreakMinutes { get; init; } = 10;

    /// <summary>Shortest pause for a child whose hair is being done, in minutes.</summary>
    public int ChildPauseMinutes { get; init; } = 5;
}
