namespace Kamuri.Core.Heads.Portrait;

/// <summary>The sides of the questions practitioners disagree on, as sentences about how somebody likes things done.</summary>
public static class SchoolWords
{
    /// <exception cref="KeyNotFoundException">There is no such side.</exception>
    public static string Of(string question, string side) =>
        (question, side) switch
        {
            ("conditionOn", "wrung") => "Deep condition goes on wrung-out hair.",
            ("conditionOn", "dry") => "Deep condition goes on blotted, nearly dry hair.",
            ("detangle", "conditioner") => "It is detangled in conditioner.",
            ("detangle", "prePoo") => "It is detangled in the pre-poo.",
            ("detangle", "leaveIn") => "It is detangled with the leave-in, as it is set.",
            ("detangle", "fingersOnly") => "It is detangled with fingers only.",
            ("hotOil", "before") => "Hot oil comes before the cleanse.",
            ("hotOil", "after") => "Hot oil comes after the cleanse, on damp hair.",
            ("herbs", "beforeCleanse") => "Herb treatments come before the cleanse.",
            ("herbs", "afterCleanse") => "Herb treatments go on clean hair, in place of a long deep condition.",
            ("scalpOil", "penetrating") => "The scalp gets a light oil.",
            ("scalpOil", "heavyWashedOut") => "The scalp gets heavy oil as a treatment, and it is washed out.",
            ("scalpOil", "none") => "The scalp gets no oil.",
            ("lifting", "teaThenTwoPasses") => "Heavy oil is lifted with tea, then two passes.",
            ("lifting", "clarify") => "Heavy oil is lifted with a clarifying shampoo.",
            ("lifting", "twoPasses") => "Heavy oil is lifted with two passes of shampoo.",
            ("length", "window") => "Pre-poo and oil stay on for their window.",
            ("length", "overnight") => "Pre-poo and oil stay on overnight.",
            ("treatmentHeat", "cap") => "Treatments work under a cap, by body heat.",
            ("treatmentHeat", "steamer") => "Treatments work under the steamer.",
            ("treatmentHeat", "hood") => "Treatments work under the hood.",
            ("scalpConditioner", "never") => "No conditioner goes on the scalp.",
            ("scalpConditioner", "coWash") => "The scalp is co-washed, and rinsed for long.",
            ("protein", "afterCleanse") => "Protein comes after the cleanse.",
            ("protein", "inDeepCondition") => "Protein goes into the deep condition.",
            ("protein", "prePoo") => "Protein comes before the cleanse, on dry hair.",
            ("finalWater", "cool") => "The last rinse is cool.",
            ("finalWater", "lukewarm") => "The last rinse is lukewarm.",
            ("leaveIn", "blotted") => "Leave-in goes on blotted hair.",
            ("leaveIn", "warmShower") => "Leave-in goes on wet hair, still in the warm shower.",
            ("endsFirst", "false") => "The ends get no conditioner before the cleanse.",
            ("endsFirst", "true") => "The ends are conditioned before the cleanse, as a shield.",
            ("butter", "false") => "No butter goes on last.",
            ("butter", "true") => "Butter goes on last.",
            ("homemade", "oneUse") => "Homemade mixtures are made for one use.",
            ("homemade", "keptCold") => "Homemade mixtures are kept cold to their date.",
            ("homemade", "frozen") => "Homemade mixtures are frozen in portions.",
            ("rhythm", "asItsKind") => "It is washed as often as its kind usually is.",
            ("rhythm", "week") => "It is washed every week.",
            ("rhythm", "tenToFourteenDays") => "It is washed every 10 to 14 days.",
            ("rhythm", "monthInStyle") => "It is washed once a month, under a style.",
            _ => throw new KeyNotFoundException($"There is no side '{side}' in the question '{question}'."),
        };
}
