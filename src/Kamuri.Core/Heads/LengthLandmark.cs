using Kamuri.Core.Units;

namespace Kamuri.Core.Heads;

/// <summary>Where stretched hair reaches to on the person it grows on.</summary>
public enum LengthLandmark
{
    Ear,
    Chin,
    Shoulder,
    Armpit,
    MidBack,
    Waist,
}

/// <summary>The lengths of a head that was not measured zone by zone.</summary>
public static class LandmarkLengths
{
    /// <summary>Length of the other zones as a share of the crown's, on hair that hangs in one line (product default).</summary>
    private const double NapeShare = 0.85;
    private const double FrontShare = 0.93;
    private const double SidesShare = 0.9;

    /// <summary>A measured length this much longer or shorter than its landmark, as a share, contradicts it (product default).</summary>
    public const double MostApart = 0.4;

    /// <summary>The stretched length of every zone of hair that reaches to a landmark, in centimetres.</summary>
    public static ZoneLengths Of(LengthLandmark landmark, AgeGroup age, HeadFigures figures) =>
        Of(Math.Round(figures.LandmarkCentimetres[landmark] * figures.LandmarkScale[age]));

    /// <summary>The stretched length of every zone, from one strand at the crown.</summary>
    /// <param name="crown">In centimetres; the others are made no shorter than can be sectioned.</param>
    public static ZoneLengths Of(double crown)
    {
        Centimetres At(double share) => new(Math.Max(HeadLimits.ShortestCentimetres, Math.Round(crown * share)));
        return new ZoneLengths(At(NapeShare), new(crown), At(FrontShare), At(SidesShare));
    }

    /// <summary>Whether somebody cannot have hair of both.</summary>
    public static bool Contradict(LengthLandmark landmark, double crown, AgeGroup age, HeadFigures figures) =>
        Math.Abs((crown / Of(landmark, age, figures).Crown.Value) - 1) > MostApart;
}
