using Kamuri.Core.Figures;
using Kamuri.Core.Heads;
using Kamuri.Core.Units;

namespace Kamuri.Web.Heads;

/// <summary>A head in five answers; everything else has a default and is corrected later.</summary>
public sealed record DescribedBody
{
    public string Name { get; init; } = "";
    public AgeGroup AgeGroup { get; init; } = AgeGroup.Adult;
    public WearBody Wear { get; init; } = new();

    /// <summary>Where stretched hair reaches to; null when it was measured.</summary>
    public LengthLandmark? Landmark { get; init; }

    /// <summary>One strand at the crown, pulled straight, in centimetres; null when it was not measured.</summary>
    public double? CrownCm { get; init; }

    public Density Density { get; init; } = Density.Medium;
    public StrandThickness Strand { get; init; } = StrandThickness.Medium;
    public IReadOnlyList<string> Sensitivities { get; init; } = [];

    /// <summary>Null, with what is wrong with the length, when it says none or two that cannot both be.</summary>
    internal (HeadBody? Head, string? WrongLength) ToHead(CraftFigures figures)
    {
        if (Landmark is { } named && !Enum.IsDefined(named))
        {
            return (null, HeadErrors.KamuriDoesNotKnowThisChoice);
        }

        if (
            Landmark is { } landmark
            && CrownCm is { } crown
            && Enum.IsDefined(AgeGroup)
            && LandmarkLengths.Contradict(landmark, crown, AgeGroup, figures.Head)
        )
        {
            var usual = LandmarkLengths.Of(landmark, AgeGroup, figures.Head).Crown.Value;
            return (null, HeadErrors.TheLengthsContradict(HeadNames.Of(landmark), Say.Length(usual), Say.Length(crown)));
        }

        ZoneLengths? lengths =
            CrownCm is { } measured ? LandmarkLengths.Of(measured)
            : Landmark is { } reaches && Enum.IsDefined(AgeGroup) ? LandmarkLengths.Of(reaches, AgeGroup, figures.Head)
            : null;
        return lengths is null
            ? (null, HeadErrors.ChooseALength)
            : (
                new HeadBody
                {
                    Name = Name,
                    AgeGroup = AgeGroup,
                    Wear = Wear,
                    Lengths = new LengthsBody(lengths.Nape.Value, lengths.Crown.Value, lengths.Front.Value, lengths.Sides.Value),
                    Density = Density,
                    Strand = Strand,
                    Porosity = Porosity.Medium,
                    Sensitivities = Sensitivities,
                },
                null
            );
    }
}
