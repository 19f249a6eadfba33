namespace Kamuri.Core.Scheduling;

/// <summary>
/// Ends a search that nobody waits for any more, on whatever threads it goes on. Searches look here whenever they count what they
/// have spent, and the solver is told to stop.
/// </summary>
public static class BrokenOff
{
    private static readonly AsyncLocal<CancellationToken> Nobody = new();

    /// <summary>Cancelled when nobody waits; never where nobody said so.</summary>
    internal static CancellationToken Token => Nobody.Value;

    /// <summary>Does work that ends when a token is cancelled.</summary>
    /// <exception cref="OperationCanceledException">It was cancelled.</exception>
    public static T Unless<T>(Func<T> work, CancellationToken cancelled)
    {
        Nobody.Value = cancelled;
        try
        {
            return work();
        }
        catch (AggregateException error) when (cancelled.IsCancellationRequested)
        {
            // Several threads found out at once.
            throw new OperationCanceledException("Nobody waits for this search any more.", error, cancelled);
        }
        finally
        {
            Nobody.Value = CancellationToken.None;
        }
    }

    internal static void Check() => Nobody.Value.ThrowIfCancellationRequested();
}
