using System.Collections.Concurrent;
using Kamuri.Core.Learning;
using Kamuri.Core.Running;
using Kamuri.Store.Sessions;

namespace Kamuri.Web.Sessions;

/// <summary>A session in memory: its plan, everything that happened, and whoever is watching.</summary>
internal sealed class LiveSession(Guid id, SessionPlan plan, IEnumerable<SessionEvent> events, SessionClock clock, ISessionLog? log)
    : IDisposable
{
    private readonly SemaphoreSlim _gate = new(1, 1);
    private readonly SemaphoreSlim _playing = new(1, 1);
    private readonly List<SessionEvent> _events = [.. events];
    private readonly ConcurrentDictionary<Guid, bool> _known = new(
        events.DistinctBy(happened => happened.Id).Select(happened => KeyValuePair.Create(happened.Id, true))
    );
    private TaskCompletionSource _changed = new(TaskCreationOptions.RunContinuationsAsynchronously);

    public Guid Id => id;
    public SessionPlan Plan => plan;
    public SessionClock Clock => clock;

    /// <summary>A rehearsal is never written down.</summary>
    public bool IsRehearsal => log is null;

    public SessionState State { get; private set; } = SessionFold.Fold(plan, events);

    /// <summary>Whether an event is known already, so that it was pressed twice.</summary>
    public bool Knows(Guid happened) => _known.ContainsKey(happened);

    /// <summary>Completes at the next change.</summary>
    public Task Changed => _changed.Task;

    /// <summary>
    /// Takes an event: checked against the state, written to the disk, then folded in. An event already known is taken
    /// as pressed twice and changes nothing.
    /// </summary>
    /// <param name="goesOn">What hands come to next begins with it, where it can.</param>
    public async Task<Refusal?> TakeAsync(SessionEvent happened, CancellationToken cancellation, bool goesOn = false)
    {
        await _gate.WaitAsync(cancellation);
        try
        {
            if (Knows(happened.Id))
            {
                return null;
            }

            if (SessionCommands.Check(plan, State, happened, clock.Now) is { } refusal)
            {
                return refusal;
            }

            var next = SessionFold.Fold(plan, _events.Append(happened));
            if (goesOn && happened is WorkDone done && GoingOn.After(plan, next, done.Task, done.At) is { } begins)
            {
                happened = done with { Begins = begins };
                next = SessionFold.Fold(plan, _events.Append(happened));
            }

            if (log is not null)
            {
                var summaries =
                    next.Status == State.Status && happened is not HeadRated
                        ? []
                        : LookBack.Sum(plan, next).Select((summary, at) => (plan.Heads[at].Key, summary)).ToList();
                await log.AppendAsync(
                    id,
                    happened,
                    happened is SessionFinished ? LookBack.Outcome(plan, next) : [],
                    summaries,
                    cancellation
                );
            }

            _events.Add(happened);
            _known[happened.Id] = true;
            State = next;
            clock.Start();
        }
        finally
        {
            _gate.Release();
        }

        Announce();
        return null;
    }

    /// <summary>Changes the pace of a rehearsal for everyone who watches.</summary>
    public void Run(double factor)
    {
        clock.Run(factor);
        Announce();
    }

    /// <summary>A rehearsal that presses for itself, as the plan has it.</summary>
    public bool IsPlaying { get; private set; }

    /// <summary>Lets a rehearsal press for itself, or stops that. Its clock goes on either way.</summary>
    public void Play(bool plays)
    {
        (IsPlaying, _playedTo) = (plays, clock.Now);
        if (plays)
        {
            clock.Start();
        }

        Announce();
    }

    private DateTimeOffset _playedTo;

    /// <summary>Presses all that has fallen due since it last did, minute by minute.</summary>
    public async Task PlayOnAsync(CancellationToken cancellation)
    {
        // Every open screen asks for it; one at a time presses.
        await _playing.WaitAsync(cancellation);
        try
        {
            for (; IsPlaying && _playedTo <= clock.Now; _playedTo = _playedTo.AddMinutes(1))
            {
                var due = RehearsedPress.Due(plan, State, _playedTo);
                while (due is not null && await TakeAsync(due, cancellation) is null)
                {
                    due = RehearsedPress.Due(plan, State, _playedTo);
                }

                // Nothing is left to press, however long nobody looks.
                IsPlaying = !plan.With(State).Tasks.All(task => State.Task(task.Id).IsOver);
            }
        }
        finally
        {
            _playing.Release();
        }
    }

    public void Dispose()
    {
        _gate.Dispose();
        _playing.Dispose();
    }

    private void Announce() =>
        Interlocked.Exchange(ref _changed, new TaskCompletionSource(TaskCreationOptions.RunContinuationsAsynchronously)).SetResult();
}

/// <summary>All sessions that someone has opened, each loaded once.</summary>
internal sealed class LiveSessions(ISessionLog log, TimeProvider house, StartOptions options) : IDisposable
{
    private readonly Dictionary<Guid, LiveSession> _open = [];
    private readonly SemaphoreSlim _gate = new(1, 1);

    /// <summary>Begins a session; a head that is still in another one keeps it from beginning.</summary>
    public async Task<(LiveSession? Session, StillRunning? Running)> BeginAsync(
        SessionPlan plan,
        bool rehearsal,
        double factor,
        CancellationToken cancellation
    )
    {
        // Rehearsed at the hour it is planned for, so that everybody is there who will be.
        var clock = NewClock(rehearsal ? plan.PlannedStart : null);
        clock.Run(rehearsal ? factor : 1);
        var (id, first) = (Guid.CreateVersion7(), new SessionStarted(Guid.CreateVersion7(), clock.Now));
        if (!rehearsal && await log.CreateAsync(id, plan, first, clock.Now, cancellation) is { } running)
        {
            return (null, running);
        }

        return (await KeepAsync(new LiveSession(id, plan, [first], clock, rehearsal ? null : log), cancellation), null);
    }

    public async Task<LiveSession?> FindAsync(Guid id, CancellationToken cancellation)
    {
        await _gate.WaitAsync(cancellation);
        try
        {
            if (_open.TryGetValue(id, out var open))
            {
                return open;
            }

            if (await log.FindAsync(id, cancellation) is not { } recorded)
            {
                return null;
            }

            return _open[id] = new LiveSession(id, recorded.Plan, recorded.Events, NewClock(), log);
        }
        finally
        {
            _gate.Release();
        }
    }

    /// <summary>Lets go of a session that was deleted or brought back, so that it is read anew.</summary>
    public async Task ForgetAsync(Guid id, CancellationToken cancellation)
    {
        await _gate.WaitAsync(cancellation);
        _open.Remove(id);
        _gate.Release();
    }

    /// <summary>Lets go of all of them, as the file is another now.</summary>
    public async Task ForgetAllAsync(CancellationToken cancellation)
    {
        await _gate.WaitAsync(cancellation);
        foreach (var kept in _open.Where(pair => !pair.Value.IsRehearsal).ToList())
        {
            _open.Remove(kept.Key);
        }

        _gate.Release();
    }

    public void Dispose()
    {
        _gate.Dispose();
        foreach (var session in _open.Values)
        {
            session.Dispose();
        }
    }

    private SessionClock NewClock(DateTimeOffset? begins = null) => new(house, options.ClockSpeed, begins);

    private async Task<LiveSession> KeepAsync(LiveSession session, CancellationToken cancellation)
    {
        await _gate.WaitAsync(cancellation);
        _open[session.Id] = session;
        _gate.Release();
        return session;
    }
}
