using BoldLadder.Core.Conventions;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Year;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Groups;

/// <summary>What a group was taught before it came here.</summary>
/// <param name="UpTo">The last rung that was taught, with all below it; null for none.</param>
/// <param name="Rungs">Rungs that were taught, one by one: instead of <paramref name="UpTo"/>, or beyond it.</param>
/// <param name="DaysOfNext">Days that the rung after <paramref name="UpTo"/> has had: fewer than it takes.</param>
public sealed record TaughtBeforeRequest(string? UpTo = null, IReadOnlyList<string>? Rungs = null, int? DaysOfNext = null);

public sealed record NewGroupRequest(string Name, Guid LadderId, TaughtBeforeRequest? Taught = null);

/// <param name="Revision">The revision of the group that the change was made on.</param>
/// <param name="Archived">Put away, or brought back.</param>
/// <param name="RoomWith">The group that one adult teaches in the same room; none for a group alone.</param>
public sealed record GroupRequest(int Revision, string Name, Guid LadderId, bool Archived, Guid? RoomWith = null);

/// <param name="Taught">How many rungs of its ladder it has passed.</param>
/// <param name="Next">The rung that is due; null above the top.</param>
/// <param name="Entries">Lessons in its log.</param>
public sealed record GroupView(Guid Id, string Name, Guid LadderId, string LadderName, bool Archived, int Revision, int Taught, int Rungs, string? Next, long Entries, Guid? RoomWith);

/// <summary>A group as it stands, and as it would stand on another ladder.</summary>
public sealed record MovedView(GroupView Before, GroupView After);

/// <summary>A school's groups: who they are, by which ladder they are taught and what they knew when they came.</summary>
public static class GroupRoutes
{
    private const int LongestName = 100, MostGroups = 60;

    public static void Map(RouteGroupBuilder school)
    {
        school.MapGet("/groups", All).WithSummary("The groups, where each of them stands, those put away too.");
        school.MapPost("/groups", Add).WithSummary("Add a group, with what it was taught before: that is written to its log by value.").ProducesProblem(400).ProducesProblem(404);
        school.MapGet("/groups/{groupId:guid}/moved", Moved).WithSummary("Where a group would stand on another ladder, before it is moved there.").ProducesProblem(404);
        school.MapPut("/groups/{groupId:guid}", Put).WithSummary("Rename a group, move it to another ladder, say with which other it shares a room, put it away or bring it back. What it was taught stays.")
            .ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
    }

    private static async Task<Ok<List<GroupView>>> All(BoldLadderDb db, Classrooms rooms, CancellationToken cancel)
    {
        var groups = await db.Groups.AsNoTracking().OrderBy(x => x.Position).Select(x => x.Id).ToListAsync(cancel);
        var views = new List<GroupView>();
        foreach (var id in groups)
        {
            views.Add(View((await rooms.Find(id, cancel))!));
        }

        return TypedResults.Ok(views);
    }

    private static async Task<Results<Created<GroupView>, ProblemHttpResult>> Add(
        NewGroupRequest request, BoldLadderDb db, SchoolScope scope, Classrooms rooms, ShippedData shipped, Today today, CancellationToken cancel)
    {
        if (Refused(request.Name, shipped, out var name) is { } problem)
        {
            return problem;
        }

        if (await Published(request.LadderId, db, rooms, cancel) is not { } ladder)
        {
            return Problems.Missing("ladderId", "This school has no such ladder. Choose one from the list.");
        }

        if (TaughtBefore.Chosen(ladder, request.Taught?.UpTo, request.Taught?.Rungs ?? []) is not { } taught)
        {
            return Problems.Bad("taught", "There is no such rung on that ladder. Choose the last one again, or those that were ticked.");
        }

        var daysOfNext = request.Taught?.DaysOfNext ?? 0;
        var begun = daysOfNext == 0 ? null : TaughtBefore.Begun(ladder, request.Taught?.UpTo ?? "", daysOfNext);
        if (daysOfNext != 0 && begun is null)
        {
            return Problems.Bad("taught.daysOfNext", "The rung after the last that was taught does not take more days than it has had. Say that it was taught, or that it has not begun.");
        }

        var school = await rooms.School(scope.School, null, cancel);
        var conventions = ClassConventions.Of(school.Conventions, OwnConventions.None);
        var group = new GroupRow { SchoolId = scope.School, Id = Guid.CreateVersion7(), Name = name, LadderId = request.LadderId, Revision = 1 };
        await using (var transaction = await db.Database.BeginTransactionAsync(cancel))
        {
            await Conflicts.HoldSchool(db, scope.School, cancel);
            if (await db.Groups.CountAsync(cancel) >= MostGroups)
            {
                return Problems.Bad("name", $"A school has at most {MostGroups} groups.");
            }

            group.Position = (await db.Groups.MaxAsync(x => (int?)x.Position, cancel) ?? -1) + 1;
            db.Groups.Add(group);
            foreach (var entry in TaughtBefore.Entries(
                ladder, taught, begun is null ? null : (begun, daysOfNext), school.Year, rooms.Stock(school, conventions, ladder).Rules, conventions.LessonMinutes, today.Date, () => Guid.CreateVersion7().ToString()))
            {
                db.Log.Add(LogDocument.RowOf(entry, scope.School, group.Id));
            }

            await db.SaveChangesAsync(cancel);
            await transaction.CommitAsync(cancel);
        }

        return TypedResults.Created($"/api/schools/{scope.School}/groups/{group.Id}", View((await rooms.Find(group.Id, cancel))!));
    }

