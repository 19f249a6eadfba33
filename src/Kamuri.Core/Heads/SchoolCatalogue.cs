using Kamuri.Core.Steps;

namespace Kamuri.Core.Heads;

/// <summary>One side that can be taken in a question practitioners disagree on.</summary>
/// <param name="Value">Its name in <see cref="Schools"/>, camel case; "true" or "false" for yes and no.</param>
/// <param name="Word">In a few words.</param>
/// <param name="Reason">Why people do it this way.</param>
/// <param name="Price">The downside: time, product, weight or care.</param>
public sealed record SchoolAnswer(string Value, string Word, string Reason, string Price);

/// <summary>One question practitioners disagree on.</summary>
/// <param name="Id">The property of <see cref="Schools"/>, camel case.</param>
/// <param name="Ask">The question in a few words.</param>
/// <param name="Concerns">Kinds of hair it makes a difference for.</param>
/// <param name="Answers">The sides there are, the craft's default first.</param>
/// <param name="Taken">Which side some schools take.</param>
public sealed record SchoolQuestion(
    string Id,
    string Ask,
    HairKinds Concerns,
    IReadOnlyList<SchoolAnswer> Answers,
    Func<Schools, string> Taken
)
{
    /// <summary>The answer some schools give.</summary>
    public SchoolAnswer Answer(Schools schools) => Answers.First(answer => answer.Value == Taken(schools));
}

/// <summary>
/// Every question practitioners disagree on, each side with its reasoning and its price. Data; the days read <see cref="Schools"/>.
/// </summary>
public static class SchoolCatalogue
{
    private static string Camel<T>(T value)
        where T : struct, Enum
    {
        var name = value.ToString();
        return char.ToLowerInvariant(name[0]) + name[1..];
    }

    private static string Camel(bool value) => value ? "true" : "false";

