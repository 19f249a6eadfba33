using System.Security.Cryptography;
using System.Text;
using Microsoft.AspNetCore.Identity;

namespace Kamuri.Web.Access;

/// <summary>
/// The household's passcode, kept as a salted hash in a file of its own, so that no copy of the household's data carries it.
/// </summary>
internal sealed class Passcode(StartOptions options)
{
    public const int Shortest = 8;
    public const int Longest = 100;
    private const int Proposed = 6;
    private const int MostProposals = 20;

    private readonly Queue<string> _proposals = [];
    private static readonly PasswordHasher<Passcode> Hasher = new();
    private readonly Lock _gate = new();

    private string File => Path.Combine(options.DataFolder, "passcode");

    public bool IsSet => System.IO.File.Exists(File);

    /// <summary>Changes with the passcode, so that devices that entered with an older one are out. Empty when none is set.</summary>
    public string Stamp => Read() is { } hash ? Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(hash)))[..16] : "";

    public bool IsRight(string given) =>
        Read() is { } hash && Hasher.VerifyHashedPassword(this, hash, given) != PasswordVerificationResult.Failed;

    /// <summary>Six digits drawn at random, which may be set although they are short.</summary>
    public string Propose()
    {
        lock (_gate)
        {
            var proposal = RandomNumberGenerator.GetString("0123456789", Proposed);
            _proposals.Enqueue(proposal);
            if (_proposals.Count > MostProposals)
            {
                _proposals.Dequeue();
            }

            return proposal;
        }
    }

    /// <summary>Why something cannot be the passcode; null when it can. Short ones are only those that were drawn here.</summary>
    public string? WhyNot(string passcode)
    {
        lock (_gate)
        {
            return _proposals.Contains(passcode) ? null
                : passcode.Trim().Length is < Shortest or > Longest
                    ? AccessWords.UseShortestToLongestCharactersOr($"{Shortest}", $"{Longest}")
                : IsGuessed(passcode.Trim()) ? AccessWords.ThatIsTooEasyToGuess
                : null;
        }
    }

    /// <summary>One letter again and again, or letters or digits in a row.</summary>
    private static bool IsGuessed(string passcode)
    {
        var steps = passcode.Zip(passcode.Skip(1), (one, next) => next - one).Distinct().ToList();
        return passcode.Distinct().Count() < 4
            || (steps.Count == 1 && Math.Abs(steps[0]) <= 1)
            || passcode.Equals("password", StringComparison.OrdinalIgnoreCase)
            || "12345678901234567890".Contains(passcode, StringComparison.Ordinal)
            || "98765432109876543210".Contains(passcode, StringComparison.Ordinal);
    }

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
