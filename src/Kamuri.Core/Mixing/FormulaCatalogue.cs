using Kamuri.Core.Physics;
using Kamuri.Core.Steps;
using Kamuri.Core.Units;

namespace Kamuri.Core.Mixing;

/// <summary>The formulas that come with Kamuri, one or more of every kind. Data, with amounts of our own.</summary>
public static class FormulaCatalogue
{
    private static readonly Resource[] Stove = [Resource.Stove];
    private static readonly KeepRule GelKeeps = new(null, new KeepSpan(7, 14), new KeepSpan(90, 90));
    private static readonly KeepRule SameDay = new(new KeepSpan(0, 0), new KeepSpan(0, 0), null);

    public static IReadOnlyList<Formula> All { get; } = [.. Gels(), .. Waters(), .. Oils(), .. Masks(), .. Lasting()];

    /// <summary>Finds a formula that came with Kamuri; null when there is none.</summary>
    public static Formula? Find(Guid id) => All.FirstOrDefault(formula => formula.Id == id);

    /// <summary>The formula a step is made with when nobody chooses, by the name the step catalogue gives.</summary>
    /// <exception cref="KeyNotFoundException">There is none of that name.</exception>
    public static Formula ForPreparation(string preparation) =>
        preparation == "herb-infusion"
            ? All.First(formula => formula.Kind == FormulaKind.HerbTea)
            : throw new KeyNotFoundException($"There is no preparation '{preparation}'.");

    private static Guid Id(int number) => new(number, 0x4b61, 0x6d75, [0x72, 0x69, 0, 0, 0, 0, 0, 0]);

    private static FormulaIngredient Ml(string name, double amount) => new(name, amount, Unit.Millilitre);

    private static FormulaIngredient Grams(string name, double amount) => new(name, amount, Unit.Gram);

    private static IEnumerable<Formula> Gels()
    {
        static MethodStep[] Boil() =>
            [
                new(
                    "boil",
                    "Stir {flaxseed} into {water} and bring to a simmer",
                    3,
                    Stove,
                    "Simmering until it coats the spoon",
                    new Window(6, 8, 12)
                )
                {
                    At = WaitsAt.Stove,
                },
                new("strain", "Strain while hot, through a stocking or a fine sieve", 4, [], "Gel cooling", Cools: true)
                {
                    Does = MethodDeeds.Strains | MethodDeeds.Sieves,
                },
            ];
        yield return new Formula
        {
            Id = Id(1),
            Name = "Firm seed gel",
            Kind = FormulaKind.SeedGel,
            IsShipped = true,
            Ingredients = [new("flaxseed", 1, Unit.PartByVolume), new("water", 5, Unit.PartByVolume)],
            Method = Boil(),
            YieldShare = 0.6,
            Keep = GelKeeps,
            ServesAs = [Substance.Gel, Substance.EdgeControl],
            HotAt = new Celsius(85),
            Note = "Firm for hold and edges. It thickens as it cools; stop early rather than late.",
        };
        yield return new Formula
        {
            Id = Id(2),
            Name = "Thin seed gel",
            Kind = FormulaKind.SeedGel,
            IsShipped = true,
            Ingredients = [new("flaxseed", 1, Unit.PartByVolume), new("water", 8, Unit.PartByVolume)],
            Method = Boil(),
            YieldShare = 0.7,
            Keep = GelKeeps,
            ServesAs = [Substance.PlantGel, Substance.Gel],
            HotAt = new Celsius(85),
            Note = "Thin for pre-poo and definition.",
        };
        yield return new Formula
        {
            Id = Id(3),
            Name = "Leaf gel",
            Kind = FormulaKind.LeafGel,
            IsShipped = true,
            Ingredients = [Grams("aloe leaf", 300), Ml("water", 30)],
            Method =
            [
                new(
                    "trim",
                    "Trim the spines of {aloe leaf}, cut it across and stand it up",
                    4,
                    [],
                    "Yellow sap draining",
                    new Window(30, 60, 720)
                )
                {
                    Does = MethodDeeds.DrainsSap,
                },
                new("peel", "Look at the water: soak it again while it is yellow. Then rinse, peel and scrape the gel out", 8, []),
                new("pulse", "Pulse briefly with {water} and strain", 3, []) { Does = MethodDeeds.Strains | MethodDeeds.Sieves },
            ],
            YieldShare = 0.6,
            Keep = new KeepRule(null, new KeepSpan(3, 5), new KeepSpan(90, 90)),
            ServesAs = [Substance.PlantGel, Substance.Mist],
            Note = "Drain until the water stays clear: the yellow sap irritates.",
        };
        var strained = new MethodStep("strain", "Strain and fill into a spray bottle", 4, [], "Gel chilling", new Window(10, 10, 60))
        {
            At = WaitsAt.Fridge,
            Does = MethodDeeds.Strains | MethodDeeds.Sieves,
        };
        var pods = new Formula
        {
            Id = Id(4),
            Name = "Pod gel",
            Kind = FormulaKind.PodGel,
            IsShipped = true,
            Ingredients = [Grams("okra pods", 200), Ml("water", 300)],
            Method =
            [
                new("halve", "Halve {okra pods} and put them on with {water}", 4, Stove, "Pods simmering", new Window(8, 10, 12))
                {
                    At = WaitsAt.Stove,
                },
                strained,
            ],
            YieldShare = 0.55,
            Keep = new KeepRule(null, new KeepSpan(2, 2), null),
            ServesAs = [Substance.PlantGel],
            Note = "Always rinsed and washed out; it never stays in the hair.",
        };
        yield return pods;
        yield return pods with
        {
            Id = Id(5),
            Name = "Pod gel from frozen pods",
            Method =
            [
                new("thaw", "Take {okra pods} out of the freezer", 1, [], "Pods thawing", new Window(5, 5, 30)),
                new("halve", "Put {okra pods} on with {water}", 2, Stove, "Pods simmering", new Window(20, 25, 30)) { At = WaitsAt.Stove },
                strained,
            ],
        };
    }

