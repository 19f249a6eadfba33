using Kamuri.Core.Learning;
using Kamuri.Core.Running;
using Kamuri.Core.Steps;
using Kamuri.Store.Documents;

namespace Kamuri.Store.Sessions;

/// <summary>
/// A session in columns, a row for each of its heads. Lists, history, rhythm and learning read these and never the event log.
/// Kept from the moment it begins; what it came to is filled in when it ends.
/// </summary>
public sealed class SessionSummaryRow
{
    public Guid SessionId { get; set; }

    /// <summary>The key of the head in the session's plan.</summary>
    public string Key { get; set; } = "";

    public Guid HeadId { get; set; }
    public string HeadName { get; set; } = "";
    public string Aim { get; set; } = "";
    public string Style { get; set; } = "";
    public SessionStatus Status { get; set; }
    public long StartedUtcTicks { get; set; }

    /// <summary>Null while it runs.</summary>
    public long? FinishedUtcTicks { get; set; }

    public double PlannedMinutes { get; set; }
    public double ActualMinutes { get; set; }
    public double HandsOnMinutes { get; set; }
    public int? Softness { get; set; }
    public int? Definition { get; set; }
    public int? Slip { get; set; }
    public int? ScalpComfort { get; set; }
    public int? Stiffness { get; set; }
    public string? Note { get; set; }
    public string Sentence { get; set; } = "";

    /// <summary>Treatments that were really done, parted by spaces.</summary>
    public string Treatments { get; set; } = "";

    /// <summary>A cleanse was really done.</summary>
    public bool Washed { get; set; }

    /// <summary>The hair was really combed through.</summary>
    public bool Detangled { get; set; }

    /// <summary>The summary of one head.</summary>
    public static SessionSummaryRow From(Guid session, string key, SessionSummary summary)
    {
        var row = new SessionSummaryRow { SessionId = session, Key = key };
        row.Take(summary);
        return row;
    }

    /// <summary>Takes what is known now.</summary>
    public void Take(SessionSummary summary)
    {
        (HeadId, HeadName, Aim, Style, Status) = (summary.HeadId, summary.HeadName, summary.Aim, summary.Style, summary.Status);
        (StartedUtcTicks, FinishedUtcTicks) = (summary.StartedAt.UtcTicks, summary.FinishedAt?.UtcTicks);
        (PlannedMinutes, ActualMinutes, HandsOnMinutes) = (summary.PlannedMinutes, summary.ActualMinutes, summary.HandsOnMinutes);
        (Softness, Definition, Slip) = (summary.Ratings.Softness, summary.Ratings.Definition, summary.Ratings.Slip);
        (ScalpComfort, Stiffness) = (summary.Ratings.ScalpComfort, summary.Ratings.Stiffness);
        (Note, Sentence, Washed, Detangled) = (summary.Note, summary.Sentence, summary.Washed, summary.Detangled);
        Treatments = string.Join(' ', summary.Treatments);
    }

    /// <exception cref="UnreadableDocumentException">It holds a word this version does not know.</exception>
    public SessionSummary ToSummary() =>
        Enum.IsDefined(Status)
            ? new(
                HeadId,
                HeadName,
                Aim,
                Style,
                Status,
                At(StartedUtcTicks),
                FinishedUtcTicks is { } finished ? At(finished) : null,
                PlannedMinutes,
                ActualMinutes,
                HandsOnMinutes,
                new Ratings(Softness, Definition, Slip, ScalpComfort, Stiffness),
                Note,
                Sentence,
                Done(Treatments),
                Detangled
            )
            {
                Washed = Washed,
            }
            : throw new UnreadableDocumentException(DocumentWords.UnknownState);

    /// <summary>Treatments by their words; one that this version does not know has no rhythm here.</summary>
    public static IReadOnlyList<Treatment> Done(string words) =>
        [
            .. words
                .Split(' ', StringSplitOptions.RemoveEmptyEntries)
                .Select(word => Enum.TryParse<Treatment>(word, out var known) ? (Treatment?)known : null)
                .OfType<Treatment>(),
        ];

    private static DateTimeOffset At(long ticks) => new(ticks, TimeSpan.Zero);
}
