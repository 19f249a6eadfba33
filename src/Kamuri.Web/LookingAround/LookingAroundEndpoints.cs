using Microsoft.AspNetCore.Http.HttpResults;

namespace Kamuri.Web.LookingAround;

/// <summary>Looking around the made-up household, and leaving it with one press.</summary>
internal static class LookingAroundEndpoints
{
    private const string Address = "/api/looking-around";
    private const string Cookie = "kamuri-looking-around";

    public static void MapLookingAround(this IEndpointRouteBuilder routes)
    {
        routes.MapPost(Address, ComeInAsync).WithName("lookAround").WithTags("Looking around");
        routes.MapDelete(Address, Leave).WithName("stopLookingAround").WithTags("Looking around");
    }

    /// <summary>Whoever looks around is answered by the made-up household; the real one sees nothing of it.</summary>
    public static void UseLookingAround(this WebApplication app) =>
        app.Use(
            async (context, next) =>
            {
                var path = context.Request.Path;
                if (
                    context.Request.Cookies.ContainsKey(Cookie)
                    && path.StartsWithSegments("/api")
                    && !path.StartsWithSegments(Address)
                    && !path.StartsWithSegments("/api/access")
                )
                {
                    await app.Services.GetRequiredService<MadeUpHouse>().AnswerAsync(context);
                    return;
                }

                await next(context);
            }
        );

    private static async Task<NoContent> ComeInAsync(MadeUpHouse house, HttpContext context, CancellationToken cancellation)
    {
        await house.OpenAsync(cancellation);
        context.Response.Cookies.Append(
            Cookie,
            "1",
            new CookieOptions
            {
                HttpOnly = true,
                SameSite = SameSiteMode.Strict,
                Path = "/",
            }
        );
        return TypedResults.NoContent();
    }

    private static NoContent Leave(HttpContext context)
    {
        context.Response.Cookies.Delete(Cookie);
        return TypedResults.NoContent();
    }
}