    private static IEnumerable<Formula> Waters()
    {
        yield return new Formula
        {
            Id = Id(10),
            Name = "Herb tea",
            Kind = FormulaKind.HerbTea,
            IsShipped = true,
            Ingredients = [Ml("water", 250), new("dried herb", 1, Unit.Tablespoon)],
            Method =
            [
                new("boil", "Put {water} on to boil", 2, Stove, "Water heating", new Window(6, 6, 15)) { At = WaitsAt.Stove },
                new("steep", "Pour over {dried herb} and cover", 1, [], "Tea steeping", new Window(10, 15, 20)),
                new("strain", "Strain into a wide bowl", 2, [], "Tea cooling", Cools: true)
                {
                    Does = MethodDeeds.Strains | MethodDeeds.Sieves,
                },
            ],
            YieldShare = 0.94,
            Keep = new KeepRule(null, new KeepSpan(2, 3), null),
            ServesAs = [Substance.Tea, Substance.HerbJuice],
            Note = "Warm for low porosity, cool for closing.",
        };
        yield return new Formula
        {
            Id = Id(11),
            Name = "Grain water",
            Kind = FormulaKind.GrainWater,
            IsShipped = true,
            Ingredients = [Ml("rice", 100), Ml("water", 400)],
            Method =
            [
                new("soak", "Rinse {rice} twice and cover with {water}", 4, [], "Grain soaking", new Window(720, 840, 1440)),
                new("strain", "Strain, fill into a jar and write the date on it", 3, []) { Does = MethodDeeds.Strains },
            ],
            YieldShare = 0.7,
            Keep = new KeepRule(null, new KeepSpan(7, 30), null),
            ServesAs = [Substance.GrainWater],
            Note = "Counts as protein. Past a week only after a smell check.",
        };
        yield return new Formula
        {
            Id = Id(12),
            Name = "Fermented grain water",
            Kind = FormulaKind.GrainWater,
            IsShipped = true,
            Ingredients = [new("Grain water", 1, Unit.PartByVolume) { FormulaId = Id(11) }, new("water", 1, Unit.PartByVolume)],
            Method =
            [
                new("stand", "Leave the strained grain water covered in the room", 1, [], "Fermenting", new Window(1440, 2880, 7200)),
                new("thin", "Thin with {water}", 1, []),
            ],
            Keep = new KeepRule(null, new KeepSpan(7, 14), null),
            ServesAs = [Substance.GrainWater],
            Note = "Never on the hair unthinned.",
        };
        yield return new Formula
        {
            Id = Id(13),
            Name = "Onion juice",
            Kind = FormulaKind.OnionJuice,
            IsShipped = true,
            Ingredients = [Grams("onion", 110), Ml("water", 20)],
            Method =
            [
                new("blend", "Blend {onion} with {water}", 5, []),
                new("strain", "Strain through a cloth; keep it away from the eyes", 4, [])
                {
                    Does = MethodDeeds.Strains | MethodDeeds.Sieves,
                },
            ],
            YieldShare = 0.5,
            Keep = SameDay,
            ServesAs = [Substance.OnionJuice],
            Vessel = Vessel.ApplicatorBottle,
            Note = "Scalp only, a small amount, before the cleanse. It irritates and its smell stays.",
        };
        yield return new Formula
        {
            Id = Id(14),
            Name = "Refresh spray",
            Kind = FormulaKind.RefreshSpray,
            IsShipped = true,
            Ingredients = [Ml("water", 85), Ml("leave-in", 15)],
            Method = [new("shake", "Shake {water} and {leave-in} in a spray bottle", 2, [])],
            Keep = new KeepRule(null, new KeepSpan(3, 3), null),
            ServesAs = [Substance.Mist, Substance.SlipMist, Substance.LightSpray],
        };
        yield return new Formula
        {
            Id = Id(15),
            Name = "Acidic rinse",
            Kind = FormulaKind.Other,
            IsShipped = true,
            Ingredients = [Ml("water", 480), Ml("apple cider vinegar", 20)],
            Method = [new("stir", "Stir {apple cider vinegar} into {water}", 1, [])],
            Keep = SameDay,
            ServesAs = [Substance.AcidicRinse],
            Note = "Never stronger; keep it out of the eyes.",
        };
    }

