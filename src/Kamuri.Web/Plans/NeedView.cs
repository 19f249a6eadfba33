using Kamuri.Core.Figures;
using Kamuri.Core.Mixing;
using Kamuri.Core.Planning;
using Kamuri.Web.Kitchen;

namespace Kamuri.Web.Plans;

/// <summary>Something a day needs, for all its heads together.</summary>
/// <param name="Takers">The heads and their steps it is for.</param>
public sealed record NeedView(NeedFrom From, string Name, MeasuredAmount Amount, IReadOnlyList<NeedTaker> Takers)
{
    internal static IReadOnlyList<NeedView> Of(IReadOnlyList<Plan> plans, CraftFigures figures) =>
        [
            .. DayNeeds
                .Of(plans)
                .Select(need => new NeedView(need.From, need.Name, FormulaEndpoints.Ways(need.Amount, figures), need.Takers)),
        ];
}
