using System.Net.Sockets;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Diagnostics;
using Npgsql;

namespace BoldLadder.Server.Hosting;

/// <summary>Makes every failure a problem that a person can act on, without a stack trace.</summary>
public sealed partial class Failures(IProblemDetailsService problems, ILogger<Failures> log) : IExceptionHandler
{
    private const int SecondsToWait = 5;

    public async ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        if (exception is OperationCanceledException && httpContext.RequestAborted.IsCancellationRequested)
        {
            // Nobody waits for the answer any more.
            httpContext.Response.StatusCode = StatusCodes.Status499ClientClosedRequest;
            return true;
        }

        var away = IsDatabaseAway(exception);
        var (status, title, sentence) = exception switch
        {
            BadHttpRequestException bad => (bad.StatusCode, "Not understood", Field(exception) is var field and not "body"
                ? $"'{field}' is missing, or not in the form that this address takes."
                : "The request is not in the form that this address takes."),
            NotSupportedException { Source: "System.Text.Json" } => (400, "Not understood", $"'{Field(exception)}' does not say of what kind it is."),
            _ when away => (503, "The database is not there", "Nothing was saved. What you typed is still here; it can be sent again in a moment."),
            OperationCanceledException => (503, "That took too long", "Nothing was saved. Try again in a moment."),
            _ => (500, "Something went wrong", "Nothing was saved. Load the page again; if it happens again, tell whoever looks after Bold Ladder."),
        };
        if (status >= 500)
        {
            // The address as it is written in the code and the kind of failure, never what was typed.
            var route = (httpContext.Features.Get<IExceptionHandlerFeature>()?.Endpoint ?? httpContext.GetEndpoint())?.DisplayName ?? "no address";
            if (away)
            {
                log.LogWarning("{Method} {Route} failed: the database is not there", httpContext.Request.Method, route);
            }
            else
            {
                log.LogError(exception, "{Method} {Route} failed", httpContext.Request.Method, route);
            }
        }

        httpContext.Response.StatusCode = status;
        var problem = new ProblemDetailsContext
        {
            HttpContext = httpContext,
            ProblemDetails = { Status = status, Title = title, Detail = sentence, Extensions = { ["field"] = status == 503 ? "server" : Field(exception) } },
        };
        if (status == 503)
        {
            problem.ProblemDetails.Extensions[Problems.RetryAfter] = SecondsToWait;
        }

        return await problems.TryWriteAsync(problem);
    }

    /// <summary>True when somewhere inside a failure stands that the database can't be reached, is starting or stopping, or does not answer in time.</summary>
    public static bool IsDatabaseAway(Exception? failure)
    {
        for (var at = failure; at is not null; at = at.InnerException)
        {
            if (at is PostgresException postgres)
            {
                // Source: PostgreSQL's classes of errors: 08 connection, 53 no resources, 57P stopping or starting, 58 the system.
                return postgres.SqlState.StartsWith("08", StringComparison.Ordinal) || postgres.SqlState.StartsWith("53", StringComparison.Ordinal)
                    || postgres.SqlState.StartsWith("57", StringComparison.Ordinal) || postgres.SqlState.StartsWith("58", StringComparison.Ordinal);
            }

            if (at is NpgsqlException or SocketException or TimeoutException or EndOfStreamException)
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>Names fields of validation problems as the JSON does, and says when to come back.</summary>
    public static void Describe(ProblemDetailsOptions options) => options.CustomizeProblemDetails = context =>
    {
        context.ProblemDetails.Extensions.Remove("traceId");

        // What the framework refuses by itself has a status and no sentence.
        context.ProblemDetails.Detail ??= context.ProblemDetails.Status switch
        {
            StatusCodes.Status413PayloadTooLarge => "The request is too large. Send less at a time.",
            StatusCodes.Status404NotFound => "There is nothing at this address.",
            StatusCodes.Status405MethodNotAllowed => "This address does not take such a request.",
            _ => null,
        };
        if (context.ProblemDetails is HttpValidationProblemDetails { Errors: { Count: > 0 } errors } validation)
        {
            var camel = errors.GroupBy(x => Camel(x.Key)).ToDictionary(x => x.Key, x => x.SelectMany(e => e.Value).ToArray());
            validation.Errors = camel;
            validation.Extensions["field"] = camel.First().Key;
            validation.Detail = camel.First().Value.FirstOrDefault();
        }

        if (context.ProblemDetails.Extensions.TryGetValue(Problems.RetryAfter, out var seconds))
        {
            context.HttpContext.Response.Headers.RetryAfter = $"{seconds}";
        }
    };

    private static string Field(Exception exception) =>
        exception is NotSupportedException && KindAt().Match(exception.Message) is { Success: true } kind ? kind.Groups[1].Value
        : exception.InnerException is not System.Text.Json.JsonException json ? "body"
        : json.Path?.TrimStart('$', '.') is { Length: > 0 } path ? path
        : Missing().Match(json.Message) is { Success: true } missing ? missing.Groups[1].Value
        : "body";

    // The serializer names missing properties in its message only.
    [GeneratedRegex("missing required properties including: '([A-Za-z]+)'")]
    private static partial Regex Missing();

    // So does it name where a kind is missing.
    [GeneratedRegex(@"Path: \$\.([A-Za-z.]+)")]
    private static partial Regex KindAt();

    private static string Camel(string name) => name.Length == 0 ? "body" : char.ToLowerInvariant(name[0]) + name[1..];
}
