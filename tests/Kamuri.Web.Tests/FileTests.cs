using System.IO.Compression;
using System.Runtime.Versioning;
using Kamuri.Store;
using Kamuri.Store.Documents;
using Kamuri.Store.Files;
using Kamuri.Store.Heads;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Tests;

/// <summary>Opening a household's file whatever state it is in, and putting backups in its place.</summary>
public sealed class FileTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 12, 1, 10, 0, 0, TimeSpan.Zero);
    private readonly string _folder = Directory.CreateTempSubdirectory("kamuri-file-").FullName;

    private string Main => Path.Combine(_folder, DatabaseFile.FileName);

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_folder, recursive: true);
    }

    /// <summary>The household of the last version that wrote documents as the code called them.</summary>
    internal static void Golden(string folder)
    {
        using var packed = new GZipStream(
            File.OpenRead(Path.Combine(AppContext.BaseDirectory, "Golden", "household-2026-11-28.db.gz")),
            CompressionMode.Decompress
        );
        using var file = File.Create(Path.Combine(folder, DatabaseFile.FileName));
        packed.CopyTo(file);
    }

    private static void Execute(string file, string sql)
    {
        using var connection = new SqliteConnection($"Data Source={file};Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }

    private static long Count(string file, string sql)
    {
        using var connection = new SqliteConnection($"Data Source={file};Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        return (long)command.ExecuteScalar()!;
    }

    private void AddHead(string name)
    {
        using var db = DatabaseFile.Alone(Main);
        db.Add(new HeadRow { Id = Guid.NewGuid(), Name = name });
        db.SaveChanges();
    }

    private string Refused()
    {
        var before = Directory.GetFiles(_folder).ToDictionary(file => file, File.ReadAllBytes);
        var error = Assert.Throws<CannotUseFileException>(() => DatabaseFile.Open(_folder, Now));
        // What was there is there just so.
        Assert.All(before, file => Assert.Equal(file.Value, File.ReadAllBytes(file.Key)));
        return error.Message;
    }

    [Fact]
    public void Every_document_of_the_last_shape_is_read_and_summed_up()
    {
        Golden(_folder);
        Assert.NotNull(DatabaseFile.Open(_folder, Now));
        using var db = DatabaseFile.Alone(Main);

        Assert.Equal(["Ilse", "Marek"], db.Heads.AsEnumerable().Select(row => row.ToHead().Name).Order());
        Assert.Equal(["Ilse", "Ilse", "Marek"], db.SessionSummaries.Select(row => row.HeadName).AsEnumerable().Order());
        Assert.Equal(
            (4, 3),
            db.SessionSummaries.Where(row => row.FinishedUtcTicks != null)
                .Select(row => new ValueTuple<int, int>(row.Softness!.Value, row.Slip!.Value))
                .Single()
        );
        Assert.All(db.Sessions.AsEnumerable(), row => Assert.NotEmpty(row.ToPlan().Tasks));
        Assert.All(db.SessionEvents.AsEnumerable(), row => Assert.Equal(row.EventId, row.ToEvent().Id));
        Assert.Equal("House mask", db.Formulas.Single().ToFormula().Name);
        Assert.Equal(["Firm seed gel", "Scented oil"], db.Batches.AsEnumerable().Select(row => row.ToBatch().Name).Order());
        Assert.Equal("Our Sunday", db.Templates.Single().Name);
        Assert.Equal(2, db.PlannedDays.Count());
    }

    [Fact]
    public void Documents_are_written_with_a_version_and_come_back_as_they_went()
    {
        Golden(_folder);
        DatabaseFile.Open(_folder, Now);
        using var db = DatabaseFile.Alone(Main);
        foreach (var plan in db.Sessions.AsEnumerable().Select(row => row.ToPlan()))
        {
            var written = Store.Sessions.SessionRow.Write(plan);
            Assert.StartsWith("{\"schemaVersion\":1,", written, StringComparison.Ordinal);
            Assert.Equal(written, Store.Sessions.SessionRow.Write(SessionDocuments.Plans.Read(written, SessionDocuments.ToPlan)));
        }

        var day = db.PlannedDays.Single(row => row.HouseholdJson == null);
        Assert.Equal("NeedsProtein", WishDocuments.Days.Read(day.PlanJson).Stretch);
        Assert.Equal(
            2,
            WishDocuments.HouseholdDays.Read(db.PlannedDays.Single(row => row.HouseholdJson != null).HouseholdJson!).Heads.Count
        );
    }

    [Theory]
    [InlineData(
        """{"HeadName":"Ilse","HeadId":"01a22ff9-63b3-72c1-807e-3d650655d610","Aim":"moisture","Style":"twists","Sections":[]"""
            + ""","FragileZones":["Nape"]"""
            + ""","PlannedStart":"2026-01-01T00:00:00Z","PlannedEnd":"2026-01-01T01:00:00Z","Steps":[],"Tasks":[],"Links":[]}""",
        "Ilse"
    )]
    [InlineData(
        """{"Heads":[{"Key":"head","HeadId":"01a22ff9-63b3-72c1-807e-3d650655d610","Name":"Marek","Aim":"a","Style":"b","Sections":[]}]"""
            + ""","PlannedStart":"2026-01-01T00:00:00Z","PlannedEnd":"2026-01-01T01:00:00Z","Steps":[],"Tasks":[],"Links":[]}""",
        "Marek"
    )]
    public void Sessions_of_every_shape_there_has_been_are_read(string json, string name) =>
        Assert.Equal(name, SessionDocuments.Plans.Read(json, SessionDocuments.ToPlan).Heads[0].Name);

    [Theory]
    [InlineData("")]
    [InlineData("null")]
    [InlineData("[]")]
    [InlineData("{}")]
    [InlineData("""{"schemaVersion":99}""")]
    [InlineData("""{"schemaVersion":"one"}""")]
    public void A_document_no_version_wrote_is_unreadable_and_nothing_worse(string json) =>
        Assert.Throws<UnreadableDocumentException>(() => SessionDocuments.Plans.Read(json, SessionDocuments.ToPlan));

    [Fact]
    public void A_word_nobody_knows_any_more_makes_one_row_unreadable_and_no_other()
    {
        Golden(_folder);
        DatabaseFile.Open(_folder, Now);
        Execute(
            Main,
            "UPDATE sessions SET PlanJson = replace(PlanJson, '\"Soaked\"', '\"Drenched\"') WHERE Id = (SELECT Id FROM sessions LIMIT 1)"
        );
        using var db = DatabaseFile.Alone(Main);
        var setAside = new SetAside();

        Assert.Single(setAside.Read("sessions", db.Sessions.AsEnumerable(), row => row.Id, row => row.ToPlan()));
        Assert.Equal("This wash day holds something this version does not know.", Assert.Single(setAside.Rows).Why);
    }

    [Fact]
    public void A_lock_that_a_start_left_behind_keeps_nobody_waiting()
    {
        Golden(_folder);
        Execute(
            Main,
            "CREATE TABLE IF NOT EXISTS __EFMigrationsLock (Id INTEGER PRIMARY KEY, Timestamp TEXT NOT NULL); INSERT "
                + "INTO __EFMigrationsLock VALUES (1, '2026-01-01')"
        );
        Assert.NotNull(DatabaseFile.Open(_folder, Now));
        Execute(
            Main,
            "CREATE TABLE IF NOT EXISTS __EFMigrationsLock (Id INTEGER PRIMARY KEY, Timestamp TEXT NOT NULL); INSERT OR "
                + "REPLACE INTO __EFMigrationsLock VALUES (1, '2026-01-01')"
        );
        Assert.Null(DatabaseFile.Open(_folder, Now));
    }

    [Fact]
    public void A_start_that_was_broken_off_leaves_nothing_that_matters()
    {
        File.WriteAllText($"{Main}.next", "half a file");
        File.WriteAllText($"{Main}.next-wal", "and its log");
        Assert.Null(DatabaseFile.Open(_folder, Now));
        Assert.Equal(["kamuri.db"], Directory.GetFiles(_folder).Select(Path.GetFileName));
        Assert.Equal(0, Count(Main, "SELECT count(*) FROM heads"));
    }

    [Fact]
    public void A_change_of_shape_that_fails_changes_nothing_and_removes_no_backup()
    {
        Golden(_folder);
        // A table is in the way of the next change.
        Execute(Main, "CREATE TABLE removed (Id TEXT)");
        var backups = Backups.Of(_folder);
        backups.Make(Main, BackupKind.Upgrade, Now.AddDays(-9));
        for (var n = 0; n < 7; n++)
        {
            Assert.Contains("Nothing was changed", Refused(), StringComparison.Ordinal);
        }

        Assert.Single(backups.List());
        Execute(Main, "DROP TABLE removed");
        Assert.NotNull(DatabaseFile.Open(_folder, Now));
        Assert.Equal(2, backups.List().Count);
    }

    [Fact]
    public void A_file_of_a_newer_version_is_left_alone()
    {
        DatabaseFile.Open(_folder, Now);
        Execute(Main, "INSERT INTO __EFMigrationsHistory VALUES ('20991231000000_Tomorrow', '99.0')");
        Assert.Contains("newer Kamuri", Refused(), StringComparison.Ordinal);
    }

    [Fact]
    public void What_is_no_household_is_said_so_and_left_alone()
    {
        File.WriteAllBytes(Main, []);
        Assert.Contains("is empty", Refused(), StringComparison.Ordinal);
        File.WriteAllBytes($"{Main}-wal", new byte[8192]);
        Assert.Contains("only part of a running household was copied", Refused(), StringComparison.Ordinal);
        File.Delete($"{Main}-wal");
        File.WriteAllBytes(Main, [.. Enumerable.Range(0, 20_000).Select(n => (byte)(n * 31))]);
        Assert.Contains("is not a household", Refused(), StringComparison.Ordinal);
        File.Delete(Main);
        Execute(Main, "CREATE TABLE notes (Text TEXT)");
        Assert.Contains("is not a household", Refused(), StringComparison.Ordinal);
    }

    [Fact]
    public void A_truncated_or_damaged_file_is_said_so_and_left_alone()
    {
        DatabaseFile.Open(_folder, Now);
        var whole = File.ReadAllBytes(Main);
        File.WriteAllBytes(Main, whole[..(whole.Length / 2)]);
        Assert.Contains("Part of", Refused(), StringComparison.Ordinal);
        var damaged = whole.ToArray();
        Array.Fill(damaged, (byte)0x5A, 4096 * 3, 4096 * 6);
        File.WriteAllBytes(Main, damaged);
        Assert.Contains("restore FILE", Refused(), StringComparison.Ordinal);
    }

    [Fact]
    [SupportedOSPlatform("linux")]
    public void A_folder_is_one_servers_at_a_time_and_nobody_elses_to_read()
    {
        using (DataFolder.Take(_folder))
        {
            Assert.Contains(
                "Another Kamuri is running",
                Assert.Throws<CannotUseFileException>(() => DataFolder.Take(_folder)).Message,
                StringComparison.Ordinal
            );
        }

        DataFolder.Take(_folder).Dispose();
        DatabaseFile.Open(_folder, Now);
        Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute, File.GetUnixFileMode(_folder));
        Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite, File.GetUnixFileMode(Main));
        Assert.Contains(
            "cannot be written",
            Assert.Throws<CannotUseFileException>(() => DataFolder.Take("/proc/kamuri")).Message,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Restoring_passes_over_a_log_that_was_left_behind_and_keeps_what_was_there()
    {
        DatabaseFile.Open(_folder, Now);
        AddHead("Before");
        var backup = Backups.Of(_folder).Make(Main, BackupKind.Manual, Now);
        // Written after the backup, and only in the log when the process ends.
        using (var db = DatabaseFile.Alone(Main))
        {
            db.Database.OpenConnection();
            db.Add(new HeadRow { Id = Guid.NewGuid(), Name = "After" });
            db.SaveChanges();
            File.Copy($"{Main}-wal", $"{Main}.left");
        }

        File.Move($"{Main}.left", $"{Main}-wal");
        var aside = Restoring.Restore(backup, _folder, Now.AddMinutes(1))!;

        Assert.Null(DatabaseFile.Open(_folder, Now));
        Assert.Equal((1, 2), (Count(Main, "SELECT count(*) FROM heads"), Count(aside, "SELECT count(*) FROM heads")));
    }

    [Fact]
    public void Restoring_over_a_damaged_file_keeps_all_of_it()
    {
        DatabaseFile.Open(_folder, Now);
        var backup = Backups.Of(_folder).Make(Main, BackupKind.Manual, Now);
        File.WriteAllText(Main, "not a household any more");
        File.WriteAllText($"{Main}-wal", "nor its log");

        var damaged = Restoring.Restore(backup, _folder, Now)!;

        Assert.Equal(
            ("not a household any more", "nor its log"),
            (File.ReadAllText(Path.Combine(damaged, "kamuri.db")), File.ReadAllText(Path.Combine(damaged, "kamuri.db-wal")))
        );
        Assert.Null(DatabaseFile.Open(_folder, Now));
    }

    [Fact]
    public void What_cannot_be_restored_changes_nothing()
    {
        DatabaseFile.Open(_folder, Now);
        AddHead("Here");
        var other = Path.Combine(_folder, "other.db");
        File.WriteAllText(other, "no");
        Assert.Throws<CannotUseFileException>(() => Restoring.Restore(other, _folder, Now));
        Assert.Throws<CannotUseFileException>(() => Restoring.Restore(Path.Combine(_folder, "missing.db"), _folder, Now));
        Assert.Equal(1, Count(Main, "SELECT count(*) FROM heads"));
    }

    [Fact]
    public void A_backup_of_an_older_shape_is_restored_in_the_present_one()
    {
        var old = Directory.CreateDirectory(Path.Combine(_folder, "old")).FullName;
        Golden(old);
        Restoring.Restore(Path.Combine(old, DatabaseFile.FileName), _folder, Now);
        Assert.Null(DatabaseFile.Open(_folder, Now));
        Assert.Equal(3, Count(Main, "SELECT count(*) FROM session_summaries"));
    }

    [Fact]
    public void Seven_days_and_eight_weeks_of_backups_are_kept_and_what_somebody_made_always()
    {
        DatabaseFile.Open(_folder, Now);
        var backups = Backups.Of(_folder);
        backups.Make(Main, BackupKind.Manual, Now.AddDays(-400));
        File.Copy(backups.Find(backups.List()[0].Name)!, Path.Combine(_folder, "backups", "kamuri-20250101-000000-000.db"));
        for (var day = 0; day < 100; day++)
        {
            backups.Make(Main, BackupKind.Daily, Now.AddDays(day));
        }

        var daily = backups.List().Where(backup => backup.Kind == BackupKind.Daily).ToList();
        Assert.Equal(2, backups.List().Count(backup => backup.Kind == BackupKind.Manual));
        Assert.Equal(Enumerable.Range(93, 7).Reverse().Select(day => Now.AddDays(day)), daily.Take(7).Select(backup => backup.MadeAt));
        Assert.Equal(8, daily.Select(backup => System.Globalization.ISOWeek.GetWeekOfYear(backup.MadeAt.DateTime)).Distinct().Count());
        Assert.False(backups.IsDue(Now.AddDays(99).AddHours(23)));
        Assert.True(backups.IsDue(Now.AddDays(100)));
    }

    [Fact]
    public void After_a_clean_stop_the_file_alone_is_the_household()
    {
        DatabaseFile.Open(_folder, Now);
        using (var db = DatabaseFile.Alone(Main))
        {
            db.Database.OpenConnection();
            db.Add(new HeadRow { Id = Guid.NewGuid(), Name = "Oriel" });
            db.SaveChanges();
        }

        DatabaseFile.Fold(Main);
        var copy = Path.Combine(_folder, "copy.db");
        File.Copy(Main, copy);
        Assert.Equal(1, Count(copy, "SELECT count(*) FROM heads"));
    }
}
