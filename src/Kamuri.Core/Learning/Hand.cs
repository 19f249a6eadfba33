namespace Kamuri.Core.Learning;

/// <summary>
/// How much this head really takes against what the film model says: the <em>hand</em> of whoever does it.
/// </summary>
/// <param name="Factor">Multiplies every amount; 1 until anything was learnt.</param>
/// <param name="Count">How many amounts it was learnt from.</param>
public sealed record Hand(double Factor, int Count)
{
    /// <summary>Nothing learnt yet.</summary>
    public static Hand Unknown { get; } = new(1, 0);

    /// <summary>Weight of the model against what was seen, in amounts (craft default for shrinkage).</summary>
    private const double Prior = 2;

    /// <summary>A ratio beyond this either way is a slip of the pen, and counts as this.</summary>
    private const double Furthest = 3;

    /// <summary>
    /// Learns from what was used against what was planned: a geometric mean, drawn towards 1 while there is little of it.
    /// </summary>
    /// <param name="amounts">Planned and used, in the same unit; pairs that are not above 0 say nothing.</param>
    public static Hand From(IEnumerable<(double Planned, double Used)> amounts)
    {
        var ratios = amounts
            .Where(pair => pair.Planned > 0 && pair.Used > 0)
            .Select(pair => Math.Log(Math.Clamp(pair.Used / pair.Planned, 1 / Furthest, Furthest)))
            .ToList();
        return ratios.Count == 0 ? Unknown : new Hand(Math.Exp(ratios.Sum() / (ratios.Count + Prior)), ratios.Count);
    }
}
