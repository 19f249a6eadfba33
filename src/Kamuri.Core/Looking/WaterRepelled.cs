using Kamuri.Core.Composing;
using Kamuri.Core.Heads;
using Kamuri.Core.Rhythm;
using Kamuri.Core.Steps;

namespace Kamuri.Core.Looking;

/// <summary>One answer that can be given.</summary>
/// <param name="Value">Its name.</param>
/// <param name="Word">In plain words.</param>
public sealed record Answer(string Value, string Word);

/// <summary>A question of an ordered inquiry.</summary>
/// <param name="Id">Its name.</param>
/// <param name="Ask">The question.</param>
/// <param name="How">How to find out, in a sentence.</param>
/// <param name="Answers">What can be answered.</param>
/// <param name="OnRecord">The answer the record suggests; null when it knows nothing.</param>
/// <param name="Evidence">What the record says, in a sentence; empty when it knows nothing.</param>
public sealed record Question(
    string Id,
    string Ask,
    string How,
    IReadOnlyList<Answer> Answers,
    string? OnRecord = null,
    string Evidence = ""
);

/// <summary>What the answers make of the next wash day.</summary>
/// <param name="Finding">What it most likely is, in a sentence.</param>
/// <param name="Aim">What the day is for.</param>
/// <param name="TreatmentHeat">What warms treatments; null leaves it to the school.</param>
/// <param name="Layering">The order of layers.</param>
/// <param name="Schools">The sides taken.</param>
/// <param name="Edits">Changes to the composed day.</param>
/// <param name="Changes">What changes and why, a sentence each.</param>
public sealed record WaterPlan(
    string Finding,
    Aim Aim,
    Heat? TreatmentHeat,
    Layering Layering,
    Schools Schools,
    IReadOnlyList<PlanEdit> Edits,
    IReadOnlyList<string> Changes
);

/// <summary>An inquiry at one point: the question to ask next, or the plan it leads to.</summary>
/// <param name="Next">The next question; null at the end.</param>
/// <param name="Plan">The plan; null before the end.</param>
/// <param name="OutOf">How many questions there are at most.</param>
public sealed record WaterInquiry(Question? Next, WaterPlan? Plan, int OutOf);

/// <summary>What the inquiry may look at.</summary>
public sealed record WaterCase(Head Head, History History, Equipment Equipment, DateOnly Today, RhythmFigures Figures);

/// <summary>
/// Hair that repels water: asks in order for build-up, chemical history, low porosity and technique, because each hides
/// the next. Build-up ends the inquiry: what lies under it can only be judged on clean hair.
/// </summary>
public static class WaterRepelled
{
    public const string Clarified = "clarified";
    public const string Layers = "layers";
    public const string Chemical = "chemical";
    public const string Beads = "beads";
    public const string Technique = "technique";

    private static readonly string[] Order = [Clarified, Layers, Chemical, Beads, Technique];

    /// <summary>The next question after these answers, or the plan they lead to. Answers that are not known are asked for again.</summary>
    public static WaterInquiry Ask(WaterCase about, IReadOnlyDictionary<string, string> answers)
    {
        foreach (var id in Order)
        {
            var question = Build(id, about);
            var given = answers.GetValueOrDefault(id);
            if (question.Answers.All(answer => answer.Value != given))
            {
                return new WaterInquiry(question, null, Order.Length);
            }

            if (id == Layers && HasBuildUp(answers))
            {
                return new WaterInquiry(null, BuildUp(about), Order.Length);
            }
        }

        return new WaterInquiry(null, Otherwise(about, answers), Order.Length);
    }

    private static bool HasBuildUp(IReadOnlyDictionary<string, string> answers) =>
        answers[Layers] == "heavy" || (answers[Clarified] is "long" or "unknown" && answers[Layers] != "light");

    private static Question Build(string id, WaterCase about) =>
        id switch
        {
            Clarified => WhenClarified(about),
            Layers => new Question(
                Layers,
                "What stays on it between washes?",
                "Read the first five names on the labels.",
                [
                    new("heavy", "Butters, waxes or silicones"),
                    new("middling", "Creams and oils"),
                    new("light", "Only light, watery things"),
                ],
                about.Head.Schools.Butter ? "heavy" : null,
                about.Head.Schools.Butter ? "This head's school puts butter last." : ""
            ),
            Chemical => AboutChemicals(about),
            Beads => new Question(
                Beads,
                "Spray a clean, product-free strand. What does the water do?",
                "Wait a minute; look at the drops from the side.",
                [new("stay", "Beads that stay"), new("slowly", "Soaks in slowly"), new("atOnce", "Soaks in within seconds")],
                about.Head.Porosity switch
                {
                    Porosity.Low => "stay",
                    Porosity.High => "atOnce",
                    _ => "slowly",
                },
                $"On record as {about.Head.Porosity.ToString().ToLowerInvariant()} porosity, {(about.Head.PorosityEvidence is PorosityEvidence.Guess or PorosityEvidence.StrandInWater ? "on weak evidence" : "on good evidence")}."
            ),
            _ => new Question(
                Technique,
                "How does the product go on?",
                "Think of the last wash day.",
                [
                    new("muchAtOnce", "A lot at once"),
                    new("onDry", "On hair that is nearly dry"),
                    new("neither", "A little, on damp hair, section by section"),
                ]
            ),
        };

