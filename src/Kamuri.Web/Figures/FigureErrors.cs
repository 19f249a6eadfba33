namespace Kamuri.Web.Figures;

/// <summary>What is said about errors about figures.</summary>
[Texts("errors about figures")]
internal static class FigureErrors
{
    // FigureEndpoints
    public const string ThereIsNoSuchFigure = "There is no such figure.";
}
