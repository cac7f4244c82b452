using System.Diagnostics;
using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace BoldLadder.Server.Tests;

/// <summary>The database away or frozen, and the server killed.</summary>
public sealed class OutageTests(App app)
{
    private static readonly TimeSpan Budget = TimeSpan.FromSeconds(25);

    [Fact]
    public async Task With_the_database_away_every_request_says_so_and_when_to_come_back_and_then_all_is_well_again()
    {
        var school = await School.Make(taught: 30);
        using var proxy = new TcpProxy(App.AppDb);
        using var server = await ServerProcess.Start(database: proxy.Connection);
        var lesson = JsonNode.Parse(await server.Client.GetStringAsync($"{school.Group()}/lessons/today"))!;
        proxy.Gone = true;
        foreach (var answer in await Task.WhenAll(
            server.Client.GetAsync("/api/schools"),
            server.Client.GetAsync($"{school.Group()}/lessons/today"),
            server.Client.GetAsync(school.Ladder()),
            server.Client.PostAsJsonAsync($"{school.Address}/lessons/{lesson.Text("id")}/outcome", new { revision = 1, outcome = "taught" }),
            server.Client.PutAsJsonAsync($"{school.Address}/own-words/zib", new { split = "z:z i:i b:b", familiarity = "4-5", spoken = "" })))
        {
            Assert.Equal(HttpStatusCode.ServiceUnavailable, answer.StatusCode);
            Assert.NotNull(answer.Headers.RetryAfter);
            Assert.True(answer.Headers.Contains("Content-Security-Policy"));
            Assert.Contains("Nothing was saved", JsonNode.Parse(await answer.Content.ReadAsStringAsync())!.Text("detail"), StringComparison.Ordinal);
        }

        Assert.Equal(HttpStatusCode.OK, (await server.Client.GetAsync("/health/live")).StatusCode);
        Assert.Equal(HttpStatusCode.ServiceUnavailable, (await server.Client.GetAsync("/health/ready")).StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await server.Client.GetAsync("/api/words/cat")).StatusCode);
        proxy.Gone = false;
        Assert.Equal(30, JsonNode.Parse(await server.Client.GetStringAsync($"{school.Group()}/lessons/today"))!["strip"]!.Number("line"));
        Assert.Contains("/api/schools/{schoolId:guid}/lessons/{lessonId:guid}/outcome", server.Log, StringComparison.Ordinal);
        Assert.DoesNotMatch(@"(GET|POST|PUT|DELETE) \(null\)", server.Log);
        Assert.DoesNotContain("\"LogLevel\":\"Error\"", server.Log, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_database_that_does_not_answer_keeps_no_request_beyond_its_budget()
    {
        var school = await School.Make(taught: 30);
        using var proxy = new TcpProxy(App.AppDb);
        using var server = await ServerProcess.Start(database: proxy.Connection);
        await server.Client.GetStringAsync($"{school.Group()}/lessons/today");
        proxy.Frozen = true;
        var clock = Stopwatch.StartNew();
        var answers = await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => server.Client.GetAsync($"{school.Group()}/lessons/today")));
        Assert.All(answers, x => Assert.Equal(HttpStatusCode.ServiceUnavailable, x.StatusCode));
        Assert.True(clock.Elapsed < Budget, $"{clock.Elapsed.TotalSeconds:0.0} s");
        Assert.Equal(HttpStatusCode.OK, (await server.Client.GetAsync("/health/live")).StatusCode);
        proxy.Frozen = false;
        for (var i = 0; i < 20; i++)
        {
            using var again = await server.Client.GetAsync($"{school.Group()}/lessons/today");
            if (again.StatusCode == HttpStatusCode.OK)
            {
                return;
            }

            await Task.Delay(500, TestContext.Current.CancellationToken);
        }

        Assert.Fail("the server did not come back with its database");
    }

    /// <summary>BOLDLADDER_KILLS sets how often; bench/kills asks for many.</summary>
    [Fact]
    public async Task Nothing_that_was_acknowledged_is_lost_when_the_server_is_killed_under_load()
    {
        var kills = int.Parse(Environment.GetEnvironmentVariable("BOLDLADDER_KILLS") ?? "2");
        var school = await School.Make(taught: 20);
        var (kept, number) = (new Dictionary<string, int>(), 0);
        for (var kill = 0; kill < kills; kill++)
        {
            using var server = await ServerProcess.Start();
            using var stop = new CancellationTokenSource();
            var first = new TaskCompletionSource();
            var writers = Enumerable.Range(0, 4).Select(async _ =>
            {
                var acknowledged = new List<string>();
                while (!stop.IsCancellationRequested)
                {
                    var word = WordOf(Interlocked.Increment(ref number));
                    try
                    {
                        using var answer = await server.Client.PutAsJsonAsync($"{school.Address}/own-words/{word}", new { split = Split(word), familiarity = "4-5", spoken = "" });
                        if (answer.StatusCode == HttpStatusCode.NoContent)
                        {
                            acknowledged.Add(word);
                            first.TrySetResult();
                        }
                    }
                    catch (HttpRequestException)
                    {
                        break;
                    }
                }

                return acknowledged;
            }).ToList();
            await first.Task.WaitAsync(TimeSpan.FromSeconds(60), TestContext.Current.CancellationToken);
            await Task.Delay(100 + (kill * 130 % 500), TestContext.Current.CancellationToken);
            server.Kill();
            await stop.CancelAsync();
            foreach (var word in (await Task.WhenAll(writers)).SelectMany(x => x))
            {
                kept[word] = kill;
            }
        }

        Assert.NotEmpty(kept);
        var stored = (await app.Get($"{school.Address}/own-words"))["words"]!.AsArray().Select(x => x!.Text("word")).ToHashSet();
        Assert.DoesNotContain(kept.Keys, x => !stored.Contains(x));
    }

    // Four letters and a z: no such word is real, and none of them is rude.
    private static string WordOf(int number) => $"z{(char)('b' + (number % 2))}i{(char)('b' + (number / 2 % 2))}{string.Concat(Convert.ToString(number, 2).Select(x => x == '0' ? 'v' : 'z'))}";

    private static string Split(string word) => string.Join(' ', word.Select(x => $"{x}:{(x == 'c' ? "k" : x.ToString())}"));
}
