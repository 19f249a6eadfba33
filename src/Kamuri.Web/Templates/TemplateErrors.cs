namespace Kamuri.Web.Templates;

/// <summary>What is said about errors about saved plans.</summary>
[Texts("errors about saved plans")]
internal static class TemplateErrors
{
    // TemplateEndpoints
    public static string ThereAreAlreadyMostTemplatesSavedPlans(string MostTemplates) =>
        $"There are already {MostTemplates} saved plans. Remove one first.";

    public const string ThisPlanHasNoStepsTo = "This plan has no steps to save.";
    public const string ThisSavedPlanNoLongerExists = "This saved plan no longer exists. Choose another one, or a new plan.";
    public const string EnterAName = "Enter a name.";

    public static string ANameCanHaveAtMost(string LongestName) => $"A name can have at most {LongestName} characters.";

    public const string ThereIsAlreadyASavedPlan = "There is already a saved plan with this name.";
}
