using Kamuri.Core.Scheduling;

namespace Kamuri.Web.Plans;

/// <summary>More searches wait than this house can get through; the answer is 503 with a moment to wait.</summary>
internal sealed class SolverBusyException() : Exception(PlanErrors.SolverIsBusy)
{
    public const int RetryAfterSeconds = 5;
}

/// <summary>
/// The one way to the solver for the whole house: as many searches at once as there are cores, the rest in a queue with a limit. What
/// takes long leaves a core to what somebody waits for. Pages and presses never pass through it.
/// </summary>
internal sealed class SolverGate : IDisposable
{
    private const int MostWaiting = 40;

    private readonly SemaphoreSlim _cores = new(Environment.ProcessorCount);
    private readonly SemaphoreSlim _long = new(Math.Max(1, Environment.ProcessorCount - 1));
    private int _waiting;
    private int _begun;

    /// <summary>How many searches have been asked for since the start.</summary>
    public int Begun => _begun;

    /// <summary>Whether a search could begin at once.</summary>
    public bool IsFree => _cores.CurrentCount > 0 && _waiting == 0;

    /// <summary>Refuses when the queue is full, for answers that begin before their search does.</summary>
    /// <exception cref="SolverBusyException">It is full.</exception>
    public void Ask()
    {
        if (_waiting >= MostWaiting)
        {
            throw new SolverBusyException();
        }
    }

    /// <summary>Does a search on a thread of its own when its turn comes.</summary>
    /// <param name="search">Ends soon after nobody waits any more.</param>
    /// <param name="cancelled">Nobody waits any more.</param>
    /// <param name="isLong">Takes many seconds, and is not what somebody looks at a screen for.</param>
    /// <exception cref="SolverBusyException">The queue is full.</exception>
    /// <exception cref="OperationCanceledException">Nobody waits any more.</exception>
    public async Task<T> RunAsync<T>(Func<T> search, CancellationToken cancelled, bool isLong = false)
    {
        Ask();
        Interlocked.Increment(ref _begun);
        Interlocked.Increment(ref _waiting);
        var (inLine, turns) = (true, new List<SemaphoreSlim>());
        try
        {
            foreach (var turn in (SemaphoreSlim[])(isLong ? [_long, _cores] : [_cores]))
            {
                await turn.WaitAsync(cancelled);
                turns.Add(turn);
            }

            Interlocked.Decrement(ref _waiting);
            inLine = false;
            return await Task.Factory.StartNew(
                () => BrokenOff.Unless(search, cancelled),
                CancellationToken.None,
                TaskCreationOptions.LongRunning,
                TaskScheduler.Default
            );
        }
        finally
        {
            if (inLine)
            {
                Interlocked.Decrement(ref _waiting);
            }

            turns.ForEach(turn => turn.Release());
        }
    }

    public void Dispose()
    {
        _cores.Dispose();
        _long.Dispose();
    }
}
