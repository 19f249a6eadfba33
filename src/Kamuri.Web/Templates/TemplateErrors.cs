using Kamuri.Core.Routines;

namespace Kamuri.Web.Templates;

/// <summary>What is said about errors about routines.</summary>
[Texts("errors about routines")]
internal static class TemplateErrors
{
    // TemplateEndpoints
    public static string ThereAreAlreadyMostTemplatesSavedPlans(string MostTemplates) =>
        $"There are already {MostTemplates} routines. Remove one first.";

    public const string ThisPlanHasNoStepsTo = "This plan has no steps to save.";
    public const string ThisSavedPlanNoLongerExists = "This routine no longer exists. Choose another one, or a new plan.";
    public const string EnterAName = "Enter a name.";

    public static string ANameCanHaveAtMost(string LongestName) => $"A name can have at most {LongestName} characters.";

    public const string ARoutineSuitsSomeHairAndHasSteps = "Say which hair it suits, under “suits”, and give it at least one step.";

    /// <summary>"Line 7, “do”: There is no step called “brush”."</summary>
    public static string At(RoutineException wrong) =>
        (wrong.Line, wrong.Field) switch
        {
            ({ } line, { } field) => $"Line {line}, “{field}”: {wrong.Message}",
            ({ } line, _) => $"Line {line}: {wrong.Message}",
            _ => wrong.Message,
        };

    public const string ThereIsAlreadyASavedPlan = "There is already a routine with this name.";
}
