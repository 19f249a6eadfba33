using System.Runtime.CompilerServices;
using System.Threading.Channels;
using Kamuri.Web.Plans;

namespace Kamuri.Web.HouseholdPlans;

/// <summary>A long search that tells how far it is.</summary>
internal static class Telling
{
    /// <summary>Does it when its turn comes, and gives what it tells as it comes. What goes wrong in it goes wrong here.</summary>
    /// <param name="gate">Whose turn it is.</param>
    /// <param name="work">Is given whom to tell.</param>
    /// <param name="cancellation">Ends the search and the telling.</param>
    public static async IAsyncEnumerable<T> WhileAsync<T>(
        SolverGate gate,
        Action<Action<T>> work,
        [EnumeratorCancellation] CancellationToken cancellation
    )
    {
        var told = Channel.CreateUnbounded<T>();
        var done = DoAsync();
        await foreach (var each in told.Reader.ReadAllAsync(cancellation))
        {
            yield return each;
        }

        await done;

        async Task DoAsync()
        {
            try
            {
                await gate.RunAsync(
                    () =>
                    {
                        work(each => told.Writer.TryWrite(each));
                        return true;
                    },
                    cancellation,
                    isLong: true
                );
            }
            finally
            {
                told.Writer.Complete();
            }
        }
    }
}
