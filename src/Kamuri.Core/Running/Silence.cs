namespace Kamuri.Core.Running;

/// <summary>Work that has gone on far longer than it takes without a press: somebody may have been called away from it.</summary>
/// <param name="Minutes">Minutes since the last press.</param>
/// <param name="AwayMinutes">What is left of them when the work in hand has had its time.</param>
/// <param name="Section">The section in hand; null when it is not ticked by section.</param>
public sealed record Silence(double Minutes, double AwayMinutes, int? Section)
{
    /// <summary>Nobody is asked before a section has taken so many times its usual (product default).</summary>
    public const double TimesASection = 3;

    /// <summary>Nor before a whole step has taken so many times its usual (product default).</summary>
    public const double TimesAStep = 2;

    /// <summary>Nor while it is over by less than this, in minutes (product default).</summary>
    public const double LeastMinutes = 10;

    /// <summary>Null while it takes no longer than it may, and in a pause.</summary>
    /// <param name="task">The work in hand.</param>
    /// <param name="session">How the session stands.</param>
    /// <param name="now">The moment.</param>
    public static Silence? On(SessionTask task, SessionState session, DateTimeOffset now)
    {
        var state = session.Task(task.Id);
        if (session.Status != SessionStatus.Running || state is not { Status: TaskStatus.Running, HeardAt: { } heard })
        {
            return null;
        }

        var section = state.Sections.Count > 0 ? Enumerable.Range(1, task.Sections).FirstOrDefault(n => !state.Sections.Contains(n)) : 0;
        var (minutes, expected) = (
            (now - heard).TotalMinutes,
            section > 0 ? WorkPace.Expected(task, state) : WorkPace.Minutes(task, state)
        );
        return minutes >= Math.Max(expected * (section > 0 ? TimesASection : TimesAStep), expected + LeastMinutes)
            ? new Silence(minutes, Math.Round(minutes - expected), section > 0 ? section : null)
            : null;
    }

    /// <summary>"20 minutes on section 4. Were you away?"</summary>
    public string Question(SessionTask task) =>
        Section is { } section
            ? RunWords.AwayFromSection(Say.Minutes(Minutes), $"{section}")
            : RunWords.AwayFromTask(Say.Minutes(Minutes), task.Title);
}