    public static IReadOnlyList<SchoolQuestion> Questions { get; } =
    [
        new(
            "conditionOn",
            "Deep condition on",
            HairKinds.Combable,
            [
                new("wrung", "Wrung-out hair", "It spreads further and needs less.", "Some of it drips away with the water."),
                new(
                    "dry",
                    "Blotted, near dry hair",
                    "Hair that is not full of water takes up the treatment.",
                    "About a third more product, and a towel first."
                ),
            ],
            schools => Camel(schools.ConditionOn)
        ),
        new(
            "detangle",
            "Detangled in",
            HairKinds.Combable,
            [
                new(
                    "conditioner",
                    "Conditioner",
                    "The most slip of the day, on wet hair.",
                    "The comb comes late; shed hair goes through the cleanse."
                ),
                new("prePoo", "Pre-poo", "Knots open before water tightens them.", "More pre-poo, and slower on dry hair."),
                new("leaveIn", "Leave-in", "Each section is combed once, as it is set.", "Less slip than conditioner gives."),
                new("fingersOnly", "Fingers only", "The gentlest on fragile hair.", "Twice the patience; some shed hair stays in."),
            ],
            schools => Camel(schools.Detangle)
        ),
        new(
            "hotOil",
            "Hot oil",
            HairKinds.Combable,
            [
                new("before", "Before the cleanse", "The cleanse removes any excess.", "Some of the oil is lost again."),
                new(
                    "after",
                    "After it, on damp hair",
                    "Clean hair takes up the oil.",
                    "Rinse well or it weighs hair down; nothing that seals over it."
                ),
            ],
            schools => Camel(schools.HotOil)
        ),
        new(
            "herbs",
            "Herb treatments",
            HairKinds.Combable,
            [
                new("beforeCleanse", "Before the cleanse", "The cleanse takes bits and smell along.", "Some of it is washed out again."),
                new(
                    "afterCleanse",
                    "After it, in place of a long deep condition",
                    "Clean hair takes up the herbs.",
                    "Herbs leave hair bare, so a short deep condition follows."
                ),
            ],
            schools => Camel(schools.Herbs)
        ),
        new(
            "scalpOil",
            "Oil on the scalp",
            HairKinds.All,
            [
                new("penetrating", "Light, penetrating", "Eases a dry scalp without sitting on it.", "Has to be repeated."),
                new(
                    "heavyWashedOut",
                    "Heavy, as a treatment",
                    "Softens what sits on the scalp for hours.",
                    "A lifting rinse or a second pass, and it must not stay."
                ),
                new("none", "None", "The scalp makes its own.", "Dry scalps may feel tight."),
            ],
            schools => Camel(schools.ScalpOil)
        ),
        new(
            "lifting",
            "Heavy oil is lifted by",
            HairKinds.Combable,
            [
                new("teaThenTwoPasses", "Tea, then two passes", "The tea lets the shampoo take hold.", "Five minutes, and a tea to brew."),
                new("clarify", "Clarifying", "One pass removes all of it.", "It strips, so a long deep condition follows."),
                new("twoPasses", "Two passes", "Nothing to prepare.", "Twice the shampoo on the scalp."),
            ],
            schools => Camel(schools.Lifting)
        ),
        new(
            "length",
            "Pre-poo and oil stay on",
            HairKinds.Combable,
            [
                new("window", "For their window", "An oil does all it can within the hour.", "It adds an hour to the day."),
                new(
                    "overnight",
                    "Overnight",
                    "No waiting in the day; plain oil does no harm.",
                    "The day is split by a night, and the pillowcase gets oily."
                ),
            ],
            schools => Camel(schools.Length)
        ),
        new(
            "treatmentHeat",
            "Treatments are warmed by",
            HairKinds.Combable,
            [
                new("cap", "Body heat under a cap", "Nothing to set up, nothing too hot.", "The longest windows."),
                new("steamer", "The steamer", "Warm and moist, so low-porosity hair opens.", "You sit still, and the steamer is taken."),
                new("hood", "The hood", "Shorter windows.", "You sit still, and the hair at the edge of the cap dries."),
            ],
            schools => Camel(schools.TreatmentHeat)
        ),
        new(
            "scalpConditioner",
            "Conditioner on the scalp",
            HairKinds.Combable,
            [
                new("never", "Never", "It clogs and itches.", "None."),
                new(
                    "coWash",
                    "Co-wash, rinsed long",
                    "Cleanses without stripping.",
                    "It needs a long rinse and builds up, so clarify in time."
                ),
            ],
            schools => Camel(schools.ScalpConditioner)
        ),
        new(
            "protein",
            "Protein comes",
            HairKinds.Combable,
            [
                new(
                    "afterCleanse",
                    "After the cleanse",
                    "It reaches clean hair, and moisture follows.",
                    "One more step and one more rinse."
                ),
                new("inDeepCondition", "In the deep condition", "One wait for both.", "Neither works as long as it would alone."),
                new(
                    "prePoo",
                    "Before the cleanse",
                    "Dry hair takes it up, and the cleanse removes the stiffness.",
                    "It replaces the oil pre-poo."
                ),
            ],
            schools => Camel(schools.Protein)
        ),
        new(
            "finalWater",
            "Last rinse",
            HairKinds.Combable,
            [
                new("cool", "Cool", "The cuticle lies flat.", "A cold minute."),
                new("lukewarm", "Lukewarm", "Kinder to people who get cold.", "A little less shine."),
            ],
            schools => Camel(schools.FinalWater)
        ),
        new(
            "leaveIn",
            "Leave-in goes on",
            HairKinds.Combable,
            [
                new("blotted", "Blotted hair", "It holds what is put on and nothing drips.", "The hair has cooled by then."),
                new(
                    "warmShower",
                    "Wet hair in the warm shower",
                    "Warm, wet hair that water beads off takes it up best.",
                    "The last rinse stays lukewarm, and part of it goes into the towel."
                ),
            ],
            schools => Camel(schools.LeaveIn)
        ),
        new(
            "endsFirst",
            "Ends conditioned before the cleanse",
            HairKinds.Combable,
            [
                new("false", "No", "The cleanse hardly reaches them.", "None."),
                new("true", "Yes, as a shield", "The oldest hair is spared the shampoo.", "A few minutes and a little conditioner."),
            ],
            schools => Camel(schools.EndsFirst)
        ),
        new(
            "butter",
            "Butter as the last layer",
            HairKinds.Combable,
            [
                new("false", "No", "Hair stays light and moves.", "Moisture fades sooner."),
                new("true", "Yes", "Holds for days.", "Weight, and it builds up."),
            ],
            schools => Camel(schools.Butter)
        ),
        new(
            "homemade",
            "Homemade mixtures",
            HairKinds.All,
            [
                new("oneUse", "Made for one use", "Nothing to go off.", "You make it each time."),
                new("keptCold", "Kept cold to their date", "Made once, used several times.", "Date the jar, and look before each use."),
                new("frozen", "Frozen in portions", "Keeps for months.", "Thaw it in time, and never freeze it again."),
            ],
            schools => Camel(schools.Homemade)
        ),
        new(
            "rhythm",
            "How often washed",
            HairKinds.All,
            [
                new("asItsKind", "As usual for its kind", "Loose hair weekly, locs and styles less often.", "None."),
                new("week", "Every week", "Less tangle, a clean scalp.", "A day in every week."),
                new("tenToFourteenDays", "Every 10 to 14 days", "Less handling.", "More tangle each time."),
                new("monthInStyle", "Once a month, under a style", "The style lasts.", "A dry scalp in between; mist it mid-week."),
            ],
            schools => Camel(schools.Rhythm)
        ),
    ];

    /// <summary>Finds a question; for sentences about one.</summary>
    /// <exception cref="KeyNotFoundException">There is none of that name.</exception>
    public static SchoolQuestion Get(string id) =>
        Questions.FirstOrDefault(question => question.Id == id) ?? throw new KeyNotFoundException($"There is no school question '{id}'.");
}
