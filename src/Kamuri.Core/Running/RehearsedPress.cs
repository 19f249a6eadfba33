namespace Kamuri.Core.Running;

/// <summary>What somebody would press who keeps exactly to the plan: a rehearsal plays itself with it.</summary>
public static class RehearsedPress
{
    /// <summary>The press that is due at a moment; null when none is, and in a pause. Another may be due once it is taken.</summary>
    /// <param name="begun">The plan as it was begun.</param>
    /// <param name="state">How the session stands.</param>
    /// <param name="at">The moment.</param>
    public static SessionEvent? Due(SessionPlan begun, SessionState state, DateTimeOffset at)
    {
        var plan = begun.With(state);
        if (state.Status == SessionStatus.Paused)
        {
            return null;
        }

        var moment = SessionTiming.At(begun, state, at);
        return moment.Hands.Select(hands => Press(plan, state, moment, hands, at)).FirstOrDefault(press => press is not null)
            ?? moment
                .Counting.Where(wait =>
                    wait.UsualAt <= at && plan.Links.All(link => link.From != wait.Task.Id || state.Task(link.To).IsOver)
                )
                .Select(wait => new TaskDone(Guid.CreateVersion7(), at, wait.Task.Id))
                .FirstOrDefault();
    }

    private static SessionEvent? Press(SessionPlan plan, SessionState state, SessionMoment moment, HandsMoment hands, DateTimeOffset at)
    {
        if (hands.Doing is { } doing)
        {
            var now = state.Task(doing.Id);
            var (worked, whole) = (now.WorkedBy(at), doing.PlannedMinutes + now.Extra);
            return doing.Sections == 0
                ? worked >= whole
                    ? new TaskDone(Guid.CreateVersion7(), at, doing.Id)
                    : null
                : worked >= (now.Sections.Count + 1) * whole / doing.Sections
                    ? new SectionDone(
                        Guid.CreateVersion7(),
                        at,
                        doing.Id,
                        Enumerable.Range(1, doing.Sections).First(section => !now.Sections.Contains(section))
                    )
                    : null;
        }

        return
            hands is { Next: { } next, NextFrom: null, RestUntil: null, WaitsFor: null }
            && moment.Times[next.Id].Start <= at
            && SessionCommands.CheckStart(plan, state, next.Id) is null
            ? new TaskStarted(Guid.CreateVersion7(), at, next.Id)
            : null;
    }
}
