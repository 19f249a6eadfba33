using Kamuri.Core.Heads;

namespace Kamuri.Core.Timing;

/// <summary>How tangled hair is, as a factor on detangling time: 0.6 just combed, 2 after ten days loose, 3 at most.</summary>
public static class Tangle
{
    /// <summary>Tangle on the day, before anything is done.</summary>
    public static double Of(Head head, DateOnly today, HandsOnFigures figures)
    {
        // What has just come down was last combed when it was put in.
        var (days, worn) = head.Wear.Down is { } down
            ? (down.WornDays, down.Made == StyleMade.Twists ? WornAs.Twists : WornAs.Braids)
            : (head.LastDetangle is { } last ? Math.Max(0, today.DayNumber - last.DayNumber) : figures.UnknownDays, head.WornAs);
        return Math.Clamp(
            figures.LeastTangle + figures.TanglePerDay * days * figures.WornFactor[worn],
            figures.LeastTangle,
            figures.MostTangle
        );
    }

    /// <summary>Tangle as the hands feel it with something slippery on the hair.</summary>
    /// <param name="tangle">0.6 to 3.</param>
    /// <param name="slip">0 to 1.</param>
    public static double WithSlip(double tangle, double slip, HandsOnFigures figures) =>
        Math.Clamp(tangle * (1 - figures.SlipRelief * slip), figures.LeastTangle, figures.MostTangle);
}
