namespace Kamuri.Core.Running;

/// <summary>Why an event was not taken.</summary>
public enum RefusalKind
{
    Unknown,
    Invalid,
    Conflict,
}

/// <summary>An event that was not taken, in a sentence for the person.</summary>
public sealed record Refusal(RefusalKind Kind, string Reason);

/// <summary>Checks an event before it is written down. What is written down is never refused later.</summary>
public static class SessionCommands
{
    /// <summary>Longest note, in characters.</summary>
    public const int LongestNote = 2000;

    /// <summary>Most minutes one press may give.</summary>
    public const double MostExtra = 180;

    /// <summary>Clocks of two devices may differ by this much.</summary>
    public static readonly TimeSpan Tolerance = TimeSpan.FromMinutes(1);

    /// <summary>Null when the event may be written down.</summary>
    public static Refusal? Check(SessionPlan begun, SessionState state, SessionEvent happened, DateTimeOffset now)
    {
        var plan = begun.With(state);
        if (state.Status == SessionStatus.Finished)
        {
            // A finished session is reopened by taking its end back; nothing else happens in it.
            if (happened is EventUndone undone && state.Undoable.LastOrDefault() is SessionFinished end && end.Id == undone.Target)
            {
                return null;
            }

            return new Refusal(RefusalKind.Conflict, "This session is finished; what happened in it stays as it was.");
        }

        if (happened is SessionStarted)
        {
            return state.Status == SessionStatus.NotStarted ? null : new Refusal(RefusalKind.Conflict, "This session has already begun.");
        }

        if (state.StartedAt is not { } started)
        {
            return new Refusal(RefusalKind.Conflict, "This session has not begun yet.");
        }

        if (happened.At > now + Tolerance)
        {
            return new Refusal(RefusalKind.Invalid, "That moment lies in the future; check the clock of this device.");
        }

        if (happened.At < started)
        {
            return new Refusal(RefusalKind.Invalid, "That moment lies before the session began.");
        }

        return happened switch
        {
            TaskStarted e => CheckTask(plan, e.Task) ?? CheckStart(plan, state, e.Task),
            SectionDone e => CheckTask(plan, e.Task) ?? CheckSection(plan.FindTask(e.Task)!, state, e),
            TaskDone e => CheckTask(plan, e.Task) ?? CheckOpen(plan, state, e.Task),
            TaskSkipped e => CheckTask(plan, e.Task) ?? CheckOpen(plan, state, e.Task),
            TaskExtended e => CheckTask(plan, e.Task)
                ?? CheckOpen(plan, state, e.Task)
                ?? (
                    e.Minutes is > 0 and <= MostExtra
                        ? null
                        : new Refusal(RefusalKind.Invalid, $"More time is between 1 and {MostExtra:0} minutes.")
                ),
            SessionPaused => state.Status == SessionStatus.Paused ? new Refusal(RefusalKind.Conflict, "It is paused already.") : null,
            SessionResumed => state.Status == SessionStatus.Running ? new Refusal(RefusalKind.Conflict, "It is not paused.") : null,
            NoteTaken e => string.IsNullOrWhiteSpace(e.Text) ? new Refusal(RefusalKind.Invalid, "A note needs words.") : CheckNote(e.Text),
            ReadingTaken e => (e.Task is null ? null : CheckTask(plan, e.Task))
                ?? (TakenReading.Wrong(e.Kind, e.Value) is { } wrong ? new Refusal(RefusalKind.Invalid, wrong) : null),
            EventUndone e => state.Undoable.Any(done => done.Id == e.Target)
                ? null
                : new Refusal(RefusalKind.Unknown, "There is nothing like that to take back in this session."),
            OrderChanged e => e.Order.Select(each => CheckTask(plan, each.Task)).FirstOrDefault(wrong => wrong is not null),
            MishapHandled e => plan.FindHead(e.Head) is null
                ? new Refusal(RefusalKind.Unknown, $"This session has no head '{e.Head}'.")
                : null,
            HeadRated e => plan.FindHead(e.Head) is null
                ? new Refusal(RefusalKind.Unknown, $"This session has no head '{e.Head}'.")
                : CheckRatings(e.Ratings),
            SessionFinished e => CheckRatings(e.Ratings) ?? CheckNote(e.Note),
            _ => new Refusal(RefusalKind.Invalid, "This kind of event is not known here."),
        };
    }

    private static Refusal? CheckTask(SessionPlan plan, string task) =>
        plan.FindTask(task) is null ? new Refusal(RefusalKind.Unknown, $"This session has no task '{task}'.") : null;

    private static Refusal? CheckOpen(SessionPlan plan, SessionState state, string task) =>
        state.Task(task).IsOver ? new Refusal(RefusalKind.Conflict, $"{plan.FindTask(task)!.Title} is over already.") : null;

    private static Refusal? CheckStart(SessionPlan plan, SessionState state, string task)
    {
        if (state.Task(task).Status != TaskStatus.Waiting)
        {
            return new Refusal(RefusalKind.Conflict, $"{plan.FindTask(task)!.Title} has begun already.");
        }

        // A break is advice; it holds nobody up.
        var open = plan
            .Links.Where(link => link.To == task && link.LeastGap == 0)
            .Select(link => plan.FindTask(link.From)!)
            .FirstOrDefault(before =>
                before.IsHandsOn ? !state.Task(before.Id).IsOver : state.Task(before.Id).Status == TaskStatus.Waiting
            );
        if (open is not null)
        {
            return new Refusal(RefusalKind.Conflict, $"{open.Title} comes first; finish or skip it.");
        }

        var asked = plan.FindTask(task)!;
        var busy = plan.Tasks.FirstOrDefault(other =>
            other.IsHandsOn
            && state.Task(other.Id).Status == TaskStatus.Running
            && (other.By == asked.By || (other.Strand == asked.Strand && plan.FindHead(other.Strand) is not null))
        );
        return asked.IsHandsOn && busy is not null
            ? new Refusal(
                RefusalKind.Conflict,
                $"{(plan.Hands.Count > 1 && busy.By is { } who ? $"{who}’s hands" : "Hands")} are still on {busy.Title.ToLowerInvariant()}; finish or skip it first."
            )
            : null;
    }

    private static Refusal? CheckSection(SessionTask task, SessionState state, SectionDone section)
    {
        if (section.Section < 1 || section.Section > task.Sections)
        {
            return new Refusal(
                RefusalKind.Invalid,
                task.Sections == 0 ? $"{task.Title} is not done in sections." : $"{task.Title} has sections 1 to {task.Sections}."
            );
        }

        return state.Task(task.Id).Status switch
        {
            TaskStatus.Done or TaskStatus.Skipped => new Refusal(RefusalKind.Conflict, $"{task.Title} is over already."),
            TaskStatus.Waiting => new Refusal(RefusalKind.Conflict, $"{task.Title} has not begun yet."),
            _ => state.Task(task.Id).Sections.Contains(section.Section)
                ? new Refusal(RefusalKind.Conflict, $"Section {section.Section} is ticked already.")
                : null,
        };
    }

    private static Refusal? CheckNote(string? text) =>
        text is { Length: > LongestNote } ? new Refusal(RefusalKind.Invalid, $"A note holds at most {LongestNote} characters.") : null;

    private static Refusal? CheckRatings(Ratings ratings) =>
        ratings.Given().All(rating => rating is >= Ratings.Least and <= Ratings.Most)
            ? null
            : new Refusal(RefusalKind.Invalid, $"Ratings go from {Ratings.Least} to {Ratings.Most}.");
}
