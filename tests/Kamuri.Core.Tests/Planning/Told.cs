using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;

namespace Kamuri.Core.Tests.Planning;

/// <summary>All that is said about a plan: its end, and what stands behind "More about this plan".</summary>
internal static class Told
{
    public static string Of(Plan plan) => string.Join(' ', [PlanSentences.Finish(plan), .. PlanSentences.More(plan, Given.Figures)]);

    public static string Of(HouseholdPlan plan) =>
        string.Join(' ', [HouseholdSentences.Finish(plan), .. HouseholdSentences.More(plan, Given.Figures)]);
}
