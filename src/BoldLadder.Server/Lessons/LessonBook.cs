using BoldLadder.Core.Calendar;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Year;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Lessons;

/// <summary>Finds a group's lesson for a day, or makes it and keeps it.</summary>
public sealed class LessonBook(BoldLadderDb db, Turns turns)
{
    private const int Slot = 1;

    // Lessons of a stretch.
    private const int SavedTogether = 5;

    private static readonly Func<BoldLadderDb, Guid, DateOnly, CancellationToken, Task<LessonHead?>> ReadHead = EF.CompileAsyncQuery(
        (BoldLadderDb db, Guid groupId, DateOnly day, CancellationToken cancel) =>
            db.Lessons.AsNoTracking().Where(x => x.GroupId == groupId && x.Day == day && x.Slot == Slot)
                .Select(x => new LessonHead(
                    x.Id, x.Version, x.Revision, x.Touched, x.Outcome, x.MadeFrom,
                    db.LessonEdits.Where(e => e.LessonId == x.Id && !e.Undone).OrderByDescending(e => e.Number).Select(e => e.Name).FirstOrDefault(),
                    db.Lessons.Where(p => p.GroupId == groupId && p.Day < day).Max(p => (DateOnly?)p.Day)))
                .SingleOrDefault());

    /// <summary>What a lesson is made from: null when the day has no school or lies before today without a lesson.</summary>
    public static LessonBrief? Brief(Classroom room, DateOnly day, int minutes)
    {
        if (room.Standing.AsIf is { } rung)
        {
            return room.Brief(new PlacedDay(day, DayUse.New, rung), room.Logged.Below(rung, room.Today), minutes);
        }

        return room.Forecast.On(day) is { } planned
            ? room.Brief(planned, room.Planned.Before(day), minutes)
            : null;
    }

    /// <summary>What the database knows of the day's lesson beside its document; made, or made again, when it has to be.</summary>
    public async Task<LessonHead?> FindOrMake(Classroom room, DateOnly day, CancellationToken cancel)
    {
        var head = await ReadHead(db, room.Group.Id, day, cancel);
        if (head is null)
        {
            return await Make(room, day, cancel) ? await ReadHead(db, room.Group.Id, day, cancel) : null;
        }

        // Nobody has touched it, and what it was made from has changed: it is made again, under a new revision.
        if (head is { Outcome: null, Touched: false } && head.MadeFrom != room.InputsOf(day).Fingerprint
            && await Find(head.Id, cancel) is { Touched: false, Outcome: null } row
            && await Reach(room, day, cancel)
            && Brief(room, day, room.MinutesOn(day)) is { } brief)
        {
            Fill(row, LessonComposer.Compose(brief), room);

            // Where another process was quicker, its lesson is the lesson.
            await Conflicts.Save(db, cancel);
            return await ReadHead(db, room.Group.Id, day, cancel);
        }

        return head;
    }

    /// <summary>
    /// Makes the lessons of the next days that have none, or whose own nobody touched and that no longer holds. A few at a time
    /// are written down and saved beside the making of the next.
    /// </summary>
    /// <param name="from">The first day.</param>
    /// <param name="most">School days gone through at the most.</param>
    /// <param name="stop">Ends it early: what was made by then is kept.</param>
    /// <returns>How many were made, and the last day gone through; the day before <paramref name="from"/> when there was none.</returns>
    public async Task<(int Made, DateOnly Done)> PlanAhead(Classroom room, DateOnly from, int most, CancellationToken stop, CancellationToken cancel)
    {
        var days = room.Forecast.Days.Select(x => x.Day).Where(x => x >= from).Take(most).ToList();
        if (days.Count == 0)
        {
            return (0, from.AddDays(-1));
        }

        var last = days[^1];
        var rows = await db.Lessons.Where(x => x.GroupId == room.Group.Id && x.Slot == Slot && x.Day >= from && x.Day <= last).ToDictionaryAsync(x => x.Day, cancel);
        var (made, done, unsaved, saved) = (0, from.AddDays(-1), new List<(LessonRow Row, Lesson Lesson)>(), Task.FromResult(true));
        try
        {
            foreach (var planned in room.Planned.From(from, stop))
            {
                var day = planned.Placed.Day;
                if (day > last)
                {
                    break;
                }

                var row = rows.GetValueOrDefault(day);
                if (row is null || (row is { Touched: false, Outcome: null } && row.MadeFrom != room.InputsOf(day).Fingerprint))
                {
                    unsaved.Add((row ?? New(room, day), planned.Lesson));
                    made++;
                }

                if (unsaved.Count == SavedTogether)
                {
                    saved = Saved(saved, unsaved);
                    unsaved = [];
                }

                done = day;
                if (day == last || stop.IsCancellationRequested)
                {
                    break;
                }
            }
        }
        finally
        {
            // Whatever ends the making, no save goes on behind it.
            await saved;
        }

        // Days of the log plan nothing: they are gone through all the same.
        done = stop.IsCancellationRequested ? done : last;
        return await Saved(saved, unsaved) ? (made, done) : await OneByOne(room, [.. days.TakeWhile(x => x <= done)], cancel);

        Task<bool> Saved(Task<bool> before, List<(LessonRow Row, Lesson Lesson)> lessons) => Task.Run(
            async () =>
            {
                if (!await before)
                {
                    return false;
                }

                foreach (var (row, lesson) in lessons)
                {
                    Fill(row, lesson, room);
                }

                db.Lessons.AddRange(lessons.Select(x => x.Row).Where(x => !rows.ContainsKey(x.Day)));
                return await Conflicts.Save(db, cancel);
            },
            CancellationToken.None);
    }

