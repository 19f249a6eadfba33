using Microsoft.EntityFrameworkCore.Diagnostics;

namespace Kamuri.Store;

/// <summary>Counts what was saved, so that what was worked out from it is known to be old.</summary>
public sealed class HouseChanges : SaveChangesInterceptor
{
    private long _count;

    /// <summary>Grows with everything that is saved.</summary>
    public long Count => Interlocked.Read(ref _count);

    /// <summary>Something changed that was not saved row by row: a backup was restored, an archive taken in.</summary>
    public void Note() => Interlocked.Increment(ref _count);

    public override int SavedChanges(SaveChangesCompletedEventData eventData, int result)
    {
        Note();
        return result;
    }

    public override ValueTask<int> SavedChangesAsync(
        SaveChangesCompletedEventData eventData,
        int result,
        CancellationToken cancellationToken = default
    )
    {
        Note();
        return ValueTask.FromResult(result);
    }
}
