using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Http.Timeouts;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.AspNetCore.TestHost;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

[assembly: AssemblyFixture(typeof(BoldLadder.Server.Tests.App))]

namespace BoldLadder.Server.Tests;

/// <summary>The server on a real PostgreSQL, which ./test starts, and short ways to ask it.</summary>
public sealed class App : WebApplicationFactory<Program>, IAsyncLifetime
{
    /// <summary>A Tuesday in term.</summary>
    public static DateOnly Today { get; } = new(2026, 11, 24);

    public static string OwnerDb { get; } = Setting("BOLDLADDER_OWNER_DB");

    public static string AppDb { get; } = Setting("BOLDLADDER_DB");

    public static string Root { get; } = FindRoot();

    /// <summary>Waits and asks again where the server says that it is busy.</summary>
    public HttpClient Client { get; private set; } = null!;

    public async ValueTask InitializeAsync()
    {
        Environment.SetEnvironmentVariable("BOLDLADDER_TODAY", Today.ToString("O"));
        Environment.SetEnvironmentVariable("BOLDLADDER_RATE", "1000000");
        Environment.SetEnvironmentVariable("BOLDLADDER_SCHOOLS", "1000000");
        Environment.SetEnvironmentVariable("Logging__LogLevel__Default", "Critical");
        await Migrator.Run(OwnerDb, "boldladder_app", Path.GetTempPath(), TestContext.Current.CancellationToken);
        Client = CreateDefaultClient(new Patience());
        Client.Timeout = TimeSpan.FromMinutes(10);
    }

    // How long a request may take has tests of its own; here a machine that stands still for a minute fails nobody.
    protected override void ConfigureWebHost(IWebHostBuilder builder) =>
        builder.ConfigureTestServices(x => x.PostConfigure<RequestTimeoutOptions>(options => Limits.Time(options, TimeSpan.FromMinutes(10))));

    /// <summary>The database as its owner, in one school.</summary>
    public static BoldLadderDb Database(Guid school, string? connection = null)
    {
        var scope = new SchoolScope();
        scope.Choose(school);
        return new BoldLadderDb(
            new DbContextOptionsBuilder<BoldLadderDb>().UseNpgsql(connection ?? OwnerDb).UseSnakeCaseNamingConvention()
                .AddInterceptors(new SchoolOnConnection()).Options, scope);
    }

    public async Task<JsonNode> Get(string address) => await Read(await Client.GetAsync(address), address);

    public async Task<JsonNode> Post(string address, object body) => await Read(await Client.PostAsJsonAsync(address, body), address);

    /// <summary>The status and the problem of a request that should fail.</summary>
    public async Task<(int Status, JsonNode Problem)> Fail(HttpMethod method, string address, object? body = null)
    {
        using var request = new HttpRequestMessage(method, address) { Content = body is null ? null : JsonContent.Create(body) };
        using var response = await Client.SendAsync(request);
        var text = await response.Content.ReadAsStringAsync();
        Assert.False(response.IsSuccessStatusCode, $"{address} answered {(int)response.StatusCode}");
        Assert.DoesNotContain("   at ", text, StringComparison.Ordinal);
        return ((int)response.StatusCode, JsonNode.Parse(text)!);
    }

    private static async Task<JsonNode> Read(HttpResponseMessage response, string address)
    {
        var text = await response.Content.ReadAsStringAsync();
        Assert.True(response.IsSuccessStatusCode, $"{address}: {(int)response.StatusCode} {text}");
        return JsonNode.Parse(text)!;
    }

    private static string Setting(string name) => Environment.GetEnvironmentVariable(name)
        ?? throw new InvalidOperationException($"{name} is not set: run the tests with ./test, which starts a PostgreSQL for them");

    private static string FindRoot()
    {
        var folder = AppContext.BaseDirectory;
        while (!File.Exists(Path.Combine(folder, "BoldLadder.slnx")))
        {
            folder = Path.GetDirectoryName(folder)!;
        }

        return folder;
    }
}

internal static class JsonWays
{
    public static IEnumerable<JsonNode> Items(this JsonNode lesson, string? activity = null) =>
        lesson["parts"]!.AsArray().SelectMany(x => x!["blocks"]!.AsArray())
            .Where(x => activity is null || x!["activity"]!.GetValue<string>() == activity)
            .SelectMany(x => x!["items"]!.AsArray()).Select(x => x!);

    public static string Text(this JsonNode node, string key) => node[key]!.GetValue<string>();

    public static int Number(this JsonNode node, string key) => node[key]!.GetValue<int>();

    public static IEnumerable<JsonNode> Rungs(this JsonNode ladder) =>
        ladder["sections"]!.AsArray().SelectMany(x => x!["rungs"]!.AsArray()).Select(x => x!);
}
