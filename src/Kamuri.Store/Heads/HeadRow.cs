using Kamuri.Core.Heads;
using Kamuri.Core.Units;

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
    public Wear Wear { get; set; } = Wear.Loose;
    public Schools Schools { get; set; } = new();
    public Density Density { get; set; }
    public StrandThickness Strand { get; set; }
    public double? CoilWidthMillimetres { get; set; }
    public Porosity Porosity { get; set; }
    public PorosityEvidence PorosityEvidence { get; set; }
    public List<ChemicalEvent> ChemicalHistory { get; set; } = [];
    public List<ScalpSign> Scalp { get; set; } = [];
    public List<FragileZone> FragileZones { get; set; } = [];
    public List<string> Sensitivities { get; set; } = [];
    public AgeGroup AgeGroup { get; set; }
    public bool CanSitUnderHeat { get; set; }
    public bool AskClinician { get; set; }
    public List<Goal> Goals { get; set; } = [];
    public Layering Layering { get; set; }
    public int? UsualSections { get; set; }
    public DateOnly? LastWash { get; set; }
    public DateOnly? LastDetangle { get; set; }
    public WornAs WornAs { get; set; }
    public bool Archived { get; set; }

    /// <summary>Grows with every change, so that two people editing at once do not overwrite each other unseen.</summary>
    public int Version { get; set; }

    public Head ToHead() => new()
    {
        Id = Id,
        Name = Name,
        Lengths = new ZoneLengths(new Centimetres(NapeCentimetres), new Centimetres(CrownCentimetres), new Centimetres(FrontCentimetres), new Centimetres(SidesCentimetres)),
        Wear = Wear,
        Schools = Schools,
        Density = Density,
        Strand = Strand,
        CoilWidthMillimetres = CoilWidthMillimetres,
        Porosity = Porosity,
        PorosityEvidence = PorosityEvidence,
        ChemicalHistory = ChemicalHistory,
        Scalp = Scalp,
        FragileZones = FragileZones,
        Sensitivities = Sensitivities,
        AgeGroup = AgeGroup,
        CanSitUnderHeat = CanSitUnderHeat,
        AskClinician = AskClinician,
        Goals = Goals,
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
        Wear = head.Wear;
        Schools = head.Schools;
        Density = head.Density;
        Strand = head.Strand;
        CoilWidthMillimetres = head.CoilWidthMillimetres;
        Porosity = head.Porosity;
        PorosityEvidence = head.PorosityEvidence;
        ChemicalHistory = [.. head.ChemicalHistory];
        Scalp = [.. head.Scalp];
        FragileZones = [.. head.FragileZones];
        Sensitivities = [.. head.Sensitivities];
        AgeGroup = head.AgeGroup;
        CanSitUnderHeat = head.CanSitUnderHeat;
        AskClinician = head.AskClinician;
        Goals = [.. head.Goals];
        Layering = head.Layering;
        UsualSections = head.UsualSections;
        LastWash = head.LastWash;
        LastDetangle = head.LastDetangle;
        WornAs = head.WornAs;
    }
}
