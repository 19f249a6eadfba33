namespace Kamuri.Core.Running;

/// <summary>What hands go on to by themselves when work is done, so that nobody has to press for it.</summary>
public static class GoingOn
{
    /// <summary>How far off a task may be and still be gone on to.</summary>
    private static readonly TimeSpan AtOnce = TimeSpan.FromMinutes(1);

    /// <summary>
    /// The task the hands that did it begin at once; null when they have something to wait for, a break to take, or nothing left. With
    /// several pairs of hands, work that is nobody’s own leads nowhere.
    /// </summary>
    /// <param name="plan">The plan as it was begun.</param>
    /// <param name="state">How the session stands with the work done.</param>
    /// <param name="task">What was done.</param>
    /// <param name="at">When.</param>
    public static string? After(SessionPlan plan, SessionState state, string task, DateTimeOffset at)
    {
        var current = plan.With(state);
        if (
            state.Status != SessionStatus.Running
            || !state.Task(task).IsOver
            || current.FindTask(task) is not { IsHandsOn: true } done
            || (current.Hands.Count > 1 && done.By is null)
        )
        {
            return null;
        }

        var moment = SessionTiming.At(plan, state, at);
        var hands = moment.Hands.FirstOrDefault(each => each.Name == done.By) ?? moment.Hands[0];
        return
            hands is { Doing: null, Next: { } next, NextFrom: null, RestUntil: null, WaitsFor: null }
            && moment.Times[next.Id].Start <= at + AtOnce
            && SessionCommands.CheckStart(current, state, next.Id) is null
            ? next.Id
            : null;
    }
}
