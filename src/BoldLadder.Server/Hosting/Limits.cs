using System.Threading.RateLimiting;
using Microsoft.AspNetCore.Http.Timeouts;

namespace BoldLadder.Server.Hosting;

/// <summary>Bounds on what one caller may ask for.</summary>
public static class Limits
{
    /// <summary>The policy of endpoints that compute.</summary>
    public const string Computing = "computing";

    /// <summary>Largest body in bytes: a whole ladder or 5,000 words fit with room to spare.</summary>
    public const long Body = 256 * 1024;

    /// <summary>
    /// Far above what any request takes, even on a machine that is busy with something else; a database that does not
    /// answer is given up much sooner.
    /// </summary>
    public static readonly TimeSpan Longest = TimeSpan.FromSeconds(30);

    /// <summary>How long any request may take in all, and what it is told then.</summary>
    public static void Time(RequestTimeoutOptions options, TimeSpan longest) => options.DefaultPolicy = new()
    {
        Timeout = longest, TimeoutStatusCode = StatusCodes.Status503ServiceUnavailable,
        WriteTimeoutResponse = async context => await Problems.TooLong().ExecuteAsync(context),
    };

    /// <summary>
    /// What has begun to be answered is answered to its end: an answer cut short tells nobody what to do. Only what goes on
    /// while somebody watches has no end of its own.
    /// </summary>
    public static Task AnswerToItsEnd(HttpContext context, RequestDelegate next)
    {
        context.Response.OnStarting(() =>
        {
            if (context.Response.ContentType is not "text/event-stream")
            {
                context.Features.Get<IHttpRequestTimeoutFeature>()?.DisableTimeout();
            }

            return Task.CompletedTask;
        });
        return next(context);
    }

    /// <summary>Schools that one installation keeps.</summary>
    public static int Schools(IConfiguration configuration) => configuration.GetValue("BOLDLADDER_SCHOOLS", 200);

    private const int SecondsToWait = 60;

    public static void Add(IServiceCollection services, IConfiguration configuration)
    {
        var each = configuration.GetValue("BOLDLADDER_RATE", 600);
        services.AddRateLimiter(options =>
        {
            options.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
            options.AddPolicy(Computing, context => RateLimitPartition.GetTokenBucketLimiter(
                context.Connection.RemoteIpAddress?.ToString() ?? "local",
                _ => new TokenBucketRateLimiterOptions
                {
                    TokenLimit = each, TokensPerPeriod = each, ReplenishmentPeriod = TimeSpan.FromMinutes(1), QueueLimit = 0,
                }));
            options.OnRejected = async (context, cancel) =>
                await context.HttpContext.RequestServices.GetRequiredService<IProblemDetailsService>().TryWriteAsync(new ProblemDetailsContext
                {
                    HttpContext = context.HttpContext,
                    ProblemDetails =
                    {
                        Status = 429, Title = "Too many questions at once", Detail = "Wait a minute, then ask again.",
                        Extensions = { ["field"] = "server", [Problems.RetryAfter] = SecondsToWait },
                    },
                });
        });
    }
}