    private static Question WhenClarified(WaterCase about)
    {
        var days = about.History.DaysSince(Treatment.Clarify, about.Today);
        var interval = about.Figures.Treatments[Treatment.Clarify];
        var known =
            days is not { } since ? null
            : since <= interval.Usual ? "recent"
            : since <= interval.Latest ? "while"
            : "long";
        return new Question(
            Clarified,
            "When was it last clarified, or cleansed with clay?",
            "Water cannot pass what has built up; this comes first.",
            [
                new("recent", $"Within {interval.Usual} days"),
                new("while", $"{interval.Usual} to {interval.Latest} days ago"),
                new("long", "Longer ago, or never"),
                new("unknown", "Nobody knows"),
            ],
            known,
            days is { } ago ? $"On record: {ago} days ago." : "Nothing on record."
        );
    }

    private static Question AboutChemicals(WaterCase about)
    {
        var last = about.Head.ChemicalHistory.OrderByDescending(chemical => chemical.Date).FirstOrDefault();
        return new Question(
            Chemical,
            "Has it been coloured, relaxed or damaged by heat?",
            "Treated lengths take up water unevenly.",
            [new("yes", "Yes"), new("no", "No")],
            last is null ? "no" : "yes",
            last is null
                ? "Nothing on record."
                : $"On record: {(last.Kind == ChemicalEventKind.HeatDamage ? "heat damage" : last.Kind.ToString().ToLowerInvariant())}, {about.Today.DayNumber - last.Date.DayNumber} days ago."
        );
    }

    /// <summary>Whatever the school, a head that must not sit under heat gets a cap.</summary>
    private static Heat? WithoutHeat(WaterCase about) => about.Head.MayHaveHeat ? null : Heat.Cap;

    private static WaterPlan BuildUp(WaterCase about)
    {
        var isKept = (about.Head.Wear.Kind & HairKinds.Kept) != 0;
        return new WaterPlan(
            "Build-up, most likely. Nothing under it can be judged before it is off.",
            Aim.Reset,
            WithoutHeat(about),
            Layering.LoLight,
            about.Head.Schools with
            {
                Butter = false,
                ScalpConditioner = ScalpConditioner.Never,
            },
            [],
            [
                isKept ? "A reset: what has built up is soaked and cleansed out." : "A reset: clarify first, then a long deep condition.",
                "Light layers and no butter until the next look.",
                "Look again at the next wash day, on clean hair: then the beads tell about the hair itself.",
            ]
        );
    }

    private static WaterPlan Otherwise(WaterCase about, IReadOnlyDictionary<string, string> answers)
    {
        var isKept = (about.Head.Wear.Kind & HairKinds.Kept) != 0;
        var isLow = answers[Beads] == "stay";
        var technique = answers[Technique];
        var changes = new List<string>();
        var schools = about.Head.Schools;
        List<PlanEdit> edits = [];
        var heat = WithoutHeat(about);
        if (answers[Chemical] == "yes")
        {
            changes.Add("Treated lengths: a deep condition every wash, and the stretch check before any protein.");
        }

        if (isLow && !isKept)
        {
            heat =
                !about.Head.MayHaveHeat ? Heat.Cap
                : about.Equipment.Steamers > 0 ? Heat.Steamer
                : about.Equipment.Hoods > 0 ? Heat.Hood
                : Heat.Cap;
            schools = schools with
            {
                Butter = false,
                Length = TreatmentLength.Window,
                Protein = ProteinPlace.AfterCleanse,
                FinalWater = FinalWater.Cool,
            };
            edits = [new AddStep(StepIds.PlantGel, StepIds.PrePoo), new DropStep(StepIds.PrePoo)];
            changes.Add(
                $"Treatments work {heat switch { Heat.Steamer => "in the steamer", Heat.Hood => "under the hood, low", _ => "under a cap, for the whole of their time" }}: warmth lets water in."
            );
            changes.Add("A plant gel in place of oil before the cleanse: it draws water instead of keeping it out.");
            changes.Add("Warm liquids before, a cool rinse last; leave-in while the hair is still warm from the shower.");
        }

        if (isLow || technique == "muchAtOnce")
        {
            changes.Add("Light layers in the amounts worked out for this head, not more.");
        }

        if (technique == "onDry" && !isKept)
        {
            schools = schools with { ConditionOn = ConditionOn.Wrung };
            changes.Add("Conditioner on wrung-out hair and leave-in on damp hair: dry hair does not take them up.");
        }

        var finding =
            isLow ? "Low porosity, most likely: the hair is clean and still keeps water out."
            : technique != "neither" ? "The way it is put on, most likely: the hair itself lets water in."
            : answers[Chemical] == "yes" ? "Treated hair that takes up water unevenly."
            : "Nothing stands out. Try the moisture day as it is, and look again on day three.";
        return new WaterPlan(
            finding,
            Aim.Moisture,
            heat,
            isLow || technique == "muchAtOnce" ? Layering.LoLight : about.Head.Layering,
            schools,
            edits,
            changes.Count > 0 ? changes : ["A moisture day as this head usually has it."]
        );
    }
}
