using Kamuri.Store;
using Kamuri.Web.Figures;
using Kamuri.Web.Household;
using Kamuri.Web.Labels;
using Kamuri.Web.Sessions;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Data;

/// <summary>Changes all of the household at once, and lets go of everything that was remembered of it.</summary>
internal sealed class WholeHouse(
    IDbContextFactory<KamuriDb> databases,
    LiveSessions sessions,
    FigureMemory figures,
    HouseMemory house,
    LabelDictionary labels,
    HouseChanges changes,
    SetAside setAside
) : IDisposable
{
    private readonly SemaphoreSlim _one = new(1, 1);

    public void Dispose() => _one.Dispose();

    /// <summary>Does the change, one at a time.</summary>
    public async Task<T> ReplaceAsync<T>(Func<T> change, CancellationToken cancellation)
    {
        await _one.WaitAsync(cancellation);
        try
        {
            var done = await Task.Run(change, CancellationToken.None);
            await sessions.ForgetAllAsync(CancellationToken.None);
            await using var db = await databases.CreateDbContextAsync(CancellationToken.None);
            figures.Read(db);
            house.Forget();
            labels.Forget();
            setAside.Forget();
            changes.Note();
            await LookThrough.ReadAsync(db, setAside, CancellationToken.None);
            return done;
        }
        finally
        {
            _one.Release();
        }
    }
}
