using Kamuri.Core.Units;

namespace Kamuri.Core.Heads;

/// <summary>
/// The size of a head: what drives quantities, hands-on time and drying. Each figure comes with its working.
/// </summary>
/// <param name="Mass">Dry hair mass.</param>
/// <param name="Surface">Outer surface of all strands together.</param>
/// <param name="Scalp">Scalp area.</param>
/// <param name="MeanLength">Mean stretched length.</param>
/// <param name="MassWorking">How the mass was reached.</param>
/// <param name="SurfaceWorking">How the surface was reached.</param>
/// <param name="ScalpWorking">Where the scalp area comes from.</param>
/// <param name="StrandMass">Mass of the strands themselves, whatever the style: they are what dries.</param>
/// <param name="Doubt">What in the measurements does not fit together; null when all does.</param>
public sealed record HeadSize(
    Grams Mass,
    SquareMetres Surface,
    SquareCentimetres Scalp,
    Centimetres MeanLength,
    string MassWorking,
    string SurfaceWorking,
    string ScalpWorking,
    Grams StrandMass,
    string? Doubt = null
)
{
    /// <summary>
    /// Measures a head: loose hair as a bundle of strands, locs and worn styles from that by what binding does to mass and
    /// outer surface.
    /// </summary>
    public static HeadSize Of(Head head, HeadFigures figures)
    {
        var loose = OfStrands(head, figures);
        return head.Wear switch
        {
            { Locs: { } locs } => OfLocs(loose, locs, figures),
            { Style: { } style } => loose with
            {
                Mass = new Grams(loose.Mass.Value + style.AddedHairGrams),
                Surface = new SquareMetres(loose.Surface.Value * figures.StyleOuterSurface),
                MassWorking =
                    style.AddedHairGrams > 0
                        ? HeadWords.MassWorkingAndAddedHairGramsGOfAdded(loose.MassWorking, Reckoning.Show(style.AddedHairGrams))
                        : loose.MassWorking,
                SurfaceWorking = HeadWords.SurfaceWorkingStyleOuterSurfaceOutsideInTheStyle(
                    loose.SurfaceWorking,
                    Reckoning.Show(figures.StyleOuterSurface)
                ),
            },
            _ => loose,
        };
    }

    private static HeadSize OfLocs(HeadSize loose, LocsWorn locs, HeadFigures figures)
    {
        var factor = figures.LocMass[locs.Stage];
        var (thickness, length) = (locs.ThicknessMillimetres / 10, loose.MeanLength.Value);
        var mass = loose.Mass.Value * factor;
        var surface = locs.Count * Math.PI * thickness * length * 1e-4;
        var volume = locs.Count * Math.PI / 4 * thickness * thickness * length;
        var packing = mass / (volume * figures.KeratinGramsPerCubicCentimetre);
        var doubt =
            packing < figures.LoosestLoc ? HeadWords.LocsThisThickOrThisMany($"{packing:0.00}")
            : packing > figures.DensestLoc ? HeadWords.ThisMuchHairDoesNotFit($"{packing:0.00}")
            : null;
        return loose with
        {
            Mass = new Grams(mass),
            Surface = new SquareMetres(surface),
            MassWorking = HeadWords.MassWorkingFactorForStageLocsMass(
                loose.MassWorking,
                Reckoning.Show(factor),
                HeadNames.Of(locs.Stage),
                Reckoning.Show(Math.Round(mass))
            ),
            SurfaceWorking = HeadWords.CountLocsThicknessMillimetresMmLengthCm(
                $"{locs.Count}",
                Reckoning.Show(locs.ThicknessMillimetres),
                Say.Length(length),
                Reckoning.Show(Math.Round(surface, 2))
            ),
            Doubt = doubt,
        };
    }

    /// <summary>
    /// Measures loose hair as a bundle of equal cylinders: m = N · L · π/4 · d² · ρ and A = N · L · π · d.
    /// </summary>
    private static HeadSize OfStrands(Head head, HeadFigures figures)
    {
        var strands = figures.Strands[head.Density];
        var diameterCm = figures.DiameterMicrometres[head.Strand] * 1e-4;
        var length = head.Lengths.Mean;

        var mass = strands * length.Value * Math.PI / 4 * diameterCm * diameterCm * figures.KeratinGramsPerCubicCentimetre;
        var surface = strands * length.Value * Math.PI * diameterCm * 1e-4;
        var scalp = figures.ScalpSquareCentimetres[head.AgeGroup];

        var shared = HeadWords.StrandsStrandsLengthCm(Reckoning.Show(strands), Say.Length(length.Value));
        var diameter = Reckoning.Show(figures.DiameterMicrometres[head.Strand]);
        return new HeadSize(
            new Grams(mass),
            new SquareMetres(surface),
            new SquareCentimetres(scalp),
            length,
            HeadWords.Shared4DiameterMKeratinGramsPerCubicCentimetreG(
                shared,
                diameter,
                Reckoning.Show(figures.KeratinGramsPerCubicCentimetre),
                Reckoning.Show(Math.Round(mass))
            ),
            HeadWords.SharedDiameterMRoundM(shared, diameter, Reckoning.Show(Math.Round(surface, 1))),
            HeadWords.ScalpUsualForAgeWord(Say.Area(scalp), AgeWord(head.AgeGroup)),
            new Grams(mass)
        );
    }

    private static string AgeWord(AgeGroup age) =>
        age switch
        {
            AgeGroup.Adult => HeadWords.AnAdult,
            AgeGroup.SixToTwelve => HeadWords.AChildOf6To12,
            _ => HeadWords.AChildUnder6,
        };
}
