namespace BoldLadder.Server.Tests;

/// <summary>
/// Asks as the pages do: when the server says that it is busy and when to come back (503 with Retry-After), the asker
/// waits and asks again, so that a test passes on a machine that is busy with something else.
/// </summary>
internal sealed class Patience : DelegatingHandler
{
    private const int MostTimes = 12;

    protected override async Task<HttpResponseMessage> SendAsync(HttpRequestMessage request, CancellationToken cancellationToken)
    {
        if (request.Content is { } content)
        {
            await content.LoadIntoBufferAsync(cancellationToken);
        }

        for (var times = 1; ; times++)
        {
            var answer = await base.SendAsync(request, cancellationToken);
            if (times == MostTimes || (int)answer.StatusCode != 503 || answer.Headers.RetryAfter?.Delta is not { } wait)
            {
                return answer;
            }

            answer.Dispose();
            await Task.Delay(wait, cancellationToken);
        }
    }
}
