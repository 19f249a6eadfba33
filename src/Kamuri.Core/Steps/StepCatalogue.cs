using System.Collections.Frozen;

namespace Kamuri.Core.Steps;

/// <summary>All kinds of step there are, by id and in the order of a wash day.</summary>
public static partial class StepCatalogue
{
    /// <summary>Every kind, in the order practitioners meet them.</summary>
    public static IReadOnlyList<StepKind> All { get; } = [.. BeforeWater, .. AtTheBasin, .. AfterWater, .. Treatments, .. Keeping];

    private static readonly FrozenDictionary<string, StepKind> ById = All.ToFrozenDictionary(kind => kind.Id);

    /// <summary>Finds a kind by id; null when there is none.</summary>
    public static StepKind? Find(string id) => ById.GetValueOrDefault(id);

    /// <summary>The kind of a step by its id in a plan: the kind's own, or with a number behind it. Null when there is none.</summary>
    public static StepKind? OfStep(string id) => Find(id) ?? Find(id.TrimEnd("0123456789".ToCharArray()).TrimEnd('-'));

    /// <summary>Finds a kind the caller knows to exist.</summary>
    /// <exception cref="KeyNotFoundException">There is no such kind.</exception>
    public static StepKind Get(string id) => ById[id];
}

/// <summary>Ids of the kinds that code refers to by name; the rest are only data.</summary>
public static class StepIds
{
    public const string Look = "look";
    public const string Dampen = "dampen";
    public const string SlipMist = "slip-mist";
    public const string PrePoo = "pre-poo";
    public const string FingerDetangle = "finger-detangle";
    public const string ToolDetangle = "tool-detangle";
    public const string TwistAndClip = "twist-and-clip";
    public const string Cover = "cover";
    public const string WetThrough = "wet-through";
    public const string Cleanse = "cleanse";
    public const string Clarify = "clarify";
    public const string Rinse = "rinse";
    public const string TeaRinse = "tea-rinse";
    public const string Wring = "wring";
    public const string Conditioner = "conditioner";
    public const string Protein = "protein-light";
    public const string DeepCondition = "deep-condition";
    public const string CoolRinse = "cool-rinse";
    public const string Blot = "blot";
    public const string LeaveIn = "leave-in";
    public const string LeaveInInShower = "leave-in-in-shower";
    public const string Oil = "oil";
    public const string Cream = "cream";
    public const string Gel = "gel";
    public const string Twists = "twists";
    public const string TakeTwistsDown = "take-twists-down";
    public const string UndoTwists = "undo-twists";
    public const string TakeStyleDown = "take-style-down";
    public const string ScarfSmoothing = "scarf-smoothing";
    public const string Bun = "bun";
    public const string WashAndGo = "wash-and-go";
    public const string Dry = "dry";
    public const string PatchTest = "patch-test";
    public const string ScalpMassage = "scalp-massage";
    public const string PlantGel = "plant-gel";
    public const string HerbJuice = "herb-juice";
    public const string OnionJuice = "onion-juice";
    public const string GrainWater = "grain-water";
    public const string HotOil = "hot-oil";
    public const string HotOilAfter = "hot-oil-after";
    public const string HeavyOil = "heavy-oil";
    public const string HeavyOilOvernight = "heavy-oil-overnight";
    public const string PrePooOvernight = "pre-poo-overnight";
    public const string EndShield = "end-shield";
    public const string CoWash = "co-wash";
    public const string Clay = "clay";
    public const string HerbPaste = "herb-paste";
    public const string EggMask = "egg-mask";
    public const string StrongProtein = "protein-strong";
    public const string ProteinDeepCondition = "protein-deep-condition";
    public const string OilRinse = "oil-rinse";
    public const string AloeRinse = "aloe-rinse";
    public const string Plop = "plop";
    public const string Butter = "butter";
    public const string LocSoak = "loc-soak";
    public const string PartCleanse = "part-cleanse";
    public const string PressRinse = "press-rinse";
    public const string SprayConditioner = "spray-conditioner";
    public const string ScalpOil = "scalp-oil";
    public const string Retwist = "retwist";
    public const string ClearLint = "clear-lint";
    public const string SingleTwists = "single-twists";
    public const string Braids = "braids";
    public const string Edges = "edges";
    public const string Scarf = "scarf";
    public const string Refresh = "refresh";
    public const string Trim = "trim";
    public const string ProteinPrePoo = "protein-pre-poo";
}
