using Kamuri.Core.Heads;
using Kamuri.Core.Steps;
using Riok.Mapperly.Abstractions;

namespace Kamuri.Store.Documents;

/// <summary>How hair is kept.</summary>
public sealed record StoredWear(StoredLocs? Locs = null, StoredStyle? Style = null, StoredDown? Down = null);

public sealed record StoredLocs(string Stage, int Count, double ThicknessMillimetres);

public sealed record StoredStyle(string Made, DateOnly? PutIn = null, double AddedHairGrams = 0);

public sealed record StoredDown(string Made, int WornDays);

/// <summary>The sides taken where practitioners disagree. What is left out is as it usually is.</summary>
public sealed record StoredSchools
{
    public string ConditionOn { get; init; } = nameof(Core.Heads.ConditionOn.Wrung);
    public string HotOil { get; init; } = nameof(HotOilPlace.Before);
    public string Herbs { get; init; } = nameof(HerbsPlace.BeforeCleanse);
    public string ScalpConditioner { get; init; } = nameof(Core.Heads.ScalpConditioner.Never);
    public string ScalpOil { get; init; } = nameof(ScalpOiling.Penetrating);
    public string Detangle { get; init; } = nameof(DetangleIn.Conditioner);
    public string LeaveIn { get; init; } = nameof(LeaveInOn.Blotted);
    public string FinalWater { get; init; } = nameof(Core.Heads.FinalWater.Cool);
    public string Length { get; init; } = nameof(TreatmentLength.Window);
    public string Lifting { get; init; } = nameof(OilLifting.TeaThenTwoPasses);
    public string Protein { get; init; } = nameof(ProteinPlace.AfterCleanse);
    public string TreatmentHeat { get; init; } = nameof(Heat.Cap);
    public string Homemade { get; init; } = nameof(HomemadeKeeping.OneUse);
    public string Rhythm { get; init; } = nameof(WashEvery.AsItsKind);
    public bool EndsFirst { get; init; }
    public bool Butter { get; init; }
}

public sealed record StoredChemicalEvent(string Kind, DateOnly Date);

public sealed record StoredFragileZone(string Zone, string Note);

/// <summary>What a head holds beside its plain columns.</summary>
[Mapper(EnumMappingStrategy = EnumMappingStrategy.ByName, RequiredMappingStrategy = RequiredMappingStrategy.Target)]
public static partial class HeadDocuments
{
    public static DocumentKind<StoredWear> Wears { get; } = new("head");

    public static DocumentKind<StoredSchools> Schools { get; } = new("head");

    public static partial StoredWear ToStored(Wear wear);

    public static partial Wear ToWear(StoredWear stored);

    public static partial StoredSchools ToStored(Schools schools);

    public static partial Schools ToSchools(StoredSchools stored);

    public static partial List<StoredChemicalEvent> ToStored(IReadOnlyList<ChemicalEvent> events);

    public static partial IReadOnlyList<ChemicalEvent> ToEvents(List<StoredChemicalEvent> stored);

    public static partial List<StoredFragileZone> ToStored(IReadOnlyList<FragileZone> zones);

    public static partial IReadOnlyList<FragileZone> ToZones(List<StoredFragileZone> stored);

    public static partial List<string> ToStored(IReadOnlyList<ScalpSign> signs);

    public static partial IReadOnlyList<ScalpSign> ToSigns(List<string> words);

    public static partial List<string> ToStored(IReadOnlyList<Goal> goals);

    public static partial IReadOnlyList<Goal> ToGoals(List<string> words);
}
