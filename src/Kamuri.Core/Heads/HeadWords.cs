namespace Kamuri.Core.Heads;

/// <summary>What is said about heads.</summary>
[Texts("heads")]
internal static class HeadWords
{
    // HeadSize
    public static string MassWorkingAndAddedHairGramsGOfAdded(string massWorking, string addedHairGrams) =>
        $"{massWorking}, and {addedHairGrams} g of added hair";

    public static string SurfaceWorkingStyleOuterSurfaceOutsideInTheStyle(string surfaceWorking, string styleOuterSurface) =>
        $"{surfaceWorking}, × {styleOuterSurface} outside in the style";

    public static string LocsThisThickOrThisMany(string packing) =>
        $"Locs this thick or this many would be mostly air ({packing}). Measure the thickness and count again.";

    public static string ThisMuchHairDoesNotFit(string packing) =>
        $"This much hair does not fit into so few or such thin locs ({packing}). Measure the thickness and count again.";

    public static string MassWorkingFactorForStageLocsMass(string massWorking, string factor, string stage, string mass) =>
        $"{massWorking}, × {factor} for {stage} locs = {mass} g";

    public static string CountLocsThicknessMillimetresMmLengthCm(string count, string thicknessMillimetres, string length, string round) =>
        $"{count} locs × π × {thicknessMillimetres} mm × {length} = {round} m²";

    public static string StrandsStrandsLengthCm(string strands, string length) => $"{strands} strands × {length}";

    public static string Shared4DiameterMKeratinGramsPerCubicCentimetreG(
        string shared,
        string diameter,
        string keratinGramsPerCubicCentimetre,
        string mass
    ) => $"{shared} × π/4 × ({diameter} µm)² × {keratinGramsPerCubicCentimetre} g/cm³ = {mass} g";

    public static string SharedDiameterMRoundM(string shared, string diameter, string round) =>
        $"{shared} × π × {diameter} µm = {round} m²";

    public static string ScalpUsualForAgeWord(string scalp, string ageWord) => $"{scalp}, usual for {ageWord}";

    public const string AnAdult = "an adult";
    public const string AChildOf6To12 = "a child of 6 to 12";
    public const string AChildUnder6 = "a child under 6";

    // Wear
    public static string LocsStage(string stage) => $"locs, {stage}";

    public static string MadeWithAddedHair(string made) => $"{made} with added hair";

    public static string JustOutOfMade(string made) => $"just out of {made}";

    public static string ZoneRow(string zone, string row) => $"{zone} row {row}";
}
