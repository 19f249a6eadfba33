using System.Globalization;
using CsvHelper;
using Kamuri.Store.Sessions;

namespace Kamuri.Store.Formats;

/// <summary>Sessions as CSV, a row for each head, described in docs/formats.md. Only written, never read.</summary>
public static class SessionCsv
{
    private static readonly string[] Columns =
    [
        "session",
        "head",
        "aim",
        "style",
        "status",
        "started_utc",
        "finished_utc",
        "planned_minutes",
        "actual_minutes",
        "hands_on_minutes",
        "softness",
        "definition",
        "slip",
        "scalp_comfort",
        "stiffness",
        "treatments",
        "note",
    ];

    public static string Write(IEnumerable<SessionSummaryRow> rows)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using var csv = new CsvWriter(text, CultureInfo.InvariantCulture);
        foreach (var column in Columns)
        {
            csv.WriteField(column);
        }

        csv.NextRecord();
        foreach (var row in rows)
        {
            object?[] fields =
            [
                row.SessionId,
                CsvText.Out(row.HeadName),
                row.Aim,
                row.Style,
                row.Status,
                At(row.StartedUtcTicks),
                row.FinishedUtcTicks is { } finished ? At(finished) : null,
                Math.Round(row.PlannedMinutes, 1),
                Math.Round(row.ActualMinutes, 1),
                Math.Round(row.HandsOnMinutes, 1),
                row.Softness,
                row.Definition,
                row.Slip,
                row.ScalpComfort,
                row.Stiffness,
                row.Treatments,
                CsvText.Out(row.Note),
            ];
            foreach (var field in fields)
            {
                csv.WriteField(field);
            }

            csv.NextRecord();
        }

        csv.Flush();
        return text.ToString();
    }

    private static string At(long ticks) =>
        new DateTime(ticks, DateTimeKind.Utc).ToString("yyyy-MM-ddTHH:mm:ssZ", CultureInfo.InvariantCulture);
}
