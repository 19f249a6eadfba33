using System.Runtime.CompilerServices;
using System.Threading.Channels;

namespace Kamuri.Web.HouseholdPlans;

/// <summary>Work that takes a while and tells how far it is.</summary>
internal static class Telling
{
    /// <summary>Does it beside the request, and gives what it tells as it comes. What goes wrong in it goes wrong here.</summary>
    /// <param name="work">Is given whom to tell.</param>
    /// <param name="cancellation">Ends the telling; the work has to look at it itself.</param>
    public static async IAsyncEnumerable<T> WhileAsync<T>(Action<Action<T>> work, [EnumeratorCancellation] CancellationToken cancellation)
    {
        var told = Channel.CreateUnbounded<T>();
        var done = Task.Run(
            () =>
            {
                try
                {
                    work(each => told.Writer.TryWrite(each));
                }
                finally
                {
                    told.Writer.Complete();
                }
            },
            CancellationToken.None);
        await foreach (var each in told.Reader.ReadAllAsync(cancellation))
        {
            yield return each;
        }

        await done;
    }
}
