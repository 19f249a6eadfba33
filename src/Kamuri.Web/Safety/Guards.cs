using Kamuri.Store.Archives;
using Kamuri.Web.Access;
using Microsoft.AspNetCore.Http.Features;
using Microsoft.Net.Http.Headers;

namespace Kamuri.Web.Safety;

/// <summary>Keeps other web pages out: fixed hosts, same-origin writes, a strict content policy.</summary>
internal static class Guards
{
    /// <summary>Largest request body in bytes; a plan with two hundred edits is a tenth of it.</summary>
    public const long LargestBody = 512 * 1024;

    private const string ContentPolicy =
        "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; connect-src 'self'; "
        + "manifest-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    public static void UseGuards(this WebApplication app)
    {
        app.Use(
            async (context, next) =>
            {
                var headers = context.Response.Headers;
                headers.ContentSecurityPolicy = ContentPolicy;
                headers.XContentTypeOptions = "nosniff";
                headers["Referrer-Policy"] = "no-referrer";
                headers["Cross-Origin-Resource-Policy"] = "same-origin";
                if (context.Request.IsHttps || HomeNetwork.Hosts(isOpen: false).Contains(context.Request.Host.Host))
                {
                    // Over a home network without encryption browsers ignore it, and complain.
                    headers["Cross-Origin-Opener-Policy"] = "same-origin";
                }

                if (IsForeignWrite(context.Request))
                {
                    await TypedResults
                        .Problem(RequestErrors.OnlyKamurisOwnPagesMayChange, statusCode: StatusCodes.Status403Forbidden)
                        .ExecuteAsync(context);
                    return;
                }

                if (WrongType(context.Request) is { } wrong)
                {
                    await TypedResults.Problem(wrong, statusCode: StatusCodes.Status415UnsupportedMediaType).ExecuteAsync(context);
                    return;
                }

                var largest = Largest(context.Request.Path);
                if (largest > LargestBody && context.Features.Get<IHttpMaxRequestBodySizeFeature>() is { IsReadOnly: false } limit)
                {
                    limit.MaxRequestBodySize = largest;
                }

                if (context.Request.ContentLength > largest)
                {
                    await DrainAsync(context);
                    await TypedResults.Problem(Problems.TooLarge, statusCode: StatusCodes.Status413PayloadTooLarge).ExecuteAsync(context);
                    return;
                }

                await next(context);
            }
        );
    }

    /// <summary>
    /// What is wrong with the way something is sent: letters that cannot be read, or another kind of file than the address takes. Null
    /// when nothing is.
    /// </summary>
    private static string? WrongType(HttpRequest request)
    {
        if (request.ContentLength is null or 0 && !request.Headers.TransferEncoding.Contains("chunked"))
        {
            return null;
        }

        if (!MediaTypeHeaderValue.TryParse(request.ContentType, out var type))
        {
            return request.Path.StartsWithSegments("/api") ? RequestErrors.SendAContentType : null;
        }

        string[] taken =
            request.Path == Products.ProductFiles.ImportPath ? ["text/csv", "text/plain", "text/tab-separated-values"]
            : request.Path == Data.ArchiveEndpoints.ImportPath || request.Path == Data.ArchiveEndpoints.PreviewPath
                ? ["application/zip", "application/octet-stream"]
            : ["application/json"];
        // Tables say themselves how they are written.
        return !request.Path.StartsWithSegments("/api") ? null
            : taken is ["application/json"] && type.Charset.HasValue && !type.Charset.Equals("utf-8", StringComparison.OrdinalIgnoreCase)
                ? RequestErrors.SendItAsUTF8
            : !taken.Contains(type.MediaType.Value, StringComparer.OrdinalIgnoreCase) ? RequestErrors.SendItAsTaken(taken[0])
            : null;
    }

    private static long Largest(PathString path) =>
        path == Products.ProductFiles.ImportPath ? Products.ProductFiles.LargestFile
        : path == Data.ArchiveEndpoints.ImportPath || path == Data.ArchiveEndpoints.PreviewPath ? Archive.LargestFile
        : LargestBody;

    /// <summary>Takes in what is still being sent, within reason: someone who is cut off while sending never reads the answer.</summary>
    private static async Task DrainAsync(HttpContext context)
    {
        const long patience = 16 * 1024 * 1024;
        if (
            context.Request.ContentLength <= patience
            && context.Features.Get<IHttpMaxRequestBodySizeFeature>() is { IsReadOnly: false } limit
        )
        {
            limit.MaxRequestBodySize = patience;
            await context.Request.Body.CopyToAsync(Stream.Null, context.RequestAborted);
        }
    }

    /// <summary>A write whose page came from elsewhere. Scripts without a browser send no origin and are let in.</summary>
    private static bool IsForeignWrite(HttpRequest request)
    {
        if (HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method))
        {
            return false;
        }

        if (request.Headers["Sec-Fetch-Site"].ToString() is { Length: > 0 } site && site is not ("same-origin" or "none"))
        {
            return true;
        }

        return request.Headers.Origin.ToString() is { Length: > 0 } origin
            && !string.Equals(origin, $"{request.Scheme}://{request.Host}", StringComparison.OrdinalIgnoreCase);
    }
}
