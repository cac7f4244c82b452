using System.ComponentModel.DataAnnotations;
using BoldLadder.Core.Choosing;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Log;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Words;
using BoldLadder.Server.Engine;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Hosting;
using BoldLadder.Server.Phrasing;
using BoldLadder.Server.Storage;
using BoldLadder.Server.Words;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace BoldLadder.Server.Lessons;

/// <summary>A typed word that the group cannot read, with what blocks it.</summary>
public sealed record RefusedView(string Word, string Verdict, IReadOnlyList<BlockerView> Blockers);

/// <summary>What else fits in an item's place.</summary>
/// <param name="Pieces">A word with its marks; empty for what is not a word.</param>
/// <param name="Title">Of a story; else empty.</param>
/// <param name="Serves">How it would serve the day's point.</param>
public sealed record OtherView(string Text, IReadOnlyList<PieceView> Pieces, string Title, string Reason, string Serves);

/// <summary>Changes to a lesson and their undoing.</summary>
public static class LessonChanges
{
    public static Task<Results<Ok<LessonView>, ProblemHttpResult>> Edit(
        Guid lessonId, LessonEditRequest request, BoldLadderDb db, Classrooms rooms, LessonBook book, LessonViews views, ShippedData shipped, CancellationToken cancel) =>
        Change(lessonId, request.Revision, rooms, book, views, async (row, room) =>
        {
            if (row.Outcome is not null)
            {
                return Problems.Bad("outcome", $"The lesson is marked {row.Outcome}. Undo that first, then change it.");
            }

            var lesson = StoredJson.Read<LessonDocument>(row.Document).ToCore();
            var (edit, problem) = EditOf(request, lesson, row, room, shipped.Gate);
            if (edit is null)
            {
                return problem!;
            }

            var name = edit.NameOn(lesson);
            var result = edit.Apply(lesson);
            if (result.Lesson is null)
            {
                return Problems.Bad("itemId", result.Problem!);
            }

            LessonBook.Write(row, result.Lesson);
            row.Touched = true;
            if (request.Change is LessonChange.Replan or LessonChange.Follow)
            {
                LessonBook.MadeFrom(row, room);
            }

            db.LessonEdits.Add(new LessonEditRow
            {
                SchoolId = row.SchoolId, LessonId = row.Id, Number = row.Revision, Name = name,
                Inverse = StoredJson.Write(new StoredLessonEdit(LessonEditDocument.Of(result.Inverse!))),
            });
            return await Save(row, room, db, book, views, cancel);
        }, cancel);

    public static async Task<Results<Ok<IReadOnlyList<OtherView>>, ProblemHttpResult>> Others(
        Guid lessonId, [StringLength(40)] string itemId, Classrooms rooms, LessonBook book, CancellationToken cancel)
    {
        if (await book.Find(lessonId, cancel) is not { } row)
        {
            return Gone();
        }

        var room = (await rooms.Find(row.GroupId, cancel))!;
        var lesson = StoredJson.Read<LessonDocument>(row.Document).ToCore();
        var (service, phrases) = (new PointService(lesson, room.Stock, LessonBrief.JudgeOf(lesson, room.Standing.Taught)), new Phrases(room.Conventions.Terms));
        var brief = BriefOf(room, row, lesson, lesson.Minutes, lesson.Seed, []);
        var judge = LessonBrief.JudgeOf(lesson, brief.Standing.Taught);
        // The page may still show an item that was dropped a moment ago: nothing fits in its place.
        return lesson.Blocks.FirstOrDefault(x => x.Items.Any(i => i.Id == itemId)) is not { } block
            ? TypedResults.Ok<IReadOnlyList<OtherView>>([])
            : TypedResults.Ok<IReadOnlyList<OtherView>>([.. Alternatives.Of(brief, lesson, itemId, (ulong)row.Revision).Select(x => new OtherView(
                x.Text, room.Stock.Words.Find(x.Text) is { Readings: [var reading, ..] } found && x.Kind is ItemKind.Word or ItemKind.Tricky ? PieceView.Of(reading, found.Word.Ended, judge, lesson.Marked, room.Conventions.Marks) : [],
                x.IsStory ? x.Heading : "", phrases.Sentence(x.Reasons), phrases.Sentence([service.Of(block, x)])))]);
    }

