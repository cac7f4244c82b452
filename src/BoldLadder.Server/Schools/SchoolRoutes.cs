using BoldLadder.Core.Sounds;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Schools;

public sealed record SchoolSummary(Guid Id, string Name);

/// <param name="LadderId">The ladder that the group is taught by.</param>
public sealed record GroupSummary(Guid Id, string Name, Guid LadderId);

public sealed record SchoolView(Guid Id, string Name, string Accent, string AccentName, DateOnly Today, IReadOnlyList<GroupSummary> Groups);

/// <summary>The schools, and one of them with its groups.</summary>
public static class SchoolRoutes
{
    public static void Map(IEndpointRouteBuilder routes, RouteGroupBuilder school)
    {
        routes.MapGet("/api/schools", All).WithSummary("The schools kept here.");
        school.MapGet("", Show).WithSummary("A school with its groups.").ProducesProblem(404);
    }

    /// <summary>
    /// Takes the school from the address before anything is read; an id that is no school's answers
    /// as a missing page does, and says nothing of what another school holds.
    /// </summary>
    public static RouteGroupBuilder InSchool(IEndpointRouteBuilder routes) =>
        routes.MapGroup("/api/schools/{schoolId:guid}").RequireRateLimiting(Limits.Computing).AddEndpointFilter(async (context, next) =>
        {
            var http = context.HttpContext;
            var id = Guid.Parse((string)http.GetRouteValue("schoolId")!);
            http.RequestServices.GetRequiredService<SchoolScope>().Choose(id);

            // One connection for the whole request: the database is told of the school once.
            var db = http.RequestServices.GetRequiredService<BoldLadderDb>();
            await db.Database.OpenConnectionAsync(http.RequestAborted);

            // What is asked of a group, a ladder or a lesson finds none of another school, and says so itself.
            var narrower = http.GetRouteValue("groupId") ?? http.GetRouteValue("ladderId") ?? http.GetRouteValue("lessonId");
            return narrower is not null || await Known(db, id, http.RequestAborted) ? await next(context) : Problems.Missing("schoolId", "There is no such school here.");
        });

    private static async Task<Ok<List<SchoolSummary>>> All(BoldLadderDb db, CancellationToken cancel) =>
        TypedResults.Ok(await db.Database.SqlQuery<SchoolSummary>($"select id, name from school_names() order by id").ToListAsync(cancel));

    private static readonly Func<BoldLadderDb, Guid, CancellationToken, Task<bool>> Known = EF.CompileAsyncQuery(
        (BoldLadderDb db, Guid id, CancellationToken cancel) => db.Schools.Any(x => x.Id == id));

    private static async Task<Ok<SchoolView>> Show(BoldLadderDb db, SchoolScope scope, Today today, CancellationToken cancel)
    {
        var school = await db.Schools.AsNoTracking().SingleAsync(x => x.Id == scope.School, cancel);
        var groups = await db.Groups.AsNoTracking().OrderBy(x => x.Position).Select(x => new GroupSummary(x.Id, x.Name, x.LadderId)).ToListAsync(cancel);
        return TypedResults.Ok(new SchoolView(school.Id, school.Name, school.Accent, Accent.Find(school.Accent)!.Name, today.Date, groups));
    }
}
