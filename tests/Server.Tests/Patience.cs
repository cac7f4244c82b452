namespace BoldLadder.Server.Tests;

/// <summary>
/// Asks as the pages do: when the server says that it is busy and when to come back (503 with Retry-After), the asker
/// waits and asks again, so that a test passes on a machine that is busy with something else.
/// </summary>
internal static class Patience
{
    private const int MostTimes = 12;

    /// <param name="ask">Sends the request anew.</param>
    public static async Task<HttpResponseMessage> Ask(Func<Task<HttpResponseMessage>> ask)
    {
        for (var times = 1; ; times++)
        {
            try
            {
                var answer = await ask();
                if (times == MostTimes || (int)answer.StatusCode != 503 || answer.Headers.RetryAfter?.Delta is not { } wait)
                {
                    return answer;
                }

                answer.Dispose();
                await Task.Delay(wait);
            }
            catch (OperationCanceledException) when (times < MostTimes)
            {
                // A machine that is starved gives a request up; nothing was answered.
            }
        }
    }
}
