using System.IO.Compression;
using System.Text;
using Kamuri.Store;
using Kamuri.Store.Archives;
using Kamuri.Store.Files;
using Kamuri.Store.Heads;
using Kamuri.Store.Removals;
using Kamuri.Store.Templates;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Tests;

/// <summary>Everything out and everything in, whole households and single heads.</summary>
public sealed class ArchiveTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 12, 1, 10, 0, 0, TimeSpan.Zero);
    private readonly string _folder = Directory.CreateTempSubdirectory("kamuri-archive-").FullName;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_folder, recursive: true);
    }

    private KamuriDb House(string name, bool full)
    {
        var folder = Directory.CreateDirectory(Path.Combine(_folder, name)).FullName;
        if (full)
        {
            FileTests.Golden(folder);
        }

        DatabaseFile.Open(folder, Now);
        return DatabaseFile.Alone(Path.Combine(folder, DatabaseFile.FileName));
    }

    private static byte[] Export(KamuriDb db, DateTimeOffset now)
    {
        using var stream = new MemoryStream();
        Archive.Write(db, stream, now);
        return stream.ToArray();
    }

    private static ImportPreview Import(KamuriDb db, byte[] archive, bool theirs = false, bool isPreview = false) =>
        ArchiveImport.Run(db, new MemoryStream(archive), theirs, isPreview);

    private static byte[] Zip(params (string Name, string Text)[] files)
    {
        using var stream = new MemoryStream();
        using (var zip = new ZipArchive(stream, ZipArchiveMode.Create, leaveOpen: true))
        {
            foreach (var (name, text) in files)
            {
                using var entry = zip.CreateEntry(name).Open();
                entry.Write(Encoding.UTF8.GetBytes(text));
            }
        }

        return stream.ToArray();
    }

    private static List<string> Texts(byte[] archive)
    {
        using var zip = new ZipArchive(new MemoryStream(archive));
        return
        [
            .. zip.Entries.Select(entry =>
            {
                using var reader = new StreamReader(entry.Open());
                return $"{entry.FullName} {reader.ReadToEnd()}";
            }),
        ];
    }

    private static readonly string Schema = DatabaseFile.Known()[^1];

    private static string Manifest =>
        $$$"""{"format":"kamuri-archive","formatVersion":1,"schema":"{{{Schema}}}","madeAt":"2026-12-01T10:00:00+00:00","rows":{}}""";

    [Fact]
    public void What_goes_out_comes_in_and_goes_out_the_same_to_the_byte()
    {
        using var first = House("first", full: true);
        // Also what no version can read goes along as it is.
        first.Database.ExecuteSqlRaw("UPDATE templates SET ContentJson = 'no JSON at all'");
        first.Database.ExecuteSqlRaw("UPDATE formulas SET FormulaJson = '{{\"Kind\": \"½ unheard of\"}}'");
        var archive = Export(first, Now);
        using var second = House("second", full: false);

        var preview = Import(second, archive, isPreview: true);
        Assert.Equal((true, 0), (preview.IntoEmpty, second.Heads.Count()));
        Import(second, archive);

        Assert.Equal(Texts(archive), Texts(Export(second, Now)));
        Assert.Equal(archive, Export(second, Now));
        Assert.NotEqual(archive, Export(second, Now.AddDays(1)));
        Assert.Equal(first.SessionSummaries.Count(), second.SessionSummaries.Count());
    }

    [Fact]
    public void Into_a_full_household_it_comes_by_id_and_says_what_differs()
    {
        using var first = House("first", full: true);
        using var second = House("second", full: true);
        var head = first.Heads.OrderBy(row => row.Name).First();
        head.Name = "Ilse, older";
        first.Add(new HeadRow { Id = Guid.NewGuid(), Name = "New" });
        first.Templates.Single().Name = "Another name";
        first.Add(
            new TemplateRow
            {
                Id = Guid.NewGuid(),
                Name = "Our Sunday",
                ContentJson = first.Templates.Single().ContentJson,
            }
        );
        first.SaveChanges();
        var archive = Export(first, Now);

        var preview = Import(second, archive, isPreview: true);
        var heads = preview.Tables.Single(table => table.Table == "heads");
        Assert.Equal((1, 1, 1), (heads.Comes, heads.Same, heads.Changes));
        Assert.Equal(["Our Sunday"], preview.Tables.Single(table => table.Table == "templates").Collides);
        Assert.Equal((2, 2), (second.Heads.Count(), second.Sessions.Count()));

        Import(second, archive);
        Assert.Equal(["Ilse", "Marek", "New"], second.Heads.Select(row => row.Name).AsEnumerable().Order());
        Assert.Equal(["Our Sunday", "Our Sunday (2)"], second.Templates.Select(row => row.Name).AsEnumerable().Order());
        Import(second, archive, theirs: true);
        Assert.Equal(["Ilse, older", "Marek", "New"], second.Heads.AsNoTracking().Select(row => row.Name).AsEnumerable().Order());
        Assert.Equal(2, second.Sessions.Count());
        Assert.Equal(36, second.SessionEvents.Count());
    }

    [Fact]
    public void A_running_day_of_a_head_that_is_in_another_one_stays_out()
    {
        using var first = House("first", full: true);
        using var second = House("second", full: true);
        // The running day is another one there.
        first.Database.OpenConnection();
        first.Database.ExecuteSqlRaw("PRAGMA foreign_keys = OFF");
        var running = first.SessionSummaries.First(row => row.FinishedUtcTicks == null).SessionId.ToString().ToUpperInvariant();
        foreach (
            var (table, column) in ((string, string)[])
                [("sessions", "Id"), ("session_events", "SessionId"), ("session_summaries", "SessionId")]
        )
        {
#pragma warning disable EF1002 // Names of tables, not what anybody typed.
            first.Database.ExecuteSqlRaw(
                $"UPDATE {table} SET {column} = '00000000-0000-0000-0000-00000000ABCD' WHERE {column} = '{running}'"
            );
#pragma warning restore EF1002
        }

        var done = Import(second, Export(first, Now));
        Assert.Equal(["a day that has not ended"], done.Tables.Single(table => table.Table == "sessions").Collides);
        Assert.Equal((2, 36), (second.Sessions.Count(), second.SessionEvents.Count()));
    }

    [Fact]
    public void A_foreign_truncated_or_hostile_file_changes_nothing_and_says_why()
    {
        using var db = House("here", full: true);
        var whole = Export(db, Now);
        var rows = $$"""[{"Id":"{{Guid.NewGuid()}}","Nobody":"knows"}]""";
        (byte[] File, string Says)[] files =
        [
            ([], "not an archive"),
            (Encoding.UTF8.GetBytes("hello"), "not an archive"),
            (whole[..(whole.Length / 2)], "not an archive"),
            (Zip(("readme.txt", "hello")), "a file called readme.txt"),
            (Zip(("manifest.json", Manifest), ("../../etc/passwd", "x")), "a file called ../../etc/passwd"),
            (Zip(("manifest.json", "{}")), "not an archive"),
            (Zip(("data/heads.json", "[]")), "no manifest"),
            (Zip(("manifest.json", Manifest.Replace("kamuri-archive", "other", StringComparison.Ordinal))), "not an archive"),
            (
                Zip(("manifest.json", Manifest.Replace(DatabaseFile.Known()[^1], "20991231000000_Tomorrow", StringComparison.Ordinal))),
                "newer Kamuri"
            ),
            (Zip(("manifest.json", Manifest), ("data/heads.json", "[{")), "heads.json cannot be read"),
            (Zip(("manifest.json", Manifest), ("data/heads.json", rows)), "heads has no field Nobody"),
            (Zip(("manifest.json", Manifest), ("data/heads.json", "[1]")), "is not a row"),
            (Zip(("manifest.json", Manifest), ("data/heads.json", """[{"Name":"x"}]""")), "has no Id"),
            (
                Zip(
                    ("manifest.json", Manifest),
                    (
                        "data/session_events.json",
                        $$"""[{"SessionId":"{{Guid.NewGuid()}}","EventId":"{{Guid.NewGuid()}}","Kind":"TaskDone","AtUtcTicks":1}]"""
                    )
                ),
                "belongs to"
            ),
            (
                Zip([.. Enumerable.Range(0, 70).Select(n => ($"data/a{(char)('a' + (n % 26))}{(char)('a' + (n / 26))}.json", "[]"))]),
                "contains 70 files"
            ),
        ];
        foreach (var (file, says) in files)
        {
            Assert.Contains(says, Assert.Throws<ArchiveException>(() => Import(db, file)).Message, StringComparison.Ordinal);
        }

        Assert.Equal(whole, Export(db, Now));
    }

    [Fact]
    public void A_bomb_that_says_it_is_small_is_read_no_further_than_it_says()
    {
        using var db = House("here", full: false);
        var bomb = Zip(("manifest.json", Manifest), ("data/heads.json", $"[{new string(' ', 4_000_000)}]"));
        // The size it claims, in the list at the end and before the data, becomes a hundred bytes.
        var claimed = BitConverter.GetBytes(4_000_002);
        for (var at = 0; at < bomb.Length - 4; at++)
        {
            if (bomb.AsSpan(at, 4).SequenceEqual(claimed))
            {
                BitConverter.GetBytes(100).CopyTo(bomb, at);
            }
        }

        Assert.Throws<ArchiveException>(() => Import(db, bomb));
    }

    [Fact]
    public void A_head_goes_with_everything_of_it_and_comes_back_just_so()
    {
        using var db = House("here", full: true);
        var before = Export(db, Now);
        var ilse = db.Heads.Single(row => row.Name == "Ilse").Id;
        var preview = Removal.OfHead(db, ilse)!;
        Assert.Equal((1, 1), (preview.Rows["sessions"], preview.SharedDays));

        var (removed, days) = Removal.Head(db, ilse, Now);

        Assert.Single(days);
        Assert.Equal((0, 1, 1), (db.Heads.Count(row => row.Id == ilse), db.Sessions.Count(), db.SessionSummaries.Count()));
        Assert.DoesNotContain("House mask, Ilse", Encoding.UTF8.GetString(Export(db, Now)), StringComparison.Ordinal);
        Assert.True(Removal.Undo(db, removed));
        Assert.False(Removal.Undo(db, removed));
        Assert.Equal((2, 2, 3), (db.Heads.Count(), db.Sessions.Count(), db.SessionSummaries.Count()));
        Assert.Equal(before.Length, Export(db, Now).Length, 40.0);
    }

    [Fact]
    public void What_was_deleted_is_let_go_of_after_a_while()
    {
        using var db = House("here", full: true);
        var removed = Removal.Session(db, db.Sessions.First().Id, Now);
        Removal.Forget(db, Now.AddDays(6));
        Assert.Equal(1, db.Removed.Count());
        Removal.Forget(db, Now.AddDays(8));
        Assert.False(Removal.Undo(db, removed));
    }
}