    public static async Task<Results<Ok<LessonShapeView>, ProblemHttpResult>> Shape(Guid lessonId, Classrooms rooms, LessonBook book, CancellationToken cancel)
    {
        if (await book.Find(lessonId, cancel) is not { } row)
        {
            return Gone();
        }

        var room = (await rooms.Find(row.GroupId, cancel))!;
        var lesson = StoredJson.Read<LessonDocument>(row.Document).ToCore();
        var brief = BriefOf(room, row, lesson, lesson.Minutes, lesson.Seed, []);
        return TypedResults.Ok(LessonShapeView.Of(new PieceWords(room.Conventions), brief.Pieces, brief.Pieces == lesson.Own));
    }

    public static Task<Results<Ok<LessonView>, ProblemHttpResult>> Undo(
        Guid lessonId, RevisionRequest request, BoldLadderDb db, Classrooms rooms, LessonBook book, LessonViews views, CancellationToken cancel) =>
        Change(lessonId, request.Revision, rooms, book, views, async (row, room) =>
        {
            if (row.Outcome is not null)
            {
                return await LessonOutcomes.TakeBack(row, db, rooms, book, views, cancel);
            }

            var last = await db.LessonEdits.Where(x => x.LessonId == row.Id && !x.Undone).OrderByDescending(x => x.Number).FirstOrDefaultAsync(cancel);
            if (last is null)
            {
                return Problems.Bad("revision", "There is nothing left to undo in this lesson.");
            }

            var lesson = StoredJson.Read<LessonDocument>(row.Document).ToCore();
            if (StoredJson.Read<StoredLessonEdit>(last.Inverse).Edit.ToCore().Apply(lesson).Lesson is not { } before)
            {
                return Problems.Bad("revision", "That can't be taken back any more: the item is no longer in the lesson.");
            }

            LessonBook.Write(row, before);
            last.Undone = true;
            return await Save(row, room, db, book, views, cancel);
        }, cancel);

    // The one way in for a change: on the revision it was made on, or with what stands now.
    private static async Task<Results<Ok<LessonView>, ProblemHttpResult>> Change(
        Guid lessonId, int revision, Classrooms rooms, LessonBook book, LessonViews views,
        Func<LessonRow, Classroom, Task<Results<Ok<LessonView>, ProblemHttpResult>>> change, CancellationToken cancel)
    {
        if (await book.Find(lessonId, cancel) is not { } row)
        {
            return Gone();
        }

        var room = (await rooms.Find(row.GroupId, cancel))!;
        return row.Revision == revision ? await change(row, room) : Problems.Stale(await views.Of(room, row, cancel));
    }

    internal static async Task<Results<Ok<LessonView>, ProblemHttpResult>> Save(
        LessonRow row, Classroom room, BoldLadderDb db, LessonBook book, LessonViews views, CancellationToken cancel)
    {
        if (await Conflicts.Save(db, cancel))
        {
            return TypedResults.Ok(await views.Of(room, row, cancel));
        }

        var now = (await book.Find(row.Id, cancel))!;
        return Problems.Stale(await views.Of(room, now, cancel));
    }

    internal static ProblemHttpResult Gone() => Problems.Missing("lessonId", "There is no such lesson in this school.");

