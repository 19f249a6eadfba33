using Kamuri.Core.Scheduling;
using Kamuri.Web.Plans;

namespace Kamuri.Web.Tests;

/// <summary>The one way to the solver: a few at once, a queue with an end, and a place that is free again when nobody waits.</summary>
public sealed class SolverGateTests : IDisposable
{
    private static readonly int Cores = Environment.ProcessorCount;
    private readonly SolverGate _gate = new();

    public void Dispose() => _gate.Dispose();

    /// <summary>A search that goes on until it is told to end.</summary>
    private Task<bool> SearchAsync(ManualResetEventSlim until, bool isLong = false, CancellationToken cancelled = default) =>
        _gate.RunAsync(
            () =>
            {
                while (!until.Wait(5, CancellationToken.None))
                {
                    Effort.Unlimited().Spend(1);
                }

                return true;
            },
            cancelled,
            isLong
        );

    [Fact]
    public async Task Only_as_many_as_there_are_cores_go_on_at_once()
    {
        var (now, most) = (0, 0);
        await Task.WhenAll(
            Enumerable
                .Range(0, Cores * 4)
                .Select(_ =>
                    _gate.RunAsync(
                        () =>
                        {
                            most = Math.Max(most, Interlocked.Increment(ref now));
                            Thread.Sleep(20);
                            return Interlocked.Decrement(ref now);
                        },
                        CancellationToken.None
                    )
                )
        );
        Assert.InRange(most, 1, Cores);
        Assert.True(_gate.IsFree);
    }

    [Fact]
    public async Task A_search_nobody_waits_for_frees_its_place()
    {
        using var never = new ManualResetEventSlim();
        using var gone = new CancellationTokenSource();
        var dropped = Enumerable.Range(0, Cores * 3).Select(_ => SearchAsync(never, cancelled: gone.Token)).ToList();
        Assert.False(_gate.IsFree);
        await gone.CancelAsync();
        foreach (var search in dropped)
        {
            await Assert.ThrowsAnyAsync<OperationCanceledException>(() => search);
        }

        Assert.True(_gate.IsFree);
        Assert.Equal(7, await _gate.RunAsync(() => 7, CancellationToken.None));
    }

    [Fact]
    public async Task What_takes_long_leaves_room_for_what_somebody_waits_for()
    {
        Assert.SkipWhen(Cores == 1, "With one core everything waits for everything.");
        using var over = new ManualResetEventSlim();
        var longer = Enumerable.Range(0, Cores * 2).Select(_ => SearchAsync(over, isLong: true)).ToList();
        Assert.Equal(7, await _gate.RunAsync(() => 7, CancellationToken.None));
        over.Set();
        Assert.All(await Task.WhenAll(longer), Assert.True);
    }

    [Fact]
    public async Task A_full_queue_says_so_at_once()
    {
        using var over = new ManualResetEventSlim();
        var searches = new List<Task<bool>>();
        while (searches.Count < 200 && !searches.Exists(search => search.IsFaulted))
        {
            searches.Add(SearchAsync(over));
        }

        await Assert.ThrowsAsync<SolverBusyException>(() => searches[^1]);
        Assert.InRange(searches.Count, Cores + 2, 100);
        over.Set();
        await Task.WhenAll(searches.SkipLast(1));
    }
}