    // Somebody opened one of them meanwhile.
    private async Task<(int Made, DateOnly Done)> OneByOne(Classroom room, IReadOnlyList<DateOnly> days, CancellationToken cancel)
    {
        foreach (var day in days)
        {
            await FindOrMake(room, day, cancel);
        }

        return (days.Count, days[^1]);
    }

    public Task<LessonRow?> Find(Guid lessonId, CancellationToken cancel) => db.Lessons.SingleOrDefaultAsync(x => x.Id == lessonId, cancel);

    /// <summary>A row with what else there is to know of it.</summary>
    public async Task<LessonHead> Head(LessonRow row, CancellationToken cancel) => (await ReadHead(db, row.GroupId, row.Day, cancel))!;

    public async Task<string> Document(Guid lessonId, CancellationToken cancel) =>
        await db.Lessons.AsNoTracking().Where(x => x.Id == lessonId).Select(x => x.Document).SingleAsync(cancel);

    /// <summary>Puts a lesson into its row. Every write raises the revision, ours too, so that no page changes a lesson it never showed.</summary>
    public static void Write(LessonRow row, Lesson lesson)
    {
        row.Document = StoredJson.Write(LessonDocument.Of(lesson));
        row.Revision++;
    }

    /// <summary>Says what a lesson was made from. An edit does not: it changes a lesson and makes none.</summary>
    public static void MadeFrom(LessonRow row, Classroom room) =>
        (row.LadderId, row.LadderRevision, row.MadeFrom) = (room.Group.LadderId, room.LadderRevision, room.InputsOf(row.Day).Fingerprint);

    // A lesson of a day far ahead needs all between: that way is gone in a turn of long work, once for all who ask, so that
    // nobody else waits for it.
    private async Task<bool> Reach(Classroom room, DateOnly day, CancellationToken cancel)
    {
        if (room.Forecast.On(day) is not null && !room.Planned.IsNear(day))
        {
            await turns.Stretch(() => room.Planned.Before(day, cancel), cancel);
        }

        return true;
    }

    private static LessonRow New(Classroom room, DateOnly day) =>
        new() { SchoolId = room.School.Id, Id = Guid.CreateVersion7(), GroupId = room.Group.Id, Day = day, Slot = Slot, Document = "", MadeFrom = "" };

    private static void Fill(LessonRow row, Lesson lesson, Classroom room)
    {
        Write(row, lesson);
        MadeFrom(row, room);
    }

    private async Task<bool> Make(Classroom room, DateOnly day, CancellationToken cancel)
    {
        if (!await Reach(room, day, cancel) || Brief(room, day, room.MinutesOn(day)) is not { } brief)
        {
            return false;
        }

        var row = New(room, day);
        Fill(row, LessonComposer.Compose(brief), room);
        db.Lessons.Add(row);
        await Conflicts.Save(db, cancel);
        return true;
    }
}

/// <summary>What the database knows of a lesson beside its blocks.</summary>
/// <param name="Undo">The last change that was not taken back.</param>
/// <param name="Previous">The day of the lesson before it.</param>
public sealed record LessonHead(Guid Id, uint Version, int Revision, bool Touched, string? Outcome, string MadeFrom, string? Undo, DateOnly? Previous);
