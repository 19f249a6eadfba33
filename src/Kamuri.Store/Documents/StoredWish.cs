namespace Kamuri.Store.Documents;

/// <summary>A plan of one head as it was asked for: a planned day is asked again whenever it is looked at.</summary>
public sealed record StoredWish
{
    public required Guid HeadId { get; init; }
    public required string Aim { get; init; }
    public required string Style { get; init; }
    public StoredWhen When { get; init; } = new("StartNow");
    public string? Routine { get; init; }
    public bool AsLastTime { get; init; }
    public StoredStart? Starts { get; init; }
    public bool? TeaRinse { get; init; }
    public string? TreatmentHeat { get; init; }
    public string DryingAir { get; init; } = "Still";
    public StoredSchools? Schools { get; init; }
    public string? Stretch { get; init; }
    public bool EndsInBed { get; init; }
    public bool TakesDown { get; init; }
    public StoredHistory? History { get; init; }
    public Dictionary<string, StoredUse> Uses { get; init; } = [];
    public string? Layering { get; init; }
    public int? Sections { get; init; }
    public Guid? TemplateId { get; init; }
    public List<StoredStep>? Steps { get; init; }
    public List<StoredEdit> Edits { get; init; } = [];
}

public sealed record StoredWhen(string Mode, DateOnly? Date = null, TimeOnly? Time = null);

public sealed record StoredStart(string Comes, string? On = null, TimeOnly? Since = null);

public sealed record StoredHistory(List<StoredDone> LastDone, List<string>? KnownIngredients = null);

public sealed record StoredDone(string Treatment, DateOnly On);

/// <summary>What a step is done with, as it was said or chosen.</summary>
public sealed record StoredUse
{
    public string Name { get; init; } = "";
    public Guid? ProductId { get; init; }
    public Guid? BatchId { get; init; }
    public Guid? FormulaId { get; init; }
    public bool MadeFresh { get; init; }
    public bool WholeBatch { get; init; }
    public List<string> Ingredients { get; init; } = [];
    public string Protein { get; init; } = "None";
    public double EssentialOilPercent { get; init; }
    public bool Burns { get; init; }
    public bool? Sieved { get; init; }
    public bool? SapDrained { get; init; }
    public DateOnly? UseBy { get; init; }
    public bool KeptAsTold { get; init; } = true;
    public double? InStockMl { get; init; }
    public double? ToMakeMl { get; init; }
    public bool KeepsUnderADay { get; init; }
    public double? AtCelsius { get; init; }
    public bool IsChange { get; init; }
    public bool IsNothing { get; init; }
}

/// <summary>A step taken as it is.</summary>
public sealed record StoredStep
{
    public required string Kind { get; init; }
    public string? Id { get; init; }
    public List<string>? Places { get; init; }
    public string? Direction { get; init; }
    public string? Water { get; init; }
    public string Heat { get; init; } = "None";
    public string Air { get; init; } = "Still";
    public double Dryness { get; init; } = 0.8;
    public double? Minutes { get; init; }
    public int? Pieces { get; init; }
    public double AmountFactor { get; init; } = 1;
    public bool WithPrevious { get; init; }
}

/// <summary>A change to a composed plan.</summary>
public sealed record StoredEdit
{
    public required string Kind { get; init; }
    public string? Step { get; init; }
    public string? StepKind { get; init; }
    public string? After { get; init; }
    public double? Minutes { get; init; }
    public List<string>? Places { get; init; }
    public string? Heat { get; init; }
    public string? Water { get; init; }
    public string? Direction { get; init; }
    public double? Dryness { get; init; }
    public int? Pieces { get; init; }
    public List<string>? Steps { get; init; }
    public bool? Together { get; init; }
    public string? Rule { get; init; }
    public string? Reason { get; init; }
}

/// <summary>A day with several heads as it was asked for.</summary>
public sealed record StoredHouseholdWish
{
    public required List<StoredHeadOfDay> Heads { get; init; }
    public List<StoredHands> Hands { get; init; } = [];
    public StoredWhen When { get; init; } = new("StartNow");
    public List<StoredTaken> Taken { get; init; } = [];
}

public sealed record StoredHeadOfDay(StoredWish Plan, List<StoredStretch> Present, TimeOnly? ReadyBy = null, int? PauseAfter = null);

public sealed record StoredStretch(TimeOnly From, TimeOnly To);

public sealed record StoredHands(string Name, List<StoredStretch> Away, List<string>? MayDo = null, List<Guid>? HeadIds = null);

public sealed record StoredTaken(string Resource, TimeOnly From, TimeOnly To);

/// <summary>A saved plan: its steps as they stood, and what they are done with, without head and hour.</summary>
public sealed record StoredSavedPlan(string Aim, string Style, string MadeFor)
{
    /// <summary>The routine file; null in plans that were saved before there were any, which have <see cref="Steps"/>.</summary>
    public string? Routine { get; init; }

    public List<StoredStep> Steps { get; init; } = [];
    public Dictionary<string, StoredUse> Uses { get; init; } = [];
}

/// <summary>Wishes that are kept. What turns them into what the API takes stands with the API.</summary>
public static class WishDocuments
{
    public static DocumentKind<StoredWish> Days { get; } = new("planned day");

    public static DocumentKind<StoredHouseholdWish> HouseholdDays { get; } = new("planned day");

    public static DocumentKind<StoredSavedPlan> SavedPlans { get; } = new("saved plan");
}
