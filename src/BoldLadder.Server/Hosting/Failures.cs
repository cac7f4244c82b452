using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Diagnostics;
using Npgsql;

namespace BoldLadder.Server.Hosting;

/// <summary>Makes every failure a problem that a person can act on, without a stack trace.</summary>
public sealed partial class Failures(IProblemDetailsService problems, ILogger<Failures> log) : IExceptionHandler
{
    public async ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        var (status, title, sentence) = exception switch
        {
            BadHttpRequestException bad => (bad.StatusCode, "Not understood", Field(exception) is var field and not "body"
                ? $"'{field}' is missing, or not in the form that this address takes."
                : "The request is not in the form that this address takes."),
            NpgsqlException { IsTransient: true } => (503, "The database is not there", "Nothing was saved. Try again in a moment."),
            _ => (500, "Something went wrong", "Nothing was saved. Load the page again; if it happens again, tell whoever looks after Bold Ladder."),
        };
        if (status >= 500)
        {
            // The address and the failure, never what was typed.
            log.LogError(exception, "{Method} {Path} failed", httpContext.Request.Method, httpContext.GetEndpoint()?.DisplayName);
        }

        httpContext.Response.StatusCode = status;
        return await problems.TryWriteAsync(new ProblemDetailsContext
        {
            HttpContext = httpContext,
            ProblemDetails = { Status = status, Title = title, Detail = sentence, Extensions = { ["field"] = Field(exception) } },
        });
    }

    /// <summary>Names fields of validation problems as the JSON does.</summary>
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
            var camel = errors.ToDictionary(x => Camel(x.Key), x => x.Value);
            validation.Errors = camel;
            validation.Extensions["field"] = camel.First().Key;
            validation.Detail = camel.First().Value.FirstOrDefault();
        }
    };

    private static string Field(Exception exception) =>
        exception.InnerException is not System.Text.Json.JsonException json ? "body"
        : json.Path?.TrimStart('$', '.') is { Length: > 0 } path ? path
        : Missing().Match(json.Message) is { Success: true } missing ? missing.Groups[1].Value
        : "body";

    // The serializer names missing properties in its message only.
    [GeneratedRegex("missing required properties including: '([A-Za-z]+)'")]
    private static partial Regex Missing();

    private static string Camel(string name) => name.Length == 0 ? "body" : char.ToLowerInvariant(name[0]) + name[1..];
}
