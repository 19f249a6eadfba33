using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling;

/// <summary>A job as it lies in a schedule.</summary>
/// <param name="Id">Unique within the schedule.</param>
/// <param name="Start">Minutes from the start.</param>
/// <param name="End">Minutes from the start.</param>
/// <param name="Uses">What it keeps occupied.</param>
/// <param name="By">Whose hands do it; null when only their number matters.</param>
/// <param name="With">The head hands are on; null for none.</param>
/// <param name="Longest">Minutes that a wait may go on; 0 for what takes as long as it takes.</param>
public readonly record struct OrderedJob(
    string Id,
    double Start,
    double End,
    IReadOnlyList<Resource> Uses,
    string? By = null,
    string? With = null,
    double Longest = 0
)
{
    internal static OrderedJob Of(Placement placed) =>
        new(
            placed.Job.Id,
            placed.Start,
            placed.End,
            placed.Job.Uses,
            placed.By,
            placed.Job.IsHandsOn ? placed.Job.With : null,
            placed.Job.IsHandsOn ? 0 : placed.Job.Longest
        );
}
