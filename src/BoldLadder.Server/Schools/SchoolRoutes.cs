using BoldLadder.Core.Calendar;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Sounds;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Phrasing;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Schools;

/// <param name="Demo">One of the invented schools that ship.</param>
public sealed record SchoolSummary(Guid Id, string Name, bool Demo);

/// <param name="LadderId">The ladder that the group is taught by.</param>
/// <param name="Archived">Put away: kept, and shown only where groups are brought back.</param>
public sealed record GroupSummary(Guid Id, string Name, Guid LadderId, bool Archived, int Revision);

/// <param name="Revision">Of the settings: a change is made on it.</param>
/// <param name="YearSaid">The school has said its own terms.</param>
/// <param name="Terms">What it calls things.</param>
/// <param name="Marks">What it draws under words.</param>
/// <param name="FinalE">How it shows the e of <i>cake</i>.</param>
/// <param name="Ladders">How many ladders it has.</param>
/// <param name="Limits">Between which numbers fields take one.</param>
public sealed record SchoolView(
    Guid Id, string Name, string Accent, string AccentName, int Revision, DateOnly Today, bool YearSaid, int Ladders, TermsView Terms, MarkingCode Marks, FinalE FinalE,
    IReadOnlyList<GroupSummary> Groups, LimitsView Limits);

/// <param name="Accent">How its children speak: <c>gb-south</c>, <c>gb-north</c>, <c>scotland</c> or <c>us</c>.</param>
public sealed record NewSchoolRequest(string Name, string Accent);

/// <param name="Revision">The revision of the settings that the change was made on.</param>
public sealed record SchoolRequest(int Revision, string Name, string Accent);

/// <summary>The schools, and one of them with its groups: made, changed and erased.</summary>
public static class SchoolRoutes
{
    private const int LongestName = 100;

