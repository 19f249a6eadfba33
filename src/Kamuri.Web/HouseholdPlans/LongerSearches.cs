using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Scheduling;
using Kamuri.Web.Figures;

namespace Kamuri.Web.HouseholdPlans;

/// <summary>Runs longer searches beside everything else, one at a time, so that a small machine stays quick for who has wet hands.</summary>
internal sealed class LongerSearches(KnownOrders known, FigureMemory figures) : IDisposable
{
    private readonly SemaphoreSlim _turn = new(1);

    public async IAsyncEnumerable<SseItem<LongerSearchView>> OfAsync(HouseholdPlan plan, [EnumeratorCancellation] CancellationToken cancellation)
    {
        yield return Item(new LongerSearchView(0, false, false, ""));
        await _turn.WaitAsync(cancellation);
        try
        {
            await foreach (var step in Telling.WhileAsync<LongerSearchView>(
                tell =>
                {
                    var found = LongerSearch.Of(plan, figures.Current, known, share => tell(new LongerSearchView(share, false, false, "")), cancellation);
                    tell(new LongerSearchView(1, true, found.IsBetter, found.Sentence));
                },
                cancellation))
            {
                yield return Item(step);
            }
        }
        finally
        {
            _turn.Release();
        }
    }

    public void Dispose() => _turn.Dispose();

    private static SseItem<LongerSearchView> Item(LongerSearchView view) => new(view, "search");
}
