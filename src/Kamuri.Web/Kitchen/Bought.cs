using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Core.Units;
using Kamuri.Store;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Kitchen;

/// <summary>What stands on the shelf for the same use as a formula.</summary>
internal static class Bought
{
    public static async Task<CostComparison?> CompareAsync(KamuriDb db, Formula formula, MixtureCost made, CancellationToken cancellation)
    {
        var roles = Enum.GetValues<ProductRole>().Where(role => ProductRoles.ServeAs(role).Intersect(formula.ServesAs).Any()).ToList();
        var rows = await db
            .Products.AsNoTracking()
            .Where(row => !row.Archived && roles.Contains(row.Role) && row.Price != null && row.SizeMillilitres > 0)
            .Select(row => new
            {
                row.Name,
                row.Price,
                row.SizeMillilitres,
            })
            .ToListAsync(cancellation);
        return Cost.Against(
            made,
            [.. rows.Select(row => (row.Name, Cost.PerMillilitre(row.Price, new Millilitres(row.SizeMillilitres!.Value)) ?? 0))]
        );
    }
}
