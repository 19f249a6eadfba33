namespace Kamuri.Store.Files;

/// <summary>What is said about the household's file.</summary>
[Texts("the household's file")]
internal static class FileWords
{
    // DatabaseFile
    public static string FileIsMissingButFileNameWal(string file, string FileName) =>
        $"{file} is missing, but {FileName}-wal is there: only part of a household was copied. Copy all of it, or restore "
        + "a backup: ./kamuri restore FILE.";

    public static string TheDiskWithFolderIsFull(string folder) =>
        $"The disk with {folder} is full. Make room, then start again. Nothing was changed.";

    public static string FileCouldNotBeUpdatedMessage(string file, string message) =>
        $"{file} could not be updated: {message} Nothing was changed.";

    // DataFolder
    public static string AnotherKamuriIsRunningOnPath(string path) =>
        $"Another Kamuri is running on {path}. Use that one, stop it first, or choose another folder with --data.";

    public static string TheDataFolderPathCannotBe(string path, string message) =>
        $"The data folder {path} cannot be written: {message} Make it writable, or choose another with --data.";

    // FileCheck
    public static string FileIsDamagedSaidNothingWas(string file, string said) =>
        $"{file} is damaged ({said}). Nothing was changed. Restore a backup: ./kamuri restore FILE. They lie in the "
        + "folder backups beside it.";

    public static string FileIsNotAHouseholdOf(string file) =>
        $"{file} is not a household of Kamuri. Choose another folder with --data, or restore a backup: ./kamuri restore FILE.";

    public static string FileWasWrittenByANewer(string file, string unknown) =>
        $"{file} was written by a newer Kamuri (it has {unknown}). Update Kamuri, or restore an older backup: ./kamuri "
        + "restore FILE. Nothing was changed.";

    public static string TheDiskWithFileIsFull(string file) => $"The disk with {file} is full. Make room, then start again.";

    public static string FileCannotBeReadMessageNothing(string file, string message) =>
        $"{file} cannot be read ({message}). Nothing was changed. Restore a backup: ./kamuri restore FILE.";

    public static string FileIsEmptyButLogBeside(string file, string log) =>
        $"{file} is empty, but {log} beside it is not: only part of a running household was copied. Copy it again after "
        + "Kamuri has stopped, or restore a backup: ./kamuri restore FILE.";

    public static string FileIsEmptyRestoreABackup(string file) =>
        $"{file} is empty. Restore a backup: ./kamuri restore FILE. To begin a new household, remove the empty file.";

    public static string PartOfFileIsMissingNothing(string file) =>
        $"Part of {file} is missing. Nothing was changed. Restore a backup: ./kamuri restore FILE.";

    // Restoring
    public static string ThereIsNoFileBackup(string backup) => $"There is no file {backup}.";

    public const string ThereIsNoRoomForA = "There is no room for a copy of the backup. Make room, then try again. Nothing was changed.";

    public static string BackupCouldNotBeRestoredMessage(string backup, string message) =>
        $"{backup} could not be restored: {message} Nothing was changed.";
}
