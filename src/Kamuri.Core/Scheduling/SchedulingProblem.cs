using Kamuri.Core.Steps;

namespace Kamuri.Core.Scheduling;

/// <summary>One thing to place in time, in whole minutes.</summary>
/// <param name="Id">Unique within the problem.</param>
/// <param name="Strand">The head or the kitchen it belongs to.</param>
/// <param name="Shortest">Least minutes it may take.</param>
/// <param name="Usual">Minutes it should take.</param>
/// <param name="Longest">Most minutes it may take.</param>
/// <param name="Uses">What it keeps occupied, one of each.</param>
public sealed record Job(string Id, string Strand, int Shortest, int Usual, int Longest, IReadOnlyList<Resource> Uses)
{
    /// <summary>True when the job keeps hands busy.</summary>
    public bool IsHandsOn => Uses.Contains(Resource.Hands);
}

/// <summary>One job comes behind another, with at least and at most so many minutes in between.</summary>
public sealed record Link(string From, string To, int LeastGap = 0, int? MostGap = null);

/// <summary>Jobs, their order, and how many of each resource there are.</summary>
/// <param name="Jobs">Everything to place.</param>
/// <param name="Links">What comes behind what.</param>
/// <param name="Capacity">How many of each resource; missing means none.</param>
/// <param name="Deadline">
/// Minutes from the start in which all should be done. With one, waits may be shortened towards their earliest to meet
/// it; null keeps every wait at its usual or longer.
/// </param>
public sealed record SchedulingProblem(
    IReadOnlyList<Job> Jobs,
    IReadOnlyList<Link> Links,
    IReadOnlyDictionary<Resource, int> Capacity,
    int? Deadline = null);

/// <summary>Where a job came to lie, in minutes from the start.</summary>
public sealed record Placement(Job Job, int Start, int End)
{
    public int Minutes => End - Start;
}

/// <summary>A placed problem.</summary>
/// <param name="Placements">Every job, by start.</param>
/// <param name="Span">Minutes from the start to the last end.</param>
/// <param name="LowerBound">No schedule of this problem ends before so many minutes.</param>
/// <param name="Proven">Whether this one is proven best.</param>
public sealed record Schedule(IReadOnlyList<Placement> Placements, int Span, int LowerBound, bool Proven);

/// <summary>Places jobs on shared resources.</summary>
public interface IScheduler
{
    /// <summary>
    /// The best schedule, the same for the same problem every time; null when the jobs cannot be placed at all
    /// (a resource nobody has, an order that bites its own tail).
    /// </summary>
    Schedule? Solve(SchedulingProblem problem);
}
