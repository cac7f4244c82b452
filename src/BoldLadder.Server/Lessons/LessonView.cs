using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons;
using BoldLadder.Core.Lessons.Pieces;
using BoldLadder.Core.Log;
using BoldLadder.Core.Notes;
using BoldLadder.Core.Reading;
using BoldLadder.Core.Sounds;
using BoldLadder.Server.Groups;
using BoldLadder.Server.Phrasing;
using BoldLadder.Server.Storage;
using BoldLadder.Server.Words;

namespace BoldLadder.Server.Lessons;

/// <param name="Correspondences">For a card, what it stands for.</param>
/// <param name="Pieces">The word with its marks; empty for what is not a word.</param>
/// <param name="Ipa">For a sound, how it is written in phonetic letters.</param>
/// <param name="Spellings">For a sound its spellings taught; for a card the sounds to say.</param>
/// <param name="Tricky">For a sentence or a story, its tricky words that the group does not yet read at sight.</param>
/// <param name="Heading">Under which heading it belongs, or the answer to what is asked; for a story its title.</param>
/// <param name="Tell">For a word to spell, the spelling in it that the adult tells; else empty.</param>
/// <param name="Serves">How it serves the day's point.</param>
/// <param name="Picture">Its picture, where children see one; else null.</param>
/// <param name="Gap">The word or the sentence with its heading left out, where children are to write it; else empty.</param>
public sealed record ItemView(
    string Id, ItemKind Kind, string Text, IReadOnlyList<string> Correspondences, IReadOnlyList<PieceView> Pieces, string? Ipa, IReadOnlyList<string> Spellings,
    IReadOnlyList<string> Tricky, Release Release, bool Locked, bool Forced, string Reason, string Spoken, string Heading, IReadOnlyList<string> Questions,
    string Gap, string Tell, string Serves, bool CanType, bool CanSwap, PictureView? Picture);

/// <param name="Word">What it shows.</param>
/// <param name="Code">Found at <c>/pictures/CODE.svg</c>.</param>
public sealed record PictureView(string Word, string Code);

/// <summary>A piece of a lesson as it is drawn: by its form.</summary>
/// <param name="Name">What it is called, in the school's terms.</param>
/// <param name="How">How it is done, for somebody who never has.</param>
/// <param name="Ask">What children are asked; empty where the activity alone says so.</param>
/// <param name="Unit">What is locked and dropped together.</param>
/// <param name="CanMove">It can stand elsewhere in its part.</param>
public sealed record BlockView(Activity Activity, Form Form, Unit Unit, string Name, string How, string Ask, int Seconds, IReadOnlyList<ItemView> Items, bool CanMove);

public sealed record PartView(LessonPart Part, int Seconds, IReadOnlyList<BlockView> Blocks);

/// <summary>An item that the ground moved under: it cannot be read any more, is not due, or lost the part it was chosen for.</summary>
/// <param name="Words">Of one that cannot be read, the words that stand against it.</param>
public sealed record StaleView(string ItemId, string Text, AmissKind Kind, IReadOnlyList<string> Words);

/// <summary>The other group in a room.</summary>
public sealed record RoomMateView(Guid Id, string Name);

