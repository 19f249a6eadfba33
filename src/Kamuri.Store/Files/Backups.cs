using System.Globalization;
using Microsoft.Data.Sqlite;

namespace Kamuri.Store.Files;

/// <summary>Why a backup was made.</summary>
public enum BackupKind
{
    /// <summary>Somebody asked for it; it is never removed by itself.</summary>
    Manual,

    /// <summary>Once a day while serving.</summary>
    Daily,

    /// <summary>Before the shape of the file was changed.</summary>
    Upgrade,

    /// <summary>What was there when a backup was restored.</summary>
    Aside,
}

/// <summary>A backup that is there.</summary>
/// <param name="Name">Its file name.</param>
/// <param name="MadeAt">When it was made.</param>
/// <param name="Bytes">How large it is.</param>
public sealed record BackupFile(string Name, BackupKind Kind, DateTimeOffset MadeAt, long Bytes);

/// <summary>Consistent copies of a household's file, in a folder beside it.</summary>
public sealed class Backups
{
    private const string Stamp = "yyyyMMdd-HHmmss-fff";
    private const int DailyKept = 7;
    private const int WeeksKept = 8;
    private const int UpgradesKept = 5;

    private static readonly Lock OneAtATime = new();

    private readonly string _folder;

    private Backups(string folder) => _folder = folder;

    /// <summary>The backups of a data folder.</summary>
    public static Backups Of(string dataFolder) => new(Path.Combine(dataFolder, "backups"));

    /// <summary>Every backup, newest first.</summary>
    public IReadOnlyList<BackupFile> List() =>
        !Directory.Exists(_folder)
            ? []
            :
            [
                .. new DirectoryInfo(_folder)
                    .GetFiles("kamuri-*.db")
                    .Select(Read)
                    .OfType<BackupFile>()
                    .OrderByDescending(backup => backup.MadeAt),
            ];

    /// <summary>Where a backup lies; null when there is none of this name.</summary>
    public string? Find(string name) => List().Any(backup => backup.Name == name) ? Path.Combine(_folder, name) : null;

    /// <summary>Makes a backup, whatever else is going on with the file, and then lets go of those that are too many.</summary>
    /// <exception cref="SqliteException">There is no room for it, or the file cannot be read; nothing was removed.</exception>
    public string Make(string file, BackupKind kind, DateTimeOffset now)
    {
        using var one = OneAtATime.EnterScope();
        DataFolder.Make(_folder);
        var path = Path.Combine(_folder, $"kamuri-{Word(kind)}-{now.UtcDateTime.ToString(Stamp, CultureInfo.InvariantCulture)}.db");
        var next = $"{path}.next";
        try
        {
            DataFolder.Touch(next);
            Copy(file, next);
            File.Move(next, path, overwrite: true);
        }
        finally
        {
            File.Delete(next);
        }

        Prune();
        return path;
    }

    /// <summary>Whether a day has passed since the last daily one.</summary>
    public bool IsDue(DateTimeOffset now) =>
        List().Where(backup => backup.Kind == BackupKind.Daily).All(backup => now - backup.MadeAt >= TimeSpan.FromDays(1));

    public void Remove(string name) => File.Delete(Path.Combine(_folder, Path.GetFileName(name)));

    /// <summary>Copies all that a file and its log hold into a file that is empty.</summary>
    public static void Copy(string file, string into)
    {
        using var from = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = file,
                Mode = SqliteOpenMode.ReadOnly,
                Pooling = false,
            }.ToString()
        );
        from.Open();
        using var command = from.CreateCommand();
        command.CommandText = "VACUUM INTO $into";
        command.Parameters.AddWithValue("$into", into);
        command.ExecuteNonQuery();
    }

    /// <summary>Seven daily ones stay, and of older ones the first of each of eight weeks; manual ones always.</summary>
    private void Prune()
    {
        var all = List();
        var daily = all.Where(backup => backup.Kind == BackupKind.Daily).ToList();
        var weekly = daily
            .GroupBy(backup => (ISOWeek.GetYear(backup.MadeAt.UtcDateTime), ISOWeek.GetWeekOfYear(backup.MadeAt.UtcDateTime)))
            .OrderByDescending(week => week.Key)
            .Take(WeeksKept)
            .Select(week => week.MinBy(backup => backup.MadeAt)!);
        var kept = daily.Take(DailyKept).Concat(weekly).Select(backup => backup.Name).ToHashSet();
        var upgrades = all.Where(backup => backup.Kind is BackupKind.Upgrade).Skip(UpgradesKept);
        foreach (var old in daily.Where(backup => !kept.Contains(backup.Name)).Concat(upgrades))
        {
            Remove(old.Name);
        }
    }

    /// <summary>Earlier versions named no kind; what they made is kept like what somebody asked for.</summary>
    private static BackupFile? Read(FileInfo file)
    {
        var name = Path.GetFileNameWithoutExtension(file.Name)["kamuri-".Length..];
        var kind = Enum.GetValues<BackupKind>()
            .Cast<BackupKind?>()
            .FirstOrDefault(each => name.StartsWith($"{Word(each!.Value)}-", StringComparison.Ordinal));
        var stamp = kind is { } known ? name[(Word(known).Length + 1)..] : name;
        return DateTime.TryParseExact(
            stamp,
            Stamp,
            CultureInfo.InvariantCulture,
            DateTimeStyles.AssumeUniversal | DateTimeStyles.AdjustToUniversal,
            out var made
        )
            ? new BackupFile(file.Name, kind ?? BackupKind.Manual, new DateTimeOffset(made, TimeSpan.Zero), file.Length)
            : null;
    }

    private static string Word(BackupKind kind) => kind.ToString().ToLowerInvariant();
}