    private static IEnumerable<Formula> Oils()
    {
        yield return new Formula
        {
            Id = Id(20),
            Name = "Infused oil",
            Kind = FormulaKind.InfusedOil,
            IsShipped = true,
            Ingredients = [Ml("sunflower oil", 200), Ml("castor oil", 50), new("dried rosemary", 4, Unit.Tablespoon)],
            Method =
            [
                new(
                    "warm",
                    "Set {sunflower oil}, {castor oil} and {dried rosemary} in a jar over a water bath",
                    4,
                    Stove,
                    "Oil drawing until the leaves are crisp",
                    new Window(15, 25, 40)
                )
                {
                    At = WaitsAt.Stove,
                },
                new("strain", "Strain through a cloth", 4, [], "Oil cooling", Cools: true)
                {
                    Does = MethodDeeds.Strains | MethodDeeds.Sieves,
                },
            ],
            YieldShare = 0.8,
            Keep = new KeepRule(new KeepSpan(90, 180), null, null),
            Vessel = Vessel.Jar,
            HotAt = new Celsius(80),
            ServesAs = [Substance.PrePoo, Substance.HotOil, Substance.Oil, Substance.ScalpOil],
            Note = "With dry leaves only; oil on fresh leaves keeps two weeks.",
        };
        yield return new Formula
        {
            Id = Id(21),
            Name = "Scented infused oil",
            Kind = FormulaKind.InfusedOil,
            IsShipped = true,
            Ingredients = [new("Infused oil", 100, Unit.Millilitre) { FormulaId = Id(20) }, new("lavender oil", 12, Unit.Drop)],
            Method = [new("drop", "Stir {lavender oil} into the oil once it is hand-warm", 1, [])],
            Keep = new KeepRule(new KeepSpan(90, 180), null, null),
            Vessel = Vessel.Jar,
            ServesAs = [Substance.PrePoo, Substance.HotOil, Substance.ScalpOil],
            Note = "Not for children and not in pregnancy.",
        };
        yield return new Formula
        {
            Id = Id(22),
            Name = "Warmed oil",
            Kind = FormulaKind.WarmedOil,
            IsShipped = true,
            Ingredients = [Ml("olive oil", 2), Ml("coconut oil", 1)],
            Method =
            [
                new(
                    "warm",
                    "Stand the jar with {olive oil} and {coconut oil} in hot water and stir; wrist test",
                    2,
                    [],
                    "Oil warming",
                    new Window(3, 5, 6)
                ),
            ],
            Keep = KeepRule.Now,
            Vessel = Vessel.Jar,
            UsedWarm = true,
            ServesAs = [Substance.HotOil, Substance.PrePoo, Substance.HeavyOil, Substance.OilRinse],
            Note = "Never in a microwave. Test it on your wrist first.",
        };
    }