    private static (LessonEdit? Edit, ProblemHttpResult? Problem) EditOf(LessonEditRequest request, Lesson lesson, LessonRow row, Classroom room, WordGate gate)
    {
        if (request.Change == LessonChange.Replan)
        {
            return Replan(request, lesson, row, room);
        }

        if (request.Change == LessonChange.Reshape)
        {
            return Reshape(request, lesson, row, room);
        }

        if (request.Change == LessonChange.Follow)
        {
            return Follow(lesson, row, room);
        }

        if (request.Change == LessonChange.Mend)
        {
            var (before, due) = room.CheckedBy(row.Day, row.Id.ToString());
            return Mend.For(BriefOf(room, row, lesson, lesson.Minutes, lesson.Seed, [], before), lesson, due, (ulong)row.Revision) is { } mend
                ? (mend, null)
                : (null, Problems.Bad("change", "All of this lesson holds as it is."));
        }

        if (request.ItemId is null || lesson.Find(request.ItemId) is not { } item)
        {
            return (null, Problems.Bad("itemId", "That item is no longer in the lesson. The page shows it as it is now."));
        }

        switch (request.Change)
        {
            case LessonChange.Lock or LessonChange.Unlock:
                return (LessonUnits.Lock(lesson, item.Id, request.Change == LessonChange.Lock), null);
            case LessonChange.Drop:
                return (LessonUnits.Drop(lesson, item.Id), null);
            case LessonChange.Swap:
                var brief = BriefOf(room, row, lesson, lesson.Minutes, lesson.Seed, []);
                var chosen = request.Text is null ? null : Alternatives.Of(brief, lesson, item.Id, (ulong)row.Revision).FirstOrDefault(x => x.Text == request.Text);
                return request.Text is not null && chosen is null ? (null, Problems.Bad("text", "That is none of the others that fit. Choose one of them, or leave the text out."))
                    : (chosen is null ? Swap.For(brief, lesson, item.Id, (ulong)row.Revision) : new ReplaceItem(chosen)) is { } swap
                    ? (swap, null)
                    : (null, Problems.Bad("itemId", $"Nothing else fits in place of {item.Text} today. Type something over it, or drop it."));
            case LessonChange.Add:
                return Alternatives.Add(BriefOf(room, row, lesson, lesson.Minutes, lesson.Seed, []), lesson, item.Id, (ulong)row.Revision) is { } more
                    ? (more, null) : (null, Problems.Bad("itemId", "Nothing more fits there today."));
            case LessonChange.Earlier or LessonChange.Later:
                return Alternatives.Move(lesson, item.Id, request.Change == LessonChange.Earlier ? -1 : 1) is { } moved
                    ? (moved, null) : (null, Problems.Bad("itemId", "It cannot go there: it stands at the end of its piece, or belongs with what is beside it."));
            case LessonChange.MovePiece:
                return MovePiece(request, lesson, item, row, room);
            case LessonChange.Type:
                return Typed(request, lesson, item, row, room, gate);
            default:
                return (null, Problems.Bad("change", "Say what to change: swap, add, earlier, later, lock, unlock, drop, type, movePiece, replan, reshape, follow or mend."));
        }
    }

    private static (LessonEdit?, ProblemHttpResult?) Replan(LessonEditRequest request, Lesson lesson, LessonRow row, Classroom room)
    {
        var minutes = request.Minutes ?? lesson.Minutes;
        var brief = BriefOf(room, row, lesson, minutes, (lesson.Seed * 31) + (ulong)row.Revision, Locked(lesson));
        return (new ReplaceLesson(LessonComposer.Compose(brief), minutes == lesson.Minutes ? "planned again" : $"made it {minutes} minutes"), null);
    }

    // The same seed, so that what is not moved about stays as it was.
    private static (LessonEdit?, ProblemHttpResult?) Reshape(LessonEditRequest request, Lesson lesson, LessonRow row, Classroom room)
    {
        var kind = BriefOf(room, row, lesson, lesson.Minutes, lesson.Seed, []).ShapeKind;
        if (request.Pieces is not null && LessonShapeView.Problem(kind, request.Pieces) is { } wrong)
        {
            return (null, Problems.Bad("pieces", wrong));
        }

        var own = request.Pieces is null ? null : new ShapeDocument(kind, request.Pieces).ToCore();
        var brief = BriefOf(room, row, lesson with { Own = own }, lesson.Minutes, lesson.Seed, Locked(lesson));
        return (new ReplaceLesson(LessonComposer.Compose(brief), own is null ? "gave it the usual pieces" : "changed its pieces"), null);
    }

    private static (LessonEdit?, ProblemHttpResult?) MovePiece(LessonEditRequest request, Lesson lesson, LessonItem item, LessonRow row, Classroom room)
    {
        if (request.To is not { } to)
        {
            return (null, Problems.Bad("to", "Say where the piece is to stand: its place in its part, from 0."));
        }

        var block = lesson.Blocks.First(x => x.Items.Contains(item));
        return PieceOrder.Move(lesson, BriefOf(room, row, lesson, lesson.Minutes, lesson.Seed, []).Pieces, item.Id, to) is { } moved
            ? (new ReplaceLesson(moved, $"moved {new PieceWords(room.Conventions).Name(lesson, block).Split(':')[0]}"), null)
            : (null, Problems.Bad("to", "It cannot go there: a piece stays in its part, and spare words come last."));
    }

