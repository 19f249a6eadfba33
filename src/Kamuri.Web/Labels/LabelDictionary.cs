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
        return _with = IngredientDictionary.Shipped.With(taught.Select(row => new Ingredient(row.Name, row.Class, [], [])));
    }

    public void Forget() => _with = null;
}