    private static IEnumerable<Formula> Masks()
    {
        yield return new Formula
        {
            Id = Id(30),
            Name = "Herb paste",
            Kind = FormulaKind.PowderPaste,
            IsShipped = true,
            Ingredients =
            [
                new("hibiscus powder", 2, Unit.PartByVolume),
                new("amla powder", 1, Unit.PartByVolume),
                new("water", 6, Unit.PartByVolume),
                new("olive oil", 0.25, Unit.PartByVolume),
            ],
            Method =
            [
                new(
                    "stir",
                    "Sieve {hibiscus powder} and {amla powder}, stir in {water}, warm, until it drops slowly from the spoon",
                    6,
                    [],
                    "Paste resting",
                    new Window(5, 8, 20)
                )
                {
                    Does = MethodDeeds.Sieves,
                },
                new("loosen", "Loosen with {olive oil}", 1, []),
            ],
            YieldShare = 0.75,
            Keep = SameDay,
            ServesAs = [Substance.HerbPaste],
            Note = "Do not breathe the dust. It stains: old shirt, old towel.",
        };
        yield return new Formula
        {
            Id = Id(31),
            Name = "Melted treatment",
            Kind = FormulaKind.MeltedBar,
            IsShipped = true,
            Ingredients = [new("treatment bar", 1, Unit.Piece), Ml("coconut milk", 120)],
            Method =
            [
                new(
                    "melt",
                    "Melt {treatment bar} in {coconut milk} over a water bath",
                    4,
                    Stove,
                    "Melting until it drops slowly",
                    new Window(8, 10, 15)
                )
                {
                    At = WaitsAt.Stove,
                },
                new("cool", "Take it off and stir", 1, [], "Cooling to warm", Cools: true),
            ],
            Keep = SameDay,
            ServesAs = [Substance.DeepConditioner, Substance.PrePoo],
            HotAt = new Celsius(65),
            UsedWarm = true,
        };
        yield return new Formula
        {
            Id = Id(32),
            Name = "Boosted conditioner",
            Kind = FormulaKind.BoostedConditioner,
            IsShipped = true,
            Ingredients = [Ml("conditioner", 100), Ml("olive oil", 10), Ml("honey", 6)],
            Method = [new("stir", "Stir {olive oil} and {honey} into {conditioner}", 3, [])],
            Keep = SameDay,
            ServesAs = [Substance.DeepConditioner, Substance.Conditioner, Substance.EndShield],
            Note = "Without the honey it keeps 14 days.",
        };
        yield return new Formula
        {
            Id = Id(33),
            Name = "Oil-boosted conditioner",
            Kind = FormulaKind.BoostedConditioner,
            IsShipped = true,
            Ingredients = [Ml("conditioner", 100), Ml("olive oil", 12)],
            Method = [new("stir", "Stir {olive oil} into {conditioner}", 3, [])],
            Keep = new KeepRule(new KeepSpan(14, 14), new KeepSpan(14, 14), null),
            ServesAs = [Substance.DeepConditioner, Substance.Conditioner, Substance.EndShield],
        };
        yield return new Formula
        {
            Id = Id(34),
            Name = "Egg mask",
            Kind = FormulaKind.EggMask,
            IsShipped = true,
            Ingredients = [new("egg", 1, Unit.Piece), new("honey", 1, Unit.Tablespoon), new("olive oil", 1, Unit.Tablespoon)],
            Method = [new("beat", "Beat {egg} with {honey} and {olive oil}", 5, [])],
            Keep = KeepRule.Now,
            ServesAs = [Substance.Egg, Substance.Protein],
            Note = "Fresh eggs; rinse cool, then wash. It runs: wear old clothes, or mash in half an avocado for body.",
        };
        yield return new Formula
        {
            Id = Id(35),
            Name = "Clay mask",
            Kind = FormulaKind.ClayMask,
            IsShipped = true,
            Ingredients =
            [
                new("bentonite clay", 4, Unit.PartByVolume),
                new("water", 5, Unit.PartByVolume),
                new("olive oil", 0.25, Unit.PartByVolume),
            ],
            Method = [new("stir", "Stir {bentonite clay} into {water} in a bowl that is not metal, then {olive oil}", 5, [])],
            YieldShare = 0.75,
            Keep = KeepRule.Now,
            ServesAs = [Substance.Clay],
            Note = "Do not breathe the dust. Keep it damp on the hair; a long deep condition has to follow.",
        };
        yield return new Formula
        {
            Id = Id(36),
            Name = "Leaf gel with infused oil",
            Kind = FormulaKind.LeafGel,
            IsShipped = true,
            Ingredients =
            [
                new("Leaf gel", 100, Unit.Millilitre) { FormulaId = Id(3) },
                new("Infused oil", 15, Unit.Millilitre) { FormulaId = Id(20) },
            ],
            Method = [new("whisk", "Whisk the oil into the gel until it binds", 3, [])],
            Keep = new KeepRule(null, new KeepSpan(2, 3), null),
            ServesAs = [Substance.PlantGel, Substance.PrePoo],
        };
    }