/// <summary>A lesson as Today shows it.</summary>
/// <param name="Id">Null for a lesson that is only looked at, as if the group stood elsewhere.</param>
/// <param name="Point">What today is about, in a sentence or two that a child could be told.</param>
/// <param name="OtherMinutes">The length it can be planned for instead: the short one, or the school's.</param>
/// <param name="Carried">What is due and did not fit today: letters, a sound between strokes, or a word.</param>
/// <param name="Undo">What pressing undo takes back; null when there is nothing.</param>
/// <param name="Stale">Items that are no longer legal, due or on the point since the ladder, the log or a split changed.</param>
/// <param name="DueNow">What the day is for by now, when that is not what the lesson was planned for; else null.</param>
/// <param name="Ready">What to have ready.</param>
/// <param name="Shaky">What was shaky in the last lesson.</param>
/// <param name="Events">What else happens that day.</param>
/// <param name="Terms">What the group's school calls things.</param>
/// <param name="With">The group that is taught in the same room, which goes over the same; null for a group alone.</param>
/// <param name="TooManyTricky">The tricky words not yet read at sight, when they are more than a class can be learning at once.</param>
public sealed record LessonView(
    Guid? Id, int Revision, string School, Guid GroupId, string Group, DateOnly Day, bool IsToday, LessonKind Kind, string Title,
    string? RungId, int? RungNumber, int Minutes, int OtherMinutes, int Seconds, IReadOnlyList<string> Point, IReadOnlyList<PartView> Parts, Teaching Teaching, IReadOnlyList<TeachingView> Teach, IReadOnlyList<TrickyTeachingView> TrickyTeach,
    IReadOnlyList<string> Carried, string? Undo, string? Outcome, DateOnly? Previous, DateOnly? Next,
    IReadOnlyList<StaleView> Stale, string? DueNow, IReadOnlyList<string> Ready, IReadOnlyList<string> Shaky,
    IReadOnlyList<string> TooManyTricky, IReadOnlyList<string> Events, RoomMateView? With, TermsView Terms, Strip Strip)
{
    public static LessonView Of(Classroom room, TeachingNotes notes, DateOnly day, Lesson lesson, TaughtSet before, LessonHead? head)
    {
        var (pieces, questions) = (new PieceWords(room.Conventions), new Questions(notes, room.Stock.Words.Accent));
        var judge = LessonBrief.JudgeOf(lesson, before);
        var tricky = TrickyTeaching.Of(lesson, judge, room.Stock);
        var place = room.Ladder.PlaceOf(lesson.RungId);
        var (clock, phrases, service) = (room.Standing.Clock, new Phrases(room.Conventions.Terms), new PointService(lesson, room.Stock, LessonBrief.JudgeOf(lesson, room.Standing.Taught)));
        return new LessonView(
            head?.Id, head?.Revision ?? 0, room.School.Name, room.Group.Id, room.Group.Name, day, day == room.Today, lesson.Kind, lesson.Title,
            place < 0 ? null : lesson.RungId, place < 0 ? null : place + 1, lesson.Minutes,
            lesson.Minutes == ClassConventions.ShortMinutes ? room.Conventions.LessonMinutes : ClassConventions.ShortMinutes, lesson.Seconds,
            [.. DayPoint.Of(lesson, notes, room.Stock, tricky).Select(new DayPoints(room.Stock.Words.Accent, room.Conventions.Terms).Of)],
            [.. lesson.Blocks.GroupBy(x => x.Part).OrderBy(x => x.Key).Select(x => new PartView(
                x.Key, x.Sum(b => b.Seconds), [.. x.Select(b => new BlockView(
                    b.Activity, Piece.Of(b.Activity).Form, Piece.Of(b.Activity).Unit, pieces.Name(lesson, b), pieces.How(lesson, b), questions.Asked([.. b.Asks, .. TextTasks.Of(lesson, b, room.Stock)]), b.Seconds,
                    [.. b.Items.Select(i => Item(i, b, lesson, judge, room, clock, phrases, service))], PieceOrder.CanMove(b)))]))],
            lesson.Teaching, [.. PartTeaching.Of(lesson, notes, room.Stock, before.Things).Select(x => TeachingView.Of(x))],
            [.. tricky.Select(x => TrickyTeachingView.Of(x, room.Stock.Words.Accent))], CarriedFrom(lesson, room), head?.Outcome is { } said ? $"marked {said}" : head?.Undo, head?.Outcome, head?.Previous, head is null ? null : room.Year.After(day),
            head is not { Outcome: null } ? [] : [.. Amiss(room, day, lesson, head).Select(x => new StaleView(x.Item.Id, x.Item.Text, x.Kind, [.. x.Words.Select(w => w.Word)]))],
            head is { Outcome: null } ? DueOn(room, day, lesson) : null, ReadyFor(lesson), ShakyLast(room, day), clock.TooManyTricky(), [.. room.Year.EventsOn(day).Select(x => x.Name)], room.Mate is null || room.Standing.AsIf is not null ? null : new RoomMateView(room.Mate.Group.Id, room.Mate.Group.Name), TermsView.Of(room.Conventions.Terms), Strip.Of(room.Standing));
    }

    private static IReadOnlyList<AmissItem> Amiss(Classroom room, DateOnly day, Lesson lesson, LessonHead head)
    {
        var (before, due) = room.CheckedBy(day, head.Id.ToString());
        return LessonCheck.Amiss(lesson, room.Stock, before, due ? day : null);
    }

    /// <summary>What a day to come is for, when that is not what its lesson was planned for; else null.</summary>
    internal static string? DueOn(Classroom room, DateOnly day, Lesson lesson) =>
        room.Standing.AsIf is null && (lesson.Kind != LessonKind.Listening || lesson.RungId.Length > 0) && room.Forecast.On(day) is { } due && !room.Log.HasDay(day) && (due.Rung?.Id ?? "") != lesson.RungId
            ? due.Rung?.Label ?? "review" : null;

    private static ItemView Item(LessonItem item, LessonBlock block, Lesson lesson, Judge judge, Classroom room, RevisitClock clock, Phrases phrases, PointService service)
    {
        var found = item.Kind is ItemKind.Word or ItemKind.Tricky ? room.Stock.Words.Find(item.Text) : null;
        var madeUp = item.Kind == ItemKind.MadeUp && Core.Words.Segmentation.TryParse(item.Text.ToLowerInvariant(), item.Split, out var made, out _) ? made : null;
        var pieces = madeUp is not null ? PieceView.Of(madeUp, null, judge, lesson.Marked, room.Conventions.Marks) : found is { Readings: [var reading, ..] } ? PieceView.Of(reading, found.Word.Ended, judge, lesson.Marked, room.Conventions.Marks) : [];
        return new ItemView(
            item.Id, item.Kind, item.Text, item.Kind == ItemKind.Card ? item.Split.Split(' ', StringSplitOptions.RemoveEmptyEntries) : [], pieces,
            item.Kind == ItemKind.Sound && Sound.TryParse(item.Text, out var sound, out _) ? PieceView.IpaOf(sound, room.Rules.Rows.Words.Accent) : null,
            item.Kind switch
            {
                ItemKind.Sound => item.Split.Split(' ', StringSplitOptions.RemoveEmptyEntries),
                ItemKind.Card => [.. item.Split.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(x => IpaOf(x, room))],
                ItemKind.Listening => [.. item.Split.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(x => Sound.TryParse(x, out var said, out _) ? PieceView.IpaOf(said, room.Rules.Rows.Words.Accent) : x)],
                _ => [],
            },
            item.Kind is ItemKind.Sentence or ItemKind.Story
                ? [.. SentenceBank.WordsOf(item.Text).Where(x => judge.Of(x).Kind != VerdictKind.Readable && !clock.IsAtSight(x)).Distinct()]
                : [],
            item.Release, item.Locked, item.Forced, phrases.Sentence(item.Reasons), item.Spoken, block.Activity == Activity.MendSentence ? SentenceToMend.Missing(item) : HeadingOf(item), item.Questions,
            Piece.Of(block.Activity).Form != Form.Gaps ? "" : GapWord.Of(block, item, found is { Readings: [var gapped, ..] } ? gapped : null),
            item.Reasons.FirstOrDefault(x => x.Code == ReasonCode.ToldSpelling) is { Arguments: [var told, ..] } ? told : "",
            phrases.Sentence([service.Of(block, item)]), TypedText.WhyNot(lesson, item) is null, Piece.Of(block.Activity).CanSwap, PictureOf(item, block, lesson, room.Stock));
    }

    // What an ending says is told in words: places has another beat.
    private static string HeadingOf(LessonItem item) => item.Kind == ItemKind.Listening && item.Reasons.Any(x => x.Code == ReasonCode.EndingSounds) ? Questions.EndingSound(item.Heading) : item.Heading;

    private static PictureView? PictureOf(LessonItem item, LessonBlock block, Lesson lesson, WordStock stock) => (Piece.Of(block.Activity).Form switch
    {
        Form.Pictures or Form.PicturesAlone => stock.Pictures.Find(item.Text),
        Form.Meet => KeywordPicture.Of(lesson, item, stock),
        _ => null,
    }) is { } picture ? new PictureView(picture.Word, picture.Code) : null;

    private static string IpaOf(string correspondence, Classroom room) =>
        PieceView.IpaOf(Correspondence.Parse(correspondence).Sound, room.Rules.Rows.Words.Accent);

    private static IReadOnlyList<string> ReadyFor(Lesson lesson)
    {
        var ready = new List<string>();
        var cards = lesson.Blocks.Where(x => x.Activity == Activity.Cards).Sum(x => x.Items.Count);
        if (cards > 0)
        {
            ready.Add($"{cards} cards");
        }

        var letters = LetterTiles.For(lesson);
        if (letters.Count > 0)
        {
            ready.Add($"letter tiles {string.Join(' ', letters)}");
        }

        if (lesson.Blocks.Any(x => x.Activity == Activity.TellStory))
        {
            ready.Add("paper and crayons");
        }

        ready.Add("whiteboards and pens");
        return ready;
    }

    private static IReadOnlyList<string> ShakyLast(Classroom room, DateOnly day) =>
        [.. (room.Log.Counted.LastOrDefault(x => x.Day < day)?.Shaky ?? []).Select(x => NameOf(x, room)).Distinct()];

    private static IReadOnlyList<string> CarriedFrom(Lesson lesson, Classroom room) =>
        [.. lesson.Carried.Select(x => RevisitItem.TryParse(x, out var item) ? NameOf(item, room) : x).Distinct()];

    // As a class knows it: letters, a sound between strokes, a word.
    private static string NameOf(RevisitItem x, Classroom room) => x.Track switch
    {
        RevisitTrack.Card => Correspondence.Parse(x.Key).Grapheme.Text.Replace('_', '–'),
        RevisitTrack.Recall when Sound.TryParse(x.Key, out var sound, out _) => $"/{PieceView.IpaOf(sound, room.Rules.Rows.Words.Accent)}/",
        _ => x.Key,
    };
}
