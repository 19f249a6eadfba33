using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Scheduling;
using Kamuri.Web.Figures;
using Kamuri.Web.Plans;

namespace Kamuri.Web.HouseholdPlans;

/// <summary>Runs longer searches beside everything else, each when its turn comes.</summary>
internal sealed class LongerSearches(KnownOrders known, SolverGate gate, FigureMemory figures)
{
    public async IAsyncEnumerable<SseItem<LongerSearchView>> OfAsync(
        HouseholdPlan plan,
        [EnumeratorCancellation] CancellationToken cancellation
    )
    {
        yield return Item(new LongerSearchView(0, false, false, ""));
        await foreach (
            var step in Telling.WhileAsync<LongerSearchView>(
                gate,
                tell =>
                {
                    var found = LongerSearch.Of(
                        plan,
                        figures.Current,
                        known,
                        share => tell(new LongerSearchView(share, false, false, "")),
                        cancellation
                    );
                    tell(new LongerSearchView(1, true, found.IsBetter, found.Sentence));
                },
                cancellation
            )
        )
        {
            yield return Item(step);
        }
    }

    private static SseItem<LongerSearchView> Item(LongerSearchView view) => new(view, "search");
}
