using System.Text.Json.Nodes;
using Kamuri.Core.Mixing;
using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Running;
using Kamuri.Core.Running.Mishaps;
using Kamuri.Core.Scheduling;
using Kamuri.Core.Steps;
using Riok.Mapperly.Abstractions;

namespace Kamuri.Store.Documents;

/// <summary>A begun plan as it is kept with its session.</summary>
public sealed record StoredSession
{
    public required List<StoredSessionHead> Heads { get; init; }
    public List<string> Hands { get; init; } = [];
    public Dictionary<string, int> Capacity { get; init; } = [];
    public List<StoredNotThere> NotThere { get; init; } = [];
    public required DateTimeOffset PlannedStart { get; init; }
    public required DateTimeOffset PlannedEnd { get; init; }
    public List<StoredOverride> Overridden { get; init; } = [];
    public required List<StoredSessionStep> Steps { get; init; }
    public required List<StoredSessionTask> Tasks { get; init; }
    public required List<StoredLink> Links { get; init; }
    public List<StoredSessionTaking> Takings { get; init; } = [];
    public Dictionary<string, List<string>> Touches { get; init; } = [];
    public List<StoredSessionMixture> Mixtures { get; init; } = [];
}

public sealed record StoredSessionHead
{
    public required string Key { get; init; }
    public required Guid HeadId { get; init; }
    public required string Name { get; init; }
    public required string Aim { get; init; }
    public required string Style { get; init; }
    public DateTimeOffset? ReadyBy { get; init; }
    public int? PauseAfter { get; init; }
    public required List<StoredSection> Sections { get; init; }
    public List<string> FragileZones { get; init; } = [];
}

public sealed record StoredSection(int Number, int Row, int Rows, int Side, string Zone, string Name);

public sealed record StoredNotThere(
    string? Who,
    string? What,
    DateTimeOffset From,
    DateTimeOffset? To,
    bool IsAsleep = false,
    int Left = 0
);

public sealed record StoredOverride(string Rule, string Stop, string Reason);

public sealed record StoredSessionStep
{
    public required string Id { get; init; }
    public required string Name { get; init; }
    public required string Phase { get; init; }
    public required string Instruction { get; init; }
    public required string Reason { get; init; }
    public required string Places { get; init; }
    public required string Direction { get; init; }
    public MeasuredWords? Amount { get; init; }
    public List<string> Cautions { get; init; } = [];
    public bool IsCleanse { get; init; }
    public bool Detangles { get; init; }
    public string? Treatment { get; init; }
    public string Head { get; init; } = PlannedTask.HeadStrand;
    public string? Expect { get; init; }
    public StoredHairAfter? After { get; init; }
}

public sealed record StoredHairAfter(string Wetness, List<StoredLyingOn> Lying, string? Hang = null);

public sealed record StoredLyingOn(string Substance, string Step);

public sealed record StoredWindow(double Earliest, double Usual, double Latest);

public sealed record StoredLink(string From, string To, int LeastGap = 0, int? MostGap = null);

public sealed record StoredSessionTask
{
    public required string Id { get; init; }
    public string? StepId { get; init; }
    public required string Strand { get; init; }
    public required string Title { get; init; }
    public bool IsHandsOn { get; init; }
    public int Sections { get; init; }
    public StoredWindow? Window { get; init; }
    public string AfterLatest { get; init; } = "";
    public List<string> Uses { get; init; } = [];
    public double PlannedStart { get; init; }
    public double PlannedMinutes { get; init; }
    public string? Substance { get; init; }
    public List<string>? Also { get; init; }
    public bool IsOvernight { get; init; }
    public MeasuredWords? Words { get; init; }
    public string? By { get; init; }
    public DateTimeOffset? NotBefore { get; init; }
    public StoredCooling? Cools { get; init; }
    public bool IsHarmlessAfter { get; init; }
    public bool Parks { get; init; }
    public string TakesOff { get; init; } = nameof(Removal.None);
}

public sealed record StoredCooling(
    string Vessel,
    double Millilitres,
    double FromCelsius,
    double AroundCelsius,
    double RatePerMinute,
    double WarmestOnSkin,
    double Comfortable,
    double StillWarm
);

public sealed record StoredSessionTaking(
    string StepId,
    string Name,
    Guid? ProductId,
    Guid? BatchId,
    double PlannedMillilitres,
    bool IsWhole
);

public sealed record StoredSessionMixture(
    string StepId,
    string Name,
    int? KeepsInFridge,
    string TooThick,
    string TooRunny,
    string TooLittle
)
{
    public List<string> Others { get; init; } = [];
    public Guid? FormulaId { get; init; }
    public double LeftOver { get; init; }
}

/// <summary>What a mishap came to, kept in the text of its event.</summary>
public sealed record StoredMishap(string Mishap, string Way, List<StoredChange> Changes, string? Remember, List<string> Reactions);

public sealed record StoredChange(string Kind, string Task, double Minutes = 0, StoredSessionTask? Work = null, string? Behind = null);

/// <summary>Another order of a running day, kept in the text of its event.</summary>
public sealed record StoredOrder(List<StoredReordered> Order, List<StoredLink> Gaps);

public sealed record StoredReordered(string Task, double Start, string? By, bool IsAfterSleep = false);

/// <summary>Begun plans, and what events of a session carry.</summary>
[Mapper(EnumMappingStrategy = EnumMappingStrategy.ByName, RequiredMappingStrategy = RequiredMappingStrategy.Target)]
public static partial class SessionDocuments
{
    public static DocumentKind<StoredSession> Plans { get; } = new("wash day") { FromUnversioned = OfOneHead };

    public static DocumentKind<StoredMishap> Mishaps { get; } = new("mishap");

    public static DocumentKind<StoredOrder> Orders { get; } = new("change of order");

    public static partial StoredSession ToStored(SessionPlan plan);

    public static partial SessionPlan ToPlan(StoredSession stored);

    public static partial List<StoredChange> ToStored(IReadOnlyList<SessionChange> changes);

    public static partial IReadOnlyList<SessionChange> ToChanges(List<StoredChange> stored);

    public static partial StoredOrder ToStored(OrderChanged changed);

    public static partial IReadOnlyList<Reordered> ToOrder(List<StoredReordered> stored);

    public static partial IReadOnlyList<Link> ToLinks(List<StoredLink> stored);

    /// <summary>When a session had one head, its words stood beside those of the day.</summary>
    private static void OfOneHead(JsonObject kept)
    {
        if (kept["Heads"] is not null || kept["HeadName"] is null)
        {
            return;
        }

        var head = new JsonObject { ["Key"] = PlannedTask.HeadStrand, ["Name"] = kept["HeadName"]?.DeepClone() };
        foreach (var name in (string[])["HeadId", "Aim", "Style", "ReadyBy", "Sections", "FragileZones"])
        {
            head[name] = kept[name]?.DeepClone();
        }

        kept["Heads"] = new JsonArray(head);
    }
}
