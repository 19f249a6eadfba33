using Kamuri.Core.Running;
using Kamuri.Core.Running.Mishaps;
using Kamuri.Store.Documents;

namespace Kamuri.Store.Sessions;

/// <summary>A session: the plan it began with. What happened in it are its events.</summary>
public sealed class SessionRow
{
    public Guid Id { get; set; }
    public Guid HeadId { get; set; }
    public long CreatedUtcTicks { get; set; }
    public string PlanJson { get; set; } = "";

    /// <exception cref="UnreadableDocumentException">No version wrote it like this.</exception>
    public SessionPlan ToPlan() => SessionDocuments.Plans.Read(PlanJson, SessionDocuments.ToPlan);

    /// <summary>A plan as it is kept.</summary>
    public static string Write(SessionPlan plan) => SessionDocuments.Plans.Write(SessionDocuments.ToStored(plan));
}

/// <summary>One event as it is kept: flat, so that a person can read the table.</summary>
public sealed class SessionEventRow
{
    public long Sequence { get; set; }
    public Guid SessionId { get; set; }
    public Guid EventId { get; set; }
    public string Kind { get; set; } = "";
    public long AtUtcTicks { get; set; }
    public string? Task { get; set; }
    public int? Section { get; set; }

    /// <summary>Minutes of an extension, or of time away; the value of a reading, whose kind stands in <see cref="Text"/>.</summary>
    public double? Minutes { get; set; }

    /// <summary>Words or a document, as the kind has it; of work that is done, the task that was begun with it.</summary>
    public string? Text { get; set; }
    public Guid? Target { get; set; }
    public int? Softness { get; set; }
    public int? Definition { get; set; }
    public int? Slip { get; set; }
    public int? ScalpComfort { get; set; }
    public int? Stiffness { get; set; }

    public static SessionEventRow From(Guid session, SessionEvent happened)
    {
        var row = new SessionEventRow
        {
            SessionId = session,
            EventId = happened.Id,
            AtUtcTicks = happened.At.UtcTicks,
            Kind = happened.GetType().Name,
        };
        switch (happened)
        {
            case TaskStarted e:
                row.Task = e.Task;
                break;
            case SectionDone e:
                (row.Task, row.Section, row.Text) = (e.Task, e.Section, e.Begins);
                break;
            case TaskDone e:
                (row.Task, row.Text) = (e.Task, e.Begins);
                break;
            case AwayTold e:
                (row.Task, row.Minutes) = (e.Task, e.Minutes);
                break;
            case TaskSkipped e:
                row.Task = e.Task;
                break;
            case TaskExtended e:
                (row.Task, row.Minutes) = (e.Task, e.Minutes);
                break;
            case NoteTaken e:
                (row.Task, row.Text) = (e.Task, e.Text);
                break;
            case MishapHandled e:
                (row.Task, row.Text) = (
                    e.Head,
                    SessionDocuments.Mishaps.Write(
                        new StoredMishap(e.Mishap.ToString(), e.Way, SessionDocuments.ToStored(e.Changes), e.Remember, [.. e.Reactions])
                    )
                );
                break;
            case OrderChanged e:
                row.Text = SessionDocuments.Orders.Write(SessionDocuments.ToStored(e));
                break;
            case HeadRated e:
                row.Task = e.Head;
                row.Rate(e.Ratings);
                break;
            case ReadingTaken e:
                (row.Task, row.Minutes, row.Text) = (e.Task, e.Value, e.Kind.ToString());
                break;
            case EventUndone e:
                row.Target = e.Target;
                break;
            case SessionFinished e:
                row.Text = e.Note;
                row.Rate(e.Ratings);
                break;
        }

        return row;
    }

    /// <exception cref="UnreadableDocumentException">The row was written by a newer Kamuri, or lacks what its kind needs.</exception>
    public SessionEvent ToEvent()
    {
        try
        {
            return Read();
        }
        catch (Exception error) when (error is InvalidOperationException or ArgumentException or NullReferenceException)
        {
            throw new UnreadableDocumentException(DocumentWords.UnknownEvent, error);
        }
    }

    private SessionEvent Read()
    {
        var at = new DateTimeOffset(AtUtcTicks, TimeSpan.Zero);
        return Kind switch
        {
            nameof(SessionStarted) => new SessionStarted(EventId, at),
            nameof(TaskStarted) => new TaskStarted(EventId, at, Task!),
            nameof(SectionDone) => new SectionDone(EventId, at, Task!, Section!.Value) { Begins = Text },
            nameof(TaskDone) => new TaskDone(EventId, at, Task!) { Begins = Text },
            nameof(AwayTold) => new AwayTold(EventId, at, Task!, Minutes!.Value),
            nameof(TaskSkipped) => new TaskSkipped(EventId, at, Task!),
            nameof(TaskExtended) => new TaskExtended(EventId, at, Task!, Minutes!.Value),
            nameof(SessionPaused) => new SessionPaused(EventId, at),
            nameof(SessionResumed) => new SessionResumed(EventId, at),
            nameof(NoteTaken) => new NoteTaken(EventId, at, Text!, Task),
            nameof(ReadingTaken) => new ReadingTaken(EventId, at, Enum.Parse<ReadingKind>(Text!), Minutes!.Value, Task),
            nameof(EventUndone) => new EventUndone(EventId, at, Target!.Value),
            nameof(OrderChanged) => SessionDocuments.Orders.Read(Text!, order => new OrderChanged(
                EventId,
                at,
                SessionDocuments.ToOrder(order.Order),
                SessionDocuments.ToLinks(order.Gaps)
            )),
            nameof(MishapHandled) => Handled(at),
            nameof(HeadRated) => new HeadRated(EventId, at, Task!, Rated()),
            nameof(SessionFinished) => new SessionFinished(EventId, at, Rated(), Text),
            _ => throw new UnreadableDocumentException(DocumentWords.UnknownEvent),
        };
    }

    private void Rate(Ratings ratings) =>
        (Softness, Definition, Slip, ScalpComfort, Stiffness) = (
            ratings.Softness,
            ratings.Definition,
            ratings.Slip,
            ratings.ScalpComfort,
            ratings.Stiffness
        );

    private MishapHandled Handled(DateTimeOffset at) =>
        SessionDocuments.Mishaps.Read(Text!, kept => new MishapHandled(
            EventId,
            at,
            Task!,
            Enum.Parse<Mishap>(kept.Mishap),
            kept.Way,
            SessionDocuments.ToChanges(kept.Changes),
            kept.Remember,
            kept.Reactions
        ));

    private Ratings Rated() => new(Softness, Definition, Slip, ScalpComfort, Stiffness);
}
