namespace Kamuri.Core.Running;

/// <summary>
/// Folds events into the state of a session. Pure, and total: an event that no longer makes sense changes nothing.
/// Events count once by id, and in the order of their moments whatever order they arrived in; what happened at the very
/// same moment counts endings before beginnings.
/// </summary>
public static class SessionFold
{
    public static SessionState Fold(SessionPlan plan, IEnumerable<SessionEvent> events)
    {
        var known = events
            .GroupBy(happened => happened.Id)
            .Select(group => group.First())
            .OrderBy(happened => happened.At)
            .ThenBy(Rank)
            .ThenBy(happened => happened.Id)
            .ToList();
        var undone = known.OfType<EventUndone>().Select(undo => undo.Target).ToHashSet();
        var state = new SessionState();
        foreach (var happened in known.Where(happened => happened is not EventUndone && !undone.Contains(happened.Id)))
        {
            state = Apply(plan, state, happened);
        }

        return state;
    }

    private static int Rank(SessionEvent happened) => happened switch
    {
        SessionStarted => 0,
        SectionDone => 1,
        TaskDone => 2,
        TaskSkipped => 3,
        TaskStarted => 4,
        SessionFinished => 9,
        _ => 5,
    };

    private static SessionState Apply(SessionPlan plan, SessionState state, SessionEvent happened)
    {
        if (happened is SessionStarted)
        {
            return state.Status == SessionStatus.NotStarted
                ? state with { Status = SessionStatus.Running, StartedAt = happened.At }
                : state;
        }

        if (state.Status is SessionStatus.NotStarted or SessionStatus.Finished)
        {
            return state;
        }

        var next = happened switch
        {
            TaskStarted started => Start(plan, state, started.Task, started.At),
            SectionDone section => Tick(plan, state, section),
            TaskDone done => Finish(plan, state, done.Task, done.At),
            TaskSkipped skipped => Skip(plan, state, skipped),
            TaskExtended extended => Change(plan, state, extended.Task, task => task with { Extra = task.Extra + extended.Minutes }),
            SessionPaused => state.Status == SessionStatus.Running ? state with { Status = SessionStatus.Paused, PausedAt = happened.At } : state,
            SessionResumed => Resume(plan, state, happened.At),
            NoteTaken note => state with { Notes = state.Notes.Add(new Note(note.At, note.Text, note.Task)) },
            HeadRated rated => plan.FindHead(rated.Head) is null ? state : state with { HeadRatings = state.HeadRatings.SetItem(rated.Head, rated.Ratings) },
            SessionFinished finished => End(plan, state, finished),
            _ => state,
        };
        return ReferenceEquals(next, state) ? state : next with { Undoable = next.Undoable.Add(happened) };
    }

    private static SessionState Start(SessionPlan plan, SessionState state, string id, DateTimeOffset at)
    {
        if (plan.FindTask(id) is null || state.Task(id).Status != TaskStatus.Waiting)
        {
            return state;
        }

        // Beginning work on a strand ends what was working by itself before it: rinsing ends the deep condition.
        foreach (var before in plan.Links.Where(link => link.To == id).Select(link => link.From))
        {
            if (plan.FindTask(before) is { IsHandsOn: false } && state.Task(before).Status == TaskStatus.Running)
            {
                state = Set(state, before, state.Task(before) with { Status = TaskStatus.Done, End = at });
            }
        }

        return Set(state, id, state.Task(id) with { Status = TaskStatus.Running, Start = at });
    }

    private static SessionState Tick(SessionPlan plan, SessionState state, SectionDone section)
    {
        if (plan.FindTask(section.Task) is not { } task || section.Section < 1 || section.Section > task.Sections)
        {
            return state;
        }

        var current = state.Task(section.Task);
        if (current.IsOver || current.Sections.Contains(section.Section))
        {
            return state;
        }

        if (current.Status == TaskStatus.Waiting)
        {
            state = Start(plan, state, section.Task, section.At);
            current = state.Task(section.Task);
        }

        state = Set(state, section.Task, current with { Sections = current.Sections.Add(section.Section) });
        return state.Task(section.Task).Sections.Count == task.Sections ? Finish(plan, state, section.Task, section.At) : state;
    }

    private static SessionState Finish(SessionPlan plan, SessionState state, string id, DateTimeOffset at)
    {
        if (plan.FindTask(id) is null || state.Task(id).IsOver)
        {
            return state;
        }

        if (state.Task(id).Status == TaskStatus.Waiting)
        {
            state = Start(plan, state, id, at);
        }

        state = Set(state, id, state.Task(id) with { Status = TaskStatus.Done, End = at });
        return BeginWaits(plan, state, id, at);
    }

    /// <summary>What works by itself begins the moment the work before it is over.</summary>
    private static SessionState BeginWaits(SessionPlan plan, SessionState state, string id, DateTimeOffset at)
    {
        foreach (var follower in plan.Links.Where(link => link.From == id).Select(link => link.To))
        {
            if (plan.FindTask(follower) is { IsHandsOn: false } && state.Task(follower).Status == TaskStatus.Waiting)
            {
                state = Set(state, follower, state.Task(follower) with { Status = TaskStatus.Running, Start = at });
            }
        }

        return state;
    }

    /// <summary>Leaving work out leaves out what would have worked because of it.</summary>
    private static SessionState Skip(SessionPlan plan, SessionState state, TaskSkipped skipped)
    {
        if (plan.FindTask(skipped.Task) is not { } task || state.Task(task.Id).IsOver)
        {
            return state;
        }

        var current = state.Task(task.Id);
        state = Set(state, task.Id, current with { Status = TaskStatus.Skipped, End = current.Start is null ? null : skipped.At });
        foreach (var follower in plan.Links.Where(link => link.From == task.Id).Select(link => plan.FindTask(link.To)))
        {
            if (task.IsHandsOn && follower is { IsHandsOn: false } && state.Task(follower.Id).Status == TaskStatus.Waiting)
            {
                state = Set(state, follower.Id, TaskState.Untouched with { Status = TaskStatus.Skipped });
            }
        }

        return state;
    }

    private static SessionState Resume(SessionPlan plan, SessionState state, DateTimeOffset at)
    {
        if (state.Status != SessionStatus.Paused)
        {
            return state;
        }

        var stood = (at - state.PausedAt!.Value).TotalMinutes;
        foreach (var task in plan.Tasks.Where(task => task.IsHandsOn && state.Task(task.Id).Status == TaskStatus.Running))
        {
            state = Set(state, task.Id, state.Task(task.Id) with { Paused = state.Task(task.Id).Paused + stood });
        }

        return state with { Status = SessionStatus.Running, PausedAt = null };
    }

    private static SessionState End(SessionPlan plan, SessionState state, SessionFinished finished)
    {
        foreach (var task in plan.Tasks.Where(task => state.Task(task.Id).Status == TaskStatus.Running))
        {
            state = Set(state, task.Id, state.Task(task.Id) with { Status = TaskStatus.Done, End = finished.At });
        }

        return state with
        {
            Status = SessionStatus.Finished,
            FinishedAt = finished.At,
            PausedAt = null,
            Ratings = finished.Ratings,
            ClosingNote = finished.Note,
        };
    }

    private static SessionState Change(SessionPlan plan, SessionState state, string id, Func<TaskState, TaskState> change) =>
        plan.FindTask(id) is null || state.Task(id).IsOver ? state : Set(state, id, change(state.Task(id)));

    private static SessionState Set(SessionState state, string id, TaskState task) =>
        state with { Tasks = state.Tasks.SetItem(id, task) };
}
