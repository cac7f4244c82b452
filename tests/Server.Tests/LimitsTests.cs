using System.Net;
using System.Text;
using BoldLadder.Server.Hosting;
using Microsoft.AspNetCore.Builder;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Http;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Logging;

namespace BoldLadder.Server.Tests;

public sealed class LimitsTests
{
    [Fact]
    public async Task One_who_asks_too_much_is_asked_to_wait_and_the_server_stays_well()
    {
        using var server = await ServerProcess.Start(rate: 5);
        var answers = new List<HttpResponseMessage>();
        for (var i = 0; i < 8; i++)
        {
            answers.Add(await server.Client.GetAsync("/api/words/cat"));
        }

        Assert.Equal(5, answers.Count(x => x.StatusCode == HttpStatusCode.OK));
        var refused = answers.Last();
        Assert.Equal(HttpStatusCode.TooManyRequests, refused.StatusCode);
        Assert.Equal(TimeSpan.FromSeconds(60), refused.Headers.RetryAfter!.Delta);
        Assert.Contains("Wait a minute", await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.OK, (await server.Client.GetAsync("/health/live")).StatusCode);
    }

    [Fact]
    public async Task A_body_that_is_too_large_is_refused_with_a_clear_problem()
    {
        using var server = await ServerProcess.Start();
        using var content = new StringContent($$"""{"accent":"us","taught":[],"words":["{{new string('a', 400_000)}}"]}""", Encoding.UTF8, "application/json");
        using var response = await server.Client.PostAsync("/api/verdicts", content);
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, response.StatusCode);
        Assert.Contains("too large", await response.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        using var broken = new StringContent("""{"accent":"us","words":[]}""", Encoding.UTF8, "application/json");
        using var told = await server.Client.PostAsync("/api/verdicts", broken);
        Assert.Equal(HttpStatusCode.BadRequest, told.StatusCode);
        Assert.Contains("'taught' is missing", await told.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_has_begun_to_be_answered_is_answered_to_its_end_and_what_has_not_is_told_when_to_come_back()
    {
        var limit = TimeSpan.FromMilliseconds(200);
        var builder = WebApplication.CreateSlimBuilder();
        builder.Logging.ClearProviders();
        builder.WebHost.UseUrls("http://127.0.0.1:0");
        builder.Services.AddProblemDetails(Failures.Describe).AddRequestTimeouts(x => Limits.Time(x, limit));
        await using var server = builder.Build();
        server.UseRequestTimeouts();
        server.Use(Limits.AnswerToItsEnd);
        server.MapGet("/begun", async (HttpContext http) =>
        {
            await http.Response.WriteAsync("first, ");
            await Task.Delay(4 * limit, http.RequestAborted);
            await http.Response.WriteAsync("last");
        });
        server.MapGet("/waiting", async (HttpContext http) => await Task.Delay(TimeSpan.FromMinutes(1), http.RequestAborted));
        await server.StartAsync(TestContext.Current.CancellationToken);
        using var client = new HttpClient { BaseAddress = new Uri(server.Urls.Single()) };
        Assert.Equal("first, last", await client.GetStringAsync("/begun", TestContext.Current.CancellationToken));
        using var told = await client.GetAsync("/waiting", TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.ServiceUnavailable, told.StatusCode);
        Assert.NotNull(told.Headers.RetryAfter);
    }
}
