using Kamuri.Core.Running.Mishaps;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Running;

/// <summary>
/// Folds events into the state of a session. Pure, and total: an event that no longer makes sense changes nothing.
/// Events count once by id, and in the order of their moments whatever order they arrived in; what happened at the very
/// same moment counts endings before beginnings.
/// </summary>
public static class SessionFold
{
    /// <summary>Minutes it takes to wet hair again that has dried.</summary>
    private const double MistMinutes = 4;

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
        var current = plan;
        foreach (var happened in known.Where(happened => happened is not EventUndone && !undone.Contains(happened.Id)))
        {
            var next = Apply(current, state, happened);
            if (next.Inserted != state.Inserted || next.Changed != state.Changed || next.First != state.First || next.Order != state.Order)
            {
                current = plan.With(next);
            }

            state = next;
        }

        return state;
    }

    private static int Rank(SessionEvent happened) =>
        happened switch
        {
            SessionStarted or AwayTold => 0,
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
                ? state with
                {
                    Status = SessionStatus.Running,
                    StartedAt = happened.At,
                }
                : state;
        }

        if (state.Status == SessionStatus.Finished && happened is HeadRated later)
        {
            return Rate(plan, state, later);
        }

        if (state.Status is SessionStatus.NotStarted or SessionStatus.Finished)
        {
            return state;
        }

        var next = happened switch
        {
            TaskStarted started => Start(plan, state, started.Task, started.At),
            SectionDone section => GoOn(plan, state, Tick(plan, state, section), section),
            TaskDone done => GoOn(plan, state, Finish(plan, state, done.Task, done.At), done),
            AwayTold told => Away(plan, state, told),
            TaskSkipped skipped => Skip(plan, state, skipped),
            TaskExtended extended => Change(plan, state, extended.Task, task =>
                task with
                {
                    Extra = task.Extra + extended.Minutes,
                    HeardAt = extended.At,
                }
            ),
            SessionPaused => state.Status == SessionStatus.Running
                ? state with
                {
                    Status = SessionStatus.Paused,
                    PausedAt = happened.At,
                }
                : state,
            SessionResumed => Resume(plan, state, happened.At),
            NoteTaken note => state with { Notes = state.Notes.Add(new Note(note.At, note.Text, note.Task)) },
            ReadingTaken reading => Read(plan, state, reading),
            MishapHandled mishap => Handle(plan, state, mishap),
            OrderChanged order => state with { Order = new NewOrder([.. order.Order], [.. order.Gaps]) },
            HeadRated rated => Rate(plan, state, rated),
            SessionFinished finished => End(plan, state, finished),
            _ => state,
        };
        return ReferenceEquals(next, state) ? state : next with { Undoable = next.Undoable.Add(happened) };
    }

    private static SessionState Rate(SessionPlan plan, SessionState state, HeadRated rated) =>
        plan.FindHead(rated.Head) is null ? state : state with { HeadRatings = state.HeadRatings.SetItem(rated.Head, rated.Ratings) };

    /// <summary>A thermometer in something that cools says when it can be used, better than any figure.</summary>
    private static SessionState Read(SessionPlan plan, SessionState state, ReadingTaken reading)
    {
        if (TakenReading.Wrong(reading.Kind, reading.Value) is not null)
        {
            return state;
        }

        var taken = new TakenReading(reading.At, reading.Kind, reading.Value, reading.Task);
        if (
            reading.Kind != ReadingKind.Celsius
            || reading.Task is not { } id
            || plan.FindTask(id)?.Cools is not { } cools
            || state.Task(id) is not { Status: TaskStatus.Running, Start: { } began }
        )
        {
            return state with { Readings = state.Readings.Add(taken) };
        }

        var since = state
            .Readings.Where(each => each.Kind == ReadingKind.Celsius && each.Task == id && each.At >= began)
            .Append(taken)
            .Select(each => ((each.At - began).TotalMinutes, each.Value))
            .ToList();
        var measured = cools.Measured(since);
        var passed = since[^1].TotalMinutes;
        return state with
        {
            Readings = state.Readings.Add(
                taken with
                {
                    Cooling = new WarmthLeft(Math.Max(0, Math.Ceiling(measured.Usual - passed)), Math.Floor(measured.Latest - passed)),
                }
            ),
            Changed = state.Changed.SetItem(id, state.Changed.GetValueOrDefault(id, new TaskChange()) with { Measured = measured }),
        };
    }

    private static SessionState Handle(SessionPlan plan, SessionState state, MishapHandled mishap)
    {
        if (plan.FindHead(mishap.Head) is null)
        {
            return state;
        }

        var next = Change(plan, state, mishap.Changes, mishap.At);
        next = mishap.Remember is { } words ? next with { Notes = next.Notes.Add(new Note(mishap.At, words, null)) } : next;
        return mishap.Reactions.Count == 0
            ? next
            : next with
            {
                Reactions = next.Reactions.SetItem(mishap.Head, next.Reactions.GetValueOrDefault(mishap.Head, []).Union(mishap.Reactions)),
            };
    }

    /// <summary>Applies changes to a session; one that no longer makes sense changes nothing.</summary>
    internal static SessionState Change(SessionPlan plan, SessionState state, IReadOnlyList<SessionChange> changes, DateTimeOffset at)
    {
        foreach (var change in changes)
        {
            state = change.Kind switch
            {
                ChangeKind.Skip => Skip(plan, state, new TaskSkipped(Guid.Empty, at, change.Task)),
                ChangeKind.End => state.Task(change.Task).Status == TaskStatus.Running ? Finish(plan, state, change.Task, at) : state,
                ChangeKind.Shorten => plan.FindTask(change.Task) is null
                    ? state
                    : state with
                    {
                        Changed = state.Changed.SetItem(
                            change.Task,
                            state.Changed.GetValueOrDefault(change.Task, new TaskChange()) with
                            {
                                Minutes = change.Minutes,
                            }
                        ),
                    },
                ChangeKind.WithoutHeat => plan.FindTask(change.Task) is null
                    ? state
                    : state with
                    {
                        Changed = state.Changed.SetItem(
                            change.Task,
                            state.Changed.GetValueOrDefault(change.Task, new TaskChange()) with
                            {
                                WithoutHeat = true,
                            }
                        ),
                    },
                ChangeKind.Insert when change.Work is { } work && plan.FindTask(work.Id) is null => state with
                {
                    Inserted = state.Inserted.Add(new Insertion(work, change.Behind)),
                    MistAfter = work.Parks ? change.Minutes : state.MistAfter,
                },
                ChangeKind.First => plan.FindTask(change.Task) is null
                    ? state
                    : state with
                    {
                        First = state.First.Remove(change.Task).Add(change.Task),
                    },
                ChangeKind.ForgetSections => Change(plan, state, change.Task, task =>
                    task with
                    {
                        Sections = [],
                        CountedFrom = task.WorkedBy(at),
                        WorkedAtTick = 0,
                    }
                ),
                ChangeKind.LayDown => LayDown(plan, state, change.Task, at),
                ChangeKind.PutOff when change.Work is { } later && plan.FindTask(later.Id) is null => PutOff(
                    plan,
                    state,
                    change.Task,
                    new Insertion(later, change.Behind),
                    at
                ),
                ChangeKind.Park => state.Status == SessionStatus.Running
                    ? state with
                    {
                        Status = SessionStatus.Paused,
                        PausedAt = at,
                    }
                    : state,
                _ => state,
            };
        }

        return state;
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

        return Set(state, id, state.Task(id) with { Status = TaskStatus.Running, Start = at, HeardAt = at });
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

        state = Set(
            state,
            section.Task,
            current with
            {
                Sections = current.Sections.Add(section.Section),
                WorkedAtTick = current.WorkedBy(section.At),
                HeardAt = section.At,
            }
        );
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
        state = BeginWaits(plan, state, id, at);
        // With several heads the session stops when the last of them is put up.
        return
            plan.FindTask(id)!.Parks
            && state.Status == SessionStatus.Running
            && plan.Tasks.All(other => !other.Parks || state.Task(other.Id).IsOver)
            ? state with
            {
                Status = SessionStatus.Paused,
                PausedAt = at,
                Parked = new Parked(at, state.MistAfter),
            }
            : state;
    }

    /// <summary>The same hands go on to what they came to next, where it can still be begun.</summary>
    private static SessionState GoOn(SessionPlan plan, SessionState before, SessionState state, WorkDone done) =>
        done.Begins is { } next
        && !before.Task(done.Task).IsOver
        && state.Task(done.Task).IsOver
        && state.Status == SessionStatus.Running
        && plan.FindTask(next) is not null
        && SessionCommands.CheckStart(plan, state, next) is null
            ? Start(plan, state, next, done.At)
            : state;

    /// <summary>Time away is no part of the work in hand, and with one pair of hands no part of the day.</summary>
    private static SessionState Away(SessionPlan plan, SessionState state, AwayTold told)
    {
        if (plan.FindTask(told.Task) is not { IsHandsOn: true } || state.Task(told.Task) is not { Status: TaskStatus.Running } task)
        {
            return state;
        }

        var next = Set(state, told.Task, task with { Paused = task.Paused + told.Minutes, HeardAt = told.At });
        return told.Minutes > 0 && plan.Hands.Count <= 1
            ? next with
            {
                Away = next.Away.Add(new TimeAway(told.At.AddMinutes(-told.Minutes), told.At)),
            }
            : next;
    }

    /// <summary>Work that hands are on is put aside: what was done of it stays done, and it waits to be taken up again.</summary>
    private static SessionState LayDown(SessionPlan plan, SessionState state, string id, DateTimeOffset at) =>
        plan.FindTask(id) is { IsHandsOn: true } && state.Task(id) is { Status: TaskStatus.Running } task
            ? Set(
                state,
                id,
                task with
                {
                    Status = TaskStatus.Waiting,
                    Start = null,
                    Paused = 0,
                    FirstBegun = task.FirstBegun ?? task.Start,
                    Spent = task.WorkedBy(state.PausedAt ?? at),
                }
            )
            : state;

    /// <summary>Left out here and done further on: the sections that were done stay done.</summary>
    private static SessionState PutOff(SessionPlan plan, SessionState state, string id, Insertion later, DateTimeOffset at)
    {
        if (plan.FindTask(id) is not { IsHandsOn: true } task || state.Task(id).IsOver)
        {
            return state;
        }

        // Where all of it is put off, the minutes spent on it go along; where something else was done in the same pass, they stay with
        // that.
        var done = LayDown(plan, state, id, at).Task(id);
        state =
            task.StepIds.Count() > 1
                ? Skip(plan, state, new TaskSkipped(Guid.Empty, at, id))
                : Set(state, id, TaskState.Untouched with { Status = TaskStatus.Skipped });
        return Set(state, later.Work.Id, task.StepIds.Count() > 1 ? TaskState.Untouched with { Sections = done.Sections } : done) with
        {
            Inserted = state.Inserted.Add(later),
        };
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
            state = Set(state, task.Id, state.Task(task.Id) with { Paused = state.Task(task.Id).Paused + stood, HeardAt = at });
        }

        return Moisten(plan, state, at) with
        {
            Status = SessionStatus.Running,
            PausedAt = null,
            Parked = null,
            Away = state.Parked is { } parked ? state.Away.Add(new TimeAway(parked.At, at)) : state.Away,
        };
    }

    /// <summary>Hair that was left for hours has dried: it gets a mist before work on it goes on.</summary>
    private static SessionState Moisten(SessionPlan plan, SessionState state, DateTimeOffset at)
    {
        if (state.Parked is not { } parked || (at - parked.At).TotalMinutes < parked.DriesWithin)
        {
            return state;
        }

        foreach (var head in plan.Heads)
        {
            var own = plan.Tasks.Where(task => task.Strand == head.Key && task.IsHandsOn).ToList();
            var ahead = own.Where(task => state.Task(task.Id).Status == TaskStatus.Waiting).ToList();
            var last = own.LastOrDefault(task => state.Task(task.Id).IsTouched && task.StepId is not null);
            if (plan.FindStep(last?.StepId)?.After?.Wetness is not >= Wetness.Blotted)
            {
                continue;
            }

            // There is no water left in it to press or to wring out.
            var dries = ahead
                .TakeWhile(task =>
                    task.StepIds.Any()
                    && task.StepIds.All(step =>
                        SessionPlan.KindOf(step) is { Leaves: Wetness.Blotted or Wetness.Wrung, Puts: null, Removes: Removal.None }
                    )
                )
                .ToList();
            state = dries.Aggregate(state, (dried, task) => Skip(plan, dried, new TaskSkipped(Guid.Empty, at, task.Id)));
            if (ahead.Skip(dries.Count).FirstOrDefault() is { } next && Again(next) is { } work)
            {
                state = state with
                {
                    Inserted = state.Inserted.Add(
                        new Insertion(
                            work with
                            {
                                Id = $"{head.Key}/back-{state.Inserted.Count + 1}-{work.Id}",
                                Strand = head.Key,
                                By = next.By,
                            },
                            own.LastOrDefault(task => task.Parks && state.Task(task.Id).IsOver)?.Id
                        )
                    ),
                };
            }
        }

        return state;
    }

    /// <summary>How dried hair gets wet again for what comes next; null where that brings water itself.</summary>
    private static SessionTask? Again(SessionTask next)
    {
        SessionTask Work(string id, string title, double minutes, IReadOnlyList<Resource> uses) =>
            new(id, null, "", title, true, 0, null, "", uses, 0, minutes);
        return !next.Uses.Contains(Resource.Shower) ? Work("mist", "Mist it again", MistMinutes, [Resource.Hands])
            : next.StepIds.Any(step => SessionPlan.KindOf(step)?.NeedsAtLeast > Wetness.Dry)
                ? Work("wet", RunWords.WetItThroughAgain, MistMinutes, [Resource.Hands, Resource.Shower])
            : null;
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

    private static SessionState Set(SessionState state, string id, TaskState task) => state with { Tasks = state.Tasks.SetItem(id, task) };
}
