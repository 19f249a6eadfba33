namespace Kamuri.Store.PlannedDays;

/// <summary>A wash day somebody means to have: the question it is planned from, to be asked again at any time.</summary>
public sealed class PlannedDayRow
{
    public Guid Id { get; set; }

    /// <summary>The head, or the first of several.</summary>
    public Guid HeadId { get; set; }

    /// <summary>The household's date it begins on.</summary>
    public DateOnly Day { get; set; }

    /// <summary>The plan as it was asked for; empty for a day of a household.</summary>
    public string PlanJson { get; set; } = "";

    /// <summary>The day of a household as it was asked for; null for a plan of one head.</summary>
    public string? HouseholdJson { get; set; }

    public long CreatedUtcTicks { get; set; }
}