    private static IEnumerable<Formula> Lasting()
    {
        yield return new Formula
        {
            Id = Id(40),
            Name = "Whipped butter",
            Kind = FormulaKind.WhippedButter,
            IsShipped = true,
            Ingredients =
            [
                new("shea butter", 7, Unit.PartByWeight),
                new("jojoba oil", 2, Unit.PartByWeight),
                new("castor oil", 1, Unit.PartByWeight),
            ],
            Method =
            [
                new(
                    "melt",
                    "Melt {shea butter} over a water bath, take it off, stir in {jojoba oil} and {castor oil}",
                    6,
                    Stove,
                    "Setting in the cold",
                    new Window(20, 30, 60)
                )
                {
                    At = WaitsAt.Fridge,
                },
                new("whip", "Whip until it is light", 6, []),
            ],
            Keep = new KeepRule(new KeepSpan(90, 180), null, null),
            ServesAs = [Substance.Butter],
            Vessel = Vessel.Jar,
        };
        yield return new Formula
        {
            Id = Id(41),
            Name = "Seal blend",
            Kind = FormulaKind.WhippedButter,
            IsShipped = true,
            Ingredients = [new("jojoba oil", 3, Unit.PartByVolume), new("castor oil", 1, Unit.PartByVolume)],
            Method = [new("shake", "Shake {jojoba oil} and {castor oil} in a bottle", 2, [])],
            Keep = new KeepRule(new KeepSpan(90, 180), null, null),
            ServesAs = [Substance.Oil, Substance.ScalpOil],
            Vessel = Vessel.Jar,
        };
    }
}
