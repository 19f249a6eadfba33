using System.Runtime.InteropServices;

namespace Kamuri.Web.Safety;

/// <summary>Whatever this process writes is its owner's alone: the household, its log, keys, backups.</summary>
internal static partial class OwnFiles
{
    private const int OthersNothing = 0x3F;

    public static void Only()
    {
        if (!OperatingSystem.IsWindows())
        {
            _ = SetMask(OthersNothing);
        }
    }

    [LibraryImport("libc", EntryPoint = "umask")]
    private static partial int SetMask(int mask);
}
