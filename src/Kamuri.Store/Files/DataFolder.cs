namespace Kamuri.Store.Files;

/// <summary>The folder a household's file lies in: this person's alone, and one server's at a time.</summary>
public sealed class DataFolder : IDisposable
{
    private const UnixFileMode OwnFolder = UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute;
    private const UnixFileMode OwnFile = UnixFileMode.UserRead | UnixFileMode.UserWrite;

    private readonly FileStream _lock;

    private DataFolder(string path, FileStream held) => (Path, _lock) = (path, held);

    public string Path { get; }

    /// <summary>
    /// Takes the folder for this process. The system holds the lock, so that it is free again however the process ends.
    /// </summary>
    /// <param name="path">The folder; made when it is not there.</param>
    /// <exception cref="CannotUseFileException">It cannot be written, or another Kamuri has it.</exception>
    public static DataFolder Take(string path)
    {
        try
        {
            Make(path);
            var held = new FileStream(System.IO.Path.Combine(path, "kamuri.lock"), Own(FileMode.OpenOrCreate, FileAccess.ReadWrite));
            return new DataFolder(path, held);
        }
        catch (IOException error)
            when (error.HResult is 11 or 35 || error.Message.Contains("being used by another process", StringComparison.Ordinal))
        {
            throw new CannotUseFileException(FileWords.AnotherKamuriIsRunningOnPath(path), error);
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException or NotSupportedException)
        {
            throw new CannotUseFileException(FileWords.TheDataFolderPathCannotBe(path, error.Message), error);
        }
    }

    /// <summary>Makes a folder that only its owner can read, or keeps others out of one that is there.</summary>
    public static void Make(string path)
    {
        if (OperatingSystem.IsWindows())
        {
            Directory.CreateDirectory(path);
            return;
        }

        if (!Directory.Exists(path))
        {
            Directory.CreateDirectory(path, OwnFolder);
        }
        else if ((File.GetUnixFileMode(path) & ~OwnFolder) != 0)
        {
            File.SetUnixFileMode(path, OwnFolder);
        }
    }

    /// <summary>Keeps others out of a file.</summary>
    public static void Own(string file)
    {
        if (!OperatingSystem.IsWindows() && File.Exists(file) && File.GetUnixFileMode(file) != OwnFile)
        {
            File.SetUnixFileMode(file, OwnFile);
        }
    }

    /// <summary>An empty file that only its owner can read; what SQLite puts beside it gets the same rights.</summary>
    public static void Touch(string file) => new FileStream(file, Own(FileMode.Create, FileAccess.Write)).Dispose();

    public void Dispose() => _lock.Dispose();

    private static FileStreamOptions Own(FileMode mode, FileAccess access)
    {
        var options = new FileStreamOptions
        {
            Mode = mode,
            Access = access,
            Share = FileShare.None,
        };
        if (!OperatingSystem.IsWindows())
        {
            options.UnixCreateMode = OwnFile;
        }

        return options;
    }
}
