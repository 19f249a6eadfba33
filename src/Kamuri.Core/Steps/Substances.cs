namespace Kamuri.Core.Steps;

/// <summary>What is known of a substance while it lies on the hair.</summary>
/// <param name="Name">In plain words, for sentences.</param>
/// <param name="Weight">Layering weight, 1 water to 5 butter; null when it never stays on.</param>
/// <param name="MustBeRinsed">Never stays in a style.</param>
/// <param name="Slip">0 none to 1 most; eases detangling.</param>
/// <param name="BelongsOnScalp">False for things that clog or itch there.</param>
public sealed record SubstanceFacts(string Name, double? Weight, bool MustBeRinsed, double Slip, bool BelongsOnScalp);

/// <summary>The substances of the catalogue, as data. Weights and slip are craft defaults.</summary>
public static class Substances
{
    private static readonly Dictionary<Substance, SubstanceFacts> All = new()
    {
        [Substance.PrePoo] = new("pre-poo", null, true, 0.7, false),
        [Substance.Shampoo] = new("shampoo", null, true, 0.1, true),
        [Substance.Clarifier] = new("clarifying shampoo", null, true, 0, true),
        [Substance.Tea] = new("tea rinse", 1, false, 0.1, true),
        [Substance.Conditioner] = new("conditioner", null, true, 0.9, false),
        [Substance.Protein] = new("protein treatment", null, true, 0.2, false),
        [Substance.DeepConditioner] = new("deep conditioner", null, true, 0.9, false),
        [Substance.SlipMist] = new("slip mist", 1, false, 0.6, true),
        [Substance.LeaveIn] = new("leave-in", 2, false, 0.6, false),
        [Substance.Gel] = new("gel", 3, false, 0.4, false),
        [Substance.Oil] = new("oil", 4, false, 0.4, true),
        [Substance.Cream] = new("cream", 5, false, 0.3, false),
    };

    public static SubstanceFacts Of(Substance substance) => All[substance];
}
