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
public sealed record HeadSize(
    Grams Mass,
    SquareMetres Surface,
    SquareCentimetres Scalp,
    Centimetres MeanLength,
    string MassWorking,
    string SurfaceWorking,
    string ScalpWorking)
{
    /// <summary>
    /// Measures loose hair as a bundle of equal cylinders: m = N · L · π/4 · d² · ρ and A = N · L · π · d.
    /// </summary>
    public static HeadSize Of(Head head, HeadFigures figures)
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
            $"{Reckoning.Show(scalp)} cm², usual for {AgeWord(head.AgeGroup)}");
    }

    private static string AgeWord(AgeGroup age) => age switch
    {
        AgeGroup.Adult => "an adult",
        AgeGroup.SixToTwelve => "a child of 6 to 12",
        _ => "a child under 6",
    };
}
