using Microsoft.AspNetCore.Http.HttpResults;

namespace BoldLadder.Server.Hosting;

/// <summary>Problem details (RFC 9457): the field, and a sentence that a teacher can act on.</summary>
public static class Problems
{
    /// <summary>The extension that says in how many seconds to try again; sent as Retry-After.</summary>
    public const string RetryAfter = "retryAfter";

    public static ProblemHttpResult Bad(string field, string sentence) => Of(StatusCodes.Status400BadRequest, "This can't be done as asked", field, sentence);

    public static ProblemHttpResult Missing(string field, string sentence) => Of(StatusCodes.Status404NotFound, "Not found", field, sentence);

    /// <summary>Someone else saved first: the state as it is now comes along, so that nothing typed is lost.</summary>
    public static ProblemHttpResult Stale(object current) => TypedResults.Problem(
        "This was changed somewhere else meanwhile. The newest state is shown; make your change again if it is still wanted.",
        statusCode: StatusCodes.Status409Conflict, title: "Changed meanwhile",
        extensions: new Dictionary<string, object?> { ["field"] = "revision", ["current"] = current });

    public static ProblemHttpResult Busy() => Of(
        StatusCodes.Status503ServiceUnavailable, "Busy", "server", "Many questions are being worked out just now. Ask again in a few seconds.", (RetryAfter, 3));

    public static ProblemHttpResult TooLong() => Of(
        StatusCodes.Status503ServiceUnavailable, "Too much at once", "server", "That took longer than is allowed for one question. Ask for less at a time: fewer taught parts, or shorter words.",
        (RetryAfter, 5));

    public static ProblemHttpResult Of(int status, string title, string field, string sentence, (string Key, object? Value)? more = null)
    {
        var extensions = new Dictionary<string, object?> { ["field"] = field };
        if (more is { } extra)
        {
            extensions[extra.Key] = extra.Value;
        }

        return TypedResults.Problem(sentence, statusCode: status, title: title, extensions: extensions);
    }
}
