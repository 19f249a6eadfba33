using System.Collections.Frozen;

namespace Kamuri.Core.Steps;

/// <summary>How much protein something brings.</summary>
public enum ProteinStrength
{
    None,
    Light,
    Strong,
}

/// <summary>What is known of a substance while it lies on the hair.</summary>
/// <param name="Name">In plain words, for sentences.</param>
public sealed record SubstanceFacts(string Name)
{
    /// <summary>Layering weight, 1 water to 5 butter (craft default); null when it never stays on.</summary>
    public double? Weight { get; init; }

    /// <summary>Never stays in a style: at least water has to take it off.</summary>
    public bool MustBeRinsed { get; init; }

    /// <summary>Water alone does not take it off: a cleanse or co-wash has to.</summary>
    public bool MustBeWashedOut { get; init; }

    /// <summary>One pass of shampoo does not take it off.</summary>
    public bool IsHeavyOil { get; init; }

    /// <summary>Keeps water out of what lies under it.</summary>
    public bool Seals { get; init; }

    /// <summary>0 none to 1 most (craft default); eases detangling.</summary>
    public double Slip { get; init; }

    /// <summary>False for things that clog or itch there.</summary>
    public bool BelongsOnScalp { get; init; } = true;

    public ProteinStrength Protein { get; init; }

    /// <summary>Sets solid in warm water.</summary>
    public bool IsRawEgg { get; init; }

    /// <summary>Irritates: never on a child under six and never on broken skin.</summary>
    public bool Irritates { get; init; }

    /// <summary>Stings broken skin and eyes.</summary>
    public bool StingsBrokenSkin { get; init; }

    /// <summary>Goes on warm on hair that takes water in slowly.</summary>
    public bool IsMostlyWater { get; init; }

    /// <summary>Leaves residue inside locs.</summary>
    public bool LeavesResidue { get; init; }
}

