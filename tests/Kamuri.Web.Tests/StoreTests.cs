using System.Text.Json;
using Kamuri.Core.Mixing;
using Kamuri.Core.Shelf;
using Kamuri.Store;
using Kamuri.Store.Files;
using Kamuri.Store.Kitchen;
using Kamuri.Store.Sessions;
using Kamuri.Store.Shelf;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Tests;

public sealed class StoreTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("kamuri-store-").FullName;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_folder, recursive: true);
    }

    private KamuriDb Open()
    {
        DatabaseFile.Open(_folder, DateTimeOffset.UnixEpoch);
        return new(
            new DbContextOptionsBuilder<KamuriDb>()
                .UseSqlite(DatabaseFile.ConnectionString(_folder))
                .AddInterceptors(new DurableConnections())
                .Options
        );
    }

    [Fact]
    public void The_file_is_durable_and_keeps_its_references()
    {
        using var db = Open();
        Assert.Equal("wal", Ask(db, "PRAGMA journal_mode"));
        Assert.Equal("2", Ask(db, "PRAGMA synchronous"));
        Assert.Equal("1", Ask(db, "PRAGMA foreign_keys"));
        db.Add(
            new SessionEventRow
            {
                SessionId = Guid.NewGuid(),
                EventId = Guid.NewGuid(),
                Kind = "TaskDone",
            }
        );
        Assert.Throws<DbUpdateException>(() => db.SaveChanges());
    }

    [Fact]
    public void Amounts_in_files_of_earlier_versions_are_still_read()
    {
        var read = JsonSerializer.Deserialize<List<MeasuredWords>>(
            """["230 ml water",{"Metric":"15 ml oil","Spoons":"1 tbsp oil","Weight":"14 g oil"}]""",
            StoreJson.Options
        )!;
        Assert.Equal([MeasuredWords.Same("230 ml water"), new MeasuredWords("15 ml oil", "1 tbsp oil", "14 g oil")], read);
        Assert.Equal(
            read,
            JsonSerializer.Deserialize<List<MeasuredWords>>(JsonSerializer.Serialize(read, StoreJson.Options), StoreJson.Options)
        );

        var row = new BatchRow { MadeOfJson = """["1 × egg"]""" };
        Assert.Equal("1 × egg", row.MadeOf.Single().Spoons);
    }

    [Fact]
    public void A_full_disk_is_told_apart_and_nothing_is_half_written()
    {
        using var db = Open();
        db.Database.OpenConnection();
        // No page more than there is: what a full disk looks like to the file.
        Ask(db, $"PRAGMA max_page_count = {Ask(db, "PRAGMA page_count")}");
        db.Add(new SessionRow { Id = Guid.NewGuid(), PlanJson = new string('x', 400_000) });

        var error = Assert.Throws<DbUpdateException>(() => db.SaveChanges());

        Assert.True(DatabaseFile.IsDiskFull(error));
        Assert.False(DatabaseFile.IsDiskFull(new InvalidOperationException()));
        Assert.Equal("0", Ask(db, "SELECT count(*) FROM sessions"));
    }

    [Fact]
    public async Task Many_rows_at_once_are_written_as_one_by_one_and_all_of_them_or_none()
    {
        await using var db = Open();
        ProductRow Row() =>
            new()
            {
                Id = Guid.CreateVersion7(),
                Name = "Thin ‘lotion’",
                Role = ProductRole.LeaveIn,
                Label = "Aqua",
                SizeMillilitres = 250.5,
                Price = 4.50m,
                Opened = new DateOnly(2026, 1, 31),
                MonthsAfterOpening = 12,
                Version = 3,
            };
        ProductRow[] many = [Row(), Row()];
        db.Add(Row());
        await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        await db.AddManyAsync(many, TestContext.Current.CancellationToken);

        const string written =
            "name || role || label || sizeMillilitres || coalesce(leftMillilitres, '-') || price || opened || "
            + "monthsAfterOpening || archived || version || length(id) || typeof(price) || typeof(id) || "
            + "typeof(sizeMillilitres)";
        Assert.Equal(("3", "1"), (Ask(db, "SELECT count(*) FROM products"), Ask(db, $"SELECT count(DISTINCT {written}) FROM products")));
        Assert.Equal(
            many[1].Name,
            (await db.Products.AsNoTracking().SingleAsync(row => row.Id == many[1].Id, TestContext.Current.CancellationToken)).Name
        );

        await Assert.ThrowsAsync<SqliteException>(() => db.AddManyAsync([Row(), many[0]], TestContext.Current.CancellationToken));
        Assert.Equal("3", Ask(db, "SELECT count(*) FROM products"));
    }

    private static string Ask(KamuriDb db, string sql)
    {
        db.Database.OpenConnection();
        using var command = db.Database.GetDbConnection().CreateCommand();
        command.CommandText = sql;
        return command.ExecuteScalar()!.ToString()!;
    }
}
