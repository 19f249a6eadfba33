namespace Kamuri.Core.Composing;

/// <summary>What is said about composing.</summary>
[Texts("composing")]
internal static class ComposingWords
{
    // PlanStep
    public const string SeeThatItLiesEverywhere = "It is on already. Check that it covers everything.";

    // Composer
    public const string GiveAReasonForContinuingIn = "Give a reason for continuing in spite of a stop.";
    public const string ThisStopProtectsAPersonYou = "This stop protects a person. You cannot override it.";

    // Finding
    public static string LeaveOutStep(string step) => $"Leave out {step}";

    // HairState
    public const string RawEgg = "raw egg";
    public const string OnionJuice = "onion juice";
    public const string PodGel = "pod gel";
    public const string HerbPowder = "herb powder";

    // PlanEdit
    public static string ThereIsNoStepCalledAdd(string add) => $"There is no step called '{add}'.";

    public static string ThePlanHasNoStepAfter(string after, string kind) => $"The plan has no step '{after}' to put {kind} after.";

    public const string YouAddedIt = "You added it.";
    public const string AStepCannotComeAfterItself = "A step cannot come after itself.";
    public const string YouAskedForThisStepAgain = "You asked for this step again.";

    public static string ListAndTheStepBeforeIt(string list) => $"{list} and the step before it are not both done in sections.";

    public const string KamuriDoesNotKnowThisKind = "Kamuri does not know this kind of change.";
    public const string NoneOfTheseStepsAreIn = "None of these steps are in the plan any more.";
    public const string StepsCannotComeAfterThemselves = "Steps cannot come after themselves.";

    public static string ThePlanNoLongerHasThe(string id) => $"The plan no longer has the step '{id}'.";

    // SchoolConflicts
    public const string AStyleThatIsIn = "a style that is in";

    public static string ThereIsNothingToCombIn(string its) => $"There is nothing to comb in {its}, so the plan leaves it out.";

    public static string OilLeftOvernightDoesNotWash(string its) =>
        $"Oil left overnight does not wash out of {its}, so this day has no pre-poo.";

    public static string ButterStaysInsideItsAndGathers(string its) =>
        $"Butter stays inside {its} and gathers lint, so the plan leaves it out.";

    public static string CreamyCleansersStayInItsSo(string its) =>
        $"Creamy cleansers stay in {its}, so the plan uses a diluted one on the parts.";

    public static string HeavyOilDoesNotWashOut(string its) =>
        $"Heavy oil does not wash out of {its}, so the plan uses a few drops of light oil.";

    public const string TheScalpIsFlakyOrOily =
        "The scalp is flaky or oily: heavy oil can feed that. If it itches more afterwards, go back to light oil.";
    public const string TheScalpIsFlakyOrOily2 =
        "The scalp is flaky or oily. Conditioner leaves more on it than shampoo does, so clarify more often.";
    public const string LowPorosityHairAbsorbsLittleWhen =
        "Low-porosity hair absorbs little when it is dry. Work it in warm and leave it on for the full time.";
    public const string OnLowPorosityHairButterSits = "On low-porosity hair, butter sits on top. Use little, and expect to clarify sooner.";
    public const string HighPorosityHairLosesMoistureFastest =
        "High-porosity hair loses moisture fastest. A cool last rinse helps close it.";
    public const string TheWetStrandSnappedAtOnce = "The wet strand snapped at once: no protein today.";
    public const string UnderSixUseOnlyASoft = "Under six, use only a soft cloth. Never put a cap on a sleeping child.";
    public const string LocsDrySlowlyWashWeeklyOnly = "Locs dry slowly. Wash weekly only if they dry to the core the same day.";

    public static string ThisHeadMustNotSitUnder(string device) =>
        $"This head must not sit under heat, so the {device} is a stop below. A cap would do.";

    public static string ThereIsNoDeviceInThe(string device) =>
        $"There is no {device} in the household, so treatments stay on longer, under a cap.";

    public const string MonthlyIsForStyles = "Monthly washing is for hair under a style. This head keeps its usual rhythm.";
}