/// <summary>The substances of the catalogue, as data. Weights and slip are craft defaults.</summary>
public static class Substances
{
    private static readonly FrozenDictionary<Substance, SubstanceFacts> All = new Dictionary<Substance, SubstanceFacts>
    {
        [Substance.PrePoo] = new("pre-poo")
        {
            MustBeRinsed = true,
            Slip = 0.7,
            BelongsOnScalp = false,
            LeavesResidue = true,
        },
        [Substance.PlantGel] = new("plant gel")
        {
            MustBeRinsed = true,
            Slip = 0.8,
            IsMostlyWater = true,
        },
        [Substance.HerbJuice] = new("herb juice")
        {
            IsMostlyWater = true,
            MustBeRinsed = true,
            Slip = 0.1,
            StingsBrokenSkin = true,
        },
        [Substance.OnionJuice] = new("onion juice")
        {
            IsMostlyWater = true,
            MustBeRinsed = true,
            MustBeWashedOut = true,
            Irritates = true,
        },
        [Substance.GrainWater] = new("grain water")
        {
            IsMostlyWater = true,
            MustBeRinsed = true,
            Slip = 0.6,
            Protein = ProteinStrength.Light,
        },
        [Substance.HotOil] = new("treatment oil")
        {
            MustBeRinsed = true,
            Slip = 0.6,
            LeavesResidue = true,
        },
        [Substance.HeavyOil] = new("heavy oil")
        {
            MustBeRinsed = true,
            MustBeWashedOut = true,
            IsHeavyOil = true,
            Seals = true,
            Slip = 0.5,
            LeavesResidue = true,
        },
        [Substance.EndShield] = new("conditioner on the ends")
        {
            MustBeRinsed = true,
            Slip = 0.6,
            BelongsOnScalp = false,
        },
        [Substance.Shampoo] = new("shampoo") { MustBeRinsed = true, Slip = 0.1 },
        [Substance.DilutedCleanser] = new("diluted cleanser") { MustBeRinsed = true },
        [Substance.Clarifier] = new("clarifying shampoo") { MustBeRinsed = true },
        [Substance.CoWash] = new("co-wash")
        {
            MustBeRinsed = true,
            Slip = 0.8,
            LeavesResidue = true,
        },
        [Substance.LocSoak] = new("detox soak") { MustBeRinsed = true },
        [Substance.Clay] = new("clay")
        {
            MustBeRinsed = true,
            Slip = 0.3,
            LeavesResidue = true,
        },
        [Substance.HerbPaste] = new("herb paste")
        {
            IsMostlyWater = true,
            MustBeRinsed = true,
            MustBeWashedOut = true,
            Slip = 0.4,
            LeavesResidue = true,
        },
        [Substance.Tea] = new("tea rinse")
        {
            Weight = 1,
            Slip = 0.1,
            IsMostlyWater = true,
        },
        [Substance.Conditioner] = new("conditioner")
        {
            MustBeRinsed = true,
            Slip = 0.9,
            BelongsOnScalp = false,
        },
        [Substance.LightSpray] = new("light spray conditioner") { Weight = 1, Slip = 0.3 },
        [Substance.Protein] = new("protein treatment")
        {
            MustBeRinsed = true,
            Slip = 0.2,
            BelongsOnScalp = false,
            Protein = ProteinStrength.Light,
        },
        [Substance.StrongProtein] = new("strong protein")
        {
            MustBeRinsed = true,
            BelongsOnScalp = false,
            Protein = ProteinStrength.Strong,
        },
        [Substance.Egg] = new("egg mask")
        {
            MustBeRinsed = true,
            MustBeWashedOut = true,
            Slip = 0.4,
            Protein = ProteinStrength.Light,
            IsRawEgg = true,
            LeavesResidue = true,
        },
        [Substance.DeepConditioner] = new("deep conditioner")
        {
            MustBeRinsed = true,
            Slip = 0.9,
            BelongsOnScalp = false,
            LeavesResidue = true,
        },
        [Substance.ProteinConditioner] = new("deep conditioner with protein")
        {
            MustBeRinsed = true,
            Slip = 0.8,
            BelongsOnScalp = false,
            Protein = ProteinStrength.Light,
            LeavesResidue = true,
        },
        [Substance.OilRinse] = new("oil rinse")
        {
            MustBeRinsed = true,
            Slip = 0.6,
            LeavesResidue = true,
        },
        [Substance.AcidicRinse] = new("aloe rinse") { Weight = 1 },
        [Substance.SlipMist] = new("slip mist") { Weight = 1, Slip = 0.6 },
        [Substance.Mist] = new("refresh mist") { Weight = 1, Slip = 0.3 },
        [Substance.LeaveIn] = new("leave-in")
        {
            Weight = 2,
            Slip = 0.6,
            BelongsOnScalp = false,
        },
        [Substance.Gel] = new("gel")
        {
            Weight = 3,
            Slip = 0.4,
            BelongsOnScalp = false,
        },
        [Substance.EdgeControl] = new("edge control")
        {
            Weight = 5,
            BelongsOnScalp = false,
            LeavesResidue = true,
        },
        [Substance.ScalpOil] = new("light scalp oil") { Weight = 3.5, Slip = 0.2 },
        [Substance.Oil] = new("oil")
        {
            Weight = 4,
            Seals = true,
            Slip = 0.4,
        },
        [Substance.Cream] = new("cream")
        {
            Weight = 5,
            Slip = 0.3,
            BelongsOnScalp = false,
            LeavesResidue = true,
        },
        [Substance.Butter] = new("butter")
        {
            Weight = 5,
            Seals = true,
            Slip = 0.3,
            BelongsOnScalp = false,
            LeavesResidue = true,
        },
    }.ToFrozenDictionary();

    /// <summary>Slip of every substance that has any, as shipped; a household may set its own.</summary>
    public static IReadOnlyDictionary<Substance, double> Slips { get; } =
        All.Where(pair => pair.Value.Slip > 0).ToDictionary(pair => pair.Key, pair => pair.Value.Slip);

    public static SubstanceFacts Of(Substance substance) => All[substance];
}
