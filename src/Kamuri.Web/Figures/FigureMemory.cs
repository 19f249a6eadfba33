using Kamuri.Core.Figures;
using Kamuri.Store;
using Kamuri.Store.Figures;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Figures;

/// <summary>The household's craft figures as last read. Every plan asks for them, and they hardly ever change.</summary>
internal sealed class FigureMemory : IDisposable
{
    private readonly SemaphoreSlim _turn = new(1, 1);

    private sealed record Kept(IReadOnlyDictionary<string, double> Own, CraftFigures Figures);

    private volatile Kept _kept = new(new Dictionary<string, double>(), CraftFigures.Default);

    /// <summary>The figures everything computes with.</summary>
    public CraftFigures Current => _kept.Figures;

    /// <summary>The household's own values, by name.</summary>
    public IReadOnlyDictionary<string, double> Own => _kept.Own;

    public void Keep(IReadOnlyDictionary<string, double> own)
    {
        _kept = new Kept(own, FigureCatalogue.With(own));
        WritingStyle.Follow(style => style with { Measures = Current.Measures });
    }

    public void Read(KamuriDb db) => Keep(db.Figures.AsNoTracking().ToDictionary(row => row.Id, row => row.Value));

    /// <summary>
    /// Changes the household's values, in the file first and one change after the other, so that two screens changing
    /// different figures at once both count.
    /// </summary>
    /// <param name="db">The household's file.</param>
    /// <param name="change">Makes the new values of the present ones, or says what is wrong with them.</param>
    /// <param name="cancellation">Gives up before anything is written.</param>
    /// <returns>What is wrong; null when it was kept.</returns>
    public async Task<string?> ChangeAsync(
        KamuriDb db,
        Func<IReadOnlyDictionary<string, double>, (IReadOnlyDictionary<string, double> Own, string? Wrong)> change,
        CancellationToken cancellation
    )
    {
        await _turn.WaitAsync(cancellation);
        try
        {
            var (own, wrong) = change(Own);
            if (wrong is null)
            {
                await WriteAsync(db, own, cancellation);
            }

            return wrong;
        }
        finally
        {
            _turn.Release();
        }
    }

    public void Dispose() => _turn.Dispose();

    private async Task WriteAsync(KamuriDb db, IReadOnlyDictionary<string, double> own, CancellationToken cancellation)
    {
        var rows = await db.Figures.ToDictionaryAsync(row => row.Id, cancellation);
        db.RemoveRange(rows.Values.Where(row => !own.ContainsKey(row.Id)));
        foreach (var (id, value) in own)
        {
            if (rows.TryGetValue(id, out var row))
            {
                row.Value = value;
            }
            else
            {
                db.Add(new FigureRow { Id = id, Value = value });
            }
        }

        await db.SaveChangesAsync(cancellation);
        Keep(own);
    }
}
