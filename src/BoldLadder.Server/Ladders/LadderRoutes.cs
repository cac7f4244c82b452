using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Words;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Ladders;

/// <param name="Revision">The revision of the draft that the change was made on.</param>
public sealed record LadderEditRequest(int Revision, LadderEditDocument Edit);

public sealed record DraftRevisionRequest(int Revision);

/// <summary>The ladder's draft, its figures and its edits, seen beside one group.</summary>
public static class LadderRoutes
{
    private const int ShownWords = 120;

    public static void Map(RouteGroupBuilder school)
    {
        var ladder = school.MapGroup("/groups/{groupId:guid}/ladder");
        ladder.MapGet("", Show).WithSummary("The draft of the group's ladder with all figures.").ProducesProblem(404);
        ladder.MapGet("/rungs/{rungId}", Open).WithSummary("A rung with the words behind its figures.").ProducesProblem(404);
        ladder.MapPost("/edits", Edit).WithSummary("Move, add, edit or remove a rung.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        ladder.MapPost("/undo", Undo).WithSummary("Take back the last edit.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        ladder.MapPost("/publish", Publish).WithSummary("Let lessons follow the draft from now on.").ProducesProblem(404).ProducesProblem(409);
    }

    private static async Task<Results<Ok<LadderView>, ProblemHttpResult>> Show(
        Guid groupId, string? asIf, Classrooms rooms, BoldLadderDb db, CancellationToken cancel)
    {
        var (desk, problem) = await OpenDesk(groupId, asIf, rooms, db, cancel);
        return desk is null ? problem! : TypedResults.Ok(await desk.View(db, cancel));
    }

    private static async Task<Results<Ok<RungWordsView>, ProblemHttpResult>> Open(
        Guid groupId, string rungId, string? asIf, Classrooms rooms, BoldLadderDb db, CancellationToken cancel)
    {
        var (desk, problem) = await OpenDesk(groupId, asIf, rooms, db, cancel);
        if (desk is null)
        {
            return problem!;
        }

        var place = desk.Draft.PlaceOf(rungId);
        if (place < 0)
        {
            return Problems.Missing("rungId", "That rung is not on the ladder any more.");
        }

        var view = (await desk.View(db, cancel)).Sections.SelectMany(x => x.Rungs).First(x => x.Rung.Id == rungId);
        var unlocking = new Unlocking(desk.Draft, desk.Room.Rules);
        var words = desk.Room.Stock.Words;
        var targets = TargetWords.At(unlocking, place).Select(x => x.Spelling).ToList();
        var unlocked = words.Words
            .Where(x => unlocking.PlaceOf(x.Rank) == place && x.Suitability != Suitability.Unsuitable && words.OwnSpelling(x))
            .OrderByDescending(x => x is { Everyday: true, Suitability: Suitability.Fine }).ToList();
        return TypedResults.Ok(new RungWordsView(
            view, targets, [.. unlocked.Where(x => x.Suitability == Suitability.Fine).Take(ShownWords).Select(x => x.Spelling)],
            Math.Max(0, unlocked.Count - ShownWords)));
    }

    private static Task<Results<Ok<LadderView>, ProblemHttpResult>> Edit(
        Guid groupId, LadderEditRequest request, Classrooms rooms, BoldLadderDb db, CancellationToken cancel) =>
        Change(groupId, request.Revision, rooms, db, desk =>
        {
            if (request.Edit is null)
            {
                return Task.FromResult<ProblemHttpResult?>(Problems.Bad("edit", "Say what to change: move, moveBy, moveTo, add, remove or replace."));
            }

            if (request.Edit.ToCore(desk.Draft, out var wrong) is not { } edit)
            {
                return Task.FromResult<ProblemHttpResult?>(Problems.Bad(wrong.Field, wrong.Sentence));
            }

            var result = edit.Apply(desk.Draft);
            if (result.Ladder is null)
            {
                return Task.FromResult<ProblemHttpResult?>(Problems.Bad(result.Problem!.Value.Field, result.Problem.Value.Sentence));
            }

            var name = edit.NameOn(desk.Draft);
            desk.Row.Draft = DocumentJson.Write(LadderDocument.Of(result.Ladder));
            desk.Row.DraftRevision++;
            desk.Row.Unpublished++;
            db.LadderEdits.Add(new LadderEditRow
            {
                SchoolId = desk.Row.SchoolId, LadderId = desk.Row.Id, Number = desk.Row.DraftRevision, Name = name,
                Inverse = DocumentJson.Write(LadderEditDocument.Of(result.Inverse!)),
            });
            return Task.FromResult<ProblemHttpResult?>(null);
        }, cancel);

    private static Task<Results<Ok<LadderView>, ProblemHttpResult>> Undo(
        Guid groupId, DraftRevisionRequest request, Classrooms rooms, BoldLadderDb db, CancellationToken cancel) =>
        Change(groupId, request.Revision, rooms, db, async desk =>
        {
            if (await desk.LastEdit(db, cancel) is not { } last)
            {
                return Problems.Bad("revision", "There is nothing left to undo on this ladder.");
            }

            var edit = DocumentJson.Read<LadderEditDocument>(last.Inverse).ToCore(desk.Draft, out var wrong);
            if (edit?.Apply(desk.Draft) is not { Ladder: { } before })
            {
                return Problems.Bad("revision", $"That can't be taken back any more. {wrong.Sentence}");
            }

            desk.Row.Draft = DocumentJson.Write(LadderDocument.Of(before));
            desk.Row.DraftRevision++;
            desk.Row.Unpublished = Math.Max(0, desk.Row.Unpublished - 1);
            last.Undone = true;
            return null;
        }, cancel);

    private static Task<Results<Ok<LadderView>, ProblemHttpResult>> Publish(
        Guid groupId, DraftRevisionRequest request, Classrooms rooms, BoldLadderDb db, CancellationToken cancel) =>
        Change(groupId, request.Revision, rooms, db, desk =>
        {
            if (desk.Row.Unpublished > 0)
            {
                desk.Row.Published++;
                desk.Row.DraftRevision++;
                desk.Row.Unpublished = 0;
                db.LadderRevisions.Add(new LadderRevisionRow
                {
                    SchoolId = desk.Row.SchoolId, LadderId = desk.Row.Id, Number = desk.Row.Published, Document = desk.Row.Draft,
                });
            }

            return Task.FromResult<ProblemHttpResult?>(null);
        }, cancel);

    // The one way in for a change: on the revision it was made on, or with what stands now.
    private static async Task<Results<Ok<LadderView>, ProblemHttpResult>> Change(
        Guid groupId, int revision, Classrooms rooms, BoldLadderDb db, Func<Desk, Task<ProblemHttpResult?>> change, CancellationToken cancel)
    {
        var (desk, problem) = await OpenDesk(groupId, null, rooms, db, cancel);
        if (desk is null)
        {
            return problem!;
        }

        if (desk.Row.DraftRevision != revision)
        {
            return Problems.Stale(await desk.View(db, cancel));
        }

        return await change(desk) is { } refused ? refused : await Save(desk.Row.Id, groupId, rooms, db, cancel);
    }

    private static async Task<Results<Ok<LadderView>, ProblemHttpResult>> Save(
        Guid ladderId, Guid groupId, Classrooms rooms, BoldLadderDb db, CancellationToken cancel)
    {
        var saved = true;
        try
        {
            await db.SaveChangesAsync(cancel);
        }
        catch (DbUpdateException)
        {
            // Another process saved between our reading and writing.
            db.ChangeTracker.Clear();
            saved = false;
        }

        var (desk, _) = await OpenDesk(groupId, null, rooms, db, cancel);
        var view = await desk!.View(db, cancel);
        return saved ? TypedResults.Ok(view) : Problems.Stale(view);
    }

    private static async Task<(Desk? Desk, ProblemHttpResult? Problem)> OpenDesk(
        Guid groupId, string? asIf, Classrooms rooms, BoldLadderDb db, CancellationToken cancel)
    {
        var (room, problem) = await rooms.Enter(groupId, asIf, cancel);
        if (room is null)
        {
            return (null, problem);
        }

        var row = await db.Ladders.SingleAsync(x => x.Id == room.Group.LadderId, cancel);
        var draft = DocumentJson.Read<LadderDocument>(row.Draft).ToCore();
        return (new Desk(row, draft, room with { Stock = await rooms.Stock(room.School, draft, cancel) }), null);
    }

    /// <summary>A draft on the desk, with the group beside it.</summary>
    private sealed record Desk(LadderRow Row, Ladder Draft, Classroom Room)
    {
        public Task<LadderEditRow?> LastEdit(BoldLadderDb db, CancellationToken cancel) =>
            db.LadderEdits.Where(x => x.LadderId == Row.Id && !x.Undone).OrderByDescending(x => x.Number).FirstOrDefaultAsync(cancel);

        public async Task<LadderView> View(BoldLadderDb db, CancellationToken cancel) =>
            LadderView.Of(Row, Draft, Room, (await LastEdit(db, cancel))?.Name);
    }
}