    private static async Task<Results<Ok<GroupView>, ProblemHttpResult>> Put(
        Guid groupId, GroupRequest request, BoldLadderDb db, Classrooms rooms, ShippedData shipped, CancellationToken cancel)
    {
        if (await db.Groups.SingleOrDefaultAsync(x => x.Id == groupId, cancel) is not { } group)
        {
            return Problems.Missing("groupId", "This school has no such group. Choose one from the list.");
        }

        if (Refused(request.Name, shipped, out var name) is { } problem)
        {
            return problem;
        }

        if (await Published(request.LadderId, db, rooms, cancel) is null)
        {
            return Problems.Missing("ladderId", "This school has no such ladder. Choose one from the list.");
        }

        // One put away shares no room.
        var with = request.Archived ? null : request.RoomWith;
        var touched = await db.Groups.Where(x => x.Id == groupId || x.Id == with || (with != null && x.RoomWith == with) || x.RoomWith == groupId).ToListAsync(cancel);
        if (with is not null && touched.All(x => x.Id != with || x.Id == groupId || x.Archived))
        {
            return Problems.Bad("roomWith", "Choose another group of this school that is not put away.");
        }

        if (group.Revision != request.Revision)
        {
            return Problems.Stale(View((await rooms.Find(groupId, cancel))!));
        }

        var mates = SharedRooms.Changes(touched.Select(x => (x.Id, x.RoomWith)), groupId, with);
        foreach (var other in touched.Where(x => x.Id != groupId && mates.ContainsKey(x.Id)))
        {
            (other.RoomWith, other.Revision) = (mates[other.Id], other.Revision + 1);
        }

        (group.Name, group.LadderId, group.Archived, group.RoomWith, group.Revision) = (name, request.LadderId, request.Archived, with, group.Revision + 1);
        var saved = await Conflicts.Save(db, cancel);
        var view = View((await rooms.Find(groupId, cancel))!);
        return saved ? TypedResults.Ok(view) : Problems.Stale(view);
    }

    private static async Task<Results<Ok<MovedView>, ProblemHttpResult>> Moved(Guid groupId, Guid ladderId, BoldLadderDb db, Classrooms rooms, CancellationToken cancel)
    {
        if (await rooms.Find(groupId, cancel) is not { } room)
        {
            return Problems.Missing("groupId", "This school has no such group. Choose one from the list.");
        }

        if (await Published(ladderId, db, rooms, cancel) is not { } ladder)
        {
            return Problems.Missing("ladderId", "This school has no such ladder. Choose one from the list.");
        }

        var beside = room.Beside($"{room.Key} beside {ladderId:N}", ladder, 0, rooms.Stock(room.School, room.Conventions, ladder));
        return TypedResults.Ok(new MovedView(View(room), View(beside)));
    }

    private static async Task<Ladder?> Published(Guid ladderId, BoldLadderDb db, Classrooms rooms, CancellationToken cancel)
    {
        var row = await db.Ladders.AsNoTracking().Where(x => x.Id == ladderId)
            .Join(db.LadderRevisions, x => new { x.Id, N = x.Published }, r => new { Id = r.LadderId, N = r.Number }, (x, r) => new { r.Number, r.Version, r.Document }).SingleOrDefaultAsync(cancel);
        return row is null ? null : await rooms.Ladder(ladderId, row.Number, row.Version, () => Task.FromResult(row.Document));
    }

    private static GroupView View(Classroom room) => new(
        room.Group.Id, room.Group.Name, room.Group.LadderId, room.Ladder.Name, room.Group.Archived, room.Group.Revision, room.Ladder.Rungs.Count(room.Logged.Passed), room.Ladder.Rungs.Count,
        room.Logged.Due?.Label, room.Log.Counted.Count, room.Group.RoomWith);

    private static ProblemHttpResult? Refused(string? asked, ShippedData shipped, out string name)
    {
        var through = shipped.Gate.Of(asked?.Trim() ?? "");
        name = through.Plain;
        return string.IsNullOrWhiteSpace(asked) || asked.Trim().Length > LongestName ? Problems.Bad("name", $"Give the group a name of at most {LongestName} letters.")
            : through.Wrong is { } wrong ? Problems.Bad("name", wrong) : null;
    }
}
