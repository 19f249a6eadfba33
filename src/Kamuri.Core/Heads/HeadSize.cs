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
/// <param name="StrandSurfacePerGram">Surface of bare strands in m² per gram; what drying goes by, whatever the hair is bound into.</param>
/// <param name="Doubt">What in the measurements does not fit together; null when all does.</param>
public sealed record HeadSize(
    Grams Mass,
    SquareMetres Surface,
    SquareCentimetres Scalp,
    Centimetres MeanLength,
    string MassWorking,
    string SurfaceWorking,
    string ScalpWorking,
    double StrandSurfacePerGram,
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
                        ? $"{loose.MassWorking}, and {Reckoning.Show(style.AddedHairGrams)} g of added hair"
                        : loose.MassWorking,
                SurfaceWorking = $"{loose.SurfaceWorking}, × {Reckoning.Show(figures.StyleOuterSurface)} outside in the style",
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
            packing < figures.LoosestLoc
                ? $"Locs this thick or this many would be mostly air ({packing:0.00}); measure thickness and count again."
            : packing > figures.DensestLoc
                ? $"This much hair does not go into so few or so thin locs ({packing:0.00}); measure thickness and count again."
            : null;
        return loose with
        {
            Mass = new Grams(mass),
            Surface = new SquareMetres(surface),
            MassWorking =
                $"{loose.MassWorking}, × {Reckoning.Show(factor)} for {locs.Stage.ToString().ToLowerInvariant()} locs = {Reckoning.Show(Math.Round(mass))} g",
            SurfaceWorking =
                $"{locs.Count} locs × π × {Reckoning.Show(locs.ThicknessMillimetres)} mm × {Reckoning.Show(length)} cm = {Reckoning.Show(Math.Round(surface, 2))} m²",
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

        var shared = $"{Reckoning.Show(strands)} strands × {Reckoning.Show(length.Value)} cm";
        var diameter = Reckoning.Show(figures.DiameterMicrometres[head.Strand]);
        return new HeadSize(
            new Grams(mass),
            new SquareMetres(surface),
            new SquareCentimetres(scalp),
            length,
            $"{shared} × π/4 × ({diameter} µm)² × {Reckoning.Show(figures.KeratinGramsPerCubicCentimetre)} g/cm³ = {Reckoning.Show(Math.Round(mass))} g",
            $"{shared} × π × {diameter} µm = {Reckoning.Show(Math.Round(surface, 1))} m²",
            $"{Reckoning.Show(scalp)} cm², usual for {AgeWord(head.AgeGroup)}",
            surface / mass
        );
    }

    private static string AgeWord(AgeGroup age) =>
        age switch
        {
            AgeGroup.Adult => "an adult",
            AgeGroup.SixToTwelve => "a child of 6 to 12",
            _ => "a child under 6",
        };
}
