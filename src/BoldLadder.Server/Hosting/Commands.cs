using BoldLadder.Server.Demo;
using BoldLadder.Server.Storage;
using Npgsql;

namespace BoldLadder.Server.Hosting;

/// <summary>What the program can do besides serving: <c>migrate</c>, and <c>demo</c> or <c>demo --reset</c>.</summary>
public static class Commands
{
    public static async Task<int> Run(WebApplication app, string[] args)
    {
        try
        {
            if (args[0] == "migrate")
            {
                var application = new NpgsqlConnectionStringBuilder(Setting(app, "BOLDLADDER_DB")).Username ?? "";
                await Migrator.Run(Setting(app, "BOLDLADDER_OWNER_DB"), application, app.Configuration["BOLDLADDER_DUMPS"] ?? "dumps", default);
                args = args[1..];
            }

            if (args is ["demo", ..])
            {
                // As the owner: putting the demo back takes log entries away, which the application may not.
                app.Configuration["BOLDLADDER_DB"] = Setting(app, "BOLDLADDER_OWNER_DB");
                await app.Services.GetRequiredService<DemoSchools>().Add(args.Contains("--reset"), default);
            }

            return 0;
        }
        catch (Exception problem) when (problem is InvalidOperationException or NpgsqlException)
        {
            await Console.Error.WriteLineAsync(problem.Message);
            return 1;
        }
    }

    private static string Setting(WebApplication app, string name) => app.Configuration[name] is { Length: > 0 } value
        ? value
        : throw new InvalidOperationException($"{name} must hold a connection string.");
}
