using System.Net;
using Kamuri.Store;
using Microsoft.AspNetCore.Server.Kestrel.Core;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Diagnostics.HealthChecks;

namespace Kamuri.Web;

/// <summary>Small pieces of hosting.</summary>
internal static class Hosting
{
    /// <summary>
    /// Loopback only, unless the home network was asked for. Port 0 takes a free one, which dual-stack localhost cannot do.
    /// </summary>
    public static void ListenLocalhostOrFree(this KestrelServerOptions kestrel, int port, bool lan)
    {
        if (lan)
        {
            kestrel.Listen(IPAddress.Any, port);
        }
        else if (port == 0)
        {
            kestrel.Listen(IPAddress.Loopback, 0);
        }
        else
        {
            kestrel.ListenLocalhost(port);
        }
    }

    /// <summary>Healthy when the household's file answers.</summary>
    public static IHealthChecksBuilder AddDbContextCheckLite(this IHealthChecksBuilder checks) => checks.AddCheck<FileAnswers>("file");

    private sealed class FileAnswers(IDbContextFactory<KamuriDb> databases) : IHealthCheck
    {
        public async Task<HealthCheckResult> CheckHealthAsync(HealthCheckContext context, CancellationToken cancellationToken = default)
        {
            await using var db = await databases.CreateDbContextAsync(cancellationToken);
            return await db.Database.CanConnectAsync(cancellationToken) ? HealthCheckResult.Healthy() : HealthCheckResult.Unhealthy();
        }
    }
}
