using System.Threading.RateLimiting;

namespace BoldLadder.Server.Hosting;

/// <summary>Bounds on what one caller may ask for.</summary>
public static class Limits
{
    /// <summary>The policy of endpoints that compute.</summary>
    public const string Computing = "computing";

    /// <summary>Largest body in bytes: a whole ladder or 5,000 words fit with room to spare.</summary>
    public const long Body = 256 * 1024;

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
                    ProblemDetails = { Status = 429, Title = "Too many questions at once", Detail = "Wait a minute, then ask again." },
                });
        });
    }
}