    private static IReadOnlyList<KeptItem> Locked(Lesson lesson) =>
        [.. lesson.Blocks.SelectMany(b => b.Items.Where(x => x.Locked).Select(x => new KeptItem(b.Part, b.Activity, x, b.Asks)))];

    // The line has moved since the lesson was planned: a day was missed, or the ladder was revised.
    private static (LessonEdit?, ProblemHttpResult?) Follow(Lesson lesson, LessonRow row, Classroom room)
    {
        if (room.Forecast.On(row.Day) is not { } planned || LessonView.DueOn(room, row.Day, lesson) is not { } due)
        {
            return (null, Problems.Bad("change", "The lesson is for what its day is for. There is nothing to follow."));
        }

        var plain = room.Brief(planned, room.Planned.Before(row.Day), lesson.Minutes);
        var kept = Locked(lesson).Where(x => SentenceBank.WordsOf(x.Item.Text).All(plain.Judge.IsLegal)).ToList();
        var brief = new LessonBrief(room.Stock, plain.Standing, room.Conventions, row.Day, planned.Rung, lesson.Minutes, plain.Seed, kept, lesson.Own, room.SharedOn(row.Day));
        return (new ReplaceLesson(LessonComposer.Compose(brief), $"planned for {due}"), null);
    }

    private static (LessonEdit?, ProblemHttpResult?) Typed(LessonEditRequest request, Lesson lesson, LessonItem item, LessonRow row, Classroom room, WordGate gate)
    {
        if (request.Text?.Length > LessonItem.MaxText)
        {
            return (null, Problems.Bad("text", $"That is longer than {LessonItem.MaxText} letters."));
        }

        var through = gate.Of(request.Text?.Trim() ?? "");
        if (through.Wrong is { } wrong)
        {
            return (null, Problems.Bad("text", wrong));
        }

        var text = through.Plain.Trim();
        if (text.Length == 0)
        {
            return (null, Problems.Bad("text", "Type a word, or drop the item."));
        }

        var single = item.Kind != ItemKind.Sentence;
        if ((TypedText.WhyNot(lesson, item) ?? TypedText.WhyNot(lesson, item, text, room.Stock)) is { } whyNot)
        {
            return (null, Problems.Bad("text", whyNot));
        }

        if (single && Asked.CheckWord(text) is { } sentence)
        {
            return (null, Problems.Bad("text", sentence));
        }

        if (!single && Core.Choosing.SentenceBank.WordsOf(text).Count == 0)
        {
            return (null, Problems.Bad("text", "A sentence needs at least one word in the letters a to z."));
        }

        var judge = LessonBrief.JudgeOf(lesson, room.Before(row.Day, row.Id.ToString()).Taught);
        var refused = item.Kind == ItemKind.Listening
            ? [.. TypedText.Refused(text, judge, true)]
            : TypedText.Refused(text, judge, request.AsTricky);
        if (refused.Count > 0)
        {
            var views = refused.Select(x => new RefusedView(x.Word, x.Verdict.Key, BlockerView.Of(x.Verdict.Blockers, room))).ToList();
            var unsuitable = refused.Any(x => x.Verdict.Kind == VerdictKind.Unsuitable);
            return (null, Problems.Of(
                StatusCodes.Status422UnprocessableEntity, "Not readable yet", "text",
                unsuitable ? "That word is never offered to a class." : "The group can't read that yet. It can go in as a tricky word, for this lesson only.",
                ("refused", views)));
        }

        return (new ReplaceItem(TypedText.Over(item, text, room.Stock, judge)), null);
    }

    // A lesson keeps the rung it was made for, whatever is due by now.
    private static LessonBrief BriefOf(Classroom room, LessonRow row, Lesson lesson, int minutes, ulong seed, IReadOnlyList<KeptItem> kept, Standing? before = null)
    {
        var place = room.Ladder.PlaceOf(lesson.RungId);
        return new LessonBrief(
            room.Stock, before ?? room.Before(row.Day, row.Id.ToString()), room.Conventions, row.Day, place >= 0 ? room.Ladder.Rungs[place] : null, minutes, seed, kept, lesson.Own, room.SharedOn(row.Day));
    }
}
