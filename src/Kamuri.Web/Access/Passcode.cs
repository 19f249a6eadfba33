using System.Security.Cryptography;
using System.Text;
using Microsoft.AspNetCore.Identity;

namespace Kamuri.Web.Access;

/// <summary>
/// The household's passcode, kept as a salted hash in a file of its own, so that no copy of the household's data carries it.
/// </summary>
internal sealed class Passcode(StartOptions options)
{
    public const int Shortest = 6;
    public const int Longest = 100;
    private static readonly PasswordHasher<Passcode> Hasher = new();
    private readonly Lock _gate = new();

    private string File => Path.Combine(options.DataFolder, "passcode");

    public bool IsSet => System.IO.File.Exists(File);

    /// <summary>Changes with the passcode, so that devices that entered with an older one are out. Empty when none is set.</summary>
    public string Stamp => Read() is { } hash ? Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(hash)))[..16] : "";

    public bool IsRight(string given) => Read() is { } hash && Hasher.VerifyHashedPassword(this, hash, given) != PasswordVerificationResult.Failed;

    /// <summary>Takes its place at once or not at all.</summary>
    public void Set(string passcode)
    {
        lock (_gate)
        {
            var next = $"{File}.next";
            var how = new FileStreamOptions { Mode = FileMode.Create, Access = FileAccess.Write };
            if (!OperatingSystem.IsWindows())
            {
                how.UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite;
            }

            using (var stream = new FileStream(next, how))
            {
                stream.Write(Encoding.UTF8.GetBytes(Hasher.HashPassword(this, passcode)));
                stream.Flush(flushToDisk: true);
            }

            System.IO.File.Move(next, File, overwrite: true);
        }
    }

    private string? Read()
    {
        lock (_gate)
        {
            return IsSet ? System.IO.File.ReadAllText(File) : null;
        }
    }
}
