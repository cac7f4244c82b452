using System.Buffers.Binary;
using System.Security.Cryptography;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Storage;
using BoldLadder.Server.Words;
using Microsoft.EntityFrameworkCore;
using Npgsql;

namespace BoldLadder.Server.Lessons;

/// <summary>Finds a group's lesson for a day, or makes it and keeps it.</summary>
public sealed class LessonBook(BoldLadderDb db, Library library)
{
    private const int Slot = 1;

    /// <summary>What a lesson is made from: null when the day has no school or lies before today without a lesson.</summary>
    public static LessonBrief? Brief(Classroom room, DateOnly day, int minutes, ulong seed, IReadOnlyList<KeptItem> kept)
    {
        if (room.AsIf is { } rung)
        {
            var at = room.Ladder.PlaceOf(rung.Id);
            return new LessonBrief(
                room.Stock, room.Year, day, rung, new GroupLog(room.Below(rung)), ShapeAt(room, at), minutes, seed, kept, room.Ladder.SectionIndexAt(at));
        }

        if (Schedule.On(room.Ladder, room.Log, room.Year, room.Today, day) is not { } planned)
        {
            return null;
        }

        var log = Foresight.Log(room.Ladder, room.Entries, room.Year, room.Rules, room.Today, day);
        var place = Math.Min(log.DuePlace(room.Ladder), room.Ladder.Rungs.Count - 1);
        return new LessonBrief(
            room.Stock, room.Year, day, planned.Day.Rung, log, ShapeAt(room, place), minutes, seed, kept, room.Ladder.SectionIndexAt(place));
    }

    /// <summary>The lesson's row, made when there is none yet; null when there can be none on that day.</summary>
    public async Task<LessonRow?> FindOrMake(Classroom room, DateOnly day, CancellationToken cancel)
    {
        var row = await Find(room, day, cancel);
        if (row is null)
        {
            return await Make(room, day, cancel);
        }

        // Nobody has touched it, and what it was made from has changed: it is made again.
        if (row is { Outcome: null, Revision: 1 } && !IsCurrent(row, room) && Brief(room, day, MinutesOf(row), Seed(room, day), []) is { } brief)
        {
            row.Document = DocumentJson.Write(LessonDocument.Of(LessonComposer.Compose(brief)));
            Pin(row, room);
            try
            {
                await db.SaveChangesAsync(cancel);
            }
            catch (DbUpdateConcurrencyException)
            {
                db.ChangeTracker.Clear();
                return await Find(room, day, cancel);
            }
        }

        return row;
    }

    public Task<LessonRow?> Find(Guid lessonId, CancellationToken cancel) =>
        db.Lessons.SingleOrDefaultAsync(x => x.Id == lessonId, cancel);

    /// <summary>What the group had been taught before the lesson: by the log, and by the plan for days between.</summary>
    public static TaughtSet Before(Classroom room, LessonRow row)
    {
        var entries = room.Entries.Where(x => x.LessonId != row.Id.ToString()).ToList();
        return Foresight.Log(room.Ladder, entries, room.Year, room.Rules, room.Today, row.Day).TaughtSet(room.Rules);
    }

    public async Task<LessonState> State(LessonRow row, Classroom room, CancellationToken cancel)
    {
        var undo = row.Outcome is { } outcome ? $"marked {outcome}" : await db.LessonEdits.AsNoTracking()
            .Where(x => x.LessonId == row.Id && !x.Undone).OrderByDescending(x => x.Number).Select(x => x.Name).FirstOrDefaultAsync(cancel);
        var previous = await db.Lessons.AsNoTracking().Where(x => x.GroupId == row.GroupId && x.Day < row.Day)
            .OrderByDescending(x => x.Day).Select(x => (DateOnly?)x.Day).FirstOrDefaultAsync(cancel);
        return new LessonState(row.Id, row.Revision, undo, row.Outcome, previous, room.Year.After(row.Day));
    }

    public static void Pin(LessonRow row, Classroom room, string? lexicon = null)
    {
        row.LadderId = room.Group.LadderId;
        row.LadderRevision = room.LadderRevision;
        row.CorrectionsRevision = room.School.CorrectionsRevision;
        row.LogPosition = room.Log.Position;
        row.Lexicon = lexicon ?? row.Lexicon;
    }

    /// <summary>The same group and day give the same seed on every machine.</summary>
    public static ulong Seed(Classroom room, DateOnly day) =>
        BinaryPrimitives.ReadUInt64LittleEndian(SHA256.HashData([.. room.Group.Id.ToByteArray(), .. BitConverter.GetBytes(day.DayNumber)])) >> 12;

    private static Core.Ladders.WordShape ShapeAt(Classroom room, int place) => room.Ladder.SectionAt(Math.Max(0, place)).Shape;

    private static int MinutesOf(LessonRow row) => DocumentJson.Read<LessonDocument>(row.Document).Minutes;

    private bool IsCurrent(LessonRow row, Classroom room) =>
        row.LadderRevision == room.LadderRevision && row.LogPosition == room.Log.Position
        && row.CorrectionsRevision == room.School.CorrectionsRevision && row.Lexicon == library.LexiconHash;

    private Task<LessonRow?> Find(Classroom room, DateOnly day, CancellationToken cancel) =>
        db.Lessons.SingleOrDefaultAsync(x => x.GroupId == room.Group.Id && x.Day == day && x.Slot == Slot, cancel);

    private async Task<LessonRow?> Make(Classroom room, DateOnly day, CancellationToken cancel)
    {
        if (Brief(room, day, room.School.LessonMinutes, Seed(room, day), []) is not { } brief)
        {
            return null;
        }

        var row = new LessonRow
        {
            SchoolId = room.School.Id, Id = Guid.CreateVersion7(), GroupId = room.Group.Id, Day = day, Slot = Slot, Revision = 1,
            Document = DocumentJson.Write(LessonDocument.Of(LessonComposer.Compose(brief))), Lexicon = library.LexiconHash,
        };
        Pin(row, room);
        db.Lessons.Add(row);
        try
        {
            await db.SaveChangesAsync(cancel);
            return row;
        }
        catch (DbUpdateException problem) when (problem.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation })
        {
            // Another process was quicker: its lesson is the lesson.
            db.ChangeTracker.Clear();
            return await Find(room, day, cancel);
        }
    }
}
