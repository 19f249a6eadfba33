using System.Globalization;
using System.Runtime.CompilerServices;

namespace Kamuri.Browser.Tests.Driving;

/// <summary>
/// Tests, servers and browsers live in a zone in which it is past six in the morning, so that a day that begins now is over before the
/// night whenever they are run.
/// </summary>
internal static class Morning
{
    private const int Hour = 6;

    /// <summary>The zones furthest from each other that whole hours name.</summary>
    private const int FurthestWest = -12;

    [ModuleInitializer]
    internal static void Move()
    {
        var ahead = Hour - DateTime.UtcNow.Hour;
        ahead = ahead < FurthestWest ? ahead + 24 : ahead;
        // These names count the other way round.
        var zone = string.Create(CultureInfo.InvariantCulture, $"Etc/GMT{-ahead:+0;-0;+0}");
        Environment.SetEnvironmentVariable("TZ", zone);
        TimeZoneInfo.ClearCachedData();
    }
}
