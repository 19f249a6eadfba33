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
            // How it turned out is often seen only later.
            if (happened is HeadRated later)
            {
                return plan.FindHead(later.Head) is null
                    ? new Refusal(RefusalKind.Unknown, RunWords.ThisSessionHasNoHeadHead(later.Head))
                    : CheckRatings(later.Ratings);
            }

            // A finished session is reopened by taking its end back; nothing else happens in it.
            if (happened is EventUndone undone && state.Undoable.LastOrDefault() is SessionFinished end && end.Id == undone.Target)
            {
                return null;
            }

            return new Refusal(RefusalKind.Conflict, RunWords.ThisSessionIsFinishedAndCannot);
        }

        if (happened is SessionStarted)
        {
            return state.Status == SessionStatus.NotStarted ? null : new Refusal(RefusalKind.Conflict, RunWords.ThisSessionHasAlreadyBegun);
        }

        if (state.StartedAt is not { } started)
        {
            return new Refusal(RefusalKind.Conflict, RunWords.ThisSessionHasNotBegunYet);
        }

        if (happened.At > now + Tolerance)
        {
            return new Refusal(RefusalKind.Invalid, RunWords.ThatTimeIsInTheFuture);
        }

        if (happened.At < started)
        {
            return new Refusal(RefusalKind.Invalid, RunWords.ThatTimeIsBeforeTheSession);
        }

        return happened switch
        {
            TaskStarted e => CheckTask(plan, e.Task) ?? CheckStart(plan, state, e.Task),
            SectionDone e => CheckTask(plan, e.Task) ?? CheckSection(plan.FindTask(e.Task)!, state, e),
            TaskDone e => CheckTask(plan, e.Task) ?? CheckOpen(plan, state, e.Task),
            TaskSkipped e => CheckTask(plan, e.Task) ?? CheckOpen(plan, state, e.Task),
            TaskExtended e => CheckTask(plan, e.Task)
                ?? CheckOpen(plan, state, e.Task)
                ?? (e.Minutes is > 0 and <= MostExtra ? null : new Refusal(RefusalKind.Invalid, RunWords.MoreTimeIs($"{MostExtra:0}"))),
            AwayTold e => CheckTask(plan, e.Task)
                ?? (
                    state.Task(e.Task) is { Status: TaskStatus.Running }
                        ? null
                        : new Refusal(RefusalKind.Conflict, RunWords.NobodyIsOn(plan.FindTask(e.Task)!.Title))
                )
                ?? (
                    e.Minutes >= 0 && e.Minutes <= (e.At - (state.Task(e.Task).HeardAt ?? e.At)).TotalMinutes + Tolerance.TotalMinutes
                        ? null
                        : new Refusal(RefusalKind.Invalid, RunWords.NotAwayThatLong)
                ),
            SessionPaused => state.Status == SessionStatus.Paused ? new Refusal(RefusalKind.Conflict, RunWords.ItIsPausedAlready) : null,
            SessionResumed => state.Status == SessionStatus.Running ? new Refusal(RefusalKind.Conflict, RunWords.ItIsNotPaused) : null,
            NoteTaken e => string.IsNullOrWhiteSpace(e.Text)
                ? new Refusal(RefusalKind.Invalid, RunWords.WriteSomethingInTheNote)
                : CheckNote(e.Text),
            ReadingTaken e => (e.Task is null ? null : CheckTask(plan, e.Task))
                ?? (TakenReading.Wrong(e.Kind, e.Value) is { } wrong ? new Refusal(RefusalKind.Invalid, wrong) : null),
            EventUndone e => state.Undoable.Any(done => done.Id == e.Target)
                ? null
                : new Refusal(RefusalKind.Unknown, RunWords.ThereIsNothingLikeThatTo),
            OrderChanged e => e.Order.Select(each => CheckTask(plan, each.Task)).FirstOrDefault(wrong => wrong is not null),
            MishapHandled e => plan.FindHead(e.Head) is null
                ? new Refusal(RefusalKind.Unknown, RunWords.ThisSessionHasNoHeadHead(e.Head))
                : null,
            HeadRated e => plan.FindHead(e.Head) is null
                ? new Refusal(RefusalKind.Unknown, RunWords.ThisSessionHasNoHeadHead(e.Head))
                : CheckRatings(e.Ratings),
            SessionFinished e => CheckRatings(e.Ratings) ?? CheckNote(e.Note),
            _ => new Refusal(RefusalKind.Invalid, RunWords.KamuriDoesNotKnowThisKind),
        };
    }

    private static Refusal? CheckTask(SessionPlan plan, string task) =>
        plan.FindTask(task) is null ? new Refusal(RefusalKind.Unknown, RunWords.ThisSessionHasNoTaskTask(task)) : null;

    private static Refusal? CheckOpen(SessionPlan plan, SessionState state, string task) =>
        state.Task(task).IsOver ? new Refusal(RefusalKind.Conflict, RunWords.FindTaskIsOverAlready(plan.FindTask(task)!.Title)) : null;

    /// <summary>What keeps a task from being begun as things stand; null when it can be.</summary>
    internal static Refusal? CheckStart(SessionPlan plan, SessionState state, string task)
    {
        if (state.Task(task).Status != TaskStatus.Waiting)
        {
            return new Refusal(RefusalKind.Conflict, RunWords.FindTaskHasBegunAlready(plan.FindTask(task)!.Title));
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
            return new Refusal(RefusalKind.Conflict, RunWords.OpenComesFirstFinishOrSkip(open.Title));
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
                plan.Hands.Count > 1 && busy.By is { } who ? RunWords.NamedHandsAreOn(who, busy.Title) : RunWords.HandsAreOn(busy.Title)
            )
            : null;
    }

    private static Refusal? CheckSection(SessionTask task, SessionState state, SectionDone section)
    {
        if (section.Section < 1 || section.Section > task.Sections)
        {
            return new Refusal(
                RefusalKind.Invalid,
                task.Sections == 0
                    ? RunWords.TaskIsNotDoneInSections(task.Title)
                    : RunWords.TaskHasSections1ToSections(task.Title, $"{task.Sections}")
            );
        }

        return state.Task(task.Id).Status switch
        {
            TaskStatus.Done or TaskStatus.Skipped => new Refusal(RefusalKind.Conflict, RunWords.TaskIsOverAlready(task.Title)),
            TaskStatus.Waiting => new Refusal(RefusalKind.Conflict, RunWords.TaskHasNotBegunYet(task.Title)),
            _ => state.Task(task.Id).Sections.Contains(section.Section)
                ? new Refusal(RefusalKind.Conflict, RunWords.SectionSectionIsAlreadyTicked($"{section.Section}"))
                : null,
        };
    }

    private static Refusal? CheckNote(string? text) =>
        text is { Length: > LongestNote } ? new Refusal(RefusalKind.Invalid, RunWords.ANoteHoldsAtMostLongestNote($"{LongestNote}")) : null;

    private static Refusal? CheckRatings(Ratings ratings) =>
        ratings.Given().All(rating => rating is >= Ratings.Least and <= Ratings.Most)
            ? null
            : new Refusal(RefusalKind.Invalid, RunWords.RatingsGoFromLeastToMost($"{Ratings.Least}", $"{Ratings.Most}"));
}
