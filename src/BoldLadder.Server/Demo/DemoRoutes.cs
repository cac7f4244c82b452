using BoldLadder.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace BoldLadder.Server.Demo;

/// <param name="Making">They are being made just now.</param>
/// <param name="Problem">Why they could not be made; null when nothing went wrong.</param>
public sealed record DemoView(bool Making, string? Problem);

/// <summary>The invented schools, brought in to look around; each can be erased again like any other school.</summary>
public static class DemoRoutes
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/demo", Show).WithSummary("Whether the invented schools are being made.");
        routes.MapPost("/api/demo", Make).RequireRateLimiting(Limits.Computing).WithSummary("Bring in the invented schools that are missing; it takes half a minute, and goes on by itself.");
    }

    private static Ok<DemoView> Show(DemoMaking making) => TypedResults.Ok(making.View);

    private static Accepted<DemoView> Make(DemoMaking making)
    {
        making.Start();
        return TypedResults.Accepted("/api/demo", making.View);
    }
}

/// <summary>Makes the invented schools beside what else the process does; two askers start it once.</summary>
public sealed class DemoMaking(DemoSchools schools, IHostApplicationLifetime life, ILogger<DemoMaking> log)
{
    private readonly Lock _lock = new();
    private Task _making = Task.CompletedTask;
    private string? _problem;

    public DemoView View
    {
        get
        {
            lock (_lock)
            {
                return new DemoView(!_making.IsCompleted, _problem);
            }
        }
    }

    public void Start()
    {
        lock (_lock)
        {
            if (_making.IsCompleted)
            {
                _problem = null;
                _making = Task.Run(Make);
            }
        }
    }

    private async Task Make()
    {
        try
        {
            await schools.Add(reset: false, life.ApplicationStopping);
        }
        catch (Exception problem) when (problem is not OperationCanceledException)
        {
            log.LogWarning("The invented schools could not be made ({Kind})", problem.GetType().Name);
            lock (_lock)
            {
                _problem = "The invented schools could not be brought in. Try again in a moment.";
            }
        }
    }
}
