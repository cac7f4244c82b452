namespace BoldLadder.Server.Hosting;

/// <summary>
/// A server on loopback can be reached by any web page the person has open. So changes come only
/// from our own pages, as JSON, and our pages load nothing from elsewhere.
/// </summary>
public static class Guard
{
    private const string Policy =
        "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self' data:; connect-src 'self'; "
        + "manifest-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    // Named by their content: what has such a name never changes.
    private static readonly TimeSpan NeverChanges = TimeSpan.FromDays(365);

    /// <summary>
    /// Set as the answer begins, so that what the handler of failures answers, which clears all that was set before, has
    /// them too.
    /// </summary>
    public static void UseHeaders(WebApplication app) => app.Use((context, next) =>
    {
        context.Response.OnStarting(() =>
        {
            var headers = context.Response.Headers;
            headers.ContentSecurityPolicy = Policy;
            headers.XContentTypeOptions = "nosniff";
            headers["Referrer-Policy"] = "no-referrer";
            headers["Cross-Origin-Opener-Policy"] = "same-origin";
            headers["Cross-Origin-Resource-Policy"] = "same-origin";

            // A page is asked for anew each time, and is short: what it loads is kept.
            headers.CacheControl = context.Request.Path.StartsWithSegments("/assets") && context.Response.StatusCode is 200 or 206 or 304
                ? $"public, max-age={NeverChanges.TotalSeconds:0}, immutable"
                : context.Request.Path.StartsWithSegments("/api") || context.Response.StatusCode >= 400 ? "no-store" : "no-cache";
            return Task.CompletedTask;
        });
        return next();
    });

    public static void Use(WebApplication app) => app.Use(async (context, next) =>
    {
        if (Refusal(context.Request) is var (status, title, sentence))
        {
            context.Response.StatusCode = status;
            await context.RequestServices.GetRequiredService<IProblemDetailsService>().WriteAsync(new ProblemDetailsContext
            {
                HttpContext = context,
                ProblemDetails = { Status = status, Title = title, Detail = sentence },
            });
            return;
        }

        await next();
    });

    private static (int Status, string Title, string Sentence)? Refusal(HttpRequest request)
    {
        if (!request.Path.StartsWithSegments("/api"))
        {
            return null;
        }

        var site = request.Headers["Sec-Fetch-Site"].ToString();
        var origin = request.Headers.Origin.ToString();
        if (site is "cross-site" or "same-site" || (origin.Length > 0 && origin != $"{request.Scheme}://{request.Host}"))
        {
            return (StatusCodes.Status403Forbidden, "Another site asked", "Requests are taken only from Bold Ladder's own pages.");
        }

        var writes = HttpMethods.IsPost(request.Method) || HttpMethods.IsPut(request.Method) || HttpMethods.IsPatch(request.Method);
        return writes && !request.HasJsonContentType()
            ? (StatusCodes.Status415UnsupportedMediaType, "Not JSON", "Send the request as application/json.")
            : null;
    }
}
