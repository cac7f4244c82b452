using BoldLadder.Core.Ladders;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Ladders;

/// <summary>A state of a ladder that was published.</summary>
/// <param name="On">The school's day; null for one from before days were kept.</param>
/// <param name="Changes">In how many things it differs from the one before.</param>
/// <param name="Followed">Lessons follow this one.</param>
public sealed record RevisionView(int Number, DateOnly? On, string Name, int Rungs, int Changes, bool Followed);

/// <param name="From">The number that the rung had; null when it was not there.</param>
/// <param name="To">The number that it has; null when it is not there any more.</param>
public sealed record RungChangeView(RungChangeKind Kind, string Label, int? From, int? To);

/// <summary>What publishing the draft would change for a group. Nothing that it was taught changes.</summary>
/// <param name="Left">How many rungs it has still to learn.</param>
/// <param name="Next">What is due; null above the top.</param>
/// <param name="Ends">The day on which it reaches the top; null when the year ends before.</param>
public sealed record GroupChangeView(string Group, int Left, int LeftThen, string? Next, string? NextThen, DateOnly? Ends, DateOnly? EndsThen);

/// <param name="Sections">Sections added, removed, renamed or shaped otherwise.</param>
public sealed record ChangesView(IReadOnlyList<RungChangeView> Rungs, int Sections, bool Renamed, IReadOnlyList<GroupChangeView> Groups);

/// <summary>What was published when, what would be, and the way back.</summary>
public static class HistoryRoutes
{
    public static void Map(RouteGroupBuilder ladder)
    {
        ladder.MapGet("/changes", Changes).WithSummary("What publishing the draft would change, rung by rung and for each group.").ProducesProblem(404);
        ladder.MapGet("/revisions", All).WithSummary("The states of the ladder that were published, the newest first.").ProducesProblem(404);
        ladder.MapPost("/revisions/{number:int}/return", Return).WithSummary("Make the draft what it was in a published state: an edit that can be undone.")
            .ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
    }

    private static async Task<Results<Ok<ChangesView>, ProblemHttpResult>> Changes(Guid ladderId, LadderDesks desks, Classrooms rooms, BoldLadderDb db, CancellationToken cancel)
    {
        var (desk, problem) = await desks.Open(ladderId, null, null, cancel);
        if (desk is null)
        {
            return problem!;
        }

        var groups = new List<GroupChangeView>();
        foreach (var id in await db.Groups.AsNoTracking().Where(x => x.LadderId == ladderId && !x.Archived).OrderBy(x => x.Position).Select(x => x.Id).ToListAsync(cancel))
        {
            if (await rooms.Find(id, cancel) is { } now)
            {
                var then = now.Beside($"{now.Key} {desk.Key}", desk.Draft, desk.Revision, rooms.Stock(now.School, now.Conventions, desk.Draft));
                groups.Add(new GroupChangeView(now.Group.Name, now.Logged.Left.Count(), then.Logged.Left.Count(), now.Logged.Due?.Label, then.Logged.Due?.Label, Ends(now), Ends(then)));
            }
        }

        return TypedResults.Ok(new ChangesView(
            [.. desk.Difference.Rungs.Select(x => new RungChangeView(x.Kind, x.Rung.Label, x.From < 0 ? null : x.From + 1, x.To < 0 ? null : x.To + 1))],
            desk.Difference.Sections, desk.Difference.Renamed, groups));

        static DateOnly? Ends(Classroom room) => room.GroupYear(room.Plan).Outlook.Ends;
    }

    private static async Task<Results<Ok<List<RevisionView>>, ProblemHttpResult>> All(Guid ladderId, LadderDesks desks, BoldLadderDb db, CancellationToken cancel)
    {
        if (await db.Ladders.AsNoTracking().Where(x => x.Id == ladderId).Select(x => (int?)x.Published).SingleOrDefaultAsync(cancel) is not { } followed)
        {
            return Problems.Missing("ladderId", "This school has no such ladder. Choose one from the list.");
        }

        var views = new List<RevisionView>();
        Ladder? before = null;
        foreach (var row in await db.LadderRevisions.AsNoTracking().Where(x => x.LadderId == ladderId).OrderBy(x => x.Number)
            .Select(x => new { x.Number, x.Version, x.PublishedOn }).ToListAsync(cancel))
        {
            var ladder = await desks.Published(ladderId, row.Number, row.Version, cancel);
            views.Add(new RevisionView(row.Number, row.PublishedOn, ladder.Name, ladder.Rungs.Count, before is null ? 0 : LadderDifference.Between(before, ladder).Count, row.Number == followed));
            before = ladder;
        }

        views.Reverse();
        return TypedResults.Ok(views);
    }

    private static async Task<Results<Ok<LadderView>, ProblemHttpResult>> Return(
        Guid ladderId, int number, DraftRevisionRequest request, Guid? groupId, LadderDesks desks, BoldLadderDb db, CancellationToken cancel)
    {
        var row = await db.LadderRevisions.AsNoTracking().Where(x => x.LadderId == ladderId && x.Number == number).Select(x => new { x.Version, x.PublishedOn }).SingleOrDefaultAsync(cancel);
        if (row is null)
        {
            return Problems.Missing("number", "The ladder was never published in that state. Choose one from its history.");
        }

        var ladder = await desks.Published(ladderId, number, row.Version, cancel);
        return await LadderRoutes.Change(ladderId, groupId, request.Revision, desks, db, desk =>
            Task.FromResult(LadderRoutes.Made(desk, new ReplaceLadder(ladder), row.PublishedOn is { } on ? $"went back to the ladder of {on:d MMMM}" : "went back to an earlier ladder", db)), cancel);
    }
}
