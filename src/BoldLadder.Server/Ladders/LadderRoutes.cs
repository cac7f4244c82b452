using BoldLadder.Server.Engine;
using BoldLadder.Core.Ladders;
using BoldLadder.Core.Mapping;
using BoldLadder.Core.Words;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Importing;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Ladders;

/// <param name="Revision">The revision of the draft that the change was made on.</param>
public sealed record LadderEditRequest(int Revision, LadderEditDocument Edit);

public sealed record DraftRevisionRequest(int Revision);

/// <param name="Groups">The groups that are taught by it.</param>
public sealed record LadderSummary(Guid Id, string Name, IReadOnlyList<Guid> Groups);

/// <summary>A ladder's draft, its figures and its edits: a resource of its own, seen beside one group or none.</summary>
public static class LadderRoutes
{
    private const int ShownWords = 120, MostLadders = 50;

    public static void Map(RouteGroupBuilder school)
    {
        school.MapGet("/ladders", All).WithSummary("The school's ladders, with the groups that are taught by each.");
        school.MapPost("/ladders", Add).WithSummary("Add a ladder whole: from a sheet, or from a file. It is published as it is.").ProducesProblem(400);
        var ladder = school.MapGroup("/ladders/{ladderId:guid}");
        BroughtIn.Map(ladder);
        ConsequencesRoutes.Map(ladder);
        HistoryRoutes.Map(ladder);
        QuestionRoutes.Map(ladder);
        SuggestionRoutes.Map(ladder);
        ladder.MapGet("/file", File).WithSummary("The draft as a file that reads back as the same ladder: format csv, xlsx or json; or as a picture for the wall: svg.").Produces(200, contentType: "application/octet-stream").ProducesProblem(400).ProducesProblem(404);
        ladder.MapDelete("", Remove).WithSummary("Take back a ladder by which no group is or was taught.").ProducesProblem(400).ProducesProblem(404);
        ladder.MapGet("", Show).WithSummary("The draft of a ladder with all figures, beside a group if one is named.").Produces<LadderView>().ProducesProblem(400).ProducesProblem(404);
        ladder.MapGet("/rungs/{rungId}", Open).WithSummary("A rung with the words behind its figures.").ProducesProblem(400).ProducesProblem(404);
        ladder.MapPost("/edits", Edit)
            .WithSummary("Move, add, edit or remove a rung; rename, add, shape or remove a section; rename the ladder, or put another in its place.")
            .ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        ladder.MapPost("/undo", Undo).WithSummary("Take back the last edit.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        ladder.MapPost("/redo", Redo).WithSummary("Do again what was taken back last.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        ladder.MapPost("/publish", Publish).WithSummary("Let lessons follow the draft from now on.").ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
    }

    private static async Task<Ok<List<LadderSummary>>> All(BoldLadderDb db, LadderDesks desks, CancellationToken cancel)
    {
        var groups = await db.Groups.AsNoTracking().OrderBy(x => x.Position).Select(x => new { x.Id, x.LadderId }).ToListAsync(cancel);
        var ladders = await db.Ladders.AsNoTracking().OrderBy(x => x.Id).Select(x => new { x.Id, x.DraftRevision, x.Version }).ToListAsync(cancel);
        var found = new List<LadderSummary>();
        foreach (var x in ladders)
        {
            found.Add(new LadderSummary(x.Id, (await desks.Draft(x.Id, x.DraftRevision, x.Version, cancel)).Name, [.. groups.Where(g => g.LadderId == x.Id).Select(g => g.Id)]));
        }

        return TypedResults.Ok(found);
    }

    internal static async Task<Results<Created<LadderSummary>, ProblemHttpResult>> Add(
        NewLadderRequest request, BoldLadderDb db, SchoolScope scope, Engine.ShippedData shipped, Today today, CancellationToken cancel)
    {
        if (BroughtIn.Read(request, shipped, out var wrong) is not { } ladder)
        {
            return wrong!;
        }

        if (await db.Ladders.CountAsync(cancel) >= MostLadders)
        {
            return Problems.Bad("ladder", $"A school keeps at most {MostLadders} ladders. Take one back that no group uses.");
        }

        var (id, document) = (Guid.CreateVersion7(), StoredJson.Write(LadderDocument.Of(ladder)));
        db.Ladders.Add(new LadderRow { SchoolId = scope.School, Id = id, Draft = document, DraftRevision = 1, Published = 1 });
        db.LadderRevisions.Add(new LadderRevisionRow { SchoolId = scope.School, LadderId = id, Number = 1, Document = document, PublishedOn = today.Date });
        await BroughtIn.Remember(request, db, scope, cancel);
        await db.SaveChangesAsync(cancel);
        return TypedResults.Created($"/api/schools/{scope.School}/ladders/{id}", new LadderSummary(id, ladder.Name, []));
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> File(Guid ladderId, string? format, LadderDesks desks, CancellationToken cancel)
    {
        var (desk, problem) = await desks.Open(ladderId, null, null, cancel);
        if (desk is null)
        {
            return problem!;
        }

        var ladder = desk.Draft;
        return format switch
        {
            "csv" => TypedResults.File(LadderFiles.Csv(ladder), "text/csv", "ladder.csv"),
            "xlsx" => TypedResults.File(LadderFiles.Xlsx(ladder), "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet", "ladder.xlsx"),
            "json" => TypedResults.File(System.Text.Encoding.UTF8.GetBytes(StoredJson.Write(LadderDocument.Of(ladder))), "application/json", "ladder.json"),
            "svg" => TypedResults.File(LadderPicture.Draw(ladder, desk.Room.Unlocking), "image/svg+xml", "ladder.svg"),
            _ => Problems.Bad("format", "Say in which form: csv, xlsx, json or svg."),
        };
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Remove(Guid ladderId, BoldLadderDb db, CancellationToken cancel)
    {
        if (await db.Ladders.SingleOrDefaultAsync(x => x.Id == ladderId, cancel) is not { } row)
        {
            return Problems.Missing("ladderId", "This school has no such ladder. Choose one from the list.");
        }

        if (await db.Groups.AnyAsync(x => x.LadderId == ladderId, cancel) || await db.Lessons.AnyAsync(x => x.LadderId == ladderId, cancel))
        {
            return Problems.Bad("ladderId", "A group is or was taught by this ladder, so it is kept. Move the group to another ladder first.");
        }

        await using var transaction = await db.Database.BeginTransactionAsync(cancel);
        await db.LadderEdits.Where(x => x.LadderId == ladderId).ExecuteDeleteAsync(cancel);
        await db.LadderRevisions.Where(x => x.LadderId == ladderId).ExecuteDeleteAsync(cancel);
        db.Ladders.Remove(row);
        await db.SaveChangesAsync(cancel);
        await transaction.CommitAsync(cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Show(
        Guid ladderId, Guid? groupId, string? asIf, LadderDesks desks, CancellationToken cancel)
    {
        var (desk, problem) = await desks.Open(ladderId, groupId, asIf, cancel);
        return desk is null ? problem! : KeptAnswers.Send(desks.Sent(desk));
    }

    private static async Task<Results<Ok<RungWordsView>, ProblemHttpResult>> Open(
        Guid ladderId, string rungId, Guid? groupId, string? asIf, LadderDesks desks, CancellationToken cancel)
    {
        var (desk, problem) = await desks.Open(ladderId, groupId, asIf, cancel);
        if (desk is null)
        {
            return problem!;
        }

        var place = desk.Draft.PlaceOf(rungId);
        if (place < 0)
        {
            return Problems.Missing("rungId", "That rung is not on the ladder any more.");
        }

        var view = desk.View().Sections.SelectMany(x => x.Rungs).First(x => x.Rung.Id == rungId);
        var unlocking = desk.Room.Unlocking;
        var shown = UnlockedWords.At(unlocking, place).Take(ShownWords).Select(x => x.Spelling).ToList();
        return TypedResults.Ok(new RungWordsView(view, [.. TargetWords.At(unlocking, place).Select(x => x.Spelling)], shown, Math.Max(0, view.Unlocks - shown.Count)));
    }

    private static Task<Results<Ok<LadderView>, ProblemHttpResult>> Edit(
        Guid ladderId, LadderEditRequest request, Guid? groupId, LadderDesks desks, BoldLadderDb db, Engine.ShippedData shipped, CancellationToken cancel) =>
        Change(ladderId, groupId, request.Revision, desks, db, desk =>
        {
            if (request.Edit is null)
            {
                return Task.FromResult<ProblemHttpResult?>(Problems.Bad(
                    "edit", "Say what to change: move, moveBy, moveTo, add, remove, replace, rename, section, addSection, removeSection, moveSection, splitSection, joinSection, moveAll, addAll, removeAll, takeOrder or whole."));
            }

            if (request.Edit.ToCore(desk.Draft, out var wrong) is not { } asked)
            {
                return Task.FromResult<ProblemHttpResult?>(Problems.Bad(wrong.Field, wrong.Sentence));
            }

            if (LadderGate.Through(asked, shipped.Gate, out var refused) is not { } edit)
            {
                return Task.FromResult<ProblemHttpResult?>(Problems.Bad(refused.Field, refused.Sentence));
            }

            return Task.FromResult(Made(desk, edit, edit.NameOn(desk.Draft), db));
        }, cancel);

    /// <summary>Makes an edit on the draft, under a name that undo will show; or says why not.</summary>
    internal static ProblemHttpResult? Made(LadderDesk desk, LadderEdit edit, string name, BoldLadderDb db)
    {
        var result = edit.Apply(desk.Draft);
        if (result.Ladder is null)
        {
            return Problems.Bad(result.Problem!.Value.Field, result.Problem.Value.Sentence);
        }

        desk.Row!.Draft = StoredJson.Write(LadderDocument.Of(result.Ladder));
        desk.Row.DraftRevision++;
        db.LadderEdits.Add(new LadderEditRow
        {
            SchoolId = desk.Row.SchoolId, LadderId = desk.Row.Id, Number = desk.Row.DraftRevision, Name = name, Inverse = Stored(result.Inverse!),
        });
        return null;
    }

    private static Task<Results<Ok<LadderView>, ProblemHttpResult>> Undo(
        Guid ladderId, DraftRevisionRequest request, Guid? groupId, LadderDesks desks, BoldLadderDb db, CancellationToken cancel) =>
        Change(ladderId, groupId, request.Revision, desks, db, async desk =>
        {
            if (await desks.LastEdit(ladderId).FirstOrDefaultAsync(cancel) is not { } last)
            {
                return Problems.Bad("revision", "There is nothing left to undo on this ladder.");
            }

            var edit = StoredJson.Read<StoredLadderEdit>(last.Inverse).Edit.ToCore(desk.Draft, out var wrong);
            if (edit?.Apply(desk.Draft) is not { Ladder: { } before })
            {
                return Problems.Bad("revision", $"That can't be taken back any more. {wrong.Sentence}");
            }

            desk.Row!.Draft = StoredJson.Write(LadderDocument.Of(before));
            desk.Row.DraftRevision++;
            (last.Undone, last.Forward) = (true, Stored(edit.Apply(desk.Draft).Inverse!));
            return null;
        }, cancel);

    private static Task<Results<Ok<LadderView>, ProblemHttpResult>> Redo(
        Guid ladderId, DraftRevisionRequest request, Guid? groupId, LadderDesks desks, BoldLadderDb db, CancellationToken cancel) =>
        Change(ladderId, groupId, request.Revision, desks, db, async desk =>
        {
            if (await desks.TakenBack(ladderId).FirstOrDefaultAsync(cancel) is not { } next)
            {
                return Problems.Bad("revision", "There is nothing to do again on this ladder.");
            }

            var edit = StoredJson.Read<StoredLadderEdit>(next.Forward!).Edit.ToCore(desk.Draft, out var wrong);
            if (edit?.Apply(desk.Draft) is not { Ladder: { } after, Inverse: { } inverse })
            {
                return Problems.Bad("revision", $"That can't be done again any more. {wrong.Sentence}");
            }

            desk.Row!.Draft = StoredJson.Write(LadderDocument.Of(after));
            desk.Row.DraftRevision++;
            (next.Undone, next.Inverse, next.Forward) = (false, Stored(inverse), null);
            return null;
        }, cancel);

    private static string Stored(LadderEdit edit) => StoredJson.Write(new StoredLadderEdit(LadderEditDocument.Of(edit)));

    private static Task<Results<Ok<LadderView>, ProblemHttpResult>> Publish(
        Guid ladderId, DraftRevisionRequest request, Guid? groupId, LadderDesks desks, BoldLadderDb db, Today today, CancellationToken cancel) =>
        Change(ladderId, groupId, request.Revision, desks, db, desk =>
        {
            // What is published is a revision of the draft: undone or edited afterwards, the draft differs from it again.
            if (desk.Difference.Count > 0)
            {
                desk.Row!.DraftRevision++;
                desk.Row.Published = desk.Row.DraftRevision;
                db.LadderRevisions.Add(new LadderRevisionRow
                {
                    SchoolId = desk.Row.SchoolId, LadderId = desk.Row.Id, Number = desk.Row.Published, Document = desk.Row.Draft, PublishedOn = today.Date,
                });
            }

            return Task.FromResult<ProblemHttpResult?>(null);
        }, cancel);

    // The one way in for a change: on the revision it was made on, or with what stands now.
    /// <param name="revision">The draft that was seen; null for whatever stands, where nothing of it could be lost.</param>
    internal static async Task<Results<Ok<LadderView>, ProblemHttpResult>> Change(
        Guid ladderId, Guid? groupId, int? revision, LadderDesks desks, BoldLadderDb db, Func<LadderDesk, Task<ProblemHttpResult?>> change, CancellationToken cancel)
    {
        var (desk, problem) = await desks.Open(ladderId, groupId, null, cancel, forChange: true);
        if (desk is null)
        {
            return problem!;
        }

        if (revision is not null && desk.Row!.DraftRevision != revision)
        {
            return Problems.Stale(desk.View());
        }

        if (await change(desk) is { } refused)
        {
            return refused;
        }

        var saved = await Conflicts.Save(db, cancel);
        var (now, gone) = await desks.Open(ladderId, groupId, null, cancel);
        return now is null ? gone! : saved ? TypedResults.Ok(now.View()) : Problems.Stale(now.View());
    }
}
