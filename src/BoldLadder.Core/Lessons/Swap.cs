using BoldLadder.Core.Choosing;
using BoldLadder.Core.Conventions;
using BoldLadder.Core.Lessons.Pieces;

namespace BoldLadder.Core.Lessons;

/// <summary>Finds another item for an item's place, by the same rules as the composer.</summary>
public static class Swap
{
    /// <summary>The edit, or null when nothing else fits.</summary>
    /// <param name="turn">A number that grows with every edit, so that swapping again gives another.</param>
    public static LessonEdit? For(LessonBrief brief, Lesson lesson, string itemId, ulong turn)
    {
        if (lesson.Find(itemId) is not { } item || Another(brief, lesson, itemId, turn) is not { } other)
        {
            return null;
        }

        return FromFurtherOn(brief, lesson, item, other) is { } next ? Exchanged(lesson, item, next, other) : new ReplaceItem(other);
    }

    /// <summary>What stands in the item's place instead, as it would stand there; null when nothing else fits.</summary>
    public static LessonItem? Another(LessonBrief brief, Lesson lesson, string itemId, ulong turn)
    {
        if (lesson.Blocks.FirstOrDefault(x => x.Items.Any(i => i.Id == itemId)) is not { } block)
        {
            return null;
        }

        var item = block.Items.First(x => x.Id == itemId);
        var make = new ItemMaker(brief.Stock, lesson.Items.Select(x => x.Id));
        var dice = new Dice(lesson.Seed ^ (turn * 7919));
        var used = lesson.Items.Select(x => x.Text.ToLowerInvariant()).ToHashSet();
        var other = (item.Kind, block.Activity) switch
        {
            // A link taken out of a chain breaks it, and a pair or a sort holds together as it was made.
            _ when !Piece.Of(block.Activity).CanSwap => null,
            (_, Activity.Listening) => ListeningQuestion.Make(brief, make, dice).Items.FirstOrDefault(x => x.Heading == item.Heading && !used.Contains(x.Text.ToLowerInvariant())),
            (ItemKind.Story, Activity.FinishStory) => StoryToFinish.Of(brief, make, dice, new HashSet<string> { item.Heading }),
            (ItemKind.Word, Activity.MatchPicture) => PictureMatch.Another(brief, make, dice, used, block.Items.Where(x => x.Id != itemId)),
            (ItemKind.Word, Activity.WritePicture) => PictureToWrite.Of(brief, make, dice, used),
            (ItemKind.MadeUp, Activity.WriteName) => NameToWrite.Another(brief, make, dice, used),
            (ItemKind.Story, _) => StoryChoice.Ranked(brief, dice).Where(x => x.Story.Title != item.Heading).Select(make.Story).FirstOrDefault(),
            (ItemKind.MadeUp, _) => MadeUpBlock.Another(brief, make, dice, used),
            (ItemKind.Word, Activity.Spell or Activity.Build) => new SpellingChoice(brief.Stock)
                .Choose(brief.Ask(1, used, (ulong)dice.Next(int.MaxValue)))
                .Select(x => make.Item(ItemKind.Word, x.Word.Spelling, x.Reading.ToString(), x.Reasons, x.Spoken)).FirstOrDefault(),
            (ItemKind.Word, _) => new ReadingChoice(brief.Stock)
                .Choose(brief.Ask(1, used, (ulong)dice.Next(int.MaxValue)))
                .Select(x => make.Word(x.Word.Key, x.Reasons)).FirstOrDefault(),
            (ItemKind.Sentence, _) => ApplyPart.Ranked(brief, dice).Where(x => !used.Contains(x.Sentence.Text.ToLowerInvariant()))
                .Select(x => make.Sentence(x, ApplyPart.Why(brief, x))).FirstOrDefault(),
            (ItemKind.Told, _) => ToldStory.Of(brief, make, new HashSet<string> { item.Heading }),
            (_, Activity.Riddles) => RiddlePiece.Another(brief, make, dice, used),
            (_, Activity.FindPicture or Activity.FirstLetter) => PicturesByEar.Another(brief, make, dice, block, item, used),
            (ItemKind.Listening, _) => OralBlending.Items(brief, make, dice, used.Count + 1, used).FirstOrDefault(x => !used.Contains(x.Text)),
            (ItemKind.Card, Activity.Cards) => dice.Mix(brief.Standing.Things.Select(x => x.Correspondence).OfType<Sounds.Correspondence>())
                .Where(x => !used.Contains(x.Grapheme.Text))
                .Select(x => make.Item(ItemKind.Card, x.Grapheme.Text, x.Key, [Reason.Of(ReasonCode.AskedInPlace)])).FirstOrDefault(),
            (ItemKind.Sound, _) => dice.Mix(brief.Standing.Things.Select(x => x.Correspondence).OfType<Sounds.Correspondence>()
                    .Select(x => brief.Stock.Rules.SoundKey(x.Sound)).Distinct())
                .Where(x => !used.Contains(x))
                .Select(x => make.Item(ItemKind.Sound, x, RevisitPart.Spellings(brief.Stock, brief.Standing, x), [Reason.Of(ReasonCode.AskedInPlace)], RevisitPart.ExampleOf(x)))
                .FirstOrDefault(),
            (ItemKind.Tricky, Activity.TrickyAtSight) => dice.Mix(brief.Standing.TrickyWords).Where(x => !used.Contains(x))
                .Select(x => make.Tricky(x, [Reason.Of(ReasonCode.AskedInPlace)])).FirstOrDefault(),
            _ => null,
        };
        return other is null ? null : other with { Id = item.Id, Release = item.Release };
    }

    // What the adult models and all say together has today's part: a word of it that was to be read alone comes forward, and the other goes to its place.
    private static LessonItem? FromFurtherOn(LessonBrief brief, Lesson lesson, LessonItem item, LessonItem other)
    {
        var block = lesson.Blocks.First(x => x.Items.Contains(item));
        var service = new PointService(lesson, brief.Stock, brief.Judge);
        bool On(LessonItem x) => service.Of(block, x).Code != ReasonCode.ServesOther;
        return block.Activity == Activity.Read && item.Release != Release.Alone && !On(other)
            ? block.Items.FirstOrDefault(x => x.Release == Release.Alone && !x.Locked && On(x))
            : null;
    }

    // Ids and the adult's help stay with the places.
    private static ReplaceLesson Exchanged(Lesson lesson, LessonItem item, LessonItem next, LessonItem other)
    {
        LessonItem Now(LessonItem x) =>
            x.Id == item.Id ? next with { Id = item.Id, Release = item.Release } : x.Id == next.Id ? other with { Id = next.Id, Release = next.Release } : x;
        return new ReplaceLesson(lesson with { Blocks = [.. lesson.Blocks.Select(x => x with { Items = [.. x.Items.Select(Now)] })] }, $"changed {item.Text} to {next.Text}, and {next.Text} to {other.Text}");
    }
}
