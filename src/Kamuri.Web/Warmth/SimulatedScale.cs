namespace Kamuri.Web.Warmth;

/// <summary>A small scale in the kitchen.</summary>
internal interface IScale
{
    /// <summary>What it shows, in grams.</summary>
    /// <param name="about">What was to be put on it, in grams.</param>
    double Read(double about);
}

/// <summary>Stands in for a real scale: somebody's hand that takes a little more or less than it should, read to the gram.</summary>
internal sealed class SimulatedScale(TimeProvider clock) : IScale
{
    private const double Unsteady = 0.08;

    public double Read(double about) => Math.Round(about * (1 + (Unsteady * Math.Sin(clock.GetUtcNow().ToUnixTimeSeconds() / 7.0))));
}
