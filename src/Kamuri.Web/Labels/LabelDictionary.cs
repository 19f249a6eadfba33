using System.Collections.Concurrent;
using Kamuri.Core.Shelf.Labels;
using Kamuri.Store;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Labels;

/// <summary>The shipped dictionary with what this household has taught; built again only when it teaches something.</summary>
internal sealed class LabelDictionary
{
    private volatile IngredientDictionary? _with;

    public async Task<IngredientDictionary> GetAsync(KamuriDb db, CancellationToken cancellation)
    {
        if (_with is { } known)
        {
            return known;
        }

        var taught = await db.TaughtNames.AsNoTracking().ToListAsync(cancellation);
        return _with = IngredientDictionary.Shipped.With(
            taught.Where(row => Enum.IsDefined(row.Class)).Select(row => new Ingredient(row.Name, row.Class, [], []))
        );
    }

    /// <summary>A label of a product, read once and remembered: the same few dozen are asked for again and again.</summary>
    public LabelReading Read(string label, IngredientDictionary dictionary)
    {
        if (_read.Count > MostRemembered)
        {
            _read.Clear();
        }

        return _read.GetOrAdd(label, text => LabelReading.Of(text, dictionary));
    }

    public void Forget()
    {
        _with = null;
        _read.Clear();
    }

    private const int MostRemembered = 500;
    private readonly ConcurrentDictionary<string, LabelReading> _read = [];
}
