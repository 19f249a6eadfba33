using System.Text.Json;
using Kamuri.Core.Heads;
using Kamuri.Core.Learning;
using Kamuri.Core.Units;
using Kamuri.Store.Documents;

namespace Kamuri.Store.Heads;

/// <summary>A head as it is kept.</summary>
public sealed class HeadRow
{
    public Guid Id { get; set; }
    public string Name { get; set; } = "";
    public double NapeCentimetres { get; set; }
    public double CrownCentimetres { get; set; }
    public double FrontCentimetres { get; set; }
    public double SidesCentimetres { get; set; }
    public string WearJson { get; set; } = "{}";
    public string SchoolsJson { get; set; } = "{}";
    public Density Density { get; set; }
    public StrandThickness Strand { get; set; }
    public double? CoilWidthMillimetres { get; set; }
    public Porosity Porosity { get; set; }
    public PorosityEvidence PorosityEvidence { get; set; }
    public string ChemicalHistoryJson { get; set; } = "[]";
    public string ScalpJson { get; set; } = "[]";
    public string FragileZonesJson { get; set; } = "[]";
    public string SensitivitiesJson { get; set; } = "[]";
    public AgeGroup AgeGroup { get; set; }
    public bool CanSitUnderHeat { get; set; }
    public bool AskClinician { get; set; }
    public string GoalsJson { get; set; } = "[]";
    public Layering Layering { get; set; }
    public int? UsualSections { get; set; }
    public DateOnly? LastWash { get; set; }
    public DateOnly? LastDetangle { get; set; }
    public WornAs WornAs { get; set; }
    public bool Archived { get; set; }

    /// <summary>Grows with every change, so that two people editing at once do not overwrite each other unseen.</summary>
    public int Version { get; set; }

    /// <exception cref="UnreadableDocumentException">It holds what this version does not know.</exception>
    public Head ToHead() =>
        !AreKnown
            ? throw new UnreadableDocumentException(DocumentWords.UnknownProperty)
            : new()
            {
                Id = Id,
                Name = Name,
                Lengths = new ZoneLengths(
                    new Centimetres(NapeCentimetres),
                    new Centimetres(CrownCentimetres),
                    new Centimetres(FrontCentimetres),
                    new Centimetres(SidesCentimetres)
                ),
                Wear = HeadDocuments.Wears.Read(WearJson, HeadDocuments.ToWear),
                Schools = HeadDocuments.Schools.Read(SchoolsJson, HeadDocuments.ToSchools),
                Density = Density,
                Strand = Strand,
                CoilWidthMillimetres = CoilWidthMillimetres,
                Porosity = Porosity,
                PorosityEvidence = PorosityEvidence,
                ChemicalHistory = Read<StoredChemicalEvent, ChemicalEvent>(ChemicalHistoryJson, HeadDocuments.ToEvents),
                Scalp = Read<string, ScalpSign>(ScalpJson, HeadDocuments.ToSigns),
                FragileZones = Read<StoredFragileZone, FragileZone>(FragileZonesJson, HeadDocuments.ToZones),
                Sensitivities = Read<string, string>(SensitivitiesJson, words => words),
                AgeGroup = AgeGroup,
                CanSitUnderHeat = CanSitUnderHeat,
                AskClinician = AskClinician,
                Goals = Read<string, Goal>(GoalsJson, HeadDocuments.ToGoals),
                Layering = Layering,
                UsualSections = UsualSections,
                LastWash = LastWash,
                LastDetangle = LastDetangle,
                WornAs = WornAs,
            };

    public void Take(Head head)
    {
        Id = head.Id;
        Name = head.Name;
        NapeCentimetres = head.Lengths.Nape.Value;
        CrownCentimetres = head.Lengths.Crown.Value;
        FrontCentimetres = head.Lengths.Front.Value;
        SidesCentimetres = head.Lengths.Sides.Value;
        WearJson = Write(head.Wear);
        SchoolsJson = HeadDocuments.Schools.Write(HeadDocuments.ToStored(head.Schools));
        Density = head.Density;
        Strand = head.Strand;
        CoilWidthMillimetres = head.CoilWidthMillimetres;
        Porosity = head.Porosity;
        PorosityEvidence = head.PorosityEvidence;
        ChemicalHistoryJson = Write(HeadDocuments.ToStored(head.ChemicalHistory));
        ScalpJson = Write(HeadDocuments.ToStored(head.Scalp));
        FragileZonesJson = Write(HeadDocuments.ToStored(head.FragileZones));
        SensitivitiesJson = Write(head.Sensitivities);
        AgeGroup = head.AgeGroup;
        CanSitUnderHeat = head.CanSitUnderHeat;
        AskClinician = head.AskClinician;
        GoalsJson = Write(HeadDocuments.ToStored(head.Goals));
        Layering = head.Layering;
        UsualSections = head.UsualSections;
        LastWash = head.LastWash;
        LastDetangle = head.LastDetangle;
        WornAs = head.WornAs;
    }

    private bool AreKnown =>
        Enum.IsDefined(Density)
        && Enum.IsDefined(Strand)
        && Enum.IsDefined(Porosity)
        && Enum.IsDefined(PorosityEvidence)
        && Enum.IsDefined(AgeGroup)
        && Enum.IsDefined(Layering)
        && Enum.IsDefined(WornAs);

    private static string Write<T>(T list) => JsonSerializer.Serialize(list, StoreJson.Options);

    private static IReadOnlyList<T> Read<TStored, T>(string json, Func<List<TStored>, IReadOnlyList<T>> into)
    {
        try
        {
            return into(JsonSerializer.Deserialize<List<TStored>>(json, StoreJson.Options) ?? []);
        }
        catch (Exception error) when (error is JsonException or ArgumentException)
        {
            throw new UnreadableDocumentException(DocumentWords.HoldsTheUnknown("head"), error);
        }
    }

    /// <summary>What a finished day leaves on record of the head.</summary>
    /// <param name="outcome">What was done.</param>
    /// <param name="day">The household's date.</param>
    public void Leave(SessionOutcome outcome, DateOnly day)
    {
        LastWash = outcome.Washed ? day : LastWash;
        LastDetangle = outcome.Detangled ? day : LastDetangle;
        Version++;
        Wear wear;
        try
        {
            wear = HeadDocuments.Wears.Read(WearJson, HeadDocuments.ToWear);
        }
        catch (UnreadableDocumentException)
        {
            // A day ends whatever is known of the head.
            return;
        }

        var after = wear.After(outcome.PutIn, outcome.TookDown || (wear.Down is not null && outcome.Washed), day);
        WearJson = Write(after);
        WornAs = after == Wear.Loose ? outcome.WornAs ?? WornAs : WornAs;
    }

    private static string Write(Wear wear) => HeadDocuments.Wears.Write(HeadDocuments.ToStored(wear));
}
