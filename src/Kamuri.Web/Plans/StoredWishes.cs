using Kamuri.Store.Documents;
using Kamuri.Web.HouseholdPlans;
using Riok.Mapperly.Abstractions;

namespace Kamuri.Web.Plans;

/// <summary>Turns what the API takes into what is kept, and back, so that either may change without the other.</summary>
[Mapper(EnumMappingStrategy = EnumMappingStrategy.ByName, RequiredMappingStrategy = RequiredMappingStrategy.Target)]
internal static partial class StoredWishes
{
    public static partial StoredWish ToStored(PlanBody body);

    [MapperIgnoreTarget(nameof(PlanBody.Head))]
    public static partial PlanBody ToBody(StoredWish stored);

    public static partial StoredHouseholdWish ToStored(HouseholdPlanBody body);

    [MapperIgnoreTarget(nameof(HouseholdPlanBody.FromLongerSearch))]
    public static partial HouseholdPlanBody ToBody(StoredHouseholdWish stored);

    [MapperIgnoreTarget(nameof(WhenBody.IsOurs))]
    private static partial WhenBody ToBody(StoredWhen stored);

    public static partial List<StoredStep> ToStored(IReadOnlyList<StepBody> steps);

    public static partial IReadOnlyList<StepBody> ToBodies(List<StoredStep> stored);

    public static partial Dictionary<string, StoredUse> ToStored(IReadOnlyDictionary<string, UseBody> uses);

    public static partial Dictionary<string, UseBody> ToUses(Dictionary<string, StoredUse> stored);
}
