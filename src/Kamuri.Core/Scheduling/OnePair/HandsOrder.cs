namespace Kamuri.Core.Scheduling.OnePair;

/// <summary>An order of hands.</summary>
/// <param name="Jobs">Each job, and whether hands rest before it.</param>
/// <param name="Ends">Minutes to the last end of all, at least.</param>
public sealed record HandsOrder(IReadOnlyList<(HandStep Step, bool AfterBreak)> Jobs, int Ends);
