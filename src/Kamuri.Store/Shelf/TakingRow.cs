namespace Kamuri.Store.Shelf;

/// <summary>What a session took from a product or a batch: by the plan first, corrected afterwards.</summary>
public sealed class TakingRow
{
    public long Id { get; set; }
    public Guid SessionId { get; set; }
    public Guid HeadId { get; set; }
    public string StepId { get; set; } = "";
    public string Name { get; set; } = "";
    public Guid? ProductId { get; set; }
    public Guid? BatchId { get; set; }
    public double PlannedMillilitres { get; set; }

    /// <summary>What was really used, by whoever did it; null until somebody says.</summary>
    public double? UsedMillilitres { get; set; }

    /// <summary>Went on the hair as it is, so that it says how much this head takes; false for what went into a mixture.</summary>
    public bool IsWhole { get; set; }

    public double TakenMillilitres => UsedMillilitres ?? PlannedMillilitres;
}
