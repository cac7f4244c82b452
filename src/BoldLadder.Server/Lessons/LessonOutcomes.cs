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
        Guid lessonId, OutcomeRequest request, BoldLadderDb db, Classrooms rooms, LessonBook book, CancellationToken cancel)
    {
        if (request.Outcome is not (LogOutcome.Taught or LogOutcome.Partly or LogOutcome.Missed))
        {
            return Problems.Bad("outcome", "Say taught, partly or missed. To take it back, undo.");
        }

        var shaky = new List<RevisitItem>();
        foreach (var text in request.Shaky ?? [])
        {
            if (!RevisitItem.TryParse(text, out var item))
            {
                return Problems.Bad("shaky", "Name what was shaky as card, recall or tricky and what it was, such as 'card sh:sh'.");
            }

            shaky.Add(item);
        }

        if (await book.Find(lessonId, cancel) is not { } row)
        {
            return LessonChanges.Gone();
        }

        var room = (await rooms.Find(row.GroupId, cancel))!;
        var outcome = NameOf(request.Outcome);
        if (row.Outcome == outcome)
        {
            // Pressed twice, or by two people: it is written already.
            return TypedResults.Ok(await LessonRoutes.View(row, room, book, cancel));
        }

        if (row.Revision != request.Revision || row.Outcome is not null)
        {
            return Problems.Stale(await LessonRoutes.View(row, room, book, cancel));
        }

        row.Outcome = outcome;
        row.Revision++;
        var lesson = DocumentJson.Read<LessonDocument>(row.Document).ToCore();
        db.Log.Add(RowOf(LessonLog.Entry(lesson, row.Id.ToString(), row.Day, request.Outcome, room.Log.Position + 1, shaky), row));
        return await Save(row, outcome, db, rooms, book, cancel);
    }

    internal static async Task<Results<Ok<LessonView>, ProblemHttpResult>> TakeBack(
        LessonRow row, Classroom room, BoldLadderDb db, Classrooms rooms, LessonBook book, CancellationToken cancel)
    {
        row.Outcome = null;
        row.Revision++;
        var lesson = DocumentJson.Read<LessonDocument>(row.Document).ToCore();
        db.Log.Add(RowOf(LessonLog.Entry(lesson, row.Id.ToString(), row.Day, LogOutcome.TakenBack, room.Log.Position + 1, []), row));
        return await Save(row, null, db, rooms, book, cancel);
    }

    private static async Task<Results<Ok<LessonView>, ProblemHttpResult>> Save(
        LessonRow row, string? outcome, BoldLadderDb db, Classrooms rooms, LessonBook book, CancellationToken cancel)
    {
        var groupId = row.GroupId;
        try
        {
            await db.SaveChangesAsync(cancel);
        }
        catch (DbUpdateException)
        {
            db.ChangeTracker.Clear();
            row = (await book.Find(row.Id, cancel))!;
        }

        // Read again: the line has moved.
        var now = (await rooms.Find(groupId, cancel))!;
        var view = await LessonRoutes.View(row, now, book, cancel);
        return row.Outcome == outcome ? TypedResults.Ok(view) : Problems.Stale(view);
    }

    private static string NameOf(LogOutcome outcome) => outcome switch
    {
        LogOutcome.Taught => "taught",
        LogOutcome.Partly => "partly",
        LogOutcome.Missed => "missed",
        _ => "takenBack",
    };

    private static LogRow RowOf(LogEntry entry, LessonRow row) => new()
    {
        SchoolId = row.SchoolId, GroupId = row.GroupId, Position = entry.Position, LessonId = row.Id, Day = row.Day,
        Outcome = NameOf(entry.Outcome), Document = DocumentJson.Write(LogDocument.Of(entry)),
    };
}
