using System.Globalization;

namespace Kamuri.Web;

/// <summary>What the server was started with.</summary>
/// <param name="DataFolder">Where the household's file lies.</param>
/// <param name="Port">Loopback port; 0 picks a free one.</param>
/// <param name="ClockSpeed">1 for the real clock; more for demonstrations and tests.</param>
/// <param name="Demo">Whether made-up data is put into an empty file.</param>
/// <param name="Lan">Whether other devices of the home network are answered, behind the household's passcode.</param>
internal sealed record StartOptions(string DataFolder, int Port, double ClockSpeed, bool Demo, bool Lan)
{
    /// <summary>The household that is only looked at, beside the one this was started for.</summary>
    public bool MadeUp { get; init; }

    public const int UsualPort = 7390;
    public const double FastestClock = 3600;

    /// <exception cref="ArgumentException">An option cannot be read; the message says which.</exception>
    public static StartOptions Read(IConfiguration configuration)
    {
        var folder = configuration["data"] is { Length: > 0 } given
            ? given
            : Path.Combine(
                Environment.GetFolderPath(Environment.SpecialFolder.LocalApplicationData, Environment.SpecialFolderOption.DoNotVerify),
                "kamuri"
            );
        return new StartOptions(
            Path.GetFullPath(folder),
            (int)Number(configuration, "port", UsualPort, 0, 65535),
            Number(configuration, "clock-speed", 1, 1, FastestClock),
            string.Equals(configuration["demo"], "true", StringComparison.OrdinalIgnoreCase),
            string.Equals(configuration["lan"], "true", StringComparison.OrdinalIgnoreCase)
        );
    }

    private static double Number(IConfiguration configuration, string name, double usual, double least, double most)
    {
        if (configuration[name] is not { Length: > 0 } text)
        {
            return usual;
        }

        return double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var value) && value >= least && value <= most
            ? value
            : throw new ArgumentException($"--{name} is a number from {least} to {most}, not '{text}'.");
    }
}
