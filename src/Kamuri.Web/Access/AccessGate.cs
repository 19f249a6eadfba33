using System.Security.Claims;
using System.Threading.RateLimiting;
using Kamuri.Store.Files;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.DataProtection;

namespace Kamuri.Web.Access;

/// <summary>
/// Who may ask for what. Loopback only, everything is open: it is this person's computer. Opened to the home network, other devices
/// get the pages, which hold nothing, and everything else only after the household's passcode.
/// </summary>
internal static class AccessGate
{
    private const string StampClaim = "stamp";
    private const int TriesAMinute = 5;
    private const int TriesADay = 60;

    public static void AddAccess(this IServiceCollection services, StartOptions options)
    {
        services.AddSingleton<Passcode>();
        services.AddSingleton<Devices>();
        if (options.Lan)
        {
            var keys = new DirectoryInfo(Path.Combine(options.DataFolder, "keys"));
            DataFolder.Make(keys.FullName);
            services.AddDataProtection().PersistKeysToFileSystem(keys).SetApplicationName("kamuri");
        }

        services
            .AddAuthentication(CookieAuthenticationDefaults.AuthenticationScheme)
            .AddCookie(cookie =>
            {
                cookie.Cookie.Name = "kamuri";
                cookie.Cookie.HttpOnly = true;
                cookie.Cookie.SameSite = SameSiteMode.Strict;
                cookie.ExpireTimeSpan = TimeSpan.FromDays(90);
                cookie.SlidingExpiration = true;
                cookie.Events.OnRedirectToLogin = context => Said(context.HttpContext, AccessWords.EnterTheHouseholdsPasscodeFirst);
                // A passcode that was changed shuts out who entered with the old one, and a device that left or was shut out is not let
                // in again.
                cookie.Events.OnValidatePrincipal = context =>
                {
                    var services = context.HttpContext.RequestServices;
                    if (
                        context.Principal?.FindFirstValue(StampClaim) != services.GetRequiredService<Passcode>().Stamp
                        || !services.GetRequiredService<Devices>().IsIn(context.Principal?.FindFirstValue(ClaimTypes.NameIdentifier))
                    )
                    {
                        context.RejectPrincipal();
                    }

                    return Task.CompletedTask;
                };
            });
        services.AddRateLimiter(limiter =>
        {
            // Each device a few tries, and what one of them gets wrong is no trouble to the others.
            limiter.GlobalLimiter = PartitionedRateLimiter.CreateChained(
                Tries(TriesAMinute, TimeSpan.FromMinutes(1)),
                Tries(TriesADay, TimeSpan.FromDays(1))
            );
            limiter.OnRejected = async (context, _) =>
            {
                context.HttpContext.Response.Headers.RetryAfter = "60";
                await TypedResults
                    .Problem(AccessWords.TooManyTriesWaitAMinute, statusCode: StatusCodes.Status429TooManyRequests)
                    .ExecuteAsync(context.HttpContext);
            };
        });
    }

    public static void UseAccess(this WebApplication app)
    {
        app.UseAuthentication();
        app.UseRateLimiter();
        app.Use(
            async (context, next) =>
            {
                var (isHere, isIn) = (HomeNetwork.IsHere(context), context.User.Identity?.IsAuthenticated == true);
                if (!isHere && !isIn)
                {
                    await (IsClosed(context.Request.Path) ? Said(context, AccessWords.EnterTheHouseholdsPasscodeFirst) : next(context));
                    return;
                }

                using (context.RequestServices.GetRequiredService<Devices>().See(isHere ? Devices.Here : Id(context), context.Abort))
                {
                    await next(context);
                }
            }
        );
    }

    /// <summary>What a device that entered is known by.</summary>
    public static string Id(HttpContext context) => context.User.FindFirstValue(ClaimTypes.NameIdentifier)!;

    /// <summary>The cookie of a device that gave the right passcode.</summary>
    /// <param name="context">Of the request that enters.</param>
    /// <param name="device">What the device is known by.</param>
    /// <param name="stamp">Of the passcode it entered with.</param>
    public static Task LetInAsync(HttpContext context, string device, string stamp) =>
        context.SignInAsync(
            new ClaimsPrincipal(
                new ClaimsIdentity(
                    [new Claim(ClaimTypes.NameIdentifier, device), new Claim(StampClaim, stamp)],
                    CookieAuthenticationDefaults.AuthenticationScheme
                )
            ),
            new AuthenticationProperties { IsPersistent = true }
        );

    /// <summary>Pages, scripts, fonts and drawings hold nothing of the household; everything else does.</summary>
    private static bool IsClosed(PathString path) =>
        path.StartsWithSegments("/openapi")
        || path.StartsWithSegments("/health")
        || (path.StartsWithSegments("/api") && path != AccessEndpoints.Path && path != AccessEndpoints.EnterPath);

    private static Task Said(HttpContext context, string sentence) =>
        TypedResults.Problem(sentence, statusCode: StatusCodes.Status401Unauthorized).ExecuteAsync(context);

    private static PartitionedRateLimiter<HttpContext> Tries(int most, TimeSpan within) =>
        PartitionedRateLimiter.Create<HttpContext, string>(context =>
            context.Request.Path == AccessEndpoints.EnterPath
                ? RateLimitPartition.GetFixedWindowLimiter(
                    context.Connection.RemoteIpAddress?.ToString() ?? "",
                    _ => new FixedWindowRateLimiterOptions { PermitLimit = most, Window = within }
                )
                : RateLimitPartition.GetNoLimiter("")
        );
}
