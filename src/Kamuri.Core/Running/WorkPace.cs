namespace Kamuri.Core.Running;

/// <summary>How fast work in sections goes, and how long the rest of it takes at that pace.</summary>
public static class WorkPace
{
    /// <summary>
    /// The plan’s own pace counts as much as so many sections (product default): the first section, with its clips and its comb to
    /// find, says little, and the sixth says nearly all.
    /// </summary>
    public const double PlanCountsAs = 2;

    /// <summary>
    /// What took less than one part in so many of its time was ticked and not timed (product default): somebody caught up with their
    /// ticks.
    /// </summary>
    private const double TimedFromOneIn = 5;

    /// <summary>Whether work that took so long was timed at all.</summary>
    /// <param name="planned">Minutes it takes by the plan.</param>
    /// <param name="took">Minutes from its start to its end, without pauses.</param>
    public static bool IsTimed(double planned, double took) => took * TimedFromOneIn >= planned;

    /// <summary>Minutes a section takes by the plan; 0 for work that is not done in sections.</summary>
    public static double Planned(SessionTask task) => task.Sections == 0 ? 0 : task.PlannedMinutes / task.Sections;

    /// <summary>Minutes a section has taken so far; null before the first is ticked, and while none was timed.</summary>
    public static double? SoFar(SessionTask task, TaskState state) =>
        state.Sections.Count > 0
        && (state.WorkedAtTick - state.CountedFrom) / state.Sections.Count is var minutes
        && IsTimed(Planned(task), minutes)
            ? minutes
            : null;

    /// <summary>Minutes a section will take: as so far, drawn towards the plan while few are done.</summary>
    public static double Expected(SessionTask task, TaskState state) =>
        SoFar(task, state) is { } soFar
            ? (Planned(task) * PlanCountsAs + soFar * state.Sections.Count) / (PlanCountsAs + state.Sections.Count)
            : Planned(task);

    /// <summary>
    /// Minutes from the moment the work was last begun to its end, without pauses: the plan's, or what the pace so far makes of it. Work
    /// that was laid down takes what was left of it.
    /// </summary>
    /// <param name="task">The task.</param>
    /// <param name="state">How it stands.</param>
    /// <param name="worked">Minutes worked on it since it was last begun.</param>
    public static double Minutes(SessionTask task, TaskState state, double worked = 0)
    {
        if (state.Sections.Count == 0)
        {
            var all = state.CountedFrom + task.PlannedMinutes + state.Extra;
            return state.Spent > 0 ? Math.Max(1, all - state.Spent) : all;
        }

        // The section in hand is over at once, at the soonest; the others take their time.
        var (open, pace) = (task.Sections - state.Sections.Count, Expected(task, state));
        return Math.Max(
            state.WorkedAtTick + open * pace + state.Extra - state.Spent,
            worked + Math.Max(state.Spent > 0 ? 1 : 0, (open - 1) * pace)
        );
    }

    /// <summary>"2.5 min a section so far, 3 planned"; null while nothing was timed.</summary>
    public static string? Sentence(SessionTask task, TaskState state)
    {
        static string Number(double minutes)
        {
            var parts = minutes < 10 ? 2 : 1;
            return FormattableString.Invariant($"{Math.Round(minutes * parts, MidpointRounding.AwayFromZero) / parts:0.#}");
        }

        return SoFar(task, state) is { } soFar ? RunWords.Pace(Number(soFar), Number(Planned(task))) : null;
    }
}
