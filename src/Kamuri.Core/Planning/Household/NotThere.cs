using Kamuri.Core.Steps;

namespace Kamuri.Core.Planning.Household;

/// <summary>A time in which somebody or something of a day cannot be had. The end is free again.</summary>
/// <param name="Who">The key of a head or the name of a pair of hands; null for a thing.</param>
/// <param name="What">What others have taken; null for somebody.</param>
/// <param name="From">From here on.</param>
/// <param name="To">Until here; null for the rest of the day.</param>
public sealed record NotThere(string? Who, Resource? What, DateTimeOffset From, DateTimeOffset? To)
{
    /// <summary>They are in bed, which is a reason to plan nothing but not to wait.</summary>
    public bool IsAsleep { get; init; }

    /// <summary>How many of a thing are left meanwhile.</summary>
    public int Left { get; init; }
}
