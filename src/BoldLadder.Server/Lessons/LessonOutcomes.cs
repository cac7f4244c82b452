using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Lessons;

/// <summary>Taught, partly, missed: written once, by value, however often it is pressed.</summary>
public static class LessonOutcomes
{
    public static async Task<Results<Ok<LessonView>, ProblemHttpResult>> Say(
        Guid lessonId, OutcomeRequest request, BoldLadderDb db, Classrooms rooms, LessonBook book, LessonViews views, CancellationToken cancel)
    {
        if (request.Outcome is not (LogOutcome.Taught or LogOutcome.Partly or LogOutcome.Missed))
        {
            return Problems.Bad("outcome", "Say taught, partly or missed. To take it back, undo.");
        }

        if (await book.Find(lessonId, cancel) is not { } row)
        {
            return LessonChanges.Gone();
        }

        var outcome = LogDocument.NameOf(request.Outcome);
        if (row.Outcome == outcome)
        {
            // Pressed twice, or by two people: it is written already.
            return TypedResults.Ok(await views.Of((await rooms.Find(row.GroupId, cancel))!, row, cancel));
        }

        if (row.Revision != request.Revision || row.Outcome is not null)
        {
            return Problems.Stale(await views.Of((await rooms.Find(row.GroupId, cancel))!, row, cancel));
        }

        var lesson = StoredJson.Read<LessonDocument>(row.Document).ToCore();
        var allowed = LessonLog.CanBeShaky(lesson);
        var shaky = new List<RevisitItem>();
        foreach (var text in request.Shaky ?? [])
        {
            if (!RevisitItem.TryParse(text, out var item) || !allowed.Contains(item))
            {
                return Problems.Bad("shaky", "Only the lesson's own cards, sounds and tricky words can be shaky: name one of them, such as 'card sh:sh'.");
            }

            shaky.Add(item);
        }

        return await Write(row, request.Outcome, lesson, shaky.Distinct().ToList(), db, rooms, book, views, cancel);
    }

    internal static async Task<Results<Ok<LessonView>, ProblemHttpResult>> TakeBack(
        LessonRow row, BoldLadderDb db, Classrooms rooms, LessonBook book, LessonViews views, CancellationToken cancel) =>
        await Write(row, LogOutcome.TakenBack, StoredJson.Read<LessonDocument>(row.Document).ToCore(), [], db, rooms, book, views, cancel);

    // The group is held while its log grows, so that several lessons marked at once are written one after the other.
    private static async Task<Results<Ok<LessonView>, ProblemHttpResult>> Write(
        LessonRow row, LogOutcome outcome, Lesson lesson, IReadOnlyList<RevisitItem> shaky, BoldLadderDb db, Classrooms rooms, LessonBook book,
        LessonViews views, CancellationToken cancel)
    {
        var (lessonId, groupId, said) = (row.Id, row.GroupId, outcome == LogOutcome.TakenBack ? null : LogDocument.NameOf(outcome));
        await using (var transaction = await db.Database.BeginTransactionAsync(cancel))
        {
            await Conflicts.HoldGroup(db, groupId, cancel);
            var position = (await db.Log.Where(x => x.GroupId == groupId).MaxAsync(x => (long?)x.Position, cancel) ?? 0) + 1;
            row.Outcome = said;
            row.Revision++;
            db.Log.Add(LogDocument.RowOf(LessonLog.Entry(lesson, lessonId.ToString(), row.Day, outcome, position, shaky), row.SchoolId, groupId));
            if (await Conflicts.Save(db, cancel))
            {
                await transaction.CommitAsync(cancel);
            }
        }

        // Read again: the line has moved, or somebody else has said it.
        var now = (await book.Find(lessonId, cancel))!;
        var view = await views.Of((await rooms.Find(groupId, cancel))!, now, cancel);
        return now.Outcome == said ? TypedResults.Ok(view) : Problems.Stale(view);
    }
}
