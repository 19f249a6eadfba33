using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;

namespace Kamuri.Store;

/// <summary>Lets the migration tool build the model without a server.</summary>
internal sealed class DesignTime : IDesignTimeDbContextFactory<KamuriDb>
{
    public KamuriDb CreateDbContext(string[] args) =>
        new(new DbContextOptionsBuilder<KamuriDb>().UseSqlite("Data Source=design-time.db").Options);
}
