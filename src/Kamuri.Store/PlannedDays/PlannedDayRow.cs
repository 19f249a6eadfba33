namespace Kamuri.Store.PlannedDays;

/// <summary>A wash day somebody means to have: the question it is planned from, to be asked again at any time.</summary>
public sealed class PlannedDayRow
{
    public Guid Id { get; set; }
    public Guid HeadId { get; set; }

    /// <summary>The household's date it begins on.</summary>
    public DateOnly Day { get; set; }

    /// <summary>The plan as it was asked for.</summary>
    public string PlanJson { get; set; } = "";

    public long CreatedUtcTicks { get; set; }
}