    public static void Map(IEndpointRouteBuilder routes, RouteGroupBuilder school)
    {
        routes.MapGet("/api/accents", Accents).WithSummary("The ways that children speak, of which a school or a group has one.");
        routes.MapGet("/api/schools", All).WithSummary("The schools kept here.");
        routes.MapPost("/api/schools", Add).RequireRateLimiting(Limits.Computing).WithSummary("Make a school of one's own, with the terms of most schools of its country.").ProducesProblem(400);
        school.MapGet("", Show).WithSummary("A school with its groups.").ProducesProblem(404);
        school.MapPut("", Put).WithSummary("Change a school's name or its accent.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        school.MapDelete("", Erase).WithSummary("Erase a school with all that it holds; its name has to be given.").ProducesProblem(400).ProducesProblem(404);
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

    private static Ok<IReadOnlyList<AccentView>> Accents() => TypedResults.Ok(AccentView.All);

    private static async Task<Ok<List<SchoolSummary>>> All(BoldLadderDb db, CancellationToken cancel)
    {
        var names = await db.Database.SqlQuery<SchoolName>($"select id, name from school_names() order by id").ToListAsync(cancel);
        return TypedResults.Ok(names.ConvertAll(x => new SchoolSummary(x.Id, x.Name, Demo.DemoSchools.IsDemo(x.Id))));
    }

    private sealed record SchoolName(Guid Id, string Name);

    private static readonly Func<BoldLadderDb, Guid, CancellationToken, Task<bool>> Known = EF.CompileAsyncQuery(
        (BoldLadderDb db, Guid id, CancellationToken cancel) => db.Schools.Any(x => x.Id == id));

    private static async Task<Results<Created<SchoolView>, ProblemHttpResult>> Add(
        NewSchoolRequest request, BoldLadderDb db, SchoolScope scope, ShippedData shipped, Today today, IConfiguration configuration, CancellationToken cancel)
    {
        if (Refused(request.Name, request.Accent, shipped, out var name) is { } problem)
        {
            return problem;
        }

        var most = Limits.Schools(configuration);
        if (await db.Database.SqlQuery<int>($"select count(*)::int as \"Value\" from school_names()").SingleAsync(cancel) >= most)
        {
            return Problems.Bad("name", $"An installation keeps at most {most} schools. Erase one that is not used any more.");
        }

        var id = Guid.CreateVersion7();
        scope.Choose(id);
        db.Schools.Add(new SchoolRow
        {
            Id = id, Name = name, Accent = request.Accent, Revision = 1, WordsRevision = 1,
            Year = StoredJson.Write(YearDocument.Of(UsualYear.Around(today.Date, Accent.Find(request.Accent)!.IsAmerican), usual: true)),
        });
        await db.SaveChangesAsync(cancel);
        return TypedResults.Created($"/api/schools/{id}", await View(db, scope, today, cancel));
    }

    private static async Task<Results<Ok<SchoolView>, ProblemHttpResult>> Put(
        SchoolRequest request, BoldLadderDb db, SchoolScope scope, ShippedData shipped, Today today, CancellationToken cancel)
    {
        if (Refused(request.Name, request.Accent, shipped, out var name) is { } problem)
        {
            return problem;
        }

        var school = await db.Schools.SingleAsync(x => x.Id == scope.School, cancel);
        if (school.Revision != request.Revision)
        {
            return Problems.Stale(await View(db, scope, today, cancel));
        }

        // Terms that nobody has said go with the country.
        var year = StoredJson.Read<YearDocument>(school.Year);
        if (year.Usual && Accent.Find(school.Accent)!.IsAmerican != Accent.Find(request.Accent)!.IsAmerican)
        {
            school.Year = StoredJson.Write(YearDocument.Of(UsualYear.Around(today.Date, Accent.Find(request.Accent)!.IsAmerican), usual: true));
        }

        (school.Name, school.Accent, school.Revision) = (name, request.Accent, school.Revision + 1);
        var saved = await Conflicts.Save(db, cancel);
        var view = await View(db, scope, today, cancel);
        return saved ? TypedResults.Ok(view) : Problems.Stale(view);
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Erase(string? name, BoldLadderDb db, SchoolScope scope, CancellationToken cancel)
    {
        var school = await db.Schools.AsNoTracking().SingleAsync(x => x.Id == scope.School, cancel);
        if (!string.Equals(name?.Trim(), school.Name, StringComparison.OrdinalIgnoreCase))
        {
            return Problems.Bad("name", "Write the school's name to erase it: all its ladders, groups and lessons go with it, for good.");
        }

        await db.Database.ExecuteSqlAsync($"select erase_school()", cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<SchoolView>> Show(BoldLadderDb db, SchoolScope scope, Today today, CancellationToken cancel) =>
        TypedResults.Ok(await View(db, scope, today, cancel));

    private static async Task<SchoolView> View(BoldLadderDb db, SchoolScope scope, Today today, CancellationToken cancel)
    {
        var school = await db.Schools.AsNoTracking().SingleAsync(x => x.Id == scope.School, cancel);
        var groups = await db.Groups.AsNoTracking().OrderBy(x => x.Position).Select(x => new GroupSummary(x.Id, x.Name, x.LadderId, x.Archived, x.Revision)).ToListAsync(cancel);
        var ladders = await db.Ladders.CountAsync(cancel);
        var ways = ClassConventions.Of(ConventionsDocument.Read(school.Conventions).ToCore(), OwnConventions.None);
        return new SchoolView(
            school.Id, school.Name, school.Accent, Accent.Find(school.Accent)!.Name, school.Revision, today.Date, !StoredJson.Read<YearDocument>(school.Year).Usual, ladders,
            TermsView.Of(ways.Terms), ways.Marks, ways.FinalE, groups, LimitsView.All);
    }

    private static ProblemHttpResult? Refused(string? asked, string? accent, ShippedData shipped, out string name)
    {
        var through = shipped.Gate.Of(asked?.Trim() ?? "");
        name = through.Plain;
        return string.IsNullOrWhiteSpace(asked) || asked.Trim().Length > LongestName ? Problems.Bad("name", $"Give the school a name of at most {LongestName} letters.")
            : through.Wrong is { } wrong ? Problems.Bad("name", wrong)
            : Accent.Find(accent) is null ? Problems.Bad("accent", $"Choose how the children speak: {string.Join(", ", Accent.All.Select(x => x.Id))}.")
            : null;
    }
}
