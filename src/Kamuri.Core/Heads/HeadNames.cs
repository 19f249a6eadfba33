namespace Kamuri.Core.Heads;

/// <summary>What the values that describe a head are called within a sentence.</summary>
public static class HeadNames
{
    public static string Of(Zone zone) =>
        zone switch
        {
            Zone.Nape => "nape",
            Zone.Crown => "crown",
            Zone.Front => "front",
            Zone.Sides => "sides",
            Zone.Edges => "edges",
            _ => "ends",
        };

    public static string Of(LengthLandmark landmark) =>
        landmark switch
        {
            LengthLandmark.Ear => "ear",
            LengthLandmark.Chin => "chin",
            LengthLandmark.Shoulder => "shoulder",
            LengthLandmark.Armpit => "armpit",
            LengthLandmark.MidBack => "mid-back",
            _ => "waist",
        };

    public static string Of(Porosity porosity) =>
        porosity switch
        {
            Porosity.Low => "low",
            Porosity.Medium => "medium",
            _ => "high",
        };

    public static string Of(Density density) =>
        density switch
        {
            Density.Low => "low",
            Density.Medium => "medium",
            _ => "high",
        };

    public static string Of(LocStage stage) =>
        stage switch
        {
            LocStage.Starter => "starter",
            LocStage.Maturing => "maturing",
            _ => "mature",
        };

    public static string Of(StyleMade made) =>
        made switch
        {
            StyleMade.Braids => "braids",
            StyleMade.Twists => "twists",
            StyleMade.Cornrows => "cornrows",
            _ => "crochet",
        };

    public static string Of(ChemicalEventKind kind) =>
        kind switch
        {
            ChemicalEventKind.Colour => "colour",
            ChemicalEventKind.Relaxer => "relaxer",
            _ => "heat damage",
        };

    /// <summary>As a sentence begins with it.</summary>
    public static string Title(ChemicalEventKind kind) =>
        kind switch
        {
            ChemicalEventKind.Colour => "Colour",
            ChemicalEventKind.Relaxer => "Relaxer",
            _ => "Heat damage",
        };
}
