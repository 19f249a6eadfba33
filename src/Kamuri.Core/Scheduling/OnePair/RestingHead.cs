namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>A head that needs pauses, however hands go on.</summary>
/// <param name="Name">Who.</param>
/// <param name="Rest">How long they hold still, and how long they are let be.</param>
/// <param name="Number">The first is 0.</param>
/// <param name="Target">The target that stands for their having rested, if nobody works on them from now on.</param>
public sealed record RestingHead(string Name, Rest Rest, int Number, int Target)
{
    /// <summary>The runs that are theirs.</summary>
    internal int[] Runs { get; init; } = [];

    /// <summary>Minutes within which a job fits into a piece of theirs that is a stretch of its own.</summary>
    internal int Nests { get; init; }
}
